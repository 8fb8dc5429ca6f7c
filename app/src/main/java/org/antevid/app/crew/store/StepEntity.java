package org.antevid.app.crew.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Audited
@Table(name = "step")
public class StepEntity {
    @Id
    public String id;

    public String jobId;
    public int turn;

    @Enumerated(EnumType.STRING)
    public Step.Kind kind;

    @Nullable
    public String stem;

    @Enumerated(EnumType.STRING)
    public Work.@Nullable Kind work;

    @Nullable
    public String workOn;

    @Nullable
    public Double workAtM;

    /** Id of the thing, or key of the side, that the work is about. */
    @Nullable
    public String workAbout;

    public int startMin;
    public int endMin;
    public boolean done;

    @Nullable
    public Integer leastMin;

    @Nullable
    public Integer mostMin;

    /** From the first who was ready for it until it was done. */
    @Nullable
    public Integer tookMin;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "step_post", joinColumns = @JoinColumn(name = "step_id"))
    @OrderColumn(name = "place")
    public List<PostPart> posts = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "step_kit", joinColumns = @JoinColumn(name = "step_id"))
    @OrderColumn(name = "place")
    public List<KitPart> kit = new ArrayList<>();

    @Version
    public long version;

    public Step forCore() {
        return new Step(
                id,
                turn,
                kind,
                Optional.ofNullable(stem),
                startMin,
                endMin,
                done,
                posts.stream().map(PostPart::forCore).toList(),
                work(),
                kit(),
                spread());
    }

    /** @return minutes at best and at worst, where somebody said */
    public Optional<Step.Spread> spread() {
        return leastMin == null || mostMin == null ? Optional.empty() : Optional.of(new Step.Spread(leastMin, mostMin));
    }

    /** @return what it does to a stem of a tangle */
    public Optional<Work> work() {
        return Optional.ofNullable(work)
                .map(k -> new Work(
                        k, Optional.ofNullable(workOn), Optional.ofNullable(workAtM), Optional.ofNullable(workAbout)));
    }

    public List<StepKit> kit() {
        return kit.stream().map(KitPart::forCore).toList();
    }

    public void keep(Optional<Work> t, List<StepKit> needed) {
        kit.clear();
        needed.forEach(k -> kit.add(KitPart.of(k)));
        work = t.map(Work::kind).orElse(null);
        workOn = t.flatMap(Work::on).orElse(null);
        workAtM = t.flatMap(Work::atM).orElse(null);
        workAbout = t.flatMap(Work::about).orElse(null);
    }
}
