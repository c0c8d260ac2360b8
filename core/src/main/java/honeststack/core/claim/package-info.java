/** What somebody states of a plate, held against what was measured. */
package honeststack.core.claim;
