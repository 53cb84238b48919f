package app.yunque.server.lan;

import app.yunque.server.problem.NotThere;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** The certificate of the shop's own authority, for devices that do not know it yet. It is no secret. */
@Controller
@RequestMapping(CertificateController.PAGE)
class CertificateController {
    static final String PAGE = "/certificate";

    private final LanSettings lan;
    private final Authority authority;
    private final ITemplateEngine templates;

    CertificateController(LanSettings lan, Authority authority, ITemplateEngine templates) {
        this.lan = lan;
        this.authority = authority;
        this.templates = templates;
    }

    @GetMapping
    ResponseEntity<String> page() {
        var fingerprint = authority.fingerprint().orElseThrow(CertificateController::none);
        var context = new Context(Locale.ENGLISH);
        context.setVariable("app", lan.ownAddress());
        context.setVariable("file", PAGE + "/yunque.crt");
        context.setVariable("fingerprint", fingerprint);
        return ResponseEntity.ok()
                .contentType(MediaType.TEXT_HTML)
                .body(templates.process("certificate", context));
    }

    @GetMapping("/yunque.crt")
    ResponseEntity<byte[]> certificate() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"yunque.crt\"")
                .body(authority.certificate().orElseThrow(CertificateController::none));
    }

    private static NotThere none() {
        return new NotThere("This shop has no certificate of its own to hand out.");
    }
}
