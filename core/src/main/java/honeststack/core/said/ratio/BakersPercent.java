package honeststack.core.said.ratio;

import honeststack.core.food.Role;
import honeststack.core.line.NumberText;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;

/** Shares of the flour's weight: "500 g flour, milk 150 %, egg 40 %", "salt 2 % of 500 g flour". */
public final class BakersPercent {
  private static final double HUNDRED = 100;
  private static final int FEWEST = 2;

  private static final Sought NUMBER = Sought.of("\\d+(?:[.,]\\d+)?");

  private BakersPercent() {}

  public static void in(Clause clause) {
    List<Integer> shares = new ArrayList<>();
    for (int i = 0; i + 1 < clause.size(); i++) {
      if (isShare(clause, i)) {
        shares.add(i);
      }
    }
    int flour = shares.isEmpty() ? -1 : flour(clause);
    boolean of = shares.size() == 1 && isOf(clause, shares.get(0)) && shares.get(0) < flour;
    boolean sure = of || shares.size() == 1 && isOfFlour(clause, shares.get(0));
    if (flour < 0 || !sure && shares.size() < FEWEST) {
      return;
    }
    whole(clause, flour);
    Element whole = clause.get(flour);
    for (int k = shares.size() - 1; k >= 0; k--) {
      int i = shares.get(k);
      int end = of && !clause.isFood(i + 2) ? i + 3 : i + 2;
      double share = NumberText.read(clause.get(i).text()) / HUNDRED;
      String written = PartlyOther.written(whole, share * whole.measure().amount());
      clause.join(i, end, whole, written);
    }
  }

  /** "500 g = 100 %": the flour itself. */
  private static void whole(Clause clause, int flour) {
    int number = clause.isMark(flour + 1, "=", "/", ",") ? flour + 2 : flour + 1;
    if (clause.low(number).equals("100") && clause.low(number + 1).equals("%")) {
      clause.take(flour + 1, number + 2, Part.NOTE);
    }
  }

  /** No milk's fat: of what nobody tells by a share of its own. */
  private static boolean isOfFlour(Clause clause, int share) {
    int food = clause.isFood(share + 2) ? share + 2 : share - 1;
    return clause.isFood(food) && clause.get(food).isRole(Role.SALT, Role.LEAVENING, Role.SUGAR);
  }

  /** "… % of 500 g flour". */
  private static boolean isOf(Clause clause, int share) {
    int of = clause.isFood(share + 2) ? share + 3 : share + 2;
    return clause.isWord(of, "of", "on") && clause.isStrong(of + 1);
  }

  /** A number of per cent right beside a food that is no flour and not measured otherwise. */
  private static boolean isShare(Clause clause, int i) {
    boolean number = clause.low(i + 1).equals("%") && NUMBER.isAll(clause.low(i));
    int behind = clause.isMark(i - 1, ":", "-", "–", "=") ? i - 2 : i - 1;
    int food = clause.isFood(behind) ? behind : clause.isFood(i + 2) ? i + 2 : -1;
    return number
        && food >= 0
        && (isOf(clause, i) || !clause.get(food).isRole(Role.FLOUR))
        && !clause.isStrong(food - 1)
        && !(food < i && clause.isFood(i + 2));
  }

  /** What the flour weighs; -1 if no flour is weighed. */
  private static int flour(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      boolean weight =
          clause.isStrong(i)
              && clause.get(i).measure().unit().kind() == Unit.Kind.MASS
              && clause.get(i).measure().halfRange() == 0;
      int food = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
      int before =
          clause.isMark(i - 1, ":", "=", "-", "–") || clause.isWord(i - 1, "is", "at", "are")
              ? i - 2
              : i - 1;
      boolean flour =
          clause.isFood(food) && clause.get(food).isRole(Role.FLOUR)
              || clause.isFood(before) && clause.get(before).isRole(Role.FLOUR);
      if (weight && flour) {
        return i;
      }
    }
    return -1;
  }
}
