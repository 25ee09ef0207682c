/** Files in and out: the workshop's books, and batches in our published format. */
package palintone.server.exchange;
