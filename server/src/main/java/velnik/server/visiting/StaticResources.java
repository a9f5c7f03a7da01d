package velnik.server.visiting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.web.servlet.config.annotation.CorsRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.AbstractResourceResolver;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.ResourceResolverChain;
import org.springframework.web.servlet.resource.VersionResourceResolver;

/** Everything static ships in the jar, compressed beforehand, under addresses that change with the content. */
@Configuration
class StaticResources implements WebMvcConfigurer {
    static final CacheControl FOR_A_YEAR =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    /** The smaller first. */
    private static final List<String> CODINGS = List.of("br", "gzip");

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/-/static/visitor/**")
                .addResourceLocations("classpath:/web/visitor/")
                .setCacheControl(FOR_A_YEAR)
                .resourceChain(true)
                .addResolver(new SmallestCoding())
                .addResolver(compressed())
                .addResolver(new VersionResourceResolver().addContentVersionStrategy("/**"));
        // Websites elsewhere name it by an address that lasts, so it is asked for again each hour.
        registry.addResourceHandler(FeedController.BASE + "*.js")
                .addResourceLocations("classpath:/web/elsewhere/")
                .setCacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePublic())
                .resourceChain(true)
                .addResolver(new SmallestCoding())
                .addResolver(compressed());
        registry.addResourceHandler("/-/static/editor/**")
                .addResourceLocations("classpath:/web/editor/")
                .setCacheControl(FOR_A_YEAR)
                .resourceChain(true)
                .addResolver(new SmallestCoding())
                .addResolver(compressed());
    }

    /** The forms that lie compressed beside each file. */
    private static EncodedResourceResolver compressed() {
        EncodedResourceResolver resolver = new EncodedResourceResolver();
        resolver.setContentCodings(CODINGS);
        return resolver;
    }

    /** The window is a frame without an origin of its own, to which fonts are foreign unless everybody may have them. */
    @Override
    public void addCorsMappings(CorsRegistry registry) {
        registry.addMapping("/-/static/**").allowedOrigins("*").allowedMethods("GET", "HEAD");
    }

    /**
     * Lets the codings that a browser takes be looked for with the smaller first. The resolver of compressed forms goes by
     * the order in which browsers name them, which says nothing.
     */
    private static final class SmallestCoding extends AbstractResourceResolver {
        @Override
        protected @Nullable Resource resolveResourceInternal(
                @Nullable HttpServletRequest request,
                String path,
                List<? extends Resource> locations,
                ResourceResolverChain chain) {
            return chain.resolveResource(request == null ? null : new Reordered(request), path, locations);
        }

        @Override
        protected @Nullable String resolveUrlPathInternal(
                String path, List<? extends Resource> locations, ResourceResolverChain chain) {
            return chain.resolveUrlPath(path, locations);
        }
    }

    private static final class Reordered extends HttpServletRequestWrapper {
        Reordered(HttpServletRequest request) {
            super(request);
        }

        @Override
        public @Nullable String getHeader(String name) {
            @Nullable String value = super.getHeader(name);
            if (value == null || !name.equalsIgnoreCase(HttpHeaders.ACCEPT_ENCODING)) {
                return value;
            }
            return CODINGS.stream().filter(value::contains).collect(Collectors.joining(", "));
        }
    }
}
