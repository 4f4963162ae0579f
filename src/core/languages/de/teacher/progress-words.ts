import type { Phrases } from '../../phrases';

export const PROGRESS_WORDS: Phrases = {
  '{{who}}Practice, {{count}} minutes{{what}}': '{{who}}Praxis, {{count}} Minuten{{what}}',
  ', and testing again': ', und wieder testen',
  'No longer planned.': 'Nicht mehr geplant.',
  'Ask first': 'Zuerst fragen',
  'Waits for a clinician': 'Wartet auf fachlichen Rat',
  Measure: 'Messen',
  'Test again': 'Wieder testen',
  'Build a practice': 'Praxis bauen',
  Teach: 'Unterrichten',
  'Open the practice': 'Praxis öffnen',
  'within the error of measuring': 'innerhalb des Messfehlers',
  'more than the error of measuring': 'mehr als der Messfehler',
  'The sides differed by {{unit}} then, by {{unit2}} now, {{now}}.':
    'Die Seiten unterschieden sich damals um {{unit}}, jetzt um {{unit2}}, {{now}}.',
  grade: 'Grad',
  grades: 'Grade',
  '{{list}}; and {{count}} more': '{{list}}; und {{count}} weitere',
  '{{capital}}: every movement measured goes about as far as in most.':
    '{{capital}}: jede gemessene Bewegung geht etwa so weit wie bei den meisten.',
  '{{capital}}, short: {{told}}{{what}}.': '{{capital}}, kurz: {{told}}{{what}}.',
  '; and {{count}} more': '; und {{count}} weitere',
  '; proposed: {{within}}': '; vorgeschlagen: {{within}}',
  'Came to the studio.': 'Kam ins Studio.',
  'Asked: “{{aim}}”': 'Gefragt: „{{aim}}“',
  'Asked.': 'Gefragt.',
  'Caution since then: {{name}}.': 'Vorsicht seither: {{name}}.',
  'Caution lifted by {{by}}: {{name}}.': 'Vorsicht aufgehoben von {{by}}: {{name}}.',
  'Allowed by {{by}}: {{what}} ({{why}}).': 'Erlaubt von {{by}}: {{what}} ({{why}}).',
  '{{where}}: {{strength}} of 10.': '{{where}}: {{strength}} von 10.',
  '{{where}}: {{strength}} of 10, {{before}} before.': '{{where}}: {{strength}} von 10, zuvor {{before}}.',
  '; {{count}} ended in pain': '; {{count}} mit Schmerz beendet',
  '“{{title}}”, {{count}} minutes.': '„{{title}}“, {{count}} Minuten.',
  '; stopped for pain': '; aufgehört wegen Schmerz',
  ' at home': ' zu Hause',
  '“{{title}}”{{where}}, {{done}} of {{all}} items{{stopped}}.':
    '„{{title}}“{{where}}, {{done}} von {{all}} Teilen{{stopped}}.',
  '{{weeks}} weeks begin, {{days}} days of {{minutes}} minutes.':
    '{{weeks}} Wochen beginnen, {{days}} Tage mit {{minutes}} Minuten.',
  'A planned day, done.': 'Ein geplanter Tag, getan.',
  'A planned day, missed.': 'Ein geplanter Tag, ausgefallen.',
  reading: 'Messwert',
  readings: 'Messwerte',
  '{{unit}} is within the error of measuring ({{error}}): nothing can be said from it.':
    '{{unit}} liegen innerhalb des Messfehlers ({{error}}): daraus lässt sich nichts sagen.',
  '{{unit}} {{what}}, more than the error of measuring ({{error}}).':
    '{{unit}} {{what}}, mehr als der Messfehler ({{error}}).',
  better: 'besser',
  worse: 'schlechter',
  'From {{unit}} to {{unit2}}: {{how}}': 'Von {{unit}} auf {{unit2}}: {{how}}',
  ' It did not go evenly: the days lie further apart than errors of measuring would explain.':
    ' Es ging nicht gleichmäßig: die Tage liegen weiter auseinander, als Messfehler erklären würden.',
  'All {{count}} days together do not tell a direction.{{uneven}}':
    'Alle {{count}} Tage zusammen sagen keine Richtung.{{uneven}}',
  'All {{count}} days together: {{by}} {{what}} a month (95 % between {{withUnit}} and {{withUnit2}}).{{uneven}}':
    'Alle {{count}} Tage zusammen: {{by}} {{what}} im Monat (95 % zwischen {{withUnit}} und {{withUnit2}}).{{uneven}}',
  'Both readings': 'Beide Messwerte',
  'All {{count}} readings': 'Alle {{count}} Messwerte',
  '{{all}} together show no change either.': '{{all}} zusammen zeigen auch keine Änderung.',
  '{{all}} together show {{what}}, larger than chance makes once in twenty.':
    '{{all}} zusammen zeigen {{what}}, größer, als der Zufall sie einmal in zwanzig macht.',
  'a change for the better': 'eine Änderung zum Besseren',
  'a change for the worse': 'eine Änderung zum Schlechteren',
  'Only {{done}} of {{wanted}} minutes were done: more days, or longer holds, come first.':
    'Nur {{done}} von {{wanted}} Minuten wurden getan: zuerst kommen mehr Tage oder längeres Halten.',
  'The {{groupName}} stops the movement now, not what was worked for: another aim.':
    'Jetzt hält {{groupName}} die Bewegung auf, nicht das, wofür geübt wurde: ein anderes Ziel.',
  'Signs point to the joint or the shape of the bone: it will not lengthen. Keep what there is, and ask a clinician if it bothers.':
    'Zeichen deuten auf das Gelenk oder die Form des Knochens: es wird nicht länger. Erhalt, was da ist, und frag jemanden vom Fach, wenn es stört.',
  'Signs point to the nerve: no holds at its end; a clinician looks before more is asked.':
    'Zeichen deuten auf den Nerv: nichts am Ende halten; jemand vom Fach schaut, bevor mehr verlangt wird.',
  'It is held back rather than short: slow breathing, less depth, strength at length.':
    'Es ist eher festgehalten als kurz: ruhig atmen, weniger Tiefe, Kraft in der Länge.',
  'What there is does not tell why. Test what is still open, try another aim, or refer to a clinician.':
    'Was da ist, sagt nicht, warum. Teste, was noch offen ist, versuch ein anderes Ziel, oder verweise an jemanden vom Fach.',
  '{{why}}: {{count}} weeks': '{{why}}: {{count}} Wochen',
  'Nothing is in the log for {{days}}: missed, then, and nothing to make up for. The next day goes on as planned.':
    'Für {{days}} steht nichts im Protokoll: also ausgefallen, und nichts nachzuholen. Der nächste Tag geht weiter wie geplant.',
  'Week {{what}} stays as week {{week}}: {{why}}.': 'Woche {{what}} bleibt wie Woche {{week}}: {{why}}.',
  'Nothing is in the log for {{weekday}}: {{weekday2}} is free for it.':
    'Für {{weekday}} steht nichts im Protokoll: {{weekday2}} ist dafür frei.',
  '{{weekday}} was done on {{weekday2}}: it counts.': '{{weekday}} wurde am {{weekday2}} getan: es zählt.',
  'half of last week’s days or more were missed, or are not in the log':
    'die Hälfte der Tage letzter Woche oder mehr fiel aus oder steht nicht im Protokoll',
};
