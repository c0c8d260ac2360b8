package honeststack.core.serving;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;
import static honeststack.core.measure.Refusal.Reason.CYCLE;

import honeststack.core.batter.MeasuredFood;
import honeststack.core.batter.Preparation;
import honeststack.core.batter.Preparations;
import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Allergen;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Packing;
import honeststack.core.measure.Amount;
import honeststack.core.measure.LineReader;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Refusal;
import honeststack.core.measure.RefusedException;
import honeststack.core.measure.Unit;
import honeststack.core.measure.Weights;
import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.Recipe.Adjustment;
import honeststack.core.serving.Recipe.Line;
import honeststack.core.serving.RecipeReading.Adjusted;
import honeststack.core.serving.RecipeReading.LineReading;
import honeststack.core.serving.RecipeReading.NotMeasured;
import honeststack.core.serving.RecipeReading.NotUnderstood;
import honeststack.core.serving.RecipeReading.Remarks;
import honeststack.core.serving.RecipeReading.Understood;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Reads the lines of one recipe into grams, and keeps what is to be said of each. */
final class LinePass {
  private static final int MOST_NEAREST = 4;

  private final Recipe recipe;
  private final Foods foods;
  private final LineReader reader;
  private final Preparations preparations;
  private final Weights weights;
  private final SourceBook book;
  private final List<LineReading> readings = new ArrayList<>();
  private final List<String> findings = new ArrayList<>();
  private final List<String> without = new ArrayList<>();

  LinePass(
      Recipe recipe,
      Foods foods,
      LineReader reader,
      Preparations preparations,
      Weights weights,
      SourceBook book) {
    this.recipe = recipe;
    this.foods = foods;
    this.reader = reader;
    this.preparations = preparations;
    this.weights = weights;
    this.book = book;
  }

  /**
   * @param gaps a line is not measured or not understood
   */
  record Measured(List<MeasuredFood> foods, boolean gaps) {}

  List<LineReading> readings() {
    return List.copyOf(readings);
  }

  List<String> findings() {
    return findings;
  }

  /** What is not in the numbers, in a few words each. */
  List<String> without() {
    return without;
  }

  /** The lines of a station that count; those that are off or blank do not. */
  Measured measured(List<Line> stated, Station station) {
    List<MeasuredFood> measured = new ArrayList<>();
    boolean gaps = false;
    for (Line line : stated) {
      if (!line.isBlank()) {
        Optional<MeasuredFood> food = read(line, station);
        food.filter(f -> !line.off()).ifPresent(measured::add);
        gaps |= !line.off() && (food.isEmpty() || isMore());
      }
    }
    return new Measured(measured, gaps);
  }

  /** The line last read measures only part of what went in. */
  private boolean isMore() {
    return readings.get(readings.size() - 1) instanceof Understood read && read.amount().more();
  }

  /** The fat in the pan; what nobody measured gets a usual amount, and is said. */
  Optional<MeasuredFood> pan(Line line) {
    Optional<MeasuredFood> measured = read(line, Station.PAN);
    if (line.off()) {
      return Optional.empty();
    }
    if (measured.isPresent()
        || !(readings.get(readings.size() - 1) instanceof NotMeasured unmeasured)) {
      return measured;
    }
    double usual = weights.usualPanFat();
    String name = unmeasured.food().name();
    Source source =
        Source.perUse("use:" + line.id(), "how much " + name + " went into the pan")
            .shaped(Distribution.RECTANGULAR);
    Estimate mass = book.input(usual, Distribution.rectangular(usual), source);
    without.remove(without.size() - 1);
    without.add("a measured amount of %s in the pan (%.0f g taken)".formatted(name, usual));
    return Optional.of(measured(line, unmeasured.food(), mass));
  }

  /** Empty if the line cannot be counted; why is in its reading. */
  private Optional<MeasuredFood> read(Line line, Station station) {
    try {
      Optional<Food> picked = line.picked().flatMap(foods::byId);
      LineReader.Line read =
          picked.isPresent() ? reader.read(line.text(), picked.get()) : reader.read(line.text());
      if (read.amount().isEmpty()) {
        readings.add(notMeasured(line, station, read));
        if (!line.off()) {
          without.add(read.food().name());
        }
        return Optional.empty();
      }
      Amount amount = read.amount().get();
      Estimate written = weights.of(amount, read.food(), line.id());
      List<Adjusted> adjusted = adjusted(line, read.food());
      Estimate.Sum sum = new Estimate.Sum().add(written, 1);
      adjusted.forEach(a -> sum.add(a.mass(), 1));
      Estimate mass = sum.total();
      if (mass.value() < 0) {
        throw new RefusedException(
            BAD_AMOUNT,
            line.text().strip(),
            "More was taken away from “" + line.text().strip() + "” than there was.",
            "less taken away than there was");
      }
      MeasuredFood food = measured(line, read.food(), mass);
      readings.add(
          new Understood(
              line.id(),
              station,
              amount,
              read.food(),
              read.general(),
              mass,
              adjusted,
              new Remarks(
                  read.optional(),
                  line.off(),
                  read.unused(),
                  check(line, read, written),
                  read.shape().rest())));
      if (amount.more() && !line.off()) {
        without.add("some more " + read.food().name());
      }
      return Optional.of(food);
    } catch (RefusedException refused) {
      Refusal refusal = refused.refusal();
      boolean offers =
          refusal.reason() == Refusal.Reason.UNKNOWN_FOOD
              || refusal.reason() == Refusal.Reason.OPEN_CHOICE;
      List<Food> nearest = offers ? nearest(refusal.offending()) : List.of();
      readings.add(new NotUnderstood(line.id(), station, refusal, nearest));
      if (!line.off()) {
        findings.add("Not in the numbers: “" + line.text().strip() + "”.");
        without.add("“" + line.text().strip() + "”");
      }
      return Optional.empty();
    }
  }

