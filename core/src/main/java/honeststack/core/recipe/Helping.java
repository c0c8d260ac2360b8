package honeststack.core.recipe;

import java.util.Objects;

/**
 * A further kind of serving of the same batch.
 *
 * @param name whose it is
 */
public record Helping(String name, Plate plate) {
  public Helping {
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(plate, "plate");
  }
}
