/** What has gone back so far, card by card. */
@NullMarked
package app.yunque.server.build;

import org.jspecify.annotations.NullMarked;
