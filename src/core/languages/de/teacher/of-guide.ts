import type { Phrases } from '../../phrases';

export const OF_GUIDE: Phrases = {
  'Your first student in twenty minutes': 'Deine erste Person in zwanzig Minuten',
  'You need a mat, a table or firm bed, and a phone for angles. Wear nothing that hides the hip bones.':
    'Du brauchst eine Matte, einen Tisch oder ein festes Bett, und ein Telefon für Winkel. Kleidung, unter der die Hüftknochen zu sehen sind.',
  'Everything you type is kept as you go. You can stop at any point and come back.':
    'Alles, was du tippst, wird sofort aufbewahrt. Du kannst jederzeit aufhören und wiederkommen.',
  'Add the student under Students. Height, weight and year of birth are enough to begin.':
    'Leg die Person unter Schüler:innen an. Größe, Gewicht und Geburtsjahr reichen für den Anfang.',
  'Ask the nine safety questions together. “Not sure” counts as yes until someone has cleared it.':
    'Geht die neun Sicherheitsfragen zusammen durch. „Nicht sicher“ zählt als Ja, bis jemand es geklärt hat.',
  'Tap on the drawn body where it bothers them, and say how it feels.':
    'Tippe am gezeichneten Körper, wo es stört, und sag, wie es sich anfühlt.',
  'Under Measure keep “Quick look”. It takes about ten minutes and needs few changes of position.':
    'Lass unter Messen „Kurzer Blick“ stehen. Das dauert etwa zehn Minuten und braucht wenige Lagewechsel.',
  'Do each test slowly, on both sides. Write down the number, where it was felt and how it ended.':
    'Mach jeden Test langsam, auf beiden Seiten. Schreib die Zahl auf, wo es zu spüren war und wie es endete.',
  'Open Findings. Read the sentence at the top, then look at the painted body together.':
    'Öffne Ergebnisse. Lies den Satz oben, dann seht euch zusammen den eingefärbten Körper an.',
  'Press “Rank poses for these aims”, and then “Build a practice” for the minutes you have.':
    'Drück „Haltungen für diese Ziele ordnen“, dann „Praxis bauen“ für die Minuten, die du hast.',
  'Testing safely': 'Sicher testen',
  'Ask before you touch, and every time you change where you touch. Write down what was agreed under Ask.':
    'Frag, bevor du berührst, und jedes Mal, wenn du die Stelle wechselst. Schreib unter Fragen auf, was vereinbart ist.',
  'Move slowly and stop at the first firm stretch. You are looking for where it stops, not how far it can be pushed.':
    'Beweg langsam und hör beim ersten festen Zug auf. Du suchst, wo es aufhört, nicht, wie weit es sich drücken lässt.',
  'Pain, pinching, tingling or numbness ends a test at once. Press “Pain, stop”; that side is then left alone.':
    'Schmerz, Klemmen, Kribbeln oder Taubheit beenden einen Test sofort. Drück „Schmerz, aufhören“; diese Seite bleibt dann in Ruhe.',
  'A reading that ended in pain says nothing about length. Kolpos builds no stretch on it.':
    'Ein Wert, der mit Schmerz endete, sagt nichts über Länge. Kolpos baut keine Dehnung darauf.',
  'What a caution closes cannot be opened by a slip. The reason stands beside it.':
    'Was eine Vorsicht schließt, öffnet kein Versehen. Der Grund steht daneben.',
  'A knee, a hip or an ankle has a side: say which, and the other leg stays open. Unasked, both count.':
    'Ein Knie, eine Hüfte oder ein Knöchel hat eine Seite: sag, welche, dann bleibt das andere Bein offen. Ungefragt zählen beide.',
  'Testing so that it can be repeated': 'So testen, dass es sich wiederholen lässt',
  'A change is worth telling only when it is larger than the error of measuring. For most angles that is six to nine degrees.':
    'Eine Änderung lohnt sich erst zu erzählen, wenn sie größer ist als der Messfehler. Bei den meisten Winkeln sind das sechs bis neun Grad.',
  'Test at the same time of day, cold or warm each time, in the same order, with the same instrument.':
    'Teste zur selben Tageszeit, jedes Mal kalt oder jedes Mal warm, in derselben Reihenfolge, mit demselben Werkzeug.',
  'Hold the rest of the body still. When the pelvis tips or the knee bends, say so; the reading then counts less.':
    'Halt den übrigen Körper ruhig. Wenn das Becken kippt oder das Knie sich beugt, sag es; dann zählt der Wert weniger.',
  'Take a second trial when the first surprised you. Kolpos asks for one when two are far apart.':
    'Nimm einen zweiten Versuch, wenn dich der erste überrascht. Kolpos bittet darum, wenn zwei weit auseinanderliegen.',
  'What “65 in 100” means': 'Was „65 von 100“ heißt',
  'It means that of a hundred students who tested like this one, the named muscle would stop the movement in about 65.':
    'Es heißt: bei hundert Leuten, die so getestet haben wie diese Person, würde der genannte Muskel die Bewegung bei etwa 65 aufhalten.',
  'It is not a grade and not a share of blame. In the other 35 something else stops it.':
    'Es ist keine Note und kein Anteil an Schuld. Bei den anderen 35 hält etwas anderes sie auf.',
  'From 80 in 100 it is called one limiter. Below that two names are given, or it is said to be unclear.':
    'Ab 80 von 100 heißt es ein Begrenzer. Darunter werden zwei Namen genannt, oder es heißt unklar.',
  'Press “Which test?” to see what would make it clearer. Often one more test, or one more place felt, is enough.':
    'Drück „Welcher Test?“, um zu sehen, was es klarer machen würde. Oft reicht ein Test mehr, oder eine gespürte Stelle mehr.',
  'Nothing is ever shown as 0 or 100. No test on a mat is that sure.':
    'Nie wird 0 oder 100 gezeigt. So sicher ist kein Test auf einer Matte.',
  'When to refer': 'Wann verweisen',
  'Kolpos never diagnoses, and neither should a yoga lesson. Some answers close everything until a clinician has looked.':
    'Kolpos stellt nie Diagnosen, und eine Yogastunde sollte es auch nicht. Manche Antworten schließen alles, bis jemand vom Fach hingeschaut hat.',
  'Refer today: new weakness or numbness in a leg, loss of bladder or bowel control, a hot swollen calf, fever with joint pain.':
    'Heute verweisen: neue Schwäche oder Taubheit in einem Bein, Verlust der Kontrolle über Blase oder Darm, eine heiße geschwollene Wade, Fieber mit Gelenkschmerz.',
  'Refer first: pain at night, pain after a fall, a joint that locks, or pain that grows from week to week.':
    'Zuerst verweisen: Schmerz nachts, Schmerz nach einem Sturz, ein Gelenk, das blockiert, oder Schmerz, der von Woche zu Woche zunimmt.',
  'When the answer comes, write it under Ask with the day and who gave it. Then the closed parts open.':
    'Wenn die Antwort kommt, schreib sie unter Fragen auf, mit dem Tag und von wem. Dann öffnet sich, was geschlossen war.',
  'Choosing poses': 'Haltungen wählen',
  'Poses are ranked by what they reach in this body, at the depth that is comfortable now. The number opens to its parts.':
    'Haltungen sind danach geordnet, was sie in diesem Körper erreichen, in der Tiefe, die jetzt angenehm ist. Die Zahl öffnet sich zu ihren Teilen.',
  'Where one muscle of a group is short, that one counts. A calf that is short only with the knee straight is stretched with the knee straight.':
    'Wo ein Muskel einer Gruppe kurz ist, zählt dieser. Eine Wade, die nur bei gestrecktem Knie kurz ist, wird bei gestrecktem Knie gedehnt.',
  'The heavy outline on the figure shows what stops the way in. The slider shows other depths.':
    'Der dicke Umriss an der Figur zeigt, was den Weg hinein aufhält. Der Schieber zeigt andere Tiefen.',
  'Type any name to find a pose that is not in the list. It says why it is not there.':
    'Tippe einen Namen, um eine Haltung zu finden, die nicht in der Liste ist. Dort steht, warum sie fehlt.',
  'Star what you like to teach; press “Never use” for what you never teach. Practices follow both.':
    'Gib dem, was du gern unterrichtest, einen Stern; drück „Nie verwenden“ bei dem, was du nie unterrichtest. Übungseinheiten richten sich nach beidem.',
  'Building a practice': 'Eine Praxis bauen',
  'Say how many minutes there are. Under Wishes you can set style, place, props and a pose to work towards.':
    'Sag, wie viele Minuten es sind. Unter Wünsche setzt du Stil, Ort, Hilfsmittel und eine Haltung, auf die es hingeht.',
  'The line at the top shows every shape at its time. Below it, work goes up and stretch goes down.':
    'Die Linie oben zeigt jede Haltung zu ihrer Zeit. Darunter geht Arbeit nach oben und Dehnung nach unten.',
  'Everything can be changed: longer, shorter, another shape, another order. Undo has no end.':
    'Alles lässt sich ändern: länger, kürzer, eine andere Haltung, eine andere Reihenfolge. Zurück hat kein Ende.',
  'Between the poses stands how to get from one to the next. Teach says it too, before each pose.':
    'Zwischen den Haltungen steht, wie man von einer zur nächsten kommt. Auch Unterrichten sagt es, vor jeder Haltung.',
  'Work comes in sets. The other side is the rest between them; where both sides work at once, a rest is timed.':
    'Arbeit kommt in Sätzen. Die andere Seite ist die Pause dazwischen; wo beide zugleich arbeiten, ist eine Pause gezählt.',
  'A flow goes in rounds: one side through a few poses, then the other. “Make a round” and “Pose by pose” change that.':
    'Ein Fluss geht in Runden: eine Seite durch ein paar Haltungen, dann die andere. „Eine Runde machen“ und „Haltung für Haltung“ ändern das.',
  'A flow begins with sun salutations. Choose another salutation, or none, among the wishes.':
    'Ein Fluss beginnt mit Sonnengrüßen. Wähle unter den Wünschen einen anderen Gruß, oder keinen.',
  'Where a caution closes one side of a shape, the other is done alone if that serves an aim. The row says so.':
    'Wo eine Vorsicht eine Seite einer Haltung schließt, wird die andere allein gemacht, wenn das einem Ziel dient. Die Zeile sagt es.',
  '“Keep” holds a shape in place when the practice is built again around it.':
    '„Behalten“ hält eine Haltung an ihrem Platz, wenn die Praxis um sie neu gebaut wird.',
  '“Your own sequence” reads what you teach anyway, by any name, and fits it to your student.':
    '„Deine eigene Folge“ liest, was du ohnehin unterrichtest, unter jedem Namen, und passt es der Person an.',
  'It knows sun salutations too: “Sun salutation A x 3” is a round that is gone through three times.':
    'Auch Sonnengrüße kennt sie: „Sonnengruß A x 3“ ist eine Runde, die dreimal durchgegangen wird.',
  'Beside every practice stand small changes that would help. Take one, or leave them all.':
    'Neben jeder Praxis stehen kleine Änderungen, die helfen würden. Nimm eine, oder lass alle.',
  'Teaching it': 'Sie unterrichten',
  'Put the tablet where you both see it. Space pauses, the arrow goes on; a foot pedal works too.':
    'Stell das Tablet dorthin, wo ihr es beide seht. Die Leertaste hält an, der Pfeil geht weiter; ein Fußpedal geht auch.',
  'A lesson is said in your student’s language, English or German. “Cues” above turns it back to English.':
    'Eine Stunde wird in der Sprache deiner Person gesagt, Deutsch oder Englisch. „Ansagen“ oben ändert das.',
  'Easier and Harder change to the rung before or after. Swap offers something else for the same aim.':
    'Leichter und Schwerer gehen zur Stufe davor oder danach. Tauschen bietet etwas anderes für dasselbe Ziel.',
  'Pain stops the clock. Say what kind it was; the words to say and what spares it appear.':
    'Schmerz hält die Uhr an. Sag, welche Art es war; dann erscheinen die Worte dazu und was schont.',
  'Say where it was felt, when it is easy to. It makes the next findings surer.':
    'Sag, wo es zu spüren war, wenn es leicht geht. Das macht die nächsten Ergebnisse sicherer.',
  'Practice at home': 'Praxis zu Hause',
  '“Send it home” beside a practice makes one file. Send it as you send any file; it plays without a network.':
    '„Nach Hause geben“ neben einer Praxis macht eine Datei. Schick sie wie jede Datei; sie läuft ohne Netz.',
  'It says no finding, no muscle and no caution. What to leave alone is told in everyday words.':
    'Sie sagt kein Ergebnis, keinen Muskel und keine Vorsicht. Was zu lassen ist, steht in Alltagsworten da.',
  'It can be in English or German, and so can the sheets for your student. Words of your own stay as you wrote them.':
    'Sie kann deutsch oder englisch sein, ebenso die Blätter für deine Person. Eigene Worte bleiben, wie du sie geschrieben hast.',
  'At the end your student shows you a square code, or sends a line. On Today, press “Back from home”.':
    'Am Ende zeigt dir die Person einen Quadratcode, oder schickt eine Zeile. Drück unter Heute „Zurück von zu Hause“.',
  'It stands in the log as done at home. What hurt there is closed until you clear it.':
    'Im Protokoll steht es als zu Hause geübt. Was dort schmerzte, ist geschlossen, bis du es freigibst.',
  'Open the practice again: it tells what speaks for milder, longer or the next rung. Nothing changes until you press.':
    'Öffne die Praxis wieder: sie sagt, was für milder, länger oder die nächste Stufe spricht. Nichts ändert sich, bis du drückst.',
  'Progress, Weeks ahead: days that were missed or done on another day are moved the same way, on your press.':
    'Verlauf, Wochen voraus: ausgefallene oder an einem anderen Tag getane Tage werden ebenso verschoben, auf deinen Druck.',
  'Small tests that were taken alone count less than yours, and never take their place.':
    'Kleine Tests, die allein gemacht wurden, zählen weniger als deine und treten nie an ihre Stelle.',
  'Testing again': 'Wieder testen',
  'Four to six weeks is a fair gap. Sooner, most changes are smaller than the error of measuring.':
    'Vier bis sechs Wochen sind ein guter Abstand. Eher sind die meisten Änderungen kleiner als der Messfehler.',
  'Progress draws then and now over each other, and says whether it is a change at all.':
    'Verlauf zeichnet damals und jetzt übereinander und sagt, ob es überhaupt eine Änderung ist.',
  '“Too small to tell” is an honest answer. It does not mean that nothing helped.':
    '„Zu klein, um es zu sagen“ ist eine ehrliche Antwort. Sie heißt nicht, dass nichts geholfen hat.',
  'The day book: who comes when': 'Das Terminbuch: wer wann kommt',
  'Day book holds the visits of students and classes, a week at a time. Today lists those of the day.':
    'Das Terminbuch hält die Termine von Leuten und Kursen, eine Woche auf einmal. Heute zeigt die des Tages.',
  'A lesson in a student’s log counts as “came” by itself. For the rest, one tap says what became of it.':
    'Eine Stunde im Protokoll zählt von selbst als „kam“. Für den Rest sagt ein Tippen, was daraus wurde.',
  'Bring in a file from any calendar. Kolpos asks once for each title whose it is, and writes nothing before.':
    'Hol eine Datei aus jedem Kalender herein. Kolpos fragt einmal je Titel, wem er gehört, und schreibt vorher nichts.',
  'Moved an event in that calendar? Bring the file in again, and the visit moves too.':
    'Einen Termin in jenem Kalender verschoben? Hol die Datei wieder herein, dann verschiebt er sich auch hier.',
  'Choose a day in the month, then who comes, the hour and the minutes.':
    'Wähle einen Tag im Monat, dann wer kommt, die Uhrzeit und die Minuten.',
  'For a standing appointment choose “every week”.': 'Für einen festen Termin wähle „jede Woche“.',
  'The student’s next visit stands beside the name, with a note of your own if you like.':
    'Der nächste Termin steht neben dem Namen, mit einer eigenen Notiz, wenn du magst.',
  'A class is built from what its students need together. Each does the same shape on a rung of their own.':
    'Ein Kurs wird aus dem gebaut, was seine Leute gemeinsam brauchen. Alle machen dieselbe Haltung auf der eigenen Stufe.',
  'What is closed to one gets another shape beside it. Names and reasons can be hidden while the class looks on.':
    'Was für jemanden geschlossen ist, bekommt eine andere Haltung daneben. Namen und Gründe lassen sich verbergen, während der Kurs zusieht.',
  'Below the table you see who gets little from it, and which one change would help most.':
    'Unter der Tabelle siehst du, wer wenig davon hat, und welche eine Änderung am meisten helfen würde.',
  'Weeks ahead gives each week a theme in turn, by what the class needs. Build a week when it comes; every fourth is lighter.':
    'Wochen voraus gibt jeder Woche der Reihe nach ein Thema, nach dem, was der Kurs braucht. Bau eine Woche, wenn sie kommt; jede vierte ist leichter.',
  'Put the weeks into the day book with the hour at which the class meets, or save them as a calendar.':
    'Trag die Wochen mit der Uhrzeit, zu der sich der Kurs trifft, ins Terminbuch ein, oder sichere sie als Kalender.',
  'Your data': 'Deine Daten',
  'Everything stays in this browser, on this device. Nothing is sent anywhere.':
    'Alles bleibt in diesem Browser, auf diesem Gerät. Nichts wird irgendwohin geschickt.',
  'Save a backup under Settings & files, best after each working day. Lock it with a passphrase when it leaves your hands.':
    'Sichere unter Einstellungen & Dateien, am besten nach jedem Arbeitstag. Verschließ die Datei mit einem Passwort, wenn sie aus deinen Händen geht.',
  'Bringing a file in never takes later work away. What is newer here stays, and you are told how much.':
    'Eine Datei hereinzuholen nimmt nie spätere Arbeit weg. Was hier neuer ist, bleibt, und du erfährst, wie viel.',
  'Readings, log and students go out as tables for any program. Readings come in from a table of your own; what is not clear is asked.':
    'Messwerte, Protokoll und Leute gehen als Tabellen hinaus, für jedes Programm. Messwerte kommen aus einer eigenen Tabelle herein; was nicht klar ist, wird gefragt.',
  'Clearing the browser’s data clears Kolpos too. A backup is the only way back.':
    'Wer die Daten des Browsers löscht, löscht auch Kolpos. Eine Sicherung ist der einzige Weg zurück.',
  'When something is not right': 'Wenn etwas nicht stimmt',
  'Cannot find something? Press Ctrl and K, and type any part of its name.':
    'Etwas nicht zu finden? Drück Strg und K und tippe einen Teil des Namens.',
  'A number is refused: only what a joint can do is taken. Check the unit, and where zero is.':
    'Eine Zahl wird abgelehnt: nur was ein Gelenk kann, wird genommen. Prüf die Einheit, und wo null ist.',
  'Two readings contradict each other: neither is used until both are taken again. Kolpos says which.':
    'Zwei Werte widersprechen einander: keiner gilt, bis beide noch einmal genommen sind. Kolpos sagt, welche.',
  'No pose is found: look at the cautions and the choices above the list. Typing a name shows the reason.':
    'Keine Haltung gefunden: sieh nach der Vorsicht und der Auswahl über der Liste. Ein getippter Name zeigt den Grund.',
  'The phone shows no angle: it may need permission, or the address must begin with https.':
    'Das Telefon zeigt keinen Winkel: vielleicht braucht es eine Erlaubnis, oder die Adresse muss mit https beginnen.',
  'Something looks wrong or old: load the page again. What was kept is still there.':
    'Etwas sieht falsch oder alt aus: lade die Seite neu. Was aufbewahrt war, ist noch da.',
  'What Kolpos cannot tell': 'Was Kolpos nicht sagen kann',
  'It computes on a body model with published muscle paths, scaled to your student. It has not been tested on people.':
    'Es rechnet an einem Körpermodell mit veröffentlichten Muskelwegen, auf deine Person angepasst. Es ist nicht an Menschen geprüft.',
  'It sees joints and muscles, not the person. Tiredness, worry and yesterday’s training are yours to see.':
    'Es sieht Gelenke und Muskeln, nicht den Menschen. Müdigkeit, Sorgen und das Training von gestern siehst du.',
  'It cannot tell bone from capsule from a guarded muscle by numbers alone. How it ends, and what your hands feel, count.':
    'Allein aus Zahlen kann es Knochen, Kapsel und festgehaltenen Muskel nicht unterscheiden. Wie es endet, und was deine Hände spüren, zählt.',
  abduction: 'Abduktion',
  'A leg or arm moving away from the middle of the body.':
    'Ein Bein oder Arm bewegt sich von der Mitte des Körpers weg.',
  adduction: 'Adduktion',
  'A leg or arm moving towards the middle of the body, or across it.':
    'Ein Bein oder Arm bewegt sich zur Mitte des Körpers, oder darüber hinaus.',
  'Muscles of the inner thigh. They draw the legs together.':
    'Muskeln der Innenseite des Oberschenkels. Sie ziehen die Beine zusammen.',
  'inner thigh': 'Innenseite des Oberschenkels',
  aim: 'Ziel',
  'What a practice is for: a muscle to lengthen, strengthen or leave alone, on one side or both.':
    'Wofür eine Praxis da ist: ein Muskel, der gedehnt, gekräftigt oder in Ruhe gelassen wird, auf einer oder beiden Seiten.',
  'ankle joint': 'Sprunggelenk',
  'Where shin meets foot. When it stops first, it pinches in front and no calf is felt.':
    'Wo Schienbein und Fuß sich treffen. Hält es zuerst auf, klemmt es vorn, und die Wade ist nicht zu spüren.',
  'A way to combine what is usual in people with what was read in this one.':
    'Ein Weg, das Übliche bei Leuten mit dem zu verbinden, was bei dieser Person gemessen wurde.',
  'body-mass': 'Körpergewicht',
  'Weight in kilograms. It scales loads and the drawn figure, and nothing else.':
    'Gewicht in Kilogramm. Es skaliert Lasten und die gezeichnete Figur, sonst nichts.',
  'Gastrocnemius and soleus, behind the shin. The first crosses knee and ankle, the second only the ankle.':
    'Gastrocnemius und Soleus, hinter dem Schienbein. Der erste zieht über Knie und Sprunggelenk, der zweite nur über das Sprunggelenk.',
  gastrocnemius: 'Gastrocnemius',
  soleus: 'Soleus',
  capsule: 'Kapsel',
  'The tight sleeve round a joint. It stops some movements before any muscle does.':
    'Die feste Hülle um ein Gelenk. Manche Bewegungen hält sie auf, bevor ein Muskel es tut.',
  'joint or capsule': 'Gelenk oder Kapsel',
  caution: 'Vorsicht',
  'Something in a student’s health that closes or limits tests and poses until it is cleared or ends.':
    'Etwas an der Gesundheit einer Person, das Tests und Haltungen schließt oder begrenzt, bis es freigegeben ist oder endet.',
  clearance: 'Freigabe',
  'A clinician’s word that something may be done again, with the day and the name.':
    'Ein fachliches Wort, dass etwas wieder getan werden darf, mit dem Tag und dem Namen.',
  cleared: 'freigegeben',
  'comfortable depth': 'angenehme Tiefe',
  'As far as a student would hold with a clear but easy stretch. Poses are drawn and ranked there.':
    'So weit, wie eine Person mit klarem, aber leichtem Zug halten würde. Dort werden Haltungen gezeichnet und geordnet.',
  fits: 'passt',
  depth: 'Tiefe',
  compensation: 'Ausgleichsbewegung',
  'What gives way elsewhere to make a movement look larger: a tipped pelvis, a bent knee.':
    'Was anderswo nachgibt, damit eine Bewegung größer aussieht: ein gekipptes Becken, ein gebeugtes Knie.',
  cheat: 'mogeln',
  'contract and release': 'Anspannen und lösen',
  'Pressing gently against the hold for a few breaths, then letting go a little further.':
    'Ein paar Atemzüge sanft gegen den Halt drücken, dann ein wenig weiter loslassen.',
  'A shape that brings the body back to the middle after a deep one.':
    'Eine Haltung, die den Körper nach einer tiefen zur Mitte zurückbringt.',
  neutralise: 'neutralisieren',
  'deep buttock': 'tiefes Gesäß',
  'Piriformis and the small muscles beside it, under gluteus maximus. They turn the thigh outward.':
    'Piriformis und die kleinen Muskeln daneben, unter dem Gluteus maximus. Sie drehen den Oberschenkel aus.',
  piriformis: 'Piriformis',
  demand: 'Anforderung',
  'What a pose or test asks of a body: weight on the hands, a deep bend, one leg. Cautions are written in demands.':
    'Was eine Haltung oder ein Test vom Körper verlangt: Gewicht auf den Händen, tiefes Beugen, ein Bein. Vorsicht ist in Anforderungen geschrieben.',
  dose: 'Dosis',
  'How much of something in a week, in minutes held for length and in sets for strength.':
    'Wie viel von etwas in einer Woche, in gehaltenen Minuten für Länge und in Sätzen für Kraft.',
  draw: 'Ziehung',
  'One guess of a whole body that fits the readings. Many draws together make “65 in 100”.':
    'Eine Vermutung über einen ganzen Körper, die zu den Werten passt. Viele Ziehungen zusammen ergeben „65 von 100“.',
  sample: 'Stichprobe',
  'end feel': 'Endgefühl',
  'How a movement ends under your hands: soft, firm like a strap, hard like bone, or guarded.':
    'Wie eine Bewegung unter deinen Händen endet: weich, fest wie ein Gurt, hart wie Knochen, oder festgehalten.',
  'Where a pose begins. “Entry is enough” means that the beginning is already a full stretch.':
    'Wo eine Haltung beginnt. „Der Einstieg reicht“ heißt: schon der Anfang ist eine volle Dehnung.',
  'How much a reading can differ on the same body on the same day. Smaller changes say nothing.':
    'Wie sehr sich ein Wert am selben Körper am selben Tag unterscheiden kann. Kleinere Änderungen sagen nichts.',
  'detectable change': 'nachweisbare Änderung',
  extension: 'Streckung',
  'Straightening a joint, or bending it backward: the thigh going behind the body.':
    'Ein Gelenk strecken, oder nach hinten beugen: der Oberschenkel geht hinter den Körper.',
  FABER: 'FABER-Test',
  'A test on the back: ankle on the other knee, knee falling out. It asks the hip to bend, open and turn out.':
    'Ein Test auf dem Rücken: Knöchel auf dem anderen Knie, das Knie sinkt nach außen. Die Hüfte soll sich beugen, öffnen und ausdrehen.',
  'figure four': 'Vierer',
  'femoral version': 'Verdrehung des Oberschenkelknochens',
  'The twist of the thigh bone. It moves how far a hip turns in and out, and cannot be stretched.':
    'Die Drehung im Oberschenkelknochen. Sie verschiebt, wie weit eine Hüfte ein- und ausdreht, und lässt sich nicht dehnen.',
  version: 'Antetorsion',
  'twisted thigh bone': 'verdrehter Oberschenkelknochen',
  flexion: 'Beugung',
  'Bending a joint: the thigh coming up in front, the heel to the buttock.':
    'Ein Gelenk beugen: der Oberschenkel kommt vorn hoch, die Ferse zum Gesäß.',
  'The large buttock muscle. It takes the thigh back and turns it out.':
    'Der große Gesäßmuskel. Er führt den Oberschenkel zurück und dreht ihn aus.',
  buttock: 'Gesäß',
  'gluteus medius': 'Gluteus medius',
  'The muscle at the side of the hip that keeps the pelvis level on one leg.':
    'Der Muskel an der Seite der Hüfte, der das Becken auf einem Bein waagerecht hält.',
  'A muscle holding on because the body expects harm. It is not short.':
    'Ein Muskel hält fest, weil der Körper Schaden erwartet. Er ist nicht kurz.',
  'Muscles of the back of the thigh, from the sit bone to below the knee.':
    'Muskeln der Oberschenkelrückseite, vom Sitzbein bis unter das Knie.',
  'How long a shape is kept, in breaths or seconds.':
    'Wie lange eine Haltung gehalten wird, in Atemzügen oder Sekunden.',
  'A phone or tool that shows an angle against the upright.':
    'Ein Telefon oder Werkzeug, das einen Winkel gegen die Senkrechte zeigt.',
  instep: 'Fußrücken',
  'The top of the foot. It limits kneeling and sitting on the heels.':
    'Die Oberseite des Fußes. Sie begrenzt Knien und Sitzen auf den Fersen.',
  'knee joint': 'Kniegelenk',
  'When the knee itself stops a movement, it is eased and padded, never pushed.':
    'Wenn das Knie selbst eine Bewegung aufhält, wird es entlastet und gepolstert, nie gedrückt.',
  ladder: 'Leiter',
  'The rungs of one pose, from mild to deep.': 'Die Stufen einer Haltung, von mild bis tief.',
  'lateral hip': 'seitliche Hüfte',
  'The outer front of the hip: tensor fasciae latae and its long band.':
    'Die äußere Vorderseite der Hüfte: Tensor fasciae latae und sein langes Band.',
  TFL: 'TFL',
  'iliotibial band': 'Tractus iliotibialis',
  limiter: 'Begrenzer',
  'What stops a movement first. One of several may be likely, and then both are named.':
    'Was eine Bewegung zuerst aufhält. Von mehreren kann jeder wahrscheinlich sein, dann werden zwei genannt.',
  load: 'Last',
  'How hard a muscle works, as a share of what it can do.':
    'Wie schwer ein Muskel arbeitet, als Anteil dessen, was er kann.',
  work: 'Arbeit',
  'modified Thomas test': 'modifizierter Thomas-Test',
  'Lying at a table’s edge, one knee hugged: how far the other thigh hangs tells of the hip flexors.':
    'An der Tischkante liegend, ein Knie umarmt: wie weit der andere Oberschenkel hängt, spricht von den Hüftbeugern.',
  'moment arm': 'Hebelarm',
  'How far a muscle’s line passes from a joint. The farther, the more it turns the joint.':
    'Wie weit die Linie eines Muskels am Gelenk vorbeiläuft. Je weiter, desto mehr dreht er das Gelenk.',
  movement: 'Bewegung',
  'One direction at one joint, such as turning the thigh in with the hip straight.':
    'Eine Richtung an einem Gelenk, etwa den Oberschenkel bei gestreckter Hüfte eindrehen.',
  'nerve sign': 'Nervenzeichen',
  'A pull that changes when the foot or the head moves. It is eased, never stretched harder.':
    'Ein Zug, der sich ändert, wenn Fuß oder Kopf sich bewegen. Er wird gelöst, nie stärker gedehnt.',
  nerve: 'Nerv',
  'nerve-like pull': 'Ziehen wie vom Nerv',
  norm: 'Normwert',
  'What people like your student read on average, and how much they differ. Each names its study.':
    'Was Leute wie deine Person im Mittel messen, und wie sehr sie sich unterscheiden. Jeder nennt seine Studie.',
  typical: 'üblich',
  'Lying on the side, the upper leg lowered behind: how far it falls tells of the lateral hip.':
    'In Seitenlage wird das obere Bein hinten gesenkt: wie weit es sinkt, spricht von der seitlichen Hüfte.',
  peak: 'Gipfel',
  'The deepest shape of a practice, or one to work towards over weeks.':
    'Die tiefste Haltung einer Praxis, oder eine, auf die man über Wochen hinarbeitet.',
  'pelvic tilt': 'Beckenneigung',
  'The pelvis tipping forward or back. It changes every hip reading, so it is held still.':
    'Das Becken kippt vor oder zurück. Das ändert jeden Hüftwert, also wird es ruhig gehalten.',
  phase: 'Abschnitt',
  'A part of a practice: arriving, warming up, deepening, deepest, counter, rest.':
    'Ein Teil einer Praxis: ankommen, aufwärmen, vertiefen, am tiefsten, ausgleichen, ruhen.',
  'place felt': 'gespürte Stelle',
  'Where a stretch is felt. It tells limiters apart that read the same.':
    'Wo eine Dehnung zu spüren ist. Sie unterscheidet Begrenzer, die gleich messen.',
  prone: 'Bauchlage',
  'Lying on the front.': 'Auf dem Bauch liegend.',
  'The deep hip flexors, from spine and pelvis to the top of the thigh bone.':
    'Die tiefen Hüftbeuger, von Wirbelsäule und Becken zum oberen Ende des Oberschenkelknochens.',
  psoas: 'Psoas',
  iliacus: 'Iliacus',
  iliopsoas: 'Iliopsoas',
  'hip flexor': 'Hüftbeuger',
  'A check that the computation has settled. Near 1 is good; Kolpos goes on until it is.':
    'Eine Prüfung, ob die Rechnung zur Ruhe gekommen ist. Nahe 1 ist gut; Kolpos rechnet weiter, bis es so ist.',
  range: 'Bereich',
  'How far a joint goes, in degrees.': 'Wie weit ein Gelenk geht, in Grad.',
  'range of motion': 'Bewegungsumfang',
  ROM: 'ROM',
  'One measured number with its side, where it was felt and how it ended.':
    'Eine gemessene Zahl mit ihrer Seite, wo sie zu spüren war und wie sie endete.',
  'The front-thigh muscle that crosses both hip and knee.':
    'Der Muskel vorn am Oberschenkel, der über Hüfte und Knie zieht.',
  'red flag': 'Warnzeichen',
  'A sign that needs a clinician first. The nine safety questions look for them.':
    'Ein Zeichen, das zuerst fachlich angesehen werden muss. Die neun Sicherheitsfragen suchen danach.',
  rotation: 'Rotation',
  'Turning the thigh in or out about its own length.': 'Den Oberschenkel um seine eigene Länge ein- oder ausdrehen.',
  'A few poses on one side, then the same poses on the other.':
    'Ein paar Haltungen auf einer Seite, dann dieselben auf der anderen.',
  SD: 'SD',
  'Standard deviation: how much people differ. Two in three lie within one SD of the average.':
    'Standardabweichung: wie sehr sich Leute unterscheiden. Zwei von drei liegen innerhalb einer SD vom Mittel.',
  'standard deviation': 'Standardabweichung',
  'A run of repeats, or one hold of work. After its other side, or a rest, comes the next.':
    'Eine Folge von Wiederholungen, oder einmal Arbeit halten. Nach der anderen Seite, oder einer Pause, kommt der nächste.',
  share: 'Anteil',
  'A part of the whole. A stretch of .6 is six tenths of the way from slack to the end.':
    'Ein Teil vom Ganzen. Eine Dehnung von 0,6 ist sechs Zehntel des Wegs von schlaff bis zum Ende.',
  'slump test': 'Slump-Test',
  'Sitting rounded, the knee straightened: it asks whether a nerve is part of the pull.':
    'Rund sitzen, das Knie gestreckt: er fragt, ob ein Nerv am Zug beteiligt ist.',
  'On the back, one straight leg lifted by you. It reads the hamstrings, and sometimes a nerve.':
    'Auf dem Rücken, ein gestrecktes Bein von dir gehoben. Es misst die Beinrückseiten, und manchmal einen Nerv.',
  SLR: 'SLR',
  style: 'Stil',
  'How a practice is put together: flowing, held, quiet or strong.':
    'Wie eine Praxis gebaut ist: fließend, gehalten, ruhig oder kräftig.',
  supine: 'Rückenlage',
  'Lying on the back.': 'Auf dem Rücken liegend.',
  tolerance: 'Toleranz',
  'How much lengthening a student accepts before it is enough. It grows with practice more than muscle does.':
    'Wie viel Dehnung eine Person zulässt, bevor es genug ist. Sie wächst durch Üben mehr als der Muskel.',
  trial: 'Versuch',
  'One of up to three repeats of a reading. Their middle counts.':
    'Eine von bis zu drei Wiederholungen eines Werts. Ihre Mitte zählt.',
  'The front-thigh muscles that cross only the knee.':
    'Die Muskeln vorn am Oberschenkel, die nur über das Knie ziehen.',
  quadriceps: 'Quadrizeps',
  'Read after moving. Warm and cold readings are not compared with each other.':
    'Nach Bewegung gemessen. Warme und kalte Werte werden nicht miteinander verglichen.',
};
