import { say } from '@/core/languages/spoken';
import { SIDE_MARK } from '@/core/body/words';
import { meanOf, withUnit } from '@/core/assessment/reading';
import { UNIT_WORDS } from '@/core/assessment/words';
import { ChoiceChips } from './ChoiceChips';
import { PushDetails } from './PushDetails';
import { Ruler } from './Ruler';
import type { Read, Taking } from './use-reading';

/** What a value is set on and compared with: how a push was given, grades in words, or a ruler with what is typical. */
export function ReadingScale({ read, taking }: { read: Read; taking: Taking }) {
  'use memo';
  const { student, test, readout, variant } = read;
  const { push, values, change, gravity_Nm, norm, draft, before, across, shown, set } = taking;
  if (push)
    return (
      <PushDetails
        test={test}
        readout={readout}
        draft={values}
        change={change}
        mass_kg={student.mass_kg}
        gravity_Nm={gravity_Nm}
      />
    );
  if (readout.grades)
    return (
      <ChoiceChips
        question={
          norm
            ? say('Grade; usual: {{withUnit}} ({{source}})', {
                withUnit: withUnit(readout, norm.mean),
                source: say(norm.source),
              })
            : say('Grade')
        }
        choices={readout.grades.map((words, i) => ({
          id: String(readout.min + i),
          label: `${readout.min + i} ${words}`,
        }))}
        chosen={draft.typed || draft.trials.at(-1)}
        onChoose={(g) => change({ typed: g ?? '' })}
      />
    );
  const typical = variant && !variant.sameMeasure ? say('typical of the usual way') : say('typical');
  return (
    <Ruler
      label={say('Set {{name}}', { name: say(readout.name) })}
      min={readout.min}
      max={readout.max}
      value={shown}
      unit={say(UNIT_WORDS[readout.unit])}
      step={readout.unit === 'cm' ? 0.5 : 1}
      band={norm && [norm.mean - norm.sd, norm.mean + norm.sd]}
      bandLabel={
        norm ? `${typical}: ${say(norm.group)} (${say(norm.source)})` : say('no norm: compare with other days')
      }
      marks={[
        ...(across && across.side !== 'both'
          ? [{ value: meanOf(across.trials), label: `${say(across.side)} ${SIDE_MARK[across.side]}` }]
          : []),
        ...(before ? [{ value: meanOf(before.trials), label: say('before') }] : []),
      ]}
      onSet={set}
    />
  );
}
