/** How many come out, how many they serve, and how much of the recipe was made. */
package honeststack.core.said.yield;
