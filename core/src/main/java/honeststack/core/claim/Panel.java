package honeststack.core.claim;

import honeststack.core.estimate.Bound;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.goal.DailyReference;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.List;

/**
 * What a label of a serving would state, rounded as the law has it: for teaching, no legal label.
 *
 * @param amounts the heads of its columns of amounts
 */
public record Panel(Rounding manner, List<String> amounts, List<Row> rows) {

  /**
   * A row.
   *
   * @param within part of the row above that is not itself within one
   * @param values one for each column, with unit; “not known” where something is missing
   * @param share of a day's reference, %; empty where there is none
   */
  public record Row(String words, boolean within, List<String> values, String share) {}

  /**
   * A line of the law.
   *
   * @param daily reference of a day, in the figure's unit; 0 for none
   */
  private record Line(String tag, String words, boolean within, double daily) {}

  private static final List<Line> UNITED_STATES =
      List.of(
          new Line("ENERC", "Energy", false, 0),
          us("FAT", "Fat", false),
          us("FASAT", "saturated", true),
          us("NA", "Sodium", false),
          us("CHOCDF", "Carbohydrate, total", false),
          us("FIBTG", "fibre", true),
          new Line("SUGAR", "sugars", true, 0),
          us("SUGAD", "added sugars", true),
          new Line("PROCNT", "Protein", false, 0));

  private static final List<Line> EUROPEAN_UNION =
      List.of(
          new Line("ENERGY_EU", "Energy", false, DailyReference.EUROPEAN_UNION.of("ENERC")),
          eu("FAT", "Fat", false),
          eu("FASAT", "of which saturates", true),
          eu("CARBOHYDRATE_AVAILABLE", "Carbohydrate", false),
          eu("SUGAR", "of which sugars", true),
          new Line("FIBTG", "Fibre", false, 0),
          eu("PROCNT", "Protein", false),
          eu("SALT", "Salt", false));

  private static final double KJ = 4.184;
  private static final Measurand ENERGY = Measurand.tagged("ENERC").orElseThrow();

  private static Line us(String tag, String words, boolean within) {
    return new Line(tag, words, within, DailyReference.UNITED_STATES.of(tag));
  }

  private static Line eu(String tag, String words, boolean within) {
    return new Line(tag, words, within, DailyReference.EUROPEAN_UNION.of(tag));
  }

  /**
   * The panel of a serving; no rows while there is no serving.
   *
   * @param manner of the United States or the European Union
   * @throws IllegalArgumentException for figures as written: no law says how
   */
  public static Panel of(RecipeReading reading, Rounding manner) {
    List<Line> lines =
        switch (manner) {
          case UNITED_STATES -> UNITED_STATES;
          case EUROPEAN_UNION -> EUROPEAN_UNION;
          case AS_WRITTEN -> throw new IllegalArgumentException("No label is written as written");
        };
    Figures figures =
        Figures.of(reading, lines.stream().map(line -> measurand(line.tag())).distinct().toList());
    boolean united = manner == Rounding.UNITED_STATES;
    List<Basis> bases =
        united ? List.of(Basis.AS_SERVED) : List.of(Basis.PER_100G_COOKED, Basis.AS_SERVED);
    List<String> heads =
        united ? List.of("in a serving") : List.of("in 100 g cooked", "in a serving");
    List<Row> rows = new ArrayList<>();
    if (bases.stream().noneMatch(basis -> figures.on(basis).isEmpty())) {
      lines.forEach(line -> rows.add(row(line, figures, manner, bases)));
    }
    return new Panel(manner, heads, rows);
  }

  private static Measurand measurand(String tag) {
    return Measurand.tagged(tag).orElseThrow();
  }

  private static Row row(Line line, Figures figures, Rounding manner, List<Basis> bases) {
    Measurand measurand = measurand(line.tag());
    List<String> values =
        bases.stream().map(basis -> value(figures.figure(basis, measurand), manner)).toList();
    Figure served = figures.figure(Basis.AS_SERVED, measurand);
    String share =
        line.daily() == 0 || served.bound() != Bound.COMPLETE
            ? ""
            : Say.of("%.0f %%", 100 * stated(served, manner) / line.daily());
    return new Row(line.words(), line.within(), values, share);
  }

  /** Energy in the EU's way is rounded as energy is. */
  private static double stated(Figure figure, Rounding manner) {
    Measurand measurand = figure.measurand();
    boolean energy = measurand.tag().equals("ENERGY_EU");
    return manner.rounded(energy ? ENERGY : measurand, figure.value());
  }

  private static String value(Figure figure, Rounding manner) {
    if (figure.bound() == Bound.NOT_KNOWN) {
      return "not known";
    }
    String bound =
        switch (figure.bound()) {
          case AT_LEAST -> "≥ ";
          case AT_MOST -> "≤ ";
          case COMPLETE, NOT_KNOWN -> "";
        };
    double stated = stated(figure, manner);
    String unit = figure.measurand().unit();
    String number = Say.of(stated == Math.rint(stated) ? "%.0f" : "%.2f", stated);
    String shown = number.contains(".") ? number.replaceAll("0+$", "") : number;
    String kilojoules =
        manner == Rounding.EUROPEAN_UNION && unit.equals("kcal")
            ? Say.of("%.0f kJ / ", KJ * figure.value())
            : "";
    return bound + kilojoules + shown + " " + unit;
  }
}
