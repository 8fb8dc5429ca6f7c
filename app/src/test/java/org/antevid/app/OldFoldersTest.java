package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.judgement.StoredPlan;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.Lays;
import org.antevid.app.lay.store.CutTables;
import org.antevid.app.stem.Stems;
import org.antevid.core.brief.CutPart;
import org.antevid.core.brief.PlanComparison;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.cutting.Measure;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.Technique;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Data folders as each earlier schema wrote them open, and read the same. */
class OldFoldersTest {
    private static final List<String> KEPT = List.of(
            "person", "job", "job_member", "stem", "sighting", "defect", "feature", "lay", "step", "step_post", "hang");

    private static JdbcTemplate folder(String name, int schema) {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:mem:" + name + ";DB_CLOSE_DELAY=-1");
        source.setUser("sa");
        source.setPassword("");
        JdbcTemplate store = new JdbcTemplate(source);
        store.execute("runscript from 'classpath:/old/v" + schema + ".sql.gz' compression gzip");
        return store;
    }

    private static Map<String, Long> counts(JdbcTemplate store) {
        return counts(store, KEPT);
    }

    private static Map<String, Long> counts(JdbcTemplate store, List<String> tables) {
        Map<String, Long> counts = new TreeMap<>();
        tables.forEach(t -> counts.put(t, store.queryForObject("select count(*) from " + t, Long.class)));
        return counts;
    }

