/** The shop's network: tablets reach the app over TLS, by one public address, and by no other name. */
@NullMarked
package app.yunque.server.lan;

import org.jspecify.annotations.NullMarked;
