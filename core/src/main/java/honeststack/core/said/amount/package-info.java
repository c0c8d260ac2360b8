/** How much it is of one food, in whatever way it is told. */
package honeststack.core.said.amount;
