package palintone.server.problem;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import jakarta.annotation.Nullable;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.hibernate.TransactionException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.validation.FieldError;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import palintone.core.figure.OutOfRangeException;
import palintone.core.work.IllegalMoveException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * Turns every refusal into a problem detail; nothing else leaves the server, never a stack trace.
 */
@RestControllerAdvice
public class Problems {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** Fields named at once; nobody mends more before sending again. */
    private static final int MOST_ERRORS = 50;

    /** A table that cannot grow, a disk that is full. */
    private static final Set<Integer> FULL = Set.of(1114, 1021);

    /** As the operating system numbers it, wherever the database meets it. */
    private static final Pattern NO_SPACE = Pattern.compile("(?i)\\berr(or|no)[ :]*28\\b");

    /**
     * What the core refuses first, by the name its owner knows; all else that is wrong beside it.
     */
    @ExceptionHandler
    ProblemDetail outOfRange(final OutOfRangeException e, final WebRequest request) {
        final ProblemDetail problem = ProblemType.IMPOSSIBLE.detail(e.getMessage());
        final List<FieldProblem> wrong = new ArrayList<>();
        String pointer = null;
        for (final FieldProblem each : DeclaredLimits.broken(AskedBody.of(request))) {
            if (pointer == null && each.isThatOf(e)) {
                pointer = each.pointer();
            } else if (wrong.size() < MOST_ERRORS) {
                wrong.add(each);
            }
        }
        wrong.add(0, new FieldProblem(e.field(), e.value(), e.allowed(), pointer));
        problem.setProperty("errors", wrong);
        return about(problem, e.field(), e.value(), e.allowed());
    }

    @ExceptionHandler
    ProblemDetail notHere(final NotHereException e) {
        final ProblemDetail problem = ProblemType.NOT_HERE.detail(e.getMessage());
        return about(problem, e.field(), e.value(), "an id from the list");
    }

    @ExceptionHandler
    ProblemDetail taken(final TakenException e) {
        final ProblemDetail problem = ProblemType.TAKEN.detail(e.getMessage());
        return about(problem, e.field(), e.value(), "a name that is not taken");
    }

    @ExceptionHandler
    ProblemDetail busy(final TooBusyException e) {
        return ProblemType.BUSY.detail(e.getMessage());
    }

    /** Two wrote at once, and the database let one of them through. */
    @ExceptionHandler({
        DataIntegrityViolationException.class,
        PessimisticLockingFailureException.class
    })
    ProblemDetail atOnce(final DataAccessException e) {
        LOG.info("Two wrote at once: {}", e.getMessage());
        return ProblemType.AT_ONCE.detail(
                "Somebody else wrote the same at the same moment, or what it rests on is gone."
                        + " Nothing of yours was changed: look again and send it once more.");
    }

    /**
     * One field that is refused.
     *
     * @param value as it was given, cut at 200 characters; "missing" where it was not
     * @param allowed instead
     * @param pointer where it stands in what was sent, as "/layers/0/share"; null where it is not
     *     one field alone
     */
    public record FieldProblem(
            String field, String value, String allowed, @Nullable String pointer) {

        private static final Pattern PLACE = Pattern.compile("/(\\d+)");

        static FieldProblem of(final FieldError error) {
            final String pointer =
                    "/" + error.getField().replaceAll("\\[(\\d+)\\]", "/$1").replace('.', '/');
            return new FieldProblem(
                    said(pointer),
                    error.getRejectedValue() == null ? "missing" : shown(error.getRejectedValue()),
                    String.valueOf(error.getDefaultMessage()),
                    pointer);
        }

        /** A field by where it stands, counted as people do: "layers 1 share". */
        static String said(final String pointer) {
            return PLACE.matcher(pointer)
                    .replaceAll(place -> "/" + (Integer.parseInt(place.group(1)) + 1))
                    .substring(1)
                    .replace('/', ' ');
        }

        /** Whether the core refused the same; of a text it also says the least. */
        boolean isThatOf(final OutOfRangeException e) {
            return value.equals(e.value())
                    && e.allowed().endsWith(allowed.replaceFirst("^up ", ""));
        }

        String said() {
            return field + " is " + value + "; allowed: " + allowed;
        }
    }

    /** All of what is wrong, by name of the field; the first of it is what the screen shows. */
    @ExceptionHandler
    ProblemDetail invalid(final MethodArgumentNotValidException e) {
        final List<FieldProblem> wrong =
                e.getBindingResult().getFieldErrors().stream()
                        .map(FieldProblem::of)
                        .sorted(Comparator.comparing(FieldProblem::field))
                        .limit(MOST_ERRORS)
                        .toList();
        if (wrong.isEmpty()) {
            return ProblemType.IMPOSSIBLE.detail("Something asked for is missing.");
        }
        final FieldProblem first = wrong.get(0);
        final ProblemDetail problem = ProblemType.IMPOSSIBLE.detail(first.said());
        problem.setProperty("errors", wrong);
        return about(problem, first.field(), first.value(), first.allowed());
    }

