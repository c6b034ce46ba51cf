package org.goldentally.app.load;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import org.goldentally.app.problems.ReportWriter;
import org.goldentally.core.problem.Problem;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bodies are read here, whole, before anything else is done: not larger than what is asked for may be, not slower than
 * any browser on this machine sends, and no more at once than there is room for. So whoever sends a body half keeps
 * nobody waiting, and whoever works has it all.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class Bodies extends OncePerRequestFilter {

    private static final int BLOCK = 1024;

    /** Room for bodies, all together. */
    private static final int ROOM_IN_BLOCKS = 96 * 1024;

    /** How many may be under way at once: fewer than the server has threads, so that the rest can be answered. */
    private static final int MOST_UNDER_WAY = 100;

    private static final Duration LONGEST = Duration.ofSeconds(15);
    private static final int BYTES_AT_ONCE = 16 * BLOCK;

    /** Room for a whole design of a usual size; who tells of more and never sends it has taken no more than this. */
    private static final int MOST_ROOM_AHEAD = 256 * BLOCK;

    private final Semaphore room = new Semaphore(ROOM_IN_BLOCKS);
    private final Semaphore underWay = new Semaphore(MOST_UNDER_WAY);
    private final Handlers handlers;
    private final ReportWriter reports;

    Bodies(Handlers handlers, ReportWriter reports) {
        this.handlers = handlers;
        this.reports = reports;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentLengthLong() <= 0 && request.getHeader(HttpHeaders.TRANSFER_ENCODING) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain next)
            throws ServletException, IOException {
        int largest = handlers.said(request, LargestBody.class)
                .map(LargestBody::value)
                .orElse(LargestBody.USUAL);
        long told = request.getContentLengthLong();
        if (told > largest) {
            tooLarge(response, largest);
            return;
        }
        int blocks = (int) ((told < 0 ? largest : told) / BLOCK) + 1;
        if (!room.tryAcquire(blocks)) {
            tooMany(response);
            return;
        }
        try {
            read(request, response, largest, next);
        } finally {
            room.release(blocks);
        }
    }

    private void read(HttpServletRequest request, HttpServletResponse response, int largest, FilterChain next)
            throws ServletException, IOException {
        if (!underWay.tryAcquire()) {
            tooMany(response);
            return;
        }
        byte[] body;
        try {
            body = read(request.getInputStream(), request.getContentLength(), largest);
        } catch (IOException slowOrGone) {
            response.setHeader(HttpHeaders.CONNECTION, "close");
            refuse(
                    response,
                    HttpStatus.REQUEST_TIMEOUT,
                    new Problem("Request", "the rest of it did not come", "send it once more"));
            return;
        } finally {
            underWay.release();
        }
        if (body.length > largest) {
            tooLarge(response, largest);
            return;
        }
        next.doFilter(new WithBody(request, body), response);
    }

    /** At most one byte more than allowed; room is made for what was told, and more only once it is there. */
    private static byte[] read(InputStream input, int told, int largest) throws IOException {
        long end = System.nanoTime() + LONGEST.toNanos();
        ByteArrayOutputStream body = new ByteArrayOutputStream(Math.clamp(told, 0, MOST_ROOM_AHEAD));
        byte[] some = new byte[BYTES_AT_ONCE];
        while (body.size() <= largest) {
            int count = input.read(some, 0, Math.min(some.length, largest + 1 - body.size()));
            if (count < 0) {
                break;
            }
            body.write(some, 0, count);
            if (System.nanoTime() > end) {
                throw new SocketTimeoutException("a body came too slowly");
            }
        }
        return body.toByteArray();
    }

    private void tooLarge(HttpServletResponse response, int largest) throws IOException {
        String most = largest >= 1_000_000 ? largest / 1_000_000 + " MB" : largest / 1_000 + " kB";
        refuse(
                response,
                HttpStatus.CONTENT_TOO_LARGE,
                new Problem("Request", "it is larger than " + most, "send less at once, or make the picture smaller"));
    }

    private void tooMany(HttpServletResponse response) throws IOException {
        response.setHeader(HttpHeaders.RETRY_AFTER, "2");
        refuse(
                response,
                HttpStatus.SERVICE_UNAVAILABLE,
                new Problem("Golden Tally", "too much is sent to it at once", "try again in a moment"));
    }

    private void refuse(HttpServletResponse response, HttpStatus status, Problem problem) throws IOException {
        reports.write(response, status, "The request was not read", problem);
    }

    /** A request whose body is here already, and can be read more than once. */
    private static final class WithBody extends HttpServletRequestWrapper {
        private final byte[] body;

        WithBody(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            return new Bytes(new ByteArrayInputStream(body));
        }

        @Override
        public BufferedReader getReader() {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class Bytes extends ServletInputStream {
        private final ByteArrayInputStream bytes;

        Bytes(ByteArrayInputStream bytes) {
            this.bytes = bytes;
        }

        @Override
        public boolean isFinished() {
            return bytes.available() == 0;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("the body is here already");
        }

        @Override
        public int read() {
            return bytes.read();
        }

        @Override
        public int read(byte[] into, int offset, int length) {
            return bytes.read(into, offset, length);
        }
    }
}
