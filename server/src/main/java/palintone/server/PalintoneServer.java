package palintone.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;

/** Serves the interface and keeps the records of a house. */
@SpringBootApplication
public class PalintoneServer {

    public static void main(final String[] args) {
        final ConfigurableApplicationContext house =
                SpringApplication.run(PalintoneServer.class, args);
        Warming.ask(house);
        OtherHouse.open(house, args);
    }

    /** Every time stamp comes from here, so that tests can set the clock. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
