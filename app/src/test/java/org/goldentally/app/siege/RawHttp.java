package org.goldentally.app.siege;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;

/** Requests byte by byte: a proper client would refuse to send most of what is sent here. */
final class RawHttp {

    private final URI server;

    RawHttp(String server) {
        this.server = URI.create(server);
    }

    /** @param target path and query as they are sent */
    record Sent(String method, String target, String headers, byte[] body) {

        @Override
        public String toString() {
            String text = new String(body, StandardCharsets.UTF_8);
            return method + " " + target + " | " + headers.replace("\r\n", " | ") + " "
                    + (text.length() > 2_000 ? text.substring(0, 2_000) + "…" : text);
        }
    }

    /** @param millis from the first byte sent to the last one read */
    record Answer(int status, String head, String body, long millis) {}

    Answer send(Sent sent) throws IOException {
        long start = System.nanoTime();
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            socket.setSoTimeout(120_000);
            String head = sent.method + " " + sent.target + " HTTP/1.1\r\nHost: 127.0.0.1:" + server.getPort() + "\r\n"
                    + sent.headers + (sent.body.length > 0 ? "Content-Length: " + sent.body.length + "\r\n" : "")
                    + "Connection: close\r\n\r\n";
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            bytes.write(head.getBytes(StandardCharsets.UTF_8));
            bytes.write(sent.body);
            socket.getOutputStream().write(bytes.toByteArray());
            String all = read(socket.getInputStream());
            int end = all.indexOf("\r\n\r\n");
            String answered = end < 0 ? all : all.substring(0, end);
            int status = answered.length() > 12 ? Integer.parseInt(answered.substring(9, 12)) : 0;
            return new Answer(
                    status, answered, end < 0 ? "" : all.substring(end + 4), (System.nanoTime() - start) / 1_000_000);
        }
    }

    /** A server that refuses early may cut off what is still being sent. */
    private static String read(InputStream input) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        try {
            input.transferTo(all);
        } catch (IOException cutOff) {
            // What came is what counts.
        }
        return all.toString(StandardCharsets.UTF_8);
    }
}
