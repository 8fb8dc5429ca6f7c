package org.antevid.app.drills.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.app.people.SaidByEntity;
import org.antevid.core.drill.Sure;
import org.jspecify.annotations.Nullable;

/** What somebody marked in one exercise of a set; whether it is right is worked out each time. */
@Entity
@Table(name = "drill_answer")
@SuppressWarnings("NullAway.Init")
public class DrillAnswerEntity extends SaidByEntity {
    public String setId;

    /** From 1. */
    public int nth;

    /** Numbers of the choices in the order they were marked, with commas between. */
    public String marked;

    /** Empty of who said that they do not know. */
    @Nullable
    @Enumerated(EnumType.STRING)
    public Sure sure;

    public List<Integer> choices() {
        return Stream.of(marked.split(","))
                .filter(m -> !m.isEmpty())
                .map(Integer::valueOf)
                .toList();
    }
}
