package honeststack.core.said.choice;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.StandIn;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * Foods that are said to do as well as the one before: "2 tbsp honey; maple syrup works too". They
 * are its choices.
 */
public final class Alternatives {
  private static final Sought BOTH = Sought.of("(?:.* )?(?:too|as well|plus|together|both)");

  private static final Sought ABOUT = Sought.of("or (?:so|two|more|less|thereabouts|whatever)\\b");

  private static final Sought JOINT = Sought.of("and|,|, and|or|/|;");

  private static final int FAR = 7;

  private static final Sought BEFORE =
      Sought.of(
          ".*\\b(?:or|otherwise|failing that|or else|else|alternatively|or use|if not"
              + "|(?:or )?if you (?:have none|haven't any|haven't got any|run out)|could be|or , at a (?:pinch|push)"
              + "|sometimes(?: i use| we use| it's)?|(?:you can|you could|i|we) swap in"
              + "|(?:i've|we've|i have|we have) (?:also )?(?:done it|made it|made them|done them|tried it) with"
              + "|(?:can|could|may|might) (?:also |just )?(?:use|be (?:replaced|swapped|substituted|subbed)"
              + "(?: by| with| for)?|(?:swap|replace|substitute|sub)(?: it)?(?: for| with| by)?))"
              + "[ ,:-]*(?:for (?:vegans|a vegan version|vegan ones)[ ,:-]*)?(?:any |some )?");

  private static final String FOR_WHOM =
      "if (?:(?:you're|you are|they're|it's|she's|he's|we're|one's|you eat|they eat|making it) )?(?:vegan|plant[- ]based|dairy[- ]free|vegetarian|coeliac|celiac|gluten[- ]free|lactose[- ]intolerant)"
          + "|if (?:that's|that is) (?:what|all) (?:you have|you've got|there is)|if you(?:'ve got| have got| have) (?:it|some|any)|for (?:the |any |a )?(?:vegans?|vegetarians?|coeliacs?|dairy[- ]free)";

  private static final Sought BEHIND =
      Sought.of(
          "(?:also |will |would |can |could |is |are |does |do |work |works )*"
              + "(?:works?(?: too| as well| fine| also| instead)?|fine(?: too)?|ok|okay|(?:good|nice|lovely|great)(?: too)?|do|be used"
              + "|"
              + FOR_WHOM
              + "|[ai][tn] a pinch|at a push|if not|if you're out(?: of it)?|if you have none|if you've run out|if need be"
              + "|does(?: too| as well)?|instead|as well|too|the job|if you have it|if you prefer)"
              + "(?: too| as well| instead| fine| also| just as well)?(?: ?[.,;!)].*)?");

  /** Between two foods with amounts of their own. */
  private static final Sought OWN_BEFORE =
      Sought.of(
          "[ ,;:/–-]*(?:but )?(?:(?:or )(?:else )?if (?:you )?(?:like|want)|(?:or )?(?:else )?if (?:you )?(?:prefer|must|have none|have no \\w+"
              + "|run out|(?:are|'re|you're) out(?: of (?:it|them))?|none)|or(?: ,)? if you (?:prefer|like|want|must|have none)"
              + "|or instead|or maybe|or even|else|[ai][tn] a pinch|(?:is|are|was) (?:best|better|nicer) but"
              + "|(?:(?:for )?(?:the )?(?:vegans|vegetarians|coeliacs)|for (?:the |a )?(?:vegan|dairy[- ]free)|(?:vegan|dairy[- ]free) :)(?: :)?|(?:or )?for a vegan version|sub(?:stitute)?"
              + "|(?:(?:you|it|this|that|which) )?(?:can|could|may|might) (?:also )?be (?:replaced|swapped|substituted|subbed)"
              + "(?: out)? (?:by|with|for)"
              + "|(?:if you(?: have|'ve got) (?:it|some|any|them) , )?(?:otherwise|or else|failing that|if not)"
              + "|or|(?:you |we )?(?:could|can|may|might) (?:also |just )?use|you could also use|alternatively)"
              + "[ ,:–-]*");

  /** Somewhere between the two, in whatever words: then the second is only another way. */
  private static final Sought OPTION =
      Sought.of(
          "(?:.*[ ,:;.(–-])?(?:or(?! (?:take|so|thereabouts|less|more)\\b)|vs|versus|others|options?|variations?|variants?|swap idea|alternatives?|idea|can sub"
              + "|sub|substitution|plan b|back-?up|second choice|next best|failing (?:that|this)|otherwise|[ai][tn] a pinch"
              + "|at a push|if need be|if needs must|if not|if (?:you|i|we)(?:'re| are|'ve| have)? (?:run |ran )?out|when (?:you|we|i) run out"
              + "|some (?:people|folks?|like|prefer|use|do|put)|(?:(?:i|we)(?:'ve| have) (?:also|even)|(?:i|we)(?:'ve| have)? (?:sometimes|occasionally|once))"
              + "(?: \\w+)?(?: (?:it|them|this|these))?(?: with)?|get away with|could be|might be|may be)"
              + "(?:[ ,:;.–-].*)?");

  /** "Fresh or frozen blueberries, 1 cup": of one food. */
  private static final Sought SORTS =
      Sought.of(
          "(?:fresh|frozen|tinned|raw|white|brown|plain|ripe|light|dark|soft|hard|large|small|big|hot"
              + "|cold|warm|smooth|crunchy|ground|whole|sweet|sour|strong|fine|coarse|hard|thick"
              + "|thin|black|green|red|yellow|\\w+ed|\\w+y) or");

