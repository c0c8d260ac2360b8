/** What measures nothing that is in the recipe: labels, other dishes, remarks. */
package honeststack.core.said.talk;
