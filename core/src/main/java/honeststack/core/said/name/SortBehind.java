package honeststack.core.said.name;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.Pattern;

/** Of which sort one of the foods was, in a sentence of its own somewhere behind it. */
final class SortBehind {
  /** It is said of what is told here. */
  private static final Sought MINE =
      Sought.of(
          "\\b(?:i|we|mine|mine's|ours|it was|it's|th(?:ey|ese|ose)(?: were| are|'re|’re)|that's|that was|here)\\b|\\b(?:milk|flour|sugar|butter|oil|yogh?urt|cream|syrup|cheese|salt|yeast|chocolate)"
              + "(?:['’]s\\b| (?:is|was|means|has to be|must be|should be|=|→))");

  private static final Sought MAY_BE =
      Sought.of(
          "\\b(?:can|could|may|might|would|or|also|too|add|added|extra|more|top|over|on|next time|try|sometimes|some|instead|for|no|not"
              + "|don't|never|works|fine|if|when|with (?:jam|cream|syrup)|serve|eat|she|he|they(?!['’]re| are| were)|friend|sister|mother)\\b|'d\\b|\\?");

  /** "The milk's skimmed": what the milk is. */
  private static final Pattern OWNED = Pattern.compile("['’]s .*");

  private SortBehind() {}

  /** "200 g flour, 300 ml milk, 30 g sugar. I use oat milk.": of the one of that noun. */
  static void of(List<Clause> read, Clause clause) {
    Element sort = null;
    Element amount = null;
    for (Element element : clause.elements) {
      boolean other = element.food.isPresent() && element.low().indexOf(' ') > 0;
      boolean measured = element.isAmount() && !element.isWeak();
      if (measured && amount != null || other && sort != null && !sort.isSameFood(element)) {
        return;
      }
      sort = other && sort == null ? element : sort;
      amount = measured ? element : amount;
    }
    String words = clause.words(0, clause.size());
    if (sort == null || !MINE.isIn(words) || MAY_BE.isIn(words)) {
      return;
    }
    String name = OWNED.matcher(sort.low()).replaceFirst("");
    String noun = name.substring(name.lastIndexOf(' ') + 1);
    for (int i = read.size() - 1; i >= Math.max(0, read.size() - WhichSort.FAR); i--) {
      for (Mention mention : read.get(i).mentions) {
        boolean general =
            mention.isMeasured()
                && mention.food != null
                && mention.foodText.equalsIgnoreCase(noun)
                && mention.place == Place.NOT_SAID
                && (amount == null || isAlike(mention.amount, amount))
                && !mention.food.isSameFood(sort);
        if (general) {
          mention.means(mention.food.meaning(sort.food.get(), sort.text()));
          clause.mentions.clear();
          clause.elements.stream()
              .filter(e -> e.isFood() || e.isAmount())
              .forEach(e -> e.part = Part.NOTE);
          return;
        }
      }
    }
  }

  /** "300 ml milk … That's 300 ml of soya milk." */
  private static boolean isAlike(Element one, Element other) {
    return one != null
        && one.quantity() == other.quantity()
        && one.measure().unit() == other.measure().unit();
  }
}
