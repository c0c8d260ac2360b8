package honeststack.core.recipe;

import java.util.Optional;

/**
 * Something that went in and is not in the numbers, or not all of it.
 *
 * @param most as much of it as is plausible; empty where nothing can be said
 */
public record Gap(Station station, Optional<MeasuredFood> most) {}
