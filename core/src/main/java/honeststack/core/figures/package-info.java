/** What a serving, a piece and 100 g hold, of any components, and how sure that is. */
package honeststack.core.figures;
