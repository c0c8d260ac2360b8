package honeststack.core.figures;

/**
 * What share of a place's foods is in a basis.
 *
 * @param doubt the share's sensitivities; empty if it is exact
 * @param pull how the share changes with each gram more in the bowl, 1/g
 */
record Taken(Totals of, double share, double[] doubt, double pull) {}
