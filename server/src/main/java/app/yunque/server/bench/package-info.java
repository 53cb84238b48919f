/**
 * The doors of the eight stations. Every write answers with the whole job as it stands then, so that a screen never has
 * to guess; a repeated write changes nothing and answers the same.
 */
@NullMarked
package app.yunque.server.bench;

import org.jspecify.annotations.NullMarked;
