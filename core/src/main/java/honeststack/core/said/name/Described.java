package honeststack.core.said.name;

import honeststack.core.food.Foods;
import honeststack.core.food.FreeFrom;
import honeststack.core.food.Role;
import honeststack.core.line.Token;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.span.Inverted;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.WordSet;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Foods that are other ones by what stands apart from their name: "flour (wholemeal)". */
public final class Described {
  private static final int MOST_WORDS = 2;

  /** Words that say no more of what is free of something: "the vegan kind". */
  private static final Set<String> ANY_KIND =
      WordSet.of(
          """
          the a an some one ones kind sort type stuff block spread version variety alternative
          substitute style brand sub but it's is use we i from tub
          that which has have to must should be needs need make sure it check checked label case
          our ours us for in any always only get buy bought course please certified guaranteed
          obviously naturally so they are my mine and this time here at home ideally preferably
          labelled marked of want you'll i'm allergic
          """);

  /** None of what a food is free of is said without one of them. */
  private static final Remembered HINT =
      Remembered.part("free|vegan|veget|\\bnon|\\bno\\b|\\bno-|plant|gf|eggless|unsweet|unsalt");

  private final Inverted inverted;

  public Described(Foods foods) {
    this.inverted = new Inverted(foods);
  }

  /**
   * "cream cheese 180 g light", "flour 200 g wholemeal, …": the adjective behind the amount.
   *
   * @param from place behind the amount
   */
  public void behindAmount(Clause clause, Mention mention, int from) {
    int to = from;
    while (to < from + MOST_WORDS && isAdjective(clause, to)) {
      to++;
    }
    if (to == from || !isEnd(clause, to)) {
      return;
    }
    List<Token> words =
        clause.get(from).tokens.subList(clause.get(from).from, clause.get(to - 1).to);
    String behind = Token.joined(words);
    String name = mention.food.text();
    Optional<Foods.Named> food = inverted.combined(name, behind);
    if (food.isPresent()) {
      become(mention, food, name, behind);
      clause.elements.subList(from, to).forEach(element -> element.part = Part.NOTE);
      mention.to = Math.max(mention.to, to);
    }
  }

  /** "the butter is salted anyway": another food by what is said of it. */
  public void told(Clause clause, Mention mention) {
    int food = clause.elements.indexOf(mention.food);
    boolean is = food >= 0 && clause.isWord(food + 1, "is", "was", "are", "were");
    int adjective = clause.isWord(food + 2, "already", "just", "actually") ? food + 3 : food + 2;
    boolean free = clause.isWord(adjective + 1, "free") && clause.get(adjective).isFood();
    int to = free ? adjective + 2 : adjective + 1;
    boolean end =
        !clause.has(to)
            || clause.isMark(to, ",", ".", ";", "!")
            || clause.isWord(
                to, "anyway", "already", "here", "so", "as", "because", "since", "for");
    boolean word = clause.has(adjective) && clause.get(adjective).kind == Element.Kind.WORD;
    if (is && end && (word || free)) {
      String behind = clause.get(adjective).text() + (free ? "-free" : "");
      String name = mention.food.text();
      inverted
          .combined(name, behind)
          .ifPresent(other -> become(mention, Optional.of(other), name, behind));
    }
  }

  /** "40 g butter, the plant-based sort": what the food is free of, said behind it. */
  public void free(Clause clause, Mention mention) {
    int food = clause.elements.indexOf(mention.food);
    int amount = mention.amount == null ? -1 : clause.elements.indexOf(mention.amount);
    int behind = amount > food && amount <= food + 2 ? amount + 1 : food + 1;
    if (food < 0) {
      return;
    }
    boolean mark = clause.isMark(behind, ",", "–", "-", "—", ":", "/");
    int from = mark ? behind + 1 : behind;
    int to = from;
    boolean hinted = false;
    while (clause.has(to) && !isStop(clause, to)) {
      hinted |= clause.says(to, HINT);
      to++;
    }
    boolean told = mark || clause.isWord(from, "that", "which");
    if (hinted && told && isFree(mention, clause.words(from, to))) {
      clause.take(from, to, Part.NOTE);
    } else {
      SaidFree.in(clause, behind, next(clause, behind))
          .ifPresent(free -> become(mention, clause, free));
    }
  }

  /** Where something else is measured or named. */
  private static int next(Clause clause, int from) {
    int to = from;
    while (clause.has(to)
        && !(clause.get(to).isAmount() && !clause.get(to).isWeak())
        && (!clause.get(to).isFood() || clause.isWord(to + 1, "free", "-"))) {
      to++;
    }
    return to;
  }

  private void become(Mention mention, Clause clause, SaidFree free) {
    boolean holds =
        mention.food.food.filter(f -> FreeFrom.of(free.words()).allows(f.food())).isEmpty();
    if (holds && !isTrace(mention, free.words())) {
      String name = mention.food.text();
      become(mention, inverted.combined(name, free.words()), name, free.words());
      clause.take(free.from(), free.to(), Part.NOTE);
    }
  }

  /** A few drops of an extract hold no sugar to speak of. */
  private static boolean isTrace(Mention mention, String free) {
    return mention.role() == Role.FLAVOUR && free.matches("(?:sugar-free|sugar free|unsweetened)");
  }

  private static boolean isStop(Clause clause, int i) {
    return clause.get(i).kind == Element.Kind.MARK
        || clause.get(i).isAmount() && !clause.get(i).isWeak();
  }

