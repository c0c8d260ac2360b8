package honeststack.core.said.part;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Worded;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.Matcher;

/**
 * Some of what is measured gives way to another food, all in one: "half the 200 g flour as
 * buckwheat", "replaced one of the two eggs with 60 g applesauce", "swap 50 g of the 200 g flour
 * for cornmeal". Of the first the rest counts.
 */
public final class SomeOfIt {
  private static final String SWAP =
      "(?:replac(?:ed?|ing)|swap(?:ped|ping)?|switch(?:ed|ing)?|substitut(?:ed?|ing)|exchanged?"
          + "|trad(?:ed?|ing)|chang(?:ed?|ing)|sub(?:bed|bing)?)(?: out)? ";

  private static final String THE = "(?:(?:the|my|our|those|these) )?";

  /** A sign stands for each amount and food. */
  private static final String SOME =
      "(?:about )?(?<part>@|half|a half|one half|a third|one third|two thirds|a quarter|one quarter"
          + "|three quarters|one|a fifth) (?:of )?(?:the |my |our )?"
          + THE
          + "(?<whole>@) (?:of )?# (?:flour )?";

  private static final String OTHER = "(?: (?:a|an|the|some))? (?:@ (?:of )?)?(?<other>#) ";

  private static final List<Sought> SAID =
      List.of(
          Sought.of("(?<= |^)" + SWAP + SOME + "(?<as>with|for|by|to|out for)" + OTHER),
          Sought.of(
              "(?<= |^)(?:(?:make|made|use|used|do|did) )?"
                  + SOME
                  + "(?<as>as|was|were|is|are|became|becomes|can be|could be|being|went as"
                  + "|turned into|came as)"
                  + OTHER));

  /** "300 ml milk, half the milk as oat drink": of what is measured before it. */
  private static final Sought AGAIN =
      Sought.of(
          "(?<= |^)(?<part>half|a half|a third|one third|two thirds|a quarter|three quarters|@) (?:of )?"
              + "(?:the |my |that )?(?<food>#) (?:as|is|was|were|being|swapped for|replaced (?:by|with))"
              + "(?: (?:a|an|the|some))? (?<other>#) ");

  /** None of them is without. */
  private static final Remembered HINT =
      Remembered.part("\\b(?:half|thirds?|quarters?|fifth|of)\\b");

  private SomeOfIt() {}

  public static void in(Clause clause) {
    boolean some = clause.hasAmount() && clause.says(HINT);
    if (!some || clause.elements.stream().filter(Element::isFood).count() < 2) {
      return;
    }
    StringBuilder words = new StringBuilder();
    int[] starts = new int[clause.size()];
    for (int i = 0; i < clause.size(); i++) {
      starts[i] = words.length();
      boolean amount = clause.isStrong(i) && PartlyOther.isPlain(clause.get(i));
      words.append(clause.isFood(i) ? Worded.FOOD : amount ? "@" : clause.low(i)).append(' ');
    }
    Matcher again = AGAIN.matcher(words.toString());
    if (again.find()
        && isAgain(
            clause,
            element(starts, again.start("part")),
            element(starts, again.start("food")),
            element(starts, again.start("other")))) {
      return;
    }
    for (Sought pattern : SAID) {
      Matcher said = pattern.matcher(words.toString());
      if (!said.find()) {
        continue;
      }
      take(
          clause,
          element(starts, said.start()),
          element(starts, said.start("part")),
          element(starts, said.start("whole")),
          element(starts, said.start("as")),
          element(starts, said.start("other")));
      return;
    }
  }

  private static int element(int[] starts, int at) {
    int i = 0;
    while (i + 1 < starts.length && starts[i + 1] <= at) {
      i++;
    }
    return i;
  }

  private static void take(Clause clause, int from, int some, int whole, int as, int other) {
    Element all = clause.get(whole);
    String word = clause.low(some).replaceFirst(" (?:of|the)\\b.*", "");
    double part = PartlyOther.part(word, all, clause.elements.subList(some, whole));
    boolean own = clause.isStrong(other - 1) || clause.isStrong(other - 2);
    if (part <= 0 || part >= all.measure().amount() || all == clause.get(some)) {
      return;
    }
    String rest = PartlyOther.written(all, all.measure().amount() - part);
    if (own) {
      int amount = clause.isStrong(other - 1) ? other - 1 : other - 2;
      replace(clause, as, amount, clause.get(amount).text());
    } else {
      PartlyOther.share(clause, all, part, as, other);
    }
    replace(clause, from, whole, rest);
  }

  /** Whether it is of what is measured before, which the rest of it is from now on. */
  private static boolean isAgain(Clause clause, int some, int food, int other) {
    String word = clause.low(some).replaceFirst(" (?:of|the)\\b.*", "");
    for (int i = 0; i + 1 < some; i++) {
      int named = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
      boolean whole =
          clause.isStrong(i)
              && PartlyOther.isPlain(clause.get(i))
              && clause.isFood(named)
              && clause.get(named).isSameFood(clause.get(food));
      Element all = clause.get(i);
      double part = whole ? PartlyOther.part(word, all, clause.elements.subList(some, food)) : 0;
      if (part > 0 && part < all.measure().amount()) {
        PartlyOther.share(clause, all, part, some, other);
        return true;
      }
    }
    return false;
  }

  /** An amount takes in the words before it. */
  private static void replace(Clause clause, int from, int amount, String written) {
    clause.join(from, amount + 1, clause.get(amount), written);
  }
}
