/** Made-up records of the salt works, loaded into an empty database through the same services the bench uses. */
@NullMarked
package app.yunque.server.demo;

import org.jspecify.annotations.NullMarked;
