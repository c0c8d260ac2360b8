package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Calibration;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.recipe.Recipe.AtTheGriddle;
import honeststack.core.recipe.Recipe.Habit;
import honeststack.core.recipe.Recipe.Making;
import honeststack.core.wording.Say;
import java.util.Optional;

/** What one piece weighs when it is cooked: on the scale, or as pieces usually do. */
final class CookedReader {
  private final AtTheGriddle stated;
  private final Making making;
  private final Noted noted;
  private final Tables tables;
  private final Fields fields;
  private final SourceBook book;
  private final Estimate mass;
  private final double variation;

  CookedReader(
      AtTheGriddle stated,
      Noted noted,
      Tables tables,
      Fields fields,
      SourceBook book,
      Estimate mass,
      double variation) {
    this.stated = stated;
    this.making = stated.making();
    this.noted = noted;
    this.tables = tables;
    this.fields = fields;
    this.book = book;
    this.mass = mass;
    this.variation = variation;
  }

  boolean isWeighed() {
    return noted.isWeighed() || !making.cooked().weight().isBlank();
  }

  /** What one piece weighs when it is cooked, g. */
  Optional<Estimate> piece(Estimate n, Estimate lost) {
    if (noted.isWeighed()) {
      return Optional.of(onTheScale(noted.mean(), "the cooked pieces"));
    }
    Optional<Estimate> weighed =
        fields.mass("griddle.cooked", making.cooked().weight(), "the cooked pieces", Field.COOKED);
    double kept = Math.max(1, n.value() - stated.discarded());
    if (weighed.isPresent() && weighed.get().value() > 0) {
      int some = making.cooked().pieces();
      if (some > kept) {
        fields.refuse(
            "griddle.cooked",
            String.valueOf(some),
            Say.of("“%d” pieces were weighed, but only %.0f are kept.", some, kept),
            Say.of("up to %.0f; 0 for all of them", kept));
      }
      double of = some <= 0 || some > kept ? kept : some;
      double sample = variation * Math.sqrt(Math.max(0, 1 / of - 1 / Math.max(of, n.value())));
      Source source =
          Source.of(
              Use.of(Field.COOKED).part(Part.WHOLE.aspect(Aspect.RANGE)),
              "whether the weighed pieces were like the others");
      return Optional.of(weighed.get().times(1 / of).times(book.input(1, sample, source)));
    }
    Estimate raw = mass.minus(lost).dividedBy(n);
    return mass.value() > 0 ? Optional.of(raw.times(lossOfWeight())) : Optional.empty();
  }

  private Estimate onTheScale(double grams, String what) {
    double calibration = tables.uncertainties().of(Way.WEIGHED).shared();
    return book.input(
        grams, calibration * grams, Source.of(Calibration.SCALE, "the calibration of the scale"));
  }

  /** Cooked over raw mass, where nobody weighed. */
  private Estimate lossOfWeight() {
    Optional<Habit> habit = making.habit().filter(h -> h.cooked() > 0);
    double factor =
        habit.map(Habit::cooked).orElse(tables.factors().of(making.doneness().factor()));
    Doubt usual = tables.uncertainties().of(making.doneness().way());
    double shared = habit.map(h -> h.cookedU() / h.cooked()).orElse(usual.shared());
    String key = "COOKED_" + making.doneness() + (habit.isPresent() ? "_OWN" : "");
    Estimate common =
        book.input(
            factor,
            factor * shared,
            Source.of(new HouseholdWeight("batter", key), "how much weight cooking takes"));
    return common.times(
        book.input(
            1,
            usual.perUse(),
            Source.of(Use.of(Field.COOKED), "how far these pieces were cooked")));
  }
}
