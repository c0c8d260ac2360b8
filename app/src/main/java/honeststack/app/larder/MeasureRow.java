package honeststack.app.larder;

import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.HouseholdMeasure.Volume;
import honeststack.core.food.Packing;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A household measure as files, forms and the database write it. Cups and spoons are US customary.
 *
 * @param measure cup, tbsp, tsp, 100 mL or piece
 * @param qualifier packing of a dry food, or size of a piece; empty for none
 * @param grams what it weighs, over 0
 * @param graded a piece sorted by weight before sale
 * @param usual the piece meant when no size is said
 */
record MeasureRow(
    @NotNull @Size(max = 20) String measure,
    @NotNull @Size(max = 40) String qualifier,
    double grams,
    boolean graded,
    boolean usual) {
  static final String ACCEPTED = "cup, tbsp, tsp, 100 mL or piece";
  private static final double HUNDRED_ML = 100;

  /** Nothing that a kitchen counts or fills weighs more. */
  private static final double MOST_GRAMS = 10_000;

  private static final Map<String, Unit> VESSELS =
      Map.of("cup", Unit.CUP, "tbsp", Unit.TABLESPOON, "tsp", Unit.TEASPOON);

  /**
   * @throws IllegalArgumentException if the measure, the packing or the weight is not accepted
   */
  HouseholdMeasure measured() {
    if (!(grams > 0 && grams <= MOST_GRAMS)) {
      throw new IllegalArgumentException("“" + grams + "” g cannot be what it weighs");
    }
    String said = qualifier == null ? "" : qualifier.strip();
    if (measure.equals("piece")) {
      return new Piece(said, graded, usual, grams);
    }
    Packing packing;
    try {
      packing = said.isEmpty() ? Packing.NOT_SAID : Packing.valueOf(said.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException unknown) {
      throw new IllegalArgumentException(
          "“" + said + "” is not spooned, sifted, scooped or packed", unknown);
    }
    Unit vessel = VESSELS.get(measure);
    if (vessel == null && !measure.equals("100 mL")) {
      throw new IllegalArgumentException("“" + measure + "” is not " + ACCEPTED);
    }
    return new Volume(
        vessel == null ? HUNDRED_ML : vessel.millilitres(MeasuringSystem.US), packing, grams);
  }

  static MeasureRow of(HouseholdMeasure measure) {
    if (measure instanceof Piece piece) {
      return new MeasureRow("piece", piece.size(), piece.grams(), piece.graded(), piece.usual());
    }
    Volume volume = (Volume) measure;
    String vessel =
        VESSELS.entrySet().stream()
            .filter(e -> e.getValue().millilitres(MeasuringSystem.US) == volume.millilitres())
            .map(Map.Entry::getKey)
            .findFirst()
            .orElse("100 mL");
    double grams = vessel.equals("100 mL") ? volume.density() * HUNDRED_ML : volume.grams();
    String packing = volume.packing() == Packing.NOT_SAID ? "" : volume.packing().name();
    return new MeasureRow(vessel, packing, grams, false, false);
  }

  /** "cup SPOONED=125", "piece large=50 graded usual". */
  static MeasureRow parse(String text) {
    int equals = text.indexOf('=');
    if (equals < 0) {
      throw new IllegalArgumentException("“" + text + "” has no weight after an =");
    }
    String left = text.substring(0, equals).strip();
    List<String> right = Arrays.asList(text.substring(equals + 1).strip().split("\\s+"));
    String measure = left.startsWith("100 mL") ? "100 mL" : left.split("\\s", 2)[0];
    double grams;
    try {
      grams = Double.parseDouble(right.get(0));
    } catch (NumberFormatException notANumber) {
      throw new IllegalArgumentException("“" + right.get(0) + "” is not a weight in g", notANumber);
    }
    return new MeasureRow(
        measure,
        left.substring(measure.length()).strip(),
        grams,
        right.contains("graded"),
        right.contains("usual"));
  }

  /** What {@link #parse} reads. */
  String text() {
    return measure
        + (qualifier.isEmpty() ? "" : " " + qualifier)
        + "="
        + grams
        + (graded ? " graded" : "")
        + (usual ? " usual" : "");
  }
}
