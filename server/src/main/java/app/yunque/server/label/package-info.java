/** Labels for trays and bags: what lies in it, of which job, and a code that opens it on a tablet. */
@NullMarked
package app.yunque.server.label;

import org.jspecify.annotations.NullMarked;
