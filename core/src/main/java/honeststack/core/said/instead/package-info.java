/** Foods that take the place of others. */
package honeststack.core.said.instead;
