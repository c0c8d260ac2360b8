package honeststack.core.food;

/** The values that print alike, from {@code low} to {@code high}, in a label line's unit. */
record Printed(double low, double high) {

  static Printed around(double value, double step) {
    return new Printed(Math.max(0, value - step / 2), value + step / 2);
  }

  /** Printed as "less than" the limit, or as 0. */
  static Printed below(double limit) {
    return new Printed(0, limit);
  }

  double middle() {
    return (low + high) / 2;
  }

  double halfWidth() {
    return (high - low) / 2;
  }
}
