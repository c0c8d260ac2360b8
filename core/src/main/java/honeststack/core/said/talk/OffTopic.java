package honeststack.core.said.talk;

import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sentence.Section;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Map;

/**
 * Numbers of a sentence that names no food and speaks of something else, beside a list that
 * measures some: "gas mark 2", "my son is 7", "rated 4.5 by 210 people", "table 6 wants theirs
 * without". They are not asked about.
 */
public final class OffTopic {
  private static final int LISTED = 2;

  /** So many words before a list are no line of it. */
  private static final int TALK = 6;

  /**
   * Of heat and tools; of people; of print; of money; of figures of a label or a body; of places.
   */
  private static final Remembered TOPIC =
      Remembered.whole(
          "photos?|picture|tel|fax|kw|w|try|attempt|figure|th|st|nd|hob|gas|mark|heat|setting|speed|watts?|watt|side|minutes?|squares?|ladle's|ladle|wheel|dial|knob"
              + "|altitude|level|metres?|meters|miles|km|across|inch|inches|wide|hydration|ph|acidity"
              + "|son|daughter|grandson|granddaughter|son's|daughter's|birthday|old|aged|age|still|dog|cat"
              + "|class|year|years|pupils'|table|tables|order|orders|ticket|room|seat|floor|ward|bed|team"
              + "|recipe|book|page|chapter|blog|posted|comments?|likes|followers|rated|rating|stars?"
              + "|votes?|reviews?|views|shares|saves|pins|channel|episode|issue|volume|edition|phone|call|ring|email|text"
              + "|costs?|price|pence|p|euros?|dollars?|quid|cents|budget|bill|sold|charged?"
              + "|carbs?|net|fibre|fiber|protein|sodium|potassium|mg|gi|gl|exchanges?|points?|syns?"
              + "|bgl|glucose|insulin|units|allowed|allowance|target|calories|weight|kilos|stone"
              + "|january|february|march|april|may|june|july|august|september|october|november|december|published|updated"
              + "|things|reasons|ways|rules|tricks|secrets|people|cooks|readers|times|portion's"
              + "|batch|batches|lot|week|day|days|hours?|o'clock|lesson|step|steps|km|marathon|laps|reps");

  /** Of children, of when, of which of several; and questions. */
  private static final Sought PLAIN =
      Sought.of(
          "^(?:my|our|the) (?:[a-z]+|\\d) (?:kids|boys|girls|children|sons|daughters|grandchildren|lads|little ones) ?(?:love|like|eat|help|hate|adore|devour"
              + "|want|ask|fight|call|are|were|won't|will|can)\\b"
              + "|\\bwas (?:about |only )?\\w+ (?:years old )?when\\b"
              + "|^(?:(?:i|we) )?(?:got up|woke up|was up|up|started|began) (?:at|by) |\\btype (?:1|2|one|two)\\b|\\bgas mark\\b|\\bwhen i was\\b"
              + "|^(?:one|two|three|\\d) of (?:them|these|those) (?:burnt|burned|stuck|broke|tore|fell|failed|went wrong)\\b"
              + "|^(?:my|our) (?:[a-z]+ )?(?:son|daughter|boy|girl|kid|youngest|eldest|granddaughter|grandson|niece|nephew|toddler) is (?:only |just |nearly )?\\w+\\b"
              + "|^heat (?:is|was|at|on)\\b|\\bgone up (?:to|by)\\b|\\bmeasuring (?:cup|jug|spoon)\\b|^we (?:moved|live) (?:to|at) number\\b"
              + "|^(?:first|second|third|fourth) (?:one )?of \\w+ ?[.!]?$"
              + "|^(?:ready|done|finished) (?:in|within) \\S+ ?[.!]?$"
              + "|^(?:would|should|could|can|is|are|does|do|will|may|shall|what about|how about)\\b.*\\? ?$");

