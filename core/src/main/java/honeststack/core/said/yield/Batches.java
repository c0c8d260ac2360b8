package honeststack.core.said.yield;

import honeststack.core.said.clause.Batch;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.page.ListInBrackets;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * How much of a recipe was made: "… I only made half of that", "… all doubled", "half a batch of
 * this: …". What may be done with it ("doubles well") or was done before ("that's a double batch")
 * changes nothing.
 */
public final class Batches {
  private static final int LONGEST = 14;

  /** A list that stood in brackets is behind it. */
  static final String LIST = String.valueOf(ListInBrackets.MULTIPLIED);

  /** Nobody makes a recipe so many times: they are pieces. */
  public static final int PIECES = 5;

  /** So much of it; of several numbers in a row the longest. */
  private static final Sought TIMES =
      Sought.of(
          "(?:(?<= |^)(?:"
              + ("(?<times>"
                  + BatchForms.NUMBER
                  + ") (?:times|x|×)|(?:times|x|×) ?(?<x>"
                  + BatchForms.NUMBER
                  + ")")
              + ("|(?<batches>" + BatchForms.NUMBER + ") (?:batches|lots)")
              + ("|(?<of>" + BatchForms.NUMBER + ") of (?:the|this|my|that) recipe")
              + "|(?<!and a )(?<!and )(?<word>half|½|1/2|a third|⅓|1/3|a quarter|¼|1/4|two thirds|⅔|2/3"
              + "|three quarters|¾|3/4|halved|halve|halving|doubling|tripling|doubled|double|twice|tripled|trebled|triple|treble"
              + "|quadrupled|quartered))(?= |$))");

  /** None of them is without. */
  private static final Remembered HINT =
      Remembered.part(
          "\\b(?:times|x|batches|lots|of|half|third|quarters?|thirds|twice|again|repeat|repeated|second)\\b|[×½⅓¼⅔¾]|\\d/\\d"
              + "|halv|doubl|tripl|trebl|quadr|quartered|recipe|multipl|scale|%|per ?cent|batch");

  private static final Sought SIGN = Sought.of("[x×*] ?\\d");

  private static final Sought DONE = Sought.of("(?:halv|doubl|tripl|trebl|quadrupl|quarter)ed");

  private static final Sought IT = Sought.of("\\b(?:it|that|this(?! time\\b)|the lot)\\b");

  private static final Sought MADE =
      Sought.of("\\b(?:made|make|making|did|do|cooked|cook|baked|bake|mixed|go for|went for)\\b");

  /** The work is done so often with the one bowl: "cook in three batches". */
  private static final Sought ROUNDS =
      Sought.of(
          "\\b(?:in|into|over|of|do|did|cook(?:ed)?|bake[d]?|fry|fried|takes?|took|need|per|each|every)"
              + " (?:\\w+ )?$");

  private static final Sought EVERYTHING =
      Sought.of("\\b(?:everything|all|each|quantities|quantity|amounts|amount|recipe|the lot)\\b");

  /** "A quarter each for four": of what was made. */
  private static final Sought SHARED =
      Sought.of("\\b(?:half|third|quarter|fifth|sixth) (?:each|apiece|for each|of it each)\\b");

  private static final Sought COUNTED =
      Sought.of(
          " (?:covers?|portions?|people|persons?|guests|servings?|pax|pupils|children|kids|pieces|pcs"
              + "|pancakes|waffles)\\b");

  private static final Sought FOLLOWS =
      Sought.of(
          "\\b(?:this(?! (?:time|week|morning|evening|weekend|year|month|once)\\b)|these(?! days\\b)|following"
              + "|(?:batch|batches|quantities|amounts) of)\\b");

  /** "Make 1.5 times: …", "I do one and a half of the recipe: …". */
  private static final Sought PLAN =
      Sought.of("(?:(?:i|we|please|just|now) )*(?:make|made|do|did|mix|cook|take) .*");

  /** "Double it: …", "… but triple it". */
  private static final Sought ORDER =
      Sought.of(
          "(?:(?:please|just|now|let's|then|we) )*(?:double|halve|triple|quadruple|doubling|halving|tripling)"
              + " (?:all of )?(?:it|this|these|that|everything|the lot|the amounts|the quantities)"
              + "(?: please| today| now)*");

