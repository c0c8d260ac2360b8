package honeststack.core.said.pairing;

import honeststack.core.line.NumberText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.regex.Matcher;
import java.util.stream.Stream;

/**
 * Foods by their shares of one amount: "300 g flour and oats, 2:1", "70 % white and 30 % rye flour,
 * 300 g in all", "½ pint half milk, half water", "a 50:50 mix of milk and water, 300 ml".
 */
public final class Blends {
  /** So far from the foods stand their ratio and the amount. */
  private static final int FAR = 9;

  /** So many elements say a share. */
  private static final int SHARE = 4;

  /** What shares may miss or exceed of the whole, by rounding. */
  private static final double ROUNDED = 0.06;

  private static final double HUNDRED = 100;

  /** A share that is what the others leave. */
  private static final double REST = -1;

  private static final String NUMBER = "(?:\\d{1,3}|one|two|three|four|five|six)";

  private static final Sought RATIO =
      Sought.of(
          "(?<= |^)(?:(?<ratio>\\d{1,3}(?: ?[:/] ?\\d{1,3})+|"
              + (NUMBER + "(?:(?: to |-to-)" + NUMBER + ")+)")
              + "|half ?-? ?(?:and|n|&) ?-? ?half|fifty ?-? ?fifty"
              + "|equal (?:parts?|amounts?|weights?|quantit(?:y|ies)|measures?))(?= |$)");

  private static final Remembered WORD_OF_RATIO =
      Remembered.whole(
          "\\d{1,3}(?: ?[:/] ?\\d{1,3})+|equal|parts?|amounts?|weights?|quantit(?:y|ies)|measures?"
              + "|half(?: ?-? ?(?:and|n|&) ?-? ?half)?|fifty");

  private static final Sought THE_REST = Sought.of("(?:the )?rest(?: of the)?");

  private static final Sought PERCENT = Sought.of("(\\d{1,3}) ?(?:%|percent|per cent)");

  private static final Remembered EACH =
      Remembered.whole("of each|each|of both|each of them|of every one|of every|apiece");

  private static final Remembered MIX = Remembered.whole("mix|mixed|mixture|blend|combination");

  /** Between a list and its amount or its ratio. */
  private static final Remembered BETWEEN =
      Remembered.whole(
          "of|a|an|the|in|at|by|as|ratio|proportions?|weight|volume|made|up|from|makes|making|to|make|batter|dough|liquids?"
              + "|about|i|we|use|used|take|total|altogether|all|together|[,:;–-]|weight:|all told"
              + "|in (?:all|total)|all together");

  /**
   * @param shares of the whole, or parts of it; empty where a ratio tells
   */
  private record Listed(int from, int to, List<Integer> foods, List<Double> shares) {}

  private final Clause clause;

  private Blends(Clause clause) {
    this.clause = clause;
  }

  /** The foods that share an amount, each with its own; they are taken. */
  public static List<Mention> in(Clause clause, Naming naming) {
    List<Mention> mentions = new ArrayList<>();
    Blends blends = new Blends(clause);
    for (int i = 0; i < clause.size(); i++) {
      Listed listed = blends.listed(i);
      if (listed.foods().size() > 1 && blends.take(listed, naming, mentions)) {
        i = listed.to();
      }
    }
    return mentions;
  }

  /** The foods in a row that begin at a place, all with a share before them or none. */
  private Listed listed(int from) {
    Listed listed = new Listed(from, from, List.of(), List.of());
    int at = from;
    while (at < clause.size()) {
      int food = nextFood(at);
      Optional<Double> behind = food == at ? percent(food + 1) : Optional.empty();
      Optional<Double> share =
          food < 0 ? Optional.empty() : behind.isPresent() ? behind : share(at, food);
      boolean bare = food == at && behind.isEmpty();
      int end = behind.isPresent() ? food + 3 : food + 1;
      boolean fits = listed.foods().isEmpty() || share.isEmpty() == listed.shares().isEmpty();
      if (!bare && share.isEmpty() || !fits) {
        break;
      }
      listed =
          new Listed(
              from,
              end,
              Stream.concat(listed.foods().stream(), Stream.of(food)).toList(),
              Stream.concat(listed.shares().stream(), share.stream()).toList());
      at = end;
      while (isJoint(at)) {
        at++;
      }
      if (at == end && bare) {
        break;
      }
    }
    return listed;
  }

