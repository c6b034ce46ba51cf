package org.goldentally.app.siege;

import java.io.IOException;
import java.net.BindException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.goldentally.app.GoldenTallyApplication;
import org.goldentally.app.RunningApplication;

/** The application in a process of its own over a durable database, both of which can be killed the hard way. */
public final class ApplicationProcess implements AutoCloseable {

    private static final int SHORT_WAIT_MS = 50;
    private static final int LOWEST_PORT = 18300;
    private static final int SPREAD = 1000;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(60);

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final Path folder = RunningApplication.newFolder();
    private final List<String> database;
    private final int port;
    private Process application;

    public ApplicationProcess() throws IOException {
        database = RunningApplication.throwawayDatabase("start", folder, "", "durable");
        port = freePort();
        startApplication();
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Within the bounds that the start command gives it, and of what was worked out when it was built. */
    public void startApplication() throws IOException {
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:TieredStopAtLevel=1"));
        command.addAll(bounds());
        command.add("-Dspring.aot.enabled=true");
        command.addAll(List.of(
                "-cp",
                System.getProperty("java.class.path"),
                GoldenTallyApplication.class.getName(),
                "--server.port=" + port,
                "--spring.datasource.hikari.connection-timeout=2000"));
        command.addAll(RunningApplication.databaseOptions(database));
        application = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    private static List<String> bounds() throws IOException {
        String bounds = Files.readString(RunningApplication.checkout().resolve("scripts/jvm-bounds"));
        return Arrays.stream(bounds.split("\n"))
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .toList();
    }

    public void killApplication() throws InterruptedException {
        application.destroyForcibly();
        application.waitFor();
    }

    public void killDatabase() {
        RunningApplication.throwawayDatabase("kill", folder);
    }

    public void restartDatabase() throws InterruptedException {
        for (int n = 0; n < 100; n++) {
            try {
                RunningApplication.throwawayDatabase("again", folder);
                return;
            } catch (IllegalStateException stillDying) {
                Thread.sleep(SHORT_WAIT_MS * 2L);
            }
        }
        throw new IllegalStateException("the database does not start again");
    }

    /** Memory of the application that is in use, in megabytes (Linux). */
    long residentMegabytes() throws IOException {
        return Files.readAllLines(Path.of("/proc/" + application.pid() + "/status"), StandardCharsets.US_ASCII).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
                .sum();
    }

    public HttpRequest request(String method, String path, String body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address() + path))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "application/json");
        return request.method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    /** Sends on and on until an answer comes that is no failure. */
    public String untilAnswered(String method, String path, String body) throws InterruptedException {
        for (long end = System.nanoTime() + LONGEST_WAIT.toNanos(); System.nanoTime() < end; ) {
            try {
                HttpResponse<String> answer =
                        http.send(request(method, path, body), HttpResponse.BodyHandlers.ofString());
                if (answer.statusCode() < 300) {
                    return answer.body();
                }
                if (answer.statusCode() < 500) {
                    throw new IllegalStateException(method + " " + path + " was refused: " + answer.body());
                }
            } catch (IOException notThere) {
                // It is sent again.
            }
            Thread.sleep(SHORT_WAIT_MS);
        }
        throw new IllegalStateException("no answer from " + path);
    }

    public HttpClient http() {
        return http;
    }

    @Override
    public void close() {
        application.destroyForcibly();
        RunningApplication.throwawayDatabase("stop", folder);
    }

    /** Below those that outgoing connections are given: it must be free again whenever the application comes back. */
    private static int freePort() throws IOException {
        int port = LOWEST_PORT + (int) (ProcessHandle.current().pid() % SPREAD);
        while (true) {
            try (ServerSocket socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (BindException e) {
                port++;
            }
        }
    }
}
