package honeststack.core.said.ratio;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import java.util.Optional;

/** So much of one food for so much of another, of which there is more: see {@link #in}. */
public final class PerAmount {
  private static final int FAR = 4;

  private static final Remembered CUE =
      Remembered.whole("(?:per|(?:for|to|with) (?:each|every|all)|each|every|on each|on every)");

  private static final Remembered OF = Remembered.whole("of (?:the|my|our)|of|from the");

  private final Clause clause;

  private PerAmount(Clause clause) {
    this.clause = clause;
  }

  /** "1 egg per 100 g flour, I use 300 g", "1 tsp salt to each 100 g of the 300 g flour". */
  public static void in(Clause clause) {
    PerAmount per = new PerAmount(clause);
    for (int i = 0; i + 1 < clause.size(); i++) {
      boolean amount = clause.isAmount(i + 1) || clause.isAmount(i + 2);
      int cue = amount ? per.cue(i) : -1;
      if (cue > 0 && clause.isStrong(cue) && !clause.get(cue).isCount()) {
        per.at(i, cue);
      }
    }
  }

  /** Where the unit amount stands behind words that begin at a place; -1 for none. */
  private int cue(int i) {
    if (clause.says(i, CUE)) {
      return i + 1;
    }
    boolean two = clause.isWord(i, "for", "to", "with") && clause.isWord(i + 1, "each", "every");
    return two ? i + 2 : -1;
  }

  private void at(int cue, int unit) {
    int named = clause.isWord(unit + 1, "of") ? unit + 2 : unit + 1;
    boolean two = clause.isWord(unit + 1, "of") && clause.isWord(unit + 2, "the");
    int total = two ? unit + 3 : clause.says(unit + 1, OF) ? unit + 2 : -1;
    if (clause.isStrong(total) && clause.isFood(total + 1)) {
      int some = before(cue);
      times(some, unit, total).ifPresent(factor -> multiply(some, factor, cue, total));
      return;
    }
    if (before(cue) > 0 && ofTold(before(cue), cue, unit, named)) {
      return;
    }
    if (!clause.isFood(named)) {
      return;
    }
    boolean opens = before(cue) < 0;
    int some = opens ? behind(named + 1) : before(cue);
    int from = opens && some > 0 ? food(some) + 1 : named + 1;
    Optional<Element> beside = beside(named, unit);
    if (beside.isPresent() && some >= 0) {
      Element one = clause.get(unit);
      String all = beside.get().textLike(one);
      multiply(some, Scaled.fine(beside.get().measure()) / Scaled.fine(one.measure()), cue, unit);
      clause.elements.set(unit, one.spanning(one.from, one.to, all));
      return;
    }
    int whole = total(from, unit, named);
    if (opens && whole < 0 && some > 0 && ofTold(some, cue, unit, named)) {
      return; // "300 g flour; per 100 g flour 150 ml milk"
    }
    Optional<Double> factor = times(some, unit, whole);
    if (factor.isEmpty()) {
      return;
    }
    boolean own = isSame(food(whole), named);
    if (!opens) {
      along(some, factor.get());
    }
    if (own) {
      multiply(some, factor.get(), cue, named + 1);
    } else {
      Element all = clause.get(whole);
      Element wanted = clause.get(unit);
      clause.elements.set(unit, all.spanning(wanted.from, wanted.to, all.textLike(wanted)));
      clause.take(named + 1, whole + 1, Part.NOTE, e -> e == all || !e.isAmount() && !e.isFood());
      multiply(some, factor.get(), cue, unit);
    }
  }

  /** "… per 100 g flour (300 g)": how much there is, in brackets. */
  private Optional<Element> beside(int named, int unit) {
    return clause.asides.stream()
        .filter(aside -> aside.after() == clause.get(named).end())
        .flatMap(aside -> aside.clause().elements.stream())
        .filter(e -> e.isAmount() && !e.isWeak())
        .filter(e -> e.measure().unit().kind() == clause.get(unit).measure().unit().kind())
        .filter(e -> Scaled.fine(e.measure()) > Scaled.fine(clause.get(unit).measure()))
        .findFirst();
  }

  /** "200 g flour, 1 egg per 100 g": whether there is more of it, told before. */
  private boolean ofTold(int some, int cue, int unit, int named) {
    boolean own = clause.isFood(named);
    for (int i = some - 2; i >= 0; i--) {
      int food = clause.isStrong(i) ? food(i) : clause.isStrong(i + 1) && clause.isFood(i) ? i : -1;
      int amount = clause.isStrong(i) ? i : i + 1;
      boolean same = food >= 0 && (own ? isSame(food, named) : clause.get(food).isRole(Role.FLOUR));
      Optional<Double> factor = same ? times(some, unit, amount) : Optional.empty();
      if (factor.isPresent()) {
        int it = clause.isWord(named, "it", "that") ? named + 1 : unit + 1;
        multiply(some, factor.get(), cue, own ? named + 1 : it);
        return true;
      }
    }
    return false;
  }

  /** "1 egg and 150 ml milk to each 100 g flour": what is told along with it. */
  private void along(int some, double factor) {
    int before = clause.isWord(some - 1, "and", "plus") ? before(some - 1) : -1;
    if (before >= 0) {
      multiply(before, factor, before, before);
      along(before, factor);
    }
  }

  private void multiply(int some, double factor, int from, int to) {
    Element one = clause.get(some);
    Scaled.times(one.text(), factor)
        .ifPresent(
            text -> {
              clause.elements.set(some, one.spanning(one.from, one.to, text));
              clause.take(from, to, Part.NOTE);
            });
  }

  /** The food of an amount; -1 for none. */
  private int food(int amount) {
    int food = clause.isWord(amount + 1, "of") ? amount + 2 : amount + 1;
    return clause.isFood(food) ? food : -1;
  }

  private int before(int cue) {
    int food = cue - 1;
    int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    return clause.isFood(food) && clause.isStrong(amount) ? amount : -1;
  }

  private int behind(int from) {
    for (int i = from; i < from + FAR && clause.has(i); i++) {
      if (clause.isStrong(i)) {
        return food(i) > 0 ? i : -1;
      }
      if (clause.isFood(i)) {
        return -1;
      }
    }
    return -1;
  }

  /** How much there is of it; -1 if that is not said. */
  private int total(int from, int unit, int named) {
    for (int i = from; i < clause.size(); i++) {
      boolean alike =
          clause.isStrong(i)
              && clause.get(i).measure().unit().kind() == clause.get(unit).measure().unit().kind();
      if (alike && (food(i) < 0 || isSame(food(i), named))) {
        return i;
      }
      if (clause.isStrong(i) || clause.isFood(i)) {
        return -1;
      }
    }
    return -1;
  }

  private boolean isSame(int food, int named) {
    return food > 0 && clause.get(food).isSameFood(clause.get(named));
  }

  private Optional<Double> times(int some, int unit, int total) {
    if (some < 0 || total < 0) {
      return Optional.empty();
    }
    double all = Scaled.fine(clause.get(total).measure());
    double one = Scaled.fine(clause.get(unit).measure());
    return all > one ? Optional.of(all / one) : Optional.empty();
  }
}
