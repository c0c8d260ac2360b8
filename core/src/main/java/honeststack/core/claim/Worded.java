package honeststack.core.claim;

import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.goal.Goal;
import honeststack.core.goal.Judgement;
import honeststack.core.goal.Verdict;
import honeststack.core.promise.Promise;
import honeststack.core.promise.Promises;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Words of a claim held against a recipe.
 *
 * @param rule the paragraph that asks for it
 * @param unitedStates a rule of the United States; of the European Union otherwise
 * @param verdict how it stands
 * @param reason one sentence; empty where there is nothing to say
 */
public record Worded(
    String words, String rule, boolean unitedStates, Verdict verdict, String reason) {

  /** The better of two ways to be allowed a claim comes first. */
  private static final List<Verdict> BEST_FIRST =
      List.of(
          Verdict.MET,
          Verdict.LIKELY_MET,
          Verdict.TOO_CLOSE,
          Verdict.NOT_KNOWN,
          Verdict.LIKELY_MISSED,
          Verdict.MISSED);

  /**
   * All words, held against the pieces as cooked, without toppings; none while 100 g cooked have no
   * figures.
   *
   * @param referenceAmount g cooked that United States rules are for: {@link LabelWord#US_PANCAKES}
   *     or {@link LabelWord#US_WAFFLES}
   */
  public static List<Worded> of(RecipeReading reading, double referenceAmount) {
    List<Measurand> needed =
        LabelWord.all().stream()
            .flatMap(word -> word.goals(referenceAmount).stream())
            .map(Goal::measurand)
            .distinct()
            .toList();
    Figures figures = Figures.of(reading, needed);
    if (figures.on(Basis.PER_100G_COOKED).isEmpty()) {
      return List.of();
    }
    List<Worded> held = new ArrayList<>();
    for (LabelWord word : LabelWord.all()) {
      held.add(best(word, figures, referenceAmount));
    }
    held.add(noAddedSugar("no added sugars", "21 CFR 101.60(c)(2)", true, reading));
    held.add(noAddedSugar("with no added sugars", "(EC) 1924/2006, annex", false, reading));
    return held;
  }

  private static Worded best(LabelWord word, Figures figures, double referenceAmount) {
    Judgement best = null;
    for (Goal goal : word.goals(referenceAmount)) {
      Figure figure = figures.figure(Basis.PER_100G_COOKED, goal.measurand());
      Judgement judged = Judgement.of(goal, figure);
      if (best == null || place(judged.verdict()) < place(best.verdict())) {
        best = judged;
      }
    }
    return new Worded(
        word.words(), word.rule(), word.isUnitedStates(), best.verdict(), best.reason());
  }

  private static int place(Verdict verdict) {
    return BEST_FIRST.indexOf(verdict);
  }

  private static Worded noAddedSugar(
      String words, String rule, boolean unitedStates, RecipeReading reading) {
    Stream<Promises.Held> held =
        Promises.of(reading).stream().filter(one -> one.promise() == Promise.NO_ADDED_SUGAR);
    return held.findFirst()
        .map(
            one ->
                new Worded(
                    words,
                    rule,
                    unitedStates,
                    switch (one.standing()) {
                      case YES -> Verdict.MET;
                      case NO -> Verdict.MISSED;
                      case NOT_KNOWN -> Verdict.NOT_KNOWN;
                    },
                    one.decides().isEmpty() ? "" : "It is decided by: " + one.decides() + "."))
        .orElseThrow();
  }
}
