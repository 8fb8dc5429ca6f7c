package org.antevid.app.shell;

import com.zaxxer.hikari.HikariDataSource;
import java.util.Map;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.lookup.AbstractRoutingDataSource;

/** Two pools of connections to the one store: however much else is going on, a hold finds one free. */
@Configuration
class Lanes {
    /** Who waits for an answer that somebody else is making holds one meanwhile. */
    private static final int FOR_ALL = 24;

    private static final int FOR_HOLDS = 3;
    /** A server that has just begun on a slow machine answers late rather than not. */
    private static final long WAIT_MS = 20_000;

    @Bean
    DataSource dataSource(DataSourceProperties properties) {
        HikariDataSource all = pool(properties, FOR_ALL, "all");
        HikariDataSource holds = pool(properties, FOR_HOLDS, "holds");
        AbstractRoutingDataSource lanes = new Routing(all, holds);
        lanes.setTargetDataSources(Map.of(true, holds, false, all));
        lanes.setDefaultTargetDataSource(all);
        return lanes;
    }

    private static HikariDataSource pool(DataSourceProperties properties, int most, String name) {
        HikariDataSource pool = properties
                .initializeDataSourceBuilder()
                .type(HikariDataSource.class)
                .build();
        pool.setMaximumPoolSize(most);
        pool.setMinimumIdle(Math.min(most, FOR_HOLDS));
        pool.setPoolName(name);
        pool.setConnectionTimeout(WAIT_MS);
        return pool;
    }

    private static final class Routing extends AbstractRoutingDataSource implements AutoCloseable {
        private final HikariDataSource all;
        private final HikariDataSource holds;

        private Routing(HikariDataSource all, HikariDataSource holds) {
            this.all = all;
            this.holds = holds;
        }

        @Override
        protected Object determineCurrentLookupKey() {
            return HoldLane.isOn();
        }

        @Override
        public void close() {
            holds.close();
            all.close();
        }
    }
}
