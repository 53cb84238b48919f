package app.yunque.server.lan;

import org.apache.catalina.connector.Connector;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.boot.tomcat.TomcatWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Beside loopback, which stays as it is: TLS on every interface of this machine, and one plain port that hands out the certificate and
 * nothing else.
 */
@Component
class LanConnectors implements WebServerFactoryCustomizer<TomcatWebServerFactory> {
    private final LanSettings lan;

    LanConnectors(LanSettings lan) {
        this.lan = lan;
    }

    @Override
    public void customize(TomcatWebServerFactory factory) {
        if (lan.isServed()) {
            factory.addAdditionalConnectors(secure(), plain());
        }
    }

    private Connector secure() {
        var connector = onEveryInterface(lan.port());
        connector.setScheme("https");
        connector.setSecure(true);
        connector.setProperty("SSLEnabled", "true");
        var host = new SSLHostConfig();
        host.setProtocols("TLSv1.2+TLSv1.3");
        var certificate =
                new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.UNDEFINED);
        certificate.setCertificateKeystoreFile(lan.keystore());
        certificate.setCertificateKeystorePassword(lan.password());
        certificate.setCertificateKeystoreType("PKCS12");
        host.addCertificate(certificate);
        connector.addSslHostConfig(host);
        return connector;
    }

    private Connector plain() {
        return onEveryInterface(lan.certificatePort());
    }

    private static Connector onEveryInterface(int port) {
        var connector = new Connector("org.apache.coyote.http11.Http11NioProtocol");
        connector.setPort(port);
        connector.setProperty("address", "0.0.0.0");
        connector.setProperty("connectionTimeout", "20000");
        connector.setProperty("maxConnections", "400");
        return connector;
    }
}
