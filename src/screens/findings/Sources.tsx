import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import type { MovementFinding, GroupFinding } from '@/core/inference';
import { capital } from '@/core/capital';
import { amongHundred, inHundred, readWords, toldIn } from '@/core/inference/words';
import { PLACE_WORDS } from '@/core/students/words';
import { readoutOf, testById } from '@/core/assessment/battery';
import { meanOf, withUnit, type Reading } from '@/core/assessment/reading';

/** Where a movement's statement comes from: numbers, readings, what carries it, the textbook beside it. */
export function MovementSource({ finding, readings }: { finding: MovementFinding; readings: readonly Reading[] }) {
  'use memo';
  return (
    <>
      <DialogTitle id="source-title">
        {SIDE_MARK[finding.side]} {finding.side} {readWords(finding)}
      </DialogTitle>
      <DialogContent>
        <Typography>
          Expected end {withUnit(toldIn(finding), finding.end.mean)} (8 in 10 sure:{' '}
          {withUnit(toldIn(finding), Math.min(finding.end.low, finding.end.high))} to{' '}
          {withUnit(toldIn(finding), Math.max(finding.end.low, finding.end.high))}), typical{' '}
          {withUnit(toldIn(finding), finding.norm.mean)} ± {finding.norm.sd} ({finding.norm.source}).
        </Typography>
        <Typography sx={{ mt: 1 }}>What stops it, as the share of draws in which each has the largest part:</Typography>
        <ul>
          {finding.limiters.map((l) => (
            <li key={l.group}>
              <span className="muscle">{GROUP_WORDS[l.group].name}</span> ({GROUP_WORDS[l.group].plain}):{' '}
              {inHundred(l.probability)}
            </li>
          ))}
        </ul>
        <Typography>It rests on these readings, and on all others of both sides through the model:</Typography>
        <ul>
          {readings
            .filter((r) => finding.readings.includes(r.id))
            .map((r) => (
              <li key={r.id}>
                {testById(r.test)?.name}, {readoutOf(r.test, r.readout)?.name}:{' '}
                {r.trials.map((t) => withUnit(r, t)).join(', ')} (mean {meanOf(r.trials).toFixed(1)})
                {r.placeFelt ? `, felt ${PLACE_WORDS[r.placeFelt]}` : ''}
              </li>
            ))}
        </ul>
        {finding.carriers.length > 0 && finding.limiters[0] && (
          <>
            <Typography>
              That it is the <span className="muscle">{GROUP_WORDS[finding.limiters[0].group].name}</span>,{' '}
              {inHundred(finding.limiters[0].probability)}, rests most on these readings:
            </Typography>
            <ul>
              {finding.carriers.map((c) => {
                const reading = readings.find((x) => x.id === c.reading);
                return reading ? (
                  <li key={c.reading}>
                    {testById(reading.test)?.name}, {readoutOf(reading.test, reading.readout)?.name.toLowerCase()}:
                    without it {inHundred(c.without)}
                  </li>
                ) : null;
              })}
            </ul>
          </>
        )}
        {finding.plain && (
          <Typography>
            Without any model, by the usual limiter of the test and the place felt: {GROUP_WORDS[finding.plain].name}
            {finding.plain === finding.limiters[0]?.group ? ', the same' : ', so take it with more care'}.
          </Typography>
        )}
      </DialogContent>
    </>
  );
}

/** Where a group's tolerance comes from. */
export function GroupSource({ finding }: { finding: GroupFinding }) {
  'use memo';
  return (
    <>
      <DialogTitle id="source-title">
        <span className="muscle">{GROUP_WORDS[finding.group].name}</span> {SIDE_MARK[finding.side]} {finding.side}
      </DialogTitle>
      <DialogContent>
        <Typography>
          {GROUP_WORDS[finding.group].plain}. Members told as one: {finding.members.join(', ')}.
        </Typography>
        <Typography sx={{ mt: 1 }}>
          {capital(amongHundred(finding.shareBelow))}, by its least tolerant member. In numbers:{' '}
          {finding.tolerance.mean.toFixed(2)} SD (8 in 10 sure: {finding.tolerance.low.toFixed(2)} to{' '}
          {finding.tolerance.high.toFixed(2)}); typical people {finding.typical.mean.toFixed(2)} ±{' '}
          {finding.typical.sd.toFixed(2)}.
        </Typography>
        <Typography sx={{ mt: 1 }}>
          It is called short only above 70 in 100: here {inHundred(finding.shortProbability)}.
        </Typography>
      </DialogContent>
    </>
  );
}
