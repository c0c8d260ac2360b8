package honeststack.core.said.place;

import honeststack.core.line.NumberText;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Share;
import honeststack.core.said.clause.Split;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A food whose first share is told before its name: "half the blueberries in, half on top, 200 g
 * together", "a third of the berries inside, the rest over them (300 g)".
 */
public final class HalfOf {
  private static final int FAR = 3;

  private static final Remembered INSIDE =
      Remembered.whole(
          "in|inside|into it|stirred in|folded in|mixed in|go(?:es)? in|(?:go(?:es)? )?in(?:to)? the"
              + " (?:batter|mix|mixture|bowl|dough)");

  private static final Remembered ALL =
      Remembered.whole("together|in all|altogether|in total|total|all told|all together");

  private final Clause clause;

  private HalfOf(Clause clause) {
    this.clause = clause;
  }

  /** Finds them before amounts and foods are paired. */
  public static void in(Clause clause) {
    HalfOf half = new HalfOf(clause);
    for (int i = 0; i + 2 < clause.size(); i++) {
      if (clause.is(i, Sort.PART_OF) && clause.isFood(i + 1)) {
        half.at(i);
      }
    }
  }

  private void at(int part) {
    Optional<Double> first = share(clause.low(part));
    int food = part + 1;
    boolean pan = clause.is(part - 1, Sort.PAN, Sort.PAN_NEXT); // "fry in half the oil (20 ml), …"
    int place = pan ? food : place(food + 1);
    if (first.isEmpty() || place < 0) {
      return;
    }
    List<Share> shares = new Shares(clause).from(place + 1);
    boolean one = shares.size() == 1;
    Place begins = pan ? Place.PAN : Place.NOT_SAID;
    if (!one || shares.get(0).place() == begins) {
      return;
    }
    Element whole = whole(food, shares.get(0).end());
    if (whole == null && !isToldBeside(food)) {
      return;
    }
    List<Place> places = new ArrayList<>(List.of(begins, shares.get(0).place()));
    List<Double> parts = List.of(first.get(), 1 - first.get());
    Element named = whole == null ? clause.get(food) : named(food, whole);
    clause.splits.add(Split.parts(named, parts, places));
    if (whole != null) {
      whole.corrects = named == clause.get(food);
    }
    for (int i = part; i < shares.get(0).end(); i++) {
      if (i != food) {
        clause.get(i).part = Part.PLACE;
      } else if (named != clause.get(food)) {
        clause.get(i).part = Part.NOTE;
      }
    }
  }

  /** "half the", "two thirds of the"; empty for "some of the". */
  private static Optional<Double> share(String low) {
    String number = low.replaceFirst("(?: of)?(?: the| my| these| those)?$", "");
    try {
      double share = NumberText.read(number);
      return share > 0 && share < 1 ? Optional.of(share) : Optional.empty();
    } catch (RefusedException notRead) {
      return Optional.empty();
    }
  }

  /** Where the words end that say that it goes into the bowl; -1 for none. */
  private int place(int from) {
    for (int to = Math.min(clause.size(), from + FAR); to > from; to--) {
      boolean bowl = to == from + 1 && clause.is(from, Sort.BOWL) && !clause.is(from, Sort.BATTER);
      if (bowl || INSIDE.is(clause.words(from, to))) {
        return to - 1;
      }
    }
    return -1;
  }

  /** How much it is in all; null where nobody says. */
  private Element whole(int food, int from) {
    int at = clause.isMark(from, ",", "-", "–", ";") ? from + 1 : from;
    boolean all = clause.isStrong(at) && clause.says(at + 1, ALL);
    boolean again = clause.isStrong(at) && clause.isFood(at + 1);
    if (all) {
      clause.get(at + 1).part = Part.NOTE;
    }
    return all || again && isAlike(food, at + 1) ? clause.get(at) : null;
  }

  /** "half the oil (20 ml)": in brackets right behind it. */
  private boolean isToldBeside(int food) {
    return clause.asides.stream()
        .filter(aside -> aside.after() == clause.get(food).end())
        .anyMatch(aside -> aside.clause().isAmount(0) && aside.clause().size() == 1);
  }

  private boolean isAlike(int food, int other) {
    String name = clause.low(food);
    return clause.get(food).isSameFood(clause.get(other)) || clause.low(other).endsWith(name);
  }

  /** The name that stands by the whole amount. */
  private Element named(int food, Element whole) {
    int at = clause.elements.indexOf(whole);
    return clause.isFood(at + 1) ? clause.get(at + 1) : clause.get(food);
  }
}
