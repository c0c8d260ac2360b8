package honeststack.app.weighings;

import honeststack.app.kitchen.KitchenNow;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.weighings.WeighingStore.Weighing;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Packing;
import honeststack.core.line.LineReader;
import honeststack.core.line.MassText;
import honeststack.core.line.ReadLine;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Measure;
import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.OwnWeights.Own;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The cook's own weighings of cups, spoons, ladles and sprays. */
@Service
class WeighingService {
  private final WeighingStore store;
  private final KitchenNow kitchens;
  private final Ledger ledger;
  private final Clock clock;

  WeighingService(WeighingStore store, KitchenNow kitchens, Ledger ledger, Clock clock) {
    this.store = store;
    this.kitchens = kitchens;
    this.ledger = ledger;
    this.clock = clock;
    ledger.follow(Part.WEIGHINGS, known -> publish());
  }

  private record Key(String foodId, Unit unit, Packing packing) {}

  private Map<Key, List<Weighing>> kept() {
    Map<Key, List<Weighing>> kept = new LinkedHashMap<>();
    for (Weighing w : store.weighings()) {
      kept.computeIfAbsent(new Key(w.foodId(), w.unit(), w.packing()), k -> new ArrayList<>())
          .add(w);
    }
    return kept;
  }

  private static Own own(List<Weighing> weighings) {
    return Own.of(weighings.stream().map(Weighing::grams).toList());
  }

  private void publish() {
    Map<Key, Own> enough = new HashMap<>();
    kept()
        .forEach(
            (key, weighings) -> {
              if (own(weighings).isEnough()) {
                enough.put(key, own(weighings));
              }
            });
    OwnWeights now =
        (foodId, unit, packing) -> Optional.ofNullable(enough.get(new Key(foodId, unit, packing)));
    kitchens.publishOwnWeights(now);
  }

  /**
   * All weighings of one food's unit.
   *
   * @param inUse there are enough of them to replace the table of doubt
   */
  record OwnConstant(
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
  record Kept(String id, double grams, Instant weighedAt) {}

  List<OwnConstant> constants() {
    return kept().entrySet().stream().map(e -> constant(e.getKey(), e.getValue())).toList();
  }

  private OwnConstant constant(Key key, List<Weighing> weighings) {
    Own own = own(weighings);
    String food = kitchens.now().foods().byId(key.foodId()).map(Food::name).orElse(key.foodId());
    String packing = key.packing() == Packing.NOT_SAID ? "" : ", " + key.packing().words();
    String count = weighings.size() == 1 ? "1 weighing" : weighings.size() + " weighings";
    return new OwnConstant(
        key.foodId(),
        food,
        key.unit(),
        key.packing(),
        Say.of(
            "your %s of %s%s: %s g%s, from %s",
            key.unit().noun(),
            food,
            packing,
            Numbers.grams(own.grams()),
            own.isEnough() ? " ± " + Numbers.grams(own.scatter()) : "",
            count),
        own.grams(),
        own.deviation(),
        own.isEnough(),
        weighings.stream().map(w -> new Kept(w.id(), w.grams(), w.weighedAt())).toList());
  }

  /**
   * Keeps what a line that was filled weighed.
   *
   * @param line "1 cup rye flour, spooned"
   * @param weight "104 g"
   * @throws ProblemException if the line is not one filled measure, or the weight is none
   */
  List<OwnConstant> keep(String line, String foodId, String weight) {
    LineReader reader = kitchens.now().lines();
    Foods foods = kitchens.now().foods();
    try {
      Optional<Food> picked = Optional.ofNullable(foodId).flatMap(foods::byId);
      ReadLine read = picked.isPresent() ? reader.read(line, picked.get()) : reader.read(line);
      Measure filled = filled(line, read);
      double grams = grams(weight) / filled.amount();
      if (!(grams > 0 && grams < Measure.MOST_GRAMS)) {
        throw Problem.badInput(
            "weight", weight, "“" + weight + "” cannot be what it weighs.", "more than 0 g");
      }
      Weighing weighing =
          new Weighing(
              UUID.randomUUID().toString(),
              read.food().id(),
              filled.unit(),
              filled.packing(),
              grams,
              clock.instant());
      return ledger.write(
          () -> {
            ledger.change(Part.WEIGHINGS);
            store.add(weighing);
            return constants();
          });
    } catch (RefusedException refused) {
      throw Problem.badInput("weight", refused.refusal().offending(), refused);
    }
  }

  private static double grams(String weight) {
    Measure mass = MassText.read(weight);
    return mass.amount() * mass.unit().grams();
  }

  private static Measure filled(String line, ReadLine read) {
    Amount amount = read.amount().orElseThrow(() -> notFilled(line));
    Measure filled = amount.first();
    boolean single = amount.terms().size() == 1 && filled.unit().isConstant();
    if (!single || filled.heap() != Measure.Heap.LEVEL || filled.amount() <= 0) {
      throw notFilled(line);
    }
    return filled;
  }

  private static ProblemException notFilled(String line) {
    return Problem.badInput(
        "line",
        line,
        "“" + line + "” is not one level cup or spoon of a food.",
        "such as 1 cup rye flour, spooned");
  }

  void forget(String id) {
    ledger.write(
        () -> {
          ledger.change(Part.WEIGHINGS);
          if (!store.remove(id)) {
            throw Problem.notFound("weighing", id);
          }
        });
  }
}
