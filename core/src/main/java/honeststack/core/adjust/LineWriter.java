package honeststack.core.adjust;

import honeststack.core.food.Food;
import honeststack.core.food.Packing;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Amount.Term;
import honeststack.core.measure.LineReader;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Measure.Heap;
import honeststack.core.measure.NumberText;
import honeststack.core.measure.Refusal;
import honeststack.core.measure.RefusedException;
import honeststack.core.measure.Unit;
import honeststack.core.measure.Weights;
import java.util.List;
import java.util.Optional;

/** Writes a line again with another amount, rounded as a kitchen can measure it. */
public final class LineWriter {
  private static final double[] CUPS = {0, 1 / 4.0, 1 / 3.0, 1 / 2.0, 2 / 3.0, 3 / 4.0, 1};
  private static final double[] SPOONS = {0, 1 / 2.0, 1};
  private static final double[] TEASPOONS = {0, 1 / 8.0, 1 / 4.0, 1 / 2.0, 3 / 4.0, 1};
  private static final double[] PIECES = {0, 1 / 4.0, 1 / 2.0, 3 / 4.0, 1};
  private static final double FINE_GRAMS = 10;

  private final LineReader reader;
  private final Weights weights;

  public LineWriter(LineReader reader, Weights weights) {
    this.reader = reader;
    this.weights = weights;
  }

  /**
   * A line written anew.
   *
   * @param rounding how far rounding took it off, relative: 0.02 is 2 % too much
   */
  public record Rewritten(String text, double rounding) {}

  /**
   * So many times as much; the line as it is if it measures nothing.
   *
   * @throws RefusedException if the line cannot be read
   */
  public Rewritten scaled(String text, Optional<Food> picked, double factor) {
    LineReader.Line line = read(text, picked);
    List<Term> said = line.shape().said();
    if (said.isEmpty()) {
      return new Rewritten(text, 0);
    }
    double exact = 0;
    double rounded = 0;
    StringBuilder words = new StringBuilder();
    for (Term term : said) {
      Measure wanted = readable(term.measure().times(factor));
      Measure written = rounded(wanted);
      if (!words.isEmpty()) {
        words.append(term.taken() ? " less " : " + ");
      }
      words.append(written.text());
      exact += wanted.amount();
      rounded += written.amount();
    }
    boolean tin = line.amount().filter(Amount::isDrainedTin).isPresent();
    return new Rewritten(
        line.shape().with(tin ? words + " tin" : words.toString()),
        said.size() == 1 && exact > 0 ? rounded / exact - 1 : 0);
  }

  /**
   * In grams, as the line's own measure weighs; a line already weighed, or counted by graded
   * pieces, stays.
   *
   * @throws RefusedException if the line cannot be read or weighed
   */
  public Rewritten inGrams(String text, Optional<Food> picked) {
    LineReader.Line line = read(text, picked);
    if (line.amount().isEmpty() || line.measure().unit() == Unit.GRAM) {
      return new Rewritten(text, 0);
    }
    double grams = weights.of(line.amount().get(), line.food(), "rewritten").value();
    double written = grams(grams);
    return new Rewritten(
        line.shape().with(NumberText.plain(written) + " g"), grams > 0 ? written / grams - 1 : 0);
  }

