package org.goldentally.app.load;

import jakarta.annotation.PreDestroy;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Who asked and went away: a closed page, a new edit that made the question idle. While an answer is worked out the
 * server does not read from its connection, so nothing would tell; the system does: a connection whose other end is
 * closed stands in its table as waiting to be closed here. Where there is no such table (it is Linux's), everything is
 * worked out to its end.
 */
@Component
class GoneClients {

    private static final Logger LOG = LoggerFactory.getLogger(GoneClients.class);

    private static final List<Path> TABLES = List.of(Path.of("/proc/net/tcp"), Path.of("/proc/net/tcp6"));

    /** The state of a connection that the other end has closed. */
    private static final String CLOSED_THERE = "08";

    private static final int LOCAL = 1;
    private static final int REMOTE = 2;
    private static final int STATE = 3;
    private static final int HEXADECIMAL = 16;
    private static final int LOOKS_EVERY_MS = 250;

    private final Map<Turns.Turn, Ends> asked = new ConcurrentHashMap<>();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("gone-clients").factory());

    GoneClients() {
        var unused = clock.scheduleWithFixedDelay(this::look, LOOKS_EVERY_MS, LOOKS_EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /** The two ends of a connection, by their ports. */
    record Ends(int here, int there) {}

    void watch(HttpServletRequest request, Turns.Turn turn) {
        asked.put(turn, new Ends(request.getLocalPort(), request.getRemotePort()));
    }

    void done(Turns.Turn turn) {
        asked.remove(turn);
    }

    private void look() {
        if (asked.isEmpty()) {
            return;
        }
        try {
            Set<Ends> gone = closedThere();
            asked.forEach((turn, ends) -> {
                if (gone.contains(ends)) {
                    turn.callOff();
                }
            });
        } catch (IOException | RuntimeException unreadable) {
            LOG.debug("who went away cannot be told", unreadable);
        }
    }

    /** All connections of this machine that their other ends have closed. */
    static Set<Ends> closedThere() throws IOException {
        Set<Ends> gone = new HashSet<>();
        for (Path table : TABLES) {
            if (Files.isReadable(table)) {
                gone.addAll(closedThere(Files.readAllLines(table, StandardCharsets.US_ASCII)));
            }
        }
        return gone;
    }

    /** The connections of a table, each a line such as {@code 0: 0100007F:1F9A 0100007F:D2F4 08 …}. */
    static Set<Ends> closedThere(List<String> table) {
        Set<Ends> gone = new HashSet<>();
        for (String line : table.subList(Math.min(1, table.size()), table.size())) {
            String[] fields = line.strip().split("\\s+");
            if (fields.length > STATE && fields[STATE].equals(CLOSED_THERE)) {
                gone.add(new Ends(port(fields[LOCAL]), port(fields[REMOTE])));
            }
        }
        return gone;
    }

    private static int port(String address) {
        return Integer.parseInt(address.substring(address.lastIndexOf(':') + 1), HEXADECIMAL);
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
    }
}
