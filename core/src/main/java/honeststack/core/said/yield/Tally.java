package honeststack.core.said.yield;

import honeststack.core.line.Token;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
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
  private static final String END = " ?[.!:;–—-]?";

  /** Some of all of them: the second number is of all. */
  private static final Sought OF_THE =
      Sought.of(
          "(?:and |so )?(?:(?:i|we|you|they) )?(?:\\w+ )?(?:ate|froze|kept|saved|binned|gave(?: away)?|had|dropped|burnt)"
              + " # (?:out of|(?:of|out of) (?:the|those|these|my|our|all)) #(?: \\w+)?"
              + END);

  /** One number, and what is said of some of them. */
  private static final Sought REMARK =
      Sought.of(
          "# (?:(?:\\w+ )?(?:ones|pancakes|waffles|crepes|pikelets) )?(?:, ?)?"
              + "(?:but (?:the|one|i|we)|not counting|without counting|counting|including|minus"
              + "|(?:when|if) (?:i|we|you)|depending|and (?:i|we) (?:froze|kept|ate|binned|gave))\\b[^#]*");

  /** "I got ten, the kids ate eight of those": the first is of all. */
  private static final Sought OF_THEM =
      Sought.of(
          "(?:(?:i|we|it|they|you) )?(?:got|made|had|makes|make|there (?:are|were)) # "
              + "(?:(?:ones|pancakes|waffles|crepes|pikelets|of them|out of it) ?)?(?:[,;–-] |and |but |so )+"
              + "[a-z' ]*# (?:(?:of|out of) (?:them|those|these|which)\\b.*"
              + "|(?:got |were |was )?(?:stuck|burnt|burned|broke|tore|fell|ripped)\\b[^#]*)"
              + "|# (?:\\w+ )?(?:ones|pancakes|waffles|crepes|pikelets) (?:[,;–-] )?(?:and )?# "
              + "(?:of (?:them|those|which)\\b|went\\b|(?:are|were) (?:now )?(?:in|frozen))[^#]*");

  private static final Sought FROM =
      Sought.of("# (?:from|out of|with) (?:this|that|it)(?: amount| lot| much| bowl)?" + END);

  /** "I eat the lot, that's nine", "that's nine of them". */
  private static final Sought THATS =
      Sought.of(
          "(?:[^#]*[,;–-] )?(?:so |and |which )?(?:that's|that was|that made|that is|makes) #"
              + "(?: (?:of them|of those|then|altogether|in all|all told|for me))?"
              + END);

  /** "Between eight and ten, depending." */
  private static final Sought ALONE = Sought.of("#(?: ,[^#]*)?" + END);

  private static final Sought TRAYS_OF =
      Sought.of("# (?:trays|pans|rounds|pansful|sheets|goes|irons) of #" + END);

  private static final Sought PLATES_OF =
      Sought.of("# (?:plates|portions|stacks|servings) of #" + END);

  /** So many for each of so many. */
  private static final Sought PLATES =
      Sought.of(
          "# (?:per|a|to a|on each|to the) (?:plate|person|head|portion|serving|guest)(?: ,| and| for|) #"
              + " (?:plates|people|heads|portions|servings|guests)"
              + END);

  private static final Sought STACKS =
      Sought.of(
          "(?:a|each|one) stack is # (?:,|and|so|;)? ?(?:it makes |there are )?# stacks" + END);

  private static final Sought EACH_OF =
      Sought.of(
          "(?:each|every one|all) of (?:the|us|them|my|our) # (?:got|gets|had|has|ate|eats|get|have) #(?: each)?"
              + END);

  private static final Sought PORTIONS =
      Sought.of("# (?:\\w+ )?in # (?:portions|servings|plates|stacks)" + END);

  private static final String SOME =
      "(?:about |only |just |over |almost )?(?:half|a half|a third|two thirds|a quarter|three quarters|most"
          + "|½|¼|¾|⅓|⅔|1/2|1/3|1/4|2/3|3/4|the rest|rest|the other half|the remainder)"
          + "(?: of (?:it|them|these|those|that|the (?:batch|lot|pancakes|waffles|stack)))?";

  private static final String BECAME =
      "(?:ate|eaten|had|finished|froze|frozen|kept|saved|binned|gone|left|gave away|given away|in the"
          + " (?:freezer|fridge)|for (?:later|tomorrow))";

  private static final String FATE =
      "(?:(?:so|and|then|but|i|we|he|she|they|is|was|were|are|the kids) )*(?:"
          + BECAME
          + " "
          + SOME
          + "|"
          + SOME
          + " "
          + BECAME
          + "|"
          + SOME
          + " (?:is |are |went |goes |go )?(?:still )?(?:to|in|for) (?:the|my|our) [a-z]+"
          + "|(?:the )?(?:kids|rest of us|dog|others|neighbours|family) (?:had |ate |got )?"
          + SOME
          + ")(?: today| this morning| myself| already| over)?";

  /** "I ate half, froze half." */
  private static final Sought PART_EATEN =
      Sought.of(FATE + "(?: ?[,;&]? ?(?:and )?" + FATE + ")*" + END);

  /** Where food goes, and no pieces. */
  private static final Sort[] PLACES = {
    Sort.BOWL, Sort.BATTER, Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT
  };

  private static final Sought ONE_PORTION =
      Sought.of(
          "(?:so |and )?(?:that's|it's|this is|this makes|makes|that makes|for) (?:just |only )?(?:one|1|a|a single) (?:portion|serving)"
              + END);

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
    if (ONE_PORTION.isAll(clause.words(0, clause.size()))) {
      clause.counts.serves = Optional.of(new Told.Count(1, 1));
      clause.elements.stream().filter(Element::isAmount).forEach(e -> e.part = Part.SERVES);
      return;
    }
    if (PART_EATEN.isAll(clause.words(0, clause.size()))) {
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
      boolean between = numbers.get(0).low().startsWith("between") && ALONE.isAll(words);
      if (between || THATS.isAll(words) || REMARK.isAll(words) || FROM.isAll(words)) {
        pieces(count(0).low(), count(0).high());
      }
      return;
    }
    if (numbers.size() == 2 && OF_THEM.isAll(words)) {
      pieces(count(0).low(), count(0).high());
    } else if (OF_THE.isAll(words)) {
      pieces(count(1).low(), count(1).high());
    } else if (STACKS.isAll(words)) {
      product();
    } else if (PLATES.isAll(words)) {
      product();
      serves(1);
    } else if (TRAYS_OF.isAll(words)) {
      product();
    } else if (PLATES_OF.isAll(words)) {
      product();
      serves(0);
    } else if (EACH_OF.isAll(words)) {
      product();
      serves(0);
    } else if (PORTIONS.isAll(words)) {
      pieces(count(0).low(), count(0).high());
      serves(1);
    } else if (isSum()) {
      double low = 0;
      double high = 0;
      for (int i = 0; i < numbers.size(); i++) {
        low += count(i).low();
        high += count(i).high();
      }
      pieces(low, high);
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
