/** Recipes, versions and figures out to files in open formats, and in from them. */
package honeststack.app.files;
