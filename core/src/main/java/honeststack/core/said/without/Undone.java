package honeststack.core.said.without;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Measure;
import honeststack.core.said.choice.Alternatives;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sentence.Section;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Foods that a sentence measures and a later one leaves out or changes for another: "… 50 g butter.
 * I skipped the butter.", "… 300 ml milk. Today I used oat milk instead."; what only may be done
 * ("you could swap the milk for oat milk") is a choice.
 */
public final class Undone {
  /** No recipe has more sentences. */
  private static final int FAR_BACK = 60;

  /** All of what is told but one thing, at one step of the work. */
  private static final Sought FOR_NOW =
      Sought.of(
          "\\b(?:but|except|apart from|other than|besides|bar|minus|without|yet|first|straight|more"
              + "|(?:don't|never|not|do not|didn't|won't|wouldn't|no need to) (?:\\w+ )?"
              + "(?:skip|leave|forget|omit|drop|scrap|replace|swap))\\b");

  private static final Sought MAY_BE =
      Sought.of(
          "\\b(?:can|could|may|might|if|would|i'd|should(?! be| have been)|works?|sometimes|often|some|others?"
              + "|versions?|vegans?|try|next|tastes?|fine|make it|lighter|old|original|recipes?"
              + "|sister|brother|mother|mum|friends?|kids'?|ones|people|she|he|they|or)\\b|\\?");

  private static final Sought OTHERWISE =
      Sought.of(
          "^(?:no wait|hmm|let me (?:check|see|look)|scrap that|wait|hang on|hold on|correction|oh and|less|fewer)\\b|^more \\w+ :"
              + "|\\b(?:actually|i meant|should be|make that|this time|today|ended up|end up|it took|tried (?:it|them|this) with"
              + "|needed|upped|cut|reduced?|raised|increased|lowered|went (?:up|down)"
              + "|now that i (?:look|see|think)|(?:really|actually) used|should have been"
              + "|(?:only|just) (?:had|have|used)|(?:had|have|used) (?:only|just))\\b"
              + "|^in the end (?:it |i |we )?(?:took |used |was |needed )?(?:\\d|an? |one |two |three )");

  /** Of other ones than these: "for savoury pancakes omit the sugar". */
  private static final Sought VARIANT =
      Sought.of(
          "^for (?:an? |the )?(?:[\\w-]+ )?(?:pancakes?|waffles?|cr[eê]pes?|versions?|ones|diets?|eaters"
              + "|vegans?|vegetarians?|babies|toddlers|diabetics|kids|children|coeliacs|celiacs|savoury"
              + "|sweet ones)\\b|\\balways run out\\b");

  private static final Sought WRONG =
      Sought.of(
          "^(?:(?:oh|no|sorry|wait|hmm|hang on|oops) ?,? ?)*(?:wrong|that's (?:wrong|not right|the old)"
              + "|that was (?:the|for|wrong|last)|let me (?:check|see|look)|scrap that|ignore that)\\b");

  private static final Sought FURTHER =
      Sought.of("(?<!^)\\b(?:more|another|extra|plus|further|added?|additional|again|each|per)\\b");

  private static final Sought LATER =
      Sought.of("(?:and |maybe |but )?(?:next time|another time|in future|for next time)\\b");

  private static final Sought INSTEAD = Sought.of("\\binstead\\b(?! of)|\\bfor the\\b");

  private final List<Clause> read;
  private final Clause clause;
  private final String words;

  private Undone(List<Clause> read, Clause clause) {
    this.read = read;
    this.clause = clause;
    this.words = clause.words(0, clause.size());
  }

  /** What a sentence does with those before it. */
  public static void by(List<Clause> read, Clause clause) {
    boolean measured = clause.mentions.stream().anyMatch(mention -> mention.amount != null);
    if (!measured && clause.elements.stream().noneMatch(Undone::isCue)) {
      return;
    }
    Undone undone = new Undone(read, clause);
    if (LATER.begins(undone.words)) {
      undone.notYet();
      return;
    }
    if (!undone.isSaid()) {
      return;
    }
    if (undone.isOtherwise()) {
      undone.measureAnew();
    }
    List<Element> foods = clause.elements.stream().filter(undone::isLeftOut).toList();
    boolean own = clause.mentions.stream().allMatch(m -> m.others.isEmpty());
    boolean instead = foods.isEmpty() && own && INSTEAD.isIn(undone.words);
    if (foods.isEmpty() && !instead || FOR_NOW.isIn(undone.plain())) {
      return;
    }
    for (Element food : foods) {
      clause.mentions.removeIf(mention -> isOf(mention, food) && !mention.isMeasured());
      undone.earlier(mention -> isOf(mention, food)).ifPresent(undone::undo);
    }
    if (instead) {
      undone.replaced().ifPresent(undone::undo);
    }
  }

  private static boolean isCue(Element element) {
    return element.part == Part.EXCLUDED
        || element.part == Part.ASIDE
        || element.is(Sort.SWAP)
        || element.isWord("instead", "for", "next", "another", "future");
  }

