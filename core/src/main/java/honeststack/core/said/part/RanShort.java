package honeststack.core.said.part;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Of what there was less than a list asks for, and what made it up: "The milk ran out at 200 so the
 * last 100 was water.", "Only had 150 g flour, 50 g oats for the rest.", "There was only one egg
 * left."
 */
public final class RanShort {
  private static final Sought SHORT =
      Sought.of(
          "\\b(?:ran|runs?|running|were|was|fell) (?:out|short|dry|low)\\b|\\bshort (?:on|of)\\b|\\b(?:stopped|ended|finished) at\\b"
              + "|\\b(?:only|just)\\b|\\bnot enough\\b|\\bno more than\\b|\\b(?:gave|left)\\b");

  /** "100 ml of the milk was water": of it, not what there was. */
  private static final Sought SOME_OF = Sought.of("\\bof (?:the|my|that) ");

  /** So much is missing. */
  private static final Sought LACKS = Sought.of("\\bshort (?:on|of)\\b");

  /** There was so much of one food, and no other is named. */
  private static final Sought LEFT =
      Sought.of(
          "(?:(?:but|and|so|oh|well|sadly|,) )*(?:(?:there (?:was|were)|we had|i had|had|i've|i've got|we've got|i only|we only|turned out there (?:was|were)) )*"
              + "(?:only|just) (?:had |got )?[^#@]*(?:#|one) (?:of )?(?:the )?@ "
              + "(?:(?:was |were )?(?:left|in the house|to hand|at home|in the box|in the fridge|in the tin|in the bag) )"
              + "(?:,? ?(?:so|and) (?:(?:i|we|just|only|used|took|it's|that's|it) )*(?:#|one) (?:@ )?)?[ .!]*");

  /** So too before what was done about it: "I'd only the one egg this morning so …". */
  private static final Sought HAD =
      Sought.of(
          "(?:(?:but|and|so|oh|well|sadly|,) )*(?:(?:i|we)(?:'d|'ve| had| have)?|had|have) (?:only|just) (?:had |got )?(?:the )?(?<now>(?:#|one) )(?:of )?(?<food>@ )"
              + "(?:(?:this morning|today|tonight|left|in the house|to hand|there|though) )*(?:,? ?so|,? ?and) .*");

  /**
   * What happened to some of it, and what there is now: "I dropped one of the eggs, so one egg."
   */
  private static final Sought SO =
      Sought.of(
          "[^#]*\\b(?:dropped|broke|lost|spilled|spilt|cracked|ate|stole|off|bad|fell|floor)\\b.*\\bso (?:(?:i|we|just|only|used|took|it's|that's) )*(?<now>(?:#|one) )(?<food>@ )[ .!]*");

  /** "Actually the third one was cracked so just two.": of what was counted last. */
  private static final Sought SO_MANY =
      Sought.of(
          "[^@]*\\b(?:dropped|broke|lost|cracked|stole|off|bad|fell|floor|rotten|broken)\\b[^#@]*\\bso (?:(?:i|we|just|only|used|took|it's|that's|it was|there were) )*(?<now># )(?:(?:in the end|then|left|went in) )*[ .!]*");

  /** "One egg ended up on the floor, so just one." */
  private static final Sought GONE =
      Sought.of(
          "(?:(?:but|and|though|sadly|,) )*(?<lost>(?:#|one|two|a) )(?:of (?:the|my) )?(?<food>@ )"
              + Lost.GONE
              + "[^#@]*(?:[,–-] ?)?(?:so|and) (?:(?:i|we|just|only|used|took|it's|that's|the) )*(?<now>(?:#|one) )[ .!]*");

  /** "Used the last of the butter so only 50 g.", "I ran out of butter, only 50 g went in." */
  private static final Sought ALL_THERE_WAS =
      Sought.of(
          "(?:(?:but|and|so|oh|well|sadly|i|we|i'd|just|nearly|,) )*"
              + "(?:(?:used|finished|emptied|scraped out)(?: up| off)? |that was |it was |ran out of |was out of "
              + "|(?:was |were )?short (?:of|on) |not enough |(?:there )?wasn't enough |didn't have enough )"
              + "(?:(?:the|my|last|end|rest|of) )*(?<food>@ )(?:[,:;–-] |left |in the (?:house|tub|jar|bag|carton) )*"
              + "(?:(?:so|and|but|with|i|we|it|just|only|used|took|had|was|that|about|at|put in) )+(?<now># )"
              + "(?:(?:went in|left|of it|in the end|instead|today|then) )*[ .!]*");

