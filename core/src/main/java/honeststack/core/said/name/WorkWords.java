package honeststack.core.said.name;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;

/** Words of the work that are also foods: "Mix well", "Cream 100 g butter". */
public final class WorkWords {
  private WorkWords() {}

  /** "Mix, don't overmix", "Cream 100 g butter": a word of the work, not what comes in a packet. */
  public static void in(Clause clause) {
    clause.mentions.removeIf(
        mention -> {
          boolean bare = mention.amount == null && mention.food != null;
          boolean the =
              bare
                  && mention.foodText.equalsIgnoreCase("mix")
                  && clause.isWord(mention.from + 1, "the", "it", "everything", "all", "in");
          boolean verb =
              (isFirst(clause, mention.from) || the)
                  && bare
                  && (mention.foodText.equalsIgnoreCase("mix")
                      || mention.foodText.equalsIgnoreCase("cream")
                          && isMeasured(clause, mention.from + 1)
                      || mention.foodText.equalsIgnoreCase("cream")
                          && clause.isWord(mention.from + 1, "together", "the"));
          if (verb) {
            mention.food.part = Part.METHOD;
          }
          return verb;
        });
  }

  /** What is creamed follows with its amount. */
  private static boolean isMeasured(Clause clause, int i) {
    return clause.has(i) && clause.get(i).isAmount() && !clause.get(i).isWeak();
  }

  /** Behind nothing, or a greeting: "okay so cream 100 g butter". */
  private static boolean isFirst(Clause clause, int from) {
    return clause.elements.subList(0, Math.max(0, from)).stream()
        .allMatch(e -> e.is(Sort.IDLE) || e.isMark(",", "!", "-") || e.isWord("hi", "hello"));
  }
}
