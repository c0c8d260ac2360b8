package honeststack.core.said;

import honeststack.core.line.LineWords;
import honeststack.core.line.Place;
import honeststack.core.line.Token;
import honeststack.core.measure.Unit;
import honeststack.core.said.amount.AddsUp;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.corrected.Afterthoughts;
import honeststack.core.said.corrected.Corrections;
import honeststack.core.said.instead.Superseded;
import honeststack.core.said.name.Drained;
import honeststack.core.said.supposed.InCase;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BracketCounts;
import honeststack.core.said.yield.UpTo;
import java.util.Comparator;
import java.util.List;

/** What stands in brackets: of the food before it, or a recipe of its own. */
final class Brackets {
  /** Nobody makes so many of a thing that brackets take apart. */
  private static final double MANY = 50;

  private static final Sought LITTLE_OF =
      Sought.of(
          "^(?:an? |the )?(?:(?:generous|small|large|good|little|tiny|wee|thin|light|fair) )*"
              + "(?:bit|touch|tad|film|lick|spot|whisper|amount|hint|coat|coating|layer|suspicion"
              + "|quantity|trickle) of |^(?:a )?little ");

  private static final Sought OF_EACH =
      Sought.of("(?:for )?each\\b.*|.*\\b(?:each|per|apiece|every)(?: egg| one)?");

  private static final Sought CAME_TO =
      Sought.of(
          "(?:(?:but|though|and|so) )?(?:(?:it|i|we) )?(?:(?:only|just|really|actually|probably) )*"
              + "(?:took|needed|used|ended up|ended up (?:using|at))"
              + "(?: (?:only|just|about|around|roughly|maybe|perhaps|probably|some))*");

  /** "(25 used)", "(about 25 g went in)". */
  private static final Sought WENT_IN =
      Sought.of(
          "(?:of (?:it|that|them) )?(?:(?:was|were|got) )?(?:(?:actually|really|only) )*"
              + "(?:used|needed|went in|put in|in the end)");

  private static final Sought HEDGED =
      Sought.of("(?:(?:only|just|about|around|roughly|maybe|perhaps) ?)*");

  /** So many words may stand before the amount. */
  private static final int FEW = 5;

  private final Clause outer;
  private final Mention before;
  private final Clause.Aside aside;
  private final Clause inner;

  /**
   * @param before the food that the brackets stand behind; null for none
   */
  Brackets(Clause outer, Mention before, Clause.Aside aside) {
    this.outer = outer;
    this.before = before;
    this.aside = aside;
    this.inner = aside.clause();
  }

  void read() {
    UpTo.inBrackets(outer.counts, inner);
    List<Mention> measured = inner.mentions.stream().filter(Mention::isMeasured).toList();
    boolean parts = measured.stream().filter(m -> m.food != null).count() > 0;
    if (before == null) {
      outer.adopt(aside);
    } else if (isNamed()) {
      before.food = inner.mentions.get(0).food;
      before.foodText = inner.mentions.get(0).foodText;
      before.restated = true;
      all(Part.NOTE);
      before.food.part = Part.FOOD;
    } else if (isShared()) {
      share();
    } else if (isPlace()) {
      before.place = inner.is(0, Sort.PAN, Sort.PAN_NEXT) ? Place.PAN : Place.PLATE;
      before.placed = true;
      before.restated = true;
      all(Part.PLACE);
    } else if (inner.is(0, Sort.CORRECT) && !inner.hasAmount() && inner.mentions.isEmpty()) {
      Afterthoughts.unit(before, inner); // "2 tbsp vanilla (I mean tsp)"
      all(Part.NOTE);
    } else if (before.isMeasured() && (BracketAims.isOld(inner) || InCase.isOther(before, inner))) {
      all(Part.NOTE); // "200 g flour (v1: 220)"
    } else if (isCorrected() || isGoneIn() || Superseded.isNow(before, inner)) {
      instead();
    } else if (before.isMeasured() && inner.right().isPresent()) {
      before.amountText = inner.right().get().text(); // "1 can pumpkin (425 g, use 300 g)"
      before.restated = true;
      all(Part.NOTE);
    } else if (before.isMeasured() && Drained.of(inner).isPresent()) {
      before.amountText = Drained.of(inner).get();
      before.restated = true;
      all(Part.NOTE);
    } else if (isChoice()) {
      inner.mentions.forEach(m -> before.others.add((amount(m) + " " + m.foodText).strip()));
      all(Part.CHOICE);
    } else if (isSplit()) {
      inner.mentions.clear();
      inner.elements.stream().filter(Element::isFood).forEach(e -> e.part = Part.UNKNOWN);
    } else if (inner.isWord(0, "from") && before.isMeasured()) {
      all(Part.NOTE); // "4 egg whites (from 4 eggs)"
    } else if (parts && AddsUp.isSum(before, measured)) {
      outer.mentions.remove(before); // "500 g flour (400 g white, 100 g rye)"
      before.mark(Part.NOTE);
      inner.mentions.forEach(m -> m.place = before.place);
      outer.adopt(aside);
    } else if (parts && isSame(measured.get(0)) && !isMade(measured) && isOne(measured)) {
      if (!before.isMeasured()) {
        before.amountText = measured.get(0).amountText; // "banana slices (half a banana)"
        before.restated = true;
        all(Part.NOTE);
        return;
      }
      note();
    } else if (parts) {
      boolean made = isMade(measured) || !before.isMeasured() && measured.size() > 1;
      if (isMade(measured) && isOfEach()) {
        double several = before.amount.measure().amount(); // "2 flax eggs (1 tbsp flax, … each)"
        inner.mentions.forEach(mention -> mention.times *= several);
      }
      boolean implied = before.more != null; // "oiled pan (1 tsp oil)"
      inner.mentions.forEach(m -> m.place = made || implied ? before.place : m.place);
      if (made || before.food == null) {
        outer.mentions.remove(before);
        before.mark(Part.HEADING);
      }
      inner.mentions.stream().filter(Mention::isMeasured).forEach(outer.mentions::add);
      inner.mentions.stream().filter(m -> !m.isMeasured()).forEach(m -> m.mark(Part.NOTE));
    } else {
      note();
    }
    new BracketCounts(outer, inner).take(before == null);
  }

