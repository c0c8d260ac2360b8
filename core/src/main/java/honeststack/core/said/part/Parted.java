package honeststack.core.said.part;

import honeststack.core.line.Token;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;

/**
 * A whole and the foods that it is made up of: "500 g flour in all: 100 g rye, the rest white",
 * "300 ml liquid, two thirds milk and one third water", "60 g fat, 40 butter and 20 oil". The parts
 * count, where they are all of the whole.
 */
public final class Parted {
  /** What shares may miss or exceed of the whole, by rounding. */
  private static final double ROUNDED = 0.02;

  private static final double EXACT = 1e-9;

  private static final String KIND =
      "(?:liquids?|fluids?|wet|fats?|flours?|fruits?|berries|nuts?|milks?|sugars?|sweeteners?|seeds?|toppings?)";

  private static final Sought SAID =
      Sought.of(
          "(?<whole># )(?:of )?(?:mixed |the )?(?<kind>@ |"
              + KIND
              + " )(?<total>(?:in (?:all|total)|altogether|total|all told) )?(?<apart>(?:[:,=(–—-] )*)"
              + "(?<being>(?:of which|made up of|made of|being|namely|that is|that's|as|with|i use|i take|i do|we use|mine is) )?"
              + "(?<parts>(?:a |about )?[#@0-9]|half|the rest)");

  private static final Sought REST =
      Sought.of("(?:the )?(?:rest|remainder|remaining|others?)(?: part| of it| of them)?");

  private static final Sought BETWEEN =
      Sought.of(
          "[,;:+&–—-]|and|with|the|then|is|are|was|being|in|as|of|of it|of them|it|of that|that|(?:i|we) use|just|about|plus");

  private static final String[] NUMBERS = {"half", "a", "one", "two", "three", "four"};

  private final Clause clause;
  private final Element whole;
  private final List<Integer> shares = new ArrayList<>();
  private final List<Integer> foods = new ArrayList<>();

  private Parted(Clause clause, Element whole) {
    this.clause = clause;
    this.whole = whole;
  }

  /**
   * "500 g flour (three fifths wholemeal, rest white)": of what stands right before the brackets.
   *
   * @param open where they open
   */
  public static boolean isInBrackets(List<Token> tokens, int open) {
    int i = open + 1;
    boolean number = i < tokens.size() && tokens.get(i).isWord(NUMBERS) || isNumber(tokens, i);
    while (number && i < tokens.size() && !tokens.get(i).isMark(")", "]", ".")) {
      if (tokens.get(i).isWord("rest", "remainder")) {
        return true;
      }
      i++;
    }
    return false;
  }

  private static boolean isNumber(List<Token> tokens, int i) {
    return i < tokens.size() && tokens.get(i).kind() == Token.Kind.NUMBER;
  }

  public static void in(Clause clause) {
    Shape.in(clause, 1, SAID).ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    int kind = found.at("kind");
    String marks = found.said().group("apart");
    boolean told = found.has("total") || found.has("being") || marks.matches(".*[:=(–—].*");
    Parted parted = new Parted(clause, clause.get(found.at("whole")));
    if ((told || !marks.isEmpty()) && PartlyOther.isPlain(parted.whole)) {
      parted.read(found.at("parts"), kind, told);
    }
  }

  private void read(int from, int kind, boolean told) {
    boolean known = clause.isFood(kind) && clause.get(kind).food.isPresent();
    double left = left(from);
    if (known
        && !told
        && !foods.stream().allMatch(i -> clause.get(i).isOfAKind(clause.get(kind)))) {
      return; // "3 eggs, 2 bananas, 1 apple": a list
    }
    boolean rest = shares.stream().anyMatch(i -> !clause.get(i).isAmount());
    boolean bare = shares.stream().allMatch(i -> !clause.get(i).isAmount() || isBare(i));
    double near = isFraction() ? ROUNDED * whole.measure().amount() : EXACT;
    boolean all = rest ? left > 0 : Math.abs(left) <= near;
    boolean meant = !known || bare && (told || !isFraction()) || rest && told;
    if (shares.size() < 2 || !all || !meant || whole.isCount() && rest) {
      return;
    }
    for (int k = shares.size() - 1; k >= 0; k--) {
      int i = shares.get(k);
      double part = clause.get(i).isAmount() ? part(i) : left;
      clause.join(i, i + 1, whole, PartlyOther.written(whole, part));
    }
    clause.take(clause.elements.indexOf(whole), from, Part.NOTE);
  }

  /** What the parts leave of the whole; they are listed meanwhile. */
  private double left(int from) {
    double left = whole.measure().amount();
    boolean open = false;
    for (int i = from; i < clause.size(); i++) {
      boolean rest = REST.isAll(clause.low(i)) && clause.ahead(i + 1, 2, Element::isFood) > 0;
      if (open && clause.isFood(i)) {
        foods.add(i);
        open = false;
      } else if (!open && (rest || clause.isStrong(i) && isOfWhole(i))) {
        left -= rest ? 0 : part(i);
        shares.add(i);
        open = true;
      } else if (!BETWEEN.isAll(clause.low(i)) || rest) {
        break;
      }
    }
    if (open) {
      shares.clear();
    }
    return left;
  }

  private boolean isFraction() {
    return shares.stream().anyMatch(i -> clause.get(i).isAmount() && isFraction(i));
  }

  private boolean isFraction(int i) {
    return isBare(i) && clause.get(i).measure().amount() < 1;
  }

  private boolean isBare(int i) {
    return clause.get(i).isAmount() && clause.get(i).isCount();
  }

  private boolean isOfWhole(int i) {
    Element share = clause.get(i);
    return PartlyOther.isPlain(share)
        && (share.isCount() || share.measure().unit() == whole.measure().unit());
  }

  private double part(int i) {
    double amount = clause.get(i).measure().amount();
    boolean fraction = isFraction(i) && whole.measure().unit() != Unit.COUNT;
    return fraction ? amount * whole.measure().amount() : amount;
  }
}
