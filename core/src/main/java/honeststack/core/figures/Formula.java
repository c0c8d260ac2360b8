package honeststack.core.figures;

import honeststack.core.food.Component;
import honeststack.core.recipe.PanFat;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;

/** The formula of a component's figure in words, with its numbers. */
public final class Formula {
  private Formula() {}

  /** One sentence; for what follows from components, their rule. */
  public static String words(Figures figures, Basis basis, Measurand measurand) {
    if (measurand.component().isEmpty()) {
      return measurand.formula();
    }
    Component component = measurand.component().get();
    String unit = " " + component.unit();
    String result = Numbers.figure(figures.figure(basis, measurand).value()) + unit;
    RecipeReading reading = figures.reading();
    return switch (basis) {
      case PER_100G_FINISHED ->
          Say.of(
              "All that stayed in it, ÷ its weight when done, %s g, × 100 = %s.",
              Numbers.figure(reading.finished().orElseThrow().weight().value()), result);
      case PER_100G_RAW ->
          Say.of(
              "All the batter, %s%s, ÷ its weight, %s g, × 100 = %s.",
              Numbers.figure(figures.inBowl(component)),
              unit,
              Numbers.figure(reading.batterMass().value()),
              result);
      case PER_100G_COOKED ->
          Say.of(
              "%s, ÷ the weight of a cooked piece, %s g, × 100 = %s.",
              pieces(figures, component, 1, false),
              Numbers.figure(reading.griddle().flatMap(Griddle::cookedPiece).orElseThrow().value()),
              result);
      case WHOLE_BATCH ->
          Say.of(
              "All the batter, %s%s%s = %s.",
              Numbers.figure(figures.inBowl(component)),
              unit,
              panFats(reading, figures.inPan(component), unit),
              result);
      case PER_PIECE -> pieces(figures, component, 1, false) + " = " + result + ".";
      case AS_SERVED ->
          pieces(figures, component, reading.plate().orElseThrow().pieces(), true)
              + " = "
              + result
              + ".";
    };
  }

  private static String pieces(Figures figures, Component component, double k, boolean served) {
    RecipeReading reading = figures.reading();
    Griddle griddle = reading.griddle().orElseThrow();
    String unit = " " + component.unit();
    String batter = Numbers.figure(reading.batterMass().value());
    StringBuilder words = new StringBuilder();
    words.append("All the batter, ").append(Numbers.figure(figures.inBowl(component))).append(unit);
    if (griddle.left().value() > 0) {
      double baked = reading.batterMass().value() - griddle.left().value();
      words.append(
          Say.of(", × the part that was baked, %s of %s g", Numbers.figure(baked), batter));
    }
    String of =
        Say.of(
            ", × %s of %s pieces%s",
            Numbers.figure(k),
            Numbers.count(griddle.count()),
            griddle.predicted() ? " (predicted)" : "");
    words.append(of);
    if (!reading.panFats().isEmpty()) {
      words.append(panFats(reading, figures.inPan(component), unit)).append(of);
    }
    if (served && figures.onTop(component) > 0) {
      words.append(", + toppings, ").append(Numbers.figure(figures.onTop(component))).append(unit);
    }
    return words.toString();
  }

  private static String panFats(RecipeReading reading, double taken, String unit) {
    if (reading.panFats().isEmpty()) {
      return "";
    }
    boolean assumed = reading.panFats().stream().anyMatch(PanFat::assumed);
    String half = assumed ? " (half of what went in is taken to stay in the pan)" : "";
    return ", + the pan fat taken up, " + Numbers.figure(taken) + unit + half;
  }
}
