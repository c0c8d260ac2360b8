package honeststack.core.said.corrected;

import honeststack.core.food.Food;
import honeststack.core.line.UnitWords;
import honeststack.core.said.amount.AllWeighed;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.instead.Superseded;
import honeststack.core.said.name.Renamed;
import honeststack.core.said.part.Further;
import honeststack.core.said.place.Splits;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.Recounted;
import honeststack.core.wording.Numbers;
import java.util.List;

/** What a sentence says of the one before it: "Sorry, 1 tsp.", "Half of it goes on top." */
public final class Afterthoughts {
  private static final int MOST_WORDS = 4;

  /** "I ended up using 450", "350 would do": what it came to. */
  private static final Sought CAME_TO =
      Sought.of(
          "\\b(?:used|using|needed|took|takes|ended up|wound up|(?:is|was|would be|were) (?:enough|plenty|better|right)"
              + "|(?:would|will|might) do|did (?:it|the job)|in (?:practice|reality|fact|the end)|on the day"
              + "|more like|turned out|settled (?:on|at|for)|went (?:up|down) to"
              + "|(?:cut|brought|dropped|took|pushed|upped|bumped) (?:it |that |this )?(?:up |down |back )?to"
              + "|these days|nowadays|actually|really)\\b");

  /** It says something else of its number. */
  private static final Sought OTHERWISE =
      Sought.of(
          "\\b(?:more|extra|another|per|each|every|of|left|over|hours?|overnight|times|people|degrees|next time|if|used to)\\b|\\?");

  private static final Sought BEHIND =
      Sought.of(
          "(?:(?:in the end|in practice|in fact|was|is|were|would|will|be|do|enough|plenty|better|right|it"
              + "|really|actually|though|today|now|then|did|fine|just|the|job|on|day|these|days|[.,!;]) ?)*");

  private Afterthoughts() {}

  /** "Actually 50 ml more milk": it takes nothing back. */
  private static final Sought MORE =
      Sought.of(
          "\\b(?:more|extra|another|as well|too)\\b(?! (?:much|little|many|thick|thin|sweet|like))");

  /** What a sentence says of the one before: a correction, or halves. */
  public static void goOn(Clause before, Clause clause) {
    Recounted.by(before, clause);
    if (before.mentions.isEmpty()) {
      return;
    }
    Mention last = before.mentions.get(before.mentions.size() - 1);
    if (Renamed.by(last, clause)) {
      return;
    }
    Relisted.by(before, clause);
    if (before.mentions.isEmpty()) {
      return;
    }
    AllWeighed.goOn(last, clause);
    Splits.goOn(before, last, clause, false);
    Further.goOn(last, clause);
    if (clause.isWord(0, "not") && clause.isAmount(1) && clause.mentions.isEmpty()) {
      clause.get(1).part = Part.EXCLUDED; // "200 g of flour. Not 100 g."
    }
    corrected(last, before, clause);
    boolean more = MORE.isIn(clause.words(0, clause.size()));
    boolean corrects = clause.is(0, Sort.CORRECT) && !clause.mentions.isEmpty() && !more;
    if (corrects && isOther(last, clause.mentions.get(0))) {
      before.mentions.remove(last);
      last.mark(Part.EXCLUDED);
    }
  }

  /** "2 tsp vanilla. Sorry, 1 tsp." */
  private static void corrected(Mention last, Clause before, Clause clause) {
    boolean told = isTold(before);
    int amount = told ? 0 : 1;
    while (clause.isMark(amount, ",")
        || clause.is(amount, Sort.CORRECT)
        || clause.is(0, Sort.CORRECT) && amount > 0 && Corrections.isChatter(clause, amount)
        || told && clause.has(amount) && !clause.get(amount).isAmount() && amount < MOST_WORDS) {
      amount++;
    }
    boolean other =
        (clause.is(0, Sort.CORRECT) || told && isDone(clause, amount))
            && clause.isAmount(amount)
            && clause.mentions.isEmpty()
            && clause.counts.pieces.isEmpty()
            && last.isMeasured()
            && last.amount != null;
    unit(last, clause);
    if (other) {
      restate(last, clause.get(amount));
    } else if (clause.mentions.isEmpty()
        && clause.counts.pieces.isEmpty()
        && (isTooMuch(clause) || isCameTo(before, clause))) {
      better(last, clause);
    }
  }

  private static boolean isCameTo(Clause before, Clause clause) {
    String words = clause.words(0, clause.size());
    boolean share =
        clause.elements.stream().anyMatch(e -> e.isAmount() && e.measure().amount() < 1);
    boolean each = before.words(0, before.size()).contains("per ");
    return CAME_TO.isIn(words) && !OTHERWISE.isIn(words) && !share && !each && isClosed(clause);
  }

  /** Of its number nothing is counted: no "60 ml scoop". */
  private static boolean isClosed(Clause clause) {
    int last = clause.size() - 1;
    while (last > 0 && !clause.isAmount(last)) {
      last--;
    }
    return BEHIND.isAll(clause.words(last + 1, clause.size()));
  }

