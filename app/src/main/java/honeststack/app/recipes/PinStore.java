package honeststack.app.recipes;

import static honeststack.app.db.Tables.PINNED_MASS;
import static honeststack.app.db.Tables.PINNED_SOURCE;
import static honeststack.app.db.Tables.VERSION;

import honeststack.app.db.tables.records.PinnedMassRecord;
import honeststack.app.larder.LarderStore;
import honeststack.app.recipes.RecipeStore.StoredVersion;
import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.batter.Preparation;
import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Composition.TableDoubt;
import honeststack.core.food.Food;
import honeststack.core.serving.Finished;
import honeststack.core.serving.Made;
import honeststack.core.serving.Plate;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
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
    PLATE,
    FINISHED,
    FINISHED_PART
  }

  /**
   * Writes the version's row and its pins.
   *
   * @param tables how far values of food tables are taken to be off
   */
  void insert(StoredVersion version, Made made, TableDoubt tables) {
    sql.insertInto(VERSION)
        .set(VERSION.ID, version.id())
        .set(VERSION.RECIPE_ID, version.recipeId())
        .set(VERSION.NUMBER, version.number())
        .set(VERSION.PARENT_ID, version.parentId())
        .set(VERSION.REASON, version.reason())
        .set(VERSION.KEPT_AT, RecipeStore.utc(version.keptAt()))
        .set(VERSION.BODY, version.body())
        .set(VERSION.PIECE_VARIATION, made.griddle().map(Griddle::variation).orElse(0.0))
        .set(VERSION.TABLE_DOUBT, tables.most())
        .set(VERSION.FIBRE_DOUBT, tables.lessKnown())
        .set(VERSION.BOWL_GAPS, made.batter().gaps())
        .set(VERSION.PAN_GAPS, made.griddle().map(Griddle::gaps).orElse(false))
        .set(VERSION.PLATE_GAPS, made.plate().map(Plate::gaps).orElse(false))
        .execute();
    Writer writer = new Writer(version.id());
    made.batter().lines().forEach(line -> writer.write(Station.BOWL, line));
    made.griddle()
        .ifPresent(griddle -> writer.write(Station.LEFT, "left", null, griddle.left(), null));
    made.griddle()
        .flatMap(Griddle::panFat)
        .ifPresent(
            fat -> {
              writer.write(Station.PAN_IN, fat.in());
              writer.write(Station.PAN_TAKEN, fat.taken());
            });
    made.plate()
        .ifPresent(plate -> plate.toppings().forEach(line -> writer.write(Station.PLATE, line)));
    made.finished()
        .ifPresent(
            done -> {
              writer.write(Station.FINISHED, "finish", null, done.weight(), null);
              done.parts().forEach(part -> writer.write(Station.FINISHED_PART, part));
            });
  }

  private final class Writer {
    private final String versionId;
    private int position;

    Writer(String versionId) {
      this.versionId = versionId;
    }

    void write(Station station, MeasuredFood line) {
      write(station, line, null);
    }

    private void write(Station station, MeasuredFood line, Integer parent) {
      write(station, line.id(), line.food(), line.mass(), parent);
      int self = position;
      line.parts().forEach(part -> write(station, part, self));
    }

    void write(Station station, String lineId, Food food, Estimate mass, Integer parent) {
      position++;
      boolean prepared = food != null && Preparation.is(food);
      Food plain = prepared ? null : food;
      sql.insertInto(PINNED_MASS)
          .set(PINNED_MASS.VERSION_ID, versionId)
          .set(PINNED_MASS.POSITION, position)
          .set(PINNED_MASS.STATION, station.name())
          .set(PINNED_MASS.LINE_ID, lineId)
          .set(PINNED_MASS.FOOD_ID, plain == null ? null : plain.id())
          .set(
              PINNED_MASS.COMPOSITION_REVISION,
              plain == null ? null : plain.composition().revision())
          .set(PINNED_MASS.PREPARATION_VERSION, prepared ? Preparing.versionId(food) : null)
          .set(PINNED_MASS.PARENT_POSITION, parent)
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
   * @param preparations the food that a preparation's version is, from its parts
   */
  Made made(
      String versionId,
      Optional<Integer> pieces,
      int discarded,
      Optional<Double> served,
      BiFunction<String, List<MeasuredFood>, Food> preparations,
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
    TableDoubt tables = new TableDoubt(row.getTableDoubt(), row.getFibreDoubt());
    Map<Integer, List<MeasuredFood>> parts = new HashMap<>();
    List<MeasuredFood> bowl = new ArrayList<>();
    List<MeasuredFood> toppings = new ArrayList<>();
    List<MeasuredFood> stayed = new ArrayList<>();
    MeasuredFood panIn = null;
    MeasuredFood panTaken = null;
    Estimate left = Estimate.ZERO;
    Estimate weight = null;
    for (int i = pins.size() - 1; i >= 0; i--) { // parts come after what they are parts of
      PinnedMassRecord pin = pins.get(i);
      Estimate mass =
          book.restore(pin.getGrams(), sources.getOrDefault(pin.getPosition(), List.of()));
      Station station = Station.valueOf(pin.getStation());
      if (station == Station.LEFT) {
        left = mass;
        continue;
      }
      if (station == Station.FINISHED) {
        weight = mass;
        continue;
      }
      List<MeasuredFood> inside = parts.getOrDefault(pin.getPosition(), List.of());
      Food food =
          pin.getPreparationVersion() == null
              ? foods
                  .get(new LarderStore.Key(pin.getFoodId(), pin.getCompositionRevision()))
                  .doubted(tables)
              : preparations.apply(pin.getPreparationVersion(), inside);
      MeasuredFood line = new MeasuredFood(pin.getLineId(), food, mass, inside);
      if (pin.getParentPosition() != null) {
        parts.computeIfAbsent(pin.getParentPosition(), p -> new LinkedList<>()).add(0, line);
        continue;
      }
      switch (station) {
        case BOWL -> bowl.add(0, line);
        case PAN_IN -> panIn = line;
        case PAN_TAKEN -> panTaken = line;
        case FINISHED_PART -> stayed.add(0, line);
        default -> toppings.add(0, line);
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
        served.map(k -> new Plate(k, toppings, row.getPlateGaps())),
        Optional.ofNullable(weight).map(done -> new Finished(stayed, done)));
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
