package honeststack.core.said.yield;

import honeststack.core.line.Token;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.WordSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How many came out, said by what became of them, in a sentence that names no food: "we ate 5 and
 * froze 3", "6 big ones and 2 little ones", "I froze 3 of the 8", "8, not counting the first one".
 */
public final class Tally {
  /** Behind them it is a number, and not "the first one". */
  private static final String[] BEFORE_ONE = {
    "ate", "eaten", "froze", "had", "binned", "kept", "gave", "saved", "burnt", "dropped", "and",
    "plus", ","
  };

  /** Stands for a number. */
  private static final String NUMBER = "#";

  private static final double MOST = 100;
  private static final int MOST_NUMBERS = 4;

  /** What becomes of pieces, and what they are. */
  private static final Set<String> FATES =
      WordSet.of(
          """
          ate eaten eat eats scoffed devoured polished had froze frozen freeze freezer left leftover
          leftovers spare kept saved gave given binned burnt burned broke broken stuck remain
          remaining remained stuck perfect straight went now today tonight tomorrow
          """);

  /** What they are: with a comma between them they are said of the same batter. */
  private static final Set<String> SIZES =
      WordSet.of(
          """
          big bigger large larger small smaller little mini tiny medium thick thin good bad decent
          """);

  private static final Set<String> ABOUT =
      WordSet.of(
          """
          i we you they he she it that this so then there were are was the a my our his her of us
          them all for me him more another other others went go in into to away up off over on
          ones one pancakes waffles crepes crêpes pikelets plus also still only just about around
          kids children everyone everybody rest dog cat neighbours neighbour today tonight later
          tomorrow got straight made makes make get gets is have has already being after
          """);

  /** With a word or two behind it they say for whom or for when it is: "for the freezer". */
  private static final Set<String> FOR = Set.of("for", "in", "to", "on");

  private static final Set<String> ARTICLES =
      Set.of("the", "my", "our", "a", "his", "her", "their");

  private static final Set<String> JOINTS = Set.of("and", "plus", "but", ",", "&", "+", ";");
  private static final String[] ENDS = {".", "!", ":", "-", "–", "—"};

  /** Where food goes, and no pieces. */
  private static final Sort[] PLACES = {
    Sort.BOWL, Sort.BATTER, Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT
  };

  private final Clause clause;
  private final List<Element> numbers;

  private Tally(Clause clause, List<Element> numbers) {
    this.clause = clause;
    this.numbers = numbers;
  }

  /** Whether one may stand before or behind a mark. */
  static boolean mayBeIn(List<Token> tokens) {
    boolean mark = false;
    boolean fate = false;
    for (Token token : tokens) {
      mark |= token.isMark(":", "-", "–", "—");
      fate |= isFate(token.low(), false) || FOR.contains(token.low());
    }
    return mark && fate;
  }

  /** Whether words may be one: of no food, with several numbers and what became of so many. */
  public static boolean mayBe(List<Element> elements) {
    return elements.stream().noneMatch(e -> e.isFood() || e.is(PLACES))
        && elements.stream().filter(e -> e.isAmount() && !e.isWeak()).count() > 1
        && elements.stream().allMatch(e -> e.kind != Element.Kind.AMOUNT || e.isCount())
        && elements.stream()
            .flatMap(Element::words)
            .anyMatch(w -> isFate(w, false) || FOR.contains(w));
  }

  public static void in(Clause clause) {
    if (clause.hasFood() || !clause.asides.isEmpty()) {
      return;
    }
    if (TallyForms.ONE_PORTION.isAll(clause.words(0, clause.size()))) {
      clause.counts.serves = Optional.of(new Told.Count(1, 1));
      clause.elements.stream().filter(Element::isAmount).forEach(e -> e.part = Part.SERVES);
      return;
    }
    if (TallyForms.ONE.isAll(clause.words(0, clause.size()))) {
      clause.counts.pieces = Optional.of(new Told.Count(1, 1));
      clause.elements.stream().filter(Element::isAmount).forEach(e -> e.part = Part.YIELD);
      return;
    }
    if (TallyForms.PART_EATEN.isAll(clause.words(0, clause.size()))) {
      clause.passOverAmounts();
      return;
    }
    if (!clause.hasAmount()) {
      return;
    }
    List<Element> numbers = new ArrayList<>();
    for (int i = 0; i < clause.size(); i++) {
      boolean one = clause.isWord(i, "one") && (i == 0 || clause.isWord(i - 1, BEFORE_ONE));
      if (clause.get(i).isAmount() && (one || !clause.get(i).isWeak())) {
        numbers.add(clause.get(i));
      }
    }
    if (numbers.size() <= MOST_NUMBERS && numbers.stream().allMatch(Tally::isPieces)) {
      new Tally(clause, numbers).read();
    }
  }

