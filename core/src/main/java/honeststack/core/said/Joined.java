package honeststack.core.said;

import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.corrected.Settled;
import honeststack.core.said.instead.Reasoned;
import honeststack.core.said.part.Thinned;
import honeststack.core.said.supposed.Hypothetical;
import honeststack.core.said.supposed.Usual;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BatterWeights;
import honeststack.core.said.yield.Headcount;
import honeststack.core.wording.WordSet;
import java.util.List;
import java.util.Set;

/**
 * A sentence about a list that is joined to it by a comma, a dash, brackets, "but" or "and": "200 g
 * flour, 300 ml milk, but the milk ran out at 200". It says what it would say by itself.
 */
final class Joined {
  /** With which such a sentence begins. */
  private static final Set<String> STARTS =
      WordSet.of(
          """
          i we he she it they you there it's that's i've we've i'd we'd i'm we're there's that this
          these those the my our all only just once again today tonight tomorrow in so had have ran
          used took made forgot left kept stopped didn't comes came makes turned one two everything
          everyone nobody never don't mine ours yesterday usually normally last
          """);

  private static final Set<String> SAYS =
      WordSet.of(
          """
          is are was were has have had do does did would could should can may might will need needs
          'm 's 're 've went ran used use took take made make makes forgot left kept stopped stayed
          weighed weighs comes came seems looks serves put added swapped halved doubled turned ended
          needed gave got fell broke dropped ate drank works worked lasts cost costs it's that's i've
          we've there's i'm we're didn't don't doesn't isn't wasn't weren't tripled weigh adds holds
          measured bought get gets goes go says said forget leaves
          """);

  private static final String[] JOINS = {"but", "though", "although", "only", "except"};

  private static final String[] SUBJECTS = {
    "i", "we", "it", "it's", "that's", "there", "i've", "we've", "there's", "that", "this", "the",
    "i'd", "we'd", "mine", "ours"
  };

  /** With one of them and a dash before it begins another sentence. */
  private static final String[] SPEAKERS = {
    "i", "we", "it", "it's", "that's", "there's", "i've", "we've", "you", "he", "she", "they", "my",
    "our", "his", "her"
  };

  /** How many come out, and who eats them. */
  private static final Sort[] COUNTS = {Sort.SERVES, Sort.PEOPLE, Sort.PIECES, Sort.YIELD};

  /** "and margarine for the butter" */
  private static final Sought SWAP =
      Sought.of("@ (?:for|instead of|in place of) (?:the )?@ (?:today |here |now )?[.! ]*");

  private static final Sort[] ABOUT = {
    Sort.EXCLUDE, Sort.INSTEAD, Sort.SWAP, Sort.OUT, Sort.PART_OF, Sort.VERB, Sort.HOLD
  };

  /** Of the whole list, or the list once more. */
  private static final Sought WHOLE =
      Sought.of(
          "(?:(?:so|and|it|that|this|which|all|,) )*(?:comes|came|adds up|weighs|weighed) (?:to |in at |about |around )*#.*"
              + "|(?:so )?(?:the )?(?:whole )?(?:batter|mix|mixture|lot) (?:weighs|is|comes to|came to|weighed) .*#.*"
              + "|(?:i repeat|again|in short|to recap|once more|read back|to repeat|got that) ?[:,] .*#.*|so that's .*#.*");

  private static final String COMES_TO =
      "(?:that's|that is|that was|which is|which was|this is|this was|it was|it's|there were|it came to|came to"
          + "|it comes to|comes to|turned out|ended up as|ended up with|a total of|total|got|made|makes|gave)"
          + "(?: about| :| just| only)*";

  /** "That's 6, I have 3 with …": how many there are, and no more. */
  private static final Sought COUNTED =
      Sought.of(
          ("(?:(?:so|and|,) )*(?:" + COMES_TO + " # |(?:" + COMES_TO + " |all told )?")
              + "# (?:pancakes?|waffles?|cr[eê]pes|hotcakes|pieces|of them|in all|in total|altogether|all told|total|,) ?)");

