/**
 * Drawers: every calculator on its own, without a job; a result can be kept to one. A drawer says which fields it asks for
 * and hands what was entered to the core; screens draw any drawer from that description.
 */
@NullMarked
package app.yunque.server.drawer;

import org.jspecify.annotations.NullMarked;
