package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.People;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Turns of phrase that say the same as shorter ones, which are read. */
final class Rephrased {
  private static final String NUMBER =
      "(?:\\d+|two|three|four|five|six|seven|eight|nine|ten|twelve|a dozen)";

  private static final String UNIT =
      "(?:g|gr|grams?|ml|tbsps?|tablespoons?|tsps?|teaspoons?|oz|ounces?|cups?)";

  /** "100 g butter minus 20 g for the pan" is as much in all. */
  private static final Sought MINUS =
      said(
          "(?:,| ?[–-])? (?:minus|less)(?: the| about)? (\\d+(?:[.,/]\\d+)? ?"
              + UNIT
              + ")(?: (?:kept|saved|reserved|held back|set aside))?"
              + "(?= for (?:(?:the|my) )?(?:pan|griddle|iron|skillet|waffle iron|greasing|frying|brushing)\\b)");

  /** "Halved the recipe (so 200 g flour, 2 eggs)": what went in. */
  private static final Sought CHANGED =
      said(
          "(?<=\\b(?:halved|doubled|tripled|quartered) (?:the recipe|it|everything|it all|the batch|the lot|that)) "
              + "\\((?:so|that is|that's|which is|meaning|namely)([ ,:][^()\\n]*)\\)");

  private static final String PLATES = NUMBER + "(?= (?:warm |warmed |hot )?(?:plates|bowls)\\b)";

  /** "Divide between four plates and …" serves four. */
  private static final Sought DIVIDED =
      said(
          "\\b(?:divide|share|split|serve|dish up|plate up|put|stack|arrange|pile)"
              + "(?: (?:it|them|these|the (?:pancakes|waffles|crepes|stacks?)))?(?: out)?"
              + " (?:between|among|amongst|over|across|on|onto|on to|up on) ("
              + PLATES
              + ") (?:warm |warmed |hot )?(?:plates|bowls)( and(?: then)?(?= (?:top|drizzle|scatter|serve|finish|dust|pour|spoon|put|add|give|hand)\\b))?");

  private static final Sought FILLS =
      said(
          "\\b(?:enough for|fills|filled|makes|for) ("
              + PLATES
              + ") (?:plates|bowls)(?= ?[.,;\\n]|$)");

  /** "Out of this: 12 pieces". */
  private static final Sought OUT_OF_THIS =
      said(
          "(?<=^|[.,;\\n]|[.,;\\n] )(?:(?:out of (?:this|these|that|it)|from (?:this|these|that|it)|this amount|this quantity)"
              + " ?[:,–-] ?|all told[ ,:]+)(?=(?:about |ca |ca\\. |roughly |around )?\\d+\\b)");

  /** "12 pieces, each cut in 4" are 12. */
  private static final Sought CUT =
      said(
          "(?<=\\b\\d{1,3} (?:pieces|pancakes|waffles|cakes|crepes|rounds|squares)),?(?: each| all)?(?: one)?"
              + " (?:cut|halved|quartered|sliced)(?: up)?(?: (?:in|into)(?: (?:"
              + NUMBER
              + "|half|halves|quarters|wedges|strips|fingers))+)?(?= ?[.,;\\n]|$)");

  /** "10 residents, one each". */
  private static final Sought ONE_EACH =
      said(
          "\\b(("
              + NUMBER
              + ") "
              + People.EATERS
              + ")"
              + "( ?[,:–-] )(?:just )?(?:one|1) (?:each|apiece)\\b(?= ?[.,;\\n]|$)");

  /** "honey on top: 20 g". */
  private static final Sought PLACED =
      said(
          "(?<=[a-z] (?:on top|to serve|for serving|to finish|over it)) ?:"
              + "(?= ?(?:about |around |maybe |roughly |~ ?)?\\d+ ?"
              + UNIT
              + "(?: or so)? ?(?:[,.;\\n]|$))");

  /** "Leave out the sugar if you're having them with bacon." */
  private static final Sought WITH_OTHERS =
      said(
          "(?<=\\b(?:leave out|leave off|skip|omit|no|less|leave|forget|hold) (?:the )?(?:sugar|salt|honey|vanilla|syrup|sweetener)(?: out)?)"
              + ",? (?:if|when) (?:(?:you(?:'re| are)?|we(?:'re)?|they(?:'re| are)?|i(?:'m)?) )?"
              + "(?:having|have|serve|serving|eat|eating|making|for|with)(?: (?:them|it|these))?(?: (?:with|for))?(?: [a-z]+){1,2}(?= ?[.;\\n]|$)");

