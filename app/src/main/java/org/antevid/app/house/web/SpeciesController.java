package org.antevid.app.house.web;

import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.house.House;
import org.antevid.app.house.House.OwnWood;
import org.antevid.app.people.Fresh;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.stem.GreenWood;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.WoodFigure;
import org.antevid.sums.Unit;
import org.antevid.words.Answer;
import org.antevid.words.Units;
import org.antevid.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What mass, hinge and splitting are computed with, by genus. */
@RestController
@RequestMapping("/api/house/species")
class SpeciesController {
    /**
     * One figure of a genus.
     *
     * @param field its name in what is sent
     * @param unit it is read and written in by who asks
     * @param perUnit how many of those are one of the unit that is sent
     * @param value in the unit that is sent; {@code low} and {@code high} how far it may go
     * @param typed the value in the reader's unit, as fine as it is typed
     * @param step what a press moves it by, in the reader's unit
     * @param usual the literature's, as somebody reads it
     */
    record FigureView(
            WoodFigure key,
            String field,
            String words,
            String unit,
            double perUnit,
            double value,
            double low,
            double high,
            double typed,
            double step,
            String usual) {
        private static final double MPA_PER_GPA = 1000;
        private static final double FINE = 10;
        private static final double STEPS = 100;

        static FigureView of(WoodFigure f, Species s, GreenWood wood) {
            Words words = Speech.words();
            Unit.Scale scale = scale(f, words.manner().units());
            return new FigureView(
                    f,
                    f.field(),
                    words.term(f),
                    scale.unit(),
                    scale.per(),
                    f.of(wood),
                    f.low(),
                    f.high(),
                    Math.round(f.of(wood) * scale.per() * FINE) / FINE,
                    Math.pow(10, Math.rint(Math.log10(f.high() * scale.per() / STEPS))),
                    whole(f.of(s.wood()), scale) + " " + scale.unit());
        }

        private static Unit.Scale scale(WoodFigure f, Units units) {
            return switch (f) {
                case DENSITY_LOW, DENSITY, DENSITY_HIGH -> Unit.DENSITY.read(units, f.high());
                case HOLDS, BENDS -> Unit.PRESSURE.read(units, f.high());
                case STIFFNESS -> {
                    Unit.Scale mpa = Unit.PRESSURE.read(units, f.high());
                    yield new Unit.Scale(mpa.unit(), mpa.per() * MPA_PER_GPA);
                }
            };
        }

        private static String whole(double value, Unit.Scale scale) {
            return String.valueOf(Math.round(value * scale.per()));
        }
    }

    /**
     * What is computed with for a genus.
     *
     * @param density of green wood, lightest to heaviest
     * @param holds bending strength of its weakest common member
     * @param figures in force, each beside the literature's
     * @param source what the house's own figures rest on; empty while the literature's count
     * @param settable whether the house may set its own
     */
    record SpeciesView(
            Species key,
            String words,
            String botanical,
            String density,
            String holds,
            String hinge,
            String split,
            String note,
            List<FigureView> figures,
            Species.HingeGrade hingeGrade,
            Species.SplitClass splitClass,
            Optional<String> source,
            boolean settable) {
        static SpeciesView of(Species s, Optional<OwnWood> own) {
            Words words = Speech.words();
            GreenWood wood = own.map(OwnWood::wood).orElse(s.wood());
            Unit.Scale mass = Unit.DENSITY.read(words.manner().units(), wood.densityHighKgm3());
            Unit.Scale strength = Unit.PRESSURE.read(words.manner().units(), wood.holdsMPa());
            return new SpeciesView(
                    s,
                    words.term(s),
                    s.genus(),
                    FigureView.whole(wood.densityLowKgm3(), mass) + "–" + FigureView.whole(wood.densityHighKgm3(), mass)
                            + " " + mass.unit(),
                    FigureView.whole(wood.holdsMPa(), strength) + " " + strength.unit(),
                    words.term(wood.hinge()),
                    words.term(wood.split()),
                    words.term(s, "note"),
                    Arrays.stream(WoodFigure.values())
                            .map(f -> FigureView.of(f, s, wood))
                            .toList(),
                    wood.hinge(),
                    wood.split(),
                    own.map(OwnWood::source),
                    s != Species.UNKNOWN);
        }
    }

    /**
     * Figures of the house for a genus.
     *
     * @param source what they rest on
     * @param version of the house rules they are changed with
     */
    record WoodRequest(
            @NotNull Double densityLowKgm3,
            @NotNull Double densityKgm3,
            @NotNull Double densityHighKgm3,
            @NotNull Double holdsMPa,
            @NotNull Double bendsMPa,
            @NotNull Double moeGPa,
            @NotNull Species.HingeGrade hinge,
            @NotNull Species.SplitClass split,
            @NotNull String source,
            @NotNull Long version) {
        GreenWood wood() {
            return new GreenWood(
                    densityLowKgm3, densityKgm3, densityHighKgm3, holdsMPa, bendsMPa, moeGPa, hinge, split);
        }
    }

    private final House house;
    private final Fresh fresh;

    SpeciesController(House house, Fresh fresh) {
        this.house = house;
        this.fresh = fresh;
    }

    /** The species table: what mass, hinge and splitting are computed with. */
    @GetMapping
    List<SpeciesView> speciesTable() {
        Map<Species, OwnWood> own = house.woods();
        return Arrays.stream(Species.values())
                .map(s -> SpeciesView.of(s, Optional.ofNullable(own.get(s))))
                .toList();
    }

    /** Sets the house's own figures for a genus; the owner alone. Every plan is computed anew with them. */
    @PutMapping("/{species}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setWood(
            @PathVariable Species species,
            @Validated @RequestBody WoodRequest w,
            @AuthenticationPrincipal SignedIn me) {
        require(me);
        house.setWood(species, new OwnWood(w.wood(), w.source), w.version);
    }

    /** Goes back to the literature's figures for a genus; the owner alone. */
    @DeleteMapping("/{species}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void usualWood(@PathVariable Species species, @RequestParam long version, @AuthenticationPrincipal SignedIn me) {
        require(me);
        house.usualWood(species, version);
    }

    private void require(SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_RULES);
        fresh.require(me);
    }
}
