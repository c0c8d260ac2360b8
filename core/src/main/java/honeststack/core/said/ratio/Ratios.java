package honeststack.core.said.ratio;

import honeststack.core.measure.Measure;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * So much of one food for so much of another, which is measured elsewhere in the text: "One egg per
 * 100 g flour. 300 g flour, 600 ml milk." makes three eggs. Where all of it is measured elsewhere
 * it is a rule, and nothing of it counts.
 */
public final class Ratios {
  private static final Sought FOR =
      Sought.of(
          "(?:^|.* )(?:per|each|every|for all|(?:for|to|with)(?: the)? (?:each|every|any)|(?:each|every) (?:full|whole))");

  private static final int CUE = 3;

  private static final String[] EACH = {"per", "each", "every", "all", "any", "full", "whole"};

  private record Rule(Clause clause, Mention unit, List<Mention> of) {}

  private final List<Clause> clauses;

  private Ratios(List<Clause> clauses) {
    this.clauses = clauses;
  }

  /** Reckons what is told for so much, and takes out what was only told. */
  public static void find(List<Clause> clauses) {
    Ratios ratios = new Ratios(clauses);
    for (Clause clause : clauses) {
      rule(clause).ifPresent(ratios::apply);
    }
  }

  private static Optional<Rule> rule(Clause clause) {
    if (clause.mentions.size() < 2) {
      return Optional.empty();
    }
    for (Mention unit : clause.mentions) {
      if (unit.isMeasured() && unit.bracketed == null && isPer(clause, unit)) {
        return Optional.of(new Rule(clause, unit, of(clause, unit)));
      }
    }
    return Optional.empty();
  }

  /** "per 100 g flour": words before a mention say that the others are for so much of it. */
  static boolean isPer(Clause clause, Mention unit) {
    boolean inside = // "in each an egg and 40 g ham": of pieces
        clause.isWord(unit.from - 2, "in", "on", "into", "onto", "inside", "over");
    return unit.food != null
        && !inside
        && clause.isWord(unit.from - 1, EACH)
        && FOR.isAll(clause.words(unit.from - CUE, unit.from));
  }

  /** What stands before it, of a list that measures the same food the last; or behind it. */
  private static List<Mention> of(Clause clause, Mention unit) {
    List<Mention> before = new ArrayList<>();
    List<Mention> behind = new ArrayList<>();
    for (Mention mention : clause.mentions) {
      if (mention != unit && mention.food != null && !mention.food.isSameFood(unit.food)) {
        (mention.from < unit.from ? before : behind).add(mention);
      }
    }
    boolean listed =
        clause.mentions.stream()
            .anyMatch(m -> m != unit && m.food != null && m.food.isSameFood(unit.food));
    int last = before.size() - 1;
    return before.isEmpty() ? behind : listed ? before.subList(last, last + 1) : before;
  }

  private void apply(Rule rule) {
    Optional<Measure> unit = Scaled.single(rule.unit.amountText);
    Optional<Measure> all =
        unit.flatMap(one -> elsewhere(rule.unit, rule).filter(whole -> isMore(whole, one)));
    if (all.isEmpty()) {
      return;
    }
    double times = Scaled.fine(all.get()) / Scaled.fine(unit.get());
    boolean told = rule.of.stream().allMatch(mention -> elsewhere(mention, rule).isPresent());
    leaveOut(rule.clause, rule.unit);
    for (Mention mention : told ? List.copyOf(rule.clause.mentions) : rule.of) {
      if (elsewhere(mention, rule).isPresent()) {
        leaveOut(rule.clause, mention); // "… and double the milk"
      } else if (rule.of.contains(mention)) {
        mention.times *= times;
      }
    }
  }

  private static void leaveOut(Clause clause, Mention mention) {
    mention.mark(Part.NOTE);
    clause.mentions.remove(mention);
  }

  /** How much of its food is measured by another mention than those of the rule. */
  private Optional<Measure> elsewhere(Mention said, Rule rule) {
    return clauses.stream()
        .flatMap(clause -> clause.mentions.stream())
        .filter(m -> m != rule.unit && m != said && !rule.of.contains(m))
        .filter(m -> m.isMeasured() && m.food != null && m.food.isSameFood(said.food))
        .flatMap(m -> Scaled.single(m.amountText).stream())
        .findFirst();
  }

  private static boolean isMore(Measure whole, Measure unit) {
    return whole.unit().kind() == unit.unit().kind() && Scaled.fine(whole) > Scaled.fine(unit);
  }
}
