import { limits } from "@/investigation/model/limits";
import type { Investigation } from "@/investigation/model/investigation";
import { withItems } from "@/investigation/model/order";
import type { Row } from "@/investigation/model/row";

type Rows = ReadonlyMap<string, Row>;

/** Rows that are kept beside the document they were changed in, before it is put together anew. */
const mostBeside = 200;

const none: Rows = new Map();

/**
 * A document, frozen, and rows that have changed since it was put together: an edit of a few rows touches none of the
 * thousands of others, and who reads the document puts it together.
 */
export class HeldDocument {
  private constructor(
    private base: Investigation,
    private beside: Rows,
    private readonly count: number,
  ) {}

  static of(document: Investigation): HeldDocument {
    return new HeldDocument(document, none, Object.keys(document.rows).length);
  }

  /** The whole document. */
  get document(): Investigation {
    if (this.beside.size > 0) {
      const rows = withItems(this.base.rows, [...this.beside]);
      this.base = Object.freeze({ ...this.base, rows });
      this.beside = none;
    }
    return this.base;
  }

  private row(id: string): Row | undefined {
    return this.beside.get(id) ?? (Object.hasOwn(this.base.rows, id) ? this.base.rows[id] : undefined);
  } // prettier-ignore

  /**
   * The document with no rows but some: enough for edits that change those or add them. Undefined where these could become
   * more rows than a document may have.
   */
  withRows(ids: ReadonlySet<string>): Investigation | undefined {
    const found = [...ids].flatMap((id): [string, Row][] => {
      const row = this.row(id);
      return row ? [[id, row]] : [];
    });
    if (this.count + ids.size - found.length > limits.rows) return undefined;
    return { ...this.base, rows: Object.fromEntries(found) };
  }

  /** The document after some of its rows, and no other part of it, were changed or added. */
  changed(rows: Investigation["rows"]): HeldDocument {
    const given = Object.entries(rows);
    const fresh = given.filter(([id]) => !this.row(id)).length;
    const next = new HeldDocument(this.base, new Map([...this.beside, ...given]), this.count + fresh);
    if (next.beside.size > mostBeside) void next.document;
    return next;
  } // prettier-ignore
}
