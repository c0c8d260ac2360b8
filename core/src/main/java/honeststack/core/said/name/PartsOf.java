package honeststack.core.said.name;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Parts of a fruit or an egg: "zest and juice of 2 lemons", "yolks of 3 eggs". */
public final class PartsOf {
  private static final Sought FRUIT = Sought.of("\\b(lemon|lime|orange|grapefruit|clementine)");

  /** What may stand between a food and the part of it that is meant. */
  private static final Sought BETWEEN =
      Sought.of(
          "[,:&+–-]|and|the|its|just|only|for|both|finely|freshly|grated|plus|of|use|using|i use");

  private static final Sought JOINED =
      Sought.of(
          "and|the|both|only|just|alone|finely|freshly|grated|squeezed|strained|chopped|finely grated|[&+,]",
          Pattern.CASE_INSENSITIVE);

  private static final Sought EGG_PART =
      Sought.of("white|yolk|juice|zest", Pattern.CASE_INSENSITIVE);

  private static final Sought AFTER =
      Sought.of("only|finely grated|grated|finely|chopped|of|too|please|beaten|whipped|whisked");

  private static final Sought ONLY = Sought.of("\\b(?:only|just|please|use|using|of)\\b");

  /** "whites beaten separately", "whites to peaks", "yolks in with the milk". */
  private static final Sought DONE =
      Sought.of(
          "(?:(?:egg )?(?:whites?|yolks?) )?(?:are |were |get |being )?(?:beaten|whipped|whisked|whipping|whisking|beat|to|until|till"
              + "|folded|stiff|separately|in|into|on|go|went|first|last|apart|foamed|frothed)\\b(?! (?:only|mine|me)\\b)");

  private static final int FAR = 3;

  private static final Sought PART_OF = Sought.of("(?:zest|juice|rind) of (.+)");

  private final Clause clause;
  private final List<Mention> mentions;

  private PartsOf(Clause clause, List<Mention> mentions) {
    this.clause = clause;
    this.mentions = mentions;
  }

  public static void in(Clause clause, List<Mention> mentions) {
    PartsOf parts = new PartsOf(clause, mentions);
    for (Mention mention : List.copyOf(mentions)) {
      if (mention.food != null && mention.amount != null) {
        parts.of(mention);
        parts.behind(mention);
      }
    }
    parts.its();
  }

  /** "2 eggs (whites only)": whether the brackets name parts of the food, which it is now. */
  public static boolean inBrackets(Clause clause, Mention whole, Clause inner) {
    if (whole.food == null || whole.amount == null || whole.notes.contains("liquid")) {
      return false;
    }
    PartsOf outside = new PartsOf(clause, clause.mentions);
    List<String> parts = outside.named(whole, inner, 0);
    boolean all =
        inner.elements.stream()
            .allMatch(e -> e.isFree() || e.part == Part.NOTE || e.part == Part.FOOD);
    if (parts.isEmpty() || !all || outside.last < inner.size()) {
      return false;
    }
    outside.split(whole, parts, whole.from);
    inner.mentions.clear();
    inner.elements.forEach(element -> element.part = Part.NOTE);
    return true;
  }

  /** "1 lemon, juice and zest", "3 eggs, just the whites". */
  private void behind(Mention whole) {
    int food = clause.elements.indexOf(whole.food);
    List<String> parts =
        food < 0 || !mentions.contains(whole) ? List.of() : named(whole, clause, food + 1);
    if (!parts.isEmpty()) {
      for (int i = food + 1; i < last; i++) {
        Element element = clause.get(i);
        element.part = Part.NOTE;
        mentions.removeIf(m -> m.food == element);
      }
      whole.to = Math.max(whole.to, last);
      split(whole, parts, whole.from);
    }
  }

  /** Place of the first element that is no part of it. */
  private int last;

  /** The parts named from an element on, with nothing else between. */
  private List<String> named(Mention of, Clause in, int from) {
    List<String> parts = new ArrayList<>();
    last = from;
    boolean fruit = FRUIT.isIn(of.foodText.toLowerCase(Locale.ROOT));
    for (int i = from; i < in.size(); i++) {
      Element element = in.get(i);
      String word = element.low();
      String part = part(element, of);
      boolean known = !part.isEmpty() && (fruit || part.startsWith("egg"));
      if (known) {
        parts.add(part);
        last = i + 1;
      } else if (AFTER.isAll(word) && last == i && !parts.isEmpty()) {
        last = i + 1;
      } else if (!BETWEEN.isAll(word)) {
        break;
      }
    }
    boolean joined = in.isWord(last, "of") || in.isAmount(last) || in.isFood(last);
    boolean separated = parts.contains("egg yolks") && parts.contains("egg whites");
    boolean part = EGG_PART.isIn(of.foodText);
    boolean whole = separated || isOfWhole(in, from, last); // "2 eggs, whites beaten"
    return joined || whole || part ? List.of() : parts;
  }

  /** What is done to a part of whole eggs, of which no part is meant alone. */
  private static boolean isOfWhole(Clause in, int from, int to) {
    return !ONLY.isIn(in.words(from, to))
        && DONE.begins(in.words(Math.max(from, to - 1), to + FAR));
  }

