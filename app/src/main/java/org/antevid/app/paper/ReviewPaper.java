package org.antevid.app.paper;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.job.Jobs;
import org.antevid.app.lessons.Lessons;
import org.antevid.app.people.SignedIn;
import org.antevid.app.records.Incidents;
import org.antevid.app.records.Weighings;
import org.antevid.app.review.PieceReviews;
import org.antevid.app.review.Reviews;
import org.antevid.app.review.SignOffs;
import org.antevid.core.brief.PieceOutcome;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.outcome.Deviation;
import org.antevid.core.outcome.Explanation;
import org.antevid.core.outcome.Weighed;
import org.antevid.core.takedown.picks.Weighing;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.w3c.dom.Element;

/** A review on paper: what is missing first, each fall against what was foreseen, what was learned, who signed. */
@Service
@Transactional(readOnly = true)
public class ReviewPaper {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneId.systemDefault());

    private final Jobs jobs;
    private final Reviews reviews;
    private final SignOffs signOffs;
    private final Lessons lessons;
    private final Incidents incidents;
    private final Weighings weighings;
    private final PieceReviews pieces;

    ReviewPaper(
            Jobs jobs,
            Reviews reviews,
            PieceReviews pieces,
            SignOffs signOffs,
            Lessons lessons,
            Incidents incidents,
            Weighings weighings) {
        this.pieces = pieces;
        this.incidents = incidents;
        this.weighings = weighings;
        this.jobs = jobs;
        this.reviews = reviews;
        this.signOffs = signOffs;
        this.lessons = lessons;
    }

    /** @return the review as it stands, in these words */
    public byte[] of(String jobId, BriefingPaper.Size size, Words words, SignedIn who) {
        Jobs.Job job = jobs.job(jobId);
        String title = words.say(Message.of(PaperWords.REVIEW_TITLE).with("job", Arg.name(job.name())));
        PaperPage page = new PaperPage(words, size.sheet(title));
        page.title(title, job.place() + ", " + job.visitOn());
        SignOffs.Standing standing = signOffs.of(jobId, who);
        missing(page, words, standing.missing());
        falls(
                page,
                words,
                reviews.outcomes(jobId).stream()
                        .map(Reviews.OutcomeHistory::outcome)
                        .toList());
        inPieces(page, words, pieces.of(jobId));
        happened(page, words, incidents.of(jobId), weighings.of(jobId));
        learned(page, words, lessons.of(jobId));
        signed(page, words, standing.signed());
        page.small(PaperWords.LOCAL_CODE_BRIEFING);
        return page.pdf();
    }

    private static void missing(PaperPage page, Words words, List<Message> missing) {
        Element block = page.block(PaperWords.MISSING);
        PaperPage.list(
                block,
                missing.isEmpty()
                        ? List.of(words.say(Message.of(PaperWords.NOTHING_MISSING)))
                        : missing.stream().map(words::say).toList());
    }

    private static void falls(PaperPage page, Words words, List<Reviews.Outcome> falls) {
        Element block = page.block(PaperWords.FALLS);
        Element table = page.table(
                block,
                List.of(
                        PaperWords.STEM,
                        PaperWords.PREDICTED,
                        PaperWords.FELL,
                        PaperWords.BESIDE,
                        PaperWords.FORESEEN,
                        PaperWords.BECAME));
        falls.forEach(o -> {
            Deviation d = o.deviation();
            PaperPage.row(
                    table,
                    "",
                    o.stem(),
                    words.say(Message.of(PaperWords.AZIMUTH).with("deg", Arg.azimuth(d.predictedDeg()))),
                    words.say(Message.of(PaperWords.AZIMUTH).with("deg", Arg.azimuth(d.actualLayDeg()))),
                    words.say(Message.of(PaperWords.MISS)
                            .with("off", Arg.of(Dimension.ANGLE, Math.abs(d.missDeg())))
                            .with("right", Arg.flag(d.missDeg() >= 0))
                            .with("across", Arg.of(Dimension.LENGTH, Math.abs(d.acrossM())))
                            .with("measured", Arg.up(Dimension.ANGLE, d.sigmaDeg()))),
                    words.say(Message.of(PaperWords.FAN)
                            .with("inside", d.withinFan().map(Arg::flag))
                            .with("fan", d.foreseenDeg().map(f -> Arg.up(Dimension.ANGLE, f)))),
                    Stream.of(
                                    o.measured().control().map(words::term),
                                    o.measured().by().map(words::term),
                                    Optional.of(o.measured().surprise()).filter(s -> !s.isEmpty()))
                            .flatMap(Optional::stream)
                            .reduce((a, b) -> a + "; " + b)
                            .orElse(""));
        });
        falls.stream()
                .filter(o -> Boolean.FALSE.equals(o.deviation().withinFan().orElse(null)))
                .forEach(o -> explained(block, words, o));
        falls.stream().filter(o -> !o.stump().rows().isEmpty()).forEach(o -> stump(block, words, o));
    }

    private static void stump(Element block, Words words, Reviews.Outcome o) {
        PaperPage.add(block, "h3", words.say(Message.of(PaperWords.STUMP_OF).with("stem", Arg.name(o.stem()))));
        Stream<Message> read = o.stump().rows().stream().map(r -> Message.of(PaperWords.STUMP_ROW)
                .with("part", Arg.said(r.named()))
                .with("planned", r.planned().map(Arg.class::cast))
                .with("found", r.found()));
        Stream<Message> looks = o.measured().stump().sectors().stream().map(s -> Message.of(PaperWords.STUMP_LOOKS)
                .with("sector", Arg.term(s.sector()))
                .with("fibre", Arg.term(s.fibre())));
        PaperPage.list(block, Stream.concat(read, looks).map(words::say).toList());
    }

    private static void explained(Element block, Words words, Reviews.Outcome o) {
        PaperPage.add(block, "h3", words.say(Message.of(PaperWords.MAY_EXPLAIN).with("stem", Arg.name(o.stem()))));
        PaperPage.list(
                block,
                Stream.concat(
                                o.explained().shares().stream(),
                                Stream.of(o.explained().rest()))
                        .map(s -> words.say(share(s)))
                        .toList());
    }

    private static Message share(Explanation.Share s) {
        return Message.of(PaperWords.SHARE)
                .with("cause", Arg.said(s.named()))
                .with("off", Arg.of(Dimension.ANGLE, Math.abs(s.deg())))
                .with("right", Arg.flag(s.deg() >= 0))
                .with("sigma", Arg.up(Dimension.ANGLE, s.sigmaDeg()))
                .with(
                        "says",
                        Optional.of(Arg.said(s.saying())).filter(x -> s.cause() != Explanation.Cause.NOT_EXPLAINED));
    }

    private static void learned(PaperPage page, Words words, List<Lessons.Known> learned) {
        if (learned.isEmpty()) {
            return;
        }
        PaperPage.list(
                page.block(PaperWords.LEARNED),
                learned.stream()
                        .map(l -> words.say(Message.of(PaperWords.LEARNED_LINE)
                                .with("lesson", Arg.said(l.lesson().says()))
                                .with("stem", l.stem().map(Arg::name))
                                .with("cause", l.cause().map(Arg::term))
                                .with("sure", Arg.flag(l.sure()))
                                .with("state", Arg.term(l.state()))
                                .with("who", Arg.name(l.proposedBy()))))
                        .toList());
    }

    private static void inPieces(PaperPage page, Words words, List<PieceReviews.OfTree> trees) {
        if (trees.isEmpty()) {
            return;
        }
        PaperPage.list(
                page.block(PaperWords.IN_PIECES),
                trees.stream()
                        .flatMap(t -> Stream.concat(
                                t.pieces().stream().map(p -> piece(t.stem(), p)),
                                t.came().stream().map(c -> weighed(t.stem(), c))))
                        .map(words::say)
                        .toList());
    }

    private static Message piece(String stem, PieceOutcome p) {
        return Message.of(PaperWords.PIECE_CAME_LINE)
                .with("stem", Arg.name(stem))
                .with("count", Arg.count(p.numbers().size()))
                .with("pieces", Arg.several(p.numbers().stream().map(Arg::count).toList()))
                .with("way", Arg.term(p.way()))
                .with("briefed", Arg.up(Dimension.MASS, p.briefedKg()))
                .with("weighed", p.weighedKg().map(kg -> Arg.of(Dimension.MASS, kg)))
                .with("took", p.tookMin().map(Arg::count))
                .with("planned", Arg.count(p.briefedMin()))
                .with("went", Arg.term(p.went()))
                .with("retire", Arg.flag(p.lineLookedOver()));
    }

    private static Message weighed(String stem, Weighing.Came c) {
        return Message.of(PaperWords.PIECES_WEIGHED_LINE)
                .with("stem", Arg.name(stem))
                .with("group", Arg.term(c.group()))
                .with("factor", Arg.up(Dimension.TIMES, c.factor()))
                .with("readings", Arg.count(c.readings()));
    }

    private static void happened(
            PaperPage page, Words words, List<Incidents.Told> incidents, List<Weighings.Told> weights) {
        if (incidents.isEmpty() && weights.isEmpty()) {
            return;
        }
        PaperPage.list(
                page.block(PaperWords.HAPPENED),
                Stream.concat(
                                incidents.stream().map(Incidents.Told::incident).map(i -> Message.of(
                                                PaperWords.INCIDENT_LINE)
                                        .with("kind", Arg.term(i.kind()))
                                        .with("harm", Arg.term(i.couldBe()))
                                        .with("stem", i.stem().map(Arg::name))
                                        .with("struck", i.struck().map(Arg::name))
                                        .with("words", Arg.name(i.words()))),
                                weights.stream().map(ReviewPaper::weight))
                        .map(words::say)
                        .toList());
    }

    private static Message weight(Weighings.Told t) {
        Weighed w = t.weighed();
        return Message.of(PaperWords.WEIGHT_LINE)
                .with("weight", Arg.of(Dimension.MASS, w.weightKg()))
                .with("sigma", Arg.up(Dimension.MASS, w.by().sigmaRel() * w.weightKg()))
                .with("stem", Arg.name(t.stem()))
                .with("part", Arg.term(w.part()))
                .with("by", Arg.term(w.by()))
                .with("reckoned", t.reckonedKg().map(kg -> Arg.of(Dimension.MASS, kg)));
    }

    private static void signed(PaperPage page, Words words, List<SignOffs.Signed> signed) {
        Element block = page.block(PaperWords.REVIEW_SIGNED);
        Element table = page.table(block, List.of(PaperWords.SIGNER, PaperWords.SIGNED_AT, PaperWords.BY_HAND));
        signed.forEach(s -> PaperPage.row(table, "line", s.by(), at(s.at(), s.holds(), words), ""));
        if (signed.stream().noneMatch(SignOffs.Signed::holds)) {
            PaperPage.row(table, "line", "", "", "");
        }
    }

    private static String at(Instant at, boolean holds, Words words) {
        return words.say(Message.of(PaperWords.SIGNED_THEN)
                .with("at", Arg.name(STAMP.format(at)))
                .with("holds", Arg.flag(holds)));
    }
}
