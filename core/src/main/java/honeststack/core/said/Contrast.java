package honeststack.core.said;

import java.util.regex.Pattern;

/**
 * What is told against something else, in whatever words: a plan, a rule or a time that is past
 * before the first of two foods, and what was done in the end by the second; or a word behind the
 * first that it is wrong. "Meant to use 50 g sugar, had to use 40 g honey", "officially 60 g
 * butter, in practice 45 ml oil", "2 eggs … no hang on, 1 banana".
 */
final class Contrast {
  private static final String PAPER =
      "(?:recipe|book|card|packet|box|blog|label|leaflet|instructions|video|page|site|magazine|original)";

  private static final String OTHER =
      "(?:gran|granny|grandma|nan|nana|mum|mom|mam|mother|father|dad|aunt|auntie|sister|brother|wife|husband"
          + "|she|he|they|people|folks|others|nobody|everybody|everyone|someone|cousin|neighbou?r|teacher|chef"
          + "|"
          + PAPER
          + ")";

  /** What was meant, ruled or once done. */
  private static final Pattern PLAN =
      cues(
          "going to (?:be|use|add|put|have|do)|about to (?:use|add|put)|meant (?:to (?:use|add|put|be|do|have|take)|for)"
              + "|did i say|planned|plan (?:on|to|was)|intend(?:ed)? (?:on|to)?|intended|supposed to(?: be)?|should've(?: been| had)?"
              + "|should (?:really )?(?:be|have(?: been)?)|ought to (?:be|have been)|would(?:'ve| have) (?:been|used)"
              + "|(?:theoretic|offici|tradition|origin|norm|usu|form|nomin|typic|classic|initi|ordinar|strict|ide)\\w*ly"
              + "|at first|first time|in theory|on paper|by the book|once|for years|for ages|years ago|back then"
              + "|back in the day|in the old days|as a (?:kid|child|girl|boy)|most people|most folks|most recipes|other people"
              + "|the (?:classic|proper|usual|old|original|real) (?:way|one|version|recipe)(?: is| was| has| had| uses)?"
              + "|"
              + OTHER
              + " (?:always |usually |still |only |would |might |could )?(?:says?|said|calls?|called|has|have|had|wants?|wanted|uses?|used|takes?|took|puts?|asks?|asked|suggests?|suggested"
              + "|swears?|swore|insists?|insisted|(?:goes|go|went) (?:for|with)|likes?|liked|prefers?|preferred|gets?|got|does|do|did|makes?|made|recommends?|recommended|tells?|told|adds?|added"
              + "|needs?|needed|reads?|sells|sold|lists?|states?|gives|gave)(?: (?:for|by|on|in|with|me|you))?"
              + "|where|until (?:last|this) \\w+|last (?:time|week|month|year)|wanted(?: to (?:use|add|put))?|hoped (?:for|to use)"
              + "|thought of(?: using)?|fancied|reached for|grabbed|couldn't be (?:bothered|arsed) with"
              + "|used to be|it says|they say|says|(?:the )?(?:dog|cat|kids) (?:ate|got|had|stole)|moved away from|from|off");

  /** So too right behind the first. */
  private static final Pattern RULED =
      Pattern.compile(
          "(?:, )?(?:(?:is|was|would be|might be)(?: the)? (?:tradition\\w*|classic|usual|normal|official|original|proper)"
              + "|(?:in theory|on paper|officially|by rights|strictly speaking|originally|it says|they say)(?=$| ,| but)(?: .*)?"
              + "|(?:on|per|as per|by|according to|in|says|said) (?:the|my|gran's|mum's|their|her|his) (?:\\w+ )?"
              + PAPER
              + "|was ,|were ,)(?:$|[ ,].*)");

  /** What was done, between the two. */
  private static final Pattern DONE =
      cues(
          "now(?! and (?:then|again))|nowadays|these days|lately|recently|today|tonight|this time|this morning|in practice|in reality"
              + "|realistically|in fact|in the end|in the bowl|went with|went for|gone with|going with|settled (?:for|on)"
              + "|had to (?:use|make do with|take|do)|made do with|ended up(?: with| using)?|wound up(?: with)?"
              + "|(?:i|we)(?:'ve| have| always| only| just| do| often)*"
              + " (?!(?:melt|heat|warm|fry|grease|brush|mix|beat|whisk|stir|top|serve|drizzle|pour|fold|also|then|need|weigh|think|guess|reckon|suppose|believe|know)\\w*\\b)[a-z']+"
              + "|mine|ours|my (?:version|way|own)|(?:in )?went(?: in)?|goes in|in (?:goes|comes|came)|is better|rather|instead|actually"
              + "|it became|it is now|it's now|there was only|there's only|only had|had only|was only|were only|found only|(?:in )?my bowl"
              + "|it was only|threw in|make it|make that|all i had|all we had|had to be|it had to be|towards|down to|up to|over to|cupboard said");

