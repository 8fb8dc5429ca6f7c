package org.antevid.app;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ServiceLoader;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.migration.JavaMigration;
import org.h2.jdbcx.JdbcDataSource;

/** Makes a store with empty tables, compacted: what a new data folder begins with. Needs no server. */
public final class EmptyStore {
    private EmptyStore() {}

    /** @param args the folder it is made in */
    public static void main(String[] args) throws SQLException {
        JdbcDataSource store = new JdbcDataSource();
        store.setURL(Launch.store(Path.of(args[0])));
        store.setUser("sa");
        store.setPassword("");
        Flyway.configure()
                .dataSource(store)
                .locations("classpath:db/migration")
                .javaMigrations(ServiceLoader.load(JavaMigration.class).stream()
                        .map(ServiceLoader.Provider::get)
                        .toArray(JavaMigration[]::new))
                .load()
                .migrate();
        try (Connection c = store.getConnection();
                Statement s = c.createStatement()) {
            s.execute("shutdown compact");
        }
    }
}
