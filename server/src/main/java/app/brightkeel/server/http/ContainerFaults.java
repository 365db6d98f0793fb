package app.brightkeel.server.http;

import app.brightkeel.server.access.Refused;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;

/** What the container refuses before it knows whose request it is, an address that is none, as a problem detail too. */
@Configuration
class ContainerFaults {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> problemsOfTheContainer() {
        return factory -> {
            factory.addContextValves(new Unread());
            factory.addContextCustomizers(context -> {
                if (context.getParent() instanceof StandardHost host) {
                    host.setErrorReportValveClass(Told.class.getName());
                }
            });
        };
    }

    /** Made by the container, by its name. */
    public static final class Told extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable throwable) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.setCharacterEncoding(StandardCharsets.UTF_8.name());
                var writer = response.getReporter();
                if (writer != null) {
                    writer.write(Refused.body(status, "The request cannot be read: its address or its head is none."));
                    response.finishResponse();
                }
            } catch (IOException | IllegalStateException e) {
                container.getLogger().debug("nobody is left to be told", e);
            }
        }
    }
}
