import type { Phrases } from '../../phrases';

export const FILES: Phrases = {
  'the file': 'die Datei',
  'line {{count}}': 'Zeile {{count}}',
  'This is not complete JSON. Was the file cut short or opened in a word processor?':
    'Das ist kein vollständiges JSON. Wurde die Datei abgeschnitten oder in einer Textverarbeitung geöffnet?',
  'This is not {{name}}.': 'Das ist nicht {{name}}.',
  'This is not {{name}}: "format" must be "{{format}}".': 'Das ist nicht {{name}}: „format“ muss „{{format}}“ sein.',
  'This file was written by a newer Kolpos (version {{count}}). Update Kolpos, then bring it in.':
    'Diese Datei schrieb ein neueres Kolpos (Version {{count}}). Erneuere Kolpos, dann hol sie herein.',
  '{{moment}} is before anybody could have written this: check the year.':
    '{{moment}} liegt vor der Zeit, in der das jemand geschrieben haben kann: prüf das Jahr.',
  '{{moment}} is after the day on which this file was written.':
    '{{moment}} liegt nach dem Tag, an dem diese Datei geschrieben wurde.',
  '{{day}} is long past: check the year.': '{{day}} ist lange vorbei: prüf das Jahr.',
  '{{day}} is too far ahead to be planned.': '{{day}} liegt zu weit voraus, um geplant zu sein.',
  '{{day}} was nowhere the day of {{moment}}.': '{{day}} war nirgends der Tag von {{moment}}.',
  'No file was written on {{exportedAt}}: check the year.':
    'Am {{exportedAt}} wurde keine Datei geschrieben: prüf das Jahr.',
  'This would be guessed quickly. Take four words that nobody would put together.':
    'Das wäre schnell erraten. Nimm vier Wörter, die niemand zusammenstellen würde.',
  'a Kolpos pose': 'eine Haltung von Kolpos',
  'a Kolpos practice': 'eine Praxis von Kolpos',
  'The id "{{id}}" stands here a second time.': 'Die Kennung „{{id}}“ steht hier ein zweites Mal.',
  'The pose "{{pose}}", rung {{count}}, is neither in this library nor in the file.':
    'Die Haltung „{{pose}}“, Stufe {{count}}, ist weder in dieser Sammlung noch in der Datei.',
  'a Kolpos record': 'eine Gesamtdatei von Kolpos',
  'A record needs the list “{{kind}}”, even an empty one.':
    'Eine Gesamtdatei braucht die Liste „{{kind}}“, auch wenn sie leer ist.',
  '{{list}} {{kind}} are more than one file can hold ({{most}}).':
    '{{list}} {{kind}} sind mehr, als eine Datei fasst ({{most}}).',
  'Settings are texts under their names.': 'Einstellungen sind Texte unter ihren Namen.',
  '“{{own}}” has a plan already in this file.': '„{{own}}“ hat in dieser Datei schon einen Plan.',
  'The id “{{own}}” stands here a second time.': 'Die Kennung „{{own}}“ steht hier ein zweites Mal.',
  'a locked Kolpos file': 'eine verschlossene Datei von Kolpos',
  'Take at least {{count}} letters, for example four words.':
    'Nimm mindestens {{count}} Buchstaben, zum Beispiel vier Wörter.',
  'There is no pose “{{pose}}” here or among the poses of this file.':
    'Es gibt keine Haltung „{{pose}}“ hier oder unter den Haltungen dieser Datei.',
  '“{{pose}}” has {{counted}}, not {{count}}.': '„{{pose}}“ hat {{counted}}, nicht {{count}}.',
  'There is no muscle group “{{group}}”.': 'Es gibt keine Muskelgruppe „{{group}}“.',
  'The id “{{id}}” stands here a second time.': 'Die Kennung „{{id}}“ steht hier ein zweites Mal.',
  'This lesson ends before it begins.': 'Diese Stunde endet, bevor sie beginnt.',
  'This day of the week stands here a second time.': 'Dieser Wochentag steht hier ein zweites Mal.',
  'What is done instead leads back to this pose.': 'Was stattdessen getan wird, führt zu dieser Haltung zurück.',
  rung: 'Stufe',
  rungs: 'Stufen',
  'a grade': 'ein Grad',
  'Kolpos knows no test called “{{test}}”.': 'Kolpos kennt keinen Test namens „{{test}}“.',
  '“{{name}}” has nothing called “{{readout}}” to read.': '„{{name}}“ hat keinen Wert namens „{{readout}}“.',
  '“{{name}}” is read in {{unitWord}}, not in {{unitWord2}}.':
    '„{{name}}“ wird in {{unitWord}} gemessen, nicht in {{unitWord2}}.',
  '“{{name}}” is read on one side.': '„{{name}}“ wird auf einer Seite gemessen.',
  '“{{name}}” reads both sides at once.': '„{{name}}“ misst beide Seiten zugleich.',
  '{{takenAt}} is before {{name}} was born.': '{{takenAt}} liegt vor der Geburt von {{name}}.',
  '{{why}} The day of the file stands in its place.': '{{why}} An seiner Stelle steht der Tag der Datei.',
  'Its student was set aside ({{at}}).': 'Die Person dazu wurde beiseitegelegt ({{at}}).',
  'There is no student “{{student}}” in this file.': 'In dieser Datei gibt es keine Person „{{student}}“.',
  '“{{id}}” stands in this class a second time.': '„{{id}}“ steht in diesem Kurs ein zweites Mal.',
  '{{far}} The class comes without its weeks.': '{{far}} Der Kurs kommt ohne seine Wochen.',
  'There is no class “{{class}}” in this file.': 'In dieser Datei gibt es keinen Kurs „{{class}}“.',
  'Born in {{count}}, after this file was written.': 'Geboren {{count}}, nachdem diese Datei geschrieben wurde.',
  'Born in {{birthYear}}: nobody is {{what}} years old.': 'Geboren {{birthYear}}: niemand ist {{what}} Jahre alt.',
  '{{mass_kg}} kg does not go with {{height_cm}} cm: check both.':
    '{{mass_kg}} kg passen nicht zu {{height_cm}} cm: prüf beides.',
  '{{why}} It counts as not asked.': '{{why}} Es zählt als nicht gefragt.',
  '{{asked}} It counts as not asked.': '{{asked}} Es zählt als nicht gefragt.',
  '{{until}} is long past: check the year.': '{{until}} ist lange vorbei: prüf das Jahr.',
  '{{until}} The caution stands.': '{{until}} Die Vorsicht gilt.',
  '{{cleared}} The caution stands.': '{{cleared}} Die Vorsicht gilt.',
  '{{why}} It is not allowed.': '{{why}} Es ist nicht erlaubt.',
  '{{cleared}} The pose stays closed.': '{{cleared}} Die Haltung bleibt geschlossen.',
  '{{on}} The pose stays closed, with the day of the file in its place.':
    '{{on}} Die Haltung bleibt geschlossen, mit dem Tag der Datei an seiner Stelle.',
  'Its letters are not in UTF-8. Was it saved by another program? Save it as UTF-8 and try again.':
    'Ihre Buchstaben sind nicht in UTF-8. Hat ein anderes Programm sie gesichert? Sichere sie als UTF-8 und versuch es noch einmal.',
  'Left out, as you said.': 'Weggelassen, wie du gesagt hast.',
  'Whose readings are these?': 'Wessen Messwerte sind das?',
  'Who is “{{text}}”?': 'Wer ist „{{text}}“?',
  'On which day were they taken?': 'An welchem Tag wurden sie genommen?',
  'Which comes first in “{{text}}”?': 'Was steht in „{{text}}“ zuerst?',
  'the day': 'der Tag',
  'the month': 'der Monat',
  '“{{text}}” is no day.': '„{{text}}“ ist kein Tag.',
  'The row names no test.': 'Die Zeile nennt keinen Test.',
  'Which test is “{{what}}”?': 'Welcher Test ist „{{what}}“?',
  'Which side was “{{name}}” read on?': 'Auf welcher Seite wurde „{{name}}“ gemessen?',
  'Which side is “{{text}}”?': 'Welche Seite ist „{{text}}“?',
  'Kolpos knows no “{{name}}”.': 'Kolpos kennt kein „{{name}}“.',
  '“{{text}}” is no number.': '„{{text}}“ ist keine Zahl.',
  '“{{name}}” is read in {{unit}}; the table says “{{unit2}}”.':
    '„{{name}}“ wird in {{unit}} gemessen; die Tabelle sagt „{{unit2}}“.',
  'the numbers are {{unit}}': 'die Zahlen sind {{unit}}',
  'A reading: {{what}}': 'Ein Messwert: {{what}}',
  'The pose “{{what}}”': 'Die Haltung „{{what}}“',
  'The practice “{{what}}”{{what2}}': 'Die Praxis „{{what}}“{{what2}}',
  ' of {{name}}': ' von {{name}}',
  'The template “{{what}}”': 'Die Vorlage „{{what}}“',
  'The class “{{what}}”': 'Der Kurs „{{what}}“',
  'It was changed again since. Undoing now would take that away, so nothing was taken back.':
    'Es wurde seither wieder geändert. Zurücknehmen würde auch das wegnehmen, also wurde nichts zurückgenommen.',
  'the browser has no room left for this page': 'der Browser hat für diese Seite keinen Platz mehr',
  'the browser did not let Kolpos write': 'der Browser ließ Kolpos nicht schreiben',
  'The visit of {{whose}} on {{weekday}}': 'Der Termin von {{whose}} am {{weekday}}',
  '{{count}} visits of {{whose}}': '{{count}} Termine von {{whose}}',
};
