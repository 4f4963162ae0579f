import { Circle, Document, Line, Page, Rect, Svg, View } from '@react-pdf/renderer';
import { sayIn } from '@/core/languages/catalogues';
import type { SheetChange } from '@/core/progress/student-sheet';
import { inFamilies, s, type PaperSize } from './documents';
import { INK } from './ink';
import { Part, Said } from './tags';
import { drawStrip, THEN_NOW, type ProgressPage } from './progress-page';

/** The student's progress sheet as a PDF document. Lengths in points. */

const WIDTH = 240,
  HEIGHT = 22;
/** Words that fit on one line below. */
const CELL = { width: '48.5%', marginBottom: 7 } as const;

function StripPaper({ change }: { change: SheetChange }) {
  const { box, line, error, typical, then, now, radius } = drawStrip(change, WIDTH, HEIGHT);
  const rect = ([x, y, width, height]: readonly [number, number, number, number]) => ({ x, y, width, height });
  return (
    <Svg viewBox={`0 0 ${box[0]} ${box[1]}`} style={{ width: WIDTH, height: HEIGHT }}>
      {typical && <Rect {...rect(typical)} fill={INK.sea} />}
      <Rect {...rect(error)} fill={INK.land} />
      <Line x1={line[0]} y1={line[1]} x2={line[2]} y2={line[3]} stroke={INK.contour} strokeWidth={0.7} />
      <Circle cx={then[0]} cy={then[1]} r={radius} fill={INK.flesh} stroke={INK.ink} strokeWidth={1.2} />
      <Circle cx={now[0]} cy={now[1]} r={radius} fill={INK.ink} />
    </Svg>
  );
}

/** Readings that were taken twice as strips with words, then what was done and what comes next. */
export function ProgressPaper({
  content,
  size,
  families,
}: {
  content: ProgressPage;
  size: PaperSize;
  families?: string[];
}) {
  const say = sayIn(content.language);
  return (
    <Document title={content.title} author="Kolpos" language={content.language}>
      <Page size={size} style={[s.page, { fontSize: 11 }, ...inFamilies(families)]}>
        <Said as="H1" style={[s.title, { flexGrow: 0, marginBottom: 2 }]}>
          {content.title}
        </Said>
        <Said as="P" style={{ marginBottom: 10 }}>
          {content.head}
        </Said>
        <View style={[s.cards, { justifyContent: 'space-between' }]}>
          {content.changes.map((c) => (
            <Part as="Sect" key={c.kind} style={CELL} wrap={false}>
              <Said as="H2" style={s.bold}>
                {c.title}
              </Said>
              <StripPaper change={c} />
              <Said as="P">{say(THEN_NOW, { what: c.what, then: c.then, now: c.now, words: c.words })}</Said>
            </Part>
          ))}
        </View>
        <Said as="P" style={{ fontSize: 9, color: INK.ink2, marginBottom: 6 }}>
          {content.legend}
        </Said>
        {content.sections.map((part) => (
          <Part as="Sect" key={part.title} style={{ marginBottom: 5 }} wrap={false}>
            <Said as="H2" style={s.bold}>
              {part.title}
            </Said>
            {part.lines.map((l) => (
              <Said as="P" key={l}>
                {l}
              </Said>
            ))}
          </Part>
        ))}
        {content.caution && (
          <Said as="P" style={s.caution}>
            {say('Caution:')} {content.caution}
          </Said>
        )}
        <Said as="P" style={s.foot}>
          {content.foot}
        </Said>
      </Page>
    </Document>
  );
}
