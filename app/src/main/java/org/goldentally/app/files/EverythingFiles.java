package org.goldentally.app.files;

import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.app.blocks.BlockArchive;
import org.goldentally.app.files.Everything.QuiltWithLog;
import org.goldentally.app.files.Everything.WholeCloth;
import org.goldentally.app.log.BenchLog;
import org.goldentally.app.quilts.QuiltArchive;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.shelf.ShelfLots;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Everything out into one file and in again: whole, or not at all. What is here already stays as it is, so a file that
 * comes in twice changes nothing the second time.
 */
@Service
@Transactional
class EverythingFiles {

    /** A text in JSON, with whatever is escaped in it. */
    private static final Pattern TEXT = Pattern.compile("\"((?:[^\"\\\\]++|\\\\.)*+)\"");

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

    /** What came in; the rest was here already. */
    record BroughtIn(int quilts, int cloths, int blocks, boolean prices) {}

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

    public BroughtIn bringIn(Everything file) {
        return shelf.asOneAct("everything of a file", () -> {
            Map<String, String> here = new LinkedHashMap<>();
            int before = shelf.wholeCloths().size();
            for (int i = 0; i < file.shelf().size(); i++) {
                String where = "shelf[" + i + "]";
                QuiltFile.FileCloth cloth = file.shelf().get(i).cloth();
                UUID id = QuiltFiles.bringIn(shelf, where + ".cloth", cloth);
                here.put(cloth.id(), id.toString());
                if (!file.shelf().get(i).photo().isEmpty()) {
                    shelf.bringInPhoto(
                            id, photo(where + ".photo", file.shelf().get(i).photo()));
                }
            }
            boolean tookPrices = prices.bringIn(file.prices());
            int tookBlocks = 0;
            for (BlockArchive.WholeBlock block : file.blocks()) {
                tookBlocks += blocks.bringIn(block) ? 1 : 0;
            }
            int tookQuilts = 0;
            for (int i = 0; i < file.quilts().size(); i++) {
                tookQuilts += bringIn("quilts[" + i + "]", file.quilts().get(i), here) ? 1 : 0;
            }
            return new BroughtIn(tookQuilts, shelf.wholeCloths().size() - before, tookBlocks, tookPrices);
        });
    }

    private boolean bringIn(String where, QuiltWithLog quilt, Map<String, String> here) {
        boolean came = quilts.bringIn(where + ".quilt", quilt.quilt(), document -> inIdsOf(here, document));
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
