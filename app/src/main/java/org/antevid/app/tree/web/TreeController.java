package org.antevid.app.tree.web;

import static org.antevid.app.reader.Given.or;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.job.Needs;
import org.antevid.app.judgement.web.FindingView;
import org.antevid.app.judgement.web.Look;
import org.antevid.app.lay.web.LayView;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.tree.Trees;
import org.antevid.core.brief.CutPart;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.SightedQuantity;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.TreeSight;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One tree on one page. */
@RestController
@RequestMapping("/api/jobs/{job}/trees")
public class TreeController {
    /**
     * What was tapped by eye; what is missing was not looked at.
     *
     * @param stem id of a stem that is written down already; else {@code at} says where it stands
     * @param leansToDeg azimuth, 0 to 360
     * @param faults none: looked at, nothing seen; at most three
     * @param heightPhoto raw numbers of a height touched on a photo, as of a sighting of that kind; counts before
     *     {@code heightM}
     */
    record TreeRequest(
            Optional<@Size(max = 60) String> stem,
            Optional<@Valid Spot> at,
            Optional<Species> species,
            Optional<Condition> wood,
            Optional<Double> diameterM,
            Optional<Double> heightM,
            Optional<Double> crownRadiusM,
            Optional<Double> leanDeg,
            Optional<Double> leansToDeg,
            Optional<Set<@NotNull DefectKind>> faults,
            Optional<Map<String, Double>> heightPhoto,
            Optional<Means.Kind> means) {
        Trees.Entry entry() {
            return new Trees.Entry(
                    or(stem),
                    or(at),
                    new TreeSight(
                            or(species),
                            or(wood),
                            or(diameterM),
                            or(heightM),
                            or(crownRadiusM),
                            or(leanDeg),
                            or(leansToDeg),
                            or(faults),
                            or(heightPhoto)),
                    or(means));
        }
    }

    /**
     * One figure as it was tapped.
     *
     * @param value metres or degrees
     * @param words the same in the reader's units
     * @param sigma its standard deviation, rounded up
     */
    record SeenView(SightedQuantity quantity, boolean byPhoto, double value, String words, String sigma) {
        private static SeenView of(TreeSight.Seen seen) {
            Estimate e = seen.estimate();
            Dimension in = dimension(seen.kind().measured());
            return new SeenView(
                    seen.kind().measured(),
                    !seen.kind().byEye(),
                    e.value(),
                    Speech.words().show(Arg.of(in, e.value())),
                    Speech.words().show(Arg.up(in, e.sigma())));
        }

        private static Dimension dimension(SightedQuantity quantity) {
            return switch (quantity) {
                case DIAMETER -> Dimension.REACH;
                case LEAN -> Dimension.ANGLE;
                default -> Dimension.LENGTH;
            };
        }
    }

    /**
     * @param open what is still to be tapped; nothing is judged before
     * @param means what it is brought over by, as tapped or as its lay is planned; empty: still to be said
     * @param seen what was tapped, each with its standard deviation
     * @param headline lay, means and hinge in one line; empty where it is not felled by hand
     * @param lay the fan, zones and ways out it is felled by; empty where it is not felled by hand
     * @param cut its cut card
     * @param against what stands against it, worst first
     */
    record TreeView(
            String label,
            List<SeenView> seen,
            Optional<String> headline,
            List<TreeSight.Question> open,
            Optional<Means.Kind> means,
            boolean placeOpen,
            Optional<Look> look,
            Optional<LayView> lay,
            Optional<CutPart> cut,
            List<FindingView> against) {
        private static TreeView of(Trees.Answer a) {
            return new TreeView(
                    a.sketch().label(),
                    a.sketch().sight().sightings().stream().map(SeenView::of).toList(),
                    a.judged()
                            .flatMap(j -> j.lay().map(l -> j.look().look().inOneLine(l)))
                            .map(Speech.words()::say),
                    a.open(),
                    a.means(),
                    a.placeOpen(),
                    a.judged().map(j -> Look.of(j.look())),
                    a.judged().flatMap(j -> j.lay().map(p -> LayView.of(p, j.site(), LayView.LayRecord.NOTHING))),
                    a.judged().flatMap(Trees.Judged::cut),
                    a.judged()
                            .map(j -> j.against().stream()
                                    .map(f -> FindingView.of(f, Speech.words()))
                                    .toList())
                            .orElse(List.of()));
        }
    }

    /** @param laid false where it is not felled by hand: it was written down without a lay and a step */
    record TreeUsed(String id, String label, boolean laid, Optional<String> stepId) {}

    private final Trees trees;

    TreeController(Trees trees) {
        this.trees = trees;
    }

    /** Judges a tree as it was tapped, as if it were written down; nothing is stored. */
    @PostMapping("/look")
    @Needs(Needs.Right.READ)
    TreeView lookAtTree(@PathVariable String job, @Validated @RequestBody TreeRequest r) {
        return TreeView.of(trees.look(job, r.entry()));
    }

    /**
     * Writes the tree down with its sightings and faults, fixes its lay and drop zone, and adds the step to fell it.
     */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    ResponseEntity<TreeUsed> useTree(
            @PathVariable String job, @Validated @RequestBody TreeRequest r, @AuthenticationPrincipal SignedIn who) {
        Trees.Used used = trees.use(job, r.entry(), who);
        return Created.at(used.stemId(), new TreeUsed(used.stemId(), used.label(), used.laid(), used.stepId()));
    }
}