  /** "600 ml uisce (water)": what a name means that nobody knows. */
  private boolean isNamed() {
    return before.food == null
        && before.isMeasured()
        && inner.size() == 1
        && inner.mentions.size() == 1
        && inner.mentions.get(0).known().isPresent();
  }

  /** "1 flax egg (1 tbsp flaxseed + 3 tbsp water)": what one is made of. */
  private boolean isMade(List<Mention> measured) {
    return before.amount != null
        && before.amount.isCount()
        && before.amount.measure().amount() < MANY // "milk 430, rest as is (2 eggs, 5 g salt)"
        && measured.size() > 1;
  }

  /** "(1 tbsp flax + 3 tbsp water each)", "(each …)", "(… per egg)". */
  private boolean isOfEach() {
    return OF_EACH.isAll(inner.words(0, inner.size()));
  }

  /** It says no more than how much of the food; "flax egg (1 tbsp flax, 3 tbsp water)" does. */
  private boolean isOne(List<Mention> measured) {
    return before.isMeasured() || measured.size() == 1;
  }

  private String amount(Mention mention) {
    return mention.isMeasured() ? mention.amountText : before.amountText;
  }

  private boolean isChoice() {
    return inner.size() > 1 && inner.is(0, Sort.OR) && !inner.mentions.isEmpty();
  }

  private boolean isSame(Mention mention) {
    return before.food != null
        && before.food.food.isPresent()
        && mention.food != null
        && mention.food.food.isPresent()
        && before.food.food.get().food().equals(mention.food.food.get().food());
  }

  /** An amount, or words that change what the food weighs, go with the line. */
  private void note() {
    List<Token> tokens = inner.sentence.tokens();
    boolean amount =
        inner.elements.stream().anyMatch(e -> e.isAmount() && !e.isWeak() && e.part != Part.METHOD);
    if (before.amountText.isEmpty() && inner.size() == 1 && inner.get(0).isCount()) {
      before.amountText = inner.get(0).text(); // "the eggs (3)"
      inner.get(0).part = Part.NOTE;
      return;
    }
    if (before.amountText.isEmpty()
        && inner.get(0).isAmount()
        && inner.get(0).isCount()
        && isDone(1)) {
      before.amountText = inner.get(0).text(); // "eggs (2, beaten)"
      before.notes +=
          ", "
              + Token.joined(tokens.subList(inner.get(0).to, tokens.size()))
                  .replaceFirst("^, ?", "");
      before.restated = true;
      all(Part.NOTE);
      return;
    }
    if (amount && (before.amountText.isEmpty() || BracketWeights.isIn(outer, before, inner))) {
      inner.elements.stream()
          .filter(e -> e.isAmount() && !e.isWeak() && !e.isCount())
          .min(Comparator.comparing(e -> e.measure().unit().kind() != Unit.Kind.MASS))
          .ifPresent(e -> before.amountText = e.text());
      before.foodText = LITTLE_OF.matcher(before.foodText).replaceFirst("");
      inner.mentions.clear();
      inner.elements.forEach(element -> element.part = Part.NOTE);
      return;
    }
    if (BracketAims.isTotal(before, inner)) {
      instead();
      return;
    }
    boolean choice = inner.elements.stream().anyMatch(e -> e.is(Sort.OR));
    boolean excluded = inner.elements.stream().anyMatch(e -> e.part == Part.EXCLUDED);
    boolean tells =
        !excluded
            && !amount
            && tokens.stream().anyMatch(t -> LineWords.isTelling(t.low()) || t.isMark("%"));
    inner.mentions.clear();
    for (Element element : inner.elements) {
      if (element.part == null || element.part != Part.EXCLUDED) {
        element.part = Part.NOTE;
      }
    }
    boolean counted = inner.counts.pieces.isPresent() || inner.counts.serves.isPresent();
    if (before.food != null && !counted && !choice && (amount || tells) && isShort(tokens)) {
      String told = " (" + BracketWeights.told(before, inner) + ")";
      boolean first = Drained.isBehind(outer, aside); // "1 tin (165 g) sweetcorn, drained"
      before.notes = first ? told + before.notes : before.notes + told;
    }
  }

