import PDFDocument from 'pdfkit';

/**
 * A PDF that says what its parts are, in reading order, for those who have it read aloud (ISO 32000-1, 14.7 and 14.8).
 * What is laid out names its parts by ids (`tags.tsx`), which arrive here as destinations when a part has been drawn:
 * text and figures drawn since then are that part. All else is decoration.
 */

/** Standard types of parts that our sheets have (ISO 32000-1, 14.8.4). */
export type PartType = 'H1' | 'H2' | 'P' | 'Figure' | 'TR' | 'TD' | 'LI' | 'Sect';

/** How an id says what happens to a part: it begins, or has been drawn. */
const BEGINS = 'begins',
  DRAWN = 'drawn';
const idOf = (type: PartType, what: typeof BEGINS | typeof DRAWN, alt = ''): string =>
  ['part', type, what, alt].join('|');
export const beginsId = (type: PartType): string => idOf(type, BEGINS);
export const drawnId = (type: PartType, alt?: string): string => idOf(type, DRAWN, alt);

type Content = ReturnType<PDFKit.PDFDocument['markStructureContent']>;
type Element = ReturnType<PDFKit.PDFDocument['struct']>;
interface Part {
  type: PartType | 'Document' | 'Table' | 'L';
  alt?: string;
  children: (Part | Content)[];
}
const isPart = (child: Part | Content): child is Part => 'children' in child;

/** Operators that draw nothing: they may stand outside of any part. */
const DRAWS_NOTHING = /^(q|Q)$| cm$/;
/** Parts that stand in one of another kind, side by side. */
const WITHIN = { TR: 'Table', LI: 'L' } as const;

export class TaggedDocument extends PDFDocument {
  /** Parts that have begun and not been drawn, the outermost first. */
  private readonly begun: Part[] = [{ type: 'Document', children: [] }];
  /** What was drawn and belongs to no part yet. */
  private loose: Content[] = [];
  /** What is being drawn. */
  private drawing: 'nothing' | 'decoration' | 'text' | 'figure' = 'nothing';
  /** True while this writes its own marks. */
  private marking = false;

  constructor(options: PDFKit.PDFDocumentOptions) {
    super({ ...options, tagged: true, pdfVersion: '1.7', displayTitle: true, autoFirstPage: false });
  }

  /** Every operator of a page goes through here; text and figures get a mark, all else that draws is decoration. */
  override addContent(data: string): this {
    if (this.marking) {
      super.addContent(data);
      return this;
    }
    if (data === 'BT') this.begin('text', 'Span');
    else if (this.drawing === 'nothing' && !DRAWS_NOTHING.test(data)) this.decorate();
    super.addContent(data);
    if (data === 'ET' && this.drawing === 'text') this.stop();
    return this;
  }

  override addPage(options?: PDFKit.PDFDocumentOptions): this {
    this.stop();
    super.addPage(options);
    return this;
  }

  /** A part begins, or has been drawn; anything else is a place to go to, as usual. */
  override addNamedDestination(name: string, ...rest: unknown[]): void {
    const [sign, type, what, ...alt] = name.split('|');
    if (sign !== 'part') {
      Reflect.apply(super.addNamedDestination.bind(this), this, [name, ...rest]);
      return;
    }
    if (what === BEGINS) this.open(type as PartType);
    else this.close(type as PartType, alt.join('|'));
  }

  override end(): void {
    this.stop();
    this.claimLoose();
    this.addStructure(this.element(this.begun[0]));
    super.end();
  }

  private get current(): Part {
    return this.begun[this.begun.length - 1];
  }

  private open(type: PartType): void {
    this.claimLoose();
    this.begun.push({ type, children: [] });
    if (type === 'Figure') this.begin('figure', 'Figure');
  }

  /** What was drawn is this part; one that had begun takes its children along. */
  private close(type: PartType, alt: string): void {
    this.stop();
    const part: Part = this.current.type === type && this.begun.length > 1 ? this.pop() : { type, children: [] };
    part.children.push(...this.loose);
    this.loose = [];
    if (alt) part.alt = alt;
    if (part.children.length === 0) return;
    const { children } = this.current;
    const within = type in WITHIN ? WITHIN[type as keyof typeof WITHIN] : null;
    if (!within) {
      children.push(part);
      return;
    }
    const last = children.at(-1);
    if (last && isPart(last) && last.type === within) last.children.push(part);
    else children.push({ type: within, children: [part] });
  }

  private pop(): Part {
    return this.begun.pop() as Part;
  }

  /**
   * Text that nothing has named goes with the part that is drawn next; where none comes it is a paragraph. Nothing that
   * is written is left out.
   */
  private claimLoose(): void {
    this.stop();
    if (this.loose.length === 0) return;
    this.current.children.push({ type: 'P', children: this.loose });
    this.loose = [];
  }

  private begin(what: 'text' | 'figure', tag: string): void {
    this.stop();
    this.mark(() => this.loose.push(this.markStructureContent(tag)));
    this.drawing = what;
  }

  private decorate(): void {
    this.mark(() => this.markContent('Artifact'));
    this.drawing = 'decoration';
  }

  private stop(): void {
    if (this.drawing !== 'nothing') this.mark(() => this.endMarkedContent());
    this.drawing = 'nothing';
  }

  private mark(write: () => unknown): void {
    this.marking = true;
    write();
    this.marking = false;
  }

  private element({ type, alt, children }: Part): Element {
    const own = children.map((child) => (isPart(child) ? this.element(child) : child));
    // What a list item says stands in its body.
    const body = type === 'LI' ? [this.struct('LBody', {}, own)] : own;
    return this.struct(type, alt ? { alt } : {}, body);
  }
}
