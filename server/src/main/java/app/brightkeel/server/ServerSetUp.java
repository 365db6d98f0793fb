package app.brightkeel.server;

import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.files.RigReader;
import java.time.Clock;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** What the server is wired from. */
@Configuration
class ServerSetUp {

    @Bean
    JsonMapperBuilderCustomizer rigJson() {
        return RigJson::configure;
    }

    @Bean
    RigReader rigReader(JsonMapper mapper) {
        return new RigReader(mapper);
    }

    @Bean
    RigReviewer rigReviewer() {
        return new RigReviewer();
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
