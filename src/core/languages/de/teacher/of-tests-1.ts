import type { Phrases } from '../../phrases';

export const OF_TESTS_1: Phrases = {
  'Quick look': 'Kurzer Blick',
  'Full length': 'Ganz',
  'Full strength': 'Kraft ganz',
  'Bent knee falling out': 'Gebeugtes Knie sinkt nach außen',
  'Bent-knee fall-out test': 'Bent-knee fall-out test',
  'Short adductors and the front and lower capsule, with the knee bent.':
    'Kurze Adduktoren und die Kapsel vorn und unten, bei gebeugtem Knie.',
  'on the back': 'auf dem Rücken',
  'On the back, foot standing beside the other knee, sole towards the inner thigh as the knee opens.':
    'Auf dem Rücken, der Fuß steht neben dem anderen Knie, die Sohle zur Innenseite des Oberschenkels, wenn sich das Knie öffnet.',
  'One hand on the opposite front hip bone: it stays down.':
    'Eine Hand auf dem vorderen Hüftknochen der anderen Seite: er bleibt unten.',
  'Let the knee fall outwards.': 'Das Knie nach außen sinken lassen.',
  'Stop when the pelvis begins to roll. Measure from the outer head of the shin bone to the table.':
    'Hör auf, wenn das Becken zu rollen beginnt. Miss vom äußeren Kopf des Schienbeins zum Tisch.',
  'pelvis rolling': 'Becken rollt',
  'foot sliding away': 'Fuß rutscht weg',
  'Pain at the pubic bone ends the test; leave it out with pubic pain in pregnancy.':
    'Schmerz am Schambein beendet den Test; lass ihn bei Schambeinschmerz in der Schwangerschaft weg.',
  'Deep squat': 'Tiefe Hocke',
  'Deep squat test': 'Deep squat test',
  'Ankles, hips, adductors, strength and trust in one shape; a wedge under the heels shows what the ankles cost.':
    'Sprunggelenke, Hüften, Adduktoren, Kraft und Zutrauen in einer Form; ein Keil unter den Fersen zeigt, was die Sprunggelenke kosten.',
  'Feet shoulder-wide, toes turned out no more than 15°, arms forward.':
    'Füße schulterbreit, Zehen höchstens 15° nach außen, Arme nach vorn.',
  'Nothing is held; a wall or chair stands within reach.': 'Nichts wird gehalten; Wand oder Stuhl steht in Reichweite.',
  'Squat as low as is comfortable. If the heels lift, once more with 2–3 cm under them.':
    'In die Hocke, so tief es angenehm ist. Wenn sich die Fersen heben, noch einmal mit 2–3 cm darunter.',
  'Grade the lowest place, and note what gave way first.':
    'Bewerte die tiefste Stelle und notiere, was zuerst nachgab.',
  'heels lifting': 'Fersen heben sich',
  'arches sinking': 'Fußgewölbe sinken',
  'knees falling in': 'Knie fallen nach innen',
  'trunk tipping forward': 'Rumpf kippt nach vorn',
  'hips shifting to one side': 'Hüften weichen zur Seite',
  'Not after a joint replacement. Pain in knee, hip or groin is a nought and ends the test.':
    'Nicht nach einem Gelenkersatz. Schmerz in Knie, Hüfte oder Leiste zählt null und beendet den Test.',
  'How deep and how': 'Wie tief und wie',
  'not low even with a wedge': 'auch mit Keil nicht tief',
  'low with a wedge under the heels': 'tief mit einem Keil unter den Fersen',
  'heels down, hips below the knees, trunk as steep as the shins':
    'Fersen unten, Hüften unter den Knien, Rumpf so steil wie die Schienbeine',
  'two is the most common; rule of thumb': 'zwei ist am häufigsten; Faustregel',
  'the same shape lying down': 'dieselbe Form im Liegen',
  'On the back, draw both knees in with the feet as in the squat: what is easy here and not in standing is not length.':
    'Auf dem Rücken beide Knie heranziehen, die Füße wie in der Hocke: was hier leicht geht und im Stehen nicht, ist keine Frage der Länge.',
  'Ankle over knee, knee falling out': 'Knöchel über dem Knie, Knie sinkt nach außen',
  'FABER (Patrick’s) test': 'FABER-Test (Patrick)',
  'Bending, opening and turning out together: a look at adductors, front of the capsule and how the joint bears it.':
    'Beugen, Öffnen und Ausdrehen zusammen: ein Blick auf die Adduktoren, die vordere Kapsel und wie das Gelenk es trägt.',
  'On the back, ankle resting just above the other knee.':
    'Auf dem Rücken, der Knöchel ruht knapp über dem anderen Knie.',
  'One hand keeps the opposite front hip bone down.':
    'Eine Hand hält den vorderen Hüftknochen der anderen Seite unten.',
  'Let the knee sink outwards by its own weight; no pressing.':
    'Das Knie mit seinem eigenen Gewicht nach außen sinken lassen; nicht drücken.',
  'Stop when the pelvis begins to roll. Measure from the outer knee to the table.':
    'Hör auf, wenn das Becken zu rollen beginnt. Miss von der Außenseite des Knies zum Tisch.',
  'ankle too high on the thigh': 'Knöchel zu hoch am Oberschenkel',
  'ankle below the knee': 'Knöchel unter dem Knie',
  'Deep groin pain, or pain at the back of the pelvis, ends the test: note it and let a clinician look.':
    'Tiefer Leistenschmerz, oder Schmerz hinten am Becken, beendet den Test: notiere ihn und lass jemanden vom Fach hinschauen.',
  'Figure-four, sitting': 'Vierer im Sitzen',
  'Seated figure-four (piriformis length) test': 'Vierer-Test im Sitzen (Länge des Piriformis)',
  'Back and outside of the hip, bent and turned out.': 'Rückseite und Außenseite der Hüfte, gebeugt und ausgedreht.',
  'Sitting upright, ankle over the other thigh just above the knee.':
    'Aufrecht sitzen, Knöchel über dem anderen Oberschenkel, knapp über dem Knie.',
  'Both sit bones stay even and heavy, the back long.': 'Beide Sitzbeine bleiben gleich schwer, der Rücken lang.',
  'Let the knee settle and read the shin. Then hinge forward from the hips with a long back.':
    'Das Knie sinken lassen und das Schienbein ablesen. Dann mit langem Rücken aus den Hüften nach vorn neigen.',
  'Stop at the first stretch in the buttock, when the crossed knee rises or the pelvis tucks.':
    'Hör auf beim ersten Zug im Gesäß, wenn sich das gekreuzte Knie hebt oder das Becken einrollt.',
  'back rounding': 'Rücken rundet sich',
  'pelvis tucking': 'Becken rollt ein',
  'ankle sickling': 'Fuß knickt ab',
  'knee twisting': 'Knie verdreht sich',
  'Pain at the inner or outer knee, or tingling down the leg, ends the test.':
    'Schmerz innen oder außen am Knie, oder Kribbeln das Bein hinab, beendet den Test.',
  'Crossed shin from level': 'Gekreuztes Schienbein zur Waagerechten',
  'shin level; + knee above the ankle': 'Schienbein waagerecht; + Knie über dem Knöchel',
  'set so that 20° is usual and beyond 40° clearly limited; rule of thumb':
    'so gesetzt, dass 20° üblich sind und über 40° deutlich begrenzt; Faustregel',
  'Lean of the trunk at the first stretch': 'Neigung des Rumpfs beim ersten Zug',
  'trunk upright': 'Rumpf aufrecht',
  'a default of ours': 'eine Vorgabe von uns',
  'lying on the back': 'auf dem Rücken liegend',
  'On the back, ankle over the other thigh, pelvis flat: draw the legs in and read the shin against level.':
    'Auf dem Rücken, Knöchel über dem anderen Oberschenkel, Becken flach: zieh die Beine heran und lies das Schienbein gegen die Waagerechte ab.',
  'Knee straightening, thigh upright': 'Knie strecken, Oberschenkel senkrecht',
  '90/90 knee extension (popliteal angle)': '90/90-Kniestreckung (Poplitealwinkel)',
  'Hamstrings with the pelvis better held.': 'Beinrückseiten bei besser gehaltenem Becken.',
  'On the back, thigh upright and held with both hands, other leg straight on the floor.':
    'Auf dem Rücken, der Oberschenkel senkrecht und mit beiden Händen gehalten, das andere Bein gestreckt am Boden.',
  'The thigh stays upright from beginning to end.': 'Der Oberschenkel bleibt von Anfang bis Ende senkrecht.',
  'Straighten the knee, ankle loose.': 'Das Knie strecken, der Fuß locker.',
  'Stop at the first firm pull or when the thigh leaves upright.':
    'Hör auf beim ersten festen Zug, oder wenn der Oberschenkel die Senkrechte verlässt.',
  'thigh sinking back': 'Oberschenkel sinkt zurück',
  'pelvis curling': 'Becken rollt sich ein',
  'Tingling below the knee, or one sharp point at the sit bone, stops the test.':
    'Kribbeln unter dem Knie, oder ein scharfer Punkt am Sitzbein, beendet den Test.',
  'What is missing to straight': 'Was zur Streckung fehlt',
  'straight knee; + still bent': 'Knie gestreckt; + noch gebeugt',
  'women 20–79': 'Frauen 20–79',
  'men 20–79': 'Männer 20–79',
  'Passive hip flexion, knee bent': 'Passive Hüftbeugung, Knie gebeugt',
  'Bending of the hip without the hamstrings.': 'Beugung der Hüfte ohne die Beinrückseiten.',
  'On the back, other leg straight on the floor, low back as it lies.':
    'Auf dem Rücken, das andere Bein gestreckt am Boden, der untere Rücken, wie er liegt.',
  'The other thigh stays down.': 'Der andere Oberschenkel bleibt unten.',
  'Bring the thigh to the chest, knee free to bend.': 'Den Oberschenkel zur Brust bringen, das Knie darf sich beugen.',
  'Stop when the pelvis begins to curl, something pinches, or thigh meets belly.':
    'Hör auf, wenn sich das Becken einrollt, etwas klemmt oder der Oberschenkel den Bauch trifft.',
  'knee drifting out': 'Knie weicht nach außen',
  'other thigh lifting': 'anderer Oberschenkel hebt sich',
  'A pinch in the groin stops the test; note the angle where it began.':
    'Ein Klemmen in der Leiste beendet den Test; notiere den Winkel, bei dem es begann.',
  'lying on the side': 'auf der Seite liegend',
  'On the other side; draw the upper knee towards the chest and past the belly, thigh resting on your arm.':
    'Auf der anderen Seite; zieh das obere Knie zur Brust und am Bauch vorbei, der Oberschenkel liegt auf deinem Arm.',
  'Thigh above the floor': 'Oberschenkel über dem Boden',
  'thigh on the floor': 'Oberschenkel am Boden',
  'adults 25–74': 'Erwachsene 25–74',
  'Knee to the opposite shoulder': 'Knie zur anderen Schulter',
  'Piriformis length test, supine': 'Piriformis-Längentest in Rückenlage',
  'Back and outside of the hip, bent and crossed.': 'Rückseite und Außenseite der Hüfte, gebeugt und gekreuzt.',
  'On the back, hip bent to about a right angle.': 'Auf dem Rücken, die Hüfte etwa rechtwinklig gebeugt.',
  'The pelvis stays flat: a hand on the front hip bone of the same side.':
    'Das Becken bleibt flach: eine Hand auf dem vorderen Hüftknochen derselben Seite.',
  'Draw the knee across, towards the opposite shoulder.': 'Das Knie hinüberziehen, zur anderen Schulter.',
  'Stop at the first pull in the buttock, when the pelvis rolls, or at a pinch.':
    'Hör auf beim ersten Zug im Gesäß, wenn das Becken rollt, oder wenn es klemmt.',
  'low back turning': 'unterer Rücken dreht sich',
  'A pinch in the groin stops the test: this is the position of a hip that meets bone. Not after hip surgery from behind.':
    'Ein Klemmen in der Leiste beendet den Test: das ist die Lage einer Hüfte, in der Knochen auf Knochen trifft. Nicht nach einer Hüftoperation von hinten.',
  'Thigh past the midline': 'Oberschenkel über die Mitte',
  'thigh pointing straight up; + across': 'Oberschenkel zeigt gerade nach oben; + hinüber',
  'Weight-bearing lunge (knee-to-wall) test': 'Ausfallschritt-Test an der Wand (knee-to-wall)',
  'Soleus and the ankle joint.': 'Soleus und das Sprunggelenk.',
  'Standing at the wall, foot straight, knee in line with the second toe.':
    'Vor der Wand stehen, Fuß gerade, Knie über der zweiten Zehe.',
  'The heel stays on the floor, the arch stays up.': 'Die Ferse bleibt am Boden, das Gewölbe oben.',
  'Bring the knee to the wall; move the foot back until it only just gets there.':
    'Das Knie zur Wand bringen; den Fuß zurücksetzen, bis es gerade noch hinkommt.',
  'The last place with the heel down. Read the shin against upright, or the toe to the wall.':
    'Die letzte Stelle mit der Ferse am Boden. Lies das Schienbein gegen die Senkrechte ab, oder die Zehe bis zur Wand.',
  'heel lifting': 'Ferse hebt sich',
  'arch sinking': 'Gewölbe sinkt',
  'foot turning out': 'Fuß dreht nach außen',
  'A hot, swollen or tender calf is never tested: urgent care.':
    'Eine heiße, geschwollene oder druckempfindliche Wade wird nie getestet: sofort ärztlich abklären.',
  'Shin from upright, knee bent': 'Schienbein zur Senkrechten, Knie gebeugt',
  'shin upright': 'Schienbein senkrecht',
  'healthy adults': 'gesunde Erwachsene',
  'rule of thumb; method Bennell 1998': 'Faustregel; Methode Bennell 1998',
  'Toe to the wall': 'Zehe bis zur Wand',
  'toe at the wall': 'Zehe an der Wand',
  'Sitting back on the heels': 'Auf die Fersen setzen',
  'Heel-sit test': 'Fersensitz-Test',
  'Front of the thigh over a bent hip, knee joint, front of the ankle and top of the foot.':
    'Vorderseite des Oberschenkels bei gebeugter Hüfte, Kniegelenk, Vorderseite des Sprunggelenks und Fußrücken.',
  'Kneeling, tops of the feet down, heels straight back, hands in front taking weight.':
    'Knien, Fußrücken unten, Fersen gerade nach hinten, die Hände vorn tragen Gewicht.',
  'The feet stay straight; they do not splay.': 'Die Füße bleiben gerade; sie weichen nicht auseinander.',
  'Sit back towards the heels.': 'Zurück auf die Fersen setzen.',
  'Stop at pain, cramp, splaying or contact. Measure from buttock to heel, then from the floor to the top of the foot.':
    'Hör auf bei Schmerz, Krampf, Ausweichen oder Berührung. Miss vom Gesäß zur Ferse, dann vom Boden zum Fußrücken.',
  'feet splaying': 'Füße weichen aus',
  'weight staying in the hands': 'Gewicht bleibt in den Händen',
  'Pressure or pain inside or behind the knee ends the test. Cramp in the foot: put a roll under the ankle.':
    'Druck oder Schmerz im Knie oder dahinter beendet den Test. Krampf im Fuß: eine Rolle unter den Knöchel.',
  'Buttock to heel': 'Gesäß bis zur Ferse',
  'buttock on the heel': 'Gesäß auf der Ferse',
  'set so that beyond 10 cm is clearly limited; rule of thumb':
    'so gesetzt, dass über 10 cm deutlich begrenzt sind; Faustregel',
  'Top of the foot to the floor': 'Fußrücken bis zum Boden',
  'front of the ankle on the floor': 'Vorderseite des Knöchels am Boden',
  'a default of ours; pointing of 56 ± 6° (Boone & Azen 1979) lies behind it':
    'eine Vorgabe von uns; dahinter steht eine Streckung von 56 ± 6° (Boone & Azen 1979)',
  'Upper leg sinking, lying on the side': 'Oberes Bein sinkt, in Seitenlage',
  'Modified Ober test': 'Modifizierter Ober-Test',
  'Outer hip and thigh, with little strain on the knee.':
    'Äußere Hüfte und Oberschenkel, mit wenig Belastung für das Knie.',
  'on the side': 'auf der Seite',
  'On the other side, under knee bent. The upper leg is straight, a little behind the trunk.':
    'Auf der anderen Seite, unteres Knie gebeugt. Das obere Bein ist gestreckt, etwas hinter dem Rumpf.',
  'One hand presses the pelvis down and forward, so that the waist stays open and the hips stay stacked.':
    'Eine Hand drückt das Becken nach unten und vorn, damit die Taille offen bleibt und die Hüften übereinander.',
  'Let the upper leg sink towards the table, knee straight.': 'Das obere Bein zum Tisch sinken lassen, Knie gestreckt.',
  'Stop when the pelvis begins to tilt or the leg rests. Read the thigh against level.':
    'Hör auf, wenn das Becken zu kippen beginnt oder das Bein ruht. Lies den Oberschenkel gegen die Waagerechte ab.',
  'pelvis rolling back': 'Becken rollt zurück',
  'pelvis dropping': 'Becken sinkt',
  'hip bending': 'Hüfte beugt sich',
  'Soreness on the outer hip bone stops the test; do not repeat it.':
    'Wundsein am äußeren Hüftknochen beendet den Test; wiederhol ihn nicht.',
  'Thigh below level': 'Oberschenkel unter der Waagerechten',
  'thigh level; + below, − above': 'Oberschenkel waagerecht; + darunter, − darüber',
  'Leg hanging from the table edge': 'Bein hängt von der Tischkante',
  'Modified Thomas test': 'Modifizierter Thomas-Test',
  'Length of the muscles that bend the hip, one- and two-joint ones together; the read-outs tell them apart.':
    'Länge der Hüftbeuger, der ein- und zweigelenkigen zusammen; die Werte unterscheiden sie.',
  'table edge': 'Tischkante',
  'Sitting on the very edge, the student rolls back and hugs both knees. Low back lightly flat.':
    'Ganz an der Kante sitzend rollt die Person zurück und umarmt beide Knie. Unterer Rücken leicht flach.',
  'One knee stays hugged, just enough that the low back touches. Watch the front hip bone: it stays still.':
    'Ein Knie bleibt umarmt, gerade so, dass der untere Rücken aufliegt. Beobachte den vorderen Hüftknochen: er bleibt ruhig.',
  'Let the other thigh sink by its own weight, shin loose.':
    'Den anderen Oberschenkel mit seinem Gewicht sinken lassen, Unterschenkel locker.',
  'Read where the thigh comes to rest, then how far the shin hangs, then how far the thigh has drifted out.':
    'Lies ab, wo der Oberschenkel ruht, dann wie weit der Unterschenkel hängt, dann wie weit der Oberschenkel nach außen wich.',
  'other knee hugged too hard': 'anderes Knie zu fest umarmt',
  'low back arching': 'unterer Rücken wölbt sich',
  'table under the thigh': 'Tisch unter dem Oberschenkel',
  'Not with back pain in this position or a pinch in the hugged hip; not late in pregnancy.':
    'Nicht bei Rückenschmerz in dieser Lage oder einem Klemmen in der umarmten Hüfte; nicht spät in der Schwangerschaft.',
  'On the other side, lower knee hugged. Stand behind, hold the pelvis still and carry the upper thigh back.':
    'Auf der anderen Seite, unteres Knie umarmt. Steh dahinter, halt das Becken ruhig und führ den oberen Oberschenkel zurück.',
  'At the end, straighten the hanging knee by hand and read the thigh again: if it drops, rectus femoris holds it.':
    'Streck am Ende das hängende Knie von Hand und lies den Oberschenkel noch einmal ab: sinkt er, hält ihn der Rectus femoris.',
  'At the end, let the thigh drift out as far as it likes and read it again: if it drops, the outer hip holds it.':
    'Lass am Ende den Oberschenkel nach außen weichen, so weit er mag, und lies ihn noch einmal ab: sinkt er, hält ihn die äußere Hüfte.',
  'Thigh below the table': 'Oberschenkel unter dem Tisch',
};
