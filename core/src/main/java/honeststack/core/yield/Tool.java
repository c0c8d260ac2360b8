package honeststack.core.yield;

import honeststack.core.measure.OwnWeights.Own;
import java.util.Objects;
import java.util.Optional;

/**
 * A thing that the cook portions with: a ladle, a scoop, an iron.
 *
 * @param name what the cook calls it
 * @param fill how much batter fills it: "60 ml", "11 cm", "85 g"; empty where only weighed
 * @param pieces that one fill makes, over 0: 4 for an iron of four quarters
 * @param weighed what its fills weighed, g; empty while there are too few
 */
public record Tool(String name, String fill, double pieces, Optional<Own> weighed) {
  public Tool {
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(fill, "fill");
    Objects.requireNonNull(weighed, "weighed");
    if (!(pieces > 0)) {
      throw new IllegalArgumentException("A fill makes more than 0 pieces, not " + pieces);
    }
  }
}
