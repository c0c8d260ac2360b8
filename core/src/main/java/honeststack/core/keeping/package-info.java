/** How long what was made keeps, and what to mind. */
package honeststack.core.keeping;
