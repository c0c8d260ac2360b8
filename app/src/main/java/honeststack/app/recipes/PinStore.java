package honeststack.app.recipes;

import static honeststack.app.db.Tables.PINNED_MASS;
import static honeststack.app.db.Tables.PINNED_SOURCE;
import static honeststack.app.db.Tables.VERSION;

import honeststack.app.db.tables.records.PinnedMassRecord;
import honeststack.app.larder.LarderStore;
import honeststack.app.recipes.RecipeStore.StoredVersion;
import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.serving.Made;
import honeststack.core.serving.Plate;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/**
 * What a kept version's figures depend on: each mass with its sources, the composition revision of
 * each food, the variation of the pieces. Written once, never updated.
 */
@Repository
class PinStore {
  private final DSLContext sql;
  private final LarderStore larder;

  PinStore(DSLContext sql, LarderStore larder) {
    this.sql = sql;
    this.larder = larder;
  }

  private enum Station {
    BOWL,
    LEFT,
    PAN_IN,
    PAN_TAKEN,
    PLATE
  }

  /** Writes the version's row and its pins. */
  void insert(StoredVersion version, Made made) {
    sql.insertInto(VERSION)
        .set(VERSION.ID, version.id())
        .set(VERSION.RECIPE_ID, version.recipeId())
        .set(VERSION.NUMBER, version.number())
        .set(VERSION.PARENT_ID, version.parentId())
        .set(VERSION.REASON, version.reason())
        .set(VERSION.KEPT_AT, RecipeStore.utc(version.keptAt()))
        .set(VERSION.BODY, version.body())
        .set(VERSION.PIECE_VARIATION, made.griddle().map(Griddle::variation).orElse(0.0))
        .set(VERSION.BOWL_GAPS, made.batter().gaps())
        .set(VERSION.PAN_GAPS, made.griddle().map(Griddle::gaps).orElse(false))
        .set(VERSION.PLATE_GAPS, made.plate().map(Plate::gaps).orElse(false))
        .execute();
    Writer writer = new Writer(version.id());
    made.batter().lines().forEach(line -> writer.write(Station.BOWL, line));
    made.griddle().ifPresent(griddle -> writer.write(Station.LEFT, "left", null, griddle.left()));
    made.griddle()
        .flatMap(Griddle::panFat)
        .ifPresent(
            fat -> {
              writer.write(Station.PAN_IN, fat.in());
              writer.write(Station.PAN_TAKEN, fat.taken());
            });
    made.plate()
        .ifPresent(plate -> plate.toppings().forEach(line -> writer.write(Station.PLATE, line)));
  }

  private final class Writer {
    private final String versionId;
    private int position;

    Writer(String versionId) {
      this.versionId = versionId;
    }

    void write(Station station, MeasuredFood line) {
      write(station, line.id(), line.food(), line.mass());
    }

    void write(Station station, String lineId, Food food, Estimate mass) {
      position++;
      sql.insertInto(PINNED_MASS)
          .set(PINNED_MASS.VERSION_ID, versionId)
          .set(PINNED_MASS.POSITION, position)
          .set(PINNED_MASS.STATION, station.name())
          .set(PINNED_MASS.LINE_ID, lineId)
          .set(PINNED_MASS.FOOD_ID, food == null ? null : food.id())
          .set(
              PINNED_MASS.COMPOSITION_REVISION, food == null ? null : food.composition().revision())
          .set(PINNED_MASS.GRAMS, mass.value())
          .execute();
      for (Estimate.Share share : mass.budget()) {
        sql.insertInto(PINNED_SOURCE)
            .set(PINNED_SOURCE.VERSION_ID, versionId)
            .set(PINNED_SOURCE.POSITION, position)
            .set(PINNED_SOURCE.SOURCE_KEY, share.source().key())
            .set(PINNED_SOURCE.SCOPE, share.source().scope().name())
            .set(PINNED_SOURCE.DISTRIBUTION, share.source().distribution().name())
            .set(PINNED_SOURCE.WORDS, share.source().words())
            .set(PINNED_SOURCE.SENSITIVITY, share.sensitivity())
            .execute();
      }
    }
  }

  /**
   * What was made, as pinned.
   *
   * @param pieces that came out, from the version's body; empty if nobody counted
   * @param served pieces in a serving; empty if not said
   */
  Made made(
      String versionId,
      Optional<Integer> pieces,
      int discarded,
      Optional<Double> served,
      SourceBook book) {
    var row = sql.fetchSingle(VERSION, VERSION.ID.eq(versionId));
    Map<Integer, List<Estimate.Share>> sources = sources(versionId);
    List<PinnedMassRecord> pins =
        sql.selectFrom(PINNED_MASS)
            .where(PINNED_MASS.VERSION_ID.eq(versionId))
            .orderBy(PINNED_MASS.POSITION)
            .fetch();
    Map<LarderStore.Key, Food> foods =
        larder.foodsAt(
            pins.stream()
                .filter(pin -> pin.getFoodId() != null)
                .map(pin -> new LarderStore.Key(pin.getFoodId(), pin.getCompositionRevision()))
                .toList());
    List<MeasuredFood> bowl = new ArrayList<>();
    List<MeasuredFood> toppings = new ArrayList<>();
    MeasuredFood panIn = null;
    MeasuredFood panTaken = null;
    Estimate left = Estimate.ZERO;
    for (PinnedMassRecord pin : pins) {
      Estimate mass =
          book.restore(pin.getGrams(), sources.getOrDefault(pin.getPosition(), List.of()));
      Station station = Station.valueOf(pin.getStation());
      if (station == Station.LEFT) {
        left = mass;
        continue;
      }
      Food food = foods.get(new LarderStore.Key(pin.getFoodId(), pin.getCompositionRevision()));
      MeasuredFood line = new MeasuredFood(pin.getLineId(), food, mass);
      switch (station) {
        case BOWL -> bowl.add(line);
        case PAN_IN -> panIn = line;
        case PAN_TAKEN -> panTaken = line;
        default -> toppings.add(line);
      }
    }
    Estimate inBowl = left;
    Optional<PanFat> inPan =
        panIn == null ? Optional.empty() : Optional.of(new PanFat(panIn, panTaken));
    return new Made(
        new Batter(bowl, row.getBowlGaps()),
        pieces.map(
            n ->
                new Griddle(
                    n,
                    discarded,
                    row.getPieceVariation(),
                    inBowl,
                    inPan,
                    row.getPanGaps(),
                    Griddle.UNEVEN_PIECES)),
        served.map(k -> new Plate(k, toppings, row.getPlateGaps())));
  }

  private Map<Integer, List<Estimate.Share>> sources(String versionId) {
    Map<Integer, List<Estimate.Share>> sources = new HashMap<>();
    sql.selectFrom(PINNED_SOURCE)
        .where(PINNED_SOURCE.VERSION_ID.eq(versionId))
        .forEach(
            row ->
                sources
                    .computeIfAbsent(row.getPosition(), position -> new ArrayList<>())
                    .add(
                        new Estimate.Share(
                            new Source(
                                row.getSourceKey(),
                                Source.Scope.valueOf(row.getScope()),
                                Distribution.valueOf(row.getDistribution()),
                                row.getWords()),
                            row.getSensitivity(),
                            0)));
    return sources;
  }
}
