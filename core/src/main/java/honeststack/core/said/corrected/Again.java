package honeststack.core.said.corrected;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Named;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.part.Portions;
import honeststack.core.said.part.Thinned;
import honeststack.core.said.talk.Remarks;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sentence.Section;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Finds foods that a text only names again: they were measured elsewhere in it. */
public final class Again {
  /** Words of a sentence, and of no line of a list. */
  private static final String[] TELLING = {
    "i", "you", "we", "they", "it", "it's", "that's", "is", "are", "isn't", "aren't", "gives",
    "give", "make", "makes", "need", "needs", "find", "sounds", "yes", "said", "level", "weighs",
    "costs", "there", "i've", "we've", "has"
  };

  /** No label of a line has more words. */
  private static final Sought PART_OF_EGG = Sought.of("\\b(?:yolk|white)s?\\b");

  private static final int LABEL = 4;

  private final List<Clause> clauses;

  public Again(List<Clause> clauses) {
    this.clauses = clauses;
  }

  public void find() {
    List<Named> all = new ArrayList<>();
    for (int i = 0; i < clauses.size(); i++) {
      for (Mention mention : clauses.get(i).mentions) {
        all.add(new Named(clauses.get(i), mention, i));
      }
    }
    boolean others = all.stream().anyMatch(Again::isInBatter);
    boolean recipe =
        all.stream().anyMatch(s -> s.mention.isMeasured() && s.section() != Section.NOTES);
    boolean listed =
        all.stream().anyMatch(s -> s.section() == Section.LIST && s.mention.isMeasured());
    Alike alike = new Alike();
    all.forEach(alike::put);
    Alike kept = new Alike();
    boolean retold = false;
    for (int i = 0; i < all.size(); i++) {
      Named said = all.get(i);
      if (i == 0 || said.clause != all.get(i - 1).clause) {
        retold = isRetold(all.subList(i, i + said.clause.mentions.size()), kept);
      }
      boolean again =
          said.section() == Section.NOTES && (recipe || !said.mention.isMeasured())
              || said.section() == Section.NUTRITION
              || said.section() == Section.SHOPPING && others
              || said.mention.isMeasured() && retold
              || !isLine(said) && isAgain(said, alike.of(said), kept.of(said), listed);
      if (again) {
        said.mention.again = true;
        said.mention.mark(Part.METHOD);
        if (said.mention.isMeasured()) {
          rest(said);
        }
      } else {
        takeOff(said, kept.of(said));
        kept.put(said);
      }
    }
    clauses.forEach(clause -> clause.mentions.removeIf(mention -> mention.again));
  }

  /** Measured for the bowl, by no shopping list. */
  private static boolean isInBatter(Named said) {
    return said.section() == Section.LIST
        && said.mention.isMeasured()
        && said.mention.place == Place.NOT_SAID;
  }

  /** A sentence that says of several foods, or in its own words, what was measured already. */
  private static boolean isRetold(List<Named> said, Alike kept) {
    List<Named> measured = said.stream().filter(named -> named.mention.isMeasured()).toList();
    return !measured.isEmpty()
        && !isLine(said.get(0))
        && !isLabelled(said.get(0).clause)
        && measured.stream()
            .allMatch(named -> kept.of(named).stream().anyMatch(k -> isEqual(named, k)));
  }

  private static boolean isEqual(Named said, Named before) {
    Place place = said.mention.place;
    return said.clause != before.clause
        && said.isNear(before)
        && said.measure().isPresent()
        && said.measure().equals(before.measure())
        && isMeasuredAlike(said.mention, before)
        && !isOther(said)
        && (place == Place.NOT_SAID || place == before.mention.place)
        && !isMore(said);
  }

  /** "200 ml milk … the other 200 ml milk". */
  private static boolean isOther(Named said) {
    return said.clause.low(said.mention.from - 1).endsWith("other");
  }

  /** "Crumble: 100 g flour": of something else. */
  private static boolean isLabelled(Clause clause) {
    for (int i = 1; i <= LABEL && clause.has(i); i++) {
      if (clause.isMark(i, ":")) {
        return !clause.get(i - 1).isFood()
            && !clause.isWord(i - 1, "again", "recap", "so", "short", "more");
      }
    }
    return false;
  }

