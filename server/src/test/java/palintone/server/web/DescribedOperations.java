package palintone.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.tags.Tag;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import palintone.server.problem.ProblemType;

/**
 * Names of operations that stay, one tag a part of the house, and what each may refuse. Every
 * operation answers in the same few ways: said here once, not at a hundred and thirty methods.
 */
@Component
@Order(2) // what is said of a problem here stands
@SuppressWarnings({"rawtypes", "unchecked"}) // the description library deals in raw schemas
class DescribedOperations implements OperationCustomizer, GlobalOpenApiCustomizer {

    private static final String PROBLEM = "Problem";
    private static final String BODY = "application/problem+json";

    /** Parts of an address that are a part of the house by themselves. */
    private static final Set<String> OWN = Set.of("bowls", "traces");

    /** The parts of the house. */
    private static final Map<String, String> PARTS =
            Map.ofEntries(
                    Map.entry("batches", "Batches under way and over, entry by entry"),
                    Map.entry("bowls", "Bowls of couverture being tempered, measured or typed"),
                    Map.entry("coats", "Dipping, enrobing, slabs, sheets and lines"),
                    Map.entry("colours", "Colours, dusts and sheets in the house"),
                    Map.entry("couvertures", "What a bag says, and bags mixed"),
                    Map.entry("devices", "Sensors that send readings"),
                    Map.entry("exchange", "Lists, batches and the whole house, in and out"),
                    Map.entry("fillings", "Recipes: worked out, balanced, read, measured"),
                    Map.entry("find", "Anything by part of its name"),
                    Map.entry("house", "House rules and the room"),
                    Map.entry("ingredients", "The larder and its deliveries"),
                    Map.entry("larder", "Names of everything in the larder"),
                    Map.entry("moulds", "Moulds, drawn and measured"),
                    Map.entry("pieces", "Pieces: what they are, need, and how they keep"),
                    Map.entry("rehearsal", "Bowls to practise on"),
                    Map.entry("sample", "Single things of the invented workshop, to take over"),
                    Map.entry(
                            "shells", "Shells: cast, drained, cooled, filled, capped, turned out"),
                    Map.entry("temper", "Curves, answers and troubles of tempering"),
                    Map.entry("traces", "Readings of a logger, from a file"));

    @Override
    public Operation customize(final Operation operation, final HandlerMethod method) {
        // Its part of the house is known with its path only; until then, the method.
        return operation.operationId(method.getMethod().getName());
    }

    @Override
    public void customise(final OpenAPI api) {
        api.getComponents().addSchemas(PROBLEM, problem());
        final Set<String> tags = new TreeSet<>();
        api.getPaths()
                .forEach(
                        (path, item) ->
                                item.readOperationsMap()
                                        .forEach(
                                                (how, operation) -> {
                                                    final String part = part(path);
                                                    tags.add(part);
                                                    named(part, operation);
                                                    refuses(path, how, operation);
                                                }));
        api.setTags(
                tags.stream().map(tag -> new Tag().name(tag).description(PARTS.get(tag))).toList());
    }

    /** The part of the house an address belongs to: /api/temper/bowls/{id} is of bowls. */
    private static String part(final String path) {
        final String[] parts = path.split("/");
        return parts.length > 3 && OWN.contains(parts[3]) ? parts[3] : parts[2];
    }

    private static void named(final String part, final Operation operation) {
        final String method = operation.getOperationId();
        operation.setTags(List.of(part));
        if (operation.getSummary() != null
                && operation.getSummary().equals(operation.getDescription())) {
            operation.setDescription(null);
        }
        operation.setOperationId(
                part + method.substring(0, 1).toUpperCase(Locale.ROOT) + method.substring(1));
    }

    private static void refuses(
            final String path, final PathItem.HttpMethod how, final Operation operation) {
        answers(operation, ProblemType.IMPOSSIBLE, "Something asked for is not possible");
        if (path.contains("{")) {
            answers(operation, ProblemType.NOT_HERE, "There is nothing of that id");
        }
        if (how == PathItem.HttpMethod.PUT
                || how == PathItem.HttpMethod.DELETE
                || path.endsWith("s") && how == PathItem.HttpMethod.POST) {
            answers(operation, ProblemType.STALE, "Changed meanwhile, taken, or not possible now");
        }
        if (operation.getRequestBody() != null) {
            answers(operation, ProblemType.TOO_LARGE, "More than is read");
        }
        answers(operation, ProblemType.NO_DATABASE, "Too busy, or the database does not answer");
    }

    private static void answers(
            final Operation operation, final ProblemType type, final String words) {
        operation
                .getResponses()
                .addApiResponse(
                        String.valueOf(type.status().value()),
                        new ApiResponse()
                                .description(words)
                                .content(
                                        new Content()
                                                .addMediaType(
                                                        BODY,
                                                        new MediaType()
                                                                .schema(
                                                                        new Schema<>()
                                                                                .$ref(PROBLEM)))));
    }

    /** Its fields beside those every problem has are left out where nothing is to say. */
    private static Schema<?> problem() {
        final Schema<?> field =
                new ObjectSchema()
                        .addProperty("field", new StringSchema())
                        .addProperty("value", new StringSchema())
                        .addProperty("allowed", new StringSchema())
                        .addProperty(
                                "pointer",
                                new StringSchema().description("Where it stands in what was sent"))
                        .required(List.of("field", "value", "allowed"));
        return new ObjectSchema()
                .description("A refusal, after RFC 9457")
                .addProperty(
                        "type",
                        new StringSchema()
                                .format("uri-reference")
                                .description("What a program tells it apart by"))
                .addProperty("title", new StringSchema())
                .addProperty("status", new IntegerSchema())
                .addProperty("detail", new StringSchema().description("To be shown as it is"))
                .addProperty("instance", new StringSchema().format("uri-reference"))
                .addProperty("field", new StringSchema())
                .addProperty("value", new StringSchema())
                .addProperty("allowed", new StringSchema())
                .addProperty(
                        "errors",
                        new ArraySchema().items(field).description("All of them, where several"))
                .required(List.of("type", "title", "status", "detail"));
    }
}
