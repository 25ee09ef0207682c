/** Heat balances with melting fat, saturation pressure and dew point. */
package palintone.core.heat;
