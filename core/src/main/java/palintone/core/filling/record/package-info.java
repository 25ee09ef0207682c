/** What a workshop has measured and tasted, and how that corrects the models. */
package palintone.core.filling.record;
