package org.goldentally.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.web.client.RestClient;

/**
 * The real application for tests: started once in this JVM for each profile, on a free loopback port, over a throw-away
 * PostgreSQL of its own, and ended with it. Gives tests a {@link RestClient} that asks it and does not throw, or an {@link Api} over it.
 */
public final class RunningApplication implements ParameterResolver {

    private static final Map<String, ConfigurableApplicationContext> RUNNING = new HashMap<>();

    /** Where the one without any data is. */
    public static String address() {
        return address("test");
    }

    /** Starts the application with a profile if it is not running, and says where it is. */
    public static synchronized String address(String profile) {
        ConfigurableApplicationContext context = RUNNING.computeIfAbsent(profile, RunningApplication::start);
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    /** As it is started in earnest: of what was worked out when it was built. */
    private static ConfigurableApplicationContext start(String profile) {
        System.setProperty("spring.aot.enabled", "true");
        Path folder = newFolder();
        List<String> database = throwawayDatabase("start", folder);
        Runtime.getRuntime().addShutdownHook(new Thread(() -> throwawayDatabase("stop", folder)));
        SpringApplication application = new SpringApplication(GoldenTallyApplication.class);
        application.setMainApplicationClass(GoldenTallyApplication.class);
        return application.run(Stream.concat(
                        Stream.of("--server.port=0", "--spring.profiles.active=" + profile),
                        databaseOptions(database).stream())
                .toArray(String[]::new));
    }

    /** @param said what the throw-away database says when it is started: its address, and the passwords of its two users */
    public static List<String> databaseOptions(List<String> said) {
        return List.of(
                "--spring.datasource.url=" + said.get(said.size() - 3),
                "--spring.flyway.password=" + said.get(said.size() - 2),
                "--spring.datasource.password=" + said.getLast());
    }

    /** Something of the running application, to look behind its door. */
    static <T> T bean(Class<T> type) {
        address();
        return RUNNING.get("test").getBean(type);
    }

    /** The folder of the checkout. */
    public static Path checkout() {
        Path folder = Path.of("").toAbsolutePath();
        while (!Files.isExecutable(folder.resolve("golden-tally"))) {
            folder = folder.getParent();
        }
        return folder;
    }

    /** The output goes through a file: the database server would keep a pipe open for ever. */
    public static List<String> throwawayDatabase(String what, Path folder, String... more) {
        try {
            Path output = Files.createTempFile("golden-tally", ".out");
            int exit = new ProcessBuilder(Stream.concat(
                                    Stream.of(
                                            checkout()
                                                    .resolve("scripts/throwaway-database")
                                                    .toString(),
                                            what,
                                            folder.toString()),
                                    Stream.of(more))
                            .toList())
                    .redirectOutput(output.toFile())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start()
                    .waitFor();
            try (Stream<String> lines = Files.lines(output, StandardCharsets.UTF_8)) {
                if (exit != 0) {
                    throw new IllegalStateException("the throw-away database: exit " + exit);
                }
                return lines.toList();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public static Path newFolder() {
        try {
            return Files.createTempDirectory("golden-tally-test").resolve("database");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        Class<?> type = parameter.getParameter().getType();
        return type == RestClient.class || type == Api.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        return parameter.getParameter().getType() == Api.class ? api("test") : client("test");
    }

    /** Asks the one of a profile: another than the others ask, with a database of its own. */
    static Api api(String profile) {
        return new Api(client(profile));
    }

    private static RestClient client(String profile) {
        return RestClient.builder()
                .baseUrl(address(profile))
                .defaultStatusHandler(status -> true, (request, response) -> {})
                .build();
    }
}