  /** Up to what was asked for. */
  private static final Sought FILLED =
      Sought.of(
          "[^#@]*\\b(?:filled|topped|made|brought|stretched|eked) (?:(?:it|that|this|them) )?(?:up |out )?(?:to # )?(?:with|using) (?<food>@ )[ .!]*");

  /** No list is longer. */
  private static final int FAR = 40;

  private static final double NEARLY = 0.011;

  private RanShort() {}

  /** Whether the sentence says nothing else, or only what made it up. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    if (clause.elements.stream().noneMatch(Element::isAmount)) {
      return false;
    }
    if (!clause.hasFood()) {
      return shape.whole(SO_MANY).map(found -> fewer(read, clause, found)).orElse(false);
    }
    String words = clause.words(0, clause.size());
    List<Clause> told = read.subList(Math.max(0, read.size() - FAR), read.size());
    shape.whole(HAD).ifPresent(found -> had(read, clause, found));
    boolean some = SOME_OF.isIn(words);
    if (shape.whole(LEFT).isPresent() || !some && SHORT.isIn(words) && foods(clause) == 2) {
      return madeUp(told, clause, words);
    }
    Optional<Shape.Found> now =
        shape.whole(SO).or(() -> shape.whole(GONE)).or(() -> shape.whole(ALL_THERE_WAS));
    if (now.isPresent()) {
      Element amount = clause.get(now.get().at("now"));
      return Rescaled.before(read, clause.get(now.get().at("food")))
          .filter(old -> isLess(old, amount))
          .map(old -> left(old, amount.measure().amount(), clause))
          .isPresent();
    }
    return shape.whole(FILLED).map(found -> filled(told, clause, found)).orElse(false);
  }

  /** The rest of the sentence is told by itself. */
  private static void had(List<Clause> read, Clause clause, Shape.Found found) {
    Element now = clause.get(found.at("now"));
    Element food = clause.get(found.at("food"));
    boolean one =
        clause.elements.stream().filter(e -> e.isFood() && e.isSameFood(food)).count() == 1;
    Optional<Mention> old = Rescaled.before(read, food).filter(m -> one && isLess(m, now));
    if (old.isPresent()) {
      old.get().amountText = PartlyOther.written(old.get(), now.measure().amount());
      old.get().restated = true;
      clause.mentions.removeIf(m -> m.food == food);
      food.part = Part.NOTE;
      now.part = Part.NOTE;
    }
  }

  private static boolean fewer(List<Clause> read, Clause clause, Shape.Found found) {
    Element now = clause.get(found.at("now"));
    return Spent.last(read)
        .filter(old -> old.amount != null && old.amount.isCount() && isLess(old, now))
        .map(old -> left(old, now.measure().amount(), clause))
        .isPresent();
  }

  private static long foods(Clause clause) {
    return clause.elements.stream()
        .filter(Element::isFood)
        .map(e -> e.food.map(named -> named.food().id()).orElse(e.low()))
        .distinct()
        .count();
  }

  private static boolean isLess(Mention old, Element now) {
    return old.amount != null
        && PartlyOther.isPlain(old.amount)
        && isLike(now, old.amount)
        && now.measure().amount() < old.amount.measure().amount();
  }

  /** In its unit, or in none. */
  private static boolean isLike(Element amount, Element whole) {
    return amount.isCount() && amount.instead == null
        || amount.measure().unit() == whole.measure().unit();
  }

  private static Mention left(Mention old, double amount, Clause clause) {
    old.amountText = PartlyOther.written(old, amount);
    old.restated = true;
    clause.passOver();
    return old;
  }

