/** What is in the bowl, as far as thermometer, seed and paper test tell: an ensemble. */
package palintone.core.temper.estimate;
