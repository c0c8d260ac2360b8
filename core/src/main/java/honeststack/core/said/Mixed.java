package honeststack.core.said;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Numbers;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Foods by their shares of an amount behind them: "70 % white flour and 30 % rye flour, 300 g in
 * all", "equal parts milk and water, 300 ml in total".
 */
final class Mixed {
  private static final double ALL = 0.06;
  private static final double HUNDREDTHS = 100;

  /** Besides what may also stand behind a number of pieces. */
  private static final Set<String> TOTAL = Set.of("total", "together", "all together");

  private static final Set<String> EACH = Set.of("of each", "each", "of both", "each of them");

  private static final Set<String> EQUAL =
      Set.of("equal parts", "equal amounts", "a mix", "a mixture", "a blend", "a combination");

  private final Clause clause;
  private final List<Mention> mentions;

  private Mixed(Clause clause, List<Mention> mentions) {
    this.clause = clause;
    this.mentions = mentions;
  }

  static void in(Clause clause, List<Mention> mentions) {
    Mixed mixed = new Mixed(clause, mentions);
    for (int i = 2; i < clause.size(); i++) {
      boolean amount = clause.isAmount(i) && clause.get(i).measure().unit() != Unit.COUNT;
      boolean total = amount && isTotal(clause.low(i + 1));
      if (total || amount && EACH.contains(clause.low(i + 1))) {
        mixed.share(i, total);
      }
    }
  }

  private static boolean isTotal(String low) {
    return BareCounts.isAll(low) || TOTAL.contains(low);
  }

  /** "300 g flour, 200 ml milk, 500 g in total": of all that was measured before. */
  static boolean isSum(Clause clause, int amount) {
    boolean total = clause.isStrong(amount) && isTotal(clause.low(amount + 1));
    int measured = 0;
    boolean counted = false;
    for (int i = 1; total && i < amount; i++) {
      int said = clause.isWord(i - 1, "of") ? i - 2 : i - 1;
      boolean one = clause.isFood(i) && clause.isStrong(said);
      boolean share = one && clause.get(said).isCount() && clause.get(said).measure().amount() < 1;
      measured += one && !share ? 1 : 0;
      counted = one ? clause.get(said).isCount() : counted; // "2 bananas, 200 g in total"
    }
    return measured > 1 && !counted && !clause.get(amount).isCount();
  }

  private void share(int amount, boolean total) {
    Element whole = clause.get(amount);
    Map<Element, Double> shares = shares(amount);
    double sum = shares.values().stream().mapToDouble(Double::doubleValue).sum();
    boolean known =
        shares.keySet().stream().allMatch(f -> mentions.stream().anyMatch(m -> m.food == f));
    if (shares.isEmpty() && total) {
      notOne(whole);
    }
    if (shares.size() < 2 || !known || Math.abs(sum - 1) > ALL) {
      return;
    }
    Measure all = whole.measure();
    for (Mention mention : mentions) {
      Double share = shares.get(mention.food);
      if (share != null) {
        double part = Math.round(all.amount() * (total ? share : 1) * HUNDREDTHS) / HUNDREDTHS;
        mention.amountText = Numbers.plain(part) + " " + all.unit().symbol();
        mention.restated = true;
        mention.notes = mention.notes.replace(" (" + whole.text() + ")", "");
      }
    }
    mentions.removeIf(m -> !shares.containsKey(m.food) && (m.amount == whole || isMix(m, whole)));
    whole.part = Part.AMOUNT;
  }

  /** "raspberries and blueberries, 200 g in total": of both, and nobody says how much of each. */
  private void notOne(Element amount) {
    for (int i = 1; i < mentions.size(); i++) {
      Mention mention = mentions.get(i);
      Mention before = mentions.get(i - 1);
      boolean joined = before.to < mention.from && clause.isWord(mention.from - 1, "and");
      if (mention.amount == amount && joined && !before.isMeasured() && before.food != null) {
        mention.amount = null;
        mention.amountText = "";
        amount.part = Part.UNKNOWN;
      }
    }
  }

  /** "a mix of …". */
  private static boolean isMix(Mention mention, Element whole) {
    boolean mix = mention.food != null && mention.food.isWord("mix", "mixture", "blend");
    if (mix && mention.food.start() < whole.start()) {
      mention.food.part = Part.NOTE;
    }
    return mix && mention.food.start() < whole.start();
  }

  /** The foods before an amount, each with its share of it. */
  private Map<Element, Double> shares(int end) {
    Map<Element, Double> shares = new LinkedHashMap<>();
    int equal = -1;
    for (int i = 0; i < end; i++) {
      String low = clause.low(i);
      String two = low + " " + clause.low(i + 1);
      equal = EQUAL.contains(low) || EQUAL.contains(two) ? i : equal;
      int number = clause.isWord(i - 1, "of", "the") ? i - 2 : i - 1;
      if (clause.get(i).isFood()) {
        double share = share(number);
        if (share > 0) {
          shares.put(clause.get(i), share);
        }
      }
    }
    if (equal < 0 || !shares.isEmpty()) {
      return shares;
    }
    List<Element> foods =
        clause.elements.subList(equal, end).stream()
            .filter(e -> e.isFood() && !e.isWord("mix", "mixture"))
            .toList();
    foods.forEach(food -> shares.put(food, 1.0 / foods.size()));
    return shares;
  }

  /** Which one ends at a place: "half", "2/3", "70 %"; 0 for none. */
  private double share(int at) {
    if (clause.has(at) && clause.get(at).isAmount() && clause.get(at).isCount()) {
      double amount = clause.get(at).measure().amount();
      return amount < 1 ? amount : 0;
    }
    if (!clause.is(at, Sort.UNIT_OTHER) || !clause.low(at).endsWith("%")) {
      return 0;
    }
    String said = clause.low(at).replace("%", "").strip();
    String number = said.isEmpty() ? clause.low(at - 1) : said;
    if (!number.matches("\\d{1,3}")) {
      return 0;
    }
    clause.take(said.isEmpty() ? at - 1 : at, at + 1, Part.NOTE);
    return Double.parseDouble(number) / HUNDREDTHS;
  }
}
