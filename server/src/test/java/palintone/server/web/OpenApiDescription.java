package palintone.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface; the same wherever the server happens to run. */
@Configuration
class OpenApiDescription {

    private static final String WHAT =
            "What the screens of the house ask and say, for programs of your own too. Temperatures in"
                    + " °C, masses in g, lengths in mm, times in s unless a name says otherwise. What"
                    + " is written carries an id chosen by who writes: sent again after silence it is"
                    + " written once. A refusal is a problem after RFC 9457; its type, under"
                    + " /problems, is what a program tells it apart by.";

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Palintone")
                                .version("1")
                                .description(WHAT)
                                .license(new License().name("Apache-2.0").identifier("Apache-2.0")))
                // There are no accounts: whoever reaches the house may ask.
                .security(List.of(new SecurityRequirement()))
                .servers(List.of(new Server().url("/")));
    }
}
