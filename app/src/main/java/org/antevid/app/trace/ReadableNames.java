package org.antevid.app.trace;

import java.util.Locale;
import org.hibernate.boot.model.naming.Identifier;
import org.hibernate.boot.model.naming.PhysicalNamingStrategyStandardImpl;
import org.hibernate.engine.jdbc.env.spi.JdbcEnvironment;
import org.jspecify.annotations.Nullable;

/** Names of tables and columns that read: {@code ropeHeightM} is {@code rope_height_m}. */
public class ReadableNames extends PhysicalNamingStrategyStandardImpl {
    @Override
    public @Nullable Identifier toPhysicalTableName(@Nullable Identifier name, JdbcEnvironment environment) {
        return readable(name);
    }

    @Override
    public @Nullable Identifier toPhysicalColumnName(@Nullable Identifier name, JdbcEnvironment environment) {
        return readable(name);
    }

    private static @Nullable Identifier readable(@Nullable Identifier name) {
        return name == null
                ? null
                : Identifier.toIdentifier(
                        name.getText().replaceAll("([a-z0-9])([A-Z])", "$1_$2").toLowerCase(Locale.ROOT),
                        name.isQuoted());
    }
}
