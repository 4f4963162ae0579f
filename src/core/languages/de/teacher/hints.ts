import type { Phrases } from '../../phrases';

export const HINTS: Phrases = {
  '{{title}}: look at that first.': '{{title}}: sieh dir das zuerst an.',
  '{{name}} ended in pain there. That says nothing about length, and no stretch follows from it.':
    '{{name}} endete dort mit Schmerz. Das sagt nichts über Länge, und keine Dehnung folgt daraus.',
  'by what is not clear yet': 'wodurch, ist noch nicht klar',
  '{{capital}} on the {{side}} is {{band}}: limited {{by}}.': '{{capital}}, {{side}}: {{band}}, begrenzt {{by}}.',
  '{{name}} reads weak{{what}}; nothing there is short.': '{{name}} zeigt Schwäche{{what}}; kurz ist dort nichts.',
  ' on the {{side}}': ' {{side}}',
  '{{name}} reads less than typical.': '{{name}} zeigt weniger als üblich.',
  'Nothing is measured there yet. {{what}}': 'Dort ist noch nichts gemessen. {{what}}',
  '{{listed}} would look there.': 'Dorthin würde schauen: {{listed}}.',
  'Nothing short or weak in the one test that looks there.':
    'Nichts Kurzes oder Schwaches im einen Test, der dorthin schaut.',
  'Nothing short or weak in the {{count}} tests that look there.':
    'Nichts Kurzes oder Schwaches in den {{count}} Tests, die dorthin schauen.',
  'the one test': 'dem einen Test',
  'the {{count}} tests': 'den {{count}} Tests',
  '{{looked}} Not tested yet: {{listed}}.': '{{looked}} Noch nicht getestet: {{listed}}.',
  'A movement ended in a pinch, or was felt {{joint}}.':
    'Eine Bewegung endete mit einem Klemmen, oder war zu spüren: {{joint}}.',
  'A movement ended hard, well before typical.': 'Eine Bewegung endete hart, deutlich vor dem Üblichen.',
  'Rather the {{name}} than a muscle': 'Eher {{name}} als ein Muskel',
  'Turning in, bending and opening all stop early in this hip{{what}}. No one muscle does that.':
    'Eindrehen, Beugen und Öffnen enden in dieser Hüfte alle früh{{what}}. Das macht kein einzelner Muskel.',
  ', well before the other': ', deutlich vor der anderen',
  '{{what}} stops a movement that is below typical, {{inHundred}}.':
    '{{what}} hält eine Bewegung auf, die weniger ist als üblich, {{inHundred}}.',
  'Hip joint or capsule': 'Hüftgelenk oder Kapsel',
  'The {{name}}': '{{name}}',
  'Stay well out of it, and stretch nothing that way. A clinician looks first.':
    'Bleib weit davor, und dehne nichts in diese Richtung. Zuerst schaut jemand vom Fach.',
  'Stop before it pinches. Try another width or turn of the leg; if it stays or catches, a clinician looks.':
    'Hör auf, bevor es klemmt. Versuch eine andere Weite oder Drehung des Beins; wenn es bleibt oder hakt, schaut jemand vom Fach.',
  'Stop before it pinches. If it stays or catches, a clinician looks.':
    'Hör auf, bevor es klemmt. Wenn es bleibt oder hakt, schaut jemand vom Fach.',
  'Do not push that direction. Try another width or turn of the leg, and mid-range movement.':
    'Drück nicht in diese Richtung. Versuch eine andere Weite oder Drehung des Beins, und Bewegung im mittleren Bereich.',
  'Do not push that direction; mid-range movement is welcome.':
    'Drück nicht in diese Richtung; Bewegung im mittleren Bereich ist willkommen.',
  'The knee felt it': 'Das Knie hat es gespürt',
  'The end was felt in the knee, which should not take the turn or the pull of the hip.':
    'Das Ende war im Knie zu spüren, das weder die Drehung noch den Zug der Hüfte abbekommen soll.',
  'Come out, and support or bend the leg another way. No muscle is judged by this reading.':
    'Komm heraus, und stütz oder beug das Bein anders. Nach diesem Wert wird kein Muskel beurteilt.',
  'The low back felt it first': 'Der untere Rücken hat es zuerst gespürt',
  'The end was felt in the low back, so the leg may go further than was read.':
    'Das Ende war im unteren Rücken zu spüren, also geht das Bein vielleicht weiter als gemessen.',
  'Hold the pelvis still and read again, or ask about the back first. No muscle is judged by this reading.':
    'Halt das Becken ruhig und miss noch einmal, oder frag zuerst nach dem Rücken. Nach diesem Wert wird kein Muskel beurteilt.',
  'The foot or ankle stops it first': 'Fuß oder Sprunggelenk halten es zuerst auf',
  'The end was felt here: {{place}}. What was to be tested may go further than was read.':
    'Das Ende war hier zu spüren: {{place}}. Was getestet werden sollte, geht vielleicht weiter als gemessen.',
  'Pad or ease it there and read again. No muscle of the thigh is judged by this reading.':
    'Polster oder entlaste es dort und miss noch einmal. Nach diesem Wert wird kein Muskel des Oberschenkels beurteilt.',
  'The backs of the thighs held first': 'Die Rückseiten der Oberschenkel hielten zuerst',
  'The end was felt at the back of the thighs: they tip the pelvis back before the inner thighs are at their end.':
    'Das Ende war hinten an den Oberschenkeln zu spüren: sie kippen das Becken zurück, bevor die Innenseiten an ihrem Ende sind.',
  'Sit higher and read again, or do the straight leg raise. No inner thigh is judged by this reading.':
    'Setz die Person höher und miss noch einmal, oder nimm das gestreckte Beinheben. Nach diesem Wert wird keine Innenseite beurteilt.',
  'Felt at the sit bone': 'Am Sitzbein gespürt',
  'The end was felt where the tendons hold on, not in the belly of the muscle.':
    'Das Ende war zu spüren, wo die Sehnen ansetzen, nicht im Bauch des Muskels.',
  'Do not pull into it. Load it gently in mid-range; if it stays sore, a clinician looks.':
    'Zieh nicht hinein. Belaste sanft im mittleren Bereich; wenn es wund bleibt, schaut jemand vom Fach.',
  'Felt where this test rarely pulls': 'Gespürt, wo dieser Test selten zieht',
  'The end was felt here: {{place}}. Nothing that usually stops this movement is felt there.':
    'Das Ende war hier zu spüren: {{place}}. Nichts, was diese Bewegung gewöhnlich aufhält, spürt man dort.',
  'Ask again, and test that place by itself. Until then no muscle is named by this reading.':
    'Frag noch einmal, und teste diese Stelle für sich. Bis dahin nennt dieser Wert keinen Muskel.',
  '{{deg}} lying': '{{deg}} im Liegen',
  '{{deg}} sitting': '{{deg}} im Sitzen',
  'Muscle or joint? Ask where it is felt': 'Muskel oder Gelenk? Frag, wo es zu spüren ist',
  'The thigh turns less than is typical, and nobody has written down where that is felt.':
    'Der Oberschenkel dreht weniger als üblich, und niemand hat aufgeschrieben, wo das zu spüren ist.',
  'At the end, ask: deep in the buttock, at the outer hip, in front, or nowhere. Compare lying and sitting. A hard or pinching stop is the joint.':
    'Frag am Ende: tief im Gesäß, außen an der Hüfte, vorn oder nirgends. Vergleiche Liegen und Sitzen. Ein hartes oder klemmendes Ende ist das Gelenk.',
  'Muscle or nerve? Ask first': 'Muskel oder Nerv? Frag zuerst',
  'Perhaps the nerve, not the muscle': 'Vielleicht der Nerv, nicht der Muskel',
  'The end was felt behind the knee or in the calf, away from the belly of the muscle.':
    'Das Ende war hinter dem Knie oder in der Wade zu spüren, weg vom Bauch des Muskels.',
  'The end was felt as a tingling line down the leg.': 'Das Ende war als kribbelnde Linie das Bein hinab zu spüren.',
  'The end was felt as tingling, or head or ankle changed what is felt far away.':
    'Das Ende war ein Kribbeln, oder Kopf oder Fuß änderten, was weit weg zu spüren ist.',
  'The readings leave {{inHundred}} to a sensitive nerve.':
    'Die Werte lassen {{inHundred}} für einen empfindlichen Nerv.',
  'Ease off. Do the straight leg raise and the slump before anything is lengthened here; if it stays, a clinician looks.':
    'Lass nach. Mach das gestreckte Beinheben und den Slump-Test, bevor hier etwas gedehnt wird; wenn es bleibt, schaut jemand vom Fach.',
  'At the end, lower the leg a little and draw the foot up, then lift the head. Write down whether the feeling far away changes. Until then nothing is lengthened here.':
    'Senk am Ende das Bein ein wenig und zieh den Fuß an, dann heb den Kopf. Schreib auf, ob sich das Gefühl weit weg ändert. Bis dahin wird hier nichts gedehnt.',
  'No long holds at the end of the raise. Move in and out gently; if there is numbness or weakness, a clinician looks first.':
    'Kein langes Halten am Ende des Beinhebens. Sanft hinein und heraus; bei Taubheit oder Schwäche schaut zuerst jemand vom Fach.',
  'The hip turns little both ways': 'Die Hüfte dreht in beide Richtungen wenig',
  'Turning in {{lyingSitting}}, out {{lyingSitting2}}: all below typical.':
    'Einwärts {{lyingSitting}}, auswärts {{lyingSitting2}}: alles weniger als üblich.',
  'That is rather the joint than a muscle. Stay in mid-range; with pain or beyond fifty, a clinician looks first.':
    'Das ist eher das Gelenk als ein Muskel. Bleib im mittleren Bereich; bei Schmerz oder jenseits der fünfzig schaut zuerst jemand vom Fach.',
  'Thigh bone twisted inward by nature': 'Oberschenkelknochen von Natur aus einwärts verdreht',
  'Turns in further than out by {{lyingSitting}}{{what}}.':
    'Dreht um {{lyingSitting}} weiter einwärts als auswärts{{what}}.',
  '; bone felt at {{deg}}': '; Knochen getastet bei {{deg}}',
  'Do not chase turning out. Let the feet stand where the middle of both turnings is.':
    'Jag dem Auswärtsdrehen nicht nach. Lass die Füße stehen, wo die Mitte beider Drehungen ist.',
  'Thigh bone twisted outward by nature, or a stiff back of the joint':
    'Oberschenkelknochen von Natur aus auswärts verdreht, oder hinten ein steifes Gelenk',
  'Turns out further than in by {{lyingSitting}}{{what}}.':
    'Dreht um {{lyingSitting}} weiter auswärts als einwärts{{what}}.',
  'Do not chase turning in. Let the feet turn out a little.':
    'Jag dem Einwärtsdrehen nicht nach. Lass die Füße ein wenig nach außen zeigen.',
  'Held back, not short': 'Festgehalten, nicht kurz',
  'The movement was guarded before the tissue ended.': 'Die Bewegung wurde gehalten, bevor das Gewebe am Ende war.',
  'After breathing or letting go it went {{deg}} further.': 'Nach dem Atmen oder Loslassen ging es {{deg}} weiter.',
  'Safe entries and time before any stretch. Kolpos counts the further value.':
    'Sichere Einstiege und Zeit vor jeder Dehnung. Kolpos zählt den weiteren Wert.',
  'Body met body': 'Körper traf Körper',
  'The movement ended because belly, thigh or calf was in the way.':
    'Die Bewegung endete, weil Bauch, Oberschenkel oder Wade im Weg waren.',
  'That is not short. Choose a shape with more room.': 'Das ist nicht kurz. Wähl eine Haltung mit mehr Platz.',
  'Hamstrings long already, though they feel tight': 'Beinrückseiten schon lang, obwohl sie sich fest anfühlen',
  'Raise {{deg}} + standing tilt {{deg2}} − usual tilt {{deg3}} = {{deg4}}: in standing the pelvis tips forward and draws them long.':
    'Heben {{deg}} + Neigung im Stehen {{deg2}} − übliche Neigung {{deg3}} = {{deg4}}: im Stehen kippt das Becken nach vorn und zieht sie lang.',
  'Strengthen belly, buttocks and hamstrings first; teachers differ here.':
    'Kräftige zuerst Bauch, Gesäß und Beinrückseiten; Lehrende sind hier verschiedener Meinung.',
  'Raise short, bent-knee test usual': 'Heben kurz, Test mit gebeugtem Knie üblich',
  'The straight raise is below typical, yet with the hip at a right angle the knee straightens as far as most.':
    'Das gestreckte Heben ist weniger als üblich, doch bei rechtwinkliger Hüfte streckt sich das Knie so weit wie bei den meisten.',
  'Repeat the raise with the other knee bent: the other hip may tip the pelvis, or the nerve may speak.':
    'Wiederhol das Heben mit dem anderen Knie gebeugt: die andere Hüfte kippt vielleicht das Becken, oder der Nerv meldet sich.',
  'Reach short, legs usual': 'Reichweite kurz, Beine üblich',
  'The reach is less than typical although both straight raises are usual.':
    'Die Reichweite ist weniger als üblich, obwohl beide gestreckten Beinheben üblich sind.',
  'Then it is the spine, the nerve, or simply long legs and short arms.':
    'Dann ist es die Wirbelsäule, der Nerv, oder einfach lange Beine und kurze Arme.',
  'Range without the strength to use it': 'Beweglich, ohne die Kraft dazu',
  'Moved by you it goes {{deg}} further than alone.': 'Von dir bewegt geht es {{deg}} weiter als allein.',
  'Strengthen there; do not stretch.': 'Kräftige dort; dehne nicht.',
  'The shape is there, standing it is not': 'Die Form ist da, im Stehen nicht',
  'Lying on the back the squat is reached that standing is not.':
    'Auf dem Rücken wird die Hocke erreicht, im Stehen nicht.',
  'Strength, balance or trust, not length.': 'Kraft, Gleichgewicht oder Zutrauen, nicht Länge.',
  'Very mobile': 'Sehr beweglich',
  '{{count}} of nine points of general mobility.': '{{count}} von neun Punkten allgemeiner Beweglichkeit.',
  '{{count}} ranges lie far above typical.': '{{count}} Bereiche liegen weit über dem Üblichen.',
  'Strength in mid-range before length; short holds, always with some effort.':
    'Kraft im mittleren Bereich vor Länge; kurz halten, immer mit etwas Einsatz.',
  ', but one was taken warm and the other not': ', aber einmal warm und einmal kalt genommen',
  'about as on {{day}} ({{before}}): {{by}} is within the error of {{error}}':
    'etwa wie am {{day}} ({{before}}): {{by}} liegen innerhalb des Fehlers von {{error}}',
  '{{by}} further than on {{day}} ({{before}}), more than the error of {{error}}':
    '{{by}} weiter als am {{day}} ({{before}}), mehr als der Fehler von {{error}}',
  '{{by}} less far than on {{day}} ({{before}}), more than the error of {{error}}':
    '{{by}} weniger weit als am {{day}} ({{before}}), mehr als der Fehler von {{error}}',
  'shorter than {{count}} of 100 people': 'kürzer als bei {{count}} von 100 Leuten',
  'longer than {{count}} of 100 people': 'länger als bei {{count}} von 100 Leuten',
  'not clear: {{why}}': 'nicht klar: {{why}}',
  'likely {{named}}; a textbook, {{other}}': 'wahrscheinlich {{named}}; ein Lehrbuch sagt {{other}}',
  '{{first}}, or {{second}}': '{{first}}, oder {{second}}',
  'clearly less than typical': 'deutlich weniger als üblich',
  'less than typical': 'weniger als üblich',
  'much more than typical': 'viel mehr als üblich',
  'more than typical': 'mehr als üblich',
  'within typical': 'im üblichen Bereich',
  'a nerve-like pull': 'ein Ziehen wie vom Nerv',
  'the {{name}}': '{{name}}',
  'by {{first}} or {{second}}': 'durch {{first}} oder {{second}}',
  'by {{first}}, most likely': 'durch {{first}}, am ehesten',
  'by {{first}}': 'durch {{first}}',
  '{{moved}} ended early, before a muscle could tell: leave it until that is clear.':
    '{{moved}} endete zu früh, bevor sich ein Muskel melden konnte: lass es, bis das klar ist.',
  '{{moved}} goes as far as usual, but ends with {{sign}}.': '{{moved}}: so weit wie üblich, endet aber mit: {{sign}}.',
  'Every movement measured is typical or more. Weak: {{weak}}.':
    'Jede gemessene Bewegung ist üblich oder mehr. Schwach: {{weak}}.',
  'Every movement measured lies within or above what is typical.':
    'Jede gemessene Bewegung liegt im üblichen Bereich oder darüber.',
  'Nothing is measured yet.': 'Noch ist nichts gemessen.',
  '{{moved}} is limited: {{why}}.': '{{moved}}: begrenzt, {{why}}.',
  '{{moved}} is limited {{by}}.': '{{moved}}: begrenzt {{by}}.',
  '{{moved}} is limited; by what is not clear yet: {{why}}.':
    '{{moved}}: begrenzt; wodurch, ist noch nicht klar: {{why}}.',
  '{{moved}} is limited; by what is not clear yet.': '{{moved}}: begrenzt; wodurch, ist noch nicht klar.',
};