  /** "8 heaped spoons of flour": what is heaped of a dry food is a tablespoon. */
  private static final Sought HEAPED =
      said(
          "(?<=\\b(?:heaped|heaping|rounded|level) )(?:spoons|spoonfuls)\\b|(?<=\\b(?:a|one|1) (?:heaped|heaping|rounded|level) )spoonful\\b");

  /** New Zealand's tub. */
  private static final Sought POTTLE = said("\\bpottle(s?)\\b");

  /** "less sugar: 20 g", "less sugar (20 g)": so much is in it. */
  private static final Sought LESS =
      said(
          "(?<=[,;:(–-]|[,;:(–-] )(?:less|a bit less|a little less) (?=[a-z]{3,}(?: [a-z]{3,})? ?(?:[:=(]|[–-] ) ?\\d+ ?"
              + UNIT
              + "\\b)");

  /** "With 20 g jam on." */
  private static final Sought WITH_ON =
      said(
          "(?<=^|[.,;\\n]|[.,;\\n] )with( (?:about |a )?(?:\\d+(?:[.,/]\\d+)? ?|one |two |a |half a )"
              + UNIT
              + "(?: of)?(?: [a-z-]{3,}){1,3}) on(?= ?(?:[.,;\\n]|$))");

  /** "Served five." */
  private static final Sought SERVED =
      said("(?<=^|[.,;\\n]|[.,;\\n] )served (?=" + NUMBER + "(?: of us| people)? ?(?:[.;\\n]|$))");

  /** "STEP 3 Spray the pan.", "Step 3: spray the pan.": as other numbers of steps. */
  private static final Sought STEP =
      Sought.of(
          "^(?:step|method|stage) (\\d{1,2})(?: ?[.:)–-])?(?= \\p{L}{3,} (?:\\p{L}|\\d))",
          Pattern.CASE_INSENSITIVE | Pattern.MULTILINE);

  /** "Made 6, bit greasy, next time 60 g butter": a sentence by itself. */
  private static final Sought NEXT_TIME =
      said(
          "(?<=[\\p{L}\\d)]) ?(?:,|;| -| –| —)(?= (?:and |but |so )?(?:maybe |perhaps )?next time\\b(?! i ))");

  /** "First I made it with 2 eggs, today with 3." */
  private static final Sought FIRST_MADE =
      said(
          "(?<=^|[.\\n] |\\n)first (?:time )?(?:i|we) (?:made|did|tried|baked) (?:it|them|these) with(?=[^.\\n]* today\\b)");

  /** "makes two big boys". */
  private static final Sought BIG_BOYS =
      said(
          "(?=(?:big|fat|thick|giant|huge|little|wee|lovely|boys|lads|guys|fell|beaut|whopp|monst|rasc))(?<=\\b(?:makes?|made|gave|gives?|got|get|into|that's) (?:me |us |about )?"
              + NUMBER.replace("+", "{1,3}")
              + " )(?:big |fat |thick |giant |huge |little |wee |lovely )?(?:boys|lads|guys|fellas|fellows|beauties|whoppers|monsters|rascals)\\b");

  /** "250 g berries... well, strawberries really": no more than those. */
  private static final Sought REALLY =
      said(
          "(?=\\p{L}{3,12}(?: ?\\.{2,3}|…|,| –| -) ?(?:or|well|no|that is|actually|i mean)\\b)(?<=\\d ?"
              + UNIT
              + " (?:of )?)\\p{L}{3,12}(?: ?\\.{2,3}|…|,| –| -) ?(?:or|well|no|that is|actually|i mean),? (\\p{L}{3,14}(?: \\p{L}{3,14})?) (?:really|actually|in fact|to be (?:exact|precise)|in truth)(?=[,.;\\n]|$)");

  /** "Into each go 40 g ham". */
  private static final Sought INTO_EACH =
      said(
          "\\b(?:into|onto|inside|on|in) each(?: one)? (?:go|goes|went|come|comes|came)(?= (?:\\d|an? |half ))");

