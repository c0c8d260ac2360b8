package honeststack.core.said.instead;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.StandIn;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.WordSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A food that was not to be had, beside the one that was measured for it: "the shop was sold out of
 * buttermilk, so 240 ml milk", "45 ml oil for lack of butter", "it says honey, I had 2 tbsp syrup".
 */
public final class Missing {
  /** Of what is not there. */
  private static final Set<String> GONE =
      WordSet.of(
          """
          gone finished drank drunk sold lack lacking lacked absence failing forgot unavailable exist
          exists dear pricey expensive fortune bothered unobtainable scarce missing spilled
          spilt mouldy moldy rancid
          """);

  private static final Sought WANT =
      Sought.of("\\b(?:for want of|short of|out of|had enough of)\\b");

  /** Of what should have been; only beside a food that may stand in for it. */
  private static final Set<String> SHOULD =
      WordSet.of(
          """
          should supposed meant says said say calls called wants asks normally usually original
          planned thought would've i'd off date turned curdled sour keeps
          """);

  private static final Set<String> BREAKS =
      WordSet.of("so but because since as then instead seeing");

  /** Words of what is said of it. */
  private static final int LONGEST = 9;

  private final Clause clause;
  private final Set<Element> measured;

  private Missing(Clause clause, Set<Element> measured) {
    this.clause = clause;
    this.measured = measured;
  }

  public static void in(Clause clause) {
    Set<Element> measured = new HashSet<>();
    for (int i = 1; i < clause.size(); i++) {
      if (clause.isFood(i) && isMeasured(clause, i)) {
        measured.add(clause.get(i));
      }
    }
    if (!measured.isEmpty()) {
      new Missing(clause, measured).find();
    }
  }

  private static boolean isMeasured(Clause clause, int food) {
    int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    return clause.isStrong(amount);
  }

  private void find() {
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isFood(i) && !measured.contains(clause.get(i)) && !clause.isStrong(i + 1)) {
        int from = from(i);
        int to = to(i);
        if (to - from <= LONGEST && isMissing(i, from, to)) {
          clause.take(from, to, Part.NOTE, e -> !e.isFood());
          clause.exclude(i, i + 1);
        }
      }
    }
  }

  private boolean isMissing(int food, int from, int to) {
    Element missed = clause.get(food);
    List<Element> said = clause.elements.subList(from, to);
    boolean placed =
        said.stream().anyMatch(e -> e.is(Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT));
    boolean one = said.stream().filter(Element::isFood).count() == 1;
    if (placed || !one || measured.stream().anyMatch(e -> e.isSameFood(missed))) {
      return false;
    }
    boolean gone =
        said.stream().flatMap(Missing::words).anyMatch(GONE::contains)
            || WANT.isIn(clause.words(from, to));
    boolean should = said.stream().flatMap(Missing::words).anyMatch(SHOULD::contains);
    boolean apart = from == 0 || !clause.isWord(to, "and");
    return gone
        || should && apart && measured.stream().anyMatch(other -> StandIn.isTold(missed, other));
  }

  private static Stream<String> words(Element element) {
    return element.isFood() ? Stream.empty() : element.words();
  }

  private int from(int food) {
    int from = food;
    while (from > 0 && food - from <= LONGEST && !isBreak(from - 1)) {
      from--;
    }
    return from;
  }

  private int to(int food) {
    int to = food + 1;
    while (to < clause.size() && to - food <= LONGEST && !isBreak(to)) {
      to++;
    }
    return to;
  }

  private boolean isBreak(int i) {
    Element element = clause.get(i);
    return element.kind == Element.Kind.MARK && !element.isMark("'", "&", "/")
        || element.isAmount() && !element.isWeak()
        || measured.contains(element)
        || words(element).anyMatch(BREAKS::contains);
  }
}
