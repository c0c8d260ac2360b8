package honeststack.core.said.supposed;

import honeststack.core.said.words.People;
import honeststack.core.said.words.Sought;

/** The words of sentences that only suppose: of a condition, another version, cook or time. */
public final class HypotheticalForms {
  private static final String STATE =
      "(?:thick\\w*|thin|thins|thinner|runny|runnier|stiff\\w*|dry|wet|loose|sloppy|claggy|gloopy|heavy"
          + "|dense|sticky|tight|liquid|lumpy|pour|flow|spread|stands?|stood|standing|humid|small|big"
          + "|large|huge|tiny|pale|sticks?|stuck|drags?)";

  private static final String NAMED = People.KIN;

  /** It is of another time, or of others, whatever it names. */
  static final Sought ELSEWHERE =
      Sought.of(
          "\\b(?:some|most|other|many|lots of|a lot of) (?:people|cooks|recipes|folks?|versions?|books|families)\\b"
              + "|\\bothers (?:put|use|add|like|swear)\\b"
              + "|^(?:(?:and|but|or|of course|also|then) ,? ?)*(?:(?:you|one|people|anyone) (?:can|could|might|may)|feel free to)(?: (?:also|always|even|easily|of course|then|just))* (?:add|(?:stir|fold|throw|put|mix|toss|slip|sneak|drop|blend|grate) (?:in|through))\\b"
              + "|\\b(?:i'd|we'd|i would|we would) (?:put|add|use|stir)\\b.* ,? ?but (?:my|the|she|he|they|nobody|i (?:can't|don't|won't|daren't)|we (?:can't|don't|won't))\\b"
              + "|^(?:sometimes|usually|normally|often)\\b.* (?:(?:but )?(?:today|tonight|this time) (?:i|we) (?:didn't|did not|haven't|left (?:it|them) out)|but not (?:today|tonight|this time))\\b"
              + "|\\b(?:she|he|they) (?:always |usually )?(?:puts?|takes?|uses?|likes?|has|have|adds?|wants?)\\b.*\\b(?:in|into) (?:hers|his|theirs)\\b"
              + ("|\\b(?:my|her|his|our|the) (?:\\w+ )?(?:" + NAMED + "'s|kids|kids ?'|children's)")
              + " (?:version|recipe|one|ones) (?:has|had|uses|used|takes|is|was)\\b"
              + "|\\b(?:i|we)(?:'ve| have)? (?:also )?(?:seen|read|heard)\\b"
              + "|\\b(?:i've|we've|i have|we have) (?:also )?(?:done|made|tried) (?:it |them |these |this )?with\\b"
              + "|\\b(?:last|next|another|the first|the other|the second) (?:time|week|month|year|weekend)\\b"
              + "|\\b(?:used to|back then|in the past|years ago|in the old days|in those days"
              + "|before the \\w+ it)\\b|\\b(?:i|we|he|she) once (?!rested)|\\bone day i"
              + "|\\b(?:need|want|take|reckon|allow|use|rule|about|roughly) .*\\b(?:for|to) every (?:\\d|hundred|cup|egg)"
              + "|\\bwith .* for years\\b|^(?:as an? (?:student|child|kid|boy|girl|teenager|young \\w+)|when (?:i|we|she|he) (?:was|were)|on holiday|back (?:home|when)"
              + "|in my (?:day|time|youth|student)) ?,? ?(?:\\w+ )*(?:i|we|it|they|she|he|it's)\\b"
              + "|^(?:in|during) (?:the )?(?:summer|winter|autumn|fall|spring|season)\\b|^(?:at|for) (?:christmas|easter|parties|birthdays)\\b"
              + "|\\b(?:might|may) try\\b|\\b(?:would|'d) like to try\\b|\\bwould be (?:nicer|better|lovelier|richer)\\b"
              + "|\\bthe (?:\\w+ )?(?:version|original|card|recipe|one)(?: \\w+){0,3} (?:had|used|called for|asked for)\\b"
              + "|\\bsame (?:recipe|batter|thing|mix)? ?(?:at home |otherwise )?but (?:with|\\d)"
              + "|\\bthe original (?:has|is|uses|takes|wants)\\b"
              + "|\\b(?:there (?:are|were|was|is)|(?:i|we) (?:have|had|keep|kept)|(?:i|we)'ve)\\b.*\\b(?:left|in (?:the|my|our)"
              + " (?:fridge|cupboard|freezer|larder|pantry))(?: ,.*)? ?[.!]?$"
              + "|\\bthe (?:shop|supermarket|bought|packet|diner|caf[eé]|hotel|restaurant)(?: \\w+)? (?:ones (?:have|had|are)|does|do|has|have|uses?|puts?)\\b");

  /** It was not done yet. */
  static final Sought LATER = Sought.of("\\b(?:next time|another time|next (?:week|batch))\\b");

