package honeststack.core.said.without;

import honeststack.core.line.UnitWords;
import honeststack.core.measure.Containers;
import honeststack.core.said.amount.Listing;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.instead.Missing;
import honeststack.core.said.instead.Swaps;
import honeststack.core.said.supposed.Bygone;
import honeststack.core.said.talk.Chatter;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/** What a sentence leaves out: "no sugar", "instead of the 2 eggs", "swap the butter for oil". */
public final class Exclusions {
  private static final int FAR = 4;

  /** "Kefir 1:1 for the 250 ml buttermilk": as much of the one as of the other. */
  private static final Sought AS_MUCH =
      Sought.of("(?:1:1|one for one|one to one|like for like|weight for weight|cup for cup)\\b.*");

  private static final Remembered REPLACEMENT =
      Remembered.whole("(?:replace|substitut|alternativ)\\w* (?:for|to|of)(?: the| my)?");

  /** Not so, it says, and not none: "don't use cold milk". */
  private static final String[] HOW = {
    "cold", "hot", "warm", "boiling", "melted", "stale", "old", "lumpy", "wet", "runny"
  };

  private final Clause clause;

  private Exclusions(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Exclusions exclusions = new Exclusions(clause);
    Intolerance.in(clause);
    NoFoods.in(clause);
    Swaps.in(clause);
    Bygone.in(clause);
    Chatter.in(clause);
    exclusions.nothing();
    exclusions.outOf();
    exclusions.insteadOf();
    exclusions.left();
    LeftOut.in(clause);
    Unwanted.in(clause);
    Missing.in(clause);
    NotAfterAll.in(clause);
  }

  /** "0 g sugar", "sugar: 0". */
  private void nothing() {
    for (int i = 0; i < clause.size(); i++) {
      boolean zero = clause.isStrong(i) && clause.get(i).measure().amount() == 0;
      if (!zero || clause.isWord(i + 1, "it", "the", "again", "out")) {
        continue; // "zero it", the scales
      }
      int named = clause.isMark(i - 1, ":", "=", "-", "–") ? i - 2 : i - 1;
      boolean apart = !clause.isFood(named - 1) && !clause.isStrong(named - 1);
      int food = clause.isFood(named) && apart ? -1 : clause.ahead(i + 1, 2, Element::isFood);
      if (food > 0) {
        clause.take(i, food + 1, Part.EXCLUDED);
      } else if (clause.isFood(named)) {
        clause.take(named, i + 1, Part.EXCLUDED);
      }
    }
  }

  /** "honey instead sugar": one word is left out. */
  private void insteadOf() {
    for (int i = 1; i + 1 < clause.size(); i++) {
      if (clause.isWord(i, "instead") && clause.isFood(i - 1) && clause.isFood(i + 1)) {
        clause.take(i, i + 2, Part.EXCLUDED);
      }
    }
  }

  /** "out of butter so 60 g oil". */
  private void outOf() {
    for (int i = 0; i + 2 < clause.size(); i++) {
      boolean first = i == 0 || clause.isMark(i - 1, ",", ";");
      boolean out = clause.isWord(i, "out") && clause.isWord(i + 1, "of") && clause.isFood(i + 2);
      boolean end = !clause.has(i + 3) || clause.isMark(i + 3, ",", ".", ";", "!");
      if (first && out && (end || clause.isWord(i + 3, "so", "use"))) {
        clause.take(i, i + 3, Part.EXCLUDED);
      }
    }
  }

