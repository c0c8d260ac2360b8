package honeststack.core.said.place;

import honeststack.core.line.Place;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.clause.Split;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * Where the parts of a listed food go, told among other things in the method below: "Melt the
 * butter, use 10 g for the pan and 20 g for the batter.", "Fold in 100 g of the blueberries, serve
 * with the rest." They are no more of it, and lie where they are said to.
 */
public final class Allotted {
  private static final String OF =
      "(?: of(?! (?:it|them|that|this|those) (?!@)))?(?<the> (?:the|that|this|my|our|those|these))?";

  /** Some of a food: so much, a share, or what is left of it. */
  private static final Sought SOME =
      Sought.of(
          "(?<= |^)(?:(?<rest>(?:the )?(?:rest|remainder|remaining|other half|(?<=the )other(?: one)?(?= (?:in|on|over|for|to|into|goes|is)\\b| [,.;]))(?: #)?)"
              + "|(?<other>(?:the )?other )?(?<part>#)|(?<share>"
              + SharedLater.SHARE
              + "|one(?= @))(?= ))"
              + OF
              + "(?: (?<food>@)| of (?<it>it|them|that|this|those))?(?= |$)");

  /** Where it goes, behind it. */
  private static final Sought PAN =
      Sought.of(
          "\\b"
              + SharedLater.PAN
              + "\\b|^ ?(?:greases?|oils|brushes|is for greasing) (?:the )?(?:pan|iron|griddle)");

  private static final Sought PLATE =
      Sought.of(
          "\\b(?:" + SharedLater.PLATE + "|to (?:sprinkle|scatter|dust|drizzle|spoon over))\\b");

  private static final Sought BOWL =
      Sought.of(
          "\\b(?:in|into|to|for|with) (?:the )?(?:batter|mix|mixture|bowl|dough|rest of)\\b|\\bin(?= [,.;]| and |$)");

  /** It did not go anywhere. */
  private static final Sought LEFT =
      Sought.of(
          "^ ?(?:(?:was|is|were|are|got|stayed) (?:left|over|spare|unused|not used|too much|enough|gone)|left|spare|unused)\\b");

  /** Right before it. */
  private static final Sought IN_PAN =
      Sought.of(
          "\\b(?:fry|fried|cook|cooked|bake|brush|grease|oil|rub|wipe|film)\\b[^@#.;]{0,40}\\b(?:in|with)(?: about| only| just)? $");

  private static final Sought ON_PLATE =
      Sought.of(
          "\\b(?:serve|served|top|finish|garnish|scatter|dust|decorate|sprinkle|drizzle|pile)\\b[^@#.;]{0,40}$");

  /** Without one of these nothing is shared out. */
  private static final Remembered HINT =
      Remembered.part(
          "\\b(?:rest|remainder|remaining|other|of|half|third|quarter|thirds|quarters|use|in|into|for|go|goes)\\b");

  private static final double ALMOST = 0.03;

  /** A list and its method are not longer. */
  static final int MOST = 60;

  /** Behind how many sentences what is left may come. */
  private static final int NEAR = 4;

  private final List<Clause> read;
  private final Mention whole;
  private final List<Some> found = new ArrayList<>();

  private record Some(
      Clause clause, int from, int food, double share, boolean rest, boolean own, Place place) {}

  /** What the sentences tell of some foods. */
  private final Map<Clause, List<Shape.Found>> parts;

  /** Some of it was told last, and not of another food. */
  private boolean toldLast;

  /** Some of another food was told. */
  private boolean others;

  private Allotted(List<Clause> read, Mention whole, Map<Clause, List<Shape.Found>> parts) {
    this.read = read;
    this.whole = whole;
    this.parts = parts;
  }

  /** When all of a text is read. */
  public static void find(List<Clause> read) {
    Map<Clause, List<Shape.Found>> parts = new IdentityHashMap<>();
    for (int i = 0; i + 1 < read.size(); i++) {
      List<Clause> below = read.subList(i + 1, Math.min(read.size(), i + 1 + MOST));
      if (below.stream().noneMatch(c -> c.says(HINT))) {
        continue;
      }
      for (Mention mention : List.copyOf(read.get(i).mentions)) {
        if (isWhole(mention) && isFirst(read, i, mention)) {
          new Allotted(below, mention, parts).look();
        }
      }
    }
    parts.keySet().stream()
        .filter(c -> c.elements.stream().anyMatch(Allotted::isTaken))
        .forEach(c -> again(read, c));
  }

