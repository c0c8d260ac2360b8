package honeststack.core.said.part;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What went in at the end to make the batter right, where no food is named: "It was too thick so
 * another splash went in.", "I let it down with 50 ml more.", "Too runny, so 20 g more." It is more
 * of the liquid, or of the flour; of which, where there are two, nobody knows.
 */
public final class Thinned {
  private static final String SOME =
      "(?:(?<amount># )|(?:an? )?(?:good |tiny |small |little |wee |big )?(?<vague>(?:splash|drop|dash|glug|slosh|drizzle|dribble|bit|little|touch) ))";

  private static final String ON = "(?:, )?[^#@]*";

  private static final List<Sought> MORE =
      List.of(
          Sought.of(
              "[^#@]*?\\b(?:another|a further|one more|yet another|an extra|an additional|one last|a final|a last) "
                  + SOME
                  + ON),
          Sought.of("[^#@]*?" + SOME + "(?:more|extra)\\b" + ON),
          Sought.of(
              "[^#@]*\\b(?:thinn?(?:ed|ing)?|loosen(?:ed|ing)?|slacken(?:ed|ing)?|let|letting|relaxed|eased) (?:(?:it|that|this|them|the batter|the mix"
                  + "|the rest) )?(?:(?:down|out|off|up) )?(?:again )?(?:with|by) "
                  + SOME
                  + ON));

  /** Of the liquid, whatever was done. */
  private static final Sought STIFF =
      Sought.of(
          "\\b(?:thick(?:er|ened|ish)?|thickens?|stiff(?:er|ened|ish)?|stodgy|gluey|glue|paste|pasty|dough|doughy|cement|concrete|mortar|porridge|wallpaper|heavy|dry|claggy"
              + "|pour(?:ed|able|ing)?|loosen(?:ed)?|loose|thinn?(?:ed|ing|er)?(?: it)? (?:down|out|with|it|the|them|that)|to thin|to loosen|to let it down|slacken(?:ed)?|let (?:it |the batter |that )?down"
              + "|runnier|looser|thinner|spread|didn't flow|wouldn't flow|move)\\b");

  /** Of the flour. */
  private static final Sought RUNNY =
      Sought.of(
          "\\b(?:too (?:thin|runny|wet|liquid|loose|sloppy|watery)|(?:runny|watery|thin|sloppy)(?: ?[,–-]| so| and i)|like water|like soup|stiffen(?:ed)?|thicken(?:ed)? (?:it|them|that|the"
              + "|with|up)|to thicken|to stiffen)\\b");

  /** It was not done, or not yet. */
  private static final Sought NOT =
      Sought.of(
          "\\b(?:if|when|whenever|unless|next time|would|could|might|may|should|maybe|perhaps|you need|you'll|i'd|we'd|if needed|in case|possibly|ought|must|can|sometimes|some days|often|usually|occasionally|now and then|on damp days|depends|depending)\\b|\\?");

  /** "No extra milk needed.": there is as much as there was. */
  private static final Sought NONE =
      Sought.of(
          "(?:(?:but|and|so|,|it|i|we|there was|needed|need|wanted|took|used|added|put in|with) )*no (?:extra|more|additional|further) (?<food>@ )?"
              + "(?:(?:was |were )?(?:needed|necessary|required|called for)|to (?:thin|loosen) it|at the end|went in)[^#@]*");

  /** Nothing of how much is told. */
  private static final Sought A_LITTLE =
      Sought.of(
          "(?:(?:and|but|so|then|,|i|we|after the rest|in the end|at the end|had to|just) )*(?:thinned|loosened|slackened|let|thin|loosen) (?:(?:it|that|the batter|the mix) )"
              + "(?:(?:down|out|off|up) )?(?:(?:a|little|bit|touch|slightly|some|again|at the end|before frying|after the rest|after resting|more) ?)*[ .!]*");

  /** With more than was told before, whatever food is named. */
  private static final Sought WITH =
      Sought.of(
          "\\b(?:thin (?:it|the batter|this|them) (?:down )?with|thinned|loosen(?:ed)?|slacken(?:ed)?|let (?:it )?down with|topped up"
              + "|had thickened|next day it)\\b");

  private static final Sought SUPPOSED =
      Sought.of(
          "\\b(?:if|when|once|unless|would|could|can|may|might|should|must|will|try|maybe|perhaps|tomorrow|next time|i'd|we'd|you'd)\\b");

  private static final Remembered MORE_OF =
      Remembered.whole("(?i)(?:extra|more|another|needed|further)(?: .*)?");

  /** No such sentence has more words. */
  private static final int LONGEST = 50;

  /** No pancakes are so many. */
  private static final double MANY = 10;

  private Thinned() {}

  /** "Thin it with 50 ml milk.": more than was told before. */
  public static boolean isIn(Clause clause) {
    return WITH.isIn(clause.words(0, clause.size())) && !isSupposed(clause);
  }

  /** Nothing says that it was done. */
  public static boolean isSupposed(Clause clause) {
    return SUPPOSED.isIn(clause.words(0, clause.size()));
  }

