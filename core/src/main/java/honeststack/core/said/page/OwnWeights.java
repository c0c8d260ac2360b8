package honeststack.core.said.page;

import honeststack.core.line.UnitWords;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How much of a food a cook's own scoop or cup holds, where the text says so in grams and measures
 * by it elsewhere: "my flour scoop is 120 g. 2 scoops flour", "1 cup flour is 130 g here: 2 cups
 * …".
 */
public final class OwnWeights {
  /** Nobody tells more of them; each is looked for in the whole text. */
  private static final int MOST = 20;

  private static final Sought STATED =
      Sought.of(
          "(?:\\b(?:a|the|my|our|your|one|each|1) |(?<=[.,;:(] |^)\\b)(?:([a-z]+) )?"
              + "(glass|mug|cup|teacup|scoop|katori|ladle|spoon|tablespoon|tbsp|handful|slice)"
              + "(?: full)?(?: of)?(?: mine)?(?: my| the| our| this)?(?: ([a-z]+(?: [a-z]+)?))?,?"
              + " (?:is|weighs|holds|equals|=|means|takes) (?:about |roughly |around )?"
              + "(\\d+(?:[.,]\\d+)?) ?g(?:rams?)?\\b(?: here| for me| in my (?:kitchen|house)| of flour| flour)?"
              + "(?= ?[.,;:)\\n!]|$)(?!,? so )",
          Pattern.CASE_INSENSITIVE);

  /** Of all that may be stated what is least often said. */
  private static final Sought HINT =
      Sought.of(
          "(?:is|weighs|holds|equals|=|means|takes) (?:about |roughly |around )?\\d",
          Pattern.CASE_INSENSITIVE);

  /** At the end of what stands before it. */
  private static final Pattern NAME =
      Pattern.compile(
          "(?:^|[.;:\\n]|\\d (?:(?:cups?|scoops?|mugs?|spoons?|tbsp|handfuls?|slices?) (?:of )?)?) ?"
              + "(?!(?:in|at|for|by|with|on|here|note|so|and|also|today)\\b)"
              + "([a-z-]{3,20}(?: [a-z-]{3,20})?), ?$",
          Pattern.CASE_INSENSITIVE);

  /**
   * @param food what it is of; empty for anything
   */
  private record Weight(Unit unit, String food, double grams) {}

  private final List<Weight> weights = new ArrayList<>();

  /** Stretches of the text that say so. */
  public final List<Mark> marks = new ArrayList<>();

  public final String text;

  /**
   * @param said in which the stretches are left blank
   */
  public OwnWeights(String said) {
    StringBuilder blank = new StringBuilder(said);
    if (HINT.isIn(said)) {
      List<MatchResult> all = STATED.all(said);
      for (MatchResult stated : all.subList(0, Math.min(all.size(), MOST))) {
        String name = stated.group(2).toLowerCase(Locale.ROOT);
        String rest = said.substring(0, stated.start()) + said.substring(stated.end());
        String food = lower(stated.group(3));
        String line = food.isEmpty() ? before(said, stated) : "";
        String kind = lower(stated.group(1));
        boolean elsewhere = isMeasured(rest, name, food);
        if (elsewhere && UnitWords.of(name).isPresent()) {
          boolean ofKind = !kind.isEmpty() && food.isEmpty() && isMeasured(rest, name, kind);
          String of = ofKind ? kind : food + line;
          double grams = Double.parseDouble(stated.group(4).replace(',', '.'));
          weights.add(new Weight(UnitWords.of(name).get(), of, grams));
          marks.add(new Mark(stated.start(), stated.end(), Part.NOTE, Mark.NO_LINE));
          for (int i = stated.start(); i < stated.end(); i++) {
            blank.setCharAt(i, ' ');
          }
        }
      }
    }
    this.text = blank.toString();
  }

  /** "Sifted flour, 1 cup = 115 g": what stands before it; empty where there is nothing. */
  private static String before(String said, MatchResult stated) {
    Matcher name = NAME.matcher(said.substring(0, stated.start()));
    return name.find() ? lower(name.group(1)) : "";
  }

  private static String lower(String word) {
    return word == null ? "" : word.toLowerCase(Locale.ROOT);
  }

  /** Something is measured by it elsewhere, and that food if it names one. */
  private static boolean isMeasured(String rest, String name, String food) {
    String of = food.isEmpty() ? "" : "(?:ful)?e?s?(?: of)?(?: [a-z-]+)? " + Pattern.quote(food);
    return Pattern.compile("\\b" + name + of, Pattern.CASE_INSENSITIVE).matcher(rest).find();
  }

  /** Writes the amounts in what has its own weight in grams. */
  public void restate(Clause clause) {
    for (Mention mention : clause.mentions) {
      Measure measure = mention.amount == null ? null : mention.amount.measure();
      boolean one = measure != null && mention.amount.amount.orElseThrow().terms().size() == 1;
      for (Weight weight : one && mention.isMeasured() ? weights : List.<Weight>of()) {
        String food = mention.foodText.toLowerCase(Locale.ROOT);
        if (measure.unit() == weight.unit() && food.contains(weight.food())) {
          mention.amountText = Scaled.in("g", measure, weight.grams());
          mention.restated = true;
        }
      }
    }
  }
}
