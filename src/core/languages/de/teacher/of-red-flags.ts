import type { Phrases } from '../../phrases';

export const OF_RED_FLAGS: Phrases = {
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
