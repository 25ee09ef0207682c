package palintone.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What stands under the addresses of the problem types. */
@Hidden
@RestController
@RequestMapping("/problems")
class ProblemTypeController {

    /** One type, in words. */
    record ProblemTypeView(String type, int status, String title, String meaning) {

        static ProblemTypeView of(final ProblemType type) {
            return new ProblemTypeView(
                    ProblemType.WHERE + type.path(),
                    type.status().value(),
                    type.title(),
                    type.meaning());
        }
    }

    /** All of them. */
    @GetMapping
    List<ProblemTypeView> all() {
        return Arrays.stream(ProblemType.values()).map(ProblemTypeView::of).toList();
    }

    /** One of them. */
    @GetMapping("/{path}")
    ProblemTypeView one(@PathVariable final String path) {
        return ProblemType.ofPath(path)
                .map(ProblemTypeView::of)
                .orElseThrow(() -> new NotHereException("problem", path));
    }
}
