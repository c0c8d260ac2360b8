package honeststack.core.recipe;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A further kind of serving of the same batch.
 *
 * @param name whose it is
 * @param missing what is on this plate and not in its numbers; empty where its toppings are those
 *     of the recipe's own plate
 */
public record Helping(String name, Plate plate, Optional<List<Gap>> missing) {
  public Helping {
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(plate, "plate");
    missing = missing.map(List::copyOf);
  }
}