  private void read() {
    String words = words();
    if (numbers.size() == 1) {
      boolean between = numbers.get(0).low().startsWith("between") && TallyForms.ALONE.isAll(words);
      if (between
          || TallyForms.THATS.isAll(words)
          || TallyForms.REMARK.isAll(words)
          || TallyForms.FROM.isAll(words)) {
        pieces(count(0).low(), count(0).high());
      }
      return;
    }
    if (numbers.size() == 2 && TallyForms.OF_THEM.isAll(words)) {
      pieces(count(0).low(), count(0).high());
    } else if (TallyForms.OF_THE.isAll(words)) {
      pieces(count(1).low(), count(1).high());
    } else if (TallyForms.STACKS.isAll(words)) {
      product();
    } else if (TallyForms.PLATES.isAll(words)) {
      product();
      serves(1);
    } else if (TallyForms.TRAYS_OF.isAll(words)) {
      product();
    } else if (TallyForms.PLATES_OF.isAll(words)) {
      product();
      serves(0);
    } else if (TallyForms.EACH_OF.isAll(words)) {
      product();
      serves(0);
    } else if (TallyForms.PORTIONS.isAll(words)) {
      pieces(count(0).low(), count(0).high());
      serves(1);
    } else if (isSum()) {
      double low = 0;
      double high = 0;
      for (int i = 0; i < numbers.size(); i++) {
        low += count(i).low();
        high += count(i).high();
      }
      boolean all = // "I had 18; we ate 10 and froze the other 8"
          numbers.size() > 2
              && TallyForms.HAD.begins(words)
              && 2 * count(0).low() == low
              && 2 * count(0).high() == high;
      pieces(all ? low / 2 : low, all ? high / 2 : high);
      clause.counts.summed = true;
    }
  }

  /** Between commas each has one number, and something that became of so many. */
  private boolean isSum() {
    boolean commas = clause.elements.stream().anyMatch(e -> e.isMark(",", ";"));
    boolean fate = false;
    int found = 0;
    for (int i = 0; i <= clause.size(); i++) {
      if (i == clause.size() || JOINTS.contains(clause.low(i)) || clause.isMark(i, ENDS)) {
        if (found > 0 && !(fate && found == 1)) {
          return false;
        }
        fate = false;
        found = 0;
      } else if (numbers.contains(clause.get(i))) {
        found++;
      } else if (end(i) > i) {
        i = end(i) - 1;
        fate = true;
      } else if (!clause.get(i).words().allMatch(Tally::isKnown)) {
        return false;
      } else {
        fate |= clause.get(i).words().anyMatch(w -> isFate(w, commas));
      }
    }
    return true;
  }

  /** Behind "for the freezer", "to my neighbour", "for lunch boxes"; the same place for no such. */
  private int end(int i) {
    int name = i + 1;
    while (ARTICLES.contains(clause.low(name))) {
      name++;
    }
    boolean named = FOR.contains(clause.low(i)) && isName(name);
    return named ? isName(name + 1) ? name + 2 : name + 1 : i;
  }

  private boolean isName(int i) {
    return clause.has(i)
        && clause.get(i).kind != Element.Kind.MARK
        && !clause.get(i).isAmount()
        && !clause.get(i).is(Sort.UNIT_OTHER)
        && !JOINTS.contains(clause.low(i));
  }

  private static boolean isKnown(String word) {
    return FATES.contains(word) || SIZES.contains(word) || ABOUT.contains(word);
  }

  private static boolean isFate(String word, boolean commas) {
    return FATES.contains(word) || !commas && SIZES.contains(word);
  }

  private void pieces(double low, double high) {
    clause.counts.pieces = Optional.of(new Told.Count(low, high));
    numbers.forEach(number -> number.part = Part.YIELD);
  }

  private void product() {
    pieces(count(0).low() * count(1).low(), count(0).high() * count(1).high());
  }

  private void serves(int eaters) {
    clause.counts.serves = Optional.of(count(eaters));
  }

  private Told.Count count(int i) {
    return BareCounts.range(numbers.get(i));
  }

  private static boolean isPieces(Element number) {
    double amount = number.measure().amount();
    return number.isCount() && number.isFree() && amount >= 1 && amount < MOST;
  }

  private String words() {
    StringBuilder words = new StringBuilder();
    for (Element element : clause.elements) {
      words.append(words.isEmpty() ? "" : " ");
      words.append(numbers.contains(element) ? NUMBER : element.low());
    }
    return words.toString();
  }
}
