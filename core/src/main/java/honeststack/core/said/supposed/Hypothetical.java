package honeststack.core.said.supposed;

import honeststack.core.food.Food;
import honeststack.core.line.Place;
import honeststack.core.said.choice.Alternatives;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.StandIn;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.stream.Stream;

/**
 * Sentences behind a list that measure what is not in it: on a condition ("if it's too thick add 50
 * ml more milk"), in another version ("for a double batch use 4 eggs"), by somebody else ("some
 * people add 20 g sugar"), at another time ("last time I used 400 ml milk"), or only in thought
 * ("next time maybe 40 g butter"). What is not told so firmly is taken back only where the list
 * measures the food, or one that it may stand in for: that becomes a choice.
 */
public final class Hypothetical {
  /** Fewer measured foods are no list. */
  public static final int LISTED = 2;

  /** So many are a list of their own. */
  public static final int OWN = 3;

  /** No recipe has more sentences. */
  public static final int FAR = 60;

  /** A line of a list is no longer. */
  private static final int SHORT = 8;

  private final List<Clause> read;
  private final Clause clause;
  private final String words;

  private Hypothetical(List<Clause> read, Clause clause) {
    this.read = read;
    this.clause = clause;
    this.words = clause.words(0, clause.size());
  }

  /**
   * Takes back what a sentence behind a list only supposes.
   *
   * @return whether it is of another time, or of others, and says nothing of what stands before it
   */
  public static boolean in(List<Clause> read, Clause clause) {
    List<Clause> near = near(read);
    boolean asked = // "No eggs? 60 g apple sauce each."
        !read.isEmpty()
            && isAsked(read.get(read.size() - 1))
            && clause.hasFood()
            && Clause.measure(near, LISTED);
    return (asked || isBehindList(near, clause)) && new Hypothetical(near, clause).read();
  }

  private boolean read() {
    boolean amount = clause.elements.stream().anyMatch(Element::isAmount);
    boolean named = says(HypotheticalForms.CHOICE) || says(HypotheticalForms.VERSION);
    if (!amount && !named) {
      return false; // "sift the flour first"
    }
    if (HypotheticalForms.LIKED.begins(clause.words(0, clause.size()))) {
      return false; // "if you like, 20 g honey"
    }
    boolean done = says(HypotheticalForms.DONE);
    boolean placed = isPlaced();
    boolean elsewhere = isElsewhere();
    boolean asked = !done && !read.isEmpty() && isAsked(read.get(read.size() - 1));
    boolean food = clause.size() > 0 && clause.get(0).isFood(); // "vegan block 50 g, melted"
    boolean version = !done && !placed && (asked || !food && says(HypotheticalForms.VERSION));
    boolean state = !done && says(HypotheticalForms.CONDITION) && says(HypotheticalForms.MORE);
    boolean held = !placed && says(HypotheticalForms.HELD);
    boolean alike = !done && !placed && says(HypotheticalForms.CHOICE) && !isOwnLine();
    boolean may = !done && !placed && (held || alike || says(HypotheticalForms.MAY));
    boolean choice = version || alike;
    boolean refused = may && says(HypotheticalForms.NOT_ME);
    for (Mention mention : List.copyOf(clause.mentions)) {
      Optional<Mention> other = choice ? standsFor(mention, version) : Optional.empty();
      if (other.isPresent() && !elsewhere && !state) {
        Alternatives.choose(other.get(), clause, mention);
      } else if (elsewhere && !isBefore(mention)
          || state && !isItem(mention) && (isTold(mention) || says(HypotheticalForms.IF))
          || refused
          || version
          || may && isTold(mention)
          || held && mention.food == null) {
        drop(mention, state);
      }
    }
    if (elsewhere || state || version || may) {
      close();
    }
    return elsewhere || version || held || clause.mentions.isEmpty() && (state || may);
  }

  /**
   * Takes back what a sentence behind a list measures again and puts nothing in: "The Dutch use 500
   * ml milk."
   */
  public static void remark(List<Clause> read, Clause clause) {
    List<Clause> near = near(read);
    if (clause.mentions.stream().anyMatch(Mention::isMeasured) && isBehindList(near, clause)) {
      Hypothetical said = new Hypothetical(near, clause);
      if (!said.isPlaced() && !said.says(HypotheticalForms.DONE) && !said.isActive()) {
        List.copyOf(clause.mentions).stream().filter(said::isTold).forEach(m -> said.drop(m, true));
        said.close();
      }
    }
  }