  private static final Sought NOT_DONE =
      Sought.of(
          "\\b(?:(?:cook|bake|fry|turn)(?:ed)? (?:them|each)|had|ate|eat|eaten|if|always|usually|normally|for a crowd|for more|can|could|may|might|would|should|will|when|unless|never|not|don't|didn't"
              + "|already|usual|original|is|was|are|were|it's|that's|this's|to|way|well|easily"
              + "|works|minutes?|hours?|pan|batter|iron|griddle|fills?)\\b|^make (?:that|it) (?:half|½|1/2|two thirds|⅔|2/3|a third|a quarter|three quarters|¾)"
              + "|\\btimes (?:a|per|each|every) (?:day|week|month|year)\\b|\\bat (?:christmas|easter|new year|thanksgiving)\\b|\\b(?:on |at |for (?:the )?)?(?:(?:mon|tues|wednes|thurs|fri|satur|sun)days|weekends|holidays|parties"
              + "|(?:whole )?family|school|market|guests)\\b|^(?:so |and |then )?(?:double|halve|triple)"
              + " (?:it|that|everything|all|the (?:recipe|batch|amounts?|quantities|lot))\\b(?! please$|$)");

  /** "I've made this ten times", "twice a week": it was another day. */
  private static final Sought HOW_OFTEN =
      Sought.of(
          "(?:'ve|\\bhave|\\bhas|\\bhad) (?:(?:ever|now|already|only|just|probably|easily) )*(?:made|tried|done|cooked|baked|had|eaten|tested)"
              + " (?:it|this|that|these|them|those|the \\w+)\\b(?! again).*\\b(?:times|twice)\\b"
              + "|\\b(?:once|twice|times) (?:a|per|each|every|last|already|since|in the last|in the past|over the)\\b(?! batch)");

  /** "I always double it." */
  private static final Sought HABIT =
      Sought.of(
          "(?:but |and |so )?(?:(?:i|we) (?:always |just )?(?:double|triple|halve) (?:it|this|that|everything)"
              + "|(?:i|we) need(?:ed)? (?:double|twice|half|three times|triple) (?:it|this|that|the amount))");

  /** When or for whom, around what says how often. */
  private static final Sought WHEN =
      Sought.of(
          "^(?:(?:today|tonight|this time|so|and|then|now|but|we'll|i'll|let's|please) )+"
              + "|(?: (?:today|tonight|this (?:time|morning|week|weekend|sunday|once)|now|here|up|though|please"
              + "|for (?:the |a |my |our )?(?:party|crowd|family|freezer|lot|kids|visitors|two of us|[a-z]+ of us|us|me)))+$");

  /** "We were four, so twice that." */
  private static final Sought HENCE =
      Sought.of(
          "(?:so )?(?:i'm|we're|i am|we are) (?:doubling|halving|tripling) (?:it|that|this|everything)(?: and \\w+)?"
              + "|(?:so )?(?:(?:i|we) )?(?:(?:made|did|used|took|mixed|want|need) )?"
              + "(?:twice|double|half|a quarter|quarter|three times|two times|four times|(?:two|three|four|five|six|seven|eight|nine|ten|\\d{1,2}) (?:lots|times)"
              + "|halved|doubled|tripled|quartered)"
              + "(?: (?:that|it|of it|of that|of everything|the amounts?|everything|the lot))?");

  /** "I needed 24, so three times that." */
  private static final Sought WANTED =
      Sought.of("(?:but |and )?(?:i|we) (?:needed|need|wanted|want) \\d+(?: \\w+)? ?,?(?: so)? ?");

  private static final Sought CAME =
      Sought.of("\\b(?:we|there|they)(?:'re| are| were| will be|'ll be)\\b|\\bcame\\b");

  private static final Sought OBJECT =
      Sought.of(
          "(?: of)?(?: (?:it|this|that|these|everything|the lot|all of (?:it|this|that)"
              + "|the (?:amounts?|recipe|above|quantit(?:y|ies))))?");

  /** What was made more often is told behind it: "The normal one is 150 g flour, …". */
  static final Sought BASE =
      Sought.of(
          "(?:(?:normally|usually) (?:that's|it's|that is|it is|i use|i take) .*|"
              + "(?:so |well )?(?:the|our|my|a|one|normally|usually|it's normally|it's usually)(?: (?:normal|usual|basic|base"
              + "|original|standard|single|plain|one|whole|full))*(?: (?:one|recipe|batter|mix|amount|batch|quantity|version"
              + "|it's|it is|that's|i use|i take|we use|we take))(?: (?:is|was|has|takes|being|for one batch|for one)| :|\\b).*)");

