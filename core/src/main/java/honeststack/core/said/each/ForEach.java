package honeststack.core.said.each;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/**
 * What stands in for each of several: "replace each egg (there are 2) with 60 g yoghurt", "1 tbsp
 * flax per egg, two eggs' worth". As much of it counts for each.
 */
public final class ForEach {
  private static final int FAR = 4;

  private static final Remembered EACH =
      Remembered.whole("(?:.* )?(?:each|every|per)(?: one)?(?: of(?: the)?)?");

  /** Of a number of them, that nobody puts in. */
  private static final Sought MEANT =
      Sought.of(
          "\\b(?:there'd be|there would be|would be|i need|you need|worth|it had|each for the|each instead of the|the recipe has|there (?:were|are|was))\\b"
              + "|(?:\\bso|,) for (?:the )?(?:\\d|two|three|four|five|six)\\S* eggs");

  private final Clause clause;
  private double times = 1;

  private ForEach(Clause clause) {
    this.clause = clause;
  }

  /** Takes the words out that say so. */
  public static ForEach in(Clause clause) {
    ForEach each = new ForEach(clause);
    for (int i = 0; i < clause.size(); i++) {
      boolean word = !clause.get(i).isAmount() && !clause.get(i).isFood();
      if (word && clause.says(i, EACH)) {
        each.at(i);
      }
    }
    return each;
  }

  /** Has what stands in count so many times. */
  public void complete() {
    if (times != 1) {
      clause.mentions.stream().filter(Mention::isMeasured).forEach(m -> m.times *= times);
    }
  }

  private void at(int cue) {
    int from = cue + 1;
    while (clause.isWord(from, "of", "the", "of the", "for", "instead") && !clause.isFood(from)) {
      from++;
    }
    int number = clause.isAmount(from) && clause.get(from).isCount() ? from : -1;
    int old = number > 0 ? number + 1 : from;
    boolean swapped =
        clause.elements.stream().anyMatch(e -> e.is(Sort.SWAP, Sort.INSTEAD))
            || MEANT.isIn(clause.words(0, clause.size()))
            || clause.has(old) && clause.get(old).part == Part.EXCLUDED; // "for each of the 2 eggs"
    if (!clause.has(old) || !clause.get(old).isFood() || !isOther(old)) {
      return;
    }
    double said = number > 0 && swapped ? value(number) : beside(old);
    int again = said > 0 || !swapped ? -1 : counted(old);
    said = again >= 0 ? value(again) : said;
    if (said > 1) {
      times = said;
      clause.elements.subList(cue, old + 1).forEach(element -> element.part = Part.EXCLUDED);
      clause.take(again, again < 0 ? again : again + 2, Part.EXCLUDED);
    }
  }

  /** Something else is measured, by weight or volume. */
  private boolean isOther(int old) {
    for (int i = 0; i < clause.size(); i++) {
      int food = clause.isStrong(i) ? clause.ahead(i + 1, FAR, Element::isFood) : -1;
      if (food > 0 && food != old && !clause.get(i).isCount()) {
        return true;
      }
    }
    return false;
  }

  /** How many, in brackets behind it; 0 for nothing. */
  private double beside(int old) {
    return clause.asides.stream()
        .filter(aside -> aside.after() == clause.get(old).end())
        .flatMap(aside -> aside.clause().elements.stream())
        .filter(e -> e.isAmount() && !e.isWeak() && e.isCount())
        .mapToDouble(
            e -> {
              e.part = Part.EXCLUDED;
              return e.measure().amount();
            })
        .findFirst()
        .orElse(0);
  }

  /** The number of them that is said elsewhere; -1 for none. */
  private int counted(int old) {
    for (int i = 0; i < clause.size(); i++) {
      boolean number = clause.isStrong(i) && clause.get(i).isCount();
      boolean same = clause.has(i + 1) && clause.get(i + 1).isFood() && i + 1 != old;
      if (number && same && clause.get(i + 1).isSameFood(clause.get(old))) {
        return i;
      }
    }
    return -1;
  }

  private double value(int number) {
    return clause.get(number).measure().amount();
  }
}