  /** Before the first of two that are to be chosen from. */
  private static final Sought CHOOSE =
      Sought.of(
          "(?:.*[ ,])?(?:choose (?:between|from)|choice (?:of|between)|pick one(?: of)?|one of(?: these| the following)?"
              + "|any one of|take one of)[ :]*(?:these|the following)?[ :]*");

  /** The most words that say of one food that it may stand for another. */
  private static final int LONGEST = 8;

  /** Behind the second. */
  private static final Sought OWN_BEHIND =
      Sought.of(
          "(?:"
              + FOR_WHOM
              + "|also works?|works? (?:too|as well|also|instead)|if you (?:prefer|must|run out|have none)"
              + "|[ai][tn] a pinch|at a push|for (?:the )?(?:vegans?|vegetarians|coeliacs|a vegan version)"
              + "|would (?:also )?(?:work|do)(?: too| as well)?"
              + "|will (?:also )?do(?: too| as well)?|(?:is|are) (?:fine|ok|okay|good) too|does too)"
              + "(?: ?[.,;!)].*)?");

  private final Clause clause;

  private Alternatives(Clause clause) {
    this.clause = clause;
  }

  /** Those of the sentence itself. */
  public static void in(Clause clause) {
    Alternatives alternatives = new Alternatives(clause);
    Mention before = null;
    for (Mention mention : List.copyOf(clause.mentions)) {
      boolean other =
          before != null
              && (alternatives.isOther(before, mention, before.to)
                  || alternatives.isMeasuredOther(before, mention, before.to));
      if (other) {
        alternatives.take(before, mention);
      }
      before = mention.isMeasured() && !other ? mention : before;
    }
  }

  /** "2 tbsp honey. Or use maple syrup.": of the last food of the sentence before. */
  public static void goOn(Clause before, Clause clause) {
    if (before.mentions.isEmpty() || clause.mentions.isEmpty()) {
      return;
    }
    Mention last = before.mentions.get(before.mentions.size() - 1);
    Alternatives alternatives = new Alternatives(clause);
    Mention other = clause.mentions.get(0);
    if (last.isMeasured()
        && (alternatives.isOther(last, other, 0) || alternatives.isMeasuredOther(last, other, 0))) {
      alternatives.take(last, other);
    }
  }

  private boolean isOther(Mention food, Mention other, int from) {
    boolean open = !other.isMeasured() && other.food != null && !other.placed && other.more == null;
    return open
        && isAlike(food, other)
        && (BEFORE.isAll(words(Math.max(from, other.from - FAR), other.from))
            || BEHIND.isAll(words(other.to, other.to + FAR)));
  }

  /** "50 g sugar (40 g honey also works)". */
  public static boolean inBrackets(Mention food, Clause inner) {
    if (food == null || !food.isMeasured() || inner.mentions.size() != 1) {
      return false;
    }
    Mention other = inner.mentions.get(0);
    boolean works = new Alternatives(inner).isMeasuredOther(food, other, 0);
    if (works) {
      choose(food, inner, other);
    }
    return works;
  }

  /** "50 g sugar, 40 g honey works too": with an amount of its own, in plain words. */
  private boolean isMeasuredOther(Mention food, Mention other, int from) {
    boolean two =
        other.isMeasured()
            && other.food != null
            && other.amount != null
            && food.food != null
            && !food.known().map(Food::id).equals(other.known().map(Food::id));
    boolean alike = two && (isAlike(food, other) || StandIn.isFor(food.food, other.food));
    if (!alike) {
      return false;
    }
    String between = clause.words(from, other.from).strip();
    boolean both = BOTH.isAll(between);
    boolean option =
        other.from > from
            && other.from <= clause.size()
            && other.from - from <= LONGEST
            && StandIn.isFor(food.food, other.food)
            && clause.elements.subList(from, other.from).stream().noneMatch(Element::isFood)
            && OPTION.isAll(between)
            && !SORTS.isAll(between)
            && !(both || ABOUT.begins(between));
    boolean chosen =
        JOINT.isAll(between)
            && food.from >= 0
            && CHOOSE.isAll(clause.words(food.from - 5, food.from));
    return option
        || chosen
        || (other.from > from && OWN_BEFORE.isAll(clause.words(from, other.from))
            || OWN_BEHIND.isAll(words(other.to, other.to + FAR)));
  }

  public static boolean isAlike(Mention a, Mention b) {
    Optional<Role> role = a.known().map(Food::role);
    return role.isPresent()
        && role.equals(b.known().map(Food::role))
        && !a.known().map(Food::id).equals(b.known().map(Food::id));
  }

  private void take(Mention food, Mention other) {
    choose(food, clause, other);
  }

  /** Makes a food of a sentence the choice of another, with its own amount or that one's. */
  public static void choose(Mention food, Clause clause, Mention other) {
    String bare = (food.amountText + " " + other.foodText).strip();
    food.others.add(other.isMeasured() ? other.text() : bare);
    other.food.part = Part.CHOICE;
    if (other.isMeasured() && other.amount != null) {
      other.amount.part = Part.CHOICE;
    }
    clause.mentions.remove(other);
  }

  /** Up to the next food or amount. */
  private String words(int from, int to) {
    StringBuilder words = new StringBuilder();
    for (int i = from; i < Math.min(to, clause.size()); i++) {
      if (clause.get(i).isFood() || clause.isStrong(i)) {
        break;
      }
      words.append(i > from ? " " : "").append(clause.low(i));
    }
    return words.toString();
  }
}
