/** From what the cook typed to amounts and foods, and back to text. */
package honeststack.core.line;
