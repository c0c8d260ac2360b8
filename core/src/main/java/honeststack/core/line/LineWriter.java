package honeststack.core.line;

import honeststack.core.estimate.Identity.Use;
import honeststack.core.food.Food;
import honeststack.core.food.Packing;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Amount.Term;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Measure.Heap;
import honeststack.core.measure.Unit;
import honeststack.core.measure.Weights;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Writes a line again with another amount, rounded as a kitchen can measure it. */
public final class LineWriter {
  /** Below this, g or mL, a quarter of one still counts. */
  private static final double QUARTERS_TO = 10;

  /** From so many cups on, spoons are written as cups (common practice). */
  private static final double CUP_FROM = 0.5;

  private static final Use ASIDE = Use.of("");

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
    ReadLine line = read(text, picked);
    List<Term> said = line.shape().said();
    if (said.isEmpty()) {
      return new Rewritten(text, 0);
    }
    if (said.stream().allMatch(LineWriter::isKitchen)) {
      return inCupsAndSpoons(line, said, factor);
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

  /** A level cup or spoon of one number, added. */
  private static boolean isKitchen(Term term) {
    Measure measure = term.measure();
    return !term.taken() && measure.halfRange() == 0 && KitchenMeasures.isOne(measure.unit());
  }

  /** Cups and spoons go over into each other: half of ¾ cup is 6 tbsp. */
  private Rewritten inCupsAndSpoons(ReadLine line, List<Term> said, double factor) {
    KitchenMeasures kitchen = new KitchenMeasures(weights.system());
    double exact = factor * said.stream().mapToDouble(t -> kitchen.millilitres(t.measure())).sum();
    Measure largest =
        said.stream()
            .map(Term::measure)
            .max(Comparator.comparingDouble(m -> m.unit().millilitres(weights.system())))
            .orElseThrow();
    List<Measure> written = kitchen.of(exact, factor > 1 ? inCups(largest, exact) : largest);
    String words = written.stream().map(Measure::text).collect(Collectors.joining(" + "));
    return new Rewritten(line.shape().with(words), off(line, said, factor, written, exact));
  }

  /** By weight, as cups and spoons of a food need not agree; by volume where it has none. */
  private double off(
      ReadLine line, List<Term> said, double factor, List<Measure> written, double exact) {
    try {
      double wanted = factor * grams(line, said.stream().map(Term::measure).toList());
      return wanted > 0 ? grams(line, written) / wanted - 1 : 0;
    } catch (RefusedException notKnown) {
      KitchenMeasures kitchen = new KitchenMeasures(weights.system());
      double got = written.stream().mapToDouble(kitchen::millilitres).sum();
      return exact > 0 ? got / exact - 1 : 0;
    }
  }

  private double grams(ReadLine line, List<Measure> measures) {
    Packing packing = line.amount().map(Amount::packing).orElse(Packing.NOT_SAID);
    List<Term> terms = measures.stream().map(m -> new Term(packed(m, packing), false)).toList();
    return weights.of(new Amount(terms, false, false, false), line.food(), ASIDE).value();
  }

  /** How a cup is filled may be said behind the food. */
  private static Measure packed(Measure m, Packing packing) {
    return m.packing() != Packing.NOT_SAID
        ? m
        : new Measure(
            m.amount(), m.halfRange(), m.decimals(), m.unit(), packing, m.heap(), m.size());
  }

  /** Many spoons are cups: twice 6 tbsp is ¾ cup. */
  private Measure inCups(Measure largest, double millilitres) {
    boolean spoons = largest.unit().kind() == Unit.Kind.SPOON && largest.heap() == Heap.LEVEL;
    double cup = Unit.CUP.millilitres(weights.system());
    return spoons && millilitres >= CUP_FROM * cup ? largest.in(Unit.CUP) : largest;
  }

  /**
   * In grams, as the line's own measure weighs; a line already weighed, or counted by graded
   * pieces, stays.
   *
   * @throws RefusedException if the line cannot be read or weighed
   */
  public Rewritten inGrams(String text, Optional<Food> picked) {
    ReadLine line = read(text, picked);
    if (line.amount().isEmpty() || line.measure().unit() == Unit.GRAM) {
      return new Rewritten(text, 0);
    }
    double grams = weights.of(line.amount().get(), line.food(), ASIDE).value();
    double written = Unit.GRAM.rounded(grams);
    return new Rewritten(
        line.shape().with(Numbers.plain(written) + " g"), grams > 0 ? written / grams - 1 : 0);
  }

  /**
   * In cups, spoons or pieces, the nearest sensible fraction of the one that comes closest; a line
   * that is not weighed stays.
   *
   * @throws RefusedException if the line cannot be read, or the larder knows no cup or piece of it
   */
  public Rewritten inKitchenMeasures(String text, Optional<Food> picked) {
    ReadLine line = read(text, picked);
    if (line.amount().isEmpty() || line.measure().unit().kind() != Unit.Kind.MASS) {
      return new Rewritten(text, 0);
    }
    double grams = weights.of(line.amount().get(), line.food(), ASIDE).value();
    Measure best = null;
    double least = Double.MAX_VALUE;
    for (Unit unit : List.of(Unit.CUP, Unit.TABLESPOON, Unit.TEASPOON, Unit.COUNT)) {
      Optional<Double> one = one(unit, line.food());
      if (one.isPresent()) {
        Measure near = filled(unit.rounded(grams / one.get()), unit);
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
    return unit == Unit.TABLESPOON ? 6 : unit == Unit.TEASPOON ? 5 : 40;
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
      return Optional.of(weights.of(filled(1, unit), food, ASIDE).value());
    } catch (RefusedException notKnown) {
      return Optional.empty();
    }
  }

  private ReadLine read(String text, Optional<Food> picked) {
    return picked.isPresent() ? reader.read(text, picked.get()) : reader.read(text);
  }

  /** A kilogram or a litre with three decimals would read as thousands. */
  private static Measure readable(Measure measure) {
    double hundredths = 100 * measure.amount();
    boolean fine = Math.abs(hundredths - Math.rint(hundredths)) > 1e-6;
    if (!fine || measure.unit() != Unit.KILOGRAM && measure.unit() != Unit.LITRE) {
      return measure;
    }
    Unit small = measure.unit() == Unit.KILOGRAM ? Unit.GRAM : Unit.MILLILITRE;
    return measure.times(1000).in(small);
  }

  /** As a kitchen can measure it. */
  static Measure rounded(Measure measure) {
    double amount = roundedAmount(measure);
    if (amount == 0 && measure.amount() > 0) {
      amount = measure.amount();
    }
    double half = Math.min(measure.halfRange(), amount);
    int decimals = amount == Math.rint(amount) ? 0 : measure.decimals();
    return new Measure(
        amount, half, decimals, measure.unit(), measure.packing(), measure.heap(), measure.size());
  }

  /** A weight without decimals gets none: they would claim a finer scale than there was. */
  private static double roundedAmount(Measure measure) {
    boolean fine = measure.unit() == Unit.GRAM || measure.unit() == Unit.MILLILITRE;
    double amount = measure.amount();
    if (!fine || measure.decimals() > 0) {
      return measure.unit().rounded(amount);
    }
    boolean half = Math.abs(2 * amount - Math.rint(2 * amount)) < 1e-9;
    return amount < QUARTERS_TO ? Math.rint(4 * amount) / 4 : half ? amount : Math.rint(amount);
  }
}
