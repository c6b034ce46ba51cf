package org.goldentally.app.ideas;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.once.BriefReads;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.ClothsAtHand;
import org.goldentally.app.top.TopPictureView;
import org.goldentally.app.top.TopWords;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.ideas.OurQuilts;
import org.goldentally.core.ideas.OurQuilts.OurQuilt;
import org.goldentally.core.ideas.TopIdea;
import org.goldentally.core.ideas.TopIdeas;
import org.goldentally.core.ideas.TopWish;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Quilts to start from: tops that the cloth on the shelf makes, worked out a few at a time, and quilts of our own. */
@RestController
@RequestMapping("/api")
class IdeasController {

    /** At once; who wants more asks again, and stops when she has seen enough. */
    private static final int MOST_AT_ONCE = 10;

    /** The list of all ideas, the tops that are looked through, and those that are asked for. */
    private static final int QUESTIONS = 3;

    private static final int MOST_REMEMBERED = 4;

    private final ClothsAtHand shelf;
    private final Quilts quilts;
    private final BriefReads reads;

    private record Asked(List<ShelfCloth> cloths, TopWish wish) {}

    /** The list is the same for all parts of it that are asked for one after the other. */
    private final Cache<Asked, TopIdeas> lists =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).softValues().build();

    IdeasController(ClothsAtHand shelf, Quilts quilts, BriefReads reads) {
        this.reads = reads;
        this.shelf = shelf;
        this.quilts = quilts;
    }

    /**
     * What is known of the top that is wished; an empty field leaves it open.
     *
     * @param width finished, about
     * @param block finished side of a block
     * @param border finished width; 0 is none
     * @param words what the description of an idea must have in it
     * @param without cloths of the shelf that are left out, by their ids
     */
    record Wish(
            @NotNull MeasureSystem system,
            @NotNull @Size(max = 40) String width,
            @NotNull @Size(max = 40) String height,
            @NotNull @Size(max = 40) String block,
            @NotNull @Size(max = 40) String border,
            @NotNull @Size(max = 100) String words,
            @NotNull @Size(max = 2_000) List<@NotNull @Size(max = 60) String> without) {

        TopWish read() {
            return TopWish.read(new TopWish.Typed(system, width, height, block, border, words));
        }
    }

    record IdeasAsked(
            @Valid @NotNull Wish wish,
            @Min(0) @Max(TopIdeas.MOST) int from,
            @Min(1) @Max(MOST_AT_ONCE) int count) {}

    /**
     * Some of the ideas.
     *
     * @param of how many there are in all; some of them turn out to be impossible and are left out
     * @param leftOut what was asked for and none has
     */
    record IdeasView(int of, List<IdeaView> ideas, List<String> leftOut) {}

    record TakenIdea(
            @Valid @NotNull Wish wish,
            @NotBlank @Size(max = 400) String key,

            @NotBlank(message = "a quilt needs a name") @Size(max = 80, message = "80 characters at most")
            String name) {}

    /** Some of the tops that the cloth on the shelf makes. */
    @Heavy(questions = QUESTIONS)
    @PostMapping("/ideas")
    IdeasView ideas(@Valid @RequestBody IdeasAsked asked) {
        TopIdeas ideas = of(asked.wish());
        return new IdeasView(
                ideas.count(),
                ideas.workedOut(asked.from(), asked.count()).stream()
                        .map(IdeaView::of)
                        .toList(),
                ideas.leftOut());
    }

    /** Makes one of them a quilt, with everything still to change. */
    @Heavy(questions = QUESTIONS)
    @PostMapping("/ideas/take")
    @ResponseStatus(HttpStatus.CREATED)
    Quilts.StoredQuilt take(@Valid @RequestBody TakenIdea taken) {
        TopIdea idea = of(taken.wish()).find(taken.key()).orElseThrow(() -> new NotFoundException("Idea"));
        return quilts.create(taken.name(), idea.design());
    }

    private TopIdeas of(Wish wish) {
        Set<String> without = Set.copyOf(wish.without());
        List<ShelfCloth> cloths = reads.read(shelf::all).stream()
                .filter(cloth -> !without.contains(cloth.id()))
                .toList();
        return lists.get(new Asked(cloths, wish.read()), asked -> TopIdeas.of(asked.cloths, asked.wish));
    }

    /** A quilt of our own. */
    record OurQuiltView(
            String key,
            String name,
            String says,
            String size,
            String blocks,
            List<String> colours,
            List<HousePrint> prints,
            TopPictureView picture) {

        static OurQuiltView of(OurQuilt quilt) {
            QuiltTop top = QuiltTop.of(quilt.design());
            return new OurQuiltView(
                    quilt.key(),
                    quilt.name(),
                    quilt.says(),
                    TopWords.size(top),
                    top.blocksInWords(),
                    TopWords.colours(top),
                    TopWords.prints(top),
                    TopPictureView.of(top));
        }
    }

    @Heavy
    @GetMapping("/our-quilts")
    List<OurQuiltView> ourQuilts() {
        return OurQuilts.all().stream().map(OurQuiltView::of).toList();
    }

    @Heavy
    @PostMapping("/our-quilts/{key}/take")
    @ResponseStatus(HttpStatus.CREATED)
    Quilts.StoredQuilt takeOurs(@PathVariable String key) {
        OurQuilt quilt = OurQuilts.byKey(key).orElseThrow(() -> new NotFoundException("Quilt of ours"));
        return quilts.create(quilt.name(), quilt.design());
    }
}
