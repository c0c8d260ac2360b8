package honeststack.core.recipe;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.line.PortionText;
import honeststack.core.line.PortionText.Portioned;
import honeststack.core.measure.Tables;
import honeststack.core.recipe.Recipe.AtTheGriddle;
import honeststack.core.recipe.Recipe.Habit;
import honeststack.core.recipe.Recipe.Making;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import honeststack.core.yield.Balance;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import honeststack.core.yield.Portion;
import honeststack.core.yield.Portions;
import java.util.Optional;

/** How many pieces a batter makes or made, what each weighs, and where the rest went. */
final class GriddleReader {
  static final int MOST_PIECES = 1000;

  private final AtTheGriddle stated;
  private final Making making;
  private final BatterReader batter;
  private final Fields fields;
  private final SourceBook book;
  private final Tables tables;
  private final Estimate mass;
  private final Noted noted;

  private final Optional<Portion> portion;
  private final Estimate left;
  private final Estimate spilled;
  private final Estimate tasted;
  private final Optional<Estimate> predicted;
  private final Optional<Estimate> count;
  private Optional<Portions> portions = Optional.empty();

  GriddleReader(
      Tables tables,
      AtTheGriddle stated,
      BatterReader batter,
      Fields fields,
      SourceBook book,
      Estimate mass) {
    this.stated = stated;
    this.making = stated.making();
    this.batter = batter;
    this.fields = fields;
    this.book = book;
    this.tables = tables;
    this.mass = mass;
    this.noted = Noted.of(making.each(), tables, fields);
    this.portion = portion();
    Optional<Estimate> counted = counted();
    Estimate room = mass;
    this.left =
        lost("griddle.left", stated.left(), Field.BATTER_LEFT, "left in the bowl", counted, room);
    this.spilled =
        lost(
            "griddle.spilled",
            making.spilled(),
            Field.SPILLED,
            "spilled",
            counted,
            mass.minus(left));
    this.tasted =
        lost(
            "griddle.tasted",
            making.tasted(),
            Field.TASTED,
            "tasted",
            counted,
            mass.minus(left).minus(spilled));
    this.predicted = portion.filter(p -> mass.value() > 0).map(this::predicted);
    this.count = counted.or(() -> predicted.map(n -> n.value() < 1 ? Estimate.exact(1) : n));
  }

  /** Pieces that were or will be cooked, to a whole number; 0 if that is not known. */
  int pieces() {
    return count.map(n -> (int) Math.max(1, Math.round(n.value()))).orElse(0);
  }

  Optional<Portions> portions() {
    return portions;
  }

  Noted noted() {
    return noted;
  }

  Optional<Griddle> read() {
    if (count.isEmpty()) {
      return Optional.empty();
    }
    CookedReader cooked = new CookedReader(stated, noted, tables, fields, book, mass, variation());
    Estimate n = count.get();
    Estimate lost = left.plus(spilled).plus(tasted);
    portions = Optional.of(new Portions(mass, lost, n, variation(), book));
    boolean foretold = counted().isEmpty();
    Griddle griddle =
        new Griddle(
            pieces(),
            discarded(),
            variation(),
            lost,
            portions.get().of(1),
            n.sources() == 0 ? Estimate.exact(1 / n.value()) : Estimate.exact(1).dividedBy(n),
            foretold,
            cooked.piece(n, lost),
            cooked.isWeighed(),
            later());
    making.habit().ifPresent(this::habitual);
    if (foretold) {
      fields.found(foretold(n));
    }
    return Optional.of(griddle);
  }

  Outcome outcome() {
    Optional<Balance> balance =
        portion
            .filter(p -> counted().isPresent() && mass.value() > 0)
            .map(p -> new Balance(mass, p.grams().times(counted().get()), left, spilled, tasted));
    balance.filter(Balance::isFinding).ifPresent(this::unbalanced);
    return new Outcome(batter.volume(), portion, predicted, balance);
  }

  private void unbalanced(Balance balance) {
    double rest = balance.unexplained().value();
    double share = Math.abs(rest) / balance.batter().value() * 100;
    String portioned = portion.map(Portion::words).orElse("");
    fields.found(
        rest > 0
            ? Say.of(
                "Pieces of %s account for %.0f g less batter than there was (%.0f %%):"
                    + " fuller portions, batter that stuck to bowl and ladle,"
                    + " or a piece that was not counted.",
                portioned, rest, share)
            : Say.of(
                "Pieces of %s would take %.0f g more batter than there was (%.0f %%):"
                    + " smaller portions, more air in the batter,"
                    + " or something that went in and is not written down.",
                portioned, -rest, share));
  }

  private String foretold(Estimate n) {
    long low = Math.max(1, Math.round(n.low()));
    long high = Math.max(low, Math.round(n.high()));
    String portioned = portion.map(Portion::words).orElse("");
    return Say.of(
        "Nobody counted yet: %s each makes about %d, from %d to %d. The figures rest on that.",
        portioned, Math.max(1, Math.round(n.value())), low, high);
  }

