package org.antevid.app.trace;

import jakarta.persistence.EntityManager;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.antevid.app.problem.Stale;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.words.Answer;
import org.hibernate.envers.AuditReader;
import org.hibernate.envers.AuditReaderFactory;
import org.hibernate.envers.query.AuditEntity;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads the revisions back: who changed a record last, and what. */
@Component
public class Trail {
    private static final DateTimeFormatter CLOCK =
            DateTimeFormatter.ofPattern("HH:mm:ss").withZone(ZoneId.systemDefault());
    private final EntityManager entities;

    Trail(EntityManager entities) {
        this.entities = entities;
    }

    /** @throws Stale naming who changed what and when, unless both versions are the same */
    public void requireFresh(Object record, String id, long stored, @Nullable Long given, String name) {
        requireFresh(record, id, stored, given, Arg.name(name));
    }

    /**
     * @param what the record as somebody calls it
     * @throws Stale naming who changed what and when, unless both versions are the same
     */
    public void requireFresh(Object record, String id, long stored, @Nullable Long given, Arg what) {
        if (!Objects.equals(stored, given)) {
            throw new Stale(Message.of(Answer.CHANGED_SINCE)
                    .with("what", what)
                    .with("by", Arg.said(lastChange(record.getClass(), id))));
        }
    }

    /** @return when each record of a job was last changed, by its id */
    public Map<String, Instant> changedAt(Class<?> type, String jobId) {
        List<?> rows = AuditReaderFactory.get(entities)
                .createQuery()
                .forRevisionsOfEntity(type, false, true)
                .add(AuditEntity.property("jobId").eq(jobId))
                .addProjection(AuditEntity.id())
                .addProjection(AuditEntity.revisionProperty("atMs"))
                .getResultList();
        Map<String, Instant> last = new HashMap<>();
        for (Object row : rows) {
            Object[] pair = (Object[]) row;
            last.merge(
                    (String) pair[0],
                    Instant.ofEpochMilli(((Number) pair[1]).longValue()),
                    (a, b) -> a.isAfter(b) ? a : b);
        }
        return last;
    }

    /** @return when one record was last changed; empty when it never was */
    public Optional<Instant> changedAtOf(Class<?> type, String id) {
        AuditReader reader = AuditReaderFactory.get(entities);
        return reader.getRevisions(type, id).stream()
                .reduce((a, b) -> b)
                .map(r -> Instant.ofEpochMilli(reader.findRevision(Revision.class, r).atMs));
    }

    private Message lastChange(Class<?> type, String id) {
        AuditReader reader = AuditReaderFactory.get(entities);
        List<Number> revisions = reader.getRevisions(type, id);
        if (revisions.isEmpty()) {
            return Message.of(Answer.BY_NOBODY_KNOWN);
        }
        Number last = revisions.get(revisions.size() - 1);
        Revision revision = reader.findRevision(Revision.class, last);
        List<Message> changes = revisions.size() < 2
                ? List.of()
                : differences(reader.find(type, id, revisions.get(revisions.size() - 2)), reader.find(type, id, last));
        Message by = Message.of(
                        revisions.size() < 2 ? Answer.MADE_BY : changes.isEmpty() ? Answer.SAVED_BY : Answer.CHANGED_BY)
                .with("who", Arg.name(revision.who))
                .with("at", Arg.name(CLOCK.format(Instant.ofEpochMilli(revision.atMs))));
        return changes.isEmpty() ? by : by.with("changes", Arg.all(changes));
    }

    private static List<Message> differences(@Nullable Object before, Object after) {
        List<Message> changes = new ArrayList<>();
        for (Field f : after.getClass().getDeclaredFields()) {
            if (Modifier.isStatic(f.getModifiers()) || f.getName().equals("version") || before == null) {
                continue;
            }
            try {
                f.setAccessible(true);
                String was = String.valueOf(f.get(before));
                String now = String.valueOf(f.get(after));
                if (!was.equals(now)) {
                    changes.add(Message.of(Answer.FIELD_CHANGED)
                            .with("field", Arg.name(words(f.getName())))
                            .with("was", Arg.name(was))
                            .with("now", Arg.name(now)));
                }
            } catch (IllegalAccessException e) {
                throw new IllegalStateException(e);
            }
        }
        return changes;
    }

    private static String words(String field) {
        return field.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }
}
