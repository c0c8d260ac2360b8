package honeststack.core.said.without;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.part.Spent;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * A food of a list that did not go in after all, or is left out of the list that follows: "30 g
 * sugar – but I never put it in", "All but the sugar.", "Everything here except the sugar: …".
 */
public final class TakenOut {
  private static final String NOT_IN =
      "(?:(?:i|we)(?:'ve| have)? (?:(?:always|usually|actually|just|then|personally|myself|often) )*"
          + "(?:never (?:put|use|used|add|added|bother|do|have)|(?:didn't|don't|did not|do not)(?: (?:put|use|add|bother|do|take|have|want))?"
          + "|left|leave|skipped?|omit(?:ted)?|forgot|dropped|ditched|went without|do without|did without)"
          + "(?: (?:with|to (?:add|put|use)|about))?(?: (?:it|that|them|the @|any @|any|@))?(?: (?:in|out|this time|today|here|now))*)";

  private static final String NONE =
      "(?:(?:i |we |it )?(?:didn't|did not|don't) (?:need|have)(?: (?:it|any|that))?|no need(?: for it)?|(?:i |we )?(?:had|have) none"
          + "|(?:there )?(?:wasn't|weren't|was none|were none)(?: any)?|none (?:left|in the house|to be had)"
          + "|(?:i |we )?(?:ended up|wound up) not (?:using|needing|adding)(?: it| any)?|except today|skip\\b[^#@]*)";

  private static final String NOT_USED =
      "(?:"
          + NONE
          + "|not (?:used|this time|today|in (?:mine|this|here)|for (?:me|us)|needed)|left out|skipped|omitted|unused|"
          + NOT_IN
          + ")";

  private static final String AMOUNT = "(?<whole># )(?:of )?(?<food>@ )";

  private static final String END = "(?= ?[,.;)!–-]|$| $)";

  /** In the sentence that measures it. */
  private static final List<Sought> WITHIN =
      List.of(
          Sought.of(AMOUNT + "(?:(?:[,;–-]|but|only|though|although|that|which) )+" + NONE + END),
          Sought.of(
              AMOUNT
                  + "(?:[,;–-] )+(?:(?:wait|actually|no|well|oh|sorry|or|,) )*"
                  + "(?:no|not|never mind|scratch|forget|leave|skip|without|minus|omit|drop|delete|actually no|not the)"
                  + "(?: (?:out|about))? (?:the |any )?(?<again>@ )(?:(?:out|today|this time) )*"
                  + END),
          Sought.of(
              AMOUNT
                  + "(?:[,;–-] )?(?:(?:but|only|though|although|except|which|that) )+"
                  + NOT_IN
                  + END),
          Sought.of(
              AMOUNT
                  + "(?:, )?(?:optional|optionally|if you like|if you want)(?: [,;–-])? ?(?:but |though )?"
                  + NOT_USED
                  + END),
          Sought.of(
              "(?:normally|usually|as a rule|in theory) "
                  + AMOUNT
                  + "(?:, )?(?:but|only) (?:there (?:was|is|were) (?:none|no more)|(?:i|we) (?:had|have) none|not (?:today|now|this time)|none (?:today|left|this time))"),
          Sought.of(
              AMOUNT
                  + "(?:[,;–(-] ?)?or (?:leave|miss|skip) (?:that|it|them)(?: out)? ?(?:[,;–-]|and|which|as) ?(?:as )?(?:i|we) (?:do|did|always do|usually do)"
                  + END),
          Sought.of("\\bno " + AMOUNT + "(?:this time|today|now|for me|in (?:mine|this))\\b"));

  private static final Sought IN_BRACKETS =
      Sought.of("(?:(?:which|that|but|optional|,) )*(?:no|" + NOT_USED + ")[ .!]*");

  private static final String BUT =
      "(?:but|except(?: for)?|bar|minus|without|excluding|less|save|apart from|other than|leaving out)";

  private static final String NOTE =
      "(?:(?:note|nb|ps|p\\.s\\.|edit|changes?|my changes?|tip|omissions?)(?: ?[:,.–-])? )?";

  /** "Scratch that last one." */
  private static final Sought LAST =
      Sought.of(
          "(?:and |so |oh |, )*(?:scratch|forget|cross out|delete|ignore|skip|strike) (?:that last one|the last one|the last|that last)[ .!]*");

  private static final String LATER =
      "(?:in (?:it|mine|there|this|the house)|this time|today|now|here|for (?:us|me)|at all|,)";

