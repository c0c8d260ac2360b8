package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * Pieces and eaters that are told by each other: "12 pancakes between 4", "12 split four ways", "4
 * people x 3 pancakes", "a dozen, three each"; in a sentence that names no food.
 */
public final class Divided {
  private static final String CAKES =
      "(?:(?:pancakes?|waffles?|crepes?|crêpes?|pikelets?|blini|cakes?|pieces|hotcakes?|drop scones) )";

  private static final String EATERS =
      "(?:(?:of us|of you|of them|people|persons|kids|children|guests|friends|adults) )";

  private static final String MADE =
      "(?:^|[,:;.] |\\b(?:makes?|made|get|got|gives?|gave|yields?|it's|is|are|have|had|with) )";

  private static final String END = "(?:[.,;!)] ?|$)";

  /**
   * @param groups which of "pieces", "eaters" and "each" its numbers are
   */
  private record Form(Sought said, List<String> groups) {
    static Form of(String said, String... groups) {
      return new Form(Sought.of(said), List.of(groups));
    }
  }

  private static final List<Form> FORMS =
      List.of(
          Form.of(
              MADE
                  + "(?<pieces># )"
                  + CAKES
                  + "?(?:(?:is|are|were|was|to be) )?(?:(?:shared|split|divided|cut) )?(?:out )?"
                  + "(?:between|among|amongst|by|÷) (?:the )?(?<eaters># )"
                  + EATERS
                  + "?"
                  + END,
              "pieces",
              "eaters"),
          Form.of(
              MADE
                  + "(?:about |around |roughly )?(?<pieces># )"
                  + CAKES
                  + "for (?:the )?(?<eaters># )"
                  + EATERS
                  + END,
              "pieces",
              "eaters"),
          Form.of(
              MADE
                  + "(?<pieces># )"
                  + CAKES
                  + "?(?:(?:is|are|were|was) )?(?:(?:shared|split|divided|cut) )?(?<eaters># )ways "
                  + END,
              "pieces",
              "eaters"),
          Form.of(
              MADE + "(?<eaters># )" + EATERS + "[x×*] (?<each># )" + CAKES + "?(?:each )?" + END,
              "eaters",
              "each"),
          Form.of(
              MADE + "(?<each># )" + CAKES + "?(?:each )?[x×*] (?<eaters># )" + EATERS + END,
              "eaters",
              "each"),
          Form.of(
              MADE
                  + "(?<each># )"
                  + CAKES
                  + "?(?:each|apiece) (?:for|between|and there (?:are|were)) (?:the |all )?(?<eaters># )"
                  + EATERS
                  + END,
              "eaters",
              "each"),
          Form.of(
              "^(?<pieces># )(?:in (?:all|total) |altogether |all told )?[,–—-] "
                  + "(?:(?:that's|so|which is|or) )?(?<each># )"
                  + "(?:each|apiece|a piece|per person|a head) "
                  + END,
              "pieces",
              "each"),
          Form.of(
              "\\b(?:does|feeds?|serves?|fed|for|fills?) (?:our|my|the|a|his|her|all) (?:\\S+ ){0,3}?"
                  + "(?:troop|class|team|group|gang|crew|choir|club|pack|den|family|party|office|ward|table|lot)"
                  + " [,–—(-] ?(?<eaters># )(?:of (?:them|us|you) )?(?:in all )?"
                  + END,
              "eaters"),
          Form.of(
              "^(?:one batch|1 batch|a batch|pcs|pieces|qty) [=:→] (?<pieces># )"
                  + CAKES
                  + "?"
                  + END,
              "pieces"));

  private Divided() {}

  public static void in(Clause clause) {
    Optional<Shape> shape = clause.hasFood() ? Optional.empty() : Shape.of(clause, 1);
    for (Form form : shape.isPresent() ? FORMS : List.<Form>of()) {
      Optional<Shape.Found> found = shape.get().find(form.said());
      if (found.isPresent() && put(clause, form, found.get())) {
        return;
      }
    }
  }

  private static boolean put(Clause clause, Form form, Shape.Found found) {
    Optional<Told.Count> pieces = number(clause, form, found, "pieces");
    Optional<Told.Count> eaters = number(clause, form, found, "eaters");
    Optional<Told.Count> each = number(clause, form, found, "each");
    boolean shared = pieces.isPresent() && each.isPresent();
    if (shared && pieces.get().low() % each.get().low() != 0) {
      return false;
    }
    Optional<Told.Count> made =
        pieces.or(() -> each.map(one -> times(one, eaters.orElseThrow().low())));
    Optional<Told.Count> served =
        shared ? Optional.of(times(pieces.get(), 1 / each.get().low())) : eaters;
    clause.counts.pieces = made.isPresent() ? made : clause.counts.pieces;
    clause.counts.serves = served.isPresent() ? served : clause.counts.serves;
    found.take(made.isPresent() ? Part.YIELD : Part.SERVES);
    return true;
  }

  private static Told.Count times(Told.Count count, double times) {
    return new Told.Count(count.low() * times, count.high() * times);
  }

  private static Optional<Told.Count> number(
      Clause clause, Form form, Shape.Found found, String group) {
    return form.groups().contains(group)
        ? Optional.of(BareCounts.range(clause.get(found.at(group))))
        : Optional.empty();
  }
}
