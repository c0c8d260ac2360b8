package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Share;
import honeststack.core.said.clause.Split;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.List;

/**
 * One food in several places: "50 g butter, half in the batter and half for the pan", "30 g of it
 * on top", "plus 10 g for the pan".
 */
public final class Splits {
  private static final int FAR = 5;

  /** Common practice: tablespoons. */
  private static final double STICK = 8;

  /** What parts may miss or exceed of the whole, by rounding. */
  private static final double ROUNDED = 0.03;

  private final Clause clause;
  private final Shares shares;

  private Splits(Clause clause) {
    this.clause = clause;
    this.shares = new Shares(clause);
  }

  /** Finds them before amounts and foods are paired. */
  public static void in(Clause clause) {
    Splits splits = new Splits(clause);
    for (int i = 0; i < clause.size(); i++) {
      if (splits.shares.begins(i)) {
        List<Share> shares = splits.shares.from(i);
        i = shares.isEmpty() || !splits.take(i, shares) ? i : shares.get(shares.size() - 1).end();
      }
    }
  }

  /** Of the food with its amount, once that is known. */
  public static void attach(Clause clause) {
    for (Split split : clause.splits) {
      for (Mention mention : List.copyOf(clause.mentions)) {
        if (mention.food == split.food()) {
          give(split, clause, mention);
        }
      }
    }
  }

  /** Has a food shared out; what is said to be more of it stands as a food of its own. */
  private static void give(Split split, Clause clause, Mention mention) {
    mention.placed = true;
    if (!split.parts().isEmpty()) {
      mention.split = split;
      return;
    }
    int first = split.added() ? 0 : 1;
    if (!split.added()) {
      mention.amountText = split.amounts().get(0);
      mention.place = split.places().get(0);
      mention.restated = true;
    }
    for (int i = first; i < split.amounts().size(); i++) {
      Mention other = new Mention();
      other.food = mention.food;
      other.foodText = mention.foodText;
      other.amountText = split.amounts().get(i);
      other.from = split.at() < 0 ? mention.from : split.at();
      other.to = split.at() < 0 ? mention.to : split.at() + 1;
      other.place = split.places().get(i);
      other.placed = true;
      other.restated = true;
      clause.mentions.add(clause.mentions.indexOf(mention) + 1 + i - first, other);
    }
  }

  /** What brackets or the next sentence say of a food that is named and measured before. */
  public static boolean goOn(Clause before, Mention mention, Clause said, boolean brackets) {
    boolean open = mention.food != null && (!mention.isMeasured() || mention.amount != null);
    if (said.loose.isEmpty() || !open || !brackets && !isOfFood(mention, said.loose)) {
      return false;
    }
    Split split = plan(mention.food, mention.amount, said.loose, false);
    if (split == null) {
      return false;
    }
    said.loose.clear();
    give(split, before, mention);
    return true;
  }

  /**
   * "Half goes in the batter, the rest for the pan" is said of the food before; "pour half into the
   * pan" and "keep three for the plate" of what is made.
   */
  private static boolean isOfFood(Mention mention, List<Share> shares) {
    boolean pieces = mention.amount != null && mention.amount.isCount();
    boolean counted =
        shares.stream().anyMatch(share -> share.amount() != null && share.amount().isCount());
    boolean bowl = shares.stream().anyMatch(share -> share.place() == Place.NOT_SAID);
    boolean some = shares.size() == 1 && shares.get(0).kept();
    return (pieces || !counted) && (bowl && shares.size() > 1 || some);
  }

  /** Nothing was there that it shares out: its numbers are not understood. */
  public static void giveUp(Clause clause) {
    for (Share share : clause.loose) {
      clause.elements.subList(share.from(), share.end()).stream()
          .filter(Element::isAmount)
          .forEach(element -> element.part = Part.UNKNOWN);
    }
    clause.asides.forEach(aside -> giveUp(aside.clause()));
  }

