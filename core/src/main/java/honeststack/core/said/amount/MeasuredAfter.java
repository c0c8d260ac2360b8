package honeststack.core.said.amount;

import honeststack.core.food.Role;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.words.Sought;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What cups, spoons and hands came to, told by name in a sentence of its own: "That's 300 g of
 * flour and 250 ml of milk.", "The oats came to 70 g and the banana to 95 g.", "The handful was 45
 * g."
 */
public final class MeasuredAfter {
  /** g/mL, common practice: nothing that goes into a batter is lighter, or heavier. */
  private static final double LIGHTEST = 0.15;

  private static final double HEAVIEST = 1.7;

  private static final String LEAD =
      "(?:(?:and|but|so|well|oh|all in all|altogether|in the end|by the way|afterwards|[,–-]) )*";

  private static final String ABOUT =
      "(?:(?:about|around|roughly|just|just over|just under|exactly|nearly|almost|some|only|say|maybe) )*";

  private static final String BE =
      "(?:is|was|are|were|makes?|made|means|meant|gives?|gave|weighs?|weighed|weighing|weighed in at|weighs in at|measured|holds?|held"
          + "|(?:comes|came|come|works?|worked|turns?|turned)(?: out(?: at| as| to| to be)?| to| in at))";

  /** Before what it came to. */
  private static final String OPEN =
      "(?:(?:that's|that'd be|it's|(?:that|this|which|it|all that) (?:would )?(?:be|"
          + BE
          + "))|(?:in |by )?weights?:?|in grams?:?|(?:in )?metric|for (?:those|anyone|people|everyone) with (?:a |the )?scales?|weighed(?: out)?"
          + "|(?:on|by) (?:the|my) scales?(?:,? (?:that|it|this|they) "
          + BE
          + ")?|(?:(?:i|we|then|have|i've|we've) )*(?:weighed (?:them|it|these|everything|it all|them all|the lot|all of (?:it|them))(?: out| afterwards| after)?|put (?:it|them|that|it all|everything|both|all of (?:it|them)) on (?:the|my) scales?))"
          + " (?:(?:is|was|are|were|it's|[,:;–-]) )*";

  private static final String NAMED =
      "(?:(?:the|my|our|both|each) )?(?:(?<vessel># )(?:of )?(?:the |my )?)?(?<food>@ )(?:(?:"
          + BE
          + "|to|at|[:,]) )?"
          + ABOUT
          + "(?<now># )(?:(?:peeled|shelled|drained|stoned|cored) )?";

  private static final String MEASURED =
      "(?:of )?(?:(?:the |my )?(?<vessel># )"
          + BE
          + " )?"
          + ABOUT
          + "(?<now># )(?:of )?(?:the |my )?(?<food>@ )";

  private static final String NEXT = "(?:(?:and|plus|with|[,;]) )+";

  private static final String END =
      "(?:(?:on|by|according to) (?:the|my) scales? |(?:by weight|in all|altogether|roughly|or so|in total|out of (?:the|their) shells?|without (?:the )?(?:shells?|skin|peel)|peeled|shelled|today|this time) )*[.! ]*";

  private static final String MORE = "(?:" + END + "|(?:, )?(?:plus|and then|and also) .*)";

  private static final List<Sought> SAID =
      List.of(
          Sought.of(LEAD + OPEN + each(MEASURED) + MORE),
          Sought.of(LEAD + OPEN + each(NAMED) + MORE),
          Sought.of(LEAD + "(?:(?:weighed|measured) (?:out )?(?:, )?)?" + each(NAMED) + END));

  private static final List<Sought> PAIRS = List.of(Sought.of(MEASURED), Sought.of(NAMED));

  /** What it takes of that for one of them: nothing more. */
  private static final Sought PORTION =
      Sought.of(
          LEAD
              + "(?:that's|that (?:is|was|makes|gives|works out at|comes to)|which (?:is|makes)|it's) "
              + ABOUT
              + "(?:# )(?:of )?(?<food>@ )(?:(?:per|each|apiece|a|(?:for|in|on) (?:each|every|one)) (?!#).*|(?:each|apiece) ?)");

  /** By what it was measured with: "The handful weighed 45 g.", "The two scoops are 50 g." */
  private static final String WITH =
      "(?:the|my|that|this|one|each) (?:(?<vessel># )(?:@ )?(?:"
          + BE
          + " )?|(?:@ )?(?!"
          + BE
          + " )(?<word>\\p{L}{3,12}) (?:of (?:it|that|@) )?(?:"
          + BE
          + " )?)"
          + ABOUT
          + "(?<now># )";

  private static final Sought VESSEL = Sought.of(WITH);

  private static final Sought VESSELS =
      Sought.of(
          LEAD
              + "(?:(?:then |afterwards |later )?(?:i|we) (?:checked|weighed|measured)(?: (?:it|them|later|after|afterwards|too|as well))? (?:[,:;–-] )*)?"
              + each(WITH)
              + END);

