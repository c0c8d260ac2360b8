/** Recipes as they are stated and as they are read; the kitchen that reads them. */
package honeststack.core.recipe;
