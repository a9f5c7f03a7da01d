package velnik.server.editor;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import velnik.server.calls.Policy;

/**
 * The editor's one page, under every address of it. A policy with a fresh nonce for each answer lets in the style
 * elements that the component library makes, and no others.
 */
@Controller
class EditorController {
    private static final String PLACEHOLDER = "__CSP_NONCE__";
    private static final int NONCE_BYTES = 18;

    private final SecureRandom random = new SecureRandom();
    private final @Nullable String page;

    EditorController() throws IOException {
        ClassPathResource resource = new ClassPathResource("web/editor/index.html");
        this.page = resource.exists() ? resource.getContentAsString(StandardCharsets.UTF_8) : null;
    }

    @GetMapping({"/-", "/-/", "/-/manage"})
    ResponseEntity<Void> begin() {
        return ResponseEntity.status(HttpStatus.FOUND)
                .header(HttpHeaders.LOCATION, "/-/manage/")
                .build();
    }

    @GetMapping("/-/manage/**")
    @ResponseBody
    ResponseEntity<String> page() {
        if (page == null) {
            return ResponseEntity.status(HttpStatus.NOT_FOUND)
                    .contentType(MediaType.TEXT_PLAIN)
                    .body("This server was built without the editor.");
        }
        byte[] bytes = new byte[NONCE_BYTES];
        random.nextBytes(bytes);
        String nonce = Base64.getEncoder().encodeToString(bytes);
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .cacheControl(CacheControl.noStore())
                .header(Policy.HEADER, policy(nonce))
                .header("Referrer-Policy", "same-origin")
                .body(page.replace(PLACEHOLDER, nonce));
    }

    private static String policy(String nonce) {
        return "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-" + nonce + "'; img-src 'self' data:;"
                + " font-src 'self'; connect-src 'self'; frame-src 'self'; form-action 'self'; base-uri 'none';"
                + " frame-ancestors 'none'";
    }
}
