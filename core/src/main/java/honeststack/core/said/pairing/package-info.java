/** Which amount is of which food, and the line that a cook would type of both. */
package honeststack.core.said.pairing;
