/** What every room shares on the wire: pages, the description of the interface, static files. */
package palintone.server.web;
