/** What is told for each piece, eater or bowl. */
package honeststack.core.said.each;
