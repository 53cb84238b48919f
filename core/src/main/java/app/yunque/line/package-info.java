/** What a mechanic types as one line at Strip, read as what was done. */
@NullMarked
package app.yunque.line;

import org.jspecify.annotations.NullMarked;
