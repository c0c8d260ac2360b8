package honeststack.core.said.part;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Set;

/**
 * How much of a food went in, said of "it" or "them" that was named before: "my discard, I had 180
 * g of it", "The milk was on offer. I used 400 ml of it."
 */
public final class OfIt {
  /** In the sentence before, or the one before that. */
  private static final int FAR = 2;

  /** What was paid or bought is more than what goes in. */
  private static final Sought USED =
      Sought.of(
          "\\b(?:use|used|using|take|took|taking|put|add|added|adding|went in|goes in|stir|stirred"
              + "|weigh|weighed|need|needed|poured|tipped|whisked|mixed|only|just)\\b");

  private static final Sought KEPT =
      Sought.of(
          "\\b(?:aside|back|by|away|keep|kept|reserved?|saved?|left|the (?:rest|remainder|remaining|other))\\b");

  /** What a shop sells, or a garden gives. */
  private static final Set<Unit> BOUGHT =
      Set.of(Unit.KILOGRAM, Unit.LITRE, Unit.POUND, Unit.PINT, Unit.QUART, Unit.GALLON);

  private static final Remembered PRICE = Remembered.whole("\\d+[.,]\\d\\d");

  private static final Sort[] ELSE = {Sort.PAN, Sort.PLATE, Sort.PAN_NEXT, Sort.PLATE_NEXT};

  private OfIt() {}

  /** Whether an amount is of what "it" is. */
  public static boolean isSaid(Clause clause, int amount) {
    return clause.isAmount(amount)
        && !clause.get(amount).isWeak()
        && clause.isWord(amount + 1, "of")
        && clause.isWord(amount + 2, "it", "them", "that", "those", "these", "this");
  }

  /**
   * In the sentence that names it: "add the eggs one at a time, 3 of them".
   *
   * @param at an amount of which nothing else was made
   */
  public static boolean in(Clause clause, int at, List<Mention> mentions) {
    Mention last = mentions.isEmpty() ? null : mentions.get(mentions.size() - 1);
    boolean named = last != null && !last.isMeasured() && last.food != null && last.from <= at;
    if (!named || !isSaid(clause, at)) {
      return false;
    }
    measure(last, clause.get(at));
    return true;
  }

  /** In a sentence behind the one that names it. */
  public static void goOn(List<Clause> read, Clause clause) {
    if (clause.batch.isPresent()) {
      return; // "I do a quarter of it": of all
    }
    for (int i = 0; i < clause.size(); i++) {
      if (isSaid(clause, i) && isOpen(clause, clause.get(i)) && !isNamed(clause, i)) {
        of(read, clause, i);
        Element said = clause.get(i);
        clause.loose.removeIf(share -> share.amount() == said && said.part == Part.AMOUNT);
        return;
      }
    }
  }

  private static boolean isOpen(Clause clause, Element amount) {
    return amount.part == Part.UNKNOWN
        || clause.loose.stream().anyMatch(share -> share.amount() == amount);
  }

  private static boolean isNamed(Clause clause, int before) {
    return clause.elements.subList(0, before).stream().anyMatch(Element::isFood);
  }

  private static void of(List<Clause> read, Clause clause, int amount) {
    for (int i = read.size() - 1; i >= Math.max(0, read.size() - FAR); i--) {
      Clause before = read.get(i);
      int food = last(before);
      if (food >= 0) {
        of(before, food, clause, amount);
        return;
      }
    }
  }

  private static void of(Clause before, int food, Clause clause, int amount) {
    Element name = before.get(food);
    Element said = clause.get(amount);
    Mention mention = before.mentions.stream().filter(m -> m.food == name).findFirst().orElse(null);
    if (mention == null && name.part == Part.ASIDE) {
      measure(named(before, food), said);
    } else if (mention != null && !mention.isMeasured()) {
      measure(mention, said);
    } else if (mention != null && mention.amount != null) {
      of(before, mention, clause, said);
    }
  }

  /** The last food of a sentence that only talks of it, to be measured; null for none. */
  static Mention aside(Clause clause) {
    int food = last(clause);
    boolean aside = food >= 0 && clause.get(food).part == Part.ASIDE;
    return aside ? named(clause, food) : null;
  }

  private static int last(Clause clause) {
    int food = clause.size() - 1;
    while (food >= 0 && !clause.get(food).isFood()) {
      food--;
    }
    return food;
  }

  private static Mention named(Clause clause, int food) {
    Mention mention = new Mention();
    mention.food = clause.get(food);
    mention.food.part = Part.FOOD;
    mention.foodText = mention.food.text();
    mention.from = food;
    mention.to = food + 1;
    clause.mentions.add(mention);
    return mention;
  }

  /** Of what was measured already: it was bought, opened, or came in one piece. */
  private static void of(Clause before, Mention all, Clause clause, Element said) {
    boolean price = PRICE.is(all.amount.low());
    boolean piece =
        all.amount.measure().unit() == Unit.COUNT
            && all.amount.measure().amount() <= 1
            && !said.isCount();
    String words = clause.words(0, clause.size());
    if (price) {
      before.passOverAmounts();
    }
    boolean part = said.isPartOf(all.amount) && isComparable(said, all.amount);
    if (price || piece || part && USED.isIn(words) && !KEPT.isIn(words)) {
      all.amount.part = Part.NOTE;
      measure(all, said);
    } else if (part && clause.elements.stream().noneMatch(e -> e.is(ELSE))) {
      said.part = Part.METHOD; // "200 g flour. 2 tbsp of it on the board."
    }
  }

  private static boolean isComparable(Element part, Element all) {
    Unit whole = all.measure().unit();
    return part.measure().unit() == whole || BOUGHT.contains(whole);
  }

  private static void measure(Mention mention, Element said) {
    mention.amount = said;
    mention.amountText = said.text();
    mention.restated = true;
    said.part = Part.AMOUNT;
  }
}
