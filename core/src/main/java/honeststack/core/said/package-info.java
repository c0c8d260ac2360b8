/**
 * What was said, whole: finds amounts and foods anywhere in a text, and says what of it is left.
 */
package honeststack.core.said;
