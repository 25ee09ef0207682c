/** One stream of news for every open screen: what has changed, so that the screen asks for it. */
package palintone.server.news;