  private Batches() {}

  /** Finds it before amounts and foods are paired; of two the last counts. */
  public static void in(Clause clause) {
    if (!clause.says(HINT) || Rounds.isPerBatch(clause)) {
      return;
    }
    for (int from = 0; from < clause.size(); ) {
      int to = end(clause, from);
      boolean none = to - from > LONGEST || OwnTimes.is(clause, from, to);
      Optional<Batch> said = none ? Optional.empty() : said(clause, from, to);
      if (said.isPresent()) {
        for (int i = from; i < to; i++) {
          boolean people =
              clause.isStrong(i)
                  && clause.is(i + 1, Sort.PEOPLE)
                  && !clause.isWord(i - 1, "x", "times")
                  && !clause.isMark(i - 1, "×", "*");
          clause.take(i, people ? i : i + 1, Part.METHOD);
        }
        clause.batch = said;
        clause.batchEnd = to;
      }
      from = to + 1;
    }
  }

  /** Up to a comma or a stop, or before what is measured. */
  private static int end(Clause clause, int from) {
    int to = from;
    while (to < clause.size()
        && !clause.isMark(to, ",", ";", ".", ":", "-", "–", "!", "(", "→", "⇒", LIST)
        && !clause.isWord(to, "but", "because", "since")
        && !(clause.isWord(to, "as") && !clause.isWord(to + 1, "much", "big", "many"))
        && !(clause.isWord(to, "so") && !clause.isMark(to + 1, ":") && to > from)
        && !(to > from && isMeasured(clause, to))) {
      to++;
      if (clause.low(to - 1).equals("everything but")) {
        return to; // "I halved everything but used 2 eggs"
      }
    }
    return to;
  }

  private static boolean isMeasured(Clause clause, int i) {
    boolean amount = clause.isStrong(i) && (!clause.get(i).isCount() || clause.isFood(i + 1));
    return clause.isFood(i) || amount;
  }

