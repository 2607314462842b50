import { cleanText } from "@/core/text/cleanText";
import { PDFDict, type PDFDocument, PDFHexString, PDFName, PDFNumber, type PDFRef } from "pdf-lib";
import type { Tag } from "./piece";

type Kid = { readonly element: string } | { readonly page: PDFRef; readonly mark: number };

interface Element {
  readonly tag: Tag;
  readonly ref: PDFRef;
  readonly parent: PDFRef;
  readonly kids: Kid[];
}

const rootId = "document";

/** The structure of a tagged PDF: which marked stretch of which page belongs to which element (ISO 32000-1, 14.7). */
export class StructureTree {
  private readonly elements = new Map<string, Element>();
  private readonly marks: PDFRef[][] = [];
  private readonly root: PDFRef;
  private readonly whole: Element;

  constructor(private readonly document: PDFDocument) {
    const { context } = document;
    this.root = context.nextRef();
    const ref = context.nextRef();
    this.whole = { tag: { role: "P", id: rootId }, ref, parent: this.root, kids: [] };
  }

  private element(path: readonly Tag[]): Element {
    let parent = this.whole;
    for (const tag of path) {
      const known = this.elements.get(tag.id);
      if (known) {
        parent = known;
        continue;
      }
      const ref = this.document.context.nextRef();
      const made: Element = { tag, ref, parent: parent.ref, kids: [] };
      parent.kids.push({ element: tag.id });
      this.elements.set(tag.id, made);
      parent = made;
    }
    return parent;
  }

  /** Counts a further marked stretch of a page and gives its number. */
  mark(pageIndex: number, page: PDFRef, path: readonly Tag[]): number {
    const element = this.element(path);
    const own = (this.marks[pageIndex] ??= []);
    const mark = own.length;
    own.push(element.ref);
    element.kids.push({ page, mark });
    return mark;
  }

  private kids(kids: readonly Kid[]) {
    const { context } = this.document;
    return context.obj(
      kids.map((kid) =>
        "element" in kid
          ? (this.elements.get(kid.element) as Element).ref
          : context.obj({ Type: "MCR", Pg: kid.page, MCID: kid.mark }),
      ),
    );
  }

  private write({ ref, parent, kids, tag }: Element, role: string): void {
    const { context } = this.document;
    const [only] = kids;
    const dict =
      only && "page" in only && kids.length === 1
        ? context.obj({ Type: "StructElem", S: role, P: parent, Pg: only.page, K: only.mark })
        : context.obj({ Type: "StructElem", S: role, P: parent, K: this.kids(kids) });
    if (tag.alt) dict.set(PDFName.of("Alt"), PDFHexString.fromText(cleanText(tag.alt)));
    if (tag.actual) dict.set(PDFName.of("ActualText"), PDFHexString.fromText(tag.actual));
    if (role === "TH") {
      const spans = tag.span === undefined || tag.span === 1 ? {} : { ColSpan: tag.span };
      dict.set(PDFName.of("A"), context.obj({ O: "Table", Scope: "Column", ...spans }));
    }
    context.assign(ref, dict);
  }

  /** Writes the tree and tells the document that it is tagged. */
  finish(language: string): void {
    const { context, catalog } = this.document;
    this.write(this.whole, "Document");
    for (const element of this.elements.values()) this.write(element, element.tag.role);
    const numbers = this.marks.flatMap((refs, page) => [PDFNumber.of(page), context.obj(refs)]);
    const parents = context.register(context.obj({ Nums: context.obj(numbers) }));
    const tree = context.obj({
      Type: "StructTreeRoot",
      K: this.whole.ref,
      ParentTree: parents,
      ParentTreeNextKey: this.marks.length,
    });
    context.assign(this.root, tree);
    catalog.set(PDFName.of("StructTreeRoot"), this.root);
    catalog.set(PDFName.of("MarkInfo"), context.obj({ Marked: true }));
    catalog.set(PDFName.of("Lang"), PDFHexString.fromText(language));
    catalog.set(PDFName.of("ViewerPreferences"), PDFDict.fromMapWithContext(new Map([[PDFName.of("DisplayDocTitle"), context.obj(true)]]), context)); // prettier-ignore
  }
}
