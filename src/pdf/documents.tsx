import { Document, G, Page, Path, StyleSheet, Svg, View } from '@react-pdf/renderer';
import { sayIn } from '@/core/languages/catalogues';
import { poseScene } from '@/figure/pose-scene';
import { studentFoot, studentHead, studentTitle, TEACHER_FOOT, type SheetContent, type SheetLine } from './content';
import { INK, inkOf } from './ink';
import { Part, Said } from './tags';
import { FAMILY } from './typefaces';

/** The two sheets of a practice as PDF documents. Lengths in points. */

export type PaperSize = 'A4' | 'LETTER';
const MARGIN = 34;
export const s = StyleSheet.create({
  page: { fontFamily: FAMILY, fontSize: 10, color: INK.ink, padding: MARGIN, lineHeight: 1.25 },
  head: { flexDirection: 'row', alignItems: 'baseline', marginBottom: 4 },
  title: { fontSize: 18, lineHeight: 1.3, fontWeight: 700, flexGrow: 1 },
  caution: { color: INK.caution, fontWeight: 700, marginBottom: 4 },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    borderTopWidth: 0.5,
    borderTopColor: INK.line,
    paddingVertical: 2,
  },
  bold: { fontWeight: 700 },
  foot: { marginTop: 8, fontSize: 9, color: INK.ink2 },
  cell: { paddingRight: 6 },
  card: {
    width: '32%',
    borderWidth: 0.5,
    borderColor: INK.contour,
    borderRadius: 5,
    padding: 6,
    marginBottom: 8,
    marginRight: '1.3%',
  },
  cards: { flexDirection: 'row', flexWrap: 'wrap' },
});

/** The typefaces of a page, where it needs more than the usual one. */
export const inFamilies = (families?: string[]) => (families ? [{ fontFamily: families }] : []);

/** A line's shape, as deep as this student goes. */
function Drawn({ line, width, height }: { line: SheetLine; width: number; height: number }) {
  const scene = poseScene(line.pose, line.rung, line.side, line.depth);
  if (!scene) return <View style={{ width, height }} />;
  const { box, paths } = inkOf(scene);
  return (
    <Part as="Figure" alt={line.name}>
      <Svg viewBox={box.join(' ')} style={{ width, height }}>
        <G>
          {paths.map((p, i) => (
            <Path
              key={i}
              d={p.d}
              fill={p.fill}
              {...(p.stroke && { stroke: p.stroke.colour, strokeWidth: p.stroke.width, strokeLineJoin: 'round' })}
              {...(p.opacity !== undefined && { fillOpacity: p.opacity })}
            />
          ))}
        </G>
      </Svg>
    </Part>
  );
}

/**
 * One page to carry: order, side, time, props and cues.
 * @param fontSize of what is read while teaching, points
 */
export function TeacherPaper({
  content,
  size,
  fontSize,
  families,
}: {
  content: SheetContent;
  size: PaperSize;
  fontSize: number;
  families?: string[];
}) {
  // What was laid out for letters of ten points grows with them.
  const by = fontSize / 10;
  const say = sayIn(content.language);
  return (
    <Document title={content.title} author="Kolpos" language={content.language}>
      <Page size={size} style={[s.page, { fontSize }, ...inFamilies(families)]}>
        <View style={s.head}>
          <Said as="H1" style={s.title}>
            {content.title}
          </Said>
          <Said as="P">
            {say('{{name}}, {{on}} · {{total}} minutes', { name: content.name, on: content.on, total: content.total })}
          </Said>
        </View>
        {content.cautions.length > 0 && (
          <Said as="P" style={s.caution}>
            {say('Caution:')} {content.cautions.join('; ')}
          </Said>
        )}
        {content.lines.map((line, i) => (
          <Part as="TR" key={i} style={s.row} wrap={false}>
            <Said as="TD" style={[s.cell, { width: 32 * by }]}>
              {line.at}
            </Said>
            <Part as="TD">
              <Drawn line={line} width={48 * by} height={28 * by} />
            </Part>
            <Part as="TD" style={[s.cell, { flex: 1.25, paddingLeft: 6 }]}>
              <Said as="P" style={s.bold}>
                {line.name}
              </Said>
              <Said as="P">{[line.rungName, line.sides].filter(Boolean).join(' · ')}</Said>
            </Part>
            <Said as="TD" style={[s.cell, { width: 54 * by }]}>
              {line.hold}
            </Said>
            <Said as="TD" style={[s.cell, { flex: 0.95 }]}>
              {line.props.join('; ')}
            </Said>
            <Said as="TD" style={{ flex: 1.6 }}>
              {line.say.join(' ')}
            </Said>
          </Part>
        ))}
        <Said as="P" style={s.foot}>
          {say(TEACHER_FOOT)}
        </Said>
      </Page>
    </Document>
  );
}

/** The student's own page: drawn shapes, breaths and few words; no muscle, no finding. */
export function HandoutPaper({
  content,
  size,
  families,
}: {
  content: SheetContent;
  size: PaperSize;
  families?: string[];
}) {
  return (
    <Document title={studentTitle(content)} author="Kolpos" language={content.language}>
      <Page size={size} style={[s.page, { fontSize: 11 }, ...inFamilies(families)]}>
        <Said as="H1" style={[s.title, { flexGrow: 0, marginBottom: 2 }]}>
          {studentTitle(content)}
        </Said>
        <Said as="P" style={{ marginBottom: 10 }}>
          {studentHead(content)}
        </Said>
        <View style={s.cards}>
          {content.lines.map((line, i) => (
            <Part as="LI" key={i} style={s.card} wrap={false}>
              <Drawn line={line} width={150} height={78} />
              <Said as="P" style={s.bold}>
                {i + 1}. {line.name}
              </Said>
              <Said as="P">{line.rungName}</Said>
              <Said as="P">{[line.sides, line.hold].filter(Boolean).join(': ')}</Said>
              {line.props.length > 0 && <Said as="P">{line.props.join('; ')}</Said>}
              <Said as="P">{line.enter}</Said>
            </Part>
          ))}
        </View>
        <Said as="P" style={[s.foot, { fontSize: 10 }]}>
          {studentFoot(content)}
        </Said>
      </Page>
    </Document>
  );
}
