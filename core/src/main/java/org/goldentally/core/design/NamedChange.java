package org.goldentally.core.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.goldentally.core.block.Block;
import org.goldentally.core.design.PlaceDesign.Exchange;

/**
 * What a step changed, in the quilter's words, so that undo can say what it takes back: {@code border 4 in},
 * {@code cloth oat added}, {@code 6 × 7 blocks}.
 */
public final class NamedChange {

    /** More are summed up: a label on a button is short. */
    private static final int MOST_NAMED = 2;

    private static final String A_PLAN = "a plan for all units";

    private final QuiltDesign before;
    private final QuiltDesign after;
    private final List<String> said = new ArrayList<>();

    private NamedChange(QuiltDesign before, QuiltDesign after) {
        this.before = before;
        this.after = after;
    }

    /** All that leads from one design to the other, each by itself; empty where they are alike. */
    public static List<String> all(QuiltDesign before, QuiltDesign after) {
        boolean plan = takesAPlan(before, after);
        NamedChange change = new NamedChange(before, plan ? joinedAndCutAs(before, after) : after);
        if (plan) {
            change.said.add(A_PLAN);
        }
        change.ruler();
        change.cloths();
        change.blocks();
        change.setting();
        change.borders();
        change.finishing();
        change.work();
        if (change.said.isEmpty() && !before.equals(after)) {
            change.said.add("small changes");
        }
        return List.copyOf(change.said);
    }

    /** Whether a plan chose methods or cut sizes that nobody chose by hand. */
    private static boolean takesAPlan(QuiltDesign before, QuiltDesign after) {
        return after.methods().stream()
                        .anyMatch(
                                method -> !method.byHand() && !before.methods().contains(method))
                || after.plan().cutSizes().stream()
                        .anyMatch(size ->
                                !size.byHand() && !before.plan().cutSizes().contains(size));
    }

    /** Joins of borders, the way of the backing and ways of cutting are part of a plan. */
    private static QuiltDesign joinedAndCutAs(QuiltDesign before, QuiltDesign after) {
        List<BorderDesign> borders = new ArrayList<>(after.borders());
        for (int i = 0; i < Math.min(borders.size(), before.borders().size()); i++) {
            borders.set(i, borders.get(i).joined(before.borders().get(i).join()));
        }
        return after.withBorders(borders)
                .withFinishing(after.finishing().withPanels(before.finishing().panels()))
                .withPlan(after.plan().withCutting(before.plan().cutting()));
    }

    /** What leads from one design to the other, in short; {@code nothing} where they are alike. */
    public static String between(QuiltDesign before, QuiltDesign after) {
        List<String> said = all(before, after);
        if (said.isEmpty()) {
            return "nothing";
        }
        return said.size() > MOST_NAMED
                ? said.getFirst() + " and " + (said.size() - 1) + " more changes"
                : String.join(", ", said);
    }

    private <T> void say(Function<QuiltDesign, T> part, Function<T, String> name) {
        T now = part.apply(after);
        if (!part.apply(before).equals(now)) {
            said.add(name.apply(now));
        }
    }

    private void ruler() {
        say(QuiltDesign::seam, seam -> "seam " + measured(seam));
        say(QuiltDesign::grid, grid -> "ruler of " + grid.label());
        say(QuiltDesign::allowance, allowance -> "room to trim: " + allowance.label());
        say(QuiltDesign::closeInValue, close -> "close in value below " + close);
    }

    private void cloths() {
        for (ClothInHand cloth : after.cloths()) {
            ClothInHand known = before.cloth(cloth.key()).orElse(null);
            if (known == null) {
                said.add("fabric " + cloth.name() + " added");
            } else if (known.background() != cloth.background()) {
                said.add("fabric " + cloth.name() + (cloth.background() ? " as background" : " not as background"));
            } else if (!known.equals(cloth)) {
                said.add("fabric " + cloth.name() + " changed");
            }
        }
        before.cloths().stream()
                .filter(cloth -> after.cloth(cloth.key()).isEmpty())
                .forEach(cloth -> said.add("fabric " + cloth.name() + " taken out"));
        if (said.isEmpty()) {
            say(QuiltDesign::cloths, any -> "order of the fabrics");
        }
    }

    private void blocks() {
        for (Block block : after.blocks()) {
            Block known = before.block(block.key()).orElse(null);
            if (known == null) {
                said.add("block " + block.name() + " added");
            } else if (!known.equals(block)) {
                boolean dressed = known.undressed().equals(block.undressed());
                said.add("block " + block.name() + (dressed ? " dressed" : " changed"));
            }
        }
        before.blocks().stream()
                .filter(block -> after.block(block.key()).isEmpty())
                .forEach(block -> said.add("block " + block.name() + " taken out"));
        say(
                QuiltDesign::blockSize,
                size -> (size.of() == BlockSizeDesign.Of.BLOCK ? "block" : "unit") + " size " + measured(size.typed())
                        + " " + (size.as() == BlockSizeDesign.As.FINISHED ? "finished" : "unfinished"));
    }

