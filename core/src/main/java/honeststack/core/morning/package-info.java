/** What happened at the stove, from what was told. */
package honeststack.core.morning;
