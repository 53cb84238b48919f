/** The proving run: free rotation, leak, temperature. */
@NullMarked
package app.yunque.server.proof;

import org.jspecify.annotations.NullMarked;
