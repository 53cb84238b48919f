package app.yunque.server.launcher;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.server.RunningApp;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.util.HexFormat;
import java.util.Map;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The shop's network, with another number of loopback in its place: what the launcher makes, the app serves, and a device trusts it by
 * the shop's own authority and not without.
 */
class LanTest {
    private static final String TABLETS_ASK_FOR = "127.0.0.2";

    @TempDir static Path place;
    private static Path home;
    private static Launcher launcher;
    private static ConfigurableApplicationContext app;
    private static int port;

    @BeforeAll
    static void served() throws Exception {
        home = place.resolve("home");
        launcher = new Launcher(home);
        did("have_authority; have_certificate " + TABLETS_ASK_FOR);
        port = FreePort.find();
        app =
                RunningApp.onNewRecords(
                        "--yunque.demo=false",
                        "--yunque.lan.port=" + port,
                        "--yunque.lan.address=" + TABLETS_ASK_FOR,
                        "--yunque.lan.keystore=" + home.resolve("certificate.p12"),
                        "--yunque.lan.password=" + Files.readString(home.resolve("lan.password")),
                        "--yunque.lan.authority=" + home.resolve("authority.crt"),
                        "--yunque.lan.hosts=gears.shop.example");
    }

    @AfterAll
    static void closed() {
        app.close();
    }

    private static void did(String script) {
        var outcome =
                launcher.script(
                        "JAVA_HOME=$(find_jdk); export JAVA_HOME; mkdir -p \"$state\"; " + script);
        assertThat(outcome.status()).as(outcome.said()).isZero();
    }

    private static X509Certificate certificate(String file) throws Exception {
        try (var in = Files.newInputStream(home.resolve(file))) {
            return (X509Certificate)
                    CertificateFactory.getInstance("X.509").generateCertificate(in);
        }
    }

    /** A device that took the shop's certificate, and trusts nothing else. */
    private static HttpClient tablet() throws Exception {
        var trusted = KeyStore.getInstance(KeyStore.getDefaultType());
        trusted.load(null, null);
        trusted.setCertificateEntry("authority", certificate("authority.crt"));
        var trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        var context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(context).build();
    }

    private static HttpResponse<String> get(HttpClient client, String address)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address)).build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static String secure(String path) {
        return "https://%s:%d%s".formatted(TABLETS_ASK_FOR, port, path);
    }

    private static String plain(String path) {
        return "http://%s:%d%s".formatted(TABLETS_ASK_FOR, port + 1, path);
    }

    @Test
    void aTabletThatTookTheCertificateReachesTheApp() throws Exception {
        var answer = get(tablet(), secure("/api/begin"));
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("\"kind\":\"NEW\"");
        assertThat(answer.sslSession().orElseThrow().getProtocol()).isIn("TLSv1.3", "TLSv1.2");
        assertThat(get(tablet(), secure("/")).headers().allValues("Set-Cookie"))
                .isNotEmpty()
                .allMatch(c -> c.contains("Secure"));
    }

    @Test
    void aDeviceWithoutItIsNotLedOn() {
        assertThatThrownBy(() -> get(HttpClient.newHttpClient(), secure("/")))
                .isInstanceOf(SSLException.class);
    }

    /** Without TLS there is the certificate and the way to TLS, and no record of the shop. */
    @ParameterizedTest
    @ValueSource(
            strings = {"/", "/api/begin", "/api/sign-in/people", "/jobs/1", "/actuator/health"})
    void withoutTlsThereIsOnlyTheCertificate(String path) throws Exception {
        var answer = get(HttpClient.newHttpClient(), plain(path));
        assertThat(answer.statusCode()).isEqualTo(307);
        assertThat(answer.headers().firstValue("Location")).contains("/certificate");
        assertThat(answer.body()).isEmpty();
    }

    @Test
    void theCertificateIsHandedOutWithWhatToDo() throws Exception {
        var page = get(HttpClient.newHttpClient(), plain("/certificate"));
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body()).contains("Take the certificate", secure(""), "trusted authority");
        var digest =
                MessageDigest.getInstance("SHA-256")
                        .digest(certificate("authority.crt").getEncoded());
        assertThat(page.body())
                .as("what a device shows, to be compared")
                .contains(HexFormat.ofDelimiter(" ").withUpperCase().formatHex(digest));
        var file = get(HttpClient.newHttpClient(), plain("/certificate/yunque.crt"));
        assertThat(file.body()).isEqualTo(Files.readString(home.resolve("authority.crt")));
        assertThat(file.headers().firstValue("Content-Type"))
                .contains("application/x-x509-ca-cert");
    }

    /** A page from elsewhere that turned its name to this machine is answered nothing. */
    @Test
    void anotherNameIsNotAnswered() throws Exception {
        for (var asked :
                Map.of("evil.example", 421, "gears.shop.example", 200, "localhost", 200)
                        .entrySet()) {
            try (var socket = new Socket("127.0.0.1", RunningApp.portOf(app))) {
                socket.getOutputStream()
                        .write(
                                "GET /api/begin HTTP/1.1\r\nHost: %s\r\nConnection: close\r\n\r\n"
                                        .formatted(asked.getKey())
                                        .getBytes());
                var said = new String(socket.getInputStream().readAllBytes());
                assertThat(said).as(asked.getKey()).startsWith("HTTP/1.1 " + asked.getValue());
            }
        }
    }

    @Test
    void theAuthorityIsTheShopsOwnAndItsKeyItsOwners() throws Exception {
        var authority = certificate("authority.crt");
        assertThat(authority.getBasicConstraints()).as("an authority, of end points only").isZero();
        authority.verify(authority.getPublicKey());
        var own = certificate("certificate.crt");
        own.verify(authority.getPublicKey());
        assertThat(own.getBasicConstraints()).as("no authority itself").isEqualTo(-1);
        assertThat(own.getSubjectAlternativeNames().toString()).contains(TABLETS_ASK_FOR);
        assertThat(own.getExtendedKeyUsage()).containsExactly("1.3.6.1.5.5.7.3.1");
        for (var secret : new String[] {"authority.p12", "certificate.p12", "lan.password"}) {
            assertThat(Files.getPosixFilePermissions(home.resolve(secret)))
                    .as(secret)
                    .containsExactlyInAnyOrder(
                            PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
        }
    }

    /** A new number of the machine is a new certificate; the authority, which devices know, stays. */
    @Test
    void aNewNumberNeedsNoNewTrust() throws Exception {
        var before = Files.readString(home.resolve("authority.crt"));
        var kept = Files.readAllBytes(home.resolve("certificate.p12"));
        did("have_authority; have_certificate gears.local");
        assertThat(certificate("certificate.crt").getSubjectAlternativeNames().toString())
                .contains("gears.local");
        assertThat(Files.readString(home.resolve("authority.crt"))).isEqualTo(before);
        did("have_certificate " + TABLETS_ASK_FOR);
        assertThat(Files.readAllBytes(home.resolve("certificate.p12"))).isNotEqualTo(kept);
    }

    @ParameterizedTest
    @ValueSource(strings = {"http://192.168.1.20", "192.168.1.20:8743", "a b", "-x", "x-", "'"})
    void whatIsNoNameOfAMachineIsRefused(String said) {
        var outcome = launcher.script("lan_wanted=\"" + said + "\"; serve_lan");
        assertThat(outcome.status()).isEqualTo(1);
        assertThat(outcome.said())
                .isEqualTo(
                        "yunque: ‘%s’ is no name or number of a machine. Say it alone, as in ./yunque start --lan=192.168.1.20\n"
                                .formatted(said));
    }
}
