package org.goldentally.app.shelf;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;

/** Lengths in the database are exact text, such as {@code 39/8 in}, that a person can read as well. */
@Converter
class LengthColumn implements AttributeConverter<Length, String> {

    @Override
    public String convertToDatabaseColumn(Length length) {
        return LengthWriter.writeExact(length);
    }

    @Override
    public Length convertToEntityAttribute(String text) {
        return LengthReader.readPositive("stored length", text, MeasureSystem.INCH)
                .orThrow();
    }
}
