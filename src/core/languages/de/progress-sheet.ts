import type { Phrases } from '../phrases';

/** German of a student's sheet of progress, and of a sheet that is carried. */
export const PROGRESS_SHEET: Phrases = {
  'Both sides': 'Beide Seiten',
  Left: 'Links',
  Right: 'Rechts',
  'by yourself': 'allein',
  further: 'weiter',
  stronger: 'kräftiger',
  weaker: 'schwächer',
  fewer: 'weniger',
  'less well': 'weniger gut',
  '{{count}} grades': '{{count}} Grade',
  '{{count}} grades_one': '1 Grad',
  'One was taken warm and the other not, so take it lightly.':
    'Einer wurde warm und der andere kalt genommen, also nimm es nicht zu genau.',
  'About the same: up to {{error}} can come from the measuring alone.':
    'Etwa gleich: bis zu {{error}} können allein vom Messen kommen.',
  '{{by}} {{which}}, more than the {{error}} that can come from the measuring alone.':
    '{{by}} {{which}}, mehr als die {{error}}, die allein vom Messen kommen können.',
  'No practice is written down between the two.': 'Dazwischen ist keine Praxis aufgeschrieben.',
  'You practised on {{count}} days, {{minutes}} minutes in poses.':
    'Du hast an {{count}} Tagen geübt, {{minutes}} Minuten in Haltungen.',
  'You practised on {{count}} days, {{minutes}} minutes in poses._one':
    'Du hast an 1 Tag geübt, {{minutes}} Minuten in Haltungen.',
  'What you said of the {{where}}: {{then}} of 10 then, {{now}} now.':
    'Was du gesagt hast: {{where}}, damals {{then}} von 10, jetzt {{now}}.',
  'About the same': 'Etwa gleich',
  'How it felt': 'Wie es sich anfühlte',
  'What was done': 'Was getan wurde',
  'We go on with': 'Womit es weitergeht',
  'It is worth measuring again from {{day}} on.': 'Ab {{day}} lohnt es sich, wieder zu messen.',
  'What changed from {{from}} to {{to}}': 'Was sich änderte, vom {{from}} bis zum {{to}}',
  '○ then, ● now; to the right is further, longer or stronger. Buff: can come from the measuring alone. Blue: as in most people like you.':
    '○ damals, ● jetzt; nach rechts ist weiter, länger oder kräftiger. Sandfarben: kann allein vom Messen kommen. Blau: wie bei den meisten Leuten wie dir.',
  'These are measurements for a yoga practice, not a diagnosis. That a change stands beside a practice does not say that one made the other. Pain that is new, strong or does not go away belongs to a doctor or physiotherapist.':
    'Das sind Messungen für eine Yogapraxis, keine Diagnose. Dass eine Änderung neben einer Praxis steht, heißt nicht, dass eines das andere bewirkt hat. Schmerz, der neu oder stark ist oder nicht vergeht, gehört in ärztliche oder physiotherapeutische Hände.',
  'Caution:': 'Vorsicht:',
  '{{name}}, {{on}} · {{total}} minutes': '{{name}}, {{on}} · {{total}} Minuten',
  'Stop at pain, pinching, tingling or numbness. Kolpos never diagnoses.':
    'Hör auf bei Schmerz, Klemmen, Kribbeln oder Taubheit. Kolpos stellt nie Diagnosen.',
};
