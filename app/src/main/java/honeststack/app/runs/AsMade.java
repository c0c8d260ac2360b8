package honeststack.app.runs;

import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftAdjustment;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.DraftMaking;
import honeststack.core.morning.Event;
import honeststack.core.morning.Morning;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.Rewriting;
import honeststack.core.recipe.Rewriting.Wanted;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A version's draft as it was made one morning. */
final class AsMade {
  private AsMade() {}

  static Draft of(Draft planned, Morning morning, Kitchen kitchen) {
    Draft draft = times(planned, morning, kitchen);
    return new Draft(
        draft.kind(),
        draft.system(),
        bowl(draft.bowl(), morning),
        griddle(draft.griddle(), morning),
        draft.plate(),
        draft.goalSetId(),
        draft.preparation(),
        draft.method());
  }

  /** So many times as much, where the morning was set up so. */
  private static Draft times(Draft planned, Morning morning, Kitchen kitchen) {
    Optional<Double> factor =
        morning.counting().stream()
            .filter(e -> e.kind() == Event.Kind.SETUP && e.amount() > 0 && e.amount() != 1)
            .map(Event::amount)
            .reduce((first, last) -> last);
    if (factor.isEmpty()) {
      return planned;
    }
    Wanted wanted = new Wanted(String.valueOf(factor.get()), "", "", "");
    return planned.written(Rewriting.scale(kitchen, planned.recipe(), wanted).recipe());
  }

  /** A bit more or less of a line goes to the line; what is new is a line of its own. */
  private static List<DraftLine> bowl(List<DraftLine> planned, Morning morning) {
    List<DraftLine> bowl = new ArrayList<>(planned);
    for (Event event : morning.adjustments()) {
      int at = -1;
      for (int i = 0; i < planned.size(); i++) {
        at = planned.get(i).id().equals(event.about()) ? i : at;
      }
      if (at < 0) {
        String text = event.text().strip().replaceFirst("^\\+\\s*", "");
        bowl.add(new DraftLine(event.id(), text, null));
      } else {
        DraftLine line = bowl.get(at);
        List<DraftAdjustment> more =
            new ArrayList<>(line.adjustments() == null ? List.of() : line.adjustments());
        more.add(new DraftAdjustment(Instant.ofEpochMilli(event.at()), event.text()));
        bowl.set(
            at,
            new DraftLine(
                line.id(),
                line.text(),
                line.foodId(),
                line.strained(),
                line.off(),
                line.shared(),
                more));
      }
    }
    return bowl;
  }

  private static DraftGriddle griddle(DraftGriddle planned, Morning morning) {
    boolean counted = morning.pieces().isPresent();
    DraftMaking making = planned.making() == null ? DraftMaking.NOT_SAID : planned.making();
    Optional<Event> cooked = morning.cooked();
    return new DraftGriddle(
        counted ? Integer.valueOf(morning.pieces().getAsInt()) : planned.pieces(),
        counted ? morning.discarded() : planned.discarded(),
        planned.portioning(),
        morning.last(Event.Kind.LEFT).orElse(counted ? "" : planned.left()),
        planned.panFat(),
        planned.panFatLeft(),
        new DraftMaking(
            making.portion(),
            counted ? null : making.most(),
            morning.last(Event.Kind.SPILLED).orElse(counted ? null : making.spilled()),
            morning.last(Event.Kind.TASTED).orElse(counted ? null : making.tasted()),
            cooked.map(Event::text).orElse(null),
            cooked.map(e -> Double.isNaN(e.amount()) ? null : (int) e.amount()).orElse(null),
            making.crisp(),
            making.moreFat(),
            making.rounds(),
            morning.isNoted() ? morning.each() : null,
            counted ? null : making.later(),
            making.heated()));
  }
}
