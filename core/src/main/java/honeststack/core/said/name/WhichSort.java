package honeststack.core.said.name;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Role;
import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.span.Inverted;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import honeststack.core.wording.WordSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;

/**
 * Which sort of a food is meant, told behind it in words that say nothing else: "200 ml milk, the
 * oat one", "sugar (we buy brown)", "flour, has to be wholemeal".
 */
public final class WhichSort {
  /** Of a sort: one of them may tell of it whatever stands before. */
  private static final Set<String> NOUNS =
      WordSet.of("one ones kind kinds sort sorts type types variety version");

  /** One of them must be there: a bare word may be the next food on the list. */
  private static final Set<String> CUES =
      WordSet.of(
          """
          is are was were it's that's they're mine's means meaning mean meant be use used using
          uses buy bought buys have had has get got gets choose chose pick picked take took takes
          go went goes prefer like likes
          usually always only all ideally preferably specifically obviously naturally today please
          matters best here house home kitchen case me happens mostly mainly time
          """);

  private static final Set<String> FILL =
      WordSet.of(
          """
          the a an some of as that this which what who it they them my mine our ours by i we us me
          for in at and but stuff he she matter should must to if all just so
          namely works work tastes would 'd choice good . ! * note
          """);

  private static final String[] ENDS = {",", ".", ";", ")", "]", "!", "*", "–", "—", "-", "("};

  /** Behind its name: it is left open. */
  private static final Sought LEFT_OPEN =
      Sought.of(
          "(?:, )?(?:of (?:(?:your|my|our|any) )?choice|of (?:some|any) (?:kind|sort)|any(?: (?:kind|sort|one|will do))?"
              + "|whatever(?: (?:kind|sort))?(?: you (?:have|like))?)(?= ?[,;:–—-] )");

  /** Of it the sort may be one word by itself: "20 g oil. Olive." */
  private static final Remembered OF_SORTS = Remembered.whole("(?:.* )?(?:flour|oil|milk)");

  private static final Sought OPEN =
      Sought.of(
          "\\b(?:plant|vegan|non-?dairy|dairy-?free|milk alternative|of (?:your |my )?choice|any (?:kind|sort|milk|oil|sugar|flour)"
              + "|favou?rite|sweetener|whatever)\\b");

  private static final int OF_CHOICE = 3;

  /** No list is longer. */
  static final int FAR = 40;

  private static final int MOST_NAMED = 3;
  private static final int LONGEST = 8;

  private final Foods foods;
  private final Inverted inverted;

  public WhichSort(Foods foods) {
    this.foods = foods;
    this.inverted = new Inverted(foods);
  }

