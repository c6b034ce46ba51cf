package org.goldentally.app;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Golden Tally as a server: the HTTP API and the pages that use it. */
@SpringBootApplication
public class GoldenTallyApplication {

    /** The time by which things are dated; tests set it. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** Starts the application; what it needs of the machine is in {@code application.yaml}. */
    public static void main(String[] arguments) {
        SpringApplication.run(GoldenTallyApplication.class, arguments);
    }
}
