package honeststack.core.said;

import java.util.List;
import java.util.regex.Pattern;

/**
 * What is said where of two foods one takes the other's place. In the words there are commas for
 * all marks; "#" stands for a food right before them.
 */
final class DisplacedForms {
  private static final String I = "(?:i|we|you|mine|ours|here|this one)";

  private static final String USE =
      "(?:use|used|take|took|put(?: in)?|adds?|added|did|do|have|had|has|got|gets?|go for|go with"
          + "|went for|went with|found|is|was|it's|reach(?:ed)? for|gave them)";

  /** Of an amount; what one gets or makes is counted in pieces. */
  private static final String DO =
      "(?:use|used|take|took|put(?: in)?|add|added|do|did|have|had|say|go for|go with|went for|went with)";

  private static final String NOW =
      "(?:now|nowadays|today|this time|this week|this morning|these days|new|after|mine|ours|here)";

  private static final String THEN =
      "(?:before|in the (?:book|original|recipe|old one|first one)|last time|last week|yesterday"
          + "|at first|until now|back then)";

  static final Pattern BEHIND_FIRST = Pattern.compile(THEN);

  private static final String THE = "(?: the| my| our| all| any| those| these| usual)*";

  /** What stands before the first, between the two and behind the second; null for anything. */
  record Form(Pattern before, Pattern between, Pattern behind) {
    static Form of(String before, String between, String behind) {
      return new Form(
          before == null ? null : Pattern.compile("(?:^|.* )(?:" + before + ")" + THE),
          Pattern.compile(between),
          behind == null ? null : Pattern.compile("(?:" + behind + ")(?: .*)?"));
    }

    boolean is(String first, String middle, String last) {
      return between.matcher(middle).matches()
          && (before == null || before.matcher(first).matches())
          && (behind == null || behind.matcher(last).matches());
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
          Form.of("no|not|never|without|forget|had no|have no", "(?:but )?", "instead"));

  /** The first gives way if the second may stand in for it. */
  static final List<Form> TOLD =
      List.of(
          Form.of(
              "leave out|left out|omit|omitted|skip|skipped|drop|dropped|ditch|ditched|lose|cut out"
                  + "|remove|removed|take out|took out|leave off|scrap|forget|without",
              "(?:(?:and|but|,|then) )+(?:(?:just|rather) )?(?:" + I + " )?" + USE + "(?: just)?",
              null),
          Form.of("(?:(?:moved|went|switched|gone|changed) )?from", "(?:over )?to", null),
          Form.of("no|not|never|without|forget|had no|have no|no longer", "but(?: with)?", null),
          Form.of(
              "had no|have no|(?:all |clean )?out of|no|hadn't|didn't have(?: any)?|haven't got|wanted"
                  + "|meant to (?:use|add|put)(?: in)?|supposed to be|should (?:be|have been)"
                  + "|going to (?:use|add)|planned(?: on)?|intended",
              "(?:left )?(?:(?:and|,) ?)*(?:(?:so|but|then) ?)+(?:"
                  + I
                  + " )?(?:(?:only|just) )?(?:"
                  + USE
                  + ")?(?: only| just)?"
                  + "|(?:left )?(?:(?:and|,) ?)*(?:"
                  + I
                  + " )?"
                  + USE
                  + "|left ,? ?(?:so|hence)?",
              null),
          Form.of(
              "(?:it|recipe|book|packet|box|card|original|blog|magazine|label|she|he|they|mum|mom|mother"
                  + "|gran|grandma|nan|dad|aunt|everyone|people|others)"
                  + " (?:says?|said|calls? for|called for|asks? for|asked for|has|had|wants?|wanted"
                  + "|takes?|took|uses?|used|suggests?|suggested|puts?)",
              "(?:(?:but|so|and|,) )*"
                  + I
                  + "(?: (?:just|always|only|usually|have|then))*(?: "
                  + USE
                  + ")?(?: with)?",
              null),
          Form.of(
              "(?<!# )(?:originally|formerly|previously|was|were|used to be|old|before|original|last time"
                  + "|last week|yesterday|normally|usually|traditionally|as a rule|the first time)"
                  + "(?: ?[,:])?(?: it (?:was|had|took)| (?:i|we) (?:put|use|used|take|took)| it's| with)*",
              "(?:(?:and|but|then|so|,) )*"
                  + NOW
                  + "(?: ?[,:])?(?: it's| it is| (?:i|we) \\w+| with)*",
              null),
          Form.of(null, THEN + "(?: ,)?(?: but| and)?", NOW + "|in mine|in ours|in this one"),
          Form.of(null, THEN + "(?: ,)?(?: but| and)? " + NOW + "(?: it's| (?:i|we) \\w+)?", null),
          Form.of(
              null,
              "(?:was|were|had|has)(?: all)? (?:gone|finished|off|empty|missing|run out|gone off|sour)"
                  + "(?: ,)?(?: (?:so|and|hence))+(?: (?:i|we))?(?: just)?(?: "
                  + USE
                  + ")?",
              null));

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
          Form.of("substitut(?:e|ed|ing)", "with|by", null));

