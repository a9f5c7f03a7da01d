package velnik.server.visiting;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import velnik.server.calls.Policy;
import velnik.server.calls.SecurityHeaders;

/** Addresses so malformed that the servlet container turns them away itself get the site's own page all the same. */
@Component
class MalformedAddresses implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final ObjectProvider<VisitorPages> pages;

    MalformedAddresses(ObjectProvider<VisitorPages> pages) {
        this.pages = pages;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            StandardHost host = (StandardHost) context.getParent();
            host.setErrorReportValveClass("");
            host.getPipeline().addValve(new WholePage());
        });
    }

    private final class WholePage extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, @Nullable Throwable failure) {
            if (response.getStatus() < HttpStatus.BAD_REQUEST.value()
                    || response.getContentWritten() > 0
                    || !response.setErrorReported()) {
                return;
            }
            HttpStatus status = HttpStatus.valueOf(response.getStatus());
            try {
                SecurityHeaders.write("", response::setHeader);
                response.setHeader(Policy.HEADER, VisitorController.POLICY);
                response.setContentType("text/html");
                response.setCharacterEncoding(StandardCharsets.UTF_8);
                response.getOutputStream().write(pages.getObject().other(status).plain());
                response.finishResponse();
            } catch (IOException visitorIsGone) {
                throw new UncheckedIOException(visitorIsGone);
            }
        }
    }
}