  /**
   * In cups, spoons or pieces, the nearest sensible fraction of the one that comes closest; a line
   * that is not weighed stays.
   *
   * @throws RefusedException if the line cannot be read, or the larder knows no cup or piece of it
   */
  public Rewritten inKitchenMeasures(String text, Optional<Food> picked) {
    LineReader.Line line = read(text, picked);
    if (line.amount().isEmpty() || line.measure().unit().kind() != Unit.Kind.MASS) {
      return new Rewritten(text, 0);
    }
    double grams = weights.of(line.amount().get(), line.food(), "rewritten").value();
    Measure best = null;
    double least = Double.MAX_VALUE;
    for (Unit unit : List.of(Unit.CUP, Unit.TABLESPOON, Unit.TEASPOON, Unit.COUNT)) {
      Optional<Double> one = one(unit, line.food());
      if (one.isPresent()) {
        Measure near = rounded(filled(grams / one.get(), unit));
        double off = Math.abs(near.amount() * one.get() / grams - 1);
        if (near.amount() > 0 && near.amount() <= most(unit) && off < least - 0.01) {
          best = near;
          least = off;
        }
      }
    }
    if (best == null) {
      throw noMeasure(line.food(), text);
    }
    double rounding = best.amount() * one(best.unit(), line.food()).orElseThrow() / grams - 1;
    return new Rewritten(line.shape().with(best.text()), rounding);
  }

  private static double most(Unit unit) {
    return switch (unit) {
      case TABLESPOON -> 6;
      case TEASPOON -> 5;
      default -> 40;
    };
  }

  private static RefusedException noMeasure(Food food, String text) {
    return new RefusedException(
        Refusal.Reason.NO_WEIGHT,
        text.strip(),
        "The larder knows no cup, spoon or piece of " + food.name() + ".",
        "a household measure of it in the larder");
  }

  private static Measure filled(double amount, Unit unit) {
    return new Measure(amount, 0, 0, unit, Packing.NOT_SAID, Heap.LEVEL, "");
  }

  private Optional<Double> one(Unit unit, Food food) {
    try {
      return Optional.of(weights.of(filled(1, unit), food, "one").value());
    } catch (RefusedException notKnown) {
      return Optional.empty();
    }
  }

  private LineReader.Line read(String text, Optional<Food> picked) {
    return picked.isPresent() ? reader.read(text, picked.get()) : reader.read(text);
  }

  /** A kilogram or a litre with three decimals would read as thousands. */
  private static Measure readable(Measure measure) {
    double hundredths = 100 * measure.amount();
    boolean fine = Math.abs(hundredths - Math.rint(hundredths)) > 1e-6;
    return switch (measure.unit()) {
      case KILOGRAM -> fine ? measure.times(1000).in(Unit.GRAM) : measure;
      case LITRE -> fine ? measure.times(1000).in(Unit.MILLILITRE) : measure;
      default -> measure;
    };
  }

  /** As a kitchen can measure it. */
  static Measure rounded(Measure measure) {
    double amount =
        switch (measure.unit()) {
          case GRAM, MILLILITRE -> grams(measure.amount());
          case KILOGRAM, LITRE -> Math.round(measure.amount() * 1000) / 1000.0;
          case OUNCE, POUND, FLUID_OUNCE -> Math.round(measure.amount() * 8) / 8.0;
          case CUP, PINT, QUART, LADLE, SCOOP -> nearest(measure.amount(), CUPS);
          case TABLESPOON, DESSERTSPOON -> nearest(measure.amount(), SPOONS);
          case TEASPOON -> nearest(measure.amount(), TEASPOONS);
          case COUNT -> nearest(measure.amount(), PIECES);
          default -> measure.amount();
        };
    if (amount == 0 && measure.amount() > 0) {
      amount = measure.amount();
    }
    double half = Math.min(measure.halfRange(), amount);
    int decimals =
        amount == Math.rint(amount) ? 0 : measure.unit() == Unit.GRAM ? 1 : measure.decimals();
    return new Measure(
        amount, half, decimals, measure.unit(), measure.packing(), measure.heap(), measure.size());
  }

  /** Whole grams, tenths of a gram under 10 g. */
  static double grams(double grams) {
    return grams < FINE_GRAMS ? Math.round(grams * 10) / 10.0 : Math.rint(grams);
  }

  private static double nearest(double value, double[] parts) {
    double whole = Math.floor(value);
    double best = whole;
    for (double part : parts) {
      if (Math.abs(whole + part - value) < Math.abs(best - value)) {
        best = whole + part;
      }
    }
    return best;
  }
}