  private void left() {
    for (int i = 0; i < clause.size(); i++) {
      Element cue = clause.get(i);
      boolean gives = cue.is(Sort.SWAP) && isGiving(i);
      boolean no = cue.is(Sort.CORRECT) && cue.low().endsWith(" no") && isEndOrNow(i + 2);
      if (!gives && !no && !cue.is(Sort.EXCLUDE, Sort.INSTEAD)
          || cue.part != null
          || clause.isWord(i + 1, "to") && cue.low().contains("want")
          || !gives && isNoWord(i)) {
        continue;
      }
      if (cue.isWord("not", "never") && clause.is(i + 1, Sort.BOWL, Sort.PAN, Sort.PLATE)) {
        clause.take(i, i + 2, Part.NOTE); // "in the pan, not in the batter"
        continue;
      }
      boolean was = cue.text().equalsIgnoreCase("it was");
      if (was && !clause.hasWord("but", "now")) {
        continue;
      }
      if (isExcept(i)) {
        cue.part = Part.NOTE; // "no sugar apart from a spoonful of honey"
        continue;
      }
      boolean measured =
          !cue.isWord("no", "not", "never", "nor", "zero") || isFilled(clause.low(i + 1));
      boolean colon = clause.isMark(i + 1, ":") && !clause.hasAmount();
      int food = behind(colon ? i + 1 : i, measured);
      if (food < 0) {
        continue;
      }
      if (clause.get(food).isAmount()) {
        int behind = clause.ahead(food + 1, FAR, Element::isFood);
        if (behind < 0) {
          continue;
        }
        boolean same = AS_MUCH.isAll(cue.low()) && clause.isFood(i - 1) && !clause.isStrong(i - 2);
        clause.get(food).part = same ? null : Part.EXCLUDED;
        food = behind;
        theOthersToo(food + 1);
      }
      clause.take(i, i + 1, Part.EXCLUDED);
      if (clause.isFood(i - 1) && !clause.isStrong(i - 2) && cue.says(REPLACEMENT)) {
        clause.get(i - 1).part = Part.NOTE; // "egg replacement for 2 eggs: …"
      }
      if (isOnlyYet(food)) {
        clause.get(food).part = Part.METHOD; // "don't add the milk all at once"
        continue;
      }
      exclude(food);
      if (cue.is(Sort.INSTEAD)) {
        measuredToo(food);
      }
      if (colon || cue.text().endsWith(":")) {
        clause.exclude(food, clause.size()); // "contains: wheat, milk and egg", "no: eggs, nuts"
      }
    }
  }

  /** "instead of 200 ml milk and 2 eggs, I used 200 ml oat milk". */
  private void measuredToo(int food) {
    int old = clause.isWord(food + 2, "the", "my", "both") ? food + 3 : food + 2;
    int next = clause.isWord(old + 1, "of") ? old + 2 : old + 1;
    boolean and = clause.isWord(food + 1, "and", "plus", "&");
    boolean listed = and && clause.isStrong(old) && clause.isFood(next);
    boolean apart =
        clause.isMark(next + 1, ",", ":", "–", "-")
            || clause.isWord(next + 1, "use", "used", "i", "we", "take", "took", "put", "try");
    boolean other =
        clause.isStrong(next + 2) || clause.isStrong(next + 3) || clause.isStrong(next + 4);
    if (listed && apart && other) {
      clause.take(old, next + 1, Part.EXCLUDED);
    }
  }

  /** "left out the 20 g sugar and the 30 g butter". */
  private void theOthersToo(int and) {
    int amount = clause.isMark(and, ",") && clause.isWord(and + 1, "and", "or") ? and + 3 : and + 2;
    int food = clause.isWord(amount + 1, "of") ? amount + 2 : amount + 1;
    boolean next = clause.isMark(and, ",") || clause.isWord(and, "and", "or");
    if (next
        && clause.isWord(amount - 1, "the", "my")
        && clause.isStrong(amount)
        && clause.isFood(food)) {
      clause.take(and, food + 1, Part.EXCLUDED);
      theOthersToo(food + 1);
    }
  }

  private boolean isEnd(int i) {
    return clause.isFood(i - 1) && (!clause.has(i) || clause.isMark(i, ".", "!", ","));
  }

  /** "no tin of coconut milk": what it comes in, without a number. */
  private static boolean isFilled(String amount) {
    String first = amount.split(" ")[0];
    return !Containers.counted(first).isEmpty() || UnitWords.of(first).isPresent();
  }

