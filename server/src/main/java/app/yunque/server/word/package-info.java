/** What this shop calls things: words that lines are read by beside the table of the trade. */
@org.jspecify.annotations.NullMarked
package app.yunque.server.word;
