package honeststack.core.said.amount;

import honeststack.core.food.Role;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * What a scale says, in a sentence of its own, of a food that was counted or measured in cups: "2
 * eggs, … My eggs were 60 g each.", "A mug of flour, … I weighed the flour, 150 g."
 */
public final class WeighedLater {
  private static final String LEAD =
      "(?:(?:and|but|so|oh|well|by the way|today|together|all together|altogether|i|we|,) )*";

  private static final String WAS =
      "(?:(?:is|are|was|were|weighed?|weighs|came to|come to|comes to|came out at|worked out at|turned out to be|made|makes)"
          + "(?: (?:in at|out at|about|around|roughly|just|exactly|only|a good|big|large|small|tiny|huge))*,? ?)";

  private static final String EACH = "(?:(?:each|apiece|a piece|per egg) )?";

  private static final String SHELL =
      "(?:,? ?(?:(?:without|out of|no|not counting|minus) (?:the |their |its )?(?:shells?|skins?|peel)|shelled|peeled|cracked|together|in all|in total|all told|altogether|by weight|on the scales?|when i weighed (?:it|them)) )?";

  private static final String END = "(?<now># )" + EACH + SHELL + EACH + "[ .!]*";

  private static final List<Sought> SAID =
      List.of(
          Sought.of(
              LEAD
                  + "(?:(?:the|my|our|these|those|that|this|each|every|each of the) )?(?<food>@ )"
                  + WAS
                  + END),
          Sought.of(
              LEAD
                  + "weigh(?:ed|ing)? (?:(?:the|my|that|those) )?(?<food>@ )(?:first )?(?:and |, |: |– |- )*(?:(?:it|they) )?"
                  + WAS
                  + "?"
                  + END),
          Sought.of(
              LEAD
                  + "(?:it|they|that) "
                  + WAS
                  + "(?<now># )"
                  + EACH
                  + SHELL
                  + ",? ?(?:the|that|those) (?<food>@ )[ .!]*"));

  /** Of the food named last. */
  private static final Sought THEY =
      Sought.of(
          LEAD
              + "(?<they>they|it|those|these|each|each one|each of them|every one|together they) "
              + WAS
              + END);

  private static final Sought ALL_EACH = Sought.of("\\b(?:each|every|apiece|a piece|per egg)\\b");

  /** That it was weighed without its shell, or together. */
  static final Sought SHELLED =
      Sought.of(
          "\\b(?:weigh\\w*|shell\\w*|shells|cracked|came|comes?|scales?|together|total|all)\\b");

  private WeighedLater() {}

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause) {
    if (read.isEmpty() || !clause.hasAmount() || clause.batch.isPresent()) {
      return false;
    }
    Shape shape = Shape.read(clause).orElseThrow();
    Optional<Shape.Found> said =
        SAID.stream().map(shape::whole).flatMap(Optional::stream).findFirst();
    Optional<Mention> old =
        said.flatMap(found -> Rescaled.before(read, clause.get(found.at("food"))));
    if (said.isEmpty()) {
      said = shape.whole(THEY);
      old = said.flatMap(found -> last(read, found));
    }
    boolean each = said.isPresent() && ALL_EACH.isIn(clause.words(0, clause.size()));
    Element now = said.isPresent() ? clause.get(said.get().at("now")) : null;
    return old.isPresent() && weigh(old.get(), now, each, clause);
  }

  /** "They came to 120 g": of what is counted last; "it": of what was measured last. */
  private static Optional<Mention> last(List<Clause> read, Shape.Found found) {
    Clause before = read.get(read.size() - 1);
    if (before.mentions.isEmpty()) {
      return Optional.empty();
    }
    Mention last = before.mentions.get(before.mentions.size() - 1);
    boolean several =
        found.said().group("they").matches("(?:they|those|these|each|every).*|.* they");
    boolean counted =
        last.amount != null && last.amount.isCount() && last.amount.measure().amount() > 1;
    return several == counted ? Optional.of(last) : Optional.empty();
  }

  private static boolean weigh(Mention old, Element now, boolean each, Clause clause) {
    boolean weight = now.measure().unit().kind() == Unit.Kind.MASS;
    boolean apart =
        old.amount != null
            && PartlyOther.isPlain(old.amount)
            && old.amount.measure().unit().kind() != Unit.Kind.MASS;
    if (!weight || !apart) {
      return false;
    }
    boolean one = each && old.amount.isCount();
    boolean shelled = // an egg is sold by what it weighs in its shell
        one || old.role() != Role.EGG || SHELLED.isIn(clause.words(0, clause.size()));
    if (!shelled && old.amount.isCount()) {
      clause.passOver(); // what it weighs in its shell, or about what is counted
      return true;
    }
    if (each && !one || !shelled) {
      return false;
    }
    double times = each ? old.amount.measure().amount() : 1;
    Optional<String> all = Scaled.times(now.text(), times);
    all.ifPresent(
        text -> {
          old.amountText = text;
          old.restated = true;
          clause.passOver();
        });
    return all.isPresent();
  }
}
