'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { propSizesSchema } from '@/core/poses/prop-sizes';
import { CM_PER_INCH } from '@/core/units';
import { Numbers } from './Numbers';
import { usePropSizes } from './use-pose-settings';

/** What props there are, in the units that are chosen; kept are centimetres. */
export function PropSettings() {
  const [sizes, putSizes] = usePropSizes();
  const inches = sizes.units === 'imperial';
  const shown = (cm: number): number => (inches ? Math.round((10 * cm) / CM_PER_INCH) / 10 : cm);
  /** Centimetres of what was typed; what stands there as it was shown stays to the millimetre. */
  const kept = (typed: number, before?: number): number =>
    before !== undefined && typed === shown(before)
      ? before
      : inches
        ? Math.round(10 * typed * CM_PER_INCH) / 10
        : typed;
  /** Bounds of a size in centimetres, as they are told. */
  const between = (least: number, most: number) => ({ least: shown(least), most: shown(most) });
  return (
    <>
      <Typography sx={{ mt: 2, mb: 1 }}>
        {say('Your props, in {{what}}: what a pose needs is told in them.', {
          what: inches ? say('inches') : say('centimetres'),
        })}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', mb: 1 }}>
        <Numbers
          label={say('Block, its three heights')}
          help={say('flat, edge, end')}
          values={sizes.block.map(shown)}
          {...between(2, 40)}
          count={3}
          onPut={(v) =>
            putSizes({ block: [kept(v[0], sizes.block[0]), kept(v[1], sizes.block[1]), kept(v[2], sizes.block[2])] })
          }
        />
        <Numbers
          label={say('One fold of a blanket')}
          help={say('firm, pressed')}
          values={[shown(sizes.fold)]}
          {...between(0.5, 10)}
          count={1}
          onPut={([cm]) => putSizes({ fold: kept(cm, sizes.fold) })}
        />
        <Numbers
          label={say('Bolster, sat on')}
          help="height"
          values={[shown(sizes.bolster)]}
          {...between(5, 40)}
          count={1}
          onPut={([cm]) => putSizes({ bolster: kept(cm, sizes.bolster) })}
        />
        <Numbers
          label={say('Straps')}
          help={say('lengths, with commas')}
          values={sizes.straps.map(shown)}
          {...between(50, 500)}
          count={null}
          onPut={(typed) => {
            const straps = typed.map((v) =>
              kept(
                v,
                sizes.straps.find((cm) => shown(cm) === v),
              ),
            );
            if (propSizesSchema.shape.straps.safeParse(straps).success) putSizes({ straps });
          }}
        />
      </Box>
    </>
  );
}
