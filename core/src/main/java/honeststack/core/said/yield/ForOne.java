package honeststack.core.said.yield;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * A batter that is told for one eater, and for how many it was made: "One portion is 50 g flour, 1
 * egg. I made four portions.", "50 g flour, 1 egg each. Four people."
 */
public final class ForOne {
  private static final String ONE =
      "(?:person|portion|serving|eater|guest|helping|head|plate|diner|child|adult)";

  /** Before the list. */
  private static final Sought LEAD =
      Sought.of(
          "(?:(?:and|so|well|then|it's|i take|i use|we use|we take|,) )*(?:for )?(?:one|1|a|each|every|per|a single) "
              + ONE
              + "(?:(?: (?:is|takes|needs|gets|has|being|i take|we take|it's))+| ?[:,–-]| (?=\\d)).*"
              + "|(?:and |so )?for each (?:of (?:the )?(?:\\w+ )?(?:of )?us|guest|person|one)\\b.*");

  /** Behind it. */
  private static final Sought TAIL =
      Sought.of(
          ".*(?:[,;–-] (?:and )?that's (?:all )?(?:per|for (?:one|each)) "
              + ONE
              + "\\b.*|\\b(?:is|makes|for|that's|does) (?:just |only )?(?:one|1|a single) "
              + ONE
              + "|\\bfor each of us(?: \\w+)?)[ .!,;–-]*");

  /** Right behind the last of its foods. */
  private static final Sought EACH =
      Sought.of("(?:, )?(?:(?:per|an?|for (?:one|each|every|a)) " + ONE + "|each)[ .!,;–-]*");

  /**
   * No more flour is one eater's, g; of more it is said of the last food alone (common practice).
   */
  private static final double MOST_FLOUR = 80;

  private static final String IS = "(?:that's|that is|that was|it's|this is|all|those are)";

  /** One of what is eaten: of that it is no portion. */
  private static final String PIECE =
      "(?! (?:\\w+ )?(?:pancakes?|waffles?|cr[eê]pes?|pieces?|cakes?|ones?|pan|tin|tray)\\b)";

  /** In a sentence of its own. */
  private static final Sought THAT =
      Sought.of(
          "(?:and |but |so )?(?:(?:"
              + IS
              + " )+(?:just |only |all )*(?:one|1|me)"
              + PIECE
              + "|(?:(?:"
              + IS
              + "|that makes|makes) )+(?:just |only |all )*(?:for (?:one|1|me)"
              + PIECE
              + "|(?:per|for (?:one|each|every)|one|a) "
              + ONE
              + "|each))\\b.*");

  private static final Sought MADE =
      Sought.of(
          "(?:and |but |so |today )*(?:i|we) (?:make|made|did|do|cook|cooked|need|needed) \\w+(?: today| of (?:them|those))?[ .!]*");

  private static final int FEWEST = 2;

  private ForOne() {}

  public static void find(List<Clause> read) {
    for (int i = 0; i < read.size(); i++) {
      Clause clause = read.get(i);
      String words = clause.words(0, clause.size());
      boolean that = i > 0 && clause.mentions.isEmpty() && THAT.isAll(words);
      Clause list = that ? read.get(i - 1) : clause;
      if (isBatter(list) && (that || LEAD.isAll(words) || TAIL.isAll(words) || isEach(clause))) {
        give(read, list, clause);
      }
    }
  }

  private static boolean isBatter(Clause clause) {
    List<Mention> bowl = clause.mentions.stream().filter(ForOne::isBowl).toList();
    return bowl.size() >= FEWEST
        && bowl.stream().anyMatch(m -> m.role() == Role.FLOUR)
        && bowl.stream().allMatch(m -> m.per == null || m.per == Per.EATER || m.per == Per.EITHER);
  }

  private static boolean isEach(Clause clause) {
    Mention last = clause.mentions.get(clause.mentions.size() - 1);
    return EACH.isAll(clause.words(last.to, clause.size()))
        && clause.mentions.stream()
            .filter(m -> m.role() == Role.FLOUR)
            .allMatch(m -> Scaled.measure(m.amountText).filter(ForOne::isLittle).isPresent());
  }

  private static boolean isLittle(Measure flour) {
    boolean weighed = flour.unit().kind() == Unit.Kind.MASS;
    boolean spoons = flour.unit().kind() == Unit.Kind.SPOON;
    return spoons || weighed && Scaled.fine(flour) <= MOST_FLOUR;
  }

  private static boolean isBowl(Mention mention) {
    return mention.isMeasured() && mention.place == Place.NOT_SAID;
  }

  /** Has all of it be for each of those who eat, where somebody says how many. */
  private static void give(List<Clause> read, Clause list, Clause one) {
    Optional<Told.Count> eaters = Optional.empty();
    for (Clause clause : read) {
      Optional<Told.Count> said = clause.counts.serves.filter(n -> n.low() > 1);
      if (said.isEmpty()
          && clause != list
          && clause.counts.pieces.isPresent()
          && clause.mentions.isEmpty()
          && MADE.isAll(clause.words(0, clause.size()))) {
        said = clause.counts.pieces;
        clause.counts.pieces = Optional.empty();
      }
      eaters = said.isPresent() ? said : eaters;
    }
    if (eaters.isEmpty()) {
      return;
    }
    for (Clause clause : List.of(list, one)) {
      boolean single = clause.counts.serves.filter(n -> n.high() <= 1).isPresent();
      clause.counts.serves = single ? Optional.empty() : clause.counts.serves;
    }
    Told.Count all = eaters.get();
    list.counts.serves = list.counts.serves.or(() -> Optional.of(all));
    list.mentions.stream().filter(ForOne::isBowl).forEach(m -> m.per = Per.EATER);
  }
}
