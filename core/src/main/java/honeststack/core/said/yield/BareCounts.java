package honeststack.core.said.yield;

import honeststack.core.line.AmountParser;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Numbered;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers that count pieces or people without a verb that says so. */
public final class BareCounts {
  private static final int FAR = 4;
  private static final int SHORT = 8;
  private static final Sought PIECES = Sought.of(".*\\b(pcs?|pieces|nos|ea)\\.?");
  private static final Set<String> ALL = Set.of("in all", "altogether", "in total", "all told");
  private static final Set<String> THERE =
      Set.of("there were", "there was", "there are", "there", "were");
  private static final Sought OUT = Sought.of("came out|come out|came of it");

  private static final Sought SIZED_AS =
      Sought.of("(?:, )?(?:[a-z]+[- ]){1,3}siz(?:e|ed)(?: ones)?(?: [.!])?");

  private static final Sought SIZES =
      Sought.of(
          "mini|minis|small|large|big|little|medium|full-size|full-sized|jumbo|regular|thick|thin"
              + "|(?:small|large|big|little|mini) ones",
          Pattern.CASE_INSENSITIVE);

  /** "Ten or so, I'd guess." */
  private static final Sought GUESS =
      Sought.of("or so(?: ?,? ?(?:i'd|i would|i|we) (?:guess|say|think|reckon))? ?[.!]?");

  private static final String[] KINDS = {
    "ingredient", "ingredients", "step", "bowl", "way", "year"
  };

  private static final String[] TOLD = {
    "recipe", "recipes", "ideas", "books", "shops", "houses", "days", "mixes", "blogs"
  };

  private static final String[] BEST = {"breakfasts", "recipes", "favourites", "favorites", "list"};

  /** What is over says not how many came out. */
  private static final Sought LEFT =
      Sought.of(
          "^(?:(?:of them|pancakes?|waffles?|ones|pieces) )?(?:(?:are|were|was|is) )?"
              + "(?:left|leftover|left over|to spare)(?: |$)");

  private static final Sought SLASHED = Sought.of("([2-9]|\\d\\d) ?/ ?(\\d\\d?)");
  private static final Sought NAMED_PIECES = Sought.of(".*\\b(pcs|pieces|nos)\\.?");

  private BareCounts() {}

  public static boolean isPieces(Clause clause, int i) {
    return isLeftOver(clause, i)
        || isOfThem(clause, i)
        || isAbout(clause, i)
        || isIsh(clause, i)
        || isEqual(clause, i)
        || isIf(clause, i)
        || isCalled(clause, i)
        || isThat(clause, i)
        || isSizedAs(clause, i)
        || isTitled(clause, i)
        || isDozen(clause, i)
        || clause.isMark(i - 1, "=") && PIECES.isAll(clause.low(i)) // "= 70 pcs"
        || isOfWeight(clause, i);
  }

  private static final Sought NEARLY =
      Sought.of(
          "(?:(?:just|a bit|a little|well) )?(?:over|under|nearly|almost|about|around|roughly|maybe|close to)");

  /** "A dozen.": a sentence of its own. */
  private static boolean isDozen(Clause clause, int i) {
    return clause.low(i).endsWith("dozen")
        && isEnd(clause, i + 1)
        && clause.size() <= i + 2
        && (i == 0 || NEARLY.isAll(clause.words(0, i)));
  }

  /** "16 pcs @ 50 g", "12 pieces of 60 g each". */
  private static boolean isOfWeight(Clause clause, int i) {
    boolean made = clause.is(i - 1, Sort.YIELD) && clause.get(i).isCount(); // "makes 48 @ 60 g"
    boolean pieces = PIECES.isAll(clause.low(i)) || made;
    int at = clause.isWord(i + 1, "at", "of", "à") || clause.isMark(i + 1, "@") ? i + 2 : -1;
    boolean weighed =
        pieces
            && clause.has(at)
            && clause.get(at).isAmount()
            && clause.get(at).measure().unit().kind() == Unit.Kind.MASS
            && (isEnd(clause, at + 1) || clause.is(at + 1, Sort.EACH, Sort.BATTER));
    if (weighed) {
      clause.get(at).part = Part.METHOD;
    }
    return weighed;
  }

  /** "Buckwheat galettes — 8 pieces", "oat waffles x 12". */
  private static boolean isTitled(Clause clause, int i) {
    Element number = clause.get(i);
    return (clause.isMark(i - 1, "-", "–", "—") || clause.isWord(i - 1, "x"))
        && clause.is(i - 2, Sort.PIECES)
        && (number.isCount() || PIECES.isAll(number.low()))
        && isEnd(clause, i + 1);
  }

  /** "2 dozen silver-dollar size", "a dozen, hand-sized": and nothing else. */
  private static boolean isSizedAs(Clause clause, int i) {
    return i == 0
        && clause.get(i).isCount()
        && !clause.hasFood()
        && SIZED_AS.isAll(clause.words(1, clause.size()));
  }

  /** What stands behind the number of all together. */
  public static boolean isAll(String low) {
    return ALL.contains(low);
  }

