package honeststack.core.said;

import honeststack.core.line.UnitWords;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Numbers;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How much a cook's own glass, mug or bowl holds, where the text says so: "my mug is 300 ml". */
final class Vessels {
  private static final String NAMES =
      "(glass|mug|cup|teacup|tumbler|beaker|katori|wineglass|ladle|scoop|tazza|taza)";

  private static final String SIZE = "(\\d+(?:[.,]\\d+)?) ?(ml|cl|dl)\\b";

  private static final Pattern MEASURED = Pattern.compile(SIZE, Pattern.CASE_INSENSITIVE);

  /** How many letters before a size may name what holds it. */
  private static final int BEFORE = 50;

  private static final Pattern STATED =
      Pattern.compile(
          "(?:\\b(?:a|the|my|our|your|one|each|1) )?\\b"
              + NAMES
              + ",? (?:that |which )?(?:is|holds|takes|measures|equals|=|means) (?:about |roughly |around )?"
              + SIZE
              + "|\\((?:a |the |my |one |1 )?"
              + NAMES
              + "(?: of| is| =|:|,)? ?"
              + SIZE
              + "\\)",
          Pattern.CASE_INSENSITIVE);

  private final Map<Unit, Double> sizes = new EnumMap<>(Unit.class);

  /** Stretches of the text that say so. */
  final List<Mark> marks = new ArrayList<>();

  final String text;

  /**
   * @param said in which the stretches are left blank
   */
  Vessels(String said) {
    Matcher size = MEASURED.matcher(said);
    Matcher matcher = STATED.matcher(said);
    StringBuilder rest = new StringBuilder(said);
    int from = 0;
    while (size.find()) {
      matcher.region(
          Math.max(from, size.start() - BEFORE), Math.min(said.length(), size.end() + 1));
      if (!matcher.find()) {
        continue;
      }
      from = matcher.end();
      boolean plain = matcher.group(1) != null;
      String name = matcher.group(plain ? 1 : 4).toLowerCase(Locale.ROOT);
      double number = Double.parseDouble(matcher.group(plain ? 2 : 5).replace(',', '.'));
      double factor =
          switch (matcher.group(plain ? 3 : 6).toLowerCase(Locale.ROOT)) {
            case "cl" -> 10;
            case "dl" -> 100;
            default -> 1;
          };
      UnitWords.of(name).ifPresent(unit -> sizes.put(unit, number * factor));
      marks.add(new Mark(matcher.start(), matcher.end(), Part.NOTE, Mark.NO_LINE));
      for (int i = matcher.start(); i < matcher.end(); i++) {
        rest.setCharAt(i, ' ');
      }
    }
    this.text = rest.toString();
  }

  /** Writes the amounts in vessels of a known size in millilitres. */
  void restate(Clause clause) {
    for (Mention mention : clause.mentions) {
      Measure measure = mention.amount == null ? null : mention.amount.measure();
      boolean one = measure != null && mention.amount.amount.orElseThrow().terms().size() == 1;
      if (one && mention.isMeasured() && sizes.containsKey(measure.unit())) {
        double size = sizes.get(measure.unit());
        double low = (measure.amount() - measure.halfRange()) * size;
        double high = (measure.amount() + measure.halfRange()) * size;
        mention.amountText =
            (high > low ? Numbers.plain(low) + "–" : "") + Numbers.plain(high) + " ml";
        mention.restated = true;
      }
    }
  }
}