  private static boolean madeUp(List<Clause> told, Clause clause, String words) {
    for (Element food : clause.elements.stream().filter(Element::isFood).toList()) {
      Optional<Mention> old = Rescaled.before(told, food);
      Element whole = old.map(m -> m.amount).orElse(null);
      if (whole == null || !PartlyOther.isPlain(whole)) {
        continue;
      }
      Optional<Element> other =
          clause.elements.stream().filter(e -> e.isFood() && !e.isSameFood(food)).findFirst();
      if (other.isPresent() && Rescaled.before(told, other.get()).isPresent()) {
        continue; // "only 2 eggs to 200 g flour"
      }
      double all = whole.measure().amount();
      List<Double> said =
          amounts(clause)
              .filter(e -> isLike(e, whole))
              .map(e -> e.measure().amount())
              .filter(some -> some < all)
              .distinct()
              .toList();
      double some = available(clause, food, other, whole, said, LACKS.isIn(words));
      if (some > 0) {
        Optional<Mention> rest = other.flatMap(o -> own(clause, o));
        left(old.get(), some, clause);
        other.ifPresent(o -> addRest(clause, old.get(), o, rest, all - some));
        return true;
      }
    }
    return false;
  }

  private static Stream<Element> amounts(Clause clause) {
    return clause.elements.stream().filter(e -> e.isAmount() && !e.low().matches("an?"));
  }

  /** How much of it there was; 0 where that is not clear. */
  private static double available(
      Clause clause,
      Element food,
      Optional<Element> other,
      Element whole,
      List<Double> said,
      boolean lacks) {
    double all = whole.measure().amount();
    if (said.size() == 1) {
      double one = said.get(0);
      boolean ofOther = // "we were out of butter so 40 g oil went in"
          other.flatMap(o -> own(clause, o)).isPresent() && amounts(clause).count() == 1;
      if (lacks) {
        return all - one;
      }
      return ofOther ? 0 : one;
    }
    boolean both = said.size() == 2 && Math.abs(said.get(0) + said.get(1) - all) <= NEARLY * all;
    if (!both || other.isEmpty()) {
      return 0;
    }
    Optional<Mention> rest = own(clause, other.get());
    if (rest.isPresent() && isLike(rest.get().amount, whole)) {
      return all - rest.get().amount.measure().amount();
    }
    return clause.elements.indexOf(food) < clause.elements.indexOf(other.get())
        ? said.get(0)
        : said.get(1);
  }

  /** What the sentence measures of the other. */
  private static Optional<Mention> own(Clause clause, Element other) {
    return clause.mentions.stream()
        .filter(m -> m.food == other && m.amount != null && !m.amount.isWeak())
        .findFirst();
  }

  private static void addRest(
      Clause clause, Mention whole, Element other, Optional<Mention> own, double amount) {
    Mention rest = own.orElseGet(Mention::new);
    rest.food = other;
    rest.food.part = Part.FOOD;
    rest.foodText = other.text(); // "the last 50 g is oats"
    rest.notes = "";
    if (own.isEmpty()) {
      rest.amountText = PartlyOther.written(whole, amount);
      rest.from = clause.elements.indexOf(other);
      rest.to = rest.from + 1;
      rest.restated = true;
    } else {
      rest.amount.part = Part.AMOUNT;
    }
    rest.place = whole.place;
    clause.mentions.add(rest);
  }

  private static boolean filled(List<Clause> told, Clause clause, Shape.Found found) {
    Element other = clause.get(found.at("food"));
    Clause last = told.isEmpty() ? null : told.get(told.size() - 1);
    Optional<Mention> old =
        last == null
            ? Optional.empty()
            : last.elements.stream()
                .filter(Element::isFood)
                .findFirst()
                .flatMap(food -> Rescaled.before(told, food));
    if (old.isEmpty() || old.get().amount == null || !old.get().restated) {
      return false;
    }
    Element whole = old.get().amount;
    double all = whole.measure().amount();
    double now = Scaled.single(old.get().amountText).map(m -> m.amount()).orElse(all);
    if (now >= all) {
      return false;
    }
    clause.passOver();
    addRest(clause, old.get(), other, Optional.empty(), all - now);
    return true;
  }
}