  /** Whether words behind a list say so. */
  public static boolean isSaid(List<Element> words) {
    if (words.size() > LONGEST) {
      return false;
    }
    String signs = Shape.signs(words);
    boolean pouredOnly =
        words.stream().filter(e -> e.isAmount() && !e.isWeak()).allMatch(Thinned::isPoured);
    boolean more = MORE.stream().anyMatch(form -> form.isAll(signs));
    boolean why = STIFF.isIn(signs) || RUNNY.isIn(signs);
    return words.stream().noneMatch(Thinned::isOther)
        && (NONE.isAll(signs)
            || A_LITTLE.isAll(signs)
            || more && (pouredOnly || why)
            || why && NOT.isIn(signs) && words.stream().noneMatch(Element::isFood));
  }

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    if (clause.size() > LONGEST) {
      return false;
    }
    String words = clause.words(0, clause.size());
    boolean stiff = STIFF.isIn(words) && !RUNNY.isIn(words);
    boolean pieces = !stiff && clause.elements.stream().anyMatch(e -> e.is(Sort.PIECES));
    boolean named =
        clause.mentions.stream().anyMatch(m -> m.food == null && !MORE_OF.is(m.foodText));
    if (named || pieces || clause.elements.stream().anyMatch(Thinned::isOther)) {
      return false;
    }
    if (shape.whole(NONE).isPresent()) {
      pass(clause);
      return true;
    }
    boolean not = NOT.isIn(words);
    if (shape.whole(A_LITTLE).isPresent()) {
      return !not && add(read, clause, Role.LIQUID, null, null);
    }
    Optional<Shape.Found> found =
        MORE.stream().map(shape::whole).flatMap(Optional::stream).findFirst();
    boolean runny = RUNNY.isIn(words);
    if (not && (stiff || runny) && !clause.hasFood()) {
      pass(clause); // "too runny, I should have held back 50 ml"
      return true;
    }
    Element amount =
        found
            .filter(more -> more.has("amount"))
            .map(more -> clause.get(more.at("amount")))
            .orElse(null);
    boolean bare = stiff && amount != null && amount.isCount();
    boolean many = bare && amount.measure().amount() >= MANY;
    boolean poured = amount == null || isPoured(amount) || many;
    if (found.isEmpty() || !(poured && !runny || runny && amount != null && !isPoured(amount))) {
      return false;
    }
    if (not) {
      pass(clause);
      return true;
    }
    Element word = amount == null ? clause.get(found.get().at("vague")) : null;
    return add(read, clause, runny ? Role.FLOUR : Role.LIQUID, amount, word);
  }

  private static void pass(Clause clause) {
    clause.passOver();
    clause.loose.clear();
    clause.counts.clear();
  }

  private static boolean isPoured(Element amount) {
    Unit.Kind kind = amount.measure().unit().kind();
    return kind == Unit.Kind.VOLUME
        || kind == Unit.Kind.MARKED
        || kind == Unit.Kind.SPOON
        || amount.low().matches("(?:an? |another )?(?:splash|drop|dash|glug|slosh|drizzle)");
  }

  /** Of pieces and plates, or of what goes elsewhere. */
  private static boolean isOther(Element element) {
    return element.is(Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT, Sort.PEOPLE, Sort.EACH);
  }

  private static boolean add(
      List<Clause> read, Clause clause, Role role, Element amount, Element vague) {
    List<Mention> all =
        read.stream()
            .flatMap(before -> before.mentions.stream())
            .filter(m -> m.food != null && m.isMeasured() && m.role() == role)
            .filter(m -> m.place == Place.NOT_SAID)
            .toList();
    Stream<String> ids = all.stream().map(m -> m.known().map(food -> food.id()).orElse(""));
    if (ids.distinct().count() != 1) {
      return false;
    }
    Mention old = all.get(all.size() - 1);
    pass(clause);
    Mention more = new Mention();
    Element word = amount != null ? amount : vague != null ? vague : clause.get(0);
    more.food = Element.food(word.tokens, word.from, word.to, old.food.food);
    more.food.instead = old.foodText;
    more.food.part = Part.FOOD;
    more.foodText = old.foodText;
    more.amount = amount;
    more.amountText = amount != null ? text(amount, old) : vague != null ? text(vague.low()) : "";
    more.from = clause.elements.indexOf(word);
    if (vague != null) {
      clause.elements.set(more.from, more.food); // shown as what it is
    }
    more.to = more.from + 1;
    more.further = true;
    more.place = old.place;
    more.restated = true;
    if (amount != null) {
      amount.part = Part.AMOUNT;
    }
    clause.mentions.add(more);
    return true;
  }

  private static String text(String vague) {
    return vague.matches("splash|drop|dash|glug|slosh|drizzle|dribble") ? "a " + vague : "";
  }

  /** Bare numbers are in its unit. */
  private static String text(Element amount, Mention old) {
    return amount.isCount() && old.amount != null && !old.amount.isCount()
        ? PartlyOther.written(old.amount, amount.measure().amount())
        : amount.text();
  }
}
