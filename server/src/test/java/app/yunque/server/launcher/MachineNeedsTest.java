package app.yunque.server.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a bare machine lacks is installed, and what cannot be had is told in a sentence. */
class MachineNeedsTest {
    @TempDir Path place;
    private Launcher launcher;

    @BeforeEach
    void aBareMachine() throws IOException {
        launcher = new Launcher(place.resolve("home"));
        Files.createDirectories(place.resolve("jvm"));
        Files.createDirectories(place.resolve("postgresql"));
        // The few programs that every Debian has, and nothing of what is needed.
        for (var name : new String[] {"sed", "dirname", "basename", "readlink", "mkdir", "id"}) {
            program("bin/" + name, "exec /usr/bin/%s \"$@\"".formatted(name));
        }
    }

    private Launcher.Outcome need(String what, String installs) {
        return launcher.script(
                """
                state='%1$s/home' jvm_root='%1$s/jvm' postgres_root='%1$s/postgresql' JAVA_HOME=''
                PATH='%1$s/bin'
                install_packages() { echo "would install $*"; %2$s; }
                %3$s
                """
                        .formatted(place, installs, what));
    }

    /** A program that says and does something. */
    private void program(String path, String body) throws IOException {
        var file = place.resolve(path);
        Files.createDirectories(file.getParent());
        Files.writeString(file, "#!/usr/bin/bash\n" + body + "\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    @ParameterizedTest(name = "{0} asks for {1} and says that nothing came of it")
    @CsvSource({
        "need_java, default-jdk-headless, needs a JDK of 17 or newer",
        "need_node, nodejs npm, needs npm",
        "need_maven, maven, needs Maven",
        "need_postgres, postgresql, needs PostgreSQL 15 or newer",
        "need_chromium, chromium, needs Chromium"
    })
    void saysWhatIsMissingWhenThePackagesBringNothing(String need, String packages, String told) {
        var outcome = need(need, ":");

        assertThat(outcome.said())
                .contains("would install " + packages + "\n")
                .contains("yunque: " + told)
                .containsAnyOf("Install", "install");
        assertThat(outcome.status()).isEqualTo(1);
    }

    @Test
    void takesTheJdkThatThePackagesBroughtThoughItIsNotOnThePath() throws IOException {
        program("jdk/bin/javac", "");
        program("jdk/bin/java", "echo 'openjdk version \"17.0.15\" 2025-04-15' >&2");

        var outcome =
                need(
                        "need_java; echo \"home $JAVA_HOME\"",
                        "/usr/bin/mv '%1$s/jdk' '%1$s/jvm/java-17-openjdk-amd64'".formatted(place));

        assertThat(outcome.said()).endsWith("home " + place + "/jvm/java-17-openjdk-amd64\n");
        assertThat(outcome.status()).isZero();
    }

    @Test
    void passesOverAJdkThatIsTooOld() throws IOException {
        program("jvm/java-11-openjdk-amd64/bin/javac", "");
        program("jvm/java-11-openjdk-amd64/bin/java", "echo 'openjdk version \"11.0.20\"' >&2");

        assertThat(need("need_java", ":").said()).contains("would install default-jdk-headless");
    }

    @Test
    void takesTheNewestPostgresByItsNumber() throws IOException {
        for (var version : new String[] {"9.6", "13", "15", "16"}) {
            program("postgresql/" + version + "/bin/initdb", "");
        }
        Files.delete(place.resolve("postgresql/16/bin/initdb"));

        assertThat(need("need_postgres; echo \"$pg_bin\"", ":").said())
                .isEqualTo(place + "/postgresql/15/bin\n");
    }

    @Test
    void saysWhichPostgresIsTooOld() throws IOException {
        program("postgresql/13/bin/initdb", "");

        var outcome = need("need_postgres", ":");

        assertThat(outcome.said())
                .isEqualTo(
                        "yunque: needs PostgreSQL 15 or newer; the newest here is 13. Install a newer one and start again.\n");
        assertThat(outcome.status()).isEqualTo(1);
    }

    @Test
    void fetchesANodeOfItsOwnWhereTheMachinesIsTooOld() throws IOException {
        program("bin/node", "exit 1");
        program(
                "bin/npm",
                "mkdir -p '%1$s/home/node/node_modules/node/bin'; echo '#!/bin/bash' > '%1$s/home/node/node_modules/node/bin/node'; /usr/bin/chmod +x '%1$s/home/node/node_modules/node/bin/node'"
                        .formatted(place));

        var outcome = need("need_node; command -v node", ":");

        assertThat(outcome.said())
                .startsWith("This machine's Node is too old")
                .endsWith(place + "/home/node/node_modules/node/bin/node\n");
        assertThat(outcome.status()).isZero();
    }

    @Test
    void saysSoWhenTheRegistryOfNodeIsOutOfReach() throws IOException {
        program("bin/node", "exit 1");
        program("bin/npm", "exit 1");

        assertThat(need("need_node", ":").said())
                .contains("could not fetch it from the npm registry");
    }

    @Test
    void saysWhatToAskForWithoutRootRightsAndSudo() {
        var outcome =
                launcher.script(
                        "is_root() { return 1; }; may_sudo() { return 1; }; install_packages maven nodejs");

        assertThat(outcome.said())
                .isEqualTo(
                        "yunque: needs the packages: maven nodejs. Ask somebody with root rights to run: apt-get install maven nodejs\n");
    }

    @Test
    void aFailureNobodyForesawSaysWhatWasDoneAndWhatToDo() {
        var outcome =
                launcher.script(
                        "work() { step 'counting beans' 'Count again.'; ls /nowhere/at/all 2>/dev/null; }; work; echo never");

        assertThat(outcome.said())
                .startsWith("yunque: stopped while counting beans: ‘ls /nowhere/at/all")
                .contains("Count again.")
                .doesNotContain("never");
        assertThat(outcome.status()).isEqualTo(1);
    }

    @Test
    void aSentenceSaidInsideASubstitutionIsSaidOnce() {
        var outcome = launcher.script("port=$(fail 'no port is free.'); echo never");

        assertThat(outcome.said()).isEqualTo("yunque: no port is free.\n");
        assertThat(outcome.status()).isEqualTo(1);
    }

    @Test
    void anUnknownCommandIsToldWhatThereIs() {
        assertThat(launcher.yunque("strat").said()).startsWith("usage: ./yunque start");
        assertThat(launcher.yunque("start", "--now").said()).contains("does not know ‘--now’");
    }

    /** Where nobody can be asked and nothing was said, the demo loads; what was said once is not asked again. */
    @Test
    void newRecordsBecomeWhatWasSaid() {
        var asked =
                "records_are() { printf nothing; }; mkdir -p \"$state\"; rm -f \"$state/begin\"; ";
        assertThat(
                        launcher.script(asked + "choose_beginning; echo \"${YUNQUE_DEMO:-demo}\"")
                                .said())
                .isEqualTo("demo\n");
        assertThat(launcher.script(asked + "choose_beginning shop; echo \"$YUNQUE_DEMO\"").said())
                .isEqualTo("false\n");
        assertThat(launcher.script("choose_beginning; echo \"$YUNQUE_DEMO\"").said())
                .as("at the next start")
                .isEqualTo("false\n");
        assertThat(launcher.script("choose_beginning demo; echo \"${YUNQUE_DEMO:-demo}\"").said())
                .isEqualTo("demo\n");
        assertThat(
                        launcher.script(
                                        "export YUNQUE_DEMO=true; choose_beginning shop; echo $YUNQUE_DEMO")
                                .said())
                .as("what is set stays")
                .isEqualTo("true\n");
    }

    /** A port that is set for the network serves none by itself. */
    @Test
    void theNetworkIsServedOnlyWhenItIsWanted() {
        assertThat(
                        launcher.script(
                                        "export YUNQUE_LAN_PORT=9000; serve_lan; echo \"${YUNQUE_LAN_PORT:-none}\"")
                                .said())
                .isEqualTo("none\n");
        assertThat(
                        launcher.script(
                                        "lan_wanted=gears; YUNQUE_TLS_KEYSTORE=/nowhere/at/all.p12; serve_lan")
                                .said())
                .contains("cannot read the certificate /nowhere/at/all.p12");
        assertThat(launcher.script("hostname() { printf ''; }; own_number").said())
                .contains("this machine has no number in a network", "--lan=192.168.1.20");
    }
}