    @ExceptionHandler
    ProblemDetail illegalMove(final IllegalMoveException e) {
        return ProblemType.NOT_NOW.detail(e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail stale(final StaleVersionException e, final WebRequest request) {
        final ProblemDetail problem = ProblemType.STALE.detail(e.getMessage());
        if (request.getHeader(HttpHeaders.IF_MATCH) != null) {
            problem.setStatus(HttpStatus.PRECONDITION_FAILED);
        }
        return about(problem, "version", String.valueOf(e.given()), String.valueOf(e.current()));
    }

    @ExceptionHandler
    ProblemDetail stale(final ObjectOptimisticLockingFailureException e) {
        return ProblemType.STALE.detail(
                "Somebody else saved at the same moment. What you typed is still here: save again.");
    }

    @ExceptionHandler
    ProblemDetail wrongKind(final MethodArgumentTypeMismatchException e) {
        final Class<?> type = e.getRequiredType();
        final ProblemDetail problem =
                ProblemType.IMPOSSIBLE.detail(
                        e.getName()
                                + " is \""
                                + shown(e.getValue())
                                + "\"; allowed: "
                                + words(type));
        return about(problem, e.getName(), String.valueOf(e.getValue()), words(type));
    }

    @ExceptionHandler
    ProblemDetail missing(final MissingServletRequestParameterException e) {
        final ProblemDetail problem =
                ProblemType.IMPOSSIBLE.detail(e.getParameterName() + " is missing");
        return about(problem, e.getParameterName(), "missing", e.getParameterType());
    }

    @ExceptionHandler
    ProblemDetail tooLarge(final TooLargeException e) {
        return about(
                ProblemType.TOO_LARGE.detail(e.getMessage()), "body", "too large", e.allowed());
    }

    @ExceptionHandler
    ProblemDetail unreadable(final HttpMessageNotReadableException e) {
        if (NestedExceptionUtils.getMostSpecificCause(e) instanceof TooLargeException large) {
            return tooLarge(large);
        }
        return unreadable(e.getCause());
    }

    /** What a JSON text says wrongly, and where. */
    public static ProblemDetail unreadable(final Throwable cause) {
        if (cause instanceof InvalidFormatException wrong) {
            final String field = path(wrong);
            final String allowed = words(wrong.getTargetType());
            final ProblemDetail problem =
                    ProblemType.IMPOSSIBLE.detail(
                            field + " is \"" + shown(wrong.getValue()) + "\"; allowed: " + allowed);
            return about(problem, field, String.valueOf(wrong.getValue()), allowed);
        }
        if (cause instanceof InvalidTypeIdException unknown) {
            final JsonSubTypes kinds =
                    unknown.getBaseType().getRawClass().getAnnotation(JsonSubTypes.class);
            final String allowed =
                    kinds == null
                            ? "a kind that is known"
                            : Arrays.stream(kinds.value())
                                    .map(JsonSubTypes.Type::name)
                                    .collect(Collectors.joining(", "));
            final ProblemDetail problem =
                    ProblemType.IMPOSSIBLE.detail(
                            (unknown.getTypeId() == null
                                            ? "kind is missing"
                                            : "kind is \"" + unknown.getTypeId() + "\"")
                                    + "; allowed: "
                                    + allowed);
            return about(problem, "kind", String.valueOf(unknown.getTypeId()), allowed);
        }
        if (cause instanceof UnrecognizedPropertyException unknown) {
            final ProblemDetail problem =
                    ProblemType.IMPOSSIBLE.detail("there is no field " + path(unknown));
            return about(
                    problem,
                    path(unknown),
                    "given",
                    unknown.getKnownPropertyIds().stream()
                            .map(String::valueOf)
                            .collect(Collectors.joining(", ")));
        }
        if (cause instanceof MismatchedInputException wrong
                && !path(wrong).isEmpty()
                && ALLOWED.containsKey(wrong.getTargetType())) {
            final String field = path(wrong);
            final String allowed = words(wrong.getTargetType());
            final ProblemDetail problem =
                    ProblemType.IMPOSSIBLE.detail(
                            field + " is missing or of another kind; allowed: " + allowed);
            return about(problem, field, "missing or of another kind", allowed);
        }
        if (cause instanceof DatabindException wrong && !path(wrong).isEmpty()) {
            // It is JSON, but not what belongs there: null in a list of choices.
            final String field = path(wrong);
            final String allowed = "a value of the kind that is asked for";
            return about(
                    ProblemType.IMPOSSIBLE.detail(
                            field + " is missing or of another kind; allowed: " + allowed),
                    field,
                    "missing or of another kind",
                    allowed);
        }
        if (cause instanceof JacksonException broken) {
            final String field = path(broken);
            final ProblemDetail problem =
                    ProblemType.UNREADABLE.detail(
                            (field.isEmpty() ? "The text" : field)
                                    + " cannot be read as JSON"
                                    + line(broken)
                                    + ".");
            return about(problem, field.isEmpty() ? "body" : field, "unreadable", "JSON");
        }
        return about(
                ProblemType.UNREADABLE.detail("The text cannot be read as JSON."),
                "body",
                "unreadable",
                "JSON");
    }

    /** A number of thousands of digits breaks off nowhere in particular. */
    private static String line(final JacksonException broken) {
        return broken.getLocation() == null ? "" : ", line " + broken.getLocation().getLineNr();
    }

    @ExceptionHandler
    ProblemDetail tooLarge(final MaxUploadSizeExceededException e) {
        return about(
                ProblemType.TOO_LARGE.detail(
                        "The files are larger than 40 MB together." + " Nothing was changed."),
                "files",
                "too large",
                "up to 40 MB together");
    }

    @ExceptionHandler
    ProblemDetail brokenUpload(final MultipartException e) {
        return about(
                ProblemType.UNREADABLE.detail(
                        "The upload broke off or is not a form with files. Nothing was changed."),
                "files",
                "unreadable",
                "one or more files");
    }

    /** The other screen went away; nobody is left to tell. */
    @ExceptionHandler
    void gone(final AsyncRequestNotUsableException e) {
        LOG.debug("A screen went away: {}", e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> anything(final Exception e) {
        if (e instanceof ErrorResponse known && known.getStatusCode().is4xxClientError()) {
            final HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            final ProblemDetail problem = ProblemType.NOT_OFFERED.detail(e.getMessage());
            problem.setStatus(status.value());
            return ResponseEntity.status(status).body(problem);
        }
        if (diskIsFull(e)) {
            LOG.error("The disk that holds the books is full: {}", e.getMessage());
            return ResponseEntity.status(ProblemType.NO_ROOM.status())
                    .body(ProblemType.NO_ROOM.detail(ProblemType.NO_ROOM.meaning()));
        }
        if (lineIsDown(e)) {
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).body(noDatabase(e));
        }
        final String mark = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("Unforeseen, mark {}", mark, e);
        return ResponseEntity.internalServerError()
                .body(
                        ProblemType.BROKEN.detail(
                                "The server could not do this. Nothing was changed. The log says"
                                        + " more under the mark "
                                        + mark
                                        + "."));
    }

    /** MariaDB's own numbers: no SQL state tells a full disk from other trouble of a table. */
    private static boolean diskIsFull(final Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql
                    && (FULL.contains(sql.getErrorCode())
                            || NO_SPACE.matcher(String.valueOf(sql.getMessage())).find())) {
                return true;
            }
        }
        return false;
    }

    /** However it is wrapped: SQL states of class 08 say that the line to the database is down. */
    private static boolean lineIsDown(final Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            final boolean down =
                    cause instanceof SQLException sql
                            && sql.getSQLState() != null
                            && sql.getSQLState().startsWith("08");
            // A rollback that cannot even be sent hides the state that was there before it.
            if (down
                    || cause instanceof SQLTransientConnectionException
                    || cause instanceof TransactionException) {
                return true;
            }
        }
        return false;
    }

