package honeststack.core.said.yield;

import honeststack.core.line.NumberText;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.Optional;
import java.util.regex.Matcher;

/** How often the pan is filled: "in six batches", "3 at a time, so four rounds", "two panfuls". */
public final class Rounds {
  private static final String NUMBER =
      "(?<number>\\d{1,3}|two|three|four|five|six|seven|eight|nine|ten|twelve)";

  /** What one filling of the pan is called, of several. */
  static final String FILLINGS =
      "(?:batches|rounds|panfuls|pans|goes|loads|ironfuls|irons|fryings|fillings|turns)";

  private static final Sought SAID =
      Sought.of(
          "(?:^| )"
              + NUMBER
              + " "
              + FILLINGS
              + "(?! to (?:get|learn|find|work out|manage|master))(?: |$)");

  private static final Sought TIMES =
      Sought.of(
          "\\b(?:(?:fry|fried|fill|filled|load|loaded|grease|greased) (?:(?:it|them|the) )?(?:(?:pan|iron|griddle) )?"
              + "|at a time ,? ?(?:so )?)"
              + NUMBER
              + " times(?! (?:a|per|each|every) (?:day|week))(?: |$)");

  private static final Remembered HINT =
      Remembered.part("(?:^| )(?:" + FILLINGS + "(?: of)?|times)$");

  private static final Remembered WORD = Remembered.part("(?:^| )" + FILLINGS + "(?: of)?$");

  /** Of more bowls, or of what comes out of one. */
  private static final Sought MADE =
      Sought.of(
          "\\b(?:made|make|makes|making|gives?|yields?|gets?|got|freeze|froze"
              + "|about|around|roughly)(?: \\w+)? $");

  /** Of the one bowl too: "a teaspoon of oil per batch, and there were three batches". */
  private static final Sought PER_BATCH =
      Sought.of(
          "\\b(?:(?:per|each|every) batch|(?:(?:tea|table)?spoon|tsp|tbsp|g|grams|ml|knob|spray)(?: of \\w+)? a batch)\\b");

  private Rounds() {}

  public static void in(Clause clause) {
    if (!clause.says(HINT)) {
      return;
    }
    String words = clause.words(0, clause.size());
    Matcher said = (TIMES.isIn(words) ? TIMES : SAID).matcher(words);
    if (said.find() && !MADE.isIn(words.substring(0, said.start("number")))) {
      double rounds = NumberText.read(said.group("number"));
      clause.counts.rounds = Optional.of(new Told.Count(rounds, rounds));
      ofEach(clause);
    }
  }

  /** "three batches of four": so many at a time. */
  private static void ofEach(Clause clause) {
    for (int i = 2; i < clause.size(); i++) {
      boolean batches = clause.isWord(i - 1, "of") && clause.says(i - 2, WORD);
      if (batches && clause.isStrong(i) && clause.get(i).isCount() && !clause.isFood(i + 1)) {
        clause.get(i).part = Part.METHOD;
      }
    }
  }

  /** A number that says how often, and counts no pieces. */
  public static boolean isRound(Clause clause, int number) {
    return clause.counts.rounds.isPresent()
        && clause.isWord(
            number + 1, "rounds", "goes", "pans", "panfuls", "irons", "loads", "turns");
  }

  /** Whether something is told of each batch of the one bowl. */
  static boolean isPerBatch(Clause clause) {
    return isPerBatch(clause.words(0, clause.size()));
  }

  static boolean isPerBatch(String words) {
    return PER_BATCH.isIn(words);
  }

  /** "A teaspoon of oil per batch. There were three batches.": rounds of the one bowl. */
  public static void ofOneBowl(Clause last, Clause clause) {
    boolean rounds =
        clause.batch.isPresent()
            && !clause.hasFood()
            && clause.counts.rounds.isPresent()
            && isPerBatch(last);
    if (rounds) {
      clause.batch = Optional.empty();
    }
  }
}
