import type { Phrases } from '../../phrases';

export const FINDINGS: Phrases = {
  Aims: 'Ziele',
  'No aim yet. Add one below.': 'Noch kein Ziel. Füg unten eines hinzu.',
  'Proposed, not wanted now:': 'Vorgeschlagen, jetzt nicht gewünscht:',
  'The proposal counts again.': 'Der Vorschlag gilt wieder.',
  '{{aimedName}} {{side}} {{side2}}: take back': '{{aimedName}} {{side}} {{side2}}: zurücknehmen',
  'Aim: {{kind}} {{label}}': 'Ziel: {{kind}} {{label}}',
  'Change {{label}}': '{{label}} ändern',
  Done: 'Fertig',
  'Your choice.': 'Deine Wahl.',
  ' Kolpos proposed: {{kind}}.': ' Kolpos schlug vor: {{kind}}.',
  'Short in it: {{short}}.': 'Kurz darin: {{short}}.',
  'Keep away from {{avoid}}.': 'Fernhalten von: {{avoid}}.',
  Do: 'Tun',
  'How much': 'Wie viel',
  '{{name}}, {{side}}: its weight is changed.': '{{name}}, {{side}}: das Gewicht ist geändert.',
  'The aim is removed.': 'Das Ziel ist entfernt.',
  'Back to the proposal': 'Zurück zum Vorschlag',
  Remove: 'Entfernen',
  'The aim is added.': 'Das Ziel ist hinzugefügt.',
  Side: 'Seite',
  What: 'Was',
  'Add this aim': 'Dieses Ziel hinzufügen',
  'Works against it: <1>{{aimedName}}</1>.': 'Arbeitet dagegen: <1>{{aimedName}}</1>.',
  'What ended in pain': 'Was mit Schmerz endete',
  '▲ Ended in pain': '▲ Mit Schmerz beendet',
  '{{what}} at {{withUnit}}': '{{what}} bei {{withUnit}}',
  'Pain is no measure of length: nothing is stretched because of these. If it stays, it should be looked at.':
    'Schmerz ist kein Maß für Länge: deswegen wird nichts gedehnt. Wenn er bleibt, sollte jemand hinschauen.',
  'Findings begin with a reading': 'Ergebnisse beginnen mit einem Messwert',
  'Here Kolpos says what stops each movement, how sure it is, and which test would tell more.':
    'Hier sagt Kolpos, was jede Bewegung aufhält, wie sicher das ist und welcher Test mehr sagen würde.',
  'The findings could not be computed. Your readings are kept. ({{failed}})':
    'Die Ergebnisse ließen sich nicht berechnen. Deine Messwerte sind aufbewahrt. ({{failed}})',
  'Computing findings': 'Ergebnisse werden berechnet',
  'Reading {{count}} readings …': '{{count}} Messwerte werden gelesen …',
  'Sheet for {{firstName}}': 'Blatt für {{firstName}}',
  'Length and strength, left against right': 'Länge und Kraft, links gegen rechts',
  'Rank poses for these aims': 'Haltungen für diese Ziele ordnen',
  '{{name}} on the {{side}}': '{{name}}, {{side}}',
  'Painted: {{listed}}.': 'Eingefärbt: {{listed}}.',
  'Nothing is painted.': 'Nichts ist eingefärbt.',
  'The body from the {{name}}. {{said}}': 'Der Körper: {{name}}. {{said}}',
  'What bothers, and what was found there': 'Was stört, und was dort gefunden wurde',
  'What bothers': 'Was stört',
  'What was found there': 'Was dort gefunden wurde',
  'Kolpos never diagnoses. What worries you goes to a clinician.':
    'Kolpos stellt nie Diagnosen. Was dir Sorgen macht, gehört in fachliche Hände.',
  'How this was computed': 'Wie das berechnet wurde',
  '{{count}} readings': '{{count}} Messwerte',
  ' and {{count}} places felt in poses': ' und {{count}} Stellen, gespürt in Haltungen',
  draws: 'Ziehungen',
  ', effective {{count}},': ', wirksam {{count}},',
  'R-hat': 'R-hat',
  'Save the numbers': 'Die Zahlen sichern',
  'What does not fit': 'Was nicht zusammenpasst',
  'Signs that it is more than muscle': 'Zeichen, dass es mehr ist als Muskel',
  'What is not clear': 'Was nicht klar ist',
  'Not clear, but within the usual range': 'Nicht klar, aber im üblichen Bereich',
  ' or ': ' oder ',
  'Which test would make clear what stops the {{side}} {{moved}}?':
    'Welcher Test würde klären, was aufhält: {{moved}}, {{side}}?',
  'Which test?': 'Welcher Test?',
  'a reading': 'ein Messwert',
  '{{name}} reads {{read}}; all other readings together would expect {{what}}. It hardly counts until it is taken again.':
    '{{name}} zeigt {{read}}; alle anderen Werte zusammen ließen {{what}} erwarten. Er zählt kaum, bis er noch einmal genommen ist.',
  '{{name}} ({{read}}) and {{name2}} ({{read2}}) say opposite things about the {{name3}}. Kolpos does not average them: nothing is concluded until both are taken again.':
    '{{name}} ({{read}}) und {{name2}} ({{read2}}) sagen Gegenteiliges über: {{name3}}. Kolpos mittelt sie nicht: nichts wird daraus geschlossen, bis beide noch einmal genommen sind.',
  'Take again:': 'Noch einmal nehmen:',
  'There is nothing to put on a sheet yet': 'Noch gibt es nichts für ein Blatt',
  'All students': 'Alle',
  'A sheet tells a student what was measured. Measure first.':
    'Ein Blatt sagt einer Person, was gemessen wurde. Miss zuerst.',
  'The sheet could not be computed. ({{failed}})': 'Das Blatt ließ sich nicht berechnen. ({{failed}})',
  'Writing the sheet …': 'Das Blatt wird geschrieben …',
  'Back to the findings': 'Zurück zu den Ergebnissen',
  Print: 'Drucken',
  Language: 'Sprache',
  '{{left}} Left': '{{left}} Links',
  'Right {{right}}': 'Rechts {{right}}',
  'Nothing is read on this side yet.': 'Auf dieser Seite ist noch nichts gemessen.',
  'Nothing on your {{side}} side stops short of what is typical.':
    'Auf der Seite {{side}} hört nichts früher auf als üblich.',
  '{{count}} more{{what}}': '{{count}} weitere{{what}}',
  ', within or above typical': ', im üblichen Bereich oder darüber',
  '(not read itself)': '(selbst nicht gemessen)',
  '(ended early at {{withUnit}})': '(zu früh beendet bei {{withUnit}})',
  '{{withUnit}} less than the {{otherSide}}, more than the error of {{withUnit2}}':
    '{{withUnit}} weniger als {{otherSide}}, mehr als der Fehler von {{withUnit2}}',
  'Expected end {{withUnit}} (8 in 10 sure: {{withUnit2}} to {{withUnit3}}), typical {{withUnit4}} ± {{count}} ({{source}}).':
    'Erwartetes Ende {{withUnit}} (zu 80 % sicher: {{withUnit2}} bis {{withUnit3}}), üblich {{withUnit4}} ± {{count}} ({{source}}).',
  'What stops it, as the share of draws in which each has the largest part:':
    'Was es aufhält, als Anteil der Ziehungen, in denen jedes den größten Teil hat:',
  'It rests on these readings, and on all others of both sides through the model:':
    'Es ruht auf diesen Messwerten, und über das Modell auf allen anderen beider Seiten:',
  ': {{trials}} (mean {{mean}}){{what}}': ': {{trials}} (Mittel {{mean}}){{what}}',
  ', felt {{placeFelt}}': ', gespürt {{placeFelt}}',
  ': without it {{inHundred}}': ': ohne ihn {{inHundred}}',
  'Without any model, by the usual limiter of the test and the place felt: {{name}}{{what}}.':
    'Ganz ohne Modell, nach dem üblichen Begrenzer des Tests und der gespürten Stelle: {{name}}{{what}}.',
  ', the same': ', dasselbe',
  ', so take it with more care': ', also nimm es mit mehr Vorsicht',
  '{{plain}}. Members told as one: {{members}}.': '{{plain}}. Zusammen genannt: {{members}}.',
  '{{capital}}, by its least tolerant member. In numbers: {{tolerance}} SD (8 in 10 sure: {{low}} to {{high}}); typical people {{typical}} ± {{sd}}.':
    '{{capital}}, nach dem am wenigsten toleranten Mitglied. In Zahlen: {{tolerance}} SD (zu 80 % sicher: {{low}} bis {{high}}); übliche Leute {{typical}} ± {{sd}}.',
  'It is called short only above 70 in 100: here {{inHundred}}.':
    'Kurz heißt es erst über 70 von 100: hier {{inHundred}}.',
  'That it is the <1>{{name}}</1>, {{inHundred}}, rests most on these readings:':
    'Dass es <1>{{name}}</1> ist, {{inHundred}}, ruht vor allem auf diesen Messwerten:',
  Strength: 'Kraft',
  'How strong': 'Wie kräftig',
  'No strength test is read yet. Under Measure choose “Full strength”, or a few of your own.':
    'Noch ist kein Krafttest gemessen. Wähle unter Messen „Kraft ganz“, oder ein paar eigene.',
  'No norm to compare with.': 'Kein Normwert zum Vergleich.',
  '{{band}}; typical {{withUnit}} ± {{withUnit2}} ({{source}})':
    '{{band}}; üblich {{withUnit}} ± {{withUnit2}} ({{source}})',
  ' · {{withUnit}} {{what}} than the other side, beyond the error of measuring':
    ' · {{withUnit}} {{what}} als die andere Seite, mehr als der Messfehler',
  less: 'weniger',
  more: 'mehr',
  ' · seen spoilt or ended by pain: it says little': ' · nicht sauber oder mit Schmerz beendet: es sagt wenig',
  '{{round}} ± {{round2}} N·m; in this position it can come from {{shares}}.':
    '{{round}} ± {{round2}} N·m; in dieser Lage kann es kommen von: {{shares}}.',
  '{{name}}, {{side}}: {{z}} SD beside typical people, interval {{what}} to {{what2}}{{what3}}':
    '{{name}}, {{side}}: {{z}} SD neben üblichen Leuten, Bereich {{what}} bis {{what2}}{{what3}}',
  '; strength {{z}} SD, give or take {{error}}': '; Kraft {{z}} SD, auf {{error}} genau',
  '◁ left': '◁ links',
  'right ▷': 'rechts ▷',
  'Further from the name is more length. Dot: this student, deeper water where fewer people have less; line: 8 in 10 sure; pale: two in three typical people. Diamond and dots: strength beside typical with the error of measuring, where a test speaks mainly about it.':
    'Weiter weg vom Namen heißt mehr Länge. Punkt: diese Person, tieferes Wasser, wo weniger Leute weniger haben; Linie: zu 80 % sicher; blass: zwei von drei üblichen Leuten. Raute mit Punkten: Kraft neben üblichen Leuten mit dem Messfehler, wo ein Test vor allem davon spricht.',
};
