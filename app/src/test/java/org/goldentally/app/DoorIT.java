package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Requests as other sites could have a browser send them, written byte by byte: a client would tidy their headers. */
@ExtendWith(RunningApplication.class)
class DoorIT {

    private static final URI HOME = URI.create(RunningApplication.address());
    private static final String QUILT = "{\"name\":\"From elsewhere\",\"system\":\"INCH\"}";

    private final Api api;

    DoorIT(Api api) {
        this.api = api;
    }

    @ParameterizedTest(name = "{1} {2} {3} {4} answers {0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "200 | GET  | /api/quilts | 127.0.0.1 | ",
                "200 | GET  | /api/quilts | localhost | ",
                "421 | GET  | /api/quilts | quilts.example | ",
                "421 | GET  | /           | 127.0.0.1.quilts.example | ",
                "201 | POST | /api/quilts | 127.0.0.1 | Content-Type: application/json",
                "415 | POST | /api/quilts | 127.0.0.1 | Content-Type: text/plain",
                "415 | POST | /api/quilts | 127.0.0.1 | Content-Type: application/x-www-form-urlencoded",
                "415 | POST | /api/quilts | 127.0.0.1 | Content-Type: application/yaml",
                "415 | POST | /api/quilts | 127.0.0.1 | Content-Type: image/*",
                "415 | POST | /api/quilts | 127.0.0.1 | X-None: none",
                "403 | POST | /api/quilts | 127.0.0.1 | Content-Type: application/json~Origin: http://quilts.example",
                "403 | POST | /api/quilts | 127.0.0.1 | Content-Type: application/json~Origin: null",
                "403 | POST | /api/quilts | 127.0.0.1 | Content-Type: application/json~Origin: http://127.0.0.1:1",
                "403 | POST | /api/quilts | 127.0.0.1 | Content-Type: application/json~Sec-Fetch-Site: cross-site",
                "201 | POST | /api/quilts | 127.0.0.1 | Content-Type: application/json~Origin: ours",
                "403 | POST | /api/shelf/prices/made-up | 127.0.0.1 | Origin: http://quilts.example",
                "403 | DELETE | /api/shelf/prices | 127.0.0.1 | Origin: http://quilts.example"
            })
    void onlyOurOwnPagesAndProgramsChangeAnything(int status, String method, String path, String host, String headers) {
        int before = api.get("/api/quilts").size();
        String more = headers == null ? "" : headers.replace("~", "\r\n").replace("ours", HOME.toString());
        String body = method.equals("POST") && path.equals("/api/quilts") ? QUILT : "";
        String answer = send(method + " " + path + " HTTP/1.1\r\nHost: " + host + ":" + HOME.getPort() + "\r\n" + more
                + (more.isEmpty() ? "" : "\r\n") + "Content-Length: " + body.length() + "\r\nConnection: close\r\n\r\n"
                + body);
        assertThat(answer).startsWith("HTTP/1.1 " + status);
        assertThat(api.get("/api/quilts")).hasSize(status == 201 ? before + 1 : before);
        if (status > 400) {
            assertThat(answer).contains("\"why\"", "\"fix\"");
        }
    }

    @Test
    void everyAnswerSaysWhatABrowserMayDoWithIt() {
        for (String path : new String[] {"/", "/quilts", "/nowhere", "/api/quilts", "/api/nowhere"}) {
            String answer = send("GET " + path + " HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n")
                    .toLowerCase(Locale.ROOT);
            assertThat(answer)
                    .as(path)
                    .contains("default-src 'self'", "frame-ancestors 'none'", "nosniff", "referrer-policy: no-referrer")
                    .doesNotContain("unsafe-inline", "unsafe-eval");
            if (path.startsWith("/api")) {
                assertThat(answer).contains("cache-control: no-store");
            }
        }
    }

    private static String send(String request) {
        try (Socket socket = new Socket(HOME.getHost(), HOME.getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException lost) {
            throw new UncheckedIOException(lost);
        }
    }
}