    private static ProblemDetail noDatabase(final Exception e) {
        LOG.error("The database does not answer: {}", e.getMessage());
        return ProblemType.NO_DATABASE.detail(
                "The database does not answer. What was acknowledged is safe; send this again in a"
                        + " moment.");
    }

    private static String shown(final Object value) {
        return OutOfRangeException.shown(String.valueOf(value));
    }

    private static ProblemDetail about(
            final ProblemDetail problem,
            final String field,
            final String value,
            final String allowed) {
        problem.setProperty("field", field);
        problem.setProperty("value", shown(value));
        problem.setProperty("allowed", allowed);
        return problem;
    }

    private static String path(final JacksonException e) {
        return e.getPath().stream()
                .map(
                        step ->
                                step.getPropertyName() != null
                                        ? step.getPropertyName()
                                        : String.valueOf(step.getIndex() + 1))
                .collect(Collectors.joining(" "));
    }

    private static String words(final Class<?> type) {
        if (type == null) {
            return "another kind of value";
        }
        if (type.isEnum()) {
            return java.util.Arrays.stream(type.getEnumConstants())
                    .map(String::valueOf)
                    .collect(Collectors.joining(", "));
        }
        return ALLOWED.getOrDefault(type, "a value of another kind");
    }

    /** What the simple kinds of value are called. */
    private static final Map<Class<?>, String> ALLOWED =
            Map.of(
                    int.class, "a whole number",
                    Integer.class, "a whole number",
                    long.class, "a whole number",
                    Long.class, "a whole number",
                    double.class, "a number",
                    Double.class, "a number",
                    boolean.class, "true or false",
                    Boolean.class, "true or false",
                    String.class, "a text",
                    UUID.class, "an id");
}
