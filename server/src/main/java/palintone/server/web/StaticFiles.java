package palintone.server.web;

import java.io.IOException;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * Serves the built interface. Files under /assets carry a hash of their content in the name and may
 * be kept for a year; the page itself is asked for anew each time. Compressed twins made by the
 * build are served where the browser takes them.
 */
@Configuration
class StaticFiles implements WebMvcConfigurer {

    private static final String HOME = "classpath:/static/";

    @Override
    public void addResourceHandlers(final ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(HOME + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver())
                .addResolver(new PathResourceResolver());
        registry.addResourceHandler("/**")
                .addResourceLocations(HOME)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver())
                .addResolver(new PageResolver());
    }

    /** Addresses of stations, such as /bench, are all answered with the one page. */
    private static final class PageResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(final String path, final Resource location)
                throws IOException {
            final Resource file = path.isEmpty() ? null : super.getResource(path, location);
            if (file != null) {
                return file;
            }
            final boolean station = !path.contains(".") && !path.startsWith("api/");
            return station ? super.getResource("index.html", location) : null;
        }
    }
}
