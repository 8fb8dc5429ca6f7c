package org.antevid.app.run;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.run.store.GoPlaceEntity;
import org.antevid.app.run.store.GoPlaceRepository;
import org.antevid.core.crew.Person;
import org.antevid.core.run.watch.BeaconWatch;
import org.antevid.core.run.watch.WatchState;
import org.antevid.core.site.Spot;
import org.springframework.stereotype.Component;

/** Who was where when a go was given: heard by a beacon that is fresh, else as it was briefed. */
@Component
class GoPlaces {
    private final GoPlaceRepository places;

    GoPlaces(GoPlaceRepository places) {
        this.places = places;
    }

    /** Of everybody with a part in the step, and of everybody who carries a beacon. */
    void put(String jobId, String goId, RunFacts facts) {
        Map<String, BeaconWatch.Fix> heard = facts.watch().now().stream()
                .filter(n -> n.fix().isPresent() && n.watched().state() != WatchState.NOT_KNOWN)
                .collect(Collectors.toMap(
                        n -> n.inUse().personId().orElseThrow(), n -> n.fix().orElseThrow(), (a, b) -> b));
        for (Person p : facts.people()) {
            Optional<BeaconWatch.Fix> fix = Optional.ofNullable(heard.get(p.id()));
            Optional<Spot> at = fix.map(BeaconWatch.Fix::at).or(() -> facts.watch()
                    .step()
                    .filter(s -> facts.posted().contains(p.id()))
                    .flatMap(s -> s.placeOf(p.id())));
            at.ifPresent(spot -> places.save(line(jobId, goId, p, spot, fix)));
        }
    }

    private static GoPlaceEntity line(String jobId, String goId, Person p, Spot at, Optional<BeaconWatch.Fix> fix) {
        GoPlaceEntity e = new GoPlaceEntity();
        e.jobId = jobId;
        e.goId = goId;
        e.personId = p.id();
        e.name = p.name();
        e.eastM = at.eastM();
        e.northM = at.northM();
        e.sigmaM = fix.map(BeaconWatch.Fix::sigmaM).orElse(null);
        return e;
    }

    List<AtGo> of(String jobId, String goId) {
        return places.findByJobIdAndGoIdOrderBySeq(jobId, goId).stream()
                .map(e -> new AtGo(e.name, new Spot(e.eastM, e.northM), Optional.ofNullable(e.sigmaM)))
                .toList();
    }
}
