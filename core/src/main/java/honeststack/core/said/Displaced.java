package honeststack.core.said;

import honeststack.core.food.Role;
import java.util.List;
import java.util.function.Predicate;

/**
 * Of two foods, one of which takes the other's place as the words around them say, the one that
 * gives way: "50 g sugar is now 40 g honey", "it says 30 g butter; I did 2 tbsp oil", "2 eggs, no,
 * 1 banana".
 */
final class Displaced {
  private static final int FAR = 8;

  private final Clause clause;

  private Displaced(Clause clause) {
    this.clause = clause;
  }

  /** A food with the amount beside it, if there is one; elements from one to before another. */
  private record Measured(int food, int from, int to, boolean isMeasured) {
    /** The name alone, so that its amount is the next one's. */
    Measured bare() {
      return new Measured(food, food, food + 1, false);
    }
  }

  static void in(Clause clause) {
    if (clause.hasAmount()) {
      new Displaced(clause).read();
    }
  }

  /** "It says 50 g sugar. I used 40 g honey.", "2 eggs. No, 1 banana." */
  static void across(List<Clause> read, Clause clause) {
    Clause inner = read.get(read.size() - 1);
    boolean over = inner.mentions.isEmpty() && read.size() > 1;
    Clause before = over ? read.get(read.size() - 2) : inner;
    Mention old = last(before);
    Mention said = clause.mentions.isEmpty() ? null : clause.mentions.get(0);
    if (old == null || !isOther(old, said)) {
      return;
    }
    Displaced first = new Displaced(before);
    Displaced second = new Displaced(clause);
    String tail = plain(before.words(old.to, before.size()));
    String head = plain(clause.words(0, said.from));
    if (over) {
      String aside = plain(inner.words(0, inner.size()));
      head = DisplacedForms.CORRECTED.matcher(aside).matches() ? plain(aside + " , " + head) : "-";
    }
    String between = tail.isEmpty() ? head : tail + " , " + head;
    boolean held =
        first.isHeld(old.to, before.size())
            || second.isHeld(0, said.from)
            || tail.isEmpty() && DisplacedForms.BEHIND_FIRST.matcher(head).lookingAt();
    if (!held
        && second.givesWay(old, said, first.before(old.from), between, second.behind(said.to))) {
      old.mark(Part.EXCLUDED);
      before.mentions.remove(old);
    }
  }

