'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import { firstName } from '@/core/students/called';
import { aimedName } from '@/core/aims/words';
import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import Typography from '@mui/material/Typography';
import { otherSide } from '@/core/body';
import { rungOf } from '@/core/poses';
import { ownedWords, type PropSizes } from '@/core/poses/prop-sizes';
import type { TableRow } from '@/core/classes/table';
import type { Dose } from '@/core/practice/doses';
import { aimKey } from '@/core/practice/aim-key';
import { clock, holdWords, sidesWords } from '@/core/practice/sheet';
import { setSeconds } from '@/core/practice/timing';
import type { MemberFacts } from '@/workers/core.worker';
import { PoseFigure } from '../poses/PoseFigure';

type Hers = TableRow['hers'][number];
/**
 * A practice of a class on one page: a row a shape, a column a student with her own rung, its props, or what she does
 * instead.
 */
export function ClassTable({
  rows,
  members,
  doses,
  sizes,
  onLeaveOut,
}: {
  rows: readonly TableRow[];
  members: readonly MemberFacts[];
  doses: readonly { member: string; doses: Dose[] }[];
  sizes: PropSizes;
  onLeaveOut: (row: TableRow) => void;
}) {
  'use memo';
  const present = members.filter((m) => rows[0]?.hers.some((h) => h.member === m.id));
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        aria-label={say("Each one's own rung")}
        sx={{
          width: '100%',
          minWidth: 420 + 130 * present.length,
          borderCollapse: 'collapse',
          '& th, & td': { borderTop: '1px solid var(--line)', p: 0.5, textAlign: 'left', verticalAlign: 'top' },
          '& tr': { breakInside: 'avoid' },
          fontSize: 14,
          '@media print': {
            minWidth: 0,
            // A long class is still one page to carry: smaller letters, and figures no higher than three lines of them.
            fontSize: rows.length > 15 ? '7pt' : rows.length > 11 ? '7.5pt' : '8.5pt',
            lineHeight: 1.1,
            '& th, & td': { p: rows.length > 11 ? '0.75pt' : '1.5pt' },
            ...(rows.length > 11 && { '& td:nth-of-type(2), & td:nth-of-type(2) *': { maxHeight: '20pt' } }),
          },
        }}
      >
        <thead>
          <tr>
            <th>{say('from')}</th>
            <th aria-label={say('Shape')} />
            <th>{say('the class')}</th>
            {present.map((m) => (
              <th key={m.id} scope="col">
                {firstName(m.name)}
                {m.cautions.length > 0 && <span style={{ color: 'var(--caution)' }}> ▲</span>}
              </th>
            ))}
            <th className="no-print" aria-label={say('Change')} />
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const { block, hers } = row;
            const found = rungOf(block.pose, block.rung);
            const said = { sets: block.sets, sides: block.items.map((i) => ({ ...i, seconds: setSeconds(i) })) };
            return (
              <tr key={block.id}>
                <td className="num">{clock(block.at)}</td>
                <td style={{ width: 64 }}>
                  <PoseFigure
                    pose={block.pose}
                    rung={block.rung}
                    side={block.items[0].side}
                    depth={0.5}
                    height={38}
                    muscles={false}
                  />
                </td>
                <td>
                  <strong>{say(found?.shape.name ?? block.pose)}</strong>, {say(found?.rung.name ?? '')}
                  <br />
                  <span className="num">{[sidesWords(said), holdWords(said)].filter(Boolean).join(': ')}</span>
                </td>
                {hers.map((h) => (
                  <td key={h.member}>
                    <HersCell hers={h} sizes={sizes} />
                  </td>
                ))}
                <td className="no-print">
                  <Tooltip title={say('Leave out')}>
                    <IconButton
                      size="small"
                      aria-label={say('Leave out {{what}}', { what: say(found?.shape.name ?? block.pose) })}
                      onClick={() => onLeaveOut(row)}
                    >
                      <CloseIcon fontSize="small" />
                    </IconButton>
                  </Tooltip>
                </td>
              </tr>
            );
          })}
          <tr>
            <td colSpan={3}>
              {say('Useful minutes for each one’s own aims')}
              <Typography variant="caption" component="p" className="no-print">
                {say(
                  'Counted in each one’s own rungs by how useful; wanted: the aim’s share of the working time, at most 4 minutes (our default).',
                )}
              </Typography>
            </td>
            {present.map((m) => (
              <td key={m.id}>
                {doses
                  .find((d) => d.member === m.id)
                  ?.doses.map((d) => (
                    <div key={aimKey(d.aim)}>
                      <span className="muscle">{aimedName(d.aim)}</span> {say(d.aim.side)}:{' '}
                      <span className="num">
                        {say('{{minutes}} of {{wanted}}', {
                          minutes: d.minutes.toFixed(1),
                          wanted: d.wanted.toFixed(1),
                        })}
                      </span>
                    </div>
                  ))}
              </td>
            ))}
            <td className="no-print" />
          </tr>
        </tbody>
      </Box>
    </Box>
  );
}

/** What she does in it, or on one side of it. */
type Doing = NonNullable<Hers['oneSide']>['meanwhile'];

/** Props of the side that needs most: they serve the other too. */
function propsFor({ sides }: Doing): Doing['sides'][number]['props'] {
  const size = (side: Doing['sides'][number]): number =>
    side.props.reduce((sum, p) => sum + (p.length_cm ?? p.height_cm ?? 1), 0);
  return sides.reduce((most, s) => (size(s) > size(most) ? s : most), sides[0]).props;
}

/** Another shape than that of the class, with its props and limit. */
function Instead({ doing, sizes }: { doing: Doing; sizes: PropSizes }) {
  if (doing.pose === null) return say('rests, or waits');
  const found = rungOf(doing.pose, doing.rung);
  return (
    <>
      <Said
        text={'instead: <1>{{what}}</1>,'}
        values={{ what: found?.shape.name ?? doing.pose }}
        parts={[<strong key="1" />]}
      />{' '}
      {say(found?.rung.name ?? '')}
      <With doing={doing} sizes={sizes} />
    </>
  );
}

/** The props that she needs for it, and how long a caution lets her hold it. */
function With({ doing, sizes }: { doing: Doing; sizes: PropSizes }) {
  const props = propsFor(doing).map((p) => ownedWords(p.prop, p.height_cm, p.length_cm, sizes));
  return (
    <>
      {props.length > 0 && (
        <Box component="span" sx={{ color: 'var(--ink-2)' }}>
          {' '}
          · {props.join('; ')}
        </Box>
      )}
      {doing.most_s !== undefined && (
        <span style={{ color: 'var(--caution)' }}>
          {' '}
          {say('▲ {{count}} s at most, then rest', { count: doing.most_s })}
        </span>
      )}
    </>
  );
}

/** What one student does. */
function HersCell({ hers, sizes }: { hers: Hers; sizes: PropSizes }) {
  if (hers.kind === 'instead' || hers.pose === null) return <Instead doing={hers} sizes={sizes} />;
  const { oneSide } = hers;
  return (
    <>
      {hers.kind === 'same' ? say('the same') : <strong>{say(rungOf(hers.pose, hers.rung)?.rung.name ?? '')}</strong>}
      <With doing={hers} sizes={sizes} />
      {oneSide && (
        <>
          {say(', {{only}} only; on the {{otherSide}}', {
            only: say(oneSide.only),
            otherSide: say(otherSide(oneSide.only)),
          })}{' '}
          <Instead doing={oneSide.meanwhile} sizes={sizes} />
        </>
      )}
    </>
  );
}
