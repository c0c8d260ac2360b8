package honeststack.core.said.yield;

import honeststack.core.line.NumberText;
import honeststack.core.said.clause.Batch;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * Plain ways to say how much of a recipe was made: "I'll do one and a half of it", "three times
 * over", "half as much again", "one and a half of this: …".
 */
final class BatchForms {
  /** "2", "1.5", "1½", "1 1/2", "two and a half". */
  static final String NUMBER =
      "(?:(?:\\d{1,2}(?:[.,]\\d{1,2})?|one|two|three|four|five|six|seven|eight|nine|ten)"
          + "(?: and (?:a half|a third|two thirds|a quarter|three quarters|½|1/2)"
          + "| ?[½⅓⅔¼¾]| (?:1/2|1/3|2/3|1/4|3/4))?)";

  /** "half", "⅓", "two thirds". */
  static final String FRACTION =
      "(?:half|½|1/2|a third|one third|⅓|1/3|a quarter|one quarter|¼|1/4|two thirds|⅔|2/3|three quarters|¾|3/4)";

  /** What is multiplied. */
  private static final String ALL =
      "(?:it|this|these|everything|it all|the lot|(?:the following|(?:the|this|that|these|those|my|our|all) (?:\\w+ )?"
          + "(?:recipe|list|amounts?|quantit(?:y|ies)|batch|ingredients|mix|batter)))";

  /** What is told in brackets behind it. */
  private static final String RECIPE =
      "(?:(?:the|this|that|my|our|her|his|their|all|a|[a-z]+'s) )?(?:[a-z']+ ){0,3}"
          + "(?:recipe|list|amounts?|quantit(?:y|ies)|batch|ingredients|mix|batter|base|usual|version)(?: (?:on|from|in|off) (?:the|my|last) \\w+)?(?: of)?";

  private static final String WHO =
      "(?:(?:and|but|so|then|now|today|tonight|this time|always|usually|normally|only|just|we|i|i'll|we'll"
          + "|i'd|i've|we've|i had to|we had to) )*";

  private static final String DO =
      "(?:do|did|make|made|need|needed|take|took|want|mixed|mix|use|used) ";

  /** Somebody who did it, where that is said. */
  private static final String MAYBE_DO = WHO + "(?:" + DO + ")?";

  private static final String WHEN =
      "(?: (?:today|tonight|this time|now|in all|altogether|here|please|though|that is|for us|for me"
          + "|for (?:the |a |my |our )\\w+(?: \\w+)?))*";

  private static final String PERCENT = "(?<percent>\\d{2,3}) ?(?:%|per ?cent)";

  /** By how much, of all of it. */
  private static final String BY =
      "(?:(?<part>" + FRACTION + ")|(?<percent>\\d{1,2}) ?(?:%|per ?cent))";

  private static final Map<String, Double> WORDS =
      Map.ofEntries(
          Map.entry("half", 0.5),
          Map.entry("double", 2.0),
          Map.entry("a double", 2.0),
          Map.entry("twice", 2.0),
          Map.entry("triple", 3.0),
          Map.entry("a triple", 3.0),
          Map.entry("doubling", 2.0),
          Map.entry("tripling", 3.0),
          Map.entry("halving", 0.5),
          Map.entry("halve", 0.5),
          Map.entry("halved", 0.5),
          Map.entry("doubled", 2.0),
          Map.entry("tripled", 3.0),
          Map.entry("quarter", 0.25),
          Map.entry("quartered", 0.25),
          Map.entry("trebled", 3.0),
          Map.entry("quadrupled", 4.0),
          Map.entry("half as", 1.5));

  /** None of the forms is without. */
  private static final Sought CUE =
      Sought.of(
          "times|\\bx\\b|[×*%]|per ?cent|\\blots\\b|batch|recipe|again|doubl|hal[fv]|third|quarter|tripl|twice|multipl|scal|\\bmore\\b|\\bless\\b"
              + "|\\bof (?:it|that|this|these|those|such|the)\\b|bowls|bases|mixes|batters|usual|[½⅓⅔¼¾]|\\d/\\d|is one|and (?:i|we) ");

