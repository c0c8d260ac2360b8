/** From what the cook typed to grams: amounts, units, packing, and the doubt of each. */
package honeststack.core.measure;
