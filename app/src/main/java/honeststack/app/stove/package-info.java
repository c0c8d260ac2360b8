/** What the work says: steps read, a morning planned. Nothing is stored. */
package honeststack.app.stove;
