package app.yunque.server;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The screens: one page for every place of the app, and its parts, which never change under their name. */
@Configuration
class Screens implements WebMvcConfigurer {
    private static final String PAGE = "forward:/index.html";

    @Override
    public void addViewControllers(ViewControllerRegistry places) {
        places.addViewController("/").setViewName(PAGE);
        places.addViewController("/jobs/**").setViewName(PAGE);
        places.addViewController("/units/**").setViewName(PAGE);
        places.addViewController("/due/**").setViewName(PAGE);
        places.addViewController("/drawers/**").setViewName(PAGE);
        places.addViewController("/shop/**").setViewName(PAGE);
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry files) {
        files.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        // The report names them; the PDF embeds the same files.
        files.addResourceHandler("/fonts/**")
                .addResourceLocations("classpath:/fonts/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePublic());
    }
}