  /** "a tsp of oil for each pair of pancakes". */
  private static final Sought PAIR_OF =
      said("\\b(?:for |per )?(?:each|every|a|per) pair of(?= (?:pancakes|waffles|them|cr[eê]pes))");

  /** "Rhubarb compote first: …". */
  private static final Sought COMPOTE =
      said(
          "(?<=^|[.!?\\n] ?)(?:the |a |my )?(?:\\p{L}{3,12} )?(?:compote|sauce|topping|filling)(?: goes| comes)? first ?[:–-]");

  /** "two teaspoons of baking powder, one of soda, half of salt". */
  private static final Sought HALF_OF =
      said(
          "((teaspoon|tsp|tablespoon|tbsp)s?(?: of)? [a-z ]{3,25}, (?:(?:and )?(?:one|two|three|half|a quarter|a half|[\\d½¼]) (?:"
              + "(?:tsp|tbsp) |of )[a-z ]{3,20}, ){0,6}?(?:and )?)(an? )?(half|quarter) of (?!an?\\b|it\\b|the\\b|them\\b|that\\b|this\\b|those\\b|which\\b|my\\b)(?=[a-z])");

  private static final String MEASURE =
      "(?:\\d+(?:[.,/]\\d+)?|an?|one|two|three|half an?) ?" + UNIT;

  /** "I hadn't 300 ml milk so it was 200 ml and 100 ml water". */
  private static final Sought HAD_LESS =
      said(
          "\\b(?:i|we) (?:hadn't|had not|didn't have|did not have)(?: got)?(?: the| quite| enough for| all)? "
              + MEASURE
              + "(?: of)? (\\p{L}{3,12}),? so (?:it (?:was|got|is|had)|(?:i|we) (?:used|put|took|put in)|in went) ("
              + MEASURE
              + ")(?: of it)? (?=(?:and|plus|with|\\+) (?:"
              + MEASURE
              + "))");

  /** "half and half white and wholemeal flour": no cream. */
  private static final Sought HALF_AND_HALF =
      said(
          "\\bhalf[- ]and[- ]half(?= (?:of )?(?:white|plain|wholemeal|whole ?wheat|rye|spelt|buckwheat|brown|strong|milk|water|oil|butter|cream"
              + "|yogh?urt|oat|almond|soya?) (?:[a-z]+ )?(?:and|&) (?:[a-z]+ )?(?:flour|milk|water|oil|butter|cream)\\b)");

  /** "I swapped the 200 ml of milk for the same of oat drink". */
  private static final Sought THE_SAME =
      said(
          "((?:swap|swapped|replace|replaced|exchange|exchanged|change|changed)(?: out)? (?:(?:the|my) )?("
              + MEASURE
              + ")(?: of)? (?:\\p{L}{3,12} ?){1,2} ?(?:for|with|by|to)) (?:the same|as much|the same (?:amount|weight|quantity)|just as much|an equal (?:amount|weight))(?: of)? (?=\\p{L}{3})");

  private static final String SWAPPED =
      "(?:swapped|replaced|exchanged|substituted|switched|changed)";

  /** "…, except that I swapped 50 g of the flour for cornmeal". */
  private static final Sought EXCEPT_SWAPPED =
      said(
          "(?:(?<=[\\p{L}\\d)])(?:,| –| -)? |(?<=[.;\\n] ?))(?:but|except|only)(?: that)? (?=(?:i|we)(?:'ve| have)? "
              + SWAPPED
              + "\\b)");

  /** "But with 50 g of the flour swapped for cornmeal". */
  private static final Sought WITH_SWAPPED =
      said(
          "(?:(?<=[\\p{L}\\d)])(?:,| –| -)? |(?<=[.;\\n] ?))(?:but |except |only )?with (\\d+ ?(?:g|ml|tbsp|tsp|cups?)|half|a third|a quarter) of the (\\p{L}{3,12}) "
              + SWAPPED
              + " (?:for|with|by|out for)(?= )");

