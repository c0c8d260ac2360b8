package honeststack.core.said.pairing;

import honeststack.core.line.AmountParser;
import honeststack.core.line.Token;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Measure;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * As many amounts as foods, one list behind the other: "flour and milk, 200 g and 300 ml", "200 g
 * and 300 ml of flour and milk respectively". The first is of the first.
 */
public final class Respective {
  private static final int MOST = 12;

  /** "2/3" of two foods may be a fraction. */
  private static final int MANY = 3;

  private static final String[] JOINTS = {"and", "to", "by"};
  private static final String[] MARKS = {"/", "&", "+", ":", "-", "–"};

  private final Clause clause;

  private Respective(Clause clause) {
    this.clause = clause;
  }

  /** The foods of such lists, each with its amount; they are taken. */
  public static List<Linking.Link> in(Clause clause) {
    Respective respective = new Respective(clause);
    List<Linking.Link> links = new ArrayList<>();
    for (int i = 0; i + 2 < clause.size(); i++) {
      if (clause.isFood(i) && !respective.isMeasured(i)) {
        respective.foodsFirst(i, links);
      } else if (clause.isStrong(i)) {
        respective.amountsFirst(i, links);
      }
    }
    return links;
  }

  private boolean isMeasured(int food) {
    return clause.isStrong(food - 1) || clause.isWord(food - 1, "of");
  }

  private void foodsFirst(int first, List<Linking.Link> links) {
    List<Integer> foods = run(first, true, MOST);
    int behind = last(foods) + 1;
    boolean mark = clause.isMark(behind, ",", ":", "-", "–", "—", "=", "(");
    int at = mark || clause.isWord(behind, "at", "are", "is", "in", "so") ? behind + 1 : behind;
    at = mark && clause.isWord(at, "so", "that's", "say") ? at + 1 : at;
    boolean choice = // "butter/oil, 50 g/40 ml"
        foods.size() == 2 && clause.isMark(foods.get(0) + 1, "/");
    if (foods.size() < 2 || choice || !clause.isStrong(at)) {
      return;
    }
    boolean split = foods.size() == 2 && split(at) || splitSlashed(at, foods.size());
    if (foods.size() >= MANY && clause.isMark(foods.get(0) + 1, "/")) {
      splitTwo(at);
    }
    List<Integer> amounts = run(at, false, foods.size());
    int end = last(amounts) + 1;
    boolean said = clause.isWord(end, "respectively") || clause.isMark(end, ",");
    said &= clause.hasWord("respectively");
    boolean joined =
        isJoint(last(foods) - 1) || clause.isMark(end - 2, "/") || clause.isMark(behind, ":", "=");
    boolean ofNext = clause.isFood(end) || clause.isWord(end, "of") && clause.isFood(end + 1);
    if (amounts.size() == foods.size() && (said || joined && !ofNext)) {
      pair(amounts, foods, links);
    } else if (split && foods.size() == 2) {
      join(at);
    }
  }

  private void amountsFirst(int first, List<Linking.Link> links) {
    boolean two = clause.get(first).amount.orElseThrow().terms().size() == 2;
    int of = two ? first + 1 : last(run(first, false, MOST)) + 1;
    List<Integer> foods = clause.isWord(of, "of") ? run(of + 1, true, MOST) : List.of();
    boolean said = clause.hasWord("respectively");
    boolean unlike = !two || isUnlike(clause.get(first).amount.orElseThrow().terms());
    if (foods.size() < 2 || clause.isStrong(last(foods) + 1) || !(said || unlike)) {
      return;
    }
    boolean split = two && foods.size() == 2 && split(first);
    List<Integer> amounts = run(first, false, foods.size());
    if (split) {
      foods = run(of + 3, true, MOST);
    }
    if (amounts.size() == foods.size()) {
      pair(amounts, foods, links);
    } else if (split) {
      join(first);
    }
  }

  /** A mass and a volume are no sum of one food. */
  private static boolean isUnlike(List<Amount.Term> terms) {
    return terms.get(0).measure().unit().kind() != terms.get(1).measure().unit().kind();
  }

  private static int last(List<Integer> places) {
    return places.isEmpty() ? -1 : places.get(places.size() - 1);
  }

  /** Foods, or amounts, with nothing but commas and an "and" between. */
  private List<Integer> run(int from, boolean foods, int most) {
    List<Integer> run = new ArrayList<>();
    int i = from;
    while (foods ? clause.isFood(i) : clause.isStrong(i)) {
      run.add(i);
      i++;
      if (run.size() == most) {
        break;
      }
      boolean comma = clause.isMark(i, ",");
      i += comma ? 1 : 0;
      boolean joint = isJoint(i);
      i += joint ? 1 : 0;
      if (!comma && !joint) {
        break;
      }
    }
    return run;
  }

