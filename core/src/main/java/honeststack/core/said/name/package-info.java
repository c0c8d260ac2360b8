/** Which food is meant: its sort, its state and what was made from it. */
package honeststack.core.said.name;
