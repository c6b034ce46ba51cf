package org.goldentally.core.method;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * Sewing carried out with a general geometry library: layers of cloth are stitched, cut, and unfolded by reflecting the
 * upper layer across the seam; then the largest square is measured that the opened unit holds. Shares nothing with the
 * rules it checks.
 */
public final class FoldedCloth {

    public static final GeometryFactory JTS = new GeometryFactory();

    private FoldedCloth() {}

    public record Seam(Coordinate from, Coordinate to) {
        LineString line() {
            return JTS.createLineString(new Coordinate[] {from, to});
        }
    }

    public static Seam seam(double x1, double y1, double x2, double y2) {
        return new Seam(new Coordinate(x1, y1), new Coordinate(x2, y2));
    }

    public static Polygon rectangle(double x, double y, double width, double height) {
        return (Polygon) JTS.toGeometry(new org.locationtech.jts.geom.Envelope(x, x + width, y, y + height));
    }

    /** The parts into which straight cuts divide a layer of cloth. */
    public static List<Polygon> cut(Polygon cloth, List<Seam> cuts) {
        Geometry lines = cloth.getBoundary();
        for (Seam cut : cuts) {
            lines = lines.union(cut.line());
        }
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(lines);
        List<Polygon> parts = new ArrayList<>();
        for (Object part : polygonizer.getPolygons()) {
            parts.add((Polygon) part);
        }
        return parts;
    }

    /**
     * Two layers of the same outline, sewn on a seam, the seam allowance pressed aside and the upper layer opened: the
     * larger part on one side of the seam and its mirror image.
     */
    public static Geometry open(Polygon layer, Seam seam) {
        List<Polygon> sides = cut(layer, List.of(longer(seam)));
        Polygon body = sides.stream()
                .max(java.util.Comparator.comparingDouble(Geometry::getArea))
                .orElseThrow();
        return body.union(mirror(body, seam));
    }

    public static Geometry mirror(Geometry geometry, Seam seam) {
        return AffineTransformation.reflectionInstance(seam.from.x, seam.from.y, seam.to.x, seam.to.y)
                .transform(geometry);
    }

    public static Seam longer(Seam seam) {
        double dx = seam.to.x - seam.from.x;
        double dy = seam.to.y - seam.from.y;
        return seam(seam.from.x - 9 * dx, seam.from.y - 9 * dy, seam.to.x + 9 * dx, seam.to.y + 9 * dy);
    }

    /**
     * The side of the largest square in the unit whose diagonal lies on the seam, found by halving: the ruler's 45
     * degree line is laid on the seam and the square slid along it.
     */
    public static double largestSquareOnSeam(Geometry unit, Seam seam) {
        Geometry inSeam = unit.buffer(1e-9).intersection(longer(seam).line());
        Coordinate[] ends = {inSeam.getCoordinates()[0], inSeam.getCoordinates()[inSeam.getNumPoints() - 1]};
        double available = ends[0].distance(ends[1]);
        double low = 0;
        double high = available;
        PreparedGeometry roomy = PreparedGeometryFactory.prepare(unit.buffer(1e-7));
        for (int i = 0; i < 40; i++) {
            double diagonal = (low + high) / 2;
            if (fitsSomewhere(roomy, ends, available, diagonal)) {
                low = diagonal;
            } else {
                high = diagonal;
            }
        }
        return low / Math.sqrt(2);
    }

    private static boolean fitsSomewhere(PreparedGeometry roomy, Coordinate[] ends, double available, double diagonal) {
        for (int step = 0; step <= 20; step++) {
            double start = (available - diagonal) * step / 20;
            if (roomy.covers(squareOnDiagonal(ends[0], ends[1], start, diagonal))) {
                return true;
            }
        }
        return false;
    }

    public static Polygon squareOnDiagonal(Coordinate from, Coordinate to, double start, double diagonal) {
        double length = from.distance(to);
        double ux = (to.x - from.x) / length;
        double uy = (to.y - from.y) / length;
        double mx = from.x + ux * (start + diagonal / 2);
        double my = from.y + uy * (start + diagonal / 2);
        double h = diagonal / 2;
        return JTS.createPolygon(new Coordinate[] {
            new Coordinate(mx - ux * h, my - uy * h),
            new Coordinate(mx + uy * h, my - ux * h),
            new Coordinate(mx + ux * h, my + uy * h),
            new Coordinate(mx - uy * h, my + ux * h),
            new Coordinate(mx - ux * h, my - uy * h)
        });
    }
}
