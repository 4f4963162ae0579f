import type { Phrases } from '../../phrases';

export const ATLAS: Phrases = {
  'Search the guide': 'Den Leitfaden durchsuchen',
  Chapters: 'Kapitel',
  Glossary: 'Glossar',
  'Print the guide': 'Leitfaden drucken',
  'Guide for teachers': 'Leitfaden für Lehrende',
  'Nothing here speaks of that. Try another word.': 'Nichts hier spricht davon. Versuch ein anderes Wort.',
  'Also: {{also}}.': 'Auch: {{also}}.',
  'Beside the words: {{label}}': 'Neben den Worten: {{label}}',
  'The picture could not be made in this browser. Nothing else has changed.':
    'Das Bild ließ sich in diesem Browser nicht machen. Sonst hat sich nichts geändert.',
  'Muscles shown': 'Gezeigte Muskeln',
  'this one': 'dieser',
  'with partners': 'mit Partnern',
  all: 'alle',
  'whole body': 'ganzer Körper',
  '{{name}}, {{side}} side, on a standing figure with the joints as set below. Click a muscle to choose it.':
    '{{name}}, {{side}}, an einer stehenden Figur mit den Gelenken wie unten eingestellt. Klick auf einen Muskel, um ihn zu wählen.',
  'Save the figure as SVG': 'Die Figur als SVG sichern',
  SVG: 'SVG',
  'Save the figure as PNG': 'Die Figur als PNG sichern',
  PNG: 'PNG',
  slack: 'schlaff',
  'where typical people stop': 'wo übliche Leute aufhören',
  'Joint angles': 'Gelenkwinkel',
  'Only the joints it crosses': 'Nur die Gelenke, über die er zieht',
  'Every joint of this side': 'Jedes Gelenk dieser Seite',
  Curves: 'Kurven',
  'While this joint moves': 'Während sich dieses Gelenk bewegt',
  'Compared in': 'Verglichen in',
  'These two share no joint: there is nothing to compare in one chart.':
    'Diese beiden teilen kein Gelenk: in einem Diagramm gibt es nichts zu vergleichen.',
  'Moment arms of {{name}} over {{name2}}. {{sentences}}': 'Hebel von {{name}} über {{name2}}. {{sentences}}',
  'Length of {{name}} over {{name2}}, percent of its fibre length beyond standing.':
    'Länge von {{name}} über {{name2}}, Prozent seiner Faserlänge über das Stehen hinaus.',
  '{{count}} more, part by part': '{{count}} weitere, Teil für Teil',
  'The other joints stay as they are set. Rings mark where an action turns into its opposite.':
    'Die anderen Gelenke bleiben, wie sie eingestellt sind. Ringe zeigen, wo eine Wirkung ins Gegenteil umschlägt.',
  'At these joint angles': 'Bei diesen Gelenkwinkeln',
  'Compare with': 'Vergleichen mit',
  'About {{name}}': 'Über {{name}}',
  'helped by': 'unterstützt von',
  'opposed by': 'Gegenspieler',
  'feel for it': 'zu tasten',
  'reached by': 'erreicht durch',
  'No length test brings it to its own end: something else stops first.':
    'Kein Längentest bringt ihn an sein eigenes Ende: etwas anderes hält vorher auf.',
  'students say': 'Schüler:innen sagen',
  '{{said}} Possibilities to test, not a finding.': '{{said}} Möglichkeiten zum Testen, kein Befund.',
  'no other muscle of this side, at these angles': 'bei diesen Winkeln kein anderer Muskel dieser Seite',
  'likeness {{likeness}}: cosine between what the two could turn at these angles':
    'Ähnlichkeit {{likeness}}: Kosinus zwischen dem, was beide bei diesen Winkeln drehen könnten',
  'It is slack here: too short to pull, whatever its leverage.':
    'Er ist hier schlaff: zu kurz, um zu ziehen, gleich wie lang sein Hebel ist.',
  '{{count}} % of the pull that {{words}}': '{{count}} % des Zugs: {{words}}',
  ' Its stretch alone makes {{holds}}.': ' Seine Dehnung allein: {{holds}}.',
  ' Its stretch holds nothing here.': ' Seine Dehnung hält hier nichts.',
  'No test tells where it ends.{{held}}': 'Kein Test sagt, wo er endet.{{held}}',
  'Of 100 typical people {{what}} would have stopped by now on its account.{{held}}':
    'Von 100 üblichen Leuten hätten bis hier {{what}} seinetwegen aufgehört.{{held}}',
  'fewer than one': 'weniger als einer',
  'Where these numbers come from': 'Woher diese Zahlen kommen',
  'Typical end {{end}} fibre lengths ± {{sd}}{{what}} ({{anchor}}).':
    'Übliches Ende {{end}} Faserlängen ± {{sd}}{{what}} ({{anchor}}).',
  ', known only as a lower bound': ', nur als untere Grenze bekannt',
  'No typical end.': 'Kein übliches Ende.',
  'Computed on a body recalled from published ones and checked against facts of anatomy, not on people. It helps to choose a test or a shape; it diagnoses nothing.':
    'Berechnet an einem Körper, der veröffentlichten nachgebildet und an Tatsachen der Anatomie geprüft ist, nicht an Menschen. Es hilft, einen Test oder eine Haltung zu wählen; es stellt keine Diagnosen.',
  '<1>{{replaceAll}}</1>: {{source}}. Confidence: {{confidence}}. Fibres {{what}} cm, greatest force {{count}} N. {{what2}}':
    '<1>{{replaceAll}}</1>: {{source}}. Vertrauen: {{confidence}}. Fasern {{what}} cm, größte Kraft {{count}} N. {{what2}}',
  Muscle: 'Muskel',
  'Muscles by name': 'Muskeln nach Namen',
  'Find a muscle': 'Einen Muskel suchen',
  'No muscle is called that here. Try a plain word, such as “buttock” or “calf”.':
    'Kein Muskel heißt hier so. Versuch ein schlichtes Wort, etwa „Gesäß“ oder „Wade“.',
  '<1>{{name}}</1>&ensp;{{plain}}': '<1>{{name}}</1>&ensp;{{plain}}',
  'Poses that reach it': 'Haltungen, die ihn erreichen',
  'Poses that reach it, best first': 'Haltungen, die ihn erreichen, die beste zuerst',
  'The poses could not be computed. Reload the page to try again.':
    'Die Haltungen ließen sich nicht berechnen. Lade die Seite neu.',
  'No pose of the library brings it far, nor loads it much.':
    'Keine Haltung der Sammlung bringt ihn weit oder belastet ihn viel.',
  'stretch {{count}}': 'Dehnung {{count}}',
  'work {{count}}': 'Arbeit {{count}}',
  'In typical people, at the depth that is comfortable for them.':
    'Bei üblichen Leuten, in der Tiefe, die für sie angenehm ist.',
};
