import type { Phrases } from '../../phrases';

export const OF_CAUTIONS: Phrases = {
  'Hip replacement from behind, or the way in is not known':
    'Hüftgelenkersatz von hinten, oder der Zugang ist nicht bekannt',
  'When, from which side did the surgeon go in, and what stays off limits?':
    'Wann, von welcher Seite wurde operiert, und was bleibt verboten?',
  'Ask which way the surgeon went in and what stays off limits. No hip bent beyond 90°, no crossing of the legs, no turning in, nothing at the end of a range.':
    'Frag, welchen Zugang die Operation nahm und was verboten bleibt. Keine Hüfte über 90° gebeugt, kein Kreuzen der Beine, kein Eindrehen, nichts am Ende eines Bereichs.',
  'Some directions can put the new joint at risk, and which ones depends on the way in.':
    'Manche Richtungen können das neue Gelenk gefährden, und welche, hängt vom Zugang ab.',
  'A clunk, sudden groin pain, or a leg that will not carry.':
    'Ein Knacken, plötzlicher Leistenschmerz, oder ein Bein, das nicht trägt.',
  'The surgeon or physiotherapist': 'Die Chirurgie oder Physiotherapie',
  'Hip replacement from the front or side': 'Hüftgelenkersatz von vorn oder von der Seite',
  'Ask for the surgeon’s limits. No thigh behind the body, no turning out with the hip straight, no wide legs, no lifting the leg out against its weight.':
    'Frag nach den Grenzen aus der Chirurgie. Kein Oberschenkel hinter dem Körper, kein Ausdrehen bei gestreckter Hüfte, keine weiten Beine, kein Heben des Beins gegen sein Gewicht nach außen.',
  'Going in from the front weakens the front of the joint for a while.':
    'Ein Zugang von vorn schwächt die Vorderseite des Gelenks für eine Weile.',
  'Pinching in the groin when the hip bends deeply': 'Klemmen in der Leiste bei tief gebeugter Hüfte',
  'At which angle does it begin? Does it catch, click or lock?':
    'Bei welchem Winkel beginnt es? Hakt, klickt oder blockiert es?',
  'Wider, less deep, a little turned out: stop before 90°, no crossing, no turning in with the hip bent. Two to four weeks without change: ask a clinician.':
    'Weiter, weniger tief, etwas ausgedreht: hör vor 90° auf, kein Kreuzen, kein Eindrehen bei gebeugter Hüfte. Zwei bis vier Wochen ohne Änderung: frag jemanden vom Fach.',
  'Bone may meet bone at the rim of the joint.': 'Am Rand des Gelenks trifft vielleicht Knochen auf Knochen.',
  'A pinch that begins.': 'Ein Klemmen, das beginnt.',
  'Clinician after two to four weeks': 'Jemand vom Fach nach zwei bis vier Wochen',
  'Told of a torn lip of the hip socket': 'Ein Riss an der Lippe der Hüftpfanne wurde genannt',
  'What did doctor or physiotherapist allow? Does it catch or give way?':
    'Was wurde ärztlich oder von der Physiotherapie erlaubt? Hakt es, oder knickt es weg?',
  'Ask what the doctor or physiotherapist allows. No hip bent beyond 90°, no turning in while bent, no crossing, nothing at the end of a range.':
    'Frag, was ärztlich oder von der Physiotherapie erlaubt ist. Keine Hüfte über 90° gebeugt, kein Eindrehen in der Beugung, kein Kreuzen, nichts am Ende eines Bereichs.',
  'These directions press or pull on the lip of the socket.':
    'Diese Richtungen drücken oder ziehen an der Lippe der Pfanne.',
  'Catching, locking or a pinch in the groin.': 'Haken, Blockieren oder ein Klemmen in der Leiste.',
  'Doctor or physiotherapist': 'Ärztin, Arzt oder Physiotherapie',
  'Groin or thigh pain that grows with running or jumping':
    'Schmerz in Leiste oder Oberschenkel, der beim Laufen oder Springen zunimmt',
  'Does it ache at rest or at night? More training lately, missed periods, little food?':
    'Schmerzt es in Ruhe oder nachts? Zuletzt mehr Training, ausgebliebene Perioden, wenig Essen?',
  'Please have it looked at before anything on one leg. No standing on one leg, no strong holds, no deep standing bend; leave running and jumping until then.':
    'Bitte lass es ansehen, bevor du etwas auf einem Bein machst. Kein Stehen auf einem Bein, kein kräftiges Halten, kein tiefes Beugen im Stehen; lass Laufen und Springen bis dahin.',
  'A bone may be overloaded; it does not show on the outside.':
    'Ein Knochen kann überlastet sein; von außen sieht man es nicht.',
  'Groin or thigh pain on bearing weight.': 'Schmerz in Leiste oder Oberschenkel beim Belasten.',
  'A doctor first': 'Zuerst zur Ärztin oder zum Arzt',
  'Sore sit bone in folds or when sitting': 'Wundes Sitzbein beim Vorbeugen oder Sitzen',
  'Does sitting on a hard edge, running or a fold bring it on?':
    'Kommt es vom Sitzen auf einer harten Kante, vom Laufen oder vom Vorbeugen?',
  'No long pull on the back of the leg and no deep folds: bend the knees and load gently rather than stretch.':
    'Kein langer Zug an der Beinrückseite und keine tiefen Vorbeugen: beug die Knie und belaste sanft, statt zu dehnen.',
  'The tendon at the sit bone wants load, not a long pull.': 'Die Sehne am Sitzbein will Belastung, keinen langen Zug.',
  'Pain right at the sit bone.': 'Schmerz genau am Sitzbein.',
  'Clinician if it stays for weeks': 'Jemand vom Fach, wenn es wochenlang bleibt',
  'Outer hip sore when lying on it or standing on one leg': 'Äußere Hüfte wund, beim Liegen darauf oder auf einem Bein',
  'Does lying on that side, climbing stairs or crossing the legs bring it on?':
    'Kommt es vom Liegen auf dieser Seite, vom Treppensteigen oder vom Kreuzen der Beine?',
  'No crossing of the legs, no lying on it, no standing on one leg, no pressing or pulling on the outer hip. Quiet holds in mid-range.':
    'Kein Kreuzen der Beine, kein Liegen darauf, kein Stehen auf einem Bein, kein Druck oder Zug an der äußeren Hüfte. Ruhiges Halten im mittleren Bereich.',
  'Crossing the leg presses the tendon against the bone.': 'Das Kreuzen drückt die Sehne an den Knochen.',
  'Pain at the outer hip, also the night after.': 'Schmerz außen an der Hüfte, auch in der Nacht danach.',
  'Pain at one side of the back of the pelvis': 'Schmerz auf einer Seite hinten am Becken',
  'Does turning in bed, standing on one leg or a long stride bring it on?':
    'Kommt es vom Umdrehen im Bett, vom Stehen auf einem Bein oder von langen Schritten?',
  'Even, small and symmetrical: no wide or uneven deep shapes, no crossing. A strap round the hips may help. Ask a clinician if it stays.':
    'Gleichmäßig, klein und symmetrisch: keine weiten oder ungleich tiefen Formen, kein Kreuzen. Ein Gurt um die Hüften kann helfen. Frag jemanden vom Fach, wenn es bleibt.',
  'Uneven deep shapes pull the joint at the back of the pelvis apart.':
    'Ungleich tiefe Formen ziehen das Gelenk hinten am Becken auseinander.',
  'Pain at the back of the pelvis.': 'Schmerz hinten am Becken.',
  'Clinician if it stays': 'Jemand vom Fach, wenn es bleibt',
  'Pain at the front of the pelvis, at the pubic bone': 'Schmerz vorn am Becken, am Schambein',
  'Does standing on one leg, getting out of a car or parting the legs bring it on?':
    'Kommt es vom Stehen auf einem Bein, vom Aussteigen aus dem Auto oder vom Öffnen der Beine?',
  'No wide legs, no pressing the legs together, no standing on one leg; legs stay even.':
    'Keine weiten Beine, kein Zusammendrücken der Beine, kein Stehen auf einem Bein; die Beine bleiben gleich.',
  'Parting or pressing the legs pulls at the joint in front.':
    'Öffnen oder Zusammendrücken der Beine zieht vorn am Gelenk.',
  'Pain at the pubic bone.': 'Schmerz am Schambein.',
  'Clinician; in pregnancy the midwife': 'Jemand vom Fach; in der Schwangerschaft die Hebamme',
  'A muscle pulled or torn in the last six weeks': 'Ein Muskel gezerrt oder gerissen, in den letzten sechs Wochen',
  'Which muscle, and how did it happen? Was there a snap, or a bruise afterwards?':
    'Welcher Muskel, und wie kam es? Gab es einen Knall, oder danach einen Bluterguss?',
  'Half the range, at most 30 seconds, light work: nothing near the end of a range, no strong holds, nothing above level 1.':
    'Der halbe Bereich, höchstens 30 Sekunden, leichte Arbeit: nichts nahe am Ende eines Bereichs, kein kräftiges Halten, nichts über Stufe 1.',
  'A tear heals while it is moved gently, and opens again where it is pulled long.':
    'Ein Riss heilt, während er sanft bewegt wird, und öffnet sich wieder, wo er lang gezogen wird.',
  'A sharp pull at the same place, or soreness there the day after.':
    'Ein scharfer Zug an derselben Stelle, oder Wundsein dort am Tag danach.',
  'Clinician first after a snap or with a bruise': 'Zuerst jemand vom Fach nach einem Knall oder mit Bluterguss',
  'Sore tailbone when sitting': 'Wundes Steißbein beim Sitzen',
  'Since a fall or a birth? Does leaning forward ease it?': 'Seit einem Sturz oder einer Geburt? Löst Vorlehnen es?',
  'Sit high and well forward, at most 60 seconds at a time; kneel, stand or lie on the side. No rounding of the low back.':
    'Sitz hoch und weit vorn, höchstens 60 Sekunden am Stück; knien, stehen oder auf der Seite liegen. Kein Runden des unteren Rückens.',
  'Rolled back, the body sits on the tailbone.': 'Zurückgerollt sitzt der Körper auf dem Steißbein.',
  'Pain at the tailbone.': 'Schmerz am Steißbein.',
  'Clinician if it stays for weeks, or with numbness': 'Jemand vom Fach, wenn es wochenlang bleibt, oder bei Taubheit',
  'Knee ligament or meniscus injury': 'Verletzung von Kniebändern oder Meniskus',
  'Which side, how long ago? Does it lock, swell or give way?':
    'Welche Seite, wie lange her? Blockiert es, schwillt es an oder knickt es weg?',
  kneeling: 'kniend',
  limited: 'begrenzt',
  'No kneeling, no knee bent far beyond a right angle, no twisting through the foot; support the shin. Locking, swelling or giving way: clinician first.':
    'Kein Knien, kein Knie weit über den rechten Winkel gebeugt, kein Verdrehen über den Fuß; stütz den Unterschenkel. Bei Blockieren, Schwellung oder Wegknicken zuerst jemand vom Fach.',
  'Twist and deep bend load ligaments and meniscus.': 'Drehung und tiefe Beugung belasten Bänder und Meniskus.',
  'Pain inside the knee, catching or giving way.': 'Schmerz innen am Knie, Haken oder Wegknicken.',
  'Clinician where it locks, swells or gives way': 'Jemand vom Fach, wo es blockiert, anschwillt oder wegknickt',
  'Knee that locks, swells or gives way': 'Knie, das blockiert, anschwillt oder wegknickt',
  'When did it begin, and who has looked at it?': 'Wann begann es, und wer hat hingeschaut?',
  demanding: 'anspruchsvoll',
  'Please have the knee looked at first; the rest of the body can go on. No kneeling, no bent or turned knee under load, no standing on one leg.':
    'Bitte lass zuerst das Knie ansehen; der Rest des Körpers kann weitermachen. Kein Knien, kein gebeugtes oder gedrehtes Knie unter Last, kein Stehen auf einem Bein.',
  'Something inside the joint may be loose.': 'Im Gelenk kann etwas lose sein.',
  'Catching, swelling or giving way.': 'Haken, Schwellung oder Wegknicken.',
  'Clinician first': 'Zuerst jemand vom Fach',
  'Knee replacement': 'Kniegelenkersatz',
  'When, and what does the surgeon allow? How far does it bend?':
    'Wann, und was erlaubt die Chirurgie? Wie weit beugt es sich?',
  'Ask what the surgeon allows. No kneeling, no deep or turned knee, no standing on one leg.':
    'Frag, was die Chirurgie erlaubt. Kein Knien, kein tiefes oder gedrehtes Knie, kein Stehen auf einem Bein.',
  'The new joint bends less far, and kneeling on it is often not allowed.':
    'Das neue Gelenk beugt sich weniger weit, und Knien darauf ist oft nicht erlaubt.',
  'Sharp pain, heat or swelling at the knee.': 'Scharfer Schmerz, Wärme oder Schwellung am Knie.',
  'A wrist, elbow or shoulder that hurts': 'Ein Handgelenk, Ellbogen oder eine Schulter, die schmerzt',
  'Which arm, and does leaning on it hurt?': 'Welcher Arm, und schmerzt das Stützen darauf?',
  'No weight on the hand or forearm of a sore arm. Sit, stand or lie instead, or let the other arm carry you.':
    'Kein Gewicht auf Hand oder Unterarm eines wunden Arms. Stattdessen sitzen, stehen oder liegen, oder der andere Arm trägt.',
  'Leaning on a sore arm keeps it sore.': 'Stützen auf einen wunden Arm hält ihn wund.',
  'Pain in the arm, or tingling in the hand.': 'Schmerz im Arm, oder Kribbeln in der Hand.',
  'An ankle, heel or calf tendon that hurts': 'Ein Knöchel, eine Ferse oder Achillessehne, die schmerzt',
  'Where, and since when? Turned over, or a sudden snap behind the ankle? Does rising onto the toes of that foot go?':
    'Wo, und seit wann? Umgeknickt, oder ein plötzlicher Knall hinter dem Knöchel? Geht der Zehenstand auf diesem Fuß?',
  'The shin not far over the foot, no sitting back on a pointed foot, no heel raises, nothing on one leg. A blanket under the front of the ankle.':
    'Das Schienbein nicht weit über den Fuß, kein Sitzen auf gestrecktem Fuß, kein Fersenheben, nichts auf einem Bein. Eine Decke vorn unter den Knöchel.',
  'A sore tendon or a turned ankle minds long pulls, hard pushes and wobbling.':
    'Eine wunde Sehne oder ein umgeknickter Knöchel verträgt langen Zug, festes Drücken und Wackeln schlecht.',
  'Pain at the tendon or under the heel, or an ankle that gives way.':
    'Schmerz an der Sehne oder unter der Ferse, oder ein Knöchel, der wegknickt.',
  'Clinician; a doctor at once after a snap, or when rising onto the toes does not go':
    'Jemand vom Fach; sofort ärztlich nach einem Knall, oder wenn der Zehenstand nicht geht',
  'A bone broken in the last three months': 'Ein Knochenbruch in den letzten drei Monaten',
  'Which bone, when, and what did whoever treated it say may be done?':
    'Welcher Knochen, wann, und was darf nach der Behandlung getan werden?',
  'Nothing until whoever treated it says what may be done; enter that as cleared, with the day.':
    'Nichts, bis die Behandelnden sagen, was getan werden darf; trag das mit dem Tag als Freigabe ein.',
  'A bone that looks healed may not bear what it bore before.':
    'Ein Knochen, der geheilt aussieht, trägt vielleicht noch nicht wie zuvor.',
  'It waits until it is cleared.': 'Es wartet, bis es freigegeben ist.',
  'Whoever treated it': 'Wer es behandelt hat',
  'Very mobile joints': 'Sehr bewegliche Gelenke',
  'Do joints slip out? Palms ever flat on the floor, or a thumb bent to the forearm?':
    'Springen Gelenke heraus? Kamen die Handflächen je flach zum Boden, oder ein Daumen an den Unterarm?',
  'Strength in mid-range; holds of at most 30 seconds, never at the end of a range.':
    'Kraft im mittleren Bereich; höchstens 30 Sekunden halten, nie am Ende eines Bereichs.',
  'Ends of ranges are already far away; strength is what is missing.':
    'Die Enden der Bereiche sind schon weit weg; was fehlt, ist Kraft.',
  'A joint that slips, or pain deep in it.': 'Ein Gelenk, das herausspringt, oder Schmerz tief darin.',
  'Clinician where joints slip out or much hurts': 'Jemand vom Fach, wo Gelenke herausspringen oder vieles schmerzt',
  'Inflammatory joint disease, in a flare': 'Entzündliche Gelenkerkrankung, im Schub',
  'Which joints are warm or stiff today, and for how long in the morning?':
    'Welche Gelenke sind heute warm oder steif, und wie lange am Morgen?',
  'Gentle middle ranges: nothing at the end of a range, no strong holds, no weight on the head, no kneeling.':
    'Sanfte mittlere Bereiche: nichts am Ende eines Bereichs, kein kräftiges Halten, kein Gewicht auf dem Kopf, kein Knien.',
  'Inflamed joints and neck ligaments do not bear end ranges.':
    'Entzündete Gelenke und Nackenbänder vertragen keine Endbereiche.',
  'More heat, swelling or pain in a joint.': 'Mehr Wärme, Schwellung oder Schmerz in einem Gelenk.',
  'Doctor if a joint gets hot': 'Ärztlich, wenn ein Gelenk heiß wird',
  'Dizziness, bleeding, leaking fluid, contractions, headache, short breath or the baby moving less.':
    'Schwindel, Blutung, Fruchtwasser, Wehen, Kopfschmerz, Atemnot, oder das Kind bewegt sich weniger.',
  'Pregnant, first three months': 'Schwanger, erste drei Monate',
  'How many weeks? Any bleeding or complications, and what did midwife or doctor say?':
    'Wie viele Wochen? Blutung oder Komplikationen, und was sagten Hebamme oder Ärztin?',
  'Comfort leads. No strong holds, no legs held in the air, nothing pressed into the belly. Questions about bleeding or complications go to the midwife or doctor.':
    'Wohlsein geht vor. Kein kräftiges Halten, keine Beine in der Luft, nichts in den Bauch gedrückt. Fragen zu Blutung oder Komplikationen gehen an Hebamme oder Ärztin.',
  'Heat, held breath and strain are kept low.': 'Hitze, angehaltener Atem und Anstrengung werden klein gehalten.',
  'Midwife or doctor': 'Hebamme oder Ärztin',
  'Pregnant, months four to six': 'Schwanger, vierter bis sechster Monat',
  'How does lying flat feel? Any pain at the front of the pelvis?': 'Wie ist flaches Liegen? Schmerz vorn am Becken?',
  'No lying on the front, no lying flat on the back, no strong twists. Nothing pressed into the belly, nothing at the end of a range.':
    'Kein Liegen auf dem Bauch, kein flaches Liegen auf dem Rücken, keine kräftigen Drehungen. Nichts in den Bauch gedrückt, nichts am Ende eines Bereichs.',
  'Lying flat or on the front is uncomfortable, and ligaments give more.':
    'Flach oder auf dem Bauch zu liegen ist unangenehm, und Bänder geben mehr nach.',
  'Pregnant, last three months': 'Schwanger, letzte drei Monate',
  'How is lying best? Any pain at the front of the pelvis, swelling or dizziness?':
    'Wie liegt es sich am besten? Schmerz vorn am Becken, Schwellung oder Schwindel?',
  'Side-lying and seated shapes only; no wide legs, nothing pressed into the belly, nothing at the end of a range. Stop for dizziness, bleeding, contractions; call the midwife or doctor.':
    'Nur Seitenlage und Sitzen; keine weiten Beine, nichts in den Bauch gedrückt, nichts am Ende eines Bereichs. Hör auf bei Schwindel, Blutung, Wehen; ruf Hebamme oder Ärztin.',
  'Lying flat can press on vessels; balance and pubic joint need care.':
    'Flaches Liegen kann auf Gefäße drücken; Gleichgewicht und Schambeinfuge brauchen Sorgfalt.',
  'Gave birth in the last twelve weeks, or by Caesarean': 'Geburt in den letzten zwölf Wochen, auch mit Kaiserschnitt',
  'How many weeks ago, and how? Has the check-up said yes to exercise? Any heaviness or leaking?':
    'Vor wie vielen Wochen, und wie? Hat die Nachuntersuchung Ja zur Bewegung gesagt? Schwere oder Tröpfeln?',
  'First the check-up and a yes from there. Breath, walking and gentle hips meanwhile: no work against a load, no legs held in the air, no wide legs, no lying on the front.':
    'Zuerst die Nachuntersuchung und ein Ja von dort. Bis dahin Atem, Gehen und sanfte Hüften: keine Arbeit gegen Last, keine Beine in der Luft, keine weiten Beine, kein Liegen auf dem Bauch.',
  'Belly wall and pelvic floor need their time before they are loaded.':
    'Bauchwand und Beckenboden brauchen ihre Zeit, bevor sie belastet werden.',
  'Bleeding, heaviness, leaking, or a ridge along the middle of the belly.':
    'Blutung, Schwere, Tröpfeln, oder ein Grat in der Mitte des Bauchs.',
  'Midwife, doctor or pelvic-floor physiotherapist': 'Hebamme, Ärztin oder Beckenboden-Physiotherapie',
  'Hernia, or a feeling of heaviness in the pelvic floor': 'Leistenbruch, oder ein Gefühl von Schwere im Beckenboden',
  'Where, and since when? What did doctor or physiotherapist allow?':
    'Wo, und seit wann? Was wurde ärztlich oder von der Physiotherapie erlaubt?',
  'Ask what a doctor or pelvic-floor physiotherapist allows. No straining, no held breath, no legs held in the air, no wide legs, no deep squat.':
    'Frag, was ärztlich oder von der Beckenboden-Physiotherapie erlaubt ist. Kein Pressen, kein angehaltener Atem, keine Beine in der Luft, keine weiten Beine, keine tiefe Hocke.',
  'Straining pushes on what is already weak.': 'Pressen drückt auf das, was schon schwach ist.',
  'A bulge that hurts or grows, or more heaviness.': 'Eine Vorwölbung, die schmerzt oder wächst, oder mehr Schwere.',
  'Doctor or pelvic-floor physiotherapist': 'Ärztlich oder Beckenboden-Physiotherapie',
  'Numb between the legs, or new trouble with bladder, bowel or both legs':
    'Taub zwischen den Beinen, oder neue Beschwerden mit Blase, Darm oder beiden Beinen',
  'Any numbness where you would sit on a saddle, or new trouble with bladder, bowel, sex, or both legs?':
    'Taubheit dort, wo du auf einem Sattel sitzen würdest, oder neue Beschwerden mit Blase, Darm, Sexualität oder beiden Beinen?',
  'Please get emergency medical help today. Nothing is tested or practised.':
    'Bitte lass dir heute im Notfall helfen. Nichts wird getestet oder geübt.',
  'The nerves at the base of the spine may be pressed; hours matter.':
    'Die Nerven am unteren Ende der Wirbelsäule sind vielleicht gedrückt; Stunden zählen.',
  'It stops here.': 'Hier ist Schluss.',
  'Emergency care, today': 'Notfallhilfe, heute',
  'Pain at night that no position eases, with fever, weight loss or a history of cancer':
    'Schmerz nachts, den keine Lage löst, mit Fieber, Gewichtsverlust oder früherer Krebserkrankung',
  'Pain at night that no position eases, or pain with fever, weight loss you cannot explain or cancer in the past?':
    'Schmerz nachts, den keine Lage löst, oder Schmerz mit Fieber, ungewolltem Gewichtsverlust oder früherer Krebserkrankung?',
  'Please see a doctor today. Nothing is tested or practised until then.':
    'Bitte geh heute zur Ärztin oder zum Arzt. Bis dahin wird nichts getestet oder geübt.',
  'Pain that nothing eases, with feeling ill, is not a matter of muscle.':
    'Schmerz, den nichts löst, mit Krankheitsgefühl, ist keine Sache des Muskels.',
  'A doctor, today': 'Ärztlich, heute',
  'One calf or thigh hot, swollen and tender': 'Eine Wade oder ein Oberschenkel heiß, geschwollen und druckempfindlich',
  'Is one calf or thigh hot, swollen or tender, or are you newly short of breath?':
    'Ist eine Wade oder ein Oberschenkel heiß, geschwollen oder druckempfindlich, oder bist du neu kurzatmig?',
  'Please see a doctor today. Do not stretch, press or test this leg.':
    'Bitte geh heute zur Ärztin oder zum Arzt. Dehne, drück und teste dieses Bein nicht.',
  'It may be a clot. Stretching or pressing could move it.':
    'Es kann ein Gerinnsel sein. Dehnen oder Drücken könnte es lösen.',
  'It stops here. With chest pain or short breath: emergency care.':
    'Hier ist Schluss. Mit Brustschmerz oder Atemnot: Notfallhilfe.',
  'Cannot stand on the leg after a fall': 'Kann nach einem Sturz nicht auf dem Bein stehen',
  'Is there a leg that you cannot stand on since a fall or a blow?':
    'Gibt es ein Bein, auf dem du seit einem Sturz oder Schlag nicht stehen kannst?',
  'Please have this looked at today before anything else.': 'Bitte lass das heute ansehen, vor allem anderen.',
  'A bone may be broken.': 'Ein Knochen kann gebrochen sein.',
  'Growing weakness or spreading numbness in a leg':
    'Zunehmende Schwäche oder sich ausbreitende Taubheit in einem Bein',
  'Is a leg or foot getting weaker, or is numbness spreading?':
    'Wird ein Bein oder Fuß schwächer, oder breitet sich Taubheit aus?',
  'Please see a doctor today. Nothing is tested or practised.':
    'Bitte geh heute zur Ärztin oder zum Arzt. Nichts wird getestet oder geübt.',
  'A nerve may be losing its strength; it needs a look the same day.':
    'Ein Nerv verliert vielleicht seine Kraft; das muss am selben Tag angesehen werden.',
  'A joint that is hot, red and swollen, or with fever':
    'Ein Gelenk, das heiß, rot und geschwollen ist, oder mit Fieber',
  'Is any joint hot, red and swollen?': 'Ist ein Gelenk heiß, rot und geschwollen?',
  'Please see a doctor today. The joint rests until then.':
    'Bitte geh heute zur Ärztin oder zum Arzt. Bis dahin ruht das Gelenk.',
  'It may be infected.': 'Es kann entzündet sein.',
  'Heart trouble, chest pain or fainting, not cleared by a doctor':
    'Herzbeschwerden, Brustschmerz oder Ohnmacht, ärztlich nicht abgeklärt',
  'Heart trouble, chest pain or fainting that no doctor has cleared for exercise?':
    'Herzbeschwerden, Brustschmerz oder Ohnmacht, die niemand ärztlich für Bewegung freigegeben hat?',
  'Please ask your doctor first what exercise is right for you.':
    'Bitte frag zuerst ärztlich, welche Bewegung für dich richtig ist.',
  'Effort and breath-holding load the heart.': 'Anstrengung und Anhalten des Atems belasten das Herz.',
  'Chest pain, short breath or fainting now: emergency care.':
    'Brustschmerz, Atemnot oder Ohnmacht jetzt: Notfallhilfe.',
  'Doctor, before anything': 'Ärztlich, vor allem anderen',
  'Surgery in the last three months': 'Operation in den letzten drei Monaten',
  'Any operation in the last three months?': 'Eine Operation in den letzten drei Monaten?',
  'Please bring the surgeon’s list of what is allowed; we begin from there.':
    'Bitte bring die Liste mit, was nach der Operation erlaubt ist; damit beginnen wir.',
  'What has been sewn or fixed has its own time; only the surgeon knows it.':
    'Was genäht oder befestigt wurde, hat seine eigene Zeit; nur die Chirurgie kennt sie.',
  'It waits for the surgeon’s list.': 'Es wartet auf die Liste aus der Chirurgie.',
  'The surgeon': 'Die Chirurgie',
  'High blood pressure that is not under control': 'Hoher Blutdruck, der nicht eingestellt ist',
  'If your blood pressure is high: what was the latest reading, and is it being treated?':
    'Wenn dein Blutdruck hoch ist: wie war der letzte Wert, und wird er behandelt?',
  'Please ask your doctor first, and bring the latest reading.':
    'Bitte frag zuerst ärztlich, und bring den letzten Wert mit.',
  'Strong efforts raise the pressure at once.': 'Starke Anstrengung hebt den Druck sofort.',
  'Headache, chest pain or blurred sight now: emergency care.':
    'Kopfschmerz, Brustschmerz oder verschwommenes Sehen jetzt: Notfallhilfe.',
  'A stroke, or a weak place in a blood vessel': 'Ein Schlaganfall, oder eine schwache Stelle in einem Blutgefäß',
  'Ever a stroke, or told of a weak place in a blood vessel?':
    'Je ein Schlaganfall, oder eine genannte schwache Stelle in einem Blutgefäß?',
  'Ask for the doctor’s word before anything is tested or practised.':
    'Frag nach dem ärztlichen Wort, bevor etwas getestet oder geübt wird.',
  'How much effort and which positions are safe is for the doctor to say.':
    'Wie viel Anstrengung und welche Lagen sicher sind, ist ärztlich zu sagen.',
  'Sudden headache, a drooping face or slurred words: emergency care.':
    'Plötzlicher Kopfschmerz, ein hängendes Gesicht oder lallende Worte: Notfallhilfe.',
  'Pain, tingling or numbness that runs further down the leg.':
    'Schmerz, Kribbeln oder Taubheit, die weiter das Bein hinabläuft.',
  'Low back trouble with pain down a leg': 'Beschwerden am unteren Rücken mit Schmerz ein Bein hinab',
  'Which movement sends it further down, which brings it back up? Any weakness?':
    'Welche Bewegung schickt es weiter hinab, welche holt es herauf? Schwäche?',
  'Knees stay bent and the back long: no rounding, no long pull on the back of the leg. No legs held in the air, no thighs pulled up against a load, no strong holds. If it spreads or weakens, see a doctor soon.':
    'Knie bleiben gebeugt und der Rücken lang: kein Runden, kein langer Zug an der Beinrückseite. Keine Beine in der Luft, keine Oberschenkel gegen Last hochgezogen, kein kräftiges Halten. Wenn es sich ausbreitet oder schwächt, bald ärztlich.',
  'Rounding under load can send pain further down the leg.':
    'Runden unter Last kann den Schmerz weiter das Bein hinab schicken.',
  'Doctor or physiotherapist if it spreads, weakens or stays':
    'Ärztlich oder Physiotherapie, wenn es sich ausbreitet, schwächt oder bleibt',
  'Low back ache': 'Schmerz im unteren Rücken',
  'Does bending, arching or long sitting bring it on?': 'Kommt es vom Beugen, vom Wölben oder vom langen Sitzen?',
  'Pelvis first: keep the low back quiet. No arching, no legs held in the air, and folds stop before the back is round.':
    'Zuerst das Becken: halt den unteren Rücken ruhig. Kein Wölben, keine Beine in der Luft, und Vorbeugen enden, bevor der Rücken rund ist.',
  'The ends of bending and arching load what aches.': 'Die Enden von Beugen und Wölben belasten, was schmerzt.',
  'An ache that grows, or runs into a leg.': 'Ein Schmerz, der zunimmt oder ins Bein zieht.',
  'Clinician if it stays for weeks or wakes at night': 'Jemand vom Fach, wenn es wochenlang bleibt oder nachts weckt',
  'Tingling or shooting down the back of a leg': 'Kribbeln oder Schießen hinten das Bein hinab',
  'How far down does it go, and what sets it off?': 'Wie weit hinab geht es, und was löst es aus?',
  'No long pull on the back of the leg, no rounding, no legs held in the air. Ask a clinician about it.':
    'Kein langer Zug an der Beinrückseite, kein Runden, keine Beine in der Luft. Frag jemanden vom Fach danach.',
  'A nerve that is pulled for long gets crosser, not longer.':
    'Ein Nerv, an dem lange gezogen wird, wird gereizter, nicht länger.',
  Clinician: 'Jemand vom Fach',
  'Legs get heavy in standing or bending back, better in sitting':
    'Beine werden beim Stehen oder Rückbeugen schwer, im Sitzen besser',
  'How far does walking go, and does sitting ease it?': 'Wie weit geht das Gehen, und löst Sitzen es?',
  'No arching; rounded and seated shapes are comfortable. Ask a clinician if it is new.':
    'Kein Wölben; runde und sitzende Formen sind angenehm. Frag jemanden vom Fach, wenn es neu ist.',
  'Bending back narrows the room for the nerves.': 'Rückbeugen verengt den Raum für die Nerven.',
  'Legs that get heavy or numb.': 'Beine, die schwer oder taub werden.',
  'Clinician if it is new or grows': 'Jemand vom Fach, wenn es neu ist oder zunimmt',
  'Told of a vertebra that slips': 'Ein Wirbel, der gleitet, wurde genannt',
  'What did doctor or physiotherapist allow?': 'Was wurde ärztlich oder von der Physiotherapie erlaubt?',
  'Ask what the doctor or physiotherapist allows. No arching, no twisting, no legs held in the air, no thigh far behind the body.':
    'Frag, was ärztlich oder von der Physiotherapie erlaubt ist. Kein Wölben, kein Drehen, keine Beine in der Luft, kein Oberschenkel weit hinter dem Körper.',
  'Arching and twisting load the joint that has given way.':
    'Wölben und Drehen belasten das Gelenk, das nachgegeben hat.',
  'Doctor or physiotherapist first': 'Zuerst ärztlich oder Physiotherapie',
  'Brittle bones': 'Brüchige Knochen',
  'Ever a broken vertebra, wrist or hip? What did the doctor say of bending and lifting?':
    'Je ein gebrochener Wirbel, ein Handgelenk oder eine Hüfte? Was wurde ärztlich zu Beugen und Heben gesagt?',
  'Hinge from the hips: no rounding of the low or upper back, no twisting, no weight on the head, no balancing without a hold.':
    'Aus den Hüften neigen: kein Runden des unteren oder oberen Rückens, kein Drehen, kein Gewicht auf dem Kopf, kein Balancieren ohne Halt.',
  'Rounding and twisting under load can break a weak vertebra.':
    'Runden und Drehen unter Last können einen schwachen Wirbel brechen.',
  'Sudden pain in the back.': 'Plötzlicher Schmerz im Rücken.',
  'Doctor first after a broken vertebra': 'Zuerst ärztlich nach einem gebrochenen Wirbel',
  'A back that was fused, or is held by metal': 'Ein versteifter oder mit Metall gehaltener Rücken',
  'Which part, when, and what did the surgeon say about bending, twisting and lifting?':
    'Welcher Teil, wann, und was sagte die Chirurgie zu Beugen, Drehen und Heben?',
  'Move from the hips: no rounding of the low or upper back, no arching, no twisting. No legs held in the air, no strong holds, no weight on the head.':
    'Aus den Hüften bewegen: kein Runden des unteren oder oberen Rückens, kein Wölben, kein Drehen. Keine Beine in der Luft, kein kräftiges Halten, kein Gewicht auf dem Kopf.',
  'What does not bend makes its neighbours bend more.': 'Was sich nicht beugt, lässt seine Nachbarn mehr beugen.',
  'New pain in the back, or tingling in a leg.': 'Neuer Schmerz im Rücken, oder Kribbeln in einem Bein.',
  'Surgeon or physiotherapist, for what is allowed': 'Chirurgie oder Physiotherapie, für das, was erlaubt ist',
  'A neck that hurts, or was hurt': 'Ein Nacken, der schmerzt oder verletzt war',
  'Which movement hurts? Anything in the arms, dizziness or trouble with sight?':
    'Welche Bewegung schmerzt? Etwas in den Armen, Schwindel oder Sehstörungen?',
  'No weight on the head, no head below the heart, no head far back, forward or round.':
    'Kein Gewicht auf dem Kopf, kein Kopf tiefer als das Herz, kein Kopf weit zurück, vor oder gedreht.',
  'The neck is made for carrying a head, not a body.': 'Der Nacken ist dafür da, einen Kopf zu tragen, keinen Körper.',
  'Dizziness, trouble with sight or speech, tingling in the arms.':
    'Schwindel, Störungen von Sehen oder Sprechen, Kribbeln in den Armen.',
  'High blood pressure': 'Hoher Blutdruck',
  'Is it under control? What was the latest reading?': 'Ist er eingestellt? Wie war der letzte Wert?',
  'Keep breathing, no strong holds, no head below the heart. If it is not under control, ask a doctor first.':
    'Weiteratmen, kein kräftiges Halten, kein Kopf tiefer als das Herz. Wenn er nicht eingestellt ist, zuerst ärztlich fragen.',
  'Strong holds, held breath and head-down shapes raise it further.':
    'Kräftiges Halten, angehaltener Atem und Kopf-unten-Formen heben ihn weiter.',
  'Headache, blurred sight, chest pain or short breath.':
    'Kopfschmerz, verschwommenes Sehen, Brustschmerz oder Atemnot.',
  'Doctor first if it is not under control': 'Zuerst ärztlich, wenn er nicht eingestellt ist',
  'Low blood pressure, faint on rising': 'Niedriger Blutdruck, schwach beim Aufstehen',
  'Faint on rising? Ever fainted?': 'Schwach beim Aufstehen? Je ohnmächtig?',
  'No head below the heart; rise slowly, by way of the side and of sitting.':
    'Kein Kopf tiefer als das Herz; langsam aufstehen, über die Seite und das Sitzen.',
  'Coming up quickly can make the student faint.': 'Schnelles Aufrichten kann zur Ohnmacht führen.',
  'A light head, or black before the eyes: sit down at once.': 'Leerer Kopf, oder schwarz vor Augen: sofort hinsetzen.',
  'Doctor after any faint': 'Ärztlich nach jeder Ohnmacht',
  'Raised eye pressure': 'Erhöhter Augendruck',
  'Is it treated? What did the eye doctor say of bending down?':
    'Wird er behandelt? Was wurde augenärztlich zum Hinabbeugen gesagt?',
  'No head below the heart, no weight on the head, no work against a load.':
    'Kein Kopf tiefer als das Herz, kein Gewicht auf dem Kopf, keine Arbeit gegen Last.',
  'Head-down shapes and strain raise the pressure in the eye.':
    'Kopf-unten-Formen und Anstrengung heben den Druck im Auge.',
  'Pain in the eye, or sight that blurs.': 'Schmerz im Auge, oder verschwimmendes Sehen.',
  'The eye doctor before anything with the head down': 'Augenärztlich, bevor der Kopf nach unten kommt',
  'Epilepsy, dizziness or fainting': 'Epilepsie, Schwindel oder Ohnmacht',
  'When did it last happen, and what sets it off?': 'Wann zuletzt, und was löst es aus?',
  'No head below the heart, no balancing with nothing to hold, slow changes, floor or wall near.':
    'Kein Kopf tiefer als das Herz, kein Balancieren ohne Halt, langsame Wechsel, Boden oder Wand nah.',
  'A fall is the danger.': 'Die Gefahr ist ein Sturz.',
  'Dizziness, or a look that goes blank: sit or lie down at once.':
    'Schwindel, oder ein leerer Blick: sofort hinsetzen oder hinlegen.',
  'Doctor if it is new': 'Ärztlich, wenn es neu ist',
  'Migraine, or headaches that come often': 'Migräne, oder Kopfschmerz, der oft kommt',
  'What sets them off: light, strain, the neck, the head down?':
    'Was löst ihn aus: Licht, Anstrengung, der Nacken, der Kopf unten?',
  'No head below the heart, no weight on the head, no head far back, no strong holds. Dim light, slow changes.':
    'Kein Kopf tiefer als das Herz, kein Gewicht auf dem Kopf, kein Kopf weit zurück, kein kräftiges Halten. Gedämpftes Licht, langsame Wechsel.',
  'Strain, a bent neck and a head that hangs set many of them off.':
    'Anstrengung, ein gebeugter Nacken und ein hängender Kopf lösen viele aus.',
  'A headache that begins or grows. Sudden and the worst ever, or with trouble with sight, speech or an arm: emergency care.':
    'Kopfschmerz, der beginnt oder zunimmt. Plötzlich und so stark wie nie, oder mit Störungen von Sehen, Sprechen oder einem Arm: Notfallhilfe.',
  'Doctor if they are new, or different from before': 'Ärztlich, wenn er neu ist oder anders als zuvor',
  'Asthma, or short of breath with little effort': 'Asthma, oder kurzatmig bei wenig Anstrengung',
  'What sets it off? Is the inhaler here? Is there breath to talk on the stairs?':
    'Was löst es aus? Ist der Inhalator da? Reicht der Atem auf der Treppe zum Sprechen?',
  'The breath leads: no strong holds, no head below the heart, no lying on the front, nothing pressed into the belly. Lie with the upper body raised.':
    'Der Atem führt: kein kräftiges Halten, kein Kopf tiefer als das Herz, kein Liegen auf dem Bauch, nichts in den Bauch gedrückt. Mit erhöhtem Oberkörper liegen.',
  'What presses on belly and ribs leaves less room for breath.':
    'Was auf Bauch und Rippen drückt, lässt weniger Raum zum Atmen.',
  'Wheezing, or a sentence that cannot be finished. Not better within minutes: emergency care.':
    'Pfeifen, oder ein Satz, der nicht zu Ende gesprochen werden kann. Nach Minuten nicht besser: Notfallhilfe.',
  'Doctor first if it is new, or worse than usual': 'Zuerst ärztlich, wenn es neu ist oder schlimmer als sonst',
  'An illness of nerves or movement, such as Parkinson’s or MS':
    'Eine Erkrankung der Nerven oder Bewegung, etwa Parkinson oder MS',
  'What is hard on a bad day: balance, stiffness, heat, getting tired? Any fall?':
    'Was ist an einem schlechten Tag schwer: Gleichgewicht, Steifheit, Hitze, Müdigkeit? Ein Sturz?',
  'Chair or wall within reach: no balancing with nothing to hold, nothing on one leg. No weight on the head, no strong holds, nothing above level 2. A cool room, rests between.':
    'Stuhl oder Wand in Reichweite: kein Balancieren ohne Halt, nichts auf einem Bein. Kein Gewicht auf dem Kopf, kein kräftiges Halten, nichts über Stufe 2. Ein kühler Raum, Pausen dazwischen.',
  'Balance and strength change from day to day, and a fall costs much.':
    'Gleichgewicht und Kraft ändern sich von Tag zu Tag, und ein Sturz kostet viel.',
  'Unsteadiness, great tiredness, or a limb that no longer obeys.':
    'Unsicherheit, große Müdigkeit, oder ein Glied, das nicht mehr folgt.',
  'Doctor or physiotherapist, for what suits the day': 'Ärztlich oder Physiotherapie, für das, was zum Tag passt',
  'Cancer: in treatment, or ever in the bones': 'Krebs: in Behandlung, oder je in den Knochen',
  'What does the treating team say about bones, blood, ports and lifting?':
    'Was sagen die Behandelnden zu Knochen, Blut, Zugängen und Heben?',
  'Movement often does good here, and the treating team says which. Enter what they allow as cleared, with the day.':
    'Bewegung tut hier oft gut, und die Behandelnden sagen, welche. Trag mit dem Tag als Freigabe ein, was sie erlauben.',
  'Treatment can leave bones, blood and skin weaker than they feel.':
    'Die Behandlung kann Knochen, Blut und Haut schwächer lassen, als sie sich anfühlen.',
  'The treating team': 'Die Behandelnden',
  'Fever, or ill today': 'Fieber, oder heute krank',
  'Since when? Anything with it: stiff neck, rash, short breath?':
    'Seit wann? Etwas dazu: steifer Nacken, Ausschlag, Atemnot?',
  'Not today. Rest, and come back when the fever has been gone for two days.':
    'Nicht heute. Ruh dich aus, und komm wieder, wenn das Fieber zwei Tage weg ist.',
  'A body that fights an infection has nothing to spare.': 'Ein Körper, der eine Infektion bekämpft, hat nichts übrig.',
  'It waits until it is over.': 'Es wartet, bis es vorbei ist.',
  'Doctor if it stays; at once with a stiff neck, confusion or short breath':
    'Ärztlich, wenn es bleibt; sofort bei steifem Nacken, Verwirrtheit oder Atemnot',
  'Over 65 or unsure on the feet': 'Über 65 oder unsicher auf den Füßen',
  'Any fall in the last year? Down to the floor and up again without help?':
    'Ein Sturz im letzten Jahr? Ohne Hilfe hinunter auf den Boden und wieder hoch?',
  'Chair or wall within reach, no balancing with nothing to hold, nothing above level 2; give time for getting down and up.':
    'Stuhl oder Wand in Reichweite, kein Balancieren ohne Halt, nichts über Stufe 2; Zeit lassen zum Hinunter- und Hochkommen.',
  'Getting down and up takes time, and a fall costs more.':
    'Hinunter- und Hochkommen braucht Zeit, und ein Sturz kostet mehr.',
  'Unsteadiness, dizziness, or new groin or hip pain after a fall.':
    'Unsicherheit, Schwindel, oder neuer Leisten- oder Hüftschmerz nach einem Sturz.',
  'Doctor after a fall with hip or groin pain': 'Ärztlich nach einem Sturz mit Hüft- oder Leistenschmerz',
  'Child or teenager': 'Kind oder Jugendliche',
  'Is a guardian here and willing? Any limp, or pain in hip, thigh or knee?':
    'Sind Eltern da und einverstanden? Hinken, oder Schmerz in Hüfte, Oberschenkel oder Knie?',
  'With a guardian’s consent, moving alone, as play: no strong holds, no pushing hard with the knee, no pressing the legs together. Hip, thigh or knee pain with a limp: a doctor first.':
    'Mit Einverständnis der Eltern, allein bewegt, als Spiel: kein kräftiges Halten, kein festes Drücken mit dem Knie, kein Zusammendrücken der Beine. Hüft-, Oberschenkel- oder Knieschmerz mit Hinken: zuerst ärztlich.',
  'Growing bone can slip where grown bone would not.':
    'Wachsender Knochen kann rutschen, wo ausgewachsener es nicht täte.',
  'Pain, or a limp afterwards.': 'Schmerz, oder Hinken danach.',
  'A doctor first with a limp': 'Bei Hinken zuerst ärztlich',
  'Acid that rises when lying or bending': 'Säure, die beim Liegen oder Beugen aufsteigt',
  'When was the last meal? Does lying on the left feel better?':
    'Wann war die letzte Mahlzeit? Fühlt sich Liegen auf der linken Seite besser an?',
  'No head below the heart, no lying on the front, nothing pressed into the belly; lie with the upper body raised, not soon after eating.':
    'Kein Kopf tiefer als das Herz, kein Liegen auf dem Bauch, nichts in den Bauch gedrückt; mit erhöhtem Oberkörper liegen, nicht kurz nach dem Essen.',
  'Lying flat on the belly or head down lets the acid rise.':
    'Flach auf dem Bauch oder mit dem Kopf unten steigt die Säure auf.',
  'Burning behind the breastbone. With chest pain: emergency care.':
    'Brennen hinter dem Brustbein. Mit Brustschmerz: Notfallhilfe.',
  'Doctor if it comes often': 'Ärztlich, wenn es oft kommt',
  'Numb or fragile skin, blood thinners or long use of steroids':
    'Taube oder empfindliche Haut, Blutverdünner oder lange Kortison',
  'Where is the skin numb or easily bruised?': 'Wo ist die Haut taub oder bekommt leicht blaue Flecken?',
  'Pad every prop, look at the skin, no firm pressing; short spells on the side and on the knees.':
    'Jedes Hilfsmittel polstern, auf die Haut sehen, nicht fest drücken; nur kurz auf der Seite und auf den Knien.',
  'Pressure marks and bruises come easily and may not be felt.':
    'Druckstellen und blaue Flecken kommen leicht und werden vielleicht nicht gespürt.',
  'A red mark that stays, or a bruise.': 'Eine rote Stelle, die bleibt, oder ein blauer Fleck.',
  'Doctor about wounds or bruises': 'Ärztlich bei Wunden oder blauen Flecken',
  'Pain after the last test or practice for more than a day':
    'Schmerz nach dem letzten Test oder der letzten Praxis, länger als einen Tag',
  'After which pose or test, where, and for how long?': 'Nach welcher Haltung oder welchem Test, wo, und wie lange?',
  'Half as far and half as long today: no strong holds, nothing at the end of a range, nothing above level 1. Twice in a row: ask a clinician.':
    'Heute halb so weit und halb so lang: kein kräftiges Halten, nichts am Ende eines Bereichs, nichts über Stufe 1. Zweimal hintereinander: jemanden vom Fach fragen.',
  'What hurts a day later was too much.': 'Was einen Tag später schmerzt, war zu viel.',
  'The same pain again.': 'Wieder derselbe Schmerz.',
  'Clinician when it happens twice': 'Jemand vom Fach, wenn es zweimal vorkommt',
  'Prefers not to be touched': 'Möchte nicht berührt werden',
  'Ask each time, and take no for an answer.': 'Frag jedes Mal, und nimm ein Nein an.',
  'Ask each time; let the student hold still alone, and write that down.':
    'Frag jedes Mal; lass die Person allein stillhalten, und schreib das auf.',
  'Touch is the student’s to give or keep.': 'Berührung zu geben oder zu verweigern, liegt bei der Person.',
  'Any word to stop, or a student who goes quiet.': 'Jedes Wort zum Aufhören, oder jemand, der still wird.',
  'Nobody; it is the student’s to decide': 'Niemand; das entscheidet die Person',
};
