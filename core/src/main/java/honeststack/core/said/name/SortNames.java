package honeststack.core.said.name;

import honeststack.core.food.Foods;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.Locale;
import java.util.Optional;

/**
 * Sorts of what is named before, without its noun: "500 g flour: 400 white, 100 rye", "60 %
 * wholemeal, 40 % white".
 */
public final class SortNames {
  /** A bare number from here on weighs something (common practice). */
  private static final double WEIGHT = 10;

  private static final Sought OF_IT = Sought.of("of (?:it|them|that)");

  private static final Sought SHARE =
      Sought.of(
          "(?:the )?(?:rest|remainder|other half)|%|percent|half|one half|a third|two thirds");

  private static final Sought END = Sought.of("|[,;.:)!]|and|or|plus|with|\\+|&");

  private static final Sought ON_TOP =
      Sought.of(
          "\\b(?:on top|over|fudge|sauce|cherry|sprinkles|sundae|cone|whipped cream|per (?:waffle|plate|stack))\\b");

  /** What is no food of its own, though a larder may know it so. */
  private static final Sought SORT =
      Sought.of(
          "skim|skimmed|semi|semi-skimmed|wholemeal|wholegrain|whole-?wheat|self-raising|self-rising"
              + "|strong|granulated|caster|powdered|icing|greek|natural");

  private final Foods foods;

  public SortNames(Foods foods) {
    this.foods = foods;
  }

  public void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      Element word = clause.get(i);
      if (isBehind(clause, i)) {
        behind(clause, i);
      }
      boolean part = // "300 g flours – 200 g rice, 100 g oat"
          i > 0 && clause.isFood(i) && isWeight(clause, i - 1) && isEnd(clause, i + 1);
      if (part && clause.hasWord("flours")) {
        put(clause, i, word.low() + " flour");
      } else if (clause.isWord(i, "stevia", "sucralose") && isDropped(clause, i)) {
        put(clause, i, "liquid " + word.low());
      } else if (isScooped(clause, i)) {
        put(clause, i, word.low() + " ice cream");
      }
      boolean name = word.kind == Element.Kind.WORD && word.low().length() > 2;
      if (name && (isShare(clause, i - 1) && isEnd(clause, i + 1) || isNamed(clause, i))) {
        named(clause, i);
      }
    }
  }

  /** "300 ml milk, skimmed, 2 eggs": in a list, between what is measured before its name. */
  private static boolean isBehind(Clause clause, int i) {
    int next = clause.isMark(i + 1, ",") ? clause.isWord(i + 2, "and") ? i + 3 : i + 2 : -1;
    return clause.isMark(i - 1, ",")
        && clause.isFood(i - 2)
        && clause.isStrong(clause.isWord(i - 3, "of") ? i - 4 : i - 3)
        && clause.isStrong(next)
        && SORT.isAll(clause.low(i));
  }

  private void behind(Clause clause, int i) {
    Element noun = clause.get(i - 2);
    String name = clause.low(i) + " " + noun.low();
    foods
        .byName(name)
        .filter(found -> found.food().role() == noun.food.orElseThrow().food().role())
        .ifPresent(
            found -> {
              clause.elements.set(i - 2, noun.meaning(found, name));
              clause.take(i - 1, i + 1, Part.NOTE);
            });
  }

  /** "two scoops vanilla, hot fudge": no extract. */
  private static boolean isScooped(Clause clause, int i) {
    int amount = clause.isWord(i - 1, "of") ? i - 2 : i - 1;
    return clause.isFood(i)
        && clause.isWord(i, "vanilla", "chocolate", "strawberry")
        && clause.isAmount(amount)
        && clause.get(amount).measure().unit() == Unit.SCOOP
        && (clause.heading() == Place.PLATE || ON_TOP.isIn(clause.words(0, clause.size())));
  }

  /** "2 drops of stevia". */
  private static boolean isDropped(Clause clause, int i) {
    int amount = clause.isWord(i - 1, "of") ? i - 2 : i - 1;
    return clause.isAmount(amount) && clause.get(amount).measure().unit() == Unit.DROP;
  }

  private static boolean isShare(Clause clause, int i) {
    boolean of = OF_IT.isAll(clause.words(i - 1, i + 1));
    return isWeight(clause, of ? i - 2 : i) || clause.has(i) && SHARE.isAll(clause.low(i));
  }

  /** "white 400, rye 100": the name first. */
  private static boolean isNamed(Clause clause, int i) {
    boolean begins = clause.isMark(i - 1, ",", ":", "(") || clause.isWord(i - 1, "and");
    return begins && isWeight(clause, i + 1) && isEnd(clause, i + 2);
  }

  private static boolean isWeight(Clause clause, int i) {
    return clause.isStrong(i)
        && (!clause.get(i).isCount() || clause.get(i).measure().amount() >= WEIGHT);
  }

  private static boolean isEnd(Clause clause, int i) {
    return END.isAll(clause.low(i));
  }

  private void named(Clause clause, int word) {
    for (int i = 0; i < clause.size(); i++) {
      Optional<String> noun = i == word ? Optional.empty() : noun(clause.get(i));
      if (noun.isPresent() && put(clause, word, clause.low(word) + " " + noun.get())) {
        return;
      }
    }
  }

  private boolean put(Clause clause, int word, String name) {
    Optional<Foods.Named> found = foods.byName(name);
    if (found.isPresent()) {
      Element element = clause.get(word);
      Element food = Element.food(element.tokens, element.from, element.to, found);
      food.instead = name;
      clause.elements.set(word, food);
    }
    return found.isPresent();
  }

  /** What it is a sort of, as it is called; flours go without. */
  private static Optional<String> noun(Element food) {
    String low = food.low().toLowerCase(Locale.ROOT);
    if (low.matches("flours?|milks?|sugars?")) {
      return Optional.of(low.replaceFirst("s$", ""));
    }
    boolean flour = food.isFood() && food.food.isPresent() && food.isRole(Role.FLOUR);
    return flour ? Optional.of("flour") : Optional.empty();
  }
}
