package honeststack.core.said.instead;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * Of two foods that do the same the one that was taken, said behind them: "50 g butter, or in my
 * case 40 g oil", "50 g butter or 40 g oil, oil today", "50 g butter, these days 40 g oil".
 */
public final class TookOther {
  private static final String FIRST = "(?<a># )(?:of )?(?<x>@ )";

  private static final String NOW =
      "(?:in (?:my|our) case|for (?:me|us)|nowadays|these days|changed to|lately)";

  private static final Sought NOW_OTHER =
      Sought.of(
          FIRST
              + "(?:[,;/–-] )?(?:but |or |and )?"
              + NOW
              + "(?: ,)? (?:it's |i use |i take |we use )?(?<b># )(?:of )?(?<y>@ )");

  private static final String TOOK =
      "(?:(?:i|we) )?(?:(?:used|took|take|use|went with|go with|chose|had|always use) )?(?:the )?";

  private static final Sought CHOSEN =
      Sought.of(
          FIRST
              + "(?:, )?(?:or|/) (?:(?<b># )(?:of )?)?(?<y>@ )[,(–-] ?"
              + TOOK
              + "(?:(?<c># )(?:of )?)?(?<z>@ )(?:today|this time|here|in my case)?");

  private static final Sought INSTEAD =
      Sought.of(
          FIRST
              + "(?:[,;–-] )?(?:(?:but|only|though|except|with|i used|i took|i had) )*(?:(?<b># )(?:of )?(?<y>@ )(?:instead of|in place of|rather than|for) (?:the )?(?<z>@ )"
              + "|(?:i had |i've |there was |we had )?no (?<u>@ )so (?:i (?:used|took) )?(?<d># )(?:of )?(?<v>@ )"
              + "|(?<w>@ )(?:instead of|in place of|for) (?:the )?(?<t>@ )[,:–-] (?<e># ))");

  private TookOther() {}

  public static void in(Clause clause) {
    Optional<Shape> shape = clause.hasFood() ? Shape.of(clause, 1) : Optional.empty();
    if (shape.isPresent()) {
      shape.get().each(NOW_OTHER).forEach(found -> other(clause, found));
      shape.get().each(CHOSEN).forEach(found -> chosen(clause, found));
      shape.get().each(INSTEAD).forEach(found -> instead(clause, found));
    }
  }

  /** Both do the same in a batter. */
  private static boolean isAlike(Element one, Element other) {
    return one.food.isPresent()
        && other.food.isPresent()
        && !one.isSameFood(other)
        && one.food.get().food().role() == other.food.get().food().role();
  }

  private static void leaveOut(Clause clause, Shape.Found found, int to) {
    for (int i = found.at("a"); i < to; i++) {
      clause.get(i).part = Part.EXCLUDED;
    }
  }

  private static void other(Clause clause, Shape.Found found) {
    if (isAlike(clause.get(found.at("x")), clause.get(found.at("y")))) {
      leaveOut(clause, found, found.at("b"));
    }
  }

  private static void chosen(Clause clause, Shape.Found found) {
    Element second = clause.get(found.at("y"));
    boolean same = clause.get(found.at("z")).isSameFood(second);
    if (!same || !isAlike(clause.get(found.at("x")), second)) {
      return;
    }
    boolean again = found.has("c");
    leaveOut(clause, found, again ? found.at("c") : found.has("b") ? found.at("b") : found.at("y"));
    if (!again) {
      for (int i = found.at("y") + 1; i < found.end(); i++) {
        clause.get(i).part = Part.NOTE;
      }
    }
  }

  private static void instead(Clause clause, Shape.Found found) {
    List<String> groups =
        found.has("z") ? List.of("z", "y") : found.has("u") ? List.of("u", "v") : List.of("t", "w");
    Element first = clause.get(found.at("x"));
    Element none = clause.get(found.at(groups.get(0)));
    Element taken = clause.get(found.at(groups.get(1)));
    if (none.isSameFood(first) && isAlike(first, taken)) {
      first.part = Part.EXCLUDED;
      clause.get(found.at("a")).part = Part.EXCLUDED;
      none.part = Part.EXCLUDED;
    }
  }
}
