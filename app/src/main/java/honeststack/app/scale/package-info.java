/** A kitchen scale over TCP, and the simulated one that ships; docs/scale.md has the protocol. */
package honeststack.app.scale;
