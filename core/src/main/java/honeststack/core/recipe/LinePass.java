package honeststack.core.recipe;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;
import static honeststack.core.wording.Refusal.Reason.CYCLE;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Packing;
import honeststack.core.food.TableKind;
import honeststack.core.line.ReadLine;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.measure.Weights;
import honeststack.core.recipe.LineReading.Adjusted;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Offer;
import honeststack.core.recipe.LineReading.Remarks;
import honeststack.core.recipe.LineReading.Said;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe.Adjustment;
import honeststack.core.recipe.Recipe.Line;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads the lines of one recipe into grams, and keeps what is to be said of each. */
final class LinePass {

  private final Kitchen kitchen;
  private final Recipe recipe;
  private final Weights weights;

  /** For what is only held beside a line, and is no source of its figures. */
  private final Weights aside;

  private final SourceBook book;
  private final Offers offers;
  private final List<LineReading> readings = new ArrayList<>();
  private final List<Gap> gaps = new ArrayList<>();
  private final List<String> findings = new ArrayList<>();
  private final List<String> without = new ArrayList<>();

  LinePass(Kitchen kitchen, Recipe recipe, Weights weights, SourceBook book) {
    this.kitchen = kitchen;
    this.offers = new Offers(kitchen.foods());
    this.recipe = recipe;
    this.weights = weights;
    this.book = book;
    this.aside = kitchen.weights(recipe.system(), new SourceBook());
  }

  List<LineReading> readings() {
    return readings;
  }

  List<Gap> gaps() {
    return gaps;
  }

  List<String> findings() {
    return findings;
  }

  /** What is not in the numbers, in a few words each. */
  List<String> without() {
    return without;
  }

  /** The lines of a station that count; those that are off or blank do not. */
  List<MeasuredFood> measured(List<Line> stated, Station station) {
    List<MeasuredFood> measured = new ArrayList<>();
    for (Line line : stated) {
      if (!line.isBlank()) {
        read(line, station).filter(food -> !line.off()).ifPresent(measured::add);
      }
    }
    return measured;
  }

  /**
   * The fat in the pan; what nobody measured gets a usual amount, and is said.
   *
   * @param pieces that go into the pan; 0 if that is not known
   */
  Optional<MeasuredFood> pan(Line line, int pieces) {
    Optional<MeasuredFood> measured = read(line, Station.PAN);
    if (line.off()) {
      return Optional.empty();
    }
    if (measured.isPresent() || !(last() instanceof NotMeasured open)) {
      return measured;
    }
    double usual = Sentences.panFat(kitchen.tables().usual(), pieces);
    String name = open.food().name();
    Source source =
        Source.rectangular(Use.of(line.id()), "how much " + name + " went into the pan");
    Estimate mass = book.input(usual, Distribution.rectangular(usual), source);
    gaps.remove(gaps.size() - 1);
    without.set(
        without.size() - 1,
        Say.of("a measured amount of %s in the pan (%.0f g taken)", name, usual));
    return Optional.of(measured(line, open.food(), mass, book));
  }

  /** The toppings of another serving, which are no lines of the recipe, with what they lack. */
  Aside aside(List<Line> toppings) {
    int read = readings.size();
    int known = gaps.size();
    List<MeasuredFood> measured = measured(toppings, Station.PLATE);
    List<Gap> own = gaps.subList(known, gaps.size());
    Aside aside = new Aside(measured, own);
    own.clear();
    readings.subList(read, readings.size()).clear();
    return aside;
  }

  private LineReading last() {
    return readings.get(readings.size() - 1);
  }

  /** Empty if the line cannot be counted; why is in its reading. */
  private Optional<MeasuredFood> read(Line line, Station station) {
    try {
      Optional<Food> picked = line.picked().flatMap(kitchen.foods()::byId);
      ReadLine read =
          picked.isPresent()
              ? kitchen.lines().read(line.text(), picked.get())
              : kitchen.lines().read(kitchen.oneLine().of(line.text()));
      if (read.amount().isEmpty()) {
        open(line, station, read.food(), read.food().name());
        readings.add(notMeasured(line, station, read));
        return Optional.empty();
      }
      return Optional.of(understood(line, station, read, read.amount().get()));
    } catch (RefusedException refused) {
      readings.add(refused(line, station, refused.refusal()));
      if (!line.off()) {
        String said = Say.quoted(line.text());
        findings.add("Not in the numbers: " + said + ".");
        without.add(said);
        gaps.add(new Gap(station, Optional.empty()));
      }
      return Optional.empty();
    }
  }

  /** Some of a food, and nobody knows how much. */
  private void open(Line line, Station station, Food food, String words) {
    if (line.off()) {
      return;
    }
    Estimate most = Estimate.exact(kitchen.tables().usual().plausible(food));
    MeasuredFood plausible = measured(line, food, most, new SourceBook());
    without.add(words);
    gaps.add(new Gap(station, Optional.of(plausible)));
  }

