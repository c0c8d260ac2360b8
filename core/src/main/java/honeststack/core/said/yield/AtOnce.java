package honeststack.core.said.yield;

import honeststack.core.line.NumberText;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.Optional;
import java.util.regex.Matcher;

/** How many fit in the pan: "4 at a time, 5 times", "five rounds of four", "4 per round". */
public final class AtOnce {
  private static final Sought BEHIND =
      Sought.of(
          "(?:(?:pancakes?|waffles?|pieces|of them|quarters|hearts|squares|triangles) )?"
              + "(?:at (?:a|one|the same) time|at once|(?:each|every|a) (?:time|go)"
              + "|(?:per|to (?:a|the|each)|in (?:a|each|every)|each|every)"
              + " (?:round|batch|pan|go|ironful|load|filling))\\b");

  private static final Sought BEFORE =
      Sought.of(
          "(?:.* )?(?:one|a|each|every) (?:round|pan|go|ironful|load|filling)"
              + " (?:is|makes|gives|holds|does|of|=)");

  private static final Sought ROUNDS_OF = Sought.of("(?:.* )?" + Rounds.FILLINGS + " of");

  private static final Sought ROUNDS = Sought.of(".*\\b" + Rounds.FILLINGS + "\\b.*");

  private static final Sought IN_EACH = Sought.of("(?:in|for|to) each|each|apiece");

  private static final Sought TIMES =
      Sought.of(
          "(?:^| )(?:(?<number>\\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|twelve) times(?= |$)"
              + "|(?<twice>twice(?= |$)))");

  /** Of what goes into the pan: "5 g butter each time, eight times in all". */
  private static final Sought EACH_TIME = Sought.of("\\b(?:each|every) (?:time|go|round)\\b");

  private static final Remembered HINT =
      Remembered.part(
          "\\b(?:at a time|at once|time|batch|batches|rounds?|pan|pans|goe?s?|panfuls|irons|loads?|fillings?|ironful)\\b");

  private static final int WORDS = 4;

  private final Clause clause;

  private AtOnce(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    if (!clause.says(HINT)) {
      return;
    }
    bySteps(clause);
    AtOnce once = new AtOnce(clause);
    for (int i = 0; i < clause.size() && clause.counts.atOnce.isEmpty(); i++) {
      if (clause.isAmount(i) && clause.get(i).isCount() && !clause.isFood(i + 1)) {
        once.at(i);
      }
    }
    if (clause.counts.atOnce.isPresent() || EACH_TIME.isIn(clause.words(0, clause.size()))) {
      once.times();
    }
  }

  /** "milk, a tablespoon at a time": how it is added, and not how much. */
  private static void bySteps(Clause clause) {
    for (int i = 1; i + 1 < clause.size(); i++) {
      int food = clause.isMark(i - 1, ",") ? i - 2 : i - 1;
      boolean step =
          clause.isAmount(i) && !clause.get(i).isCount() && clause.low(i + 1).equals("at a time");
      if (step && clause.isFood(food)) {
        clause.take(i, i + 2, Part.METHOD);
      }
    }
  }

  private void at(int i) {
    boolean food = clause.isFood(i - 1) && !clause.isFood(i - 2);
    boolean behind = !food && BEHIND.begins(clause.words(i + 1, i + WORDS));
    boolean of = ROUNDS_OF.isAll(clause.words(i - 2, i));
    of |= BEFORE.isAll(clause.words(i - WORDS, i));
    boolean each = IN_EACH.isAll(clause.words(i + 1, i + 3)) && ROUNDS.isAll(clause.words(0, i));
    if (behind || of || each) {
      clause.counts.atOnce = Optional.of(BareCounts.range(clause.get(i)));
      clause.get(i).part = Part.METHOD;
    }
  }

  /** "… 5 times": no more of the batter. */
  private void times() {
    Matcher times = TIMES.matcher(clause.words(0, clause.size()));
    if (times.find()) {
      boolean twice = times.group("twice") != null;
      double rounds = twice ? 2 : NumberText.read(times.group("number"));
      clause.counts.rounds = Optional.of(new Told.Count(rounds, rounds));
      for (int i = 0; !twice && i < clause.size(); i++) {
        if (clause.low(i).equals(times.group("number")) && clause.low(i + 1).startsWith("times")
            || clause.low(i).equals(times.group("number") + " times")) {
          clause.get(i).part = Part.METHOD;
        }
      }
    }
  }
}
