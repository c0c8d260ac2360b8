package honeststack.core.said.part;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import honeststack.core.wording.Numbers;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** More of the food before: "200 ml milk, then the remaining 50 ml", "… and 50 ml at the end". */
public final class Further {
  private static final int FAR = 4;

  /** Of no unit: nobody pours fewer, or weighs fewer out (common practice). */
  private static final double FEWEST = 10;

  private static final Set<Unit.Kind> POURED =
      Set.of(Unit.Kind.VOLUME, Unit.Kind.MARKED, Unit.Kind.SPOON);

  private static final Sought FURTHER =
      Sought.of("(?:.* )?(?:remaining|other|last|further|another|final|second)");

  private static final Sought REST = Sought.of("(?:.* )?(?:remaining|other|rest|last)");

  /** Nothing says that it was done. */
  private static final Sought MAYBE =
      Sought.of(
          "\\b(?:if|might|may|could|can|would|should|you|unless|when|next time|maybe|perhaps)\\b|\\?");

  private Further() {}

  /** Adds an amount that names no food to the food before it; whether it is said to be more. */
  public static boolean add(Clause clause, int amount, List<Mention> mentions) {
    Mention last = whose(clause, amount, mentions);
    boolean more =
        !clause.get(amount).isCount()
            || clause.isWord(amount + 1, "more")
            || clause.isWord(amount - 1, "another");
    boolean further = last != null && isFurther(clause, amount);
    return further
        && (elsewhere(clause, amount, last, mentions) || add(last, clause.get(amount), more));
  }

  /** "2 tbsp of the milk with the yolks, then the remaining 250 ml"; else of the last before it. */
  private static Mention whose(Clause clause, int amount, List<Mention> mentions) {
    List<Mention> before =
        mentions.stream()
            .filter(mention -> mention.from < amount)
            .sorted(Comparator.comparing(mention -> mention.from))
            .toList();
    Mention last = before.isEmpty() ? null : before.get(before.size() - 1);
    if (!REST.isAll(clause.low(amount - 1))) {
      return last;
    }
    List<Mention> some =
        before.stream().filter(m -> isLike(m, clause.get(amount)) && isOfThe(clause, m)).toList();
    List<Mention> like = before.stream().filter(m -> isLike(m, clause.get(amount))).toList();
    return some.size() == 1 ? some.get(0) : like.size() == 1 ? like.get(0) : last;
  }

  private static boolean isOfThe(Clause clause, Mention mention) {
    int food = clause.elements.indexOf(mention.food);
    return clause.words(mention.from, food).matches(".*\\bof (?:the|your|my)\\b.*");
  }

  /** Measured in its way; a bare number stands in the unit of what it is more of. */
  private static boolean isLike(Mention mention, Element more) {
    if (mention.amount == null || mention.food == null || !mention.isMeasured()) {
      return false;
    }
    Measure measure = mention.amount.measure();
    return more.isCount()
        ? isWritten(measure)
        : measure.unit() == more.measure().unit() || isPoured(measure) && isPoured(more.measure());
  }

  /** "500 ml oil in the mix, another 500 on the griddles": in its unit, for another place. */
  private static boolean elsewhere(
      Clause clause, int amount, Mention last, List<Mention> mentions) {
    boolean pan = clause.is(amount + 1, Sort.PAN);
    Element more = clause.get(amount);
    boolean fat = last.role() == Role.FAT && last.amount != null && last.food != null;
    if (!fat || !pan || !more.isCount()) {
      return false;
    }
    Mention other = new Mention();
    other.amount = more;
    more.takeUnit(last.amount);
    other.amountText = more.text();
    other.food = last.food;
    other.foodText = last.foodText;
    other.from = amount;
    other.to = amount + 1;
    other.place = Place.PAN;
    other.placed = true;
    other.restated = true;
    more.part = Part.AMOUNT;
    clause.get(amount + 1).part = Part.PLACE;
    mentions.add(other);
    return true;
  }