  /** A line of a list stands for itself; what is told of it in a sentence does not. */
  private static boolean isLine(Named said) {
    Clause clause = said.clause;
    return said.section() == Section.LIST
        && clause.sentence.whole()
        && clause.mentions.size() == 1
        && clause.elements.stream().noneMatch(e -> e.is(Sort.VERB) || e.isWord(TELLING));
  }

  private static boolean isAgain(Named said, List<Named> all, List<Named> kept, boolean listed) {
    Mention mention = said.mention;
    if (mention.isMeasured()) {
      if (isOther(said) && kept.stream().anyMatch(k -> isAlike(mention, k.mention))) {
        return false;
      }
      boolean one =
          isDefinite(said) && mention.amount != null && mention.amount.measure().amount() == 1;
      boolean part = isOfThe(said) && !isMore(said);
      if (part && kept.stream().anyMatch(k -> isMeasuredAlike(mention, k))) {
        return true;
      }
      if (kept.stream().anyMatch(k -> isPortion(said, k) || isAddend(said, k, all))) {
        return true;
      }
      boolean remark = !isMore(said) && Remarks.isRemark(said);
      if (remark && kept.stream().anyMatch(k -> isToldBefore(said, k))) {
        return true;
      }
      boolean same = isDefinite(said) && mention.amount != null; // "melt the 50 g of butter"
      if (same && kept.stream().anyMatch(k -> isAlike(mention, k.mention))) {
        return true;
      }
      if (one && all.stream().anyMatch(o -> o != said && isMeasuredAlike(mention, o))) {
        return true;
      }
      if (mention.per != null && listed && kept.stream().anyMatch(k -> isShared(mention, k))) {
        return true;
      }
      return said.section() == Section.METHOD
          && kept.stream().anyMatch(k -> k.mention.isMeasured() && isSame(mention, k.mention))
          && listed
          && !isMore(said);
    }
    boolean enough = said.clause.low(0).startsWith("enough"); // "enough oil to cover the pan"
    if (enough || isMore(said) && !Thinned.isSupposed(said.clause)) {
      return false; // "more milk until it poured": nobody knows how much
    }
    boolean measured =
        all.stream()
            .anyMatch(
                other ->
                    other.mention.isMeasured()
                        && isSame(mention, other.mention)
                        && (isHere(said, other) || isDefinite(said)));
    return measured || kept.stream().anyMatch(k -> isSame(mention, k.mention) && isHere(said, k));
  }

  /** Some of what was measured, or the same amount said once more. */
  private static boolean isPortion(Named said, Named other) {
    if (isPart(said, other)) {
      return !Portions.isElsewhere(said, other);
    }
    return said.isNear(other)
        && isMeasuredAlike(said.mention, other)
        && (said.clause != other.clause || isKnownSame(said, other)) // "rye flour and flour"
        && Portions.isTwice(said, other);
  }

  private static boolean isPart(Named said, Named other) {
    return said.isNear(other)
        && (isKnownSame(said, other) || isDefinite(said) || isOfThe(said)) // no oat milk
        && isMeasuredAlike(said.mention, other)
        && !isMore(said)
        && Portions.isPart(said, other);
  }

  /** The amounts behind the whole, this one among them, add up to it. */
  private static boolean isAddend(Named said, Named whole, List<Named> all) {
    if (said.clause == whole.clause || !Portions.isLess(said, whole)) {
      return false;
    }
    List<Named> parts = new ArrayList<>();
    for (Named part : all.subList(all.indexOf(whole) + 1, all.size())) {
      boolean later =
          part.clause != whole.clause
              && part.isNear(whole)
              && isMeasuredAlike(part.mention, whole)
              && !isMore(part);
      if (later && !parts.contains(part)) {
        parts.add(part);
      }
    }
    return parts.contains(said) && Portions.addUp(parts, whole);
  }

  private static void takeOff(Named said, List<Named> kept) {
    kept.stream()
        .filter(whole -> isPart(said, whole))
        .findFirst()
        .ifPresent(whole -> whole.leave(Portions.left(said, whole)));
  }

