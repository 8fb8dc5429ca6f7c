package org.antevid.app.takedown;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.app.exchange.CsvTable;
import org.antevid.app.exchange.ImportReport;
import org.antevid.app.job.Jobs;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.takedown.picks.CranePlan;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.PieceRemark;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pieces of a tree as a table, out and in, and on paper. */
@Service
@Transactional(readOnly = true)
public class PieceFiles {
    private static final List<String> HEADER = List.of(
            "piece",
            "limb",
            "at_m",
            "way",
            "tie_m",
            "block_m",
            "run_m",
            "toward_deg",
            "length_m",
            "mass_kg",
            "mass_high_kg",
            "peak_n",
            "weakest",
            "weakest_share");
    /** A length that is off by more was cut somewhere else: the cuts leave a gap, or cross. */
    private static final double SAME_M = 0.2;
    /** More than this over the tree is another tree. */
    private static final double SAME_MASS = 1.02;

    private final Takedowns takedowns;
    private final Cranes cranes;
    private final Jobs jobs;

    PieceFiles(Takedowns takedowns, Cranes cranes, Jobs jobs) {
        this.cranes = cranes;
        this.takedowns = takedowns;
        this.jobs = jobs;
    }

    private TakeDown plan(String jobId, String stemId) {
        return takedowns.of(jobId, stemId).plan().orElseThrow(NotThere::new);
    }

    /** @return the pieces that are kept, one a row; what is computed is rounded to the safe side */
    public String csv(String jobId, String stemId) {
        return CsvTable.write(
                HEADER,
                plan(jobId, stemId).pieces().stream().map(PieceFiles::row).toList());
    }

    private static List<Object> row(Piece p) {
        Cut c = p.cut();
        return Arrays.asList(
                p.number(),
                c.limb().orElse(""),
                c.atM(),
                c.way().name().toLowerCase(Locale.ROOT),
                c.tieM().orElse(null),
                c.blockM().orElse(null),
                c.runM().orElse(null),
                c.towardDeg().orElse(null),
                Rounding.up(p.lengthM(), 2),
                Rounding.up(p.massKg(), 1),
                Rounding.up(p.massHighKg(), 0),
                p.loading().peakN().map(n -> Rounding.up(n, 0)).orElse(null),
                p.loading()
                        .worst()
                        .map(l -> l.kind().name().toLowerCase(Locale.ROOT))
                        .orElse(""),
                p.loading()
                        .worst()
                        .flatMap(l -> l.share())
                        .map(s -> Rounding.up(s, 3))
                        .orElse(null));
    }

    /**
     * A table as a plan with the limbs and the gear that are kept; nothing is kept of it.
     *
     * @throws RefusedInput naming the row of a cut through what has gone, of a length that does not fit its cuts, of a
     *     knot off its piece; {@code MORE_THAN_TREE}
     */
    public Takedowns.Reckoned read(String jobId, String stemId, byte[] file) {
        List<ImportReport.Problem> problems = new ArrayList<>();
        List<CsvTable.Row> rows = CsvTable.read(file, HEADER, problems);
        List<Cut> cuts = rows.stream().map(PieceFiles::cut).toList();
        ImportReport.refuse(problems, false);
        Planned kept = takedowns.of(jobId, stemId).planned();
        Takedowns.Reckoned made = takedowns.preview(jobId, stemId, kept.with(cuts));
        TakeDown plan = made.plan().orElseThrow(NotThere::new);
        double mass = 0;
        for (int i = 0; i < rows.size(); i++) {
            Piece p = plan.pieces().get(i);
            CsvTable.Row row = rows.get(i);
            mass += row.number("mass_kg");
            if (Math.abs(row.number("length_m") - p.lengthM()) > SAME_M) {
                row.bad(
                        "length_m",
                        Message.of(Answer.PIECE_NOT_SO_LONG).with("length", Arg.up(Dimension.LENGTH, p.lengthM())));
            }
            if (p.remarks().contains(PieceRemark.TIE_OFF_PIECE)) {
                row.bad("tie_m", Message.of(PieceRemark.TIE_OFF_PIECE));
            }
        }
        ImportReport.refuse(problems, false);
        if (mass > SAME_MASS * plan.start().massKg()) {
            throw new RefusedInput(
                    "MORE_THAN_TREE",
                    "mass_kg",
                    Message.of(Answer.MORE_THAN_TREE)
                            .with("tree", Arg.up(Dimension.MASS, plan.start().massKg())));
        }
        return made;
    }

    private static Cut cut(CsvTable.Row row) {
        try {
            return new Cut(
                    Optional.of(row.text("limb")).filter(l -> !l.isEmpty()),
                    row.number("at_m"),
                    row.choice("way", Way.class),
                    row.maybe("tie_m"),
                    row.maybe("block_m"),
                    row.maybe("run_m"),
                    row.maybe("toward_deg"));
        } catch (RefusedInput refused) {
            row.bad(refused);
            return new Cut(Optional.empty(), 0, Way.FELLED, Optional.empty(), Optional.empty(), Optional.empty());
        }
    }

    /** @return the figure and every piece with what its role has to know, on A4 in the reader's words */
    public Sheet sheet(String jobId, String stemId) {
        Takedowns.Reckoned r = takedowns.of(jobId, stemId);
        TakeDown plan = r.plan().orElseThrow(NotThere::new);
        boolean picked = plan.pieces().stream().anyMatch(p -> p.cut().way().picked());
        Optional<CranePlan> crane = picked ? cranes.of(jobId, stemId).plan() : Optional.empty();
        return PieceSheet.of(
                plan,
                crane,
                r.stem().at(),
                r.site().terrain().groundAt(r.stem().at()),
                jobs.job(jobId).name(),
                Speech.words());
    }
}
