package honeststack.app.shelf;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftAdjustment;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.app.draft.Draft.DraftPreparation;
import honeststack.core.food.Role;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Recipe.Portioning;
import java.time.Instant;
import java.util.List;

/**
 * A draft as it is stored. What is stored once must be readable for ever: fields may be added,
 * never renamed or taken away.
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
@JsonIgnoreProperties(ignoreUnknown = true)
public record DraftDocument(
    Draft.Kind kind,
    MeasuringSystem system,
    List<Line> bowl,
    Griddle griddle,
    Plate plate,
    String goalSetId,
    Preparation preparation,
    List<String> method) {

  /** A line. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Line(
      String id,
      String text,
      String foodId,
      String strained,
      Boolean off,
      Boolean shared,
      List<Adjustment> adjustments) {

    static Line of(DraftLine line) {
      return new Line(
          line.id(),
          line.text(),
          line.foodId(),
          line.strained(),
          line.off(),
          line.shared(),
          line.adjustments() == null
              ? null
              : line.adjustments().stream().map(a -> new Adjustment(a.at(), a.text())).toList());
    }

    DraftLine draft() {
      return new DraftLine(
          id,
          text,
          foodId,
          strained,
          off,
          shared,
          adjustments == null
              ? null
              : adjustments.stream().map(a -> new DraftAdjustment(a.at, a.text)).toList());
    }
  }

  /** A change while cooking. */
  record Adjustment(Instant at, String text) {}

  /** What came out. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Griddle(
      Integer pieces,
      int discarded,
      Portioning portioning,
      String left,
      Line panFat,
      String panFatLeft) {}

  /** What is served. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Plate(Double pieces, List<Line> toppings) {}

  /** How a preparation ends. */
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Preparation(Role role, boolean liquid, String weight, String cupWeighs) {}

  public static DraftDocument of(Draft draft) {
    DraftGriddle griddle = draft.griddle();
    DraftPreparation done = draft.preparation();
    return new DraftDocument(
        draft.kind(),
        draft.system(),
        draft.bowl().stream().map(Line::of).toList(),
        new Griddle(
            griddle.pieces(),
            griddle.discarded(),
            griddle.portioning(),
            griddle.left(),
            Line.of(griddle.panFat()),
            griddle.panFatLeft()),
        new Plate(draft.plate().pieces(), draft.plate().toppings().stream().map(Line::of).toList()),
        draft.goalSetId(),
        done == null
            ? null
            : new Preparation(done.role(), done.liquid(), done.weight(), done.cupWeighs()),
        draft.method());
  }

  public Draft draft() {
    return new Draft(
        kind,
        system,
        bowl.stream().map(Line::draft).toList(),
        new DraftGriddle(
            griddle.pieces,
            griddle.discarded,
            griddle.portioning,
            griddle.left,
            griddle.panFat.draft(),
            griddle.panFatLeft),
        new DraftPlate(plate.pieces, plate.toppings.stream().map(Line::draft).toList()),
        goalSetId,
        preparation == null
            ? null
            : new DraftPreparation(
                preparation.role, preparation.liquid, preparation.weight, preparation.cupWeighs),
        method);
  }
}
