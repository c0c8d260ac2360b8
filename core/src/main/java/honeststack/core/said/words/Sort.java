package honeststack.core.said.words;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** What a phrase of speech does. The phrases stand in {@link PhraseList}. */
public enum Sort {
  /** "no", "without", "skip the": what follows is not in it. */
  EXCLUDE,
  /** "instead of": what follows is not in it, measured or not. */
  INSTEAD,
  /** "swap the … for …". */
  SWAP,
  SWAPPED,
  /** "butter's out": what stands before is not in it. */
  OUT,
  OR,
  /** "top with": what follows goes on the plate. */
  PLATE_NEXT,
  /** "on top": what stands before, or after, goes on the plate. */
  PLATE,
  PAN_NEXT,
  PAN,
  BOWL,
  YIELD,
  SERVES,
  PIECES,
  PEOPLE,
  PER,
  HOLD,
  /** What is counted or measured that is no food: minutes, degrees, calories. */
  UNIT_OTHER,
  NUTRIENT,
  NUTRITION,
  /** "as thick as": what follows only compares. */
  LIKE,
  /** A thing called after a food: a butter knife. */
  THING,
  CORRECT,
  /** "the flour should be 200 g": between a food and its amount. */
  AMOUNTS_TO,
  EACH,
  ALL_GRAMS,
  MORE,
  /** "half of the": some of what was named elsewhere. */
  PART_OF,
  BATTER,
  VERB,
  /** Headings, and what stands under them. */
  H_LIST,
  H_METHOD,
  H_NOTES,
  H_NUTRITION,
  H_SHOPPING,
  H_BOWL,
  H_PAN,
  H_PLATE,
  IDLE;

  /** They say something of what stands below them, and nothing within a sentence. */
  public static final Set<Sort> HEADINGS =
      Collections.unmodifiableSet(EnumSet.range(H_LIST, H_PLATE));
}
