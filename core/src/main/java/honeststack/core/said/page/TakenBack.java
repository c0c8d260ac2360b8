package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * What was told and then taken back, or decided: "25 g sugar, no sorry, that was for the other
 * recipe", "oat or soy milk, 300 ml, I used soy", "60 g butter, all but 10 g in the batter, the
 * rest in the pan".
 */
final class TakenBack {
  private static final String MEASURED = KitchenTurns.MEASURED;

  private static final String OTHER = "(?:other|another|different|next|wrong|last|old)";

  private static final String DISH =
      "(?:recipe|batch|list|cake|muffins?|bread|loaf|scones?|biscuits?|cookies|pie|tea|coffee|porridge|bake|dough|version)";

  private static final String HESITATES =
      "(?:(?:no|oh|oops|ah|sorry|wait|actually|hang on|hold on|well|um|er|but),? )*";

  private static final String TAKEN =
      "(?:(?:strike|scratch|forget|delete|cancel|ignore|skip|drop) (?:that|it)(?: one| again)?"
          + "|leave (?:it|that|them) out|(?:not|none) (?:today|tonight|this time|(?:in|for) (?:this(?: one| recipe| batch)?|it|these|mine)|now|after all)"
          + "|(?:today|tonight|this time) (?:i|we) (?:didn't|did not|haven't|have not|left (?:it|them) out|skipped (?:it|them)|don't)"
          + "|(?:(?:i|we) )?(?:didn't|did not)(?: do (?:it|that|so)| bother)? (?:today|tonight|this time)"
          + ("|(?:that|it|this)(?:'s| is| was| were) (?:(?:for|from|in|of) (?:the |an? |my |our )?(?:"
              + OTHER
              + " )?"
              + DISH
              + "|(?:the |an? |my )?"
              + OTHER
              + " (?:one|"
              + DISH
              + ")"
              + "|the (?:cake|muffins|bread|scones|biscuits|cookies|pie|tea|porridge))")
          + "|(?:wrong|other) (?:recipe|list|page))";

  /** Behind what was measured, and no other amount of it behind them. */
  private static final Sought BACK =
      said(
          "(?<=\\d[^.,;\\n–()]{2,40})(?<!\\b(?:batter|dough|mix)\\b[^.,;\\n]{0,20})(?:,|;| ?–| -| (?=but (?:not|none|today|tonight|this time)\\b)|\\.(?= (?:(?:no|oh|sorry|wait|well),? )*(?:none|not|didn't)\\b)) ?"
              + HESITATES
              + TAKEN
              + "(?:(?:,| and)? ?"
              + HESITATES
              + TAKEN
              + ")*(?: [–-](?= and\\b))?(?= ?(?:[.;!\\n]|$|,? (?:and|plus|then) | [–-] |,(?! ?(?:about |make it |it's |just |only |so )?(?:\\d[\\d.,/]*|half|an? half|one|two|three)(?:[\\d./½¼¾ ]*"
              + "(?:g|kg|ml|cl|dl|l|oz|cups?|tbsps?|tsps?|grams?|spoons?))?(?: of it)? ?(?:[.,;!\\n]|$))))");

  /** Dictated: "twenty grams cocoa delete that". */
  private static final Sought DELETED =
      said(
          "(?<=\\b(?:grams?|cups?|(?:tea|table)?spoons?|mils|ounces?) [^.,;\\n–()\\d]{2,40}) (?:delete|cancel|scratch|strike|ignore)"
              + " (?:that|it)(?: again)?(?= ?(?:[.;!\\n]|$))");

  /** "all but 10 g in the batter, the rest in the pan". */
  private static final Sought ALL_BUT =
      said(
          "\\b(?:all|everything) (?:but|except|bar)(?: for)? ("
              + MEASURED
              + "|an? (?:(?:tea|table)?spoon(?:ful)?|knob|splash|handful))(?: of (?:it|that|them))?"
              + ",?(?: (?:goes|go|is|are|went))? (?:in|into|to|for) the (?:batter|bowl|mix|dough)(?:,|;|\\.| -| –)?(?: and)?"
              + " ?(?:the (?:rest|last|remaining|tablespoon|teaspoon|spoonful|knob|handful|"
              + "\\d+ ?(?:g|ml))|that (?:spoonful|knob|handful|\\d+ ?(?:g|ml))|what's left)"
              + "(?: (?:goes|go|is|are|was|went))?(?: (?:greases?|for greasing|in|into|for|on|over|to))?(?: the)? (pan|iron|griddle|skillet|top|plate|plates)\\b");

  private static final String SORTS =
      "(milk|flour|juice|drink|oil|butter|sugar|syrup|yogh?urt|cheese|jam)";

  private static final String CHOSE =
      "(?:,|;|\\.| –| -)? ?(?:\\(?(?:so |and )?(?:(?:i|we) (?:used|took|had|went for|chose|went with)|it was|it's|used|took|today|this time|today it's|mine was)(?: the)? )?";

