package org.antevid.app.paper;

import java.util.List;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.TalkCard;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Message;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** What is read of a briefing, as a page that flows over as many sheets as it needs. */
final class BriefingText {
    /** Late comers sign by hand. */
    private static final int EMPTY_LINES = 4;

    private static final int EMPTY_VISITORS = 2;

    private static final String STYLE = """
            @page { size: %smm %smm; margin: 14mm 12mm 16mm 12mm; }
            body { font-family: Helvetica, Wide, sans-serif; font-size: 10.5pt; line-height: 1.25; color: #1d2a26; }
            h1 { font-size: 20pt; margin: 0 0 1mm 0; }
            h2 { font-size: 14pt; margin: 5mm 0 1mm 0; border-top: 0.6mm solid #1d2a26; padding-top: 2mm; }
            h3 { font-size: 10.5pt; margin: 3mm 0 0.5mm 0; }
            p { margin: 0 0 1mm 0; } ul { margin: 0; padding-left: 5mm; } li { margin: 0 0 0.7mm 0; }
            .s { color: #55625c; } .card { page-break-inside: avoid; }
            table { width: 100%%; border-collapse: collapse; page-break-inside: avoid; }
            td, th { text-align: left; vertical-align: bottom; border-bottom: 0.2mm solid #55625c; padding: 1.6mm 1mm; }
            td.line { height: 9mm; }
            """;

    /** Somebody who signs, and when they did where they have. */
    record Signer(String name, String role, String signed) {}

    /** A step with its cards. */
    record Told(PlanDocument.StepPart step, List<TalkCard> cards) {}

    private final Document page;
    private final Element body;
    private final Words words;

    private BriefingText(Words words, Sheet paper) {
        this.words = words;
        try {
            page = DocumentBuilderFactory.newInstance().newDocumentBuilder().newDocument();
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
        Element html = page.createElement("html");
        page.appendChild(html);
        Element head = add(html, "head", "");
        add(head, "title", paper.title());
        add(head, "style", STYLE.formatted(paper.widthMm(), paper.heightMm()));
        body = add(html, "body", "");
    }

    /** @param issued by whom and when, said */
    static BriefingText of(Words words, Sheet paper, String issued, List<Told> steps, List<Signer> signers) {
        BriefingText t = new BriefingText(words, paper);
        t.add(t.body, "h1", paper.title());
        t.add(t.body, "p", issued).setAttribute("class", "s");
        IntStream.range(0, steps.size()).forEach(i -> t.step(steps.get(i), i == 0));
        t.signed(t.block(PaperWords.SIGNATURES), PaperWords.SIGNED_AT, signers, EMPTY_LINES);
        return t;
    }

    /** @param card what each of them is told */
    BriefingText visitors(List<Message> card, List<Signer> here) {
        Element together = block(PaperWords.VISITORS);
        Element list = add(together, "ul", "");
        card.forEach(line -> add(list, "li", words.say(line)));
        signed(together, PaperWords.TOLD_BY, here, EMPTY_VISITORS);
        return this;
    }

    Document page() {
        add(body, "p", words.say(Message.of(PaperWords.LOCAL_CODE_BRIEFING))).setAttribute("class", "s");
        return page;
    }

    private Element add(Element to, String tag, String text) {
        Element e = page.createElement(tag);
        if (!text.isEmpty()) {
            e.appendChild(page.createTextNode(text));
        }
        to.appendChild(e);
        return e;
    }

    /** What is the same in every step stands with the first. */
    private void step(Told told, boolean first) {
        PlanDocument.StepPart s = told.step;
        add(body, "h2", s.turn() + " " + words.say(Phrase.step(s.kind(), s.stem(), s.work())));
        told.cards.stream()
                .filter(c -> !c.lines().isEmpty() && (first || !sameForAll(c.part())))
                .forEach(this::card);
    }

    private static boolean sameForAll(TalkCard.Part part) {
        return part == TalkCard.Part.PLAN || part == TalkCard.Part.HELP;
    }

    private void card(TalkCard c) {
        Element card = add(body, "div", "");
        card.setAttribute("class", "card");
        add(card, "h3", words.term(c.part().heading()));
        Element list = add(card, "ul", "");
        c.lines().forEach(l -> {
            Element item = add(list, "li", words.say(l.head()));
            l.more().ifPresent(m -> {
                item.appendChild(page.createTextNode(". "));
                add(item, "span", words.say(m)).setAttribute("class", "s");
            });
        });
    }

    /** What stays together on one sheet, under a heading. */
    private Element block(PaperWords heading) {
        Element together = add(body, "div", "");
        together.setAttribute("class", "card");
        add(together, "h2", words.say(Message.of(heading)));
        return together;
    }

    private void signed(Element in, PaperWords at, List<Signer> signers, int empty) {
        Element table = add(in, "table", "");
        Element head = add(table, "tr", "");
        List.of(PaperWords.SIGNER, PaperWords.PART, at, PaperWords.BY_HAND)
                .forEach(w -> add(head, "th", words.say(Message.of(w))));
        signers.forEach(s -> row(table, s.name, s.role, s.signed));
        for (int i = 0; i < empty; i++) {
            row(table, "", "", "");
        }
    }

    private void row(Element table, String... cells) {
        Element row = add(table, "tr", "");
        for (String cell : cells) {
            add(row, "td", cell).setAttribute("class", "line");
        }
        add(row, "td", "").setAttribute("class", "line");
    }
}
