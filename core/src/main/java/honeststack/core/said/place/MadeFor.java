package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Worded;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;

/**
 * Foods of which a sentence makes what goes on the plate: "for the sauce warm 100 g berries with 1
 * tbsp sugar", "a compote of …", "… and pour it over".
 */
public final class MadeFor {
  private static final String A = "(?:a|an|the|my|our|your|some|it's)";

  private static final String MADE =
      "(?:sauce|toppings?|compote|coulis|glaze|filling|drizzle|frosting|icing|dip|garnish|salsa)";

  private static final String WHAT =
      "(?:[a-z-]+ ){0,2}?(?:" + MADE + "|syrup|jam|caramel|custard|cream cheese spread)";

  private static final Remembered HINT =
      Remembered.part(
          "\\b(?:"
              + MADE
              + "|syrup|jam|caramel|custard|buttermilk|spread|pour|poured|spoon|drizzle|dollop|ladle|scatter|sprinkle|heap|pile"
              + "|trickle|tip|serve|whip)");

  /** No more of the name follows: "for a filling breakfast". */
  private static final String THEN =
      "(?=[,:–-] |\\d|½|¼|(?:i|we|you|use|take|warm|heat|melt|mix|whisk|simmer|stir|boil|cook|blend|mash|combine|put"
          + "|add|beat|whip|cream|about|some|a|an|the|one|two|three|four|half) )";

  /** "Mix 150 g yogurt with 20 g honey and serve alongside." */
  private static final Sought SERVED =
      Sought.of(
          "(?:\\b(?:and|then)|[,;]) (?:then )?serve(?: (?:it|this|that|them))? (?:alongside|beside|on the side|as (?:a )?(?:dip|sauce|side)"
              + "|(?:over|with|on|beside) (?:them|the (?:hot |warm )?(?:pancakes|waffles|cr[eê]pes|stack))|over|on top|at the table) ?[.!]? ?$");

  private static final Sought WHIPPED =
      Sought.of(
          "(?:^|\\b(?:meanwhile|then|and|also) |[,.] )(?:whip|whisk)(?:ped)?(?: up)? "
              + "(?=(?:[^ ]+ ){0,3}(?:(?:double|heavy|whipping) )?cream\\b(?! cheese)(?!.*\\b(?:fold|batter|into|eggs?|milk|flour)\\b))");

  /** What stands behind it is for it. */
  private static final List<Sought> BEHIND =
      List.of(
          WHIPPED,
          Sought.of(
              "(?:^|[.,;:–-] |\\b(?:and|then|so|also|plus) )for " + A + " " + WHAT + " " + THEN),
          Sought.of(
              "\\b(?:makes?|made|making|whip up|knock up|prepare|cook up|stir up|do|did) (?:"
                  + A
                  + " )?"
                  + WHAT
                  + " (?:by|from|with|of|out of|using) "),
          Sought.of(
              "\\b"
                  + MADE
                  + " (?:is |was )?(?:made |cooked |simmered |stirred )(?:of|from|with|out of|using) "));

  /** "a drizzle of honey" is how much. */
  private static final Sought OF = Sought.of("\\b(?!drizzle)" + MADE + " (?:of|from) ");

  /** What stands before it is. */
  private static final List<Sought> BEFORE =
      List.of(
          Sought.of(
              "\\b(?:for|as|into|to make|makes?|gives|together for|becomes) (?:a|an|some|the|my) (?:[a-z-]+ ){0,2}?"
                  + MADE
                  + " ?[.!,;]? ?$"),
          SERVED,
          Sought.of(
              "(?:\\b(?:and|then)|[,;]) (?:then )?(?:pour|spoon|drizzle|dollop|spread|ladle|scatter|sprinkle|heap"
                  + "|pile|trickle|tip)(?:ed)? (?:it |this |that |them |some |the mixture |the lot |everything )?"
                  + "(?:all )?(?:over|on|on top)(?: (?:the|your|each|them|everything|hot|warm|finished)| of"
                  + "| pancakes?| waffles?| stacks?| plates?| top)*(?: with an? .*)? ?[.!,;]? ?$"));

  private static final Sought THICKENER = Sought.of("starch|arrowroot|custard-powder|pectin");

  private static final Sought OVER =
      Sought.of(
          "(?:and |then |now )*(?:pour|spoon|drizzle|dollop|ladle|heap|pile|trickle|tip|scatter)(?: (?:it|this|that"
              + "|them|warm|hot))? (?:over|on top|on to|onto|all over)(?! (?:the )?(?:batter|flour|pan|griddle|iron|mix)\\b)\\b"
              + "|(?:and |then |now )*(?:fill|stuff|top|cover|roll|spread|serve|finish)(?: up)?(?: (?:the|your|each|my))? (?:pancakes?|waffles?|cr[eê]pes?|galettes?|stacks?|plates?) (?:with|around|in) (?:it|them|this|that)\\b"
              + "|(?:and |then |now )*(?:that|this|it|they)(?:'s| is| are)? (?:goes|go|went|for) (?:on|over) (?:top|them|the (?:top|pancakes|waffles|cr[eê]pes|stack))\\b"
              + "|(?:and |then |now )*(?:that|this|it|they)(?:'s| is| are) for the (?:top|topping|filling|plates?)\\b");

