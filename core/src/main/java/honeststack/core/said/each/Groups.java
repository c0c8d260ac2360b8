package honeststack.core.said.each;

import honeststack.core.food.Role;
import honeststack.core.line.NumberText;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import honeststack.core.said.yield.BatterForEach;
import honeststack.core.wording.WordSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.stream.IntStream;

/**
 * Amounts for each of several groups that cook by themselves: "one egg per pair, ten pairs", "6
 * tables, each with 100 g flour". They count for each group; of groups that nobody numbers, once.
 */
public final class Groups {
  private static final Set<String> ONE = WordSet.of("pair group team table bench station");

  private static final Set<String> MANY = WordSet.of("pairs groups teams tables benches stations");

  /** Something is mixed or baked in each of them, where that is said. */
  private static final Set<String> VESSELS = WordSet.of("trays bowls tins jugs dishes bottles");

  private static final Remembered NOUN =
      Remembered.whole(
          "(?:pair|group|team|table|station)s?|bench(?:es)?|(?:.* )?(?:trays|bowls|tins|jugs|dishes|bottles)");

  private static final Sought PER =
      Sought.of("(?:.* )?(?:per|each|every|for (?:a|each|every|one)|to (?:a|each|every|one)|one)");

  private static final Remembered EACH =
      Remembered.whole("each|(?:each|every) (?:one|of them)|each (?:with|gets|has|of|of which)");

  /** "a class of 24", "28 pupils": who is shared out into them. */
  private static final Sought CLASS =
      Sought.of(
          "\\b(?:(?:class|course|school|club|year) of (?<n>\\d{1,3})\\b|(?<k>\\d{1,3}) (?:pupils|students|children|kids|learners|scouts)\\b)");

  private static final int FAR = 3;

  /** What each makes stands before it, with what they are: "five pancakes each pair". */
  private static final int NEAR = 2;

  private final List<Clause> clauses;
  private final Counted counts = new Counted();

  /** How many are in one; 0 where nobody says it. */
  private double size;

  private boolean said;

  private Groups(List<Clause> clauses) {
    this.clauses = clauses;
  }

  /** Has what is said for each group count for all of them. */
  public static void find(List<Clause> clauses) {
    boolean any =
        clauses.stream().flatMap(clause -> clause.elements.stream()).anyMatch(e -> e.says(NOUN));
    boolean headed = clauses.stream().anyMatch(c -> c.sentence.per() == Per.GROUP);
    if (!any && !headed) {
      return;
    }
    Groups groups = new Groups(clauses);
    clauses.forEach(groups::number);
    groups.divide();
    clauses.forEach(groups::each);
    if (groups.said) {
      groups.count();
    }
  }

