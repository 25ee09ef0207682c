package palintone.server.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import tools.jackson.databind.JsonNode;

/**
 * The published description of a batch file, and what a file has wrong against it. Understood when
 * the first file comes, not at every start.
 */
@Component
class BatchSchema {

    static final String NAME = "batch-1.schema.json";

    private final String text;
    private @Nullable Schema schema;

    BatchSchema() throws IOException {
        try (InputStream in = new ClassPathResource("schema/" + NAME).getInputStream()) {
            text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private synchronized Schema schema() {
        if (schema == null) {
            schema =
                    SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                            .getSchema(text);
        }
        return schema;
    }

    String text() {
        return text;
    }

    /**
     * @throws OutOfRangeException naming the first place where the file departs from the schema
     */
    void check(final JsonNode file) {
        final List<Error> errors = schema().validate(file);
        if (!errors.isEmpty()) {
            final Error first = errors.get(0);
            final String place = first.getInstanceLocation().toString();
            final JsonNode value = file.at(place.startsWith("/") ? place : "");
            throw new OutOfRangeException(
                    place.isEmpty() ? "file" : place,
                    shortened(value),
                    "what " + NAME + " asks for: " + first.getMessage());
        }
    }

    private static String shortened(final JsonNode value) {
        final String words = value.isMissingNode() ? "missing" : value.toString();
        return words.length() > 60 ? words.substring(0, 60) + "…" : words;
    }
}
