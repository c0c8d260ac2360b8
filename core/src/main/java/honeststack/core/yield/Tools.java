package honeststack.core.yield;

import java.util.Optional;

/** The cook's own ladles, scoops and irons. */
public interface Tools {
  /** None. */
  Tools NONE = name -> Optional.empty();

  /** By its name, whatever its capitals. */
  Optional<Tool> named(String name);
}
