package honeststack.core.said.instead;

import honeststack.core.line.NumberText;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Worded;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.supposed.Hypothetical;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.stream.Collectors;

/**
 * A sentence of its own that says what some of a food was: "… 200 g flour. 50 g of the flour was
 * rye.", "I did half the butter as oil.", "One egg replaced by 60 g yoghurt."
 */
public final class ToldAsOther {
  private static final String SWAPPED =
      "(?:replaced?|swap(?:ped)?|switch(?:ed)?|substituted?|exchanged?|traded?|changed|sub(?:bed)?)";

  private static final String FIRST = "(?:(?:the|my|our|that) )?# ?";

  private static final String SOME_OF =
      "(?:about )?(?<part>" + PartlyOther.PART + ") (?:of |(?=the ))" + FIRST;

  private static final String OTHER =
      "(?:(?:a|an|the|some|my) )?(?:(?:as much|the same (?:amount|weight) of|[\\d½¼¾.]+ ?(?:g|ml|cups?|tbsp|tsp)(?: of)?) )?#";

  /** In a sentence of its own, behind the food; a sign for each food. */
  private static final List<Sought> TOLD =
      List.of(
          Sought.of(
              "^(?:(?:and|so|but|though|today|this time|,|i|we|i've|we've|have) ?)*"
                  + SWAPPED
                  + " "
                  + SOME_OF
                  + "(?:with|for|by|to) "
                  + OTHER),
          Sought.of(
              "^(?:(?:and|so|but|though|today|this time|,) ?)*"
                  + SOME_OF
                  + "(?:,? ?(?:was|were|is|are|being)(?: (?:actually|really|in fact|now|just|all))?(?: "
                  + SWAPPED
                  + " (?:with|for|by))?|,? ?(?:i|we|i've) "
                  + SWAPPED
                  + " (?:with|for|by)|came from an? (?:bag|box|packet|tub|carton) of|,? ?as) "
                  + OTHER),
          Sought.of("^(?:i|we) (?:did|do|made|make|used|use|took|take) " + SOME_OF + "as " + OTHER),
          Sought.of(
              "^(?<part>one|two|three|1|2|3) # (?:(?:was|were|is|are|i|we) )?"
                  + SWAPPED
                  + " (?:with|for|by) "
                  + OTHER),
          Sought.of(
              "^(?:and |but )?of "
                  + FIRST
                  + ",? ?(?:about )?(?<part>"
                  + PartlyOther.PART
                  + ")(?: (?:of it|of that))? (?:is|was|are|were) (?:(?:a|the|some) )?#"),
          Sought.of(
              "^(?:and |but )?"
                  + FIRST
                  + "(?:is|was|are|were|'s)(?: (?:actually|really|in fact|only|about))* (?<part>half|a third|a"
                  + " quarter|two thirds|a half|a fifth|three quarters|one third) #"));

  private static final String ALL =
      "(?:the |that |those |my )?(?<all>\\d[\\d.,]*)(?: ?(?:g|grams?|ml|mls))?";

  private static final String PART_OF = "(?:about )?(?<part>" + PartlyOther.PART + ")";

  private static final String IS = " (?:is|was|are|were) (?:(?:a|the|some) )?#";

  /** Of what is told by its amount alone: "of the 200 g, 50 is buckwheat". */
  private static final List<Sought> OF_AMOUNT =
      List.of(
          Sought.of("^(?:and |but )?" + PART_OF + " of " + ALL + IS),
          Sought.of("^(?:and |but )?of " + ALL + " ?,? ?" + PART_OF + IS));

  private ToldAsOther() {}

  /**
   * "50 g of the flour was rye", "I swapped a third of the milk for water", behind the food's
   * amount; whether the sentence says so.
   */
  public static boolean in(List<Clause> read, Clause clause) {
    List<Element> foods = clause.elements.stream().filter(Element::isFood).toList();
    if (foods.size() == 1 && ofAmount(read, clause, foods.get(0))) {
      return true;
    }
    if (foods.size() != 2 || foods.get(0).isSameFood(foods.get(1))) {
      return false;
    }
    String words = words(clause);
    for (Sought told : TOLD) {
      Matcher said = told.matcher(words);
      boolean is = said.lookingAt();
      if (is && told(read, clause, foods.get(1), said.group("part"), isNamed(foods.get(0)))) {
        return true;
      }
    }
    return false;
  }

  private static boolean ofAmount(List<Clause> read, Clause clause, Element other) {
    String words = words(clause);
    for (Sought told : OF_AMOUNT) {
      Matcher said = told.matcher(words);
      if (said.lookingAt()) {
        double all = NumberText.read(said.group("all"));
        Predicate<Mention> whole =
            mention ->
                !mention.amount.isCount()
                    && mention.amount.measure().amount() == all
                    && !mention.food.isSameFood(other);
        if (told(read, clause, other, said.group("part"), whole)) {
          return true;
        }
      }
    }
    return false;
  }

  private static Predicate<Mention> isNamed(Element food) {
    return mention -> mention.food.isSameFood(food);
  }

  private static String words(Clause clause) {
    return clause.elements.stream()
        .map(element -> element.isFood() ? Worded.FOOD : element.low())
        .collect(Collectors.joining(" "));
  }

  /** "swap 50 g of the sugar for 30 g honey": the other has an amount of its own. */
  private static void own(Clause clause, Mention other) {
    List<Element> amounts =
        clause.elements.stream()
            .filter(e -> e.isAmount() && !e.isWeak() && !PartlyOther.isShare(e.low()))
            .toList();
    int first = 0;
    while (!clause.get(first).isFood()) {
      first++;
    }
    Element last = amounts.isEmpty() ? null : amounts.get(amounts.size() - 1);
    if (last != null && clause.elements.indexOf(last) > first) {
      other.amountText = last.text();
    }
  }

  /**
   * @param is of which measured food it is some
   */
  private static boolean told(
      List<Clause> read, Clause clause, Element other, String said, Predicate<Mention> is) {
    for (Clause outer : read.subList(Math.max(0, read.size() - Hypothetical.FAR), read.size())) {
      for (Mention whole : outer.mentions) {
        boolean meant =
            whole.isMeasured()
                && whole.amount != null
                && whole.food != null
                && PartlyOther.isPlain(whole.amount)
                && is.test(whole);
        double part = meant ? PartlyOther.part(said, whole.amount, clause.elements) : 0;
        if (part > 0 && part < whole.amount.measure().amount()) {
          clause.mentions.clear();
          clause.loose.clear();
          clause.elements.forEach(element -> element.part = Part.NOTE);
          PartlyOther.share(outer, whole, other, part);
          own(clause, outer.mentions.get(outer.mentions.indexOf(whole) + 1));
          return true;
        }
      }
    }
    return false;
  }
}
