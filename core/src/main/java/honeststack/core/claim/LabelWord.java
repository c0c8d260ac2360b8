package honeststack.core.claim;

import honeststack.core.figures.Basis;
import honeststack.core.figures.Measurand;
import honeststack.core.goal.Goal;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Words of claims, each with what the law asks of a food that bears them. United States: 21 CFR
 * 101.54, .60, .61 and .62, for the reference amount of a pancake or a waffle; daily values of
 * 101.9(c)(8) and (9). European Union: the annex of (EC) 1924/2006, for 100 g, 100 kcal or a share
 * of energy. Limits are from memory; what a label must say besides is not checked.
 */
public enum LabelWord {
  US_CALORIE_FREE("calorie free", "21 CFR 101.60(b)(1)", amount("ENERC").below(5)),
  US_LOW_CALORIE("low calorie", "21 CFR 101.60(b)(2)", amount("ENERC").upTo(40)),
  US_SUGAR_FREE("sugar free", "21 CFR 101.60(c)(1)", amount("SUGAR").below(0.5)),
  US_SODIUM_FREE("sodium free", "21 CFR 101.61(b)(1)", amount("NA").below(5)),
  US_VERY_LOW_SODIUM("very low sodium", "21 CFR 101.61(b)(2)", amount("NA").upTo(35)),
  US_LOW_SODIUM("low sodium", "21 CFR 101.61(b)(4)", amount("NA").upTo(140)),
  US_FAT_FREE("fat free", "21 CFR 101.62(b)(1)", amount("FAT").below(0.5)),
  US_LOW_FAT("low fat", "21 CFR 101.62(b)(2)", amount("FAT").upTo(3)),
  US_LOW_SATURATED("low in saturated fat", "21 CFR 101.62(c)(2)", amount("FASAT").upTo(1)),
  US_GOOD_FIBRE("good source of fibre", "21 CFR 101.54(c)", amount("FIBTG").from(2.8).below(5.6)),
  US_HIGH_FIBRE("high in fibre", "21 CFR 101.54(b)", amount("FIBTG").from(5.6)),

  EU_LOW_ENERGY("low energy", "(EC) 1924/2006, annex", in100g("ENERC").upTo(40)),
  EU_LOW_FAT("low fat", "(EC) 1924/2006, annex", in100g("FAT").upTo(3)),
  EU_FAT_FREE("fat-free", "(EC) 1924/2006, annex", in100g("FAT").upTo(0.5)),
  EU_LOW_SUGARS("low sugars", "(EC) 1924/2006, annex", in100g("SUGAR").upTo(5)),
  EU_SUGARS_FREE("sugars-free", "(EC) 1924/2006, annex", in100g("SUGAR").upTo(0.5)),
  EU_LOW_SALT("low salt", "(EC) 1924/2006, annex", in100g("NA").upTo(120)),
  EU_VERY_LOW_SALT("very low salt", "(EC) 1924/2006, annex", in100g("NA").upTo(40)),
  EU_SALT_FREE("salt-free", "(EC) 1924/2006, annex", in100g("NA").upTo(5)),
  EU_SOURCE_FIBRE(
      "source of fibre",
      "(EC) 1924/2006, annex",
      in100g("FIBTG").from(3),
      itself("FIBTG_PER_100_KCAL").from(1.5)),
  EU_HIGH_FIBRE(
      "high fibre",
      "(EC) 1924/2006, annex",
      in100g("FIBTG").from(6),
      itself("FIBTG_PER_100_KCAL").from(3)),
  EU_SOURCE_PROTEIN("source of protein", "(EC) 1924/2006, annex", itself("SHARE_PROTEIN").from(12)),
  EU_HIGH_PROTEIN("high protein", "(EC) 1924/2006, annex", itself("SHARE_PROTEIN").from(20));

  /** Reference amounts customarily consumed, g cooked: 21 CFR 101.12(b), table 2 (from memory). */
  public static final double US_PANCAKES = 110;

  public static final double US_WAFFLES = 85;

  private static final double G_100 = 100;

  private final String words;
  private final String rule;
  private final List<Limit> anyOf;

  LabelWord(String words, String rule, Limit... anyOf) {
    this.words = words;
    this.rule = rule;
    this.anyOf = List.of(anyOf);
  }

  /** What a limit is reckoned for. */
  private enum For {
    REFERENCE_AMOUNT,
    HUNDRED_GRAMS,
    ITSELF
  }

  /** One way to be allowed the words; the upper end of “below” is not allowed itself. */
  private record Limit(String tag, For amount, OptionalDouble lower, OptionalDouble upper) {
    Limit from(double least) {
      return new Limit(tag, amount, OptionalDouble.of(least), upper);
    }

    Limit upTo(double most) {
      return new Limit(tag, amount, lower, OptionalDouble.of(most));
    }

    Limit below(double beyond) {
      return upTo(Math.nextDown(beyond));
    }

    Goal goal(double referenceAmount) {
      double factor = amount == For.REFERENCE_AMOUNT ? G_100 / referenceAmount : 1;
      return new Goal(
          Measurand.tagged(tag).orElseThrow(),
          Basis.PER_100G_COOKED,
          false,
          lower.isPresent() ? OptionalDouble.of(factor * lower.getAsDouble()) : lower,
          upper.isPresent() ? OptionalDouble.of(factor * upper.getAsDouble()) : upper);
    }
  }

  private static Limit amount(String tag) {
    return new Limit(tag, For.REFERENCE_AMOUNT, OptionalDouble.empty(), OptionalDouble.empty());
  }

  private static Limit in100g(String tag) {
    return new Limit(tag, For.HUNDRED_GRAMS, OptionalDouble.empty(), OptionalDouble.empty());
  }

  private static Limit itself(String tag) {
    return new Limit(tag, For.ITSELF, OptionalDouble.empty(), OptionalDouble.empty());
  }

  public String words() {
    return words;
  }

  /** The paragraph that asks for it. */
  public String rule() {
    return rule;
  }

  /** Whether it is a rule of the United States; of the European Union otherwise. */
  public boolean isUnitedStates() {
    return name().startsWith("US_");
  }

  /**
   * What 100 g cooked have to keep to; one of these is enough.
   *
   * @param referenceAmount g, of the United States' rules
   */
  List<Goal> goals(double referenceAmount) {
    return anyOf.stream().map(limit -> limit.goal(referenceAmount)).toList();
  }

  /** All words, in their order. */
  public static List<LabelWord> all() {
    return Arrays.asList(values());
  }
}
