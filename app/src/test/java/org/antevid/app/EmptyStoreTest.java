package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a new data folder begins with has every step of the schema, the one in Java too, and nothing in it. */
class EmptyStoreTest {
    @Test
    void itHasEveryStepOfTheSchemaAndNothingInIt(@TempDir Path folder) throws Exception {
        EmptyStore.main(new String[] {folder.toString()});
        JdbcDataSource source = new JdbcDataSource();
        source.setURL(Launch.store(folder) + ";IFEXISTS=TRUE");
        source.setUser("sa");
        source.setPassword("");
        JdbcTemplate store = new JdbcTemplate(source);
        int scripts = new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql").length;
        assertThat(store.queryForObject(
                        "select count(*) from \"flyway_schema_history\" where \"success\" and \"version\" is not null",
                        Integer.class))
                .isEqualTo(scripts + 1);
        for (String table : List.of("job", "person", "stem", "cut_choice", "part_of")) {
            assertThat(store.queryForObject("select count(*) from " + table, Integer.class))
                    .as(table)
                    .isZero();
        }
    }
}
