import { zeroLines } from '../field/contour';
import { foldsOf } from '../field/folds';
import { NOTHING, sample, sampleLeast, sampleNear, type Cells, type Field, type MassField } from '../field/grid';
import { penPath } from '../line/pen';
import { isClosed, lengthOf, smooth, straightPath, thin, type P2 } from '../line/polyline';
import type { Paint, Role } from '../scene';
import { featuresOf } from './features';
import { grown, isFine, type Page } from './page';
import type { Hems } from './skin';

/** A point of an outline is hidden where another mass is nearer by this much, metres. */
const NEARER = 0.014;
/** A line ends on skin where no edge lies this near, metres. */
const EDGE = 0.009;
const TAPER = 0.03;

type Weight = 'near' | 'far' | 'thin' | 'ghost';
const PEN_ROLE: Readonly<Record<Weight, Role>> = { near: 'ink', far: 'ink-far', thin: 'ink-thin', ghost: 'ink-ghost' };
const LINE_ROLE: Readonly<Record<Weight, Role>> = {
  near: 'line',
  far: 'line-far',
  thin: 'line-thin',
  ghost: 'line-thin',
};

/**
 * How a line is drawn: its weight, its width and what that is multiplied by from place to place, metres; where it thins
 * out, over how much.
 */
interface Pen {
  weight: Weight;
  width: number;
  scale?: (q: P2) => number;
  taper?: number;
}

/** Lines of a drawing, collected by weight. */
class Ink {
  readonly #paths: Record<Weight, string[]> = { near: [], far: [], thin: [], ghost: [] };
  constructor(private readonly page: Page) {}

  /** What hides a point of an outline: another mass before it, or the mass that it grows out of. */
  hidden(own: string, x: number, y: number, z: number, edge = 0.0006): boolean {
    for (const B of this.page.fields) {
      if (B.name === own || this.page.ghosts.has(B.name)) continue;
      const fb = sample(B, B.f, x, y, -1);
      if (fb <= 0.0004) continue;
      if (fb > 0.003 && sampleLeast(B, B.front, x, y, NOTHING) < z - NEARER) return true;
      if (fb > edge && grown(own, B.name) && Math.abs(sampleNear(B, B.rim, x, y, NOTHING) - z) < 0.06) return true;
    }
    return false;
  }

  /** Adds one stroke. */
  stroke(
    line: readonly P2[],
    weight: Weight,
    width: number,
    taper: readonly [number, number],
    scale?: (q: P2) => number,
  ): void {
    const path = isFine(this.page.detail) ? penPath(line, { width, taper, scale }) : straightPath(thin(line, 0.0009));
    if (path) this.#paths[weight].push(path);
  }

  /** Adds what can be seen of a line; where it runs out on skin it thins out. */
  visible(
    line: readonly P2[],
    own: MassField,
    { weight, width, scale, taper = TAPER }: Pen,
    sees: (x: number, y: number) => boolean,
  ): void {
    const N = line.length;
    const closed = isClosed(line);
    const see = line.map(([x, y]) => sees(x, y));
    // Specks of a point are noise of the grid.
    for (let i = 1; i + 1 < N; i++) if (see[i] !== see[i - 1] && see[i] !== see[i + 1]) see[i] = see[i - 1];
    if (see.every(Boolean)) {
      this.stroke(line, weight, width, [0, 0], scale);
      return;
    }
    let from = 0;
    if (closed) while (from < N && see[from]) from++;
    let run: P2[] = [];
    const end = (): void => {
      if (run.length > 3) {
        const a = this.#open(run[0], own),
          b = this.#open(run[run.length - 1], own);
        if (lengthOf(run) > (a || b ? 0.035 : 0.016))
          this.stroke(run, weight, width, [a ? taper : 0, b ? taper : 0], scale);
      }
      run = [];
    };
    for (let k = 0; k < (closed ? N - 1 : N); k++) {
      const i = closed ? (from + k) % (N - 1) : k;
      if (see[i]) run.push(line[i]);
      else end();
    }
    end();
  }

