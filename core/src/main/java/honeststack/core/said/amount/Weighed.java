package honeststack.core.said.amount;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.stream.IntStream;

/** What a jar lost: "the honey jar was 412 g before and 380 g after", "412 to 380 g, so 32 g". */
public final class Weighed {
  private static final Sought CONTAINER =
      Sought.of("\\b(?:jar|bottle|tub|tin|bag|pack|packet|carton|box|scales?|weighed)\\b");

  private static final Sought LOST =
      Sought.of("\\b(?:from \\d.* to \\d|before\\b.*\\bafter|\\d+(?: ?g)? to \\d+)\\b");

  private Weighed() {}

  public static void in(Clause clause) {
    if (!clause.hasFood() || !clause.hasAmount()) {
      return;
    }
    List<Integer> amounts =
        IntStream.range(0, clause.size()).filter(clause::isStrong).boxed().toList();
    String words = clause.words(0, clause.size());
    if (amounts.size() < 2 || !CONTAINER.isIn(words) || !LOST.isIn(words)) {
      return;
    }
    boolean vessel = !clause.get(amounts.get(0)).low().matches("\\d.*"); // "jar of honey went …"
    List<Integer> said = vessel ? amounts.subList(1, amounts.size()) : amounts;
    for (int i = 0; i + 1 < said.size(); i++) {
      if (isMass(clause, said.get(i)) && isMass(clause, said.get(i + 1))) {
        lost(clause, amounts, said.get(i), said.get(i + 1));
        return;
      }
    }
  }

  private static boolean isMass(Clause clause, int i) {
    Element amount = clause.get(i);
    return amount.isCount() || amount.measure().unit().kind() == Unit.Kind.MASS;
  }

  private static void lost(Clause clause, List<Integer> amounts, int full, int rest) {
    Element before = clause.get(full);
    Element after = clause.get(rest);
    double used = before.measure().amount() - after.measure().amount();
    if (used <= 0) {
      return;
    }
    Element counts =
        amounts.stream()
            .map(clause::get)
            .filter(e -> e != before && e != after && e.measure().amount() == used)
            .findFirst()
            .orElse(before);
    amounts.stream()
        .map(clause::get)
        .filter(element -> element != counts)
        .forEach(element -> element.part = Part.METHOD);
    Unit unit = before.isCount() ? after.measure().unit() : before.measure().unit();
    counts.instead = Numbers.plain(used) + " " + (unit == Unit.COUNT ? Unit.GRAM : unit).symbol();
    counts.corrects = true;
  }
}
