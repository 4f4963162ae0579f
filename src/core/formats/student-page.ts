import { readoutOf, testById } from '@/core/assessment/battery';
import { withUnit, type Reading } from '@/core/assessment/reading';
import { dayOf } from '@/core/day-of';
import { dayWords } from '@/core/day-words';
import { allowedWords } from '@/core/cautions/allowed';
import { cautionById, cautionName } from '@/core/cautions/catalogue';
import { htmlText } from '@/core/html-text';
import type { Practice } from '@/core/practice/practice';
import type { PlanChoice } from '@/core/progress/plan';
import { timelineOf } from '@/core/progress/timeline';
import { PLACE_WORDS } from '@/core/students/words';
import type { Student } from '@/core/students/student';
import type { LogEntry } from '@/core/teaching/log';
import { BECAME_WORDS, byTime, type Visit } from '@/core/visits/visit';

/** What is kept of one person, to be read by her: everything that a file about her holds, in words. */
export interface StudentPage {
  student: Student;
  readings: readonly Reading[];
  practices: readonly Practice[];
  logs: readonly LogEntry[];
  plan: PlanChoice | null;
  visits: readonly Visit[];
}

const line = (label: string, text: string | number | undefined): string =>
  text === undefined || text === '' ? '' : `<tr><th>${htmlText(label)}</th><td>${htmlText(String(text))}</td></tr>`;

/** With the side, where there is one. */
const side = (x: { side: string }): string => (x.side === 'both' ? '' : `, ${x.side}`);

function cautionsSaid(s: Student): string {
  return s.cautions
    .map((c) => {
      const caution = cautionById(c.caution);
      const lifted = c.cleared ? `, lifted by ${c.cleared.by} on ${dayWords(c.cleared.on)}` : '';
      const allowed = (c.allowed ?? []).map(
        (a) => `, allowed by ${a.by} on ${dayWords(a.on)}: ${allowedWords(caution, a)} (${a.why})`,
      );
      return `${cautionName(c)}${lifted}${allowed.join('')}`;
    })
    .join('; ');
}

const visitsSaid = (visits: readonly Visit[]): string =>
  [...visits]
    .sort(byTime)
    .map((v) => `${dayWords(v.day)}${v.at ? ` ${v.at}` : ''}${v.became ? `, ${BECAME_WORDS[v.became]}` : ''}`)
    .join('; ');

/** Who she is and what she said, a row each. */
function aboutRows(s: Student, visits: readonly Visit[]): string {
  const bothers = s.complaints.map((c) => `${PLACE_WORDS[c.place]}${side(c)}${c.since ? `, since ${c.since}` : ''}`);
  return [
    line('Name', s.name),
    line('Height', `${s.height_cm} cm`),
    line('Mass', `${s.mass_kg} kg`),
    line('Born', s.birthYear),
    line('Aim', s.aim),
    line('Days', s.daily),
    line('Other activity', s.activity),
    line('Practised', s.practised),
    line('What a clinician said', s.clinician),
    line('Bothers', bothers.join('; ')),
    line('Cautions', cautionsSaid(s)),
    line('A note', s.note),
    line('Visits', visitsSaid(visits)),
    line('Consent', s.consent && `${dayWords(s.consent.on)}: touch ${s.consent.touch}, given by the ${s.consent.by}`),
  ].join('');
}

/** Readings by the day, a row each. */
const readingRows = (readings: readonly Reading[]): string[] =>
  [...readings]
    .sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1))
    .map((r) => {
      const readout = readoutOf(r.test, r.readout);
      const values = r.trials.map((v) => (readout ? withUnit(readout, v) : String(v))).join(', ');
      const cells = [
        dayOf(r),
        `${testById(r.test)?.name ?? r.test}${side(r)}`,
        readout?.name ?? r.readout,
        values,
        r.pain ? 'ended in pain' : r.placeFelt ? PLACE_WORDS[r.placeFelt] : '',
      ];
      return `<tr>${cells.map((c) => `<td>${htmlText(c)}</td>`).join('')}</tr>`;
    });

/** A page of HTML that any browser reads, without scripts. */
export function studentPage({ student: s, readings, practices, logs, plan, visits }: StudentPage, on: string): string {
  const rows = readingRows(readings);
  const story = timelineOf({ student: s, readings: [], practices, logs, plan, found: new Map() }).map(
    (d) => `<h3>${htmlText(d.day)}</h3><ul>${d.lines.map((l) => `<li>${htmlText(l.text)}</li>`).join('')}</ul>`,
  );
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta http-equiv="content-security-policy" content="default-src 'none'; style-src 'unsafe-inline'">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>What is kept of ${htmlText(s.name)}</title>
<style>body{font:16px/1.5 system-ui,sans-serif;max-width:50em;margin:2em auto;padding:0 1em;color:#14303b}table{border-collapse:collapse}th,td{text-align:left;vertical-align:top;padding:.2em .8em .2em 0;border-bottom:1px solid #c9d6d8}</style>
</head>
<body>
<h1>What is kept of ${htmlText(s.name)}</h1>
<p>Written on ${htmlText(on)}. It holds notes on health: keep it where only those may read it who should. Kolpos never diagnoses.</p>
<table>${aboutRows(s, visits)}</table>
<h2>Readings</h2>
${rows.length > 0 ? `<table><tr><th>Day</th><th>Test</th><th>Reading</th><th>Value</th><th>Felt</th></tr>${rows.join('')}</table>` : '<p>None.</p>'}
<h2>Day by day</h2>
${story.join('\n')}
</body>
</html>
`;
}
