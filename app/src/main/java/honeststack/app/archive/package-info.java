/** All that is kept, out into one file and back, to the last digit. */
package honeststack.app.archive;
