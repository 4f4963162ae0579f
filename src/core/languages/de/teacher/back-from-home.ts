import type { Phrases } from '../../phrases';

export const BACK_FROM_HOME: Phrases = {
  'What came back from home': 'Was von zu Hause zurückkam',
  'Nothing calls for a change.': 'Nichts verlangt eine Änderung.',
  'Make these changes': 'Diese Änderungen machen',
  'Leave it as it is': 'So lassen',
  Noted: 'Notiert',
  'Draft a message': 'Nachricht entwerfen',
  'Put the message away': 'Nachricht weglegen',
  'To {{firstName}}, yours to change': 'An {{firstName}}, von dir zu ändern',
  'The weeks ahead could follow: <1>see what would change</1>.':
    'Die Wochen voraus könnten sich danach richten: <1>ansehen, was sich ändern würde</1>.',
  'No square code can be read in this picture. Take it again, nearer and straight from the front.':
    'In diesem Bild lässt sich kein Quadratcode lesen. Mach es noch einmal, näher und gerade von vorn.',
  'What came back is in the log.': 'Was zurückkam, steht im Protokoll.',
  'Back from home': 'Zurück von zu Hause',
  'Photograph the square code on the student’s phone, paste the line that was sent, or open the file.':
    'Fotografiere den Quadratcode auf dem Telefon, füg die geschickte Zeile ein, oder öffne die Datei.',
  'Use the camera': 'Kamera nehmen',
  'Open a picture or file': 'Bild oder Datei öffnen',
  'Picture or file from the student': 'Bild oder Datei von der Person',
  'Or paste it here': 'Oder füg es hier ein',
  'A line that begins with KOLPOS1; whatever stands round it does not matter.':
    'Eine Zeile, die mit KOLPOS1 beginnt; was sonst darum steht, macht nichts.',
  'Look at it': 'Ansehen',
  'Keep it in the log': 'Ins Protokoll',
  'The camera cannot be used here. Take a picture with it and open that, or paste the line.':
    'Die Kamera lässt sich hier nicht nutzen. Mach mit ihr ein Bild und öffne das, oder füg die Zeile ein.',
  'What the camera sees': 'Was die Kamera sieht',
  'Close the camera': 'Kamera schließen',
  'A practice for {{first}}’s phone': 'Eine Praxis für das Telefon von {{first}}',
  'One file that plays on any phone or computer, without a network. Shapes are drawn as {{first}} does them, with a bell and an easier shape at hand. A square code brings back what was done.':
    'Eine Datei, die ohne Netz auf jedem Telefon oder Rechner läuft. Die Haltungen sind gezeichnet, wie {{first}} sie macht, mit Glocke und einer leichteren zur Hand. Ein Quadratcode bringt zurück, was geübt wurde.',
  'Practices in the file': 'Übungseinheiten in der Datei',
  'Practices in it': 'Übungseinheiten darin',
  '{{title}}, {{count}} minutes': '{{title}}, {{count}} Minuten',
  'Language of the page': 'Sprache der Seite',
  'Words that you wrote yourself stay as they are.': 'Worte, die du selbst geschrieben hast, bleiben, wie sie sind.',
  'No finding, no muscle and no caution is in it; what to leave alone is told in everyday words. After {{count}} weeks it asks to be renewed.':
    'Kein Ergebnis, kein Muskel und keine Vorsicht steht darin; was zu lassen ist, sagt sie in Alltagsworten. Nach {{count}} Wochen bittet sie um Erneuerung.',
  'Drawing …': 'Wird gezeichnet …',
  'Make the file': 'Datei machen',
  'Tick at least one practice.': 'Kreuz mindestens eine Praxis an.',
  'The cautions leave nothing of what is ticked.': 'Die Vorsicht lässt nichts von dem, was angekreuzt ist.',
  'Saved as {{name}}, {{count}} kB.': 'Gesichert als {{name}}, {{count}} kB.',
  'Send it to {{first}} as you send any file.': 'Schick sie {{first}} wie jede Datei.',
  'On Android or a computer it opens in the browser with a tap.':
    'Auf Android oder einem Rechner öffnet sie sich mit einem Tippen im Browser.',
  'An iPhone may show it without letting it run. Then it needs a browser app that opens saved files, or the printed page instead.':
    'Ein iPhone zeigt sie vielleicht, ohne sie laufen zu lassen. Dann braucht es eine Browser-App, die gesicherte Dateien öffnet, oder die gedruckte Seite.',
  'Tell {{first}} the passphrase another way than the file.':
    'Sag {{first}} das Passwort auf einem anderen Weg als die Datei.',
  'What comes back, you photograph or paste: <1>Progress</1>, then <2>Back from home</2>.':
    'Was zurückkommt, fotografierst du oder fügst es ein: <1>Verlauf</1>, dann <2>Zurück von zu Hause</2>.',
  'What goes along': 'Was mitgeht',
  'The first name, {{first}}': 'Der Vorname, {{first}}',
  'The weeks ahead, {{count}} days to tick': 'Die Wochen voraus, {{count}} Tage zum Abhaken',
  'The weeks ahead: none are planned': 'Die Wochen voraus: keine geplant',
  'Small tests to take alone': 'Kleine Tests, allein zu machen',
  'Small tests: the cautions leave none to take alone': 'Kleine Tests: die Vorsicht lässt keine, die allein gingen',
  'Lock it with a passphrase': 'Mit einem Passwort verschließen',
  'Lock it: this address has no cryptography': 'Verschließen: diese Adresse bietet keine Verschlüsselung',
  'EEEE d MMMM': 'EEEE, d. MMMM',
  'This is in the log already.': 'Das steht schon im Protokoll.',
  '{{title}}: {{clock}} of {{clock2}} minutes held, {{items}} of {{items2}} items.':
    '{{title}}: {{clock}} von {{clock2}} Minuten gehalten, {{items}} von {{items2}} Teilen.',
  '{{poseName}}{{side}} hurt{{what}}. It is closed until you clear it.':
    '{{poseName}}{{side}} schmerzte{{what}}. Es ist geschlossen, bis du es freigibst.',
  '{{count}} of 10': '{{count}} von 10',
  '{{side}}: {{what}}, read alone at home': '{{side}}: {{what}}, zu Hause allein abgelesen',
  'Left out: {{words}}': 'Weggelassen: {{words}}',
  '{{name}} hurt: it stays closed until you clear it.':
    '{{name}} schmerzte: es bleibt geschlossen, bis du es freigibst.',
  '{{name}} was too strong: {{what}} instead.': '{{name}} war zu stark: stattdessen {{what}}.',
  'something milder': 'etwas Milderes',
  '{{name}} was too strong, and nothing milder is open: a shorter hold.':
    '{{name}} war zu stark, und nichts Milderes ist offen: kürzer halten.',
  '{{name}} was light twice and done in full: a breath longer.':
    '{{name}} war zweimal leicht und wurde ganz gemacht: einen Atemzug länger.',
  '{{name}} was light twice and is held as long as it should be: next, {{what}}.':
    '{{name}} war zweimal leicht und wird so lang gehalten, wie es soll: als Nächstes {{what}}.',
  'the next rung': 'die nächste Stufe',
  '{{name}} was left out twice: ask why.': '{{name}} wurde zweimal ausgelassen: frag, warum.',
  'Nothing gets longer or harder yet: {{held}}.': 'Noch wird nichts länger oder schwerer: {{held}}.',
  Once: 'Einmal',
  Twice: 'Zweimal',
  '{{count}} times': '{{count}} Mal',
  '{{times}} at home since the practice was made.': '{{times}} zu Hause, seit die Praxis gemacht wurde.',
  '{{times}} at home, of {{count}} planned {{plural}}.': '{{times}} zu Hause, von {{count}} geplanten {{plural}}.',
  'That is less than half of the days. Ask what stands in the way: fewer days, or a shorter practice, are kept more often.':
    'Das sind weniger als die Hälfte der Tage. Frag, was im Weg steht: weniger Tage oder eine kürzere Praxis werden öfter eingehalten.',
  'Dear {{name}},': '{{name}},',
  'thank you for practising.': 'danke fürs Üben.',
  'thank you for practising {{count}} times.': 'danke, dass du {{count}} Mal geübt hast.',
  'Please leave {{all}} alone until we have looked at it together.':
    'Bitte lass {{all}} weg, bis wir es zusammen angesehen haben.',
  'I have made {{all}} milder.': 'Ich habe {{all}} milder gemacht.',
  '{{all}} went well, so there is a little more of it now.': '{{all}} ging gut, also ist jetzt etwas mehr davon dabei.',
  'You left out {{all}}: tell me why, and I will find something else.':
    'Du hast {{all}} ausgelassen: sag mir, warum, dann finde ich etwas anderes.',
  'The new practice is attached; you can delete the old one.': 'Die neue Praxis hängt an; die alte kannst du löschen.',
  'Your next days: {{days}}.': 'Deine nächsten Tage: {{days}}.',
  day: 'Tag',
  days: 'Tage',
  'This is far longer than what a practice gives back.': 'Das ist weit länger als alles, was eine Praxis zurückgibt.',
  'There is nothing in it that a home practice gave back: such a line begins with KOLPOS1.':
    'Darin ist nichts, was eine Praxis zu Hause zurückgab: so eine Zeile beginnt mit KOLPOS1.',
  'Something of it was lost on the way. Ask for it once more, whole.':
    'Unterwegs ging etwas davon verloren. Bitte noch einmal darum, ganz.',
  'One time of practising was damaged on the way.': 'Ein Mal Üben wurde unterwegs beschädigt.',
  '{{count}} times were damaged on the way.': '{{count}} Mal Üben wurden unterwegs beschädigt.',
  'It is of a student who is not in this studio.': 'Es ist von jemandem, der nicht in diesem Studio ist.',
  'By its clock it was done in the future: the phone shows the wrong day.':
    'Nach seiner Uhr war es in der Zukunft: das Telefon zeigt den falschen Tag.',
  'By its clock it is more than a year old: the phone shows the wrong day.':
    'Nach seiner Uhr ist es mehr als ein Jahr alt: das Telefon zeigt den falschen Tag.',
  'By its clock it took longer than a day can be.': 'Nach seiner Uhr dauerte es länger, als ein Tag sein kann.',
  'At home': 'Zu Hause',
  'Its day, or the clock of the phone, cannot be.': 'Sein Tag, oder die Uhr des Telefons, kann nicht sein.',
  'Nothing in it can be kept. {{what}}': 'Nichts davon lässt sich behalten. {{what}}',
  'Nothing was done in it.': 'Es wurde nichts darin geübt.',
  '“{{pose}}”, rung {{count}}, is no shape of this studio.':
    '„{{pose}}“, Stufe {{count}}, ist keine Haltung dieses Studios.',
  'What is told of “{{pose}}” cannot be.': 'Was von „{{pose}}“ gesagt wird, kann nicht sein.',
  '“{{test}}”: {{count}} cannot be.': '„{{test}}“: {{count}} kann nicht sein.',
  '“{{test}}”: its day cannot be.': '„{{test}}“: sein Tag kann nicht sein.',
};
