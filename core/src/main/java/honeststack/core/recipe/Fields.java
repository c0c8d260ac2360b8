package honeststack.core.recipe;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.line.MassText;
import honeststack.core.measure.Weights;
import honeststack.core.recipe.RecipeReading.FieldProblem;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a recipe says in fields of its own, and what is to be said of them. */
final class Fields {
  private final Weights weights;
  private final List<FieldProblem> problems = new ArrayList<>();
  private final List<String> findings = new ArrayList<>();
  private final List<String> without = new ArrayList<>();

  Fields(Weights weights) {
    this.weights = weights;
  }

  List<FieldProblem> problems() {
    return problems;
  }

  List<String> findings() {
    return findings;
  }

  /** What is not in the numbers, in a few words each. */
  List<String> without() {
    return without;
  }

  void found(String sentence) {
    findings.add(sentence);
  }

  /** A weight stated on its own; empty if it is blank or was refused. */
  Optional<Estimate> mass(String field, String text, String what, Field place) {
    if (text.isBlank()) {
      return Optional.empty();
    }
    try {
      return Optional.of(weights.weighed(MassText.read(text), what, Use.of(place)));
    } catch (RefusedException refused) {
      refuse(field, refused.refusal());
      return Optional.empty();
    }
  }

  void refuse(String field, Refusal refusal) {
    problems.add(new FieldProblem(field, refusal));
  }

  void refuse(String field, String offending, String problem, String accepted) {
    refuse(field, new Refusal(BAD_AMOUNT, offending, problem, accepted));
  }
}
