/** The answer: lines to take over, what every word was taken for, yield, servings and steps. */
package honeststack.core.said.told;
