package honeststack.core.said.pairing;

import honeststack.core.food.Foods;
import honeststack.core.food.FreeFrom;
import honeststack.core.line.EverydayWords;
import honeststack.core.line.LineWords;
import honeststack.core.line.Sizes;
import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import honeststack.core.measure.Containers;
import honeststack.core.measure.Unit;
import honeststack.core.said.amount.AllWeighed;
import honeststack.core.said.amount.Portioned;
import honeststack.core.said.clause.Between;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.name.Drained;
import honeststack.core.said.name.HowFat;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Writes a mention as the line that a cook would type, in the words of the text. */
public final class Naming {
  private static final int MOST_NOTES = 8;

  /** Two amounts in one unit that differ by more are not the same said twice. */
  private static final double ALIKE = 1.25;

  private static final Sought FILM =
      Sought.of("^(?:thin |light )?(?:film|coat|coating|layer|lick|hint|trickle|bit) of ");

  private final Clause clause;
  private final List<Token> tokens;

  public Naming(Clause clause) {
    this.clause = clause;
    this.tokens = clause.sentence.tokens();
  }

  public Mention of(Linking.Link link, boolean shared) {
    Mention mention = new Mention();
    mention.from = link.from();
    mention.to = link.to();
    mention.amount = link.amount() < 0 ? null : clause.get(link.amount());
    mention.food = link.food() < 0 ? null : clause.get(link.food());
    if (mention.amount != null) {
      boolean of = !shared && clause.isWord(link.amount() + 1, "of") && link.food() > link.amount();
      mention.amountText = mention.amount.text() + (of ? " of" : "");
      mention.amount.part = Part.AMOUNT;
    }
    if (shared) {
      mention.from = link.food();
      mention.to = link.food() + 1;
      mention.foodText = mention.food.text();
      notes(mention, link.food() + 1);
      return mention;
    }
    if (mention.food != null) {
      mention.food.part = Part.FOOD;
      boolean front = link.amount() >= 0 && link.amount() < link.food();
      mention.foodText = front ? between(link) : named(mention, link.food());
      if (front && mention.amount.isWeak() && isFilm(mention.foodText)) {
        mention.foodText = mention.amountText + " " + mention.foodText;
        mention.amountText = "";
      }
      head(mention, link.food());
      boolean back = link.amount() > link.food();
      if (back) {
        notesBetween(mention, link.food() + 1, link.amount());
      }
      also(mention, link);
      notes(mention, mention.to);
    }
    return mention;
  }

  private static boolean isFilm(String words) {
    return FILM.isIn(words);
  }

  /** The words from the amount to the end of the name. */
  private String between(Linking.Link link) {
    List<Token> words = new ArrayList<>();
    int from = link.amount() + 1;
    boolean kind = clause.get(link.food()).food.isEmpty();
    while (from < link.food()
        && (Between.isFiller(clause.get(from)) || kind && clause.isWord(from, "any"))) {
      from++;
    }
    for (int i = from; i < link.food(); i++) {
      boolean left = clause.get(i).part == Part.EXCLUDED;
      from = left ? clause.is(i + 1, Sort.SWAPPED) ? i + 2 : i + 1 : from;
    }
    while (from < link.food() && clause.isMark(from, "→")) {
      from++;
    }
    for (int i = from; i < link.food(); i++) {
      Element element = clause.get(i);
      if (element.isMark(",") || element.is(Sort.EACH) || element.is(Sort.UNIT_OTHER)) {
        continue;
      }
      if (!Between.isEveryday(element, clause.get(link.amount()).isCount())) {
        words.addAll(element.tokens.subList(element.from, element.to));
      }
      element.part = Part.NOTE;
    }
    Element food = clause.get(link.food());
    String before = words.isEmpty() ? "" : Token.joined(words) + " ";
    return before + food.text();
  }

  /** The name with the words before it that describe it. */
  private String named(Mention mention, int food) {
    int from = food;
    while (from > 0
        && (isAdjective(clause.get(from - 1))
            || HowFat.isSaid(clause, from - 1)
            || clause.isWord(from, "free")
                && !FreeFrom.of(clause.low(from - 1) + " free").isNothing())) {
      from--;
      clause.get(from).part = Part.NOTE;
    }
    if (from == food && from > 0 && isAnother(clause.get(from - 1), clause.get(food))) {
      from--;
      clause.get(from).part = Part.NOTE;
    }
    mention.from = Math.min(mention.from, from);
    String before = "";
    if (from < food) {
      before = Token.joined(tokens(clause.get(from).from, clause.get(food - 1).to)) + " ";
    }
    return before + clause.get(food).text();
  }

