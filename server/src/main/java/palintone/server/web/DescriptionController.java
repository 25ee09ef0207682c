package palintone.server.web;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The description of the interface, as it is committed. It is made from the code by the tests,
 * which fail where it is not current; made by the server it would cost every start.
 */
@Hidden
@RestController
class DescriptionController {

    private static final Resource COMMITTED = new ClassPathResource("schema/openapi.json");

    @GetMapping(path = "/api/openapi", produces = MediaType.APPLICATION_JSON_VALUE)
    Resource description() {
        return COMMITTED;
    }
}
