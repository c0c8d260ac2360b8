package honeststack.core.said.yield;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * What the batter weighs, or one portion of it, in a sentence that names no food: "batter weighs
 * 640 g", "420 g of batter", "60 g portions", "in portions of 60 ml". It measures no food.
 */
public final class BatterWeights {
  private static final int FAR = 5;

  private static final String BATTER =
      "(?:(?:whole|total|finished|raw|wet|mixed) )*(?:batter|mix|mixture|dough)";

  /** Right before it. */
  private static final Sought BEFORE =
      Sought.of(
          (".*\\b"
                  + BATTER
                  + "(?: in (?:total|all))? ?(?:weight|wt|weighs|weighed|comes to|came to")
              + "|comes out at|is|was|total|totals|totalled|yield|made)?(?: (?:is|was|of))?(?: about| around"
              + "| roughly| exactly)? ?[:=-]? ?(?:about|around|roughly)?"
              + "|.*\\b(?:total|batter) (?:weight|wt) ?[:=-]?"
              + "|.*\\b(?:portions?|scoops?|ladles?|ladlefuls?|blobs?|balls?|measures?)"
              + " (?:of|at|are|is|weigh|weighs) ?(?:about|around|roughly)?"
              + "|.*\\b(?:(?:divides?|divided|portioned|splits?|cuts?|shaped?) into|yields?|makes|scaled|pieces|pcs)(?: ?:)?(?: \\w+)?(?: pieces| pcs)? ?(?:at|@|of) ?");

  /** Right behind it. */
  private static final Sought BEHIND =
      Sought.of(
          ("(?:of )?(?:the )?" + BATTER + "\\b(?! (?:and|to) \\d).*")
              + "|(?:portions?|servings|scoops?|ladles?|blobs|balls|measure)\\b.*");

  private static final Sought SCOOPS =
      Sought.of(
          "(?:scoops|dollops|ladlefuls|blobs|puddles|portions)(?: of (?:batter|it|mix))? (?:on|onto|into|in) ");

  private static final Sought PIECES = Sought.of("\\b(?:pieces|pcs)\\b");

  private static final Sought OF_EACH =
      Sought.of(
          "(?:each|apiece|a piece)\\b.*|(?:per|a|for each|for every|for one) (?:pancake|waffle|piece|portion"
              + "|crepe|crêpe|one|round|go)\\b.*");

  /** Behind a list. */
  private static final Sought ALL =
      Sought.of(
          "(?:the|my|a) (?:bag|packet|pack|carton|box|bottle|tub|tin|label|jar|scales?)(?:'s)? (?:says|said|is|was|holds|has|weighs|shows|reads) #[ .!]*"
              + "|(?:that's|it's|that is) # (?:out )?of (?:(?:a|the|my) )?#(?: (?:bag|packet|box|carton|bottle))?[ .!]*"
              + "|(?:(?:so|and|that's|that is|it's|,) )*(?:all in|all together|together|altogether|in total|in all|all told|sum|the sum|grand total|total"
              + "|(?:the )?(?:whole )?lot|it all|everything|all of it|all of that|all that)"
              + "(?:,? (?:that )?(?:weighs|weighed|adds up to|comes to|is|was|makes|made|came to|gives|gave))?(?: (?:about|around|roughly|nearly|just|exactly|over|under|a good))*(?: ?[:=])? ?"
              + "#(?: (?:in all|in total|all in|on the scales?|all told))?[ .!]*");

  private BatterWeights() {}

  /** "That's 610 g all together." of what was listed; whether the sentence says nothing else. */
  public static boolean ofAll(List<Clause> read, Clause clause) {
    boolean alone = !clause.hasFood() && clause.hasAmount() && clause.mentions.isEmpty();
    if (!alone || !Clause.measure(read, 2)) {
      return false;
    }
    boolean all = isAll(clause.elements);
    if (all) {
      clause.passOver();
    }
    return all;
  }

  /** "together 610 g" */
  public static boolean isAll(List<Element> elements) {
    StringBuilder words = new StringBuilder();
    for (Element element : elements) {
      boolean weight = element.isAmount() && !element.isWeak() && isWeight(element);
      words.append(words.isEmpty() ? "" : " ").append(weight ? "#" : element.low());
    }
    return ALL.isAll(words.toString());
  }

  public static void in(Clause clause) {
    scoops(clause);
    if (clause.hasFood()
        || !clause.hasAmount()
        || clause.elements.stream().anyMatch(BatterWeights::isOther)) {
      return;
    }
    boolean pieces =
        clause.elements.stream()
            .anyMatch(e -> e.is(Sort.PIECES, Sort.BATTER) || e.isAmount() && PIECES.isIn(e.low()));
    for (int i = 0; i < clause.size(); i++) {
      if (isMeasure(clause, i)) {
        String behind = clause.words(i + 1, i + 1 + FAR);
        boolean batter =
            BEFORE.isAll(clause.words(i - FAR, i))
                || BEHIND.isAll(behind)
                || pieces && OF_EACH.isAll(behind);
        if (batter) {
          clause.get(i).part = Part.METHOD;
        }
      }
    }
  }

  /** "Quarter-cup scoops on a griddle sprayed with oil", whatever else is named there. */
  private static void scoops(Clause clause) {
    for (int i = 0; clause.hasFood() && i < clause.size(); i++) {
      if (isMeasure(clause, i) && SCOOPS.begins(clause.words(i + 1, i + FAR))) {
        clause.get(i).part = Part.METHOD;
      }
    }
  }

  /** "30 g batter, 20 g pan" shares a food out. */
  private static boolean isOther(Element element) {
    boolean placed = element.is(Sort.PAN, Sort.PLATE, Sort.PAN_NEXT, Sort.PLATE_NEXT);
    return placed && !element.low().matches("(?:per|a|each|for each) .*");
  }

  private static boolean isMeasure(Clause clause, int i) {
    if (!clause.isStrong(i)) {
      return false;
    }
    return isWeight(clause.get(i));
  }

  static boolean isWeight(Element amount) {
    Unit.Kind kind = amount.measure().unit().kind();
    return kind == Unit.Kind.MASS || kind.isVolume();
  }
}
