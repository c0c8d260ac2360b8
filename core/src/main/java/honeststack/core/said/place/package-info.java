/** Where a food goes: into the bowl, into the pan or on the plate. */
package honeststack.core.said.place;
