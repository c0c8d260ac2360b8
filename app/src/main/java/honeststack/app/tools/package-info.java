/** The cook's own ladles, scoops and irons, and toppings that go together. */
package honeststack.app.tools;
