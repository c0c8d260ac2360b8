package honeststack.core.said.yield;

import honeststack.core.food.Role;
import honeststack.core.line.NumberText;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;

/**
 * A sentence behind a list that only counts: how many came out, what became of them, who had how
 * many: "Twelve, two of which burnt.", "The lads eat four each and there's three of them.", "I ate
 * four, my son the other four." Taken only where all of it is understood.
 */
public final class Headcount {
  private static final int LONGEST = 40;

  /** Nobody bakes fewer without saying of what. */
  private static final double FEWEST = 4;

  /** "There are 12": so many rather came out than sit at the table (common practice). */
  private static final double MANY = 7;

  private static final double MOST = 200;

  private final Clause clause;
  private final String text;
  private final List<Element> numbers = new ArrayList<>();

  private Element total;
  private int totals;
  private double another;
  private double lost;
  private double some;
  private final List<double[]> eaters = new ArrayList<>();
  private double heads;
  private double each;
  private double atOnce;
  private boolean ages;
  private boolean sold;
  private boolean there;

  private Headcount(Clause clause, List<Element> elements) {
    this.clause = clause;
    StringBuilder words = new StringBuilder();
    for (Element element : elements) {
      boolean number = element.isAmount();
      if (number) {
        numbers.add(element);
      }
      boolean end = element.isMark(".", "!") && element == elements.get(elements.size() - 1);
      words.append(end ? "" : number ? "# " : element.low().replace('#', '_') + " ");
    }
    this.text = words.toString();
  }

  /** Whether words behind a list say so, and more than a number. */
  public static boolean isSaid(List<Element> words) {
    if (!mayBe(words)) {
      return false;
    }
    Headcount count = new Headcount(null, words);
    return count.parse(0, 0)
        && count.totals <= 1
        && (count.isSum()
            || count.ages
            || count.some + count.lost > 0
            || count.total != null && count.heads + count.each > 0
            || count.total != null && HeadcountForms.ALL.isIn(count.text));
  }

