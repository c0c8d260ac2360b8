package honeststack.app.kept;

import honeststack.app.draft.Draft;
import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Pieces;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Composition.TableDoubt;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.recipe.AlcoholKept;
import honeststack.core.recipe.Finished;
import honeststack.core.recipe.Gap;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Remarks;
import honeststack.core.recipe.LineReading.Said;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.PanFat;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.RecipeReading.Step;
import honeststack.core.recipe.Station;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;

/** Puts the reading of one version together from its pins. */
final class PinLift {
  private final Draft draft;
  private final Pinned pinned;
  private final Foods foods;
  private final Map<String, Food> prepared;
  private final SourceBook book = new SourceBook();
  private final OldPins keys;
  private final Map<Integer, List<MeasuredFood>> parts = new HashMap<>();
  private final Map<String, List<MeasuredFood>> stations = new LinkedHashMap<>();
  private final Map<String, Estimate> weights = new HashMap<>();

  /** A source of a pinned mass, under its key of text. */
  record Share(String key, Distribution shape, String words, double sensitivity) {}

  /** A mass as it was pinned. */
  record Pin(
      int position,
      String station,
      String lineId,
      Optional<Food> food,
      Optional<String> preparation,
      Optional<Integer> parent,
      double grams,
      List<Share> shares) {}

  /** All that was pinned of a version. */
  record Pinned(
      List<Pin> pins,
      TableDoubt tables,
      double variation,
      boolean bowlGaps,
      boolean panGaps,
      boolean plateGaps) {}

  /**
   * @param prepared the foods that kept versions of preparations are, by version
   */
  PinLift(Draft draft, Pinned pinned, Foods foods, Map<String, Food> prepared) {
    this.draft = draft;
    this.pinned = pinned;
    this.foods = foods;
    this.prepared = prepared;
    Set<String> lines = new HashSet<>();
    draft.bowl().forEach(line -> lines.add(line.id()));
    draft.plate().toppings().forEach(line -> lines.add(line.id()));
    lines.add(draft.griddle().panFat().id());
    this.keys = new OldPins(lines);
  }

  RecipeReading reading() {
    pinned.pins().forEach(pin -> pin.shares().forEach(share -> book.enter(source(share))));
    for (int i = pinned.pins().size() - 1; i >= 0; i--) { // parts come after what they are part of
      take(pinned.pins().get(i));
    }
    List<MeasuredFood> batter = station("BOWL");
    List<PanFat> panFats =
        station("PAN_IN").stream()
            .limit(1)
            .map(in -> new PanFat(in, station("PAN_TAKEN").get(0), isAssumed()))
            .toList();
    Estimate mass = mass(batter);
    Estimate left = weights.getOrDefault("LEFT", Estimate.ZERO);
    Optional<Integer> pieces = Optional.ofNullable(draft.griddle().pieces());
    Optional<Griddle> griddle =
        pieces.map(
            n ->
                new Griddle(
                    n,
                    draft.griddle().discarded(),
                    pinned.variation(),
                    left,
                    share(mass, left, n, 1)));
    Optional<Plate> plate =
        Optional.ofNullable(draft.plate().pieces())
            .map(k -> new Plate(k, station("PLATE"), pieces.map(n -> share(mass, left, n, k))));
    Optional<Finished> finished =
        Optional.ofNullable(weights.get("FINISHED"))
            .map(weight -> new Finished(station("FINISHED_PART"), weight));
    book.freeze();
    return said(batter, panFats, griddle, plate, finished);
  }

  private boolean isAssumed() {
    return draft.griddle().panFatLeft().isBlank();
  }

  private Source source(Share share) {
    return new Source(keys.identity(share.key()), share.shape(), share.words());
  }

  private void take(Pin pin) {
    Estimate mass = restored(pin);
    if (pin.food().isEmpty() && pin.preparation().isEmpty()) {
      weights.put(pin.station(), mass);
      return;
    }
    List<MeasuredFood> inside = new ArrayList<>(parts.getOrDefault(pin.position(), List.of()));
    Collections.reverse(inside);
    Food food =
        pin.preparation()
            .map(prepared::get)
            .orElseGet(() -> pin.food().orElseThrow().doubted(pinned.tables()));
    MeasuredFood line = new MeasuredFood(pin.lineId(), food, mass, inside);
    if (pin.parent().isPresent()) {
      parts.computeIfAbsent(pin.parent().get(), p -> new ArrayList<>()).add(line);
    } else {
      stations.computeIfAbsent(pin.station(), s -> new ArrayList<>()).add(line);
    }
  }

  private Estimate restored(Pin pin) {
    SortedMap<Integer, Double> row = new TreeMap<>();
    pin.shares()
        .forEach(share -> row.merge(book.enter(source(share)), share.sensitivity(), Double::sum));
    return book.restore(
        pin.grams(),
        row.keySet().stream().mapToInt(Integer::intValue).toArray(),
        row.values().stream().mapToDouble(Double::doubleValue).toArray());
  }

  private List<MeasuredFood> station(String name) {
    List<MeasuredFood> lines = new ArrayList<>(stations.getOrDefault(name, List.of()));
    Collections.reverse(lines);
    return lines;
  }

