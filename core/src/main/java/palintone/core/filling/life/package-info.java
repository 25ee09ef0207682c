/** How long a filling keeps and why, and what heat does to egg. */
package palintone.core.filling.life;
