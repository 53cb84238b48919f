/** What was set after the rebuild and what the unit showed before it left, step by step; every try is kept. */
@NullMarked
package app.yunque.server.procedure;

import org.jspecify.annotations.NullMarked;
