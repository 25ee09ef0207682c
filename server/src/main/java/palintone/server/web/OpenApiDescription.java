package palintone.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface; the same wherever the server happens to run. */
@Configuration
class OpenApiDescription {

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info().title("Palintone").version("1"))
                .servers(List.of(new Server().url("/")));
    }
}
