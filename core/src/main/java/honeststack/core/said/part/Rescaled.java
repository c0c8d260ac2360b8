package honeststack.core.said.part;

import honeststack.core.line.NumberText;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.stream.Stream;

/**
 * A share of what was measured before, said in a sentence of its own: "I halved the salt.", "I only
 * used two thirds of the sugar.", "I had 200 g ricotta. I used half of it."
 */
public final class Rescaled {
  private static final double HUNDRED = 100;

  private static final double HALF = 0.5;

  private static final Map<String, Double> TIMES =
      Map.of("double", 2.0, "twice", 2.0, "two times", 2.0, "triple", 3.0, "three times", 3.0);

  private static final Map<String, Double> VERBS =
      Map.of("halv", HALF, "doub", 2.0, "trip", 3.0, "quar", 0.25);

  private static final String SHARE =
      "(?:an? |one )?(?:(?<percent>\\d+) %|(?<share>half|third|quarter|two thirds|three quarters"
          + "|[123]/[234]|[½⅓⅔¼¾]|double|twice|triple|(?:two|three) times))";

  /** Who did it, and when. */
  private static final String LEAD =
      "(?:[^@]* so )?(?:(?:and|but|so|though|then|also|however|well|oh|changes|this time|today|we|i|have|'ve|had|of course"
          + "|always|usually|actually|[,;:–—-]) )*";

  private static final String THE =
      "(?: of)?(?: as much|(?: the| my| that)(?: usual)?(?: amount of| quantity of)?(?: the)?)";

  private static final String ONLY = "(?:(?:only|just|about) )*";

  private static final String USED =
      "(?:used|took|went with|did|(?<=\\b(?:i|we)(?: only| just| always| usually)? )(?:use|take|do|go with|put)"
          + "|(?<=\\b(?:only|just) )(?:put in|put|add|added|use|take|do|did))(?: in)? ";

  private static final String VERB =
      "(?<verb>halved|halving|doubled|tripled|quartered|(?<=\\b(?:i|we)(?: always| usually)? )(?:halve|double|triple))";

  /** Nothing is said of where it goes, or when. */
  private static final String END =
      "(?: in| went in| goes in| this time| today| though| here| now| instead| (?:in|for|with) (?:this|these|mine|ours|it"
          + "|there|me|us))*(?: ?[.!,;–-].*| (?:and|but|so|as|because|since|or|which)(?: .*)?| ?)";

  /** "Only half the sugar for me.": at the beginning of a sentence. */
  private static final Sought NO_VERB =
      Sought.of("(?!and |, )" + LEAD + "(?:with )?" + ONLY + SHARE + THE + " @" + END);

  /** Around one food. */
  private static final List<Sought> FORMS =
      List.of(
          Sought.of(LEAD + ONLY + VERB + " (?:the|my) @.*"),
          Sought.of(LEAD + ONLY + USED + ONLY + SHARE + THE + " @" + END),
          Sought.of(
              LEAD
                  + ONLY
                  + "(?<how>cut|reduced|lowered|dropped|decreased|increased|upped|raised)(?: down)?"
                  + " (?:the|my) @ (?:in|by) (?:about )?"
                  + SHARE
                  + END),
          Sought.of(
              LEAD
                  + ONLY
                  + "(?:"
                  + USED
                  + "|with |(?:put|added|put in) )?(?:about )?"
                  + SHARE
                  + " (?<by>less|fewer|more)(?: of)?(?: the| my)? @"
                  + END),
          Sought.of(LEAD + "@(?: is| was| ,| :)* (?<verb>halved|doubled)[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:of )?(?:the )?@(?: ?[:,–-])? (?:i|we) (?:(?:only|just|always|usually) )*"
                  + "(?:use|used|take|took) "
                  + ONLY
                  + SHARE
                  + "[ .!]*"));

  /** "I had one banana. I used half of it." */
  private static final Sought HALF_OF_IT =
      Sought.of(
          "(?:(?:i|we|you) )?(?:only |just )?(?:halved|(?:use|used|take|took|put in|put) "
              + ONLY
              + "half of) (?:it|them)(?: in)?[ .!]*");

  /** Not done, or done by halves. */
  private static final Sought OTHERWISE =
      Sought.of(
          "\\b(?:if|next time|would|could|can|might|may|should|shall|maybe|perhaps|try|must|will"
              + "|rest|remaining|remainder|other half|other|first|until|second half)\\b|'d\\b|'ll\\b|\\?");

