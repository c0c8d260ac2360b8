/** What came out of the batter: pieces, what was left, each piece's share. */
package honeststack.core.yield;
