package org.antevid.core.judge.crew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Lean;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.Pose;

/**
 * Who could do what while a stem is felled, and where they would stand: outside every zone, off the ground beneath hung
 * stems, off whatever bars a way. A proposal: the rules judge it like anything else, and the leader looks at it. What
 * nobody is competent for stays empty and is asked for.
 */
public final class ProposedPosts {
    /** A stand keeps at least this from the edge of the ring, metres (judgement). */
    private static final double CLEAR_M = 3;

    private static final double FARTHEST_M = 40;
    private static final int STEP_DEG = 10;
    /** Whoever watches stands behind and to the side, where lay and escape ways are both in view (practice rule). */
    private static final double ASIDE_DEG = 135;
    /** So many degrees off the wished side count as much as a metre farther off. */
    private static final double DEG_FOR_A_METRE = 6;

    private static final double ROOM_M = 1.5;

    private ProposedPosts() {}

    /**
     * @param label of a stem whose lay is chosen
     * @param before what people did in the step before, by their id: they go on with it
     * @return nothing where no lay is chosen
     */
    public static List<Step.Post> of(Situation s, String label, Map<String, Role> before) {
        Optional<Situation.StemFacts> stem = s.stem(label).filter(f -> f.lay().isPresent());
        if (stem.isEmpty()) {
            return List.of();
        }
        LayPlan plan = stem.get().lay().orElseThrow();
        return assigned(s, roles(plan.choice().means().kind()), before, role -> stand(s, stem.get(), plan, role));
    }

    /** @return where this part is played best in a step that fells a stem whose lay is chosen */
    static Optional<Spot> standOf(Situation s, Step st, Role role) {
        return Optional.of(st)
                .filter(x -> x.kind() == Step.Kind.FELL)
                .flatMap(x -> s.laid(x).findFirst())
                .flatMap(f -> stand(s, f, f.lay().orElseThrow(), role));
    }

    /** @return each role to somebody who is competent and has none yet, first to whoever did it before */
    static List<Step.Post> assigned(
            Situation s, List<Role> roles, Map<String, Role> before, Function<Role, Optional<Spot>> stand) {
        return assigned(s, roles, before, Optional.empty(), stand);
    }

    /**
     * @param spared has the whole site to look after and takes a part only where nobody else can; empty: nobody is
     * @return each role to somebody who is competent and has none yet, first to whoever did it before
     */
    static List<Step.Post> assigned(
            Situation s,
            List<Role> roles,
            Map<String, Role> before,
            Optional<String> spared,
            Function<Role, Optional<Spot>> stand) {
        List<Step.Post> posts = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (Role role : roles) {
            able(s, role)
                    .filter(p -> !taken.contains(p.id()))
                    .min(Comparator.comparing((Person p) -> onlyFirstAiderCuts(s, p, role))
                            .thenComparing(p -> wentOn(before, spared, p, role)))
                    .ifPresent(p -> {
                        taken.add(p.id());
                        posts.add(new Step.Post(role, p.id(), stand.apply(role)));
                    });
        }
        return posts;
    }

    /** Who goes on with what they did comes before who did nothing yet, and that before a change of parts. */
    private enum WentOn {
        DID_IT,
        NEW,
        /** Has the whole site to look after. */
        LEADS,
        DID_ANOTHER
    }

    private static WentOn wentOn(Map<String, Role> before, Optional<String> spared, Person p, Role role) {
        if (before.get(p.id()) == role) {
            return WentOn.DID_IT;
        }
        if (before.containsKey(p.id())) {
            return WentOn.DID_ANOTHER;
        }
        return spared.filter(p.id()::equals).isPresent() ? WentOn.LEADS : WentOn.NEW;
    }

    /** @return who is competent and whose proof, where it is known, is good today */
    private static Stream<Person> able(Situation s, Role role) {
        return s.people().stream()
                .filter(p -> p.competences().contains(role.needs())
                        && p
                                .proof(role.needs())
                                .flatMap(c -> c.validToDay().stream().boxed().findFirst())
                                .stream()
                                .noneMatch(day -> day < s.place().day().date()));
    }

    /** Whoever alone can give first aid does not hold the saw where somebody else can. */
    private static boolean onlyFirstAiderCuts(Situation s, Person p, Role role) {
        return role == Role.CUTTER
                && p.competences().contains(Competence.FIRST_AID)
                && s.people().stream()
                        .filter(o -> o.competences().contains(Competence.FIRST_AID))
                        .allMatch(o -> o.id().equals(p.id()));
    }

    private static List<Role> roles(Means.Kind means) {
        return switch (means) {
            case NOTHING, LEVER, WEDGES -> List.of(Role.CUTTER, Role.LOOKOUT);
            case HAND_LINE -> List.of(Role.CUTTER, Role.LOOKOUT, Role.GROUND);
            case MACHINE_LINE -> List.of(Role.CUTTER, Role.LOOKOUT, Role.WINCH);
        };
    }

