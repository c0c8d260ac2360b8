package honeststack.core.said.part;

import honeststack.core.line.NumberText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Some of a food that is another one: "300 ml milk, half of it water", "200 g flour, of which 50 g
 * is rye", "1 cup buttermilk (half buttermilk, half milk)". Of the first the rest counts.
 */
public final class PartlyOther {
  private static final Map<String, Double> FRACTIONS =
      Map.ofEntries(
          Map.entry("half", 0.5),
          Map.entry("a half", 0.5),
          Map.entry("about half", 0.5),
          Map.entry("a third", 1.0 / 3),
          Map.entry("one third", 1.0 / 3),
          Map.entry("two thirds", 2.0 / 3),
          Map.entry("a quarter", 0.25),
          Map.entry("one quarter", 0.25),
          Map.entry("a fourth", 0.25),
          Map.entry("three quarters", 0.75),
          Map.entry("a fifth", 0.2),
          Map.entry("a tenth", 0.1),
          Map.entry("½", 0.5),
          Map.entry("⅓", 1.0 / 3),
          Map.entry("⅔", 2.0 / 3),
          Map.entry("¼", 0.25),
          Map.entry("¾", 0.75),
          Map.entry("1/2", 0.5),
          Map.entry("1/4", 0.25),
          Map.entry("1/3", 1.0 / 3),
          Map.entry("2/3", 2.0 / 3),
          Map.entry("3/4", 0.75));

  private static final Pattern IS_BEHIND = Pattern.compile(" (?:is|was|are|were|being)$");

  private static final Sought PERCENT = Sought.of("(\\d{1,2}) ?(?:%|percent|per cent)");

  private static final String LEAD =
      "(?:[,–—:-] )?(?:(?:i |we )?ran (?:out|short)(?: halfway| of it)?,? )?"
          + "(?:(?:in total|in all|altogether) (?:, )?)?(?:so |and |but |though |with |only )*";

  private static final String WHOLE = "of (?:the )?(?:which|that|those|these|it|them|this)";

  public static final String PART = "[a-z0-9½⅓⅔¼¾.]+(?: (?!of\\b)[a-z%]+){0,2}";

  private static final String IS =
      "(?: (?:is|was|are|were|being|as|actually|really|in fact|it is|it was))*"
          + "(?: (?:swapped|switched|replaced|exchanged|changed|substituted) (?:for|with|by|to))?(?: (?:a|the))?";

  /** Between the food and the other one. */
  private static final Sought SOME =
      Sought.of(
          LEAD
              + "(?:"
              + WHOLE
              + ",? (?:about )?(?<behind>"
              + PART
              + ")|(?:about )?(?<before>"
              + PART
              + ") "
              + WHOLE
              + "|(?:including|incl(?: ?\\.)?|inclusive of|counting) (?:about )?(?<in>"
              + PART
              + "?)(?: of)?|(?:swap|replace|exchange|switch|trade|sub) (?:out )?(?:about )?(?<out>"
              + PART
              + "?)(?: "
              + WHOLE
              + ")? (?:for|with|by))"
              + IS);

  /** In brackets, before the other one; and its share alone: "(half water)". */
  private static final Sought BRACKETS = Sought.of(LEAD + "(?:half .*(?:and|,|/|-)? ?)?half" + IS);

  private static final Sought SHARE =
      Sought.of(
          "\\d{1,2} ?(?:%|percent|per cent)|(?:a|one|two|three) (?:third|quarter|fourth|fifth|tenth)s?"
              + "|[½⅓⅔¼¾]|1/3|2/3|3/4|1/4|\\d+ ?k?g");

  /** So many elements stand between them. */
  private static final int FAR = 10;

  private static final double HUNDRED = 100;

  private final Clause clause;

  private PartlyOther(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    PartlyOther partly = new PartlyOther(clause);
    for (int i = 0; i + 3 < clause.size(); i++) {
      if (clause.isStrong(i) && isPlain(clause.get(i))) {
        partly.at(i);
      }
    }
  }

  private void at(int amount) {
    boolean behind = clause.isFood(amount - 1) && !clause.isFood(amount + 1);
    int food = behind ? amount - 1 : clause.isWord(amount + 1, "of") ? amount + 2 : amount + 1;
    int from = behind ? amount + 1 : food + 1;
    int other = from;
    int own = 0;
    StringBuilder words = new StringBuilder();
    while (other < from + FAR
        && clause.has(other)
        && (!clause.isFood(other) || clause.isFood(food) && isAgain(food, other))) {
      boolean last = clause.isStrong(other) && clause.isFood(other + 1) && other > from + 2;
      own = last && clause.isWord(other - 1, "for", "with", "by") ? other : own;
      words.append(words.isEmpty() || own == other ? "" : " ");
      words.append(own == other ? "" : clause.isFood(other) ? "it" : clause.low(other));
      other++;
    }
    if (!clause.isFood(food)
        || !clause.isFood(other)
        || clause.get(food).isSameFood(clause.get(other))) {
      return;
    }
    Matcher some = SOME.matcher(words.toString());
    Element whole = clause.get(amount);
    if (some.matches()) {
      double part = part(said(some), whole, clause.elements.subList(from, other));
      if (part > 0 && part < whole.measure().amount() && own > 0) {
        whole.instead = written(whole, whole.measure().amount() - part);
        clause.take(from, own, Part.NOTE);
      } else if (part > 0 && part < whole.measure().amount()) {
        share(clause, whole, part, from, other);
      }
    }
  }

