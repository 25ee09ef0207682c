package palintone.server;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;
import palintone.server.house.NextDoor;

/**
 * The second house behind a door of its own: the sample workshop beside one's own, or the other way
 * round. It has books, caches and news of its own, so that nothing can be mixed; the two share
 * nothing but this process.
 */
final class OtherHouse {

    private static final Logger LOG = LoggerFactory.getLogger(OtherHouse.class);

    private static final long ITS_TURN_MS = 10_000;

    private OtherHouse() {}

    /** Opens it once the first stands, where it was asked for; without it the first goes on. */
    static void open(final ConfigurableApplicationContext first, final String[] args) {
        final Environment asked = first.getEnvironment();
        final String books = asked.getProperty("palintone.other.db-url", "");
        if (books.isBlank()) {
            return;
        }
        final List<String> its = new ArrayList<>(Arrays.asList(args));
        its.add("--spring.datasource.url=" + books);
        its.add("--server.port=" + asked.getProperty("palintone.other.port"));
        its.add("--palintone.demo=" + asked.getProperty("palintone.other.demo", ""));
        its.add("--palintone.house=" + asked.getProperty("palintone.other.house"));
        its.add("--palintone.other.house=" + asked.getProperty("palintone.house"));
        its.add("--palintone.other.port=" + asked.getProperty("server.port"));
        its.add("--palintone.other.db-url=");
        try {
            // Both cores are the maker's, who has just opened the first house.
            Thread.sleep(ITS_TURN_MS);
            final ConfigurableApplicationContext second =
                    SpringApplication.run(PalintoneServer.class, its.toArray(String[]::new));
            first.getBean(NextDoor.class).opened();
            second.getBean(NextDoor.class).opened();
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException e) {
            LOG.error("The other house could not be opened", e);
        }
    }
}
