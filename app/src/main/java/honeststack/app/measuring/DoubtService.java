package honeststack.app.measuring;

import honeststack.app.http.BadInputException;
import honeststack.app.http.NotFoundException;
import honeststack.app.larder.LabelDoubt;
import honeststack.app.larder.Larder;
import honeststack.app.larder.LarderFiles;
import honeststack.app.measuring.MeasuringStore.Weighing;
import honeststack.core.food.Food;
import honeststack.core.food.Packing;
import honeststack.core.measure.Amount;
import honeststack.core.measure.DoubtTable;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
import honeststack.core.measure.LineReader;
import honeststack.core.measure.MassText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.NumberText;
import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.RefusedException;
import honeststack.core.measure.Unit;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * The table of doubt in force and the cook's own weighings, in memory: figures go on while the
 * database is away. Changing either never touches a kept version, whose masses are pinned.
 */
@Service
public class DoubtService implements LabelDoubt {
  private static final double MOST = 50;

  private final MeasuringStore store;
  private final Larder larder;
  private final Clock clock;
  private final DoubtTable shipped = LarderFiles.doubt();
  private volatile DoubtTable table;
  private volatile Map<Key, OwnWeights.Own> own = Map.of();

  DoubtService(MeasuringStore store, Larder larder, Clock clock) {
    this.store = store;
    this.larder = larder;
    this.clock = clock;
    reload();
  }

  private record Key(String foodId, Unit unit, Packing packing) {}

  private void reload() {
    Map<Way, Doubt> rows = new HashMap<>(shipped.rows());
    rows.putAll(store.doubts());
    table = new DoubtTable(rows);
    Map<Key, List<Double>> kept = new HashMap<>();
    store
        .weighings()
        .forEach(
            w ->
                kept.computeIfAbsent(
                        new Key(w.foodId(), w.unit(), w.packing()), k -> new ArrayList<>())
                    .add(w.grams()));
    Map<Key, OwnWeights.Own> enough = new HashMap<>();
    kept.forEach(
        (key, grams) -> {
          if (grams.size() >= OwnWeights.FEWEST) {
            enough.put(key, OwnWeights.Own.of(grams));
          }
        });
    own = enough;
  }

  /** The table of doubt in force. */
  public DoubtTable table() {
    return table;
  }

  @Override
  public double ofLabels() {
    return table.of(Way.LABEL_VALUE).shared();
  }

  /** The cook's own weighings, as far as there are enough. */
  public OwnWeights ownWeights() {
    Map<Key, OwnWeights.Own> now = own;
    return (foodId, unit, packing) -> Optional.ofNullable(now.get(new Key(foodId, unit, packing)));
  }

  /**
   * A row of the table of doubt.
   *
   * @param changed it differs from what ships
   */
  public record Row(
      Way way,
      String words,
      String basis,
      double shared,
      double perUse,
      double shippedShared,
      double shippedPerUse,
      boolean changed) {}

  List<Row> rows() {
    DoubtTable now = table;
    return LarderFiles.doubtWords().entrySet().stream()
        .map(
            entry -> {
              Doubt doubt = now.of(entry.getKey());
              Doubt before = shipped.of(entry.getKey());
              return new Row(
                  entry.getKey(),
                  entry.getValue().words(),
                  entry.getValue().basis(),
                  doubt.shared(),
                  doubt.perUse(),
                  before.shared(),
                  before.perUse(),
                  !doubt.equals(before));
            })
        .toList();
  }

  void change(Way way, double shared, double perUse) {
    check("shared", shared);
    check("perUse", perUse);
    store.put(way, new Doubt(shared, perUse));
    reload();
  }

  private static void check(String field, double value) {
    if (!(value >= 0 && value <= MOST)) {
      throw new BadInputException(
          field, String.valueOf(value), "A doubt of “" + value + "” cannot be.", "0 to " + MOST);
    }
  }

  void reset(Way way) {
    store.reset(way);
    reload();
  }