  /** "100 g oats, swap 15 g of the oats for cocoa". */
  private boolean isAgain(int food, int i) {
    return clause.get(food).isSameFood(clause.get(i)) && clause.isWord(i - 1, "the", "of", "my");
  }

  private static String said(Matcher some) {
    return Stream.of("behind", "before", "in", "out")
        .map(some::group)
        .filter(Objects::nonNull)
        .findFirst()
        .orElseThrow();
  }

  /** "a third", "2/3". */
  public static boolean isShare(String said) {
    return FRACTIONS.containsKey(said);
  }

  /** So much of all, "third" being a third. */
  public static double share(String said, double all) {
    return all * FRACTIONS.getOrDefault(said, FRACTIONS.getOrDefault("a " + said, 0.0));
  }

  /** How much of it is the other, in the unit of the whole; 0 where that is not clear. */
  public static double part(String said, Element whole, List<Element> words) {
    Measure all = whole.measure();
    Matcher percent = PERCENT.matcher(said);
    String share = IS_BEHIND.matcher(said).replaceFirst(""); // "a quarter is" buckwheat
    if (FRACTIONS.containsKey(share)) {
      return all.amount() * FRACTIONS.get(share);
    }
    if (percent.matches()) {
      return all.amount() * NumberText.read(percent.group(1)) / HUNDRED;
    }
    return words.stream()
        .filter(e -> e.isAmount() && (e.isCount() || e.measure().unit() == all.unit()))
        .findFirst()
        .map(e -> e.measure().amount())
        .orElse(0.0);
  }

  /** The words between are the other's amount from now on. */
  public static void share(Clause clause, Element whole, double part, int from, int other) {
    clause.join(from, other, whole, written(whole, part));
    whole.instead = written(whole, whole.measure().amount() - part);
  }

  /** So much of what is measured, in the unit that it was given if it has none of its own. */
  public static String written(Mention like, double amount) {
    boolean bare = like.amount.isCount() && like.restated;
    return bare
        ? Scaled.single(like.amountText)
            .filter(now -> now.unit() != Unit.COUNT)
            .map(
                now ->
                    Numbers.plain(Math.round(amount * HUNDRED) / HUNDRED)
                        + " "
                        + now.unit().symbol())
            .orElseGet(() -> written(like.amount, amount))
        : written(like.amount, amount);
  }

  public static String written(Element like, double amount) {
    Unit unit = like.measure().unit();
    String number = Numbers.plain(Math.round(amount * HUNDRED) / HUNDRED);
    return unit == Unit.COUNT ? number : number + " " + unit.symbol();
  }

  /** One term, without a range, and nothing said of its size. */
  public static boolean isPlain(Element amount) {
    return amount.amount.orElseThrow().terms().size() == 1
        && amount.measure().halfRange() == 0
        && amount.measure().size().isEmpty()
        && amount.instead == null;
  }

  /** "1 cup milk (half water)": whether the brackets name what some of it is. */
  public static boolean inBrackets(Clause outer, Mention whole, Clause inner) {
    int other = inner.size() - 1;
    while (other > 0 && !inner.get(other).isFood()) {
      other--;
    }
    boolean measured = whole.amount != null && whole.food != null && isPlain(whole.amount);
    if (!measured || other < 1 || whole.food.isSameFood(inner.get(other))) {
      return false;
    }
    String words = inner.words(0, other);
    Matcher some = SOME.matcher(words);
    boolean halves = BRACKETS.isAll(words);
    String said = "half";
    if (!halves && some.matches()) {
      said = said(some);
    } else if (!halves && SHARE.isAll(words) && isOfAKind(whole, inner.get(other))) {
      said = words; // "500 g flour (20 % rye)"
    } else if (!halves) {
      return false;
    }
    double part = part(said, whole.amount, inner.elements.subList(0, other));
    if (part <= 0 || part >= whole.amount.measure().amount()) {
      return false;
    }
    inner.mentions.clear();
    inner.elements.forEach(element -> element.part = Part.NOTE);
    share(outer, whole, inner.get(other), part);
    return true;
  }

  private static boolean isOfAKind(Mention whole, Element other) {
    return other.food.isPresent() && whole.food.isOfAKind(other);
  }

  /** The food's rest, and the other behind it. */
  public static void share(Clause outer, Mention whole, Element other, double part) {
    Mention rest = new Mention();
    rest.amount = whole.amount;
    rest.food = other;
    rest.amountText = written(whole, part);
    rest.foodText = rest.food.text();
    rest.from = whole.from;
    rest.to = whole.to;
    rest.place = whole.place;
    rest.restated = true;
    whole.amountText = written(whole, whole.amount.measure().amount() - part);
    whole.restated = true;
    rest.food.part = Part.FOOD;
    outer.mentions.add(outer.mentions.indexOf(whole) + 1, rest);
  }
}