  /** "raspberries and blackberries (100 g each)". */
  private boolean isShared() {
    Mention first = first();
    return first != null
        && !first.isMeasured()
        && !before.isMeasured()
        && inner.size() == 2
        && inner.isAmount(0)
        && inner.is(1, Sort.EACH);
  }

  /** The food that stands before the last. */
  private Mention first() {
    int at = outer.mentions.indexOf(before);
    return at > 0 ? outer.mentions.get(at - 1) : null;
  }

  private void share() {
    for (Mention mention : List.of(first(), before)) {
      mention.amountText = inner.get(0).text();
      mention.restated = true;
    }
    all(Part.NOTE);
  }

  /** "1 tbsp butter (for the pan)". */
  private boolean isPlace() {
    boolean place =
        inner.is(0, Sort.PAN, Sort.PLATE, Sort.PAN_NEXT, Sort.PLATE_NEXT)
            && !inner.is(0, Sort.BATTER);
    return place && inner.size() == 1 && before.food != null;
  }

  /** "200 g flour (50/50 white and wholemeal)": of what it is made up. */
  private boolean isSplit() {
    boolean parts =
        inner.low(0).equals("50") && inner.isMark(1, "/", ":", "-")
            || inner.low(0).matches("half and half|equal parts|equal|50/50");
    return parts && inner.hasFood();
  }

  /** "350 ml milk (actually 375)". */
  private boolean isCorrected() {
    int amount = inner.is(0, Sort.CORRECT) ? 1 : 0;
    for (int i = 1; i <= FEW; i++) {
      amount = CAME_TO.isAll(inner.words(0, i)) ? i : amount; // "(it took 220)"
    }
    while (amount > 0
        && (inner.is(amount, Sort.CORRECT)
            || inner.isMark(amount, ",", ":", "!")
            || Corrections.isChatter(inner, amount))) {
      amount++;
    }
    boolean behind = inner.is(inner.size() - 1, Sort.CORRECT); // "[80 g, sorry]"
    return (amount > 0 || behind)
        && inner.has(amount)
        && inner.get(amount).isAmount()
        && !inner.get(amount).isWeak()
        && (amount > 0 || !inner.hasFood())
        && before.isMeasured();
  }

  private boolean isGoneIn() {
    int amount = 0;
    while (amount < FEW && inner.has(amount) && !inner.isAmount(amount)) {
      amount++;
    }
    return before.isMeasured()
        && inner.isAmount(amount)
        && HEDGED.isAll(inner.words(0, amount))
        && WENT_IN.isAll(inner.words(amount + 1, inner.size()));
  }

  private boolean isDone(int from) {
    for (int i = from; i < inner.size(); i++) {
      Element element = inner.get(i);
      if (!element.isMark(",") && element.kind != Element.Kind.WORD && !element.is(Sort.IDLE)) {
        return false;
      }
    }
    return inner.size() > from;
  }

  /** The amount in brackets takes the place of the one before them. */
  private void instead() {
    Element said = inner.elements.stream().filter(Element::isAmount).findFirst().orElseThrow();
    before.amountText = before.amount == null ? said.text() : said.textLike(before.amount);
    before.restated = true;
    all(Part.NOTE);
  }

  private static boolean isShort(List<Token> tokens) {
    return tokens.size() <= 10;
  }

  private void all(Part part) {
    inner.mentions.clear();
    inner.elements.forEach(element -> element.part = part);
  }
}
