package honeststack.app.ledger;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;

/** Up to which change of each part somebody has seen things: "5.0.2.0.1", in the parts' order. */
public record Seen(String text) {
  private static final int PARTS = Part.values().length;

  static Seen of(Map<Part, Long> numbers) {
    return new Seen(
        Arrays.stream(Part.values())
            .map(part -> String.valueOf(numbers.getOrDefault(part, 0L)))
            .collect(Collectors.joining(".")));
  }

  /** Whether it is beyond another in any part; never, if it cannot be read. */
  boolean isBeyond(Seen other) {
    if (!text.matches("\\d{1,18}(\\.\\d{1,18}){" + (PARTS - 1) + "}")) {
      return false;
    }
    String[] mine = text.split("\\.");
    String[] theirs = other.text.split("\\.");
    for (int i = 0; i < PARTS; i++) {
      if (Long.parseLong(mine[i]) > Long.parseLong(theirs[i])) {
        return true;
      }
    }
    return false;
  }
}