  /** Whether nothing’s edge is near that would cut a line off. */
  #open([x, y]: P2, own: MassField): boolean {
    let deep = false;
    for (const B of this.page.fields) {
      if (B === own) continue;
      const v = sample(B, B.f, x, y, -1);
      if (Math.abs(v) < EDGE) return false;
      if (v > 0) deep = true;
    }
    return deep || Math.abs(sample(own, own.f, x, y, -1)) > EDGE;
  }

  paints(): Paint[] {
    const fine = isFine(this.page.detail);
    return (['ghost', 'far', 'thin', 'near'] as const).flatMap((weight) => {
      const path = this.#paths[weight].join('');
      return path ? [{ role: (fine ? PEN_ROLE : LINE_ROLE)[weight], path }] : [];
    });
  }
}

/** Small forms are drawn with a finer pen: fingers, toes, face. */
function scaleOf(F: MassField): ((q: P2) => number) | undefined {
  if (F.name === 'head') return () => 0.72;
  if (F.parts.length !== 3) return undefined;
  const [, big, small] = F.parts;
  const least = F.name.startsWith('arm') ? 0.6 : 0.8;
  return ([x, y]) => {
    const t = (sample(F, small.f, x, y, -1) - sample(F, big.f, x, y, -1)) / 0.012;
    return 1 + (least - 1) * Math.min(1, Math.max(0, t));
  };
}

/** Outlines, inner edges, hems, folds and the few lines of a face, without what is hidden. */
export function inkPaints(page: Page, order: readonly MassField[], hems: Hems): Paint[] {
  const { detail, pen } = page;
  const ink = new Ink(page);
  const drawing = new Inking(page, ink, hems);
  const fine = isFine(detail);
  for (const F of order) {
    if (F.name === 'hair') continue;
    if (F.name.startsWith('ear')) drawing.ear(F);
    else drawing.outline(F);
    if (F.parts.length > 1 && detail !== 'moving') drawing.innerEdges(F);
    if (fine) for (const f of hems.get(F.name) ?? []) drawing.hem(F, f);
  }
  if (fine) {
    drawing.creases();
    for (const { line, width } of featuresOf(page)) ink.stroke(line, 'thin', pen * width, [0.02, 0.02]);
  }
  return ink.paints();
}

/** A surface that another cuts: the mass, and the field of it or of one of its parts. */
interface Surface {
  of: MassField;
  field: Field;
}

/** Which lines a body has, and where they may be seen. */
class Inking {
  constructor(
    private readonly page: Page,
    private readonly ink: Ink,
    private readonly hems: Hems,
  ) {}

  private weightOf(F: MassField): Weight {
    const { ghosts, far } = this.page;
    return ghosts.has(F.name) ? 'ghost' : far.has(F.name) ? 'far' : 'near';
  }

  private smoothed(F: MassField, line: P2[]): P2[] {
    const scale = scaleOf(F);
    const broad = F.name === 'trunk' || F.name.startsWith('leg');
    const passes = !isFine(this.page.detail) ? 1 : broad ? Math.round(12 * (0.004 / F.step) ** 2) : 3;
    return smooth(line, passes, scale && ((q) => (scale(q) < 0.9 ? 0.12 : 1)));
  }

  outline(F: MassField): void {
    const { ink } = this;
    const weight = this.weightOf(F);
    const width = this.page.pen * (weight === 'ghost' ? 0.5 : weight === 'far' ? 0.75 : 1);
    const pen = { weight, width, scale: scaleOf(F) };
    for (const l of zeroLines(F, F.f))
      ink.visible(
        this.smoothed(F, l),
        F,
        pen,
        (x, y) => !ink.hidden(F.name, x, y, sampleNear(F, F.rim, x, y, NOTHING)),
      );
  }

  /** An ear lies on the head and is seen where the head does not lie before it. */
  ear(F: MassField): void {
    const { ink } = this;
    const head = this.page.fields.find((f) => f.name === 'head');
    if (!head) return;
    for (const l of zeroLines(F, F.f))
      ink.visible(this.smoothed(F, l), F, { weight: 'thin', width: this.page.pen * 0.55 }, (x, y) => {
        const z = sampleNear(F, F.rim, x, y, NOTHING);
        return !ink.hidden('head', x, y, z - 0.012, 9) && sampleLeast(head, head.front, x, y, NOTHING) > z - 0.03;
      });
  }

