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
};