  /** "Whisk in 200 ml milk. Then the other 50 ml." */
  public static void goOn(Mention last, Clause clause) {
    List<Element> amounts =
        clause.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).toList();
    boolean one = amounts.size() == 1 && !clause.hasFood() && !isOfPieces(last, amounts.get(0));
    if (one && isFurther(clause, clause.elements.indexOf(amounts.get(0)))) {
      boolean added = add(last, amounts.get(0), false);
      clause.mentions.removeIf(mention -> added && mention.amount == amounts.get(0));
    }
  }

  /** "The dog got one and we shared the other seven": no millilitres. */
  private static boolean isOfPieces(Mention last, Element amount) {
    boolean counted = last.amount != null && last.amount.isCount();
    return !counted && amount.isCount() && amount.measure().amount() < FEWEST;
  }

  /** "250 ml milk, 50 ml of it at the end": a part, and no more. */
  public static boolean isPart(Clause clause, int amount) {
    boolean of =
        clause.isStrong(amount)
            && clause.isWord(amount + 1, "of")
            && clause.isWord(amount + 2, "it", "that", "this", "them");
    return of && isLater(clause, amount + 3);
  }

  /** "two eggs, then one more". */
  public static boolean isOneMore(Clause clause, int amount) {
    boolean another =
        clause.low(amount).equals("another one") || clause.isWord(amount - 1, "another");
    return clause.isWord(amount, "one") && clause.isWord(amount + 1, "more")
        || another
            && (BareCounts.isEnd(clause, amount + 1)
                || clause.isWord(amount + 1, "and", "too", "then", "as"));
  }

  /** "I stirred in another egg.": one more, where none is measured beside it. */
  public static void another(Clause clause) {
    if (MAYBE.isIn(clause.words(0, clause.size()))) {
      return;
    }
    for (Mention mention : clause.mentions) {
      int food = mention.food == null ? -1 : clause.elements.indexOf(mention.food);
      boolean egg =
          !mention.isMeasured()
              && mention.known().filter(known -> known.role() == Role.EGG).isPresent()
              && clause.isWord(food - 1, "another");
      boolean first = clause.mentions.stream().noneMatch(m -> m.from < mention.from);
      if (egg && first) {
        mention.amountText = "1";
        mention.restated = true;
      }
    }
  }

  private static boolean isFurther(Clause clause, int amount) {
    boolean bare = clause.get(amount).isCount(); // "48 h later" is no flour
    boolean pieces = bare && clause.isWord(amount + 1, "were", "was", "are", "came", "went", "got");
    return !pieces && FURTHER.isAll(clause.low(amount - 1))
        || (bare ? clause.isWord(amount + 1, "more") : isLater(clause, amount + 1));
  }

  private static boolean isLater(Clause clause, int from) {
    for (int i = from; i < from + FAR && clause.has(i) && clause.get(i).isFree(); i++) {
      if (clause.isWord(i, "more", "extra", "later", "after", "afterwards", "end", "last", "second")
          || clause.low(i).endsWith("the end")) {
        return true;
      }
    }
    return false;
  }

  /** On a scale or a jug, whose unit goes without saying the second time. */
  private static boolean isWritten(Measure measure) {
    return measure.unit().kind() == Unit.Kind.MASS || measure.unit().kind() == Unit.Kind.MARKED;
  }

  private static boolean isPoured(Measure measure) {
    return POURED.contains(measure.unit().kind());
  }

  private static boolean add(Mention mention, Element more, boolean counted) {
    boolean known = mention.isMeasured() && mention.food != null;
    Measure all =
        known ? Scaled.single(mention.amountText.replaceFirst(" of$", "")).orElse(null) : null;
    boolean bare = all != null && isWritten(all) && more.isCount();
    Measure some = bare ? more.measure().in(all.unit()) : more.measure(); // "then another 50"
    if (all != null && all.unit() != some.unit() && isPoured(all) && isPoured(some)) {
      mention.notes = " plus " + more.text() + mention.notes;
      mention.restated = true;
      more.part = Part.AMOUNT;
      return true;
    }
    boolean eggs = counted && mention.known().filter(food -> food.role() == Role.EGG).isPresent();
    if (all == null || all.unit() != some.unit() || all.unit() == Unit.COUNT && !eggs) {
      return false;
    }
    double sum = all.amount() + some.amount();
    String unit = eggs && all.unit() == Unit.COUNT ? all.size() : all.unit().symbol();
    mention.amountText = (Numbers.plain(sum) + " " + unit).strip();
    mention.restated = true;
    more.part = Part.AMOUNT;
    return true;
  }
}
