package org.goldentally.core.formula;

import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
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
        for (Class<?> each : classesOfTheRules()) {
            for (Field field : each.getDeclaredFields()) {
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

    private static List<Class<?>> classesOfTheRules() {
        try {
            Path root = Path.of(Formula.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
            try (Stream<Path> files = Files.walk(root)) {
                List<Class<?>> classes = new ArrayList<>();
                for (Path file :
                        (Iterable<Path>) files.filter(each -> each.toString().endsWith(".class"))::iterator) {
                    String name = root.relativize(file)
                            .toString()
                            .replace(".class", "")
                            .replace('/', '.');
                    classes.add(Class.forName(name, false, Formula.class.getClassLoader()));
                }
                return classes;
            }
        } catch (IOException | URISyntaxException | ClassNotFoundException e) {
            throw new IllegalStateException(e);
        }
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
