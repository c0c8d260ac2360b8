package honeststack.core.said;

import honeststack.core.line.Place;

/** Where phrases say that food goes. */
final class PlaceCues {
  private static final Sought VESSEL = Sought.of("pan|iron|griddle|skillet|tawa|plate");

  private static final Sought DONE =
      Sought.of(
          "\\b(?:when|once|as soon as) (?:they're |they are |it's |each is )?(?:done|cooked|baked|ready)\\b"
              + "|\\bafter (?:cooking|baking|frying)\\b|\\bwhile (?:they're |they are |it's )?(?:still )?(?:hot|warm)\\b"
              + "|\\bstraight (?:out of|from) the (?:pan|iron)\\b");

  private PlaceCues() {}

  /** "brush with butter when done": no pan is greased with it. */
  static Place of(Clause clause, Element cue) {
    boolean done = of(cue) == Place.PAN && !VESSEL.isIn(cue.low());
    return done && DONE.isIn(clause.words(0, clause.size())) ? Place.PLATE : of(cue);
  }

  /** Null for a phrase that says none. */
  static Place of(Element cue) {
    if (cue.is(Sort.PLATE_NEXT, Sort.PLATE)) {
      return Place.PLATE;
    }
    if (cue.is(Sort.PAN_NEXT, Sort.PAN)) {
      return Place.PAN;
    }
    return cue.is(Sort.BOWL) ? Place.NOT_SAID : null;
  }
}
