package wildchalk.handout.pdf;

import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PageMode;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageXYZDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;

/** The order in which a document is read out, and the list of what is in it. */
final class Tags {

    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final PDStructureElement whole = new PDStructureElement("Document", root);
    private final PDDocumentOutline outline = new PDDocumentOutline();
    /** For each page the elements on it, by their numbers there: from these a reader finds an element from a place. */
    private final COSArray parents = new COSArray();

    private COSArray here = new COSArray();
    private PDPage page;
    private int pages;

    Tags(PDDocument document) {
        root.appendKid(whole);
        document.getDocumentCatalog().setStructureTreeRoot(root);
        document.getDocumentCatalog().setDocumentOutline(outline);
        document.getDocumentCatalog().setPageMode(PageMode.USE_OUTLINES);
        PDMarkInfo marked = new PDMarkInfo();
        marked.setMarked(true);
        document.getDocumentCatalog().setMarkInfo(marked);
    }

    void begin(PDPage next) {
        page = next;
        here = new COSArray();
        parents.add(COSInteger.get(pages));
        parents.add(here);
        page.setStructParents(pages++);
    }

    /** A new element; what is marked with the list that is given belongs to it. */
    PDPropertyList open(String kind, Optional<String> instead) {
        PDStructureElement element = new PDStructureElement(kind, whole);
        element.setPage(page);
        instead.ifPresent(element::setAlternateDescription);
        int number = here.size();
        element.getCOSObject().setItem(COSName.K, COSInteger.get(number));
        whole.appendKid(element);
        here.add(element.getCOSObject());
        COSDictionary marked = new COSDictionary();
        marked.setInt(COSName.MCID, number);
        return PDPropertyList.create(marked);
    }

    void bookmark(String words, PDPage on, float top) {
        PDPageXYZDestination there = new PDPageXYZDestination();
        there.setPage(on);
        there.setTop((int) top);
        PDOutlineItem item = new PDOutlineItem();
        item.setTitle(words);
        item.setDestination(there);
        outline.addLast(item);
    }

    void end() {
        COSDictionary tree = new COSDictionary();
        tree.setItem(COSName.NUMS, parents);
        root.setParentTree(new PDNumberTreeNode(tree, PDParentTreeValue.class));
        root.setParentTreeNextKey(pages);
        outline.openNode();
    }
}
