package honeststack.core.said.ratio;

import honeststack.core.food.Food;
import honeststack.core.line.NumberText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Share;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * Amounts that are said by another food's: "a mugful of flour and the same of milk", "100 g oats
 * and twice that of milk", "half as much sugar as flour".
 */
public final class Relative {
  private static final int FAR = 9;

  /** "one and a half times", "double", "a third". */
  static final String TIMES_OVER =
      "(?:(?<many>a|one|two|three|four|five|six|one and a half|two and a half|\\d+(?:\\.\\d+)?) )?"
          + "(?<times>twice|double|triple|thrice|half|third|quarter|thirds|quarters|times)";

  private static final String TAIL =
      "(?<tail>(?: as (?:much|many)| again| that| this| amount| weight| quantity| volume"
          + "| measure| the| of| in| an| a| its| their| them| these| those| own)*)";

  private static final Sought SAID =
      Sought.of(
          "(?:of |about |roughly |exactly |just |only |and |with |plus |then |at |to |, )*"
              + "(?:(?:the )?(same|ditto|likewise|another|its own|their own|(?:its|their|['’]s?|the)(?= weight))|an? (equal)|(equal)"
              + "|(as) much|"
              + TIMES_OVER
              + ")"
              + TAIL);

  /** Said behind the food. */
  private static final Sought BEHIND =
      Sought.of(
          "(?:[:,–-] )?(?:at )?(?:(?:the )?(?:same|ditto|likewise)|" + TIMES_OVER + ")" + TAIL);

  private static final Sought WEIGHED =
      Sought.of(
          "\\((?:about |roughly |around |ca\\.? |~)?(\\d+(?:\\.\\d+)? ?(?:k?g|[mcd]?l))(?: in all| total)?\\)");

  private static final int FAR_BEHIND = 6;

  /**
   * Grams of an egg that flour is weighed against: from a medium one out of its shell to a large
   * one in it (common practice).
   */
  private static final double LEAST_EGG = 44;

  private static final double MOST_EGG = 63;
  private static final String EGG = "egg";

  /** Without one of these nothing is said so. */
  private static final Remembered CUE =
      Remembered.part(
          "same|ditto|likewise|another|equal|own|weight|much|twice|double|triple|thrice|half|third|quarter|times");

  private static final Map<String, Double> TIMES =
      Map.of(
          "twice",
          2.0,
          "double",
          2.0,
          "triple",
          3.0,
          "thrice",
          3.0,
          "half",
          0.5,
          "third",
          1 / 3.0,
          "quarter",
          0.25,
          "thirds",
          1 / 3.0,
          "quarters",
          0.25,
          "times",
          1.0);

  private final Clause clause;
  private final List<Share> shares = new ArrayList<>();

  /** What is only named again. */
  private final List<Mention> named = new ArrayList<>();

  /** It was read where everything goes. */
  private boolean placed;

  /**
   * @param food whose amount is said
   * @param base by whose; null for the one before
   */
  private record Share(Element food, double factor, boolean weight, Element base) {}

  /** Takes the words out that say so. */
  public Relative(Clause clause) {
    this.clause = clause;
    if (clause.says(CUE)) {
      find(0);
      for (int i = 1; i < clause.size(); i++) {
        find(i);
        behind(i);
      }
    }
  }

  public static boolean isTimes(Clause clause, int i) {
    return clause.isWord(i, "twice", "half", "double", "triple")
        || clause.has(i) && clause.low(i).endsWith(" times");
  }

