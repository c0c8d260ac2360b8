/**
 * A sentence as all readers share it: its elements, the foods that it names and what has been made
 * of them so far.
 */
package honeststack.core.said.clause;
