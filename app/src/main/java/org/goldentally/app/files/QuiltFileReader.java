package org.goldentally.app.files;

import com.fasterxml.jackson.annotation.Nulls;
import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.quilts.DesignDocuments;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.text.CleanText;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.sew.LogEntry;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.ValueInstantiationException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads quilt files, of which nothing is believed: their size, depth, types and version are checked, and what is
 * wrong is refused with its place. Nothing is changed while a file is read.
 */
@Component
class QuiltFileReader {

    /** The largest quilt with a long log is under a tenth of this. */
    static final int LARGEST = 8_000_000;

    /** Some hundred quilts with all their steps, and five hundred photographs. */
    static final int LARGEST_OF_EVERYTHING = 40_000_000;

    private static final int DEEPEST = 40;
    private static final int LONGEST_TEXT = 20_000;
    private static final String WHERE = "Quilt file";

    private final DesignDocuments documents;
    private final JsonMapper json = mapper(LARGEST, LONGEST_TEXT);
    private final JsonMapper everything = mapper(LARGEST_OF_EVERYTHING, LARGEST);

    QuiltFileReader(DesignDocuments documents) {
        this.documents = documents;
    }

    private static JsonMapper mapper(int largest, int longestText) {
        return JsonMapper.builder(JsonFactory.builder()
                        .streamReadConstraints(StreamReadConstraints.builder()
                                .maxNestingDepth(DEEPEST)
                                .maxStringLength(longestText)
                                .maxDocumentLength(largest)
                                .build())
                        .build())
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(DeserializationFeature.FAIL_ON_READING_DUP_TREE_KEY)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
                .addModule(new CleanText.Module())
                .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL))
                .build();
    }

    /** @throws RefusedException if it is no quilt file that can be used, with the place */
    QuiltFile read(InputStream input) {
        byte[] bytes = bytes(input);
        try {
            JsonNode tree = json.readTree(bytes);
            if (!(tree instanceof ObjectNode file)) {
                throw refused(WHERE, "it is no quilt file", "choose a file that Golden Tally wrote");
            }
            int version = file.path("goldenTallyQuilt").asInt(0);
            if (version != QuiltFile.CURRENT) {
                throw refused(
                        "goldenTallyQuilt",
                        "files of version " + file.path("goldenTallyQuilt") + " are not known here",
                        "use one of version " + QuiltFile.CURRENT + ", or a newer Golden Tally");
            }
            if (file.get("design") instanceof ObjectNode design) {
                file.set("design", documents.upToDate(design));
            }
            file.path("shelf").forEach(QuiltFileReader::withWhatWasLeftOut);
            QuiltFile read = json.treeToValue(file, QuiltFile.class);
            check(read);
            return read;
        } catch (JacksonException broken) {
            throw new RefusedException(problem(broken));
        }
    }

    /** @throws RefusedException if it is no file of everything that can be used, with the place */
    Everything readEverything(byte[] bytes) {
        try {
            JsonNode file = everything.readTree(bytes);
            if (file.isMissingNode() || file.isNull()) {
                throw refused("File", "there is nothing in it", "choose a file that Golden Tally wrote");
            }
            file.path("shelf").forEach(whole -> withWhatWasLeftOut(whole.path("cloth")));
            Everything read = everything.treeToValue(file, Everything.class);
            refuse(problems(read));
            return read;
        } catch (JacksonException broken) {
            throw new RefusedException(problem(broken));
        }
    }

    private static List<Problem> problems(Everything read) {
        List<Problem> problems = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < read.shelf().size(); i++) {
            checkCloth("shelf[" + i + "].cloth", read.shelf().get(i).cloth(), ids, problems);
            if (!isIdentity(read.shelf().get(i).cloth().id())) {
                problems.add(
                        new Problem("shelf[" + i + "].cloth.id", "it is no identity", "leave it as it was written"));
            }
        }
        for (int i = 0; i < read.prices().size(); i++) {
            Problem wrong =
                    PriceList.wrongWith("prices[" + i + "]", read.prices().get(i));
            if (wrong != null) {
                problems.add(wrong);
            }
        }
        for (int i = 0; i < read.quilts().size(); i++) {
            if (read.quilts().get(i).quilt().name().isBlank()) {
                problems.add(new Problem("quilts[" + i + "].quilt.name", "the quilt has no name", "give it one"));
            }
            for (int j = 0; j < read.quilts().get(i).log().size(); j++) {
                checkEntry(
                        "quilts[" + i + "].log[" + j + "]",
                        read.quilts().get(i).log().get(j),
                        problems);
            }
        }
        return problems;
    }

    private static void refuse(List<Problem> problems) {
        if (!problems.isEmpty()) {
            throw new RefusedException(problems.subList(0, Math.min(20, problems.size())));
        }
    }

    private static void checkCloth(String where, QuiltFile.FileCloth cloth, Set<String> ids, List<Problem> problems) {
        if (!ids.add(cloth.id()) || cloth.id().isBlank() || cloth.name().isBlank()) {
            problems.add(new Problem(where, "its id or name is missing or there twice", "put it right"));
        }
    }

    /** Files written before colours could be guessed ones, and before prints were drawn, say nothing of either. */
    private static void withWhatWasLeftOut(JsonNode cloth) {
        if (cloth.path("facts") instanceof ObjectNode facts) {
            if (!facts.has("guessed")) {
                facts.put("guessed", false);
            }
            if (!facts.has("print")) {
                facts.put("print", HousePrint.PLAIN.name());
            }
        }
    }

    private static byte[] bytes(InputStream input) {
        try {
            byte[] bytes = input.readNBytes(LARGEST + 1);
            if (bytes.length > LARGEST) {
                throw refused(
                        WHERE,
                        "it is larger than " + LARGEST / 1_000_000 + " MB, which no quilt is",
                        "choose a file that Golden Tally wrote");
            }
            return bytes;
        } catch (IOException broken) {
            throw refused(WHERE, "it did not arrive whole", "send it once more");
        }
    }

    private static RefusedException refused(String where, String why, String fix) {
        return new RefusedException(new Problem(where, why, fix));
    }

    private static Problem problem(JacksonException broken) {
        StringBuilder path = new StringBuilder();
        broken.getPath().forEach(step -> {
            if (step.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else {
                path.append('[').append(step.getIndex()).append(']');
            }
        });
        String line = broken.getLocation() == null || broken.getLocation().getLineNr() < 1
                ? ""
                : ", line " + broken.getLocation().getLineNr() + ", column "
                        + broken.getLocation().getColumnNr();
        String where = path.isEmpty() ? WHERE + line : path.toString();
        String why = broken instanceof ValueInstantiationException && broken.getCause() != null
                ? String.valueOf(broken.getCause().getMessage())
                : "what stands here is damaged, missing, of the wrong kind, or nested too deep";
        return new Problem(
                where, why, "choose a file that Golden Tally wrote; its form is described at /api/quilt-file/schema");
    }

    /** What the types cannot say. */
    private static void check(QuiltFile file) {
        List<Problem> problems = new ArrayList<>();
        if (file.name().isBlank()) {
            problems.add(new Problem("name", "the quilt has no name", "give it one"));
        }
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < file.shelf().size(); i++) {
            checkCloth("shelf[" + i + "]", file.shelf().get(i), ids, problems);
        }
        for (int i = 0; i < file.log().size(); i++) {
            checkEntry("log[" + i + "]", file.log().get(i), problems);
        }
        refuse(problems);
    }

    /** That an entry can be kept as it is. */
    private static void checkEntry(String where, QuiltFile.FileEntry entry, List<Problem> problems) {
        int before = problems.size();
        if (!isIdentity(entry.id()) || (!entry.takesBack().isEmpty() && !isIdentity(entry.takesBack()))) {
            problems.add(new Problem(where, "its id, or what it takes back, is no identity", "leave this entry out"));
        }
        if (!isInstant(entry.at())) {
            problems.add(new Problem(where + ".at", "“" + entry.at() + "” is no time", "leave this entry out"));
        }
        if (problems.size() == before) {
            LogEntry.faults(
                            entry.kind(),
                            entry.units(),
                            entry.times(),
                            entry.spoiled(),
                            entry.hand(),
                            !entry.takesBack().isEmpty())
                    .forEach(fault -> problems.add(new Problem(where, fault, "leave this entry out")));
        }
    }

    private static boolean isIdentity(String text) {
        return text.matches("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");
    }

    /** A time that is no time can only be told by reading it. */
    private static boolean isInstant(String text) {
        try {
            Instant.parse(text);
            return true;
        } catch (DateTimeParseException noTime) {
            return false;
        }
    }

    static LogEntry entry(QuiltFile.FileEntry entry) {
        return new LogEntry(
                UUID.fromString(entry.id()),
                Instant.parse(entry.at()),
                entry.kind(),
                entry.batch(),
                entry.units(),
                entry.times(),
                entry.spoiled(),
                entry.hand(),
                entry.text(),
                entry.takesBack().isEmpty() ? Optional.empty() : Optional.of(UUID.fromString(entry.takesBack())));
    }
}