  /** They may be of a food named before. */
  private static final Sought OF_FOOD =
      Sought.of(
          "\\b(?:more|another|extra|further|again|less|fewer|instead|only|rest|remaining|needs?|needed|took|takes"
              + "|use|uses|used|using|add|adds|added|put|puts|pour|poured|stir|went in|goes in|make|makes|made|making"
              + "|not|no|sorry|actually|mean|meant|wrong|should|total|altogether|in all|each|per|every|double|doubled"
              + "|has|have|had|eat|eats|ate|freeze|froze|left|half|halved|batch|recipe|times|twice|enough|plus|minus|or|of|it|them|those|these|that|this)\\b");

  private static final Sought WORK =
      Sought.of(
          "\\b(?:add|adds|added|put|puts|pour|poured|stir|more|another|extra|rest|remaining|fill|full)\\b");

  private static final Remembered VESSEL =
      Remembered.whole(
          "bowl|bowl's|tare|jug|ladle|scoop|mug|scale|scales|lid|container|dish|beaker|measure|dispenser"
              + "|spoon|pot|tub");

  private static final Remembered ORDINAL = Remembered.whole("\\d+(?:st|nd|rd|th)");

  private static final Sought OF_WHAT =
      Sought.of(
          "hydration|humidity|fat|cocoa|cacao|solids|stuff|sort|kind|one|power|speed|off|discount|of the time|sure|full|done|better");

  private static final String[] STARS = {"⭐", "★", "☆", "✩", "✭"};

  private static final Sought TIME =
      Sought.of(
          "(?:prep|preparation|cook|bake|total|rest|chill|active|hands-on)(?:ing)?(?: time)?(?: ?:)? \\d+(?: [|/·•,.])*");

  private static final Sought PORTION =
      Sought.of(
          "\\b(?:(?:per|for each|for every) (?:pancake|waffle|crepe|crêpe|piece|one|cake|round|section)|each|ladles?|ladlefuls?|scoops?"
              + "|dispenser|jug|weigh(?:s|ed)?|came to|comes to|batter)\\b");

  private OffTopic() {}

  public static void find(List<Clause> read) {
    if (Clause.measure(read, LISTED)) {
      read.stream()
          .filter(clause -> isOther(clause) || isStep(clause) || isRule(clause))
          .forEach(OffTopic::take);
      read.forEach(OffTopic::marked);
      read.stream()
          .takeWhile(clause -> clause.mentions.stream().noneMatch(Mention::isMeasured))
          .filter(clause -> clause.size() >= TALK && isBare(clause) && isUncounted(clause))
          .forEach(OffTopic::take);
      read.stream().filter(OffTopic::isWork).forEach(OffTopic::aside);
      times(read);
      figures(read);
    }
  }

  /** "Calories: 180 | Carbs: 22 g | Fat: 6 g": what stands on a line of a label. */
  private static void figures(List<Clause> read) {
    Map<Integer, Long> labels =
        read.stream()
            .filter(clause -> clause.is(0, Sort.NUTRIENT) && clause.hasAmount())
            .collect(groupingBy(clause -> clause.sentence.line(), counting()));
    read.stream()
        .filter(clause -> labels.getOrDefault(clause.sentence.line(), 0L) >= LISTED)
        .filter(
            clause -> clause.isWord(0, "fat", "fats", "salt", "sugar", "sugars", "fibre", "starch"))
        .forEach(
            clause -> {
              clause.mentions.clear();
              clause.elements.forEach(e -> e.part = Part.METHOD);
            });
  }

  /** "A few lumps are fine", "stack 3 on each plate": a step or a note that names no food. */
  private static boolean isStep(Clause clause) {
    return isWork(clause) && isUncounted(clause) && (isBare(clause) || isPortion(clause));
  }

  private static boolean isUncounted(Clause clause) {
    return clause.counts.pieces.isEmpty() && clause.counts.serves.isEmpty();
  }

  private static boolean isWork(Clause clause) {
    Section section = clause.sentence.section();
    return section == Section.METHOD || section == Section.NOTES;
  }

