package palintone.server.house;

import jakarta.annotation.Nullable;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Which house this is, and where the other one is entered. */
@Component
public class NextDoor {

    private final Which here;
    private final Which there;
    private final int port;

    NextDoor(
            @Value("${palintone.house}") final String here,
            @Value("${palintone.other.house}") final String there,
            @Value("${palintone.other.port}") final int port) {
        this.here = which(here);
        this.there = which(there);
        this.port = port;
    }

    private static Which which(final String words) {
        return Which.valueOf(words.toUpperCase(Locale.ROOT));
    }

    /** Whose workshop a house is. */
    public enum Which {
        SAMPLE,
        OWN
    }

    /**
     * The house one is in, and the other.
     *
     * @param other null where there is none
     */
    public record HousesView(Which here, @Nullable OtherView other) {}

    /** The other house: on the same machine, at this port. */
    public record OtherView(Which which, int port) {}

    HousesView view() {
        return new HousesView(here, port > 0 ? new OtherView(there, port) : null);
    }
}
