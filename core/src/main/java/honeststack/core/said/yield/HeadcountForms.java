package honeststack.core.said.yield;

import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * What parts of a sentence say of how many came out, what became of them and who had how many. In
 * the words "#" stands for each number.
 */
final class HeadcountForms {
  private static final String LEAD =
      "(?:(?:so|and|but|well|oh|then|(?:the |my )?yield(?: was| is|ed)?|had|i had|we had|:|in the end|in total|altogether|that's|that was|that makes|that made|it made|it gave|it does|it did|that gave|that did|call it|say|(?:ladled|poured|dished|fried|baked|cooked|turned|griddled|scooped)(?: out)?(?: into)?|me|us|i got|we got|i get|we get|i've got"
          + "|got|made|makes|gave|gave me|came out as|came to|comes to|ended up with|i|we|counted|i make it|about|around|roughly|only|just|exactly|eventually) )*";

  private static final String PIECES =
      "(?:(?:small|big|large|little|tiny|thin|thick|proper|real|good|decent|whole|full|nice|normal|fat) ?)*"
          + "(?:(?:small ones|big ones|thin ones|thick ones|large ones|little ones|good ones|ones|pancakes|waffles|crepes|crêpes|pieces|of them|of those|cakes|squares|galettes|discs|disks|rounds|rings|moulds|molds|hollows"
          + "|flapjacks|hotcakes|blini) )?";

  private static final String MORE =
      "(?:(?:, )?(?:in all|altogether|in total|all told|all in all|in the end|or so|give or take|i think|i reckon|(?:out of|from) (?:it|this|that)"
          + "|(?:if you don't count|not counting|not including|without|excluding|leaving out|plus|besides|apart from|except)(?: the)? (?:first|dud|leather|bad|burnt|broken|spoiled|spoilt|failed)(?: pancake| waffle)?(?: # | one)? ?(?:that went wrong|that stuck|that broke|i threw away)?"
          + "|for the (?:whole )?(?:lot|batch)|made|baked|fried|cooked|on the (?:rack|tray|wire|board)) ?)*";

  private static final String AFTER =
      "(?:(?:or so|for tomorrow|for later|for lunch|for breakfast|for the morning|over|already|still|today|now|tonight|by me|for me|for us|for the cook|on the table|in the freezer|for the freezer|in the fridge|in the oven|in the bin) ?)*";

  private static final String GONE =
      "(?:(?:got |were |was |have been |had to be )?(?:burnt|burned|broke|broken|ruined|spoiled|spoilt|stuck|inedible|thrown away|binned|a mess|rubbish|charcoal|went in the bin|in the bin|fell apart|thrown out|rejected|rejects?|duds?|torn|discarded|failed|no good|had to go"
          + "|fell on the floor|went wrong)(?: and (?:went|were|are) (?:in the bin|thrown away|to the (?:dog|birds|hens)))?)";

  /** What somebody did to those that were no good. */
  private static final String THREW =
      "(?:had to )?(?:binned|bin|threw|throw|chucked|chuck|lost|lose|burnt|burned|dropped|wasted|ruined|tossed|discarded|rejected|scrapped)";

  /** How they look, and that they were eaten. */
  private static final String LOOKS =
      "(?:(?:ugly|nice|nicely|pretty|round|perfect|perfectly|pale|dark|darker|brown|browned|golden|fluffy|crisp|crispy|light|soft|airy|lovely|delicious|misshapen|wonky|lopsided"
          + "|thick|thin|soggy|raw|flat|funny|odd|good|fine|edible|great|huge|big|small|large|bigger|smaller|beautiful|well|risen|done"
          + "|all|each|so|too|very|quite|rather|really|bit|a bit|a little|little|slightly|not|no|enough|and|or|but|still|a|the|eaten|were|was|ate|anyway|all the same|though|tasted|they|it|we|them"
          + "|i|in the middle|at the edges?|on one side|,)(?= |$) ?)+";

  /** "as big as a saucer", "thick as your thumb", "the size of a dinner plate". */
  private static final String AS_BIG =
      "(?:(?:each|all|about|every one|of them|they were|as|nearly|almost|roughly|,) )*"
          + "(?:(?:thick|big|large|wide|small|thin|tall|high) (?:as|like) (?:an?|my|your|the|our|#)? ?|(?:the )?size of (?:an?|my|your|the|#) )"
          + "(?:(?!#)\\S+ ){1,3}";

  /** In a phrase such as "four plates" the number is a word of it. */
  private static final String WORDS = "(?:two|three|four|five|six)";

