/** A chapter of the guide: a few short paragraphs and, where it is about doing, steps in order. */
export interface Chapter {
  id: string;
  title: string;
  paragraphs: readonly string[];
  steps?: readonly string[];
}

export const CHAPTERS: readonly Chapter[] = [
  {
    id: 'first-student',
    title: 'Your first student in twenty minutes',
    paragraphs: [
      'You need a mat, a table or firm bed, and a phone for angles. Wear nothing that hides the hip bones.',
      'Everything you type is kept as you go. You can stop at any point and come back.',
    ],
    steps: [
      'Add the student under Students. Height, weight and year of birth are enough to begin.',
      'Ask the nine safety questions together. “Not sure” counts as yes until someone has cleared it.',
      'Tap on the drawn body where it bothers them, and say how it feels.',
      'Under Measure keep “Quick look”. It takes about ten minutes and needs few changes of position.',
      'Do each test slowly, on both sides. Write down the number, where it was felt and how it ended.',
      'Open Findings. Read the sentence at the top, then look at the painted body together.',
      'Press “Rank poses for these aims”, and then “Build a practice” for the minutes you have.',
    ],
  },
  {
    id: 'safely',
    title: 'Testing safely',
    paragraphs: [
      'Ask before you touch, and every time you change where you touch. Write down what was agreed under Ask.',
      'Move slowly and stop at the first firm stretch. You are looking for where it stops, not how far it can be pushed.',
      'Pain, pinching, tingling or numbness ends a test at once. Press “Pain, stop”; that side is then left alone.',
      'A reading that ended in pain says nothing about length. Kolpos builds no stretch on it.',
      'What a caution closes cannot be opened by a slip. The reason stands beside it.',
      'A knee, a hip or an ankle has a side: say which, and the other leg stays open. Unasked, both count.',
    ],
  },
  {
    id: 'repeatable',
    title: 'Testing so that it can be repeated',
    paragraphs: [
      'A change is worth telling only when it is larger than the error of measuring. For most angles that is six to nine degrees.',
      'Test at the same time of day, cold or warm each time, in the same order, with the same instrument.',
      'Hold the rest of the body still. When the pelvis tips or the knee bends, say so; the reading then counts less.',
      'Take a second trial when the first surprised you. Kolpos asks for one when two are far apart.',
    ],
  },
  {
    id: 'in-hundred',
    title: 'What “65 in 100” means',
    paragraphs: [
      'It means that of a hundred students who tested like this one, the named muscle would stop the movement in about 65.',
      'It is not a grade and not a share of blame. In the other 35 something else stops it.',
      'From 80 in 100 it is called one limiter. Below that two names are given, or it is said to be unclear.',
      'Press “Which test?” to see what would make it clearer. Often one more test, or one more place felt, is enough.',
      'Nothing is ever shown as 0 or 100. No test on a mat is that sure.',
    ],
  },
  {
    id: 'refer',
    title: 'When to refer',
    paragraphs: [
      'Kolpos never diagnoses, and neither should a yoga lesson. Some answers close everything until a clinician has looked.',
      'Refer today: new weakness or numbness in a leg, loss of bladder or bowel control, a hot swollen calf, fever with joint pain.',
      'Refer first: pain at night, pain after a fall, a joint that locks, or pain that grows from week to week.',
      'When the answer comes, write it under Ask with the day and who gave it. Then the closed parts open.',
    ],
  },
  {
    id: 'poses',
    title: 'Choosing poses',
    paragraphs: [
      'Poses are ranked by what they reach in this body, at the depth that is comfortable now. The number opens to its parts.',
      'Where one muscle of a group is short, that one counts. A calf that is short only with the knee straight is stretched with the knee straight.',
      'The heavy outline on the figure shows what stops the way in. The slider shows other depths.',
      'Type any name to find a pose that is not in the list. It says why it is not there.',
      'Star what you like to teach; press “Never use” for what you never teach. Practices follow both.',
    ],
  },
  {
    id: 'practice',
    title: 'Building a practice',
    paragraphs: [
      'Say how many minutes there are. Under Wishes you can set style, place, props and a pose to work towards.',
      'The line at the top shows every shape at its time. Below it, work goes up and stretch goes down.',
      'Everything can be changed: longer, shorter, another shape, another order. Undo has no end.',
      'Between the poses stands how to get from one to the next. Teach says it too, before each pose.',
      'Work comes in sets. The other side is the rest between them; where both sides work at once, a rest is timed.',
      'A flow goes in rounds: one side through a few poses, then the other. “Make a round” and “Pose by pose” change that.',
      'A flow begins with sun salutations. Choose another salutation, or none, among the wishes.',
      'Where a caution closes one side of a shape, the other is done alone if that serves an aim. The row says so.',
      '“Keep” holds a shape in place when the practice is built again around it.',
      '“Your own sequence” reads what you teach anyway, by any name, and fits it to your student.',
      'It knows sun salutations too: “Sun salutation A x 3” is a round that is gone through three times.',
      'Beside every practice stand small changes that would help. Take one, or leave them all.',
    ],
  },
  {
    id: 'teaching',
    title: 'Teaching it',
    paragraphs: [
      'Put the tablet where you both see it. Space pauses, the arrow goes on; a foot pedal works too.',
      'A lesson is said in your student’s language, English or German. “Cues” above turns it back to English.',
      'Easier and Harder change to the rung before or after. Swap offers something else for the same aim.',
      'Pain stops the clock. Say what kind it was; the words to say and what spares it appear.',
      'Say where it was felt, when it is easy to. It makes the next findings surer.',
    ],
  },
  {
    id: 'home',
    title: 'Practice at home',
    paragraphs: [
      '“Send it home” beside a practice makes one file. Send it as you send any file; it plays without a network.',
      'It says no finding, no muscle and no caution. What to leave alone is told in everyday words.',
      'It can be in English or German, and so can the sheets for your student. Words of your own stay as you wrote them.',
      'At the end your student shows you a square code, or sends a line. On Today, press “Back from home”.',
      'It stands in the log as done at home. What hurt there is closed until you clear it.',
      'Open the practice again: it tells what speaks for milder, longer or the next rung. Nothing changes until you press.',
      'Progress, Weeks ahead: days that were missed or done on another day are moved the same way, on your press.',
      'Small tests that were taken alone count less than yours, and never take their place.',
    ],
  },
  {
    id: 'again',
    title: 'Testing again',
    paragraphs: [
      'Four to six weeks is a fair gap. Sooner, most changes are smaller than the error of measuring.',
      'Progress draws then and now over each other, and says whether it is a change at all.',
      '“Too small to tell” is an honest answer. It does not mean that nothing helped.',
    ],
  },
  {
    id: 'day-book',
    title: 'The day book: who comes when',
    paragraphs: [
      'Day book holds the visits of students and classes, a week at a time. Today lists those of the day.',
      'A lesson in a student’s log counts as “came” by itself. For the rest, one tap says what became of it.',
      'Bring in a file from any calendar. Kolpos asks once for each title whose it is, and writes nothing before.',
      'Moved an event in that calendar? Bring the file in again, and the visit moves too.',
    ],
    steps: [
      'Choose a day in the month, then who comes, the hour and the minutes.',
      'For a standing appointment choose “every week”.',
      'The student’s next visit stands beside the name, with a note of your own if you like.',
    ],
  },
  {
    id: 'classes',
    title: 'Classes',
    paragraphs: [
      'A class is built from what its students need together. Each does the same shape on a rung of their own.',
      'What is closed to one gets another shape beside it. Names and reasons can be hidden while the class looks on.',
      'Below the table you see who gets little from it, and which one change would help most.',
      'Weeks ahead gives each week a theme in turn, by what the class needs. Build a week when it comes; every fourth is lighter.',
      'Put the weeks into the day book with the hour at which the class meets, or save them as a calendar.',
    ],
  },
  {
    id: 'data',
    title: 'Your data',
    paragraphs: [
      'Everything stays in this browser, on this device. Nothing is sent anywhere.',
      'Save a backup under Settings & files, best after each working day. Lock it with a passphrase when it leaves your hands.',
      'Bringing a file in never takes later work away. What is newer here stays, and you are told how much.',
      'Readings, log and students go out as tables for any program. Readings come in from a table of your own; what is not clear is asked.',
      'Clearing the browser’s data clears Kolpos too. A backup is the only way back.',
    ],
  },
  {
    id: 'trouble',
    title: 'When something is not right',
    paragraphs: [
      'Cannot find something? Press Ctrl and K, and type any part of its name.',
      'A number is refused: only what a joint can do is taken. Check the unit, and where zero is.',
      'Two readings contradict each other: neither is used until both are taken again. Kolpos says which.',
      'No pose is found: look at the cautions and the choices above the list. Typing a name shows the reason.',
      'The phone shows no angle: it may need permission, or the address must begin with https.',
      'Something looks wrong or old: load the page again. What was kept is still there.',
    ],
  },
  {
    id: 'limits',
    title: 'What Kolpos cannot tell',
    paragraphs: [
      'It computes on a body model with published muscle paths, scaled to your student. It has not been tested on people.',
      'It sees joints and muscles, not the person. Tiredness, worry and yesterday’s training are yours to see.',
      'It cannot tell bone from capsule from a guarded muscle by numbers alone. How it ends, and what your hands feel, count.',
    ],
  },
];
