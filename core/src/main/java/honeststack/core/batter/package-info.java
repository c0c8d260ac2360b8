/** Batter lines and their totals. */
package honeststack.core.batter;
