package honeststack.core.said.clause;

import honeststack.core.line.EverydayWords;
import honeststack.core.line.LineWords;
import honeststack.core.line.Token;
import honeststack.core.measure.Containers;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import java.util.Set;

/** What may stand between an amount and its food, on either side. */
public final class Between {
  /** What a cook does with an amount, said behind the food's name. */
  private static final Set<String> TAKEN_WORDS =
      Set.of(
          """
          use|take|need|want|measure|weigh|weigh out|measure out|put in|put|add|do|allow|have
          |say|was|were|comes to|came to|come to|comes|->|reckon|you need|you will need
          |you'll need|i reckon|we reckon|i'd say|i'd guess
          """
              .strip()
              .split("\\s*[|]\\s*"));

  /** Marks between a name and its amount. */
  public static final String[] LEADING = ":,-,–,—,=,.,…,×,~,(,/,≈,>,→,⇒,@".split(",");

  /** Which leave a choice open. */
  private static final Set<String> CHOICE =
      Set.of("any", "whatever", "whichever", "your", "choice");

  private static final Set<String> OWN =
      Set.of("of", "the", "my", "our", "his", "her", "their", "this", "that", "these", "those");

  private Between() {}

  /** "flour, I use 200 g". */
  public static boolean isTaken(Element element) {
    return TAKEN_WORDS.contains(element.low());
  }

  /** What stands between two foods, never between one and its amount. */
  public static boolean isJoint(Element element) {
    return element.isFree()
        && (element.isWord("and", "with", "in", "for", "to", "n")
            || element.text().equals("&")
            || element.text().equals("+"));
  }

  /** "2 tbsp melted and cooled butter": both of the food that follows. */
  public static boolean isPaired(Clause clause, int i) {
    boolean and = clause.isWord(i, "and") || clause.isMark(i, "&");
    boolean food =
        isDone(clause, i + 1) && clause.isFood(i + 2)
            || clause.isFood(i + 1)
                && LineWords.isTelling(clause.get(i + 1).tokens.get(clause.get(i + 1).from).low());
    return and && food && isDone(clause, i - 1);
  }

  private static boolean isDone(Clause clause, int i) {
    return clause.has(i)
        && clause.get(i).kind == Element.Kind.WORD
        && (LineWords.isTelling(clause.low(i))
            || clause.low(i).endsWith("ed") && LineWords.isDescribing(clause.low(i)));
  }

  /** "3 gelatine sheets", "4 peach halves": what of the food was counted. */
  public static boolean isPart(Mention mention, Element behind) {
    boolean bare =
        mention.amount != null
            && mention.amount.isCount()
            && mention.amount.measure().size().isEmpty();
    boolean one = bare && mention.amount.measure().amount() <= 1;
    return bare
        && behind.low().endsWith("s") != one
        && behind.part == null
        && behind.to == behind.from + 1
        && (!Containers.behind(behind.low()).isEmpty()
            || behind.isWord("half", "halves", "quarter", "quarters"));
  }

  /** Words that say nothing between a food and its amount. */
  public static boolean isOver(Element element) {
    return element.kind == Element.Kind.WORD
        || element.is(Sort.IDLE) && !element.is(Sort.OR, Sort.EXCLUDE, Sort.PLATE, Sort.PAN)
        || element.is(Sort.UNIT_OTHER)
        || element.is(Sort.EACH)
        || element.isWord("is", "are", "ones", "light", "farm")
        || element.part == Part.CHOICE
        || element.part == Part.NOTE
        || element.part == Part.EXCLUDED;
  }

  /** "300 ml of his milk": words that say nothing of it; a count may be of them: "a bit of oil". */
  public static boolean isEveryday(Element element, boolean counted) {
    return (element.kind == Element.Kind.WORD || element.is(Sort.IDLE))
        && element.tokens.subList(element.from, element.to).stream()
            .map(Token::low)
            .allMatch(
                low ->
                    !CHOICE.contains(low)
                        && !LineWords.isTelling(low)
                        && !LineWords.isDescribing(low)
                        && (counted
                            ? OWN.contains(low)
                            : EverydayWords.is(low) || low.equals("of")));
  }

  /** A word that may stand between an amount and its food. */
  public static boolean isFiller(Element element) {
    return element.isWord(
            "of", "the", "more", "um", "uh", "er", "erm", "like", "my", "your", "some", "that",
            "our", "de", "di", "du", "av", "either")
        || element.isMark(".", "-", "–", "'");
  }

  /** Over "the", "the usual", "our old", "the recipe's". */
  public static int overUsual(Clause clause, int i) {
    int at = clause.isWord(i, "the", "my", "our", "her", "his", "their", "your") ? i + 1 : i;
    while (at > i
        && clause.isWord(
            at,
            "usual",
            "normal",
            "regular",
            "original",
            "old",
            "standard",
            "stated",
            "recipe's")) {
      at++;
    }
    return at;
  }
}
