package honeststack.core.said;

import honeststack.core.measure.Unit;

/**
 * What the batter weighs, or one portion of it, in a sentence that names no food: "batter weighs
 * 640 g", "420 g of batter", "60 g portions", "in portions of 60 ml". It measures no food.
 */
final class BatterWeights {
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

  private static final Sought PIECES = Sought.of("\\b(?:pieces|pcs)\\b");

  private static final Sought OF_EACH =
      Sought.of(
          "(?:each|apiece|a piece)\\b.*|(?:per|a|for each|for every|for one) (?:pancake|waffle|piece|portion"
              + "|crepe|crêpe|one|round|go)\\b.*");

  private BatterWeights() {}

  static void in(Clause clause) {
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

  /** "30 g batter, 20 g pan" shares a food out. */
  private static boolean isOther(Element element) {
    boolean placed = element.is(Sort.PAN, Sort.PLATE, Sort.PAN_NEXT, Sort.PLATE_NEXT);
    return placed && !element.low().matches("(?:per|a|each|for each) .*");
  }

  private static boolean isMeasure(Clause clause, int i) {
    if (!clause.isStrong(i)) {
      return false;
    }
    Unit.Kind kind = clause.get(i).measure().unit().kind();
    return kind == Unit.Kind.MASS || kind.isVolume();
  }
}
