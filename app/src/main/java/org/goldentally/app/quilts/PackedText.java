package org.goldentally.app.quilts;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.Adler32;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;

/**
 * Text packed (DEFLATE, RFC 1950), beside another one that it is much like: what both have takes next to no room. A design
 * after one edit takes some fifty bytes beside the design before it.
 */
final class PackedText {

    /** As far as the packing looks back. */
    private static final int WINDOW = 32 * 1024;

    private static final int PART = 4 * 1024;

    private PackedText() {}

    /** @param like a text that is there when this one is unpacked; empty for none */
    static byte[] pack(String text, String like) {
        Deflater deflater = new Deflater();
        try {
            if (!like.isEmpty()) {
                deflater.setDictionary(window(like));
            }
            deflater.setInput(text.getBytes(StandardCharsets.UTF_8));
            deflater.finish();
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            byte[] part = new byte[PART];
            while (!deflater.finished()) {
                packed.write(part, 0, deflater.deflate(part));
            }
            return packed.toByteArray();
        } finally {
            deflater.end();
        }
    }

    static String unpack(byte[] packed, String like) {
        Inflater inflater = new Inflater();
        try {
            inflater.setInput(packed);
            ByteArrayOutputStream text = new ByteArrayOutputStream();
            byte[] part = new byte[PART];
            while (!inflater.finished()) {
                int count = inflater.inflate(part);
                text.write(part, 0, count);
                if (count == 0 && inflater.needsDictionary()) {
                    inflater.setDictionary(window(like));
                } else if (count == 0 && !inflater.finished()) {
                    throw new IllegalStateException("a packed step is cut off");
                }
            }
            return text.toString(StandardCharsets.UTF_8);
        } catch (DataFormatException broken) {
            throw new IllegalStateException("a packed step cannot be read", broken);
        } finally {
            inflater.end();
        }
    }

    /** Whether it was packed from this text, as its checksum at the end says (Adler-32, RFC 1950). */
    static boolean isPackedFrom(byte[] packed, String text) {
        Adler32 sum = new Adler32();
        sum.update(text.getBytes(StandardCharsets.UTF_8));
        return ByteBuffer.wrap(packed).getInt(packed.length - Integer.BYTES) == (int) sum.getValue();
    }

    private static byte[] window(String like) {
        byte[] bytes = like.getBytes(StandardCharsets.UTF_8);
        return bytes.length <= WINDOW
                ? bytes
                : java.util.Arrays.copyOfRange(bytes, bytes.length - WINDOW, bytes.length);
    }
}
