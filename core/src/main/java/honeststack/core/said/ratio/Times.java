package honeststack.core.said.ratio;

import honeststack.core.food.Role;
import honeststack.core.line.NumberText;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * Amounts of which more or less than once counts: "100 g flour twice", "a tin of coconut milk, use
 * half", "3 eggs and 50 g flour per egg".
 */
public final class Times {
  private static final int FAR = 9;

  private static final String NUMBER =
      "(\\d{1,2}(?:\\.\\d+)?|one and a half|two and a half|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)";

  private static final Sought PART =
      Sought.of(
          "(?:, |- |– )?(?:(?:but|you|i|we|to|and|you'll|i'll|of which) )*"
              + "((?:only |just )?(?:(?:use|using|used|need|take) )?(?:only |just |about )?)"
              + "(half|a half|a third|a quarter|two thirds|three quarters|½|⅓|¼|¾|1/2|1/3|1/4|2/3|3/4)"
              + "( of (?:it|that|them|these|the tin|the can|the pack|the packet|the tub|the lot)"
              + "| that| of which)?"
              + "( used| needed| will do| is enough| is plenty| went in| goes in"
              + "| (?:i|we) used?| (?:is|was|got) used)?");

  private static final Sought FEWER =
      Sought.of(
          "(?:, |- |– )?(?:(?:but|you|i|we|to|and|you'll|i'll) )*"
              + "(?:(?:only|just) )?(?:use|using|used|need|take)(?: only| just)? "
              + NUMBER
              + "(?: of (?:them|these))?");

  private static final Sought BEHIND =
      Sought.of(
          "(?:, )?(?:(?:(?:and|taken|used) )?(?:(?:x|×|\\*) ?"
              + NUMBER
              + "|(twice|thrice)|(?:that )?"
              + NUMBER
              + " (?:times(?: over)?|lots)|(?:multiplied by|times) "
              + NUMBER
              + ")|"
              + NUMBER
              + " of (?:these|those|them))");

  private static final Sought HELD =
      Sought.of("\\b(?:bag|tin|can|tub|pot|pack|packet|sachet|carton|jar|bar|block|scoop)s?\\b");

  private static final Sought BEFORE =
      Sought.of(
          "(?:(?:only|just) )?(?:"
              + NUMBER
              + " (?:times|x|×|lots of|goes of|measures of|helpings of)"
              + "|(twice|thrice|double|triple|treble))(?: the)?|(half|a quarter|a third)"
              + "|(?:only|just) (half|a quarter|a third|two thirds) (?:of )?(?:the|this|that|my)");

  private static final Remembered RIGHT_BEFORE =
      Remembered.whole(
          "(?:.* )?(?:times|x|×|of|the|twice|thrice|double|triple|treble|half|quarter|third|this|that|my)");

  /** Shares of what was said, and more of it. */
  private static final Sought DIVIDED =
      Sought.of("(?:, )?(?:divided by|÷|/) (\\d{1,2}|two|three|four|five|six)");

  private static final Sought AGAIN =
      Sought.of(
          "(?:, )?(?:(?:and|then|plus) )*(?:(half) )?(?:the same(?: amount)?|as much|that much) again");

  private static final Map<String, Double> TIMES =
      Map.of("double", 2.0, "twice", 2.0, "thrice", 3.0, "triple", 3.0, "treble", 3.0);

  private static final Sought PER_EGG =
      Sought.of("(?:, )?(?:per|for (?:each|every)|to (?:each|every)) egg");

  private final Clause clause;

  private Times(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Times times = new Times(clause);
    for (Mention mention : List.copyOf(clause.mentions)) {
      if (mention.amount != null
          && mention.isMeasured()
          && clause.elements.contains(mention.amount)) {
        times.before(mention);
        times.behind(mention);
        times.perEgg(mention);
        times.halved(mention);
      }
    }
  }

  /** What brackets behind a food say of how much of it is used; whether they do. */
  public static boolean inBrackets(Mention mention, Clause inner) {
    if (mention.amount == null || !mention.isMeasured()) {
      return false;
    }
    boolean weighed = // "1 tin of pumpkin (400 g, use half)"
        inner.has(1) && inner.get(0).isAmount() && !inner.get(0).isCount() && inner.isMark(1, ",");
    String own = mention.amountText;
    boolean one =
        mention.amount.measure().unit() == Unit.COUNT && mention.amount.measure().amount() == 1;
    if (weighed && one) {
      mention.amountText = inner.get(0).text();
    }
    boolean used = new Times(inner).uses(mention, words(inner, weighed ? 2 : 0, inner.size()));
    mention.amountText = used ? mention.amountText : own;
    if (used) {
      inner.mentions.clear();
      inner.elements.forEach(element -> element.part = Part.NOTE);
    }
    return used;
  }

  /** "3 times 100 g flour". */
  private void before(Mention mention) {
    int from = clause.elements.indexOf(mention.amount);
    if (!clause.says(from - 1, RIGHT_BEFORE)) {
      return;
    }
    for (int number = Math.max(0, from - 5); number < from; number++) {
      Matcher said = BEFORE.matcher(words(clause, number, from));
      boolean other = clause.low(number - 1).matches("(?:.* )?(?:other|the|each|second|first)");
      if (!other && isOpen(number, from) && said.matches()) {
        scale(mention, value(first(said)));
        note(number, from);
        return;
      }
    }
  }

