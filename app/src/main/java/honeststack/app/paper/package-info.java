/**
 * Sheets of paper: a recipe card, a comparison, a handout, a label to teach with; as PDF and SVG.
 */
package honeststack.app.paper;
