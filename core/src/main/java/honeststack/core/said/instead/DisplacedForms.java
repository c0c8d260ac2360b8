package honeststack.core.said.instead;

import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * What is said where of two foods one takes the other's place. In the words there are commas for
 * all marks; "#" stands for a food right before them.
 */
public final class DisplacedForms {
  private static final String I = "(?:i|we|you|mine|ours|here|this one)";

  private static final String USE =
      "(?:use|used|take|took|put(?: in)?|adds?|added|did|do|have|had|has|got|gets?|go for|go with"
          + "|went for|went with|found|is|was|it's|reach(?:ed)? for|gave them)";

  private static final String THE = "(?: the| my| our| all| any| those| these| usual)*";

  /** What stands before the first, between the two and behind the second; null for anything. */
  record Form(Sought before, Sought between, Sought behind) {
    static Form of(String before, String between, String behind) {
      return new Form(
          before == null ? null : Sought.of("(?:^|.* )(?:" + before + ")" + THE),
          Sought.of(between),
          behind == null ? null : Sought.of("(?:" + behind + ")(?: .*)?"));
    }

    boolean is(String first, String middle, String last) {
      return between.isAll(middle)
          && (before == null || before.isAll(first))
          && (behind == null || behind.isAll(last));
    }
  }

  /** The first gives way, whatever the second is. */
  static final List<Form> FIRST =
      List.of(
          Form.of(
              null,
              "(?:(?:is|was|were|are|gets?|got|has been|have been|been) )?(?:now |then |just |since )?"
                  + "(?:(?:replaced|swapped|exchanged|changed|switched|traded)(?: out)? (?:by|with|for|to|into)"
                  + "|(?:substituted|subbed)(?: out)? (?:by|with))",
              null),
          Form.of(
              "the|my|our|those|these",
              "(?:have |has |had )?(?:now )?(?:became|become|becomes|turned into|turn into)",
              null),
          Form.of(
              "wrote|said|typed|put down|read|thought",
              "(?:, )?(?:but|and|when) (?:i |we )?(?:meant|mean|it was|it's|should be)(?: a| the)?",
              null),
          Form.of("no|not|never|without|forget|had no|have no", "(?:but )?", "instead"));

  /** The first gives way, and as much of the second is taken if it is not measured. */
  static final List<Form> SWAPPED =
      List.of(
          Form.of(
              "swap|swapp(?:ed|ing)|chang(?:e|ed|ing)|exchang(?:e|ed|ing)|trad(?:e|ed|ing)"
                  + "|switch(?:ed|ing)?|replac(?:e|ed|ing)|(?:swap|swapped|switch|switched) out",
              "(?:out )?(?:for|to|with|by|into|in favou?r of|(?:and|, so|,) (?:then )?(?:"
                  + I
                  + " )?"
                  + USE
                  + ")",
              null),
          Form.of("turn(?:ed|ing)?|make|made", "into", null),
          Form.of("substitut(?:e|ed|ing)|sub|subb(?:ed|ing)", "with|by", null));

  /** Between an amount that counts, and one that does not with the food of both. */
  static final Sought NOT =
      Sought.of(
          "(?:and )?(?:not|down from|up from|instead of|rather than|in place of|where it says|originally|formerly"
              + "|it (?:was|said|says)|was|reduced from|increased from)(?: the)?");

  /** The second may take the first's place. */
  static final Sought ALLOWED =
      Sought.of(
          "(?:(?:it|that|this|which) )?(?:can|could|may|might) (?:also )?be"
              + " (?:replaced|swapped|substituted|subbed)(?: out)? (?:by|with|for)");

  /** The second gives way. */
  static final List<Form> SECOND =
      List.of(
          Form.of("sub|substitut(?:e|ed|ing)|subb(?:ed|ing)", "for(?: the| my)?", null),
          Form.of(
              null,
              "(?:(?:is|are|was|were) )?(?:(?:as|is|being) )?(?:an? |my |the |our )?"
                  + "(?:replacement|substitute|stand-in|sub|alternative|substituted|standing in|subbed) (?:for|of)(?: the| my)?"
                  + "|in lieu of(?: the)?|(?:took|takes|taking) over from(?: the)?|(?:fills?|filled|filling|steps?"
                  + "|stepped|stepping|covers?|covered|sits?|deputis\\w+|pinch - hits?|makes? up)(?: in)? for(?: the)?"
                  + "|(?:does|do|doing) the (?:job|work) of(?: the)?|in (?:the )?place of(?: the)?",
              null));

  /** Between what binds and the eggs that it is: "= 1 egg", ", my egg", "makes one egg". */
  static final Sought FOR_EGG =
      Sought.of(
          "for (?:the|each of the|both|my)|(?:, |= )*(?:which |that |together |it )?"
              + "(?:=|equals?|(?:that's|that is|is|are|it's)(?: like| basically| meant to be)?|counts? as"
              + "|makes?(?: up)?|act(?:s|ing)? (?:as|like)|work(?:s|ing)? as|serv(?:es?|ing) as|stand(?:s|ing) in for|stands? for|does for|becomes?|goes in as"
              + "|used as|taking the role of)(?: (?:the|my|our|each|basically|for))*(?: (?:an?|one))?"
              + "|(?:, )?(?:my|our)");

  static final Sought MORE =
      Sought.of("(?:too|as well|also|more|extra|on top|besides|to go with)(?: .*)?");

  /** "Don't skip", "nothing without": then it stays. */
  private static final Sought KEPT =
      Sought.of(
          "(?:.* )?(?:don't|do not|never|not|nothing|couldn't|can't|cannot|wouldn't|won't)(?: ever| do| be)*"
              + " (?:skip|forget|leave out|omit|drop|without|scrap|ditch|miss)(?: .*)?"
              + "|(?:.* )?(?:sauce|compote|jam|coulis|pur[ée]e|syrup|cream|topping|filling|batter|mix|dough|spread|made|cooked|boiled|stewed|blended|whipped)"
              + " (?:from|out of)(?: the| about| some)*"); // what is made of it

  private DisplacedForms() {}

  /** "Don't forget the": what is said behind it stays. */
  public static boolean isKept(String before) {
    return KEPT.isAll(before);
  }
}