  /** Of what is told before. */
  private static final List<Sought> BEFORE =
      List.of(
          Sought.of(
              WHO
                  + DO
                  + "(?<times>"
                  + NUMBER
                  + ") of (?:it|that|this|the same|the base|the recipe)"
                  + WHEN),
          Sought.of(
              WHO
                  + DO
                  + "(?<times>"
                  + NUMBER
                  + ") (?:lots|times|batches|rounds) (?:of )?(?:it|that|this|(?:the )?(?:batter|mix|dough))"
                  + WHEN),
          Sought.of(
              WHO
                  + DO
                  + "(?<times>"
                  + NUMBER
                  + ") (?:of )?(?:these|those|such) (?:bowls|bases|mixes|batters)"
                  + WHEN),
          Sought.of(
              "(?:(?:all|and|everything) )*(?:times|x|×|[*]) ?(?<times>" + NUMBER + ")" + WHEN),
          Sought.of(
              "(?:(?:all|and|everything|amounts) )*(?:multiplied|scaled(?: up| down)?) (?:by )?(?<times>"
                  + NUMBER
                  + "|"
                  + FRACTION
                  + ")(?: times)?"
                  + WHEN),
          Sought.of("(?:all |and |all of it )?(?<times>" + NUMBER + ") times over" + WHEN),
          Sought.of(
              WHO
                  + DO
                  + "(?:it|this|that|everything|all of it) (?:all )?(?:times|x|×) (?<times>"
                  + NUMBER
                  + ")"
                  + WHEN),
          Sought.of(
              "(?:(?:this (?:morning|time)|today|but|and|so|,) )*(?:it was|that was|it's been) (?:the |a )?(?<word>double|triple|half) (?:the )?(?:amounts?|quantity|quantities|recipe)"
                  + WHEN),
          Sought.of(
              MAYBE_DO
                  + "(?:(?<times>one|a|an|two|three|four) )?(?:batch|recipe)(?:e?s)? and a (?<and>half|third|quarter)"
                  + WHEN),
          Sought.of(
              MAYBE_DO
                  + "(?:a |an )?(?<times>"
                  + NUMBER
                  + ") (?:batch|recipe)(?: of (?:it|that|this))?"
                  + WHEN),
          Sought.of(
              "(?:.* )?(?:is|was|being|makes|for|that's) (?:one|a single|a) (?:batch|recipe|lot|bowl),? (?:and|but|so) (?:(?:i|we) )?"
                  + DO
                  + "(?<times>"
                  + NUMBER
                  + ")(?: (?:batches|recipes|lots|bowls))?(?: of (?:it|that|them))?"
                  + WHEN),
          Sought.of(
              "(?:all |it |everything )*(?:scaled|reckoned|taken)(?: up| down)? (?:to|at) "
                  + PERCENT
                  + WHEN),
          Sought.of(
              MAYBE_DO
                  + PERCENT
                  + " of (?:it|that|this|everything|all (?:of )?(?:that|this))"
                  + WHEN),
          Sought.of(
              WHO
                  + "(?:(?:scaled?|increased|upped|raised|put) (?:it|that|this|everything|all of it|all|the amounts|the recipe) (?:all )?(?:up )?by "
                  + BY
                  + "|(?:"
                  + DO
                  + ")"
                  + BY.replace("<part>", "<of>").replace("<percent>", "<per>")
                  + " more(?: of (?:it|that|everything))?)"
                  + WHEN),
          Sought.of(
              WHO
                  + "(?<less>(?:cut|scaled?|reduced|brought|took) (?:it|that|this|everything|all of it|all|the amounts|the recipe) (?:all )?(?:down |back )?by "
                  + BY
                  + "|(?:"
                  + DO
                  + ")"
                  + BY.replace("<part>", "<of>").replace("<percent>", "<per>")
                  + " less(?: of (?:it|that|everything))?)"
                  + WHEN),
          Sought.of(
              "(?:and |so )?(?:the whole thing|all of it|all of this|all of that|the lot|everything) (?<word>twice)"
                  + WHEN),
          Sought.of(
              WHO
                  + "(?:that|all that|all of that|all of this) (?<times>"
                  + NUMBER
                  + ") times"
                  + WHEN),
          Sought.of("(?:all |that's |this is )*before (?<word>doubling|tripling|halving)" + WHEN),
          Sought.of(MAYBE_DO + "(?:it )?(?<word>half as)(?: much| big)? again" + WHEN),
          Sought.of(
              "(?:(?:and|but) )?(?:ours|mine|this one|today's) (?:is|was)(?: always| usually)? (?<word>a double|a triple|double|triple|half)"
                  + WHEN),
          Sought.of(
              "(?:(?:.* )?is the (?:full|whole|usual|original|normal|single) (?:recipe|amount|batch|one) )?(?:and|but) (?:i|we) (?:only |just )?(?:did|made|do|make) (?<word>half|double|triple)"
                  + WHEN));

  /** In a sentence of its own, of what is told before. */
  private static final Sought AGAIN =
      Sought.of(
          "(?:and|then|and then) the same again(?: (?:for a second (?:batch|bowl)))?|and again"
              + "|(?:then |and )?repeat (?:for a second (?:batch|bowl)|it all once|all of it once)");

