package honeststack.core.said.told;

/** What a stretch of a text was taken for. */
public enum Part {
  AMOUNT,
  FOOD,
  /** What was done to a food, and other words about it. */
  NOTE,
  PLACE,
  /** A food that the text leaves out, or an amount that it takes back. */
  EXCLUDED,
  /** The other food of a choice. */
  CHOICE,
  YIELD,
  SERVES,
  /** Times, temperatures and lengths; a food or an amount that is counted elsewhere. */
  METHOD,
  /** A food that something is only compared with, or called after. */
  ASIDE,
  HEADING,
  IDLE,
  /** A word that nobody knows; it holds neither a number nor a food. */
  WORD,
  /** A number or a food of which nothing was made. */
  UNKNOWN
}
