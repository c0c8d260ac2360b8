package honeststack.core.said.without;

import honeststack.core.said.amount.Listing;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.WordSet;
import java.util.Set;

/**
 * Foods that somebody cannot or must not eat, in whatever words: "she reacts to egg and milk", "my
 * son isn't allowed honey", "walnuts bring her out in a rash". They are not in it.
 */
public final class Intolerance {
  /** What a food does to who cannot eat it, and what is said of keeping away from it. */
  private static final Set<String> CUES =
      WordSet.of(
          """
          react reacts reacted reacting reaction reactions hives rash rashes spots swelled swells
          swelling allergic allergy allergies anaphylactic anaphylaxis intolerant intolerance
          intolerances sensitive sensitivity tolerate digest digesting ill sick poorly vomits throws
          vomit hate hates avoid avoids avoiding mustn't ban bans banned forbids forbidden scared
          afraid terrified bloated ache aches cramps wheezy wheezes itchy itches eczema migraine
          migraines triggered breaks broke off pen epipen problem trouble away clear tested
          """);

  /** They say so where it is not. */
  private static final Set<String> UNLESS =
      WordSet.of("allow allowed supposed meant permitted good okay ok able get gets tolerate");

  /** They say so of a person, not of a batter. */
  private static final Set<String> WEAK =
      WordSet.of("off swells swelling good get gets away clear breaks broke throws ok okay able");

  private static final Set<String> NOT =
      WordSet.of(
          """
          not isn't isnt aren't doesn't doesnt don't never won't can't cannot wasn't no longer nobody
          """);

  /** It is over, or never was. */
  private static final Set<String> GONE =
      WordSet.of("outgrew outgrown grown grew used isn't not no");

  /** May stand between what is said and the food. */
  private static final Set<String> BETWEEN =
      WordSet.of(
          """
          to from for with if when whenever she he they i we you eats eat eating ate has have having had
          touches touch of after by the a an any at out it's it is it was were up badly bad very so
          even all only on off should would be there around near well getting get gets down in anything
          containing someone people both raw actual actually eats most
          """);

  private static final Set<String> DOES =
      WordSet.of(
          """
          make makes made give gives gave bring brings brought send sends upset upsets trigger
          triggers set sets isn't aren't wasn't is are would could can might doesn't don't put puts
          """);

  /** He ate it all the same. */
  private static final Set<String> ATE = WordSet.of("ate loved asked devoured finished scoffed");

  private static final Set<String> HARM =
      WordSet.of(
          """
          ill sick poorly rash hives swell spots stomach tummy eczema trigger hospital no-go bloated
          migraine migraines itch itchy itches wheeze wheezy cramps reaction reactions allergic
          avoid vomit heartburn asthma
          """);

  /** Where it is not. */
  private static final Set<String> NO_HARM = WordSet.of("safe mix agree sit on allowed permitted");

  private static final Set<String> BREAKS =
      WordSet.of("so because since but hence therefore although though while which");

  /** "an egg and milk allergy". */
  private static final String[] NAMED = {
    "allergy", "allergies", "intolerance", "intolerances", "sensitivity"
  };

  private static final Set<String> GROUPS = WordSet.of("and or , dairy gluten nut soy lactose");

  /** Words behind a food that say what it does. */
  private static final int LONGEST = 10;

  /** No more is said of it. */
  private static final int FAR = 24;

  private final Clause clause;

  private static final Sought ORIGINAL =
      Sought.of(
          "(?:.* )?(?:recipe|original|book|packet|card|it) (?:has|had|says|said|wants|takes|needs|calls for"
              + "|asks for)(?: the| about)?");

  private Intolerance(Clause clause) {
    this.clause = clause;
  }

  static void in(Clause clause) {
    boolean food = false;
    boolean told = false;
    for (Element element : clause.elements) {
      food |= element.isFood() && element.isFree();
      told |= !element.isFood() && element.words().anyMatch(Intolerance::isHint);
    }
    if (food && told) {
      new Intolerance(clause).find();
    }
  }

  private static boolean isHint(String word) {
    return CUES.contains(word)
        || UNLESS.contains(word)
        || HARM.contains(word)
        || NO_HARM.contains(word);
  }

