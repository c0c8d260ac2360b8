package honeststack.core.measure;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;
import static honeststack.core.measure.Refusal.Reason.NO_AMOUNT;

import honeststack.core.food.Packing;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the front of a line: amount and unit. The rest is left for the food. */
final class AmountReader {
  private static final String AMOUNTS = "a number first: 120, 1.5, 0,5, 1/2, 1½ or 1 1/2";
  private static final Pattern NUMBER =
      Pattern.compile("^(?:(\\d+)\\s+)?(\\d+)\\s*/\\s*(\\d+)|^(\\d*[.,]\\d+|\\d+)");
  private static final Pattern THOUSANDS = Pattern.compile("^\\d{1,3}(?:[.,]\\d{3})+(?![\\d])");
  private static final Pattern WORD =
      Pattern.compile("^\\s*(\\p{L}+\\.?)(?:\\s+(oz|ounces?)\\b\\.?)?");
  private static final Pattern SPACED = Pattern.compile("(\\d)\\s+(\\d+/)");
  private static final Pattern LEVEL = Pattern.compile("^\\s*level\\b", Pattern.CASE_INSENSITIVE);
  private static final Map<String, Unit> UNITS = units();

  /** Amount, unit and what follows them. */
  record Front(double amount, int decimals, Unit unit, String rest) {
    Measure measure(Packing packing, String size) {
      return new Measure(amount, decimals, unit, packing, size);
    }
  }

  private AmountReader() {}

  static Front read(String text) {
    String spelt = Fraction.spellOut(text).strip();
    spelt = SPACED.matcher(spelt).replaceAll("$1 $2");
    if (spelt.startsWith("-") || spelt.startsWith("−")) {
      throw new RefusedException(
          BAD_AMOUNT,
          text.strip(),
          "“" + text.strip() + "” has a negative amount.",
          "an amount of 0 or more");
    }
    Matcher thousands = THOUSANDS.matcher(spelt);
    if (thousands.find() && !thousands.group().startsWith("0")) {
      String written = thousands.group();
      throw new RefusedException(
          BAD_AMOUNT,
          written,
          "“" + written + "” could be thousands or a decimal fraction.",
          "thousands without a separator (1000), or fewer decimals (1,5)");
    }
    Matcher number = NUMBER.matcher(spelt);
    if (!number.find()) {
      throw new RefusedException(
          NO_AMOUNT,
          text.strip(),
          "“" + text.strip() + "” does not begin with an amount.",
          AMOUNTS);
    }
    double amount;
    int decimals = 0;
    if (number.group(3) != null) {
      double under = Double.parseDouble(number.group(3));
      if (under == 0) {
        throw new RefusedException(
            BAD_AMOUNT, number.group(), "“" + number.group() + "” divides by zero.", AMOUNTS);
      }
      double whole = number.group(1) == null ? 0 : Double.parseDouble(number.group(1));
      amount = whole + Double.parseDouble(number.group(2)) / under;
    } else {
      String decimal = number.group(4).replace(',', '.');
      int point = decimal.indexOf('.');
      decimals = point < 0 ? 0 : decimal.length() - point - 1;
      amount = Double.parseDouble(decimal);
    }
    String rest = LEVEL.matcher(spelt.substring(number.end())).replaceFirst("");
    return unit(amount, decimals, rest);
  }

  private static Front unit(double amount, int decimals, String rest) {
    Matcher word = WORD.matcher(rest);
    if (word.find()) {
      String written = word.group(1).replace(".", "");
      if (word.group(2) != null && isFluid(written)) {
        return new Front(amount, decimals, Unit.FLUID_OUNCE, rest.substring(word.end()).strip());
      }
      Optional<Unit> unit = unit(written);
      if (unit.isPresent()) {
        return new Front(amount, decimals, unit.get(), rest.substring(word.end(1)).strip());
      }
    }
    return new Front(amount, decimals, Unit.COUNT, rest.strip());
  }

  private static boolean isFluid(String word) {
    return word.equalsIgnoreCase("fl") || word.equalsIgnoreCase("fluid");
  }

  private static Optional<Unit> unit(String word) {
    Unit exact = UNITS.get(word);
    return Optional.ofNullable(exact == null ? UNITS.get(word.toLowerCase(Locale.ROOT)) : exact);
  }

  private static Map<String, Unit> units() {
    Map<String, Unit> units = new HashMap<>();
    name(units, Unit.GRAM, "g", "gr", "gram", "gramme");
    name(units, Unit.KILOGRAM, "kg", "kilo", "kilogram");
    name(units, Unit.OUNCE, "oz", "ounce");
    name(units, Unit.POUND, "lb", "pound");
    name(units, Unit.MILLILITRE, "ml", "millilitre", "milliliter");
    name(units, Unit.LITRE, "l", "litre", "liter");
    name(units, Unit.CUP, "c", "cup");
    name(units, Unit.TABLESPOON, "tbsp", "tbs", "tablespoon");
    name(units, Unit.TEASPOON, "tsp", "teaspoon");
    units.put("T", Unit.TABLESPOON);
    units.put("t", Unit.TEASPOON);
    return units;
  }

  private static void name(Map<String, Unit> units, Unit unit, String... names) {
    for (String name : names) {
      units.put(name, unit);
      units.put(name + "s", unit);
    }
  }
}
