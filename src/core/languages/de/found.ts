/**
 * German sentences of the sheet of findings, as they are said to the student. `{{side}}` is a stem: „link“, „recht“.
 */
export const FOUND: Readonly<Record<string, string>> = {
  'What we measured on {{day}}': 'Was wir am {{day}} gemessen haben',
  'from the front': 'von vorn',
  'from behind': 'von hinten',
  'The body {{from}}, what stops a movement tinted.': 'Der Körper {{from}}; was eine Bewegung aufhält, ist getönt.',
  'Your {{side}} side': 'Deine {{side}}e Seite',
  'Every movement we measured goes as far as it does in most people.':
    'Jede Bewegung, die wir gemessen haben, geht so weit wie bei den meisten Menschen.',
  'It goes further than last time.': 'Diese Bewegung geht weiter als beim letzten Mal.',
  'It goes less far than last time.': 'Diese Bewegung geht weniger weit als beim letzten Mal.',
  'About the same as last time.': 'Etwa wie beim letzten Mal.',
  'As far as in most people: {{movements}}.': 'So weit wie bei den meisten Menschen: {{movements}}.',
  'What we will do': 'Was wir tun werden',
  'Give room to {{places}}.': 'Raum geben: {{places}}.',
  'Make stronger {{places}}.': 'Stärker machen: {{places}}.',
  '{{some}}; and {{last}}': '{{some}}; und {{last}}',
  'Some of what we saw should be looked at by a clinician before we work on it.':
    'Einiges von dem, was wir gesehen haben, sollte ärztlich oder physiotherapeutisch angesehen werden, bevor wir daran arbeiten.',
  '“87 in 100” means: of a hundred people who measure as you do, this would stop about 87.':
    '„87 von 100“ heißt: Von hundert Menschen mit denselben Messungen würde es etwa 87 aufhalten.',
  'These are measurements for a yoga practice, not a diagnosis.':
    'Dies sind Messungen für eine Yogapraxis, keine Diagnose.',
  'Pain that is new, strong or does not go away belongs to a doctor or physiotherapist.':
    'Schmerz, der neu oder stark ist oder nicht vergeht, gehört in ärztliche oder physiotherapeutische Hände.',

  '{{number}} in 100': '{{number}} von 100',
  '{{what}} because of {{name}} ({{sure}}){{more}}.': '{{what}}. Was aufhält: {{name}} ({{sure}}){{more}}.',
  '{{what}} because of {{name}} ({{sure}}) or {{other}} ({{otherSure}}){{more}}.':
    '{{what}}. Was aufhält: {{name}} ({{sure}}) oder {{other}} ({{otherSure}}){{more}}.',
  '{{what}}, and what stops it is not clear yet: perhaps {{name}}, perhaps {{other}}{{more}}.':
    '{{what}}. Was aufhält, ist noch nicht klar: vielleicht {{name}}, vielleicht {{other}}{{more}}.',
  '{{what}}, and what stops it is not clear yet{{more}}.': '{{what}}. Was aufhält, ist noch nicht klar{{more}}.',
  '{{what}}: {{why}}.': '{{what}}: {{why}}.',
  '{{what}}, and what stops it is not clear: {{why}}.': '{{what}}. Was aufhält, ist nicht klar: {{why}}.',
  '; with the {{how}} it goes {{range}} further': '; {{how}} geht es {{range}} weiter',
  'knee straightened': 'mit gestrecktem Knie',
  'foot drawn up': 'mit angezogenem Fuß',
  'thigh let out': 'mit dem Oberschenkel etwas nach außen',
  'a sign of the nerve, rather than a muscle': 'ein Zeichen des Nervs, eher als ein Muskel',
  'a pinch, rather the joint than a muscle': 'ein Klemmen, eher das Gelenk als ein Muskel',
  'a hard stop, rather the joint than a muscle': 'ein harter Anschlag, eher das Gelenk als ein Muskel',
  'felt where nothing usually stops it': 'gespürt, wo gewöhnlich nichts aufhält',
  'ask where it is felt': 'noch zu fragen, wo es zu spüren ist',
  'this hip stops early every way, rather the joint than a muscle':
    'diese Hüfte endet in jede Richtung früh, eher das Gelenk als ein Muskel',
  'muscle or nerve is still to be asked': 'Muskel oder Nerv, das ist noch zu fragen',
  'it ended early, before a muscle could tell': 'zu früh beendet, bevor sich ein Muskel melden konnte',
  'felt away from where {{name}} would be felt': 'nicht dort gespürt, wo es dafür ziehen müsste ({{name}})',
  'its readings contradict each other': 'die Messungen widersprechen einander',

  'Your {{side}} hip straightens no further': 'Deine {{side}}e Hüfte streckt sich nicht weiter',
  'Your {{side}} knee bends no further while the hip is straight':
    'Dein {{side}}es Knie beugt sich bei gestreckter Hüfte nicht weiter',
  'Your {{side}} straight leg rises no further': 'Dein gestrecktes {{side}}es Bein hebt sich nicht weiter',
  'Your {{side}} thigh comes no further to the midline': 'Dein {{side}}er Oberschenkel kommt nicht weiter zur Mitte',
  'Your {{side}} thigh turns in no further': 'Dein {{side}}er Oberschenkel dreht sich nicht weiter nach innen',
  'Your {{side}} thigh turns out no further': 'Dein {{side}}er Oberschenkel dreht sich nicht weiter nach außen',
  'Your {{side}} hip bends no further': 'Deine {{side}}e Hüfte beugt sich nicht weiter',
  'Your {{side}} leg goes out no further': 'Dein {{side}}es Bein geht nicht weiter zur Seite',
  'Your {{side}} knee goes across no further': 'Dein {{side}}es Knie geht nicht weiter zur anderen Seite',
  'Your {{side}} bent thigh turns in no further':
    'Dein {{side}}er Oberschenkel dreht sich bei gebeugter Hüfte nicht weiter nach innen',
  'Your {{side}} bent thigh turns out no further':
    'Dein {{side}}er Oberschenkel dreht sich bei gebeugter Hüfte nicht weiter nach außen',
  'Your {{side}} ankle bends no further while the knee is straight':
    'Dein {{side}}es Fußgelenk beugt sich bei gestrecktem Knie nicht weiter',
  'Your {{side}} ankle bends no further': 'Dein {{side}}es Fußgelenk beugt sich nicht weiter',
  'Your {{side}} knee folds no further when you sit back':
    'Dein {{side}}es Knie beugt sich beim Zurücksetzen nicht weiter',

  'the muscle deep in the front of the hip': 'der Muskel tief vorn in der Hüfte',
  'the front-thigh muscle that crosses hip and knee': 'der Muskel vorn am Oberschenkel, der über Hüfte und Knie zieht',
  'the front-thigh muscle that crosses only the knee': 'der Muskel vorn am Oberschenkel, der nur über das Knie zieht',
  'the muscle at the outer front of the hip': 'der Muskel vorn außen an der Hüfte',
  'the inner thigh': 'die Innenseite des Oberschenkels',
  'the back of the thigh': 'die Rückseite des Oberschenkels',
  'the large buttock muscle': 'der große Gesäßmuskel',
  'the muscles deep in the buttock': 'die Muskeln tief im Gesäß',
  'the calf': 'die Wade',
  'the hip joint itself': 'das Hüftgelenk selbst',
  'a nerve that does not like to be drawn long': 'ein Nerv, der nicht gern lang gezogen wird',
  'the knee joint itself': 'das Kniegelenk selbst',
  'the ankle joint itself': 'das Sprunggelenk selbst',
  'the top of the foot': 'der Fußrücken',

  'hip straightening': 'Hüfte strecken',
  'knee bend with the hip straight': 'Knie beugen bei gestreckter Hüfte',
  'straight leg raise': 'gestrecktes Bein heben',
  'hip bending with the knee straight': 'Hüfte beugen bei gestrecktem Knie',
  'thigh coming to the midline': 'Oberschenkel zur Mitte',
  'thigh turning in': 'Oberschenkel nach innen drehen',
  'thigh turning out': 'Oberschenkel nach außen drehen',
  'hip bending with the knee bent': 'Hüfte beugen mit gebeugtem Knie',
  'leg going out': 'Bein zur Seite',
  'knee going across': 'Knie zur anderen Seite',
  'bent thigh turning in': 'gebeugten Oberschenkel nach innen drehen',
  'bent thigh turning out': 'gebeugten Oberschenkel nach außen drehen',
  'ankle bending with the knee straight': 'Fußgelenk beugen mit gestrecktem Knie',
  'ankle bending with the knee bent': 'Fußgelenk beugen mit gebeugtem Knie',
  'sitting back on the heels': 'auf die Fersen zurücksetzen',
};