  /** "30 g butter. It has to be vegan." */
  public void freeBehind(Clause last, Clause clause) {
    if (clause.elements.stream().allMatch(e -> e.kind == Element.Kind.MARK)) {
      clause.asides.forEach(aside -> freeBehind(last, aside.clause())); // "30 g butter. (Vegan!)"
    }
    Mention food = last.mentions.isEmpty() ? null : last.mentions.get(last.mentions.size() - 1);
    boolean own =
        food != null && food.food != null && clause.mentions.isEmpty() && clause.says(HINT);
    int end = clause.isMark(clause.size() - 1, ".", "!") ? clause.size() - 1 : clause.size();
    if (!own || clause.hasAmount()) {
      return;
    }
    if (isFree(food, clause.words(0, end))) {
      note(clause);
    } else if (next(clause, 0) == clause.size()) {
      SaidFree.in(clause, 0, end).ifPresent(free -> become(food, clause, free));
    }
  }

  /** "40 g butter (vegan block)": so too in brackets. */
  public boolean isFree(Mention mention, Clause inner) {
    String said = inner.words(0, inner.size());
    boolean free = mention.food != null && isFree(mention, said);
    boolean only = !free && mention.food != null && next(inner, 0) == inner.size();
    Optional<SaidFree> within = only ? SaidFree.in(inner, 0, inner.size()) : Optional.empty();
    within.ifPresent(one -> become(mention, inner, one));
    if (free || within.isPresent()) {
      note(inner);
    }
    return free || within.isPresent();
  }

  /** By the name of the recipe every food in it is free of something: see {@link TitledFree}. */
  public void titled(List<Clause> read, String free) {
    for (Clause clause : read) {
      clause.mentions.stream()
          .filter(mention -> mention.known().isPresent())
          .forEach(mention -> isFree(mention, free));
    }
  }

  /** A food that holds what it is said to be free of is not meant, whatever else may be. */
  private boolean isFree(Mention mention, String said) {
    String free =
        Arrays.stream(said.split(" "))
            .filter(word -> !ANY_KIND.contains(word) && word.chars().anyMatch(Character::isLetter))
            .map(word -> word.startsWith("no-") ? word.substring(3) + "-free" : word)
            .collect(Collectors.joining(" "));
    FreeFrom from = FreeFrom.of(free);
    boolean only = !from.isNothing() && Arrays.stream(free.split(" ")).allMatch(from::says);
    boolean may =
        isTrace(mention, free)
            || mention.food.food.map(found -> from.allows(found.food())).orElse(false);
    if (!only || may) {
      return false;
    }
    String name = mention.food.text();
    become(mention, inverted.combined(name, free), name, free);
    return true;
  }

  /** A word; or the name of a food, by itself: "milk 300 ml oat". */
  private static boolean isAdjective(Clause clause, int i) {
    return clause.has(i)
        && clause.get(i).isFree()
        && (clause.get(i).kind == Element.Kind.WORD
            || clause.get(i).isFood()
            || clause.is(i, Sort.THING) && clause.get(i).to == clause.get(i).from + 1); // "light"
  }

  /** A mark, and no amount of what stands before it. */
  private static boolean isEnd(Clause clause, int i) {
    return !clause.has(i) || clause.isMark(i, ",", ";", ".", "/") && !isSmall(clause, i + 1);
  }

  /** An amount and nothing behind it. */
  private static boolean isSmall(Clause clause, int i) {
    return clause.isStrong(i) && (!clause.has(i + 1) || clause.isMark(i + 1, ",", ";", "."));
  }

  /** "flour (wholemeal)": another food than it is without the brackets; whether it is. */
  public boolean inBrackets(Mention before, Clause inner) {
    boolean words =
        inner.elements.stream().noneMatch(e -> e.isAmount() && !e.isWeak() || e.is(Sort.OR));
    String name = before.food == null ? before.foodText : before.food.text();
    String behind = Token.joined(inner.sentence.tokens()).replace(",", "");
    Optional<Foods.Named> food =
        words && !name.isEmpty() ? inverted.combined(name, behind) : Optional.empty();
    boolean changed =
        before.food != null && inner.size() == 1 && inverted.isChanged(name, inner.low(0));
    if (food.isEmpty() && !changed) {
      return false;
    }
    become(before, food, name, behind);
    note(inner);
    return true;
  }

  /**
   * "banana (1 large)", "1 cup grated carrot (2 medium)": how many of the food; whether it is so.
   */
  public static boolean isCounted(Mention before, Clause inner) {
    boolean sized =
        before.food != null
            && inner.size() == 2
            && inner.get(0).isCount()
            && !inner.is(1, Sort.PIECES)
            && inner.counts.pieces.isPresent();
    if (sized) {
      if (!before.isMeasured()) {
        before.amountText = inner.get(0).text() + " " + inner.get(1).text();
        before.restated = true;
      }
      inner.counts.pieces = Optional.empty();
      note(inner);
    }
    return sized;
  }

  private static void note(Clause inner) {
    inner.mentions.clear();
    inner.elements.forEach(element -> element.part = Part.NOTE);
  }

  private static void become(
      Mention mention, Optional<Foods.Named> food, String name, String behind) {
    if (mention.food != null) {
      Element old = mention.food;
      mention.food = Element.food(old.tokens, old.from, old.to, food);
      mention.food.instead = behind + " " + name;
      mention.food.part = Part.FOOD;
    }
    mention.foodText = mention.foodText.replace(name, behind + " " + name);
    mention.restated = true;
  }
}
