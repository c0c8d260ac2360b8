/**
 * Words and phrases of speech, and patterns that are looked for in every sentence and found in few.
 */
package honeststack.core.said.words;
