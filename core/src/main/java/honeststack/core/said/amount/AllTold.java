package honeststack.core.said.amount;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * A sentence that says nothing but how much of a food there is altogether: "350 ml milk in all.",
 * "That's three eggs in total." Of one that was measured once so much is right; of one in several
 * parts it is their sum, said once more.
 */
public final class AllTold {
  private static final Sought SAID =
      Sought.of(
          "(?:(?:so|and|now|that's|that is|which makes|makes|it's) )*(?<all># )(?:of )?(?<food>@ )"
              + "(?:in all|in total|altogether|all told|all together)[ .!]*");

  /** Of a sum: so much may be lost where its parts were rounded. Common practice. */
  private static final double SAME = 0.02;

  private AllTold() {}

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause) {
    Optional<Shape.Found> said =
        clause.hasFood()
            ? Shape.read(clause).flatMap(shape -> shape.whole(SAID))
            : Optional.empty();
    if (said.isEmpty()) {
      return false;
    }
    Element all = clause.get(said.get().at("all"));
    Element food = clause.get(said.get().at("food"));
    List<Mention> told =
        read.stream()
            .flatMap(before -> before.mentions.stream())
            .filter(m -> m.food != null && m.amount != null && m.food.isSameFood(food))
            .toList();
    boolean alike = !told.isEmpty() && told.stream().allMatch(m -> isAlike(m.amount, all));
    if (!alike || told.size() > 1 && !isSum(told, all)) {
      return false;
    }
    if (told.size() == 1) {
      told.get(0).amountText = all.text();
      told.get(0).restated = true;
    }
    clause.passOver();
    return true;
  }

  private static boolean isAlike(Element one, Element other) {
    Unit unit = one.measure().unit();
    return unit == other.measure().unit() || unit.kind() == other.measure().unit().kind();
  }

  private static boolean isSum(List<Mention> told, Element all) {
    double sum = told.stream().mapToDouble(m -> m.amount.quantity()).sum();
    return Math.abs(sum - all.quantity()) <= SAME * sum;
  }
}