  void resetAll() {
    store.resetAll();
    reload();
  }

  /**
   * All weighings of one food's unit.
   *
   * @param inUse there are enough of them to replace the table of doubt
   */
  public record OwnConstant(
      String foodId,
      String food,
      Unit unit,
      Packing packing,
      String words,
      double mean,
      double deviation,
      boolean inUse,
      List<Kept> weighings) {}

  /** One weighing, g of one of the unit. */
  public record Kept(String id, double grams, java.time.Instant weighedAt) {}

  List<OwnConstant> constants() {
    Map<Key, List<Weighing>> kept = new java.util.LinkedHashMap<>();
    store
        .weighings()
        .forEach(
            w ->
                kept.computeIfAbsent(
                        new Key(w.foodId(), w.unit(), w.packing()), k -> new ArrayList<>())
                    .add(w));
    return kept.entrySet().stream().map(e -> constant(e.getKey(), e.getValue())).toList();
  }

  private OwnConstant constant(Key key, List<Weighing> weighings) {
    double[] grams = weighings.stream().mapToDouble(Weighing::grams).toArray();
    double mean = OwnWeights.mean(grams);
    double deviation = OwnWeights.deviation(grams);
    String food = larder.byId(key.foodId()).map(Food::name).orElse(key.foodId());
    String packing = key.packing() == Packing.NOT_SAID ? "" : ", " + key.packing().words();
    String count = weighings.size() == 1 ? "1 weighing" : weighings.size() + " weighings";
    return new OwnConstant(
        key.foodId(),
        food,
        key.unit(),
        key.packing(),
        "your %s of %s%s: %s g ± %s, from %s"
            .formatted(
                key.unit().noun(),
                food,
                packing,
                NumberText.grams(mean),
                NumberText.grams(2 * deviation),
                count),
        mean,
        deviation,
        weighings.size() >= OwnWeights.FEWEST,
        weighings.stream().map(w -> new Kept(w.id(), w.grams(), w.weighedAt())).toList());
  }

  /**
   * Keeps what a line that was filled weighed.
   *
   * @param line "1 cup rye flour, spooned"
   * @param weight "104 g"
   * @throws BadInputException if the line is not one filled measure, or the weight is none
   */
  List<OwnConstant> keep(String line, String foodId, String weight) {
    LineReader reader = new LineReader(larder);
    try {
      Optional<Food> picked = Optional.ofNullable(foodId).flatMap(larder::byId);
      LineReader.Line read =
          picked.isPresent() ? reader.read(line, picked.get()) : reader.read(line);
      Amount amount = read.amount().orElseThrow(() -> notFilled(line));
      Measure filled = amount.first();
      boolean single = amount.terms().size() == 1 && filled.unit().isConstant();
      if (!single || filled.heap() != Measure.Heap.LEVEL || filled.amount() <= 0) {
        throw notFilled(line);
      }
      Measure mass = MassText.read(weight);
      double grams = mass.amount() * mass.unit().grams() / filled.amount();
      if (!(grams > 0 && grams < Measure.MOST_GRAMS)) {
        throw new BadInputException(
            "weight", weight, "“" + weight + "” cannot be what it weighs.", "more than 0 g");
      }
      store.add(
          new Weighing(
              UUID.randomUUID().toString(),
              read.food().id(),
              filled.unit(),
              filled.packing(),
              grams,
              clock.instant()));
      reload();
      return constants();
    } catch (RefusedException refused) {
      throw new BadInputException(
          "weight",
          refused.refusal().offending(),
          refused.refusal().problem(),
          refused.refusal().accepted());
    }
  }

  private static BadInputException notFilled(String line) {
    return new BadInputException(
        "line",
        line,
        "“" + line + "” is not one level cup or spoon of a food.",
        "such as 1 cup rye flour, spooned");
  }

  void forget(String id) {
    if (!store.remove(id)) {
      throw new NotFoundException("weighing", id);
    }
    reload();
  }
}
