package honeststack.core.said.yield;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.Optional;

/**
 * How many come out of a batter by what it weighs and what each of them does: "batter came to 960
 * g, I ladle 80 g each, so twelve".
 */
public final class ByWeight {
  /** Of one piece, by which the last may differ. */
  private static final double UNEVEN = 0.25;

  private static final String BATTER = "(?:batter|mix|mixture|dough)";

  private static final String PIECE =
      "(?:each|apiece|a piece|for each|at a time|(?:per|a|for each|for every|for one) (?:pancake|waffle|piece|portion|crepe|crêpe|one|ladle|scoop|go))";

  private static final String OUT =
      "(?: [,;–-])? (?:so|that's|that is|that makes|makes|which makes|which is|and that's|and that makes|gives|for|=)"
          + "(?: about| around| roughly)? (?<number>#)";

  /** Of the batter the whole, then each; or the number only. */
  private static final Sought BOTH =
      Sought.of(
          ("(?:\\b"
                  + BATTER
                  + "\\b[^#@.;]{0,40}?(?<all>#)|(?<whole>#) (?:of )?(?:the )?(?:"
                  + BATTER
                  + "|in all|in total)\\b)")
              + ("[^#@.;]{0,40}?(?<one>#)(?: (?<each>"
                  + PIECE
                  + "|portions|ladles?|scoops?|in each))?[^#@]{0,20}?")
              + ("(?:" + OUT + ")?(?: [.!])? $"));

  private static final Sought PORTIONED =
      Sought.of(
          ".*\\b(?:ladles?|ladled|portion|portions|scoop|scoops|scooped|weigh out|at|in|into|of"
              + "|(?:each|every|per|one|a)(?: (?:pancake|waffle|piece|one|portion|crepe))?(?: (?:gets?|got|takes?|took|needs?|needed|is|weighs?|weighed|was|has))?)"
              + "(?: about| around| out)? $");

  private static final Remembered HINT = Remembered.whole("(?:.* )?" + BATTER + "(?: .*)?");

  private ByWeight() {}

  public static void in(Clause clause) {
    if (clause.hasFood() || clause.counts.pieces.isPresent() || !clause.says(HINT)) {
      return;
    }
    Shape.of(clause, 2).flatMap(shape -> shape.find(BOTH)).ifPresent(found -> take(clause, found));
  }

  private static void take(Clause clause, Shape.Found found) {
    int whole = found.at(found.has("all") ? "all" : "whole");
    int one = found.at("one");
    boolean told =
        found.has("each")
            || PORTIONED.isAll(found.shape().text().substring(0, found.said().start("one")));
    if (!told || !isAlike(clause.get(whole), clause.get(one))) {
      return;
    }
    double many = clause.get(whole).quantity() / clause.get(one).quantity();
    int number = found.has("number") ? found.at("number") : -1;
    if (number >= 0 && !clause.get(number).isCount()) {
      return;
    }
    clause.counts.pieces =
        Optional.of(number < 0 ? about(many) : BareCounts.range(clause.get(number)));
    clause.counts.sure = true;
    clause.get(whole).part = Part.METHOD;
    clause.get(one).part = Part.METHOD;
    if (number >= 0) {
      clause.get(number).part = Part.YIELD;
    }
  }

  private static boolean isAlike(Element whole, Element one) {
    boolean weights = BatterWeights.isWeight(whole) && BatterWeights.isWeight(one);
    return weights
        && (whole.measure().unit().kind() == Unit.Kind.MASS)
            == (one.measure().unit().kind() == Unit.Kind.MASS)
        && one.quantity() > 0
        && whole.quantity() > one.quantity();
  }

  /** Whole pieces: the last of them may be a little smaller or larger. */
  private static Told.Count about(double many) {
    double whole = Math.rint(many);
    boolean even = Math.abs(many - whole) < UNEVEN;
    return even ? new Told.Count(whole, whole) : new Told.Count(Math.floor(many), Math.ceil(many));
  }
}
