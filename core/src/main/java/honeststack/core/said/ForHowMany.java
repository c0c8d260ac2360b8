package honeststack.core.said;

import honeststack.core.line.Place;

/** How often an amount counts that is said for each piece, eater, group or round. */
final class ForHowMany {
  private ForHowMany() {}

  /** How often a told amount counts: for pieces or eaters that the text does not count once. */
  static double times(Mention mention, Counted all) {
    boolean filled = // "4 batches, 10 g butter in the pan for each"
        mention.per == Per.EITHER
            && mention.place == Place.PAN
            && all.rounds.isPresent()
            && (all.pieces.isEmpty() || all.atOnce.isPresent());
    Per either = filled ? Per.ROUND : either(all);
    Per said = mention.per == Per.EITHER ? either : mention.per;
    if (said == Per.PIECE) {
      return all.pieces.map(n -> middle(n) / mention.perPieces).orElse(1.0);
    }
    if (said == Per.GROUP) {
      return all.groups.map(ForHowMany::middle).orElse(1.0);
    }
    if (said == Per.ROUND) {
      return all.rounds.map(ForHowMany::middle).orElse(1.0);
    }
    if (said == null) {
      return mention.times;
    }
    boolean plate = mention.place == Place.PLATE;
    return plate ? 1 : all.serves.map(ForHowMany::middle).orElse(1.0);
  }

  private static Per either(Counted all) {
    boolean alone = all.serves.isEmpty() || all.serves.get().high() <= 1; // "on each" of my three
    return all.pieces.isPresent() && alone ? Per.PIECE : Per.EATER;
  }

  /** One bowl of it for all: not an amount for each eater, where the text has more than one. */
  static boolean isForAll(Mention mention, Counted all) {
    Per said = mention.per == Per.EITHER ? either(all) : mention.per;
    boolean more =
        all.serves.isPresent()
            ? all.serves.get().high() > 1
            : all.pieces.isPresent() && all.pieces.get().high() > 1;
    return mention.place == Place.PLATE && said != Per.EATER && more;
  }

  private static double middle(Told.Count count) {
    return (count.low() + count.high()) / 2;
  }
}
