/**
 * A text before its words are read: lines, headings and sentences, and what is written otherwise
 * than it is meant.
 */
package honeststack.core.said.page;
