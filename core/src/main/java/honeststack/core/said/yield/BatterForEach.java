package honeststack.core.said.yield;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;

/** Batter that is said for each eater, or for each of several bowls: "each batch: 1 kg flour". */
public final class BatterForEach {
  /** Of flour nobody eats more, g (common practice); nor more eggs. */
  private static final double MOST_FLOUR = 300;

  private static final double MOST_EGGS = 4;

  /** Of flour one eats no more, g, where a whole list may be for one (common practice). */
  private static final double SMALL = 125;

  /** Nobody puts more flour on a pan or a tray, g (common practice). */
  private static final double DUST = 30;

  /** Flour is about half as heavy as water (common practice). */
  private static final double LIGHT = 0.5;

  /** So many elements say for what it is. */
  private static final int WORDS = 6;

  private static final Sought BOWLS =
      Sought.of(
          "\\b(?:(?:each|every|per) (?:batch|bowl|bowlful|mix|recipe|lot|tub)|batches ?,? each)\\b");

  private static final Remembered EACH =
      Remembered.whole("(?:for |in )?(?:each|every|per|a|an)\\b.*");

  private BatterForEach() {}

  /** Nobody puts it on a plate. */
  public static boolean is(Role role) {
    return role == Role.EGG || role == Role.FLOUR || role == Role.LEAVENING;
  }

  /** For which batter is mixed; or nobody eats as much. */
  public static boolean isOfABowl(Clause clause, int cue, Mention mention) {
    return BOWLS.isIn(clause.words(cue - 2, cue + WORDS)) || isTooMuch(mention);
  }

  /** "200 g flour for each pan": nothing but that puts it into the pan, or on a plate. */
  public static void back(Clause clause) {
    clause.mentions.stream()
        .filter(m -> m.place == Place.PAN && isFlour(m) && !isDust(m))
        .forEach(m -> m.place = clause.heading()); // "the rest into the batter with 200 g flour"
    boolean only = false;
    for (Element element : clause.elements) {
      if (element.is(Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT)) {
        only = element.says(EACH);
        if (!only) {
          return;
        }
      }
    }
    boolean raw = only && clause.heading() == Place.NOT_SAID;
    boolean flour = clause.mentions.stream().anyMatch(m -> m.role() == Role.FLOUR);
    if (raw && flour) {
      clause.mentions.stream()
          .filter(m -> is(m.role()) || m.role() == Role.LIQUID)
          .forEach(m -> m.place = Place.NOT_SAID);
    }
  }

  private static boolean isTooMuch(Mention mention) {
    if (mention.amount == null) {
      return false;
    }
    Measure said = mention.amount.measure();
    double grams =
        switch (said.unit().kind()) {
          case MASS -> said.amount() * said.unit().grams();
          case VOLUME -> said.amount() * said.unit().millilitres(MeasuringSystem.US) * LIGHT;
          default -> 0;
        };
    return mention.role() == Role.EGG && mention.amount.isCount()
        ? said.amount() > MOST_EGGS
        : grams > MOST_FLOUR;
  }

  /** No oats, which some cook in a pan. */
  private static boolean isFlour(Mention mention) {
    return mention.known().filter(food -> food.id().contains("flour")).isPresent();
  }

  /** No more than somebody dusts a pan with. */
  private static boolean isDust(Mention mention) {
    if (mention.amount == null) {
      return true;
    }
    Measure said = mention.amount.measure();
    return said.unit().kind() != Unit.Kind.MASS || said.amount() * said.unit().grams() <= DUST;
  }

  /** What is joined before it by an "and", if both make a batter; null for none. */
  public static Mention joined(Clause clause, Mention last) {
    int at = clause.mentions.indexOf(last);
    Mention before = at > 0 ? clause.mentions.get(at - 1) : null;
    boolean joined = before != null && before.amount != null && before.to == last.from - 1;
    boolean and = joined && clause.isWord(before.to, "and", "plus", "&");
    boolean batter = is(last.role()) || last.role() == Role.LIQUID;
    return and && batter && is(before.role()) ? before : null;
  }

  /**
   * The list that ends with what is said for each eater, if all of it makes a batter of which one
   * eats as much: "100 g flour, 1 egg, 200 ml milk per person"; empty for another.
   */
  public static List<Mention> list(Clause clause, Mention last) {
    int at = clause.mentions.indexOf(last);
    int from = at;
    while (from > 0 && isListed(clause, clause.mentions.get(from - 1), clause.mentions.get(from))) {
      from--;
    }
    if (from == at) {
      return List.of();
    }
    List<Mention> list = clause.mentions.subList(from, at + 1);
    boolean joined = clause.isWord(last.from - 1, "and", "plus", "&");
    boolean all =
        joined || last.role() == Role.LIQUID || last.role() == Role.FLOUR; // no "1 egg per person"
    return all && isBatter(list) ? List.copyOf(list) : List.of();
  }

  /** Of which one eats as much. */
  public static boolean isBatter(List<Mention> list) {
    return list.stream().anyMatch(BatterForEach::isSmall)
        && list.stream().anyMatch(m -> m.role() == Role.EGG || m.role() == Role.LIQUID);
  }

  private static boolean isListed(Clause clause, Mention before, Mention behind) {
    boolean mark = clause.isMark(before.to, ",") || clause.isWord(before.to, "and", "plus", "&");
    return before.amount != null
        && before.isMeasured()
        && before.per == null
        && (before.to == behind.from || mark && before.to == behind.from - 1);
  }

  private static boolean isSmall(Mention mention) {
    return mention.role() == Role.FLOUR
        && mention.amount != null
        && mention.amount.measure().unit().kind() == Unit.Kind.MASS
        && mention.amount.measure().amount() * mention.amount.measure().unit().grams() <= SMALL;
  }

  /** "… 1 egg, and a teaspoon of oil per batch": fat for the pan, of the one bowl. */
  public static boolean isSpooned(Clause clause, Mention fat) {
    return fat.role() == Role.FAT
        && fat.amount != null
        && fat.amount.measure().unit().kind() == Unit.Kind.SPOON
        && Rounds.isPerBatch(clause.words(fat.from, fat.to + 2));
  }

  /** "per batch 500 g flour, 6 eggs, 100 g butter": the fat goes in with the others. */
  public static boolean isOfBatch(Clause clause, Mention fat) {
    return fat.per == Per.ROUND
        && !isSpooned(clause, fat)
        && clause.mentions.stream()
            .anyMatch(m -> m.from < fat.from && m.isMeasured() && is(m.role()));
  }
}
