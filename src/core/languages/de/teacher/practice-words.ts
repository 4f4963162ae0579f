import type { Phrases } from '../../phrases';

export const PRACTICE_WORDS: Phrases = {
  'pain there before': 'Schmerz dort zuvor',
  'With {{prop}} it can be done.': 'Mit {{prop}} geht es.',
  'It can be done if {{avoided}} is allowed.': 'Es geht, wenn erlaubt ist: {{avoided}}.',
  'It can be done if demanding rungs are allowed too.': 'Es geht, wenn auch anspruchsvolle Stufen erlaubt sind.',
  'It can be done on the mat.': 'Es geht auf der Matte.',
  'It can be done without this peak: no rung of it is within reach, or it cannot be prepared.':
    'Es geht ohne diesen Gipfel: keine Stufe davon ist in Reichweite, oder er lässt sich nicht vorbereiten.',
  'There are poses for {{count}} minutes, not for more.': 'Es gibt Haltungen für {{count}} Minuten, nicht für mehr.',
  'Cautions and reach leave no pose at all for these aims. Look at Ask and at the aims first.':
    'Vorsicht und Reichweite lassen für diese Ziele gar keine Haltung. Sieh zuerst nach Fragen und Zielen.',
  'With what was kept, no': 'Mit dem, was behalten wurde, ist keine',
  No: 'Keine',
  '{{among}} other choice of rungs and times is worth more, by what the aims count.':
    '{{among}} andere Wahl von Stufen und Zeiten mehr wert, nach dem, was die Ziele zählen.',
  '{{among}} other choice of rungs and times is worth more than {{gap}} in 100 beyond this one, by what the aims count.':
    '{{among}} andere Wahl von Stufen und Zeiten um mehr als {{gap}} von 100 mehr wert als diese, nach dem, was die Ziele zählen.',
  '{{searched}} of {{of}} rungs that the wishes allow were searched; the rest cannot lift that bound.':
    '{{searched}} von {{of}} Stufen, die die Wünsche erlauben, wurden durchsucht; der Rest kann diese Grenze nicht heben.',
  'Within its phases no order needs fewer changes of position and props.':
    'Innerhalb ihrer Abschnitte braucht keine Reihenfolge weniger Wechsel von Lage und Hilfsmitteln.',
  'It has too many items to try every order: theirs is a good one, not proved the best.':
    'Sie hat zu viele Teile, um jede Reihenfolge zu versuchen: diese ist gut, nicht als beste bewiesen.',
  'Neither says that the practice is right for this student: that stays yours to see.':
    'Nichts davon sagt, dass die Praxis für diese Person richtig ist: das siehst du.',
  'runs against a caution: {{names}}. Take it out, or swap it.':
    'verstößt gegen eine Vorsicht: {{names}}. Nimm es heraus, oder tausche es.',
  'is held for longer than a caution lets it: at most {{count}} s at a time.':
    'wird länger gehalten, als eine Vorsicht erlaubt: höchstens {{count}} s am Stück.',
  'even its beginning asks for more than there is. Swap it, or take a milder rung.':
    'schon der Anfang verlangt mehr, als da ist. Tausche es, oder nimm eine mildere Stufe.',
  'is not in this library any more. Take it out, or swap it.':
    'ist nicht mehr in dieser Sammlung. Nimm es heraus, oder tausche es.',
  'is against the wishes: {{what}}.': 'ist gegen die Wünsche: {{what}}.',
  'the {{missing}} side is missing.': 'es fehlt die Seite {{missing}}.',
  'one side is held {{times}} times as long as the other.':
    'eine Seite wird {{times}}-mal so lang gehalten wie die andere.',
  'is held longer than it usually is ({{count}} s a side).': 'wird länger gehalten als üblich ({{count}} s je Seite).',
  'nothing milder on the same muscles comes before it.': 'davor kommt nichts Milderes für dieselben Muskeln.',
  'arches the low back, and nothing rounds it again afterwards.':
    'wölbt den unteren Rücken, und danach rundet ihn nichts wieder.',
  'comes after {{before}}, which is meant to be later.': 'kommt nach: {{before}}, was später sein sollte.',
  'The practice takes {{minutes}} minutes; {{count}} were asked for.':
    'Die Praxis dauert {{minutes}} Minuten; gewünscht waren {{count}}.',
  'The practice does not end in rest.': 'Die Praxis endet nicht in Ruhe.',
  '{{names}} and {{count}} more': '{{names}} und {{count}} weitere',
  'The peak that all this leads to.': 'Der Gipfel, zu dem alles führt.',
  'To arrive, before anything is asked.': 'Zum Ankommen, bevor etwas verlangt wird.',
  'Wakes the joints before depth is asked of them.': 'Weckt die Gelenke, bevor Tiefe verlangt wird.',
  'Brings hips and back to the middle again.': 'Bringt Hüften und Rücken wieder zur Mitte.',
  'A pause, before it goes on.': 'Eine Pause, bevor es weitergeht.',
  'To rest, so that the body takes it in.': 'Zum Ruhen, damit der Körper es aufnimmt.',
  'To {{listed}}.': 'Für: {{listed}}.',
  'Makes ready for {{listed}}.': 'Bereitet vor auf {{listed}}.',
  'Rounds the back again after {{listed}}.': 'Rundet den Rücken wieder nach {{listed}}.',
  'Adds a little: {{listed}}.': 'Gibt ein wenig: {{listed}}.',
  'No aim of its own: it keeps the practice whole.': 'Kein eigenes Ziel: es hält die Praxis zusammen.',
  '{{capital}} only: closed on the {{closed}} by {{listed}}.':
    '{{capital}} allein: {{closed}} geschlossen durch {{listed}}.',
};
