/** What was found on a job: seen, measured or answered by a drawer, one table, each tied to its part, its mesh and its question. */
@NullMarked
package app.yunque.server.finding;

import org.jspecify.annotations.NullMarked;
