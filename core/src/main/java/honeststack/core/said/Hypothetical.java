package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.line.Place;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sentences behind a list that measure what is not in it: on a condition ("if it's too thick add 50
 * ml more milk"), in another version ("for a double batch use 4 eggs"), by somebody else ("some
 * people add 20 g sugar"), at another time ("last time I used 400 ml milk"), or only in thought
 * ("next time maybe 40 g butter"). What is not told so firmly is taken back only where the list
 * measures the food, or one that it may stand in for: that becomes a choice.
 */
final class Hypothetical {
  /** Fewer measured foods are no list. */
  private static final int LISTED = 2;

  /** So many are a list of their own. */
  private static final int OWN = 3;

  private static final String STATE =
      "(?:thick\\w*|thin|thins|thinner|runny|runnier|stiff\\w*|dry|wet|loose|sloppy|claggy|gloopy|heavy"
          + "|dense|sticky|tight|liquid|lumpy|pour|flow|spread|stands?|stood|standing|humid|small|big"
          + "|large|huge|tiny|pale|sticks?|stuck|drags?)";

  private static final String NAMED =
      "(?:friend|mum|mother|mom|gran|nan|grandma|granny|grandmother|sister|brother|aunt|auntie|uncle"
          + "|neighbour|neighbor|friend|husband|wife|mate|boss|colleague|daughter|son|flatmate|dad"
          + "|father|mother-in-law|sister-in-law|cousin|ex|partner)";

  /** It is of another time, or of others, whatever it names. */
  private static final Pattern ELSEWHERE =
      Pattern.compile(
          "\\b(?:some|most|other|many|lots of|a lot of) (?:people|cooks|recipes|folks?|versions?|books|families)\\b"
              + "|\\bothers (?:put|use|add|like|swear)\\b"
              + ("|\\b(?:my|her|his|our|the|a) (?:\\w+ )?" + NAMED)
              + "(?: (?:in|from) \\w+)? (?:adds|puts|uses|used to|swears by|swore by|takes)\\b.*"
              + ("|\\b(?:my|her|his|our|the) (?:\\w+ )?(?:" + NAMED + "'s|kids|kids ?'|children's)")
              + " (?:version|recipe|one|ones) (?:has|had|uses|used|takes|is|was)\\b"
              + "|\\b(?:i|we)(?:'ve| have)? (?:also )?(?:seen|read|heard|done (?:it|them) with|made (?:it|them) with|tried (?:it|them)? ?with)\\b"
              + "|\\b(?:last|next|another|the first|the other|the second) (?:time|week|month|year|weekend)\\b"
              + "|\\b(?:used to|back then|in the past|years ago|in the old days|in those days"
              + "|before the \\w+ it)\\b|\\b(?:i|we|he|she) once (?!rested)|\\bone day i"
              + "|\\bwith .* for years\\b|^(?:as an? \\w+|when (?:i|we|she|he) (?:was|were)|on holiday|back (?:home|when)"
              + "|in my (?:day|time|youth|student)) ?,? ?(?:\\w+ )*(?:i|we|it|they|she|he|it's)\\b"
              + "|\\b(?:might|may) try\\b|\\b(?:would|'d) like to try\\b|\\bwould be (?:nicer|better|lovelier|richer)\\b"
              + "|\\bthe (?:\\w+ )?(?:version|original|card|recipe|one)(?: \\w+){0,3} (?:had|used|called for|asked for)\\b"
              + "|\\bthe original (?:has|is|uses|takes|wants)\\b");

  /** Another version, if the cook does not say that it is so done here. */
  private static final Pattern VERSION =
      Pattern.compile(
          "^(?:for|to make|to get|to do) (?:it |them |these |this |an? |the )?(?:\\w+ )?(?:thicker|thinner"
              + "|fluffier|crispier|richer|lighter|bigger|smaller|sweeter|softer|larger|double|half"
              + "|single|crowd|savoury|savory|vegans?|dairy[- ]free|gluten[- ]free|egg[- ]free"
              + "|something|twice as many|\\w+er (?:pancakes?|waffles?|ones?|batter|result|crumb|bite))\\b"
              + "|^(?:vegans?|coeliacs?|celiacs?|to veganise|to veganize|(?:an? )?(?:vegan|dairy[- ]free"
              + "|gluten[- ]free|egg[- ]free) (?:version|one|ones))\\b"
              + "|^if (?:you're|you are|we're|i'm) (?:feeding|cooking|making|doing|more|many)\\b");

  /** The batter's state, or the weather's. */
  private static final Pattern CONDITION =
      Pattern.compile(
          ("^(?:\\W*(?:and|but|so|oh|note|tip) ?[,:]? ?)?(?:if|should|in case|when|whenever|depending on)\\b.{0,60}?\\b"
                  + STATE)
              + "\\b"
              + ("|^(?:the |your )?(?:batter|mix|mixture|it)? ?(?:is |seems |looks )?too " + STATE)
              + "\\b"
              + "|^(?:in|on) (?:humid|hot|cold|warm|dry|damp) (?:weather|days?)\\b"
              + "|\\b(?:if|when|in case) (?:it|they|the (?:batter|mix)|you)\\b.{0,30}?\\b"
              + STATE
              + "\\b|\\bif (?:the|your) \\w+ (?:is|are)\\b|^if your\\b|^depending on\\b");

  private static final Pattern MORE =
      Pattern.compile(
          "\\b(?:more|extra|another|further|additional|splash|dash|loosen|slacken|thin it|let it down|less"
              + "|fewer|up to|add|use|need|helps?)\\b");

  /** No tin. */
  private static final String CAN =
      "\\bcan(?= (?:be|use|add|also|take|go|swap|replace|do|have|put|get|make|try|leave|skip|just|always|even|easily))\\b";

  /** Some of what is measured before, not yet put in. */
  private static final Pattern HELD =
      Pattern.compile(
          "\\b(?:hold|holding|keep|keeping|leave|leaving|set|put)\\b.*\\b(?:back|aside|out (?:until|till)|to one side)\\b"
              + "|\\b(?:reserve|reserving|save)\\b");

  /** May be so. */
  private static final Pattern MAY =
      Pattern.compile(
          "\\b(?:may|might|could|would|you'd|they'd|it'd|that'd|possible|get away|maybe|perhaps|usually|normally"
              + "|typically|ordinarily|says|wants|calls for|asks for|needs|if|unless)\\b|"
              + CAN
              + "|^for \\S+ ?,? (?:use|take|you(?:'d|'ll)? need)\\b");

  /** Does as well. */
  private static final Pattern CHOICE =
      Pattern.compile(
          CAN
              + "|\\b(?:could|works? (?:too|as well|fine|also)|just as good|is (?:fine|ok|good) too)\\b");

  /** How it is after all. */
  private static final Pattern NOW =
      Pattern.compile(
          "\\b(?:today|now|nowadays|this (?:time|week|month|year|weekend)|these days|mine|ours)\\b");

  /** The cook does so here and now. */
  private static final Pattern DONE =
      Pattern.compile(
          "\\b(?:today|this time|now i|now we|so (?:i|we|\\d+|an?|another|some|half)|ended up)\\b"
              + "|\\b(?:i|we) (?:always |usually |then |also |still )?(?:add|stir|put|use|fold|throw|mix|take|chuck"
              + "|whisk|tip|sprinkle|like to)\\b"
              + "|\\bif (?:you|i|we)(?:'d)? (?:like|want|fancy|have|prefer|wish|feel)\\b"
              + "|\\b(?:never|not|don't) (?:skip|miss|do without|leave)\\b"
              + "|\\b(?:i|we|she|he) don't\\b.*\\binstead\\b"
              + "|\\b(?:remaining|rest|last|second) (?:of|\\d|bit)\\b|\\btaught me\\b|\\bsaid to\\b|\\bsays to\\b");

  /** What a sentence begins with before it says what is done. */
  private static final Pattern LEAD =
      Pattern.compile(
          "^(?:(?:then|next|now|and|so|finally|first|second|third|also|plus|meanwhile|after that|afterwards"
              + "|lastly|last|to finish|at the end|in the end|ok|okay|right|when (?:it|they)\\b[^,]*,|once\\b[^,]*,"
              + "|[\\d.)]+) ?,? ?)*");

  /** Something is done with it, or it is needed. */
  private static final Pattern ACTS =
      Pattern.compile(
          "\\b(?:i|we)\\b(?! (?:read|heard|saw|think|'ve|have (?:done|made|tried|had)|had them|'d|would|could"
              + "|might|once|never|don't|used to))"
              + "|\\b(?:goes?|went|gets?|got|is|are|was|were|be) (?:\\w+ )?(?:in|into|added|stirred|whisked|folded"
              + "|beaten|mixed|needed|used|melted)\\b"
              + "|\\b(?:you|you'll|we'll|it|they|this|that|it'll) (?:will )?(?:needs?|takes?|wants?)\\b"
              + "|\\b(?:more|another|extra|further|also|plus|too|as well|again|remaining|rest|other|second)\\b"
              + "|\\b(?:he|she|they|it) (?:then |also )?(?:adds?|puts?|puts in|pours?|stirs?|beats?|whisks?|mixes)\\b");

  private static final String[] SUBJECTS = {
    "he", "she", "it", "they", "you", "there", "it's", "that's", "i've", "who", "which", "would"
  };

  private static final String[] AUXILIARY = {
    "is", "are", "was", "were", "be", "has", "have", "had", "do", "does", "did", "would", "could",
    "should", "can", "may", "might", "will", "need", "needs"
  };

  private static final Pattern QUESTION =
      Pattern.compile(
          "^(?:.* )?(?:(?:too )?" + STATE + "|vegans?|(?:dairy|gluten|egg)[- ]free)\\b");

  private static final Pattern NOT_ME =
      Pattern.compile("\\b(?:i|we) (?:don't|never|won't|wouldn't)\\b");

  private final List<Clause> read;
  private final Clause clause;
  private final String words;

  private Hypothetical(List<Clause> read, Clause clause) {
    this.read = read;
    this.clause = clause;
    this.words = clause.words(0, clause.size());
  }

  /**
   * Takes back what a sentence behind a list only supposes.
   *
   * @return whether it is of another time, or of others, and says nothing of what stands before it
   */
  static boolean in(List<Clause> read, Clause clause) {
    return isBehindList(read, clause) && new Hypothetical(read, clause).read();
  }

  private boolean read() {
    boolean done = DONE.matcher(words).find();
    boolean placed = isPlaced();
    boolean elsewhere = ELSEWHERE.matcher(words).find() && !NOW.matcher(words).find();
    boolean asked = !done && !read.isEmpty() && isAsked(read.get(read.size() - 1));
    boolean version = !done && !placed && (asked || VERSION.matcher(words).find());
    boolean state = !done && CONDITION.matcher(words).find() && MORE.matcher(words).find();
    boolean held = !placed && HELD.matcher(words).find();
    boolean alike = !done && !placed && CHOICE.matcher(words).find();
    boolean may = !done && !placed && (held || alike || MAY.matcher(words).find());
    boolean choice = version || alike;
    boolean refused = may && NOT_ME.matcher(words).find();
    for (Mention mention : List.copyOf(clause.mentions)) {
      Optional<Mention> other = choice ? standsFor(mention, version) : Optional.empty();
      if (other.isPresent() && !elsewhere && !state) {
        Alternatives.choose(other.get(), clause, mention);
      } else if (elsewhere
          || state
          || refused
          || version
          || may && isTold(mention)
          || held && mention.food == null) {
        drop(mention, state);
      }
    }
    if (elsewhere || state || version || may) {
      close();
    }
    return elsewhere || version || held;
  }

  /**
   * Takes back what a sentence behind a list measures again and puts nothing in: "The Dutch use 500
   * ml milk."
   */
  static void remark(List<Clause> read, Clause clause) {
    if (isBehindList(read, clause)) {
      Hypothetical said = new Hypothetical(read, clause);
      if (!said.isPlaced() && !DONE.matcher(said.words).find() && !said.isActive()) {
        List.copyOf(clause.mentions).stream().filter(said::isTold).forEach(m -> said.drop(m, true));
        said.close();
      }
    }
  }

  private static boolean isBehindList(List<Clause> read, Clause clause) {
    boolean food = clause.elements.stream().anyMatch(Element::isFood);
    if (!food || clause.mentions.stream().filter(Mention::isMeasured).count() >= OWN) {
      return false;
    }
    return read.stream()
            .flatMap(c -> c.mentions.stream())
            .filter(Mention::isMeasured)
            .limit(LISTED)
            .count()
        >= LISTED;
  }

  private boolean isPlaced() {
    return clause.heading() != Place.NOT_SAID
        || clause.elements.stream()
            .anyMatch(e -> e.is(Sort.PLATE, Sort.PLATE_NEXT, Sort.PAN, Sort.PAN_NEXT));
  }

  /** Where nothing of the sentence counts, no number of it is asked about. */
  private void close() {
    if (clause.mentions.isEmpty()) {
      clause.loose.clear();
      clause.batch = Optional.empty();
      clause.elements.stream()
          .filter(e -> e.isAmount() && (e.isFree() || e.part == Part.UNKNOWN))
          .forEach(e -> e.part = Part.METHOD);
    }
  }

  /** It says what is done, or nothing but what there is. */
  private boolean isActive() {
    Matcher lead = LEAD.matcher(words);
    int from =
        lead.lookingAt() && lead.end() > 0
            ? words.substring(0, lead.end()).strip().split(" ").length
            : 0;
    boolean verb = false;
    boolean finite = false;
    for (int i = 0; i < clause.size(); i++) {
      boolean does = clause.is(i, Sort.VERB) || clause.is(i, Sort.YIELD, Sort.SERVES);
      boolean auxiliary = clause.isWord(i, AUXILIARY);
      verb |= i <= from && does && !auxiliary;
      finite |= does || auxiliary || clause.isWord(i, SUBJECTS);
    }
    return verb || !finite || ACTS.matcher(words).find();
  }

  /** "Too thick?", "Vegan?": what follows answers. */
  private static boolean isAsked(Clause question) {
    return question.isMark(question.size() - 1, "?")
        && question.mentions.isEmpty()
        && QUESTION.matcher(question.words(0, question.size())).find();
  }

  private void drop(Mention mention, boolean all) {
    if (all || mention.isMeasured() || isTold(mention)) {
      clause.mentions.remove(mention);
      mention.mark(Part.METHOD);
    }
  }

  /** The list measures it. */
  private boolean isTold(Mention mention) {
    Optional<String> food = mention.known().map(Food::id);
    return food.isPresent()
        && read.stream()
            .flatMap(c -> c.mentions.stream())
            .anyMatch(m -> m.isMeasured() && m.known().map(Food::id).equals(food));
  }

  /** The last food of the list in whose place it may be taken, and which it is not. */
  private Optional<Mention> standsFor(Mention mention, boolean version) {
    if (mention.food == null || isTold(mention)) {
      return Optional.empty();
    }
    return read.stream()
        .flatMap(c -> c.mentions.stream())
        .filter(m -> m.isMeasured() && m.food != null)
        .filter(
            m ->
                mention.food.isOfAKind(m.food) && isKind(mention)
                    || version && StandIn.isForEgg(mention.food, m.food))
        .reduce((first, second) -> second);
  }

  /** What is added besides stands in for nothing. */
  private static boolean isKind(Mention mention) {
    return switch (mention.role()) {
      case FLOUR, LIQUID, EGG, FAT, SUGAR -> true;
      default -> false;
    };
  }
}
