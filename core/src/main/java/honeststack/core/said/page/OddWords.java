package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.Pattern;

/** Words that mean others than they are: "a third egg", "then the other", "buttered, 5 g each". */
final class OddWords {
  /** For so many people, in German, Portuguese, Spanish and French. */
  private static final Sought FOR =
      Sought.of(
          "\\b(?:für|para)(?= \\d)|^pour(?= \\d+ *$)",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  /** "2 large or 3 small eggs": so many of the large ones. */
  private static final Sought BY_SIZE =
      Sought.of(
          "(?:(?<=\\beggs?[:,]? )|(?=[\\w ]+ (?:eggs?|ones)\\b))\\b((?:\\d|one|two|three|four|five|six) (?:large|big|medium|jumbo)) or (?:\\d|one|two|three|four|five|six|eight) (?:small|little|tiny|medium)\\b",
          Pattern.CASE_INSENSITIVE);

  /** "one egg, then the other": two, one behind the other. */
  private static final Sought THE_OTHER =
      Sought.of(
          "\\b(?:one|an|1|the first) egg,? (?:and )?then the (?:other|second)(?: (?:one|egg))?\\b",
          Pattern.CASE_INSENSITIVE);

  /** "a third egg went in": not a third of one. */
  private static final Sought THIRD_EGG =
      Sought.of("\\b(?:a|the) (?:third|fourth|fifth|sixth) egg\\b", Pattern.CASE_INSENSITIVE);

  /** "I always forget the soda": nobody says so of what he left out. */
  private static final Sought NEARLY_FORGOT =
      Sought.of(
          "\\b(?:always|nearly|almost|often|usually) forg(?:et|ot)(?: about| to say)?\\b",
          Pattern.CASE_INSENSITIVE);

  /** "for t'pan". */
  private static final Sought THE = Sought.of("\\bt['’](?=\\p{Ll}{3})");

  /** "Buttered, 5 g each": with butter. */
  private static final Sought BUTTERED =
      Sought.of("\\bbuttered\\b(?=[^.\\d(]{0,25}\\d+ ?g\\b)(?! with)", Pattern.CASE_INSENSITIVE);

  /** "Per 10 waffles: 500 g flour, …": for so many. */
  private static final Sought PER_SO_MANY =
      Sought.of(
          "^per(?= (?:\\d{1,3}|ten|twelve|twenty|a dozen) (?:\\w+ )?(?:pancakes|waffles|cr[eê]pes|pieces|portions|servings|people|persons|guests|children|kids) ?[:\\n])",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(PER_SO_MANY, "for", "per "),
          Repair.as(THE, "", "t'", "t’"),
          Repair.as(FOR, "for", "für ", "para ", "pour "),
          Repair.of(BY_SIZE, at -> at.group(1), "large or", "big or", "medium or", "jumbo or"),
          Repair.as(THE_OTHER, "2 eggs", "then the"),
          Repair.as(THIRD_EGG, "another egg", "th egg", "rd egg"),
          Repair.as(NEARLY_FORGOT, "add", "forg"),
          Repair.as(BUTTERED, "butter", "uttered"));

  private OddWords() {}
}
