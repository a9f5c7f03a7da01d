package velnik.browser;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** A web server of others that serves a folder, from Debian's packages. */
final class WebServer implements AutoCloseable {
    private final Process process;
    private final int port;

    private WebServer(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    static WebServer nginx(Path site) throws IOException, InterruptedException {
        int port = freePort();
        Path own = Files.createTempDirectory("nginx");
        Files.writeString(own.resolve("nginx.conf"), """
                daemon off;
                pid %1$s/pid;
                error_log %1$s/error.log;
                events {}
                http {
                  client_body_temp_path %1$s; proxy_temp_path %1$s; fastcgi_temp_path %1$s;
                  uwsgi_temp_path %1$s; scgi_temp_path %1$s;
                  access_log off;
                  absolute_redirect off;
                  include /etc/nginx/mime.types;
                  include %2$s/forwards.nginx.conf;
                  server {
                    listen 127.0.0.1:%3$d;
                    root %2$s;
                    if ($leads_to = gone) { return 410; }
                    if ($leads_to) { return 301 $leads_to; }
                    error_page 404 /404.html;
                    location ~ \\.conf$ { return 404; }
                    location /-/static/ { add_header Cache-Control "public, max-age=31536000, immutable"; }
                    location / { add_header Cache-Control "no-cache"; }
                  }
                }
                """.formatted(own, site, port));
        return started(port, "/usr/sbin/nginx", "-c", own.resolve("nginx.conf").toString());
    }

    static WebServer apache(Path site) throws IOException, InterruptedException {
        int port = freePort();
        Path own = Files.createTempDirectory("apache");
        Files.writeString(own.resolve("apache.conf"), """
                ServerRoot %1$s
                ServerName localhost
                Listen 127.0.0.1:%3$d
                PidFile %1$s/pid
                ErrorLog %1$s/error.log
                LoadModule mpm_event_module /usr/lib/apache2/modules/mod_mpm_event.so
                LoadModule authz_core_module /usr/lib/apache2/modules/mod_authz_core.so
                LoadModule alias_module /usr/lib/apache2/modules/mod_alias.so
                LoadModule dir_module /usr/lib/apache2/modules/mod_dir.so
                LoadModule mime_module /usr/lib/apache2/modules/mod_mime.so
                TypesConfig /etc/mime.types
                User www-data
                Group www-data
                DocumentRoot %2$s
                <Directory %2$s>
                  AllowOverride All
                  Require all granted
                </Directory>
                """.formatted(own, site, port));
        return started(
                port,
                "/usr/sbin/apache2",
                "-D",
                "FOREGROUND",
                "-f",
                own.resolve("apache.conf").toString());
    }

    /** Lets the servers read the folder, as somebody else than who runs the tests, whatever their umask is. */
    static void mayRead(Path site) throws IOException {
        try (Stream<Path> all = Files.walk(site)) {
            for (Path path : all.toList()) {
                Files.setPosixFilePermissions(path, PosixFilePermissions.fromString("rwxr-xr-x"));
            }
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static WebServer started(int port, String... command) throws IOException, InterruptedException {
        Path log = Files.createTempFile("web-server", ".log");
        Process process = new ProcessBuilder(List.of(command))
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        WebServer server = new WebServer(process, port);
        for (int tries = 0; tries < 100; tries++) {
            try {
                server.get("/");
                return server;
            } catch (IOException notYet) {
                if (!process.isAlive()) {
                    break;
                }
                Thread.sleep(100);
            }
        }
        server.close();
        throw new AssertionError(command[0] + " does not start: " + Files.readString(log));
    }

    /** Redirects are not followed. */
    HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(url(path))).build(), HttpResponse.BodyHandlers.ofString());
    }

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(10, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
