package honeststack.core.said.instead;

import honeststack.core.line.Sizes;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.StandIn;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Of two foods, one of which takes the other's place as the words around them say, the one that
 * gives way: "50 g sugar is now 40 g honey", "it says 30 g butter; I did 2 tbsp oil", "2 eggs, no,
 * 1 banana".
 */
public final class Displaced {
  private static final int FAR = 8;
  private static final double MOST = 4;

  /** "That gave me six": no amount of what was told before. */
  private static final Remembered MADE =
      Remembered.whole("(?:.* )?(?:gave|gives?|made|makes?|got|gets?)(?: (?:me|us|you))?");

  private static final Sought EACH = Sought.of("(?:.* )?each(?: of(?: the| my)?)?");
  private static final Sought ONE = Sought.of(".*\\b(?:my|our|the|an?|one|each|both)");

  /** Where it was, and about how much: it says nothing against it. */
  private static final Remembered STORED =
      Remembered.whole(
          "(?:out of|from|in) (?:the|my|our|an?) (?:freezer|fridge|cupboard|larder|pantry|carton|packet|tin|jar|bag|box|tub|garden)"
              + "|give or take|or so|or thereabouts|more or less");

  private static final String[] MARKS = {".", ",", ";", ":", "!", "?", "…", "–", "—", "-"};

  private static final String[] ARROWS = {"→", "->", ">", ">>", "=>", "⇒"};

  private final Clause clause;

  public Displaced(Clause clause) {
    this.clause = clause;
  }

  /** A food with the amount beside it, if there is one; elements from one to before another. */
  public record Measured(int food, int from, int to, boolean isMeasured) {
    /** The name alone, so that its amount is the next one's. */
    Measured bare() {
      return new Measured(food, food, food + 1, false);
    }
  }

  public static void in(Clause clause) {
    if (clause.hasAmount()) {
      new Displaced(clause).read();
    }
  }

  /** Before a list it may say that some of it gives way. */
  private static final Sought CUE =
      Sought.of(
          "\\b(?:used to|instead|was|were|had|before|previously|old|originally|original|not|rather|swap\\w*|replac\\w*|from|recipe|says?|said|calls?|called|book|normally"
              + "|usually|card|should|would|could|first|last|meant|supposed|never|no|without|skip\\w*|forgot|didn't|don't|out|change\\w*|switch\\w*|sub|subbed|else|wrote|thought)\\b");

  private void read() {
    if (clause.elements.stream().noneMatch(Displaced::isWord)) {
      return; // "200 g flour, 2 eggs, 300 ml milk"
    }
    Measured last = null;
    int bare = -1;
    for (int i = 0; i < clause.size(); i++) {
      Measured next = clause.isFood(i) ? measured(i) : null;
      if (next != null && last != null) {
        decide(last, next);
      }
      if (next == null && isBare(i)) {
        bare = i;
        if (last != null && last.isMeasured) {
          restate(last, i);
        }
      } else if (next != null && next.isMeasured && bare >= 0) {
        givesWay(bare, next);
      }
      bare = next == null ? bare : -1;
      last = next == null ? last : next;
      i = next == null ? i : Math.max(i, next.to - 1);
    }
  }

  /** Says more than that one goes with the other. */
  private static boolean isWord(Element element) {
    boolean said = element.kind == Element.Kind.WORD || element.kind == Element.Kind.PHRASE;
    return element.isMark("=", "→")
        || said && !element.isWord("and", "of", "the", "with", "plus", "add", "mix");
  }

  /** "40 g honey", "40 g of runny honey", "honey 40 g", "the honey". */
  public Measured measured(int food) {
    for (int i = food - 1; i >= Math.max(0, food - 3); i--) {
      if (clause.isStrong(i)) {
        return new Measured(food, i, food + 1, true);
      }
      boolean over = clause.get(i).kind == Element.Kind.WORD || clause.is(i, Sort.IDLE);
      if (!over || clause.isWord(i, "and", "plus", "with", "then", "to")) {
        break;
      }
    }
    int name = clause.isWord(food + 1, "instead") ? food + 1 : food;
    boolean comma = clause.isMark(name + 1, ",") && BareCounts.isEnd(clause, name + 3);
    comma &= IntStream.range(0, food).anyMatch(clause::isStrong);
    int behind = comma ? name + 2 : clause.isMark(food + 1, ":", "-") ? food + 2 : food + 1;
    boolean own = clause.isFood(clause.isWord(behind + 1, "of") ? behind + 2 : behind + 1);
    boolean is = clause.isStrong(behind) && !own;
    boolean one = !is && clause.isAmount(food - 1);
    return new Measured(food, one ? food - 1 : food, is ? behind + 1 : food + 1, is);
  }

