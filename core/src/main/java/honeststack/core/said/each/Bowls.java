package honeststack.core.said.each;

import honeststack.core.food.Role;
import honeststack.core.line.NumberText;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BatterForEach;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * A list that is told for one of several bowls: "200 g flour and 2 eggs per bowl, three bowls",
 * "Three bowls, each with …", "… makes one bowl. I do two bowls."
 */
public final class Bowls {
  private static final String BOWL =
      "(?:bowl|base|mix|jug|tub|bucket|mixing bowl|mixer bowl|lot|batch)";

  private static final String NUMBER = "(?<number>\\d{1,2}|two|three|four|five|six|eight|ten)";

  /** What is told is for one of them. */
  private static final Sought ONE =
      Sought.of(
          "(?:.* )?(?:(?:per|in each|for each|for one|for a single|each|every|makes one|is one|makes a|is a) "
              + BOWL
              + "\\b|(?:one|each|a) "
              + BOWL
              + " (?:is|takes|has|gets|holds)\\b|in each of (?:the )?\\w+ "
              + BOWL
              + "s\\b|, each (?:with|has|holds|gets)\\b).*");

  /** "… a bowl, and three bowls of it": right behind the list. */
  private static final Sought A_BOWL = Sought.of("(?:a|per) " + BOWL + "(?: [,;.–-].*)?");

  private static final Sought MANY =
      Sought.of("\\b" + NUMBER + " (?:of these |such |full )?" + BOWL + "e?s\\b");

  private Bowls() {}

  public static void find(List<Clause> read) {
    if (read.stream().anyMatch(clause -> clause.batch.isPresent())) {
      return;
    }
    Optional<Double> bowls =
        read.stream()
            .map(clause -> clause.words(0, clause.size()))
            .filter(MANY::isIn)
            .map(MANY::matcher)
            .filter(Matcher::find)
            .map(many -> NumberText.read(many.group("number")))
            .findFirst();
    for (Clause clause : read) {
      if (bowls.isPresent() && !clause.mentions.isEmpty() && isOfOne(clause)) {
        clause.mentions.forEach(mention -> times(mention, bowls.get()));
        clause.counts.clear();
      }
    }
    if (bowls.isPresent()) {
      read.stream()
          .filter(clause -> MANY.isIn(clause.words(0, clause.size())))
          .forEach(Bowls::passOver);
    }
  }

  private static void times(Mention mention, double bowls) {
    mention.times *= bowls;
    mention.per = mention.per == Per.PIECE ? mention.per : null;
  }

  private static boolean isOfOne(Clause clause) {
    Mention last = clause.mentions.get(clause.mentions.size() - 1);
    boolean pinch = last.role() == Role.SALT || last.role() == Role.FLAVOUR;
    boolean behind = A_BOWL.isAll(clause.words(last.to, clause.size()));
    boolean list = clause.mentions.stream().anyMatch(m -> m.role() == Role.FLOUR);
    String words = clause.words(0, clause.size());
    boolean fat = BatterForEach.isSpooned(clause, last);
    return list && !fat && !(pinch && behind) && (behind || ONE.isAll(words));
  }

  /** How many bowls there are is no number of anything else. */
  private static void passOver(Clause clause) {
    for (int i = 0; i + 1 < clause.size(); i++) {
      Element number = clause.get(i);
      boolean many = number.isAmount() && number.isCount() && MANY.isIn(clause.words(i, i + 4));
      if (many && (number.isFree() || number.part == Part.UNKNOWN)) {
        number.part = Part.METHOD;
      }
    }
  }
}
