/** What came out of the batter: pieces, what was left, pan fat. */
package honeststack.core.yield;
