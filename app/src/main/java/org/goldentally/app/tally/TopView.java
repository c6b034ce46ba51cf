package org.goldentally.app.tally;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.QuiltTop;

/**
 * The top as the wall shows it.
 *
 * @param sizes block, unit and top, each finished and unfinished
 * @param picture the patches, to scale
 * @param notices what the quilter should know, though it can be worked out
 */
record TopView(
        String unitOfLength,
        List<SizeView> sizes,
        PictureView picture,
        int blocks,
        int units,
        int triangles,
        List<Problem> notices) {

    record SizeView(
            String what,
            String finishedWidth,
            String finishedHeight,
            String unfinishedWidth,
            String unfinishedHeight) {}

    /** One block's patches, and how many blocks there are; all in inches, for drawing only. */
    record PictureView(double blockSize, int across, int down, List<PatchView> patches) {}

    static TopView of(QuiltTop top) {
        SewingSettings settings = top.settings();
        Length unit = top.unit().finishedSize();
        return new TopView(
                settings.system().abbreviation(),
                List.of(
                        size("Block", top.finishedBlockSize(), top.finishedBlockSize(), settings),
                        size("Unit", unit, unit, settings),
                        size("Top", top.finishedWidth(), top.finishedHeight(), settings)),
                new PictureView(
                        top.finishedBlockSize().toDoubleInches(),
                        top.blocksAcross(),
                        top.blocksDown(),
                        top.blockPatches().stream().map(PatchView::of).toList()),
                top.blockCount(),
                top.unitCount(),
                top.unitCount() * 2,
                notices(unit, settings));
    }

    private static SizeView size(String what, Length width, Length height, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        return new SizeView(
                what,
                writer.write(width),
                writer.write(height),
                writer.write(settings.unfinished(width)),
                writer.write(settings.unfinished(height)));
    }

    private static List<Problem> notices(Length unit, SewingSettings settings) {
        Length trimmed = settings.unfinished(unit);
        List<Problem> notices = new ArrayList<>();
        Grid grid = settings.grid();
        if (!trimmed.isOn(grid)) {
            LengthWriter writer = settings.system().writer();
            Length below = settings.finished(trimmed.roundedDownTo(grid));
            Length above = settings.finished(trimmed.roundedUpTo(grid));
            notices.add(new Problem(
                    "Unit size",
                    "a trimmed unit would be " + writer.writeWithUnit(trimmed)
                            + ", which is not on a ruler with marks every " + grid.label(),
                    "friendly finished unit sizes nearby are "
                            + (below.isPositive() ? writer.write(below) + " and " : "") + writer.writeWithUnit(above)));
        }
        return notices;
    }
}
