/** The shop whose records these are: its name, which units come first, its time zone. */
@NullMarked
package app.yunque.server.shop;

import org.jspecify.annotations.NullMarked;
