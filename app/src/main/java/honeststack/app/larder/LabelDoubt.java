package honeststack.app.larder;

/** How far a label's value is off beside its rounding; the table of doubt says it. */
public interface LabelDoubt {
  /** Relative standard uncertainty. */
  double ofLabels();
}
