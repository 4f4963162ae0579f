import type { Phrases } from '../../phrases';

export const WORKED_OUT: Phrases = {
  'Hamstrings to quadriceps': 'Beinrückseiten zu Oberschenkelvorderseiten',
  'Low; the hamstrings may want strength ({{source}}).':
    'Niedrig; die Beinrückseiten könnten Kraft brauchen ({{source}}).',
  'Not low ({{source}}).': 'Nicht niedrig ({{source}}).',
  'Adductors to abductors': 'Adduktoren zu Abduktoren',
  'Low: below 0.8 groin strains were more common ({{source}}).':
    'Niedrig: unter 0,8 waren Leistenzerrungen häufiger ({{source}}).',
  'Front of the trunk to its back': 'Vorderseite des Rumpfs zur Rückseite',
  'The back tires first ({{source}}).': 'Der Rücken ermüdet zuerst ({{source}}).',
  'The back holds at least as long ({{source}}).': 'Der Rücken hält mindestens so lang ({{source}}).',
  'Hip straightening against the pelvis': 'Hüftstreckung gegen das Becken',
  'thigh {{deg}} below level + pelvis rolled back {{deg2}} = {{deg3}}':
    'Oberschenkel {{deg}} unter der Waagerechten + Becken zurückgerollt {{deg2}} = {{deg3}}',
  'What the hip joint itself gives, with the pelvis taken out.':
    'Was das Hüftgelenk selbst gibt, das Becken herausgerechnet.',
  'Straight leg raise, with the standing tilt': 'Gestrecktes Beinheben mit der Neigung im Stehen',
  'raise {{deg}} + tilt {{deg2}} − usual tilt {{deg3}} = {{deg4}}':
    'Heben {{deg}} + Neigung {{deg2}} − übliche Neigung {{deg3}} = {{deg4}}',
  'The pelvis tips forward in standing: there the hamstrings are lengthened already, even when they feel tight.':
    'Das Becken kippt im Stehen nach vorn: dort sind die Beinrückseiten schon gedehnt, auch wenn sie sich fest anfühlen.',
  'The pelvis tips back in standing: there the hamstrings have slack that the raise does not show.':
    'Das Becken kippt im Stehen zurück: dort haben die Beinrückseiten Spiel, das das Heben nicht zeigt.',
  'The tilt is about usual and changes little.': 'Die Neigung ist etwa üblich und ändert wenig.',
  'Wall lunge in degrees': 'Ausfallschritt an der Wand in Grad',
  'about {{deg}}': 'etwa {{deg}}',
  '{{uSUAL_SHIN}}° + ({{cm}} cm − {{uSUAL_CM}} cm) × {{dEGREES_PER_CM}}° a cm = {{deg}}':
    '{{uSUAL_SHIN}}° + ({{cm}} cm − {{uSUAL_CM}} cm) × {{dEGREES_PER_CM}}° je cm = {{deg}}',
  'Degrees for a centimetre as Bennell 1998 found; only near the usual distance.':
    'Grad je Zentimeter nach Bennell 1998; nur nahe der üblichen Entfernung.',
  'Wall lunge in centimetres': 'Ausfallschritt an der Wand in Zentimetern',
  'about {{withUnit}}': 'etwa {{withUnit}}',
  '{{uSUAL_CM}} cm + ({{deg}} − {{uSUAL_SHIN}}°) ÷ {{dEGREES_PER_CM}}° a cm = {{withUnit}}':
    '{{uSUAL_CM}} cm + ({{deg}} − {{uSUAL_SHIN}}°) ÷ {{dEGREES_PER_CM}}° je cm = {{withUnit}}',
  '{{count}} × height, Drillis & Contini 1966': '{{count}} × Größe, Drillis & Contini 1966',
  '{{what}}: knee height to thigh': '{{what}}: Kniehöhe zu Oberschenkel',
  '{{cm}} cm ÷ thigh {{thigh}} cm ({{source}}) = {{times}}':
    '{{cm}} cm ÷ Oberschenkel {{thigh}} cm ({{source}}) = {{times}}',
  'A block of about {{count}} cm under the knee fills the gap.':
    'Ein Block von etwa {{count}} cm unter dem Knie füllt die Lücke.',
  'Side plank, right to left': 'Seitstütz, rechts zu links',
  'Further from 1 than 0.05 ({{source}}); holds vary by a quarter from day to day all the same.':
    'Weiter von 1 als 0,05 ({{source}}); gehaltene Zeiten schwanken von Tag zu Tag ohnehin um ein Viertel.',
  'Even ({{source}}).': 'Gleich ({{source}}).',
  '{{name}}: moved by you, moved alone': '{{name}}: von dir bewegt, allein bewegt',
  '{{deg}} moved by you, {{deg2}} alone: {{deg3}} between them':
    '{{deg}} von dir bewegt, {{deg2}} allein: {{deg3}} dazwischen',
  'More than {{count}}° (rule of thumb): the range is there, the strength to use it is not. Strengthen, do not stretch.':
    'Mehr als {{count}}° (Faustregel): die Beweglichkeit ist da, die Kraft dazu nicht. Kräftigen, nicht dehnen.',
  'Usual: moved by hand goes 5–10° further (rule of thumb).':
    'Üblich: von Hand bewegt geht es 5–10° weiter (Faustregel).',
  '{{name}}: right against left': '{{name}}: rechts gegen links',
  'right {{withUnit}}, left {{withUnit2}}; the error of measuring is {{withUnit3}}':
    'rechts {{withUnit}}, links {{withUnit2}}; der Messfehler ist {{withUnit3}}',
  'A real difference{{what}}.': 'Ein echter Unterschied{{what}}.',
  ': the {{lesser}} side gives less': ': weniger gibt die Seite {{lesser}}',
  'from the {{side}} side, level with the table': 'von der Seite, {{side}}, auf Höhe des Tischs',
  'from straight above': 'gerade von oben',
  'the {{other}} thigh: knob of the hip, then middle of the knee':
    'der Oberschenkel {{other}}: Knubbel der Hüfte, dann Mitte des Knies',
  'midline of the body: navel, then the notch of the breastbone':
    'Mitte des Körpers: Nabel, dann die Kerbe des Brustbeins',
  '{{said}} would be unusual; {{count}} inches are {{said2}}. Was it read in inches?':
    '{{said}} wären ungewöhnlich; {{count}} Zoll sind {{said2}}. Wurde in Zoll abgelesen?',
  '{{said}} lies far from what most people have ({{said2}} ± {{said3}}, {{source}}).':
    '{{said}} liegt weit weg von dem, was die meisten haben ({{said2}} ± {{said3}}, {{source}}).',
  'The {{side}} side reads {{said}}: a wide gap.': 'Die Seite {{side}} zeigt {{said}}: ein großer Abstand.',
  'Last time this side read {{said}}.': 'Letztes Mal zeigte diese Seite {{said}}.',
  'From all other readings Kolpos expects about {{said}}.': 'Aus allen anderen Werten erwartet Kolpos etwa {{said}}.',
  '{{doubts}} Keep it all the same?': '{{doubts}} Trotzdem behalten?',
  '{{what}} cm': '{{what}} cm',
  '{{parts}} and {{parts2}}': '{{parts}} und {{parts2}}',
  'Here it turns nothing much: its line passes through the joints.':
    'Hier dreht er fast nichts: seine Linie läuft durch die Gelenke.',
  'Here it {{list}}.': 'Hier: {{list}}.',
  It: 'Er',
  '{{who}} {{below}} below {{angle}} and {{above}} above it.': '{{who}} {{below}} unter {{angle}}, {{above}} darüber.',
  'Its arm about {{name}} is greatest at {{angle}}: {{cm}}.':
    'Sein Hebel um {{name}} ist am größten bei {{angle}}: {{cm}}.',
  'Between {{angle}} and {{angle2}} it is slack: too short to pull.':
    'Zwischen {{angle}} und {{angle2}} ist er schlaff: zu kurz, um zu ziehen.',
  ' and ': ' und ',
  '{{amount}} of {{limit}} {{what}}': '{{amount}} von {{limit}} {{what}}',
  '(shares)': '(Anteile)',
};
