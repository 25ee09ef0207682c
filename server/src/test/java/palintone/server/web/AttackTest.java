package palintone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import tools.jackson.databind.JsonNode;

/** Whatever is sent, the answer is a result or a clear refusal: never a server that broke. */
class AttackTest {

    private static final int SHOTS = 4_000;

    @Test
    void fourThousandRequestsNobodyMeansBreakNothing() throws Exception {
        try (Workshop workshop = Workshop.open()) {
            final Attack attack =
                    new Attack(
                            workshop.get("/api/openapi").json(),
                            words(workshop),
                            recipes(workshop),
                            20_261_125);
            final List<Attack.Shot> shots = attack.shots(SHOTS);
            final Map<String, String> broken = new ConcurrentHashMap<>();
            final Map<Integer, Integer> answers = new ConcurrentSkipListMap<>();
            final HttpClient http = HttpClient.newHttpClient();
            // Two at a time, as two screens would.
            IntStream.range(0, 2)
                    .parallel()
                    .forEach(
                            half -> {
                                for (int i = half; i < shots.size(); i += 2) {
                                    fire(workshop, http, shots.get(i), broken, answers);
                                }
                            });
            System.out.println("Attack: answers by status " + new TreeMap<>(answers));
            assertThat(broken).isEmpty();
            assertThat(answers.get(200)).as("some get through").isGreaterThan(SHOTS / 20);
            assertThat(workshop.get("/api/house").status()).isEqualTo(200);
            assertThat(workshop.get("/api/fillings").status()).isEqualTo(200);
            assertThat(workshop.get("/api/pieces").status()).isEqualTo(200);
        }
    }

    private static void fire(
            final Workshop workshop,
            final HttpClient http,
            final Attack.Shot shot,
            final Map<String, String> broken,
            final Map<Integer, Integer> answers) {
        final HttpRequest.Builder request =
                HttpRequest.newBuilder(workshop.uri(shot.path())).timeout(Duration.ofSeconds(60));
        if (!shot.type().isEmpty()) {
            request.header("Content-Type", shot.type());
        }
        request.method(
                shot.method().toUpperCase(java.util.Locale.ROOT),
                shot.body().isEmpty()
                        ? HttpRequest.BodyPublishers.noBody()
                        : HttpRequest.BodyPublishers.ofString(shot.body()));
        int status;
        String text;
        try {
            final HttpResponse<String> answer =
                    http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            status = answer.statusCode();
            text = answer.body();
        } catch (java.io.IOException | InterruptedException e) {
            status = 599;
            text = e.toString();
        }
        answers.merge(status, 1, Integer::sum);
        if (status >= 500 || text.contains("java.lang") || text.contains("\tat ")) {
            final String sent = shot.body().substring(0, Math.min(600, shot.body().length()));
            broken.put(shot.operation(), status + " to " + shot.path() + " " + sent + " → " + text);
        }
    }

    private static List<String> words(final Workshop workshop) {
        final List<String> words =
                new ArrayList<>(
                        List.of("Plum", "g", "oz", "tbsp", "half-28", "bar-21", "2026-11-25"));
        for (final String path :
                List.of("/api/fillings", "/api/pieces", "/api/ingredients?size=40")) {
            workshop.get(path)
                    .json()
                    .path("items")
                    .forEach(each -> words.add(each.get("id").asString()));
        }
        return words;
    }

    private static List<JsonNode> recipes(final Workshop workshop) {
        final List<JsonNode> recipes = new ArrayList<>();
        workshop.get("/api/fillings")
                .json()
                .get("items")
                .forEach(
                        each ->
                                recipes.add(
                                        workshop.get("/api/fillings/" + each.get("id").asString())
                                                .json()
                                                .get("recipe")));
        return recipes;
    }
}
