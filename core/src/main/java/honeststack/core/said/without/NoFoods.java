package honeststack.core.said.without;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.ratio.Relative;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.regex.Pattern;

/**
 * What a sentence names without meaning the food: "as thick as cream", "a butter knife", "100 g
 * walnuts – kidding!".
 */
final class NoFoods {
  private static final int FAR = 4;
  private static final Sought REPLACER =
      Sought.of("\\b(replacer|substitute)s?$", Pattern.CASE_INSENSITIVE);

  /** Behind "mix" they say how, or with what. */
  private static final String[] STIRRED = {
    "with", "in", "into", "together", "well", "until", "till", "it", "them", "everything"
  };

  private static final Sought DRINK =
      Sought.of(
          "(?:.*\\b)?(?:with|have|having|had|drink|drinks|drinking|sip|sipping|enjoy|over)(?: (?:a|my|your|our|some|the|strong|hot|black|good))*"
              + "(?: (?:a |my |your )?(?:cup|mug|pot)(?: of)?)?");

  private static final Sought ADDRESS =
      Sought.of(
          "(?:(?:okay|ok|listen|look|well|right|so|hey|hi|yes|no|now|sure|thanks|sorry|here|oh|come on|alright|my|dear|,) ?)+");

  private static final Sought TO_YOU =
      Sought.of("(?:you|you'll|i'll|we'll|listen|here's|let me|that's)\\b");

  private static final Sought LOOKS =
      Sought.of(
          "(?:.*\\b)?(?:till|until|to|is|are|it's|goes|go|turn|turns|turned|look|looks|it|them|be|get|gets|like|nice|deep|light|pale|lovely|dark|a)");

  private final Clause clause;

  private NoFoods(Clause clause) {
    this.clause = clause;
  }

  static void in(Clause clause) {
    NoFoods foods = new NoFoods(clause);
    foods.things();
    foods.comparisons();
    foods.joked();
  }

  /** "Perfect with a cup of coffee": beside them, where the sentence names nothing else. */
  private boolean isDrunk(int i) {
    return clause.isWord(i, "coffee", "tea", "cocoa")
        && DRINK.isAll(clause.words(Math.max(0, i - FAR), i))
        && clause.elements.stream().filter(Element::isFood).count() == 1
        && clause.elements.stream().noneMatch(e -> e.is(Sort.BOWL, Sort.BATTER));
  }

  /** "Okay honey, it's 200 g flour", "Pumpkin, you need …". */
  private boolean isCalled(int i) {
    boolean name = clause.isWord(i, "honey", "sugar", "pumpkin", "sweetie", "dumpling", "cookie");
    boolean behind = i > 0 && ADDRESS.isAll(clause.words(0, i));
    boolean first = i == 0 && TO_YOU.begins(clause.words(2, 2 + FAR));
    boolean own = // "so sugar, 2 tbsp, and eggs"
        clause.isStrong(i + 2) && !clause.isFood(clause.isWord(i + 3, "of") ? i + 4 : i + 3);
    return name && !own && clause.isMark(i + 1, ",", "!") && (behind || first);
  }

  /** "chocolate brown", "lemon yellow": how it looks. */
  private boolean isColour(int i) {
    return clause.isWord(i + 1, "brown", "yellow", "gold", "golden", "coloured", "colored", "red")
        && !clause.isStrong(i - 1)
        && !clause.isFood(i + 2)
        && LOOKS.isAll(clause.words(Math.max(0, i - FAR), i));
  }