  /** "bread flour 60 %": behind its name. */
  private Optional<Double> percent(int i) {
    Matcher percent = PERCENT.matcher(words(i, i + 2));
    boolean next = clause.has(i + 1) && percent.matches();
    return next ? Optional.of(Double.parseDouble(percent.group(1)) / HUNDRED) : Optional.empty();
  }

  private int nextFood(int from) {
    for (int i = from; i <= from + SHARE && i < clause.size(); i++) {
      if (clause.isFood(i) && !isRatio(i)) {
        return i;
      }
    }
    return -1;
  }

  private boolean isJoint(int i) {
    return clause.isMark(i, ",", "/", "&", "+") || clause.isWord(i, "and", "to", "with", "plus");
  }

  /** What stands from a place to a food says how much of the whole it is: "two parts", "30 %". */
  private Optional<Double> share(int from, int food) {
    int to = food;
    while (to > from && clause.isWord(to - 1, "of", "the")) {
      to--;
    }
    String words = words(from, to);
    if (THE_REST.isAll(words)) {
      return Optional.of(REST);
    }
    Matcher percent = PERCENT.matcher(words);
    if (percent.matches()) {
      return Optional.of(Double.parseDouble(percent.group(1)) / HUNDRED);
    }
    boolean number = to > from && clause.get(from).isAmount() && clause.get(from).isCount();
    if (!number || !clause.get(from).isFree()) {
      return Optional.empty();
    }
    double part = clause.get(from).measure().amount();
    boolean parts = to == from + 2 && clause.isWord(from + 1, "part", "parts");
    boolean said = parts || to == from + 1 && part < 1;
    return said ? Optional.of(part) : Optional.empty();
  }

  private boolean take(Listed listed, Naming naming, List<Mention> mentions) {
    int left = edge(listed.from() - 1, i -> i - 1) + 1;
    final int to = beforeOther(listed.to(), edge(listed.to(), i -> i + 1));
    boolean kind = clause.isFood(left - 1) && isKind(left - 1, listed);
    int from = kind ? edge(left - 2, i -> i - 1) + 1 : left;
    int whole = whole(from, listed.from(), to, listed.to());
    List<Double> shares =
        listed.shares().isEmpty()
            ? ratio(words(from, listed.from()), listed)
                .or(() -> ratio(words(listed.to(), to), listed))
                .or(() -> mixed(words(from, listed.from()), listed))
                .orElse(List.of())
            : listed.shares();
    shares = ofWhole(shares);
    boolean each = whole >= 0 && clause.says(whole + 1, EACH);
    boolean uneven = shares.stream().distinct().count() > 1;
    if (whole < 0 || shares.size() != listed.foods().size() || each && uneven) {
      return false;
    }
    Measure all = clause.get(whole).measure();
    for (int i = 0; i < shares.size(); i++) {
      Mention mention = naming.of(new Linking.Link(whole, listed.foods().get(i), -1), true);
      double part = all.amount() * (each ? 1 : shares.get(i));
      String number = Numbers.plain(Math.round(part * HUNDRED) / HUNDRED);
      mention.amountText = number + " " + all.unit().symbol();
      mention.food.part = Part.FOOD;
      mention.restated = true;
      mentions.add(mention);
    }
    clause.get(whole).part = Part.AMOUNT;
    clause.take(from, Math.max(to, each ? whole + 2 : 0), Part.NOTE);
    return true;
  }

  /** "half milk, half water, 200 g flour": the next amount has a food of its own. */
  private int beforeOther(int from, int to) {
    for (int i = from; i < to; i++) {
      int food = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
      if (isWhole(i) && clause.isFood(food)) {
        return i;
      }
    }
    return to;
  }

  /** As far as words say how much of what they are. */
  private int edge(int start, IntUnaryOperator next) {
    int i = start;
    int amounts = 0;
    while (clause.has(i) && Math.abs(i - start) < FAR) {
      boolean whole = isWhole(i);
      amounts += whole ? 1 : 0;
      boolean mix = clause.says(i, MIX);
      boolean over = whole || mix || isRatio(i) || clause.says(i, BETWEEN);
      if (!over && !clause.says(i, EACH) || amounts > 1) {
        break;
      }
      i = next.applyAsInt(i);
    }
    return i;
  }

