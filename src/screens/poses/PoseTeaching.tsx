import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { FittedPose } from '@/core/fit/fit';
import type { propsOf } from '@/core/fit/props';
import { cuesOf, rungOf, shapeById } from '@/core/poses';
import { ownedWords } from '@/core/poses/prop-sizes';
import { schoolCues, speaksActive } from '@/core/poses/schools';
import { usePropSizes, useSchools } from '../settings/use-pose-settings';

/** The ladder a rung stands in, its props, and how it is taught. */
export function PoseTeaching({
  fit,
  props,
  onRung,
}: {
  fit: Pick<FittedPose, 'pose' | 'rung'>;
  props: ReturnType<typeof propsOf>;
  /** Opens another rung of the same shape. */
  onRung?: (rung: number) => void;
}) {
  const [sizes] = usePropSizes();
  const [schools] = useSchools();
  const found = rungOf(fit.pose, fit.rung);
  if (!found) return null;
  const { shape, rung } = found;
  const instead = shape.instead ? shapeById(shape.instead) : null;
  return (
    <>
      <Typography variant="h3">{say('Ladder')}</Typography>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, mb: 1.5 }}>
        {shape.rungs.map((r, i) => (
          <li key={r.name}>
            <Button
              size="small"
              aria-current={i + 1 === fit.rung ? 'step' : undefined}
              disabled={!onRung}
              onClick={() => onRung?.(i + 1)}
              sx={{ justifyContent: 'flex-start', textAlign: 'left', fontWeight: i + 1 === fit.rung ? 700 : 400 }}
            >
              {i + 1} · {say(r.name)}
            </Button>
          </li>
        ))}
      </Box>
      <Typography variant="h3">{say('Props')}</Typography>
      <Typography>
        {props.length === 0
          ? say('none')
          : props.map((q) => ownedWords(q.prop, q.height_cm, q.length_cm, sizes)).join('; ')}
      </Typography>
      <Typography variant="h3" sx={{ mt: 1.5 }}>
        {say('How to teach it')}
      </Typography>
      {Object.values(cuesOf(shape, rung)).map((cue) => cue !== '' && <Typography key={cue}>{say(cue)}</Typography>)}
      {schoolCues(shape, rung, schools).map((c) => (
        <Typography key={c.about}>{say(c.words)}</Typography>
      ))}
      {speaksActive(rung, schools) &&
        rung.intents.map((i) => (
          <Typography key={i.words}>
            <strong>{say('Active:')}</strong> {say(i.words)}
          </Typography>
        ))}
      <Typography sx={{ mt: 1 }}>
        <Said
          text={'Hold <1>{{what}}</1> to <2>{{what2}}</2> s{{what3}}: a rule of thumb.'}
          values={{
            what: rung.hold[0],
            what2: rung.hold[1],
            what3: rung.repeats
              ? say(', {{what}} to {{what2}} times', { what: rung.repeats[0], what2: rung.repeats[1] })
              : '',
          }}
          parts={[<span key="1" className="num" />, <span key="2" className="num" />]}
        />
      </Typography>
      {shape.cheat !== '' && (
        <Typography sx={{ mt: 1 }}>
          <strong>{say('Looks deeper, gives less:')}</strong> {say(shape.cheat)}
        </Typography>
      )}
      {instead && (
        <Typography sx={{ mt: 1 }}>
          <strong>{say('Off the floor:')}</strong> {say(instead.name)}.
        </Typography>
      )}
    </>
  );
}
