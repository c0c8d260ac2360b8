/** Foods of which one is meant. */
package honeststack.core.said.choice;
