package honeststack.core.said.ratio;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.Batches;
import java.util.List;
import java.util.Optional;

/**
 * A recipe told for so much of one food, and how much of that was taken: "100 g flour takes 1 egg
 * and 150 ml milk. I used 300 g.", "Every egg wants 50 g flour. I took two."
 */
public final class RuleOf {
  private static final String TIME =
      "(?:(?:today|tonight|this time|now|in all|in total|altogether|all told|usually) )*";

  /** How much was taken. */
  private static final Sought TOTAL =
      Sought.of(
          "(?:(?:and|so|but|then|today|tonight|this time|now|,) )*(?:(?:i|we|i've|we've|i'm|we're)(?: (?:always|usually|just|had|have|got|only))* )?"
              + "(?:(?:used|using|took|taking|take|use|had|have|did|do|made|make|made it with|went with|started with|weighed out|weighed|put in|cracked|crack|broke) )?"
              + "(?:about )?(?<all>(?:#|one|two|three|four|five|six) )(?:(?:of )?(?:(?:it|them|those|that)|(?<food>@) )?)"
              + TIME
              + "[ .!]*");

  /** Before what the recipe goes by. */
  private static final Sought EACH =
      Sought.of(
          "|(?:(?:and|so|well|my|the|rule|is|for|to|,|:) )*(?:each|every|per|the rule is|the rule :)?");

  /** Between that and the others. */
  private static final Sought TAKES =
      Sought.of("(?:takes|needs|wants|gets|asks for|goes with|will take|calls for)(?: about)?");

  /** "A batch is 100 g flour, 1 egg. I did two." */
  private static final Sought BATCH =
      Sought.of(
          "(?:(?:and|so|well|my|the|each|every|a|one|1|per|for|our|,) )*(?:batch|lot|bowl|go|mix) (?:of|is|takes|has|gets|needs|:|,|-|–) .*");

  private static final Sought DID =
      Sought.of("\\b(?:did|made|do|make|mixed|cooked|mix|cook|needed|need)\\b");

  private static final int FAR = 2;

  private RuleOf() {}

  /** What the recipe goes by, and how much of it. */
  private record Rule(Clause clause, Mention unit, double one) {}

  /** Has the recipe count as often as it was taken; whether the sentence says only that. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    if (read.isEmpty() || clause.batch.isPresent() || !hasNumber(clause)) {
      return false;
    }
    Optional<Shape.Found> total = shape.whole(TOTAL);
    if (total.isEmpty()) {
      return false;
    }
    Element all = clause.get(total.get().at("all"));
    for (int i = read.size() - 1; i >= Math.max(0, read.size() - FAR); i--) {
      boolean did =
          all.isAmount()
              && all.isCount()
              && all.measure().amount() < Batches.PIECES
              && DID.isIn(clause.words(0, clause.size()));
      if (did && !total.get().has("food") && isBatch(read.get(i))) {
        double times = all.measure().amount();
        read.get(i).mentions.forEach(mention -> mention.times *= times);
        clause.passOver();
        clause.counts.clear();
        return true;
      }
      Optional<Rule> rule = rule(read.get(i));
      if (rule.isPresent()) {
        Element food = total.get().has("food") ? clause.get(total.get().at("food")) : null;
        boolean same = food == null || food.isSameFood(rule.get().unit.food);
        return same && all.isAmount() && apply(rule.get(), all.measure(), clause);
      }
    }
    return false;
  }

  /** Whether words say how much of something was taken, and nothing else. */
  public static boolean isTotal(List<Element> elements) {
    return !elements.isEmpty()
        && elements.get(0).isWord("i", "we", "today", "so")
        && TOTAL.isAll(Shape.signs(elements));
  }

  /** Whether words say what so much of something takes. */
  public static boolean isTold(List<Element> elements) {
    return elements.stream().anyMatch(e -> TAKES.isAll(e.low()))
        && elements.stream().filter(Element::isFood).count() > 1;
  }

  private static boolean isBatch(Clause clause) {
    return clause.mentions.size() >= 2 && BATCH.isAll(clause.words(0, clause.size()));
  }

  private static boolean hasNumber(Clause clause) {
    return clause.elements.stream().anyMatch(Element::isAmount);
  }

  /** Whether a mention is only what a recipe goes by: "per 100 g flour". */
  public static boolean isUnit(Clause clause, Mention mention) {
    return rule(clause).filter(rule -> rule.unit == mention).isPresent();
  }

  private static Optional<Rule> rule(Clause clause) {
    List<Mention> all = clause.mentions;
    if (all.size() < 2 || all.stream().anyMatch(m -> m.bracketed != null)) {
      return Optional.empty();
    }
    Mention first = all.get(0);
    boolean per = Ratios.isPer(clause, first);
    boolean takes =
        first.from >= 0
            && first.to <= all.get(1).from
            && EACH.isAll(clause.words(0, first.from))
            && TAKES.isAll(clause.words(first.to, all.get(1).from));
    if (per || takes) {
      return unit(first).map(one -> new Rule(clause, first, one));
    }
    Mention last = all.get(all.size() - 1);
    return Ratios.isPer(clause, last)
        ? unit(last).map(one -> new Rule(clause, last, one))
        : Optional.empty();
  }

  private static Optional<Double> unit(Mention mention) {
    if (!mention.isMeasured()) {
      return mention.foodText.equalsIgnoreCase("egg") ? Optional.of(1.0) : Optional.empty();
    }
    return Scaled.single(mention.amountText).map(Scaled::fine).filter(one -> one > 0);
  }

  private static boolean apply(Rule rule, Measure all, Clause clause) {
    Optional<Measure> unit = Scaled.single(rule.unit.amountText);
    boolean alike =
        unit.isEmpty() ? all.unit() == Unit.COUNT : all.unit().kind() == unit.get().unit().kind();
    double times = Scaled.fine(all) / rule.one;
    if (!alike || times <= 1) {
      return false;
    }
    if (!rule.unit.isMeasured()) {
      rule.unit.amountText = "1";
    }
    rule.clause.mentions.forEach(mention -> mention.times *= times);
    clause.passOver();
    return true;
  }
}
