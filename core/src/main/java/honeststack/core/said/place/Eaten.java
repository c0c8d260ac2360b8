package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.People;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * What somebody ate, and with what: "I had 3 pancakes, with 1 tbsp peanut butter and half a
 * banana". It lies on the plate, and so many were eaten, not made. A sentence that names flour or a
 * raw egg makes them.
 */
public final class Eaten {
  private static final String[] EAT = {
    "had",
    "ate",
    "eat",
    "eats",
    "have",
    "has",
    "having",
    "eating",
    "enjoyed",
    "got",
    "serve",
    "serves",
    "served",
    "plate",
    "breakfast",
    "brunch",
    "lunch",
    "tea",
    "supper"
  };

  private static final Remembered SOMEBODY =
      Remembered.whole("(?:he|she|i|we|they) (?:has|have|had|ate|eats?)");

  private static final int FAR = 4;

  private static final Sought BATCH =
      Sought.of(".*\\b(?:out of|of|from)(?: an?| the| one)? (?:batch|lot|stack|total) of");

  /** "I drank 200 ml milk with it." */
  private static final Sought DRUNK =
      Sought.of(
          "(?:and |then )?(?:i|we|he|she|they|the kids|everyone) (?:drank|drinks?|had) (?:also )?(?:.*) (?:with (?:it|them|that|theirs|mine|ours|this)|alongside|to drink|beside (?:it|them)|besides|next to (?:it|them)|on the side)(?<not>(?: ,| –| -)? (?:but |so |and )?(?:(?:which|that) (?:you|i|we) )?(?:need not|needn't|don't|do not|not|needn't be|doesn't|does not) count.*)?[ .!]*");

  /** "And a mug of tea with a splash of milk." */
  private static final Sought HOT_DRINK =
      Sought.of(
          "(?:(?:and|plus|then|with|also|i have|i had|we have|we had|it|them) )*(?:an? |one |my )?(?:big |small |strong )?(?:cup|mug|pot|glass)s? of (?:black |strong |hot |milky |herbal |green )?(?:tea|coffee) (?:with|and) .*");

  private static final String WHO = "(?:i|we|he|she|they|(?:the|my|our) [a-z]+)";

  /** "I have 60 g raspberries with it", "with that I have a boiled egg". */
  private static final Sought WITH_THEM =
      Sought.of(
          "(?:(?:and|then|no [a-z ]{3,20}),? )*"
              + ("(?:(?<ahead>(?:with (?:it|that|them|this|these|mine|those)|alongside(?: it| that)?) ,? ?)"
                  + WHO)
              + (" (?:have|has|had|having|take|takes|took|eat|eats|ate|like|likes|drink|drinks|drank) .*|"
                  + WHO)
              + " (?:have|has|had|take|takes|took|eat|eats|ate|like|likes) .* with (?:it|that|them|this|these|mine|his|hers|ours|theirs)(?: (?:and|plus) .*)?)[ .!]*");

  private static final String KIN =
      "(?:my|our|the) (?:boy|girl|kids|boys|girls|children|toddler|eldest|youngest|guests?|"
          + People.KIN
          + ")";

  /** "My son had jam, a tablespoon, and my daughter 20 g of honey." */
  private static final Sought OURS =
      Sought.of(
          KIN + " (?:had|has|have|takes|likes|gets|got|eats|ate) .* and " + KIN + " .*[ .!]*");

  /** "On her three she had 60 g yogurt", "over mine went 30 ml cream". */
  private static final Sought ON_OURS =
      Sought.of(
          "(?:(?:and|then|so) )*(?:on|over|onto) (?:mine|hers|his|theirs|ours|(?:my|her|his|our|their)"
              + " (?:\\d{1,2}|one|two|three|four|five|six|half|share|portion|stack|plate|pancakes|waffles))"
              + " (?:, ?)?(?:(?:i|we|he|she|they) (?:had|have|has|put|puts|spread|poured|spooned)|went|goes|go|was|were|:) .*");

  private Eaten() {}

  public static void in(Clause clause) {
    ofBatch(clause);
    if (isServed(clause)) {
      return;
    }
    if (withThem(clause)) {
      return;
    }
    int pieces = 1;
    while (clause.has(pieces) && !isEaten(clause, pieces)) {
      pieces++;
    }
    int each = clause.is(pieces + 1, Sort.EACH) ? pieces + 1 : pieces; // "we had two each with"
    int with = clause.isMark(each + 1, ",") ? each + 2 : each + 1;
    if (!clause.has(pieces) || !clause.isWord(with, "with", "plus", "and", "topped")) {
      return;
    }
    List<Mention> on = clause.mentions.stream().filter(m -> m.from > with).toList();
    boolean batter = clause.mentions.stream().anyMatch(Eaten::isBatter);
    if (!on.isEmpty() && !batter) {
      on.stream().filter(m -> !m.placed).forEach(m -> m.place = Place.PLATE);
      double eaten = clause.get(pieces).isAmount() ? clause.get(pieces).measure().amount() : 0;
      clause.counts.pieces = // "two come out, he eats one and a half with …"
          clause.counts.pieces.filter(n -> eaten > 0 && n.low() > eaten);
      clause.get(pieces).part = Part.NOTE;
    }
  }

