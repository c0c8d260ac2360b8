/** Steps of the work: what they say, what is to be heeded in them, and what changed. */
package honeststack.core.method;