  /** So too right before the second. */
  private static final Pattern DONE_LAST = Pattern.compile("(?:.*[ ,])?(?:me|on)(?: ,| :)?");

  /** What was done, behind the second. */
  private static final Pattern DONE_BEHIND =
      Pattern.compile(
          "(?:(?:it )?(?:is|was|it's|'s) )?(?:now(?! and (?:then|again))|nowadays|these days|lately|today|tonight|this time|in practice|in reality"
              + "|instead|actually|rather|really|went in|goes in|(?:the )?(?:right|correct|better|plenty|enough)(?: one| amount)?|works|will do"
              + "|had to do|does it|it is|per me|(?:i|we) (?:do|did|use|used|put|take|took|say)(?=$| ,)|(?:in|for) (?:mine|ours)|in (?:the|my) bowl)(?: .*)?");

  /** Only where the second says so: "50 g sugar, er, 40 g honey rather". */
  private static final Pattern FILLED = Pattern.compile("(?:, )?(?:(?:er|erm|hmm|hm|um) ?,? ?)+");

  /** Between the two, the second gives way. */
  private static final Pattern THEN =
      Pattern.compile(
          "(?:.*[ ,])?(?:formerly|previously|originally|used to be|in for|used instead of|once"
              + "|(?:(?:al)?though|even (?:if|though)|whatever|no matter(?: what)?|despite what|never mind what|while|whereas)(?: the| my| our| their)? (?:"
              + OTHER
              + "|packet's|it) \\w+(?: \\w+)?)(?: the| about| for)*");

  private static final Pattern NOW_THEN =
      Pattern.compile(
          "(?:.* )?(?:now|this time|today|these days|nowadays)(?: ,)? (?:last (?:time|week|year|month)|before|yesterday|in the past|it was) #.*"
              + "|(?:.* )?(?:now|this time|today|these days|nowadays)(?: ,)? # (?:back (?:in the day|then)|before|last (?:time|week|year)|yesterday|in the past)");

  /** Directly before what is no more. */
  private static final Pattern AWAY =
      Pattern.compile(
          "(?:.* )?(?:ignore|disregard|lose|losing|lost|cutting out|axe|axed|bin|binned|banish|banished|retire|retired"
              + "|out goes|out go|out with|away with|away goes|bye bye|goodbye(?: to)?|farewell(?: to)?|short of|shy of|no sign of|exchange|trade|traded"
              + "|i've cut|we've cut|cut out|scrap|scrapped|strike|stopped (?:using|adding|buying)|gave up(?: on)?|given up(?: on)?|forget about|never mind)"
              + "(?: the| my| our| all| that| those)*");

  /** Right behind what is wrong. */
  private static final Pattern WRONG =
      Pattern.compile(
          "(?:, )?(?:(?:oh|ah|er|erm|um|uh|hmm|hm|well|ugh|aah|oops|eh|no|nope|nah|sorry|wait|but|and|actually) ,? ?)*"
              + "(?:(?:no|nope|nah)(?= ,)|sorry|hang on|hold on|wait(?! (?:until|till|for|a|an|\\d+|five|ten|while|before|there)\\b)|hold up|scratch|oops|whoops|well , really|really|typo|misprint|mistyped"
              + "|(?:is|was|were|are|that's|that is|that was|it's|it was)(?: a| an| just| my| the| all)? (?:wrong|mistake|error|typo|misprint|old (?:one|recipe|version|amount|list)|other (?:one|recipe|version)|last (?:week's|time's) (?:one|list)|slip|cake|muffins|crumpets|bread|scones)"
              + "|(?:didn't|don't|doesn't|never|won't|wouldn't) (?:agree|work|sit|suit|do|taste|go|help|like)\\b"
              + "|against|into thin air|went in the bin|went off|had gone|was no good|were no good|never again|was finished|no longer|fell|burnt|spilt|spilled|boiled over)"
              + "(?: .*)?");