  /** What is drunk with it, and what lay on somebody's own. */
  private static boolean isServed(Clause clause) {
    String words = clause.words(0, clause.size());
    Matcher drunk = DRUNK.matcher(words);
    boolean one = drunk.matches() && clause.mentions.size() == 1;
    if (one && drunk.group("not") != null) {
      clause.exclude(0, clause.size());
      clause.mentions.clear();
      return true;
    }
    boolean ours = ON_OURS.isAll(words);
    if (ours) {
      ofTheirs(clause);
    }
    if (!one && !ours && !HOT_DRINK.isAll(words)) {
      return false;
    }
    for (Mention mention : clause.mentions) {
      mention.place = Place.PLATE;
      mention.placed = true;
    }
    return true;
  }

  /** How many of them are theirs is no number of what came out, and it is no other recipe. */
  private static void ofTheirs(Clause clause) {
    clause.elements.stream()
        .filter(e -> e.isAmount() && clause.mentions.stream().noneMatch(m -> m.amount == e))
        .forEach(e -> e.part = Part.NOTE);
    clause.counts.clear();
    clause.bitByBit = true;
  }

  /** No batter is made of it. */
  private static boolean withThem(Clause clause) {
    String words = clause.words(0, clause.size());
    boolean with =
        !clause.mentions.isEmpty()
            && (WITH_THEM.isAll(words) || OURS.isAll(words))
            && clause.mentions.stream().noneMatch(m -> isBatter(m) || m.role() == Role.LEAVENING);
    if (with) {
      clause.mentions.stream()
          .filter(m -> m.place == Place.NOT_SAID)
          .forEach(
              m -> {
                m.place = Place.PLATE;
                m.placed = true;
              });
    }
    return with;
  }

  /** "2 pancakes out of a batch of 8 made with …". */
  private static void ofBatch(Clause clause) {
    for (int i = 1; i < clause.size(); i++) {
      boolean batch =
          clause.get(i).isAmount()
              && clause.get(i).isCount()
              && (BATCH.isAll(clause.words(i - FAR - 2, i)) || isOfSoMany(clause, i));
      if (batch) {
        clause.get(i).part = Part.YIELD;
        clause.counts.pieces = Optional.of(BareCounts.range(clause.get(i)));
        clause.elements.subList(0, i).stream()
            .filter(e -> e.isAmount() && e.part != Part.AMOUNT)
            .forEach(e -> e.part = Part.METHOD);
      }
    }
  }

  /** "my share: 3 of 9", "three of nine small ones from 200 g flour". */
  private static boolean isOfSoMany(Clause clause, int i) {
    int some = clause.isWord(i - 2, "out") ? i - 3 : i - 2;
    boolean begins =
        some == 0
            || clause.isMark(some - 1, ":", ",", "-", "–")
            || clause.isWord(some - 1, "had", "ate", "eat", "was", "is", "took", "have");
    return begins
        && clause.isWord(i - 1, "of")
        && clause.has(some)
        && clause.get(some).isAmount()
        && clause.get(some).isCount()
        && clause.get(some).measure().amount() < clause.get(i).measure().amount()
        && clause.get(some).part != Part.AMOUNT
        && clause.get(i).part != Part.AMOUNT
        && clause.ahead(i + 1, 2, Element::isFood) < 0;
  }

  /** Flour, and an egg that nobody cooked yet. */
  private static boolean isBatter(Mention mention) {
    return mention.role() == Role.FLOUR
        || mention.known().filter(food -> food.id().matches("egg(?:-white|-yolk)?")).isPresent();
  }

  /** "serve 2 with 1 tbsp syrup", "she has one with jam". */
  private static boolean isNumber(Clause clause, int i) {
    int each = clause.is(i + 1, Sort.EACH) ? i + 2 : i + 1;
    int with = clause.isMark(each, ",") ? each + 1 : each;
    boolean number =
        clause.isWord(with, "with") && clause.get(i).isAmount() && clause.get(i).isCount();
    return number
        && (clause.isWord(i - 1, "serve", "plate", "ate", "eat")
            || SOMEBODY.is(clause.words(i - 2, i)));
  }

  /** Pancakes, and what is done with them before. */
  private static boolean isEaten(Clause clause, int i) {
    if (isNumber(clause, i)) {
      return true;
    }
    boolean eat = false;
    for (int j = Math.max(0, i - FAR); clause.is(i, Sort.PIECES) && j < i; j++) {
      eat |= clause.isWord(j, EAT) || clause.says(j, SOMEBODY);
    }
    return eat;
  }
}
