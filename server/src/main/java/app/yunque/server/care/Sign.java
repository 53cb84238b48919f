package app.yunque.server.care;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One thing about the records that somebody should know before it is too late.
 *
 * @param what  what it is about, in a word or two
 * @param says  how it is
 * @param amiss true when something has to be done
 */
record Sign(String what, String says, boolean amiss) {
    /** Below, the next picture may be the last. As ./yunque doctor has it. */
    static final long LEAST_FREE_MB = 500;

    /** A backup of each night is two days old at most, when one night failed. */
    static final Duration OLDEST_BACKUP = Duration.ofHours(48);

    /** Clocks of two machines differ by less. */
    static final Duration CLOCKS_DIFFER = Duration.ofMinutes(5);

    static Sign records(int version, String size) {
        return new Sign("Records", "version %d, %s".formatted(version, size), false);
    }

    static Sign room(long freeMb) {
        return freeMb < LEAST_FREE_MB
                ? new Sign(
                        "Room",
                        "%d MB are free, less than %d. Make room on this machine, or what is kept next may be refused."
                                .formatted(freeMb, LEAST_FREE_MB),
                        true)
                : new Sign("Room", "%,d MB are free".formatted(freeMb), false);
    }

    /** @param last when somebody last kept something; null where nobody has */
    static Sign clock(Instant now, @Nullable Instant last) {
        return last != null && last.isAfter(now.plus(CLOCKS_DIFFER))
                ? new Sign(
                        "Clock",
                        "The clock of this machine stands before the last entry (%s). Put it right: days and intervals come out wrong."
                                .formatted(last),
                        true)
                : new Sign("Clock", "goes on from the last entry", false);
    }

    static Sign noBackups() {
        return new Sign(
                "Backups",
                "None is made by itself. Start with ./yunque start --keep-backups FOLDER, on another disk than this one.",
                true);
    }

    /** @param newest of the folder in which one of each night is kept; null while there is none */
    static Sign backups(String folder, Instant now, @Nullable Instant newest) {
        if (newest == null) {
            return new Sign("Backups", "There is none in %s yet.".formatted(folder), true);
        }
        var age = Duration.between(newest, now);
        return age.compareTo(OLDEST_BACKUP) > 0
                ? new Sign(
                        "Backups",
                        "The newest is %d hours old, in %s. See backups.log on this machine."
                                .formatted(age.toHours(), folder),
                        true)
                : new Sign(
                        "Backups",
                        age.toHours() < 1
                                ? "The newest is of this hour, in %s".formatted(folder)
                                : "The newest is %d hours old, in %s"
                                        .formatted(age.toHours(), folder),
                        false);
    }
}