  private static final String[] EATERS = {"i", "we", "he", "she", "they"};

  private static final String[] EAT = {
    "have", "had", "eat", "ate", "get", "got", "take", "took", "has", "eats", "gets"
  };

  private static final int FEWEST = 2;

  private Joined() {}

  /** Whether the mark or word there ends a list, behind which such a sentence follows. */
  static boolean ends(List<Element> elements, int from, int i) {
    Element mark = elements.get(i);
    boolean dash = mark.isMark("–", "-", "—");
    boolean comma = mark.isMark(",");
    boolean but = mark.isWord("but", "though");
    if (!dash && !comma && !but && !mark.isWord("and", "so") || i + 1 >= elements.size()) {
      return false;
    }
    boolean joined = (dash || comma) && elements.get(i + 1).isWord(JOINS);
    int next = joined ? i + 2 : i + 1;
    if ((comma || mark.isWord("and"))
        && isEatenThen(elements, next)
        && COUNTED.isAll(Shape.signs(elements.subList(from, i)))) {
      return true;
    }
    boolean habit = but && elements.get(next).isWord("today"); // "normally butter but today oil"
    if (habit || next + 1 >= elements.size() || !isList(elements.subList(from, i))) {
      return false;
    }
    List<Element> list = elements.subList(from, i);
    List<Element> after = elements.subList(next, elements.size());
    if (!isTold(list)
        && (Thinned.isSaid(after) || Reasoned.isSaid(after) || Headcount.isSaid(after))) {
      return true;
    }
    if (dash || joined || but) {
      boolean measured = after.stream().anyMatch(e -> e.isAmount() && !e.isCount());
      boolean other = dash && !measured && after.get(0).isWord(SPEAKERS) && isTelling(after, false);
      return !isChoice(list) && (other || isSaidOf(list, after) || isWhole(after));
    }
    boolean telling = after.get(0).isWord(SUBJECTS) && isTelling(after) && isSaidOf(list, after);
    boolean again = !isItem(after) && isAbout(list, after);
    return !isTold(list) && (isWhole(after) || (telling || again) && !isCounting(after));
  }

  private static boolean isEatenThen(List<Element> elements, int i) {
    return i + 2 < elements.size()
        && elements.get(i).isWord(EATERS)
        && elements.get(i + 1).isWord(EAT)
        && elements.get(i + 2).isAmount();
  }

  /** What is only said in a sentence about a list. */
  private static boolean isSaid(List<Element> after) {
    return Thinned.isSaid(after)
        || Reasoned.isSaid(after)
        || Headcount.isSaid(after)
        || Settled.isSaid(after)
        || Usual.isSaid(after);
  }

  /** Where brackets close that end a list and hold such a sentence; -1 for none that open there. */
  static int closes(List<Element> elements, int from, int i) {
    if (!elements.get(i).isMark("(", "[") || i == from) {
      return -1;
    }
    int close = i;
    while (close < elements.size() && !elements.get(close).isMark(")", "]")) {
      close++;
    }
    boolean last =
        close + 1 >= elements.size()
            || close + 2 == elements.size() && elements.get(close + 1).isMark(".", "!");
    if (!last || close < i + 2) {
      return -1;
    }
    List<Element> list = elements.subList(from, i);
    List<Element> inner = elements.subList(i + 1, Math.min(close, elements.size()));
    boolean plain = inner.stream().allMatch(Hypothetical::isPlain); // "(1 flax egg)"
    return isList(list) && !plain && !isChoice(list) && (isSaidOf(list, inner) || isWhole(inner))
        ? close
        : -1;
  }

  /** "…, mum used milk": the last of it is no list. */
  private static boolean isTold(List<Element> list) {
    return isTelling(list.subList(last(list), list.size()), false) || isChoice(list);
  }

  /** Where the last of it begins, behind a comma. */
  private static int last(List<Element> list) {
    int last = list.size() - 1;
    while (last > 0 && !list.get(last).isMark(",", ";", ":")) {
      last--;
    }
    return last;
  }

