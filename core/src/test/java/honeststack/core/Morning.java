package honeststack.core;

import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;

/**
 * A recipe cooked for real, as the method describes a kitchen: what is true of a food, a cup or a
 * scale is drawn once for all mornings, what happens at each filling anew each morning. It knows
 * nothing of the code under test: every number stands here as the method states it (common
 * practice), and the figure is summed by hand.
 */
public final class Morning {
  /** kcal, protein, carbohydrate, fibre, fat in 100 g of the test foods. */
  private static final Map<String, double[]> HOLDS =
      Map.of(
          "flour", new double[] {350, 10, 70, 5, 1},
          "milk", new double[] {60, 3, 5, 0, 3},
          "egg", new double[] {140, 12, 1, 0, 10},
          "oil", new double[] {900, 0, 0, 0, 100},
          "sugar", new double[] {400, 0, 100, 0, 0},
          "pear", new double[] {60, 0, 15, 3, 0});

  /** A way of measuring: what is written, and how the truth follows from two drawn numbers. */
  private enum How {
    WEIGHED("%d g flour", "flour", 1),
    WEIGHED_MILK("%d g milk", "milk", 1),
    CUP("%d cups flour", "flour", 130),
    SPOONED("%d cups flour, spooned", "flour", 120),
    JUG("%d cups milk", "milk", 244),
    TABLESPOON("%d tbsp oil", "oil", 14),
    TEASPOON("%d tsp oil", "oil", 14 / 3.0),
    EGGS("%d large eggs", "egg", 50),
    SUGAR_CUP("%d cups sugar", "sugar", 200),
    PEARS("%d pears", "pear", 180),
    HEAPED("%d heaped tbsp flour", "flour", 1.5 * 120 / 16),
    SCOOPS("%d scoops flour", "flour", 30),
    PINCH("%d pinches sugar", "sugar", 200 / 48.0 / 16),
    RANGE("%d to 4 tbsp sugar", "sugar", 12.5);

    private final String text;
    private final String food;
    private final double each;

    How(String text, String food, double each) {
      this.text = text;
      this.food = food;
      this.each = each;
    }

    boolean isWeighed() {
      return this == WEIGHED || this == WEIGHED_MILK;
    }
  }

  private record Line(How how, int amount) {}

  private final List<Line> lines = new ArrayList<>();
  private final int pieces;
  private final int served;
  private final double left;
  private final boolean leftInPanWeighed;
  private final Portioning portioning;

  private Morning(
      int pieces, int served, double left, boolean leftInPanWeighed, Portioning portioning) {
    this.pieces = pieces;
    this.served = served;
    this.left = left;
    this.leftInPanWeighed = leftInPanWeighed;
    this.portioning = portioning;
  }

  /** A recipe of some lines, measured in all ways. */
  public static Morning random(RandomGenerator random) {
    Morning morning =
        new Morning(
            4 + random.nextInt(12),
            1 + random.nextInt(3),
            random.nextBoolean() ? 40 : 0,
            random.nextBoolean(),
            Portioning.values()[random.nextInt(3)]);
    morning.lines.add(new Line(How.WEIGHED, 300));
    int more = 4 + random.nextInt(20);
    for (int i = 0; i < more; i++) {
      How how = How.values()[random.nextInt(How.values().length)];
      int amount = how.isWeighed() ? 20 + random.nextInt(300) : 1 + random.nextInt(3);
      morning.lines.add(new Line(how, amount));
    }
    return morning;
  }

  /** Flour and milk, all weighed, pieces portioned on a scale. */
  public static Morning weighed(int flour, int milk) {
    Morning morning = new Morning(10, 3, 0, true, Portioning.WEIGHED);
    morning.lines.add(new Line(How.WEIGHED, flour));
    morning.lines.add(new Line(How.WEIGHED_MILK, milk));
    return morning;
  }

  public Recipe recipe() {
    String[] texts =
        lines.stream()
            .map(line -> String.format(java.util.Locale.ROOT, line.how.text, line.amount))
            .toArray(String[]::new);
    TestRecipes recipe =
        TestRecipes.bowl(texts)
            .pieces(pieces, portioning)
            .left(left > 0 ? "40 g" : "")
            .pan("1 tbsp oil", leftInPanWeighed ? "3 g" : "");
    return recipe.serving(served, "2 tbsp sugar").recipe();
  }

  /** What is true of all mornings: a draw for each food, each cup, the scale. */
  public static final class World {
    private final Map<String, Double> drawn = new HashMap<>();
    private final RandomGenerator random;

