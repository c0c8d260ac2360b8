package honeststack.core.said.pairing;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.each.PerCue;
import honeststack.core.said.part.Further;
import honeststack.core.said.part.OfIt;
import honeststack.core.said.span.UnknownNames;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sort;
import java.util.List;
import java.util.Locale;

/** Amounts that stand by no food: of one that was named before, of one nobody knows, or of none. */
public final class Alone {
  /** So far before an amount stands the food that it takes back. */
  private static final int BACK = 20;

  private Alone() {}

  /** "nobody measures the salt but I'd guess a quarter teaspoon": one food, and one amount. */
  public static void single(Clause clause, List<Mention> mentions) {
    List<Element> left =
        clause.elements.stream().filter(e -> e.isAmount() && e.part == Part.UNKNOWN).toList();
    boolean one =
        mentions.size() == 1
            && mentions.get(0).amount == null
            && mentions.get(0).food != null
            && left.size() == 1
            && left.get(0).start() > mentions.get(0).food.end()
            && left.get(0).measure().unit() != Unit.COUNT;
    boolean corrected =
        one
            && clause.elements.stream()
                .anyMatch(e -> e.is(Sort.CORRECT) || e.isFood() && e != mentions.get(0).food);
    boolean each = clause.elements.stream().anyMatch(e -> e.is(Sort.PER, Sort.EACH, Sort.PIECES));
    boolean share =
        one && clause.is(clause.elements.indexOf(mentions.get(0).food) - 1, Sort.UNIT_OTHER);
    boolean named = // "pinch salt, gloop 2 cups"
        one && new UnknownNames(clause).isNamedBefore(clause.elements.indexOf(left.get(0)));
    if (one && !each && !corrected && !share && !named) { // "50 % rye, 300 g in all"
      Mention mention = mentions.get(0);
      mention.amount = left.get(0);
      mention.amountText = mention.amount.text();
      mention.amount.part = Part.AMOUNT;
      mention.to = Math.max(mention.to, clause.elements.indexOf(mention.amount) + 1);
    }
  }

  /** An amount without a food that is known. */
  public static void take(Clause clause, Linking.Link link, List<Mention> mentions) {
    Element amount = clause.get(link.amount());
    boolean verb = amount.to == amount.from + 1 && amount.isWord("shake", "squeeze", "sprinkle");
    if (verb) {
      amount.part = Part.METHOD; // "put all in a jar, shake"
      return;
    }
    if (isPortion(clause, link.amount()) || isOfPieces(clause, link.amount())) {
      amount.part = Part.METHOD; // "cook ¼-cupfuls 3 minutes a side"
      return;
    }
    boolean rashers = amount.low().contains("rasher");
    boolean named = new UnknownNames(clause).isNamedBefore(link.amount());
    Mention taken = named ? null : takenBack(clause, link.amount());
    if (taken == null && !named && !rashers) {
      taken = elsewhere(clause, link.amount());
    }
    if (taken != null) {
      mentions.add(taken);
      return;
    }
    if (Further.add(clause, link.amount(), mentions) || OfIt.in(clause, link.amount(), mentions)) {
      return;
    }
    boolean measured = amount.measure().unit() != Unit.COUNT || !amount.measure().size().isEmpty();
    String unknown =
        measured || isBare(clause, link.amount()) ? UnknownFood.behind(clause, link.amount()) : "";
    if (unknown.isEmpty() && measured && !rashers && !OfIt.isSaid(clause, link.amount())) {
      unknown = UnknownFood.before(clause, link.amount());
    }
    if (unknown.isEmpty() && rashers) {
      unknown = "bacon"; // nothing else comes in rashers
      mentions.removeIf(
          m -> !m.isMeasured() && m.foodText.toLowerCase(Locale.ROOT).endsWith("bacon"));
    }
    boolean sprayed = isSpray(amount) || clause.hasWord("spray");
    if (unknown.isEmpty() && amount.measure().unit() == Unit.SECOND && sprayed) {
      unknown = "oil"; // "fry with a few sprays"
    }
    if (unknown.isEmpty() || unknown.matches("total|altogether|overall|together")) {
      amount.part = Part.UNKNOWN;
      return;
    }
    Mention mention = new Mention();
    mention.amount = amount;
    mention.from = link.amount();
    mention.to = link.amount() + 1;
    mention.amountText = amount.text();
    mention.foodText = unknown;
    amount.part = Part.AMOUNT;
    mentions.add(mention);
  }

  private static boolean isSpray(Element amount) {
    return amount.low().contains("spray") || amount.low().contains("spritz");
  }

