package honeststack.core.said.amount;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;

/** How many there are of a food is told behind it: "the eggs, of which I use three, …". */
public final class HowMany {
  private static final int FAR = 6;

  private static final String[] MARKS = {",", "–", "—", "-"};

  private static final Sought CUE =
      Sought.of(
          "(?:of (?:which|them) )?(?:there(?:'s| are| were| is| should be| must be)"
              + "|(?:i|we|you|she|he|it)(?:'ll)? (?:always |usually |only |just )?"
              + "(?:needs?|uses?|used|takes?|took|have|has|wants?|puts? in|adds?)"
              + "|all|all of)(?: all| about| only| just)?");

  private static final Remembered THEM =
      Remembered.whole("of (?:them|those)|(?:in )?all|altogether");

  private static final Remembered IN =
      Remembered.whole("in|through|in there|into it|in it|in too|in as well");
  private static final Remembered ABOUT = Remembered.whole("or so|or thereabouts|roughly|total");

  private HowMany() {}

  public static void in(Clause clause) {
    for (int i = 0; i + 3 < clause.size(); i++) {
      if (clause.isFood(i) && clause.isMark(i + 1, MARKS) && !isMeasured(clause, i)) {
        at(clause, i);
      } else if (clause.isFood(i) && isPutIn(clause, i)) {
        weighed(clause, i);
      }
    }
  }

  private static boolean isMeasured(Clause clause, int food) {
    return clause.has(food - 1)
        && (clause.get(food - 1).isAmount() || clause.isWord(food - 1, "of", "no", "without"));
  }

  private static void at(Clause clause, int food) {
    int amount = food + 2;
    while (amount < food + FAR && clause.has(amount) && !clause.isStrong(amount)) {
      amount++;
    }
    boolean told = clause.isStrong(amount) && CUE.isAll(clause.words(food + 2, amount));
    int end = told && clause.says(amount + 1, THEM) ? amount + 2 : amount + 1;
    end =
        told && clause.isWord(amount + 1, "of") && clause.isWord(amount + 2, "them")
            ? amount + 3
            : end;
    if (told && isClosed(clause, end)) {
      clause.join(food + 1, end, clause.get(amount), clause.get(amount).text());
    }
  }

  private static boolean isPutIn(Clause clause, int food) {
    return clause.has(food - 1)
        && clause.get(food - 1).isAmount()
        && (clause.get(food - 1).isCount() || clause.get(food - 1).isWeak())
        && clause.says(food + 1, IN)
        && clause.isMark(food + 2, MARKS);
  }

  /** "we put a grated apple in, about 120 g". */
  private static void weighed(Clause clause, int food) {
    int amount = clause.ahead(food + 3, 2, Element::isAmount);
    boolean weight = clause.isStrong(amount) && !clause.get(amount).isCount();
    int end = weight && clause.says(amount + 1, ABOUT) ? amount + 2 : amount + 1;
    end = clause.isWord(end, "of") && clause.isWord(end + 1, "it", "them") ? end + 2 : end;
    if (weight && isClosed(clause, end)) {
      clause.join(food + 1, end, clause.get(amount), clause.get(amount).text());
    }
  }

  private static boolean isClosed(Clause clause, int end) {
    return !clause.has(end)
        || clause.get(end).kind == Element.Kind.MARK
        || clause.isWord(end, "with", "and", "in", "into", "to", "then");
  }

  /** "the eggs (there are three)": whether the brackets say so. */
  public static boolean inBrackets(Mention before, Clause inner) {
    int last = inner.size() - 1;
    Element number = inner.has(last) ? inner.get(last) : null;
    boolean told =
        number != null
            && !before.isMeasured()
            && before.food != null
            && number.isAmount()
            && !number.isWeak()
            && CUE.isAll(inner.words(0, last));
    if (told) {
      before.amountText = number.text();
      before.restated = true;
      inner.elements.forEach(element -> element.part = Part.NOTE);
      number.part = Part.AMOUNT;
      inner.counts.clear();
    }
    return told;
  }
}
