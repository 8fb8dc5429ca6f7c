package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.Samples;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.DropZone;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is proposed for the crew stands by the same rules as what the leader plans. */
class ProposedPostsTest {
    private static final Set<RuleId> OF_POSTS = EnumSet.of(
            RuleId.CREW,
            RuleId.POST_EMPTY,
            RuleId.STANDS_IN_RING,
            RuleId.STANDS_IN_ZONE,
            RuleId.STAND_NOT_SET,
            RuleId.NOBODY_AT_LINE);

    private static Situation planned(double lay, Means means, Site site, Step... steps) {
        StemReading oak = Samples.oak("S1", new Spot(0, 0), List.of());
        LayPlan plan = LayPlan.of(oak, Samples.toward(lay, means), site, LayPlan.Limits.USUAL);
        return Samples.situation(
                site,
                List.of(new Situation.StemFacts(
                        oak, Optional.of(plan), true, Optional.of(Shape.polygon(DropZone.of(plan))))),
                List.of(),
                List.of(steps));
    }

    private static Stream<Finding> against(double lay, Means means, Site site) {
        List<Step.Post> posts = ProposedPosts.of(planned(lay, means, site), "S1", Map.of());
        Step fell = new Step("a", 1, Step.Kind.FELL, Optional.of("S1"), 0, 30, false, posts);
        assertThat(DayRoster.of(planned(lay, means, site, fell)).check().breaches())
                .isEmpty();
        return Findings.of(planned(lay, means, site, fell)).stream().filter(f -> OF_POSTS.contains(f.rule()));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 47, 90, 133, 181, 222, 270, 315})
    void nobodyStandsWhereARuleForbidsIt(double lay) {
        Site site = Samples.site(Samples.target("shed", 60, 0, 8, 2), Samples.target("kiosk", -50, -50, 12, 2));
        assertThat(against(lay, Means.of(Means.Kind.WEDGES), site)).isEmpty();
        assertThat(against(lay, Samples.WINCH, site)).isEmpty();
    }

    @Test
    void theyGoOnWithWhatTheyDidBefore() {
        Situation s = planned(0, Means.of(Means.Kind.WEDGES), Samples.site());
        assertThat(ProposedPosts.of(s, "S1", Map.of()))
                .extracting(Step.Post::personId)
                .containsExactly("imre", "sefa");
        assertThat(ProposedPosts.of(s, "S1", Map.of("nadia", Role.CUTTER, "imre", Role.LOOKOUT)))
                .extracting(Step.Post::personId)
                .containsExactly("nadia", "imre");
    }

    @Test
    void whatNobodyIsCompetentForStaysEmpty() {
        Situation s = planned(0, Samples.WINCH, Samples.site());
        Situation alone = new Situation(
                s.rules(),
                s.site(),
                s.gustMs(),
                s.windLimitMs(),
                s.stems(),
                s.rings(),
                s.hangs(),
                s.steps(),
                s.people().stream().filter(p -> p.id().equals("nadia")).toList(),
                s.planner(),
                s.guards(),
                s.place());
        assertThat(ProposedPosts.of(alone, "S1", Map.of()))
                .extracting(Step.Post::role)
                .containsExactly(Role.CUTTER);
    }

    @Test
    void aStemWithoutALayHasNoPosts() {
        Situation s = Samples.situation(
                Samples.site(),
                List.of(new Situation.StemFacts(
                        Samples.oak("S1", new Spot(0, 0), List.of()), Optional.empty(), false, Optional.empty())),
                List.of(),
                List.of());
        assertThat(ProposedPosts.of(s, "S1", Map.of())).isEmpty();
    }

    @Test
    void whoAloneCanGiveFirstAidDoesNotHoldTheSawWhereAnotherCan() {
        List<Person> people = List.of(
                new Person("ada", "Ada Thorn", Set.of(Competence.SAW, Competence.FIRST_AID, Competence.LOOKOUT)),
                new Person("nadia", "Nadia Quill", Set.of(Competence.SAW)));
        Situation s = planned(0, Means.of(Means.Kind.WEDGES), Samples.site());
        Situation two = new Situation(
                s.rules(),
                s.site(),
                s.gustMs(),
                s.windLimitMs(),
                s.stems(),
                s.rings(),
                s.hangs(),
                s.steps(),
                people,
                s.planner(),
                s.guards());
        assertThat(ProposedPosts.of(two, "S1", Map.of()))
                .extracting(Step.Post::personId)
                .containsExactly("nadia", "ada");
    }
}
