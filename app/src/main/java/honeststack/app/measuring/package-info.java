/** The table of doubt and the cook's own weighings, edited by the user. */
package honeststack.app.measuring;
