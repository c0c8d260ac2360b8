package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.Batched;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * More or less of all that was told but for some of it, or of some alone, in a sentence behind it:
 * "I doubled everything except the eggs.", "I halved everything but kept 2 eggs.", "I doubled the
 * flour and the milk."
 */
public final class TimesAllBut {
  private static final String LEAD =
      "(?:(?:and|but|so|then|today|this time|i|we|i've|we've|just|only|,) )*";

  private static final String TIMES = "(?:doubl|halv|tripl|trebl|quadrupl)(?:ed|ing|e) ";

  private static final String ALL =
      "(?:all |the )?(?:everything|of it|of that|it all|lot|all|whole lot|amounts|quantities|recipe)(?: else)? ";

  private static final String BUT =
      "(?:[,;–-] )?(?:but|except|apart from|bar|save|other than|minus|not)(?: for| not| that)? ";

  private static final String KEPT =
      "(?:(?:i|we|only|just|kept|keep|left|leave|used|use|had|have|took|stuck with|stuck to|of) )*";

  private static final String FOODS =
      "(?:(?:and|or|,|the|my|both|all|of|any) )*(?:# )?(?:of )?@ (?:(?:(?:and|or|,|the|my|both|plus) )+(?:# )?(?:of )?@ )*";

  private static final String AS_IT_WAS =
      "(?:(?:,|which|that|those|they|it|i|we|left|kept|stayed|stay|stays|remained|were|was|is|are|alone|as|the same|this time|today) )*[ .!]*";

  private static final Sought BUT_FOR =
      Sought.of(
          LEAD
              + ("(?:" + TIMES + ALL + "|everything (?:else )?(?:was |got )?" + TIMES + ")")
              + (BUT + KEPT + FOODS + AS_IT_WAS));

  private static final Sought SOME =
      Sought.of(LEAD + TIMES + "the @ (?:and|plus) (?:the )?@ [ .!]*");

  private static final Map<String, Double> FACTORS =
      Map.of("doubl", 2.0, "halv", 0.5, "tripl", 3.0, "trebl", 3.0, "quadrupl", 4.0);

  private TimesAllBut() {}

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    boolean some = SOME.isAll(shape.text());
    if (!some && !BUT_FOR.isAll(shape.text())) {
      return false;
    }
    Map<Mention, Optional<Element>> named = named(read, clause);
    if (named.isEmpty()) {
      return false;
    }
    double factor =
        FACTORS.entrySet().stream()
            .filter(times -> shape.text().contains(times.getKey()))
            .mapToDouble(Map.Entry::getValue)
            .findFirst()
            .orElseThrow();
    List<Mention> kept = List.copyOf(named.keySet());
    if (some) {
      kept.forEach(mention -> mention.times *= factor);
    } else {
      read.forEach(before -> Batched.times(before, factor, kept, false));
    }
    named.forEach((mention, amount) -> amount.ifPresent(now -> take(mention, now)));
    clause.passOver();
    clause.batch = Optional.empty();
    clause.loose.clear();
    clause.counts.clear();
    return true;
  }

  private static void take(Mention mention, Element now) {
    mention.amountText = now.text();
    mention.restated = true;
  }

  /**
   * What was measured before of the foods it names, and how much it says of it; empty where one of
   * them was not.
   */
  private static Map<Mention, Optional<Element>> named(List<Clause> read, Clause clause) {
    Map<Mention, Optional<Element>> named = new LinkedHashMap<>();
    for (int i = 0; i < clause.size(); i++) {
      Element food = clause.get(i);
      if (!food.isFood() && food.food.isEmpty()) {
        continue;
      }
      Optional<Mention> old = Rescaled.before(read, food);
      if (old.isEmpty()) {
        return Map.of();
      }
      int of = clause.isWord(i - 1, "of") ? i - 2 : i - 1;
      boolean measured = of >= 0 && clause.get(of).isAmount() && !clause.get(of).isWeak();
      named.put(old.get(), measured ? Optional.of(clause.get(of)) : Optional.empty());
    }
    return named;
  }
}
