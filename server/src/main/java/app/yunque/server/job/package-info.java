/**
 * The job itself and its first station: complaint, permission, isolation, turn count, and the signature that closes it.
 */
@NullMarked
package app.yunque.server.job;

import org.jspecify.annotations.NullMarked;
