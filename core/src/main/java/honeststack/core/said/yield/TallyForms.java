package honeststack.core.said.yield;

import honeststack.core.said.words.Sought;

/**
 * Whole sentences that say what became of the pieces and who had how many; in them "#" stands for
 * each number.
 */
final class TallyForms {
  private static final String END = " ?[.!:;–—-]?";

  /** Some of all of them: the second number is of all. */
  static final Sought OF_THE =
      Sought.of(
          "(?:and |so )?(?:(?:i|we|you|they) )?(?:\\w+ )?(?:ate|froze|kept|saved|binned|gave(?: away)?|had|dropped|burnt)"
              + " # (?:out of|(?:of|out of) (?:the|those|these|my|our|all)) #(?: \\w+)?"
              + END);

  /** One number, and what is said of some of them. */
  static final Sought REMARK =
      Sought.of(
          "# (?:(?:\\w+ )?(?:ones|pancakes|waffles|crepes|pikelets) )?(?:, ?)?"
              + "(?:but (?:the|one|i|we)|not counting|without counting|counting|including|minus"
              + "|(?:when|if) (?:i|we|you)|depending|and (?:i|we) (?:froze|kept|ate|binned|gave))\\b[^#]*");

  /** "I got ten, the kids ate eight of those": the first is of all. */
  static final Sought OF_THEM =
      Sought.of(
          "(?:(?:i|we|it|they|you) )?(?:got|made|had|makes|make|there (?:are|were)) # "
              + "(?:(?:ones|pancakes|waffles|crepes|pikelets|of them|out of it) ?)?(?:[,;–-] |and |but |so )+"
              + "[a-z' ]*# (?:(?:of|out of) (?:them|those|these|which)\\b.*"
              + "|(?:got |were |was )?(?:stuck|burnt|burned|broke|tore|fell|ripped)\\b[^#]*)"
              + "|# (?:\\w+ )?(?:ones|pancakes|waffles|crepes|pikelets) (?:[,;–-] )?(?:and )?# "
              + "(?:of (?:them|those|which)\\b|went\\b|(?:are|were) (?:now )?(?:in|frozen))[^#]*");

  /** All of them, if what follows adds up to it. */
  static final Sought HAD = Sought.of("(?:and |so )?(?:i|we) (?:had|made|got|baked|fried) #");

  static final Sought FROM =
      Sought.of("# (?:from|out of|with) (?:this|that|it)(?: amount| lot| much| bowl)?" + END);

  /** "I eat the lot, that's nine", "that's nine of them". */
  static final Sought THATS =
      Sought.of(
          "(?:[^#]*[,;–-] )?(?:so |and |which )?(?:that's|that was|that made|that is|makes) #"
              + "(?: (?:of them|of those|then|altogether|in all|all told|for me))?"
              + END);

  /** "Between eight and ten, depending." */
  static final Sought ALONE = Sought.of("#(?: ,[^#]*)?" + END);

  static final Sought TRAYS_OF =
      Sought.of("# (?:trays|pans|rounds|pansful|sheets|goes|irons) of #" + END);

  static final Sought PLATES_OF = Sought.of("# (?:plates|portions|stacks|servings) of #" + END);

  /** So many for each of so many. */
  static final Sought PLATES =
      Sought.of(
          "# (?:per|a|to a|on each|to the) (?:plate|person|head|portion|serving|guest)(?: ,| and| for|) #"
              + " (?:plates|people|heads|portions|servings|guests)"
              + END);

  static final Sought STACKS =
      Sought.of(
          "(?:a|each|one) stack is # (?:,|and|so|;)? ?(?:it makes |there are )?# stacks" + END);

  static final Sought EACH_OF =
      Sought.of(
          "(?:each|every one|all) of (?:the|us|them|my|our) # (?:got|gets|had|has|ate|eats|get|have) #(?: each)?"
              + END);

  static final Sought PORTIONS =
      Sought.of("# (?:\\w+ )?in # (?:portions|servings|plates|stacks)" + END);

  private static final String SOME =
      "(?:about |only |just |over |almost )?(?:half|a half|a third|two thirds|a quarter|three quarters|most"
          + "|½|¼|¾|⅓|⅔|1/2|1/3|1/4|2/3|3/4|the rest|rest|the other half|the remainder)"
          + "(?: of (?:it|them|these|those|that|the (?:batch|lot|pancakes|waffles|stack)))?";

  private static final String BECAME =
      "(?:ate|eaten|had|finished|froze|frozen|kept|saved|binned|gone|left|gave away|given away|in the"
          + " (?:freezer|fridge)|for (?:later|tomorrow))";

  private static final String FATE =
      "(?:(?:so|and|then|but|i|we|he|she|they|is|was|were|are|the kids) )*(?:"
          + BECAME
          + " "
          + SOME
          + "|"
          + SOME
          + " "
          + BECAME
          + "|"
          + SOME
          + " (?:is |are |went |goes |go )?(?:still )?(?:to|in|for) (?:the|my|our) [a-z]+"
          + "|(?:the )?(?:kids|rest of us|dog|others|neighbours|family) (?:had |ate |got )?"
          + SOME
          + ")(?: today| this morning| myself| already| over)?";

  /** "I ate half, froze half." */
  static final Sought PART_EATEN = Sought.of(FATE + "(?: ?[,;&]? ?(?:and )?" + FATE + ")*" + END);

  static final Sought ONE_PORTION =
      Sought.of(
          "(?:so |and )?(?:that's|it's|this is|this makes|makes|that makes|for) (?:just |only )?(?:one|1|a|a single) (?:portion|serving)"
              + END);

  /** "I make one only", "just the one, a big one". */
  static final Sought ONE =
      Sought.of(
          "(?:(?:so|and|that|it|this|i|we|always) )*(?:(?:makes?|made|gives?|gave|bakes?|baked) (?:me )?(?:just |only |exactly )?|(?:it's |get |got |gets )?(?:just|only) )(?:the )?(?:one|1)"
              + "(?: only|(?: ,)?(?: a)? (?:big|large|huge|thick)(?: one)?)?"
              + END);

  private TallyForms() {}
}
