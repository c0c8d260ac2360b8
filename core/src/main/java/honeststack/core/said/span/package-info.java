/**
 * Which words are amounts, which are names of foods and which are phrases: of all coverings the
 * best.
 */
package honeststack.core.said.span;
