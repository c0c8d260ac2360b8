package honeststack.core.recipe;

import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.Origin;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What goes through a cloth of ground nuts, oats or fruit: most of what dissolves, little of the
 * fibre, and of everything else so much that the mass is what was stated.
 *
 * @param fibre part of the fibre that goes through, 0 to 1
 * @param solubles part of sugar, salt and the like that goes through, 0 to 1
 */
record Straining(double fibre, double solubles) {
  /** Standard uncertainties of the two parts (common practice). */
  private static final double FIBRE_OFF = 0.07;

  private static final double SOLUBLES_OFF = 0.1;

  /** kcal/g by which a table counts sugar and fibre in what it calls carbohydrate; about. */
  private static final double CARBOHYDRATE_ENERGY = 4;

  private static final Set<Component> SOLUBLE =
      EnumSet.of(
          Component.SUGAR,
          Component.SUGAD,
          Component.NA,
          Component.POLYL,
          Component.ERYTHRITOL,
          Component.ALLULOSE,
          Component.ACIDS,
          Component.ALC);

  /** Parts of the fibre, of what dissolves, and of the rest, that go through. */
  private record Through(double fibre, double solubles, double rest) {}

  /**
   * Whether it is known what a cloth keeps back of a food: of ground plants, not of whey or jam.
   */
  static boolean isOf(Food food) {
    return !food.liquid()
        && food.composition().knows(Component.FIBTG)
        && food.facts().origins().equals(EnumSet.of(Origin.PLANT));
  }

  /**
   * The part of a food that goes through.
   *
   * @param passing part of its mass that goes through, over 0 and under 1
   * @return empty where no part of it fits that mass
   */
  Optional<Food> through(Food food, double passing) {
    Composition whole = food.composition();
    double fibrous = value(whole, Component.FIBTG);
    double dissolved = dissolved(whole);
    double rest = 100 - fibrous - dissolved;
    Through part = new Through(fibre, solubles, 0);
    double other = (100 * passing - fibre * fibrous - solubles * dissolved) / rest;
    if (other > 1 && fibrous > 0) {
      double more = (100 * passing - rest - solubles * dissolved) / fibrous;
      part = new Through(more, solubles, 1);
    } else {
      part = new Through(part.fibre(), part.solubles(), other);
    }
    if (!isPart(part.fibre()) || !isPart(part.rest())) {
      return Optional.empty();
    }
    return Optional.of(
        new Food(
            food.id() + "@strained",
            food.name() + ", strained",
            food.role(),
            food.liquid(),
            composition(food, part, passing),
            food.measures(),
            food.facts(),
            food.provenance()));
  }

  private static boolean isPart(double part) {
    return part >= 0 && part <= 1;
  }

  private static double value(Composition of, Component component) {
    return of.value(component).orElse(0);
  }

  /** g in 100 g, sodium left out. */
  private static double dissolved(Composition of) {
    return value(of, Component.SUGAR)
        + value(of, Component.POLYL)
        + value(of, Component.ALC)
        + value(of, Component.ACIDS);
  }

  private static Composition composition(Food food, Through part, double passing) {
    Composition whole = food.composition();
    Map<Component, Double> values = new EnumMap<>(Component.class);
    Map<Component, Double> doubts = new EnumMap<>(Component.class);
    for (Component component : Component.values()) {
      if (whole.knows(component)) {
        double value = through(whole, component, part);
        values.put(component, Math.max(0, value) / passing);
        double own = whole.u(component) * share(component, part);
        double apart = value(whole, component) * off(component);
        doubts.put(component, Math.hypot(own, apart) / passing);
      }
    }
    return Composition.of(
        food.id() + "@strained",
        food.name(),
        whole.revision(),
        whole.doubtFactor(),
        values,
        doubts);
  }

  private static double share(Component component, Through part) {
    if (component == Component.FIBTG) {
      return part.fibre();
    }
    return SOLUBLE.contains(component) ? part.solubles() : part.rest();
  }

  private static double off(Component component) {
    if (component == Component.FIBTG) {
      return FIBRE_OFF;
    }
    return SOLUBLE.contains(component) ? SOLUBLES_OFF : 0;
  }

  /** Of 100 g before. */
  private static double through(Composition whole, Component component, Through part) {
    double all = value(whole, component) * share(component, part);
    double fibre = (part.fibre() - part.rest()) * value(whole, Component.FIBTG);
    double sugar = (part.solubles() - part.rest()) * value(whole, Component.SUGAR);
    return switch (component) {
      case CHOCDF -> all + fibre + sugar;
      case ENERC -> all + CARBOHYDRATE_ENERGY * (fibre + sugar);
      default -> all;
    };
  }
}
