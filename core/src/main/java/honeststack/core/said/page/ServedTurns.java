package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.People;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * What a plate holds, and how many came out, told of those who sit at the table: "Six small ones on
 * two plates.", "There were 24 and we were six.", "A short stack is three with 15 g of butter.",
 * "Eleven and a runt."
 */
final class ServedTurns {
  private static final String NUMBER = Numerals.STRICT;

  private static final String START = YieldTurns.START;

  private static final String END = YieldTurns.END;

  private static final String PIECES =
      "(?:(?: (?:small|big|little|large|thin|thick|tiny|wee|good|nice))?"
          + " (?:pancakes|waffles|pieces|cr[eê]pes|blini|ones|of (?:them|those)|cakes|dosas?|pancake|waffle|one))?";

  private static final String LEAD =
      "(?:(?:that|it|i|we|this)(?:'s| was| is| made| makes| gave| gives| got| get)* |(?:makes|gives|got|made|about) )?";

  private static final Sought ON_PLATES =
      said(
          START
              + LEAD
              + NUMBER
              + PIECES
              + ",? (?:and )?(?:on|over|across|between|onto|for|filled) "
              + NUMBER
              + " (?:plates|plateful?s)"
              + END);

  private static final Sought WE_WERE =
      said(
          START
              + "(?:there (?:were|are|was)|we (?:had|got|made)|i (?:had|got|made)) "
              + NUMBER
              + PIECES
              + ",? (?:and|for|with) (?:we (?:were|are) (?:only )?"
              + NUMBER
              + "|(?:only )?"
              + NUMBER
              + " (?:of (?:us|you)|"
              + People.EATERS
              + "))(?: at (?:the )?table| to eat them| eating| at home)?"
              + END);

  private static final Sought WE_FIRST =
      said(
          START
              + "we (?:were|are) "
              + NUMBER
              + "(?: of us| at (?:the )?table)?,? (?:and )?(?:there (?:were|are)|(?:we|i) (?:had|got|made)) "
              + NUMBER
              + PIECES
              + END);

  /** An amount follows. */
  private static final String SOME = "(?=\\d|[½¼¾]|an? |half |one |two |some )";

  private static final String WITH = "(?:,? with|,|,? plus) " + SOME;

  /** "A short stack is three with 15 g of butter.", "Plate-up: 1 waffle, 40 g jam." */
  private static final Sought STACK =
      said(
          START
              + "(?:(?:an?|the|my|our|each|every|one) )?"
              + "(?:(?:short|tall|full|small|half) stack|stack|plate(?:[- ]?up|ful)?|plating|helping|order|serving|portion)"
              + "(?: is| was| has| gets|'s| =|:| comes with) "
              + NUMBER
              + PIECES
              + WITH);

  /** "I do one with 20 g of jam and the other gets 10 g of honey." */
  private static final Sought ONE_OTHER =
      said(
          START
              + "(?:(?:i|we) )?(?:do|did|had|have|serve|served|top|topped|one|finish)(?: one)?(?: of them)? (?:with|gets|got|has|had|takes) "
              + "((?:\\d|an? |half |two |some )[^.;\\n]{3,50}?),?(?: and|;| but)?(?: i do| i did)? the other(?: one)?(?: (?:gets|got|has|had|takes|with|goes with|is with))? "
              + "(?=\\d|an? |half |two |some )");

  private static final String SPOONFUL =
      "((?:(?:about|half|an?|one|two|three) )*(?:\\d{1,3} ?)?(?:g|ml|(?:tea|table)?spoons?(?:fuls?)?|tsp|tbsp|dollops?))";

  /** "Choc spread on three of them, about a teaspoon each." */
  private static final Sought ON_SOME =
      said(
          START
              + "((?!(?:i|we|put|with|and|the)\\b)\\p{L}{3,12}(?: \\p{L}{3,12}){0,2}) (?:goes |went )?(?:on|onto|over) ("
              + Numerals.STRICT
              + "|half) of (?:them|those|these|the (?:"
              + Numerals.STRICT
              + "|pancakes|waffles)),? "
              + SPOONFUL
              + " (?:each|apiece|a piece)"
              + END);

