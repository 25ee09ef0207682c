/** What stands in the workshop and sets limits: scales, thermometers, melters, cabinets. */
package palintone.core.tool;
