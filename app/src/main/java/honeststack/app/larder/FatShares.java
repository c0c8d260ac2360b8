package honeststack.app.larder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names with how much fat is in the food, "milk 3.5 %", "2 % fat yoghurt": the food of that name
 * with about as much. Which shares mean which food is common practice ({@code
 * larder/fat-shares.csv}); between two of them none is meant.
 */
final class FatShares {
  private static final Map<String, List<Share>> SHARES = read();
  private static final double ALL = 100;

  private static final Pattern PERCENT =
      Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*%(?:\\s*(?:milk)?fat\\b)?", Pattern.CASE_INSENSITIVE);

  private FatShares() {}

  /**
   * @param from least, % of the mass
   * @param to most, %
   */
  private record Share(double from, double to, String food) {}

  /**
   * What a name with a share means.
   *
   * @param food identity of the food; empty where the name without the share means it
   * @param name without the share
   */
  record Meant(Optional<String> food, String name) {}

  /** Empty for a name without a share, or with one that no food of the name has. */
  static Optional<Meant> of(String name) {
    Matcher percent = PERCENT.matcher(name);
    if (name.indexOf('%') < 0 || !percent.find()) {
      return Optional.empty();
    }
    String rest = (name.substring(0, percent.start()) + name.substring(percent.end())).strip();
    double share = Double.parseDouble(percent.group(1).replace(',', '.'));
    if (share == ALL) {
      return Optional.of(new Meant(Optional.empty(), rest)); // "100 % rye flour"
    }
    return SHARES.getOrDefault(FoodNames.normal(rest), List.of()).stream()
        .filter(one -> share >= one.from() && share <= one.to())
        .map(one -> new Meant(Optional.of(one.food()), rest))
        .findFirst();
  }

  private static Map<String, List<Share>> read() {
    Map<String, List<Share>> shares = new HashMap<>();
    ShippedCsv.rows(
            "fat-shares",
            row -> {
              Share share =
                  new Share(
                      ShippedCsv.number(row, "from"),
                      ShippedCsv.number(row, "to"),
                      row.get("food"));
              return Map.entry(FoodNames.normal(row.get("name")), share);
            })
        .forEach(
            row ->
                shares.computeIfAbsent(row.getKey(), any -> new ArrayList<>()).add(row.getValue()));
    return shares;
  }
}
