package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/**
 * What is eaten with them, said by a word behind it: "100 g cherries, drained, with them", "… and
 * squeezed a lemon" behind what lies on the plate; in German "dazu 80 g Apfelmus".
 */
final class Alongside {
  private static final Sought WITH_THEM =
      Sought.of(
          "(?:with|beside|alongside|next to) (?:them|these|those|it|this|that) ?[.!]*|to go with(?: (?:them|these|it))? ?[.!]*");

  /** Around the foods. */
  private static final Sought LED =
      Sought.of(
          "(?:and |then )?(?:together |along )?with(?: (?:[,.!&]|and|plus|each|for (?:everyone|everybody|all(?: of us)?|us(?: all)?|each|the table|the lot)))*");

  private static final String[] POURED = {
    "squeezed",
    "squeeze",
    "grated",
    "grate",
    "drizzled",
    "drizzle",
    "spooned",
    "scattered",
    "scatter",
    "dusted",
    "poured"
  };

  private Alongside() {}

  static void in(Clause clause) {
    led(clause);
    for (int i = 0; i < clause.size(); i++) {
      boolean them = i > 0 && WITH_THEM.isAll(clause.words(i, clause.size()));
      if (clause.isWord(i, "dazu") || them && !isStep(clause, i)) {
        serve(clause, i);
      }
    }
  }

  /** "mix 30 g cocoa with it": something is done before the food is named. */
  private static boolean isStep(Clause clause, int cue) {
    int from = 0;
    for (Mention mention : clause.mentions) {
      from = mention.from < cue ? mention.from : from;
    }
    return clause.elements.subList(0, from).stream().anyMatch(e -> e.is(Sort.VERB));
  }

  /** "With 150 g sour cream for everyone.": all that is named, where nothing else is told. */
  private static void led(Clause clause) {
    StringBuilder rest = new StringBuilder();
    for (int i = 0; i < clause.size(); i++) {
      int at = i;
      boolean named = clause.mentions.stream().anyMatch(m -> m.from <= at && at < m.to);
      rest.append(named ? "" : clause.low(i) + " ");
    }
    boolean served = clause.mentions.stream().allMatch(m -> !m.placed && isServed(m));
    if (LED.isAll(rest.toString().strip()) && served && !clause.mentions.isEmpty()) {
      clause.mentions.forEach(mention -> mention.place = Place.PLATE);
      clause.bitByBit = true; // it is no other recipe
    }
  }

  /** What is poured over what somebody put on the plate just before. */
  static void pouredOn(Clause clause) {
    for (int i = 1; i < clause.mentions.size(); i++) {
      Mention before = clause.mentions.get(i - 1);
      Mention mention = clause.mentions.get(i);
      boolean on = before.place == Place.PLATE && mention.place == Place.NOT_SAID;
      int verb = mention.from - 1;
      boolean poured = clause.isWord(verb, POURED) && clause.isWord(verb - 1, "and", "then");
      if (on && !mention.placed && poured && !Row.isBatter(mention)) {
        mention.place = Place.PLATE;
      }
    }
  }

  private static void serve(Clause clause, int cue) {
    Mention food = null;
    for (Mention mention : clause.mentions) {
      if (food == null || food.from < cue) {
        food = mention; // the first behind it, or the last before
      }
    }
    if (food != null && !food.placed && isServed(food)) {
      food.place = Place.PLATE;
      food.placed = true;
    }
  }

  /** Of sugar and fat it may be the next step. */
  private static boolean isServed(Mention food) {
    return !Row.isBatter(food) && food.role() != Role.SUGAR && food.role() != Role.FAT;
  }
}
