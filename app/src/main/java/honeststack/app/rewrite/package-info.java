/** Drafts written anew: pasted lines, scaled, in grams or in kitchen measures. */
package honeststack.app.rewrite;
