package app.brightkeel.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A test with the whole server on an empty data directory, without a socket. */
@SpringBootTest(properties = {"springdoc.api-docs.version=openapi_3_1", "keel.demo=false"})
@AutoConfigureMockMvc
public abstract class ServerTest extends AbstractTestNGSpringContextTests {

    @Autowired
    protected MockMvc http;

    protected static final JsonMapper MAPPER = RigJson.mapper();

    /** What the server answers; as from this machine. */
    protected MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request.header("Host", "127.0.0.1:4730"))
                .andReturn()
                .getResponse();
    }

    /** What is answered where it is well. */
    protected JsonNode ok(MockHttpServletRequestBuilder request) throws Exception {
        MockHttpServletResponse answer = send(request);
        assertTrue(answer.getStatus() / 100 == 2, answer.getStatus() + " " + answer.getContentAsString());
        return json(answer);
    }

    protected static JsonNode json(MockHttpServletResponse response) throws Exception {
        return MAPPER.readTree(response.getContentAsString(StandardCharsets.UTF_8));
    }

    protected static MockHttpServletRequestBuilder with(MockHttpServletRequestBuilder request, Rig rig) {
        return request.contentType(MediaType.APPLICATION_JSON).content(MAPPER.writeValueAsBytes(RigDocument.of(rig)));
    }

    /** Puts a rig on the shelf; its id. */
    protected String create(Rig rig) throws Exception {
        MockHttpServletResponse created = send(with(post("/api/rigs"), rig));
        assertEquals(created.getStatus(), 201);
        assertEquals(created.getHeader(HttpHeaders.ETAG), "\"1\"");
        return json(created).path("id").asString();
    }

    @DynamicPropertySource
    static void data(DynamicPropertyRegistry registry) {
        String directory = freshDirectory();
        registry.add("keel.data", () -> directory);
    }

    private static String freshDirectory() {
        try {
            return Files.createTempDirectory("keel-test").toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
