import type { Phrases } from '../../phrases';

export const OF_TESTS_2: Phrases = {
  'Gastrocnemius length, weight-bearing lunge': 'Länge des Gastrocnemius, Ausfallschritt mit Gewicht',
  'Gastrocnemius.': 'Gastrocnemius.',
  'Standing in a step, hands on the wall. Back knee and back foot straight.':
    'Im Schritt stehen, Hände an der Wand. Hinteres Knie gestreckt, hinterer Fuß gerade.',
  'The heel stays down, the arch stays up.': 'Die Ferse bleibt unten, das Gewölbe oben.',
  'Lean forward over the back foot.': 'Über den hinteren Fuß nach vorn lehnen.',
  'Stop when the heel lifts or the knee bends. Read the shin against upright.':
    'Hör auf, wenn sich die Ferse hebt oder das Knie beugt. Lies das Schienbein gegen die Senkrechte ab.',
  'Shin from upright, knee straight': 'Schienbein zur Senkrechten, Knie gestreckt',
  'Straight leg raise': 'Gestrecktes Beinheben',
  'Passive straight leg raise (SLR)': 'Passives gestrecktes Beinheben (SLR)',
  'Hamstrings over a straight knee, and how the nerve of the leg bears it.':
    'Beinrückseiten bei gestrecktem Knie, und wie der Nerv des Beins es trägt.',
  'Lift the straight leg, knee straight, ankle loose.': 'Das gestreckte Bein heben, Knie gestreckt, Fuß locker.',
  'Stop when the knee wants to bend, the pelvis tips or the first strong pull comes.':
    'Hör auf, wenn sich das Knie beugen will, das Becken kippt oder der erste kräftige Zug kommt.',
  'leg turning out': 'Bein dreht nach außen',
  'Tingling below the knee, or an ache in back or buttock before 40°, stops the test.':
    'Kribbeln unter dem Knie, oder ein Schmerz in Rücken oder Gesäß vor 40°, beendet den Test.',
  'other knee bent': 'anderes Knie gebeugt',
  'The other foot stands on the floor, so that short hip flexors on that side do not tip the pelvis.':
    'Der andere Fuß steht auf, damit kurze Hüftbeuger dieser Seite das Becken nicht kippen.',
  'Ankle-sensitised: draw the foot up firmly before the leg is lifted, then lift as before. Hamstrings do not mind; the nerve does.':
    'Über den Fuß sensibilisiert: zieh den Fuß fest an, bevor das Bein gehoben wird, dann heb wie zuvor. Den Beinrückseiten ist das gleich; dem Nerv nicht.',
  'Leg above the floor': 'Bein über dem Boden',
  'leg on the floor': 'Bein am Boden',
  'Rikli & Jones 1999, as recalled': 'Rikli & Jones 1999, aus der Erinnerung',
  '30-second chair stand test': '30-Sekunden-Aufstehtest',
  'Quadriceps and buttocks in the everyday task; from 60 on it has norms of its own.':
    'Quadrizeps und Gesäß in der Alltagsaufgabe; ab 60 hat er eigene Normwerte.',
  'Sitting in the middle of a chair of 43–45 cm against a wall, feet flat, arms crossed on the chest.':
    'In der Mitte eines Stuhls von 43–45 cm an der Wand, Füße flach, Arme vor der Brust gekreuzt.',
  'Heels stay down, arms stay crossed.': 'Fersen bleiben unten, Arme gekreuzt.',
  'Stand up fully and sit down, as often as is safe in 30 seconds.':
    'Ganz aufstehen und hinsetzen, so oft es in 30 Sekunden sicher geht.',
  'Count full stands. More than half-way up when the time is over counts.':
    'Zähl ganze Aufstände. Mehr als halb oben, wenn die Zeit um ist, zählt.',
  'pushing with the arms': 'mit den Armen gedrückt',
  'not fully up': 'nicht ganz oben',
  'dropping into the seat': 'in den Sitz gefallen',
  'Stay beside whoever may fall. Pain in knee, hip or chest, or dizziness, ends it.':
    'Bleib neben allen, die fallen könnten. Schmerz in Knie, Hüfte oder Brust, oder Schwindel, beendet ihn.',
  'Full stands': 'Ganze Aufstände',
  'adults to 59': 'Erwachsene bis 59',
  'a default of ours: there are few studies below 60': 'eine Vorgabe von uns: unter 60 gibt es wenige Studien',
  'With the hands on the thighs, for whoever cannot rise without: a reading of its own.':
    'Mit den Händen auf den Oberschenkeln, für alle, die ohne nicht hochkommen: ein eigener Wert.',
  'Step-down, watched': 'Stufe hinab, beobachtet',
  'Lateral step-down test': 'Lateral step-down test',
  'How hip and knee of the standing leg are led when it bends.':
    'Wie Hüfte und Knie des Standbeins geführt werden, wenn es sich beugt.',
  'On a step of 15–20 cm beside a wall, fingertips on it, the other foot in the air.':
    'Auf einer Stufe von 15–20 cm neben der Wand, Fingerspitzen daran, der andere Fuß in der Luft.',
  'Look from in front: the kneecap and the second toe, both front hip bones.':
    'Schau von vorn: Kniescheibe und zweite Zehe, beide vorderen Hüftknochen.',
  'Bend slowly until the heel touches the floor, and come up. Five times.':
    'Langsam beugen, bis die Ferse den Boden berührt, und wieder hoch. Fünfmal.',
  'Grade what most of the five looked like.': 'Bewerte, wie die meisten der fünf aussahen.',
  'pushing off the floor': 'vom Boden abgestoßen',
  'too fast to be seen': 'zu schnell, um es zu sehen',
  'Pain in the knee or groin ends it. Not after a joint replacement.':
    'Schmerz in Knie oder Leiste beendet ihn. Nicht nach einem Gelenkersatz.',
  'How it is led': 'Wie es geführt wird',
  'not possible': 'nicht möglich',
  'not possible, or only by leaning on the hand': 'nicht möglich, oder nur auf die Hand gestützt',
  'knee inside the big toe and pelvis dropping': 'Knie einwärts der großen Zehe und Becken sinkt',
  'one of the two: knee inside, or pelvis dropping': 'eines von beidem: Knie einwärts, oder Becken sinkt',
  'knee over the foot, pelvis level': 'Knie über dem Fuß, Becken waagerecht',
  'one fault is common; rule of thumb': 'ein Fehler ist häufig; Faustregel',
  'Thigh lifted, lying on the front': 'Oberschenkel heben, in Bauchlage',
  'Prone hip extension strength': 'Kraft der Hüftstreckung in Bauchlage',
  'Gluteus maximus; the bent knee slackens the hamstrings. Look at hip length first.':
    'Gluteus maximus; das gebeugte Knie entspannt die Beinrückseiten. Sieh zuerst nach der Hüftlänge.',
  'On the front, knee bent to a right angle.': 'Auf dem Bauch, Knie rechtwinklig gebeugt.',
  'One hand keeps the pelvis down.': 'Eine Hand hält das Becken unten.',
  'Lift the thigh just off the table and hold it.': 'Den Oberschenkel knapp vom Tisch heben und halten.',
  'Stop when the low back arches, the knee straightens or the pelvis rolls.':
    'Hör auf, wenn sich der untere Rücken wölbt, das Knie streckt oder das Becken rollt.',
  'Low back pain or one sore point at the sit bone ends the test.':
    'Schmerz im unteren Rücken oder ein wunder Punkt am Sitzbein beendet den Test.',
  'Hold off the table': 'Halten über dem Tisch',
  '20 s is usual': '20 s sind üblich',
  'Push on the thigh': 'Druck auf den Oberschenkel',
  'Push of the thigh upwards': 'Druck des Oberschenkels nach oben',
  'Heel pulled in against a push, lying on the front': 'Ferse gegen einen Druck anziehen, in Bauchlage',
  'Prone knee flexion strength': 'Kraft der Kniebeugung in Bauchlage',
  'Hamstrings; a foot turned out loads the outer ones, turned in the inner ones.':
    'Beinrückseiten; ein ausgedrehter Fuß belastet die äußeren, ein eingedrehter die inneren.',
  'On the front, knee bent 45–60°. Pad behind the heel, just above the ankle.':
    'Auf dem Bauch, Knie 45–60° gebeugt. Polster hinter der Ferse, knapp über dem Knöchel.',
  'Pull the heel towards the buttock. Build up in 2 s, hold 3 s.':
    'Die Ferse zum Gesäß ziehen. In 2 s aufbauen, 3 s halten.',
  'The push that is held. Stop at cramp or when the hip rises.':
    'Der gehaltene Druck. Hör auf bei Krampf, oder wenn sich die Hüfte hebt.',
  'hip rising': 'Hüfte hebt sich',
  'Not within six weeks of a hamstring strain. One sore point at the sit bone or in the muscle ends the test.':
    'Nicht in den sechs Wochen nach einer Zerrung der Beinrückseite. Ein wunder Punkt am Sitzbein oder im Muskel beendet den Test.',
  'Pull of the heel': 'Zug der Ferse',
  'Pull of the heel, hand test': 'Zug der Ferse, Handtest',
  'Upper leg lifted, lying on the side': 'Oberes Bein heben, in Seitenlage',
  'Side-lying hip abduction strength': 'Kraft der Hüftabduktion in Seitenlage',
  'Gluteus medius and minimus. Strong here but dropping on one leg is a matter of control.':
    'Gluteus medius und minimus. Hier kräftig, aber auf einem Bein sinkend: das ist Führung.',
  'On the other side, upper leg in line with the trunk or a little behind, toes forward.':
    'Auf der anderen Seite, oberes Bein in einer Linie mit dem Rumpf oder etwas dahinter, Zehen nach vorn.',
  'The pelvis stays stacked, the waist long.': 'Das Becken bleibt übereinander, die Taille lang.',
  'Lift the leg about 30° and hold.': 'Das Bein etwa 30° heben und halten.',
  'Stop when the leg drifts forward, the toes turn up or the waist shortens.':
    'Hör auf, wenn das Bein nach vorn weicht, die Zehen nach oben drehen oder sich die Taille verkürzt.',
  'leg drifting forward': 'Bein weicht nach vorn',
  'toes turning up': 'Zehen drehen nach oben',
  'waist shortening': 'Taille verkürzt sich',
  'Soreness on the outer hip bone: hold in mid-range with little force, or leave it.':
    'Wundsein am äußeren Hüftknochen: im mittleren Bereich mit wenig Kraft halten, oder weglassen.',
  'Hold at 30°': 'Halten bei 30°',
  '45 s is usual and under 20 s limited': '45 s sind üblich, unter 20 s ist begrenzt',
  'Push of the leg upwards': 'Druck des Beins nach oben',
  'Push on the leg': 'Druck auf das Bein',
  'Lower leg lifted, lying on the side': 'Unteres Bein heben, in Seitenlage',
  'Side-lying hip adduction strength': 'Kraft der Hüftadduktion in Seitenlage',
  'Adductors; beside the abductors’ push it gives their ratio.':
    'Adduktoren; neben dem Druck der Abduktoren ergibt er ihr Verhältnis.',
  'On the tested side, upper leg bent forward on a support, lower leg straight.':
    'Auf der getesteten Seite, oberes Bein vorn gebeugt auf einer Unterlage, unteres Bein gestreckt.',
  'Lift the lower leg and hold.': 'Das untere Bein heben und halten.',
  'Stop when the leg sinks or the pelvis rolls.': 'Hör auf, wenn das Bein sinkt oder das Becken rollt.',
  'Not after a recent groin strain. Pain at the pubic bone or high on the inner thigh ends the test.':
    'Nicht nach einer frischen Leistenzerrung. Schmerz am Schambein oder hoch innen am Oberschenkel beendet den Test.',
  'Hold off the floor': 'Halten über dem Boden',
  '30 s is usual': '30 s sind üblich',
  'Bridge on one leg': 'Brücke auf einem Bein',
  'Single-leg bridge hold': 'Einbeinige Brücke, gehalten',
  'Gluteus maximus and hamstrings together, and whether the pelvis keeps level. Foot close: buttock; foot far: hamstrings.':
    'Gluteus maximus und Beinrückseiten zusammen, und ob das Becken waagerecht bleibt. Fuß nah: Gesäß; Fuß weit: Beinrückseiten.',
  'On the back, one foot down with the knee at a right angle, the other thigh beside it, knee straight.':
    'Auf dem Rücken, ein Fuß aufgestellt mit rechtwinkligem Knie, der andere Oberschenkel daneben, Knie gestreckt.',
  'The pelvis stays level.': 'Das Becken bleibt waagerecht.',
  'Lift the pelvis and hold.': 'Das Becken heben und halten.',
  'Stop when the pelvis drops or turns by more than two fingers, or at cramp.':
    'Hör auf, wenn das Becken um mehr als zwei Finger sinkt oder sich dreht, oder bei Krampf.',
  'pelvis turning': 'Becken dreht sich',
  'cramp at the back of the thigh': 'Krampf hinten am Oberschenkel',
  'Not late in pregnancy nor with a fresh strain of hamstring or calf. One sore point at the sit bone ends the test.':
    'Nicht spät in der Schwangerschaft und nicht mit frischer Zerrung an Beinrückseite oder Wade. Ein wunder Punkt am Sitzbein beendet den Test.',
  'Hold with a level pelvis': 'Halten mit waagerechtem Becken',
  '30 s is usual and under 15 s limited': '30 s sind üblich, unter 15 s ist begrenzt',
  'foot further away': 'Fuß weiter weg',
  'The foot stands a hand further away, knee less bent: more for the hamstrings.':
    'Der Fuß steht eine Hand weiter weg, das Knie weniger gebeugt: mehr für die Beinrückseiten.',
  'Squeeze between the knees': 'Zwischen den Knien drücken',
  'Adductor squeeze test': 'Adduktoren-Drucktest (squeeze)',
  'Adductors of both legs against each other.': 'Adduktoren beider Beine gegeneinander.',
  'On the back, hips bent about 45°, feet down, pad or cuff between the knees.':
    'Auf dem Rücken, Hüften etwa 45° gebeugt, Füße aufgestellt, Polster oder Manschette zwischen den Knien.',
  'Nothing else moves; the student goes on breathing.': 'Sonst bewegt sich nichts; die Person atmet weiter.',
  'Squeeze, build up in 2 s, hold 5 s.': 'Drücken, in 2 s aufbauen, 5 s halten.',
  'The squeeze that is held.': 'Der gehaltene Druck.',
  'breath held': 'Atem angehalten',
  'Pain at the pubic bone or in the groin ends the test.': 'Schmerz am Schambein oder in der Leiste beendet den Test.',
  Squeeze: 'Druck',
  'nothing seen or felt': 'nichts zu sehen oder zu spüren',
  'tightens, nothing moves': 'spannt sich, nichts bewegt sich',
  'moves with gravity taken away': 'bewegt sich ohne Schwerkraft',
  'moves against gravity': 'bewegt sich gegen die Schwerkraft',
  'holds a moderate push': 'hält einem mäßigen Druck stand',
  'holds the strongest push': 'hält dem stärksten Druck stand',
  'the start of the hold': 'der Beginn des Haltens',
  'no push': 'kein Druck',
  'adults 20–50, make test': 'Erwachsene 20–50, make-Test',
  'Knee lifted, sitting': 'Knie heben, im Sitzen',
  'Seated hip flexion strength': 'Kraft der Hüftbeugung im Sitzen',
  'Psoas and iliacus where they are short. Usual length and a weak hold here ask for strength, not stretch.':
    'Psoas und Iliacus, wo sie kurz sind. Übliche Länge und schwaches Halten verlangen hier Kraft, nicht Dehnung.',
  'Sitting tall, hands lightly on the table, pelvis upright.':
    'Aufrecht sitzen, Hände leicht auf dem Tisch, Becken aufrecht.',
  'The pelvis stays upright; the trunk does not lean back.':
    'Das Becken bleibt aufrecht; der Rumpf lehnt nicht zurück.',
  'Help the knee up 5–8 cm, let go, and let the student hold it there.':
    'Hilf dem Knie 5–8 cm hoch, lass los und lass die Person es dort halten.',
  'Stop when the thigh sinks to level, the trunk leans back or the thigh turns or drifts.':
    'Hör auf, wenn der Oberschenkel zur Waagerechten sinkt, der Rumpf zurücklehnt oder der Oberschenkel dreht oder ausweicht.',
  'trunk leaning back': 'Rumpf lehnt zurück',
  'thigh drifting out and turning in': 'Oberschenkel weicht nach außen und dreht ein',
  'A pinch in the groin or a click that hurts ends the test.':
    'Ein Klemmen in der Leiste oder ein Klicken, das schmerzt, beendet den Test.',
  'Hold above level': 'Halten über der Waagerechten',
  '15 s is usual and under 5 s limited': '15 s sind üblich, unter 5 s ist begrenzt',
  'Turning the thigh against a push, sitting': 'Oberschenkel gegen einen Druck drehen, im Sitzen',
  'Seated hip rotation strength': 'Kraft der Hüftrotation im Sitzen',
  'Muscles that turn the thigh in and out with the hip bent; beside the range it shows which end is weak.':
    'Muskeln, die den Oberschenkel bei gebeugter Hüfte ein- und ausdrehen; neben dem Bereich zeigt es, welches Ende schwach ist.',
  'Sitting, hip and knee at a right angle, a roll under the thigh. Pad just above the ankle.':
    'Sitzen, Hüfte und Knie rechtwinklig, eine Rolle unter dem Oberschenkel. Polster knapp über dem Knöchel.',
  'The thigh stays on the table, the trunk upright.': 'Der Oberschenkel bleibt auf dem Tisch, der Rumpf aufrecht.',
  'Turning in: push the foot outwards against the pad. Turning out: push it inwards. Build up in 2 s, hold 3 s.':
    'Eindrehen: den Fuß nach außen gegen das Polster drücken. Ausdrehen: nach innen drücken. In 2 s aufbauen, 3 s halten.',
  'The push that is held. Stop when the thigh lifts or the trunk leans.':
    'Der gehaltene Druck. Hör auf, wenn sich der Oberschenkel hebt oder der Rumpf lehnt.',
  'A pinch in the groin ends it. After hip surgery from behind nobody pushes inward.':
    'Ein Klemmen in der Leiste beendet ihn. Nach einer Hüftoperation von hinten drückt niemand nach innen.',
  'Turning in, push': 'Eindrehen, Druck',
  'Turning out, push': 'Ausdrehen, Druck',
  'Turning in, hand test': 'Eindrehen, Handtest',
  'Turning out, hand test': 'Ausdrehen, Handtest',
  'Straightening the knee against a push, sitting': 'Knie gegen einen Druck strecken, im Sitzen',
  'Seated knee extension strength': 'Kraft der Kniestreckung im Sitzen',
  'Quadriceps; beside the hamstrings’ push it gives their ratio.':
    'Quadrizeps; neben dem Druck der Beinrückseiten ergibt er ihr Verhältnis.',
  'Sitting, hip and knee at a right angle, hands beside. Pad in front of the shin, just above the ankle.':
    'Sitzen, Hüfte und Knie rechtwinklig, Hände daneben. Polster vorn am Schienbein, knapp über dem Knöchel.',
  'The thigh stays down, the trunk upright; strap the pad where the student is stronger than you.':
    'Der Oberschenkel bleibt unten, der Rumpf aufrecht; befestige das Polster, wo die Person stärker ist als du.',
  'Push the shin forward. Build up in 2 s, hold 3 s.': 'Das Schienbein nach vorn drücken. In 2 s aufbauen, 3 s halten.',
  'The push that is held.': 'Der gehaltene Druck.',
  'pad slipping': 'Polster rutscht',
  'Pain at the kneecap ends the test. Never a full push on a sore knee.':
    'Schmerz an der Kniescheibe beendet den Test. Nie voll auf ein wundes Knie drücken.',
  'Push of the shin forward': 'Druck des Schienbeins nach vorn',
  'Wall sit hold': 'Wandsitz, gehalten',
  'Quadriceps of both legs.': 'Quadrizeps beider Beine.',
  'Back on the wall, hips and knees at right angles, feet under the knees.':
    'Rücken an der Wand, Hüften und Knie rechtwinklig, Füße unter den Knien.',
  'Hands off the thighs; breathing goes on.': 'Hände weg von den Oberschenkeln; der Atem geht weiter.',
  'Hold for as long as it stays steady.': 'Halten, solange es ruhig bleibt.',
  'Stop when the body slides by more than a hand or the hands go to the thighs.':
    'Hör auf, wenn der Körper um mehr als eine Hand rutscht oder die Hände zu den Oberschenkeln gehen.',
  'Pain in front of the knee: go less deep. With high blood pressure keep breathing or leave it.':
    'Schmerz vorn am Knie: weniger tief. Bei hohem Blutdruck weiteratmen oder weglassen.',
  'Hold at right angles': 'Halten im rechten Winkel',
  '60 s is usual and under 30 s limited': '60 s sind üblich, unter 30 s ist begrenzt',
  'Heel raises on one leg': 'Fersenheben auf einem Bein',
  'Single-leg heel-rise test': 'Einbeiniges Fersenheben',
  'Calf; with the knee bent more the soleus.': 'Wade; mit gebeugtem Knie mehr der Soleus.',
  'On one leg, fingertips on the wall, knee straight.': 'Auf einem Bein, Fingerspitzen an der Wand, Knie gestreckt.',
  'The knee stays straight, the foot upright.': 'Das Knie bleibt gestreckt, der Fuß aufrecht.',
  'Up to full height and down, once every two seconds.': 'Ganz hoch und wieder hinab, einmal alle zwei Sekunden.',
  'Stop when less than half the height is reached, the knee bends or balance is lost twice.':
    'Hör auf, wenn weniger als die halbe Höhe erreicht wird, sich das Knie beugt oder das Gleichgewicht zweimal verloren geht.',
  'toes clawing': 'Zehen krallen',
  'foot rolling out': 'Fuß rollt nach außen',
  'A hot, swollen or tender calf is never tested. One sore point at the heel tendon ends the test.':
    'Eine heiße, geschwollene oder druckempfindliche Wade wird nie getestet. Ein wunder Punkt an der Achillessehne beendet den Test.',
  'Full raises': 'Ganze Hebungen',
  'adults 20–59': 'Erwachsene 20–59',
  'from 60': 'ab 60',
  'a default of ours; Jan 2005 counted 3–4 with a stricter method':
    'eine Vorgabe von uns; Jan 2005 zählte mit strengerer Methode 3–4',
  'The knee stays bent 30–45° throughout: more for the soleus.':
    'Das Knie bleibt durchweg 30–45° gebeugt: mehr für den Soleus.',
  'Springer 2007 (cap 45 s), spreads as recalled': 'Springer 2007 (Grenze 45 s), Streuungen aus der Erinnerung',
  'Single-leg stance (Trendelenburg sign)': 'Einbeinstand (Trendelenburg-Zeichen)',
  'Abductors of the standing hip, and balance.': 'Abduktoren der Standhüfte, und Gleichgewicht.',
  'On one leg, the other hip bent about 30°, hands free, eyes open, wall within reach.':
    'Auf einem Bein, die andere Hüfte etwa 30° gebeugt, Hände frei, Augen offen, Wand in Reichweite.',
  'Look at the pelvis from behind.': 'Schau von hinten auf das Becken.',
  'Stand for 45 seconds.': '45 Sekunden stehen.',
  'Stop when the lifted foot touches down or the standing foot shifts. Note what the pelvis did.':
    'Hör auf, wenn der gehobene Fuß aufsetzt oder der Standfuß sich versetzt. Notiere, was das Becken tat.',
  'lifted leg leaning on the other': 'gehobenes Bein stützt sich am anderen',
  'An ache at the outer hip within 30 s: ease off and suggest a clinician. Stay near whoever may fall.':
    'Ein Ziehen außen an der Hüfte innerhalb von 30 s: lass nach und rate zu jemandem vom Fach. Bleib bei allen, die fallen könnten.',
  'Time on one leg': 'Zeit auf einem Bein',
  'What the pelvis does': 'Was das Becken tut',
  'foot down at once': 'Fuß gleich unten',
  'pelvis drops on the lifted side': 'Becken sinkt auf der gehobenen Seite',
  'trunk leans over the standing leg': 'Rumpf lehnt über das Standbein',
  'pelvis level': 'Becken waagerecht',
  'level for 30 s is usual (method Hardcastle & Nade 1985); rule of thumb':
    '30 s waagerecht ist üblich (Methode Hardcastle & Nade 1985); Faustregel',
  'eyes closed': 'Augen geschlossen',
  'With the eyes closed; much shorter at every age. Stand close.':
    'Mit geschlossenen Augen; in jedem Alter viel kürzer. Steh nah dabei.',
  'finger on the wall': 'Finger an der Wand',
  'One finger on the wall: then only the pelvis counts, not the time.':
    'Ein Finger an der Wand: dann zählt nur das Becken, nicht die Zeit.',
  'Both legs lowered': 'Beide Beine senken',
  'Double-leg lowering test': 'Test: beide Beine senken',
  'Lower abdominals against the pull of the hip flexors. Short hip flexors make the loss look greater.':
    'Untere Bauchmuskeln gegen den Zug der Hüftbeuger. Kurze Hüftbeuger lassen den Verlust größer aussehen.',
  'On the back, both legs upright, low back flat on your hand.':
    'Auf dem Rücken, beide Beine senkrecht, unterer Rücken flach auf deiner Hand.',
  'Your hand under the low back feels when it lifts.': 'Deine Hand unter dem unteren Rücken spürt, wann er sich hebt.',
  'Lower both legs slowly, about ten seconds for the whole way.':
    'Beide Beine langsam senken, etwa zehn Sekunden für den ganzen Weg.',
  'Read the legs against level where the low back leaves your hand. The knees may bend a little.':
    'Lies die Beine gegen die Waagerechte ab, wo der untere Rücken deine Hand verlässt. Die Knie dürfen sich etwas beugen.',
  'head lifting': 'Kopf hebt sich',
  'dropping fast': 'fallen schnell',
  'A pinch in the low back ends the test. Not in pregnancy, nor within twelve weeks after a birth.':
    'Ein Klemmen im unteren Rücken beendet den Test. Nicht in der Schwangerschaft, nicht in den zwölf Wochen nach einer Geburt.',
  'Legs above level where the back lifts': 'Beine über der Waagerechten, wo sich der Rücken hebt',
  'legs level': 'Beine waagerecht',
  'most adults lose the back at 45–60° above level, as recalled; rule of thumb':
    'die meisten Erwachsenen verlieren den Rücken bei 45–60° über der Waagerechten, aus der Erinnerung; Faustregel',
  'With the knees bent to a right angle: the milder way, first for beginners.':
    'Mit rechtwinklig gebeugten Knien: die mildere Art, für den Anfang.',
  'Plank on the forearms': 'Brett auf den Unterarmen',
  'Prone bridge (forearm plank) hold': 'Unterarmstütz, gehalten',
  'Front of the trunk.': 'Vorderseite des Rumpfs.',
  'On forearms and toes, elbows under the shoulders, body in one line.':
    'Auf Unterarmen und Zehen, Ellbogen unter den Schultern, der Körper in einer Linie.',
  'Breathing goes on.': 'Der Atem geht weiter.',
  'Hold the line.': 'Die Linie halten.',
  'Stop when the hips sag or rise for the second time.':
    'Hör auf, wenn die Hüften zum zweiten Mal durchhängen oder steigen.',
  'hips sagging': 'Hüften hängen durch',
  'hips rising': 'Hüften steigen',
  'An ache in the low back ends the test. With high blood pressure, sore wrists or in pregnancy use the milder way.':
    'Ein Schmerz im unteren Rücken beendet den Test. Bei hohem Blutdruck, wunden Handgelenken oder in der Schwangerschaft die mildere Art.',
  'Hold in one line': 'Halten in einer Linie',
  'On forearms and knees, line from knees to head.': 'Auf Unterarmen und Knien, Linie von den Knien zum Kopf.',
  'Side bridge hold': 'Seitstütz, gehalten',
  'Side of the trunk and the hip abductors of the lower side.':
    'Seite des Rumpfs und die Hüftabduktoren der unteren Seite.',
  'On the tested side, elbow under the shoulder, feet stacked or one before the other.':
    'Auf der getesteten Seite, Ellbogen unter der Schulter, Füße übereinander oder hintereinander.',
  'The hips stay in line with shoulders and feet.': 'Die Hüften bleiben in einer Linie mit Schultern und Füßen.',
  'Lift the hips and hold.': 'Die Hüften heben und halten.',
  'Stop when the hips sink.': 'Hör auf, wenn die Hüften sinken.',
  'rolling forward or back': 'rollt nach vorn oder hinten',
  'shoulder sinking': 'Schulter sinkt',
  'A sore shoulder or outer hip: from the knees, or leave it. Not late in pregnancy.':
    'Wunde Schulter oder äußere Hüfte: von den Knien aus, oder weglassen. Nicht spät in der Schwangerschaft.',
  'Hold in line': 'Halten in einer Linie',
  'young men, both sides together': 'junge Männer, beide Seiten zusammen',
  'young women, both sides together': 'junge Frauen, beide Seiten zusammen',
  'from the knees': 'von den Knien aus',
  'Knees bent, line from knees to head.': 'Knie gebeugt, Linie von den Knien zum Kopf.',
  'Trunk held level over the edge': 'Rumpf waagerecht über der Kante halten',
  'Biering-Sørensen test': 'Biering-Sørensen-Test',
  'Back of the trunk and of the hips.': 'Rückseite des Rumpfs und der Hüften.',
  'On the front, front hip bones at the table’s edge, legs strapped or held, arms crossed.':
    'Auf dem Bauch, vordere Hüftknochen an der Tischkante, Beine gegurtet oder gehalten, Arme gekreuzt.',
  'The legs are held down; the student goes on breathing.': 'Die Beine werden unten gehalten; die Person atmet weiter.',
  'Hold the trunk level.': 'Den Rumpf waagerecht halten.',
  'Stop when the trunk sinks by more than 10°. The first trials stopped at 240 s.':
    'Hör auf, wenn der Rumpf um mehr als 10° sinkt. Die ersten Versuche endeten bei 240 s.',
  'hip bones sliding': 'Hüftknochen rutschen',
  'Tiredness in the back is usual, pain is not and ends the test. Not with brittle bones, in pregnancy or with high blood pressure.':
    'Müdigkeit im Rücken ist üblich, Schmerz nicht und beendet den Test. Nicht bei brüchigen Knochen, in der Schwangerschaft oder bei hohem Blutdruck.',
  'Hold level': 'Waagerecht halten',
  'young men': 'junge Männer',
  'young women': 'junge Frauen',
  'Leg sliding out': 'Bein gleitet nach außen',
  'Supine hip abduction': 'Hüftabduktion in Rückenlage',
  'Adductors; the bent knee takes the gracilis out.': 'Adduktoren; das gebeugte Knie nimmt den Gracilis heraus.',
  'On the back at the edge of the table, hips level, toes up.':
    'Auf dem Rücken am Rand des Tischs, Hüften waagerecht, Zehen nach oben.',
  'The other leg hooks over its edge or is held; one hand on the near front hip bone.':
    'Das andere Bein hakt sich über die Kante oder wird gehalten; eine Hand auf dem nahen vorderen Hüftknochen.',
  'Slide the leg out without turning it. Then once more with the knee bent over the edge.':
    'Das Bein hinausgleiten lassen, ohne es zu drehen. Dann noch einmal mit gebeugtem Knie über der Kante.',
  'Stop when the pelvis hikes or the stop is firm.': 'Hör auf, wenn das Becken hochzieht oder das Ende fest ist.',
  'pelvis hiking': 'Becken zieht hoch',
  'Sharp pain at the pubic bone ends the test. Not with pubic pain in pregnancy.':
    'Scharfer Schmerz am Schambein beendet den Test. Nicht bei Schambeinschmerz in der Schwangerschaft.',
  'Out with the knee straight': 'Hinaus mit gestrecktem Knie',
  'thigh in line with the trunk': 'Oberschenkel in einer Linie mit dem Rumpf',
  'Out with the knee bent': 'Hinaus mit gebeugtem Knie',
  'Twist of the thigh bone, by feel': 'Verdrehung des Oberschenkelknochens, getastet',
  'Craig’s test (femoral anteversion)': 'Craig-Test (femorale Antetorsion)',
  'How the thigh bone is twisted by nature, so that stretching is not asked to change bone.':
    'Wie der Oberschenkelknochen von Natur aus verdreht ist, damit niemand Knochen dehnen will.',
  'One hand feels the outer knob of the thigh bone at the hip.':
    'Eine Hand tastet den äußeren Knubbel des Oberschenkelknochens an der Hüfte.',
  'Turn the shin slowly out and in with the other hand.':
    'Den Unterschenkel mit der anderen Hand langsam aus- und eindrehen.',
  'Stop where the knob stands out most to the side. Read the shin against upright.':
    'Hör auf, wo der Knubbel am weitesten zur Seite steht. Lies das Schienbein gegen die Senkrechte ab.',
  'knob hard to feel': 'Knubbel schwer zu tasten',
  'knee giving sideways': 'Knie gibt zur Seite nach',
  'A hint, not a finding: fingers and pictures of the bone agree only roughly. Ask before you touch.':
    'Ein Hinweis, kein Befund: Finger und Bilder des Knochens stimmen nur ungefähr überein. Frag, bevor du berührst.',
  'Shin where the knob stands out': 'Schienbein, wo der Knubbel heraussteht',
  'shin upright; + foot outwards': 'Schienbein senkrecht; + Fuß nach außen',
  '8–20° is usual; rule of thumb': '8–20° sind üblich; Faustregel',
  'The outside of the hip hurts when I lie on it or stand on one leg':
    'Die Außenseite der Hüfte schmerzt, wenn ich darauf liege oder auf einem Bein stehe',
  'tendons of the outer hip': 'Sehnen der äußeren Hüfte',
  'TFL and its band': 'TFL und sein Band',
  'the joint': 'das Gelenk',
  'the low back': 'der untere Rücken',
  'No crossing of the legs; quiet holds for the outer hip.':
    'Kein Kreuzen der Beine; ruhiges Halten für die äußere Hüfte.',
  'Longer than four weeks, pain at night or a limp.': 'Länger als vier Wochen, Schmerz nachts oder Hinken.',
  'The front of the hip is stiff after sitting': 'Die Vorderseite der Hüfte ist nach dem Sitzen steif',
  'length of psoas and iliacus, rectus femoris or TFL': 'Länge von Psoas und Iliacus, Rectus femoris oder TFL',
  'the front of the joint': 'die Vorderseite des Gelenks',
  'a weak psoas': 'ein schwacher Psoas',
  'Straighten the hip gently with a little buttock.': 'Die Hüfte sanft mit etwas Gesäß strecken.',
  'A pinch, catching or locking.': 'Klemmen, Haken oder Blockieren.',
  'It pinches in the groin when I bend deeply or squat': 'Es klemmt in der Leiste, wenn ich mich tief beuge oder hocke',
  'bone meeting bone': 'Knochen trifft Knochen',
  'the rim of the joint': 'der Rand des Gelenks',
  'Wider and less deep.': 'Weiter und weniger tief.',
  'Unchanged after two to four weeks, at night, or catching.':
    'Nach zwei bis vier Wochen unverändert, nachts, oder mit Haken.',
  'The inner thigh or groin pulls': 'Die Innenseite des Oberschenkels oder die Leiste zieht',
  'the pubic joint': 'die Schambeinfuge',
  'the hip joint': 'das Hüftgelenk',
  'Load the adductors gently.': 'Die Adduktoren sanft belasten.',
  'A sore pubic bone in pregnancy, a lump, or fever.':
    'Wundes Schambein in der Schwangerschaft, eine Beule, oder Fieber.',
  'Deep in the buttock, with tingling or an ache down the leg':
    'Tief im Gesäß, mit Kribbeln oder Schmerz das Bein hinab',
  'the nerve, at the low back first': 'der Nerv, zuerst am unteren Rücken',
  'the nerve deep in the buttock': 'der Nerv tief im Gesäß',
  'No long holds; walking.': 'Kein langes Halten; gehen.',
  'Weakness, numbness or getting worse: soon.': 'Schwäche, Taubheit oder Verschlechterung: bald.',
  'Deep in the buttock, nothing in the leg': 'Tief im Gesäß, nichts im Bein',
  'the back of the pelvis': 'die Rückseite des Beckens',
  'referred from the back': 'vom Rücken her',
  'Lengthen and load, both.': 'Dehnen und kräftigen, beides.',
  'Unchanged after six weeks.': 'Nach sechs Wochen unverändert.',
  'The sit bone is sore in forward folds or sitting': 'Das Sitzbein ist wund beim Vorbeugen oder Sitzen',
  'tendon of the hamstrings': 'Sehne der Beinrückseiten',
  'deep rotators': 'tiefe Rotatoren',
  'a bursa': 'ein Schleimbeutel',
  'Knees bent, load rather than stretch.': 'Knie gebeugt, eher belasten als dehnen.',
  'Longer than four to six weeks, or a sudden pop.': 'Länger als vier bis sechs Wochen, oder ein plötzlicher Knall.',
  'The middle of the back thigh pulls': 'Die Mitte der Oberschenkelrückseite zieht',
  'the nerve': 'der Nerv',
  'Stretch and strength together.': 'Dehnung und Kraft zusammen.',
  'A pop, a bruise, or walking is hard.': 'Ein Knall, ein Bluterguss, oder Gehen fällt schwer.',
  'Tight behind the knee': 'Eng hinter dem Knie',
  'the back of the knee joint': 'die Rückseite des Kniegelenks',
  'a swelling': 'eine Schwellung',
};
