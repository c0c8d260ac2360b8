/** Limits on figures, and verdicts by conformance probability. */
package honeststack.core.goal;
