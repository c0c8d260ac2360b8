/** What a recipe is free from, as far as is known of its foods, and what to mind in them. */
package honeststack.core.promise;
