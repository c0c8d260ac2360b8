package honeststack.core.said;

import honeststack.core.line.NumberText;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * Plain ways to say how much of a recipe was made: "I'll do one and a half of it", "three times
 * over", "half as much again", "one and a half of this: …".
 */
final class BatchForms {
  private static final String NUMBER =
      "(?:\\d{1,2}(?:\\.\\d+)?|one and a quarter|one and a half|one and a third|one and three quarters|two and a half|two and a quarter|three and a half|1 1/4|1 1/2|1 ½|one|two|three|four|five|six|ten)";

  private static final String WHO =
      "(?:(?:and|but|so|then|now|today|tonight|this time|always|usually|normally|only|just|we|i|i'll|we'll"
          + "|i'd|i've|we've|i had to|we had to) )*";

  private static final String DO =
      "(?:do|did|make|made|need|needed|take|took|want|mixed|mix|use|used) ";

  private static final String WHEN = "(?: (?:today|tonight|this time|now|in all|altogether|here))*";

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
          Map.entry("half as", 1.5));

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
                  + ") (?:lots|times|batches|rounds) (?:of )?(?:it|that|this)"
                  + WHEN),
          Sought.of(
              WHO
                  + DO
                  + "(?<times>"
                  + NUMBER
                  + ") (?:of )?(?:these|those|such) (?:bowls|bases|mixes|batters)"
                  + WHEN),
          Sought.of("(?:all |and )?times (?<times>" + NUMBER + ")" + WHEN),
          Sought.of("(?:all |and |all of it )?(?<times>" + NUMBER + ") times over" + WHEN),
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
          Sought.of(WHO + "(?:" + DO + ")?(?:it )?(?<word>half as)(?: much| big)? again" + WHEN),
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
              WHO + "(?:" + DO + ")?(?<times>" + NUMBER + ") of (?:this|these|the following)"),
          Sought.of(
              WHO
                  + "(?:"
                  + DO
                  + ")?(?<word>twice|double|half|triple)(?: of)?(?: as much as)? (?:the |my |our )?usual(?: ,? ?which (?:is|was)| ,? ?and (?:the )?usual (?:is|was))?"));

  private BatchForms() {}

  /**
   * @param words between marks, without what is measured
   * @param before something is measured before them
   * @param behind something is measured behind them
   */
  static Optional<Batch> of(String words, boolean before, boolean behind) {
    Optional<Batch> said = behind ? found(AHEAD, words, !before) : Optional.empty();
    return said.isPresent() || !before ? said : found(BEFORE, words, false);
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
    String pattern = said.pattern().pattern();
    String times = pattern.contains("<times>") ? said.group("times") : null;
    return times == null ? WORDS.get(said.group("word")) : NumberText.readDecimal(times);
  }
}
