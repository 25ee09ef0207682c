/** What this workshop likes: how pieces were tasted, and the sweetness and bitterness that hits. */
package palintone.core.taste;
