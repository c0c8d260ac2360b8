package honeststack.app.shelf;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftAdjustment;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftHelping;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.app.draft.Draft.DraftPreparation;
import honeststack.app.draft.DraftMaking;
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
      String panFatLeft,
      Making making) {

    private static Griddle of(DraftGriddle griddle) {
      return new Griddle(
          griddle.pieces(),
          griddle.discarded(),
          griddle.portioning(),
          griddle.left(),
          Line.of(griddle.panFat()),
          griddle.panFatLeft(),
          griddle.making() == null ? null : Making.of(griddle.making()));
    }

    private DraftGriddle draft() {
      return new DraftGriddle(
          pieces,
          discarded,
          portioning,
          left,
          panFat.draft(),
          panFatLeft,
          making == null ? null : making.draft());
    }
  }

  /** How the batter became pieces. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Making(
      String portion,
      Integer most,
      String spilled,
      String tasted,
      String cooked,
      Integer cookedPieces,
      Boolean crisp,
      List<Line> moreFat,
      Integer rounds,
      List<String> each,
      Integer later,
      String heated) {

    private static Making of(DraftMaking making) {
      return new Making(
          making.portion(),
          making.most(),
          making.spilled(),
          making.tasted(),
          making.cooked(),
          making.cookedPieces(),
          making.crisp(),
          stored(making.moreFat()),
          making.rounds(),
          making.each(),
          making.later(),
          making.heated());
    }

    private DraftMaking draft() {
      return new DraftMaking(
          portion,
          most,
          spilled,
          tasted,
          cooked,
          cookedPieces,
          crisp,
          drafted(moreFat),
          rounds,
          each,
          later,
          heated);
    }
  }

  private static List<Line> stored(List<DraftLine> lines) {
    return lines == null ? null : lines.stream().map(Line::of).toList();
  }

  private static List<DraftLine> drafted(List<Line> lines) {
    return lines == null ? null : lines.stream().map(Line::draft).toList();
  }

  /** What is served. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Plate(Double pieces, List<Line> toppings, String amount, List<Helping> others) {

    private static Plate of(DraftPlate plate) {
      return new Plate(
          plate.pieces(),
          stored(plate.toppings()),
          plate.amount(),
          plate.others() == null ? null : plate.others().stream().map(Helping::of).toList());
    }

    private DraftPlate draft() {
      return new DraftPlate(
          pieces,
          drafted(toppings),
          amount,
          others == null ? null : others.stream().map(Helping::draft).toList());
    }
  }

  /** A further kind of serving. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Helping(String name, String amount, List<Line> toppings) {

    private static Helping of(DraftHelping helping) {
      return new Helping(helping.name(), helping.amount(), stored(helping.toppings()));
    }

    private DraftHelping draft() {
      return new DraftHelping(name, amount, drafted(toppings));
    }
  }

  /** How a preparation ends. */
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Preparation(Role role, boolean liquid, String weight, String cupWeighs) {}

  public static DraftDocument of(Draft draft) {
    DraftPreparation done = draft.preparation();
    return new DraftDocument(
        draft.kind(),
        draft.system(),
        draft.bowl().stream().map(Line::of).toList(),
        Griddle.of(draft.griddle()),
        Plate.of(draft.plate()),
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
        griddle.draft(),
        plate.draft(),
        goalSetId,
        preparation == null
            ? null
            : new DraftPreparation(
                preparation.role, preparation.liquid, preparation.weight, preparation.cupWeighs),
        method);
  }
}
