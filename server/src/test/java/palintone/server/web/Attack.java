package palintone.server.web;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests nobody means, made from the description of the interface: mostly of the right shape,
 * with parts missing, null, of another kind, too much or too little. The same seed makes the same
 * ones.
 */
final class Attack {

    private static final double[] NUMBERS = {
        0, 1, -1, 0.5, 2, 20, 31.5, 46, 100, 250, 1000, -40, 1e-9, 1e6, 1e15, -1e308, 1e308, 3.5
    };

    private final JsonMapper mapper = new JsonMapper();
    private final JsonNode api;
    private final List<String> words;
    private final List<JsonNode> recipes;
    private final Random random;

    /**
     * @param words ids and names that are known, so that some requests get far
     * @param recipes as somebody wrote them
     */
    Attack(
            final JsonNode api,
            final List<String> words,
            final List<JsonNode> recipes,
            final long seed) {
        this.api = api;
        this.words = words;
        this.recipes = recipes;
        random = new Random(seed);
    }

    /** One request; the body is empty where there is none. */
    record Shot(String operation, String method, String path, String body, String type) {}

    /** Every operation the description knows, each as often as the others. */
    List<Shot> shots(final int most) {
        final List<Map.Entry<String, String>> operations = new ArrayList<>();
        api.get("paths")
                .propertyStream()
                .forEach(
                        path ->
                                path.getValue()
                                        .propertyStream()
                                        .forEach(
                                                method ->
                                                        operations.add(
                                                                Map.entry(
                                                                        path.getKey(),
                                                                        method.getKey()))));
        final List<Shot> shots = new ArrayList<>(most);
        for (int i = 0; i < most; i++) {
            final Map.Entry<String, String> operation = operations.get(i % operations.size());
            shots.add(shot(operation.getKey(), operation.getValue()));
        }
        return shots;
    }

    private Shot shot(final String path, final String method) {
        final JsonNode operation = api.at("/paths/" + path.replace("/", "~1") + "/" + method);
        String filled = path;
        final List<String> query = new ArrayList<>();
        for (final JsonNode parameter : operation.path("parameters")) {
            final String name = parameter.get("name").asString();
            final String value = plain(resolve(parameter.get("schema")));
            if (parameter.get("in").asString().equals("path")) {
                filled = filled.replace("{" + name + "}", encoded(value.isEmpty() ? "x" : value));
            } else if (parameter.path("required").asBoolean() || random.nextBoolean()) {
                query.add(name + "=" + encoded(value));
            }
        }
        final String whole = query.isEmpty() ? filled : filled + "?" + String.join("&", query);
        final JsonNode content = operation.at("/requestBody/content");
        if (content.isMissingNode()) {
            return new Shot(method + " " + path, method, whole, "", "");
        }
        final String type = content.propertyNames().iterator().next();
        final JsonNode body = value(content.get(type).get("schema"), 0);
        final String text =
                random.nextInt(40) == 0
                        ? body.toString().substring(0, body.toString().length() / 2)
                        : body.toString().replace("\"huge\"", "1e999");
        return new Shot(
                method + " " + path,
                method,
                whole,
                text,
                type.startsWith("multipart") ? "multipart/form-data; boundary=x" : type);
    }

    private JsonNode resolve(final JsonNode schema) {
        final JsonNode ref = schema.path("$ref");
        return ref.isMissingNode()
                ? schema
                : api.at("/components" + ref.asString().substring("#/components".length()));
    }

