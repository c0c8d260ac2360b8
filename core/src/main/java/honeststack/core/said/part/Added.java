package honeststack.core.said.part;

import honeststack.core.food.Role;
import honeststack.core.measure.Measure;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Optional;

/**
 * How something went in bit by bit: "milk, started with 200 ml and then 100 more", "one egg didn't
 * look enough so I cracked in another". All of it counts.
 */
public final class Added {
  private static final String JOINED =
      "(?:[,;–-] |and |but |then |so |it |i |was like \\w+ |was too \\w+ |needed |added |took |put in |poured in |another |a further |later |after that )*";

  private static final String ALONE =
      "(?!(?:of )?@)(?!(?:of it )?(?:more )?(?:if|when|in case) (?:it|you|needed|necessary|the batter)\\b)";

  private static final List<Sought> SAID =
      List.of(
          Sought.of(
              "(?<food>@ )(?:[,:–-] )?(?:i |we )?(?:started|began|start) (?:off )?with (?<one># )"
                  + JOINED
                  + "(?<two># )(?!(?:is |was |are |were |still )*(?:left|remain))(?:more |extra )?"
                  + ALONE),
          Sought.of(
              "(?:started|began|start) (?:off )?with (?<one># )(?:of )?(?<food>@ )"
                  + JOINED
                  + "(?<two># )(?:more|extra)\\b"),
          Sought.of(
              "(?<food>@ )(?:: )?(?<one># )(?:, )?(?:and |then )+(?:again |another )?(?<two># )(?:, )?(?:and |then )+(?:again |another )?(?<three># )"
                  + ALONE),
          Sought.of("(?<food>@ )(?:: )?(?<one># )and again (?<two># )" + ALONE),
          Sought.of(
              "(?<one># )(?:of )?(?<food>@ )(?:to begin with|to start with|at first|first|initially) (?:, )?(?:and |then )+(?<two># )(?:on top of that|more|later|after)\\b"));

  private static final String ANOTHER = "(?:another(?: one)?|a second(?: one)?|one more)";

  private static final Sought EGG =
      Sought.of(
          "\\b(?:one|an?|1) (?<food>@ )[^#@]*\\b"
              + ANOTHER
              + "(?= [.,;!]| in [.,;!]| in ?$| too\\b|$| $)");

  private static final Sought SECOND =
      Sought.of(
          "(?:(?:and|then|so|i|added|cracked in|,) )*" + ANOTHER + "(?: @)?(?: in| too)?[ .!]*");

  private static final String TWO = "2";

  private Added() {}

  public static void in(Clause clause) {
    Optional<Shape> shape = clause.hasFood() ? Shape.of(clause, 0) : Optional.empty();
    if (shape.isEmpty()) {
      return;
    }
    SAID.forEach(form -> shape.get().each(form).forEach(found -> add(clause, found)));
    shape.get().each(EGG).forEach(found -> egg(clause, found));
  }

  private static void add(Clause clause, Shape.Found found) {
    Element one = clause.get(found.at("one"));
    Element two = clause.get(found.at("two"));
    boolean more = found.said().pattern().pattern().contains("<three>");
    Element three = more ? clause.get(found.at("three")) : null;
    boolean free = one.isFree() && two.isFree() && PartlyOther.isPlain(one);
    if (!free || !isMore(one, two) || more && !isMore(one, three)) {
      return;
    }
    Measure first = one.measure();
    double all = first.amount() + two.measure().amount() + (more ? three.measure().amount() : 0);
    int food = found.at("food");
    int last = Math.max(food, found.at("one"));
    found.note(last + 1);
    for (int i = food + 1; i < found.at("one"); i++) {
      clause.get(i).part = Part.NOTE;
    }
    one.instead = (Numbers.plain(all) + " " + first.unit().symbol()).strip();
    one.corrects = food < found.at("one");
    clause.bitByBit = true;
  }

  private static boolean isMore(Element one, Element two) {
    return two.measure().unit() == one.measure().unit() || two.isCount();
  }

  private static void egg(Clause clause, Shape.Found found) {
    int food = found.at("food");
    Element one = clause.get(food - 1);
    if (clause.get(food).isRole(Role.EGG) && one.isAmount() && one.instead == null) {
      one.instead = TWO;
      clause.bitByBit = true;
      for (int i = food + 1; i < found.end(); i++) {
        clause.get(i).part = Part.NOTE;
      }
    }
  }

  /** "One egg. Then a second one.": whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause) {
    boolean second =
        !read.isEmpty() && Shape.read(clause).flatMap(shape -> shape.whole(SECOND)).isPresent();
    Optional<Mention> egg =
        second
            ? Spent.last(read).filter(m -> m.role() == Role.EGG && m.amount != null)
            : Optional.empty();
    boolean one =
        egg.filter(m -> m.amount.isCount() && m.amount.measure().amount() == 1).isPresent();
    if (!one) {
      return false;
    }
    egg.get().amountText = TWO;
    egg.get().restated = true;
    clause.passOver();
    return true;
  }
}
