/** Who stands at the bench: people, their PINs and roles, signing in and the guards of every door. */
@NullMarked
package app.yunque.server.people;

import org.jspecify.annotations.NullMarked;