  /** Of what is told behind. */
  private static final List<Sought> AHEAD =
      List.of(
          Sought.of(
              MAYBE_DO
                  + "(?:(?<times>"
                  + NUMBER
                  + ") (?:(?:times|x|×|lots of|batches of|of) ?)+|(?<word>"
                  + FRACTION
                  + ") (?:of )?)"
                  + ALL
                  + WHEN),
          Sought.of(
              "(?:(?:everything|all|batch|recipe|amounts|please|now|today) )*(?:(?:multiply|multiplied|scaled?(?: up| down)?)"
                  + "(?: (?:everything|all|it|all of it))? by|times|x|×) ?(?<times>"
                  + NUMBER
                  + "|"
                  + FRACTION
                  + ")"
                  + WHEN),
          Sought.of(MAYBE_DO + "(?<times>" + NUMBER + ") of (?:this|these|the following)"),
          Sought.of(
              MAYBE_DO
                  + PERCENT
                  + " of (?:the )?(?:this|these|following|recipe|amounts|quantities)"
                  + WHEN),
          Sought.of(
              MAYBE_DO
                  + "(?:a |an )?(?<times>"
                  + NUMBER
                  + ") (?:batch|batches) of(?: this)?"
                  + WHEN),
          Sought.of(
              MAYBE_DO
                  + "(?<word>twice|double|half|triple)(?: of)?(?: as much as)? (?:the |my |our )?usual(?: ,? ?which (?:is|was)| ,? ?and (?:the )?usual (?:is|was))?"));

  /** Of a list that brackets tell: "I halve gran's recipe (200 g flour, …)". */
  private static final List<Sought> IN_BRACKETS =
      List.of(
          Sought.of(
              WHO
                  + "(?:with |"
                  + DO
                  + ")?(?:(?<times>"
                  + NUMBER
                  + ") (?:(?:times|x|×|lots of|batches of|of) ?)+|(?<word>"
                  + FRACTION
                  + "|double|twice|triple) (?:of )?)"
                  + RECIPE
                  + WHEN),
          Sought.of(
              WHO
                  + "(?<word>halve|halved|halving|double|doubled|doubling|triple|tripled|tripling|quarter|quartered) "
                  + RECIPE
                  + WHEN));

  private BatchForms() {}

  /**
   * @param words between marks, without what is measured
   * @param before something is measured before them
   * @param behind something is measured behind them
   */
  static Optional<Batch> of(String words, boolean before, boolean behind) {
    if (!CUE.isIn(words)) {
      return Optional.empty();
    }
    Optional<Batch> said = behind ? found(AHEAD, words, !before) : Optional.empty();
    return said.isPresent() || !before ? said : found(BEFORE, words, false);
  }

  /** Of the list that brackets behind the words tell. */
  static Optional<Batch> inBrackets(String words) {
    return found(IN_BRACKETS, words, true);
  }

  /** "And again.", where a sentence says nothing else. */
  static Optional<Batch> again(String words) {
    return AGAIN.isAll(words) ? Optional.of(new Batch(2, false)) : Optional.empty();
  }

  private static Optional<Batch> found(List<Sought> forms, String words, boolean ahead) {
    return forms.stream()
        .map(form -> form.matcher(words))
        .filter(Matcher::matches)
        .findFirst()
        .map(said -> new Batch(times(said), ahead, ahead && said.group().contains("usual")));
  }

  private static double times(Matcher said) {
    String by = group(said, "part", "of");
    String percent = group(said, "percent", "per");
    String pattern = said.pattern().pattern();
    double share = by != null ? NumberText.readDecimal(by) : 0;
    if (percent != null) {
      share = NumberText.readDecimal(percent) / 100;
      if (!pattern.contains("<part>")) {
        return share;
      }
    }
    if (share > 0) {
      return group(said, "less") != null ? 1 - share : 1 + share;
    }
    String times = group(said, "times", "word");
    String and = group(said, "and");
    double more = and == null ? 0 : NumberText.readDecimal("a " + and);
    double whole = times == null ? 1 : value(times);
    return whole + more;
  }

  /** "1½", "half", "doubled". */
  static double value(String times) {
    return WORDS.containsKey(times) ? WORDS.get(times) : NumberText.readDecimal(times);
  }

  /** What the first of some groups says; null where its form has none of them. */
  private static String group(Matcher said, String... names) {
    String pattern = said.pattern().pattern();
    for (String name : names) {
      String found = pattern.contains("<" + name + ">") ? said.group(name) : null;
      if (found != null) {
        return found;
      }
    }
    return null;
  }
}
