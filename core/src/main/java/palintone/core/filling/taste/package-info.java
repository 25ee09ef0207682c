/** What a filling tastes of, as far as its composition can tell. */
package palintone.core.filling.taste;
