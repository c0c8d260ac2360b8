/** What a serving, a piece and 100 g of batter hold. */
package honeststack.core.serving;
