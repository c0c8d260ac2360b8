package honeststack.core.line;

import honeststack.core.measure.Measure;

/**
 * A measure among the words of a line.
 *
 * @param container whether it is what a container holds, or a container itself
 * @param next place of the first token after it
 */
record Found(Measure measure, boolean container, int next) {}