  /** An amount of no food. */
  private boolean isBare(int i) {
    return clause.isStrong(i)
        && clause.ahead(i + 1, 2, Element::isFood) < 0
        && !clause.isFood(i - 1)
        && !clause.says(clause.isWord(i - 1, "about") ? i - 2 : i - 1, MADE)
        && !clause.is(i + 1, Sort.PIECES, Sort.PEOPLE, Sort.UNIT_OTHER, Sort.PER, Sort.EACH);
  }

  /** "200 ml milk, now 250 ml", "100 g sugar, but 80 g is plenty". */
  private void restate(Measured old, int said) {
    int amount = old.from;
    while (amount < old.to && !clause.isStrong(amount)) {
      amount++;
    }
    if (amount == old.to) {
      return; // it is left out already
    }
    Element was = clause.get(amount);
    boolean share = clause.get(said).isCount() && clause.get(said).measure().amount() < 1;
    boolean part = share && !was.isCount(); // "200 g strawberries and we used about half"
    if (part || said < old.to || isHeld(old.to, said) || !isAlike(was, clause.get(said))) {
      return;
    }
    if (IntStream.range(old.to, said).anyMatch(i -> clause.is(i, Sort.HOLD))) {
      boolean it = clause.isWord(said + 1, "of") && clause.isWord(said + 2, "it");
      clause.take(old.to, it ? said + 3 : said + 1, Part.METHOD); // "…, hold back 50 ml"
      return;
    }
    String before = before(old.from);
    String between = plain(old.to, said);
    String behind = behind(said + 1);
    boolean right = Contrast.isRestated(before, between, behind, clause.get(said).isCount());
    if (right && !DisplacedForms.MORE.isAll(behind)) {
      was.part = Part.EXCLUDED;
      for (int i = amount + 1; i < old.food; i++) {
        if (Sizes.is(clause.low(i)) && IntStream.range(old.to, said).anyMatch(this::isSize)) {
          clause.get(i).part = Part.EXCLUDED; // "3 small eggs, mine are large so 2"
        }
      }
      clause.take(old.to, said, Part.NOTE);
      clause.get(said).takeUnit(was);
      clause.get(said).corrects = true;
      for (int i = said + 1; i <= said + 3 && clause.is(i, Sort.CORRECT, Sort.VERB); i++) {
        clause.take(i, i + 1, Part.NOTE); // "… is better"
      }
    }
  }

  private boolean isSize(int i) {
    return Sizes.is(clause.low(i));
  }

  /** "250 ml, not 200 ml milk": the food is one. */
  private void givesWay(int said, Measured old) {
    boolean before = clause.isStrong(old.from) && said < old.from && !isHeld(said + 1, old.from);
    if (before
        && isAlike(clause.get(old.from), clause.get(said))
        && DisplacedForms.NOT.isAll(plain(said + 1, old.from))) {
      clause.take(said + 1, old.from + 1, Part.EXCLUDED);
      clause.get(said).takeUnit(clause.get(old.from));
    }
  }

  /** Nobody mends an amount to so many times of it, or of another kind. */
  static boolean isAlike(Element was, Element said) {
    double times = said.measure().amount() / was.measure().amount();
    boolean unit = said.isCount() || said.measure().unit().kind() == was.measure().unit().kind();
    boolean same = said.isCount() || said.measure().unit() == was.measure().unit();
    return unit && (!same || times <= MOST && times >= 1 / MOST);
  }