  private static final String FIRST =
      "(?<! first )(?<!-)\\b" + NUMBER + "\\b(?! (?:g|ml|spoons?)\\b)";

  /** "We got thirteen, threw the first one out, ate the twelve, four apiece." */
  private static final Sought DUD =
      said(
          START
              + "(?! )(?=[^.!;\\n]*\\bfirst\\b)(?=[^.!;\\n]*\\b(?:threw|thrown|binned|bin|chucked|tossed|dud|dog|rubbish|mess|awful|wasted?|failed|stuck|ruined|broke|minus|lost|burnt|burned|count|test|cook's)\\b)"
              + "(?:[^.!;\\d\\n]{0,30}? )??"
              + FIRST
              + "[^.!;\\d\\n]{3,70}? "
              + FIRST
              + "(?:(?: of them)?,? (?:so )?"
              + NUMBER
              + " (?:each|apiece|a head))?(?:[ ,][^.!;\\d\\n]{0,40}?)?"
              + END);

  private static final Sought PLATES =
      said(
          "(?<!\\b(?:on|to|for) )\\b(?:each|a|per) (plate|portion|serving),? (?:so |for )?"
              + NUMBER
              + " (?:plates|portions|servings)"
              + END);

  private static final String THEY =
      "(?:they|we|everyone|everybody|participants|the (?:children|kids|guests|boys|girls|others|twins|lads)|each(?: of (?:us|them))?|all of (?:us|them)|(?:my|our) guests)";

  /** "They had three each with 50 g strawberries." */
  private static final Sought EACH_WITH =
      said(
          "(?<=\\S\\s?)\\b"
              + THEY
              + "(?: (?:all|each|both))? (?:had|ate|got|eat|have|get|took|had|has|gets|finished) "
              + NUMBER
              + PIECES
              + "(?: (?:each|apiece))?,? with "
              + SOME);

  private static final String ONE =
      "(?:he|she|i|we|they|(?:my|the|our|her|his) \\p{L}{3,12}|each|everyone)";

  private static final String ATE =
      "(?:(?:only|just|usually|always) )?(?:manage[sd]?|eats?|ate|had|has|have|took|takes?|finish(?:es|ed)?|gets?|got)";

  private static final String ATE_OF =
      " " + ATE + " " + NUMBER + " (?:out )?of (?:the|my|our|those) " + NUMBER + PIECES;

  /** "He ate three of the six at breakfast and the rest at lunch." */
  private static final Sought OF_THE =
      said(START + ONE + ATE_OF + "(?: (?!with\\b)[^.;\\d\\n]{1,70}?)?" + END);

  private static final Sought OF_THE_WITH =
      said(
          START
              + THEY
              + ATE_OF
              + "(?: (?:at|for) (?:once|breakfast|lunch|tea|supper))?,? with "
              + SOME);

  /** "Eleven and a runt." */
  private static final Sought RUNT =
      said(
          START
              + LEAD
              + NUMBER
              + PIECES
              + ",? (?:and|plus|with) (?:an?|one) (?:last )?(?:runt|tiddler|baby(?: one)?|scrap|half(?:[- ]size)? one|mini(?: one)?|tiny one|small one|wee one|little one|odd one|stub|bit)"
              + "(?: (?:at the end|from the (?:last|scrapings)(?: of (?:it|the batter))?|left|over|for the (?:cook|dog|cat)))?"
              + END);

  /** "Dough for 20: …" */
  private static final Sought DOUGH = said(START + "(?:dough|paste|mixture) for " + NUMBER + " ?:");

  private static final Sought IT_IS =
      said(
          START
              + "(?:it|that|this)(?:'s| is| was) "
              + NUMBER
              + " (?:pieces|pancakes|waffles|cr[eê]pes|blini|dosas)"
              + END);

  private static final String SPOILED =
      "(?:(?:was|were|got|went|fell) )?(?:binned|burnt|burned|wrong|broken?|ruined|torn|dropped|stuck|apart|in the bin|thrown away|a dud|duds|rejects?|on the floor|failed)";