  private Optional<Portion> portion() {
    if (making.portion().isBlank()) {
      return Optional.empty();
    }
    try {
      return Optional.of(batter.portion(making.portion()));
    } catch (RefusedException refused) {
      fields.refuse("griddle.portion", refused.refusal());
      return Optional.empty();
    }
  }

  /** As they were counted: exactly, or as a range. */
  private Optional<Estimate> counted() {
    if (stated.pieces().isEmpty() && !making.each().isEmpty()) {
      return Optional.of(Estimate.exact(making.each().size()));
    }
    if (stated.pieces().isEmpty() || isRefused(stated.pieces().get(), "griddle.pieces")) {
      return Optional.empty();
    }
    int least = stated.pieces().get();
    int most = making.most().orElse(least);
    if (most == least || most < least || isRefused(most, "griddle.most")) {
      return Optional.of(Estimate.exact(least));
    }
    Source source =
        Source.rectangular(
            Use.of(Field.PIECES).part(Part.WHOLE.aspect(Aspect.RANGE)),
            Say.of("whether %d or %d came out", least, most));
    return Optional.of(
        book.input((least + most) / 2.0, Distribution.rectangular((most - least) / 2.0), source));
  }

  private boolean isRefused(int pieces, String field) {
    if (pieces >= 1 && pieces <= MOST_PIECES) {
      return false;
    }
    if (fields.problems().stream().noneMatch(p -> p.field().equals(field))) {
      fields.refuse(
          field,
          String.valueOf(pieces),
          "“" + pieces + "” pieces cannot have come out.",
          "a whole number from 1 to " + MOST_PIECES);
    }
    return true;
  }

  /** How many pieces the batter makes: what is left of it, less what usually is lost. */
  private Estimate predicted(Portion each) {
    Estimate rest = mass.minus(left).minus(spilled).minus(tasted);
    Optional<Habit> habit = making.habit();
    if (habit.isPresent()) {
      Source usual = Source.of(new HouseholdWeight("batter", "LOST"), "how much batter is lost");
      rest = rest.times(book.input(1 - habit.get().lost(), habit.get().lostU(), usual));
    }
    return rest.dividedBy(each.grams());
  }

  private int discarded() {
    int discarded = stated.discarded();
    int pieces = pieces();
    if (discarded < 0 || discarded > pieces) {
      fields.refuse(
          "griddle.discarded",
          String.valueOf(discarded),
          "“" + discarded + "” thrown away of " + pieces + " pieces.",
          "a whole number from 0 to " + pieces);
      return 0;
    }
    return discarded;
  }

  private int later() {
    int later = making.later();
    int rest = Math.max(0, pieces() - Math.max(0, stated.discarded()));
    if (later < 0 || later > rest) {
      fields.refuse(
          "griddle.later",
          String.valueOf(later),
          "“" + later + "” kept for later of " + rest + " pieces.",
          "a whole number from 0 to " + rest);
      return 0;
    }
    return later;
  }

  private void habitual(Habit habit) {
    StringBuilder words = new StringBuilder(Say.of("As your %d mornings showed:", habit.runs()));
    if (habit.cooked() > 0) {
      words.append(Say.of(" cooked, a piece weighs %.0f %% of its batter", habit.cooked() * 100));
    }
    if (habit.lostU() > 0) {
      String than = habit.lost() < 0 ? "more" : "fewer";
      words
          .append(habit.cooked() > 0 ? ";" : "")
          .append(
              Say.of(
                  " %.0f %% %s pieces come out than the portion says",
                  Math.abs(habit.lost()) * 100, than));
    }
    fields.found(words.append('.').toString());
  }

  private double variation() {
    double usual = tables.uncertainties().of(stated.portioning().way()).perUse();
    return noted.variation(usual);
  }

  /** Batter that is in no piece: a weight, a measure, or pieces; nothing if it cannot be. */
  private Estimate lost(
      String field,
      String text,
      Field place,
      String what,
      Optional<Estimate> counted,
      Estimate of) {
    if (text.isBlank()) {
      return Estimate.ZERO;
    }
    try {
      Estimate lost = grams(PortionText.read(text), text.strip(), place, counted);
      if (lost.value() > 0 && lost.value() >= of.value()) {
        fields.refuse(
            field,
            text,
            Say.of("%s %s, but the batter weighs %.0f g.", Say.quoted(text), what, of.value()),
            "less than the batter");
        return Estimate.ZERO;
      }
      return lost;
    } catch (RefusedException refused) {
      fields.refuse(field, refused.refusal());
      return Estimate.ZERO;
    }
  }

  private Estimate grams(Portioned said, String words, Field place, Optional<Estimate> counted) {
    if (!(said instanceof PortionText.Pieces pieces)) {
      return batter.amount(said, words, place).grams();
    }
    if (portion.isPresent()) {
      return portion.get().grams().times(pieces.count());
    }
    if (counted.isEmpty()) {
      throw new RefusedException(
          Refusal.Reason.BAD_AMOUNT,
          words,
          "How much batter “" + words + "” is cannot be told yet.",
          "a weight or a measure; pieces once it is said how much goes into one, or how many came"
              + " out");
    }
    double all = counted.get().value() + pieces.count();
    return mass.times(pieces.count() / all);
  }
}
