package palintone.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The one process that serves the interface and keeps the records. */
@SpringBootApplication
public class PalintoneServer {

    public static void main(final String[] args) {
        SpringApplication.run(PalintoneServer.class, args);
    }

    /** Every time stamp comes from here, so that tests can set the clock. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
