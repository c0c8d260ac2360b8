package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BatterForEach;
import java.util.List;

/**
 * What is measured behind the cooking, and sweet or added, lies on the plate: "… fry them. Honey,
 * 20 g." The batter was measured before it, and nothing of it comes later.
 */
public final class AfterCooking {
  private static final Remembered COOKS =
      Remembered.whole(
          "(?:then |and )?(?:fry|fried|cook|cooked|bake|baked|flip|flipped|flip them|fry them|cook them|bake them)"
              + "(?: (?:it|them|in|until|till).*)?");

  /** It goes into the batter, or was forgotten above. */
  private static final Sought BATTER =
      Sought.of(
          "\\b(?:mix\\w*|stir\\w*|whisk\\w*|fold\\w*|beat\\w*|batter|dough|bowl|blend\\w*|blitz\\w*|sift\\w*|into|rest"
              + "|oh|forgot|also|too|as well|earlier|before|first|more|extra|another|if|swap\\w*|instead|replace\\w*)\\b");

  private static final Remembered RICH =
      Remembered.whole("(?:butter|cream|yogurt|skyr|quark|creme|sour-cream|mascarpone).*");

  /** Nobody stirs it in when they are made already. */
  private static final Remembered POURED =
      Remembered.whole("(?:maple-syrup|golden-syrup|syrup|honey|jam|marmalade|.*-syrup).*");

  /** So many elements lie between two of a list. */
  private static final int FAR = 6;

  private AfterCooking() {}

  public static void find(List<Clause> read) {
    int last = -1;
    for (int i = 0; i < read.size(); i++) {
      last = read.get(i).mentions.stream().anyMatch(AfterCooking::isBatter) ? i : last;
    }
    boolean cooked = false;
    boolean made = false;
    for (int i = Math.max(0, last); last >= 0 && i < read.size(); i++) {
      Clause clause = read.get(i);
      if (made && !cooked && clause.heading() == Place.NOT_SAID && !isForBatter(clause, -1)) {
        clause.mentions.stream()
            .filter(m -> isTopping(m) && m.known().filter(f -> POURED.is(f.id())).isPresent())
            .forEach(m -> m.place = Place.PLATE);
      }
      made |= i > last && clause.mentions.isEmpty() && clause.counts.pieces.isPresent();
      int from = cooked ? -1 : cooks(clause, i == last);
      cooked |= from >= 0;
      if (cooked && clause.heading() == Place.NOT_SAID && !isForBatter(clause, from)) {
        clause.mentions.stream()
            .filter(m -> m.from > from && isTopping(m))
            .toList()
            .forEach(m -> top(clause, m));
      }
    }
  }

  /** And butter or cream beside it: "30 g butter and 20 g honey". */
  private static void top(Clause clause, Mention topping) {
    topping.place = Place.PLATE;
    clause.mentions.stream()
        .filter(m -> m.from > topping.from - FAR && m.place == Place.NOT_SAID && !m.placed)
        .filter(m -> m.known().filter(food -> RICH.is(food.id())).isPresent())
        .forEach(m -> m.place = Place.PLATE);
  }

  /** Where it cooks: in the batter's own sentence behind that; -1 for nowhere. */
  private static int cooks(Clause clause, boolean own) {
    int from = 0;
    for (Mention mention : clause.mentions) {
      from = own && isBatter(mention) ? mention.to : from;
    }
    for (int i = from; i < clause.size(); i++) {
      if (clause.says(i, COOKS)
          && !isState(clause, i)
          && !clause.isWord(i - 1, "to", "don't", "not", "never", "i", "we")) {
        return i;
      }
    }
    return -1;
  }

  /** "ham, cooked, diced, 80 g": how it was bought. */
  private static boolean isState(Clause clause, int word) {
    int food = clause.isMark(word - 1, ",") ? word - 2 : word - 1;
    return clause.isWord(word, "cooked", "fried", "baked")
        && clause.mentions.stream()
            .anyMatch(
                m ->
                    m.role() == Role.ADD_IN && (m.to == food + 1 || m.from <= food && food < m.to));
  }

  private static boolean isForBatter(Clause clause, int from) {
    return BATTER.isIn(clause.words(Math.max(0, from), clause.size()))
        || clause.elements.stream().anyMatch(e -> e.isFood() && e.part == Part.EXCLUDED);
  }

  private static boolean isBatter(Mention mention) {
    return mention.isMeasured()
        && mention.place == Place.NOT_SAID
        && (BatterForEach.is(mention.role()) || mention.role() == Role.SALT);
  }

  private static boolean isTopping(Mention mention) {
    boolean open = mention.place == Place.NOT_SAID && !mention.placed && mention.split == null;
    return open
        && mention.isMeasured()
        && (mention.role() == Role.SUGAR || mention.role() == Role.ADD_IN);
  }
}
