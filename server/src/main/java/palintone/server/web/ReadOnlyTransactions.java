package palintone.server.web;

import org.springframework.context.annotation.Configuration;
import org.springframework.orm.jpa.JpaVendorAdapter;
import org.springframework.orm.jpa.vendor.HibernateJpaDialect;

/**
 * A read-only transaction spares Hibernate its checks for changes; telling the database as well
 * would cost two more questions over the line each time, for nothing.
 */
@Configuration
class ReadOnlyTransactions {

    ReadOnlyTransactions(final JpaVendorAdapter adapter) {
        if (adapter.getJpaDialect() instanceof HibernateJpaDialect dialect) {
            dialect.setPrepareConnection(false);
        }
    }
}
