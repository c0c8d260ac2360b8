/** What was removed, whole, until it is put back or thrown away for good. */
package honeststack.app.bin;
