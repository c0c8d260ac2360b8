package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * "She adds 400 ml of milk; I do the same but with 300 ml milk and 100 ml water": what was told
 * before holds, with these amounts in place of the old ones of the same foods, and with what is
 * new.
 */
public final class SameBut {
  private static final String LEAD =
      "(?:(?:and|so|but|well|today|tonight|this time|this morning|now|me|,|–|-) )*";

  private static final String NEARLY =
      "(?:(?:exactly|just|pretty much|nearly|almost|more or less|basically|all) )?";

  private static final String WHEN =
      "(?:(?:for me|for us|here|too|as well|myself|ourselves|at home|today|tonight|this time|now|again) )?";

  private static final String SAME =
      NEARLY
          + "(?:the )?same (?:(?:thing|way|recipe|batter|one|amounts?|quantities|as (?:that|hers?|his|him|theirs|them)) )?";

  private static final String SO =
      "(?:like (?:that|this|hers|his|theirs|her|him|them) |(?:her|his|their) way |to the letter |as (?:written|told|it is|she does|he does) )";

  private static final String DO =
      "(?:(?:i|we)(?:'ve| have)?|i've|we've) (?:(?:always|usually|now) )?(?:do|did|done|make|made|use|used|take|took|cook|cooked"
          + "|follow|followed|copy|copied|stick to|stuck to|go by|went by) ";

  private static final String HOLDS =
      "(?:"
          + DO
          + "(?:(?:it|that|this) )?"
          + SAME
          + WHEN
          + "|"
          + DO
          + "(?:it|that|this|them|her|hers|him|his) (?:"
          + NEARLY
          + SO
          + ")?"
          + WHEN
          + "|(?:made|did) it "
          + NEARLY
          + SO
          + "|(?:(?:mine|ours|this one|today's|this|it) (?:is|was) |(?:mine|ours|it|this one|that)'s )"
          + SAME
          + WHEN
          + "|(?:the )?same (?:again )?(?:for me|for us|today|tonight|this time) "
          + "|as (?:yesterday|before|above|always|usual|ever|last (?:time|week)) |ditto )";

  private static final String BUT =
      "(?:[,;:–—-] )?(?:but only|but|only|just|though|plus|(?<bar>except for|except|apart from|other than|bar|(?<less>minus|without|less)))"
          + "(?: (?:with|using|it's|that))* ";

  private static final String BARE_BUT = "(?:the )?same (?:again )?(?:[,–-] )?but (?=(?:i|we) )";

  private static final String JOIN =
      "(?:(?:,|and|plus|with|but|then|i|we|use|used|take|took|put|put in|add|added|have|had) )*";

  private static final String ITEM =
      "(?:(?:the )?# (?:of )?(?:[a-z-]+ )?@ |(?:(?:no|without|minus|not|leave out|left out|skip|skipped|drop|dropped|omit|omitted) )?(?:the |any )?@ (?:out )?)";

  private static final Sought SAID =
      Sought.of(
          LEAD
              + "(?:"
              + HOLDS
              + BUT
              + "|"
              + BARE_BUT
              + ")(?:"
              + JOIN
              + ITEM
              + ")+(?:(?:instead|in it|too|as well|added) )*[.! ]*");

  private SameBut() {}

  /** Whether words say so that are in no sentence yet. */
  public static boolean isSaid(List<Element> elements) {
    return SAID.isAll(Shape.signs(elements));
  }

  /** Whether the sentence says so. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    Optional<Shape.Found> said =
        !read.isEmpty() && clause.hasFood() ? shape.whole(SAID) : Optional.empty();
    if (said.isEmpty() || clause.mentions.stream().anyMatch(now -> isOfUnit(read, now))) {
      return false;
    }
    boolean less = said.get().has("less");
    if (less && clause.hasAmount()) {
      return isLess(read, clause);
    }
    change(read, clause, less, said.get().has("bar"));
    return true;
  }

  /**
   * Has what a sentence names stand in the place of what was told of the same foods.
   *
   * @param less what it excepts is left out, however much it is
   * @param bar so are foods without an amount
   */
  static void change(List<Clause> read, Clause clause, boolean less, boolean bar) {
    for (int i = 0; i < clause.size(); i++) {
      Element food = clause.get(i);
      if (food.isFood() && food.part == Part.EXCLUDED && !less) {
        measured(clause, i); // "the same except 3 eggs"
      }
      if (food.isFood() && food.part == Part.EXCLUDED) {
        takeOut(read, food);
      }
    }
    for (Mention now : List.copyOf(clause.mentions)) {
      if (now.isMeasured()) {
        replace(read, now);
      } else if (now.food != null && bar) {
        takeOut(read, now.food); // "the same, minus the sugar"
        now.mark(Part.EXCLUDED);
        clause.mentions.remove(now);
      }
    }
  }

  /** "the same less 10 g sugar", "without the 30 g sugar": of one food, and of nothing else. */
  private static boolean isLess(List<Clause> read, Clause clause) {
    List<Element> amounts = clause.elements.stream().filter(SameBut::isStrong).toList();
    int food = clause.elements.indexOf(amounts.get(0)) + 1;
    boolean one = amounts.size() == 1 && clause.has(food) && clause.get(food).isFood();
    Optional<Mention> old =
        one
            ? Rescaled.before(read, clause.get(food)).filter(m -> m.amount != null)
            : Optional.empty();
    if (old.isEmpty()) {
      return false;
    }
    boolean whole = old.get().amount.low().equals(amounts.get(0).low());
    boolean done = whole || PointedBack.alter(old.get(), amounts.get(0), -1);
    if (whole) {
      takeOut(read, clause.get(food));
    }
    if (done) {
      clause.passOver();
    }
    return done;
  }

  private static boolean isStrong(Element element) {
    return element.isAmount() && !element.isWeak();
  }

  /** Counts a food after all that has an amount of its own. */
  private static void measured(Clause clause, int food) {
    boolean all = clause.isWord(food - 2, "the"); // "except the 30 g sugar"
    if (clause.has(food - 1) && isStrong(clause.get(food - 1)) && !all) {
      Mention now = new Mention();
      now.food = clause.get(food);
      now.foodText = now.food.text();
      now.amount = clause.get(food - 1);
      now.amountText = now.amount.text();
      now.from = food - 1;
      now.to = food + 1;
      now.food.part = Part.FOOD;
      now.amount.part = Part.AMOUNT;
      clause.mentions.add(now);
    }
  }

  /** "but only five of flour", where tablespoons were told. */
  private static boolean isOfUnit(List<Clause> read, Mention now) {
    return now.amount != null
        && now.food != null
        && now.amount.isCount()
        && Rescaled.before(read, now.food)
            .filter(old -> old.amount != null && !old.amount.isCount())
            .isPresent();
  }

  private static void replace(List<Clause> read, Mention now) {
    if (now.food != null) {
      takeOut(read, now.food)
          .ifPresent(
              old -> {
                now.place = old.place;
                now.placed = old.placed;
              });
    }
  }

  /** The last amount of a food. */
  private static Optional<Mention> takeOut(List<Clause> read, Element food) {
    Optional<Mention> last = Rescaled.before(read, food);
    last.ifPresent(
        old -> {
          old.mark(Part.EXCLUDED);
          read.forEach(clause -> clause.mentions.remove(old));
        });
    return last;
  }
}
