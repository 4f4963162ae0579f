/** German sentences of how one goes further into a pose. */
export const DEEPEN: Readonly<Record<string, string>> = {
  'Let each breath out be a little longer.': 'Lass jedes Ausatmen ein wenig länger werden.',
  'Knee towards the armpit as you breathe out.': 'Beim Ausatmen das Knie zur Achsel.',
  'Draw slow circles with the knee, both ways.': 'Zeichne langsame Kreise mit dem Knie, in beide Richtungen.',
  'Let the knees sink to one side, then the other.': 'Lass die Knie zur einen Seite sinken, dann zur anderen.',
  'Let the long leg grow heavy from the front of the hip.': 'Lass das lange Bein von der Leiste aus schwer werden.',
  'Bring the leg nearer until the back of the thigh answers.':
    'Hol das Bein näher heran, bis die Rückseite des Oberschenkels antwortet.',
  'Carry the leg a little across, no more than a hand or two.':
    'Führe das Bein ein wenig hinüber, nicht mehr als eine Handbreit oder zwei.',
  'Let the leg sink outwards as far as the pelvis stays.':
    'Lass das Bein nach außen sinken, so weit das Becken liegen bleibt.',
  'Let the crossed knee travel away, then draw the legs in.':
    'Lass das gekreuzte Knie von dir wegwandern, dann zieh die Beine heran.',
  'Draw the knee towards the other shoulder.': 'Ziehe das Knie zur anderen Schulter.',
  'The thigh sinks beside the ribs, sole to the ceiling.':
    'Der Oberschenkel sinkt neben die Rippen, Fußsohle zur Decke.',
  'Thighs sink beside the ribs, soles to the ceiling.':
    'Die Oberschenkel sinken neben die Rippen, Fußsohlen zur Decke.',
  'Let the thighs grow heavy with each breath out.': 'Lass die Oberschenkel mit jedem Ausatmen schwerer werden.',
  'Lengthen the thighs away from the belly.': 'Lass die Oberschenkel lang werden, weg vom Bauch.',
  'Press the feet and lengthen the front of the hips.': 'Drücke die Füße in den Boden und werde in den Leisten lang.',
  'Squeeze the block as the hips rise.': 'Drücke den Block zusammen, während die Hüften steigen.',
  'Press down through the standing heel.': 'Drücke die Ferse des stehenden Fußes nach unten.',
  'Lean back only as far as the pelvis lets you.': 'Lehne dich nur so weit zurück, wie das Becken es zulässt.',
  'Lower only as far as the back stays.': 'Senke nur so weit, wie der Rücken bleibt, wo er ist.',
  'Press thigh and hand into each other, breath going.':
    'Drücke Oberschenkel und Hand gegeneinander, der Atem fließt weiter.',
  'Reach one leg and the other arm away.': 'Strecke ein Bein und den anderen Arm von dir weg.',
  'Draw the heel in as you breathe out.': 'Ziehe die Ferse beim Ausatmen heran.',
  'Lengthen the legs back, then lift them.': 'Mach die Beine nach hinten lang, dann hebe sie.',
  'Reach one thigh back, then lift it a little.': 'Strecke einen Oberschenkel nach hinten, dann hebe ihn ein wenig.',
  'Lengthen the breastbone forward, then up.': 'Schiebe das Brustbein nach vorn, dann nach oben.',
  'Let the tail begin and the head come last.': 'Lass das Steißbein beginnen und den Kopf zuletzt kommen.',
  'Press the heel back, then rock a little.': 'Schiebe die Ferse nach hinten, dann wippe ein wenig.',
  'Lift one thigh in line with the trunk, no higher.': 'Hebe einen Oberschenkel in die Linie des Rumpfes, nicht höher.',
  'Lift the thigh out to the side.': 'Hebe den Oberschenkel zur Seite.',
  'Draw slow circles with the knee: forward, out, back.':
    'Zeichne langsame Kreise mit dem Knie: nach vorn, nach außen, zurück.',
  'Reach one leg back and the other arm forward.': 'Strecke ein Bein nach hinten und den anderen Arm nach vorn.',
  'Take the foot with the other hand and let it draw back.':
    'Fasse den Fuß mit der anderen Hand und lass ihn nach hinten ziehen.',
  'Let the hips drift back between the heels.': 'Lass die Hüften nach hinten zwischen die Fersen wandern.',
  'Press the floor away, thighs awake.': 'Drücke den Boden weg, Oberschenkel wach.',
  'Lift the lower waist away from the floor.': 'Hebe die untere Taille vom Boden weg.',
  'Let the back of the ribs widen.': 'Lass die hinteren Rippen weit werden.',
  'Let the hips travel forward as far as the pelvis stays.':
    'Lass die Hüften nach vorn wandern, so weit das Becken aufrecht bleibt.',
  'Rock forward with the breath out, back with the breath in.':
    'Wippe mit dem Ausatmen nach vorn, mit dem Einatmen zurück.',
  'Turn the ribs towards the front thigh.': 'Drehe die Rippen zum vorderen Oberschenkel.',
  'Bring heel and buttock together a little.': 'Bring Ferse und Gesäß ein wenig zueinander.',
  'Lower the chest, hips heavy.': 'Senke den Brustkorb, Hüften schwer.',
  'Slide the front heel away, tip from the hips.': 'Schiebe die vordere Ferse weg, neige dich aus den Hüften.',
  'Let the sitting bones grow heavy, both alike.': 'Lass die Sitzknochen schwer werden, beide gleich.',
  'Tip from the hips over the long leg.': 'Neige dich aus den Hüften über das lange Bein.',
  'Sit a little heavier, breathe.': 'Sitz ein wenig schwerer, atme.',
  'Lift the breastbone first, then lean.': 'Hebe zuerst das Brustbein, dann lehne dich.',
  'Lean back from the knees, then come up.': 'Lehne dich von den Knien aus zurück, dann komm wieder hoch.',
  'Slide the foot away, then bend over the leg.': 'Schiebe den Fuß weg, dann beuge dich über das Bein.',
  'Tip the pelvis over the thighs, then let the back follow.':
    'Kippe das Becken über die Oberschenkel, dann lass den Rücken folgen.',
  'Turn the navel to the long leg, then fold.': 'Drehe den Nabel zum langen Bein, dann beuge dich.',
  'Widen, then tip the pelvis forward.': 'Werde weiter, dann kippe das Becken nach vorn.',
  'Lengthen over the leg, chest forward or open.':
    'Werde lang über dem Bein, der Brustkorb schaut nach vorn oder öffnet sich.',
  'Let the thighs turn out and sink of themselves.':
    'Lass die Oberschenkel sich nach außen drehen und von selbst sinken.',
  'Fold forward from the hips, hands walk.': 'Beuge dich aus den Hüften nach vorn, die Hände wandern.',
  'Sit tall, then tip forward from the hips.': 'Sitz aufrecht, dann neige dich aus den Hüften nach vorn.',
  'Sink the top knee, then fold forward.': 'Lass das obere Knie sinken, dann beuge dich nach vorn.',
  'Hug the knee across, then turn towards it.': 'Umarme das Knie zur anderen Seite hin, dann drehe dich zu ihm.',
  'Bring the chest to the shin, not the shin to the chest.':
    'Bring den Brustkorb zum Schienbein, nicht das Schienbein zum Brustkorb.',
  'Bring shin and breastbone together, rock a little.': 'Bring Schienbein und Brustbein zueinander, wiege ein wenig.',
  'Turn towards the front thigh, then fold.': 'Drehe dich zum vorderen Oberschenkel, dann beuge dich.',
  'Tip forward from the hips with a long spine.': 'Neige dich mit langer Wirbelsäule aus den Hüften nach vorn.',
  'Straighten the leg before you bring it nearer.': 'Strecke das Bein, bevor du es näher holst.',
  'Lift the shins, then let go of the thighs.': 'Hebe die Schienbeine, dann lass die Oberschenkel los.',
  'Let the breath out be a little longer.': 'Lass das Ausatmen ein wenig länger werden.',
  'Draw one knee in without sinking back.': 'Ziehe ein Knie heran, ohne nach hinten zu sinken.',
  'Draw the upper knee across, then turn to it.': 'Ziehe das obere Knie hinüber, dann drehe dich zu ihm.',
  'Tip forward from the hips, breastbone first.': 'Neige dich aus den Hüften nach vorn, das Brustbein voran.',
  'Tip from the hips, long back.': 'Neige dich aus den Hüften, der Rücken lang.',
  'Let the trunk hang between the thighs.': 'Lass den Rumpf zwischen den Oberschenkeln hängen.',
  'Hands widen the thighs, then tip forward.':
    'Die Hände schieben die Oberschenkel auseinander, dann neige dich nach vorn.',
  'Turn the shin against the strap and hold.': 'Drehe den Unterschenkel gegen den Gurt und halte.',
  'Lift one knee a hand above the other and hold.': 'Hebe ein Knie eine Handbreit über das andere und halte.',
  'Squeeze slowly to half of your strength, hold, let go.':
    'Drücke langsam mit halber Kraft zusammen, halte, lass los.',
  'Let the pelvis begin and the head come last.': 'Lass das Becken beginnen und den Kopf zuletzt kommen.',
  'Lift the breastbone to the ceiling.': 'Hebe das Brustbein zur Decke.',
  'Press the shin forward a little.': 'Schiebe das Schienbein ein wenig nach vorn.',
  'Hips back, sitting bones to the ceiling.': 'Hüften zurück, Sitzknochen zur Decke.',
  'Let the head hang, then lift the sitting bones a little.':
    'Lass den Kopf hängen, dann hebe die Sitzknochen ein wenig.',
  'Heels grow heavy; change from one to the other.': 'Die Fersen werden schwer; wechsle von einer zur anderen.',
  'Lengthen the leg in one line; later bend the knee and open.':
    'Mach das Bein lang in einer Linie; später beuge das Knie und öffne die Hüfte.',
  'Turn the lifted thigh out, then in, without haste.':
    'Drehe den gehobenen Oberschenkel nach außen, dann nach innen, ohne Eile.',
  'Sink straight down, then lengthen the back leg.': 'Sinke gerade nach unten, dann mach das hintere Bein lang.',
  'Bend the front knee, lift the chest.': 'Beuge das vordere Knie, hebe den Brustkorb.',
  'Sink until the thigh answers, arms wide.': 'Sinke, bis der Oberschenkel antwortet, Arme weit.',
  'Long line from the back heel to the fingers.': 'Eine lange Linie von der hinteren Ferse bis zu den Fingern.',
  'Shift the hips back, tip over the front leg.': 'Schiebe die Hüften zurück, neige dich über das vordere Bein.',
  'Sink a little lower with each breath out.': 'Sinke mit jedem Ausatmen ein wenig tiefer.',
  'Let the knee open as far as the pelvis stays.': 'Lass das Knie sich öffnen, so weit das Becken bleibt.',
  'Press the foot into the hand; later tip forward.': 'Drücke den Fuß in die Hand; später neige dich nach vorn.',
  'Reach the back leg away until trunk and leg are one line.':
    'Strecke das hintere Bein weg, bis Rumpf und Bein eine Linie sind.',
  'Sit back, long spine.': 'Setz dich nach hinten, Wirbelsäule lang.',
  'Swing the leg like a bell, no higher than the trunk allows.':
    'Schwinge das Bein wie eine Glocke, nicht höher, als der Rumpf es zulässt.',
  'Heels heavy, back as long as it comes.': 'Fersen schwer, der Rücken so lang, wie er von selbst wird.',
  'Sink straight down, tail heavy.': 'Sinke gerade nach unten, Steißbein schwer.',
  'Slide down to where the thighs answer.': 'Rutsche hinunter bis dahin, wo die Oberschenkel antworten.',
  'Rise slowly, wait, lower more slowly.': 'Steige langsam, warte, senke noch langsamer.',
  'Lean until the calf answers.': 'Lehne dich, bis die Wade antwortet.',
  'Let the hip drift sideways, arm long over the ear.': 'Lass die Hüfte zur Seite wandern, den Arm lang über dem Ohr.',
  'Hinge from the hips, hands down.': 'Klappe aus den Hüften nach vorn, Hände nach unten.',
  'Slide the straight leg away, hips low.': 'Schiebe das gestreckte Bein weg, Hüften tief.',
  'Hinge over the straight front leg.': 'Klappe über das gestreckte vordere Bein.',
  'Let the free hip sink, then draw it level and a little higher.':
    'Lass die freie Hüfte sinken, dann zieh sie auf gleiche Höhe und ein wenig höher.',
  'Lift one leg to the side, foot straight ahead.': 'Hebe ein Bein zur Seite, der Fuß schaut geradeaus.',
  'Lift the knee above the hip and hold.': 'Hebe das Knie über die Hüfte und halte.',
  'Draw the thigh back, no higher than the low back stays.':
    'Ziehe den Oberschenkel nach hinten, nicht höher, als der untere Rücken bleibt.',
  'Sink slowly, rise slowly.': 'Sinke langsam, steige langsam.',
  'Bend the front knee, let the hip travel forward.': 'Beuge das vordere Knie, lass die Hüfte nach vorn wandern.',
  'Tip forward, press the floor, hover, stand.': 'Neige dich vor, drücke in den Boden, schwebe, steh auf.',
  'Hips back, heels heavy.': 'Hüften zurück, Fersen schwer.',
  'Press the desk away.': 'Drücke den Tisch weg.',
  'Sway over the feet until the weight is in the middle.': 'Pendle über den Füßen, bis das Gewicht in der Mitte ist.',
  'Let the other leg float up behind as you fold.': 'Lass beim Vorbeugen das andere Bein hinten hochschweben.',
  'Float the back leg up, stack the hips.': 'Lass das hintere Bein hochschweben, stapel die Hüften übereinander.',
  'Hug the thighs together and sit a little lower.': 'Drücke die Oberschenkel zusammen und setz dich etwas tiefer.',
  'Straighten the front knee, then tip from the hips.': 'Strecke das vordere Knie, dann neige dich aus den Hüften.',
  'Long back, tip forward over the shin.': 'Rücken lang, neige dich nach vorn über das Schienbein.',
  'Draw circles with the knee: up, out, down.': 'Zeichne Kreise mit dem Knie: nach oben, nach außen, nach unten.',
  'Bend slowly until the heel kisses the floor.': 'Beuge langsam, bis die Ferse den Boden berührt.',
  'Press the heel and rise without a push from behind.':
    'Drücke die Ferse in den Boden und steige ohne Schub von hinten.',
  'Turn the ribs to the front thigh, breath by breath.':
    'Drehe die Rippen zum vorderen Oberschenkel, Atemzug für Atemzug.',
  'Opposite hand down, turn the ribs to the front leg.':
    'Die gegenüberliegende Hand nach unten, drehe die Rippen zum vorderen Bein.',
  'Turn the chest to the front thigh, arm to the sky.':
    'Drehe den Brustkorb zum vorderen Oberschenkel, Arm zum Himmel.',
  'Let the top thigh sink across, breath into the ribs.':
    'Lass den oberen Oberschenkel hinübersinken, Atem in die Rippen.',
  'Turn the chest open, then thread the arm beneath.': 'Drehe den Brustkorb auf, dann fädle den Arm unten durch.',
  'Let the legs be held and the belly sink.': 'Lass die Beine gehalten sein und den Bauch sinken.',
  'Let the feet slide apart of their own weight.': 'Lass die Füße durch ihr eigenes Gewicht auseinandergleiten.',
  'Bring the seat nearer and let the knees fall wide.': 'Rücke mit dem Gesäß näher und lass die Knie weit fallen.',
  'Let the arms open and the ribs widen.': 'Lass die Arme sich öffnen und die Rippen weit werden.',
  'Draw the chest forward between the arms.': 'Ziehe den Brustkorb zwischen den Armen nach vorn.',
  'Feel the belly press the floor with each breath in.':
    'Spüre, wie der Bauch mit jedem Einatmen gegen den Boden drückt.',
  'Let the belly and the top shoulder grow heavy.': 'Lass den Bauch und die obere Schulter schwer werden.',
  'Let the chest sink between the arms.': 'Lass den Brustkorb zwischen den Armen sinken.',
  'Hands to the shins, draw the knees in, feet apart.':
    'Hände an die Schienbeine, ziehe die Knie heran, Füße auseinander.',
  'Grow tall out of the pelvis, thighs awake.': 'Wachse aus dem Becken nach oben, Oberschenkel wach.',
  'Open the top knee from the back of the hip.': 'Öffne das obere Knie von der Rückseite der Hüfte aus.',
  'Lift one foot a little, set it down, lift the other.': 'Hebe einen Fuß ein wenig, setze ihn ab, hebe den anderen.',
  'Slide the heels away slowly, then draw them in.': 'Schiebe die Fersen langsam weg, dann zieh sie heran.',
  'Press the upper leg into the seat and lift the hips.':
    'Drücke das obere Bein in die Sitzfläche und hebe die Hüften.',
  'Press the feet and lift the hips until the trunk is level.':
    'Drücke die Füße in den Boden und hebe die Hüften, bis der Rumpf waagerecht ist.',
  'Press the foot back into the hand until the thigh lifts.':
    'Drücke den Fuß nach hinten in die Hand, bis sich der Oberschenkel hebt.',
  'Straighten the arms and draw the chest through.': 'Strecke die Arme und ziehe den Brustkorb durch.',
  'Long back first, then longer legs.': 'Erst den Rücken lang, dann die Beine.',
  'Lift the hips, then the head, then straighten the arms.': 'Hebe die Hüften, dann den Kopf, dann strecke die Arme.',
  'Sink only as far as both sides agree.': 'Sinke nur so weit, wie beide Seiten einverstanden sind.',
  'Slide until the inner thighs say enough, breathe there.':
    'Gleite, bis die Innenseiten der Oberschenkel genug sagen, atme dort.',
  'Let the legs straighten only as far as it stays soft.':
    'Lass die Beine nur so weit gerade werden, wie es weich bleibt.',
  'Turn, take the far shin with the arm.': 'Drehe dich, fasse mit dem Arm das entfernte Schienbein.',
  'Lean back until the feet are light.': 'Lehne dich zurück, bis die Füße leicht werden.',
  'Press the floor, lift the seat, then the long leg.': 'Drücke in den Boden, hebe das Gesäß, dann das lange Bein.',
  'Bend the elbows, lean forward, back toes light.': 'Beuge die Ellbogen, lehne dich vor, die hinteren Zehen leicht.',
  'Draw the top leg up, strap or hand on the foot.': 'Ziehe das obere Bein hoch, Gurt oder Hand am Fuß.',
  'Lift the top leg in line with the trunk.': 'Hebe das obere Bein in der Linie des Rumpfes.',
  'Lift the lower leg from the inner thigh.': 'Hebe das untere Bein von der Innenseite des Oberschenkels aus.',
};