  /** The amount behind counts, which is of no food. */
  static final List<Form> AMOUNTS =
      List.of(
          Form.of(
              null,
              "(?:(?:is|was|were|are|gets?|got|has been|have been) )?(?:now |then |just )?(?:changed|reduced"
                  + "|cut|increased|raised|upped|lowered|dropped|brought|trimmed)(?: down| up| back)? to(?: now)?",
              null),
          Form.of(
              null,
              "(?:(?:but|though|although|and|so|,) )*(?:really )?(?:it's|it is|it was|i'd (?:go with|use|do|say))"
                  + "(?: really| now| about)?",
              "|,.*|now.*|really.*|today.*"),
          Form.of(
              null,
              "(?:(?:but|though|although|and|,|it says|they say) )*(?:i|we)(?: (?:just|only|always|usually|really|now))* "
                  + DO
                  + "(?: about| only| just)?",
              "|,.*|now.*|today.*|and .*|instead.*"),
          Form.of(
              null,
              "(?:it (?:says|said)|"
                  + THEN
                  + "|originally)(?: ,)?(?: but| and)?(?: (?:i|we) "
                  + DO
                  + "| "
                  + NOW
                  + "(?: it's| (?:i|we) \\w+)?)?",
              "|,.*|" + NOW + ".*|in (?:mine|ours|this one).*"),
          Form.of(
              "i (?:thought|wrote|said|had|put)|(?:they|she|he|it|mum|mom|gran|grandma) \\w+|yesterday|last time",
              "(?:(?:but|though|and|so|,) )+(?:(?:it (?:was|is)|it's|i meant|i say|today|this time|now) ?)+",
              null),
          Form.of(null, "(?:(?:but|and|,) ?)*" + NOW + "(?: it's| (?:i|we) \\w+)?", "|,.*|and .*"),
          Form.of(
              null,
              "(?:(?:but|though|although|,) ?)*",
              "(?:is|was|would be|'s) (?:better|plenty|enough|best|right|what i \\w+)(?: .*)?|works better.*"),
          Form.of(
              null,
              "(?:isn't|wasn't|weren't|is not|was not|were not|turned out|proved|was|were|is)"
                  + " (?:quite )?(?:enough|too (?:much|little|many|few|thick|thin|sweet|dry|runny))(?: ,)?"
                  + "(?: (?:so|and|now|then))*(?: (?:i|we))?(?: "
                  + DO
                  + ")?",
              null));

  /** Between an amount that counts, and one that does not with the food of both. */
  static final Pattern NOT =
      Pattern.compile(
          "(?:and )?(?:not|down from|up from|instead of|rather than|in place of|where it says|originally|formerly"
              + "|it (?:was|said|says)|was|reduced from|increased from)(?: the)?");

  /** What may follow an amount that nothing more is said of. */
  static final Pattern CLOSED =
      Pattern.compile(
          "(?:,|and|but|then|now|today|actually|really|instead|in the end|here|in mine).*");

  /** The first gives way where both may stand for each other. */
  static final Pattern CORRECTED =
      Pattern.compile(
          "(?:(?:then|now|has|have) )?(?:becomes?|became|turns? into|turned into|ma[dk]es? way for"
              + "|gave way to|gives? way to|(?:is|are|it's) now|was turned into)(?: to)?"
              + "|(?!(?:but|and|so) no$)(?:(?:oh|ah|er|um|well|or|but|and|hm|hmm) ,? ?)*(?:actually ,? ?)?"
              + "(?:no|nope|sorry|scratch that|wait|i mean|i meant|or rather|rather|make that|correction"
              + "|strike that|scrap that|oops|actually|hang on|hold on|that (?:was|is) wrong|that's wrong"
              + "|that's not right|my mistake|my bad|update|edit|typo|scratch|it ought to be|ought to be|should (?:be|read|have been)|i tell a lie|forget that)"
              + "(?: ?,? ?(?:no|sorry|wait|i mean|i meant|it's|it was|make it|make that|that's|use|about|was"
              + "|the|it should be|actually|take|rather|today))*(?: ,)?");

  /** The second may take the first's place. */
  static final Pattern ALLOWED =
      Pattern.compile(
          "(?:(?:it|that|this|which) )?(?:can|could|may|might) (?:also )?be"
              + " (?:replaced|swapped|substituted|subbed)(?: out)? (?:by|with|for)");

  /** In brackets behind the first. */
  static final Pattern IN_BRACKETS =
      Pattern.compile(
          "(?:but )?(?:now|today|this time|(?:i|we) (?:do|did|go with|go for|prefer|add|say|only use|always use|just use|make it)|i (?:use|used|take|took|put|had only)|we (?:use|used)|mine(?: has)?|ours|corrected"
              + "|(?:in )?(?:my|our) version|here|=|→|replaced (?:by|with)|swapped for|changed to)");

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

  static final Pattern FOR_EGG = Pattern.compile("for (?:the|each of the|both|my)");

  static final Pattern MORE =
      Pattern.compile("(?:too|as well|also|more|extra|on top|besides|to go with)(?: .*)?");

  /** "Don't skip", "nothing without": then it stays. */
  private static final Pattern KEPT =
      Pattern.compile(
          "(?:.* )?(?:don't|do not|never|not|nothing|couldn't|can't|cannot|wouldn't|won't)(?: ever| do| be)*"
              + " (?:skip|forget|leave out|omit|drop|without|scrap|ditch|miss)(?: .*)?");

  private DisplacedForms() {}

  /** "Don't forget the": what is said behind it stays. */
  static boolean isKept(String before) {
    return KEPT.matcher(before).matches();
  }
}