  /** Edges of one part of a limb before another: a shin before its own thigh. */
  innerEdges(F: MassField): void {
    const { ink } = this;
    const weight = this.weightOf(F);
    const pen: Pen = {
      weight: weight === 'near' ? 'thin' : weight,
      width: this.page.pen * 0.6,
      scale: scaleOf(F),
      taper: 0.035,
    };
    for (const part of F.parts)
      for (const l of zeroLines(F, part.f, part.cells))
        ink.visible(smooth(l, 2), F, pen, (x, y) => {
          if (sample(F, F.f, x, y, -1) < 0.005) return false;
          const z = sampleNear(F, part.rim, x, y, NOTHING);
          for (const other of F.parts)
            if (other !== part && sampleLeast(F, other.front, x, y, NOTHING) < z - 0.006) return false;
          return !ink.hidden(F.name, x, y, z);
        });
  }

  hem(F: MassField, f: Float32Array): void {
    const { ink } = this;
    const pen: Pen = { weight: this.page.far.has(F.name) ? 'far' : 'thin', width: this.page.pen * 0.45, taper: 0.004 };
    for (const l of zeroLines(F, f))
      ink.visible(
        smooth(l, 2),
        F,
        pen,
        (x, y) =>
          sample(F, F.f, x, y, -1) > F.step * 0.9 &&
          !ink.hidden(F.name, x, y, sampleLeast(F, F.front, x, y, NOTHING) - 0.002, 9),
      );
  }

  /** Where surfaces cut each other sharply enough, or bare skin meets cloth. */
  creases(): void {
    const { fields, ghosts, pen } = this.page;
    const bodies = fields.filter((f) => !f.solid && !/hair|ear/.test(f.name) && !ghosts.has(f.name));
    bodies.forEach((A, i) => {
      for (const B of bodies.slice(i + 1)) {
        const names = A.name + B.name;
        const least = !grown(A.name, B.name) ? 0.2 : names.includes('head') ? 0.5 : names.includes('leg') ? 0.16 : 0.45;
        this.fold({ of: A, field: A }, { of: B, field: B }, { width: pen * 0.55, least });
      }
      A.parts.forEach((p, k) => {
        for (const q of A.parts.slice(k + 1)) {
          const within: Cells = {
            i0: Math.max(p.cells.i0, q.cells.i0),
            i1: Math.min(p.cells.i1, q.cells.i1),
            j0: Math.max(p.cells.j0, q.cells.j0),
            j1: Math.min(p.cells.j1, q.cells.j1),
          };
          const on = (part: typeof p): Surface => ({ of: A, field: { ...A, ...part } });
          this.fold(on(p), on(q), { width: pen * 0.5, least: 0.6 }, within);
        }
      });
    });
  }

  /** @param least sharpness from which a fold is drawn, 0 alike … 1 square */
  private fold(a: Surface, b: Surface, { width, least }: { width: number; least: number }, within?: Cells): void {
    const A = a.of,
      B = b.of;
    const leg = A.name.startsWith('leg') ? A : B;
    const meets = A !== B && grown(A.name, B.name) && leg.name.startsWith('leg');
    const cloth = meets ? this.hems.get(leg.name)?.[0] : undefined;
    for (const { line, sharp } of foldsOf(a.field, b.field, within)) {
      let run: P2[] = [];
      const end = (): void => {
        if (run.length > 4 && lengthOf(run) > 0.03) this.ink.stroke(run, 'thin', width, [0.04, 0.04]);
        run = [];
      };
      smooth(line, 4).forEach(([x, y], i) => {
        const bareThigh = cloth !== undefined && sample(leg, cloth, x, y, 1) < -0.004;
        if ((sharp[i] > least || bareThigh) && !this.before(a, b, x, y)) run.push([x, y]);
        else end();
      });
      end();
    }
  }

  /** Whether anything else lies before a fold. */
  private before({ of: A, field: a }: Surface, { of: B, field: b }: Surface, x: number, y: number): boolean {
    const z = Math.min(sampleLeast(A, a.front, x, y, NOTHING), sampleLeast(B, b.front, x, y, NOTHING));
    return (
      this.page.fields.some((C) => C !== A && C !== B && sampleLeast(C, C.front, x, y, NOTHING) < z - 0.004) ||
      (A === B && A.parts.some((C) => sampleLeast(A, C.front, x, y, NOTHING) < z - 0.004))
    );
  }
}
