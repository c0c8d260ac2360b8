package honeststack.core.said;

import honeststack.core.line.Token;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.pairing.Sums;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import java.util.List;
import java.util.stream.IntStream;

/** What a measured food weighs, in brackets behind it. */
final class BracketWeights {
  private static final Remembered LITTLE =
      Remembered.whole(
          "little|bit|touch|tad|film|lick|spot|whisper|amount|hint|coat|layer|suspicion|quantity");

  private BracketWeights() {}

  /** "a little butter (about 10 g)", "a handful of raisins (I use 30 g)". */
  static boolean isIn(Clause outer, Mention before, Clause inner) {
    boolean one =
        inner.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).count() == 1
            && inner.elements.stream().noneMatch(e -> e.isFood() || e.is(Sort.OR, Sort.PER));
    boolean mass =
        inner.elements.stream()
            .filter(e -> e.isAmount() && !e.isWeak())
            .allMatch(e -> e.measure().unit().kind() == Unit.Kind.MASS);
    if (!one || !mass || before.amount == null || before.food == null) {
      return false;
    }
    boolean little =
        IntStream.range(Math.max(0, before.from), before.to).anyMatch(i -> outer.says(i, LITTLE));
    return before.amount.isWeak() && little
        || before.amount.measure().unit().kind() == Unit.Kind.VAGUE;
  }

  /** "(I grind it, 92 g)": the weight, where there is one and it is not of each. */
  static String told(Mention before, Clause inner) {
    List<Element> weights =
        inner.elements.stream()
            .filter(e -> e.isAmount() && (isMass(e) || isOwnVessel(before, e)))
            .toList();
    boolean words = inner.elements.stream().anyMatch(e -> e.kind == Element.Kind.WORD);
    boolean each = inner.elements.stream().anyMatch(e -> e.is(Sort.EACH, Sort.PER));
    boolean together =
        before.amount != null
            && before.amount.isCount()
            && IntStream.range(0, inner.size()).anyMatch(i -> Sums.isTotal(inner, i));
    return weights.size() == 1 && words && !each
        ? weights.get(0).text() + (together ? " in all" : "")
        : Token.joined(inner.sentence.tokens());
  }

  private static boolean isMass(Element amount) {
    return amount.measure().unit().kind() == Unit.Kind.MASS;
  }

  /** "a mug of milk (mine's a big one, 350 ml)". */
  private static boolean isOwnVessel(Mention before, Element amount) {
    return amount.measure().unit().kind() == Unit.Kind.MARKED
        && before.amount != null
        && before.amount.measure().unit().kind() == Unit.Kind.VAGUE
        && before.amount.measure().amount() == 1;
  }
}
