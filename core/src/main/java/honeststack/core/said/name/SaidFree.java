package honeststack.core.said.name;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.words.Sought;
import java.util.Optional;

/** Where words behind a food say what it is free of, whatever else they say. */
record SaidFree(int from, int to, String words) {
  private static final Sought FREE =
      Sought.of(
          "(?:gluten|wheat|dairy|milk|egg|nut|peanut|soya?|sesame|sugar|fat|alcohol|meat) ?-? ?free"
              + "|vegan|vegetarian|plant ?-? ?based|eggless|unsweetened|unsalted|gf");

  /** Before it: it is not, or others are. */
  private static final Sought DENIED =
      Sought.of(
          "\\b(?:not|no|never|isn't|aren't|wasn't|doesn't|don't|needn't|if|unless|or|otherwise|normally|than|low|instead|without|can|could|once|my|his|her|their|our"
              + "|for(?: the| a| my| our)?(?= ?$))\\b");

  /** Behind it: only then, or of somebody. */
  private static final Sought ONLY =
      Sought.of(
          "^(?:if|unless|or|when|for (?:vegans|vegetarians|coeliacs)|too|as well|also|version|friends?|daughter|son|sister|brother|guests?|people|kids|ones? (?:works?|too|if))\\b");

  private static final int FAR = 12;

  /** Of a food that ends right before an element, up to another. */
  static Optional<SaidFree> in(Clause clause, int from, int to) {
    for (int i = from; i < Math.min(to, from + FAR); i++) {
      for (int end = Math.min(to, i + 3); end > i; end--) {
        String words = clause.words(i, end);
        if (FREE.isAll(words)) {
          boolean named = clause.has(end) && clause.get(end).isFood(); // "vegan margarine"
          boolean other =
              named
                  || DENIED.isIn(clause.words(from, i))
                  || ONLY.isIn(clause.words(end, Math.min(clause.size(), end + 3)));
          return other
              ? Optional.empty()
              : Optional.of(new SaidFree(i, end, words.replaceAll(" ?-? ?free", "-free")));
        }
      }
    }
    return Optional.empty();
  }
}