  /** "16 mini or 6 full-size": counts and sizes, and nothing else. */
  public static boolean isSizes(Clause clause) {
    boolean sized = false;
    if (clause.size() > SHORT) {
      return false;
    }
    for (Element element : clause.elements) {
      boolean size = SIZES.isAll(element.text());
      sized |= size;
      if (!size
          && !element.isCount()
          && !element.is(Sort.OR)
          && !element.isMark(",", ".", ";", "/")) {
        return false;
      }
    }
    return sized;
  }

  /** "About 16.": a sentence that says nothing else, where nobody counted yet. */
  private static boolean isAbout(Clause clause, int i) {
    boolean alone =
        i == 1
            && clause.isWord(0, "about", "around", "roughly", "approximately")
            && (clause.isMark(i + 1, ".", "!") || !clause.has(i + 1))
            && i + 2 >= clause.size();
    boolean apart =
        i == 1
            && clause.isWord(0, "about", "around", "roughly", "approximately")
            && clause.isMark(i + 1, ",")
            && clause.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).count() == 1;
    return (alone || apart) && clause.get(i).isCount();
  }

  /** "…, 10 g sugar = 8 scones". */
  private static boolean isEqual(Clause clause, int i) {
    boolean noun = clause.has(i + 1) && !clause.isFood(i + 1) && isEnd(clause, i + 2);
    return i > 1
        && clause.isMark(i - 1, "=")
        && clause.isFood(i - 2)
        && (clause.isStrong(i - 3) || clause.isWord(i - 3, "of"))
        && !clause.isMark(i - 4, "=") // "milk=300ml eggs=2"
        && clause.get(i).isCount()
        && (noun || isEnd(clause, i + 1));
  }

  /** "ten, if each is a small scoop". */
  private static boolean isIf(Clause clause, int i) {
    return i == 0
        && clause.get(i).isCount()
        && clause.isMark(1, ",")
        && clause.low(2).startsWith("if");
  }

  /** "15-ish", "10, maybe 11": a line that is a number and says nothing else. */
  private static boolean isIsh(Clause clause, int i) {
    boolean ish =
        clause.isMark(i + 1, "-") ? clause.isWord(i + 2, "ish") : clause.isWord(i + 1, "ish");
    boolean so = clause.isWord(i + 1, "or") && clause.isWord(i + 2, "so");
    boolean guess =
        (so || clause.low(i + 1).equals("or so"))
            && !clause.hasFood()
            && GUESS.isAll(clause.words(i + 1, clause.size()));
    return i == 0 && guess
        || ish && i == 0 && clause.size() <= i + 4 && isEnd(clause, clause.isMark(1, "-") ? 3 : 2);
  }

  /** "Waffles: 6", "pieces 12". */
  public static boolean isLabelledPieces(Clause clause, int i) {
    int noun = clause.isMark(i - 1, ":", "-", "–", "=") ? i - 2 : i - 1;
    boolean begins = noun == 0 || clause.isMark(noun - 1, "/", ",", ";");
    return clause.get(i).isCount()
        && begins
        && clause.is(noun, Sort.PIECES)
        && clause.get(noun).text().matches("(?i)pancakes|waffles|pieces|crepes|crêpes|pikelets")
        && isEnd(clause, i + 1);
  }

  /** "Serving: 4". */
  public static boolean isLabelledPeople(Clause clause, int i) {
    boolean label = i == 2 && clause.isMark(1, ":") && clause.is(0, Sort.PEOPLE);
    return label && clause.get(i).isCount() && isEnd(clause, i + 1);
  }

  /** "12 pieces", "12 in all": behind foods that have their amounts, or alone. */
  private static boolean isLeftOver(Clause clause, int i) {
    boolean marked = i > 0 && clause.isMark(i - 1, ",", ";", ".");
    boolean there = i > 0 && THERE.contains(clause.low(i - 1));
    boolean arrow = i == 1 && clause.isMark(0, "→", "⇒", "=");
    boolean apart = i == 0 || arrow || there || marked && isOwned(clause, i - 2);
    if (marked && clause.get(i).isCount() && isAll(clause.low(i + 1))) {
      return isEnd(clause, i + 2); // "a teaspoon of oil round each one, 8 in all"
    }
    boolean other = marked && (!clause.isFood(i - 2) || isOwned(clause, i - 2)); // "eggs, 6 ea"
    if (other && clause.get(i).isCount() && isNamedPieces(clause, i)) {
      return true;
    }
    if (!apart || !clause.get(i).isCount()) {
      return false;
    }
    boolean pieces = PIECES.isAll(clause.low(i)) && isEnd(clause, i + 1);
    boolean all = isAll(clause.low(i + 1)) && isEnd(clause, i + 2);
    return pieces || all || OUT.isAll(clause.low(i + 1)) || isInTheEnd(clause, i + 1);
  }

  /** "a teaspoon of oil per piece, eight pieces": at the end of the sentence. */
  private static boolean isNamedPieces(Clause clause, int i) {
    boolean named = clause.is(i + 1, Sort.PIECES) && !clause.has(i + 3) && isEnd(clause, i + 2);
    boolean counted = PIECES.isAll(clause.low(i)) && !clause.has(i + 2);
    return (named || counted && isEnd(clause, i + 1)) && !clause.get(i).isWeak();
  }

  private static boolean isInTheEnd(Clause clause, int i) {
    boolean end = clause.isWord(i, "in") && clause.isWord(i + 2, "end") && isEnd(clause, i + 3);
    return end || clause.isWord(i, "of") && clause.isWord(i + 1, "them") && isEnd(clause, i + 2);
  }

  /** The food there has an amount before it. */
  private static boolean isOwned(Clause clause, int food) {
    for (int i = food - 1; clause.isFood(food) && i >= Math.max(0, food - FAR); i--) {
      if (clause.get(i).isAmount()) {
        return true;
      }
    }
    return false;
  }

  /** "Twelve of them, 47 g each." */
  private static boolean isOfThem(Clause clause, int i) {
    boolean them = clause.isWord(1, "of") && clause.isWord(2, "them", "these", "those");
    return i == 0 && them && clause.get(0).isCount() && isEnd(clause, 3);
  }

  /** "2 eggs, 1 cup milk, call it twelve": at the end, of no food that is not measured yet. */
  private static boolean isCalled(Clause clause, int i) {
    int before = clause.isWord(i - 2, "so") ? i - 3 : i - 2;
    before = clause.isMark(before, ",", "-", "–") ? before - 1 : before;
    return clause.low(i - 1).equals("call it")
        && clause.get(i).isCount()
        && !clause.get(i).isWeak()
        && before >= 0
        && isEnd(clause, i + 1)
        && !(clause.isFood(before) && !isOwned(clause, before));
  }

  /** "It's a dozen if you're careful." */
  private static boolean isThat(Clause clause, int i) {
    boolean that = i == 1 && clause.low(0).matches("it's|that's|they're|call it|i figure");
    return that
        && clause.get(1).isCount()
        && !clause.get(1).isWeak()
        && (clause.isWord(2, "if", "when", "usually", "normally") || isEnd(clause, 2))
        && !clause.hasFood();
  }

  public static boolean isEnd(Clause clause, int i) {
    return !clause.has(i) || clause.isMark(i, ".", "!", ",", ";", ")", ":", "•", "·", "|", "/");
  }

  /** "5-ingredient pancakes", "a hundred pancake recipes", "waffles v2", "week 3". */
  public static boolean isOfKind(Clause clause, int i) {
    boolean recipes = clause.is(i + 1, Sort.PIECES) && clause.isWord(i + 2, TOLD);
    return recipes
        || clause.is(i - 1, Sort.YIELD) && isShare(clause.get(i)) && isEnd(clause, i + 1)
        || !clause.hasFood() && LEFT.isIn(clause.words(i + 1, i + 4))
        || clause.isWord(clause.isMark(i + 1, "-") ? i + 2 : i + 1, KINDS)
        || clause.get(i).isCount()
            && clause.isMark(i + 1, "-")
            && clause.isWord(i + 2, "grain", "seed", "cheese")
        || Numbered.is(clause, i, isEnd(clause, i + 1))
        || clause.isWord(i - 1, "top") && clause.get(i).isCount() && clause.isWord(i + 1, BEST);
  }

  /** "so I made two thirds": of the recipe. */
  private static boolean isShare(Element number) {
    return number.isAmount()
        && number.isCount()
        && number.measure().amount() < 1
        && !number.low().matches("[4-9]/\\d|\\d\\d?/\\d\\d");
  }

  /** "(4 small)": in brackets, and nothing else. */
  public static boolean isSizesAt(Clause clause, int from) {
    boolean sized = from == 1 && clause.size() == 2 && !clause.sentence.whole();
    return sized && clause.isWord(1, "small", "large", "big", "medium");
  }

  /** How many a number says, from the least to the most: "8/9" is eight or nine. */
  public static Told.Count range(Element number) {
    Matcher between = SLASHED.matcher(number.low());
    if (number.isCount() && between.matches()) {
      double low = Double.parseDouble(between.group(1));
      double high = Double.parseDouble(between.group(2));
      if (low < high) {
        return new Told.Count(low, high);
      }
    }
    AmountParser.Front front = number.amount.orElseThrow();
    Measure measure = front.terms().get(0).measure();
    return new Told.Count(
        measure.amount() - measure.halfRange(), measure.amount() + measure.halfRange());
  }

  /** "(12 pcs)", "18 pieces in all", "for 10 pieces". */
  public static boolean isCalledPieces(Clause clause, int i) {
    String unit = clause.get(i).low();
    boolean alone = clause.size() == 1 && !clause.sentence.whole();
    boolean all =
        clause.is(i + 1, Sort.IDLE) && isEnd(clause, i + 2) && !clause.is(i + 1, Sort.PER);
    boolean made = clause.isWord(i - 1, "for") && isEnd(clause, i + 1);
    boolean headed = // "Waffles, 40 pieces: …"
        clause.isMark(i + 1, ":") && (i == 0 || clause.isMark(i - 1, ",", "–", "-", "—"));
    return (alone || all || made || headed) && NAMED_PIECES.isAll(unit);
  }
}