    private void setting() {
        rows();
        say(
                design -> design.setting().blocks(),
                blocks -> blocks.size() == 1 ? "one block all over" : blocks.size() + " blocks take turns");
        between();
        say(
                design -> design.setting().halves(),
                halves -> halves == SettingDesign.Halves.PLAIN ? "plain halves" : "half blocks");
        say(design -> design.setting().cloth(), cloth -> "fabric of the setting");
        places();
        say(
                QuiltDesign::sashing,
                sashing -> sashing.unwanted()
                        ? "no sashing"
                        : "sashing " + measured(sashing.width())
                                + (sashing.between() == SashingDesign.Between.BOTH
                                        ? ""
                                        : " " + sashing.between().words()));
    }

    private void rows() {
        SettingDesign was = before.setting();
        SettingDesign now = after.setting();
        if (was.kind() != now.kind()) {
            said.add(
                    switch (now.kind()) {
                        case STRAIGHT -> "set in straight rows";
                        case HALF_DROP -> "set half-drop";
                        case ON_POINT -> "set on point";
                    });
        } else if (was.across() != now.across() || was.down() != now.down()) {
            said.add(now.across() + " × " + now.down() + " blocks");
        }
    }

    private void between() {
        SettingDesign was = before.setting();
        SettingDesign now = after.setting();
        if (now.kind() == SettingDesign.Kind.ON_POINT
                && (was.between() != now.between() || !was.betweenBlock().equals(now.betweenBlock()))) {
            said.add(
                    switch (now.between()) {
                        case SAME -> "the blocks in the rows between too";
                        case OTHER -> "a block of their own in the rows between";
                        case PLAIN -> "plain squares in the rows between";
                        case OPEN -> "rows between left open";
                    });
        }
    }

    private void places() {
        boolean blocks = !before.places().equals(after.places());
        boolean edges = !before.edgePlaces().equals(after.edgePlaces());
        if ((blocks || edges) && freePlacesChanged()) {
            said.add("free places laid out");
            return;
        }
        if (blocks) {
            int places = Math.max(1, differing(before.places(), after.places()));
            said.add(places == 1 ? "1 place of the top" : places + " places of the top");
        }
        if (edges) {
            int units = Math.max(1, differing(before.edgePlaces(), after.edgePlaces()));
            said.add(units == 1 ? "1 unit of an edge" : units + " units of edges");
        }
    }

    /** Whether several places that changed got prints for free cloths. */
    private boolean freePlacesChanged() {
        Set<String> free = new HashSet<>();
        after.cloths().stream().filter(ClothInHand::dealt).forEach(cloth -> free.add(cloth.key()));
        if (free.isEmpty()) {
            return false;
        }
        List<List<Exchange>> changed = new ArrayList<>();
        changedIn(before.places(), after.places()).forEach(place -> changed.add(place.exchanges()));
        changedIn(before.edgePlaces(), after.edgePlaces()).forEach(place -> changed.add(place.exchanges()));
        return changed.size() > 1
                && changed.stream()
                        .allMatch(exchanges -> exchanges.stream().anyMatch(exchange -> free.contains(exchange.from())));
    }

    private static <P> List<P> changedIn(List<P> before, List<P> after) {
        Apart<P> apart = Apart.of(before, after);
        Set<P> was = new HashSet<>(apart.before);
        return apart.after.stream().filter(place -> !was.contains(place)).toList();
    }

    private static <P> int differing(List<P> before, List<P> after) {
        Apart<P> apart = Apart.of(before, after);
        Set<P> was = new HashSet<>(apart.before);
        Set<P> is = new HashSet<>(apart.after);
        long gone = apart.before.stream().filter(place -> !is.contains(place)).count();
        long come = apart.after.stream().filter(place -> !was.contains(place)).count();
        return Math.toIntExact(Math.max(gone, come));
    }

    /** Two lists without what both begin and end with: most edits change one place of many, and none is there twice. */
    private record Apart<P>(List<P> before, List<P> after) {

        static <P> Apart<P> of(List<P> before, List<P> after) {
            int shorter = Math.min(before.size(), after.size());
            int begin = 0;
            while (begin < shorter && before.get(begin).equals(after.get(begin))) {
                begin++;
            }
            int end = 0;
            while (end < shorter - begin
                    && before.get(before.size() - 1 - end).equals(after.get(after.size() - 1 - end))) {
                end++;
            }
            return new Apart<>(before.subList(begin, before.size() - end), after.subList(begin, after.size() - end));
        }
    }

