/** Amounts that are told by those of another food. */
package honeststack.core.said.ratio;
