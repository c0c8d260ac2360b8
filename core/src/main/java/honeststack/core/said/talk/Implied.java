package honeststack.core.said.talk;

import honeststack.core.food.FreeFrom;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;

/** What a sentence means of its foods without saying it as an amount or a name. */
public final class Implied {
  private static final Sought PAN =
      Sought.of(
          "\\b(pan|iron|griddle|skillet|tawa|plates|tin|tray|dish|mould|paper|maker|machine)$");

  private static final Remembered BIG =
      Remembered.whole(
          ".*size of(?: an?| the)?|.*\\b(?:big|large) as(?: an?| the)?|.*\\b(?:bigger|larger) than(?: an?| the)?");

  private static final Sought GREASED = Sought.of("(oil|butter) (the|my|your|each)\\b.*");

  private static final Sought ONES = Sought.of("(small|medium|large) ones\\b");

  private final Clause clause;

  private Implied(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Implied implied = new Implied(clause);
    implied.sizes();
    implied.sizedEggs();
    implied.moreEggs();
    implied.greased();
    clause.mentions.forEach(implied::sprayed);
    clause.mentions.forEach(implied::freed);
    implied.eggs();
    implied.one();
    implied.knifeTip();
  }

  /** "butter the size of a walnut", "butter, as big as an egg", "butter, about a walnut". */
  private void sizes() {
    for (int i = 1; i < clause.size(); i++) {
      boolean lump = clause.isWord(i - 1, "lump", "piece", "bit", "knob");
      boolean big = clause.says(i, BIG) || lump;
      int thing = clause.is(i, Sort.LIKE) && big ? clause.ahead(i + 1, 2, Element::isFood) : -1;
      if (thing < 0 && clause.get(i).isFood() && isOne(i)) {
        thing = i;
      }
      Optional<String> size = thing < 0 ? Optional.empty() : size(clause.low(thing));
      Mention before = null;
      for (Mention mention : clause.mentions) {
        before = mention.to <= i && mention.food != clause.get(i) ? mention : before;
      }
      boolean open = before != null && (!before.isMeasured() || isKnob(before.amount));
      boolean fat = thing != i || open && isFat(before) && isOver(before.to, i - 1);
      if (open && fat && size.isPresent()) {
        before.amountText = size.get();
        before.foodText = before.food == null ? before.foodText : before.food.text();
        Element like = clause.get(thing);
        clause.mentions.removeIf(mention -> mention.food == like);
        clause.take(before.to, thing + 1, Part.NOTE);
      }
    }
  }

  private static boolean isKnob(Element amount) {
    return amount != null
        && (amount.measure().unit() == Unit.KNOB || amount.measure().size().equals("piece"));
  }

  /** "a walnut", and no more of them. */
  private boolean isOne(int food) {
    return clause.has(food - 1) && clause.get(food - 1).isAmount() && clause.get(food - 1).isWeak();
  }

  private boolean isOver(int from, int to) {
    for (int i = from; i < to; i++) {
      Element element = clause.get(i);
      if (element.kind != Element.Kind.WORD
          && !element.is(Sort.IDLE)
          && !element.isMark(",", ":")) {
        return false;
      }
    }
    return true;
  }

  private static boolean isFat(Mention mention) {
    return mention.known().filter(food -> food.role() == Role.FAT && !food.liquid()).isPresent();
  }

  private static Optional<String> size(String thing) {
    if (thing.endsWith("egg")) {
      return Optional.of("an egg-sized lump of");
    }
    if (thing.startsWith("walnut")) {
      return Optional.of("a walnut of");
    }
    return thing.startsWith("hazelnut") ? Optional.of("a pat of") : Optional.empty();
  }