  /** "Mum's way was 40 g butter and 2 eggs, which is what I made." */
  public static final Sought SO_DONE =
      Sought.of(
          "\\b(?:that's|that is|which is|this is|that was|which was|just|exactly) what (?:i|we)"
              + " (?:did|do|made|make|used|use|followed|went with|put in)\\b"
              + "|\\b(?:i|we) did (?:just |exactly )?(?:that|so|the same)\\b|\\bso (?:did|do|have) (?:i|we)\\b");

  /** Somebody else's way. */
  static final Sought SOMEBODY =
      Sought.of(
          "\\b(?:my|her|his|our|the|a) (?:\\w+ )?"
              + NAMED
              + "(?: (?:in|from) \\w+)? (?:adds|puts|uses|used to|swears by|swore by|takes)\\b");

  /** Whose the recipe may be. */
  static final Sought COOK = Sought.of("\\b" + NAMED + "\\b");

  /** If it is so, and not as soon as it is. */
  static final Sought IF =
      Sought.of("\\b(?:if|should|in case|depending|too|might|may)\\b|^(?:in|on) ");

  /** What goes in for those who like it. */
  static final Sought LIKED =
      Sought.of(
          "(?:and |or |, )?(?:if (?:you |we )?(?:like|liked|want|wanted|desired|wished|fancy)|never less than|no less than)"
              + "(?: it)? ?,? ?(?:about )?[\\d½¼¾]");

  /** Another version, if the cook does not say that it is so done here. */
  static final Sought VERSION =
      Sought.of(
          "^(?:for|to make|to get|to do) (?:it |them |these |this |an? |the )?(?:\\w+ )?(?:thicker|thinner"
              + "|fluffier|crispier|richer|lighter|bigger|smaller|sweeter|softer|larger|double|half"
              + "|single|crowd|savoury|savory|vegans?|dairy[- ]free|gluten[- ]free|egg[- ]free"
              + "|something|twice as many|\\w+er (?:pancakes?|waffles?|ones?|batter|result|crumb|bite))\\b"
              + "|^(?:vegans?|coeliacs?|celiacs?|to veganise|to veganize|(?:an? )?(?:vegan|dairy[- ]free"
              + "|gluten[- ]free|egg[- ]free) (?:version|one|ones))\\b"
              + "|^(?:if|when) (?:doubling|tripling|halving|scaling|making|feeding|you (?:double|triple|halve))\\b"
              + "|^with (?!the |this |that |it )(?:\\w+ ){1,2}(?:you|it|they|this)(?:'ll| will)? needs?\\b"
              + "|^(?:if|when|in case|should) (?:you|we|they|i|one)(?:'ve|'re)? (?:don't have|do not have|haven't|have (?:no|none)|got no"
              + "|are out|out of|run out|running out|ran out|can't (?:find|get|have)|cannot (?:find|get|have)|lack|are short of)\\b"
              + "|^if (?:you're|you are|we're|i'm) (?:feeding|cooking|making|doing|more|many)\\b");

  /** The batter's state, or the weather's. */
  static final Sought CONDITION =
      Sought.of(
          ("^(?:\\W*(?:and|but|so|oh|note|tip) ?[,:]? ?)?(?:if|should|in case|when|whenever|depending on)\\b.{0,60}?\\b"
                  + STATE)
              + "\\b"
              + ("|^(?:the |your )?(?:batter|mix|mixture|it)? ?(?:is |seems |looks )?too " + STATE)
              + "\\b"
              + "|^(?:in|on) (?:humid|hot|cold|warm|dry|damp) (?:weather|days?)\\b"
              + "|\\b(?:if|when|in case) (?:it|they|the (?:batter|mix)|you)\\b.{0,30}?\\b"
              + STATE
              + "\\b|\\bif (?:the|your) \\w+ (?:is|are)\\b|^if your\\b|^depending on\\b");

  static final Sought MORE =
      Sought.of(
          "\\b(?:more|extra|another|further|additional|splash|dash|loosen|slacken|thin (?:it|with|down|out)|let it down|less"
              + "|fewer|up to|add|use|need|helps?)\\b");

  /** No tin. */
  private static final String CAN =
      "\\bcan(?= (?:be|use|add|also|take|go|swap|replace|do|have|put|get|make|try|leave|skip|just|always|even|easily))\\b";

  /** Some of what is measured before, not yet put in. */
  static final Sought HELD =
      Sought.of(
          "\\b(?:hold|holding|keep|keeping|leave|leaving|set|put)\\b.*\\b(?:back|aside|out (?:until|till)|to one side)\\b"
              + "|\\b(?:reserve|reserving|save)\\b");

