package honeststack.core.said.amount;

import honeststack.core.food.HouseholdMeasure;
import honeststack.core.line.NumberText;
import honeststack.core.measure.Containers;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/** How much one of several is: "2 tins of 400 g", "2 cups, 90 g a cup", "6 slices at 20 g". */
public final class Portioned {
  private static final String ONE =
      "(?:cups?|scoops?|mugs?|glass|spoons?|spoonful|tubs?|tins?|cans?|bars?|packs?|packets?|pots?"
          + "|sachets?|slices?|rashers?|cartons?|jars?|bottles?|blocks?|bags?|pieces?|ladles?|pot)";

  /** What stands behind its amount. */
  private static final Sought BEHIND =
      Sought.of("(?:(?:for )?an? |per |to the |in each |in an? )" + ONE + "\\b.*");

  /** What stands before it. */
  private static final Sought BEFORE =
      Sought.of(
          "(?:.* )?(?:at|@|each(?: is| holds| weighs)?|(?:my|the|an?|one|each) "
              + ONE
              + " (?:is|holds|weighs|=))");

  /** All that brackets hold. */
  private static final Sought BRACKETS =
      Sought.of(
          "(?:(?:an?|one|1|each|my|the) )?(?:"
              + ("#(?: (?:an?|per|for an?) | )" + ONE)
              + ("|" + ONE + "(?: is| =| holds| weighs| of) #)"));

  private static final Sought MULTIPLIED = Sought.of("\\d+ ?[x×]");

  private static final Sought HELD = Sought.of(".*[a-z] (" + ONE + ")");

  private Portioned() {}

  /** Finds it before amounts and foods are paired: "2 tins of 400 g coconut milk". */
  public static void in(Clause clause) {
    for (int i = 0; i + 2 < clause.size(); i++) {
      int of = clause.get(i + 1).kind == Element.Kind.WORD ? i + 2 : i + 1;
      int one = of + 1;
      boolean of400 = clause.isWord(of, "of", "at") && isMeasure(clause, one);
      int food = clause.isWord(one + 1, "of") ? one + 2 : one + 1;
      boolean before = // "protein powder, two scoops of 30 g"
          clause.isFood(i - 1) || clause.isMark(i - 1, ",", ":") && clause.isFood(i - 2);
      boolean last = !clause.has(one + 1) || clause.isMark(one + 1, ",", ".", ";");
      if (of400 && isSeveral(clause, i) && (clause.isFood(food) || before && last)) {
        double times = clause.get(i).measure().amount();
        clause.take(i, one, Part.NOTE);
        clause.several.put(clause.get(one), times);
      }
    }
  }

  private static boolean isMeasure(Clause clause, int i) {
    return clause.isStrong(i) && isMeasure(clause.get(i));
  }

  private static boolean isMeasure(Element amount) {
    Unit.Kind kind = amount.isAmount() ? amount.measure().unit().kind() : null;
    return kind == Unit.Kind.MASS || kind == Unit.Kind.MARKED || kind == Unit.Kind.VOLUME;
  }

  /** A number of things that are no food by themselves: "2 tins", "two bars". */
  private static boolean isSeveral(Clause clause, int i) {
    boolean amount = clause.isStrong(i) && clause.get(i).measure().halfRange() == 0;
    return amount
        && clause.get(i).measure().unit().kind() != Unit.Kind.MASS
        && clause.get(i).amount.orElseThrow().terms().size() == 1;
  }

  /** Writes the amounts, now that each food has its own. */
  public static void complete(Clause clause, List<Mention> mentions) {
    for (Mention mention : mentions) {
      Double times = mention.amount == null ? null : clause.several.get(mention.amount);
      if (times != null) {
        Optional<String> all = Scaled.times(mention.amount.text(), times);
        mention.amountText = all.orElse(mention.amountText);
        mention.restated = true;
      }
    }
  }

  /** "6 slices of bacon at 20 g", "2 cups of oats, 90 g a cup": the second amount is of one. */
  public static boolean isOfOne(Clause clause, int amount) {
    if (clause.is(amount + 1, Sort.EACH)) {
      return true;
    }
    boolean behind = BEHIND.isAll(clause.words(amount + 1, amount + 4));
    if (behind) {
      clause.take(amount + 1, amount + (clause.get(amount + 1).isAmount() ? 2 : 3), Part.NOTE);
    }
    boolean of = clause.isWord(amount - 1, "of") && !clause.isFood(amount + 1);
    return behind || of || BEFORE.isAll(clause.words(amount - 4, amount));
  }

  /** "3 scoops (1 scoop = 50 g)". */
  private static boolean isOne(Mention mention, Element said) {
    List<Measure> others = said.amount.orElseThrow().others();
    return mention.amount != null
        && mention.isMeasured()
        && mention.notes.isEmpty()
        && others.size() == 1
        && said.measure().amount() == 1
        && said.measure().unit() == mention.amount.measure().unit()
        && said.measure().size().equals(mention.amount.measure().size());
  }

  /** "(90 g per cup)", "(500 g tub)"; whether the brackets say so. */
  public static boolean inBrackets(Mention mention, Clause inner) {
    Element whole = inner.size() == 1 && inner.get(0).isAmount() ? inner.get(0) : null;
    if (whole != null && isOne(mention, whole)) {
      mention.notes = " (" + whole.amount.orElseThrow().others().get(0).text() + " each)";
      mention.restated = true;
      whole.part = Part.NOTE;
      return true;
    }
    if (whole != null && isPartOf(mention, whole)) {
      double part = mention.amount.measure().amount();
      mention.amountText = Scaled.times(whole.text(), part).orElse(whole.text());
      mention.restated = true;
      whole.part = Part.NOTE;
      return true;
    }
    boolean several = // "3 tins (3 x 100 g)"
        whole != null
            && !whole.isCount()
            && mention.isMeasured()
            && mention.amount != null
            && MULTIPLIED.begins(whole.low())
            && NumberText.read(whole.low().split("[ x×]")[0]) == mention.amount.measure().amount();
    if (several) {
      mention.amountText = whole.text();
      mention.restated = true;
      whole.part = Part.NOTE;
      return true;
    }
    StringBuilder words = new StringBuilder();
    Element one = null;
    for (Element element : inner.elements) {
      boolean measure = isMeasure(element);
      one = measure ? element : one;
      Matcher held = HELD.matcher(element.low()); // "500 g tub"
      String said = !measure ? element.low() : held.matches() ? "# " + held.group(1) : "#";
      words.append(words.isEmpty() ? "" : " ").append(said);
    }
    Matcher said = BRACKETS.matcher(words.toString());
    boolean meant = mention.amount != null && mention.isMeasured() && mention.notes.isEmpty();
    if (!meant || one == null || !said.matches()) {
      return false;
    }
    mention.notes = " (" + one.text().replaceFirst("(?i) " + ONE + "$", "") + " each)";
    mention.restated = true;
    inner.mentions.clear();
    inner.elements.forEach(element -> element.part = Part.NOTE);
    return true;
  }

  /** "half a bottle (33 cl) of beer": how much is in one stands right behind it. */
  private static boolean isPartOf(Mention mention, Element whole) {
    boolean part =
        mention.amount != null
            && mention.isMeasured()
            && mention.amount.measure().amount() < 1
            && Containers.isContainer(mention.amount.measure().size());
    return part
        && mention.food != null
        && whole.start() > mention.amount.end()
        && whole.end() < mention.food.start()
        && mention.known().stream()
            .flatMap(food -> food.measures().stream())
            .noneMatch(HouseholdMeasure.Piece.class::isInstance);
  }
}
