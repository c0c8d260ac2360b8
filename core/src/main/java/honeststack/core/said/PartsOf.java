package honeststack.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Parts of a fruit or an egg: "zest and juice of 2 lemons", "yolks of 3 eggs". */
final class PartsOf {
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
  }

  private void of(Mention whole) {
    int of = whole.from - 1;
    if (clause.isWord(of, "the")) {
      of--;
    }
    if (!clause.isWord(of, "of", "from")) {
      return;
    }
    List<String> parts = new ArrayList<>();
    int i = of - 1;
    while (clause.has(i)) {
      Element element = clause.get(i);
      String part = part(element, whole);
      if (!part.isEmpty()) {
        parts.add(0, part);
        element.part = Part.NOTE;
        mentions.removeIf(m -> m.food == element);
      } else if (!element.isWord("and", "&", "+", "the") && !element.isMark("&", "+", ",")) {
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
