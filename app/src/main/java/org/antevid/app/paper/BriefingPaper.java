package org.antevid.app.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.briefing.Visitors;
import org.antevid.app.cut.Cuts;
import org.antevid.app.problem.NotThere;
import org.antevid.app.sheet.Sheet;
import org.antevid.app.sheet.SheetPdf;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.Talk;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.MemoryUsageSetting;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A briefing as one PDF that is usable alone: what is read, the plan of each step to scale, the cut cards, who signed
 * and lines for those who sign by hand. Each page says which issue it is of, and its check sum.
 */
@Service
@Transactional(readOnly = true)
public class BriefingPaper {
    /** Paper it is printed on. */
    public enum Size {
        A4(210, 297),
        LETTER(215.9, 279.4);

        private final double widthMm;
        private final double heightMm;

        Size(double widthMm, double heightMm) {
            this.widthMm = widthMm;
            this.heightMm = heightMm;
        }

        Sheet sheet(String title) {
            return new Sheet(widthMm, heightMm, title);
        }
    }

    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneId.systemDefault());
    private static final float FOOT_PT = 7.5f;
    private static final float FOOT_X = 28;
    private static final float[] FOOT_Y = {22, 13};

    private final Briefings briefings;
    private final Visitors visitors;

    BriefingPaper(Briefings briefings, Visitors visitors) {
        this.briefings = briefings;
        this.visitors = visitors;
    }

    /** @return the issue as a PDF, in these words */
    public byte[] of(String jobId, int number, Size size, Words words) {
        Briefings.Issue issue = briefings.all(jobId).stream()
                .filter(i -> i.number() == number)
                .findFirst()
                .orElseThrow(NotThere::new);
        PlanDocument plan = issue.plan();
        List<PlanDocument.StepPart> steps = Talk.steps(plan);
        String title = words.say(Message.of(PaperWords.BRIEFING_TITLE)
                .with("job", Arg.name(plan.job()))
                .with("number", Arg.count(number)));
        List<byte[]> parts = new ArrayList<>();
        Sheet first = size.sheet(title);
        parts.add(BriefingText.of(words, first, issued(issue, words), told(issue, steps), signers(issue, words))
                .visitors(visitors.card(jobId, plan), here(jobId, words))
                .pdf());
        for (PlanDocument.StepPart s : steps) {
            Sheet blank = new Sheet(
                    size.heightMm,
                    size.widthMm,
                    title + ": " + s.turn() + " " + words.say(Phrase.step(s.kind(), s.stem(), s.work())));
            parts.add(SheetPdf.of(PlanSheet.of(plan, s, words, blank)));
            s.stem()
                    .flatMap(plan::stem)
                    .flatMap(PlanDocument.StemPart::lay)
                    .filter(l -> s.kind() == Step.Kind.FELL)
                    .flatMap(PlanDocument.LayPart::cuts)
                    .ifPresent(c -> parts.add(SheetPdf.of(Cuts.sheet(c, words, plan.job(), title))));
        }
        return stamped(merged(parts), issue, title, words);
    }

    private static String issued(Briefings.Issue issue, Words words) {
        return words.say(Message.of(PaperWords.BRIEFING_ISSUED)
                .with("who", Arg.name(issue.issuedBy()))
                .with("at", Arg.name(STAMP.format(issue.issuedAt()))));
    }

    private static List<BriefingText.Told> told(Briefings.Issue issue, List<PlanDocument.StepPart> steps) {
        return steps.stream()
                .map(s -> new BriefingText.Told(s, Talk.whole(issue.plan(), s, issue.dangers(s))))
                .toList();
    }

    /** Who is on the site now without work there; who told them stands where others have their part. */
    private List<BriefingText.Signer> here(String jobId, Words words) {
        return visitors.here(jobId).stream()
                .map(v -> new BriefingText.Signer(
                        v.name(), words.term(v.kind()), STAMP.format(v.toldAt()) + ", " + v.toldBy()))
                .toList();
    }

    /** Everybody with a part, once, with all their parts. */
    private static List<BriefingText.Signer> signers(Briefings.Issue issue, Words words) {
        return issue.plan().steps().stream()
                .flatMap(s -> s.posts().stream())
                .collect(
                        Collectors.groupingBy(PlanDocument.PostPart::personId, LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(e -> new BriefingText.Signer(
                        e.getValue().get(0).person(),
                        e.getValue().stream()
                                .map(p -> words.term(p.role()))
                                .distinct()
                                .collect(Collectors.joining(", ")),
                        issue.signatureOf(e.getKey())
                                .map(Briefings.Signature::at)
                                .map(STAMP::format)
                                .orElse("")))
                .toList();
    }

    private static byte[] merged(List<byte[]> parts) {
        PDFMergerUtility merger = new PDFMergerUtility();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        parts.forEach(p -> merger.addSource(new RandomAccessReadBuffer(p)));
        merger.setDestinationStream(out);
        try {
            merger.mergeDocuments(MemoryUsageSetting.setupMainMemoryOnly().streamCache);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** Which issue, its check sum and the page, at the foot of every page. */
    private static byte[] stamped(byte[] pdf, Briefings.Issue issue, String title, Words words) {
        try (PDDocument document = Loader.loadPDF(pdf);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            int all = document.getNumberOfPages();
            for (int i = 0; i < all; i++) {
                PDPage page = document.getPage(i);
                List<String> foot = List.of(
                        words.say(Message.of(PaperWords.FOOT)
                                .with("title", Arg.name(title))
                                .with("page", Arg.count(i + 1))
                                .with("pages", Arg.count(all))),
                        words.say(Message.of(PaperWords.CHECK_SUM).with("hash", Arg.name(issue.hash()))));
                try (PDPageContentStream s =
                        new PDPageContentStream(document, page, PDPageContentStream.AppendMode.APPEND, true, true)) {
                    for (int line = 0; line < foot.size(); line++) {
                        s.beginText();
                        s.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), FOOT_PT);
                        s.newLineAtOffset(FOOT_X, FOOT_Y[line]);
                        s.showText(foot.get(line));
                        s.endText();
                    }
                }
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