  private static final String[] GONE = {
    "binned", "burn", "wrong", "broke", "ruined", "torn", "dropped", "stuck", "apart", " bin",
    "away", "dud", "reject", "floor", "failed"
  };

  private static final String EATEN =
      "(?:(?:was|were|got|went) )?(?:served|eaten|sold|plated|left|out|good|perfect|fine)";

  /** "Two were binned, thirty-one served." */
  private static final Sought BINNED =
      said(
          START
              + NUMBER
              + PIECES
              + " "
              + SPOILED
              + ",?(?: (?:and|but|so))? (?:the other )?"
              + NUMBER
              + PIECES
              + " "
              + EATEN
              + END);

  private static final Sought KEPT =
      said(
          START
              + NUMBER
              + PIECES
              + " "
              + EATEN
              + ",?(?: (?:and|but|plus))? "
              + NUMBER
              + " "
              + SPOILED
              + END);

  /** "Six in all: two with 10 g jam each, the rest plain." */
  private static final Sought IN_ALL =
      said(
          "(?<=\\b(?:in all|altogether|all told|in total|made \\w{3,6}|makes \\w{3,6}) ?)[:,;–](?= (?:half|"
              + NUMBER
              + ") (?:of them )?(?:with|got|had|get|have) )");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(IN_ALL, ".", "in all", "altogether", "all told", "in total", "made", "makes"),
          Repair.of(ON_PLATES, at -> made(at, n(at, 1), n(at, 2)), "plate"),
          Repair.of(
              WE_WERE,
              at -> made(at, n(at, 1), n(at, at.group(2) == null ? 3 : 2)),
              " we ",
              " of us",
              " of you",
              " for ",
              " and "),
          Repair.of(WE_FIRST, at -> made(at, n(at, 2), n(at, 1)), "we were", "we are"),
          Repair.of(
              STACK,
              at -> portion(n(at, 1)),
              "stack",
              "plat",
              "helping",
              "order",
              "serving",
              "portion"),
          Repair.of(ONE_OTHER, at -> "topped: " + at.group(1) + ", ", "the other"),
          Repair.of(IT_IS, at -> "makes " + n(at, 1), "it", "this", "that"),
          Repair.of(BINNED, at -> "makes " + n(at, 2), GONE),
          Repair.of(KEPT, at -> "makes " + n(at, 1), GONE),
          Repair.of(ON_SOME, ServedTurns::onSome, " on ", " onto ", " over "),
          Repair.of(DUD, ServedTurns::withoutFirst, "first"),
          Repair.of(PLATES, at -> "each, serves " + n(at, 2), "plates", "portions", "servings"),
          Repair.of(OF_THE_WITH, at -> "makes " + n(at, 2) + ". " + portion(n(at, 1)), " of "),
          Repair.of(EACH_WITH, at -> portion(n(at, 1)), " with "),
          Repair.of(OF_THE, at -> "makes " + n(at, 2), " of "),
          Repair.of(
              RUNT,
              at -> "makes " + n(at, 1) + " to " + (n(at, 1) + 1),
              "runt",
              "tiddler",
              " baby",
              " scrap",
              "half",
              " mini",
              " one",
              " stub",
              " bit"),
          Repair.of(DOUGH, at -> "makes " + n(at, 1) + ".", " for "));

  private ServedTurns() {}

  private static int n(MatchResult at, int group) {
    return YieldTurns.n(at, group);
  }

  private static String made(MatchResult at, int pieces, int eaters) {
    return pieces < eaters ? at.group() : YieldTurns.made(at, pieces, eaters);
  }

  private static String onSome(MatchResult at) {
    String some = at.group(3) == null ? "half" : n(at, 3) + " of them";
    return some + " with " + at.group(5) + " " + at.group(1) + " each";
  }

  /** All but the first. */
  private static String withoutFirst(MatchResult at) {
    int left = n(at, 2);
    if (left != n(at, 1) - 1) {
      return at.group();
    }
    int each = at.group(3) == null ? 0 : n(at, 3);
    return YieldTurns.made(at, left, each > 0 && left % each == 0 ? left / each : 0);
  }

  private static String portion(int pieces) {
    return "portion: " + pieces + " with ";
  }
}