  private static boolean mayBe(List<Element> words) {
    return words.size() <= LONGEST
        && words.stream().noneMatch(Element::isFood)
        && words.stream().anyMatch(e -> e.isAmount() && e.isCount())
        && words.stream().noneMatch(e -> e.isAmount() && !e.isCount() && !e.isWeak());
  }

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause) {
    boolean may =
        clause.asides.isEmpty()
            && clause.mentions.isEmpty()
            && mayBe(clause.elements)
            && Clause.measure(read, 2);
    if (!may || isAnswer(read)) {
      return false;
    }
    Headcount count = new Headcount(clause, clause.elements);
    if (!count.parse(0, 0) || !count.isCount(read)) {
      return false;
    }
    count.settle(read);
    return true;
  }

  /** To a question, or of a food that nothing measured yet. */
  private static boolean isAnswer(List<Clause> read) {
    Clause last = read.get(read.size() - 1);
    Mention mention = last.mentions.isEmpty() ? null : last.mentions.get(last.mentions.size() - 1);
    boolean ranged =
        mention != null && mention.amount != null && mention.amount.measure().halfRange() > 0;
    boolean counted =
        mention != null && (mention.food == null || mention.food.isRole(Role.EGG, Role.ADD_IN));
    return last.isMark(last.size() - 1, "?") || ranged || counted && !mention.isMeasured();
  }

  private boolean parse(int at, int number) {
    if (at >= text.length()) {
      return true;
    }
    for (HeadcountForms.Form form : HeadcountForms.FORMS) {
      Matcher said = form.words().matcher(text);
      said.region(at, text.length());
      if (!said.lookingAt() || said.end() == at) {
        continue;
      }
      int next = number + (int) said.group().chars().filter(c -> c == '#').count();
      int end = said.end();
      Matcher join = HeadcountForms.JOIN.matcher(text);
      join.region(end, text.length());
      boolean joined = join.lookingAt() && join.end() > end;
      boolean word = text.charAt(end - 1) == ' ';
      boolean who = HeadcountForms.FOR.begins(text.substring(end));
      if (word
          && (end == text.length() || joined || who)
          && parse(joined ? join.end() : end, next)) {
        take(form.says(), said, at, number);
        return true;
      }
    }
    return false;
  }

  private double value(Matcher said, String group, int at, int number) {
    String word = said.group(group).strip();
    return word.equals("#")
        ? element(said, group, at, number).measure().amount()
        : NumberText.read(word.equals("pairs") ? "two" : word.replaceFirst("s$", ""));
  }

  private Element element(Matcher said, String group, int at, int number) {
    int before = (int) text.substring(at, said.start(group)).chars().filter(c -> c == '#').count();
    return numbers.get(number + before);
  }

  private void take(HeadcountForms.Says says, Matcher said, int at, int number) {
    switch (says) {
      case TOTAL -> {
        total = element(said, "n", at, number);
        totals++;
      }
      case THERE -> {
        if (value(said, "n", at, number) >= MANY) {
          total = element(said, "n", at, number);
          totals++;
          there = true;
        }
      }
      case ANOTHER -> another += 1;
      case LOST -> lost += value(said, "n", at, number);
      case SOME -> some += value(said, "n", at, number);
      case SOLD -> {
        some += value(said, "n", at, number);
        sold = true;
      }
      case ONE_ATE -> eaters.add(new double[] {1, value(said, "n", at, number)});
      case EACH_OF_MANY -> eaters.add(new double[] {0, value(said, "n", at, number)});
      case EACH_FOR, SO_MANY_ATE ->
          eaters.add(new double[] {value(said, "k", at, number), value(said, "n", at, number)});
      case AGES -> ages = true;
      case AT_ONCE -> atOnce = value(said, said.group("n") == null ? "n2" : "n", at, number);
      case HEADS -> heads = value(said, "k", at, number);
      case EACH -> each = value(said, "n", at, number);
      default -> {}
    }
  }

  /** It says more than was understood before; a number alone, only if it is no amount. */
  private boolean isCount(List<Clause> read) {
    boolean open =
        numbers.stream().anyMatch(e -> e.isFree() || e.part == Part.UNKNOWN)
            || lost > 0
            || there
            || heads > 0 && each > 0
            || !eaters.isEmpty();
    boolean told = read.stream().anyMatch(before -> before.counts.pieces.isPresent());
    boolean other = ages || isSum() || heads + each + atOnce > 0;
    if (totals > 1 || !open || total == null && !told && !other) {
      return false;
    }
    double all = total == null ? FEWEST : total.measure().amount();
    boolean bare = text.strip().equals("#");
    return all <= MOST && all > 1 && (!bare || all >= FEWEST && !told);
  }

  /** Of what somebody had, and what is left. */
  private boolean isSum() {
    return sold || !eaters.isEmpty();
  }

  private void settle(List<Clause> read) {
    Optional<Told.Count> before =
        read.stream().flatMap(c -> c.counts.pieces.stream()).reduce((one, two) -> two);
    Optional<Told.Count> made =
        Optional.ofNullable(total).map(BareCounts::range).map(n -> minus(n, lost));
    Optional<Told.Count> known = made.or(() -> before);
    clause.passOver();
    clause.loose.clear();
    Optional<Told.Count> rounds = clause.counts.rounds;
    clause.counts.clear();
    clause.counts.rounds = rounds;
    clause.batch = Optional.empty();
    if (total != null) {
      total.part = Part.YIELD;
    }
    who(known);
    double eaten = eaters.stream().mapToDouble(group -> group[0] * group[1]).sum();
    boolean all = eaters.stream().allMatch(group -> group[0] > 0);
    boolean fewer = made.isEmpty() && lost > 0; // "… makes 40. We lost two."
    clause.counts.pieces = fewer ? before.map(n -> minus(n, lost)) : made;
    clause.counts.sure = (fewer || made.isPresent()) && text.strip().length() > 1;
    double sum = eaten + some;
    if (made.isEmpty() && all && sum > 0 && isSum()) {
      clause.counts.pieces = Optional.of(new Told.Count(sum, sum));
      clause.counts.summed = true;
    }
    if (atOnce > 0) {
      clause.counts.atOnce = Optional.of(new Told.Count(atOnce, atOnce));
    }
    double eating = eaters.stream().mapToDouble(group -> group[0]).sum();
    double fed = all && eating > 0 ? eating : heads;
    if (fed > 0) {
      clause.counts.serves = Optional.of(new Told.Count(fed, fed));
      if (known.isEmpty() && heads > 0 && each > 0) {
        clause.counts.pieces = Optional.of(new Told.Count(heads * each, heads * each));
      }
    } else if (each > 0 && some > 0 && told(read, c -> c.counts.serves) > 0) {
      double baked = each * told(read, c -> c.counts.serves) + some; // "two each and five left"
      clause.counts.pieces = Optional.of(new Told.Count(baked, baked));
    } else if (each > 0) {
      clause.counts.each = Optional.of(new Told.Count(each, each));
      clause.counts.eachNumber = numbers.get(numbers.size() - 1);
    }
  }

  private static double told(List<Clause> read, Function<Clause, Optional<Told.Count>> what) {
    return read.stream()
        .map(what)
        .flatMap(Optional::stream)
        .mapToDouble(Told.Count::low)
        .findFirst()
        .orElse(0);
  }

  /** How many the groups are of which that is not said: as the whole tells. */
  private void who(Optional<Told.Count> known) {
    List<double[]> open = eaters.stream().filter(group -> group[0] == 0).toList();
    if (open.size() != 1) {
      return;
    }
    double others =
        eaters.stream().filter(group -> group[0] > 0).mapToDouble(g -> g[0] * g[1]).sum();
    double left = known.filter(n -> n.low() == n.high()).map(Told.Count::low).orElse(0.0) - others;
    double by = heads > 0 ? heads : left / open.get(0)[1];
    if (by >= 1 && by == Math.rint(by)) {
      open.get(0)[0] = by;
    }
  }

  private Told.Count minus(Told.Count count, double less) {
    return new Told.Count(count.low() - less, count.high() - less + another);
  }
}