  private static final Remembered HINT =
      Remembered.part("hal[fv]|third|quarter|doubl|twice|tripl|times|%|[½⅓⅔¼¾]|\\b[123]/[234]");

  private static final Remembered MORE = Remembered.whole("increased|upped|raised|more");

  private Rescaled() {}

  /**
   * Gives what was measured before its share.
   *
   * @return whether the sentence says nothing else
   */
  public static boolean by(List<Clause> read, Clause clause) {
    if (read.isEmpty() || clause.elements.stream().noneMatch(e -> e.says(HINT))) {
      return false;
    }
    String words = clause.words(0, clause.size());
    if (HALF_OF_IT.isAll(words)) {
      return ofIt(read.get(read.size() - 1), clause);
    }
    if (OTHERWISE.isIn(words)) {
      return false;
    }
    boolean all = false;
    int from = 0;
    for (int i = 0; i < clause.size(); i++) {
      if (clause.get(i).isFood()) {
        OptionalDouble times =
            times(
                (clause.words(from, i) + " @ " + clause.words(i + 1, next(clause, i))).strip(),
                from == 0);
        Optional<Mention> before =
            times.isPresent() ? before(read, clause.get(i)) : Optional.empty();
        if (before.isPresent() && rescale(before.get(), times.getAsDouble())) {
          take(clause, i);
          all = true;
        }
        from = i + 1;
      }
    }
    boolean others = clause.elements.stream().anyMatch(e -> e.part == Part.EXCLUDED);
    return all && !others && clause.mentions.isEmpty();
  }

  private static int next(Clause clause, int food) {
    int next = food + 1;
    while (clause.has(next) && !clause.get(next).isFood()) {
      next++;
    }
    return next;
  }

  private static void take(Clause clause, int food) {
    Element name = clause.get(food);
    clause.mentions.removeIf(mention -> mention.food == name);
    name.part = Part.METHOD;
    clause.passOverAmounts();
    clause.elements.stream().filter(Element::isNumber).forEach(e -> e.part = Part.METHOD);
  }

  /** How many times it; empty where that is not said. */
  private static OptionalDouble times(String words, boolean begins) {
    return Stream.concat(FORMS.stream(), begins ? Stream.of(NO_VERB) : Stream.empty())
        .map(form -> form.matcher(words))
        .filter(Matcher::matches)
        .mapToDouble(Rescaled::times)
        .findFirst();
  }

  private static double times(Matcher said) {
    String form = said.pattern().pattern();
    if (form.contains("<verb>")) {
      return VERBS.get(said.group("verb").substring(0, 4));
    }
    String percent = said.group("percent");
    double share =
        percent == null ? share(said.group("share")) : NumberText.read(percent) / HUNDRED;
    boolean by = form.contains("<by>");
    if (!by && !form.contains("<how>")) {
      return share;
    }
    return MORE.is(said.group(by ? "by" : "how")) ? 1 + share : 1 - share;
  }

  private static double share(String word) {
    return TIMES.getOrDefault(word, PartlyOther.share(word, 1));
  }

  /** Where a food was measured last, of the same name. */
  public static Optional<Mention> before(List<Clause> read, Element food) {
    for (int i = read.size() - 1; i >= 0; i--) {
      for (Mention mention : read.get(i).mentions) {
        if (mention.isMeasured() && mention.food != null && mention.food.isSameFood(food)) {
          return Optional.of(mention);
        }
      }
    }
    return Optional.empty();
  }

  private static boolean rescale(Mention mention, double times) {
    Optional<String> some = times > 0 ? Scaled.times(mention.amountText, times) : Optional.empty();
    some.ifPresent(
        amount -> {
          mention.amountText = amount;
          mention.restated = true;
        });
    return some.isPresent();
  }

  private static boolean ofIt(Clause before, Clause clause) {
    if (before.mentions.size() > 1) {
      return false;
    }
    Mention mention = before.mentions.isEmpty() ? OfIt.aside(before) : before.mentions.get(0);
    if (mention == null || mention.food == null) {
      return false;
    }
    if (!mention.isMeasured()) {
      mention.amountText = "1";
    }
    boolean done = rescale(mention, HALF);
    if (done) {
      clause.passOverAmounts();
    }
    return done;
  }
}