    public World(RandomGenerator random) {
      this.random = random;
    }

    private double of(String what) {
      return drawn.computeIfAbsent(what, w -> random.nextGaussian());
    }

    private double normal() {
      return random.nextGaussian();
    }

    /** Between −1 and 1, as likely anywhere. */
    private double anywhere() {
      return 2 * random.nextDouble() - 1;
    }

    private double weighed(double grams) {
      return grams * (1 + 0.003 * of("scale")) + 0.5 * anywhere();
    }

    private double filled(String cup, double grams, double n, double shared, double perUse) {
      return grams * (1 + shared * of(cup)) * (1 + perUse / Math.sqrt(n) * normal());
    }

    private double true100g(String food, int component) {
      double kind = food.equals("oil") || food.equals("sugar") ? 0.01 : 0.05;
      double doubt = component == 3 ? 2 * kind : kind;
      return HOLDS.get(food)[component] * (1 + doubt * of(food + component));
    }
  }

  /** One morning in a world: energy, protein, carbohydrate, fibre, fat of a serving. */
  public double[] cook(World world) {
    double batter = 0;
    double[] whole = new double[5];
    for (Line line : lines) {
      double grams = grams(line, world);
      batter += grams;
      for (int c = 0; c < 5; c++) {
        whole[c] += grams * world.true100g(line.how.food, c) / 100;
      }
    }
    double scraped = left > 0 ? world.weighed(left) : 0;
    double cv =
        switch (portioning) {
          case LADLE -> 0.12;
          case SCOOP -> 0.05;
          case SPOON -> 0.18;
          case WEIGHED -> 0.01;
        };
    double uneven =
        served >= pieces ? 0 : cv * Math.sqrt((1.0 / served) * (1 - served / (double) pieces));
    double share = (batter - scraped) / batter * Math.min(served, pieces * 10) / pieces;
    share *= 1 + uneven * world.normal();
    double inPan = world.filled("oil tbsp", 14, 1, 0.03, 0.05);
    double taken =
        leftInPanWeighed ? inPan - world.weighed(3) : inPan * (0.5 + 0.5 * world.anywhere());
    double sugar = world.filled("sugar tbsp", 25, 2, 0.03, 0.05);
    double[] figures = new double[5];
    for (int c = 0; c < 5; c++) {
      figures[c] =
          whole[c] * share
              + taken * served / pieces * world.true100g("oil", c) / 100
              + sugar * world.true100g("sugar", c) / 100;
    }
    return figures;
  }

  private static double grams(Line line, World world) {
    double n = line.amount;
    double grams = n * line.how.each;
    return switch (line.how) {
      case WEIGHED, WEIGHED_MILK -> world.weighed(n);
      // Between 120 spooned and 140 scooped, as likely anywhere, and 4 % beside.
      case CUP ->
          grams
              * (1 + Math.hypot(10 / Math.sqrt(3) / 130, 0.04) * world.of("flour cup"))
              * (1 + 0.04 / Math.sqrt(n) * world.normal());
      case SPOONED -> world.filled("flour spooned", grams, n, 0.04, 0.03);
      case JUG -> world.filled("milk jug", grams, n, 0.015, 0.02);
      case TABLESPOON -> world.filled("oil tbsp", grams, n, 0.03, 0.05);
      case TEASPOON -> world.filled("oil tsp", grams, n, 0.04, 0.07);
      case EGGS -> world.filled("an egg", grams, n, 0.05, 0.04);
      case SUGAR_CUP -> world.filled("sugar cup", grams, n, 0.04, 0.04);
      case PEARS -> world.filled("a pear", grams, n, 0.05, 0.15);
      case HEAPED -> world.filled("flour heaped", grams, n, 0.12, 0.08);
      case SCOOPS -> world.filled("flour ladle", grams, n, 0.15, 0.08);
      case PINCH -> grams * (1 + 0.5 / Math.sqrt(n) * world.anywhere());
      case RANGE -> range(n, world);
    };
  }

  /** From n to 4 spoons: anywhere between, each filled. */
  private static double range(double n, World world) {
    double middle = (n + 4) / 2;
    double half = (4 - n) / 2;
    double filled = Math.floor(middle) + Math.pow(middle - Math.floor(middle), 2);
    return world.filled("sugar tbsp", 12.5 * middle, 1, 0.03, 0.05 * Math.sqrt(filled) / middle)
        * (1 + half / middle * world.anywhere());
  }
}
