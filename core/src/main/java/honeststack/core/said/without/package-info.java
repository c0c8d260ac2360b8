/** What is left out. */
package honeststack.core.said.without;