  /** "make that 5 eggs, the small ones". */
  private void sizedEggs() {
    List<Mention> eggs =
        clause.mentions.stream()
            .filter(m -> m.amount != null && m.amount.isCount() && isEgg(m.foodText))
            .toList();
    for (int i = 2; i < clause.size() && !eggs.isEmpty(); i++) {
      String said = clause.low(i);
      Matcher size = ONES.matcher(clause.has(i + 1) ? said + " " + clause.low(i + 1) : said);
      boolean counted = clause.get(i - 1).isAmount(); // "12 small ones"
      if (counted || !size.lookingAt()) {
        continue;
      }
      for (Mention mention : eggs) {
        if (mention.to <= i) {
          mention.amountText = mention.amount.text() + " " + size.group(1);
        }
      }
    }
  }

  /** "small ones" behind a number of eggs. */
  public static boolean isSized(Clause clause, int i) {
    return ONES.begins(clause.words(i, i + 2));
  }

  /** "four large eggs and four small ones": more of them. */
  private void moreEggs() {
    for (Mention mention : List.copyOf(clause.mentions)) {
      int more = mention.to + 1;
      boolean joined = clause.isWord(mention.to, "and", "plus") && clause.has(more);
      if (!joined || mention.food == null || !clause.get(more).isAmount()) {
        continue;
      }
      boolean egg = isEgg(mention.foodText.replaceFirst("^\\w+ ", ""));
      if (!egg || !isSized(clause, more + 1)) {
        continue;
      }
      Mention others = new Mention();
      others.amount = clause.get(more);
      others.food = mention.food;
      others.from = more;
      others.to = more + 2;
      others.amountText = others.amount.text() + " " + clause.low(more + 1).split(" ")[0];
      others.foodText = "eggs";
      others.restated = true;
      others.amount.part = Part.AMOUNT;
      clause.take(more + 1, more + 2, Part.NOTE);
      clause.mentions.add(clause.mentions.indexOf(mention) + 1, others);
    }
  }

  private static boolean isEgg(String food) {
    return food.equalsIgnoreCase("egg") || food.equalsIgnoreCase("eggs");
  }

  /** "spray the iron", "on a buttered griddle": with something, and nobody says how much. */
  private void greased() {
    for (int i = 0; i < clause.size(); i++) {
      String fat = "";
      boolean used = clause.isWord(i - 1, "use", "using", "with", "some", "just", "of");
      if (clause.isWord(i, "spray", "spritz")
          && clause.mentions.stream().noneMatch(this::isSprayed)) {
        fat = "cooking spray";
      } else if (clause.isWord(i, "buttered")) {
        fat = "butter";
      } else if (clause.isWord(i, "oiled")) {
        fat = "oil";
      } else if (clause.get(i).kind == Element.Kind.PHRASE && isGreasing(clause.low(i))) {
        fat = clause.low(i).replaceAll(" .*", "");
      }
      boolean not = clause.isWord(i - 1, "don't", "not", "never", "won't", "needn't", "doesn't");
      if (fat.isEmpty() || not || clause.is(i - 1, Sort.EXCLUDE, Sort.INSTEAD)) {
        continue;
      }
      boolean named = PAN.isIn(clause.low(i).replaceAll(" with$", ""));
      boolean sprayed = used && fat.equals("cooking spray");
      int pan = named && !isFatNext(i) || sprayed ? i : pan(i + 1);
      if (pan >= 0 && clause.get(i).isFree()) {
        Mention mention = new Mention();
        mention.from = i;
        mention.to = pan + 1;
        mention.foodText = fat;
        mention.more = Place.PAN;
        clause.take(i, i + 1, Part.PLACE);
        measured(mention, pan);
        clause.mentions.add(mention);
      }
    }
  }

  private boolean isSprayed(Mention mention) {
    return mention.known().filter(food -> food.role() == Role.FAT).isPresent()
        || mention.foodText.toLowerCase(Locale.ROOT).endsWith("oil");
  }