  private void decide(Measured first, Measured second) {
    Element old = clause.get(first.food);
    Element said = clause.get(second.food);
    boolean may = second.isMeasured || first.isMeasured && StandIn.isFor(old, said);
    if (!may || isCorrected(second.to) || second.from < first.to || isHeld(first.to, second.from)) {
      return;
    }
    String before = before(first.from);
    String between = plain(first.to, second.from);
    String behind = behind(second.to);
    if (EACH.isAll(before)) {
      return; // "swap each of the 3 eggs for 60 g yoghurt": see ForEach
    }
    if (DisplacedForms.MORE.isAll(behind) || DisplacedForms.isKept(before)) {
      return; // "don't forget 2 eggs, and it's 30 g raisins"
    }
    if (first.isMeasured && second.isMeasured && DisplacedForms.ALLOWED.isAll(between)) {
      clause.take(first.to, second.from, Part.NOTE); // a choice
      return;
    }
    boolean egg =
        second.from < second.food && clause.get(second.from).isCount() || ONE.isAll(between);
    if (first.isMeasured
        && egg
        && StandIn.isForEgg(old, said)
        && DisplacedForms.FOR_EGG.isAll(between)) {
      take(second, first.to, second.from);
      return;
    }
    if (isListed(first, second) && !CUE.isIn(clause.words(0, first.from))) {
      return; // "we make them of 125 g buckwheat flour, 125 g wheat flour, 1 egg"
    }
    Predicate<DisplacedForms.Form> is = form -> form.is(before, between, behind);
    boolean both = first.isMeasured && second.isMeasured;
    Weights.Says says =
        second.isMeasured
            ? Contrast.of(old, said, both, before, between, behind)
            : Weights.Says.BOTH_COUNT;
    if (old.isSameFood(said)) {
      if (both && says == Weights.Says.FIRST_GIVES_WAY) {
        take(first, first.to, second.from); // "it says 2 eggs, I use 3 eggs"
      }
      return;
    }
    if (both && says == Weights.Says.SECOND_GIVES_WAY) {
      take(second, first.to, second.from);
      return;
    }
    boolean alone = both || !before.startsWith("#"); // "skipped the sugar and the honey, …"
    boolean against = alone && says == Weights.Says.FIRST_GIVES_WAY;
    if (against || DisplacedForms.FIRST.stream().anyMatch(is)) {
      take(first, first.to, second.from);
    } else if (DisplacedForms.SWAPPED.stream().anyMatch(is)) {
      take(second.isMeasured ? first : first.bare(), first.to, second.from);
    } else if ((first.isMeasured
            || StandIn.isFor(old, said) && !clause.isWord(first.from - 1, "the", "my"))
        && DisplacedForms.SECOND.stream().anyMatch(is)) {
      take(second, first.to, second.from);
    }
  }

  /** "40 g oats, 250 g flour, actually 200": its own amount is meant. */
  private boolean isCorrected(int behind) {
    int cue = clause.isMark(behind, ",", "-", "–") ? behind + 1 : behind;
    int amount = clause.isMark(cue + 1, ",", ":") ? cue + 2 : cue + 1;
    int food = clause.isWord(amount + 1, "of") ? amount + 2 : amount + 1;
    return clause.is(cue, Sort.CORRECT)
        && clause.isStrong(amount)
        && (!clause.isFood(food) || clause.get(food).isSameFood(clause.get(behind - 1)));
  }

  /** Another amount or food stands between them. */
  boolean isHeld(int from, int to) {
    for (int i = from; i < to; i++) {
      if (clause.isFood(i) || clause.isStrong(i)) {
        return true;
      }
    }
    return false;
  }

  /** Measured with a comma between them only, and what is measured next behind them. */
  private boolean isListed(Measured first, Measured second) {
    boolean next = clause.isMark(second.to, ",") || clause.isWord(second.to, "and");
    return first.isMeasured
        && second.isMeasured
        && second.from == first.to + 1
        && clause.isMark(first.to, ",")
        && next
        && clause.isStrong(second.to + 1);
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

  /** The words before a place, as far as they are of it. */
  public String before(int to) {
    int from = to;
    while (from > 0 && from > to - FAR && !isOther(from - 1)) {
      from--;
    }
    boolean right = from > 0 && isOther(from - 1);
    boolean comma = to > from && to <= clause.size() && isComma(clause.get(to - 1));
    return (right ? "# " : "") + plain(from, to) + (comma ? " ," : "");
  }

  String behind(int from) {
    int to = from;
    while (clause.has(to) && to < from + FAR && !isOther(to)) {
      to++;
    }
    return plain(from, to);
  }

  private boolean isOther(int i) {
    return clause.isFood(i) || clause.isStrong(i);
  }

  /** Its words, with commas for all marks, and none at the ends. */
  String plain(int from, int to) {
    StringBuilder said = new StringBuilder();
    boolean comma = false;
    for (int i = Math.max(0, from); i < Math.min(to, clause.size()); i++) {
      String word = clause.low(i);
      boolean colon = word.length() > 1 && word.endsWith(":");
      if (isComma(clause.get(i))) {
        comma = true;
        continue;
      }
      if (clause.says(i, STORED)) {
        continue;
      }
      said.append(said.isEmpty() ? "" : comma ? " , " : " ");
      boolean arrow = clause.isMark(i, ARROWS);
      said.append(arrow ? "→" : colon ? word.substring(0, word.length() - 1) : word);
      comma = colon;
    }
    return said.toString();
  }

  private static boolean isComma(Element element) {
    return element.isMark(MARKS);
  }
}