  /** A word that nobody knows right before a general name makes another food: "snorbel flour". */
  private boolean isAnother(Element before, Element food) {
    String word = before.text();
    int place = clause.elements.indexOf(before);
    if (LineWords.isAct(word.toLowerCase(Locale.ROOT)) || clause.isWord(place - 1, "i", "we")) {
      return false;
    }
    return before.kind == Element.Kind.WORD
        && before.isFree()
        && word.length() > 2
        && !EverydayWords.is(word.toLowerCase(Locale.ROOT))
        && word.chars().allMatch(Character::isLetter)
        && food.food.filter(Foods.Named::general).isPresent()
        && !LineWords.isDescribing(before.tokens.get(before.from).low());
  }

  private List<Token> tokens(int from, int to) {
    return clause.get(0).tokens.subList(from, to);
  }

  private static boolean isAdjective(Element element) {
    boolean free =
        element.isFree()
            && element.kind == Element.Kind.WORD
            && FreeFrom.isWord(element.tokens.get(element.from).low());
    return free
        || element.part == Part.NOTE && element.isFood()
        || element.part == Part.NOTE && element.isWord("free")
        || element.isFree()
            && element.kind == Element.Kind.WORD
            && LineWords.isDescribing(element.tokens.get(element.from).low());
  }

  /** A word that nobody knows right behind a name may make another food of it: "egg noodles". */
  private void head(Mention mention, int food) {
    int next = food + 1;
    if (!clause.has(next)) {
      return;
    }
    Element element = clause.get(next);
    boolean dish =
        mention.amount != null
            && !mention.amount.isCount()
            && element.isFree()
            && (element.is(Sort.THING) && isAtEnd(next + 1)
                || element.isWord("sauce", "pudding", "bread") && !clause.isFood(next));
    boolean noun =
        element.kind == Element.Kind.WORD
            && element.isFree()
            && element.text().length() > 2
            && !EverydayWords.is(element.tokens.get(element.from).low())
            && UnitWords.of(element.tokens.get(element.from).low()).isEmpty()
            && !LineWords.isDescribing(element.tokens.get(element.from).low())
            && Containers.counted(element.low()).isEmpty()
            && (isAtEnd(next + 1) || clause.get(food).instead != null);
    if (noun || dish || Between.isPart(mention, element)) {
      mention.foodText += " " + element.text();
      element.part = Part.NOTE;
      mention.to = Math.max(mention.to, next + 1);
    }
  }

  /** Nothing of the same phrase follows. */
  private boolean isAtEnd(int i) {
    return !clause.has(i)
        || clause.get(i).kind == Element.Kind.MARK
        || clause.get(i).isAmount()
        || clause.get(i).isWord("and", "or", "with");
  }

  /** A second amount: added, taken away, or the same in another unit. */
  private void also(Mention mention, Linking.Link link) {
    if (link.also() < 0) {
      return;
    }
    Element also = clause.get(link.also());
    also.part = Part.AMOUNT;
    boolean sum = false;
    for (int i = link.food() + 1; i < link.also(); i++) {
      sum |= clause.isWord(i, "plus", "less", "minus") || clause.isMark(i, "+");
    }
    boolean all = AllWeighed.isBetween(clause, link.food(), link.also());
    if (all || Drained.is(clause, link.also())) {
      mention.amountText = also.text();
      mention.restated = true;
      Drained.take(clause, link.also());
      return;
    }
    boolean less = clause.isWord(link.also() - 1, "less", "minus");
    boolean more = sum || isMore(link.also());
    if (more && isAlike(mention.amount, also)) {
      double both = mention.amount.measure().amount() + (less ? -1 : 1) * also.measure().amount();
      mention.amountText = Numbers.plain(both) + " " + also.measure().unit().symbol();
      mention.restated = true;
      return;
    }
    if (!more && !mention.amount.isCount() && Sums.isTotal(clause, link.also() + 1)) {
      mention.amountText = also.text(); // "3 tins of pumpkin, 300 g altogether"
      mention.restated = true;
      return;
    }
    boolean each = Portioned.isOfOne(clause, link.also());
    if (!more && !each && isAlike(mention.amount, also) && isOther(mention.amount, also)) {
      mention.amount.part = Part.EXCLUDED;
      mention.amountText = also.text();
      mention.restated = true; // "300 ml milk, well, 200 ml really"
      return;
    }
    boolean together =
        Sums.isTotal(clause, link.also() + 1)
            || clause.isWord(link.also() - 1, "together", "altogether", "total", "in all");
    String one = also.text() + (each ? " each" : together ? " in all" : "");
    mention.notes += more ? (less ? " less " : " plus ") + also.text() : " (" + one + ")";
  }