  private static boolean isTaken(Element element) {
    return element.part == Part.PLACE && element.isFood();
  }

  /** "Mix flour, eggs and half the milk": what stands beside it was measured as well. */
  private static void again(List<Clause> read, Clause clause) {
    int at = read.indexOf(clause);
    for (Mention mention : List.copyOf(clause.mentions)) {
      boolean named =
          !mention.isMeasured() && mention.place == Place.NOT_SAID && mention.food != null;
      if (named && !isFirst(read, at, mention)) {
        clause.mentions.remove(mention);
        mention.food.part = Part.METHOD;
      }
    }
  }

  static boolean isWhole(Mention mention) {
    return SharedLater.isWhole(mention) && mention.per == null;
  }

  static boolean isFirst(List<Clause> read, int end, Mention mention) {
    return read.subList(Math.max(0, end - MOST), end).stream()
        .flatMap(clause -> clause.mentions.stream())
        .noneMatch(m -> m.food != null && m.food.isSameFood(mention.food));
  }

  private void look() {
    int last = -1;
    for (int i = 0; i < read.size(); i++) {
      boolean near = last < 0 || i - last <= NEAR;
      if (near && collect(i)) {
        last = i;
      }
    }
    if (found.isEmpty()) {
      return;
    }
    boolean rest = found.stream().anyMatch(Some::rest);
    List<Some> told = found.stream().filter(some -> rest || some.own()).toList();
    double sum = told.stream().filter(some -> !some.rest()).mapToDouble(Some::share).sum();
    boolean all = Math.abs(sum - 1) < ALMOST && told.size() > 1;
    boolean open = sum > 0 && sum < 1 - ALMOST;
    boolean elsewhere = told.stream().anyMatch(some -> some.place() != Place.NOT_SAID);
    if (!all && !open || !rest && !all && !elsewhere) {
      return;
    }
    Map<Place, Double> parts = new EnumMap<>(Place.class);
    double left = all ? 0 : 1 - sum;
    Place where = Place.NOT_SAID;
    for (Some some : told) {
      parts.merge(some.place(), some.rest() ? 0 : some.share(), Double::sum);
      where = some.rest() ? some.place() : where;
      take(some);
    }
    parts.merge(where, left, Double::sum);
    parts.values().removeIf(part -> part < ALMOST);
    boolean elsewhereToo = parts.size() > 1 || !parts.containsKey(Place.NOT_SAID);
    boolean dry = parts.containsKey(Place.PAN) && SharedLater.WET.contains(whole.role());
    if (elsewhereToo && !dry) {
      whole.split =
          Split.parts(whole.food, List.copyOf(parts.values()), List.copyOf(parts.keySet()));
      whole.placed = true;
    }
  }

  /** Whether a sentence tells of some of it. */
  private boolean collect(int at) {
    Clause clause = read.get(at);
    List<Shape.Found> each =
        parts.computeIfAbsent(clause, c -> Shape.read(c).orElseThrow().each(SOME));
    int before = found.size();
    for (int i = 0; i < each.size(); i++) {
      Shape.Found one = each.get(i);
      int next = i + 1 < each.size() ? each.get(i + 1).said().start() : one.shape().text().length();
      some(at, one, i == 0 ? 0 : each.get(i - 1).said().end(), next);
    }
    return found.size() > before;
  }