  private static final String PLATED = "(?:plates?|portions?|servings?|stacks?|covers?|helpings?)";

  private static final String DID =
      "(?:had|ate|eat|eats|got|gets|get|have|has|took|managed|only managed|could only eat|could eat|could manage|put away|finished|wanted|wants|want)";

  private static final String CROWD =
      "(?:of us|of them|of you|people|kids|adults|guys|blokes|ladies|men|women|mates|children|grown - ups|girls|boys|lads|guests|friends|eaters|grandchildren|students|campers|hungry people|mouths)";

  private static final String MANY =
      "(?:the |my |our )?(?:we|they|us|kids|lads|girls|boys|children|adults|grown - ups|guests|twins|grandchildren|others|rest|men|women|teenagers|little ones)";

  private static final String ONE = "(?:i|me|he|she|(?:my|the|our|his|her) (?:other half|\\w+))";

  /** What a part of the sentence says. */
  enum Says {
    TOTAL,
    THERE,
    ANOTHER,
    LOST,
    SOME,
    SOLD,
    NOTHING,
    AGES,
    AT_ONCE,
    ONE_ATE,
    EACH_OF_MANY,
    EACH_FOR,
    SO_MANY_ATE,
    HEADS,
    EACH
  }

  record Form(Says says, Sought words) {
    static Form of(Says says, String words) {
      return new Form(says, Sought.of("(?:" + words + ") ?"));
    }
  }

  private static final String OF = "(?:of (?:them|those|which|these) |of which )?";