  private static boolean isOther(Element first, Element second) {
    double ratio = second.measure().amount() / first.measure().amount();
    return ratio < 1 / ALIKE || ratio > ALIKE;
  }

  /** "another 100 ml", "100 ml more". */
  private boolean isMore(int also) {
    return clause.isWord(also - 1, "another", "extra") || clause.isWord(also + 1, "more", "extra");
  }

  /** Each one measure, in one unit. */
  private static boolean isAlike(Element a, Element b) {
    return a.amount.orElseThrow().terms().size() == 1
        && b.amount.orElseThrow().terms().size() == 1
        && a.measure().unit() == b.measure().unit()
        && a.measure().unit().kind() != Unit.Kind.COUNT
        && a.measure().halfRange() + b.measure().halfRange() == 0;
  }

  /** "onion, finely chopped – 1 medium": what stands between. */
  private void notesBetween(Mention mention, int from, int to) {
    List<Token> words = new ArrayList<>();
    for (int i = from; i < to; i++) {
      Element element = clause.get(i);
      if (element.kind == Element.Kind.WORD) {
        words.addAll(element.tokens.subList(element.from, element.to));
        element.part = Part.NOTE;
      }
    }
    if (!words.isEmpty()) {
      mention.notes += ", " + Token.joined(words);
    }
  }

  /** What was done to it, right behind it: ", softened", "ground to meal". */
  private void notes(Mention mention, int from) {
    int start = clause.isMark(from, ",", "-", "–", "—") ? from + 1 : from;
    int end = start;
    int words = 0;
    boolean tells = false;
    for (int i = start; i < clause.size() && words < MOST_NOTES; i++) {
      Element element = clause.get(i);
      boolean plain = element.kind == Element.Kind.WORD && element.isFree();
      String low = element.tokens.get(element.from).low();
      boolean telling = element.to == element.from + 1 && LineWords.isTelling(low);
      boolean free =
          mention.food.instead == null
              && element.part == Part.NOTE
              && (element.isFood() || element.isWord("free"));
      telling |= free;
      boolean joint = element.isWord("and", "to", "into", "a", "the") && tells;
      if (!telling && !(plain && LineWords.isDescribing(low)) && !joint) {
        break;
      }
      words++;
      if (telling || plain) {
        end = i + 1;
      }
      tells |= telling;
    }
    if (!tells || isVerb(start, end) || isSizeOfNext(start, end)) {
      return;
    }
    boolean cut = LineWords.isCut(mention.food.tokens.get(mention.food.to - 1).low());
    clause.take(from, end, Part.NOTE); // "onion chopped small" is no small one
    mention.notes += cut ? " " : ", ";
    mention.notes += Token.joined(tokens(clause.get(start).from, clause.get(end - 1).to));
    mention.to = Math.max(mention.to, end);
  }

  /** "2 eggs, little salt", "2 eggs, tiny bit of salt": the eggs are not small. */
  private boolean isSizeOfNext(int start, int end) {
    int of = clause.isWord(end, "bit", "touch", "tad") ? end + 1 : end;
    int food = clause.isWord(of, "of") ? of + 1 : of;
    return end == start + 1 && Sizes.is(clause.low(start)) && clause.isFood(food);
  }

  /** "chopped walnuts": the word belongs to the food that follows. */
  private boolean isVerb(int start, int end) {
    return clause.isFood(end) && start < end && !clause.isMark(start - 1, ",", "-", "–", "—");
  }
}