  private boolean isJoint(int i) {
    return clause.isWord(i, JOINTS) || clause.isMark(i, MARKS);
  }

  private void pair(List<Integer> amounts, List<Integer> foods, List<Linking.Link> links) {
    for (int k = 0; k < foods.size(); k++) {
      clause.get(amounts.get(k)).part = Part.AMOUNT;
      clause.get(foods.get(k)).part = Part.FOOD;
      links.add(new Linking.Link(amounts.get(k), foods.get(k), -1));
    }
    int end = Math.max(last(amounts), last(foods)) + 1;
    for (int i = Math.min(amounts.get(0), foods.get(0)); i <= end && clause.has(i); i++) {
      boolean between = clause.get(i).isFree() && (isJoint(i) || clause.isWord(i, "respectively"));
      if (between) {
        clause.get(i).part = Part.NOTE;
      }
    }
  }

  /** "200 g and 300 ml", which was read as a sum, as two; whether it was. */
  private boolean split(int amount) {
    Element sum = clause.get(amount);
    List<Amount.Term> terms = sum.amount.orElseThrow().terms();
    int joint = sum.from;
    while (joint < sum.to && !isPlus(sum.tokens.get(joint))) {
      joint++;
    }
    if (terms.size() != 2 || terms.get(1).taken() || joint >= sum.to - 1) {
      return false;
    }
    clause.elements.set(amount, part(sum, sum.from, joint, terms.get(0)));
    clause.elements.add(amount + 1, Element.token(sum.tokens, joint));
    clause.elements.add(amount + 2, part(sum, joint + 1, sum.to, terms.get(1)));
    return true;
  }

  /** "60/60/30 g", for as many foods, as three; whether it is so. */
  private boolean splitSlashed(int at, int foods) {
    Element all = clause.get(at);
    String[] said = all.text().split(" ?/ ?");
    if (said.length != foods || foods < MANY || all.to - all.from < 2 * foods - 1) {
      return false;
    }
    String unit = said[foods - 1].replaceFirst("^[\\d.,]+", "");
    List<Element> parts = new ArrayList<>();
    for (int k = 0; k < foods; k++) {
      String one = k < foods - 1 ? said[k] + unit : said[k];
      Optional<Measure> measure = Scaled.single(one);
      if (measure.isEmpty()) {
        return false;
      }
      int from = all.from + 2 * k;
      Amount.Term term = new Amount.Term(measure.get(), false);
      Element part = part(all, from, k < foods - 1 ? from + 1 : all.to, term);
      part.instead = one;
      parts.add(part);
      if (k < foods - 1) {
        parts.add(Element.token(all.tokens, from + 1));
      }
    }
    clause.elements.remove(at);
    clause.elements.addAll(at, parts);
    return true;
  }

  /** "100 g / 200 ml" is of two foods, and not twice of one. */
  private void splitTwo(int at) {
    Element both = clause.get(at);
    String[] said = both.text().split(" ?/ ?");
    int slash = both.from;
    while (slash < both.to && !both.tokens.get(slash).isMark("/")) {
      slash++;
    }
    Optional<Measure> one =
        said.length == 2 && both.text().matches("[\\d.,]+ ?\\p{L}.*")
            ? Scaled.single(said[0])
            : Optional.empty();
    Optional<Measure> two = said.length == 2 ? Scaled.single(said[1]) : Optional.empty();
    if (one.isPresent() && two.isPresent() && slash < both.to - 1) {
      clause.elements.set(at, part(both, both.from, slash, new Amount.Term(one.get(), false)));
      clause.elements.add(at + 1, Element.token(both.tokens, slash));
      Amount.Term second = new Amount.Term(two.get(), false);
      clause.elements.add(at + 2, part(both, slash + 1, both.to, second));
    }
  }

  private static boolean isPlus(Token token) {
    return token.isWord("and") || token.isMark("&", "+");
  }

  private static Element part(Element sum, int from, int to, Amount.Term term) {
    return Element.amount(
        sum.tokens, from, new AmountParser.Front(List.of(term), false, List.of(), 0, to));
  }

  private void join(int amount) {
    Element first = clause.get(amount);
    Element second = clause.get(amount + 2);
    List<Amount.Term> terms =
        List.of(
            first.amount.orElseThrow().terms().get(0), second.amount.orElseThrow().terms().get(0));
    clause.elements.subList(amount + 1, amount + 3).clear();
    clause.elements.set(
        amount,
        Element.amount(
            first.tokens,
            first.from,
            new AmountParser.Front(terms, false, List.of(), 0, second.to)));
  }
}
