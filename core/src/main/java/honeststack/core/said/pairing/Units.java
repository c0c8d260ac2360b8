package honeststack.core.said.pairing;

import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Role;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.place.Row;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Units that a speaker leaves out: "flour 250 milk 500", "a teaspoon of salt, two of sugar". */
public final class Units {
  private static final Sought PART = Sought.of(".*(?:zest|juice|rind)");

  /** A bare number from here on is a weight, or millilitres of what is poured (common practice). */
  private static final double LEAST = 10;

  /** "half a mango". */
  private static final Remembered FRACTION =
      Remembered.whole(
          "(?:an? )?(?:half|quarter|third|two thirds|three quarters|[½¼¾⅓⅔]|\\d/\\d)\\b.*");

  /** Nobody counts so many: grams. */
  private static final double MANY_PIECES = 40;

  /** Nobody counts so many pieces into a batter whose flour is a bare number (common practice). */
  private static final double MANY = 40;

  /** No batter has less flour for an egg (common practice). */
  private static final double GRAMS_AN_EGG = 20;

  /** Grams; in a batch so big that eggs weigh less than the flour they are counted. */
  private static final double EGG = 50;

  private static final String GRAM = "g";

  /** What cooks who fill cups fill them with, more than spoons (common practice). */
  private static final Set<Role> IN_CUPS = EnumSet.of(Role.FLOUR, Role.LIQUID, Role.SUGAR);

  private static final Set<Unit> CUPS = EnumSet.of(Unit.CUP, Unit.MUG, Unit.GLASS);

  private static final double GRAMS_A_KILO = 1000;

  private Units() {}

  /**
   * @param told in what every number of the text is; empty where it does not say
   */
  public static void complete(Clause clause, List<Mention> mentions, String told) {
    boolean grams =
        told.equals(GRAM)
            || clause.elements.stream().anyMatch(e -> e.is(Sort.ALL_GRAMS))
            || clause.asides.stream().anyMatch(Units::isGrams);
    long scale = mentions.stream().filter(Units::isBareWeight).count();
    Mention before = null;
    for (Mention mention : mentions) {
      boolean one = mention.amountText.equalsIgnoreCase("one of");
      if (mention.amount != null && mention.amount.isCount() && (one || !mention.amount.isWeak())) {
        boolean counted = isFew(mention) || isBig(mention, mentions, EGG);
        boolean measured = !told.isEmpty() && !counted;
        (grams && !counted
                    || !measured
                        && isWeighed(mention, scale)
                        && !isBig(mention, mentions, GRAMS_AN_EGG)
                ? Optional.of(GRAM)
                : measured ? Optional.of(told) : unit(mention, before))
            .ifPresent(
                unit -> {
                  mention.amountText = with(mention, unit);
                  mention.restated = true;
                });
      }
      boolean goesOn = // "cinnamon 1 tsp, ginger ½, nutmeg ¼"
          before != null && mention.restated && mention.amount != null && mention.amount.isCount();
      before = mention.amount != null && !goesOn ? mention : before;
    }
  }

  /** Lines that each name one food: "flour 180", "sugar 15", "baking powder 8". */
  public static void acrossLines(List<Clause> read) {
    List<Mention> single =
        read.stream()
            .filter(clause -> clause.mentions.size() == 1)
            .map(clause -> clause.mentions.get(0))
            .toList();
    long scale = single.stream().filter(Units::isBareWeight).count();
    for (Mention mention : single) {
      boolean bare = mention.amount != null && mention.amount.isCount() && !mention.restated;
      if (bare && !mention.amount.isWeak() && isWeighed(mention, scale)) {
        mention.amountText = with(mention, "g");
        mention.restated = true;
      }
    }
  }

  /** "200 flour": a number that can only be a weight. */
  private static boolean isBareWeight(Mention mention) {
    return mention.amount != null
        && mention.amount.isCount()
        && mention.amount.measure().amount() >= LEAST
        && mention.known().filter(food -> !isCounted(food)).isPresent();
  }

  /** "200 flour, 50 cornflour, 3 salt, 200 egg white": from the scale, as the others. */
  private static boolean isWeighed(Mention mention, long others) {
    double amount = mention.amount.measure().amount();
    return mention.amount.instead == null
        && mention
            .known()
            .filter(
                food ->
                    isCounted(food) ? amount >= MANY && others > 0 : !isPoured(food) && others > 1)
            .isPresent();
  }

