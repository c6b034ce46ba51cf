package org.goldentally.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.Hands;

/**
 * What one set of a method takes and gives: eight at a time takes a square of each of two cloths and gives 8 units.
 *
 * @param setName what one run of the method uses: {@code pair}, {@code ring}, {@code strip set}
 * @param cuts the pieces cut for one set
 * @param cloths how many different cloths it takes
 * @param unitsPerSet units (not triangles) that one set gives
 * @param sizesToCut the sizes to set the ruler to, in the order in which they are cut: one for most, two for geese
 * @param setEnd how long the sewn end is that is left of each set, where it is cut into segments
 * @param cutWithRoom what is cut larger than need be, so that the unit can be trimmed; empty where nothing is
 * @param explanations how each figure came about, put into words only when asked: most recipes are only counted with
 * @param hands of these, how many are left-hand and right-hand, where they differ
 */
public record Recipe(
        String setName,
        List<CutPiece> cuts,
        List<Length> sizesToCut,
        int cloths,
        int unitsPerSet,
        Hands hands,
        UnitSizes sizes,
        Sewing sewing,
        Optional<Length> setEnd,
        Optional<CutWithRoom> cutWithRoom,
        List<Supplier<Working>> explanations) {

    /**
     * A cut size that the quilter may choose.
     *
     * @param what {@code Cut square}
     * @param least the least that gives the trimmed size, on the ruler
     * @param exact the same before it is rounded
     */
    public record CutWithRoom(String what, Length cut, Length least, Length exact) {}

    public Recipe {
        cuts = List.copyOf(cuts);
        explanations = List.copyOf(explanations);
        if (unitsPerSet < 1) {
            throw new IllegalArgumentException("a set cannot give " + unitsPerSet + " units");
        }
    }

    /** How each figure came about, a line each. */
    public List<Working> workings() {
        return explanations.stream().map(Supplier::get).toList();
    }

    /** What sets are called where they are counted: pairs and halves by their name, two pairs and the like are sets. */
    public static String counted(String setName, long sets) {
        String word = setName.contains(" ") ? "set" : setName;
        return sets == 1 ? word : word.equals("half") ? "halves" : word + "s";
    }

    /** {@code pair} or {@code pairs}; {@code sets} for what has a longer name. */
    public String setWord(long sets) {
        return counted(setName, sets);
    }

    /** Begins a recipe whose sets are called so: {@code pair}. */
    public static Builder forA(String setName) {
        return new Builder(setName);
    }

    /** Puts a recipe together part by part, in the order in which it is told. */
    public static final class Builder {
        private final String setName;
        private final List<CutPiece> cuts = new ArrayList<>();
        private final List<Supplier<Working>> explanations = new ArrayList<>();
        private List<Length> sizesToCut = List.of();
        private int cloths;
        private int units;
        private Hands hands = Hands.NONE;
        private UnitSizes sizes = UnitSizes.square(Length.ZERO, Length.ZERO, Length.ZERO);
        private int sewingCuts;
        private Length seamLength = Length.ZERO;
        private Optional<Length> widestSeam = Optional.empty();
        private OuterEdges edges = OuterEdges.STRAIGHT;
        private int pairings = 1;
        private Optional<Length> setEnd = Optional.empty();
        private Optional<CutWithRoom> cutWithRoom = Optional.empty();

        private Builder(String setName) {
            this.setName = setName;
        }

        /** Pieces that one set takes, of one more cloth. */
        public Builder takes(CutPiece cut) {
            cuts.add(cut);
            cloths = Math.max(cloths, cuts.size());
            return this;
        }

        /** The rule of what is cut with room, which comes first of the explanations. */
        Builder cutBy(CutRule rule, SewingSettings settings) {
            cutWithRoom = Optional.of(new CutWithRoom(
                    rule.what(),
                    rule.cut(settings),
                    rule.least(settings),
                    rule.formula().exactly(rule.figures())));
            return because(() -> rule.working(settings));
        }

        /** Where the ruler is set to something else than the sides of the pieces: a cell, a bias strip. */
        public Builder rulerSetTo(Length size) {
            sizesToCut = List.of(size);
            return this;
        }

        /** From how many cloths, where that is not one for each kind of piece. */
        public Builder ofCloths(int count) {
            cloths = count;
            return this;
        }

        /** Units that one set gives. */
        public Builder gives(int count) {
            units = count;
            return this;
        }

        /** How many of the units are left ones and how many right ones. */
        public Builder hands(int left, int right) {
            hands = new Hands(left, right);
            return this;
        }

        /** Finished, trimmed and raw size of a unit. */
        public Builder sizes(UnitSizes unitSizes) {
            sizes = unitSizes;
            return this;
        }

        /** Cuts after sewing and length of the seams, of one set. */
        public Builder sewn(int cutsPerSet, Length seams) {
            sewingCuts = cutsPerSet;
            seamLength = seams;
            return this;
        }

        /** The widest seam with which a unit still reaches its trimmed size. */
        public Builder widestSeam(Length seam) {
            widestSeam = Optional.of(seam);
            return this;
        }

        /** How the outer edges lie to the grain. */
        public Builder edges(OuterEdges outer) {
            edges = outer;
            return this;
        }

        /** In how many ways cloths are paired in one set. */
        public Builder pairings(int count) {
            pairings = count;
            return this;
        }

        /** What is left of each sewn set beyond its segments. */
        public Builder leavesEnd(Length end) {
            setEnd = Optional.of(end).filter(Length::isPositive);
            return this;
        }

        /** One more line of the explanation, worked out only once it is read. */
        public Builder because(Supplier<Working> explanation) {
            explanations.add(explanation);
            return this;
        }

        /** One more line of the explanation by its name. */
        public Builder because(String what, Supplier<String> how) {
            return because(() -> new Working(what, how.get()));
        }

        /** The finished recipe; how the edges lie comes last in its explanation. */
        public Recipe build() {
            explanations.add(edges::working);
            if (sizesToCut.isEmpty()) {
                sizesToCut =
                        cuts.stream().flatMap(Builder::rulerSizes).distinct().toList();
            }
            return new Recipe(
                    setName,
                    cuts,
                    sizesToCut,
                    cloths,
                    units,
                    hands,
                    sizes,
                    new Sewing(sewingCuts, seamLength, widestSeam, edges, pairings),
                    setEnd,
                    cutWithRoom,
                    explanations);
        }

        private static Stream<Length> rulerSizes(CutPiece cut) {
            boolean oneSize = cut.size().isSquare() || cut.name().equals("strip");
            return oneSize
                    ? Stream.of(cut.shorterSide())
                    : Stream.of(cut.size().width(), cut.size().height());
        }
    }
}