  /** "Use a scant 1/4 cup per pancake", "a 3 dl ladle", "mine came to 640 g". */
  private static boolean isPortion(Clause clause) {
    boolean amounts =
        clause.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).count() == 1;
    return amounts
        && clause.mentions.stream().allMatch(mention -> mention.food == null)
        && clause.elements.stream().noneMatch(e -> e.isFood() || e.is(Sort.CORRECT))
        && PORTION.isIn(clause.words(0, clause.size()));
  }

  /** "Rest 20 min (30 is better)". */
  private static void aside(Clause clause) {
    clause.asides.stream()
        .map(Clause.Aside::clause)
        .filter(inner -> !inner.hasFood())
        .filter(inner -> inner.elements.stream().allMatch(e -> !e.isAmount() || e.isCount()))
        .forEach(Clause::passOverAmounts);
  }

  /** "1 tbsp = 15 ml". */
  public static boolean isRule(Clause clause) {
    return clause.mentions.isEmpty()
        && !clause.hasFood()
        && clause.elements.stream().anyMatch(e -> e.isAmount() && e.text().contains("="));
  }

  /** "⭐⭐⭐⭐ 4.6", "my 7-year-old makes them". */
  private static void marked(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      if (clause.get(i).isNumber()
          && clause.low(i + 1).equals("%")
          && OF_WHAT.isAll(clause.low(i + 2))) {
        clause.get(i).part = Part.METHOD; // "60 % hydration"
      }
      if (clause.get(i).isAmount() && clause.isMark(i - 1, STARS)) {
        clause.get(i).part = Part.METHOD;
        clause.asides.forEach(aside -> aside.clause().passOverAmounts()); // "(112 ratings)"
      } else if (clause.get(i).isAmount()
          && clause.isMark(i + 1, "-")
          && isAge(clause.low(i + 2))) {
        clause.get(i).part = Part.METHOD;
      }
    }
  }

  private static boolean isAge(String word) {
    return word.matches("(?:year|month|week)s?-olds?");
  }

  /** "Prep 5 | Cook 10 | Total 15": minutes, where one of the line is of getting ready. */
  private static void times(List<Clause> read) {
    for (Clause first : read) {
      if (TIME.begins(first.words(0, 4)) && first.isWord(0, "prep", "preparation")) {
        read.stream()
            .filter(clause -> clause.sentence.line() == first.sentence.line())
            .filter(clause -> TIME.isAll(clause.words(0, clause.size())))
            .forEach(
                clause -> {
                  clause.counts.clear();
                  clause.elements.stream()
                      .filter(Element::isAmount)
                      .forEach(e -> e.part = Part.METHOD);
                });
      }
    }
  }

  private static boolean isOther(Clause clause) {
    String words = clause.words(0, clause.size());
    if (!clause.hasFood() && PLAIN.isIn(words)) {
      return true;
    }
    if (!isBare(clause)) {
      return isVessel(clause) && !WORK.isIn(words);
    }
    return clause.elements.stream().anyMatch(e -> e.says(TOPIC) || e.says(ORDINAL))
        || clause.size() >= TALK
            && clause.mentions.isEmpty()
            && isUncounted(clause)
            && !OF_FOOD.isIn(words);
  }

  /** "Bowl weighs 412 g", "used the 60 ml scoop": what a thing weighs or holds. */
  private static boolean isVessel(Clause clause) {
    long amounts = clause.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).count();
    return amounts <= 2
        && clause.says(VESSEL)
        && !clause.hasFood()
        && isUncounted(clause)
        && clause.elements.stream().noneMatch(e -> e.is(Sort.CORRECT, Sort.MORE));
  }

  /** It names no food, measures nothing and says nothing of pieces. */
  private static boolean isBare(Clause clause) {
    boolean food =
        clause.elements.stream()
            .anyMatch(e -> e.isFood() || e.is(Sort.CORRECT, Sort.YIELD, Sort.SERVES));
    boolean kitchen =
        clause.elements.stream()
            .anyMatch(
                e -> e.isAmount() && !e.isCount() && e.measure().unit().kind() != Unit.Kind.COUNT);
    boolean bracketed = // "Combine the dry things (200 g flour, 20 g sugar)."
        clause.mentions.stream().anyMatch(m -> m.isMeasured() && m.food != null);
    return !food && !kitchen && !bracketed;
  }

  private static void take(Clause clause) {
    clause.mentions.clear();
    clause.passOverAmounts();
  }
}
