package org.goldentally.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Golden Tally as a server: the HTTP API and the pages that use it. */
@SpringBootApplication
public class GoldenTallyApplication {

    public static void main(String[] arguments) {
        SpringApplication.run(GoldenTallyApplication.class, arguments);
    }
}
