/** Every sentence, in one fixed locale. Knows no other package. */
package honeststack.core.wording;
