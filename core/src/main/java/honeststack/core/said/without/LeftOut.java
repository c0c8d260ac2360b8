package honeststack.core.said.without;

import honeststack.core.said.amount.Listing;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;

/** What is named first and left out behind it: "butter's out", "milk – no thanks", "Sugar? No." */
public final class LeftOut {
  private static final int FAR = 4;

  private static final Set<String> NO = Set.of("no", "none", "nil", "nope", "nah", "never", "nay");

  /** "Sugar? Not any more." */
  private static final Sought NO_LONGER =
      Sought.of(
          "(?:not|no) (?:any ?more|any longer|longer|for years|now|today|these days|this time"
              + "|here|in (?:this|these|mine|ours)|for (?:me|us))[ .!]*");

  private static final Remembered OMIT =
      Remembered.whole(
          "omit|omitted|skip|skipped|leave out|left out|leave it out|left it out|not used|excluded"
              + "|not included|omit it|skip it|skip this|omit this");

  private static final Remembered SPENT = Remembered.part("out|gone|used up|finished|empty");

  private static final Sought GONE =
      Sought.of(
          "(?:had |has |have |was |were |is |are |we |i )?(?:just |all )*"
              + "(?:ran out|run out|all gone|used up|finished|gone off|gone(?! in\\b)|empty)(?: of)?(?= |$)");

  private static final Remembered GIVES = Remembered.whole("g[ia]ves? (?:me|him|her|them|us)");

  private final Clause clause;

  private LeftOut(Clause clause) {
    this.clause = clause;
  }

  static void in(Clause clause) {
    LeftOut left = new LeftOut(clause);
    boolean gone = clause.elements.stream().anyMatch(e -> e.isFree() && e.says(SPENT));
    for (int i = 1; i < clause.size(); i++) {
      if (gone && clause.isFood(i - 1)) {
        left.gone(i - 1);
      }
      left.omitted(i);
      left.forgotten(i - 1);
      left.at(i);
    }
  }

  /** "sugar: omit", "30 g sugar, left out", "cut sugar completely". */
  private void omitted(int i) {
    boolean omit = clause.says(i, OMIT) || OMIT.is(clause.words(i, i + 2));
    boolean cut =
        clause.isWord(i, "completely", "entirely", "altogether", "totally")
            && clause.isWord(i - 2, "cut", "cutting")
            && isEnd(i + 1);
    int food = clause.isMark(i - 1, ":", "-", "–", "—", ",", "=") ? i - 2 : i - 1;
    int end = clause.says(i, OMIT) ? i + 1 : i + 2;
    if ((cut || omit && isEnd(end)) && clause.isFood(food)) {
      int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
      clause.take(
          clause.isStrong(amount) ? amount : food, Math.min(end, clause.size()), Part.EXCLUDED);
    }
  }

  /** "I forgot the sugar today"; with an amount behind it is put in now. */
  private void forgotten(int i) {
    int food = clause.isWord(i + 1, "the", "about", "my") ? i + 2 : i + 1;
    food = clause.isWord(food, "the") ? food + 1 : food;
    boolean forgot =
        clause.low(i).endsWith("forgot") && !clause.isWord(i - 1, "almost", "nearly", "never");
    if (forgot && clause.isFood(food)) {
      int next = food + 1;
      while (clause.has(next) && !clause.isFood(next) && !clause.isStrong(next)) {
        next++;
      }
      int mark = clause.isMark(food + 1, ",", "-", "–", ":") ? food + 2 : food + 1;
      boolean own = clause.isStrong(next) && !clause.isFood(next + 1) && next <= mark + 1;
      clause.take(food, own ? food : food + 1, Part.EXCLUDED);
    }
  }

  /** "30 g sugar (omit)". */
  public static boolean inBrackets(Mention before, Clause inner) {
    String words = inner.words(0, inner.size());
    if (before == null || before.food == null) {
      return false;
    }
    boolean none = OMIT.is(words) || words.matches("none|nil");
    if (!none && !TakenOut.isInBrackets(before, inner)) {
      return false;
    }
    before.mark(Part.EXCLUDED);
    inner.elements.forEach(element -> element.part = Part.EXCLUDED);
    inner.mentions.clear();
    return true;
  }

  /** "milk ran out, so 1 cup of water": what there was none of. */
  private void gone(int food) {
    boolean measured =
        clause.isStrong(food - 1) || clause.isWord(food - 1, "of") && clause.isStrong(food - 2);
    Matcher gone = GONE.matcher(clause.words(food + 1, food + 1 + FAR));
    if (!measured && gone.lookingAt()) {
      int end = food + 1 + gone.group().strip().split(" ").length;
      clause.take(food, Math.min(end, clause.size()), Part.EXCLUDED);
    }
  }