    private JsonNode value(final JsonNode given, final int depth) {
        if (random.nextInt(30) == 0) {
            return anything();
        }
        final String name = given.path("$ref").asString("");
        if (name.endsWith("/RecipeDraft") && !recipes.isEmpty() && random.nextInt(3) > 0) {
            final JsonNode recipe = recipes.get(random.nextInt(recipes.size())).deepCopy();
            spoil(recipe, random.nextInt(3));
            return recipe;
        }
        final JsonNode schema = resolve(given);
        if (schema.has("oneOf")) {
            final JsonNode kinds = schema.get("oneOf");
            return value(kinds.get(random.nextInt(kinds.size())), depth + 1);
        }
        if (schema.has("enum")) {
            final JsonNode all = schema.get("enum");
            return all.get(random.nextInt(all.size()));
        }
        return switch (schema.path("type").asString("object")) {
            case "number" ->
                    random.nextInt(50) == 0
                            ? mapper.getNodeFactory().stringNode("huge")
                            : mapper.getNodeFactory().numberNode(number());
            case "integer" -> mapper.getNodeFactory().numberNode((long) number());
            case "boolean" -> mapper.getNodeFactory().booleanNode(random.nextBoolean());
            case "string" -> mapper.getNodeFactory().stringNode(plain(schema));
            case "array" -> {
                final ArrayNode array = mapper.createArrayNode();
                final int many = depth > 5 ? 0 : random.nextInt(4);
                for (int i = 0; i < many; i++) {
                    array.add(value(schema.get("items"), depth + 1));
                }
                yield array;
            }
            default -> object(schema, depth);
        };
    }

    private JsonNode object(final JsonNode schema, final int depth) {
        final ObjectNode object = mapper.createObjectNode();
        schema.path("properties")
                .propertyStream()
                .forEach(
                        p -> {
                            final int fate = random.nextInt(20);
                            if (fate == 0) {
                                object.putNull(p.getKey());
                            } else if (fate > 1 && depth < 7) {
                                object.set(p.getKey(), value(p.getValue(), depth + 1));
                            }
                        });
        if (schema.path("additionalProperties").isObject()) {
            object.set(
                    random.nextBoolean() ? "TEMPERATURE_C" : "WATER",
                    value(schema.get("additionalProperties"), depth + 1));
        }
        return object;
    }

    /** Changes some leaves of something that was right. */
    private void spoil(final JsonNode node, final int leaves) {
        for (int i = 0; i < leaves; i++) {
            JsonNode at = node;
            while (at instanceof ObjectNode object && !object.isEmpty()) {
                final List<String> names = List.copyOf(object.propertyNames());
                final String name = names.get(random.nextInt(names.size()));
                final JsonNode next = object.get(name);
                if (!next.isContainer() || random.nextInt(6) == 0) {
                    if (random.nextInt(4) == 0) {
                        object.remove(name);
                    } else {
                        object.set(name, anything());
                    }
                    break;
                }
                at =
                        next.isArray() && !next.isEmpty()
                                ? next.get(random.nextInt(next.size()))
                                : next;
            }
        }
    }

    private JsonNode anything() {
        return switch (random.nextInt(7)) {
            case 0 -> mapper.nullNode();
            case 1 -> mapper.createArrayNode();
            case 2 -> mapper.createObjectNode();
            case 3 -> mapper.getNodeFactory().booleanNode(true);
            case 4 -> mapper.getNodeFactory().numberNode(number());
            case 5 -> mapper.getNodeFactory().stringNode("x".repeat(random.nextInt(3000)));
            default -> mapper.getNodeFactory().stringNode(words.get(random.nextInt(words.size())));
        };
    }

    private double number() {
        return random.nextInt(4) == 0
                ? random.nextGaussian() * 100
                : NUMBERS[random.nextInt(NUMBERS.length)];
    }

    private String plain(final JsonNode schema) {
        if (schema.has("enum")) {
            final JsonNode all = schema.get("enum");
            return random.nextInt(10) == 0
                    ? "NOTHING"
                    : all.get(random.nextInt(all.size())).asString();
        }
        final String format = schema.path("format").asString("");
        if (format.equals("uuid") && random.nextInt(8) > 0) {
            return random.nextBoolean()
                    ? new UUID(7, random.nextInt(40)).toString()
                    : new UUID(random.nextLong(), random.nextLong()).toString();
        }
        if (!schema.path("type").asString("").equals("string")) {
            return String.valueOf(number());
        }
        return switch (random.nextInt(9)) {
            case 0 -> "";
            case 1 -> "\u0000 ' \" ; -- \uD83C\uDF6B";
            case 2 -> "a".repeat(random.nextInt(2500));
            default -> words.get(random.nextInt(words.size()));
        };
    }

    private static String encoded(final String value) {
        final String shortened = value.substring(0, Math.min(200, value.length()));
        return java.net.URLEncoder.encode(shortened, java.nio.charset.StandardCharsets.UTF_8)
                .replace("+", "%20");
    }
}