  /** "…; that's your syrup": what came of it, and no more of anything. */
  private static final Sought CALLED =
      Sought.of(
          "(?:and |so |there |[,;.] )*(?:that's|that is|this is|it's|there's|that makes|now you have)"
              + " (?:your|the|my|our) (?:[a-z]+ ){0,2}(?:"
              + MADE
              + "|syrup|jam|caramel|custard|buttermilk)(?: (?:done|sorted|ready))? ?[.!]? ?$");

  private MadeFor() {}

  static void in(Clause clause) {
    boolean hinted = clause.says(HINT);
    if (!hinted
        || clause.mentions.isEmpty()
        || clause.elements.stream().anyMatch(MadeFor::isSwap)) {
      return;
    }
    Worded worded = Worded.of(clause);
    Matcher called = CALLED.matcher(worded.words);
    if (called.find() && called.start() > 0) {
      call(clause, worded, called.start());
      if (!called.group().contains("buttermilk")) {
        before(clause, worded, called.start());
      }
    }
    for (Sought pattern : BEHIND) {
      Matcher cue = pattern.matcher(worded.words);
      if (cue.find()) {
        clause.mentions.stream()
            .filter(mention -> worded.isBehind(mention.from, cue.end()))
            .forEach(MadeFor::serve);
      }
    }
    Matcher of = OF.matcher(worded.words);
    if (of.find()) {
      clause.mentions.stream()
          .filter(mention -> worded.isBehind(mention.from, of.end()))
          .takeWhile(MadeFor::isSauce)
          .forEach(MadeFor::serve); // "a glaze of 50 g sugar, 200 g flour"
    }
    for (Sought pattern : BEFORE) {
      Matcher cue = pattern.matcher(worded.words);
      if (cue.find()) {
        before(clause, worded, cue.start());
      }
    }
  }

  /**
   * "Crush 200 g berries with 20 g sugar. Spoon over the waffles.": the sentence before is meant.
   */
  public static void over(Clause before, Clause clause) {
    boolean own = clause.mentions.stream().anyMatch(Mention::isMeasured);
    boolean sauce =
        !own // "scatter over 2 tbsp pistachios"
            && !before.mentions.isEmpty()
            && before.mentions.stream().allMatch(MadeFor::isSauce)
            && OVER.begins(clause.words(0, clause.size()));
    if (sauce) {
      before.mentions.forEach(MadeFor::serve);
    }
    Worded worded = Worded.of(clause);
    if (!before.mentions.isEmpty() && CALLED.isAll(worded.words)) {
      call(clause, worded, 0);
      boolean served = before.mentions.stream().allMatch(MadeFor::isSauce);
      if (served && !worded.words.contains("buttermilk")) {
        before.mentions.forEach(MadeFor::serve);
      }
    }
  }

  /** Its name is no food of its own. */
  private static void call(Clause clause, Worded worded, int cue) {
    List<Mention> names =
        clause.mentions.stream()
            .filter(mention -> !mention.isMeasured() && worded.isBehind(mention.from, cue))
            .toList();
    names.forEach(mention -> mention.mark(Part.NOTE));
    clause.mentions.removeAll(names);
  }

  private static boolean isSauce(Mention mention) {
    Role role = mention.role();
    return isThickener(mention)
        || role != Role.FLOUR && role != Role.EGG && role != Role.LEAVENING && role != Role.SALT;
  }

  /** "200 g cherries with 1 tbsp corn starch … and spoon it over". */
  private static boolean isThickener(Mention mention) {
    return mention.known().filter(food -> THICKENER.isIn(food.id())).isPresent();
  }

  private static boolean isSwap(Element element) {
    return element.is(Sort.SWAP, Sort.INSTEAD)
        || element.is(Sort.BATTER) && !element.is(Sort.H_PAN);
  }

  /**
   * As far back as no batter is made of it; nothing if it goes with an egg: "… and pour it over".
   */
  private static void before(Clause clause, Worded worded, int cue) {
    List<Mention> meant = new ArrayList<>();
    for (int i = clause.mentions.size() - 1; i >= 0; i--) {
      Mention mention = clause.mentions.get(i);
      Role role = mention.role();
      boolean flour = role == Role.FLOUR && !isThickener(mention);
      if (flour || role == Role.EGG || role == Role.LEAVENING) {
        boolean apart = !meant.isEmpty() && isApart(clause, mention.to, meant.get(0).from);
        if (!apart) {
          return;
        }
        break;
      }
      if (!worded.isBehind(mention.from, cue)) {
        meant.add(0, mention);
      }
    }
    meant.forEach(MadeFor::serve);
  }

  /** Another work begins between. */
  private static boolean isApart(Clause clause, int from, int to) {
    return clause.elements.subList(from, Math.max(from, to)).stream()
        .anyMatch(e -> e.is(Sort.VERB) && !e.isWord("and"));
  }

  private static void serve(Mention mention) {
    if (mention.place == Place.NOT_SAID && !mention.placed) {
      mention.place = Place.PLATE;
    }
  }
}
