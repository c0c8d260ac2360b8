package honeststack.core.said.name;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import java.util.Optional;

/** What stays of a tin's contents, where it is said: "1 tin sweetcorn (340 g, 285 g drained)". */
public final class Drained {
  private Drained() {}

  /** An amount in mass right before or behind "drained". */
  public static boolean is(Clause clause, int amount) {
    return clause.isAmount(amount)
        && isMass(clause.get(amount))
        && (clause.isWord(amount + 1, "drained") || isBefore(clause, amount));
  }

  /** "drained 240 g", "drained weight: 240 g"; not "400 g tin, drained, 2 eggs". */
  private static boolean isBefore(Clause clause, int amount) {
    int said = clause.isMark(amount - 1, ":") ? amount - 2 : amount - 1;
    String low = clause.low(said);
    return low.equals("drained") || low.equals("drained weight");
  }

  /** The amount of a bracket that is so; a bare number stands in the unit of the one before it. */
  public static Optional<String> of(Clause inner) {
    Element before = null;
    for (int i = 0; i < inner.size(); i++) {
      Element element = inner.get(i);
      if (!inner.isAmount(i)) {
        continue;
      }
      boolean bare = element.isCount() && before != null && isMass(before);
      if (bare && (inner.isWord(i + 1, "drained") || isBefore(inner, i))) {
        return Optional.of(element.textLike(before));
      }
      if (is(inner, i)) {
        return Optional.of(element.text());
      }
      before = element;
    }
    return Optional.empty();
  }

  /** Only behind the brackets it says that what is in them is drained. */
  public static boolean isBehind(Clause outer, Clause.Aside aside) {
    return outer.elements.stream()
        .anyMatch(e -> e.low().startsWith("drained") && e.start() >= aside.after());
  }

  /** It is said; nothing more of it is poured off. */
  public static void take(Clause clause, int amount) {
    for (int i = amount - 2; i <= amount + 1; i++) {
      if (clause.has(i) && clause.low(i).startsWith("drained")) {
        clause.get(i).part = Part.NOTE;
      }
    }
  }

  private static boolean isMass(Element amount) {
    return amount.measure().unit().kind() == Unit.Kind.MASS;
  }
}
