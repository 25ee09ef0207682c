package palintone.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.web.cors.CorsConfiguration;
import org.springframework.web.cors.CorsConfigurationSource;
import org.springframework.web.cors.UrlBasedCorsConfigurationSource;
import palintone.server.problem.ProblemType;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who is let in: everybody in the workshop, by one of the machine's names and from its own pages
 * only. There are no accounts; so a page from elsewhere must not be able to write through a maker's
 * browser.
 */
@Configuration
class Door {

    private static final String CONTENT =
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self'"
                    + " data: blob:; font-src 'self'; connect-src 'self'; object-src 'none';"
                    + " base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(final HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(all -> all.anyRequest().permitAll())
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                // No cookie says who somebody is: the origin of a request says where it comes from.
                .csrf(AbstractHttpConfigurer::disable)
                .cors(cors -> cors.configurationSource(ownPagesOnly()))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .anonymous(a -> {})
                .headers(
                        headers ->
                                headers.cacheControl(cache -> cache.disable())
                                        .frameOptions(frame -> frame.deny())
                                        .contentSecurityPolicy(
                                                policy -> policy.policyDirectives(CONTENT)))
                .build();
    }

    /** An origin that is not the server's own is allowed nothing. */
    private static CorsConfigurationSource ownPagesOnly() {
        final UrlBasedCorsConfigurationSource all = new UrlBasedCorsConfigurationSource();
        all.registerCorsConfiguration("/**", new CorsConfiguration());
        return all;
    }

    @Bean
    HttpFirewall firewall(final KnownNames names) {
        final StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(names::knows);
        // Names of fillings and probes may hold anything; they are looked up, never opened.
        firewall.setAllowUrlEncodedPercent(true);
        firewall.setAllowUrlEncodedSlash(true);
        firewall.setAllowUrlEncodedDoubleSlash(true);
        firewall.setAllowSemicolon(true);
        firewall.setAllowUrlEncodedPeriod(true);
        firewall.setAllowBackSlash(true);
        return firewall;
    }

    /** What is turned away is told why. */
    @Bean
    RequestRejectedHandler rejected(final KnownNames names, final JsonMapper json) {
        return (request, response, why) -> {
            final String host = request.getServerName();
            final ProblemDetail problem =
                    names.knows(host)
                            ? ProblemType.IMPOSSIBLE.detail("This address is not one of ours.")
                            : ProblemType.ANOTHER_NAME.detail(
                                    "This server does not answer to the name "
                                            + shortened(host)
                                            + ". Start it with --name "
                                            + shortened(host)
                                            + ", or use the machine's own name or address.");
            write(response, problem, json);
        };
    }

    private static String shortened(final String host) {
        final String plain = host == null ? "" : host.replaceAll("[^\\w.:-]", "");
        return plain.substring(0, Math.min(80, plain.length()));
    }

    private static void write(
            final HttpServletResponse response, final ProblemDetail problem, final JsonMapper json)
            throws IOException {
        response.setStatus(problem.getStatus());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().write(json.writeValueAsString(problem));
    }
}
