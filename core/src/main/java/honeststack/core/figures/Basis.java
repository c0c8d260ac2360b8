package honeststack.core.figures;

/** What a figure is stated for. */
public enum Basis {
  /** A serving with its toppings. */
  AS_SERVED,
  /** One piece with its pan fat, without toppings. */
  PER_PIECE,
  /** 100 g of raw batter: no pan fat, no toppings. */
  PER_100G_RAW,
  /** 100 g of a finished preparation. */
  PER_100G_FINISHED,
  /** 100 g of cooked pieces with their pan fat, without toppings. */
  PER_100G_COOKED,
  /** All the batter and all the pan fat that was taken up, without toppings. */
  WHOLE_BATCH
}