  private void find() {
    Listing listing = new Listing(clause);
    for (int i = 0; i < clause.size(); i++) {
      if (!clause.isFood(i) || isMeasured(i)) {
        continue;
      }
      int end = listing.end(i);
      if (cue(i) >= 0 && !says(end, stop(end), ATE)) {
        exclude(begin(i), end);
      } else if (clause.isWord(named(end), NAMED)) {
        exclude(i, named(end) + 1);
      } else if (isHarmful(end)) {
        clause.take(i, stop(end), Part.ASIDE); // what was put in before stays
      }
    }
  }

  /** Over what is no food: "an egg and dairy allergy". */
  private int named(int end) {
    int i = end;
    while (i < end + GROUPS.size() && clause.has(i) && GROUPS.contains(clause.low(i))) {
      i++;
    }
    return i;
  }

  private boolean isMeasured(int food) {
    int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    return clause.isStrong(amount) && !clause.get(amount).isWord("one");
  }

  /** What is said before a food; -1 for none. */
  private int cue(int food) {
    int begin = begin(food);
    for (int i = food - 1; i >= begin; i--) {
      if (clause.get(i).words().anyMatch(word -> isCue(word, begin, food))) {
        return isWeak(i) && !isOfSomebody(begin, i) ? -1 : i;
      }
      boolean between = clause.get(i).words().allMatch(BETWEEN::contains);
      if (!between && !clause.isWord(i, "one")) {
        return -1;
      }
    }
    return -1;
  }

  /** "Egg allergy so …, recipe has 2 eggs": what is not eaten is not in it, whatever it says. */
  public static void original(Clause clause) {
    clause.mentions.removeIf(
        mention -> {
          int from = Math.min(mention.from, clause.size());
          boolean old =
              mention.food != null
                  && ORIGINAL.isAll(clause.words(from - FAR, from))
                  && clause.elements.stream()
                      .anyMatch(
                          e -> e.part == Part.EXCLUDED && e.isFood() && e.isSameFood(mention.food));
          if (old) {
            mention.mark(Part.EXCLUDED);
          }
          return old;
        });
  }

  private boolean isCue(String word, int begin, int food) {
    boolean over = says(begin, food, GONE);
    return CUES.contains(word) && (!over || word.equals("tolerate"))
        || UNLESS.contains(word) && says(begin, food, NOT);
  }

  private boolean isWeak(int cue) {
    return clause.get(cue).words().anyMatch(WEAK::contains);
  }

  /** No food and no amount before it: of somebody something is said. */
  private boolean isOfSomebody(int begin, int cue) {
    return cue > begin
        && clause.elements.subList(begin, cue).stream()
            .noneMatch(e -> e.isFood() || e.isAmount() && !e.isWeak() && !e.isWord("one"));
  }

  /** "… makes her ill", behind the foods. */
  private boolean isHarmful(int from) {
    int to = stop(from);
    boolean does = says(from, Math.min(from + 2, to), DOES);
    if (!does || to - from > LONGEST || says(from, to, GONE) && !says(from, to, NO_HARM)) {
      return false;
    }
    boolean plain = clause.elements.subList(from, to).stream().noneMatch(e -> e.isFood());
    return plain && (says(from, to, HARM) || says(from, to, NO_HARM) && says(from, to, NOT));
  }

  private boolean says(int from, int to, Set<String> words) {
    return clause.elements.subList(from, to).stream()
        .flatMap(Element::words)
        .anyMatch(words::contains);
  }

  /** Where the stretch begins that ends with a food. */
  private int begin(int food) {
    int begin = food;
    while (begin > 0 && food - begin < FAR && !isBreak(begin - 1)) {
      begin--;
    }
    return begin;
  }

  private int stop(int from) {
    int to = from;
    while (to < clause.size() && to - from < FAR && !isBreak(to)) {
      to++;
    }
    return to;
  }

  private boolean isBreak(int i) {
    return clause.get(i).kind == Element.Kind.MARK && !clause.isMark(i, "/", "&", "'")
        || clause.get(i).words().anyMatch(BREAKS::contains);
  }

  private void exclude(int from, int to) {
    clause.take(from, to, Part.NOTE, e -> !e.isFood());
    clause.take(from, to, Part.EXCLUDED, Element::isFood); // no "a" of "a rash"
  }
}
