package org.antevid.app.lay.store;

import com.fasterxml.jackson.databind.JsonNode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.antevid.app.trace.StoredJson;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What was kept as JSON of requests gets tables of its own: measures of the cut, lines, what stands by, face readings,
 * clips. The trail keeps what it was written with.
 */
@Component
public class CutTables implements JavaMigration {
    private static final String TABLES = "/db/tables/V10__cut_tables.sql";

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("10");
    }

    @Override
    public String getDescription() {
        return "cut tables";
    }

    @Override
    public Integer getChecksum() {
        return 1;
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection store = context.getConnection();
        for (String statement : StoredJson.resource(TABLES).split(";\\s*\\n", -1)) {
            if (!statement.isBlank()) {
                run(store, statement);
            }
        }
        Set<String> kit = kit(store);
        try (Statement read = store.createStatement();
                ResultSet row = read.executeQuery("select stem_id, means, rope_height_m, anchor_dist_m, pull_n, "
                        + "stand_east_m, stand_north_m, puller_east_m, puller_north_m, cuts, rig, support, opened, clips "
                        + "from lay")) {
            while (row.next()) {
                lay(store, row, kit);
            }
        }
        for (String column : List.of(
                "cuts",
                "rig",
                "support",
                "opened",
                "clips",
                "rope_height_m",
                "anchor_dist_m",
                "pull_n",
                "stand_east_m",
                "stand_north_m",
                "puller_east_m",
                "puller_north_m")) {
            run(store, "alter table lay drop column " + column);
        }
    }

    private static void lay(Connection store, ResultSet row, Set<String> kit) throws SQLException {
        String stem = row.getString("stem_id");
        JsonNode cuts = json(row.getString("cuts"));
        insert(
                store,
                "cut_choice",
                values(
                        stem,
                        text(cuts, "backCut"),
                        text(cuts, "faceOrder"),
                        number(cuts, "hingeLeftM"),
                        number(cuts, "hingeRightM"),
                        number(cuts, "depthM"),
                        number(cuts, "faceDeg"),
                        number(cuts, "stepM"),
                        number(cuts, "strapM"),
                        number(cuts, "barkM"),
                        number(cuts, "alongM"),
                        number(cuts, "acrossM"),
                        text(cuts, "reason"),
                        of(kit, cuts, "sawId")));
        for (JsonNode technique : cuts.path("techniques")) {
            insert(store, "cut_technique", values(stem, technique.asText()));
        }
        List<Object> chosen = values(stem, "CHOSEN", row.getString("means"));
        for (String column : List.of(
                "rope_height_m",
                "anchor_dist_m",
                "pull_n",
                "stand_east_m",
                "stand_north_m",
                "puller_east_m",
                "puller_north_m")) {
            chosen.add(row.getObject(column));
        }
        chosen.addAll(rig(json(row.getString("rig")), kit));
        insert(store, "pull_line", chosen);
        support(store, stem, json(row.getString("support")), kit);
        face(store, stem, json(row.getString("opened")));
        int place = 0;
        for (JsonNode clip : json(row.getString("clips"))) {
            List<String> outline = new ArrayList<>();
            clip.path("outline")
                    .forEach(s -> outline.add(
                            s.path("eastM").asDouble() + " " + s.path("northM").asDouble()));
            insert(
                    store,
                    "zone_clip",
                    values(
                            stem,
                            place++,
                            text(clip, "kind"),
                            String.join(";", outline),
                            text(clip, "reason"),
                            text(clip, "who")));
        }
    }

    private static List<Object> rig(JsonNode rig, Set<String> kit) {
        return values(
                text(rig, "tie"),
                number(rig, "legAngleDeg"),
                number(rig, "parts"),
                number(rig, "partEfficiency"),
                number(rig, "people"),
                of(kit, rig, "ropeId"),
                of(kit, rig, "slingId"),
                of(kit, rig, "blockId"),
                number(rig, "anchorDiameterM"),
                number(rig, "anchorSlingM"),
                number(rig, "pretensionN"),
                text(rig, "when"),
                flag(rig, "proposed"));
    }

    private static void support(Connection store, String stem, JsonNode s, Set<String> kit) throws SQLException {
        JsonNode below = s.path("below");
        insert(
                store,
                "lay_support",
                values(
                        stem,
                        number(s, "guyHeightM"),
                        number(s.path("guyAnchor"), "eastM"),
                        number(s.path("guyAnchor"), "northM"),
                        of(kit, s, "guyRopeId"),
                        of(kit, s, "wedgeId"),
                        number(s, "stack"),
                        number(s, "beside"),
                        flag(s, "keepOpen"),
                        text(below, "holds"),
                        number(below, "downM"),
                        text(below, "by")));
        JsonNode f = s.path("fallback");
        if (f.isObject()) {
            List<Object> line = values(
                    stem,
                    "FALLBACK",
                    text(f, "kind"),
                    number(f, "ropeHeightM"),
                    number(f, "anchorDistM"),
                    number(f, "pullN"),
                    number(f.path("stand"), "eastM"),
                    number(f.path("stand"), "northM"),
                    number(f.path("puller"), "eastM"),
                    number(f.path("puller"), "northM"));
            line.addAll(rig(f.path("rig"), kit));
            insert(store, "pull_line", line);
        }
    }

    private static void face(Connection store, String stem, JsonNode o) throws SQLException {
        if (o.isObject() && o.has("soundLeftM")) {
            insert(
                    store,
                    "face_reading",
                    values(
                            stem,
                            number(o, "soundLeftM"),
                            number(o, "soundRightM"),
                            text(o, "wood"),
                            text(o, "note"),
                            text(o, "who"),
                            OffsetDateTime.ofInstant(Instant.parse(o.path("at").asText()), ZoneOffset.UTC),
                            number(o, "cutHeightM"),
                            number(o, "layDeg")));
        }
    }

    private static Set<String> kit(Connection store) throws SQLException {
        Set<String> ids = new HashSet<>();
        try (Statement s = store.createStatement();
                ResultSet r = s.executeQuery("select id from kit")) {
            while (r.next()) {
                ids.add(r.getString(1));
            }
        }
        return ids;
    }

    private static JsonNode json(@Nullable String text) {
        return StoredJson.node(text == null || text.isEmpty() ? "{}" : text);
    }

    private static @Nullable String text(JsonNode n, String name) {
        return n.hasNonNull(name) ? n.get(name).asText() : null;
    }

    private static @Nullable Double number(JsonNode n, String name) {
        return n.hasNonNull(name) ? Double.valueOf(n.get(name).asDouble()) : null;
    }

    private static @Nullable Boolean flag(JsonNode n, String name) {
        return n.hasNonNull(name) ? Boolean.valueOf(n.get(name).asBoolean()) : null;
    }

    private static @Nullable String of(Set<String> kit, JsonNode n, String name) {
        String id = text(n, name);
        return id != null && kit.contains(id) ? id : null;
    }

    private static List<Object> values(@Nullable Object... values) {
        List<Object> all = new ArrayList<>();
        for (Object v : values) {
            all.add(v);
        }
        return all;
    }

    private static void insert(Connection store, String table, List<Object> values) throws SQLException {
        String marks = String.join(", ", Collections.nCopies(values.size(), "?"));
        try (PreparedStatement s = store.prepareStatement("insert into " + table + " values (" + marks + ")")) {
            for (int i = 0; i < values.size(); i++) {
                s.setObject(i + 1, values.get(i));
            }
            s.executeUpdate();
        }
    }

    private static void run(Connection store, String sql) throws SQLException {
        try (Statement s = store.createStatement()) {
            s.execute(sql);
        }
    }
}
