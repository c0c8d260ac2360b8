package honeststack.core.said.corrected;

import honeststack.core.line.Place;
import honeststack.core.line.Token;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.each.Apiece;
import honeststack.core.said.instead.Around;
import honeststack.core.said.instead.Weights;
import honeststack.core.said.ratio.RuleOf;
import honeststack.core.said.supposed.Hypothetical;
import honeststack.core.said.supposed.HypotheticalForms;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A sentence behind a list that measures one of its foods once more: so much is added ("so another
 * 50 ml milk"), is right instead ("in the end the flour was 170 g"), or is only talked of ("for
 * eight I take 450 g flour"), as all words around the amount say ({@link Weights}).
 */
public final class Retold {
  /** Stands for a question mark. */
  public static final String ASKED = "asked";

  /** How sure the words must be. */
  private static final double SURE = 0.7;

  /** So too of a food that the list does not measure. */
  private static final double SURE_OF_TALK = 0.85;

  /** A list that is one of another recipe. */
  private static final double SURE_OF_LIST = 0.9;

  /** What a list behind it measures is added to it only if the words say so. */
  private static final double ADDED = 0.5;

  /** So too where they say what is done: "the evening before I stir 100 g flour with water". */
  private static final double DONE = 0.15;

  private static final double MOST = 3;

  /** Not what lies on a plate: "a friend makes hers with 100 g yogurt". */
  private static final Sought THEIRS =
      Sought.of("\\b(?:wants?|wanted|makes?|made|do|does|did) (?:hers|his|theirs) with\\b");

  private static final Sought MARKS = Sought.of(" ?[,;:.!…–—-]+ ?");
  private static final Sought ENDS = Sought.of("^(?:,? )+|(?: ,?)+$|^,$");

  private final Clause clause;
  private final Element amount;
  private final Element food;
  private final Mention old;
  private final Optional<Mention> measured;

  /** Several foods in a row, of which it is the first; else none. */
  private final List<Mention> row;

  /** A question before it, which it answers: "Too thick? Another 50 ml milk." */
  private final String asked;

  private Retold(
      List<Clause> read,
      Clause clause,
      Element amount,
      Element food,
      Mention old,
      List<Mention> row) {
    this.clause = clause;
    this.row = row;
    this.amount = amount;
    this.food = food;
    this.old = old;
    this.measured =
        clause.mentions.stream().filter(m -> m.amount == amount && m.food == food).findFirst();
    Clause last = read.isEmpty() ? clause : read.get(read.size() - 1);
    boolean question = last.mentions.isEmpty() && last.isMark(last.size() - 1, "?");
    this.asked = question ? plain(last, 0, last.size()) + " " : "";
  }

  /**
   * Takes back what sentences before a list only talk of: "I bought 1 kg flour. 200 g flour, 2
   * eggs, …".
   */
  public static void before(List<Clause> read) {
    for (int i = 0; i + 1 < read.size(); i++) {
      Clause clause = read.get(i);
      boolean measured =
          clause.mentions.stream().anyMatch(Mention::isMeasured) && isTelling(clause);
      List<Clause> behind = measured ? Hypothetical.listed(read, i) : List.of();
      if (Clause.measure(behind, Hypothetical.OWN)) {
        boolean active = Hypothetical.isActive(clause);
        of(behind, clause).filter(said -> said.isTalk(active)).ifPresent(Retold::forget);
      }
    }
  }

  /**
   * What the list measures is right by itself, whatever is said of it before.
   *
   * @param active it says what is done
   */
  private boolean isTalk(boolean active) {
    if (HypotheticalForms.SO_DONE.isIn(clause.words(0, clause.size()))) {
      return false;
    }
    boolean list = row.size() >= Hypothetical.OWN;
    if (old == null || list) {
      return talk() > (list ? SURE_OF_LIST : SURE_OF_TALK);
    }
    return Weights.RETOLD.of(around().features())[Weights.Says.BOTH_COUNT.ordinal()]
        < (active ? DONE : ADDED);
  }

  private void forget() {
    clause.mentions.clear();
    clause.counts.clear();
    pass(Part.METHOD);
  }

  /**
   * Takes the sentence for what it says.
   *
   * @return whether that was plain
   */
  public static boolean in(List<Clause> read, Clause clause) {
    return Clause.measure(read, Hypothetical.LISTED)
        && of(read, clause).filter(Retold::settle).isPresent();
  }

  private static Optional<Retold> of(List<Clause> read, Clause clause) {
    List<Mention> measured =
        clause.mentions.stream()
            .filter(m -> m.isMeasured() && m.food != null && clause.elements.contains(m.amount))
            .toList();
    List<Element> foods = clause.elements.stream().filter(Element::isFood).toList();
    List<Element> amounts =
        clause.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).toList();
    if (!isTelling(clause)) {
      return Optional.empty();
    }
    boolean others = amounts.stream().filter(e -> !e.isCount()).count() > 1;
    if (measured.size() > 1) {
      boolean all = foods.size() == measured.size() && !isMore(clause, amounts, measured);
      return all && isRow(clause, measured)
          ? of(read, clause, measured.get(0).amount, measured.get(0).food, measured)
          : Optional.empty();
    }
    if (measured.size() == 1 && !others) {
      return of(read, clause, measured.get(0).amount, measured.get(0).food, List.of());
    }
    boolean one = measured.isEmpty() && foods.size() == 1 && amounts.size() == 1;
    return one ? of(read, clause, amounts.get(0), foods.get(0), List.of()) : Optional.empty();
  }

  /** It says more than what there is, and nothing of where it goes. */
  private static boolean isTelling(Clause clause) {
    boolean placed =
        clause.elements.stream()
                .anyMatch(e -> e.is(Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT))
            && !THEIRS.isIn(clause.words(0, clause.size()));
    return !placed
        && clause.asides.isEmpty()
        && !isLine(clause)
        && !clause.elements.stream().allMatch(Hypothetical::isPlain);
  }

  /** "… 100 g flour, 1 egg and 250 ml milk …": nothing else stands between. */
  private static boolean isRow(Clause clause, List<Mention> measured) {
    int from = first(clause, measured.get(0));
    int to = last(clause, measured.get(measured.size() - 1));
    return clause.elements.subList(from, to).stream()
        .allMatch(e -> Hypothetical.isPlain(e) || e.isWord("plus", "with") || e.isMark("&", "+"));
  }

  /** Amounts of what it does not name; "for the eleven of them" is none. */
  private static boolean isMore(Clause clause, List<Element> amounts, List<Mention> measured) {
    int from = first(clause, measured.get(0));
    int to = last(clause, measured.get(measured.size() - 1));
    return amounts.stream()
        .filter(e -> measured.stream().noneMatch(m -> m.amount == e))
        .anyMatch(e -> !e.isCount() || e.part == Part.AMOUNT || within(clause, e, from, to));
  }

  private static boolean within(Clause clause, Element element, int from, int to) {
    int at = clause.elements.indexOf(element);
    return at >= from && at <= to;
  }

  private static int first(Clause clause, Mention mention) {
    return Math.min(clause.elements.indexOf(mention.amount), clause.elements.indexOf(mention.food));
  }

  private static int last(Clause clause, Mention mention) {
    return Math.max(clause.elements.indexOf(mention.amount), clause.elements.indexOf(mention.food));
  }

  private static Optional<Retold> of(
      List<Clause> read, Clause clause, Element amount, Element food, List<Mention> row) {
    boolean measures = clause.mentions.stream().anyMatch(m -> m.amount == amount);
    boolean list = row.size() >= Hypothetical.OWN;
    long again = row.stream().filter(mention -> told(read, mention.food).isPresent()).count();
    if (list && 2 * again < row.size()) {
      return Optional.empty(); // of something else
    }
    Optional<Mention> old = told(read, food);
    return old.isPresent() || measures
        ? Optional.of(new Retold(read, clause, amount, food, old.orElse(null), row))
        : Optional.empty();
  }

  /** What measures the food last. */
  private static Optional<Mention> told(List<Clause> read, Element food) {
    for (int i = read.size() - 1; i >= Math.max(0, read.size() - Hypothetical.FAR); i--) {
      for (Mention old : read.get(i).mentions) {
        boolean same =
            old.isMeasured()
                && old.amount != null
                && old.food != null
                && old.place == Place.NOT_SAID
                && old.food.isSameFood(food)
                && !RuleOf.isUnit(read.get(i), old);
        if (same) {
          return Optional.of(old);
        }
      }
    }
    return Optional.empty();
  }

  /** Of a list: "the juice of half a lemon". */
  private static boolean isLine(Clause clause) {
    List<Token> tokens = clause.sentence.tokens();
    return !tokens.get(tokens.size() - 1).isMark(".", "!", "?")
        && clause.elements.stream()
            .noneMatch(
                e ->
                    e.is(Sort.VERB, Sort.YIELD, Sort.SERVES)
                        || e.isWord(HypotheticalForms.AUXILIARY)
                        || e.isWord(HypotheticalForms.SUBJECTS)
                        || e.isWord(HypotheticalForms.TELLS));
  }

  private boolean settle() {
    if (HypotheticalForms.SO_DONE.isIn(clause.words(0, clause.size()))) {
      return false;
    }
    boolean list = row.size() >= Hypothetical.OWN;
    if (old == null || list) {
      boolean talk =
          (old != null || !Apiece.isServed(clause))
              && talk() > (list ? SURE_OF_LIST : SURE_OF_TALK);
      if (talk) {
        clause.mentions.clear();
        clause.counts.serves = Optional.empty();
        pass(Part.EXCLUDED);
      }
      return talk;
    }
    double[] shares = Weights.RETOLD.of(around().features());
    if (shares[Weights.Says.SECOND_GIVES_WAY.ordinal()] > SURE) {
      clause.mentions.clear();
      clause.counts.serves = Optional.empty(); // "for eight people I take 450 g flour"
      pass(Part.METHOD);
      return true;
    }
    if (shares[Weights.Says.FIRST_GIVES_WAY.ordinal()] > SURE) {
      return row.isEmpty() && isAlike() && measure();
    }
    return shares[Weights.Says.BOTH_COUNT.ordinal()] > SURE && measured.isPresent();
  }

  /** That it only talks of it; so too where it tells no habit. */
  private double talk() {
    return Weights.TALK.of(around().features())[Weights.Says.SECOND_GIVES_WAY.ordinal()];
  }

  /** Nothing else of the sentence is asked about. */
  private void pass(Part part) {
    clause.loose.clear();
    clause.batch = Optional.empty();
    clause.passOverAmounts();
    measured.ifPresent(mention -> mention.mark(part));
    row.forEach(mention -> mention.mark(part));
  }

  /** Nobody mends an amount to so many times of it, or to what one weighs. */
  private boolean isAlike() {
    Measure was = old.amount.measure();
    Measure said = amount.measure();
    double times =
        was.unit() == said.unit() ? said.amount() / was.amount() : size(said) / size(was);
    return was.unit().kind() == said.unit().kind() && times <= MOST && times >= 1 / MOST;
  }

  /** g or mL; not a number for what is neither. */
  private static double size(Measure measure) {
    return switch (measure.unit().kind()) {
      case MASS -> measure.amount() * measure.unit().grams();
      case MARKED, VOLUME, SPOON, LADLE ->
          measure.amount() * measure.unit().millilitres(MeasuringSystem.US);
      default -> Double.NaN;
    };
  }

  /** From now on the list has so much of it. */
  private boolean measure() {
    old.amount.part = Part.EXCLUDED;
    old.amountText = measured.map(mention -> mention.amountText).orElse(amount.text());
    old.restated = true;
    clause.mentions.removeIf(mention -> mention.food == food);
    pass(Part.NOTE);
    amount.part = Part.AMOUNT;
    food.part = Part.FOOD;
    return true;
  }

  private Around around() {
    int one = clause.elements.indexOf(amount);
    int other = clause.elements.indexOf(food);
    int first = Math.min(one, other);
    int second = Math.max(one, other);
    int end = row.isEmpty() ? second : last(clause, row.get(row.size() - 1));
    return Around.of(
        asked + plain(clause, 0, first),
        strip(plain(clause, first + 1, second)),
        strip(plain(clause, end + 1, clause.size())),
        other < one);
  }

  /** Words; a comma for each mark but a question's. */
  private static String plain(Clause clause, int from, int to) {
    List<String> words = new ArrayList<>();
    for (int i = from; i < to; i++) {
      boolean question = clause.isMark(i, "?");
      words.add(question ? ASKED : MARKS.matcher(clause.low(i)).replaceAll(" , ").strip());
    }
    return String.join(" ", words);
  }

  private static String strip(String words) {
    return ENDS.matcher(words).replaceAll("");
  }
}
