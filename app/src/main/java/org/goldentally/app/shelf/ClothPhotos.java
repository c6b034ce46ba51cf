package org.goldentally.app.shelf;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashSet;
import java.util.Iterator;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.core.cloth.PhotoSwatch;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photographs of cloths, kept small; the swatch is read from them. */
@Repository
class ClothPhotos {

    /** Side of the picture that is kept. */
    private static final int KEPT_SIDE = 160;

    /** A picture is read no finer than this. */
    private static final int READ_SIDE = 640;

    /** Reading takes memory for each point of some pictures, however coarsely it is read. */
    private static final long MOST_POINTS = 64_000_000;

    private static final String OF_THE_OWNER = " where cloth_id in (select id from cloth where owner_id = :owner)";

    private final JdbcClient database;
    private final CurrentOwner owner;

    ClothPhotos(JdbcClient database, CurrentOwner owner) {
        this.database = database;
        this.owner = owner;
    }

    /** A photograph as read: its colour, and a small square picture as PNG. */
    record Photo(String colour, byte[] small) {}

    /** @throws RefusedException if this is no picture */
    static Photo read(byte[] image) {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(image))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
            if (!readers.hasNext()) {
                throw noPicture();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(input);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > MOST_POINTS) {
                    throw new RefusedException(new Problem(
                            "Photograph",
                            "it has more than " + MOST_POINTS / 1_000_000 + " million points",
                            "take it smaller, or cut out the fabric"));
                }
                if (Math.min(width, height) < 8) {
                    throw noPicture();
                }
                ImageReadParam coarse = reader.getDefaultReadParam();
                int step = Math.max(1, Math.max(width, height) / READ_SIDE);
                coarse.setSourceSubsampling(step, step, 0, 0);
                return photo(reader.read(0, coarse));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            throw noPicture();
        }
    }

    private static RefusedException noPicture() {
        return new RefusedException(new Problem(
                "Photograph",
                "this file cannot be read as a picture",
                "take a JPEG or PNG photograph of the fabric, lying flat, in daylight"));
    }

    private static Photo photo(BufferedImage picture) throws IOException {
        int[] points = picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
        String colour = PhotoSwatch.colour(points, picture.getWidth());
        int side = Math.min(picture.getWidth(), picture.getHeight());
        BufferedImage small = new BufferedImage(KEPT_SIDE, KEPT_SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = small.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        int x = (picture.getWidth() - side) / 2;
        int y = (picture.getHeight() - side) / 2;
        graphics.drawImage(picture, 0, 0, KEPT_SIDE, KEPT_SIDE, x, y, x + side, y + side, null);
        graphics.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(small, "png", png);
        return new Photo(colour, png.toByteArray());
    }

    void keep(UUID cloth, byte[] image) {
        database.sql("insert into cloth_photo (cloth_id, image) values (:cloth, :image)"
                        + " on conflict (cloth_id) do update set image = :image")
                .param("cloth", cloth)
                .param("image", image)
                .update();
    }

    Optional<byte[]> of(UUID cloth) {
        return database.sql("select image from cloth_photo" + OF_THE_OWNER + " and cloth_id = :cloth")
                .param("owner", owner.id())
                .param("cloth", cloth)
                .query((row, number) -> row.getBytes(1))
                .optional();
    }

    Set<UUID> photographed() {
        return new HashSet<>(database.sql("select cloth_id from cloth_photo" + OF_THE_OWNER)
                .param("owner", owner.id())
                .query(UUID.class)
                .list());
    }

    void remove(UUID cloth) {
        database.sql("delete from cloth_photo" + OF_THE_OWNER + " and cloth_id = :cloth")
                .param("owner", owner.id())
                .param("cloth", cloth)
                .update();
    }
}