    private void borders() {
        List<BorderDesign> was = before.borders();
        List<BorderDesign> now = after.borders();
        int more = now.size() - was.size();
        if (Math.abs(more) > 1) {
            said.add(Math.abs(more) + (more > 0 ? " borders added" : " borders taken off"));
        } else if (more > 0) {
            said.add("border " + measured(now.getLast().width()) + " added");
        } else if (more < 0) {
            int gone = 0;
            while (gone < now.size() && was.get(gone).equals(now.get(gone))) {
                gone++;
            }
            said.add("border " + measured(was.get(gone).width()) + " taken off");
        } else {
            for (int i = 0; i < now.size(); i++) {
                if (!was.get(i).equals(now.get(i))) {
                    boolean width = !was.get(i).width().equals(now.get(i).width());
                    String which = now.size() == 1 ? "border" : "border " + (i + 1) + ":";
                    boolean sides = !was.get(i).sides().equals(now.get(i).sides());
                    String how = width ? "" : sides ? ", a side unlike" : ", made otherwise";
                    said.add(which + " " + measured(now.get(i).width()) + how);
                }
            }
        }
    }

    private void finishing() {
        FinishingDesign finishing = after.finishing();
        if (!before.finishing().equals(finishing)) {
            FinishingDesign bound = new FinishingDesign(
                    finishing.bindingCloth(),
                    finishing.bindingStrip(),
                    before.finishing().backingCloth(),
                    before.finishing().backingWidth(),
                    before.finishing().overhang(),
                    finishing.scrappyBinding(),
                    before.finishing().panels());
            if (!before.finishing().equals(bound)) {
                said.add("binding " + measured(finishing.bindingStrip()));
            }
            if (!bound.equals(finishing)) {
                said.add("backing");
            }
        }
    }

    private void work() {
        sayUnlessPlanned(QuiltDesign::methods, methods -> {
            QuiltDesign.MethodChoice last = methods.stream()
                    .filter(choice -> !before.methods().contains(choice))
                    .reduce((one, other) -> other)
                    .orElse(null);
            return last == null ? "a method let go" : last.method().replace('-', ' ');
        });
        sayUnlessPlanned(
                design -> design.plan().cutSizes(),
                sizes -> sizes.stream()
                        .filter(size -> !before.plan().cutSizes().contains(size))
                        .reduce((one, other) -> other)
                        .map(last -> "cut " + measured(last.typed()))
                        .orElse("cut size let go"));
        say(design -> design.plan().rulers(), typed -> "square rulers");
        say(design -> design.plan().layers(), layers -> layers + (layers == 1 ? " layer" : " layers") + " at once");
        say(design -> design.plan().cutting(), any -> "way of cutting");
        say(design -> design.plan().extras(), any -> "extra units");
        say(design -> design.plan().squaringUp(), typed -> "squaring up " + squared(typed));
        say(
                design -> design.plan().making().oddOnes(),
                odd -> odd == MakingDesign.OddOnes.IN_PAIRS ? "odd units in pairs" : "odd units of loose triangles");
        say(design -> design.plan().making().mostSquaresAChain(), most -> "at most " + most + " squares a chain");
        say(design -> design.plan().making().variety(), any -> "variety of prints");
        say(
                design -> design.plan().making().spareBlocks(),
                spares -> spares.size() + (spares.size() == 1 ? " spare block" : " spare blocks"));
        say(design -> design.plan().kits(), any -> "kits");
        say(design -> design.plan().bonus(), any -> "bonus units");
        say(design -> design.plan().marking(), marking -> "marking: " + marking.label());
        say(design -> design.plan().pressing(), pressing -> "pressing: " + pressing.label());
    }

    /** What a plan chose is named once, by itself. */
    private <T> void sayUnlessPlanned(Function<QuiltDesign, T> part, Function<T, String> name) {
        if (!said.contains(A_PLAN)) {
            say(part, name);
        }
    }

    private String squared(String typed) {
        return typed.isBlank() ? "as is usual" : measured(typed);
    }

    /** As typed, with the unit where none was. */
    private String measured(String typed) {
        String tidy = typed.strip();
        if (tidy.isEmpty()) {
            return "of no size";
        }
        boolean bare = tidy.matches("[\\d\\s./,½¼¾⅛⅜⅝⅞-]+");
        return bare ? tidy + " " + after.system().abbreviation() : tidy;
    }
}
