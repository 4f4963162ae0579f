import type { Phrases } from '../../phrases';

export const OF_TESTS_4: Phrases = {
  'untrained adults': 'untrainierte Erwachsene',
  'recreational athletes': 'Freizeitsportler',
  'elite athletes': 'Spitzensportler',
  'Bend of the hanging knee': 'Beugung des hängenden Knies',
  'straight knee': 'Knie gestreckt',
  'Sideways drift of the thigh': 'Abweichen des Oberschenkels zur Seite',
  'thigh in line with the trunk; + outwards': 'Oberschenkel in einer Linie mit dem Rumpf; + nach außen',
  'Slumped sitting, knee straightened': 'Rund sitzen, Knie strecken',
  'Slump test': 'Slump-Test',
  'Whether a pull behind the leg changes with the head: then it is not the muscle alone.':
    'Ob sich ein Zug hinten am Bein mit dem Kopf ändert: dann ist es nicht allein der Muskel.',
  'Sitting at the front of a seat, hands behind the back.': 'Vorn auf dem Sitz, Hände hinter dem Rücken.',
  'The pelvis stays upright; you press nothing.': 'Das Becken bleibt aufrecht; du drückst nichts.',
  'Let the back round and the chin sink, then straighten one knee and draw the foot back, as far as is easy. Then lift the head.':
    'Den Rücken rund und das Kinn sinken lassen, dann ein Knie strecken und den Fuß anziehen, so weit es leicht geht. Dann den Kopf heben.',
  'Stop at the first pull that is felt, lift the head, and ask what changed.':
    'Hör beim ersten spürbaren Zug auf, lass den Kopf heben und frag, was sich ändert.',
  'trunk leaning away': 'Rumpf lehnt weg',
  'a jerk at the end': 'ein Ruck am Ende',
  'Leave it out with fresh pain down a leg, growing weakness or numbness, and with brittle bones. Never push.':
    'Lass ihn weg bei frischem Schmerz das Bein hinab, zunehmender Schwäche oder Taubheit, und bei brüchigen Knochen. Nie drücken.',
  'What lifting the head changes': 'Was das Heben des Kopfes ändert',
  'the known trouble, eased by lifting the head': 'die bekannte Beschwerde, gelöst durch Heben des Kopfes',
  'the known trouble comes, and lifting the head eases it':
    'die bekannte Beschwerde kommt, und Heben des Kopfes löst sie',
  'a pull behind knee or calf that lifting the head eases': 'ein Zug hinter Knie oder Wade, den Heben des Kopfes löst',
  'a stretch of the thigh that the head does not change': 'eine Dehnung des Oberschenkels, die der Kopf nicht ändert',
  'a pull that the head eases is common and alike on both sides; rule of thumb':
    'ein Zug, den der Kopf löst, ist häufig und auf beiden Seiten gleich; Faustregel',
  'Nine points of general mobility': 'Neun Punkte allgemeiner Beweglichkeit',
  'Generalised joint mobility score (nine points)': 'Punktwert allgemeiner Gelenkbeweglichkeit (neun Punkte)',
  'Whether all joints are mobile: then strength in mid-range comes before length.':
    'Ob alle Gelenke beweglich sind: dann kommt Kraft im mittleren Bereich vor Länge.',
  'Standing, sleeves up. A table beside you.': 'Stehen, Ärmel hoch. Ein Tisch daneben.',
  'Nothing is pushed: a joint that has to be forced does not count.':
    'Nichts wird gedrückt: ein Gelenk, das gezwungen werden muss, zählt nicht.',
  'One point each side: little finger bends back beyond 90°, thumb reaches the forearm, elbow and knee straighten more than 10° beyond straight. One for flat palms with straight knees.':
    'Je Seite ein Punkt: kleiner Finger über 90° zurück, Daumen erreicht den Unterarm, Ellbogen und Knie strecken sich mehr als 10° über die Gerade. Einer für flache Handflächen bei gestreckten Knien.',
  'Add the points. Leave out what hurts or was injured, and write it in the note.':
    'Zähl die Punkte. Lass weg, was schmerzt oder verletzt war, und schreib es in die Notiz.',
  'a joint forced': 'ein Gelenk gezwungen',
  'an injured side counted': 'eine verletzte Seite gezählt',
  'Leave out the forward bend with back trouble that runs into a leg, brittle bones or late in pregnancy.':
    'Lass die Vorbeuge weg bei Rückenbeschwerden, die ins Bein ziehen, brüchigen Knochen oder spät in der Schwangerschaft.',
  Points: 'Punkte',
  'no joint goes so far': 'kein Gelenk geht so weit',
  'five or more of nine counts as very mobile, four from 50 on; rule of thumb':
    'fünf oder mehr von neun gelten als sehr beweglich, ab 50 vier; Faustregel',
  'Low back bending, by tape': 'Beugung des unteren Rückens, mit dem Band',
  'Modified Schober test': 'Modifizierter Schober-Test',
  'How much of a forward bend the low back gives: what it does not give, the hips must.':
    'Wie viel von einer Vorbeuge der untere Rücken gibt: was er nicht gibt, müssen die Hüften geben.',
  'Standing. A mark between the two dimples of the pelvis, one 5 cm below it and one 10 cm above.':
    'Stehen. Eine Marke zwischen den beiden Grübchen des Beckens, eine 5 cm darunter und eine 10 cm darüber.',
  'Knees straight, breath going.': 'Knie gestreckt, der Atem fließt.',
  'Bend forward as far as is easy.': 'Nach vorn beugen, so weit es leicht geht.',
  'Measure between the outer marks and take off the 15 cm.': 'Miss zwischen den äußeren Marken und zieh die 15 cm ab.',
  'knees bending': 'Knie beugen sich',
  'marks moved with the skin': 'Marken mit der Haut verschoben',
  'Leave it out with brittle bones and with back trouble that runs into a leg.':
    'Lass ihn weg bei brüchigen Knochen und bei Rückenbeschwerden, die ins Bein ziehen.',
  'How much longer the back grows': 'Wie viel länger der Rücken wird',
  'the 15 cm of standing': 'die 15 cm des Stehens',
  'five to eight centimetres is usual; as recalled': 'fünf bis acht Zentimeter sind üblich; aus der Erinnerung',
  'Bent leg sinking, lying on the side': 'Gebeugtes Bein sinkt, in Seitenlage',
  'Ober test': 'Ober-Test',
  'Outer hip and thigh with the knee bent; beside the straight-knee reading it shows what crosses the knee.':
    'Äußere Hüfte und Oberschenkel bei gebeugtem Knie; neben dem Wert mit gestrecktem Knie zeigt er, was über das Knie zieht.',
  'On the other side, under knee bent. The upper knee is bent to a right angle, the thigh a little behind the trunk.':
    'Auf der anderen Seite, unteres Knie gebeugt. Das obere Knie ist rechtwinklig gebeugt, der Oberschenkel etwas hinter dem Rumpf.',
  'Let the upper thigh sink towards the table; your other hand carries the shin.':
    'Den oberen Oberschenkel zum Tisch sinken lassen; deine andere Hand trägt den Unterschenkel.',
  'Stop when the pelvis begins to tilt or the thigh rests. Read the thigh against level.':
    'Hör auf, wenn das Becken zu kippen beginnt oder der Oberschenkel ruht. Lies den Oberschenkel gegen die Waagerechte ab.',
  'Soreness on the outer hip bone stops the test; do not repeat it. With a sore knee take the straight-knee way.':
    'Wundsein am äußeren Hüftknochen beendet den Test; wiederhol ihn nicht. Bei wundem Knie nimm die Art mit gestrecktem Knie.',
  'Thigh below level, knee bent': 'Oberschenkel unter der Waagerechten, Knie gebeugt',
  'rule of thumb': 'Faustregel',
  'Knee above the table': 'Knie über dem Tisch',
  'knee on the table': 'Knie am Tisch',
  'college age, active range': 'Studierende, aktiver Bereich',
  'Thigh turning, lying on the front': 'Oberschenkel drehen, in Bauchlage',
  'Prone hip rotation': 'Hüftrotation in Bauchlage',
  'Turning of the thigh with the hip straight: outward rotators against inward ones, capsule and bone.':
    'Drehung des Oberschenkels bei gestreckter Hüfte: Auswärtsdreher gegen Einwärtsdreher, Kapsel und Knochen.',
  'on the front': 'auf dem Bauch',
  'Face down, thighs parallel, knee bent to a right angle.':
    'Auf dem Bauch, Oberschenkel parallel, Knie rechtwinklig gebeugt.',
  'One hand on the sacrum. For turning in the opposite buttock stays down, for turning out the same one.':
    'Eine Hand auf dem Kreuzbein. Beim Eindrehen bleibt die andere Gesäßhälfte unten, beim Ausdrehen dieselbe.',
  'Turning in: the foot travels outwards. Turning out: the foot travels inwards, across.':
    'Eindrehen: der Fuß wandert nach außen. Ausdrehen: der Fuß wandert nach innen, hinüber.',
  'Stop when the pelvis begins to roll or the stop is firm. Read the shin against upright.':
    'Hör auf, wenn das Becken zu rollen beginnt oder das Ende fest ist. Lies das Schienbein gegen die Senkrechte ab.',
  'buttock lifting': 'Gesäß hebt sich',
  'knee angle changing': 'Kniewinkel ändert sich',
  'knee giving instead of the hip': 'Knie gibt nach statt der Hüfte',
  'After a knee ligament injury hold above the knee. Not after hip surgery from the front.':
    'Nach einer Knieband-Verletzung über dem Knie halten. Nicht nach einer Hüftoperation von vorn.',
  'Turning in (foot outwards)': 'Eindrehen (Fuß nach außen)',
  'Turning out (foot inwards)': 'Ausdrehen (Fuß nach innen)',
  'Heel to buttock, lying on the front': 'Ferse zum Gesäß, in Bauchlage',
  'Ely test (prone knee bend)': 'Ely-Test (Kniebeugung in Bauchlage)',
  'Rectus femoris with the hip straight; a look at the knee.':
    'Rectus femoris bei gestreckter Hüfte; ein Blick auf das Knie.',
  'Face down, legs together, forehead on the hands.': 'Auf dem Bauch, Beine zusammen, Stirn auf den Händen.',
  'One hand rests on the sacrum and feels for the pelvis tipping.':
    'Eine Hand ruht auf dem Kreuzbein und spürt, ob das Becken kippt.',
  'Bend the knee slowly, heel towards the buttock.': 'Das Knie langsam beugen, Ferse zum Gesäß.',
  'Stop when the pelvis tips, the hip lifts, the pull is firm or the heel arrives.':
    'Hör auf, wenn das Becken kippt, die Hüfte sich hebt, der Zug fest ist oder die Ferse ankommt.',
  'thigh sliding out': 'Oberschenkel gleitet nach außen',
  'Not with knee pain or a recent knee operation. Burning at the front of the thigh stops the test.':
    'Nicht bei Knieschmerz oder nach einer frischen Knieoperation. Brennen vorn am Oberschenkel beendet den Test.',
  'On the other side, lower knee hugged, upper thigh in line with the trunk. Bend the upper knee.':
    'Auf der anderen Seite, unteres Knie umarmt, oberer Oberschenkel in einer Linie mit dem Rumpf. Das obere Knie beugen.',
  'Bend of the knee': 'Beugung des Knies',
  'Press-up from the front, hips down': 'Hochdrücken aus der Bauchlage, Hüften unten',
  'Prone press-up test': 'Press-up-Test in Bauchlage',
  'Bending the spine back with the front of the body, and what the hip flexors let through.':
    'Rückbeugen der Wirbelsäule mit der Vorderseite des Körpers, und was die Hüftbeuger durchlassen.',
  'Lying on the front, hands under the shoulders, buttocks soft.':
    'Auf dem Bauch, Hände unter den Schultern, Gesäß weich.',
  'Watch the front hip bones, or lay a belt over the pelvis: they stay on the floor.':
    'Beobachte die vorderen Hüftknochen, oder leg einen Gurt über das Becken: sie bleiben am Boden.',
  'Straighten the elbows slowly.': 'Die Ellbogen langsam strecken.',
  'Stop when the front hip bones leave the floor. Measure from the notch above the breastbone to the floor.':
    'Hör auf, wenn die vorderen Hüftknochen den Boden verlassen. Miss von der Kerbe über dem Brustbein zum Boden.',
  'pelvis lifting': 'Becken hebt sich',
  'buttocks gripping': 'Gesäß spannt an',
  'shoulders shrugging': 'Schultern ziehen hoch',
  'Anything that travels down a leg ends the test and is looked at by a clinician. Not in pregnancy.':
    'Alles, was ein Bein hinabzieht, beendet den Test und wird fachlich angesehen. Nicht in der Schwangerschaft.',
  'Breastbone above the floor': 'Brustbein über dem Boden',
  'breastbone on the floor': 'Brustbein am Boden',
  'How far with the pelvis down': 'Wie weit mit dem Becken unten',
  'pelvis lifts more than 5 cm': 'Becken hebt sich mehr als 5 cm',
  'pelvis lifts up to 5 cm': 'Becken hebt sich bis 5 cm',
  'elbows straight, pelvis down': 'Ellbogen gestreckt, Becken unten',
  'two or three is usual; rule of thumb': 'zwei oder drei ist üblich; Faustregel',
  'computed from Pua 2008 (hips with wear; smallest of its range)':
    'berechnet aus Pua 2008 (Hüften mit Verschleiß; kleinster Wert seines Bereichs)',
  'Thigh turning, sitting': 'Oberschenkel drehen, im Sitzen',
  'Seated hip rotation': 'Hüftrotation im Sitzen',
  'Turning of the thigh with the hip bent.': 'Drehung des Oberschenkels bei gebeugter Hüfte.',
  'Sitting on the table, thighs level, a roll under the knee, hands beside.':
    'Auf dem Tisch sitzend, Oberschenkel waagerecht, eine Rolle unter dem Knie, Hände daneben.',
  'Both sit bones stay heavy, the trunk upright.': 'Beide Sitzbeine bleiben schwer, der Rumpf aufrecht.',
  'Turning in: the foot travels outwards. Turning out: the foot travels inwards.':
    'Eindrehen: der Fuß wandert nach außen. Ausdrehen: der Fuß wandert nach innen.',
  'Stop when a sit bone lifts, the trunk leans or the stop is firm. Read the shin against upright.':
    'Hör auf, wenn sich ein Sitzbein hebt, der Rumpf lehnt oder das Ende fest ist. Lies das Schienbein gegen die Senkrechte ab.',
  'sit bone lifting': 'Sitzbein hebt sich',
  'trunk leaning': 'Rumpf lehnt',
  'thigh lifting': 'Oberschenkel hebt sich',
  'A pinch in the groin or a twist in the knee stops the test. Not after hip surgery from behind.':
    'Ein Klemmen in der Leiste oder ein Verdrehen im Knie beendet den Test. Nicht nach einer Hüftoperation von hinten.',
  'Turning in, hip bent': 'Eindrehen, Hüfte gebeugt',
  'Turning out, hip bent': 'Ausdrehen, Hüfte gebeugt',
  'Canadian fitness appraisal (CSEP) categories as reprinted by ACSM':
    'Stufen der kanadischen Fitnessprüfung (CSEP), nachgedruckt vom ACSM',
  'needs work': 'braucht Arbeit',
  fair: 'mäßig',
  good: 'gut',
  'very good': 'sehr gut',
  excellent: 'ausgezeichnet',
  'Sit and reach': 'Sitzen und reichen',
  'Sit-and-reach test': 'Sit-and-reach-Test',
  'The forward fold as a whole: hamstrings, back, nerve and the length of arms against legs. It names no muscle.':
    'Die Vorbeuge als Ganzes: Beinrückseiten, Rücken, Nerv und die Länge der Arme gegen die Beine. Er nennt keinen Muskel.',
  'Long sitting, soles against a box, knees straight, shoes off.':
    'Langsitz, Sohlen an einem Kasten, Knie gestreckt, Schuhe aus.',
  'The knees stay straight, the hands level.': 'Die Knie bleiben gestreckt, die Hände gleichauf.',
  'Reach forward slowly and hold for two seconds.': 'Langsam nach vorn reichen und zwei Sekunden halten.',
  'Take the best of two or three. Count from the toes: + past them, − short of them.':
    'Nimm den besten von zwei oder drei. Zähl von den Zehen: + darüber hinaus, − davor.',
  'knee bending': 'Knie beugt sich',
  'one hand ahead': 'eine Hand voraus',
  'Leave it out with brittle bones or back trouble that runs into a leg.':
    'Lass ihn weg bei brüchigen Knochen oder Rückenbeschwerden, die ins Bein ziehen.',
  'Reach past the toes': 'Reichweite über die Zehen',
  'the toes; + past them': 'die Zehen; + darüber hinaus',
  'Tilt of the pelvis, standing': 'Neigung des Beckens im Stehen',
  'Standing pelvic tilt (ASIS–PSIS angle)': 'Beckenneigung im Stehen (Winkel ASIS–PSIS)',
  'Background for every angle of the hip: hamstrings over a pelvis that tips forward are already lengthened.':
    'Hintergrund für jeden Winkel der Hüfte: Beinrückseiten über einem nach vorn gekippten Becken sind schon gedehnt.',
  'Standing at ease, feet hip-wide, weight even, looking ahead.':
    'Bequem stehen, Füße hüftbreit, Gewicht gleichmäßig, Blick nach vorn.',
  'Nobody corrects anything; let a few breaths pass first.':
    'Niemand korrigiert etwas; lass zuerst ein paar Atemzüge vergehen.',
  'Lay the inclinometer from the dimple at the back of the pelvis to the front hip bone.':
    'Leg den Neigungsmesser vom Grübchen hinten am Becken zum vorderen Hüftknochen.',
  'Read the line from back dimple to front hip bone against level.':
    'Lies die Linie vom hinteren Grübchen zum vorderen Hüftknochen gegen die Waagerechte ab.',
  'landmark under a fat pad': 'Tastpunkt unter einem Fettpolster',
  'standing to attention': 'steht stramm',
  'weight on one leg': 'Gewicht auf einem Bein',
  'Ask before you touch. A tilt is a shape, not a fault.':
    'Frag, bevor du berührst. Eine Neigung ist eine Form, kein Fehler.',
  'Pelvis from level': 'Becken zur Waagerechten',
  'back dimple and front hip bone level; + front lower':
    'hinteres Grübchen und vorderer Hüftknochen gleich hoch; + vorn tiefer',
  'display range 3–13°, rule of thumb; Herrington 2011 found most people tipped forward':
    'Anzeigebereich 3–13°, Faustregel; Herrington 2011 fand die meisten nach vorn gekippt',
  'Wide straddle, sitting': 'Weite Grätsche im Sitzen',
  'Seated hip abduction, both sides': 'Hüftabduktion im Sitzen, beide Seiten',
  'Adductors, gracilis and inner hamstrings of both legs together; a hard stop speaks for the shape of the hips.':
    'Adduktoren, Gracilis und innere Beinrückseiten beider Beine zusammen; ein harter Anschlag spricht für die Form der Hüften.',
  'Sitting tall on a support, legs apart, kneecaps up.':
    'Aufrecht auf einer Erhöhung sitzen, Beine auseinander, Kniescheiben nach oben.',
  'The pelvis stays upright.': 'Das Becken bleibt aufrecht.',
  'Let the legs open, hands behind for balance.': 'Die Beine öffnen lassen, Hände hinten zum Halten.',
  'Stop when the pelvis rolls back or the knees turn in. Read the angle between the thighs.':
    'Hör auf, wenn das Becken zurückrollt oder die Knie nach innen drehen. Lies den Winkel zwischen den Oberschenkeln ab.',
  'knees rolling in': 'Knie rollen nach innen',
  'A pull at the inner knee: bend the knees a little. Not with pubic pain in pregnancy.':
    'Ein Zug innen am Knie: beug die Knie ein wenig. Nicht bei Schambeinschmerz in der Schwangerschaft.',
  'Angle between the thighs': 'Winkel zwischen den Oberschenkeln',
  'legs together': 'Beine zusammen',
  'adults, pelvis upright': 'Erwachsene, Becken aufrecht',
  'legs up a wall': 'Beine an der Wand',
  'On the back, legs up a wall, let them open by their own weight.':
    'Auf dem Rücken, Beine an der Wand, mit ihrem eigenen Gewicht öffnen lassen.',
  'Heel down, knee straight': 'Ferse unten, Knie gestreckt',
};
