/** German words of the sheet to take home, of props and of the small tests. */
export const SHEET: Readonly<Record<string, string>> = {
  'A practice': 'Eine Praxis',
  '{{minutes}} minutes for {{name}}': '{{minutes}} Minuten für {{name}}',
  'This page plays your practice. If nothing more appears, open it in a web browser that runs scripts, such as Safari, Chrome or Firefox.':
    'Diese Seite spielt deine Praxis ab. Erscheint nichts weiter, öffne sie in einem Browser, der Skripte ausführt, etwa Safari, Chrome oder Firefox.',
  '{{day}} · about {{minutes}}. Slow breaths, in and out through the nose if that is easy.':
    '{{day}} · etwa {{minutes}}. Ruhige Atemzüge, durch die Nase ein und aus, wenn das leicht geht.',
  'Then {{step}}': 'Dann {{step}}',
  'Rest, then {{set}}.': 'Pause, dann {{set}}.',
  '{{sets}} sets: {{hold}}': '{{sets}} Sätze: {{hold}}',
  '{{hold}}, {{times}} times': '{{hold}}, {{times}}-mal',
  '{{side}} {{count}}': '{{side}} {{count}}',
  '{{each}} breaths': '{{each}} Atemzüge',
  '{{first}}, then {{second}}': '{{first}}, dann {{second}}',
  '{{round}}, {{place}} of {{of}}': '{{round}}, {{place}} von {{of}}',
  round: 'Runde',
  'round of {{of}}': 'Runde aus {{of}} Haltungen',
  '{{round}}, {{of}} poses': '{{round}}, {{of}} Haltungen',
  '{{round}}, {{sets}} times through': '{{round}}, {{sets}}-mal durch',
  'Half sun salutation': 'Halber Sonnengruß',
  'Sun salutation A': 'Sonnengruß A',
  'Sun salutation B': 'Sonnengruß B',
  'Sun salutation C': 'Sonnengruß C',
  '{{place}}, {{side}}': '{{place}}, {{side}}',
  '{{what}} ({{side}})': '{{what}} ({{side}})',
  '{{pose}}: it hurt before': '{{pose}}: hat früher wehgetan',
  '{{pose}}, {{side}}: it hurt before': '{{pose}}, {{side}}: hat früher wehgetan',

  blanket: 'Decke',
  block: 'Block',
  strap: 'Gurt',
  bolster: 'Bolster',
  wall: 'Wand',
  chair: 'Stuhl',
  post: 'Pfosten',
  '{{prop}} of {{length}} cm (needs {{needed}})': '{{prop}} von {{length, number}} cm (nötig: {{needed, number}})',
  '{{prop}} of {{length}} cm': '{{prop}} von {{length, number}} cm',
  '{{prop}} of {{length}}': '{{prop}} von {{length}}',
  '{{prop}} of {{length}} (needs {{needed}})': '{{prop}} von {{length}} (nötig: {{needed}})',
  'two straps, joined (needs {{needed}})': 'zwei Gurte, verbunden (nötig: {{needed}})',
  '{{pile}}, {{height}} in': '{{pile}}, {{height, number}} Zoll',
  '{{pile}}, {{height}} in (needs {{needed}})': '{{pile}}, {{height, number}} Zoll (nötig: {{needed, number}})',
  'two straps, joined (needs {{needed}} cm)': 'zwei Gurte, verbunden (nötig: {{needed}} cm)',
  'block flat': 'Block flach',
  'block on its edge': 'Block auf der Kante',
  'block on its end': 'Block hochkant',
  'two blocks flat': 'zwei Blöcke flach',
  'two blocks on their edges': 'zwei Blöcke auf der Kante',
  'block flat on one on its end': 'Block flach auf einem hochkanten',
  'block on its edge on one on its end': 'Block auf der Kante auf einem hochkanten',
  'two blocks on their ends': 'zwei Blöcke hochkant',
  'bolster on a block': 'Bolster auf einem Block',
  'a blanket in {{count}} folds': 'eine Decke, {{count}}-fach gelegt',
  'a blanket in {{count}} folds_one': 'eine einfach gelegte Decke',
  '{{folds}} in place of the bolster': '{{folds}} statt des Bolsters',
  '{{pile}} and {{folds}}': '{{pile}} und {{folds}}',
  '{{pile}}, {{height}} cm': '{{pile}}, {{height, number}} cm',
  '{{pile}}, {{height}} cm (needs {{needed}})': '{{pile}}, {{height, number}} cm (nötig: {{needed, number}})',

  'Knee to the wall': 'Knie zur Wand',
  'Standing on one leg': 'Stand auf einem Bein',
  'Chair stands in 30 seconds': 'Aufstehen vom Stuhl in 30 Sekunden',
  centimetres: 'Zentimeter',
  seconds: 'Sekunden',
  'full stands': 'ganze Aufstehbewegungen',
  'Stand at a wall with a ruler or tape on the floor, without shoes.':
    'Stell dich ohne Schuhe an eine Wand, mit einem Lineal oder Maßband am Boden.',
  'Put the foot straight to the wall, knee in line with the second toe. The heel stays down, all the time.':
    'Stell den Fuß gerade zur Wand, das Knie in einer Linie mit dem zweiten Zeh. Die Ferse bleibt die ganze Zeit am Boden.',
  'Bring the knee to the wall. Slide the foot back, a little at a time, as long as knee and wall still touch.':
    'Bring das Knie an die Wand. Schieb den Fuß Stück für Stück zurück, solange das Knie die Wand noch berührt.',
  'Read from the wall to the big toe. Do it three times; write down the middle one.':
    'Lies von der Wand bis zum großen Zeh ab. Mach es dreimal und schreib den mittleren Wert auf.',
  'Stand an arm away from a wall or a heavy table, so that you can hold on at any moment. No shoes, eyes open.':
    'Stell dich eine Armlänge neben eine Wand oder einen schweren Tisch, sodass du dich jederzeit festhalten kannst. Ohne Schuhe, Augen offen.',
  'Press start, then lift the other foot off the floor, hands on the hips.':
    'Drück auf Start, dann heb den anderen Fuß vom Boden, Hände an den Hüften.',
  'Press stop when the lifted foot touches anything, the standing foot moves, or a hand leaves the hip. One minute is enough.':
    'Drück auf Stopp, wenn der gehobene Fuß etwas berührt, der Standfuß sich bewegt oder eine Hand die Hüfte verlässt. Eine Minute genügt.',
  'Put a steady chair with its back to the wall. Sit in the middle, feet flat, arms crossed on the chest.':
    'Stell einen stabilen Stuhl mit der Lehne an die Wand. Setz dich in die Mitte, Füße flach, Arme vor der Brust gekreuzt.',
  'Press start. Stand up fully and sit down, as often as is safe in 30 seconds. The bell ends it.':
    'Drück auf Start. Steh ganz auf und setz dich wieder, so oft es in 30 Sekunden sicher geht. Die Glocke beendet es.',
  'Count the full stands. Stop at once at any pain, or if you feel dizzy.':
    'Zähl, wie oft du ganz gestanden hast. Hör bei Schmerz oder Schwindel sofort auf.',
};