  private MeasuredAfter() {}

  /** One behind the other; the groups are for {@link #PAIRS}. */
  private static String each(String pair) {
    String plain = pair.replaceAll("\\?<\\w+>", "?:");
    return plain + "(?:" + NEXT + plain + ")*";
  }

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    if (!clause.hasAmount() || clause.batch.isPresent()) {
      return false;
    }
    if (isPortion(read, clause, shape)) {
      clause.passOver();
      return true;
    }
    if (shape.whole(VESSELS).isPresent()) {
      return vessels(read, clause, shape.each(VESSEL));
    }
    for (int form = 0; form < SAID.size(); form++) {
      if (shape.whole(SAID.get(form)).isPresent()) {
        return all(read, clause, shape.each(PAIRS.get(Math.min(form, 1))));
      }
    }
    return false;
  }

  private static boolean isPortion(List<Clause> read, Clause clause, Shape shape) {
    return shape
        .whole(PORTION)
        .flatMap(found -> Rescaled.before(read, clause.get(found.at("food"))))
        .isPresent();
  }

  /** Of those foods that were told before; what is told of others, it says for itself. */
  private static boolean all(List<Clause> read, Clause clause, List<Shape.Found> pairs) {
    Map<Shape.Found, Mention> old = new LinkedHashMap<>();
    for (Shape.Found pair : pairs) {
      Rescaled.before(read, clause.get(pair.at("food"))).ifPresent(told -> old.put(pair, told));
    }
    boolean likely =
        old.entrySet().stream().allMatch(one -> isOf(one.getValue(), clause, one.getKey()));
    if (old.isEmpty() || !likely || Set.copyOf(old.values()).size() < old.size()) {
      return false;
    }
    old.forEach(
        (pair, told) -> {
          Element food = clause.get(pair.at("food"));
          measure(told, clause.get(pair.at("now")));
          clause.mentions.removeIf(mention -> mention.food == food);
          pair.note(pair.start());
        });
    return true;
  }

  private static boolean vessels(List<Clause> read, Clause clause, List<Shape.Found> each) {
    List<Optional<Mention>> with = each.stream().map(one -> with(read, clause, one)).toList();
    if (with.contains(Optional.<Mention>empty())) {
      return false;
    }
    for (int i = 0; i < each.size(); i++) {
      measure(with.get(i).get(), clause.get(each.get(i).at("now")));
    }
    clause.passOver();
    return true;
  }

  /** The last food that was measured with it. */
  private static Optional<Mention> with(List<Clause> read, Clause clause, Shape.Found found) {
    return read.stream()
        .flatMap(told -> told.mentions.stream())
        .filter(Mention::isMeasured)
        .filter(mention -> isOf(mention, clause, found) && isNamed(mention, found))
        .reduce((one, later) -> later);
  }

  /** "The handful": of one. */
  private static boolean isNamed(Mention mention, Shape.Found found) {
    return !found.has("word")
        || mention.amount.low().contains(found.said().group("word"))
            && mention.amount.measure().amount() == 1;
  }

  private static void measure(Mention old, Element now) {
    old.amountText = now.text();
    old.restated = true;
  }

  /** It was not measured as well before, with as much of the same if that is named. */
  private static boolean isOf(Mention old, Clause clause, Shape.Found found) {
    if (old.amount == null || old.amount.amount.orElseThrow().terms().size() > 1) {
      return false;
    }
    Measure was = old.amount.measure();
    boolean shelled = // an egg is sold by what it weighs in its shell
        old.role() != Role.EGG || WeighedLater.SHELLED.isIn(clause.words(0, clause.size()));
    boolean same = found.at("vessel") < 0 || isSame(was, clause.get(found.at("vessel")).measure());
    return shelled && same && isOf(was, clause.get(found.at("now")).measure());
  }

  private static boolean isSame(Measure was, Measure vessel) {
    return was.unit() == vessel.unit()
        && was.amount() == vessel.amount()
        && was.size().equals(vessel.size());
  }

  private static boolean isOf(Measure was, Measure is) {
    Unit.Kind before = was.unit().kind();
    return is.unit().kind() == Unit.Kind.MARKED
        ? before != Unit.Kind.MASS && before != Unit.Kind.MARKED
        : is.unit().kind() == Unit.Kind.MASS && before != Unit.Kind.MASS && isLikely(was, is);
  }

  /** "That's 36 g of sugar" is not said of the tablespoon of it. */
  private static boolean isLikely(Measure was, Measure is) {
    Unit.Kind kind = was.unit().kind();
    boolean volume =
        kind == Unit.Kind.VOLUME || kind == Unit.Kind.SPOON || kind == Unit.Kind.MARKED;
    double density =
        is.amount()
            * is.unit().grams()
            / (was.amount() * (volume ? was.unit().millilitres(MeasuringSystem.US) : 1));
    return !volume || density >= LIGHTEST && density <= HEAVIEST;
  }
}
