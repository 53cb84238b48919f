/**
 * Remembers and guards: people, records, versions, history and the doors to the core. A package for each feature, named
 * after the subject it serves; a rule of the job is never computed here, it is asked of the core.
 */
@NullMarked
package app.yunque.server;

import org.jspecify.annotations.NullMarked;
