package honeststack.core.said.place;

import honeststack.core.line.NumberText;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * What some of the pieces get: "four with 10 g honey each, four plain", "half of them get 10 g jam
 * each". It counts for so many.
 */
public final class SomeOfThem {
  private static final String NUMBER = "(?:\\d{1,2}|one|two|three|four|five|six|eight|ten)";

  private static final Sought SAID =
      Sought.of(
          "(?:(?:and|then|so|i do|i make|i did|we do|i top|i had) )*(?<some>"
              + NUMBER
              + "|half)(?: of (?:them|those|these|the \\w+))? (?:(?:get|gets|got|have|had|come|came|are|were|go) )?(?:topped )?with .*\\b(?:each|apiece|on each)\\b.*");

  private static final Sought BARE =
      Sought.of(
          "(?:(?:and|then|so) )*(?<some>"
              + NUMBER
              + "|half) of (?:them|those|these) (?:get|gets|got|have|had) .*\\b(?:each|apiece)\\b.*");

  /** "I put 5 g of jam on four of them." */
  private static final Sought ON =
      Sought.of(
          ".* (?:on|onto|over|in|into|inside) (?<some>"
              + NUMBER
              + "|half) of (?:them|those|these|the \\w+)\\b.*");

  private static final double HALF = 0.5;

  private SomeOfThem() {}

  public static void find(List<Clause> read) {
    Optional<Told.Count> all =
        read.stream().map(clause -> clause.counts.pieces).flatMap(Optional::stream).findFirst();
    for (Clause clause : read) {
      boolean topped =
          clause.mentions.stream().filter(Mention::isMeasured).count() == 1
              && measured(clause).per != Per.EATER
              && clause.elements.stream().noneMatch(e -> e.part == Part.CHOICE); // "the others …"
      if (!topped || all.isEmpty()) {
        continue;
      }
      Matcher said = SAID.matcher(clause.words(0, clause.size()));
      Matcher bare = BARE.matcher(clause.words(0, clause.size()));
      Matcher on = ON.matcher(clause.words(0, clause.size()));
      Matcher found = said.matches() ? said : bare.matches() ? bare : on.matches() ? on : null;
      if (found != null) {
        give(clause, number(found.group("some"), all.get()));
      }
    }
  }

  /** The one that is. */
  private static Mention measured(Clause clause) {
    return clause.mentions.stream().filter(Mention::isMeasured).findFirst().orElseThrow();
  }

  private static double number(String some, Told.Count all) {
    return some.equals("half") ? HALF * (all.low() + all.high()) / 2 : NumberText.read(some);
  }

  private static void give(Clause clause, double pieces) {
    Mention mention = measured(clause);
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