  static final List<Form> FORMS =
      List.of(
          Form.of(
              Says.TOTAL,
              "(?:i|we) had (?<n># )(?=(?:[,;] )?(?:(?:but|and|of which) )?(?:i |we |they )?(?:"
                  + THREW
                  + "|ate|froze|kept|gave) )"),
          Form.of(
              Says.SO_MANY_ATE,
              "(?:the )?(?<k># )" + CROWD + " (?:" + DID + " )?(?<n># )each(?: of them)?"),
          Form.of(
              Says.EACH_FOR,
              LEAD
                  + "(?:enough for )?(?<n># )"
                  + PIECES
                  + "(?:each|apiece) (?:, )?(?:for )?(?:the )?(?<k># )"
                  + CROWD),
          Form.of(
              Says.EACH_FOR,
              "(?:for |with |there's |there are |there were |we're |we were |we are )(?:the )?(?<k># )(?:"
                  + CROWD
                  + " )?(?:, )?(?:at |so )?(?<n># )(?:each|apiece)"),
          Form.of(
              Says.LOST,
              "(?:of which |though |although )?(?:the )?(?<n># )" + OF + "(?:ones )?" + GONE),
          Form.of(
              Says.LOST,
              "(?:of which )?(?:(?:i|we|they) )?"
                  + THREW
                  + " (?:the |another |out |away |about |maybe )*(?<n># )"
                  + OF
                  + "(?:out|away|in the bin)?"),
          Form.of(
              Says.LOST,
              "(?:minus|less|except|except for|not counting) (?:the |those )?(?<n># )(?:that |which )?(?:i |we )?(?:that )?(?:burnt|burned|binned|dropped|broke|stuck|tore|lost|ruined|threw away)"),
          Form.of(
              Says.EACH_FOR,
              LEAD
                  + "(?<n># )(?:to |on |per |for |at )?(?:a |# |each |every |the )?"
                  + PLATED
                  + "(?: (?:,|and|for|so|makes))* (?:the |makes )?(?<k># |"
                  + WORDS
                  + " )"
                  + PLATED),
          Form.of(
              Says.EACH_FOR,
              "(?:that's |that does |it did |for )?(?<k># |"
                  + WORDS
                  + " )"
                  + PLATED
                  + "(?: (?:,|and|with|at|of))* (?<n># )(?:on |to |for |per |an? )?(?:each|a plate|# plate|plate|every one|apiece)"),
          Form.of(
              Says.EACH_FOR,
              "(?:a|each|one) "
                  + PLATED
                  + " (?:is|was|=|means|has) (?<n># )"
                  + PIECES
                  + "(?:(?:,|and|it|we|that|this|i|there|did|had|made|makes|make|were|sold|came to|are|does|do|gave|gives|so) )*(?<k># )"
                  + PLATED),
          Form.of(
              Says.SOLD,
              "(?:(?:i|we|they) )?(?:sold|gave away|gave out|handed out|dished out) (?:about |around |another |the other )?(?<n># )(?:of them )?"),
          Form.of(
              Says.SOME,
              "(?:of which )?(?:the other )?(?<n># )"
                  + OF
                  + "(?:went|are|were|is|was|go|got|left|still|i froze|froze|for) (?:left |eaten |frozen |to |for |in |on |over |the |my |me |us |a |tomorrow |freezer |table |neighbours? |friend )*"
                  + AFTER),
          Form.of(
              Says.SOME,
              "(?:(?:there (?:were|was|are|is)|we had|i had|i've|we've|with|and) )?(?<n># )"
                  + OF
                  + "(?:left|to spare|over|leftover|spare)(?: over)? ?"
                  + AFTER),
          Form.of(
              Says.SOME,
              "(?:(?:i|we) )?(?:froze|freeze|kept|saved|gave away|gave|wrap|wrapped|pack|packed|bag|bagged|put away|put by|keep|save) (?:up )?(?:the other )?(?<n># )"
                  + OF
                  + AFTER),
          Form.of(
              Says.SOME,
              "(?:we|they|the kids|the children) (?:ate|eat|finished|scoffed) (?<n># )(?:of them )?"),
          Form.of(
              Says.SOME,
              "(?<n># )(?:for )?(?:now|later|today|tomorrow|tonight|straight away|at once)"),
          Form.of(
              Says.NOTHING,
              "(?:the (?:rest|others|remaining # )|half of them|most of them|some of them|half|most|some) (?:are|is|went|go|goes|were|got|gets) [^#,]*"),
          Form.of(
              Says.NOTHING,
              "(?:(?:i|we|and) )*(?:freeze|froze|kept|keep|saved) (?:most|some|half|the rest|the others|them|all)(?: of)?(?: them)? ?"
                  + AFTER),
          Form.of(
              Says.NOTHING,
              "(?:(?:and|the|my|we|i|they) )*(?:\\w+ )?(?:ate|finished|scoffed|wolfed|polished off|demolished) (?:most|some|half|all|them|the lot|every|nearly)(?: of)?(?: them)?(?: all)?(?: one)?(?: down)?(?: myself| ourselves)?"),
          Form.of(
              Says.NOTHING,
              "(?:(?:and|plus|the|our|my) )*(?:dog|cat|hens|birds) (?:got|had|ate|gets) (?:# |the first(?: # | one)?|the (?:dud|bad one|broken one))"),
          Form.of(
              Says.NOTHING,
              "(?:plus |and )?# (?:for|to) (?:the|our|my) (?:dog|cat|hens|birds|cook|pan|bin)"),
          Form.of(
              Says.NOTHING,
              "(?:though |although )?(?:# |the last(?: # | one)? ?(?:of them )?)(?:was |is |being |came out |a bit |a )*(?:tiny|small|smaller|thin|wonky|half size|half sized|only half|half|runt|misshapen|funny|odd|size)(?: size| one)?"),
          Form.of(
              Says.NOTHING,
              "(?:the )?# "
                  + OF
                  + "(?:ones )?(?:came out|turned out|did not turn out|didn't turn out|were|was|weren't|looked|#|a bit|a little|slightly|not|got|came) "
                  + LOOKS),
          Form.of(Says.NOTHING, "# (?:goes|rounds|panfuls|pans|loads|irons)"),
          Form.of(Says.NOTHING, AS_BIG),
          Form.of(Says.NOTHING, LOOKS),
          Form.of(
              Says.NOTHING,
              "(?:all )?(?:cut|halved|sliced|folded|broken|torn) (?:in|into) (?:# |quarters|halves|wedges|strips)"),
          Form.of(
              Says.NOTHING,
              "each (?:# |one |of them )?(?:breaks?|cuts?|splits?|broke|is cut|cut|folds?) (?:in|into) (?:# |quarters|halves)(?:hearts|pieces|squares|bits|wedges)?"),
          Form.of(Says.NOTHING, "each in (?:quarters|halves|#)"),
          Form.of(
              Says.NOTHING, "the first(?: # | one)? ?(?:doesn't|didn't|does not|never) counts?"),
          Form.of(
              Says.AGES,
              "(?:[^#@,]*\\b)?(?:kids?|girls?|boys?|children|daughters?|sons?|little ones|twins|toddlers?|grandchildren|nieces?|nephews?|grandson|granddaughter|baby|they)(?: who)? (?:are|is|was|were|'re|aged?|turned|just turned)(?: only| just| nearly| now)* # (?:(?:, |and )# )*(?:years old|year old|now)?"),
          Form.of(
              Says.NOTHING,
              "(?:it |they |i )?(?:should have been|was supposed to be|was meant to be|should have made|were meant to be|was expecting|expected|wanted|was hoping for) # (?:of them |pancakes )?"),
          Form.of(
              Says.ONE_ATE,
              "(?!i (?:got|get) )"
                  + ONE
                  + " (?:"
                  + DID
                  + " )?(?:about |only |just )?(?:the )?(?:other |last |remaining )?(?<n># )(?:of them|of those|myself|big ones|small ones|ones|pancakes)?"),
          Form.of(
              Says.EACH_OF_MANY,
              "(?:"
                  + MANY
                  + "|both of us|all of us) (?:all |both )?(?:"
                  + DID
                  + " )?(?<n># )(?:of them )?(?:each|apiece)"),
          Form.of(
              Says.HEADS,
              "(?:and )?(?:there's|there are|there were|there was|we're|we were|we are|with) (?<k># )(?:"
                  + CROWD
                  + "|(?:for |at |coming for )(?:breakfast|brunch|lunch|tea|supper|dinner|the table))"),
          Form.of(
              Says.HEADS,
              "(?:for|(?:(?:i|we) )?(?:(?:split|shared|divided|share|divide|split up|shared out) (?:(?:them|it|these|those|the lot) )?)?(?:up |out )?(?:between|among|amongst|by)|shared with) (?:the )?(?<k># )(?:"
                  + CROWD
                  + ")?"),
          Form.of(
              Says.EACH,
              "(?:everyone|everybody|each of us|each of them|we each|we all|all of us|they each|they all) (?:"
                  + DID
                  + " )(?<n># )(?:of them |each )?"),
          Form.of(
              Says.EACH,
              "(?:so |that's |which is |that was |i\\.e\\. |makes )*(?:(?:i|we) (?:do|reckon|allow|make|plan|serve|count|give|bake) )?(?<n># )(?:each|apiece)"),
          Form.of(
              Says.AT_ONCE,
              "(?<n># )(?:of them )?(?:fit |fits |go |goes |can go )?(?:in|into|on|onto) (?:(?:my|the|our) (?:pan|griddle|iron|skillet|hob)|in my pan)(?: at once| at a time)?|(?<n2># )(?:fit|fits|go|goes) (?:in my pan|in the pan|on the griddle)"),
          Form.of(
              Says.ANOTHER,
              "(?:(?:and|plus) )?(?:# |an? )(?:(?:small|smaller|tiny|little|half|mini|baby|wonky) (?:# |one)|tiddler|runt|scrap|bit|half)(?: for (?:the|our|my) (?:dog|cat|cook))?"),
          Form.of(
              Says.TOTAL,
              "(?:i |we )?(?:threw|chucked|binned|lost) (?:the |my )?first (?:one |# )?(?:away |out )?(?:, )?so (?<n># )(?:in all |in the end )?"),
          Form.of(
              Says.THERE,
              "there(?:'s| are| were| is| was) (?:(?:usually|always|normally|mostly|generally|often|about|around|nearly|just|over) )*(?<n># )"
                  + PIECES),
          Form.of(
              Says.TOTAL,
              "(?<n># )(?:it (?:was|is|were|made)|(?:come|came) out(?: of (?:it|that|this))?)"),
          Form.of(
              Says.HEADS,
              "(?:which (?:is|was|makes)|that's|that was|that makes|so|makes|or) (?<k># )"
                  + PLATED),
          Form.of(
              Says.EACH,
              "(?:each|every) (?:kid|child|guest|person|pupil|student|one|adult|plate|portion|head) (?:gets|has|had|got|takes|eats|is having|wants) (?<n># )"
                  + PIECES),
          Form.of(
              Says.EACH,
              "(?:(?:i|we) )?(?:sell|sold|serve|served|plate|plated|stack|stacked) (?:them |these )?(?:up )?in (?<n>twos|threes|fours|fives|pairs)"),
          Form.of(
              Says.EACH_FOR,
              "(?:an? |# )?(?:stack|plate|pile) of (?<n># )(?:for|to) each (?:of )?(?:the |my |our )?(?<k># )"
                  + CROWD),
          Form.of(Says.NOTHING, "(?:plus )?# for (?:me|myself|us|him|her|the cook)"),
          Form.of(Says.TOTAL, LEAD + "(?<n># )" + PIECES + MORE));

  static final Sought JOIN =
      Sought.of("(?:[,;:–—-] )?(?:(?:and|but|so|though|although|then|with|while|plus) )*");

  static final Sought ALL = Sought.of("\\b(?:altogether|got|get|made|counted|came out|first)\\b");

  static final Sought FOR = Sought.of("(?:for|between|split|shared|among|of which) ");

  private HeadcountForms() {}
}