  /** For what is said to be free of gluten, foods of its kind that hold none. */
  private List<Food> nearest(String name) {
    if (!name.toLowerCase(Locale.ROOT).contains("gluten-free")) {
      return foods.nearest(name, MOST_NEAREST);
    }
    String kind = name.substring(name.lastIndexOf(' ') + 1);
    return foods.nearest(kind, 5 * MOST_NEAREST).stream()
        .filter(food -> !food.allergens().contains(Allergen.GLUTEN))
        .limit(MOST_NEAREST)
        .toList();
  }

  private NotMeasured notMeasured(Line line, Station station, LineReader.Line read) {
    return new NotMeasured(
        line.id(),
        station,
        read.food(),
        read.general(),
        tablespoon(read.food()),
        new Remarks(read.optional(), line.off(), read.unused(), "", read.shape().rest()));
  }

  private Optional<Estimate> tablespoon(Food food) {
    try {
      Measure one = new Measure(1, 0, Unit.TABLESPOON, Packing.NOT_SAID, "");
      return Optional.of(weights.of(one, food, "tablespoon"));
    } catch (RefusedException notKnown) {
      return Optional.empty();
    }
  }

  private List<Adjusted> adjusted(Line line, Food food) {
    List<Adjusted> adjusted = new ArrayList<>();
    for (int i = 0; i < line.adjustments().size(); i++) {
      Adjustment adjustment = line.adjustments().get(i);
      String text = adjustment.text().strip();
      boolean taken = text.startsWith("-") || text.startsWith("−");
      Amount amount =
          reader
              .read(text.replaceFirst("^[+−-]\\s*", ""), food)
              .amount()
              .orElseThrow(() -> notAnAmount(text));
      Estimate mass = weights.of(amount, food, line.id() + ":adjusted:" + i);
      adjusted.add(
          new Adjusted((taken ? "− " : "+ ") + amount.words(), mass.times(taken ? -1 : 1)));
    }
    return adjusted;
  }

  private static RefusedException notAnAmount(String text) {
    return new RefusedException(
        BAD_AMOUNT, text, "“" + text + "” is not an amount to add.", "such as +2 tbsp or -20 g");
  }

  /** Two amounts of one line are held against each other: beyond 2u they disagree. */
  private String check(Line line, LineReader.Line read, Estimate taken) {
    if (read.other().isEmpty()) {
      return "";
    }
    Measure other = read.other().get();
    try {
      Estimate mass = weights.of(other, read.food(), line.id() + ":beside");
      double apart = Math.abs(mass.value() - taken.value());
      return apart <= 2 * Math.hypot(mass.u(), taken.u())
          ? ""
          : "“%s” of %s would be %.0f g, not %.0f g; the better measured one is taken."
              .formatted(other.words(), read.food().name(), mass.value(), taken.value());
    } catch (RefusedException notKnown) {
      return "";
    }
  }

  private MeasuredFood measured(Line line, Food food, Estimate mass) {
    Optional<Preparation> prepared = preparations.prepared(food, book);
    prepared.ifPresent(preparation -> check(line, preparation));
    return prepared
        .map(preparation -> preparation.measured(line.id(), mass))
        .orElseGet(() -> new MeasuredFood(line.id(), food.doubted(weights.tableDoubt()), mass));
  }

  /** A preparation must not hold itself, nor go deeper than {@link Preparation#DEEPEST}. */
  private void check(Line line, Preparation preparation) {
    String name = preparation.food().name();
    recipe
        .self()
        .map(preparation.paths()::get)
        .ifPresent(
            path -> {
              throw new RefusedException(
                  CYCLE,
                  line.text().strip(),
                  "“" + name + "” is itself made with this: " + path + ".",
                  "a preparation without this one in it");
            });
    if (recipe.finish().isPresent() && preparation.depth() >= Preparation.DEEPEST) {
      throw new RefusedException(
          CYCLE,
          line.text().strip(),
          "“" + name + "” already has preparations inside it " + preparation.depth() + " deep.",
          "preparations inside each other up to " + Preparation.DEEPEST + " deep");
    }
  }
}
