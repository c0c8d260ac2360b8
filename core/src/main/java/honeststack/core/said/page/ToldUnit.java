package honeststack.core.said.page;

import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * The unit of all numbers that have none, where a text says it once: "all in grams", "in cups: 2
 * flour, 1½ milk", "2 flour, 1½ milk – cups".
 */
public final class ToldUnit {
  private static final String UNIT =
      "(?<unit>g|grams?|grammes?|gm|gr|ounces?|oz|cups?|cupfuls|tablespoons?|tbsp)";

  private static final String ALL =
      "(?:all|everything|it's all|it is all|numbers|the numbers|amounts|weights|quantities|measures|figures|by weight|by volume)";

  /** At the head of a text, a line or a sentence. */
  private static final Sought HEAD =
      Sought.of(
          "(?<=^|\\n|[.!?] )(?:(?:and|so|well) )?(?:"
              + ALL
              + "(?: (?:is|are|goes|go|measured|weighed))?(?: all)? ?)?(?:in |by the |by )?(?:all )?"
              + UNIT
              + "(?: then| all| only| throughout| with me| here| for me| for everything)*(?: ?:|,|\\.| –| -)(?= ?[\\p{L}\\d½¼¾⅓⅔(])"
              + "(?! ?\\d+ *(?:\\n|$))",
          Pattern.CASE_INSENSITIVE);

  /** Of a sentence or a text. */
  private static final Sought SAID =
      Sought.of(
          "(?<=^|[.,;!?] |\\n|– |- |\\()(?:i (?:weigh|measure|do) )?(?:it's |it is |that's )?"
              + ALL
              + "(?:'s| is| are| goes)?(?: all)?(?: measured| weighed)?,?(?: in| by the| by)? "
              + UNIT
              + "(?: (?:with me|here|for me|throughout))*(?=[.,:;!)]|$|\\n)[.,:;!)]?",
          Pattern.CASE_INSENSITIVE);

  private static final Sought TAIL =
      Sought.of(
          "(?:, | – | - |\\. | \\(| (?=in |all |by the ))(?:(?:all|everything|it's|it is|that is|that's|i mean|in|measured in|by the)[ ,]+)*"
              + UNIT
              + "(?:,? (?:that is|each|i mean|all|throughout|everything))*\\)?[.!]*$",
          Pattern.CASE_INSENSITIVE);

  private static final Sought BY_WEIGHT =
      Sought.of(
          "(?<=^|[.,;!?] |\\n|\\()(?:it's |i do )?(?:all|everything)(?: is| goes| weighed)? by weight(?=[.,:;)\\n]|$)[:.,]?",
          Pattern.CASE_INSENSITIVE);

  /** Numbers, and no unit behind them. */
  private static final Sought BARE =
      Sought.of(
          "(?:\\d|[½¼¾⅓⅔]|\\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|half|quarter|hundred|fifty)\\b)"
              + "(?:,? *(?:of |a )?(?!g\\b|ml|kg|l\\b|oz|cups?\\b|tsp|tbsp|grams?|ounces?|teaspoons?|tablespoons?|dl|cl|lb|and\\b|point\\b)[\\p{L}]{3,}| *(?:[,/;.\\n(–]|$))",
          Pattern.CASE_INSENSITIVE);

  /** A unit for some of them only: "Grams: … Millilitres: …". */
  private static final Sought OTHERS =
      Sought.of(
          "(?<=^|[.;,] |\\n)(?:in )?(?:grams?|g|millilit(?:re|er)s?|ml|cups|spoons|tablespoons|teaspoons|tbsp|tsp|ounces|oz|pieces) ?:",
          Pattern.CASE_INSENSITIVE);

  /** Characters of a text that is one recipe; in a longer one nothing is said of all of it. */
  private static final int LONGEST = 5_000;

  private static final int SEVERAL = 2;

  /** With which it stands for grams; empty where nothing is said. */
  public final String unit;

  public final String text;

  /** The stretch that says so. */
  public final List<Mark> marks = new ArrayList<>();

  /**
   * @param said in which the stretch is left blank
   */
  public ToldUnit(String said) {
    MatchResult found = find(said);
    if (found == null) {
      this.unit = "";
      this.text = said;
      return;
    }
    this.unit = found.groupCount() == 0 ? "g" : symbol(found.group(1));
    int end = found.end();
    marks.add(new Mark(found.start(), end, Part.NOTE, Mark.NO_LINE));
    this.text =
        said.substring(0, found.start()) + " ".repeat(end - found.start()) + said.substring(end);
  }

  private static MatchResult find(String said) {
    if (said.length() > LONGEST) {
      return null;
    }
    for (Sought form : List.of(HEAD, SAID, TAIL, BY_WEIGHT)) {
      for (MatchResult found : form.all(said)) {
        String rest = said.substring(0, found.start()) + " " + said.substring(found.end());
        if (BARE.all(rest).size() >= SEVERAL && !OTHERS.isIn(rest)) {
          return found;
        }
      }
    }
    return null;
  }

  private static String symbol(String word) {
    String low = word.toLowerCase(Locale.ROOT);
    return low.startsWith("g")
        ? "g"
        : low.startsWith("o") ? "oz" : low.startsWith("c") ? "cup" : "tbsp";
  }
}
