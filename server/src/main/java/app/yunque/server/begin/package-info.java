/** The first start: whose records these are to be, the demo's or a shop's own. */
@NullMarked
package app.yunque.server.begin;

import org.jspecify.annotations.NullMarked;
