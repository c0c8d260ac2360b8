/** Some of a food: what was kept back, taken, left or added to it. */
package honeststack.core.said.part;
