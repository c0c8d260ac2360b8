package honeststack.core.said.clause;

import honeststack.core.line.Place;

/**
 * Some of a food, and where it goes.
 *
 * @param from place of its first element, behind what leads to it
 * @param end place behind its last
 * @param amount null where it is a fraction
 * @param fraction of the whole; 0 for what is left
 * @param added it is more than the whole
 * @param kept it is said to be some of the whole
 */
public record Share(
    int from, int end, Element amount, double fraction, Place place, boolean added, boolean kept) {}
