/** Foods: components, composition per 100 g, household measures, allergens, provenance. */
package honeststack.core.food;
