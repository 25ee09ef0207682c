package palintone.server.problem;

import java.net.URI;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/**
 * Why something is refused, as a program tells it apart: by the address under {@code type}, never
 * by the words. What each means stands under that address. After RFC 9457.
 */
public enum ProblemType {
    IMPOSSIBLE(
            HttpStatus.BAD_REQUEST,
            "Not possible",
            "A value is missing, of another kind or out of its range. Field, value and what is"
                    + " allowed are named; where several are, all of them stand under errors."
                    + " Nothing was changed."),
    UNREADABLE(
            HttpStatus.BAD_REQUEST,
            "Not readable",
            "What was sent is not JSON, no table, or broke off on the way. Nothing was changed."),
    NOT_TAKEN_OVER(
            HttpStatus.BAD_REQUEST,
            "Not taken over",
            "A file of an import holds something impossible: file, row, field, value and what is"
                    + " allowed are named. Nothing of any of the files was taken over."),
    NOT_HERE(
            HttpStatus.NOT_FOUND,
            "Not here",
            "There is nothing of this id, or it was taken away meanwhile."),
    NOT_OFFERED(
            HttpStatus.METHOD_NOT_ALLOWED,
            "Not offered",
            "There is no such address, or it is asked for in another way or form."),
    TAKEN(
            HttpStatus.CONFLICT,
            "There already",
            "Something new bears an id or a name that is taken. Send it under another; nothing is"
                    + " ever written over."),
    STALE(
            HttpStatus.CONFLICT,
            "Changed meanwhile",
            "Somebody has changed it since the version it rests on. Read it anew, put the changes on"
                    + " top, send it once more."),
    AT_ONCE(
            HttpStatus.CONFLICT,
            "At the same moment",
            "Somebody else wrote the same at the same moment. Nothing was changed; look again and send"
                    + " it once more."),
    NOT_NOW(
            HttpStatus.CONFLICT,
            "Not now",
            "Possible, but not as the batch or the bowl stands: something before it is not done, or it"
                    + " is over."),
    IN_THE_WAY(
            HttpStatus.CONFLICT,
            "Settings here",
            "A house would be read in over settings that are here. Said with over=true, they are let"
                    + " go."),
    CANCELLED(
            HttpStatus.CONFLICT,
            "Cancelled",
            "Somebody has pressed Cancel while an import was under way. Nothing was changed."),
    TOO_LARGE(
            HttpStatus.CONTENT_TOO_LARGE,
            "Too large",
            "More than is read. How much is allowed is named. Nothing was changed."),
    ANOTHER_NAME(
            HttpStatus.MISDIRECTED_REQUEST,
            "Another name",
            "The server does not answer to the name it was asked under."),
    BUSY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Too busy",
            "There is more under way than this server takes on at once. Send it again in a while."),
    NO_DATABASE(
            HttpStatus.SERVICE_UNAVAILABLE,
            "No database",
            "The database does not answer. What was acknowledged is safe; send it again in a moment:"
                    + " with the same id it is written once."),
    NO_ROOM(
            HttpStatus.INSUFFICIENT_STORAGE,
            "No room left",
            "The disk that holds the books is full. Nothing of this was written, and what stood in the"
                    + " books stays readable. Make room on it, and send it once more."),
    BROKEN(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "Something broke",
            "A mistake of the server's own; its log says more under the mark. Nothing was changed.");

    /** Under the house's own address. */
    public static final String WHERE = "/problems/";

    /** Characters of a refusal; what is longer repeats something nobody reads. */
    private static final int LONGEST = 1000;

    private final HttpStatus status;
    private final String title;
    private final String meaning;

    ProblemType(final HttpStatus status, final String title, final String meaning) {
        this.status = status;
        this.title = title;
        this.meaning = meaning;
    }

    /** The status it is answered with, where nothing closer is known. */
    public HttpStatus status() {
        return status;
    }

    public String title() {
        return title;
    }

    /** What it means, and what to do. */
    public String meaning() {
        return meaning;
    }

    /** The last part of its address. */
    public String path() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The type with such an address. */
    public static Optional<ProblemType> ofPath(final String path) {
        return Arrays.stream(values()).filter(type -> type.path().equals(path)).findFirst();
    }

    /**
     * A problem of this type.
     *
     * @param detail what happened, cut at a thousand characters
     */
    public ProblemDetail detail(final String detail) {
        final String said = detail == null ? meaning : detail;
        final ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(
                        status, said.length() <= LONGEST ? said : said.substring(0, LONGEST) + "…");
        problem.setType(URI.create(WHERE + path()));
        problem.setTitle(title);
        return problem;
    }
}