  /** A sentence without a food, of the own recipe. */
  private static final List<Sought> WITHOUT =
      List.of(
          Sought.of(
              "(?:(?:and|but|so) )*(?:not|no|without|i haven't(?: any)?|i've no|there's no) @ (?:, )?(?:but|so|hence)"
                  + " (?:i (?:used|took) )?# (?:of )?@ [ .!]*"),
          Sought.of(
              NOTE
                  + "(?:(?:and|but|so|oh|this time|today|it's|made|,) )*(?:no|without(?: the| any)?|minus(?: the)?|zero) @ (?:"
                  + LATER
                  + " )*[ .!]*"),
          Sought.of(
              "(?:(?:and|but|so) )*(?:mine|ours|my version|our version|mine's|this one|today's)(?: is| has| was| had|'s)? (?:made )?(?:has no|no|without(?: the| any)?) @ (?:"
                  + LATER
                  + " )*[ .!]*"),
          Sought.of(
              "(?:(?:and|but|so) )*(?:i|we) (?:make|made|bake|baked) (?:mine|it|them|this|these|ours) without (?:the |any )?@ (?:"
                  + LATER
                  + " )*[ .!]*"),
          Sought.of(
              NOTE
                  + "(?:(?:and|but|so) )*(?:i|we) (?:don't|didn't|do not|did not|never)(?: use| put in| add| include)? (?:the |any )?@ (?:"
                  + LATER
                  + " )*[ .!]*"),
          Sought.of(
              "(?:(?:and|but|so|there being|i had|we had|there was) )*(?:no|(?:we were|i was) out of|can't have|i can't have) @ (?:"
                  + LATER
                  + " )*(?:(?:so|and) )*(?:it went without|(?:i|we) did without|that's out|none went in|it's out|not that|(?:i |we )?left (?:it|that) out)[ .!]*"));

  /** Of a food that was measured before. */
  private static final List<Sought> BEHIND =
      List.of(
          Sought.of(
              NOTE
                  + "(?:[^.:]*[.;] )?(?:omitted|skipped|not used|left out|unused|removed|excluded)(?: ?:)? (?:the )?(?<food>@ )[ .!]*"),
          Sought.of(
              NOTE
                  + "(?:the )?(?<food>@ )(?:was |is |were )?(?:not used|unused|left out|omitted|skipped|not in)(?: this time| today)*[ .!]*"),
          Sought.of(
              NOTE
                  + "(?:and |so |though |or rather |well |, )*(?:(?:all|everything|the lot|all of it|all that|that) "
                  + BUT
                  + "|minus|without|except(?: for)?|excluding) (?:for )?(?:the |any |no |that )?(?<food>@ )"
                  + "(?:(?:today|this time|though|of course|obviously|for me|here) )*[ .!]*"),
          Sought.of(
              NOTE
                  + "(?:and |so |please |then |oh |just |, )*(?:(?:cross|strike|take|leave) out (?:the |that |all the |my )?(?<food>@ )"
                  + "|(?:scrap|delete|remove|omit|skip|drop|ditch|forget)(?: about)? (?:the |that |all the |my )?(?<one>@ )"
                  + "|(?:cross|strike|take|leave) (?:the |that |my )?(?<two>@ )(?:out|off) )(?:(?:again|please|today|this time) )*[ .!]*"),
          Sought.of(
              "(?:and |but |so |though |, )*(?:i|we) (?:(?:always|usually|actually|just|then|today) )*(?:did|do|went|go|made (?:it|them)|make (?:it|them)) without (?:the |any )?(?<food>@ )(?:today|this time|though)*[ .!]*"),
          Sought.of(
              "(?:and |but |so |though |, )*(?:(?:i|we) )?(?:left|leave|leaving) (?:the |any )?(?<food>@ )out\\b.*"),
          Sought.of(
              "(?<food>@ )(?:is |are |was )?(?:only )?for (?:the |my )[a-z' ]+?(?:only |, )*not (?:for )?(?:this|mine|ours|me|here)(?: one| batch)?[ .!]*"));

  /** Before the list of which it is left out. */
  private static final Sought HEAD =
      Sought.of(
          "(?:version \\w+|mine|ours|this one|today's|all of (?:this|it|that)|everything (?:here|below|that follows|in this|in it)?|this|it"
              + "|(?:i|we) (?:make|made|do|did|take|use) (?:this|it|all of (?:this|it)|the (?:recipe|following|lot))|the (?:following|recipe)"
              + "|(?:the |my |our |this )?(?:same|usual|normal|basic|standard|regular|original|old|family)(?: (?:old|pancake|waffle|cr[eê]pe|family))?"
              + " (?:recipe|batter|mix|waffles|pancakes|cr[eê]pes|as (?:above|before|usual|always|ever|last (?:time|week)))|as (?:above|before|usual|always))\\b"
              + "[^:.]*\\b"
              + BUT
              + " (?:for )?(?:the |any |no )?(?<food>@ )[.:! ]*");

  /** In a sentence of its own it is said of the own list only. */
  private static final Sought OWN =
      Sought.of("(?:version \\w+|mine|ours|this one|today's|i|we)\\b");

  /** "It works without the butter, too." leaves nothing out. */
  private static final Sought MAY_BE =
      Sought.of(
          "\\b(?:can|could|may|might|would|works?|fine|good|nice|also|even|lighter|better|too|if|sometimes|used to)\\b");

  private static final Sought FREE =
      Sought.of(
          "(?:mine|ours|this one|this|it)(?:'s| is| was) (?:quite |completely |all )?([a-z]+)-free[ .!]*");

  private TakenOut() {}