  /** "60 ml per pancake", "12 waffles of 85 g": how large they are. */
  private static boolean isOfPieces(Clause clause, int amount) {
    if (clause.isWord(amount - 1, "of", "at", "@") && clause.is(amount - 2, Sort.PIECES)) {
      return true;
    }
    int before = clause.isWord(amount - 1, "about", "around", "roughly") ? amount - 2 : amount - 1;
    boolean listed = clause.isMark(before, ",") && !clause.isFood(before - 1);
    boolean unknown =
        listed && clause.has(before - 1) && clause.get(before - 1).kind == Element.Kind.WORD;
    boolean begins = before < 0 || clause.get(before).kind == Element.Kind.MARK && !unknown;
    int cue = clause.isWord(amount + 1, "ladle", "scoop", "batter") ? amount + 2 : amount + 1;
    return begins
        && !clause.get(amount).isCount()
        && clause.has(cue)
        && PerCue.of(clause, cue).filter(per -> per == Per.PIECE).isPresent();
  }

  /** So much batter at a time. */
  private static boolean isPortion(Clause clause, int amount) {
    Unit unit = clause.get(amount).measure().unit();
    boolean filled = unit.kind() == Unit.Kind.VOLUME || unit.kind() == Unit.Kind.LADLE;
    boolean jug = unit.kind() == Unit.Kind.MARKED;
    int verb =
        clause.isWord(amount - 1, "by", "in", "a", "with", "about", "-") ? amount - 2 : amount - 1;
    return (filled || jug)
        && clause.is(verb, Sort.VERB)
        && clause.isWord(verb, "cook", "pour", "drop", "ladle", "scoop", "spoon", "fry", "portion")
        && !clause.hasFood();
  }

  /** "it was 3 eggs, but I use 2": the food that was taken back, with this amount. */
  private static Mention takenBack(Clause clause, int amount) {
    for (int i = amount - 1; i >= Math.max(0, amount - BACK); i--) {
      Element element = clause.get(i);
      int old = clause.isWord(i - 1, "of") ? i - 2 : i - 1;
      boolean was = old >= 0 && clause.get(old).isAmount();
      if (element.isFood() && element.part == Part.EXCLUDED && was) {
        return again(clause, element, amount);
      }
      if (element.isFood()) {
        return null;
      }
    }
    return null;
  }

  /** "1 tbsp butter for the pan, 2 tbsp for the batter": the food that went somewhere before. */
  private static Mention elsewhere(Clause clause, int amount) {
    if (clause.ahead(amount + 1, 4, Alone::isPlace) < 0) {
      return null;
    }
    boolean placed = clause.isWord(amount - 1, "plus", "and") || clause.isMark(amount - 1, "+");
    for (int i = amount - 1; i >= 0; i--) {
      if (clause.get(i).isFood()) {
        return placed ? again(clause, clause.get(i), amount) : null;
      }
      placed |= isPlace(clause.get(i));
    }
    return null;
  }

  private static boolean isPlace(Element element) {
    return element.is(Sort.PAN, Sort.PLATE, Sort.BOWL);
  }

  /** "3 tbsp of butter for the pan and 1 in the batter": the unit goes without saying. */
  private static String unit(Clause clause, Element food, Element amount) {
    int at = clause.elements.indexOf(food);
    boolean bare = amount.isCount() && amount.instead == null;
    for (int i = at - 1; bare && i >= Math.max(0, at - 2); i--) {
      if (clause.get(i).isAmount() && !clause.get(i).isCount()) {
        return " " + clause.get(i).measure().unit().symbol();
      }
    }
    return "";
  }

  /** So much of a food that was named before. */
  private static Mention again(Clause clause, Element food, int amount) {
    Mention mention = new Mention();
    mention.amount = clause.get(amount);
    mention.food = food;
    mention.from = amount;
    mention.to = amount + 1;
    mention.amountText = mention.amount.text() + unit(clause, food, mention.amount);
    mention.foodText = food.text();
    mention.amount.part = Part.AMOUNT;
    return mention;
  }

  /** "2 snorbels": a line that is nothing but a number and a name. */
  private static boolean isBare(Clause clause, int amount) {
    if (!clause.sentence.whole() || clause.size() > amount + 5) {
      return false;
    }
    for (int i = 0; i < clause.size(); i++) {
      boolean over = i == amount || clause.get(i).kind != Element.Kind.PHRASE;
      if (!over) {
        return false;
      }
    }
    return true;
  }
}
