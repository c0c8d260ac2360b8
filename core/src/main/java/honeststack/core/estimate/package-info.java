/** Best values with named sources of uncertainty: JCGM 100:2008 to first order. */
package honeststack.core.estimate;
