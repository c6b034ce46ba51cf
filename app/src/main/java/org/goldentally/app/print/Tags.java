package org.goldentally.app.print;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDTableAttributeObject;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/**
 * What each thing on the pages is (a heading, a list, a table, a drawing and what it shows), for those who have a document
 * read to them: the structure of a tagged PDF, ISO 32000-1, 14.7 and 14.8, with title and language.
 */
final class Tags {

    private final PDDocument document;
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final Deque<PDStructureElement> open = new ArrayDeque<>();
    /** For each page the elements of its marked content, in its order. */
    private final Map<PDPage, List<PDStructureElement>> contents = new LinkedHashMap<>();

    private boolean marking;

    Tags(PDDocument document, String title) {
        this.document = document;
        PDStructureElement whole = new PDStructureElement("Document", root);
        root.appendKid(whole);
        open.push(whole);
        PDMarkInfo info = new PDMarkInfo();
        info.setMarked(true);
        var catalog = document.getDocumentCatalog();
        catalog.setMarkInfo(info);
        catalog.setLanguage("en");
        catalog.setStructureTreeRoot(root);
        PDViewerPreferences shown = new PDViewerPreferences(new COSDictionary());
        shown.setDisplayDocTitle(true);
        catalog.setViewerPreferences(shown);
        document.getDocumentInformation().setTitle(title);
        catalog.setMetadata(metadata(title));
    }

    /** The title once more, as XMP, where readers look for it first. */
    private PDMetadata metadata(String title) {
        String escaped = title.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
        String packet = """
                <?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?>
                <x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
                <rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/"
                 xmlns:pdfuaid="http://www.aiim.org/pdfua/ns/id/">
                <dc:title><rdf:Alt><rdf:li xml:lang="x-default">%s</rdf:li></rdf:Alt></dc:title>
                <dc:language><rdf:Bag><rdf:li>en</rdf:li></rdf:Bag></dc:language>
                <pdfuaid:part>1</pdfuaid:part></rdf:Description></rdf:RDF></x:xmpmeta>
                <?xpacket end="w"?>
                """.formatted(escaped);
        try {
            PDMetadata metadata = new PDMetadata(document);
            metadata.importXMPMetadata(packet.getBytes(StandardCharsets.UTF_8));
            return metadata;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Everything put on the pages meanwhile belongs to an element of this kind: {@code P}, {@code H2}, {@code L}. */
    void within(String kind, Runnable work) {
        within(element(kind), work);
    }

    /** As {@link #within(String, Runnable)}, for what is seen: what it shows, in words. */
    void figure(String words, Runnable work) {
        PDStructureElement figure = element("Figure");
        figure.setAlternateDescription(words);
        within(figure, work);
    }

    /** The head of a column. */
    void columnHead(Runnable work) {
        PDStructureElement head = element("TH");
        PDTableAttributeObject scope = new PDTableAttributeObject();
        scope.setScope(PDTableAttributeObject.SCOPE_COLUMN);
        head.addAttribute(scope);
        within(head, work);
    }

    /** The element that is open now, to be gone on with later. */
    PDStructureElement current() {
        return open.element();
    }

    void within(PDStructureElement element, Runnable work) {
        open.push(element);
        work.run();
        open.pop();
    }

    private PDStructureElement element(String kind) {
        PDStructureElement element = new PDStructureElement(kind, open.element());
        open.element().appendKid(element);
        return element;
    }

    /** Puts something on a page as part of the element that is open. */
    void content(PDPage page, PDPageContentStream stream, Written work) {
        if (marking) {
            written(work);
            return;
        }
        PDStructureElement element = open.element();
        List<PDStructureElement> ofPage = contents.computeIfAbsent(page, any -> new ArrayList<>());
        int number = ofPage.size();
        ofPage.add(element);
        append(element, page, number);
        mark(() -> stream.beginMarkedContent(COSName.getPDFName(element.getStructureType()), number), work, stream);
    }

    /** Puts something on a page that says nothing: lines, the foot. */
    void artifact(PDPageContentStream stream, Written work) {
        if (marking) {
            written(work);
        } else {
            mark(() -> stream.beginMarkedContent(COSName.ARTIFACT), work, stream);
        }
    }

    private void mark(Written begin, Written work, PDPageContentStream stream) {
        marking = true;
        written(() -> {
            begin.write();
            work.write();
            stream.endMarkedContent();
        });
        marking = false;
    }

    private static void append(PDStructureElement element, PDPage page, int number) {
        COSDictionary dictionary = element.getCOSObject();
        COSBase content = COSInteger.get(number);
        if (element.getPage() == null) {
            element.setPage(page);
        } else if (!element.getPage().getCOSObject().equals(page.getCOSObject())) {
            COSDictionary elsewhere = new COSDictionary();
            elsewhere.setName(COSName.TYPE, "MCR");
            elsewhere.setItem(COSName.PG, page);
            elsewhere.setInt(COSName.MCID, number);
            content = elsewhere;
        }
        COSBase before = dictionary.getDictionaryObject(COSName.K);
        if (before instanceof COSArray all) {
            all.add(content);
        } else if (before == null) {
            dictionary.setItem(COSName.K, content);
        } else {
            COSArray all = new COSArray();
            all.add(before);
            all.add(content);
            dictionary.setItem(COSName.K, all);
        }
    }

    /** Leads from what is on each page back to its elements. */
    void finish() {
        COSArray numbers = new COSArray();
        int next = 0;
        for (PDPage page : document.getPages()) {
            COSArray elements = new COSArray();
            contents.getOrDefault(page, List.of()).forEach(element -> elements.add(element.getCOSObject()));
            page.setStructParents(next);
            page.getCOSObject().setName(COSName.getPDFName("Tabs"), "S");
            numbers.add(COSInteger.get(next));
            numbers.add(elements);
            next++;
        }
        COSDictionary tree = new COSDictionary();
        tree.setItem(COSName.NUMS, numbers);
        root.getCOSObject().setItem(COSName.PARENT_TREE, tree);
        root.setParentTreeNextKey(next);
    }

    /** Something that is written. */
    interface Written {
        void write() throws IOException;
    }

    static void written(Written work) {
        try {
            work.write();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
