package honeststack.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Parts of a fruit or an egg: "zest and juice of 2 lemons", "yolks of 3 eggs". */
final class PartsOf {
  private static final Pattern FRUIT =
      Pattern.compile("\\b(lemon|lime|orange|grapefruit|clementine)");

  private final Clause clause;
  private final List<Mention> mentions;

  private PartsOf(Clause clause, List<Mention> mentions) {
    this.clause = clause;
    this.mentions = mentions;
  }

  static void in(Clause clause, List<Mention> mentions) {
    PartsOf parts = new PartsOf(clause, mentions);
    for (Mention mention : List.copyOf(mentions)) {
      if (mention.food != null && mention.amount != null) {
        parts.of(mention);
      }
    }
    parts.its();
  }

  /** "the zest of an orange and its juice, 80 ml", "zest of 2 lemons, juice of 1". */
  private void its() {
    String fruit = "";
    for (int i = 0; i < clause.size(); i++) {
      String word = clause.get(i).text().toLowerCase(Locale.ROOT);
      Matcher known = FRUIT.matcher(word);
      boolean part = word.equals("juice") || word.equals("zest") || word.equals("rind");
      if (known.find()) {
        fruit = known.group();
      } else if (part && !fruit.isEmpty() && clause.get(i).part == null) {
        part(i, word, fruit);
      }
    }
  }

  private void part(int i, String part, String fruit) {
    boolean its = clause.isWord(i - 1, "its", "their", "the");
    int of = clause.isWord(i + 1, "of") && clause.isStrong(i + 2) ? i + 2 : -1;
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
    }
    clause.get(i).part = Part.FOOD;
    if (mention.amount != null) {
      mention.amount.part = Part.AMOUNT;
    }
    mentions.add(mention);
    mentions.sort((a, b) -> Integer.compare(a.from, b.from));
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
      } else if (!element.text().matches("(?i)and|the|[&+,]")) {
        break;
      }
      i--;
    }
    for (String part : parts) {
      Mention mention = new Mention();
      mention.amount = whole.amount;
      mention.food = whole.food;
      mention.from = i + 1;
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
    String word = element.text().toLowerCase(Locale.ROOT);
    String last = word.substring(word.lastIndexOf(' ') + 1);
    boolean egg = whole.foodText.toLowerCase(Locale.ROOT).contains("egg");
    return switch (last) {
      case "zest", "rind", "peel" -> "zest";
      case "juice" -> "juice";
      case "yolk", "yolks" -> egg ? "egg yolks" : "";
      case "white", "whites" -> egg ? "egg whites" : "";
      default -> "";
    };
  }
}
