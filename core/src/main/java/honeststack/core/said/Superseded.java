package honeststack.core.said;

import java.util.List;
import java.util.function.Predicate;

/** What a sentence, or brackets, put in the place of the food measured before: see Displaced. */
final class Superseded {
  /** The most words between a food and the end of its sentence that still speak of that food. */
  private static final int CLOSE = 5;

  private Superseded() {}

  /** "It says 50 g sugar. I used 40 g honey.", "2 eggs. No, 1 banana." */
  static void across(List<Clause> read, Clause clause) {
    Clause inner = read.get(read.size() - 1);
    boolean over = inner.mentions.isEmpty() && read.size() > 1;
    Clause before = over ? read.get(read.size() - 2) : inner;
    Mention old = last(before);
    if (old != null && !over && old.amount != null && old.isMeasured()) {
      restate(before, old, clause);
    }
    Mention said = clause.mentions.isEmpty() ? null : clause.mentions.get(0);
    if (old == null || !isOther(old, said)) {
      return;
    }
    boolean bare =
        said.from <= 0 && old.to >= before.size() - 1 && !before.isWord(old.from - 1, "no", "not");
    if (bare && !over && old.from <= 0 && clause.size() <= said.to + 1) {
      return; // "200 g flour. 2 eggs."
    }
    Displaced first = new Displaced(before);
    Displaced second = new Displaced(clause);
    String tail = first.plain(old.to, before.size());
    String head = second.plain(0, said.from);
    if (over) {
      String aside = new Displaced(inner).plain(0, inner.size());
      head = DisplacedForms.CORRECTED.matcher(aside).matches() ? join(aside, head) : "-";
    }
    String between = join(tail, head);
    boolean held =
        first.isHeld(old.to, before.size())
            || second.isHeld(0, said.from)
            || tail.isEmpty() && DisplacedForms.BEHIND_FIRST.matcher(head).lookingAt();
    boolean alike = old.isMeasured() && said.isMeasured() && StandIn.isNear(old.food, said.food);
    boolean waved = alike && Dismissed.isAt(before, Math.max(0, old.from)); // "almost said …"
    boolean close = !over && tail.split(" ").length <= CLOSE;
    boolean against =
        close
            && alike
            && Contrast.isFirstGone(first.before(old.from), between, second.behind(said.to));
    if (!held && (waved || against)
        || !held && givesWay(old, said, first.before(old.from), between, second.behind(said.to))) {
      old.mark(Part.EXCLUDED);
      before.mentions.remove(old);
    }
  }

  /** "200 ml milk. No, 250 ml, 1 tsp salt" */
  private static void restate(Clause before, Mention old, Clause clause) {
    int said = 0;
    while (clause.has(said) && !clause.isAmount(said) && !clause.get(said).isFood()) {
      said++;
    }
    Element right = clause.isAmount(said) ? clause.get(said) : null;
    boolean open =
        right != null
            && clause.mentions.stream().noneMatch(m -> m.amount == right)
            && (!clause.has(said + 1)
                || clause.isMark(said + 1, ",", ".", ";")
                || clause.isWord(said + 1, "does", "is", "will", "in", "works", "do"));
    if (!open || !Displaced.isAlike(old.amount, right)) {
      return;
    }
    String between = new Displaced(clause).plain(0, said);
    String head = new Displaced(before).before(Math.max(0, old.from));
    boolean says =
        DisplacedForms.CORRECTED.matcher(between).matches()
            || DisplacedForms.TOLD.stream().anyMatch(form -> form.is(head, between, ""))
            || Contrast.isRestated(
                head, between, new Displaced(clause).behind(said + 1), right.isCount());
    if (says) {
      old.amount.part = Part.EXCLUDED;
      old.amountText = right.textLike(old.amount);
      old.restated = true;
      right.part = Part.AMOUNT;
    }
  }

  /** "50 g sugar (no, 40 g honey)": whether the food in the brackets counts instead. */
  static boolean inBrackets(Clause outer, Mention old, Clause inner) {
    Mention said = inner.mentions.size() == 1 ? inner.mentions.get(0) : null;
    if (old == null || !isOther(old, said)) {
      return false;
    }
    if (old.isMeasured()
        && StandIn.isFor(old.food, said.food)
        && Dismissed.isAt(inner, said.from)) {
      said.mark(Part.EXCLUDED); // "40 g honey (no 50 g sugar in the house)"
      inner.mentions.clear();
      return true;
    }
    String between = new Displaced(inner).plain(0, said.from);
    boolean now =
        (DisplacedForms.IN_BRACKETS.matcher(between).matches()
                || DisplacedForms.CORRECTED.matcher(between).matches())
            && StandIn.isFor(old.food, said.food);
    Displaced displaced = new Displaced(inner);
    if (!now && !givesWay(old, said, "", between, displaced.behind(said.to))) {
      return false;
    }
    said.place = old.place;
    if (!said.isMeasured() && old.isMeasured()) {
      said.amountText = old.amountText; // "50 g sugar (should be honey)"
      said.restated = true;
    }
    outer.mentions.set(outer.mentions.indexOf(old), said);
    old.mark(Part.EXCLUDED);
    inner.mentions.clear();
    return true;
  }

  /** "200 ml milk (I use 250 ml)", "3 eggs (now 2)": whether the amount in brackets counts. */
  static boolean isNow(Mention old, Clause inner) {
    List<Element> amounts =
        inner.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).toList();
    boolean one = amounts.size() == 1 && old.amount != null && old.isMeasured();
    if (!one || inner.elements.stream().anyMatch(Element::isFood)) {
      return false;
    }
    int amount = inner.elements.indexOf(amounts.get(0));
    return Displaced.isAlike(old.amount, amounts.get(0))
        && DisplacedForms.IN_BRACKETS.matcher(inner.words(0, amount)).matches()
        && (amount == inner.size() - 1 || inner.isWord(amount + 1, "now", "today", "really"));
  }

  private static String join(String first, String second) {
    return first + (first.isEmpty() || second.isEmpty() ? "" : " , ") + second;
  }

  private static Mention last(Clause clause) {
    return clause.mentions.isEmpty() ? null : clause.mentions.get(clause.mentions.size() - 1);
  }

  private static boolean isOther(Mention old, Mention said) {
    return said != null
        && said.food != null
        && old.food != null
        && !old.food.isSameFood(said.food)
        && (said.isMeasured() || StandIn.isFor(old.food, said.food));
  }

  private static boolean givesWay(
      Mention old, Mention said, String before, String between, String behind) {
    boolean corrected =
        said.isMeasured()
            && DisplacedForms.CORRECTED.matcher(between).matches()
            && StandIn.isFor(old.food, said.food);
    Predicate<DisplacedForms.Form> is = form -> form.is(before, between, behind);
    boolean first =
        DisplacedForms.FIRST.stream().anyMatch(is)
            || StandIn.isTold(old.food, said.food) && DisplacedForms.TOLD.stream().anyMatch(is)
            || DisplacedForms.SWAPPED.stream().anyMatch(is)
            || Dismissed.isInstead(between) && StandIn.isNear(old.food, said.food);
    return (corrected || first) && !DisplacedForms.MORE.matcher(behind).matches();
  }
}
