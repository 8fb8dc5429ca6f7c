package org.antevid.app.place.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.instrument.Bulletin;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.app.place.Underlays;
import org.antevid.app.problem.Again;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Given;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Access;
import org.antevid.core.site.Anchor;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Permit;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Underlay;
import org.antevid.core.site.Weather;
import org.antevid.words.Answer;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/jobs/{job}/place")
public class SurroundingsController {
    /** What is not given stays as it is. */
    /** @param startsMin minutes of the day; left out is not known */
    record HoursRequest(
            Optional<Integer> startsMin,
            Optional<Integer> darkMin,
            Optional<@Size(max = 40) String> radioChannel,
            Long version) {}

    record DayRequest(GroundState ground, Light light, CrownLoad load, Long version) {}

    record PermitView(Permit key, String words, String yes, String why, Permit.Answer answer) {}

    /** Those that are not given stay as they are. */
    record PermitsRequest(@NotEmpty Map<@NotNull Permit, Permit.@NotNull Answer> answers) {}

    record CardRequest(
            @NotNull @Size(max = 200) String nearestHelp,
            @NotNull @Size(max = 300) String route,
            @NotNull @Size(max = 100) String gridReference,
            @NotNull @Size(max = 200) String phoneCover,
            @NotNull @Size(max = 100) String firstAider,
            @NotNull @Size(max = 200) String kit,
            @NotNull @Size(max = 500) String rescuePlan,
            @NotNull @Size(max = 100) String utilityLine,
            @NotNull Long version) {
        EmergencyCard card() {
            return new EmergencyCard(
                    nearestHelp, route, gridReference, phoneCover, firstAider, kit, rescuePlan, utilityLine);
        }
    }

    record AccessRequest(
            Optional<Double> widthM,
            Optional<Double> gradientDeg,
            Optional<Double> loadLimitKg,
            @NotNull @Size(max = 300) String keepOff,
            @NotNull Long version) {
        Access access() {
            return new Access(or(widthM), or(gradientDeg), or(loadLimitKg), keepOff);
        }
    }

    record MachineRequest(
            @NotBlank @Size(max = 60) String name,
            @NotNull Access.Use use,
            @NotNull Double widthM,
            @NotNull Double massKg,
            @NotNull Double gradeDeg,
            Optional<Double> pullN) {}

    record MachineView(
            String id,
            String name,
            Access.Use use,
            String useWords,
            @Shown(in = Dimension.LENGTH, to = Side.UP) double widthM,
            @Shown(in = Dimension.MASS, to = Side.UP) double massKg,
            double gradeDeg,
            @Shown(in = Dimension.FORCE, to = Side.DOWN) Optional<Double> pullN,
            List<String> keptOutBy) {}

    record AnchorRequest(
            @NotNull Double latitudeDeg,
            @NotNull Double longitudeDeg,
            @NotNull Double gridNorthDeg,
            @NotNull Long version) {}

    record HeightRequest(
            @NotNull Spot at,
            @NotNull Double heightM,
            @NotBlank @Size(max = 200) String takenHow) {}

    record HourView(
            int inHours,
            String label,
            @Shown(in = Dimension.SPEED, to = Side.UP) double gustMs,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            double fromDeg,

            double rainMm,
            double airC,
            Light light) {}

    record BulletinView(List<HourView> hours, boolean simulated) {}

    record PixelView(@NotNull Double x, @NotNull Double y) {
        Underlay.Pixel pixel() {
            return new Underlay.Pixel(x, y);
        }
    }

    record TwoPointsRequest(
            @NotNull @Valid PixelView firstPixel,
            @NotNull Spot firstSpot,
            @NotNull @Valid PixelView secondPixel,
            @NotNull Spot secondSpot) {}

    record UnderlayView(
            String name,
            int widthPx,
            int heightPx,
            Optional<Double> metresPerPixel,
            Optional<Double> turnDeg,
            Optional<Spot> origin,
            long version) {}

