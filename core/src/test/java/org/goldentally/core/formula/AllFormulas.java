package org.goldentally.core.formula;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.goldentally.core.method.SeamCheck;

/** Every formula that is declared anywhere in the rules, with the class that declares it. */
final class AllFormulas {

    record Declared(Formula formula, String code) {
        @Override
        public String toString() {
            return formula.name();
        }
    }

    private AllFormulas() {}

    static List<Declared> declared() {
        List<Declared> all = new ArrayList<>();
        for (JavaClass each : new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("org.goldentally.core")) {
            for (Field field : each.reflect().getDeclaredFields()) {
                if (Modifier.isStatic(field.getModifiers()) && field.getType() == Formula.class) {
                    all.add(new Declared(read(field), each.getSimpleName()));
                }
            }
        }
        for (SeamCheck.TestPiece piece : SeamCheck.TestPiece.values()) {
            all.add(new Declared(piece.seam(), "SeamCheck"));
        }
        all.sort(Comparator.comparing((Declared declared) -> declared.code)
                .thenComparing(declared -> declared.formula.name()));
        return all;
    }

    private static Formula read(Field field) {
        try {
            field.setAccessible(true);
            return (Formula) field.get(null);
        } catch (IllegalAccessException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
