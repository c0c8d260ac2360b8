/** The difference between two versions, whether it is real, and what caused it. */
package honeststack.core.compare;
