package app.brightkeel.e2e;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;

/** HTTP byte for byte: what no library would send. */
final class Raw {

    private static final int PATIENCE_MS = 30_000;

    private Raw() {}

    /** @param status 0 where the connection ended without one */
    record Answer(int status, String head, String body) {}

    /** One request, its target as it is written; the connection ends with the answer. */
    static Answer ask(int port, String method, String target, String headers, String body) throws IOException {
        String length =
                body.isEmpty() ? "" : "Content-Length: " + body.getBytes(StandardCharsets.UTF_8).length + "\r\n";
        return send(
                port,
                method + " " + target + " HTTP/1.1\r\nHost: 127.0.0.1:" + port + "\r\nConnection: close\r\n" + headers
                        + length + "\r\n" + body);
    }

    static Answer send(int port, String bytes) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(PATIENCE_MS);
            socket.getOutputStream().write(bytes.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            String all = new String(socket.getInputStream().readAllBytes(), StandardCharsets.ISO_8859_1);
            int end = all.indexOf("\r\n\r\n");
            if (!all.startsWith("HTTP/1.1 ") || end < 0) {
                return new Answer(0, "", all);
            }
            String head = all.substring(0, end);
            String rest = all.substring(end + 4);
            String body = head.contains("Transfer-Encoding: chunked") ? whole(rest) : rest;
            byte[] letters = body.getBytes(StandardCharsets.ISO_8859_1);
            return new Answer(
                    Integer.parseInt(head.substring(9, 12)), head, new String(letters, StandardCharsets.UTF_8));
        }
    }

    /** Chunks put together, each behind its length. */
    private static String whole(String chunks) {
        StringBuilder all = new StringBuilder();
        int at = 0;
        while (true) {
            int line = chunks.indexOf("\r\n", at);
            int length = line < 0 ? 0 : Integer.parseInt(chunks.substring(at, line), 16);
            if (length == 0) {
                return all.toString();
            }
            all.append(chunks, line + 2, line + 2 + length);
            at = line + 2 + length + 2;
        }
    }
}