  private static Optional<Batch> said(Clause clause, int from, int to) {
    for (Element element : clause.elements.subList(from, to)) {
      boolean measured = element.isFood() || element.isAmount() && !element.isCount();
      if (measured || !element.isFree()) {
        return Optional.empty();
      }
    }
    String words = clause.words(from, to);
    if (clause.isMark(to, LIST) || from == 0 && words.endsWith(" of") && clause.has(to)) {
      Optional<Batch> said = BatchForms.inBrackets(words);
      if (said.isPresent() || clause.isMark(to, LIST)) {
        return said;
      }
    }
    if (HOW_OFTEN.isIn(words)) {
      return Optional.empty();
    }
    boolean above = from == 0 && to == clause.size() - 1 && clause.isMark(to, ":");
    boolean behind =
        above
            || (from == 0 || clause.isMark(from - 1, ":"))
                && clause.elements.subList(to, clause.size()).stream().anyMatch(Element::isFood);
    boolean before = clause.elements.subList(0, from).stream().anyMatch(Element::isFood);
    boolean next = behind && !clause.isFood(to) || !clause.hasFood(); // not "half the usual sugar"
    next &=
        to >= clause.size() - 1
            || isMeasured(clause, to)
            || clause.isMark(to, ":", "-", "–", "→")
            || words.contains("usual");
    boolean last = (before || !behind) && !clause.isFood(to);
    Optional<Batch> plain = BatchForms.of(words, last, next);
    boolean whole = from == 0 && to >= clause.size() - 1 && !clause.hasFood();
    if (plain.isEmpty() && whole) {
      plain = BatchForms.again(words);
    }
    if (plain.filter(batch -> batch.times() >= PIECES && SIGN.begins(words)).isPresent()) {
      return Optional.empty(); // "x 12"
    }
    if (plain.isPresent()) {
      boolean came = !plain.get().ahead() && CAME.isIn(clause.words(0, from));
      return plain.map(batch -> new Batch(batch.times(), batch.ahead(), came || batch.base()));
    }
    Matcher times = TIMES.matcher(words);
    if (!times.find()) {
      return Optional.empty();
    }
    boolean colon = clause.isMark(to, ":", "→", "⇒");
    boolean base = colon && BASE.isAll(clause.words(to + 1, clause.size()));
    if (base && (MADE.isIn(words) || DONE.isIn(words))) {
      return Optional.of(
          new Batch(value(times), true, true)); // "I do a double batch: normally it's …"
    }
    if (ORDER.isAll(words)
        && (from == 0 && colon && !clause.isWord(to + 1, "so") || clause.isWord(from - 1, "but"))) {
      return Optional.of(new Batch(value(times), colon));
    }
    boolean hence = clause.isWord(from - 1, "so") || clause.isWord(from, "so");
    if (hence && to >= clause.size() - 1 && HENCE.isAll(words)) {
      if (WANTED.isAll(clause.words(0, from))) {
        clause.take(0, from, Part.METHOD);
      }
      return Optional.of(new Batch(value(times), false, CAME.isIn(clause.words(0, from))));
    }
    if (SHARED.isIn(words)) {
      return Optional.empty();
    }
    if (HABIT.isAll(words) && (from == 0 || words.contains("always"))) {
      return Optional.of(new Batch(value(times), false));
    }
    if (NOT_DONE.isIn(words) || clause.isMark(to, ":") && isCounted(words, times.end())) {
      return Optional.empty();
    }
    boolean rounds =
        times.group("batches") != null && ROUNDS.isIn(words.substring(0, times.start()));
    if (rounds) {
      return Optional.empty();
    }
    boolean ahead = colon || clause.has(to) && isMeasured(clause, to);
    boolean apart = from == 0 || clause.get(from - 1).kind != Element.Kind.AMOUNT;
    boolean bare = apart && times.start() == 0 && times.end() == words.length();
    String timeless = WHEN.matcher(words).replaceAll("");
    Matcher again = TIMES.matcher(timeless);
    boolean object =
        from == 0
            && !ahead
            && (to >= clause.size() - 1 || clause.isWord(to, "because", "since"))
            && again.find()
            && again.start() == 0
            && OBJECT.isAll(timeless.substring(again.end()));
    boolean opens = from == 0 || clause.isMark(from - 1, ":");
    boolean told =
        ahead
            ? from == 0
                && (FOLLOWS.isIn(words)
                    || (bare || PLAN.isAll(words) || EVERYTHING.begins(words))
                        && isNumber(times, opens)
                        && colon)
            : EVERYTHING.isIn(words)
                || MADE.isIn(words)
                || isDone(clause, times, words, bare, to)
                || object
                || bare && isNumber(times, opens) && to >= clause.size() - 1;
    if (bare && times.group("x") != null && value(times) >= PIECES) {
      return Optional.empty(); // "x 12"
    }
    return told ? Optional.of(new Batch(value(times), ahead)) : Optional.empty();
  }

  /** "mix x 30 covers:" says for how many it is. */
  private static boolean isCounted(String words, int end) {
    return COUNTED.begins(words.substring(end));
  }

  /**
   * "2x", "times three", "1½ batches"; behind something else "two batches" may be rounds.
   *
   * @param opens nothing is told before it
   */
  private static boolean isNumber(Matcher times, boolean opens) {
    return times.group("times") != null
        || times.group("x") != null
        || times.group("of") != null
        || times.group("batches") != null && (opens || value(times) % 1 > 0);
  }

  /** "I doubled it", "doubled", "halved as we are two"; not "strawberries, halved". */
  private static boolean isDone(Clause clause, Matcher times, String words, boolean bare, int end) {
    String word = times.group("word");
    boolean done = word != null && DONE.isAll(word);
    boolean cut = bare && done && (word.equals("halved") || word.equals("quartered"));
    int next = clause.isMark(end, ",") ? end + 1 : end;
    boolean reason = clause.isWord(next, "as", "because", "since", "but", "except", "except for");
    return done && (IT.isIn(words) || bare && (!cut || reason));
  }

  private static double value(Matcher times) {
    for (String group : new String[] {"times", "x", "batches", "of", "word"}) {
      String said = times.group(group);
      if (said != null) {
        return BatchForms.value(said);
      }
    }
    throw new IllegalStateException("No number in “" + times.group() + "”.");
  }
}
