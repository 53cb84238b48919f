/** What a shop knows better than the table of evidence that ships. */
@org.jspecify.annotations.NullMarked
package app.yunque.server.evidence;