  /** "oat or soy milk, 300 ml, I used soy". */
  private static final Sought CHOSEN =
      said(
          "\\b(\\p{L}{3,12}) or (\\p{L}{3,12}) "
              + SORTS
              + "((?:,|:| -)? "
              + MEASURED
              + ")?"
              + CHOSE
              + "(\\1|\\2)(?: (?:today|this time|here|now|one))?\\)?(?=[.,;\\n]|$)");

  /** "100 g applesauce where the butter was". */
  private static final Sought WHERE =
      said(
          "\\b(?:(?:used?|put|goes|went)(?: it)? )?where (?:the |my |our )?(\\p{L}{3,12}) (?:was|were|used to be|had been|would be|would go|went)\\b");

  /** "half the flour (100 g of 200 g) is almond flour". */
  private static final Sought SHARE =
      said(
          "\\b(half)(?: of)? (?:the|my) (flour|milk|sugar|butter|oil) \\((\\d+ ?(g|ml|cups?)) (?:of|out of) (?:the )?(\\d+)(?: ?(?:g|ml|cups?))?\\),? "
              + "(?:is|was|are|as|being|went)(?: to)? (?=\\p{L}{3})");

  /** "batter as usual": nothing of what stands beside it. */
  private static final Sought USUAL =
      said(
          "(?<=[,;.–-] |\\n|[,;.])(?:and |with )?(?:the |my |our )?(?:batter|mix|dough|plate|pan|base)(?: is| was)? (?:as|like) (?:usual|always|ever|before|normal)\\b");

  private static final String MADE =
      "(?:compote|compôte|sauce|glaze|icing|frosting|filling|coulis|drizzle|crumble)";

  private static final String LINE = "(?:[-•*–] ?)?(?=[^\\n]*(?:\\d|[½¼¾]))";

  private static final String BATTER = "(?![^\\n]*\\b(?:flour|eggs?|milk|baking|yeast|oats)\\b)";

  /** What stands below a dish that is made of several things is what it is made of. */
  private static final Sought DISH_LINE =
      said(
          "(?<=^|\\n)(?:the )?\\p{L}{4,12}(?: \\p{L}{3,10})? "
              + MADE
              + "(?=\\n"
              + BATTER
              + LINE
              + "[^\\n]+\\n(?:"
              + BATTER
              + LINE
              + "|[^\\n]*(?:\\n|$)))");

  private static final Sought LIST_ITEM =
      said(
          "(?<=\\n)((?:\\p{L}{3,12} ){0,2}(?:sauce|syrup|compote|caramel|jam|cream))\\n"
              + "(?=[^\\n]*\\b(?:flour|eggs?|milk|baking|yeast|oats)\\b)");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(
              BACK,
              " (no),",
              "strike ",
              "scratch ",
              "forget ",
              "delete ",
              "cancel ",
              "ignore ",
              "skip that",
              "skip it",
              "drop that",
              "drop it",
              "leave ",
              "not today",
              "n't",
              "today i",
              "today we",
              "this time",
              "not tonight",
              "not this time",
              "not in ",
              "not for ",
              "not now",
              "not after",
              "none today",
              "none tonight",
              "none this",
              "none in ",
              "none for ",
              "none now",
              "other",
              "different",
              "next ",
              "wrong",
              "last ",
              "old ",
              " cake",
              "muffin",
              "bread",
              "scone",
              "biscuit",
              "cookie",
              " pie",
              " tea",
              "coffee",
              "porridge",
              "loaf",
              "batch",
              "recipe",
              " list",
              "dough",
              "version",
              " bake"),
          Repair.as(DELETED, " (no),", "delete", "cancel", "scratch", "strike", "ignore"),
          Repair.of(ALL_BUT, TakenBack::rest, "all ", "everything "),
          Repair.of(CHOSEN, TakenBack::chosen, " or "),
          Repair.of(WHERE, at -> "instead of " + at.group(1), "where "),
          Repair.of(
              SHARE,
              at ->
                  at.group(1)
                      + " the "
                      + at.group(5)
                      + " "
                      + at.group(4)
                      + " "
                      + at.group(2)
                      + " as ",
              "half"),
          Repair.as(USUAL, "", " as ", " like "),
          Repair.as(
              DISH_LINE,
              "topping:",
              "compote",
              "compôte",
              "sauce",
              "glaze",
              "icing",
              "frosting",
              "filling",
              "coulis",
              "drizzle",
              "crumble"),
          Repair.of(
              LIST_ITEM,
              at -> at.group(1) + ",",
              "sauce\n",
              "syrup\n",
              "compote\n",
              "caramel\n",
              "jam\n",
              "cream\n"));

  private TakenBack() {}

  /** "10 g of it for the pan". */
  private static String rest(MatchResult at) {
    String place = at.group(3);
    boolean top = place.matches("(?i)top|plates?");
    return at.group(1) + " of it " + (top ? "on top" : "for the pan");
  }

  /** "soy milk, 300 ml". */
  private static String chosen(MatchResult at) {
    String measured = at.group(4) == null ? "" : at.group(4);
    return at.group(6) + " " + at.group(3) + measured;
  }
}