  /** What is left out of what is left out is in it. */
  private boolean isExcept(int cue) {
    return clause.low(cue).matches("apart from|except|except for|other than")
        && clause.elements.subList(0, cue).stream().anyMatch(e -> e.part == Part.EXCLUDED);
  }

  /** "80 g dates replace all the sugar". */
  private boolean isGiving(int verb) {
    boolean food = clause.elements.subList(0, verb).stream().anyMatch(Element::isFood);
    return food
        && clause.isWord(verb, "replace")
        && clause.elements.subList(verb, clause.size()).stream().noneMatch(e -> e.is(Sort.SWAPPED));
  }

  /** The first food, or amount, behind a cue; over words and, in a list, commas. */
  private int behind(int cue, boolean measured) {
    for (int i = cue + 1; i < clause.size() && i <= cue + FAR; i++) {
      Element element = clause.get(i);
      boolean amount = element.isAmount() && element.isFree();
      if (element.isFood() && element.isFree() || measured && amount && !element.isWeak()) {
        return i;
      }
      if (i > cue + 1
          && element.isWord("and", "but", "plus", "so", "hence", "thus", "then", "it's", "its")) {
        return -1; // "no crunchy and a banana", "can't have dairy so 250 ml oat drink"
      }
      boolean listed =
          element.isMark(",")
              && i == cue + 2
              && clause.isFood(i + 1)
              && !clause.isStrong(i + 2) // "soda without top, flour 300 g"
              && !clause.is(cue, Sort.INSTEAD);
      boolean over =
          element.kind == Element.Kind.WORD
              || amount && element.isWeak()
              || element.is(Sort.IDLE) && element.to - element.from == 1 && !element.is(Sort.OR)
              || listed;
      if (!over) {
        return -1;
      }
    }
    return -1;
  }

  /** Not now, or not so: it goes in all the same. */
  private boolean isOnlyYet(int food) {
    boolean how = clause.isWord(food - 1, HOW) && !clause.isWord(food - 2, "no", "without");
    boolean into = // "never add the eggs to hot milk"
        clause.isWord(food + 1, "to", "into") && clause.ahead(food + 2, 2, Element::isFood) > 0;
    return how
        || into
        || clause.isWord(food + 1, "until", "till", "before", "yet", "cold", "hot")
        || clause.isWord(food + 1, "all") && clause.isWord(food + 2, "at")
        || clause.isWord(food + 1, "at") && clause.isWord(food + 2, "once")
        || clause.low(food + 1).startsWith("all at once");
  }

  /** "not too", "not quite 1 dl": it leaves nothing out. */
  private boolean isNoWord(int i) {
    boolean spoilt = // "the milk's gone off", "flour I couldn't get"
        clause.isFood(i - 1) && clause.low(i).matches("gone off|.* (?:get|find|buy)");
    boolean had = clause.isWord(i - 1, "had", "has", "have", "was", "were", "is", "are");
    return spoilt
        || had && clause.isFood(i - 2) && clause.low(i).equals("gone off")
        || clause.get(i).isWord("not")
            && clause.isWord(i + 1, "too", "quite", "much", "only", "just", "very", "at")
        || clause.isWord(i + 1, "all") && !clause.isFood(i + 2); // "not all the milk"
  }

  /** "but no butter today". */
  private boolean isEndOrNow(int i) {
    return isEnd(i) || clause.isWord(i, "today", "now", "here", "actually", "tonight");
  }

  /** The food and those listed behind it. */
  private void exclude(int food) {
    int end = new Listing(clause).end(food);
    while (clause.isFood(end) && !clause.isStrong(end + 1)) {
      end++; // "instead of coconut chutney": a name of two
    }
    for (int i = food; i < end; i++) {
      if (clause.isFood(i)) {
        clause.get(i).part = Part.EXCLUDED;
      }
    }
  }
}