  /** Then both count. */
  private static final Pattern BOTH =
      Pattern.compile(
          "(?:.* )?(?:(?<!but )then (?:i|we|you) (?:put|add|need|want|take)|as well|also|too|plus|together|both|later|next|after that|afterwards|in turn|along with|on top|beside|besides|mixed|half)(?: .*)?");

  /** Before an amount that is made of the one before it. */
  private static final Pattern TO =
      Pattern.compile(
          "(?:(?:but|though|which|that|and|now|,) ?)*(?:(?:i|we)(?:'ve| have)?(?: always| usually| just| since| now)* ?)?"
              + "(?:(?:cut|bumped?|upped|raised?|reduced?|lowered|brought|took|trimmed|dropped|pushed|scaled|increased?)"
              + "(?: (?:it|that|them|this))?(?: (?:right|back|up|down))* (?:to|at)|down to|up to now|back to)");

  private static final Pattern I_DO =
      Pattern.compile(
          "(?:is |was )?(?:(?:what )?(?:it|they|she|he|the \\w+) (?:says?|said|wants?) ,? ?)?(?:(?:but|though|although|and|so|,) ?)*"
              + "(?:i|we)(?:'d| would|'ve| have| always| usually| only| just| now| never)*"
              + " (?:stop at|say|stay at|stick (?:to|with|at)|go (?:for|with|up to|down to)|use|used|take|took|do|did|put(?: in)?|find|need|prefer|like|manage with|get by (?:on|with)|make do with|keep (?:it )?(?:to|at))"
              + "(?: (?:it|at|about|only|just|more like|closer to|nearer))*");

  private static final Pattern INTENT =
      Pattern.compile(
          "(?:.* )?(?:going|about|meant|planned|planning|intended|wanted|supposed|hoping|hoped) to (?:use|add|put(?: in)?|have|do|take)(?: the| some)?");

  private Contrast() {}

  private static Pattern cues(String any) {
    return Pattern.compile("(?:^|.*[ ,])(?:" + any + ")(?:$|[ ,].*)");
  }

  /**
   * @param before the words before the first of two foods that may stand in for each other
   * @param between those between them
   * @param behind those behind the second
   */
  static boolean isFirstGone(String before, String between, String behind) {
    String tail = behind.split(" , |^, ", 2)[0];
    if (between.matches("(?:.* )?(?:no|not|never|without|and(?: ,? ?(?:er|erm|hmm|um))?)")
        || BOTH.matcher(between).matches()
        || BOTH.matcher(tail).matches()) {
      return false;
    }
    return AWAY.matcher(before).matches() && !DisplacedForms.isKept(before)
        || WRONG.matcher(between).matches()
        || FILLED.matcher(between).matches() && DONE_BEHIND.matcher(tail).matches()
        || isPlan(before, between) && isDone(between, tail);
  }

  private static boolean isDone(String between, String tail) {
    return DONE.matcher(between).matches()
        || DONE_LAST.matcher(between).matches()
        || DONE_BEHIND.matcher(tail).matches();
  }

  /**
   * An amount behind that of a food: "200 ml milk in theory, 250 ml in practice", "100 g flour,
   * though I stop at 120 g".
   *
   * @param count the amount is a number alone, which may be of pieces
   */
  static boolean isRestated(String before, String between, String behind, boolean count) {
    return isFirstGone(before, between, behind)
        || TO.matcher(between).matches()
        || !count && I_DO.matcher(between).matches();
  }

  /** "Was going to use cream": right before a food that has no amount. */
  static boolean isPlanned(String before) {
    return INTENT.matcher(before).matches();
  }

  private static boolean isPlan(String before, String between) {
    return PLAN.matcher(before).matches() || RULED.matcher(between).matches();
  }

  /**
   * "40 g honey, formerly 50 g sugar", "40 g honey this time; last time 50 g sugar": the other way
   * round.
   */
  static boolean isSecondGone(String before, String between, String behind) {
    String tail = behind.split(" , |^, ", 2)[0];
    return !BOTH.matcher(between).matches()
        && !BOTH.matcher(tail).matches()
        && (THEN.matcher(between).matches() || NOW_THEN.matcher(between + " # " + tail).matches());
  }
}
