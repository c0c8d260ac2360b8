package honeststack.core.figures;

import static honeststack.core.food.Component.ACIDS;
import static honeststack.core.food.Component.ALC;
import static honeststack.core.food.Component.ALLULOSE;
import static honeststack.core.food.Component.CHOCDF;
import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.ERYTHRITOL;
import static honeststack.core.food.Component.FAT;
import static honeststack.core.food.Component.FIBTG;
import static honeststack.core.food.Component.NA;
import static honeststack.core.food.Component.POLYL;
import static honeststack.core.food.Component.PROCNT;
import static honeststack.core.food.Component.SUGAR;

import honeststack.core.food.Component;
import honeststack.core.food.Label;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What follows from components, each with its rule in words. Factors: general Atwater 4, 9, 7, 4
 * kcal/g (USDA Agriculture Handbook 74, from memory), polyols 2.4, erythritol 0, allulose 0.4 (21
 * CFR 101.9(c)(1)(i) and FDA guidance, from memory); EU 1169/2011 Annex XIV; salt as sodium × 2.5,
 * EU 1169/2011 Annex I.
 */
enum Derived {
  ENERGY_KJ(
      "energy in kilojoules",
      "kJ",
      List.of(ENERC),
      Rule.sum(Label.KILOJOULES),
      "Energy of the tables × 4.184."),
  FIBTG_PER_100_KCAL(
      "fibre in 100 kcal",
      "g",
      List.of(FIBTG, ENERC),
      Rule.ratio(new double[] {100, 0}, new double[] {0, 1}),
      "Fibre ÷ energy × 100."),
  SALT("salt", "g", List.of(NA), Rule.sum(2.5 / 1000), "Sodium × 2.5."),
  CARBOHYDRATE_AVAILABLE(
      "carbohydrate without fibre",
      "g",
      List.of(CHOCDF, FIBTG),
      Rule.sum(1, -1),
      "Carbohydrate by difference less fibre."),
  CARBOHYDRATE_NET(
      "net carbohydrate",
      "g",
      List.of(CHOCDF, FIBTG, POLYL, ERYTHRITOL, ALLULOSE),
      Rule.sum(1, -1, -0.5, -0.5, -1),
      "Carbohydrate by difference less fibre, erythritol and allulose, and half of the other"
          + " polyols."),
  STARCH_AND_REST(
      "starch and the rest",
      "g",
      List.of(CHOCDF, FIBTG, SUGAR, POLYL),
      Rule.sum(1, -1, -1, -1),
      "Carbohydrate by difference less fibre, sugars and polyols."),
  CARBOHYDRATE_CHOICES(
      "carbohydrate choices",
      "× 15 g",
      List.of(CHOCDF),
      Rule.sum(1.0 / 15),
      "Carbohydrate by difference ÷ 15: one choice is 15 g."),
  ENERGY_GENERAL(
      "energy by general factors",
      "kcal",
      Energy.NEEDED,
      Rule.sum(Energy.GENERAL),
      "4 × protein + 9 × fat + 7 × alcohol + 4 × carbohydrate by difference, of which polyols"
          + " count 2.4, erythritol 0, allulose 0.4."),
  ENERGY_EU(
      "energy the EU's way",
      "kcal",
      Energy.NEEDED,
      Rule.sum(Energy.EU),
      "4 × (carbohydrate − fibre − polyols) + 2 × fibre + 2.4 × polyols (erythritol 0) + 3 ×"
          + " organic acids + 4 × protein + 9 × fat + 7 × alcohol."),
  SHARE_PROTEIN(
      "energy from protein",
      "%",
      Energy.NEEDED,
      Energy.share(0),
      "4 × protein ÷ energy by general factors."),
  SHARE_FAT(
      "energy from fat",
      "%",
      Energy.NEEDED,
      Energy.share(1),
      "9 × fat ÷ energy by general factors."),
  SHARE_ALCOHOL(
      "energy from alcohol",
      "%",
      Energy.NEEDED,
      Energy.share(2),
      "7 × alcohol ÷ energy by general factors."),
  SHARE_CARBOHYDRATE(
      "energy from carbohydrate",
      "%",
      Energy.NEEDED,
      Energy.share(3, 5, 6, 7),
      "What carbohydrate, fibre included, and sweeteners bring ÷ energy by general factors.");

  /** What a table leaves out where a food holds none; those that hold some say so. */
  private static final Set<Component> NONE_UNLESS_SAID =
      EnumSet.of(ALC, ACIDS, POLYL, ERYTHRITOL, ALLULOSE);

  private final String words;
  private final String unit;
  private final List<Component> components;
  private final Rule rule;
  private final String formula;

  Derived(String words, String unit, List<Component> components, Rule rule, String formula) {
    this.words = words;
    this.unit = unit;
    this.components = components;
    this.rule = rule;
    this.formula = formula;
  }

  /** Energy from components, school by school. */
  private static final class Energy {
    static final List<Component> NEEDED =
        List.of(PROCNT, FAT, ALC, CHOCDF, FIBTG, POLYL, ERYTHRITOL, ALLULOSE, ACIDS);

    /** Polyols count 2.4 instead of 4, erythritol, one of them, 0, allulose 0.4. */
    static final double[] GENERAL = {4, 9, 7, 4, 0, -1.6, -2.4, -3.6, 0};

    static final double[] EU = {4, 9, 7, 4, -2, -1.6, -2.4, 0, 3};

    private Energy() {}

    static Rule share(int... parts) {
      double[] over = new double[GENERAL.length];
      for (int part : parts) {
        over[part] = 100 * GENERAL[part];
      }
      return Rule.ratio(over, GENERAL);
    }
  }

  /** Whether a food whose table says nothing of a component is taken to hold none. */
  static boolean isNoneUnlessSaid(Component component) {
    return NONE_UNLESS_SAID.contains(component);
  }

  String words() {
    return words;
  }

  String unit() {
    return unit;
  }

  List<Component> components() {
    return components;
  }

  Rule rule() {
    return rule;
  }

  String formula() {
    return formula;
  }
}