  private boolean take(int from, List<Share> shares) {
    int food = food(from);
    int last = shares.get(shares.size() - 1).end();
    boolean some = shares.size() > 1 || isSome(shares.get(0));
    if (food < 0) {
      boolean part = // "50 g butter (20 g for the pan)"
          from == 0 && shares.get(0).amount() != null && !shares.get(0).amount().isCount();
      boolean loose = (some || part) && !clause.hasFood();
      if (loose) {
        clause.loose.addAll(shares);
        mark(from, last);
      }
      return loose;
    }
    boolean inside = clause.isWord(from - 1, "in") || clause.isWord(from - 2, "in");
    Element whole = amount(food, from);
    Split split = plan(clause.get(food), whole, shares, inside);
    int half = whole == null ? -1 : clause.elements.indexOf(whole) - 1;
    if (isOtherHalf(half, shares)) {
      List<Place> places = List.of(Place.NOT_SAID, shares.get(0).place());
      split = Split.parts(clause.get(food), List.of(0.5, 0.5), places);
      clause.get(half).part = Part.PLACE;
      mark(food + 1, from);
    }
    if (split == null) {
      return false;
    }
    mark(inside ? from - 2 : from, last);
    clause.splits.add(split.at(from));
    return true;
  }

  /** "half of the 100 g blueberries goes in, the other half on top". */
  private boolean isOtherHalf(int half, List<Share> shares) {
    return shares.size() == 1
        && shares.get(0).amount() == null
        && clause.is(half, Sort.PART_OF)
        && clause.low(half).startsWith("half");
  }

  private void mark(int from, int to) {
    for (int i = from; i < to; i++) {
      clause.get(i).part = clause.isFood(i) ? clause.get(i).part : Part.PLACE;
    }
  }

  /** The food that is shared out: the last one before, with little between. */
  private int food(int from) {
    int words = 0;
    for (int i = from - 1; i >= 0 && words <= FAR; i--) {
      if (clause.isFood(i)) {
        return clause.get(i).isFree() ? i : -1;
      }
      boolean own =
          clause.isStrong(i)
              && i == from - 2 + (clause.isMark(from - 1, ",", ":", "–", "—", "-") ? 0 : 1);
      boolean goes = clause.isWord(i, "goes", "go");
      boolean over = goes || clause.get(i).kind != Element.Kind.PHRASE || clause.is(i, Sort.IDLE);
      if (!over || clause.isStrong(i) && !own) {
        return -1;
      }
      words++;
    }
    return -1;
  }

  private Element amount(int food, int before) {
    for (int i = food - 1; i >= Math.max(0, food - FAR); i--) {
      if (clause.isStrong(i)) {
        return clause.get(i);
      }
      if (clause.get(i).kind == Element.Kind.MARK || clause.isFood(i)) {
        break;
      }
    }
    for (int i = food + 1; i < before; i++) {
      if (clause.isStrong(i)) {
        return clause.get(i);
      }
    }
    return null;
  }

  /** How it is shared out; null where that is not plain. */
  private static Split plan(Element food, Element whole, List<Share> shares, boolean inside) {
    boolean elsewhere = shares.stream().anyMatch(share -> share.place() != Place.NOT_SAID);
    boolean measured = shares.stream().allMatch(share -> share.amount() != null);
    boolean sum = whole != null && whole.amount.orElseThrow().terms().size() > 1;
    if (!elsewhere && !sum && whole != null && shares.size() > 1) {
      boolean all =
          parts(food, whole, shares) != null; // "200 ml in the batter, the rest to thin it"
      return all ? Split.parts(food, List.of(1.0), List.of(Place.NOT_SAID)) : null;
    }
    if (!elsewhere || sum || isWet(food) && places(shares).contains(Place.PAN)) {
      return null;
    }
    if (whole == null) {
      boolean each = measured && shares.size() > 1;
      return each ? Split.of(food, amounts(shares, null), places(shares)) : null;
    }
    boolean half = whole.low().startsWith("half of") && shares.size() == 1;
    if (half && shares.get(0).amount() == null && shares.get(0).fraction() == 0) {
      return Split.more(food, List.of(whole.text()), places(shares)); // "… the rest on top"
    }
    if (measured && (inside || shares.stream().allMatch(Share::added))) {
      return Split.more(food, amounts(shares, whole), places(shares));
    }
    if (shares.stream().anyMatch(Share::added)) {
      return null;
    }
    return parts(food, whole, shares);
  }

