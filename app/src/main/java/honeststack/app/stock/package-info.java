/** What is in the fridge and the freezer. */
package honeststack.app.stock;
