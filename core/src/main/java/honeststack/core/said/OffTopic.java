package honeststack.core.said;

import honeststack.core.measure.Unit;
import java.util.List;

/**
 * Numbers of a sentence that names no food and speaks of something else, beside a list that
 * measures some: "gas mark 2", "my son is 7", "rated 4.5 by 210 people", "table 6 wants theirs
 * without". They are not asked about.
 */
final class OffTopic {
  private static final int LISTED = 2;

  /**
   * Of heat and tools; of people; of print; of money; of figures of a label or a body; of places.
   */
  private static final Remembered TOPIC =
      Remembered.whole(
          "hob|gas|mark|heat|setting|speed|watts?|watt|side|minutes?|squares?|ladle's|ladle|wheel|dial|knob"
              + "|altitude|level|metres?|meters|miles|km|across|inch|inches|wide|hydration|ph|acidity"
              + "|son|daughter|grandson|granddaughter|son's|daughter's|birthday|old|aged|age|still|dog|cat"
              + "|class|year|years|pupils'|table|tables|order|orders|ticket|room|seat|floor|ward|bed|team"
              + "|recipe|book|page|chapter|blog|posted|comments?|likes|followers|rated|rating|stars?"
              + "|votes?|reviews?|channel|episode|issue|volume|edition|phone|call|ring|email|text"
              + "|costs?|price|pence|p|euros?|dollars?|quid|cents|budget|bill|sold|charged?"
              + "|carbs?|net|fibre|fiber|protein|sodium|potassium|mg|gi|gl|exchanges?|points?|syns?"
              + "|bgl|glucose|insulin|units|allowed|allowance|target|calories|weight|kilos|stone"
              + "|batch|batches|lot|week|day|days|hours?|o'clock|lesson|step|steps|km|marathon|laps|reps");

  private static final Remembered ORDINAL = Remembered.whole("\\d+(?:st|nd|rd|th)");

  private OffTopic() {}

  static void find(List<Clause> read) {
    if (Clause.measure(read, LISTED)) {
      read.stream().filter(OffTopic::isOther).forEach(OffTopic::take);
    }
  }

  private static boolean isOther(Clause clause) {
    boolean food =
        clause.elements.stream()
            .anyMatch(e -> e.isFood() || e.is(Sort.CORRECT, Sort.YIELD, Sort.SERVES));
    boolean kitchen =
        clause.elements.stream()
            .anyMatch(
                e -> e.isAmount() && !e.isCount() && e.measure().unit().kind() != Unit.Kind.COUNT);
    return !food
        && !kitchen
        && clause.elements.stream().anyMatch(e -> TOPIC.is(e.low()) || ORDINAL.is(e.low()));
  }

  private static void take(Clause clause) {
    clause.mentions.clear();
    clause.passOverAmounts();
  }
}
