'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTypedNumber, type Wrong } from './use-typed-number';

interface AngleNames {
  name: string;
  plus: string;
  minus: string;
}

interface Limits {
  min_deg: number;
  max_deg: number;
}

function fullWords({ plus, minus }: AngleNames, value: number): string {
  const whole = Math.round(value);
  return whole === 0 ? '0°' : `${Math.abs(whole)}° ${say(whole > 0 ? plus : minus)}`;
}

/** The angle without a word that stands in the joint's name already. */
function shortWords(words: AngleNames, value: number): string {
  const full = fullWords(words, value);
  return say(words.name).endsWith(full.split(' ').at(-1) ?? '') ? full.split(' ')[0] : full;
}

const wrongWords = ({ name }: AngleNames, { min_deg, max_deg }: Limits, wrong: Wrong): string =>
  wrong === 'no number'
    ? say('Type a number of degrees.')
    : say('No {{name}} goes beyond {{min_deg}}° … {{max_deg}}°.', { name: say(name), min_deg, max_deg });

/** One joint angle by slider and by number, degrees. A number that no joint reaches is answered and changes nothing. */
export function AngleRow({
  words,
  label = say(words.name),
  limits,
  value,
  marks = [],
  onSet,
}: {
  words: AngleNames;
  /** How it is called for those who do not see what stands above it. */
  label?: string;
  limits: Limits;
  value: number;
  marks?: readonly { value: number; label?: string }[];
  onSet: (value: number) => void;
}) {
  const { min_deg, max_deg } = limits;
  const typed = useTypedNumber({ value: Math.round(value), least: min_deg, most: max_deg, onPut: onSet });
  const said = shortWords(words, value);
  const wrong = typed.wrong && wrongWords(words, limits, typed.wrong);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 58px', columnGap: 1.5, alignItems: 'center' }}>
      <Box>
        <Typography variant="body2" component="div" sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
          <span>{say(words.name)}</span>
          <span className="num" style={{ whiteSpace: 'nowrap' }}>
            {said}
          </span>
        </Typography>
        <Slider
          size="small"
          aria-label={label}
          getAriaValueText={(v) => fullWords(words, v)}
          min={min_deg}
          max={max_deg}
          value={value}
          track={false}
          marks={[{ value: 0 }, ...marks]}
          onChange={(_, v) => {
            typed.drop();
            onSet(v as number);
          }}
          sx={{ py: 0.75, mb: marks.length > 0 ? 1.5 : 0, '& .MuiSlider-markLabel': { fontSize: 13, top: 18 } }}
        />
      </Box>
      <TextField
        size="small"
        value={typed.text}
        error={wrong !== null}
        onChange={(e) => typed.type(e.target.value)}
        onBlur={typed.leave}
        slotProps={{
          htmlInput: {
            'aria-label': say('{{label}}, degrees', { label }),
            inputMode: 'numeric',
            style: { padding: '4px 8px' },
          },
        }}
      />
      {wrong && (
        <Typography variant="body2" role="alert" sx={{ gridColumn: '1 / -1', mb: 1 }}>
          {say('{{wrong}} It stays at {{full}}.', { wrong, full: fullWords(words, value) })}
        </Typography>
      )}
    </Box>
  );
}