  private static boolean isWhole(List<Element> after) {
    boolean measured = after.stream().anyMatch(e -> e.isAmount() && !e.isWeak());
    return measured && (WHOLE.isAll(Shape.signs(after)) || BatterWeights.isAll(after));
  }

  /** It begins with what is measured; not "one of the eggs was bad". */
  private static boolean isItem(List<Element> after) {
    Element first = after.get(0);
    boolean some =
        after.size() > 2 && after.get(1).isWord("of") && after.get(2).isWord("the", "my");
    if (some && isTelling(after, false)) {
      return false;
    }
    Element second = after.get(Math.min(1, after.size() - 1));
    return first.isAmount() || first.isFood() && (second.isAmount() || second.isMark(":", ","));
  }

  /** It says something of what is measured in the list: "swap the butter for 40 g oil". */
  private static boolean isAbout(List<Element> list, List<Element> after) {
    int food = 0;
    while (food < after.size()
        && !(after.get(food).isFood() && isMeasured(list, after.get(food)))) {
      food++;
    }
    boolean maybe =
        after.subList(0, food).stream().anyMatch(e -> e.isWord("if", "when") || e.is(Sort.CORRECT));
    boolean says =
        isTelling(after, false)
            || after.stream().anyMatch(e -> e.is(ABOUT))
            || SWAP.isAll(Shape.signs(after));
    return food < after.size()
        && says
        && !maybe
        && !after.get(0).isWord("with")
        && !after.get(0).is(Sort.PART_OF);
  }

  private static boolean isMeasured(List<Element> list, Element food) {
    for (int i = 0; i < list.size(); i++) {
      if (list.get(i).isFood() && list.get(i).isSameFood(food)) {
        int before = i > 1 && list.get(i - 1).isWord("of") ? i - 2 : i - 1;
        int behind = i + 1 < list.size() && list.get(i + 1).isMark(":", "-") ? i + 2 : i + 1;
        boolean first = before >= 0 && list.get(before).isAmount();
        if (first || behind < list.size() && list.get(behind).isAmount()) {
          return true;
        }
      }
    }
    return false;
  }

  /** "and there's eleven of them": it measures nothing. */
  private static boolean isCounting(List<Element> after) {
    boolean measured = after.stream().anyMatch(e -> e.isAmount() && !e.isCount());
    boolean named = after.stream().anyMatch(Element::isFood);
    return after.stream().anyMatch(e -> e.isWord("worth"))
        || !named && (!measured || after.stream().anyMatch(e -> e.is(COUNTS)));
  }

  /** Foods with their amounts. */
  private static boolean isList(List<Element> elements) {
    long foods = elements.stream().filter(Element::isFood).count();
    long amounts = elements.stream().filter(e -> e.isAmount() && !e.isWeak()).count();
    return foods >= FEWEST && amounts >= FEWEST;
  }

  /** It names a food of the list once more, and not as the next of it: "but 3 eggs". */
  private static boolean isSaidOf(List<Element> list, List<Element> after) {
    boolean says = !isItem(after) || isTelling(after, false);
    return says && after.stream().anyMatch(e -> e.isFood() && isMeasured(list, e));
  }

  /** "50 g butter or oil": what follows says which. */
  private static boolean isChoice(List<Element> list) {
    List<Element> last = list.subList(last(list), list.size());
    return last.stream().anyMatch(e -> e.is(Sort.OR) || e.isMark("/"));
  }

  private static boolean isTelling(List<Element> elements) {
    return isTelling(elements, true);
  }

  private static boolean isTelling(List<Element> elements, boolean starts) {
    boolean begins = elements.get(0).words().findFirst().filter(STARTS::contains).isPresent();
    return (begins || !starts)
        && elements.stream()
            .filter(e -> !e.isFood())
            .flatMap(Element::words)
            .anyMatch(SAYS::contains);
  }
}