  /** "oil spray x 4", "two squirts of spray oil", "spray the pan once with oil": in sprays. */
  private void sprayed(Mention mention) {
    String food = mention.foodText.toLowerCase(Locale.ROOT);
    if (!isSprayed(mention) && !food.equals("cooking spray")) {
      return;
    }
    boolean named = food.contains("spray");
    Element amount = mention.amount;
    boolean counted =
        amount != null && named && (amount.isCount() || amount.low().contains("squirt"));
    boolean one = named && food.startsWith("spray of ") && !mention.isMeasured();
    boolean once = clause.hasWord("once");
    boolean twice = clause.hasWord("twice");
    boolean spray = clause.hasWord("spray", "spritz");
    if (counted) {
      sprays(mention, amount.measure().amount());
    } else if (one) {
      sprays(mention, 1);
    } else if ((once || twice) && spray && !mention.isMeasured()) {
      sprays(mention, once ? 1 : 2);
    }
  }

  private static void sprays(Mention mention, double times) {
    mention.amountText = Numbers.plain(times) + " sprays of";
    mention.foodText = mention.foodText.replaceFirst("(?i)^spray of ", "");
    mention.restated = true;
  }

  /** "butter the pan well, I'd guess 5 g a go". */
  private void measured(Mention fat, int pan) {
    List<Element> left =
        clause.elements.stream().filter(e -> e.isAmount() && e.part == Part.UNKNOWN).toList();
    boolean one = left.size() == 1 && left.get(0).start() > clause.get(pan).start();
    if (one && left.get(0).measure().unit() != Unit.COUNT && clause.mentions.isEmpty()) {
      fat.amount = left.get(0);
      fat.amountText = fat.amount.text();
      fat.amount.part = Part.AMOUNT;
      fat.to = clause.elements.indexOf(fat.amount) + 1;
    }
  }

  /** "butter the", "oil my iron with". */
  private static boolean isGreasing(String phrase) {
    return (phrase.startsWith("oil ") || phrase.startsWith("butter ")) && GREASED.isAll(phrase);
  }

  /** What it is greased with follows. */
  private boolean isFatNext(int i) {
    return clause.mentions.stream().anyMatch(m -> m.from > i);
  }

  /** What is baked in, within a few words; -1 for nothing. */
  private int pan(int from) {
    for (int i = from; i < Math.min(clause.size(), from + 4); i++) {
      String words = clause.get(i).low();
      if (PAN.isIn(words)) {
        return i;
      }
    }
    return -1;
  }

  /** "any flour except wheat". */
  private void freed(Mention mention) {
    int what = mention.to + 1;
    boolean except = clause.is(mention.to, Sort.EXCLUDE) && clause.has(what);
    String free = except ? clause.get(what).text() + "-free" : "";
    if (!FreeFrom.of(free).isNothing()) {
      mention.notes += ", " + free;
      clause.take(mention.to, what + 1, Part.EXCLUDED);
    }
  }

  /** Among what is measured, "egg" is one. */
  private void eggs() {
    boolean measured = clause.mentions.stream().anyMatch(Mention::isMeasured);
    for (Mention mention : clause.mentions) {
      if (measured && !mention.isMeasured() && mention.foodText.equalsIgnoreCase("egg")) {
        mention.amountText = "1";
      }
    }
  }

  /** "the egg goes in last, just the one". */
  private void one() {
    boolean single =
        clause.mentions.size() == 1
            && !clause.mentions.get(0).isMeasured()
            && clause.mentions.get(0).foodText.equalsIgnoreCase("egg");
    for (int i = 1; single && i + 1 < clause.size(); i++) {
      int one = clause.isWord(i + 1, "the") ? i + 2 : i + 1;
      if (clause.isWord(i, "just", "only") && clause.isWord(one, "one")) {
        clause.mentions.get(0).amountText = "1";
      }
    }
  }

  /** "salt on the tip of a knife". */
  private void knifeTip() {
    for (int i = 2; i < clause.size(); i++) {
      if (!clause.isWord(i, "knife") || clause.ahead(Math.max(0, i - 3), 3, this::isTip) < 0) {
        continue;
      }
      Mention before = null;
      for (Mention mention : clause.mentions) {
        before = mention.to <= i && !mention.isMeasured() ? mention : before;
      }
      if (before != null) {
        before.amountText = "a pinch of";
      }
    }
  }

  private boolean isTip(Element element) {
    return element.isWord("tip", "point");
  }
}