  private boolean isWhole(int i) {
    Unit.Kind kind = clause.isStrong(i) ? clause.get(i).measure().unit().kind() : null;
    boolean measure = kind == Unit.Kind.MASS || kind != null && kind.isVolume();
    return measure
        && clause.get(i).amount.orElseThrow().terms().size() == 1
        && clause.get(i).measure().halfRange() == 0;
  }

  /** A ratio, or one of its numbers. */
  private boolean isRatio(int i) {
    Element element = clause.get(i);
    if (!element.isFree() && !element.is(Sort.UNIT_OTHER)) {
      return false;
    }
    boolean number = element.isAmount() && element.isCount();
    boolean halves = clause.isWord(i, "and") && clause.isWord(i - 1, "half");
    if (halves && clause.isWord(i + 1, "half")) {
      return true;
    }
    return element.says(WORD_OF_RATIO) || number && (isColon(i - 1) || isColon(i + 1));
  }

  private boolean isColon(int i) {
    return clause.isMark(i, ":") || clause.isWord(i, "to");
  }

  /** The amount before them, or behind them; of nothing else. -1 for none. */
  private int whole(int from, int begin, int to, int end) {
    int behind = -1;
    for (int i = end; i < to; i++) {
      int next = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
      behind = isWhole(i) && !clause.isFood(next) ? i : behind;
    }
    for (int i = begin - 1; i >= from; i--) {
      boolean others = clause.isFood(i - 1) && !clause.isStrong(i - 2);
      if (isWhole(i) && !others) {
        return i;
      }
    }
    return behind;
  }

  /** "200 g flour, half white, half rye": the shares are kinds of it. */
  private boolean isKind(int food, Listed listed) {
    String name = clause.low(food);
    return !listed.shares().isEmpty()
        && clause.get(food).food.isPresent()
        && listed.foods().stream()
            .map(clause::get)
            .anyMatch(one -> one.isOfAKind(clause.get(food)) || one.low().endsWith(name));
  }

  /** The shares that words tell of; empty for none. */
  private Optional<List<Double>> ratio(String words, Listed listed) {
    Matcher ratio = RATIO.matcher(words);
    int foods = listed.foods().size();
    if (!ratio.find()) {
      return Optional.empty();
    }
    if (ratio.group("ratio") == null) {
      return Optional.of(equal(listed));
    }
    List<Double> parts =
        Stream.of(ratio.group("ratio").split(" ?[:/] ?| to |-to-")).map(NumberText::read).toList();
    return Optional.of(parts).filter(all -> all.size() == foods);
  }

  /** "A mix of …" of which no ratio is said: as much of each. */
  private Optional<List<Double>> mixed(String words, Listed listed) {
    boolean mixed = words.matches("(?:.* )?an? (?:mix|mixture|blend|combination) of");
    return mixed ? Optional.of(equal(listed)) : Optional.empty();
  }

  private static List<Double> equal(Listed listed) {
    return listed.foods().stream().map(food -> 1.0).toList();
  }

  /** Each of a whole of 1; empty where they make no whole. */
  private static List<Double> ofWhole(List<Double> parts) {
    double sum = parts.stream().filter(part -> part > 0).mapToDouble(part -> part).sum();
    long rests = parts.stream().filter(part -> part == REST).count();
    if (rests == 1 && sum < 1) {
      return parts.stream().map(part -> part == REST ? 1 - sum : part).toList();
    }
    boolean fractions = parts.stream().anyMatch(part -> part < 1);
    boolean none = sum == 0 || rests > 0 || fractions && Math.abs(sum - 1) > ROUNDED;
    return none ? List.of() : parts.stream().map(part -> part / sum).toList();
  }

  private String words(int from, int to) {
    StringBuilder words = new StringBuilder();
    for (int i = Math.max(0, from); i < to; i++) {
      if (!isWhole(i)) {
        words.append(clause.low(i)).append(' ');
      }
    }
    return words.toString().strip();
  }
}