  /** The same of what stands before a list: "I used to make them with 4 eggs. 200 g flour, …". */
  public static void before(List<Clause> read) {
    for (int i = 0; i + 1 < read.size(); i++) {
      Clause clause = read.get(i);
      boolean measured = clause.mentions.stream().anyMatch(Mention::isMeasured);
      if (measured
          && !isList(clause)
          && !clause.elements.stream().allMatch(Hypothetical::isPlain)) {
        Hypothetical said = new Hypothetical(read.subList(0, i), clause);
        boolean elsewhere = said.isElsewhere();
        if (elsewhere || !said.isPlaced() && !said.isActive()) {
          new Hypothetical(listed(read, i), clause).forget(elsewhere);
        }
      }
    }
  }

  /**
   * Behind a sentence those that measure several foods, and lines that measure one each, if there
   * are some.
   */
  public static List<Clause> listed(List<Clause> read, int before) {
    List<Clause> all = read.subList(before + 1, Math.min(read.size(), before + 1 + FAR));
    List<Clause> lines =
        all.stream()
            .filter(c -> c.mentions.size() == 1 && c.mentions.get(0).isMeasured() && isLine(c))
            .toList();
    boolean several = lines.stream().map(c -> c.sentence.line()).distinct().count() >= OWN;
    return Stream.concat(
            all.stream().filter(Hypothetical::isList), several ? lines.stream() : Stream.empty())
        .toList();
  }

  /** An amount and a food, and no more than a few words. */
  private static boolean isLine(Clause clause) {
    return clause.elements.size() <= SHORT;
  }

  private void forget(boolean elsewhere) {
    if (!read.isEmpty()) {
      for (Mention mention : List.copyOf(clause.mentions)) {
        if (elsewhere && !isBefore(mention) || isTold(mention)) {
          drop(mention, false);
        }
      }
      close();
    }
  }

  /** "1 cup sugar – too sweet, next time ½ cup": only what follows is of another time. */
  private boolean isBefore(Mention mention) {
    if (mention.isMeasured() && clause.isWord(mention.from - 1, "so")) {
      return true; // "30 g less sugar than last time, so 50 g sugar"
    }
    if (mention.from <= 1 && mention.isMeasured() && isChangedHere(mention)) {
      return true;
    }
    int end = clause.elements.indexOf(mention.food) + 1;
    return mention.from == 0
        && mention.isMeasured()
        && clause.isMark(end, ",", "-", "–", "—", "(")
        && HypotheticalForms.LATER.isIn(clause.words(end, clause.size()));
  }

  /** "50 g butter, no, that was last time, 40 g", "30 g butter, I've also done it with oil". */
  private boolean isChangedHere(Mention mention) {
    return !mention.others.isEmpty()
        || clause.elements.stream()
            .anyMatch(e -> e.isAmount() && !e.isWeak() && e.part == Part.EXCLUDED);
  }

  /** "240 ml oat milk, you can swap in soy milk". */
  private boolean hasOwnChoice() {
    return clause.mentions.stream().anyMatch(m -> !m.others.isEmpty() && isItem(m));
  }

  /** "¾ cup milk, plus a splash more if it's stiff": the condition is behind it. */
  private boolean isItem(Mention mention) {
    int end = clause.elements.indexOf(mention.food) + 1;
    return mention.from == 0
        && mention.isMeasured()
        && clause.get(0).isAmount()
        && clause.isMark(end, ",", "(", ";");
  }

  /** "100 g rye flour, spelt is fine too": what is fine is the other. */
  private boolean isOwnLine() {
    if (hasOwnChoice()) {
      return true;
    }
    boolean line =
        clause.size() > 3
            && clause.get(0).isAmount()
            && clause.get(1).isFood()
            && clause.isMark(2, ",", "(", ";");
    return line && clause.ahead(3, 2, Element::isFood) > 0;
  }

  private boolean isElsewhere() {
    return (says(HypotheticalForms.ELSEWHERE) || isSomebodys()) && !says(HypotheticalForms.NOW);
  }

  /** "My mum adds 20 g sugar to hers", where the recipe is not hers. */
  private boolean isSomebodys() {
    return says(HypotheticalForms.SOMEBODY)
        && read.stream().noneMatch(c -> HypotheticalForms.COOK.isIn(c.words(0, c.size())));
  }

