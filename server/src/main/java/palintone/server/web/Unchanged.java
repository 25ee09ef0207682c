package palintone.server.web;

import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.filter.ShallowEtagHeaderFilter;

/**
 * Long lists that seldom change are not sent again to who has them: a screen asks with the mark it
 * was given, and is told that nothing has changed.
 */
@Configuration(proxyBeanMethods = false)
class Unchanged {

    @Bean
    FilterRegistrationBean<ShallowEtagHeaderFilter> notSentAgain() {
        final FilterRegistrationBean<ShallowEtagHeaderFilter> filter =
                new FilterRegistrationBean<>(new ShallowEtagHeaderFilter());
        filter.addUrlPatterns("/api/larder/names", "/api/fillings/words");
        filter.setName("notSentAgain");
        return filter;
    }
}
