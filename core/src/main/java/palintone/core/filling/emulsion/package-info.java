/** The fat of a filling as drops: whether they stay apart. */
package palintone.core.filling.emulsion;