  private static List<Clause> near(List<Clause> read) {
    return read.subList(Math.max(0, read.size() - FAR), read.size());
  }

  private static boolean isList(Clause clause) {
    return clause.mentions.stream().filter(Mention::isMeasured).count() >= OWN;
  }

  /** It tells nothing. */
  public static boolean isPlain(Element element) {
    return element.isAmount()
        || element.isFood()
        || element.kind == Element.Kind.MARK
        || element.isWord("of", "and", "the");
  }

  private static boolean isBehindList(List<Clause> read, Clause clause) {
    boolean food = clause.hasFood();
    boolean plain = clause.elements.stream().allMatch(Hypothetical::isPlain);
    if (!food || plain || isList(clause)) {
      return false;
    }
    return Clause.measure(read, LISTED);
  }

  private boolean says(Sought what) {
    return what.isIn(words);
  }

  private boolean isPlaced() {
    return clause.heading() != Place.NOT_SAID
        || clause.elements.stream()
            .anyMatch(e -> e.is(Sort.PLATE, Sort.PLATE_NEXT, Sort.PAN, Sort.PAN_NEXT));
  }

  /** Where nothing of the sentence counts, no number of it is asked about. */
  private void close() {
    if (clause.mentions.isEmpty()) {
      clause.loose.clear();
      clause.batch = Optional.empty();
      clause.passOverAmounts();
    }
  }

  public static boolean isActive(Clause clause) {
    return new Hypothetical(List.of(), clause).isActive();
  }

  /** It says what is done, or nothing but what there is. */
  private boolean isActive() {
    Matcher lead = HypotheticalForms.LEAD.matcher(words);
    int from =
        lead.lookingAt() && lead.end() > 0
            ? words.substring(0, lead.end()).strip().split(" ").length
            : 0;
    boolean verb = false;
    boolean finite = false;
    for (int i = 0; i < clause.size(); i++) {
      boolean does = clause.is(i, Sort.VERB) || clause.is(i, Sort.YIELD, Sort.SERVES);
      boolean auxiliary = clause.isWord(i, HypotheticalForms.AUXILIARY);
      verb |= i <= from && does && !auxiliary;
      finite |=
          does
              || auxiliary
              || clause.isWord(i, HypotheticalForms.SUBJECTS)
              || clause.isWord(i, HypotheticalForms.TELLS);
    }
    return verb || !finite || says(HypotheticalForms.ACTS);
  }

  /** "Too thick?", "Vegan?": what follows answers. */
  private static boolean isAsked(Clause question) {
    return question.isMark(question.size() - 1, "?")
        && question.mentions.stream().noneMatch(Mention::isMeasured)
        && HypotheticalForms.QUESTION.isIn(question.words(0, question.size()));
  }

  private void drop(Mention mention, boolean all) {
    if (all || mention.isMeasured() || isTold(mention)) {
      clause.mentions.remove(mention);
      mention.mark(mention.isMeasured() && !isSaid(mention) ? Part.EXCLUDED : Part.METHOD);
    }
  }

  /** The list measures as much of it. */
  private boolean isSaid(Mention mention) {
    return told(mention).anyMatch(m -> m.amountText.equalsIgnoreCase(mention.amountText));
  }

  /** The list measures it. */
  private boolean isTold(Mention mention) {
    return told(mention).findAny().isPresent();
  }

  private Stream<Mention> told(Mention mention) {
    Optional<String> food = mention.known().map(Food::id);
    return read.stream()
        .flatMap(c -> c.mentions.stream())
        .filter(m -> food.isPresent() && m.isMeasured() && m.known().map(Food::id).equals(food));
  }

  /** The last food of the list in whose place it may be taken, and which it is not. */
  private Optional<Mention> standsFor(Mention mention, boolean version) {
    if (mention.food == null || isTold(mention)) {
      return Optional.empty();
    }
    return read.stream()
        .flatMap(c -> c.mentions.stream())
        .filter(m -> m.isMeasured() && m.food != null)
        .filter(
            m ->
                mention.food.isOfAKind(m.food) && isKind(mention)
                    || version && StandIn.isForEgg(mention.food, m.food))
        .reduce((first, second) -> second);
  }

  /** What is added besides stands in for nothing. */
  private static boolean isKind(Mention mention) {
    return switch (mention.role()) {
      case FLOUR, LIQUID, EGG, FAT, SUGAR -> true;
      default -> false;
    };
  }
}