  /** "50 g sugar (no, 40 g honey)": whether the food in the brackets counts instead. */
  static boolean inBrackets(Clause outer, Mention old, Clause inner) {
    Mention said = inner.mentions.size() == 1 ? inner.mentions.get(0) : null;
    if (old == null || !isOther(old, said)) {
      return false;
    }
    String between = plain(inner.words(0, said.from));
    boolean now =
        (DisplacedForms.IN_BRACKETS.matcher(between).matches()
                || DisplacedForms.CORRECTED.matcher(between).matches())
            && isFor(old.food, said.food);
    Displaced displaced = new Displaced(inner);
    if (!now && !displaced.givesWay(old, said, "", between, displaced.behind(said.to))) {
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

  private static Mention last(Clause clause) {
    return clause.mentions.isEmpty() ? null : clause.mentions.get(clause.mentions.size() - 1);
  }

  private static boolean isOther(Mention old, Mention said) {
    return said != null
        && said.food != null
        && old.food != null
        && !old.food.isSameFood(said.food)
        && (said.isMeasured() || isFor(old.food, said.food));
  }

  private boolean givesWay(
      Mention old, Mention said, String before, String between, String behind) {
    boolean corrected =
        said.isMeasured()
            && DisplacedForms.CORRECTED.matcher(between).matches()
            && isFor(old.food, said.food);
    Predicate<DisplacedForms.Form> is = form -> form.is(before, between, behind);
    boolean first =
        DisplacedForms.FIRST.stream().anyMatch(is) || DisplacedForms.SWAPPED.stream().anyMatch(is);
    return (corrected || first) && !DisplacedForms.MORE.matcher(behind).matches();
  }

  private void read() {
    Measured last = null;
    for (int i = 0; i < clause.size(); i++) {
      Measured next = clause.isFood(i) ? measured(i) : null;
      if (next != null && last != null) {
        decide(last, next);
      }
      last = next == null ? last : next;
      i = next == null ? i : Math.max(i, next.to - 1);
    }
  }

  /** "40 g honey", "40 g of runny honey", "honey 40 g", "the honey". */
  private Measured measured(int food) {
    for (int i = food - 1; i >= Math.max(0, food - 3); i--) {
      if (clause.isStrong(i)) {
        return new Measured(food, i, food + 1, true);
      }
      if (clause.get(i).kind != Element.Kind.WORD && !clause.is(i, Sort.IDLE)) {
        break;
      }
    }
    int behind = clause.isMark(food + 1, ":", "-") ? food + 2 : food + 1;
    boolean own = clause.isFood(clause.isWord(behind + 1, "of") ? behind + 2 : behind + 1);
    boolean is = clause.isStrong(behind) && !own;
    boolean one = !is && clause.isAmount(food - 1);
    return new Measured(food, one ? food - 1 : food, is ? behind + 1 : food + 1, is);
  }

  private void decide(Measured first, Measured second) {
    Element old = clause.get(first.food);
    Element said = clause.get(second.food);
    boolean may = second.isMeasured || first.isMeasured && isFor(old, said);
    if (!may || second.from < first.to || old.isSameFood(said) || isHeld(first.to, second.from)) {
      return;
    }
    String before = before(first.from);
    boolean apart = clause.has(first.to) && clause.get(first.to).kind == Element.Kind.MARK;
    String between = plain(clause.words(first.to, second.from));
    String behind = behind(second.to);
    if (DisplacedForms.MORE.matcher(behind).matches()) {
      return;
    }
    if (first.isMeasured
        && second.isMeasured
        && DisplacedForms.ALLOWED.matcher(between).matches()) {
      clause.take(first.to, second.from, Part.NOTE); // a choice
      return;
    }
    if (apart && DisplacedForms.BEHIND_FIRST.matcher(between).lookingAt()) {
      return; // "200 g flour, last time 50 g sugar, now …"
    }
    boolean corrected =
        second.isMeasured
            && DisplacedForms.CORRECTED.matcher(between).matches()
            && isFor(old, said);
    Predicate<DisplacedForms.Form> is = form -> form.is(before, between, behind);
    if (corrected || DisplacedForms.FIRST.stream().anyMatch(is)) {
      take(first, first.to, second.from);
    } else if (DisplacedForms.SWAPPED.stream().anyMatch(is)) {
      take(second.isMeasured ? first : first.bare(), first.to, second.from);
    } else if ((first.isMeasured || isFor(old, said) && !clause.isWord(first.from - 1, "the", "my"))
        && (DisplacedForms.FOR_EGG.matcher(between).matches() && isEgg(said) && isBinder(old)
            || DisplacedForms.SECOND.stream().anyMatch(is))) {
      take(second, first.to, second.from);
    }
  }

  /** Another amount or food stands between them. */
  private boolean isHeld(int from, int to) {
    for (int i = from; i < to; i++) {
      if (clause.isFood(i) || clause.isStrong(i)) {
        return true;
      }
    }
    return false;
  }

  private void take(Measured wrong, int from, int to) {
    clause.exclude(wrong.from, wrong.to);
    clause.take(from, to, Part.NOTE);
    for (int i = Math.max(0, wrong.from - FAR); i < wrong.from; i++) {
      if (clause.is(i, Sort.SWAP, Sort.EXCLUDE, Sort.OUT, Sort.CORRECT, Sort.INSTEAD)) {
        clause.take(i, i + 1, Part.NOTE);
      }
    }
  }

  /** What is of one kind, and what binds in an egg's place. */
  private static boolean isFor(Element old, Element said) {
    return old.isOfAKind(said) || isEgg(old) && isBinder(said) || isEgg(said) && isBinder(old);
  }

  private static boolean isEgg(Element element) {
    return element.food.filter(named -> named.food().role() == Role.EGG).isPresent();
  }

  private static boolean isBinder(Element element) {
    return element
        .food
        .map(named -> named.food().role())
        .filter(role -> role == Role.ADD_IN || role == Role.LIQUID || role == Role.FLOUR)
        .isPresent();
  }

  /** The words before a place, as far as they are of it. */
  private String before(int to) {
    int from = to;
    while (from > 0 && from > to - FAR && !isOther(from - 1)) {
      from--;
    }
    String words = clause.words(from, to);
    boolean right = from > 0 && isOther(from - 1);
    return (right ? "# " : "") + plain(words) + (words.matches(".*[,.;–…—-]") ? " ," : "");
  }

  private String behind(int from) {
    int to = from;
    while (clause.has(to) && to < from + FAR && !isOther(to)) {
      to++;
    }
    return plain(clause.words(from, to));
  }

  private boolean isOther(int i) {
    return clause.isFood(i) || clause.isStrong(i);
  }

  /** With commas for all marks, and none at the ends. */
  private static String plain(String words) {
    return words
        .replaceAll("(?<=\\w):(?= |$)", " ,")
        .replaceAll("(?: |^)[.,;:!?…–—>-]+(?= |$)", " ,")
        .replaceAll("(?:,\\s*)+", ", ")
        .replaceAll("^[ ,]+|[ ,]+$", "")
        .replaceAll("\\s+", " ");
  }
}
