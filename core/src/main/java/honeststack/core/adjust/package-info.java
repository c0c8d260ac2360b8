/** Recipes written anew: pasted, scaled, in grams or in kitchen measures. */
package honeststack.core.adjust;
