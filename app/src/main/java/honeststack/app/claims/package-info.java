/** What somebody states of a plate, held against a recipe. Nothing is stored. */
package honeststack.app.claims;
