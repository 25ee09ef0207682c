package palintone.server;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.file.Path;
import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.DependsOn;
import org.springframework.core.env.Environment;
import palintone.server.door.HeldDoor;

/**
 * Serves the interface and keeps the records of a house.
 *
 * <p>What has nothing to do with the books is made first: while it is, the books are laid out on
 * the other core, and nothing has to wait for them that need not.
 */
@SpringBootApplication
@DependsOn({
    "requestMappingHandlerMapping",
    "requestMappingHandlerAdapter",
    "handlerExceptionResolver",
    "chain",
    "pathMappedEndpoints",
    "healthEndpointWebMvcHandlerMapping"
})
public class PalintoneServer {

    private static final Logger LOG = LoggerFactory.getLogger(PalintoneServer.class);

    public static void main(final String[] args) {
        final ConfigurableApplicationContext house =
                SpringApplication.run(PalintoneServer.class, args);
        holdOtherDoor(house.getEnvironment(), house.getBean(Clock.class));
        Warming.ask(house);
    }

    /** Where another house stands beside this one, and nobody is in it yet. */
    private static void holdOtherDoor(final Environment asked, final Clock clock) {
        final String wanted = asked.getProperty("palintone.other.wanted", "");
        if (wanted.isBlank()) {
            return;
        }
        final int port = asked.getRequiredProperty("palintone.other.port", Integer.class);
        try {
            new HeldDoor(
                    new InetSocketAddress(asked.getRequiredProperty("server.address"), port),
                    Path.of(wanted),
                    Path.of(asked.getRequiredProperty("palintone.other.stands")),
                    clock);
        } catch (IOException e) {
            LOG.error("The other house's door, port {}, cannot be held", port, e);
        }
    }

    /** Every time stamp comes from here, so that tests can set the clock. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