    private static Optional<Spot> stand(Situation s, Situation.StemFacts stem, LayPlan plan, Role role) {
        Spot stump = plan.stem().at();
        double lay = plan.choice().layDeg();
        return switch (role) {
            case CUTTER, CLIMBER, BRAKE, SECOND_BRAKE, RESCUER, OPERATOR, SLINGER, SIGNALLER -> Optional.empty();
            case LOOKOUT -> aside(s, stem, plan);
            case WINCH -> plan.choice().means().end(stump, lay);
            case GROUND ->
                plan.choice().means().end(stump, lay).flatMap(end -> IntStream.rangeClosed(0, (int) FARTHEST_M)
                        .mapToObj(out -> end.at(stump.bearingTo(end), out))
                        .filter(free(s, stem))
                        .findFirst());
        };
    }

    private static Optional<Spot> aside(Situation s, Situation.StemFacts stem, LayPlan plan) {
        double ringM = Math.ceil(plan.zone().exclusionM());
        return nearest(stem, ringM, ringM + FARTHEST_M, plan.choice().layDeg(), free(s, stem));
    }

    /** @return where to watch a stem of a tangle from, outside its ring; empty where that is not known or not there */
    static Optional<Spot> outside(Situation s, String label, GuardRing ring) {
        Optional<Situation.StemFacts> stem = s.stem(label);
        Optional<Picture> picture = s.place().tangle();
        Optional<Member> member = picture.flatMap(p -> p.member(label));
        if (stem.isEmpty() || member.isEmpty() || ring.reachM().isEmpty()) {
            return Optional.empty();
        }
        List<Spot> axis = member.get().axis();
        Shape closed = picture.get().closed(member.get(), ring, ring.reachM().get());
        double along = member.get()
                .pose()
                .map(Pose::azDeg)
                .or(() -> stem.get().reading().lean().map(Lean::azimuthDeg))
                .orElse(0.0);
        double farthestM = ring.reachM().get() + axis.get(0).distanceTo(axis.get(1)) + FARTHEST_M;
        Predicate<Spot> free = free(s, stem.get());
        return nearest(stem.get(), 0, farthestM, along, at -> closed.distanceTo(at) >= CLEAR_M && free.test(at));
    }

    /**
     * @param outside whether no piece can end there, what hangs and is brought down before not counted
     * @return where to stand while a tree comes down in pieces, each on a side of its own; empty where there is none
     */
    static Optional<Spot> besides(Situation s, String label, Role role, Predicate<Spot> outside) {
        double turned = 360.0 * role.ordinal() / Role.values().length;
        return s.stem(label)
                .flatMap(f -> nearest(f, 0, FARTHEST_M, turned, at -> {
                    Spot foot = f.reading().at();
                    return outside.test(at) && outside.test(foot.at(foot.bearingTo(at), foot.distanceTo(at) - CLEAR_M));
                }));
    }

    /** The cheapest that is wanted: whether one is wanted is asked from the cheapest on, and of no more than needed. */
    private static Optional<Spot> nearest(
            Situation.StemFacts stem, double fromM, double toM, double axisDeg, Predicate<Spot> wanted) {
        Spot stump = stem.reading().at();
        record Candidate(Spot at, double cost) {}
        List<Candidate> all = new ArrayList<>();
        for (double out = fromM + CLEAR_M; out <= toM; out += CLEAR_M) {
            for (int deg = 0; deg < 360; deg += STEP_DEG) {
                double off = Math.abs(Math.abs(Azimuth.turn(axisDeg, deg)) - ASIDE_DEG);
                all.add(new Candidate(stump.at(deg, out), out + off / DEG_FOR_A_METRE));
            }
        }
        all.sort(Comparator.comparingDouble(Candidate::cost));
        return all.stream().map(Candidate::at).filter(wanted).findFirst();
    }

    /** @return whether nothing is kept clear where somebody stands; the zones are drawn once for all places */
    private static Predicate<Spot> free(Situation s, Situation.StemFacts stem) {
        List<Zone> zones = stem.zones();
        return at -> zones.stream().noneMatch(z -> z.takesIn(at))
                && s.stillHanging()
                        .noneMatch(h -> h.beneath().distanceTo(at) <= CLEAR_M
                                || s.stem(h.hung())
                                        .filter(f -> f.reading().at().distanceTo(at) <= h.keepOutM())
                                        .isPresent())
                && s.site().features().stream()
                        .noneMatch(f -> f.kind().barsTheWay() && f.shape().distanceTo(at) < ROOM_M);
    }
}
