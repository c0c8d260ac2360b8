package honeststack.core.said.each;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sought;
import java.util.Optional;

/** How often an amount counts that is said for each piece, eater, group or round. */
public final class ForHowMany {
  /** No more pieces fit a pan (common practice). */
  private static final double AT_ONCE = 4;

  /** "each time, so about 3": that is how often. */
  private static final Sought HENCE =
      Sought.of("\\bso (?:about |around |roughly )?\\w+ ?(?:[.,;]|$)");

  private ForHowMany() {}

  /** How often a told amount counts: for pieces or eaters that the text does not count once. */
  public static double times(Mention mention, Counted all) {
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
      return all.rounds.map(ForHowMany::middle).orElse(mention.times);
    }
    if (said == null) {
      return mention.times;
    }
    boolean plate = mention.place == Place.PLATE;
    return plate ? 1 : all.serves.map(ForHowMany::middle).orElse(1.0);
  }

  /**
   * "5 g butter in the pan each time", of pieces that nobody says how many go in at once: between
   * how often and how often it counts; empty where that is known.
   */
  public static Optional<Told.Count> between(Clause clause, Mention mention, Counted all) {
    boolean batch = // "per batch: 2 kg flour, …"
        clause.mentions.stream().anyMatch(m -> m.place != Place.PAN && m.per == Per.ROUND);
    boolean unknown =
        mention.per == Per.ROUND
            && mention.place == Place.PAN
            && mention.isMeasured()
            && !batch
            && !HENCE.isIn(clause.words(mention.from, clause.size()))
            && !clause.words(mention.from, clause.size()).contains("a batch") // or of all of it
            && all.rounds.isEmpty()
            && all.atOnce.isEmpty();
    return unknown
        ? all.pieces
            .filter(n -> n.low() > 1)
            .map(n -> new Told.Count(Math.ceil(n.low() / AT_ONCE), n.high()))
        : Optional.empty();
  }

  private static Per either(Counted all) {
    boolean alone = all.serves.isEmpty() || all.serves.get().high() <= 1; // "on each" of my three
    return all.pieces.isPresent() && alone ? Per.PIECE : Per.EATER;
  }

  /** One bowl of it for all: not an amount for each eater, where the text has more than one. */
  public static boolean isForAll(Mention mention, Counted all) {
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