    record PlaceView(
            GroundState ground,
            Light light,
            CrownLoad load,
            Optional<Integer> startsMin,
            Optional<Integer> darkMin,
            Optional<String> radioChannel,
            List<PermitView> permits,
            EmergencyCard card,
            List<String> cardLacks,
            Optional<Double> accessWidthM,
            Optional<Double> accessGradientDeg,
            Optional<Double> accessLoadKg,
            String keepOff,
            List<MachineView> machines,
            Optional<Anchor> anchor,
            List<Surroundings.KnownHeight> heights,
            List<Terrain.Contour> contours,
            double contourIntervalM,
            BulletinView bulletin,
            Optional<UnderlayView> underlay,
            Surroundings.Versions versions) {}

    private final Surroundings surroundings;
    private final Underlays underlays;
    private final Places places;
    private final Bulletin bulletin;

    SurroundingsController(Surroundings surroundings, Underlays underlays, Places places, Bulletin bulletin) {
        this.surroundings = surroundings;
        this.underlays = underlays;
        this.places = places;
        this.bulletin = bulletin;
    }

    /** Surroundings of the place: permits, machines, the day, the emergency card, heights. */
    @GetMapping
    @Needs(Needs.Right.READ)
    PlaceView place(@PathVariable String job, @RequestParam(defaultValue = "0.5") double contourM) {
        Surroundings.State s = surroundings.state(job);
        List<PermitView> permits = Arrays.stream(Permit.values())
                .map(p -> new PermitView(
                        p,
                        Speech.words().term(p),
                        Speech.words().term(p, "yes"),
                        Speech.words().term(p, "why"),
                        s.permits().getOrDefault(p, Permit.Answer.NOT_KNOWN)))
                .toList();
        List<MachineView> machines = surroundings.machines(job).stream()
                .map(m -> new MachineView(
                        m.id(),
                        m.machine().name(),
                        m.machine().use(),
                        Speech.words().term(m.machine().use()),
                        m.machine().widthM(),
                        m.machine().massKg(),
                        m.machine().gradeDeg(),
                        m.machine().pullN(),
                        m.keptOutBy()))
                .toList();
        Optional<UnderlayView> under = underlays
                .view(job)
                .map(u -> new UnderlayView(
                        u.name(),
                        u.widthPx(),
                        u.heightPx(),
                        u.lies().map(Underlay::metresPerPixel),
                        u.lies().map(Underlay::turnDeg),
                        u.lies().map(Underlay::origin),
                        u.version()));
        Bulletin.Issue issue = bulletin.now();
        return new PlaceView(
                s.day().ground(),
                s.day().light(),
                s.day().load(),
                s.day().hours().startsMin(),
                s.day().hours().darkMin(),
                s.day().hours().radioChannel(),
                permits,
                s.card(),
                Speech.words().terms(s.card().missing(places.hasUtility(job))),
                s.access().widthM(),
                s.access().gradientDeg(),
                s.access().loadLimitKg(),
                s.access().keepOff(),
                machines,
                s.anchor(),
                surroundings.heights(job),
                surroundings.contours(job, contourM),
                contourM,
                new BulletinView(
                        issue.hours().stream().map(SurroundingsController::view).toList(), issue.simulated()),
                under,
                s.versions());
    }

    private static HourView view(Weather.Hour h) {
        return new HourView(h.inHours(), h.label(), h.gustMs(), h.fromDeg(), h.rainMm(), h.airC(), h.light());
    }

    private static Optional<Double> or(Optional<Double> o) {
        return o == null ? Optional.empty() : o;
    }

    /** Ground, light and load on the crowns today. */
    @PutMapping("/day")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void day(@PathVariable String job, @Validated @RequestBody DayRequest d) {
        if (d.ground == null && d.light == null && d.load == null) {
            throw new RefusedInput("MISSING", "ground", Message.of(Answer.ONE_OF_REST));
        }
        Again.whenCrossed(() -> surroundings.day(
                job,
                Optional.ofNullable(d.ground),
                Optional.ofNullable(d.light),
                Optional.ofNullable(d.load),
                Optional.ofNullable(d.version)));
    }