    private static void migrate(JdbcTemplate store) {
        Flyway.configure()
                .dataSource(Objects.requireNonNull(store.getDataSource()))
                .locations("classpath:db/migration")
                .javaMigrations(new CutTables())
                .load()
                .migrate();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7})
    void aFolderOfAnEarlierSchemaIsBroughtUpWithAllThatIsInIt(int schema) {
        JdbcTemplate store = folder("old" + schema, schema);
        Map<String, Long> before = counts(store);
        assertThat(before.get("stem")).as("the folder is no empty one").isGreaterThan(3);
        Double pull = store.queryForObject("select max(pulln) from lay", Double.class);
        migrate(store);
        assertThat(counts(store)).isEqualTo(before);
        assertThat(store.queryForObject("select max(pull_n) from pull_line where place = 'CHOSEN'", Double.class))
                .isEqualTo(pull);
        assertThat(store.queryForObject("select count(*) from cut_choice", Long.class))
                .isEqualTo(before.get("lay"));
    }

    /** The whole day on Withy Lock, its tangle with it, before steps had work and kit of their own. */
    @Test
    void aFolderWithATangleIsBroughtUpWithItsPicture() {
        JdbcTemplate store = folder("tangled", 21);
        List<String> tables = store.queryForList(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC' "
                        + "and lower(table_name) <> 'flyway_schema_history'",
                String.class);
        Map<String, Long> before = counts(store, tables);
        assertThat(before).containsKeys("POSE", "REST", "RAISED_PLATE", "PART_OF");
        assertThat(before.get("POSE")).isGreaterThan(3);
        assertThat(before.get("PART_OF")).isPositive();
        migrate(store);
        assertThat(counts(store, tables)).isEqualTo(before);
        assertThat(store.queryForObject("select count(*) from step where work is not null", Long.class))
                .isZero();
        assertThat(store.queryForObject("select count(*) from step_kit", Long.class))
                .isZero();
    }

    /** What the sixth schema kept as JSON of requests, in full; and the server on top of it. */
    @Test
    void theServerReadsWhatTheSixthSchemaWrote() throws Exception {
        JdbcTemplate store = folder("served", 6);
        String stem = store.queryForObject("select stem_id from lay", String.class);
        String job = store.queryForObject("select job_id from lay", String.class);
        String other = store.queryForObject(
                "select label from stem where job_id = ? and id <> ? order by label limit 1", String.class, job, stem);
        store.update(
                "update lay set cuts = ?, support = ?, clips = ?, opened = ?, basis = ?, fixed = true, "
                        + "drop_zone = '0 0;9 0;9 9'",
                "{\"hingeLeftM\":0.06,\"barkM\":0.02,\"techniques\":[\"SWING\"],\"reason\":\"rot\"}",
                "{\"guyHeightM\":9.0,\"guyAnchor\":{\"eastM\":1.0,\"northM\":2.0},\"beside\":3,\"keepOpen\":true,"
                        + "\"fallback\":{\"kind\":\"HAND_LINE\",\"ropeHeightM\":8.0,\"anchorDistM\":40.0,"
                        + "\"rig\":{\"people\":4,\"tie\":\"BASKET\"}}}",
                "[{\"kind\":\"RING\",\"outline\":[{\"eastM\":20.0,\"northM\":-60.0},{\"eastM\":80.0,"
                        + "\"northM\":-60.0},{\"eastM\":80.0,\"northM\":60.0}],\"reason\":\"lock wall\","
                        + "\"who\":\"Imre Halloway\"}]",
                "{\"soundLeftM\":0.14,\"soundRightM\":0.1,\"wood\":\"STRESSED\",\"note\":\"brown core\","
                        + "\"who\":\"Imre Halloway\",\"at\":\"2026-11-20T19:09:49.646087129Z\",\"cutHeightM\":0.35,"
                        + "\"layDeg\":58.0}",
                "{\"facts\":[{\"source\":\"LEAN\",\"key\":\"\",\"words\":\"lean\","
                        + "\"value\":\"1.5° to 000° ± 0.5°\"}],\"answers\":[{\"words\":\"reach\",\"value\":20.5,"
                        + "\"unit\":\"m\"}]}");
        store.update("update stem set union_with = ?, union_heightm = 2 where id = ?", other, stem);
        store.update(
                "update defect set kind = 'CRACK', tells = 'MOVES,HEALED' where id = (select min(id) from defect)");
        store.update(
                "insert into briefing (number, issued_at, hash, id, issued_by, job_id, findings, plan, hash_way) "
                        + "values (1, now(), ?, 'b1', 'Imre Halloway', ?, '[]', ?, 1)",
                sha256(plan() + "[]"),
                job,
                plan());
        try (ConfigurableApplicationContext server = SpringApplication.run(
                Antevid.class,
                "--spring.datasource.url=jdbc:h2:mem:served;DB_CLOSE_DELAY=-1",
                "--server.port=0",
                "--logging.level.root=error")) {
            Lays.StemChoice lay = server.getBean(Lays.class).chosenFor(stem).orElseThrow();
            ChoiceRequest c = lay.request();
            assertThat(c.layDeg()).isEqualTo(58);
            assertThat(c.means()).isEqualTo(Means.Kind.MACHINE_LINE);
            assertThat(c.pullN()).contains(20000.0);
            assertThat(Objects.requireNonNull(c.cuts()).hingeLeftM()).contains(0.06);
            assertThat(c.cuts().techniques()).containsExactly(Technique.SWING);
            assertThat(c.cuts().reason()).isEqualTo("rot");
            assertThat(Objects.requireNonNull(c.support()).guyHeightM()).contains(9.0);
            assertThat(c.support().beside()).isEqualTo(3);
            ChoiceRequest.LineRequest fallback =
                    Objects.requireNonNull(c.support().fallback());
            assertThat(fallback.anchorDistM()).contains(40.0);
            assertThat(Objects.requireNonNull(fallback.rig()).people()).isEqualTo(4);
            assertThat(lay.opened().orElseThrow().soundLeftM()).isEqualTo(0.14);
            assertThat(lay.zoneClips()).singleElement().satisfies(z -> {
                assertThat(z.kind()).isEqualTo(Zone.Kind.RING);
                assertThat(z.reason()).isEqualTo("lock wall");
            });
            Stems stems = server.getBean(Stems.class);
            assertThat(stems.known(job, stem)
                            .reading()
                            .more()
                            .union()
                            .orElseThrow()
                            .others())
                    .containsExactly(other);
            Briefings.Issue issue = server.getBean(Briefings.class).latest(job).orElseThrow();
            assertThat(issue.intact()).as("as it was issued").isTrue();
            assertThat(issue.plan().stems()).isNotEmpty();
        }
        assertThat(store.queryForList("select tell from defect_tell order by place", String.class))
                .containsExactly("MOVES", "HEALED");
    }

    @Test
    void aBriefingInWordsIsReadAsCodesAndIsTheSamePlan() throws Exception {
        PlanDocument plan = StoredPlan.COLUMN.read(plan());
        assertThat(plan.things()).extracting(PlanDocument.Thing::kind).doesNotContain(FeatureKind.OTHER);
        assertThat(plan.stems()).extracting(PlanDocument.StemPart::species).doesNotContain(Species.UNKNOWN);
        PlanDocument.LayPart lay =
                plan.stems().stream().flatMap(s -> s.lay().stream()).findFirst().orElseThrow();
        assertThat(lay.zones()).extracting(PlanDocument.ZonePart::kind).contains(Zone.Kind.RING, Zone.Kind.DROP);
        CutPart cuts = lay.cuts().orElseThrow();
        assertThat(cuts.measures())
                .extracting(CutPart.CardMeasure::key)
                .contains(Measure.Key.DEPTH, Measure.Key.HINGE_LEFT);
        assertThat(cuts.measures())
                .filteredOn(m -> m.key() == Measure.Key.HINGE_LEFT)
                .allSatisfy(m -> assertThat(m.shown().value())
                        .as("millimetres of the words became metres")
                        .isBetween(0.02, 0.2));
        assertThat(cuts.steps()).hasSizeGreaterThan(8);
        assertThat(PlanComparison.between(plan, StoredPlan.COLUMN.read(StoredPlan.COLUMN.write(plan))))
                .as("written as today and read again")
                .isEmpty();
    }

    private static String plan() throws IOException {
        try (InputStream in = OldFoldersTest.class.getResourceAsStream("/old/plan-1.json")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String sha256(String text) throws Exception {
        return HexFormat.of()
                .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
    }
}
