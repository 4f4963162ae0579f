import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import type { MovementFinding, GroupFinding } from '@/core/inference';
import { capital } from '@/core/capital';
import { amongHundred, inHundred, readWords, toldIn } from '@/core/inference/words';
import { PLACE_WORDS } from '@/core/students/words';
import { readoutOf, testById } from '@/core/assessment/battery';
import { meanOf, readWithUnit, withUnit, type Reading } from '@/core/assessment/reading';

/** Where a movement's statement comes from: numbers, readings, what carries it, the textbook beside it. */
export function MovementSource({ finding, readings }: { finding: MovementFinding; readings: readonly Reading[] }) {
  'use memo';
  return (
    <>
      <DialogTitle id="source-title">
        {SIDE_MARK[finding.side]} {say(finding.side)} {readWords(finding)}
      </DialogTitle>
      <DialogContent>
        <Typography>
          {say(
            'Expected end {{withUnit}} (8 in 10 sure: {{withUnit2}} to {{withUnit3}}), typical {{withUnit4}} ± {{count}} ({{source}}).',
            {
              withUnit: withUnit(toldIn(finding), finding.end.mean),
              withUnit2: withUnit(toldIn(finding), Math.min(finding.end.low, finding.end.high)),
              withUnit3: withUnit(toldIn(finding), Math.max(finding.end.low, finding.end.high)),
              withUnit4: withUnit(toldIn(finding), finding.norm.mean),
              count: finding.norm.sd,
              source: finding.norm.source,
            },
          )}
        </Typography>
        <Typography sx={{ mt: 1 }}>
          {say('What stops it, as the share of draws in which each has the largest part:')}
        </Typography>
        <ul>
          {finding.limiters.map((l) => (
            <li key={l.group}>
              <span className="muscle">{say(GROUP_WORDS[l.group].name)}</span> ({say(GROUP_WORDS[l.group].plain)}):{' '}
              {inHundred(l.probability)}
            </li>
          ))}
        </ul>
        <Typography>{say('It rests on these readings, and on all others of both sides through the model:')}</Typography>
        <ul>
          {readings
            .filter((r) => finding.readings.includes(r.id))
            .map((r) => (
              <li key={r.id}>
                {say(testById(r.test)?.name ?? '')}, {say(readoutOf(r.test, r.readout)?.name ?? '')}
                {say(': {{trials}} (mean {{mean}}){{what}}', {
                  trials: r.trials.map((t) => readWithUnit(r, t)).join(', '),
                  mean: meanOf(r.trials).toFixed(1),
                  what: r.placeFelt ? say(', felt {{placeFelt}}', { placeFelt: say(PLACE_WORDS[r.placeFelt]) }) : '',
                })}
              </li>
            ))}
        </ul>
        {finding.carriers.length > 0 && finding.limiters[0] && (
          <>
            <Typography>
              <Said
                text={'That it is the <1>{{name}}</1>, {{inHundred}}, rests most on these readings:'}
                values={{
                  name: say(GROUP_WORDS[finding.limiters[0].group].name),
                  inHundred: inHundred(finding.limiters[0].probability),
                }}
                parts={[<span key="1" className="muscle" />]}
              />
            </Typography>
            <ul>
              {finding.carriers.map((c) => {
                const reading = readings.find((x) => x.id === c.reading);
                return reading ? (
                  <li key={c.reading}>
                    {say(testById(reading.test)?.name ?? '')},{' '}
                    {within(readoutOf(reading.test, reading.readout)?.name ?? '')}
                    {say(': without it {{inHundred}}', { inHundred: inHundred(c.without) })}
                  </li>
                ) : null;
              })}
            </ul>
          </>
        )}
        {finding.plain && (
          <Typography>
            {say('Without any model, by the usual limiter of the test and the place felt: {{name}}{{what}}.', {
              name: say(GROUP_WORDS[finding.plain].name),
              what:
                finding.plain === finding.limiters[0]?.group ? say(', the same') : say(', so take it with more care'),
            })}
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
        <span className="muscle">{say(GROUP_WORDS[finding.group].name)}</span> {SIDE_MARK[finding.side]}{' '}
        {say(finding.side)}
      </DialogTitle>
      <DialogContent>
        <Typography>
          {say('{{plain}}. Members told as one: {{members}}.', {
            plain: say(GROUP_WORDS[finding.group].plain),
            members: finding.members.join(', '),
          })}
        </Typography>
        <Typography sx={{ mt: 1 }}>
          {say(
            '{{capital}}, by its least tolerant member. In numbers: {{tolerance}} SD (8 in 10 sure: {{low}} to {{high}}); typical people {{typical}} ± {{sd}}.',
            {
              capital: capital(amongHundred(finding.shareBelow)),
              tolerance: finding.tolerance.mean.toFixed(2),
              low: finding.tolerance.low.toFixed(2),
              high: finding.tolerance.high.toFixed(2),
              typical: finding.typical.mean.toFixed(2),
              sd: finding.typical.sd.toFixed(2),
            },
          )}
        </Typography>
        <Typography sx={{ mt: 1 }}>
          {say('It is called short only above 70 in 100: here {{inHundred}}.', {
            inHundred: inHundred(finding.shortProbability),
          })}
        </Typography>
      </DialogContent>
    </>
  );
}