  private void find(int from) {
    StringBuilder said = new StringBuilder();
    for (int i = from; i < clause.size() && i < from + FAR; i++) {
      boolean those = said.toString().endsWith("weight of the ") && clause.isWord(i + 1, "in");
      if (those && clause.isFood(i) && isElsewhere(i)) {
        said.append("those "); // "and the weight of the eggs in flour"
      } else if (clause.isFood(i)) {
        Matcher matcher = SAID.matcher(said.toString().strip());
        if (matcher.matches() && isMeant(matcher, from)) {
          int by = clause.isWord(i + 1, "as") ? clause.isWord(i + 2, "the") ? i + 3 : i + 2 : -1;
          boolean as = clause.isFood(by) && isElsewhere(by);
          boolean weight = matcher.group("tail").contains("weight");
          boolean counted = weight && clause.isStrong(by) && clause.isFood(by + 1);
          Element base = as ? clause.get(by) : counted ? clause.get(by + 1) : null;
          int told = told(from);
          Optional<String> amount =
              told < 0 ? Optional.empty() : Scaled.times(clause.get(told).text(), factor(matcher));
          if (amount.isPresent()) {
            clause.join(from, i, clause.get(told), amount.get());
            return;
          }
          shares.add(new Share(clause.get(i), factor(matcher), weight, base));
          clause.take(from, i, Part.NOTE);
          if (as || counted) {
            clause.take(i + 1, as ? by + 1 : by, Part.NOTE);
          } else {
            joined(i, factor(matcher), weight);
          }
        }
        return;
      } else {
        said.append(clause.low(i)).append(' ');
      }
    }
  }

  /** "a cup of mash, about 200 g, and the same of flour": the weight between; -1 for none. */
  private int told(int from) {
    int i = from - 1;
    while (clause.isMark(i, ",") || clause.isWord(i, "and", "then")) {
      i--;
    }
    int before = clause.isWord(i - 1, "about", "roughly", "around") ? i - 2 : i - 1;
    boolean weight = clause.isStrong(i) && clause.get(i).measure().unit().kind() == Unit.Kind.MASS;
    boolean apart = clause.isMark(i + 1, ",") && clause.isMark(before, ",");
    return weight && apart && clause.isFood(before - 1) ? i : -1;
  }

  /** "the same of milk and of water". */
  private void joined(int food, double factor, boolean weight) {
    boolean list = clause.isMark(food + 1, ",") && clause.isFood(food + 2);
    int and = clause.isMark(food + 1, ",") && !list ? food + 2 : food + 1;
    int next = clause.isWord(and + 1, "of") ? and + 2 : and + 1;
    boolean measured = clause.isAmount(next + 1) && !clause.isFood(next + 2);
    boolean joined = clause.isWord(and, "and") || list && clause.isWord(next + 1, "and");
    if (joined && clause.isFood(next) && !measured) {
      shares.add(new Share(clause.get(next), factor, weight, null));
      joined(next, factor, weight);
    }
  }

  /** "cinnamon 1 tsp, sugar the same", "milk, twice as much". */
  private void behind(int food) {
    if (!clause.isFood(food) || clause.isStrong(food - 1)) {
      return;
    }
    StringBuilder said = new StringBuilder();
    for (int i = food + 1; i < clause.size() && i < food + FAR_BEHIND; i++) {
      said.append(said.length() == 0 ? "" : " ").append(clause.low(i));
      boolean end = !clause.has(i + 1) || clause.isMark(i + 1, ",", ";", ".");
      Matcher behind = BEHIND.matcher(said.toString());
      boolean own = // "cream, double", "banana half"
          i == food + 1 && (clause.get(i).isAmount() || clause.isWord(food, "cream"));
      if (end && !own && behind.matches()) {
        boolean weight = behind.group("tail").contains("weight");
        shares.add(new Share(clause.get(food), factor(behind), weight, null));
        clause.take(food + 1, i + 1, Part.NOTE);
        return;
      }
    }
  }

  private boolean isElsewhere(int food) {
    return clause.elements.stream()
        .filter(
            e -> e != clause.get(food) && e.food.isPresent() && clause.get(food).food.isPresent())
        .anyMatch(e -> e.food.get().food().equals(clause.get(food).food.get().food()));
  }