  /**
   * Takes out what the sentence says of itself, or of one before.
   *
   * @return whether it only says that of one before
   */
  public static boolean by(List<Clause> read, Clause clause) {
    within(clause);
    if (read.isEmpty()) {
      return false;
    }
    if (LAST.isAll(clause.words(0, clause.size()))) {
      Spent.last(read).ifPresent(mention -> takeOut(read, mention));
      return true;
    }
    if (clause.mentions.isEmpty() && clause.size() == 0) {
      clause.asides.forEach(aside -> by(read, aside.clause()));
    }
    excluded(read, clause);
    if (isFree(read, clause)) {
      return true;
    }
    Shape shape = Shape.read(clause).orElseThrow();
    for (Sought form : BEHIND) {
      Optional<Mention> old =
          shape.whole(form).flatMap(found -> Rescaled.before(read, clause.get(food(found))));
      boolean bare = clause.mentions.stream().noneMatch(Mention::isMeasured);
      if (old.isPresent() && bare && !clause.hasAmount()) {
        takeOut(read, old.get());
        clause.mentions.clear();
        return true;
      }
    }
    return false;
  }

  private static int food(Shape.Found found) {
    boolean several = found.said().pattern().pattern().contains("<one>");
    return several && found.has("one")
        ? found.at("one")
        : several && found.has("two") ? found.at("two") : found.at("food");
  }

  private static void takeOut(List<Clause> read, Mention mention) {
    mention.mark(Part.EXCLUDED);
    read.forEach(before -> before.mentions.remove(mention));
  }

  /** "My version has no butter.": what a sentence is without went in neither. */
  private static void excluded(List<Clause> read, Clause clause) {
    String words = Shape.signs(clause.elements);
    if (WITHOUT.stream().noneMatch(form -> form.isAll(words))) {
      return;
    }
    for (Element element : clause.elements) {
      boolean counted = clause.mentions.stream().anyMatch(m -> m.food == element && m.isMeasured());
      Optional<Mention> old =
          element.isFood() && !counted ? Rescaled.before(read, element) : Optional.empty();
      old.filter(mention -> mention.place == Place.NOT_SAID)
          .ifPresent(
              mention -> {
                takeOut(read, mention);
                clause.mentions.removeIf(m -> m.food == element);
                element.part = Part.EXCLUDED;
              });
    }
  }

  /** "Mine's butter-free." */
  private static boolean isFree(List<Clause> read, Clause clause) {
    Matcher free = FREE.matcher(clause.words(0, clause.size()));
    if (!free.matches()) {
      return false;
    }
    Optional<Mention> old =
        read.stream()
            .flatMap(before -> before.mentions.stream())
            .filter(m -> m.foodText.equalsIgnoreCase(free.group(1)))
            .findFirst();
    old.ifPresent(mention -> takeOut(read, mention));
    return old.isPresent();
  }

  private static void within(Clause clause) {
    if (clause.mentions.stream().noneMatch(Mention::isMeasured)) {
      return;
    }
    Shape shape = Shape.read(clause).orElseThrow();
    for (Sought form : WITHIN) {
      for (Shape.Found found : shape.each(form)) {
        boolean again = found.said().pattern().pattern().contains("<again>");
        Element food = clause.get(found.at("food"));
        if (again && !clause.get(found.at("again")).low().equals(food.low())) {
          continue;
        }
        leaveOut(clause, food);
      }
    }
  }

  private static void leaveOut(Clause clause, Element food) {
    for (Mention mention : List.copyOf(clause.mentions)) {
      if (mention.food != null && mention.food.isSameFood(food)) {
        mention.mark(Part.EXCLUDED);
        clause.mentions.remove(mention);
      }
    }
  }

  /** "30 g sugar (optional, I don't)". */
  static boolean isInBrackets(Mention before, Clause inner) {
    boolean same = // not "250 ml water (I've left the butter out)"
        inner.elements.stream().filter(Element::isFood).allMatch(e -> e.isSameFood(before.food));
    return same && Shape.read(inner).flatMap(shape -> shape.whole(IN_BRACKETS)).isPresent();
  }

  /** "Everything here except the sugar: 200 g flour, 30 g sugar.": of what follows. */
  public static void ahead(List<Clause> read) {
    for (int i = 0; i < read.size(); i++) {
      Clause clause = read.get(i);
      int colon = 0;
      while (colon < clause.size() && !clause.isMark(colon, ":")) {
        colon++;
      }
      Optional<Element> food = head(clause, Math.min(colon + 1, clause.size()));
      if (food.isPresent()) {
        read.subList(i, read.size()).forEach(behind -> leaveOut(behind, food.get()));
      }
    }
  }

  private static Optional<Element> head(Clause clause, int end) {
    Optional<Element> food =
        clause.elements.subList(0, end).stream().filter(Element::isFood).reduce((a, b) -> b);
    String words = Shape.signs(clause.elements.subList(0, end));
    boolean said = clause.isMark(end - 1, ":") || OWN.begins(words);
    return food.filter(f -> said && HEAD.isAll(words) && !MAY_BE.isIn(words));
  }
}
