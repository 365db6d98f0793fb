package app.brightkeel.server.http;

import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.RigAxis;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.picture.Moment;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.symptom.Symptom;
import app.brightkeel.core.trip.Lesson;
import app.brightkeel.server.files.RigReader;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.CacheControl;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Pages, deep links, converters. */
@Configuration
class WebSetUp implements WebMvcConfigurer {

    private final RigReader reader;

    WebSetUp(RigReader reader) {
        this.reader = reader;
    }

    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder builder) {
        builder.addCustomConverter(new RigDocumentConverter(reader));
        builder.addCustomConverter(new KeptConverter());
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        written(registry, Link.class);
        written(registry, Habit.class);
        written(registry, CraftKind.class);
        written(registry, Moment.Charge.class);
        written(registry, Lesson.class);
        written(registry, Symptom.class);
        written(registry, ItemKind.class);
        written(registry, RigAxis.class);
        written(registry, Good.class);
    }

    /** A choice as ids and files write it. */
    private static <E extends Enum<E>> void written(FormatterRegistry registry, Class<E> type) {
        registry.addConverter(String.class, type, word -> Table.constant(type, word));
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).immutable());
        // the contract and the schema of rig files
        registry.addResourceHandler("/api/*.json")
                .addResourceLocations("classpath:/contract/")
                .setCacheControl(CacheControl.noCache());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new DeepLinks());
    }

    /** The addresses of the one-page application; any other that is no file is not there. */
    private static final class DeepLinks extends PathResourceResolver {

        private static final Pattern PAGE =
                Pattern.compile("|garage|rigs/[^/]+|rigs/[^/]+/[^/]+|compare|compare/[^/]+/[^/]+");

        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            return super.getResource(PAGE.matcher(path).matches() ? "index.html" : path, location);
        }
    }
}
