package honeststack.core.said;

import honeststack.core.measure.Unit;
import java.util.regex.Pattern;

/** Numbers of a label, which measure no food: "14 g fat", "240 kcal, 12 g sugar". */
final class Labels {
  private static final Pattern ENERGY =
      Pattern.compile("~?[\\d.,]+ ?(?:kcal|k?cals?|calories|kj)", Pattern.CASE_INSENSITIVE);

  private static final Pattern LABELLED =
      Pattern.compile(
          "(?:total |of which )?(?:sugars?|salt|fat|protein)", Pattern.CASE_INSENSITIVE);

  private final Clause clause;

  private Labels(Clause clause) {
    this.clause = clause;
  }

  /** "14 g fat": a number of a label, and all of them where the sentence is one. */
  static void in(Clause clause) {
    new Labels(clause).nutrition();
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
  }

  /** "240 kcal, 12 g sugar, 0.5 g salt": energy, and nothing but what a label names. */
  private boolean isLabel() {
    boolean energy = false;
    boolean others = false;
    for (Element element : clause.elements) {
      energy |= element.is(Sort.UNIT_OTHER) && ENERGY.matcher(element.text()).matches();
      boolean named = element.isFood() && LABELLED.matcher(element.text()).matches();
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
