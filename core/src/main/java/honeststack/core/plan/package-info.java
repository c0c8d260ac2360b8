/** When to start what, so that all is ready in time. */
package honeststack.core.plan;
