/** Every rule of the core without a job: canonical units in, the result with its working out. Nothing is kept. */
@NullMarked
package app.yunque.server.calc;

import org.jspecify.annotations.NullMarked;
