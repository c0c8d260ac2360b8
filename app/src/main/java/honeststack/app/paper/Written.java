package honeststack.app.paper;

import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresAnswer.FigureAnswer;
import honeststack.app.figures.FiguresAnswer.PromiseAnswer;
import honeststack.core.wording.Say;

/** Figures as sheets write them, and what every sheet says. */
final class Written {
  static final String CAUTION =
      "Figures are for planning and teaching, not for dosing insulin without your care team."
          + " Allergens are those that a food holds by its nature: read the labels of what you use."
          + " Local food codes and licensed professionals come first.";

  private Written() {}

  static String range(FiguresAnswer.Range range) {
    return figure(range.value(), range.low(), range.high());
  }

  static String figure(double value, double low, double high) {
    String pattern = value < 10 ? "%.1f" : "%.0f";
    return Say.of(pattern + " (" + pattern + "–" + pattern + ")", value, low, high);
  }

  /** How energy and carbohydrate are counted, a sentence. */
  static String schools(FiguresAnswer answer) {
    return Say.capital(answer.energySchool()) + "; " + answer.carbohydrateSchool() + ".";
  }

  /** A promise that is a goal, and how it stands. */
  static String promise(PromiseAnswer promise) {
    String decides = promise.decides().isEmpty() ? "" : ", for " + promise.decides();
    return promise.words() + ": " + promise.standing().verdict() + decides;
  }

  /** What is missing travels with every figure. */
  static String words(FigureAnswer figure) {
    if (figure.bound() == null) {
      return figure(figure.value(), figure.low(), figure.high());
    }
    String value = Say.of(figure.value() < 10 ? "%.1f" : "%.0f", figure.value());
    return switch (figure.bound()) {
      case AT_LEAST -> "≥ " + value;
      case AT_MOST -> "≤ " + value;
      case NOT_KNOWN -> "not known";
      case COMPLETE -> value;
    };
  }
}