  private void some(int at, Shape.Found one, int last, int next) {
    Clause clause = read.get(at);
    boolean named = one.has("food");
    int from = one.has("part") ? one.at("part") : one.at(one.has("rest") ? "rest" : "share");
    boolean own = named ? isOwn(clause.get(one.at("food"))) : isMeant(one, at, from);
    toldLast = named ? own : own || toldLast;
    others |= named && !own;
    String behind = one.shape().text().substring(one.said().end(), next);
    if (!own || LEFT.isIn(behind)) {
      return;
    }
    String ahead = one.shape().text().substring(last, one.said().start());
    Place place = place(ahead, behind);
    boolean definite = one.has("the") || one.has("it") || one.has("other") || !named;
    if (one.has("rest")) {
      found.add(new Some(clause, from, named ? one.at("food") : from, 0, true, true, bowl(place)));
      return;
    }
    boolean bare = !named && !one.has("it");
    double share = share(clause, one);
    if (share > 0 && share < 1 - ALMOST && !(bare && (place == null || one.has("share")))) {
      int food = named ? one.at("food") : from;
      found.add(new Some(clause, from, food, share, false, definite, bowl(place)));
    }
  }

  private static Place bowl(Place place) {
    return place == null ? Place.NOT_SAID : place;
  }

  /** Null where none is said. */
  private static Place place(String ahead, String behind) {
    String near = behind.split("@|#|\\.", 2)[0];
    if (BOWL.isIn(near)) {
      return Place.NOT_SAID;
    }
    if (PAN.isIn(near) || IN_PAN.isIn(ahead)) {
      return Place.PAN;
    }
    return PLATE.isIn(near) || ON_PLATE.isIn(ahead) ? Place.PLATE : null;
  }

  /** "the syrup" of maple syrup. */
  private boolean isOwn(Element food) {
    return food.isSameFood(whole.food) || whole.food.low().endsWith(" " + food.low());
  }

  /** The food that was named last is it; of what is left the one of which some was told last. */
  private boolean isMeant(Shape.Found one, int at, int before) {
    if (one.has("rest") && (toldLast || others)) {
      return toldLast;
    }
    Clause clause = read.get(at);
    for (int i = before - 1; i >= 0; i--) {
      if (clause.get(i).isFood()) {
        return clause.get(i).isSameFood(whole.food);
      }
    }
    Clause last = at > 0 ? read.get(at - 1) : null;
    for (int i = last == null ? -1 : last.size() - 1; i >= 0; i--) {
      if (last.get(i).isFood()) {
        return last.get(i).isSameFood(whole.food);
      }
    }
    return false;
  }

  /** Not a number where the amounts cannot be compared. */
  private double share(Clause clause, Shape.Found one) {
    if ("one".equals(one.said().group("share"))) {
      Measure all = whole.amount.measure();
      return all.unit() == Unit.COUNT ? 1 / all.amount() : Double.NaN;
    }
    if (one.has("share")) {
      return PartlyOther.share(one.said().group("share"), 1);
    }
    Element part = clause.get(one.at("part"));
    double amount = part.measure().amount();
    if (part.isCount() && amount < 1) {
      return amount;
    }
    Unit unit = part.measure().unit();
    Unit all = whole.amount.measure().unit();
    if (unit == all) {
      return amount / whole.amount.measure().amount();
    }
    boolean alike = (unit.kind() == Unit.Kind.MASS) == (all.kind() == Unit.Kind.MASS);
    return alike ? amount * size(unit) / (whole.amount.measure().amount() * size(all)) : Double.NaN;
  }

  /** In grams or millilitres; not a number of what is neither weighed nor filled. */
  static double size(Unit unit) {
    if (unit.kind() == Unit.Kind.MASS) {
      return unit.grams();
    }
    return unit.kind().isVolume() ? unit.millilitres(MeasuringSystem.METRIC) : Double.NaN;
  }

  /** It is no mention of its own. */
  private void take(Some some) {
    Clause clause = some.clause();
    Element amount = clause.get(some.from());
    Element food = clause.get(some.food());
    clause.mentions.removeIf(m -> m.amount == amount || m.food == food);
    int at = read.indexOf(clause);
    for (Clause near : read.subList(Math.max(0, at - 1), at + 1)) { // "Melt the butter, use 10 g …"
      near.mentions.removeIf(
          m -> m.amount == null && m.food != null && m.food.isSameFood(whole.food));
    }
    clause.loose.removeIf(share -> share.amount() == amount);
    clause.splits.removeIf(s -> s.food() == null || s.food().isSameFood(whole.food));
    amount.part = Part.PLACE;
    food.part = Part.PLACE;
  }
}
