package org.goldentally.app.print;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.app.drawing.StepView;
import org.goldentally.app.sew.CardView;
import org.goldentally.app.sew.SewBook;
import org.goldentally.core.design.ClothInHand;

/** A card for each batch, in the order in which they are sewn: sizes to check, lists to tick, steps, how it is laid out. */
final class SewingCards {

    private static final int CHAIN_COLUMNS = 3;
    private static final float STEP_HIGH = 72;
    private static final float STEP_WIDE = 96;

    private final PrintedPages pages;
    private final List<ClothInHand> cloths;

    SewingCards(PrintedPages pages, List<ClothInHand> cloths) {
        this.pages = pages;
        this.cloths = cloths;
    }

    void print(SewBook sew) {
        if (sew.pages().isEmpty()) {
            return;
        }
        pages.chapter("Sew");
        sew.pages().forEach(this::card);
        mishaps(sew);
    }

    /** What commonly goes wrong in the work of these cards, once for all of them. */
    private void mishaps(SewBook sew) {
        List<List<String>> rows = sew.pages().stream()
                .flatMap(page -> page.card().mishaps().stream())
                .distinct()
                .map(each -> List.of(each.seen(), each.cause(), each.mend()))
                .toList();
        if (rows.isEmpty()) {
            return;
        }
        pages.need(120);
        pages.heading("If it comes out wrong");
        pages.table(
                PrintedPages.READ,
                List.of("What one sees", "Where it comes from", "What to do"),
                rows,
                0.3f,
                0.34f,
                0.36f);
    }

    private void card(SewBook.Page page) {
        CardView card = page.card();
        pages.need(160);
        pages.heading(page.title() + ": " + page.needed());
        pages.paragraph(page.subtitle());
        if (!card.checks().isEmpty()) {
            pages.table(
                    PrintedPages.READ,
                    List.of("Check", "Size"),
                    card.checks().stream()
                            .map(check -> List.of(check.name(), check.size()))
                            .toList(),
                    0.5f,
                    0.5f);
        }
        chain(card);
        list(page);
        for (int i = 0; i < card.order().size(); i++) {
            pages.paragraph((i + 1) + ". " + card.order().get(i), PrintedPages.READ);
        }
        for (int i = 0; i < card.steps().size(); i++) {
            step(i + 1, card.steps().get(i), card.roles());
        }
        rest(card);
        if (page.withLayout()) {
            card.layouts().forEach(new LayoutDrawing(pages, cloths)::print);
        }
        pages.paragraph("Made: " + "_____  ".repeat(8), PrintedPages.READ);
        pages.space(8);
    }

    /** Once the one that the steps make is right. */
    private void rest(CardView card) {
        if (card.rest().isEmpty()) {
            return;
        }
        pages.paragraph("Then the rest:", PrintedPages.READ);
        for (int i = 0; i < card.rest().size(); i++) {
            pages.paragraph((i + 1) + ". " + card.rest().get(i), PrintedPages.READ);
        }
    }

    /** The squares of a chain in their order, a box before each to tick it off. */
    private void chain(CardView card) {
        if (card.chain().isEmpty()) {
            return;
        }
        List<String> squares = new ArrayList<>();
        for (int i = 0; i < card.chain().size(); i++) {
            squares.add("[  ] " + (i + 1) + " " + name(card.chain().get(i)));
        }
        pages.paragraph("Lay the squares in this order, and join each to the next:", PrintedPages.READ);
        List<List<String>> rows = new ArrayList<>();
        for (int from = 0; from < squares.size(); from += CHAIN_COLUMNS) {
            List<String> row = new ArrayList<>(squares.subList(from, Math.min(squares.size(), from + CHAIN_COLUMNS)));
            while (row.size() < CHAIN_COLUMNS) {
                row.add("");
            }
            rows.add(row);
        }
        pages.table(PrintedPages.READ, List.of("", "", ""), rows, 0.34f, 0.33f, 0.33f);
    }

    private String name(int place) {
        return place >= 0 && place < cloths.size() ? cloths.get(place).name() : "not dressed";
    }

    /** The combinations of cloths that are made alike, a box before each. */
    private void list(SewBook.Page page) {
        if (page.list().isEmpty()) {
            return;
        }
        pages.table(
                PrintedPages.READ,
                List.of("Done", "Fabrics", "Sets", "Units"),
                page.list().stream()
                        .map(line -> List.of("[  ]", line.cloths(), "" + line.sets(), "" + line.units()))
                        .toList(),
                0.12f,
                0.58f,
                0.15f,
                0.15f);
    }

    private void step(int number, StepView step, List<Integer> roles) {
        StepDrawing drawn = new StepDrawing(step, roles, cloths);
        String text = step.text() + (step.caution().isEmpty() ? "" : " " + step.caution());
        pages.beside(drawn.isEmpty() ? 0 : STEP_WIDE, STEP_HIGH + 10, number + ". " + step.title(), text, () -> {
            if (!drawn.isEmpty()) {
                double side = Math.max(drawn.width(), drawn.height());
                pages.space(6);
                pages.drawing(
                        step.title() + ": " + step.text() + " " + step.measures(),
                        drawn.width() + side * 0.03,
                        drawn.height() + side * 0.03,
                        STEP_WIDE - 4,
                        STEP_HIGH,
                        4,
                        drawing -> drawn.draw(drawing, side * 0.025));
            }
        });
    }
}
