package org.goldentally.core.kits;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ColourWords;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.KitDesign;
import org.goldentally.core.design.KitDesign.OtherCloth;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;

/**
 * Many of a quilt, planned together: each kit is sewn by itself, so each has all the pieces of one quilt, but the pieces of
 * all kits are cut from common lengths, so that what one strip leaves over serves the next kit.
 *
 * @param count of all kits
 * @param together the tally of the quilt with the accounts of all kits; its design knows the cloths of all colourways
 * @param lists what goes into each kind of kit
 */
public record Kits(int count, TopTally together, List<KitList> lists) {

    /**
     * What lies in one kit.
     *
     * @param name of the colourway; empty where there is one only
     * @param count how many kits are like it
     */
    public record KitList(String name, int count, List<Heap> heaps) {}

    /** Equal pieces of one cloth in one kit. */
    public record Heap(ClothInHand cloth, ClothCut cut) {}

    /**
     * All kits of a quilt; the quilt alone where it has none.
     *
     * @param one the tally of one quilt
     * @param pieces what is on the shelf, by the quilt's cloths
     * @param shelf everything on the shelf, to find other cloths of colourways by their names
     */
    public static Kits of(
            TopTally one, Map<String, List<ShelfPieces>> pieces, List<ShelfCloth> shelf, ClothCutter cutter) {
        return new Planning(boundFromLengths(one, pieces, cutter), pieces, shelf, cutter).kits();
    }

    /** Leftovers of one quilt are no leftovers of many that are cut together, so their bindings are cut from lengths. */
    private static TopTally boundFromLengths(TopTally one, Map<String, List<ShelfPieces>> pieces, ClothCutter cutter) {
        QuiltDesign design = one.top().design();
        return design.finishing().scrappyBinding()
                ? TopTally.of(
                        QuiltTop.of(design.withFinishing(design.finishing().boundFromLeftovers(false))), pieces, cutter)
                : one;
    }

    /** What all kits need of one cloth. */
    private static final class Need {
        private final ClothInHand cloth;
        private final List<ShelfPieces> pieces;
        private final List<CuttingRequest> requests = new ArrayList<>();
        private final List<ClothCut> cuts = new ArrayList<>();

        Need(ClothInHand cloth, List<ShelfPieces> pieces) {
            this.cloth = cloth;
            this.pieces = pieces;
        }

        /** Cut as the first of them is, from cloth as wide as there is, or as the widest would be bought. */
        CuttingRequest request() {
            CuttingRequest first = requests.getFirst();
            Length widest = requests.stream().map(CuttingRequest::widthToBuy).reduce(Length.ZERO, Length::max);
            return new CuttingRequest(
                    cloth.key(),
                    cuts,
                    pieces,
                    pieces.isEmpty() ? widest : TopTally.width(pieces, widest),
                    first.system(),
                    first.choice(),
                    first.squaringUp());
        }
    }

    private static final class Planning {
        private final TopTally one;
        private final QuiltDesign design;
        private final Map<String, List<ShelfPieces>> pieces;
        private final List<ShelfCloth> shelf;
        private final ClothCutter cutter;
        private final Map<String, Need> needs = new LinkedHashMap<>();
        private final List<KitList> lists = new ArrayList<>();

        Planning(TopTally one, Map<String, List<ShelfPieces>> pieces, List<ShelfCloth> shelf, ClothCutter cutter) {
            this.one = one;
            this.design = one.top().design();
            this.pieces = pieces;
            this.shelf = shelf;
            this.cutter = cutter;
        }

        Kits kits() {
            List<KitDesign> kits = design.plan().kits().isEmpty()
                    ? List.of(new KitDesign("", 1, List.of()))
                    : design.plan().kits();
            int count = kits.stream().mapToInt(KitDesign::count).sum();
            if (count > KitDesign.MOST_KITS) {
                throw new RefusedException(new Problem(
                        "Kits",
                        count + " kits in all colourways are more than can be planned at once",
                        "plan up to " + KitDesign.MOST_KITS + ", the others in a copy of the quilt"));
            }
            kits.forEach(this::add);
            List<ClothInHand> cloths = new ArrayList<>(design.cloths());
            needs.values().stream()
                    .map(need -> need.cloth)
                    .filter(cloth -> design.cloth(cloth.key()).isEmpty())
                    .forEach(cloths::add);
            if (cloths.size() > QuiltDesign.MOST_CLOTHS) {
                throw new RefusedException(new Problem(
                        "Kits",
                        "all colourways together have " + cloths.size() + " fabrics, more than "
                                + QuiltDesign.MOST_CLOTHS,
                        "plan some of them in a copy of the quilt"));
            }
            List<ClothLedger> ledgers = needs.values().stream()
                    .map(need -> cutter.account(need.request()))
                    .toList();
            return new Kits(
                    count, one.withLedgers(QuiltTop.of(design.withCloths(cloths)), ledgers), List.copyOf(lists));
        }

        private void add(KitDesign kit) {
            List<Heap> heaps = new ArrayList<>();
            for (ClothLedger ledger : one.ledgers()) {
                CuttingRequest request = one.request(ledger.cloth(), pieces).orElseGet(ledger::request);
                Need need = need(kit, ledger.cloth());
                need.requests.add(request);
                for (ClothCut cut : request.cuts()) {
                    ClothCut inKit = new ClothCut(
                            need.cloth.key(),
                            need.cloth.directional() ? cut.unturned().size() : cut.size(),
                            cut.name(),
                            cut.count(),
                            cut.uses(),
                            cut.useLabel(),
                            cut.again());
                    heaps.add(new Heap(need.cloth, inKit));
                    need.cuts.add(inKit.of(cut.count() * kit.count()));
                }
            }
            lists.add(new KitList(kit.name(), kit.count(), List.copyOf(heaps)));
        }

        /** Of the cloth that a kit has in the place of one of the quilt's. */
        private Need need(KitDesign kit, String key) {
            String other = kit.cloths().stream()
                    .filter(each -> each.from().equals(key) && !each.to().isBlank())
                    .map(OtherCloth::to)
                    .findFirst()
                    .orElse("");
            if (other.isEmpty()) {
                return needs.computeIfAbsent(
                        key, any -> new Need(design.cloth(key).orElseThrow(), pieces.getOrDefault(key, List.of())));
            }
            Optional<ClothInHand> ofQuilt = design.cloths().stream()
                    .filter(cloth -> cloth.name().equalsIgnoreCase(other.strip()))
                    .findFirst();
            if (ofQuilt.isPresent()) {
                String its = ofQuilt.get().key();
                return needs.computeIfAbsent(its, any -> new Need(ofQuilt.get(), pieces.getOrDefault(its, List.of())));
            }
            return needs.computeIfAbsent("kit: " + other.strip().toLowerCase(Locale.ROOT), any -> elsewhere(other));
        }

        /** A cloth that the quilt itself does not have: of the shelf, or still to be bought. */
        private Need elsewhere(String name) {
            String key = "kit-" + (needs.size() + 1);
            return shelf.stream()
                    .filter(cloth -> cloth.name().equalsIgnoreCase(name.strip()))
                    .findFirst()
                    .map(cloth -> new Need(cloth.inHand(key, false), cloth.pieces()))
                    .orElseGet(() -> new Need(
                            new ClothInHand(
                                    key,
                                    name.strip(),
                                    ColourWords.swatchFor(name).colour()),
                            List.of()));
        }
    }
}
