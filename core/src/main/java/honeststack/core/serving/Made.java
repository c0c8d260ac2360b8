package honeststack.core.serving;

import honeststack.core.batter.Batter;
import honeststack.core.yield.Griddle;
import java.util.Optional;

/**
 * One batch from the bowl to the plate, every amount in grams; later stations may still be empty.
 */
public record Made(Batter batter, Optional<Griddle> griddle, Optional<Plate> plate) {}
