package honeststack.core.said.place;

import honeststack.core.line.NumberText;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * What some of the pieces get: "four with 10 g honey each, four plain", "half of them get 10 g jam
 * each", "I fill two with 50 g ham each", "10 g salmon on a third of them". It counts for so many.
 */
public final class SomeOfThem {
  private static final String SOME =
      "(?<some>(?:\\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)(?! (?:third|quarter)s?\\b)"
          + "|(?:a )?half|(?:a|one) (?:third|quarter)|two thirds|three quarters)";

  private static final String OF =
      "of (?:them|those|these|(?:the|my|our) (?:\\w+ )?(?:pancakes|waffles|crepes|crêpes|cakes|pieces|ones|pikelets|stack|lot|batch))";

  private static final String LEAD =
      "(?:(?:and|then|so|i|we|do|make|made|did|had|top|ate|,|for|but|today) )*";

  private static final String EACH = "\\b(?:each|apiece|a piece|on each)\\b.*";

  private static final Sought SAID_EACH = Sought.of(EACH);

  private static final String GET =
      "(?:get|gets|got|have|had|has|came|come|are|were|go|went|take|took|wear)";

  private static final String DRESS =
      "(?:fill|filled|spread|top|topped|stuff|stuffed|cover|covered|dress|dressed|serve|served|roll|rolled|smear|brush|coat|load|finish|garnish|sprinkle|sprinkled|ate|eat|have|had)";

  private static final List<Sought> SAID =
      List.of(
          Sought.of(LEAD + SOME + "(?: " + OF + ")? (?:" + GET + " )?(?:\\w+ed )?with .*" + EACH),
          Sought.of(
              LEAD + SOME + " (?:" + OF + " )?(?:" + GET + "|(?:i|we) " + DRESS + ") .*" + EACH),
          Sought.of(
              "(?:"
                  + LEAD
                  + ")"
                  + DRESS
                  + " (?:up )?"
                  + SOME
                  + "(?: "
                  + OF
                  + "| pancakes| waffles)? with .*"
                  + EACH),
          Sought.of(
              "(?:.* )?(?:on|onto|over|in|into|inside) "
                  + "(?:each|all|every one|any) of (?:the |my )?(?:first |last |other )?"
                  + SOME
                  + "(?: "
                  + OF
                  + "| pancakes| waffles)?(?: (?:[,.;!]|and\\b).*)?"),
          Sought.of(
              "(?:.* )?(?:on|onto|over|in|into|inside) (?:the |my )?(?:first |last |other )?"
                  + SOME
                  + " "
                  + OF
                  + "(?: .*)?"));

  private SomeOfThem() {}

  public static void find(List<Clause> read) {
    double all =
        read.stream()
            .flatMap(clause -> clause.counts.pieces.stream())
            .findFirst()
            .map(n -> (n.low() + n.high()) / 2)
            .orElse(0.0);
    for (Clause clause : read) {
      boolean choice = clause.elements.stream().anyMatch(e -> e.part == Part.CHOICE);
      int from = 0;
      for (int i = 0; !choice && i < clause.size(); i++) {
        boolean each = clause.isWord(i, "each", "apiece") && !clause.isWord(i + 1, "of");
        if (each || i + 1 == clause.size()) {
          within(clause, from, i + 1, all);
          from = i + 1;
        }
      }
    }
  }

  /** "… two with 20 g jam each": as far as one each goes. */
  private static void within(Clause clause, int from, int to, double all) {
    List<Mention> topped =
        clause.mentions.stream()
            .filter(m -> m.isMeasured() && m.from >= from && m.from < to)
            .toList();
    boolean served =
        !topped.isEmpty()
            && topped.size() <= 2
            && topped.stream().noneMatch(m -> m.per == Per.EATER || Row.isBatter(m));
    if (!served) {
      return;
    }
    String words = clause.words(from, to);
    for (Sought form : SAID) {
      Matcher said = form.matcher(words);
      if (said.matches()) {
        String some = said.group("some");
        double share = PartlyOther.share(some, 1);
        double pieces = share > 0 ? share * all : NumberText.read(some);
        if (all == 0 && share > 0) {
          topped.forEach(mention -> share(mention, share));
        } else if (all == 0 ? SAID_EACH.isIn(words) : pieces < all) {
          topped.forEach(mention -> give(clause, mention, pieces));
        }
        return;
      }
    }
  }

  /** Of pieces that nobody has counted up to here. */
  private static void share(Mention mention, double share) {
    mention.per = Per.PIECE;
    mention.perPieces = 1 / share;
    mention.place = mention.place == Place.NOT_SAID ? Place.PLATE : mention.place;
  }

  private static void give(Clause clause, Mention mention, double pieces) {
    mention.times *= pieces;
    mention.per = null;
    mention.place = mention.place == Place.NOT_SAID ? Place.PLATE : mention.place;
    clause.counts.pieces = Optional.empty();
    clause.counts.serves = Optional.empty();
    clause.elements.stream()
        .filter(e -> e.isAmount() && e.isCount() && e != mention.amount)
        .filter(e -> e.isFree() || e.part == Part.UNKNOWN || e.part == Part.YIELD)
        .forEach(e -> e.part = Part.NOTE);
  }
}