  private MeasuredFood understood(Line line, Station station, ReadLine read, Amount amount) {
    Food food = read.food();
    Estimate written = weights.of(amount, food, Use.of(line.id()));
    List<Adjusted> adjusted = adjusted(line, food);
    Estimate mass = written;
    for (Adjusted change : adjusted) {
      mass = mass.plus(change.mass());
    }
    if (mass.value() < 0) {
      throw new RefusedException(
          BAD_AMOUNT,
          line.text().strip(),
          "More was taken away from " + Say.quoted(line.text()) + " than there was.",
          "less taken away than there was");
    }
    MeasuredFood measured = measured(line, food, mass, book);
    Remarks remarks =
        new Remarks(
            line.text(),
            read.optional(),
            line.off(),
            read.unused(),
            check(read, written),
            "",
            read.shape().rest(),
            read.alternatives());
    readings.add(
        new Understood(
            line.id(),
            station,
            said(amount, food),
            measured.food(),
            read.general(),
            mass,
            adjusted,
            remarks));
    if (amount.more()) {
      open(line, station, food, "some more " + food.name());
    }
    return measured;
  }

  private static Said said(Amount amount, Food food) {
    Unit unit = amount.unit();
    return new Said(
        amount.words(),
        unit.symbol(),
        amount.packing().words(),
        unit.kind() == Unit.Kind.MASS,
        unit.isConstant(),
        unit == Unit.CUP && isPacked(food),
        unit == Unit.COUNT ? amount.first().amount() : 0);
  }

  /** A food whose cup weighs otherwise when it is filled otherwise. */
  private static boolean isPacked(Food food) {
    return !food.liquid()
        && food.measures().stream()
            .anyMatch(
                m ->
                    m instanceof HouseholdMeasure.Volume v
                        && v.packing() != Packing.NOT_SAID
                        && !v.packing().isForm());
  }

  private NotUnderstood refused(Line line, Station station, Refusal refusal) {
    boolean open =
        refusal.reason() == Refusal.Reason.UNKNOWN_FOOD
            || refusal.reason() == Refusal.Reason.OPEN_CHOICE;
    List<Offer> nearest = open ? offers.nearest(refusal.offending(), line.text()) : List.of();
    return new NotUnderstood(line.id(), station, line.text().strip(), line.off(), refusal, nearest);
  }

  private NotMeasured notMeasured(Line line, Station station, ReadLine read) {
    Remarks remarks =
        new Remarks(
            line.text(),
            read.optional(),
            line.off(),
            read.unused(),
            "",
            "",
            read.shape().rest(),
            read.alternatives());
    return new NotMeasured(
        line.id(), station, read.food(), read.general(), tablespoon(read.food()), "", remarks);
  }

  private Optional<Double> tablespoon(Food food) {
    try {
      Measure one = new Measure(1, 0, Unit.TABLESPOON, Packing.NOT_SAID, "");
      return Optional.of(aside.of(one, food, Use.of("")).value());
    } catch (RefusedException notKnown) {
      return Optional.empty();
    }
  }

  private List<Adjusted> adjusted(Line line, Food food) {
    List<Adjusted> adjusted = new ArrayList<>(line.adjustments().size());
    for (int i = 0; i < line.adjustments().size(); i++) {
      Adjustment adjustment = line.adjustments().get(i);
      Use use = Use.of(line.id());
      Amount amount =
          kitchen
              .lines()
              .read(adjustment.bare(), food)
              .amount()
              .orElseThrow(() -> notAnAmount(adjustment.text().strip()));
      Estimate mass = weights.of(amount, food, use.part(use.part().adjustment(i)));
      boolean taken = adjustment.isTaken();
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
  private String check(ReadLine read, Estimate taken) {
    if (read.other().isEmpty()) {
      return "";
    }
    Measure other = read.other().get();
    try {
      Estimate mass = aside.of(other, read.food(), Use.of(""));
      double apart = Math.abs(mass.value() - taken.value());
      return apart <= 2 * Math.hypot(mass.u(), taken.u())
          ? ""
          : Say.of(
              "“%s” of %s would be %.0f g, not %.0f g; the better measured one is taken.",
              other.words(), read.food().name(), mass.value(), taken.value());
    } catch (RefusedException notKnown) {
      return "";
    }
  }

  private MeasuredFood measured(Line line, Food food, Estimate mass, SourceBook in) {
    Optional<Preparation> prepared = kitchen.preparations().of(food);
    if (prepared.isEmpty()) {
      Food doubted = food.doubted(kitchen.tables().uncertainties().ofTables(TableKind.of(food)));
      return new MeasuredFood(line.id(), doubted, mass);
    }
    check(line, prepared.get());
    return prepared.get().measured(line.id(), mass, in);
  }

  /** A preparation must not hold itself, nor go deeper than {@link Preparation#DEEPEST}. */
  private void check(Line line, Preparation preparation) {
    String name = preparation.food().name();
    Optional<String> path = recipe.self().map(preparation.paths()::get);
    if (path.isPresent()) {
      throw new RefusedException(
          CYCLE,
          line.text().strip(),
          "“" + name + "” is itself made with this: " + path.get() + ".",
          "a preparation without this one in it");
    }
    if (recipe.finish().isPresent() && preparation.depth() >= Preparation.DEEPEST) {
      throw new RefusedException(
          CYCLE,
          line.text().strip(),
          "“" + name + "” already has preparations inside it " + preparation.depth() + " deep.",
          "preparations inside each other up to " + Preparation.DEEPEST + " deep");
    }
  }
}
