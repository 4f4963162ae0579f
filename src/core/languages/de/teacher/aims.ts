import type { Phrases } from '../../phrases';

export const AIMS: Phrases = {
  '{{name}} on both sides': '{{name}} auf beiden Seiten',
  'weaker than {{count}} of 100 people': 'schwächer als bei {{count}} von 100 Leuten',
  'By your settings it is worked, not stretched.': 'Nach deinen Einstellungen wird gekräftigt, nicht gedehnt.',
  'It is worked rather than stretched.': 'Hier wird eher gekräftigt als gedehnt.',
  'Shorter than typical, {{count}} in 100.': 'Kürzer als üblich, {{count}} von 100.',
  'Stops the {{moved}}, {{count}} in 100.': 'Hält auf: {{moved}}, {{count}} von 100.',
  'Less than on the other side, by {{gap}} times the usual spread.':
    'Weniger als auf der anderen Seite, um das {{gap}}-Fache der üblichen Streuung.',
  'Nothing is short; this is where there is least.': 'Nichts ist kurz; hier ist am wenigsten da.',
  'Weak in the {{test}}: {{weakerThan}}.': 'Schwach im Test „{{test}}“: {{weakerThan}}.',
  'Weaker than the other side in the {{test}}, beyond the error of measuring.':
    'Schwächer als die andere Seite im Test „{{test}}“, mehr als der Messfehler.',
  'Long and weak ({{test}}, {{weakerThan}}): not to be stretched.':
    'Lang und schwach ({{test}}, {{weakerThan}}): nicht dehnen.',
  'Moved by hand it goes {{count}}° further than alone: the range is there, the strength is not.':
    'Von Hand bewegt geht es {{count}}° weiter als allein: die Beweglichkeit ist da, die Kraft nicht.',
  'Works against the {{name}}: load it while that lengthens.':
    'Arbeitet dagegen: {{name}}. Kräftige es, während das andere länger wird.',
  'Already lengthens a long way.': 'Dehnt sich schon weit.',
  'Very mobile: strength in mid-range, not more length.':
    'Sehr beweglich: Kraft im mittleren Bereich, nicht mehr Länge.',
  'Feels tight, but the forward pelvis keeps it long already.':
    'Fühlt sich fest an, aber das gekippte Becken hält es schon lang.',
  'The outer band itself is never an aim; this is the muscle in front of it.':
    'Das äußere Band selbst ist nie ein Ziel; das ist der Muskel davor.',
  'The nerve may speak here, so nothing is held at its end.':
    'Hier meldet sich vielleicht der Nerv, also wird nichts am Ende gehalten.',
  'The twist of the thigh bone may be what limits it, not a muscle.':
    'Vielleicht begrenzt die Verdrehung des Oberschenkelknochens, nicht ein Muskel.',
  'The joint stops it, not a muscle.': 'Das Gelenk hält es auf, nicht ein Muskel.',
  'Signs that a clinician should see first.': 'Zeichen, die zuerst jemand vom Fach sehen sollte.',
  '{{holds}} × {{seconds}} s on {{days}} days ({{minutesPerWeek}} min a week)':
    '{{holds}} × {{seconds}} s an {{days}} Tagen ({{minutesPerWeek}} min in der Woche)',
  '{{sets}} × {{repeats}} on {{days}} days, never two in a row':
    '{{sets}} × {{repeats}} an {{days}} Tagen, nie zwei hintereinander',
  '{{name}}: only to the first light pull, never to the end.':
    '{{name}}: nur bis zum ersten leichten Zug, nie bis ans Ende.',
  '{{name}}: short, and rest in between ({{words}}).': '{{name}}: kurz, und dazwischen ruhen ({{words}}).',
  '{{name}}: stop before {{words}}.': '{{name}}: hör auf vor {{words}}.',
  'Kolpos does not know the test "{{test}}" with the reading "{{readout}}".':
    'Kolpos kennt keinen Test „{{test}}“ mit dem Wert „{{readout}}“.',
  'Type {{unit}}, for example {{count}}.': 'Gib {{unit}} ein, zum Beispiel {{count}}.',
  'Only {{withUnit}} to {{withUnit2}} is possible here: check the number.':
    'Hier sind nur {{withUnit}} bis {{withUnit2}} möglich: prüf die Zahl.',
  'A grade is a whole number.': 'Ein Grad ist eine ganze Zahl.',
  'grade {{rounded}}': 'Grad {{rounded}}',
  '{{demand}} (a rule that this version does not have: nothing is opened by it)':
    '{{demand}} (eine Regel, die diese Version nicht hat: nichts wird dadurch geöffnet)',
  '{{list}} and {{what}}': '{{list}} und {{what}}',
  'Nothing is tested, practised or taught until it is cleared.':
    'Nichts wird getestet, geübt oder unterrichtet, bis es freigegeben ist.',
  'Closed: {{listed}}.': 'Geschlossen: {{listed}}.',
  'Stops before: {{listed}}.': 'Hört auf vor: {{listed}}.',
  '{{capital}}: at most {{count}} s at a time.': '{{capital}}: höchstens {{count}} s am Stück.',
  'Holds go to {{count}} % of the range there is, no nearer to the end.':
    'Gehalten wird bei {{count}} % des Bereichs, den es gibt, nicht näher am Ende.',
  'going as far as {{words}}': 'so weit gehen wie {{words}}',
  '{{words}} for longer than {{count}} s': '{{words}}, länger als {{count}} s',
  'holds beyond {{count}} % of the range there is': 'halten über {{count}} % des Bereichs hinaus, den es gibt',
  'goes {{count}} % of the way, no further': 'geht {{count}} % des Weges, nicht weiter',
  'to {{count}} % of the range there is': 'bis {{count}} % des Bereichs, den es gibt',
  'at most {{count}} s at a time': 'höchstens {{count}} s am Stück',
  'Stop at {{small}}': 'Hör auf bei: {{small}}',
};
