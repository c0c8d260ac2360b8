package honeststack.core.said.talk;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sentence;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.regex.Pattern;

/** Numbers of a label, which measure no food: "14 g fat", "240 kcal, 12 g sugar". */
public final class Labels {
  private static final Sought ENERGY =
      Sought.of("~?[\\d.,]+ ?(?:kcal|k?cals?|calories|kj)", Pattern.CASE_INSENSITIVE);

  private static final Sought EACH =
      Sought.of("per (?:serving|portion|pancake|waffle|stack|plate)");

  private static final Sought LABELLED =
      Sought.of("(?:total |of which )?(?:sugars?|salt|fat|protein)", Pattern.CASE_INSENSITIVE);

  /** Which only a label has: sugar and salt are also food. */
  private static final Sought ONLY_LABELLED =
      Sought.of("sugars|fats?|(?:total |of which ).*", Pattern.CASE_INSENSITIVE);

  private final Clause clause;

  private Labels(Clause clause) {
    this.clause = clause;
  }

  /** "14 g fat": a number of a label, and all of them where the sentence is one. */
  public static void in(Clause clause) {
    Labels labels = new Labels(clause);
    labels.nutrition();
    for (int i = 0; i < clause.size(); i++) {
      labels.run(i);
      labels.said(i);
    }
  }

  /** "high in protein (20 g)": of no food. */
  public static boolean isInBrackets(Clause clause, Clause.Aside aside) {
    boolean nutrient =
        clause.elements.stream()
            .anyMatch(e -> e.is(Sort.NUTRIENT) && !e.isFood() && e.end() == aside.after());
    boolean bare = aside.clause().elements.stream().noneMatch(Element::isFood);
    if (nutrient && bare) {
      aside.clause().elements.forEach(element -> element.part = Part.METHOD);
    }
    return nutrient && bare;
  }

  /** "20 g protein, 60 g carbs, 15 g fat": what goes on behind a nutrient is one. */
  private void run(int nutrient) {
    boolean first = clause.is(nutrient, Sort.NUTRIENT) && !clause.isFood(nutrient);
    boolean measured = isMass(nutrient - 1);
    measured |= isMass(nutrient + 1);
    measured |= clause.isMark(nutrient + 1, ":");
    if (!first || !measured) {
      return;
    }
    for (int i = nutrient + 1; clause.has(i) && isOfLabel(i, LABELLED); i++) {
      int of = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
      if (clause.get(i).isAmount() && clause.isFood(of) && !isOfLabel(of, LABELLED)) {
        break; // "protein 20 g. 200 g flour"
      }
      mark(i);
    }
    for (int i = nutrient - 1; i >= 0 && isOfLabel(i, ONLY_LABELLED); i--) {
      boolean before = i > 0 && clause.isFood(i - 1) && !isOfLabel(i - 1, ONLY_LABELLED);
      if (before && clause.get(i).isAmount()) {
        return; // of the food before it
      }
      mark(i);
    }
  }

  /** Protein by the scoop is powder. */
  private boolean isMass(int i) {
    return clause.has(i)
        && clause.get(i).isAmount()
        && clause.get(i).measure().unit().kind() == Unit.Kind.MASS;
  }

  private boolean isOfLabel(int i, Sought named) {
    Element element = clause.get(i);
    return element.isAmount()
        || element.is(Sort.NUTRIENT, Sort.PART_OF)
        || element.isFood() && named.isAll(element.text())
        || element.isMark(",", "/", "|", ":", ";", "·", "-", "–")
        || element.isWord("and", "with", "total");
  }

  private void mark(int i) {
    if (clause.get(i).isAmount() || clause.isFood(i)) {
      clause.get(i).part = Part.METHOD;
    }
  }

  /** "of which sugars 12 g", "salt per serving 0.5 g", "30 g of fat in total". */
  private void said(int food) {
    if (!clause.isFood(food) || !LABELLED.isAll(clause.get(food).text())) {
      return;
    }
    if (clause.isStrong(food - 1) && clause.low(food - 2).equals("of which")) {
      mark(food); // "of which 20 g sugars"
      mark(food - 1);
      return;
    }
    boolean which = clause.low(food - 1).equals("of which");
    boolean per = EACH.isAll(clause.low(food + 1));
    boolean total = clause.low(food).equals("fat") && clause.low(food + 1).equals("in total");
    if (!which && !per && !total) {
      return;
    }
    int of = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    mark(food);
    int amount = which ? food + 1 : per ? food + 2 : of;
    if (clause.has(amount)) {
      mark(amount);
    }
  }

  private void nutrition() {
    boolean label = clause.sentence.section() == Sentence.Section.NUTRITION || isLabel();
    for (int i = 0; i < clause.size(); i++) {
      label |= clause.is(i, Sort.NUTRITION) && (i == 0 || hasNutrient(i)) && !isAsked(i);
      Element element = clause.get(i);
      if (label && (element.isAmount() || element.isFood())) {
        element.part = Part.METHOD;
      } else if (element.isAmount() && element.isFree()) {
        int of = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
        boolean powder = element.measure().unit() == Unit.SCOOP;
        if (!powder
            && clause.is(of, Sort.NUTRIENT)
            && !clause.isFood(of)
            && !clause.isFood(of + 1)) {
          element.part = Part.METHOD;
        }
      }
    }
    clause.label = label;
  }

  /** "240 kcal, 12 g sugar, 0.5 g salt": energy, and nothing but what a label names. */
  private boolean isLabel() {
    boolean energy = false;
    boolean others = false;
    for (Element element : clause.elements) {
      energy |= element.is(Sort.UNIT_OTHER) && ENERGY.isAll(element.text());
      boolean named = element.isFood() && LABELLED.isAll(element.text());
      others |= element.isFood() && !(named && energy); // which stands first on a label
    }
    return energy && !others;
  }

  /** "calories in 2 eggs", "macros for 60 g oats": of what is asked, is no label. */
  private boolean isAsked(int cue) {
    for (int i = cue + 1; i + 1 < clause.size(); i++) {
      boolean of = clause.isWord(i, "in", "for", "of", "from", "if", "with");
      int amount = of ? clause.ahead(i + 1, 3, e -> e.isAmount() && !e.isWeak()) : -1;
      if (amount > 0
          && (clause.ahead(amount + 1, 2, Element::isFood) >= 0
              || clause.is(amount + 1, Sort.PIECES))) {
        return true;
      }
    }
    return false;
  }

  private boolean hasNutrient(int from) {
    for (int i = from; i < clause.size(); i++) {
      if (clause.is(i, Sort.NUTRIENT)) {
        return true;
      }
    }
    return false;
  }
}
