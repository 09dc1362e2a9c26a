package dettato.app.web;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the built pages; every path that is no file and no API call is the client router's. */
@Configuration
class Pages implements WebMvcConfigurer {
  /**
   * Any path that is neither a file nor an API call gets index.html, so the client router can
   * handle it.
   */
  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).immutable());
    registry
        .addResourceHandler("/**")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache())
        .resourceChain(true)
        .addResolver(
            new PathResourceResolver() {
              @Override
              protected Resource getResource(String path, Resource location) throws IOException {
                Resource file = super.getResource(path, location);
                if (file != null
                    || path.startsWith("api/")
                    || path.startsWith("actuator/")
                    || path.contains(".")) {
                  return file;
                }
                return super.getResource("index.html", location);
              }
            });
  }
}
