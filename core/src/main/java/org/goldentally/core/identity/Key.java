package org.goldentally.core.identity;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.goldentally.core.measure.Length;

/**
 * Writes an identity: {@code Key.of("goose").with(Length.inches(4))} is {@code goose(4)}. Two keys are the same text only if
 * they are of the same code and have the same fields.
 *
 * <p>A code is part of what is stored, like the name of a column: it is never changed, whatever becomes of the words.
 */
public final class Key {

    /** Longer ones are written as their code and a digest. */
    public static final int LONGEST = 300;

    private static final long VERSION_8 = 0x8000L;
    private static final long WITHOUT_VERSION = ~0xF000L;
    private static final long VARIANT = 0x8000000000000000L;
    private static final long WITHOUT_VARIANT = 0x3FFFFFFFFFFFFFFFL;

    private final String code;
    private final List<String> fields = new ArrayList<>();

    private Key(String code) {
        this.code = code;
    }

    /** Begins one of this code. */
    public static Key of(String code) {
        return new Key(code);
    }

    /** A length, exactly. */
    public Key with(Length length) {
        fields.add(length.exactly());
        return this;
    }

    /** A number of things. */
    public Key with(long count) {
        fields.add(Long.toString(count));
        return this;
    }

    /** One of a closed choice, by its name in the code. */
    public Key with(Enum<?> choice) {
        fields.add(choice.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        return this;
    }

    /** A key that was minted elsewhere: of a fabric, of a block. */
    public Key withMinted(String minted) {
        fields.add(escaped(minted));
        return this;
    }

    /** Several of them, in order. */
    public Key withMinted(List<String> minted) {
        fields.add("[" + String.join(",", minted.stream().map(Key::escaped).toList()) + "]");
        return this;
    }

    /** Another identity that belongs to this one. */
    public Key with(Key part) {
        fields.add(part.text());
        return this;
    }

    /** Several of them, in order. */
    public Key with(List<Key> parts) {
        fields.add("[" + String.join(",", parts.stream().map(Key::text).toList()) + "]");
        return this;
    }

    /** The whole of it. */
    public String text() {
        return fields.isEmpty() ? code : code + "(" + String.join(",", fields) + ")";
    }

    /** The whole of it, or where that is longer than {@value #LONGEST} its code and a digest. */
    public String shortText() {
        String text = text();
        return text.length() <= LONGEST ? text : code + "#" + digest();
    }

    /** The same for the same key each time; version 8 of a UUID, so that it is told from the digests of former versions. */
    public UUID digest() {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(text().getBytes(StandardCharsets.UTF_8));
            ByteBuffer bits = ByteBuffer.wrap(hash);
            long most = (bits.getLong() & WITHOUT_VERSION) | VERSION_8;
            long least = (bits.getLong() & WITHOUT_VARIANT) | VARIANT;
            return new UUID(most, least);
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("every Java has SHA-256", missing);
        }
    }

    private static String escaped(String minted) {
        return minted.replace("\\", "\\\\")
                .replace(",", "\\,")
                .replace("(", "\\(")
                .replace(")", "\\)")
                .replace("[", "\\[")
                .replace("]", "\\]");
    }
}