  /** "the zest of an orange and its juice, 80 ml", "zest of 2 lemons, juice of 1". */
  private void its() {
    String fruit = "";
    for (int i = 0; i < clause.size(); i++) {
      String word = clause.get(i).low();
      Matcher known = FRUIT.matcher(word);
      boolean part = word.equals("juice") || word.equals("zest") || word.equals("rind");
      if (known.find()) {
        fruit = known.group();
      } else if (part && !fruit.isEmpty() && clause.get(i).part == null) {
        part(i, word, fruit);
      } else if (part && !fruit.isEmpty()) {
        of(word, fruit);
      }
    }
  }

  /** "zest of ½ orange + 2 tbsp juice": of the same fruit. */
  private void of(String part, String fruit) {
    mentions.stream()
        .filter(m -> m.food == null && m.amount != null && m.foodText.equalsIgnoreCase(part))
        .forEach(
            m -> {
              m.foodText = fruit + " " + part;
              m.restated = true;
            });
  }

  private void part(int i, String part, String fruit) {
    boolean its = clause.isWord(i - 1, "its", "their", "the");
    int of = clause.isWord(i + 1, "of") && isNumber(i + 2) ? i + 2 : -1;
    boolean count = of > 0 && clause.get(of).isCount();
    int behind = its ? clause.ahead(i + 1, 3, Element::isAmount) : -1;
    behind =
        its
                && behind < 0
                && clause.isMark(i + 1, ",")
                && clause.has(i + 2)
                && clause.get(i + 2).isAmount()
            ? i + 2
            : behind;
    if (its && behind < 0 && clause.isWord(i - 2, "of") && clause.isAmount(i - 3)) {
      behind = i - 3; // "2 tbsp of its juice"
    }
    if (!its && !count) {
      return;
    }
    Mention mention = new Mention();
    mention.from = i;
    mention.to = Math.max(i, Math.max(of, behind)) + 1;
    mention.amount = of > 0 ? clause.get(of) : behind > 0 ? clause.get(behind) : null;
    if (of > 0) {
      mention.amountText = part + " of " + mention.amount.text();
      mention.foodText = fruit;
    } else {
      mention.amountText = behind > 0 ? mention.amount.text() : "";
      mention.foodText = fruit + " " + part;
      ofTheSame(mention, part, fruit);
    }
    clause.get(i).part = Part.FOOD;
    if (mention.amount != null) {
      mention.amount.part = Part.AMOUNT;
    }
    mentions.add(mention);
    mentions.sort((a, b) -> Integer.compare(a.from, b.from));
  }

  /** "zest of half a lemon and its juice": of as many. */
  private void ofTheSame(Mention mention, String part, String fruit) {
    for (Mention other : mention.isMeasured() ? List.<Mention>of() : mentions) {
      Matcher of = PART_OF.matcher(other.amountText);
      if (of.matches() && other.foodText.toLowerCase(Locale.ROOT).contains(fruit)) {
        mention.amountText = part + " of " + of.group(1);
        mention.foodText = other.foodText;
        mention.restated = true;
      }
    }
  }

  private boolean isNumber(int i) {
    return clause.isStrong(i) || clause.isWord(i, "one") && clause.get(i).isAmount();
  }

  private void of(Mention whole) {
    int of = whole.from - 1;
    if (clause.isWord(of, "the")) {
      of--;
    }
    boolean bare = of >= 0 && clause.isWord(of, "juice", "zest", "rind");
    if (!bare && !clause.isWord(of, "of", "from")) {
      return;
    }
    List<String> parts = new ArrayList<>();
    int i = bare ? of : of - 1;
    while (clause.has(i)) {
      Element element = clause.get(i);
      String part = part(element, whole);
      if (!part.isEmpty()) {
        parts.add(0, part);
        element.part = Part.NOTE;
        mentions.removeIf(m -> m.food == element);
      } else if (!JOINED.isAll(element.text())) {
        break;
      }
      i--;
    }
    split(whole, parts, i + 1);
  }

  private void split(Mention whole, List<String> parts, int from) {
    for (String part : parts) {
      Mention mention = new Mention();
      mention.amount = whole.amount;
      mention.food = whole.food;
      mention.from = from;
      mention.restated = true;
      mention.to = whole.to;
      boolean egg = part.startsWith("egg");
      mention.amountText = egg ? whole.amountText : part + " of " + whole.amountText;
      mention.foodText = egg ? part : whole.foodText;
      mentions.add(Math.max(0, mentions.indexOf(whole)), mention);
    }
    if (!parts.isEmpty()) {
      mentions.remove(whole);
    }
  }

  private static String part(Element element, Mention whole) {
    String word = element.low();
    String last = word.substring(word.lastIndexOf(' ') + 1);
    boolean egg = whole.foodText.toLowerCase(Locale.ROOT).contains("egg");
    return switch (last) {
      case "zest", "rind", "peel", "zested" -> "zest";
      case "juice", "juiced", "squeezed" -> "juice";
      case "yolk", "yolks" -> egg ? "egg yolks" : "";
      case "white", "whites" -> egg ? "egg whites" : "";
      default -> "";
    };
  }
}