  /** "ten pairs", "6 groups of 4", "in groups of four". */
  private void number(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      boolean pair = clause.low(i).startsWith("pair");
      boolean many = MANY.contains(clause.low(i));
      vessels(clause, i);
      boolean sized =
          (many || ONE.contains(clause.low(i)))
              && clause.isWord(i + 1, "of")
              && isCount(clause, i + 2);
      if (sized) {
        size = clause.get(i + 2).measure().amount();
        clause.get(i + 2).part = Part.SERVES;
      } else if (pair && (many || isEach(clause, i))) {
        size = 2;
      }
      if (many && isCount(clause, i - 1)) {
        counts.groups = Optional.of(BareCounts.range(clause.get(i - 1)));
        clause.get(i - 1).part = Part.SERVES;
        clause.counts.serves = clause.counts.serves.filter(n -> !counts.groups.get().equals(n));
        behind(clause, i);
      }
    }
  }

  /** "Class of 24, groups of four": six of them. */
  private void divide() {
    if (size == 0 || counts.groups.isPresent()) {
      return;
    }
    for (Clause clause : clauses) {
      Matcher told = CLASS.matcher(clause.words(0, clause.size()));
      double all = told.find() ? number(told) : 0;
      if (all >= 2 * size) {
        double groups = Math.ceil(all / size);
        counts.groups = Optional.of(new Told.Count(groups, groups));
        clauses.forEach(c -> c.counts.serves = c.counts.serves.filter(n -> n.low() != size));
        clause.counts.serves = Optional.of(new Told.Count(all, all));
        return;
      }
    }
  }

  private static double number(Matcher told) {
    String said = told.group("n");
    return NumberText.read(said == null ? told.group("k") : said);
  }

  private static boolean isCount(Clause clause, int i) {
    return clause.isAmount(i)
        && clause.get(i).isCount()
        && clause.get(i).part != Part.AMOUNT
        && clause.get(i).part != Part.EXCLUDED;
  }

  /** "Two trays, each with 300 g flour": the number may be of one piece with the noun. */
  private void vessels(Clause clause, int i) {
    String low = clause.low(i);
    int number = clause.get(i).isAmount() ? i : i - 1;
    boolean vessels =
        VESSELS.contains(low.substring(low.lastIndexOf(' ') + 1))
            && number >= 0
            && clause.isAmount(number)
            && clause.get(number).part != Part.AMOUNT
            && IntStream.rangeClosed(i + 1, i + FAR)
                .anyMatch(j -> clause.has(j) && clause.says(j, EACH));
    if (vessels) {
      counts.groups = Optional.of(BareCounts.range(clause.get(number)));
      clause.get(number).part = Part.NOTE;
      behind(clause, i);
    }
  }

  /** "6 groups, each with 100 g flour". */
  private void behind(Clause clause, int noun) {
    for (int i = noun + 1; i <= noun + FAR && clause.has(i); i++) {
      if (clause.says(i, EACH)) {
        int from = i;
        clause.mentions.stream().filter(m -> m.from > from).forEach(this::take);
        return;
      }
    }
  }

  private static boolean isEach(Clause clause, int noun) {
    return ONE.contains(clause.low(noun)) && PER.isAll(clause.words(noun - 2, noun));
  }

  /** "one egg per pair", "each table gets 100 g flour". */
  private void each(Clause clause) {
    if (clause.sentence.per() == Per.GROUP) {
      said = true;
    }
    if (said && counts.groups.isPresent() && clause.has(1)) {
      boolean pair = clause.low(0).equals("a pair") || clause.isWord(0, "each");
      boolean one = clause.isWord(0, "each", "a", "every") && ONE.contains(clause.low(1));
      if (pair || one || clause.isWord(0, "each") && clause.isWord(1, "one")) {
        clause.get(0).part = clause.get(0).isAmount() ? Part.NOTE : clause.get(0).part;
        made(clause, pair && !clause.isWord(1, "one") ? 0 : 1); // "A pair gets four"
      }
    }
    for (int i = 1; i < clause.size(); i++) {
      if (isEach(clause, i)) {
        int noun = i;
        boolean before = clause.mentions.stream().anyMatch(m -> m.from < noun);
        clause.mentions.stream().filter(m -> before == m.from < noun).forEach(this::take);
        made(clause, i);
      }
    }
  }

  /** "about five each pair": how many come out. */
  private void made(Clause clause, int noun) {
    boolean gets =
        clause.mentions.isEmpty() && clause.isWord(noun + 1, "gets", "got", "has", "gives");
    if ((gets || clause.is(noun + 1, Sort.YIELD)) && clause.counts.pieces.isPresent()) {
      counts.pieces = clause.counts.pieces; // "each table makes 5 pancakes"
      clause.counts.pieces = Optional.empty();
      said = true;
      return;
    }
    for (int i = noun - 2; i >= Math.max(0, noun - 2 - NEAR); i--) {
      if (clause.isAmount(i) && isCount(clause, i) && !clause.get(i).isWeak()) {
        clause.get(i).part = Part.YIELD;
        counts.pieces = Optional.of(BareCounts.range(clause.get(i)));
        clause.counts.pieces = Optional.empty();
        said = true;
        return;
      }
    }
  }

  private void take(Mention mention) {
    said = true;
    mention.per = Per.GROUP;
    boolean batter = BatterForEach.is(mention.role()) || mention.role() == Role.LIQUID;
    if (batter && mention.place == Place.PLATE) {
      mention.place = Place.NOT_SAID;
    }
  }

  private void count() {
    Counted own = clauses.get(0).counts;
    own.groups = counts.groups;
    Told.Count groups = counts.groups.orElse(new Told.Count(1, 1));
    boolean counted = clauses.stream().anyMatch(clause -> clause.counts.serves.isPresent());
    if (size > 0 && !counted) {
      own.serves = Optional.of(new Told.Count(groups.low() * size, groups.high() * size));
    }
    counts.pieces.ifPresent(
        one ->
            own.pieces =
                Optional.of(new Told.Count(one.low() * groups.low(), one.high() * groups.high())));
  }
}