  /** "six kilos flour, sixty eggs": of a batch so big they are pieces. */
  private static boolean isBig(Mention eggs, List<Mention> all, double grams) {
    double flour = grams * eggs.amount.measure().amount();
    return eggs.known().filter(food -> food.role() == Role.EGG).isPresent()
        && eggs.foodText.toLowerCase(Locale.ROOT).endsWith("s")
        && all.stream().anyMatch(other -> grams(other) >= flour);
  }

  private static double grams(Mention mention) {
    if (mention.amount == null) {
      return 0;
    }
    double amount = mention.amount.measure().amount();
    return switch (mention.amount.measure().unit()) {
      case KILOGRAM, LITRE -> GRAMS_A_KILO * amount;
      case GRAM, COUNT -> amount;
      default -> 0;
    };
  }

  /** "(grams)", and nothing else. */
  private static boolean isGrams(Clause.Aside aside) {
    Clause said = aside.clause();
    return said.size() == 1 && (said.isWord(0, "grams", "g") || said.is(0, Sort.ALL_GRAMS));
  }

  /** "egg 2": pieces, though all else is in grams. */
  private static boolean isFew(Mention mention) {
    boolean part = PART.isAll(mention.foodText.toLowerCase(Locale.ROOT));
    double amount = mention.amount.measure().amount();
    return !part
        && amount < LEAST
        && (amount == Math.rint(amount)
            || mention.foodText.endsWith("s")
            || FRACTION.is(mention.amountText.toLowerCase(Locale.ROOT)))
        && mention.known().filter(Units::isCounted).isPresent();
  }

  private static String with(Mention mention, String unit) {
    if (Scaled.measure(mention.amountText).filter(m -> m.unit() != Unit.COUNT).isPresent()) {
      return mention.amountText; // "30 g butter, another 10 in the pan": it took the other's
    }
    String number = mention.amountText.replaceFirst(" of$", "");
    return number + " " + unit + (number.equals(mention.amountText) ? "" : " of");
  }

  private static Optional<String> unit(Mention mention, Mention before) {
    Optional<Food> food = mention.known();
    boolean many = // "200 of egg whites"
        mention.amount.measure().amount() >= MANY_PIECES && mention.amountText.endsWith(" of");
    boolean part = // "cinnamon 1 tsp, nutmeg ¼"
        before != null
            && mention.amount.measure().amount() < 1
            && food.filter(one -> one.role() == Role.FLAVOUR).isPresent()
            && isBehind(before)
            && isBehind(mention);
    if (food.isEmpty()
        || isCounted(food.get()) && !many && !part
        || mention.amount.instead != null) {
      return Optional.empty();
    }
    if (mention.amount.measure().amount() >= LEAST) {
      boolean goesOn = before != null && before.amount.measure().unit() == Unit.CENTILITRE;
      if (goesOn && isPoured(food.get())) {
        return Optional.of("cl"); // "20 cl of cider and 30 of milk"
      }
      return Optional.of(isPoured(food.get()) ? "ml" : "g");
    }
    boolean spoon =
        before != null
            && (mention.amountText.endsWith(" of")
                || isSpooned(before) && isBehind(before) && isBehind(mention)
                || isFilled(before, mention) && IN_CUPS.contains(food.get().role()))
            && before.amount.measure().unit() != Unit.COUNT;
    return spoon ? Optional.of(before.amount.measure().unit().symbol()) : Optional.empty();
  }

  /** "two cups flour, one and a half milk". */
  private static boolean isFilled(Mention before, Mention mention) {
    int from = mention.amount.from; // "1-to-1 flour"
    boolean joined = from > 0 && mention.amount.tokens.get(from - 1).isMark("-");
    return !joined && CUPS.contains(before.amount.measure().unit());
  }

  /** In spoons or cups. */
  private static boolean isSpooned(Mention mention) {
    Unit.Kind kind = mention.amount.measure().unit().kind();
    return kind == Unit.Kind.SPOON || kind == Unit.Kind.VOLUME;
  }

  /** "flour four tablespoons, sugar two": name first. */
  private static boolean isBehind(Mention mention) {
    return mention.food != null && mention.amount.from > mention.food.from;
  }

  /** Honey and syrup are weighed. */
  private static boolean isPoured(Food food) {
    return food.liquid() && food.role() != Role.SUGAR && !Row.isSpooned(food.name());
  }

  private static boolean isCounted(Food food) {
    return food.measures().stream()
        .anyMatch(m -> m instanceof HouseholdMeasure.Piece p && p.usual());
  }
}