  private static boolean isToldBefore(Named said, Named before) {
    return said.clause != before.clause
        && said.isNear(before)
        && isMeasuredAlike(said.mention, before)
        && (isKnownSame(said, before) || said.measure().equals(before.measure()));
  }

  /** Not only by the noun: "flour" may be rye flour that was measured, or a flour besides it. */
  private static boolean isKnownSame(Named said, Named before) {
    Optional<Food> food = said.mention.known();
    Optional<Food> other = before.mention.known();
    return food.isEmpty()
        || other.isEmpty()
        || food.get().role() == Role.EGG
        || food.get().id().equals(other.get().id());
  }

  /** As much of the same food. */
  private static boolean isAlike(Mention mention, Mention other) {
    return isSame(mention, other)
        && other.isMeasured()
        && Scaled.single(mention.amountText).isPresent()
        && Scaled.single(mention.amountText).equals(Scaled.single(other.amountText));
  }

  private static boolean isMeasuredAlike(Mention mention, Named other) {
    return other.mention.isMeasured() && isSame(mention, other.mention);
  }

  /** "Oil – 2 tsp for roasting … drizzle ½ tsp around each": of what a line has for the pan. */
  private static boolean isShared(Mention mention, Named line) {
    return isLine(line)
        && isMeasuredAlike(mention, line)
        && line.mention.place == Place.PAN
        && mention.place == Place.PAN;
  }

  /** It goes where the other one went, or nothing is said of where it goes. */
  private static boolean isHere(Named said, Named other) {
    Place place = said.mention.place;
    return place == Place.NOT_SAID
        || place == other.mention.place
        || said.section() == Section.METHOD && said.mention.more == null;
  }

  /** "the butter": one that was named before. */
  private static boolean isDefinite(Named said) {
    int before = said.mention.from - 1;
    Clause clause = said.clause;
    return !clause.isWord(before - 1, "after", "before")
            && clause.isWord(before, "the", "this", "that", "remaining", "those")
        || clause.has(before) && clause.get(before).low().endsWith("the");
  }

  /** "200 ml of the milk": some of what was named before. */
  private static boolean isOfThe(Named said) {
    Mention mention = said.mention;
    int food = said.clause.elements.indexOf(mention.food);
    int amount = said.clause.elements.indexOf(mention.amount);
    for (int i = amount + 1; amount >= 0 && i < food; i++) {
      if (said.clause.isWord(i, "the", "that", "this", "those", "your")
          || said.clause.low(i).endsWith("of the")) {
        return true;
      }
    }
    return false;
  }

  private static boolean isMore(Named said) {
    Clause clause = said.clause;
    int from = said.mention.from;
    if (said.mention.further
        || clause.isWord(from - 1, "another", "extra", "more")
        || clause.isWord(from - 2, "another", "extra", "more")) {
      return true;
    }
    if (Thinned.isIn(clause) && !isOfThe(said)) {
      return true;
    }
    for (int i = from; i < said.mention.to && !said.isOutside(); i++) {
      if (clause.isWord(i, "more", "extra", "further", "additional")) {
        return true;
      }
    }
    return false;
  }

  private static boolean isSame(Mention a, Mention b) {
    Optional<Food> first = a.known();
    Optional<Food> second = b.known();
    if (first.isPresent() && first.map(Food::id).equals(second.map(Food::id))) {
      return true;
    }
    String word = a.foodText.toLowerCase(Locale.ROOT);
    String other = b.foodText.toLowerCase(Locale.ROOT);
    boolean eggs =
        first.isPresent()
            && second.isPresent()
            && first.get().role() == Role.EGG
            && second.get().role() == Role.EGG
            && !PART_OF_EGG.isIn(other);
    return a.food != null && (other.endsWith(" " + word) || eggs && !a.isMeasured());
  }

  /** "… then add the other 100": what is left of it. */
  private static void rest(Named said) {
    boolean all = Remarks.isRemark(said);
    said.clause.elements.stream()
        .filter(e -> e.isAmount() && (all || e.isCount()) && !e.isWeak() && e.part == Part.UNKNOWN)
        .forEach(element -> element.part = Part.METHOD);
  }
}
