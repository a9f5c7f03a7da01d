package velnik.server.visiting;

import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.CorsRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.VersionResourceResolver;

/** Everything static ships in the jar, compressed beforehand, under addresses that change with the content. */
@Configuration
class StaticResources implements WebMvcConfigurer {
    private static final CacheControl FOR_A_YEAR =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/-/static/visitor/**")
                .addResourceLocations("classpath:/web/visitor/")
                .setCacheControl(FOR_A_YEAR)
                .resourceChain(true)
                .addResolver(as("br"))
                .addResolver(as("gzip"))
                .addResolver(new VersionResourceResolver().addContentVersionStrategy("/**"));
        registry.addResourceHandler("/-/static/editor/**")
                .addResourceLocations("classpath:/web/editor/")
                .setCacheControl(FOR_A_YEAR)
                .resourceChain(true)
                .addResolver(as("br"))
                .addResolver(as("gzip"));
    }

    /**
     * The form of a file that lies compressed beside it, where a browser takes it. One resolver for each, the smaller
     * form first: by itself one that knows both follows the order in which browsers name them.
     */
    private static EncodedResourceResolver as(String coding) {
        EncodedResourceResolver resolver = new EncodedResourceResolver();
        resolver.setContentCodings(List.of(coding));
        return resolver;
    }

    /** The window is a frame without an origin of its own, to which fonts are foreign unless everybody may have them. */
    @Override
    public void addCorsMappings(CorsRegistry registry) {
        registry.addMapping("/-/static/**").allowedOrigins("*").allowedMethods("GET", "HEAD");
    }
}