  /** Puts the sort in the place of the food that is told before it. */
  public void in(Clause clause) {
    if (clause.elements.stream().noneMatch(WhichSort::isHint)) {
      return;
    }
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isFood(i) && clause.get(i).isFree() && !isSomeOf(clause, i)) {
        told(clause, i);
      }
    }
  }

  /** "half of the flour was rye": of the rest it says nothing. */
  private static boolean isSomeOf(Clause clause, int food) {
    boolean the = clause.isWord(food - 1, "the", "my", "our") && clause.isWord(food - 2, "of");
    return clause.is(food - 1, Sort.PART_OF) || the && (clause.isStrong(food - 3) || food == 2);
  }

  private static boolean isHint(Element element) {
    for (int i = element.from; i < element.to; i++) {
      String low = element.tokens.get(i).low();
      if (NOUNS.contains(low) || CUES.contains(low) || low.indexOf('’') >= 0) {
        return true;
      }
    }
    return false;
  }

  private void told(Clause clause, int food) {
    int from = leftOpen(clause, clause.isStrong(food + 1) ? food + 2 : food + 1);
    from = clause.isWord(from, "in") && clause.isWord(from + 1, "there") ? from + 2 : from;
    boolean mark =
        clause.isMark(from, ",", "–", "—", "-", ":", "*")
            || clause.isWord(from, "and", "but") && clause.isWord(from + 1, "that's", "it's");
    from = mark ? from + 1 : from;
    from = mark && clause.isMark(from, "*") ? from + 1 : from;
    int to = from;
    while (clause.has(to)
        && !clause.isMark(to, ENDS)
        && !clause.isStrong(to)
        && !(clause.isWord(to, "and") && clause.isWord(to + 1, "then"))) {
      to++;
    }
    boolean measured = clause.isAmount(food - 1) || clause.isAmount(food - 2);
    boolean other = measured && clause.isMark(to, ",") && clause.isStrong(to + 1);
    if (to == from || other && BareCounts.isEnd(clause, to + 2)) {
      return; // "200 ml milk, I used oat milk, 180 ml"
    }
    boolean apart = mark || clause.isWord(from, "is", "was", "are", "were");
    if (!apart && !clause.low(from).startsWith("of") && !clause.isWord(from, "but")) {
      return; // "oil instead of butter for a lighter version"
    }
    Element general = clause.get(food);
    Optional<Said> said = said(clause.elements.subList(from, to), general, apart);
    if (said.isPresent()) {
      clause.elements.set(food, said.get().in(general));
      clause.take(mark ? from - 1 : from, to, Part.NOTE);
    }
  }

  /** Behind "of choice", "any kind". */
  private static int leftOpen(Clause clause, int from) {
    StringBuilder words = new StringBuilder();
    int[] ends = new int[clause.size()];
    for (int i = from; i < clause.size() && i < from + LONGEST; i++) {
      words.append(clause.low(i)).append(' ');
      ends[i] = words.length();
    }
    Matcher open = LEFT_OPEN.matcher(words.toString());
    if (!open.lookingAt()) {
      return from;
    }
    int to = from;
    while (to < clause.size() && ends[to] <= open.end() + 1) {
      to++;
    }
    return to;
  }

  /** "milk (the oat one)": whether the brackets say so. */
  public boolean inBrackets(Mention general, Clause inner) {
    Optional<Said> said =
        general.food == null || inner.elements.stream().anyMatch(e -> e.isAmount() && !e.isWeak())
            ? Optional.empty()
            : said(inner.elements, general.food, true);
    if (said.isEmpty()) {
      return false;
    }
    general.means(said.get().in(general.food));
    inner.mentions.clear();
    inner.elements.forEach(element -> element.part = Part.NOTE);
    return true;
  }

  /**
   * "200 ml milk. Oat is what we have.": so too the sentence behind it; of several foods it is said
   * of the one that left it open, "1 cup plant milk, 125 g flour. I used oat."
   */
  public void behind(List<Clause> read, Clause last, Clause clause) {
    boolean hint = clause.elements.stream().anyMatch(WhichSort::isHint);
    if (clause.size() > LONGEST || clause.mentions.size() > 1) {
      return;
    }
    for (int i = read.size() - 1; hint && i >= Math.max(0, read.size() - FAR); i--) {
      for (Mention mention : read.get(i).mentions) {
        if (mention.isMeasured() && isOpen(read.get(i), mention) && inBrackets(mention, clause)) {
          return;
        }
      }
    }
    Mention general = last.mentions.isEmpty() ? null : last.mentions.get(last.mentions.size() - 1);
    boolean line = last.sentence.line() == clause.sentence.line();
    boolean done =
        general != null
            && general.isMeasured()
            && (inBrackets(general, clause) || line && isWord(general, clause));
    if (!done) {
      SortBehind.of(read, clause);
    }
  }

  /** "20 g oil. Olive." */
  private boolean isWord(Mention general, Clause clause) {
    boolean word =
        clause.size() <= 2
            && (clause.size() == 1 || clause.isMark(1, ".", "!"))
            && general.food != null
            && general.foodText.equals(general.food.text())
            && OF_SORTS.is(general.foodText.toLowerCase(Locale.ROOT));
    Optional<Said> said = word ? named(general.food, clause.get(0).text()) : Optional.empty();
    if (said.isEmpty()) {
      return false;
    }
    general.means(said.get().in(general.food));
    clause.mentions.clear();
    clause.get(0).part = Part.NOTE;
    return true;
  }

  /** "plant milk", "milk of choice", "sweetener": which one is still to be said. */
  private boolean isOpen(Clause clause, Mention mention) {
    return mention.food != null
        && (!foods.kind(mention.food.low()).isEmpty()
            || OPEN.isIn(clause.words(mention.from, mention.to + OF_CHOICE)));
  }

  private record Said(String name, Foods.Named food) {
    Element in(Element general) {
      return general.meaning(food, name);
    }
  }

  /**
   * @param apart a mark, brackets or "is" stands before the words
   */
  private Optional<Said> said(List<Element> words, Element general, boolean apart) {
    StringBuilder named = new StringBuilder();
    int last = -1;
    int count = 0;
    boolean cue = false;
    for (int i = 0; i < words.size(); i++) {
      Element word = words.get(i);
      boolean share = count == 0 && i + 1 < words.size() && words.get(i + 1).low().equals("%");
      if (share) {
        named.append(word.text()).append(" %"); // "quark, the 20 % one"
        count++;
        last = ++i;
        continue;
      }
      if (count == 0 && word.isWord("one") && i + 1 < words.size() && words.get(i + 1).isFood()) {
        return Optional.empty(); // "100 g butter, one apple"
      }
      for (Token token : word.tokens.subList(word.from, word.to)) {
        String low = token.low().replace('’', '\'');
        boolean noun = NOUNS.contains(low);
        cue |= noun || apart && CUES.contains(low);
        if (noun || CUES.contains(low) || FILL.contains(low) || low.equals(general.low())) {
          continue;
        }
        boolean unit = UnitWords.of(low).isPresent(); // "200 ml flour, I mean grams"
        boolean next = !unit && (last < 0 || last == i || last == i - 1);
        if (token.kind() != Token.Kind.WORD || !next || ++count > MOST_NAMED) {
          return Optional.empty();
        }
        last = i;
        named.append(named.length() == 0 ? "" : " ").append(token.text());
      }
    }
    return cue && count > 0 ? named(general, named.toString()) : Optional.empty();
  }

  private Optional<Said> named(Element general, String sort) {
    String name = general.text();
    boolean other =
        sort.endsWith("s") && foods.byName(sort).isPresent(); // "butter. Peanuts please"
    other |= isFat(general.food) && isFat(foods.byName(sort)); // "butter (used oil)"
    Optional<Foods.Named> one = other ? Optional.empty() : inverted.combined(name, sort);
    if (sort.endsWith("%")) { // it may be the usual one
      return foods.byName(sort + " " + name).map(food -> new Said(sort + " " + name, food));
    }
    if (one.isPresent()) {
      return one.map(food -> new Said(sort + " " + name, food));
    }
    String noun = name.substring(name.lastIndexOf(' ') + 1); // of "plant milk"
    boolean open = !other && OPEN.isIn(name.toLowerCase(Locale.ROOT));
    Optional<Foods.Named> sorted = open ? inverted.combined(noun, sort) : Optional.empty();
    if (sorted.isPresent()) {
      return sorted.map(food -> new Said(sort + " " + noun, food));
    }
    List<Food> kind = general.food.isEmpty() ? foods.kind(general.low()) : List.of();
    return foods
        .byName(sort)
        .filter(food -> kind.stream().anyMatch(member -> member.role() == food.food().role()))
        .map(food -> new Said(sort, food));
  }

  private static boolean isFat(Optional<Foods.Named> named) {
    return named.filter(food -> food.food().role() == Role.FAT).isPresent();
  }
}
