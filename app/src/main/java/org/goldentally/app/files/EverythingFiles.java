package org.goldentally.app.files;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.app.blocks.BlockArchive;
import org.goldentally.app.files.Everything.QuiltWithLog;
import org.goldentally.app.files.Everything.WholeCloth;
import org.goldentally.app.files.QuiltFile.FileCloth;
import org.goldentally.app.log.BenchLog;
import org.goldentally.app.quilts.QuiltArchive;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.shelf.ShelfLots;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Everything out into one file, and in again portion by portion. What is here already stays as it is, so a file that comes
 * in twice changes nothing the second time, and one that was broken off is gone on with.
 */
@Service
@Transactional
class EverythingFiles {

    /** A text in JSON, with whatever is escaped in it. */
    private static final Pattern TEXT = Pattern.compile("\"((?:[^\"\\\\]++|\\\\.)*+)\"");

    private static final String WHAT = "everything of a file";

    private final QuiltArchive quilts;
    private final BlockArchive blocks;
    private final ShelfLots shelf;
    private final PriceList prices;
    private final BenchLog log;

    EverythingFiles(QuiltArchive quilts, BlockArchive blocks, ShelfLots shelf, PriceList prices, BenchLog log) {
        this.quilts = quilts;
        this.blocks = blocks;
        this.shelf = shelf;
        this.prices = prices;
        this.log = log;
    }

    @Transactional(readOnly = true)
    public Everything file() {
        List<WholeCloth> cloths = new ArrayList<>();
        shelf.wholeCloths()
                .forEach((id, cloth) -> cloths.add(new WholeCloth(
                        QuiltFiles.cloth(id, cloth),
                        shelf.photo(UUID.fromString(id))
                                .map(photo -> Base64.getEncoder().encodeToString(photo))
                                .orElse(""))));
        List<QuiltWithLog> withLogs = quilts.all().stream()
                .map(quilt -> new QuiltWithLog(quilt, QuiltFiles.entries(log.of(quilt.id()))))
                .toList();
        return new Everything(Everything.CURRENT, cloths, prices.entries(), blocks.all(), withLogs);
    }

    /**
     * Reads all of a file that no look at its shape tells: pieces, pictures, and every step of every quilt.
     *
     * @param goesOn is told after each fabric and quilt, and says whether to go on
     */
    void check(Everything file, BooleanSupplier goesOn) {
        boolean on = true;
        for (int i = 0; on && i < file.shelf().size(); i++) {
            QuiltFiles.lines("shelf[" + i + "].cloth", file.shelf().get(i).cloth());
            on = goesOn.getAsBoolean();
        }
        for (int i = 0; on && i < file.quilts().size(); i++) {
            quilts.check("quilts[" + i + "].quilt", file.quilts().get(i).quilt());
            on = goesOn.getAsBoolean();
        }
    }

    /** Pictures of fabrics made small, before anything waits for the database. */
    List<Optional<byte[]>> photos(Everything file, int from, int to) {
        List<Optional<byte[]>> photos = new ArrayList<>();
        for (int i = from; i < to; i++) {
            String typed = file.shelf().get(i).photo();
            String where = "shelf[" + i + "].photo";
            photos.add(typed.isEmpty() ? Optional.empty() : Optional.of(ShelfLots.smallPhoto(photo(where, typed))));
        }
        return photos;
    }

    /**
     * Brings some of the fabrics in.
     *
     * @param here is given the identities that they have here, by those in the file
     */
    ShelfLots.InPortions<Integer> bringInCloths(
            Everything file, int from, List<Optional<byte[]>> photos, Optional<Long> act, Map<String, String> here) {
        return shelf.portion(act, WHAT, () -> {
            int came = 0;
            for (int i = 0; i < photos.size(); i++) {
                FileCloth cloth = file.shelf().get(from + i).cloth();
                ShelfLots.BroughtIn brought = QuiltFiles.bringIn(shelf, "shelf[" + (from + i) + "].cloth", cloth);
                here.put(cloth.id(), brought.cloth().toString());
                photos.get(i).ifPresent(photo -> shelf.bringInPhoto(brought.cloth(), photo));
                came += brought.isNew() ? 1 : 0;
            }
            return came;
        });
    }

    ShelfLots.InPortions<Boolean> bringInPrices(Everything file, Optional<Long> act) {
        return shelf.portion(act, WHAT, () -> prices.bringIn(file.prices()));
    }

    boolean bringInBlock(BlockArchive.WholeBlock block) {
        return blocks.bringIn(block);
    }

    /** A quilt with its log; one that is here already stays as it is. */
    boolean bringInQuilt(Everything file, int number, Map<String, String> here) {
        QuiltWithLog quilt = file.quilts().get(number);
        if (quilts.isHere(quilt.quilt().id())) {
            return false;
        }
        boolean came =
                quilts.bringIn("quilts[" + number + "].quilt", quilt.quilt(), document -> inIdsOf(here, document));
        if (came) {
            quilt.log().forEach(entry -> log.add(quilt.quilt().id(), QuiltFileReader.entry(entry)));
        }
        return came;
    }

    /** Every text that is the id of a fabric there, all at once: where two are exchanged, each becomes the other. */
    static String inIdsOf(Map<String, String> here, String document) {
        return TEXT.matcher(document).replaceAll(found -> {
            String id = found.group(1);
            return Matcher.quoteReplacement('"' + here.getOrDefault(id, id) + '"');
        });
    }

    private static byte[] photo(String where, String base64) {
        try {
            return Base64.getDecoder().decode(base64);
        } catch (IllegalArgumentException broken) {
            throw new RefusedException(
                    new Problem(where, "what stands here is no picture", "choose a file that Golden Tally wrote"));
        }
    }
}
