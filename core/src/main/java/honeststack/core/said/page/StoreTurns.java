package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * What was in the house, and what was bad: "there was golden syrup left, maybe 30 g", "I opened a
 * litre and there's about 700 ml in it now", "10 eggs though one was off, so nine".
 */
final class StoreTurns {
  private static final String START = "(?<=^|[.!;\\n] ?)";

  private static final String END = "(?= ?(?:[.;,)\\n]|$))";

  private static final String FOOD = "(\\p{L}{3,14}(?: \\p{L}{3,14})?)";

  /** "We had a glut of courgettes so: …": no measure. */
  private static final Sought GLUT =
      said(
          START
              + "(?:we|i|there)(?:'s| is| was| were| had| have|'ve got| has been)? (?:a glut of|far too many|too many|loads of|lots of|plenty of|a surplus of|heaps of) "
              + FOOD
              + " ?[,:]? ?(?:so|and so|hence)\\b ?[,:]?");

  /** "There was peanut butter left, so a spoonful on each." */
  private static final Sought LEFT =
      said(
          START
              + "there (?:was|were|is)(?: (?:some|still|a bit of|a little))* (?!(?:an?|one|two|three|half|no|not|only|enough|just|about|some|still|nothing)\\b)"
              + FOOD
              + " (?:left(?: over)?|over|going spare|to use up)(?:,| and| so| –)+ (?=so |[^.\\n]{0,40}\\b(?:on top|on each|over (?:them|it|the)|on (?:mine|his|hers|theirs))\\b|(?<= so ))(?=(?:so |maybe |about |an? |half |\\d|two |three |say |roughly ))(?:so )?");

  private static final String AWAY =
      "(?:got rid of|lost|squeezed out|drained off|wrung out|pressed out|poured off|threw away|tipped away)";

  /** "400 g courgette, grated, salted and squeezed, I got rid of 150 ml of water." */
  private static final Sought SQUEEZED =
      said(
          "(?: ?,)?(?: (?:and|i|we|which))+ "
              + AWAY
              + " (?:about |maybe |some |roughly )?\\d{1,3} ?(?:g|ml)(?: of (?:the )?)? ?(?:water|liquid|juice|brine)"
              + "(?<=\\b(?:squeezed|salted|drained|wrung|pressed|strained)\\b[^.\\n]{0,70})"
              + END);

  /** "No oil, the butter does it": of what is told before. */
  private static final Sought NO_OIL =
      said(
          START
              + "no (?:oil|fat|butter|grease|greasing)(?: (?:in|on|for) the (?:pan|iron|griddle))?(?:,|;| –| as| because| since)+ (?:there's (?:enough )?(?:butter|oil|fat)|the (?:butter|oil|fat))\\b[^.;\\d\\n]{0,40}"
              + "(?= ?(?:[.;\\n]|$))");

  private static final String PACK =
      "(?:punnets?|tubs?|boxes|box|packs?|tins?|cans?|bags?|cartons?|packets?|pots?|jars?)";

  /** "Strawberries, two punnets, 400 g each." */
  private static final Sought PACKS =
      said(
          "(?<=^|[.!;:\\n,] ?)"
              + FOOD
              + ",? "
              + Numerals.STRICT
              + " ("
              + PACK
              + "),? (?:of |at )?(\\d{2,4} ?(?:g|ml)) (?:each|apiece|a (?:piece|punnet|tub|tin|box|pack))"
              + END);

  /** "Two jars of jam went, 400 g each." */
  private static final Sought PACKS_WENT =
      said(
          "(?<=\\b"
              + PACK
              + " of \\p{L}{3,14}) (?:went|(?:were|was|got|are) (?:used|eaten|gone|finished|emptied)|disappeared|vanished)(?=, (?:of )?\\d{2,4} ?(?:g|ml) (?:each|apiece))");

  private static final String BAD =
      "(?:(?:was|were|is|had|got|went|came) )?(?:off|bad|broken|rotten|broke|cracked|gone|smashed|stale|dropped|on the floor)[^.;,\\d\\n]{0,25}";

  /** "10 eggs though one was off so nine". */
  private static final Sought EGGS =
      said(
          "\\b"
              + Numerals.STRICT
              + "((?: (?:large|medium|small|big))?) eggs,?(?: ?[(–-])?(?: (?:though|but|although|only|and|of which))+ (?:one|two|three|\\d)(?: of (?:them|which))? "
              + BAD
              + ",? so (?:(?:it's|it was|that's|just|only|i used|i had|we had|really) )*"
              + Numerals.STRICT
              + "(?: (?:in the end|really|it is|it was|went in))?"
              + END);

