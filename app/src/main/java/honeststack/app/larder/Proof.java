package honeststack.app.larder;

import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What a composition must hold by the way food tables are made. */
final class Proof {
  private static final double TOLERANCE_G = 0.5;

  private Proof() {}

  /** Where it does not hold, in sentences; what is unknown is not held against it. */
  static List<String> of(Composition composition) {
    List<String> wrong = new ArrayList<>();
    boolean whole =
        Stream.of(Component.WATER, Component.PROCNT, Component.FAT, Component.ASH, Component.CHOCDF)
            .allMatch(composition::knows);
    double sum =
        Arrays.stream(Component.values())
            .filter(Component::isPart)
            .mapToDouble(c -> composition.value(c).orElse(0))
            .sum();
    if (sum > 100 + TOLERANCE_G + uncertain(composition)
        || (whole && sum < 100 - TOLERANCE_G - uncertain(composition))) {
      wrong.add(Say.of("Its parts sum to %.1f g in 100 g.", sum));
    }
    partOf(composition, Component.FIBTG, Component.CHOCDF, wrong);
    partOf(composition, Component.SUGAR, Component.CHOCDF, wrong);
    partOf(composition, Component.SUGAD, Component.SUGAR, wrong);
    partOf(composition, Component.FASAT, Component.FAT, wrong);
    return wrong;
  }

  /** What its own stated doubts, as a label's rounding, allow a sum to be off. */
  private static double uncertain(Composition composition) {
    return 2
        * Math.sqrt(
            composition.doubts().entrySet().stream()
                .filter(e -> e.getKey() != Component.ENERC && e.getKey() != Component.NA)
                .mapToDouble(e -> e.getValue() * e.getValue())
                .sum());
  }

  private static void partOf(
      Composition composition, Component part, Component whole, List<String> wrong) {
    if (!composition.knows(part) || !composition.knows(whole)) {
      return;
    }
    double a = composition.value(part).getAsDouble();
    double b = composition.value(whole).getAsDouble();
    double off = composition.doubts().isEmpty() ? 0.05 : 2 * composition.u(part);
    if (a > b + off) {
      wrong.add(Say.of("More %s (%.1f g) than %s (%.1f g).", part.words(), a, whole.words(), b));
    }
  }
}
