/** Mornings at the stove: what was told, and what it came to. */
package honeststack.app.runs;
