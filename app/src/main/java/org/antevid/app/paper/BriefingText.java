package org.antevid.app.paper;

import java.util.List;
import java.util.stream.IntStream;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.TalkCard;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Message;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;
import org.w3c.dom.Element;

/** What is read of a briefing, as a page that flows over as many sheets as it needs. */
final class BriefingText {
    /** Late comers sign by hand. */
    private static final int EMPTY_LINES = 4;

    private static final int EMPTY_VISITORS = 2;

    /** Somebody who signs, and when they did where they have. */
    record Signer(String name, String role, String signed) {}

    /** A step with its cards. */
    record Told(PlanDocument.StepPart step, List<TalkCard> cards) {}

    private final PaperPage page;
    private final Words words;

    private BriefingText(Words words, Sheet paper) {
        this.words = words;
        page = new PaperPage(words, paper);
    }

    /** @param issued by whom and when, said */
    static BriefingText of(Words words, Sheet paper, String issued, List<Told> steps, List<Signer> signers) {
        BriefingText t = new BriefingText(words, paper);
        t.page.title(paper.title(), issued);
        IntStream.range(0, steps.size()).forEach(i -> t.step(steps.get(i), i == 0));
        t.signed(t.page.block(PaperWords.SIGNATURES), PaperWords.SIGNED_AT, signers, EMPTY_LINES);
        return t;
    }

    /** @param card what each of them is told */
    BriefingText visitors(List<Message> card, List<Signer> here) {
        Element together = page.block(PaperWords.VISITORS);
        Element list = add(together, "ul", "");
        card.forEach(line -> add(list, "li", words.say(line)));
        signed(together, PaperWords.TOLD_BY, here, EMPTY_VISITORS);
        return this;
    }

    byte[] pdf() {
        page.small(PaperWords.LOCAL_CODE_BRIEFING);
        return page.pdf();
    }

    private static Element add(Element to, String tag, String text) {
        return PaperPage.add(to, tag, text);
    }

    /** What is the same in every step stands with the first. */
    private void step(Told told, boolean first) {
        PlanDocument.StepPart s = told.step;
        add(page.body(), "h2", s.turn() + " " + words.say(Phrase.step(s.kind(), s.stem(), s.work())));
        told.cards.stream()
                .filter(c -> !c.lines().isEmpty() && (first || !sameForAll(c.part())))
                .forEach(this::card);
    }

    private static boolean sameForAll(TalkCard.Part part) {
        return part == TalkCard.Part.PLAN || part == TalkCard.Part.HELP;
    }

    private void card(TalkCard c) {
        Element card = add(page.body(), "div", "");
        card.setAttribute("class", "card");
        add(card, "h3", words.term(c.part().heading()));
        Element list = add(card, "ul", "");
        c.lines().forEach(l -> {
            Element item = add(list, "li", words.say(l.head()));
            l.more().ifPresent(m -> {
                item.appendChild(item.getOwnerDocument().createTextNode(". "));
                add(item, "span", words.say(m)).setAttribute("class", "s");
            });
        });
    }

    private void signed(Element in, PaperWords at, List<Signer> signers, int empty) {
        Element table = page.table(in, List.of(PaperWords.SIGNER, PaperWords.PART, at, PaperWords.BY_HAND));
        signers.forEach(s -> PaperPage.row(table, "line", s.name, s.role, s.signed, ""));
        for (int i = 0; i < empty; i++) {
            PaperPage.row(table, "line", "", "", "", "");
        }
    }
}
