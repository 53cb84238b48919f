/** The shop's measuring instruments with their calibration. */
@NullMarked
package app.yunque.server.instrument;

import org.jspecify.annotations.NullMarked;
