import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import type { MovementFinding, StructureFinding } from '@/core/inference';
import { inHundred, readWords } from '@/core/inference/words';
import { PLACE_WORDS } from '@/core/students/words';
import { readoutOf, testById } from '@/core/assessment/battery';
import { meanOf, withUnit, type Reading } from '@/core/assessment/reading';

/** The unit that a movement is told in: that of its main read-out. */
const unitOf = (m: MovementFinding) => readoutOf(m.test, m.readout) ?? { unit: 'deg' as const };

/** Where a movement's statement comes from: numbers, readings, what carries it, the textbook beside it. */
export function MovementSource({ m, readings }: { m: MovementFinding; readings: readonly Reading[] }) {
  'use memo';
  return (
    <>
      <DialogTitle id="source-title">
        {SIDE_MARK[m.side]} {m.side} {readWords(m)}
      </DialogTitle>
      <DialogContent>
        <Typography>
          Expected end {withUnit(unitOf(m), m.end.mean)} (8 in 10 sure:{' '}
          {withUnit(unitOf(m), Math.min(m.end.low, m.end.high))} to{' '}
          {withUnit(unitOf(m), Math.max(m.end.low, m.end.high))}), typical {withUnit(unitOf(m), m.norm.mean)} ±{' '}
          {m.norm.sd} ({m.norm.source}).
        </Typography>
        <Typography sx={{ mt: 1 }}>What stops it, as the share of draws in which each has the largest part:</Typography>
        <ul>
          {m.limiters.map((l) => (
            <li key={l.structure}>
              <span className="muscle">{GROUP_WORDS[l.structure].name}</span> ({GROUP_WORDS[l.structure].plain}):{' '}
              {inHundred(l.probability)}
            </li>
          ))}
        </ul>
        <Typography>It rests on these readings, and on all others of both sides through the model:</Typography>
        <ul>
          {readings
            .filter((r) => m.readings.includes(r.id))
            .map((r) => (
              <li key={r.id}>
                {testById(r.test)?.name}, {readoutOf(r.test, r.readout)?.name}:{' '}
                {r.trials.map((t) => withUnit(r, t)).join(', ')} (mean {meanOf(r.trials).toFixed(1)})
                {r.placeFelt ? `, felt ${PLACE_WORDS[r.placeFelt]}` : ''}
              </li>
            ))}
        </ul>
        {m.carriers.length > 0 && m.limiters[0] && (
          <>
            <Typography>
              That it is the <span className="muscle">{GROUP_WORDS[m.limiters[0].structure].name}</span>,{' '}
              {inHundred(m.limiters[0].probability)}, rests most on these readings:
            </Typography>
            <ul>
              {m.carriers.map((c) => {
                const r = readings.find((x) => x.id === c.reading);
                return r ? (
                  <li key={c.reading}>
                    {testById(r.test)?.name}, {readoutOf(r.test, r.readout)?.name.toLowerCase()}: without it{' '}
                    {inHundred(c.without)}
                  </li>
                ) : null;
              })}
            </ul>
          </>
        )}
        {m.plain && (
          <Typography>
            Without any model, by the usual limiter of the test and the place felt: {GROUP_WORDS[m.plain].name}
            {m.plain === m.limiters[0]?.structure ? ', the same' : ', so take it with more care'}.
          </Typography>
        )}
      </DialogContent>
    </>
  );
}

/** A place among a hundred people, from the side that says more. */
function amongHundred(below: number): string {
  const n = Math.min(99, Math.max(1, Math.round(below * 100)));
  return n <= 50 ? `Shorter than ${100 - n} of 100 people` : `Longer than ${n} of 100 people`;
}

/** Where a group's tolerance comes from. */
export function StructureSource({ f }: { f: StructureFinding }) {
  'use memo';
  return (
    <>
      <DialogTitle id="source-title">
        <span className="muscle">{GROUP_WORDS[f.structure].name}</span> {SIDE_MARK[f.side]} {f.side}
      </DialogTitle>
      <DialogContent>
        <Typography>
          {GROUP_WORDS[f.structure].plain}. Members told as one: {f.members.join(', ')}.
        </Typography>
        <Typography sx={{ mt: 1 }}>
          {amongHundred(f.shareBelow)}, by its least tolerant member. In numbers: {f.tolerance.mean.toFixed(2)} SD (8 in
          10 sure: {f.tolerance.low.toFixed(2)} to {f.tolerance.high.toFixed(2)}); typical people{' '}
          {f.typical.mean.toFixed(2)} ± {f.typical.sd.toFixed(2)}.
        </Typography>
        <Typography sx={{ mt: 1 }}>
          It is called short only above 70 in 100: here {inHundred(f.shortProbability)}.
        </Typography>
      </DialogContent>
    </>
  );
}
