package org.goldentally.app.files;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.goldentally.app.files.QuiltFile.FileCloth;
import org.goldentally.app.files.QuiltFile.FileEntry;
import org.goldentally.app.files.QuiltFile.FileLot;
import org.goldentally.app.log.BenchLog;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.ShelfLots;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.sew.LogEntry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Quilts out into files and in again; a file comes in whole or not at all. */
@Service
@Transactional
public class QuiltFiles {

    private final Quilts quilts;
    private final ShelfLots shelf;
    private final BenchLog log;

    QuiltFiles(Quilts quilts, ShelfLots shelf, BenchLog log) {
        this.quilts = quilts;
        this.shelf = shelf;
        this.log = log;
    }

    /** Cloths are called by their place in the quilt, so that the same quilt gives the same file anywhere. */
    @Transactional(readOnly = true)
    public QuiltFile file(UUID quiltId) {
        Quilts.StoredQuilt quilt = quilts.get(quiltId);
        Map<String, String> ids = new LinkedHashMap<>();
        quilt.design().cloths().stream()
                .map(ClothInHand::shelfCloth)
                .filter(cloth -> !cloth.isEmpty())
                .forEach(cloth -> ids.putIfAbsent(cloth, "cloth-" + (ids.size() + 1)));
        Map<String, ShelfLots.WholeCloth> whole = shelf.wholeCloths();
        List<FileCloth> cloths = new ArrayList<>();
        ids.forEach((cloth, id) -> {
            ShelfLots.WholeCloth known = whole.get(cloth);
            if (known != null) {
                cloths.add(cloth(id, known));
            }
        });
        return new QuiltFile(
                QuiltFile.CURRENT,
                quilt.name(),
                withShelfCloths(quilt.design(), ids),
                cloths,
                entries(log.of(quiltId)));
    }

    static FileCloth cloth(String id, ShelfLots.WholeCloth known) {
        return new FileCloth(
                id,
                known.name(),
                known.pack(),
                known.facts(),
                known.lots().stream().map(QuiltFiles::lot).toList());
    }

    static List<FileEntry> entries(List<LogEntry> log) {
        return log.stream()
                .map(entry -> new FileEntry(
                        entry.id().toString(),
                        entry.at().toString(),
                        entry.kind(),
                        entry.batch(),
                        entry.units(),
                        entry.hand(),
                        entry.text(),
                        entry.takesBack().map(UUID::toString).orElse(""),
                        entry.times(),
                        entry.spoiled()))
                .toList();
    }

    private static FileLot lot(ShelfLots.Lot line) {
        ClothPiece piece = line.line().piece();
        return new FileLot(
                line.line().count(),
                piece.form(),
                LengthWriter.writeExact(piece.width()),
                LengthWriter.writeExact(piece.length()),
                piece.edge(),
                line.system());
    }

    private static QuiltDesign withShelfCloths(QuiltDesign design, Map<String, String> ids) {
        return design.withCloths(design.cloths().stream()
                .map(cloth -> cloth.onShelfAs(ids.getOrDefault(cloth.shelfCloth(), "")))
                .toList());
    }

    /** Pieces of a fabric as its file has them. */
    static List<ShelfLine> lines(String where, FileCloth cloth) {
        cloth.facts().checkAll(where);
        List<ShelfLine> lines = new ArrayList<>();
        for (int j = 0; j < cloth.pieces().size(); j++) {
            FileLot lot = cloth.pieces().get(j);
            String place = where + ".pieces[" + j + "]";
            ClothPiece piece = new ClothPiece(
                    lot.form(),
                    LengthReader.readPositive(place + ".width", lot.width(), MeasureSystem.INCH)
                            .orThrow(),
                    LengthReader.readPositive(place + ".length", lot.length(), MeasureSystem.INCH)
                            .orThrow(),
                    lot.edge());
            lines.add(new ShelfLine(lot.count(), piece, cloth.name()));
        }
        return lines;
    }

    /** A cloth that the shelf knows by name, else a new one with its pieces. */
    static ShelfLots.BroughtIn bringIn(ShelfLots shelf, String where, FileCloth cloth) {
        List<MeasureSystem> systems =
                cloth.pieces().stream().map(FileLot::system).toList();
        return shelf.bringIn(cloth.name(), cloth.pack(), cloth.facts(), lines(where, cloth), systems);
    }

    /**
     * Brings a quilt in as a new one. A cloth that the shelf knows by name is that cloth, and its pieces stay as they are;
     * others come to the shelf with their pieces.
     */
    public Quilts.StoredQuilt bringIn(QuiltFile file) {
        Map<String, String> ids = new LinkedHashMap<>();
        for (int i = 0; i < file.shelf().size(); i++) {
            FileCloth cloth = file.shelf().get(i);
            ids.put(
                    cloth.id(),
                    bringIn(shelf, "shelf[" + i + "]", cloth).cloth().toString());
        }
        Quilts.StoredQuilt quilt = quilts.create(file.name(), withShelfCloths(file.design(), ids));
        file.log().forEach(entry -> log.add(quilt.id(), QuiltFileReader.entry(entry)));
        return quilt;
    }
}