  /** Foods that only name a thing, and foods that are verbs. */
  private void things() {
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isWord(i, "fat") && clause.isFood(i) && clause.isFood(i + 1)) {
        clause.take(i, i + 1, Part.NOTE); // "2 fat bananas"
      }
      if (clause.isFood(i) && isDrunk(i)) {
        clause.take(Math.max(0, i - 3), i + 1, Part.ASIDE);
      }
      boolean stirred = clause.isWord(i, "mix") && clause.isWord(i + 1, STIRRED);
      if (clause.isFood(i) && stirred && !clause.isStrong(i - 1) && !clause.isWord(i - 1, "of")) {
        clause.take(i, i + 1, Part.METHOD);
      }
      if (clause.isFood(i) && (isCalled(i) || isColour(i))) {
        clause.take(i, i + 1, Part.ASIDE);
      }
      if (clause.isFood(i) && clause.isWord(i + 1, "free")) {
        clause.take(i, i + 2, Part.NOTE);
      }
      boolean stands = clause.isFood(i) && REPLACER.isIn(clause.get(i).text());
      if (stands && clause.isWord(i + 1, "for")) {
        clause.exclude(i + 1, Math.min(clause.size(), i + 5));
      }
      if (clause.isFood(i) && isDipped(i + 1)) {
        clause.take(i, i + 1, Part.ASIDE);
      }
      boolean held = clause.isFood(i) && clause.has(i + 1) && !clause.get(i).isRole(Role.FAT);
      if (held && clause.get(i + 1).text().equals("on a fork")) {
        clause.take(Math.max(0, i - 1), i + 1, Part.ASIDE);
      }
      boolean little =
          clause.isFood(i) && clause.isWord(i - 1, "low", "high", "reduced", "less", "per");
      if (little && (!clause.has(i + 1) || clause.isMark(i + 1, ":", ",", ";", "."))) {
        clause.take(i - 1, i + 1, Part.NOTE);
      }
      boolean noun = clause.is(i + 1, Sort.THING, Sort.PIECES) || clause.isWord(i + 1, "batter");
      boolean thing = clause.isFood(i) && noun && !clause.isStrong(i - 1);
      boolean made = clause.isFood(i) && clause.get(i).isWord("flour", "meal", "powder");
      int to = clause.isWord(i - 1, "a", "fine") ? i - 2 : i - 1;
      if (made && clause.isWord(to, "to", "into") && to > 0) {
        clause.take(i, i + 1, Part.NOTE);
      }
      if (thing) {
        clause.take(i, i + 2, Part.ASIDE);
      }
      if (clause.isFood(i) && clause.isMark(i + 1, "'", "’") && clause.isWord(i + 2, "worth")) {
        clause.take(i, i + 3, Part.ASIDE); // "flax for two eggs' worth"
      }
    }
  }

  /** "100 g walnuts – kidding! 100 g seeds": said and not meant. */
  private void joked() {
    for (int i = 1; i < clause.size(); i++) {
      boolean joke =
          clause.isWord(i, "kidding", "joking", "jk") && !clause.isWord(i - 1, "no", "not");
      int food = i - 1;
      while (joke && food > i - FAR && !clause.isFood(food) && !clause.isStrong(food)) {
        food--;
      }
      if (joke && clause.isFood(food)) {
        int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
        clause.take(clause.isStrong(amount) ? amount : food, i, Part.EXCLUDED);
      }
    }
  }

  /** "rub with a cut onion dipped in oil": what is used as a brush. */
  private boolean isDipped(int i) {
    boolean dipped = clause.isWord(i, "dipped") || clause.low(i).equals("dipped in");
    return dipped && clause.hasWord("rub", "wipe", "brush", "grease", "oil");
  }

  private void comparisons() {
    for (int i = 0; i < clause.size(); i++) {
      if (!clause.is(i, Sort.LIKE)) {
        continue;
      }
      int of = clause.isWord(i + 2, "of") ? i + 3 : i + 2;
      boolean piece =
          clause.isFood(of)
              && clause.get(i).low().matches("as \\w+ as")
              && clause.low(i + 1).startsWith("a "); // "as thick as a slice of bread"
      int food = piece ? of : clause.ahead(i + 1, FAR, Element::isFood);
      boolean asked = clause.get(i).low().startsWith("if i");
      boolean measured = asked && clause.ahead(food + 2, 1, Element::isAmount) >= 0;
      boolean times = Relative.isTimes(clause, i - 1); // "twice the weight of milk"
      if (food >= 0 && (piece || !isAmountBetween(i, food)) && !measured && !times) {
        clause.take(i, food + 1, Part.ASIDE);
      }
    }
  }

  private boolean isAmountBetween(int from, int to) {
    for (int i = from; i < to; i++) {
      if (clause.isStrong(i) || clause.isWord(i, "one")) {
        return true;
      }
    }
    return false;
  }
}