  /** May be so. */
  static final Sought MAY =
      Sought.of(
          "\\b(?:may|might|could|would|you'd|they'd|it'd|that'd|possible|get away|maybe|perhaps|usually|normally"
              + "|typically|ordinarily|says|wants|calls for|asks for|needs|if|unless)\\b|"
              + CAN
              + "|^for \\S+ ?,? (?:use|take|you(?:'d|'ll)? need)\\b");

  /** Does as well. */
  static final Sought CHOICE =
      Sought.of(
          CAN
              + "|\\b(?:could|works? (?:too|as well|fine|also)|just as good|is (?:fine|ok|good) too)\\b");

  /** How it is after all. */
  static final Sought NOW =
      Sought.of(
          "\\b(?:today|now|nowadays|this (?:time|week|month|year|weekend)|these days|mine|ours)\\b");

  /** The cook does so here and now. */
  static final Sought DONE =
      Sought.of(
          "\\b(?:today|this time|now i|now we|so (?:i|we|\\d+|an?|another|some|half)|ended up)\\b"
              + "|\\b(?:i|we) (?:always |usually |then |also |still )?(?:add|stir|put|use|fold|throw|mix|take|chuck"
              + "|whisk|tip|sprinkle|like to)\\b"
              + "|\\bif (?:you|i|we)(?:'d)? (?:like|want|fancy|have|prefer|wish|feel)\\b"
              + "|\\b(?:never|not|don't) (?:skip|miss|do without|leave)\\b"
              + "|\\b(?:i|we|she|he) don't\\b.*\\binstead\\b"
              + "|\\b(?:remaining|rest|last|second) (?:of|\\d|bit)\\b|\\btaught me\\b|\\bsaid to\\b|\\bsays to\\b");

  /** What a sentence begins with before it says what is done. */
  static final Sought LEAD =
      Sought.of(
          "^(?:(?:then|next|now|and|so|finally|first|second|third|also|plus|meanwhile|after that|afterwards"
              + "|lastly|last|to finish|at the end|in the end|ok|okay|right|when (?:it|they)\\b[^,]*,|once\\b[^,]*,"
              + "|[\\d.)]+) ?,? ?)*");

  /** Something is done with it, or it is needed. */
  static final Sought ACTS =
      Sought.of(
          "\\b(?:i|we)\\b(?! (?:bought|found|counted|got|read|heard|saw|think|'ve|have (?:done|made|tried|had)|had them|'d|would|could"
              + "|might|once|never|don't|used to))"
              + "|\\b(?:goes?|went|gets?|got|is|are|was|were|be) (?:\\w+ )?(?:in|into|added|stirred|whisked|folded"
              + "|beaten|mixed|needed|used|melted)\\b"
              + "|\\b(?:you|you'll|we'll|it|they|this|that|it'll) (?:will )?(?:needs?|takes?|wants?)\\b"
              + "|\\b(?:more|another|extra|further|also|plus|too|as well|again|remaining|rest|other|second)\\b"
              + "|\\b(?:he|she|they|it) (?:then |also )?(?:adds?|puts?|puts in|pours?|stirs?|beats?|whisks?|mixes)\\b");

  public static final String[] SUBJECTS = {
    "i", "we", "he", "she", "it", "they", "you", "there", "it's", "that's", "i've", "who", "which",
    "would"
  };

  /** Third persons that are no step of the work. */
  public static final String[] TELLS = {
    "asks",
    "suggests",
    "calls",
    "says",
    "wants",
    "uses",
    "has",
    "sells",
    "likes",
    "thinks",
    "reckons",
    "insists",
    "recommends",
    "drinks",
    "needs",
    "burn",
    "burns",
    "think"
  };

  public static final String[] AUXILIARY = {
    "is", "are", "was", "were", "be", "has", "have", "had", "do", "does", "did", "would", "could",
    "should", "can", "may", "might", "will", "need", "needs"
  };

  static final Sought QUESTION =
      Sought.of(
          "^(?:no|out of|got no|(?:you )?(?:haven't|have not|hasn't) (?:got )?(?:any)?|can't (?:find|get|have|eat)|run out of|ran out of"
              + "|(?:you )?(?:don't|do not) (?:have|like|eat|want|own|drink)|(?:allergic|intolerant) to|short (?:of|on)|missing|hate|not (?:keen on|fond of|a fan of))\\b.*"
              + "|^(?:sweet|sweeter|savoury|spicy|spicier|richer|rich|fluffier|thicker|thinner|crispy|crispier|lighter|hungry|hungrier) \\?|^(?:.* )?(?:(?:too )?"
              + STATE
              + "|vegans?|(?:dairy|gluten|egg)[- ]free)\\b");

  static final Sought NOT_ME = Sought.of("\\b(?:i|we) (?:don't|never|won't|wouldn't)\\b");

  private HypotheticalForms() {}
}
