/** What is not so today: conditions, habits, other times and other versions. */
package honeststack.core.said.supposed;