  /** "No sugar but 25 g honey": nothing is but. */
  private String plain() {
    return words.startsWith("no ") ? words.replace(" but ", " ") : words;
  }

  /** "Skip the butter"; "if you have no butter"; "you could swap the butter for oil". */
  private boolean isLeftOut(Element food) {
    if (!food.isFood()) {
      return false;
    }
    boolean mayBe = food.part == Part.ASIDE && words.startsWith("if ");
    return food.part == Part.EXCLUDED || mayBe || isSwapped(food);
  }

  private boolean isSwapped(Element food) {
    return clause.is(clause.elements.indexOf(food) - 1, Sort.SWAP) && MAY_BE.isIn(words);
  }

  private static boolean isOf(Mention mention, Element food) {
    return mention.food != null && mention.food.isSameFood(food);
  }

  private boolean isSaid() {
    boolean placed = clause.elements.stream().anyMatch(e -> e.is(Sort.PAN, Sort.PLATE, Sort.BOWL));
    return !read.isEmpty() && !placed && clause.sentence.section() != Section.NUTRITION;
  }

  /** "I ended up using 350 ml milk", "actually, 3 eggs": not so much more of it. */
  private boolean isOtherwise() {
    boolean corrects = clause.is(0, Sort.CORRECT) || OTHERWISE.isIn(words) || isTakenBack();
    return corrects && !MAY_BE.isIn(words) && !FURTHER.isIn(words);
  }

  /** The sentence before says that what was told is wrong: "Wrong card.", "Let me check." */
  private boolean isTakenBack() {
    Clause before = read.get(read.size() - 1);
    return before.mentions.isEmpty()
        && WRONG.isIn(before.words(0, before.size()))
        && clause.mentions.size() > 1;
  }

  /** What it measures of foods that were measured before counts instead. */
  private void measureAnew() {
    for (Mention mention : clause.mentions) {
      if (mention.amount != null && mention.isMeasured() && mention.food != null) {
        earlier(before -> isOf(before, mention.food) && isAlike(before, mention))
            .ifPresent(Undone::leaveOut);
      }
    }
  }

  private static boolean isAlike(Mention one, Mention other) {
    Optional<Measure> measure = Scaled.single(one.amountText.replaceFirst(" of$", ""));
    Optional<Measure> anew = Scaled.single(other.amountText.replaceFirst(" of$", ""));
    return measure.isPresent() && measure.map(Measure::unit).equals(anew.map(Measure::unit));
  }

  private static void leaveOut(Said said) {
    said.clause().mentions.remove(said.mention());
    said.mention().mark(Part.EXCLUDED);
  }

  /** "Next time three eggs." */
  private void notYet() {
    clause.mentions.clear();
    clause.elements.stream()
        .filter(element -> element.isFood() || element.isAmount())
        .forEach(element -> element.part = Part.METHOD);
  }

  private record Said(Clause clause, Mention mention) {}

  /**
   * The last food with an amount, of the sentences before, that is what is looked for: one of the
   * batter before one of the pan or the plate.
   */
  private Optional<Said> earlier(Predicate<Mention> wanted) {
    return told(wanted.and(mention -> mention.place == Place.NOT_SAID)).or(() -> told(wanted));
  }

  private Optional<Said> told(Predicate<Mention> wanted) {
    for (int i = read.size() - 1; i >= Math.max(0, read.size() - FAR_BACK); i--) {
      for (Mention mention : read.get(i).mentions) {
        if (mention.isMeasured() && mention.amount != null && wanted.test(mention)) {
          return Optional.of(new Said(read.get(i), mention));
        }
      }
    }
    return Optional.empty();
  }

  /** What "oat milk instead" stands for: the other milk. */
  private Optional<Said> replaced() {
    return other()
        .flatMap(
            other ->
                earlier(
                    mention ->
                        Alternatives.isAlike(mention, other)
                            && last(mention.foodText).equals(last(other.foodText))));
  }

  private static String last(String name) {
    String low = name.toLowerCase(Locale.ROOT);
    return low.substring(low.lastIndexOf(' ') + 1);
  }

  /** What takes its place: the one food that the sentence names besides. */
  private Optional<Mention> other() {
    List<Mention> others = clause.mentions.stream().filter(m -> m.food != null).toList();
    return others.size() == 1 ? Optional.of(others.get(0)) : Optional.empty();
  }

  private void undo(Said said) {
    Optional<Mention> other = other().filter(o -> role(o).equals(role(said.mention())));
    boolean may =
        MAY_BE.isIn(words) || VARIANT.isIn(words) || clause.sentence.section() == Section.NOTES;
    if (may) {
      other.ifPresent(one -> Alternatives.choose(said.mention(), clause, one));
      return;
    }
    leaveOut(said);
    other
        .filter(one -> !one.isMeasured())
        .ifPresent(
            one -> {
              one.amountText = said.mention().amountText;
              one.restated = true;
            });
  }

  private static Optional<Role> role(Mention mention) {
    return mention.known().map(Food::role);
  }
}