  /** "I swapped … for cornmeal and used 3 eggs". */
  private static final Sought AND_USED =
      said(
          "(?<=\\b"
              + SWAPPED
              + " [^.,;\\n]{5,60}) and used (?=(?:\\d|one|two|three|four|five|an?) )");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(EXCEPT_SWAPPED, Rephrased::apart, "but", "except", "only"),
          Repair.of(
              WITH_SWAPPED,
              at -> apart(at) + "I swapped " + at.group(1) + " of the " + at.group(2) + " for",
              "of the "),
          Repair.as(AND_USED, ". I used ", " and used "),
          Repair.as(HALF_AND_HALF, "equal parts", "half"),
          Repair.of(
              THE_SAME, at -> at.group(1) + " " + at.group(2) + " ", "same", "as much", "equal"),
          Repair.of(
              HAD_LESS, at -> at.group(2) + " " + at.group(1) + " ", "n't", "had not", "not have"),
          Repair.of(STEP, at -> at.group(1) + ".", "step ", "method ", "stage "),
          Repair.as(
              BIG_BOYS, "ones", "boys", "lads", "guys", "fell", "beaut", "whopp", "monst", "rasc"),
          Repair.of(HALF_OF, Rephrased::spoon, " half of ", "quarter of "),
          Repair.of(
              HALF_OF, Rephrased::spoon, " half of ", "quarter of "), // one more in the same list
          Repair.of(
              REALLY, at -> at.group(1), "really", "actually", "in fact", "to be ", "in truth"),
          Repair.as(INTO_EACH, "in each", " each "),
          Repair.as(PAIR_OF, "every two", "pair of"),
          Repair.as(COMPOTE, "Compote:", " first"),
          Repair.as(NEXT_TIME, ".", "next time"),
          Repair.as(FIRST_MADE, "First time", "first "),
          Repair.as(LESS, "", "less "),
          Repair.of(WITH_ON, at -> "top:" + at.group(1), " on"),
          Repair.of(SERVED, at -> cased(at, "serves "), "served"),
          Repair.of(POTTLE, at -> "pot" + at.group(1), "pottle"),
          Repair.as(
              HEAPED, "tbsp", "heaped spoon", "heaping spoon", "rounded spoon", "level spoon"),
          Repair.of(MINUS, at -> inPlace(at, ","), " minus", " less"),
          Repair.of(
              CHANGED,
              at -> inPlace(at, " so"),
              "(so",
              "(i.e",
              "(that",
              "(which",
              "(mean",
              "(name"),
          Repair.of(DIVIDED, Rephrased::serves, "plates", "bowls"),
          Repair.of(FILLS, Rephrased::serves, "plates", "bowls"),
          Repair.of(
              OUT_OF_THIS,
              at -> cased(at, "makes "),
              "out of",
              "from th",
              "from it",
              "this amount",
              "this quan",
              "all told"),
          Repair.as(PLACED, "", "top:", "serve:", "serving:", "finish:", "over it:"),
          Repair.as(CUT, "", " cut", "halved", "quartered", "sliced"),
          Repair.of(ONE_EACH, Rephrased::oneEach, "one each", "1 each", "one apiece", "1 apiece"),
          Repair.as(WITH_OTHERS, "", " if ", " when "));

  private Rephrased() {}

  /** Behind a sentence of its own, which ends before it if it does not yet. */
  private static String apart(MatchResult at) {
    return Character.isLetter(at.group().charAt(0)) ? "" : ". ";
  }

  private static String spoon(MatchResult at) {
    boolean tea = at.group(2).toLowerCase(Locale.ROOT).matches("te.*|ts.*");
    boolean half = at.group(4).equalsIgnoreCase("half");
    return at.group(1) + (half ? "½ " : "¼ ") + (tea ? "tsp " : "tbsp ");
  }

  /** And a sentence by itself of what goes on the plates. */
  private static String serves(MatchResult at) {
    boolean more = at.groupCount() > 1 && at.group(2) != null;
    return inPlace(at, cased(at, "serves ")) + (more ? "." : "");
  }

  /** Words before what is kept, which stays where it stood if there is room. */
  private static String inPlace(MatchResult at, String before) {
    int room = at.start(1) - at.start() - before.length();
    return before + " ".repeat(Math.max(0, room)) + at.group(1);
  }

  /** With a capital where one stood: it begins a sentence. */
  private static String cased(MatchResult at, String written) {
    boolean capital = Character.isUpperCase(at.group().charAt(0));
    return capital
        ? written.substring(0, 1).toUpperCase(Locale.ROOT) + written.substring(1)
        : written;
  }

  private static String oneEach(MatchResult at) {
    String said = at.group(1) + at.group(3) + "makes " + at.group(2);
    return said.length() > at.group().length() ? at.group() : said;
  }
}