  /** What goes into the pan only as batter. */
  private static boolean isWet(Element food) {
    return food.food
        .map(named -> named.food().role())
        .filter(role -> role == Role.LIQUID || role == Role.FLOUR || role == Role.LEAVENING)
        .isPresent();
  }

  private static Split parts(Element food, Element whole, List<Share> shares) {
    double told = 0;
    int rests = 0;
    List<Double> parts = new ArrayList<>();
    for (Share share : shares) {
      double part = fraction(share, whole);
      if (part < 0) {
        return lessOf(food, whole, shares, share);
      }
      rests += part == 0 ? 1 : 0;
      told += part;
      parts.add(part);
    }
    boolean one = shares.size() == 1;
    if (rests > 1
        || told > 1 + ROUNDED
        || one && (rests > 0 || !isSome(shares.get(0)) && !isPart(shares.get(0), whole))) {
      return null;
    }
    List<Place> places = new ArrayList<>(places(shares));
    double left = 1 - told;
    boolean open = left > ROUNDED;
    if (rests == 1 && !open || one && !open) {
      return null;
    }
    if (rests == 1) {
      parts.set(parts.indexOf(0.0), left);
    } else if (open) {
      parts.add(0, left);
      places.add(0, Place.NOT_SAID);
    }
    return Split.parts(food, parts, places);
  }

  /** "100 g sugar, 2 tbsp of it on top": one is told in a unit of another kind, and the rest. */
  private static Split lessOf(Element food, Element whole, List<Share> shares, Share some) {
    List<Share> others = shares.stream().filter(share -> share != some).toList();
    boolean rest =
        others.stream().allMatch(share -> share.amount() == null && share.fraction() == 0);
    boolean plain = PartlyOther.isPlain(whole) && !some.amount().isCount();
    if (!plain || !rest || others.size() > 1 || others.isEmpty() && !isSome(some)) {
      return null;
    }
    Place place = others.isEmpty() ? Place.NOT_SAID : others.get(0).place();
    String left = whole.text() + " less " + some.amount().text();
    return Split.of(food, List.of(left, some.amount().text()), List.of(place, some.place()));
  }

  /** It is said to be some of the whole. */
  private static boolean isSome(Share share) {
    return share.place() != Place.NOT_SAID && (share.kept() || share.amount() == null);
  }

  /** "50 g butter, 20 g for the pan": less of it in its unit, and somewhere else. */
  private static boolean isPart(Share share, Element whole) {
    return share.place() != Place.NOT_SAID
        && share.amount() != null
        && !share.amount().isCount()
        && share.amount().measure().unit() == whole.measure().unit();
  }

  /** Of the whole; 0 for what is left, less for what cannot be told. */
  private static double fraction(Share share, Element whole) {
    if (share.amount() == null) {
      return share.fraction();
    }
    Measure part = share.amount().measure();
    Measure all = whole.measure();
    boolean bare = share.amount().isCount() && all.unit() != Unit.COUNT;
    if (bare || part.unit() == all.unit()) {
      return part.amount() / all.amount();
    }
    double some = tablespoons(part) / tablespoons(all);
    return some > 0 && some < 1 ? some : -1;
  }

  /** Not a number for what is no volume; a stick of butter has 8 on its wrapper. */
  private static double tablespoons(Measure measure) {
    if (measure.unit() == Unit.COUNT && measure.size().equals("stick")) {
      return measure.amount() * STICK;
    }
    double one = Unit.TABLESPOON.millilitres(MeasuringSystem.US);
    return measure.unit().kind().isVolume()
        ? measure.amount() * measure.unit().millilitres(MeasuringSystem.US) / one
        : Double.NaN;
  }

  private static List<String> amounts(List<Share> shares, Element whole) {
    return shares.stream()
        .map(share -> whole == null ? share.amount().text() : share.amount().textLike(whole))
        .toList();
  }

  private static List<Place> places(List<Share> shares) {
    return shares.stream().map(Share::place).toList();
  }
}