  private void at(int i) {
    if (clause.get(i).part == Part.EXCLUDED) {
      return; // "200 ml milk – no, buttermilk"
    }
    boolean out =
        clause.is(i, Sort.OUT) && !clause.isWord(i + 1, "enough") && !gives(i)
            || clause.isWord(i, "out")
                && (clause.low(i - 1).endsWith("'s") || isLeft(i) || isEnd(i + 1));
    boolean mark = clause.isMark(i - 1, ":", "-", "–", "—", "=");
    int end = end(clause, i);
    boolean none =
        NO.contains(clause.low(i))
                && isEnd(end)
                && (clause.isWord(i, "none", "nil")
                    || !clause.isStrong(end + 1)
                    || mark && clause.ahead(end + 2, 2, Element::isFood) > 0)
            || NO.contains(clause.low(i)) && mark && clause.isMark(i + 1, "-", "–", "—");
    boolean nothing = mark && isZero(i) && isEnd(i + 1);
    boolean whose = clause.isWord(i - 1, "i", "we", "you", "they", "he", "she");
    int food = (none || nothing) && mark || whose ? i - 2 : i - 1;
    boolean unused = clause.is(i, Sort.EXCLUDE) && isEnd(i + 1) && !clause.isStrong(food - 1);
    if ((out || none || nothing || unused) && clause.isFood(food)) {
      int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
      boolean other = // "50 g sugar – no, 40 g honey"
          clause.isStrong(end + 1) && clause.ahead(end + 2, 2, Element::isFood) > 0;
      int begin = new Listing(clause).begin(food);
      boolean own = other && clause.isStrong(amount) && amount < begin;
      clause.take(own ? amount : begin, i + 1, Part.EXCLUDED);
    }
  }

  /** "half a teaspoon of salt gives us eight": no rash. */
  private boolean gives(int i) {
    boolean about = clause.isWord(i + 1, "about", "around", "roughly", "like", "maybe", "some");
    return GIVES.is(clause.low(i)) && clause.isAmount(about ? i + 2 : i + 1);
  }

  /** Behind a "no" and the courtesies that follow it. */
  private static int end(Clause clause, int no) {
    return clause.isWord(no + 1, "thanks", "please", "whatsoever") ? no + 2 : no + 1;
  }

  /** "eggs: 0". */
  private boolean isZero(int i) {
    return clause.isStrong(i) && clause.get(i).measure().amount() == 0;
  }

  private boolean isLeft(int i) {
    List<Element> before = clause.elements.subList(Math.max(0, i - FAR), i);
    return before.stream().anyMatch(e -> e.isWord("leave", "leaving", "left", "leaves"));
  }

  private boolean isEnd(int i) {
    return !clause.has(i) || clause.isMark(i, ",", ".", ";", "!");
  }

  /** "Sugar in yours?": a few words, and nothing else that is measured. */
  private static boolean isAsked(Clause asked, int from) {
    int end = asked.size() - 1;
    return from >= end - FAR
        && asked.elements.subList(Math.min(from, end), end).stream()
            .allMatch(e -> e.kind == Element.Kind.WORD || e.kind == Element.Kind.PHRASE);
  }

  /** "Sugar? No.", "Milk? About 300 ml." */
  public static void answered(Clause asked, Clause answer) {
    boolean question = asked.isMark(asked.size() - 1, "?") && !asked.mentions.isEmpty();
    Mention last = question ? asked.mentions.get(asked.mentions.size() - 1) : null;
    boolean one = last != null && last.amount != null && last.amount.isWeak(); // "An egg? No."
    boolean refused = NO.contains(answer.low(0)) && !answer.hasAmount() && answer.has(2);
    one |= refused; // "100 g butter? No thanks."
    if (last == null || last.isMeasured() && !one || !isAsked(asked, last.to)) {
      return;
    }
    int end = end(answer, 0);
    boolean inOther = // "Sugar? Only what's in the banana."
        answer.isWord(0, "only", "just") && answer.isWord(1, "what's", "what", "from", "the");
    if (inOther) {
      asked.mentions.remove(last);
      last.mark(Part.EXCLUDED);
      return;
    }
    boolean noLonger = NO_LONGER.isAll(answer.words(0, answer.size()));
    if (noLonger
        || NO.contains(answer.low(0))
            && (!answer.has(end) || answer.isMark(end, ",", ".", "!", "-", "–"))) {
      asked.mentions.remove(last);
      last.mark(Part.EXCLUDED);
      answer.get(0).part = Part.EXCLUDED;
      return;
    }
    int amount = answer.ahead(0, FAR, e -> e.isAmount() && !e.isWeak());
    boolean told =
        amount >= 0
            && answer.get(amount).part == Part.UNKNOWN
            && (answer.mentions.isEmpty() || BareCounts.isEnd(answer, amount + 1));
    if (told) {
      last.amountText = answer.get(amount).text();
      last.restated = true;
      answer.get(amount).part = Part.AMOUNT;
    }
  }
}