  /** "double cream", "half milk" say nothing of another's amount. */
  private boolean isMeant(Matcher said, int from) {
    String tail = said.group("tail");
    boolean compares = tail.contains("as ") || tail.contains("that") || tail.contains("the");
    compares |= tail.contains("its") || tail.contains("their");
    boolean named = tail.contains("amount") || tail.contains("weight") || tail.contains("quantity");
    boolean free = clause.get(from).isFree();
    if (said.group("times") != null) {
      return free && (compares || named) && !clause.get(from).isAmount()
          || free && (tail.contains("as m") || tail.contains("that") || tail.contains("its"));
    }
    boolean ditto = "ditto".equals(said.group(1)) || "likewise".equals(said.group(1));
    return free && (said.group(3) != null || said.group(4) != null || ditto || !tail.isEmpty());
  }

  /** How many times as much {@link #TIMES_OVER} found; once for nothing. */
  static double factor(Matcher said) {
    String times = said.group("times");
    String many = said.group("many");
    double number = many == null || many.equals("a") ? 1 : NumberText.readDecimal(many);
    return times == null ? 1 : number * TIMES.get(times);
  }

  /** Writes the amounts, now that each food has its own, and its place. */
  public void completePlaced() {
    placed = true;
    complete();
    clause.mentions.removeAll(named);
  }

  /** Writes the amounts, now that each food has its own. */
  public void complete() {
    for (Share share : shares) {
      Mention before = share.base() == null ? null : measured(share.base());
      for (Mention mention : clause.mentions) {
        boolean base =
            share.base() == null || mention.known().equals(share.base().food.map(f -> f.food()));
        boolean own = mention.food == share.food() && !mention.isMeasured();
        boolean itself =
            own && before != null && before.food != null && mention.food.isSameFood(before.food);
        if (itself && share.factor() < 1) {
          own = false;
          ofItself(before, mention, share);
        }
        if (own) {
          Optional<String> amount =
              Optional.ofNullable(before).flatMap(b -> times(b, share.factor(), share.weight()));
          amount.ifPresent(
              text -> {
                mention.amountText = text;
                mention.restated = true;
              });
        }
        before = mention.isMeasured() && mention.food != share.food() && base ? mention : before;
      }
    }
  }

  /** "300 ml milk, half the milk first": some of it, which goes elsewhere or is only named. */
  private void ofItself(Mention whole, Mention part, Share share) {
    if (!placed) {
      return; // where it goes is read later
    }
    if (part.place != whole.place) {
      Optional<String> some = times(whole, share.factor(), share.weight());
      Optional<String> rest = Scaled.times(whole.amountText, 1 - share.factor());
      if (some.isPresent() && rest.isPresent()) {
        part.amountText = some.get();
        part.restated = true;
        whole.amountText = rest.get();
        whole.restated = true;
        return;
      }
    }
    part.again = true;
    part.mark(Part.METHOD);
    named.add(part);
  }

  private Mention measured(Element food) {
    return clause.mentions.stream()
        .filter(m -> m.isMeasured() && m.known().equals(food.food.map(f -> f.food())))
        .findFirst()
        .orElse(null);
  }

  /** Of a number of pieces nothing else is as much; a weight is as much as another only. */
  static Optional<String> times(Mention base, double factor, boolean weight) {
    Matcher weighed = WEIGHED.matcher(base.notes); // "3 eggs (165 g)", "1 can (154 ml)"
    String amount = weighed.find() ? weighed.group(1) : base.amountText;
    Optional<Measure> measured = Scaled.measure(amount);
    if (weight && base.known().map(Food::id).filter(EGG::equals).isPresent()) {
      return measured
          .filter(measure -> measure.unit() == Unit.COUNT)
          .map(eggs -> eggs.amount() * factor)
          .map(eggs -> Math.round(eggs * LEAST_EGG) + "–" + Math.round(eggs * MOST_EGG) + " g");
    }
    return measured
        .filter(measure -> measure.unit() != Unit.COUNT)
        .filter(measure -> !weight || measure.unit().kind() == Unit.Kind.MASS)
        .flatMap(any -> factor == 1 ? Optional.of(amount) : Scaled.times(amount, factor));
  }
}
