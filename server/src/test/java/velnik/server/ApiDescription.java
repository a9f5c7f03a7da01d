package velnik.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.SpringApplication;

/** A step of the build: starts the server on an empty folder and writes down what calls it takes, as OpenAPI 3.1. */
public final class ApiDescription {
    private ApiDescription() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("velnik-api");
        SpringApplication velnik = new SpringApplication(Velnik.class);
        try (var context = velnik.run(
                "--velnik.data=" + data,
                "--server.port=0",
                "--management.server.port=0",
                "--logging.level.root=error",
                "--springdoc.api-docs.path=/-/description",
                "--springdoc.writer-with-order-by-keys=true",
                "--springdoc.paths-to-match=/-/api/**")) {
            String port = context.getEnvironment().getRequiredProperty("local.server.port");
            HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/-/description"))
                    .build();
            HttpResponse<String> description =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            if (description.statusCode() != 200) {
                throw new IllegalStateException("no description: " + description.body());
            }
            Files.writeString(Path.of(arguments[0]), DescribedRecords.sharpened(description.body()));
        }
    }
}