  /** "Vegetable oil: I opened a litre and there's about 700 ml in it now." */
  private static final Sought OPENED =
      said(
          "\\b"
              + FOOD
              + "(?:,|:| –| -)+ (?:i |we )?(?:opened|started|began|broke into) (?:an? |one )?(?:new |full |fresh )*(?:(\\d{1,4}) ?(g|ml)|(litre)|(half a litre))(?: (?:of it|bottle|jar|tub|tin|block|pack))?"
              + ",?(?: and| but| so)*(?: now)? (?:there's|there is|there are|there was|it's|it has|it holds)(?: now)?(?: about| roughly| still)* (\\d{1,4}) ?(?:g|ml)?(?: (?:in it|left|in there|of it))*(?: now)?"
              + END);

  /** "A new jar of honey, 340 g, and now there's 250 in it." */
  private static final Sought NEW_JAR =
      said(
          "\\b(?:an?|the|one) (?:new|full|fresh|unopened) (?:jar|bottle|tub|pot|tin|block|pack|packet|bag|carton) of "
              + FOOD
              + ",? (\\d{2,4}) ?(g|ml),?(?: and| but| so)*(?: now)? (?:there's|there is|there are|it's|it has|it holds)(?: now)?(?: about| roughly| still)* (\\d{1,4}) ?(?:g|ml)?(?: (?:in it|left|in there|of it))*(?: now)?"
              + END);

  /** "The pan had a knob of butter each time and the dish went from 60 grams to 25." */
  private static final Sought DISH =
      said(
          "\\b(?:(?:the |my )?(?:pan|iron|griddle) (?:had|has|gets?|got) )?(?:(?:an?|the|some) )?(?:(?:small|little|good) )?(?:(?:knob|nut|dab|bit|lump|splash|drop|smear)s? (?:of )?)?(oil|butter|ghee|lard|margarine|dripping|fat)\\b"
              + "([^.;\\d\\n]{0,30}?)(?:,| and| –|;)+ (?:the |my )?(?:dish|tub|block|bottle|pot|jar|tin|pack) (?:went|goes|fell|dropped)(?: down)? from (\\d{1,4}) ?(g|ml|grams)? to (\\d{1,4}) ?(?:g|ml|grams)?"
              + END);

  /** "flour the wife mills herself, wholemeal": whose it is. */
  private static final Sought WHOSE =
      said(
          "(?<=\\b(?:flour|milk|eggs|butter|honey|jam|oats|meal|cream|yogurt|yoghurt|cheese|syrup)) (?:(?:that|which) )?(?:(?:the|my|our|his|her) \\p{L}{3,12}|i|we|they|she|he) (?:mills?|grinds?|makes?|grows?|keeps?|bottles?|churns?|collects?)"
              + "(?: (?:herself|himself|myself|ourselves|themselves|at home|for us))?"
              + END);

  /** "Duck eggs, two big ones". */
  private static final Sought BIG_ONES =
      said(
          "(?<=^|[.!;:\\n,] ?)((?:duck |goose |free[- ]range )?eggs|bananas|apples|onions|courgettes|potatoes|carrots),? "
              + Numerals.STRICT
              + " (big|large|small|medium|tiny|huge|little|ripe)(?: ones?)?"
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(GLUT, "", "glut", "too many", "loads", "lots", "plenty", "surplus", "heaps"),
          Repair.of(LEFT, at -> at.group(1) + ", ", "there "),
          Repair.as(SQUEEZED, "", "rid of", "lost", " out", " off", "away"),
          Repair.as(NO_OIL, "", "no "),
          Repair.of(
              PACKS,
              at -> n(at, 2) + " " + at.group(3) + " " + at.group(1) + ", " + at.group(4) + " each",
              "each",
              "apiece",
              "0 g a ",
              "0g a "),
          Repair.as(PACKS_WENT, "", "each", "apiece"),
          Repair.of(EGGS, at -> n(at, 3) + at.group(2) + " eggs", "eggs"),
          Repair.of(OPENED, StoreTurns::opened, "there", "it's", "it has", "it holds"),
          Repair.of(
              NEW_JAR,
              at -> rest(at, at.group(2), at.group(4), at.group(3) + " " + at.group(1)),
              "there",
              "it's",
              "it has",
              "it holds"),
          Repair.of(
              DISH,
              at -> rest(at, at.group(3), at.group(5), "g " + at.group(1) + " in the pan"),
              " from "),
          Repair.as(
              WHOSE, "", "mill", "grind", "make", "grow", "keep", "bottle", "churn", "collect"),
          Repair.of(
              BIG_ONES,
              at -> n(at, 2) + " " + at.group(3) + " " + at.group(1),
              " one",
              "s, ",
              "s "));

  private StoreTurns() {}

  private static int n(MatchResult at, int group) {
    return Numerals.of(at.group(group));
  }

  private static String opened(MatchResult at) {
    String all = at.group(4) != null ? "1000" : at.group(5) != null ? "500" : at.group(2);
    String unit = at.group(3) == null ? "ml" : at.group(3);
    return rest(at, all, at.group(6), unit + " " + at.group(1));
  }

  /** What went of it; as it was told where that is nothing. */
  private static String rest(MatchResult at, String all, String now, String what) {
    int went = Integer.parseInt(all) - Integer.parseInt(now);
    return went > 0 ? went + " " + what : at.group();
  }
}
