package org.goldentally.app.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.app.cut.CutView;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.app.tally.TallyView;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.offers.Offers;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.tally.WaysToBuy;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers about a quilt document and a shelf that are only sent along; nothing is kept. */
@Heavy
@RestController
@RequestMapping("/api")
class StatelessController {

    /** The tally, the sheets, the shopping list and the offers, for each of which a quilt that is kept is asked apart. */
    private static final int QUESTIONS = 4;

    private final QuiltTally tallies;

    StatelessController(QuiltTally tallies) {
        this.tallies = tallies;
    }

    /** A quilt document with the cloth on hand. */
    record TallyQuestion(
            @NotNull QuiltDesign design,
            @LeftOut("[]") @NotNull @Size(max = 200) List<@Valid ClothLines> shelf) {

        TallyQuestion {
            shelf = shelf == null ? List.of() : shelf;
        }
    }

    /** What there is of one cloth, a typed line for each lot of pieces, and what more of it costs; empty is not known. */
    record ClothLines(
            @NotNull String cloth,
            @NotNull @Size(max = 200) List<String> lines,
            @LeftOut("\"\"") @NotNull @Size(max = 40) String price) {

        ClothLines {
            price = price == null ? "" : price;
        }
    }

    @PostMapping("/tally")
    TallyView tally(@Valid @RequestBody TallyQuestion question) {
        checkKeys(question);
        Map<String, List<ShelfPieces>> pieces = sent(question);
        return TallyView.of(tallies.of(question.design(), pieces), pieces, prices(question), tallies::account);
    }

    /**
     * Everything at once for a quilt document and a shelf that are only sent along: requirements, accounts, leftovers,
     * cutting sheets, shopping list and offers, as the pages show them.
     */
    @Heavy(questions = QUESTIONS)
    @PostMapping("/plan")
    WholePlan plan(@Valid @RequestBody TallyQuestion question) {
        checkKeys(question);
        QuiltDesign design = question.design();
        Map<String, List<ShelfPieces>> pieces = sent(question);
        Prices prices = prices(question);
        TopTally tally = tallies.of(design, pieces);
        return new WholePlan(
                TallyView.of(tally, pieces, prices, tallies::account),
                CutView.of(tally, Set.of()),
                ShoppingView.of(ShoppingList.of(tally, prices), WaysToBuy.of(tally, pieces, prices, tallies::account)),
                Offers.of(tally, pieces, tallies::account).stream()
                        .map(PlanController.OfferView::of)
                        .toList());
    }

    record WholePlan(TallyView tally, CutView cutting, ShoppingView shopping, List<PlanController.OfferView> offers) {}

    /** Cloth of no quilt, and methods that nobody knows, are refused: what is ignored is counted on all the same. */
    private static void checkKeys(TallyQuestion question) {
        List<Problem> problems = new ArrayList<>();
        checkCloths(question, problems);
        checkMethods(question.design(), problems);
        if (!problems.isEmpty()) {
            throw new RefusedException(problems);
        }
    }

    private static void checkCloths(TallyQuestion question, List<Problem> problems) {
        QuiltDesign design = question.design();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < question.shelf().size(); i++) {
            String cloth = question.shelf().get(i).cloth();
            if (design.cloth(cloth).isEmpty()) {
                problems.add(new Problem(
                        "shelf[" + i + "].cloth",
                        "the design has no fabric “" + cloth + "”",
                        "use one of its keys: "
                                + String.join(
                                        ", ",
                                        design.cloths().stream()
                                                .map(ClothInHand::key)
                                                .toList())));
            } else if (!seen.add(cloth)) {
                problems.add(new Problem(
                        "shelf[" + i + "].cloth",
                        "the fabric “" + cloth + "” is there twice",
                        "put all its lines into one entry"));
            }
        }
    }

    private static void checkMethods(QuiltDesign design, List<Problem> problems) {
        for (int i = 0; i < design.methods().size(); i++) {
            String method = design.methods().get(i).method();
            if (Methods.byKey(method).isEmpty()) {
                problems.add(new Problem(
                        "design.methods[" + i + "].method",
                        "there is no method “" + method + "”",
                        "use one of "
                                + String.join(
                                        ", ",
                                        Methods.ALL.stream()
                                                .map(PiecingMethod::key)
                                                .toList())));
            }
        }
    }

    private static Map<String, List<ShelfPieces>> sent(TallyQuestion question) {
        Map<String, List<ShelfPieces>> pieces = new LinkedHashMap<>();
        question.shelf()
                .forEach(cloth ->
                        pieces.put(cloth.cloth(), read(cloth, question.design().system())));
        return pieces;
    }

    private static Prices prices(TallyQuestion question) {
        Map<String, List<Price>> prices = new LinkedHashMap<>();
        question.shelf().stream()
                .filter(cloth -> !cloth.price().isBlank())
                .forEach(cloth -> prices.put(
                        cloth.cloth(),
                        List.of(Price.read(cloth.cloth() + ", price", cloth.price())
                                .orThrow())));
        return new Prices(prices, Map.of());
    }

    private static List<ShelfPieces> read(ClothLines cloth, MeasureSystem system) {
        List<ShelfPieces> pieces = new ArrayList<>();
        for (int i = 0; i < cloth.lines().size(); i++) {
            ShelfLine line = ShelfLineReader.read(
                            cloth.cloth() + ", line " + (i + 1), cloth.lines().get(i), system)
                    .orThrow();
            pieces.add(new ShelfPieces(cloth.cloth() + i, line.count(), line.piece()));
        }
        return pieces;
    }
}