  private static Estimate mass(List<MeasuredFood> foods) {
    Estimate.Sum sum = new Estimate.Sum();
    foods.forEach(line -> sum.add(line.mass(), 1));
    return sum.total();
  }

  /** As it was computed then: also a part of one piece varied as pieces on their own do. */
  private Estimate share(Estimate mass, Estimate left, int n, double k) {
    Estimate share =
        left.value() > 0 ? mass.minus(left).dividedBy(mass).times(k / n) : Estimate.exact(k / n);
    double uneven = k >= n ? 0 : pinned.variation() * Math.sqrt((1 / k) * (1 - k / n));
    return share.times(book.input(1, uneven, Source.of(new Pieces(), "uneven pieces")));
  }

  /** The words of it, as far as they can still be told. */
  private RecipeReading said(
      List<MeasuredFood> batter,
      List<PanFat> panFats,
      Optional<Griddle> griddle,
      Optional<Plate> plate,
      Optional<Finished> finished) {
    Map<String, MeasuredFood> byLine = new HashMap<>();
    batter.forEach(line -> byLine.put(line.id(), line));
    panFats.forEach(fat -> byLine.put(fat.in().id(), fat.in()));
    station("PLATE").forEach(line -> byLine.put(line.id(), line));
    Kitchen kitchen = PinnedFoods.kitchen(byLine, foods);
    RecipeReading words = kitchen.read(PinnedFoods.picked(draft, byLine).recipe());
    Set<String> general = general(kitchen.read(draft.recipe()));
    List<String> findings = new ArrayList<>(words.findings());
    List<String> without = new ArrayList<>(words.without());
    List<LineReading> lines = new ArrayList<>();
    for (LineReading line : words.lines()) {
      MeasuredFood then = byLine.get(line.id());
      if (then != null && line instanceof NotUnderstood now) {
        findings.remove(notIn(now.text()));
        without.remove(Say.quoted(now.text()));
        lines.add(asWeighed(now, then));
      } else {
        lines.add(pinned(line, then, general.contains(line.id()), findings, without));
      }
    }
    return new RecipeReading(
        book,
        lines,
        batter,
        panFats,
        griddle,
        Outcome.UNKNOWN,
        plate,
        List.of(),
        finished,
        AlcoholKept.ALL,
        gaps(),
        words.steps().stream().map(step -> inThisBook(step, words.book())).toList(),
        new RecipeReading.Said(words.problems(), findings, without));
  }

  /** Lines that call their food by a general name. */
  private static Set<String> general(RecipeReading reading) {
    Set<String> general = new HashSet<>();
    for (LineReading line : reading.lines()) {
      if (line instanceof Understood read && read.general()) {
        general.add(line.id());
      }
    }
    return general;
  }

  private LineReading pinned(
      LineReading now,
      MeasuredFood then,
      boolean general,
      List<String> findings,
      List<String> without) {
    if (!(now instanceof Understood read) || read.remarks().off()) {
      return now;
    }
    if (then != null) {
      return new Understood(
          read.id(),
          read.station(),
          read.said(),
          then.food(),
          general,
          then.mass(),
          read.adjusted().stream()
              .map(a -> new LineReading.Adjusted(a.words(), Estimate.exact(a.mass().value())))
              .toList(),
          read.remarks());
    }
    String text = Say.quoted(read.remarks().text());
    findings.add(notIn(read.remarks().text()));
    without.add(text);
    return new NotUnderstood(
        read.id(),
        read.station(),
        read.remarks().text().strip(),
        false,
        new Refusal(
            Refusal.Reason.UNKNOWN_FOOD,
            read.remarks().text().strip(),
            text + " was not understood when this was kept.",
            "it would be now: work on from here"),
        List.of());
  }

  private static String notIn(String text) {
    return "Not in the numbers: " + Say.quoted(text) + ".";
  }

  /** Its words are understood no more; what it weighed stands. */
  private static Understood asWeighed(NotUnderstood now, MeasuredFood then) {
    return new Understood(
        now.id(),
        now.station(),
        new Said(Numbers.grams(then.mass().value()) + " g", "g", "", false, false, false, 0),
        then.food(),
        false,
        then.mass(),
        List.of(),
        new Remarks(now.text(), false, now.off(), List.of(), "", "", now.text(), List.of()));
  }

  private Step inThisBook(Step step, SourceBook from) {
    List<Integer> places =
        step.sources().stream()
            .map(place -> book.place(from.source(place).identity()))
            .filter(place -> place >= 0)
            .toList();
    return new Step(step.words(), step.stays(), places);
  }

  private List<Gap> gaps() {
    List<Gap> gaps = new ArrayList<>();
    if (pinned.bowlGaps()) {
      gaps.add(new Gap(Station.BOWL, Optional.empty()));
    }
    if (pinned.panGaps()) {
      gaps.add(new Gap(Station.PAN, Optional.empty()));
    }
    if (pinned.plateGaps()) {
      gaps.add(new Gap(Station.PLATE, Optional.empty()));
    }
    return gaps;
  }
}