  /** "That was too thick." */
  private static boolean isTooMuch(Clause clause) {
    for (int i = 0; i + 1 < clause.size(); i++) {
      boolean too =
          clause.isWord(i, "too")
              && clause.isWord(
                  i + 1, "thick", "thin", "runny", "much", "little", "stiff", "dry", "sweet");
      if (too || clause.isWord(i, "not") && clause.isWord(i + 1, "enough")) {
        return true;
      }
    }
    return false;
  }

  /** "I ended up at 320": the only amount that it says. */
  private static void better(Mention last, Clause clause) {
    List<Element> amounts =
        clause.elements.stream()
            .filter(e -> e.isAmount() && !e.isWeak() && e.part == Part.UNKNOWN)
            .toList();
    boolean one = amounts.size() == 1 && last.isMeasured() && last.amount != null;
    if (one
        && (amounts.get(0).isCount()
            || amounts.get(0).measure().unit() == last.amount.measure().unit())) {
      restate(last, amounts.get(0));
    }
  }

  private static void restate(Mention mention, Element said) {
    boolean measured = mention.isMeasured() && mention.amount != null;
    if (measured && !Superseded.isFew(mention, said)) {
      mention.amountText = said.textLike(mention.amount);
      mention.restated = true;
      mention.amount.part = Part.EXCLUDED;
      said.part = Part.AMOUNT;
    }
  }

  /** "The card says 500 ml." */
  private static boolean isTold(Clause before) {
    for (int i = 0; i < before.size(); i++) {
      boolean used = before.isWord(i, "used") && before.isWord(i + 1, "to");
      if (used || before.isWord(i, "said", "says", "calls", "asks", "originally", "original")) {
        return true;
      }
    }
    return false;
  }

  /** "I used 450." */
  private static boolean isDone(Clause clause, int amount) {
    for (int i = 0; i < amount; i++) {
      if (clause.low(i).startsWith("put ")
          || clause.isWord(
              i, "use", "used", "took", "take", "put", "do", "did", "make", "go", "went", "now")) {
        return clause.has(amount)
            && (clause.get(amount).isFree() || clause.get(amount).part == Part.UNKNOWN);
      }
    }
    return false;
  }

  /** "1 tbsp baking powder. Sorry, teaspoon." */
  public static void unit(Mention last, Clause clause) {
    boolean corrects = clause.is(0, Sort.CORRECT) && clause.mentions.isEmpty();
    if (corrects && last.amount != null && !last.amount.isCount() && clause.size() <= 4) {
      for (Element element : clause.elements) {
        UnitWords.of(element.low())
            .ifPresent(
                unit -> {
                  double amount = last.amount.measure().amount();
                  last.amountText = Numbers.plain(amount) + " " + unit.symbol();
                  last.restated = true;
                });
      }
    }
  }

  /** "No!": nothing else. */
  public static boolean isWrong(Clause clause) {
    return clause.is(0, Sort.CORRECT)
        && clause.size() <= 2
        && clause.elements.stream().noneMatch(e -> e.isAmount() || e.isFood())
        && clause.mentions.isEmpty();
  }

  /** "2 teaspoons of baking soda. No! Baking powder." */
  public static boolean takesBack(List<Clause> read, Clause clause) {
    boolean amount = clause.mentions.isEmpty() && clause.isAmount(0) && clause.size() <= 2;
    if (amount && read.size() > 1 && !read.get(read.size() - 2).mentions.isEmpty()) {
      List<Mention> before = read.get(read.size() - 2).mentions;
      restate(before.get(before.size() - 1), clause.get(0)); // "2 tbsp honey? No. 3 tbsp."
      return false;
    }
    for (int i = read.size() - 2; i >= 0 && !clause.mentions.isEmpty(); i--) {
      List<Mention> before = read.get(i).mentions;
      boolean out =
          read.get(i).elements.stream().anyMatch(e -> e.isFood() && e.part == Part.EXCLUDED);
      if (out) {
        break; // "Yeast? No. Just 2 tsp baking powder."
      }
      if (!before.isEmpty()) {
        Mention last = before.remove(before.size() - 1);
        Mention right = clause.mentions.get(0);
        last.mark(Part.EXCLUDED);
        if (!right.isMeasured()) {
          right.amountText = last.amountText;
          right.restated = true;
        }
        break;
      }
    }
    return false;
  }

  /**
   * Another amount of one food, or as much of another of its role: "2 tsp. Sorry, powder, 2 tsp."
   */
  private static boolean isOther(Mention last, Mention right) {
    boolean alike =
        last.amount != null
            && right.isMeasured()
            && last.amountText.equals(right.amountText)
            && last.food != null
            && right.food != null
            && last.food.isOfAKind(right.food);
    return isSame(last, right) || alike;
  }

  private static boolean isSame(Mention a, Mention b) {
    return a.isMeasured()
        && b.isMeasured()
        && a.known().isPresent()
        && a.known().map(Food::id).equals(b.known().map(Food::id));
  }
}