  /** "100 g flour, twice"; "1 tin, use half". */
  private void behind(Mention mention) {
    int from = mention.to;
    while (clause.is(from, Sort.PAN) || from > mention.to && clause.isWord(from, "pan", "iron")) {
      from++; // "5 g butter in the pan, four times"
    }
    for (int to = Math.min(clause.size(), from + FAR); to > from; to--) {
      if (isEnd(to) && isOpen(from, to) && uses(mention, words(clause, from, to))) {
        note(from, to);
        return;
      }
    }
  }

  /** Whether words say of how much of it is used, which counts from now on. */
  private boolean uses(Mention mention, String words) {
    Matcher part = PART.matcher(words);
    boolean said =
        part.matches()
            && (!part.group(1).isBlank() || part.group(3) != null || part.group(4) != null);
    if (said) {
      return scale(mention, value(part.group(2)));
    }
    Matcher fewer = FEWER.matcher(words);
    if (fewer.matches() && mention.amount.isCount()) {
      double all = mention.amount.measure().amount();
      double used = value(fewer.group(1));
      return used < all && scale(mention, used / all);
    }
    Matcher times = BEHIND.matcher(words);
    if (times.matches() && mention.notes.isEmpty()) {
      boolean counted = mention.amount.isCount() && times.group(2) == null; // "2 eggs x 3"
      counted |= // "200 g flour, 2 eggs, three times": of all
          words.startsWith(",") && clause.batch.isPresent() && clause.mentions.size() > 1;
      counted |= words.endsWith("of them") && !HELD.isIn(mention.amountText); // "…, 5 of them"
      return !counted && scale(mention, value(first(times)));
    }
    Matcher again = AGAIN.matcher(words);
    if (again.matches()) {
      return scale(mention, again.group(1) == null ? 2 : 1.5);
    }
    Matcher divided = DIVIDED.matcher(words);
    if (divided.matches() && clause.mentions.size() == 1) {
      return scale(mention, 1 / value(divided.group(1)));
    }
    return false;
  }

  /** "10 g butter, halved"; of fruit it is cut. */
  private void halved(Mention mention) {
    boolean own = clause.batch.isEmpty(); // "…, halved as we are two"
    own &= !clause.isWord(clause.elements.indexOf(mention.amount) - 1, "to"); // "halved to 20 g"
    if (own && mention.notes.equals(", halved") && isPoured(mention) && scale(mention, 0.5)) {
      mention.notes = "";
    }
  }

  /** What nobody cuts in half. */
  private static boolean isPoured(Mention mention) {
    Role role = mention.role();
    return !mention.amount.isCount() && role != Role.ADD_IN && role != Role.FLAVOUR;
  }

  /** The group that says how often. */
  private static String first(Matcher said) {
    for (int i = 1; i <= said.groupCount(); i++) {
      if (said.group(i) != null) {
        return said.group(i);
      }
    }
    throw new IllegalStateException("No number in “" + said.group() + "”.");
  }

  /** "50 g flour per egg": as many times as there are eggs. */
  private void perEgg(Mention mention) {
    Mention eggs = eggs(mention);
    for (int to = mention.to + 1;
        eggs != null && to <= mention.to + 4 && to <= clause.size();
        to++) {
      if (PER_EGG.isAll(words(clause, mention.to, to))) {
        if (!mention.restated && scale(mention, eggs.amount.measure().amount())) {
          int from = mention.to;
          int end = to;
          clause.mentions.removeIf(m -> m.from >= from && m.to <= end && !m.isMeasured());
          note(from, end);
        }
        return;
      }
    }
  }

  /** The one food that is eggs by the piece; null for none. */
  private Mention eggs(Mention other) {
    List<Mention> eggs =
        clause.mentions.stream()
            .filter(m -> m != other && m.amount != null && m.amount.isCount())
            .filter(m -> m.known().filter(food -> food.id().startsWith("egg")).isPresent())
            .toList();
    return eggs.size() == 1 ? eggs.get(0) : null;
  }

  private static boolean scale(Mention mention, double factor) {
    Optional<String> scaled = Scaled.times(mention.amountText, factor);
    scaled.ifPresent(
        text -> {
          mention.amountText = text;
          mention.restated = true;
        });
    return scaled.isPresent();
  }

  private static double value(String word) {
    return TIMES.containsKey(word) ? TIMES.get(word) : NumberText.readDecimal(word);
  }

  private boolean isEnd(int i) {
    return i >= clause.size()
        || clause.isMark(i, ",", ".", ";")
        || clause.isWord(i, "and", "then", "but", "plus");
  }

  /** No food stands there, nor a number of which something was made. */
  private boolean isOpen(int from, int to) {
    return clause.elements.subList(from, to).stream()
        .noneMatch(
            e -> e.isFood() || (e.isAmount() || e.is(Sort.PART_OF)) && e.part == Part.METHOD);
  }

  /** It is said of this food; not of the recipe besides. */
  private void note(int from, int to) {
    if (clause.batchEnd > from && clause.batchEnd <= to) {
      clause.batch = Optional.empty();
    }
    clause.elements.subList(from, to).forEach(element -> element.part = Part.NOTE);
  }

  private static String words(Clause of, int from, int to) {
    StringBuilder words = new StringBuilder();
    for (int i = from; i < to; i++) {
      words.append(i > from ? " " : "").append(of.low(i));
    }
    return words.toString().replace(" , ", ", ");
  }
}