    /** When work starts and when it gets dark. */
    @PutMapping("/hours")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hours(@PathVariable String job, @Validated @RequestBody HoursRequest h) {
        surroundings.hours(
                job,
                new Surroundings.Hours(Given.or(h.startsMin), Given.or(h.darkMin), Given.or(h.radioChannel)),
                Optional.ofNullable(h.version));
    }

    /** What is allowed and asked: consents, orders, nests, notices. */
    @PutMapping("/permits")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void permits(@PathVariable String job, @Validated @RequestBody PermitsRequest p) {
        Again.whenCrossed(() -> surroundings.permits(job, p.answers));
    }

    /** The emergency card: meeting point, nearest help, who aids first. */
    @PutMapping("/emergency")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void card(@PathVariable String job, @Validated @RequestBody CardRequest c) {
        surroundings.card(job, c.card(), c.version);
    }

    /** What can get to the stems: width, gradient and load of the way in. */
    @PutMapping("/access")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void access(@PathVariable String job, @Validated @RequestBody AccessRequest a) {
        surroundings.access(job, a.access(), a.version);
    }

    /** Records a machine of the crew with width, mass, gradient and pull. */
    @PostMapping("/machines")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> addMachine(@PathVariable String job, @Validated @RequestBody MachineRequest m) {
        return Created.at(surroundings.addMachine(
                job, new Access.Machine(m.name, m.use, m.widthM, m.massKg, m.gradeDeg, or(m.pullN))));
    }

    /** Takes a machine off. */
    @DeleteMapping("/machines/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeMachine(@PathVariable String job, @PathVariable String id) {
        surroundings.removeMachine(job, id);
    }

    /** Where the plan lies on the globe, and where its north points. */
    @PutMapping("/anchor")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void anchor(@PathVariable String job, @Validated @RequestBody AnchorRequest a) {
        surroundings.anchor(job, new Anchor(a.latitudeDeg, a.longitudeDeg, a.gridNorthDeg), a.version);
    }

    /** Records a spot height; two different ones at one place are refused. */
    @PostMapping("/heights")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> addHeight(
            @PathVariable String job, @Validated @RequestBody HeightRequest h, @AuthenticationPrincipal SignedIn me) {
        return Created.at(surroundings.addHeight(job, new Terrain.SpotHeight(h.at, h.heightM), h.takenHow, me));
    }

    /** Takes a spot height off. */
    @DeleteMapping("/heights/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeHeight(@PathVariable String job, @PathVariable String id) {
        surroundings.removeHeight(job, id);
    }

    /** Puts a picture beneath the plan; it is laid by two points afterwards. */
    @PostMapping(value = "/underlay", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putUnderlay(@PathVariable String job, @RequestParam("file") MultipartFile file) throws IOException {
        underlays.put(
                job,
                file.getOriginalFilename() == null || file.getOriginalFilename().isBlank()
                        ? "drawing"
                        : file.getOriginalFilename(),
                file.getBytes());
    }

    /** The picture beneath the plan. */
    @GetMapping(value = "/underlay", produces = MediaType.IMAGE_JPEG_VALUE)
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> underlay(@PathVariable String job) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(underlays.picture(job));
    }

    /** Lays the picture by two points known in it and on the ground. */
    @PutMapping("/underlay/points")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void layUnderlay(@PathVariable String job, @Validated @RequestBody TwoPointsRequest t) {
        underlays.lay(job, Underlay.of(t.firstPixel.pixel(), t.firstSpot, t.secondPixel.pixel(), t.secondSpot));
    }

    /** Takes the picture beneath the plan away. */
    @DeleteMapping("/underlay")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeUnderlay(@PathVariable String job) {
        underlays.remove(job);
    }
}
