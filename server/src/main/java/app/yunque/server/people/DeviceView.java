package app.yunque.server.people;

import java.time.Instant;

/**
 * A device on which the person at the bench has signed in.
 *
 * @param id         what it is known by
 * @param isHandHeld a tablet or a phone, by what its browser says
 * @param seenFrom   network address at the last sign-in; empty where it was not noted
 * @param lastUsedAt last sign-in
 * @param isThis     true for the device that asks
 */
public record DeviceView(
        String id, boolean isHandHeld, String seenFrom, Instant lastUsedAt, boolean isThis) {}
