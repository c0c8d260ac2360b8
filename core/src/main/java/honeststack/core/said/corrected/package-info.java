/** What is told once more, and then right. */
package honeststack.core.said.corrected;
