package honeststack.core.said.amount;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A whole that is told again by its parts: "200 g flour: 150 g white, 50 g rye" is no 400 g; or one
 * behind what each gets: "one egg each, so three eggs".
 */
public final class AddsUp {
  private static final double NEAR = 0.001;
  private static final int FEWEST = 2;

  /** Between the whole and its parts. */
  private static final Sought BETWEEN =
      Sought.of(
          "(?:in total |in all |altogether |total )?(?:[:=(–—]|,? ?(?:made up of|made of|consisting of|composed of"
              + "|that is|that's|namely|which is|split into|divided into|being|so|as))(?: .*)?");

  /** Between what each gets and all of it. */
  private static final Sought SO =
      Sought.of(
          "(?:.* )?(?:so|that's|that is|that makes|makes|making|which is|which makes|hence|=|i.e.)(?: (?:about|all in all|in all))?");

  private AddsUp() {}

  public static void in(Clause clause) {
    List<Mention> all = clause.mentions;
    for (int i = 1; i < all.size(); i++) {
      if (isAllOf(clause, all.get(i - 1), all.get(i))) {
        all.get(i).per = null;
        all.get(i - 1).mark(Part.NOTE);
        all.remove(i - 1);
      }
    }
    for (int i = 0; i + FEWEST < all.size(); i++) {
      Mention whole = all.get(i);
      if (isApart(clause, whole, all.get(i + 1)) && measure(whole).isPresent() && isSum(all, i)) {
        named(all.subList(i + 1, all.size()), whole.foodText);
        whole.mark(Part.NOTE);
        all.remove(i);
      }
    }
  }

  /** "one egg each, so three eggs": the second is said of all of them. */
  private static boolean isAllOf(Clause clause, Mention each, Mention whole) {
    boolean same =
        each.food != null
            && whole.food != null
            && each.food.isSameFood(whole.food)
            && each.place == whole.place
            && each.amount != null
            && whole.amount != null
            && whole.from >= each.to;
    if (!same || each.amount.measure().unit() != whole.amount.measure().unit()) {
      return false;
    }
    String between = clause.words(each.to, whole.from);
    boolean said =
        SO.isAll(between)
            || each.per == Per.EATER && whole.per == null && between.matches("(?:each )?[,;–-]");
    double one = each.amount.measure().amount();
    double all = whole.amount.measure().amount();
    return said && all > one && all % one == 0;
  }

  /** "200 g flour: 150 g plain, …": which sort of it. */
  private static void named(List<Mention> parts, String food) {
    for (Mention part : parts) {
      if (part.known().isEmpty() && !part.foodText.contains(" ")) {
        part.foodText += " " + food;
        part.restated = true;
      }
    }
  }

  /** Brackets or words say that what follows is the same again. */
  private static boolean isApart(Clause clause, Mention whole, Mention part) {
    if (part.amount == null) {
      return false; // a share of it, for another place
    }
    return !clause.elements.contains(part.amount)
        || part.from >= whole.to && BETWEEN.isAll(clause.words(whole.to, part.from));
  }

  /** Whether parts are all of a whole. */
  public static boolean isSum(Mention whole, List<Mention> parts) {
    List<Mention> all = new ArrayList<>(parts);
    all.add(0, whole);
    return measure(whole).isPresent() && isSum(all, 0);
  }

  private static boolean isSum(List<Mention> all, int whole) {
    Measure sum = measure(all.get(whole)).orElseThrow();
    double left = sum.amount();
    int parts = 0;
    for (int k = whole + 1; k < all.size() && left > NEAR * sum.amount(); k++) {
      Optional<Measure> part = measure(all.get(k)).filter(m -> m.unit() == sum.unit());
      if (part.isEmpty() || !isOf(all.get(whole), all.get(k))) {
        return false;
      }
      left -= part.get().amount();
      parts++;
    }
    return parts >= FEWEST && Math.abs(left) <= NEAR * sum.amount();
  }

  /** Both do the same in a batter, as far as they are known. */
  private static boolean isOf(Mention whole, Mention part) {
    return whole.known().isEmpty() || part.known().isEmpty() || whole.role() == part.role();
  }

  /** A mass or a volume. */
  private static Optional<Measure> measure(Mention mention) {
    return Scaled.single(mention.amountText)
        .filter(m -> m.unit().kind() == Unit.Kind.MASS || m.unit().kind().isVolume());
  }
}
