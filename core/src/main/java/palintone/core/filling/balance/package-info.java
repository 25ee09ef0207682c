/** The smallest change that makes a filling what it ought to be. */
package palintone.core.filling.balance;
