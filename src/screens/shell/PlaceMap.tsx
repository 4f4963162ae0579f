'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { postureFrom, SIDES, skeletonOf, type Build, type Side } from '@/core/body';
import type { Place } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import { Figure, type BodyMark } from '@/figure/Figure';
import { BACK_PLACES, FRONT_PLACES, placePoint, SIDE_PLACES } from '@/figure/places';

/** Feet apart and arms away, so that no place hides another. */
const STANDING = postureFrom({
  shoulder_adduction_left: -32,
  shoulder_adduction_right: -32,
  hip_adduction_left: -13,
  hip_adduction_right: -13,
});

/** The four sides of a body that can be pointed at: what is seen from each, and of which side of the student. */
const VIEWS: readonly { name: string; yaw: number; places: readonly Place[]; sides: readonly Side[] }[] = [
  { name: 'left side', yaw: 180, places: SIDE_PLACES, sides: ['left'] },
  { name: 'front', yaw: -90, places: FRONT_PLACES, sides: SIDES },
  { name: 'back', yaw: 90, places: BACK_PLACES, sides: SIDES },
  { name: 'right side', yaw: 0, places: SIDE_PLACES, sides: ['right'] },
];

/** Hips and legs from all sides with a ring on every place; a tap on a ring chooses it. */
export function PlaceMap({
  label,
  build,
  sides = SIDES,
  chosen,
  onChoose,
}: {
  /** What is asked. */
  label: string;
  build?: Build;
  /** Sides that are asked about; a view that shows none of them is left out. */
  sides?: readonly Side[];
  chosen: (place: Place, side: Side) => boolean;
  onChoose: (place: Place, side: Side) => void;
}) {
  const skeleton = useMemo(() => skeletonOf(STANDING, {}, build), [build]);
  const views = VIEWS.filter((v) => v.sides.some((s) => sides.includes(s)));
  const marksOf = (view: (typeof VIEWS)[number]): BodyMark[] =>
    view.sides
      .filter((s) => sides.includes(s))
      .flatMap((side) =>
        view.places.flatMap((place) => {
          const at = placePoint(skeleton, place, side);
          if (!at) return [];
          return [
            {
              id: `${place}/${side}`,
              at,
              label: `${say(PLACE_WORDS[place])}, ${say(side)}`,
              chosen: chosen(place, side),
              onChoose: () => onChoose(place, side),
            },
          ];
        }),
      );
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr 1fr', md: `repeat(${views.length}, 1fr)` } }}
    >
      {views.map((view) => (
        <Box
          key={view.name}
          sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', height: 290, pb: 3.5 }}
        >
          <Figure
            label={say('Hips and legs, {{name}}', { name: say(view.name, { context: 'view' }) })}
            posture={STANDING}
            build={build}
            view={{ yaw: view.yaw, pitch: 0 }}
            near={{ point: 'pelvis', offset: [0, -0.39, 0], reach: 0.63 }}
            marks={marksOf(view)}
            markSize={1.3}
          />
          <Typography variant="caption" component="p" sx={{ textAlign: 'center' }}>
            {say(view.name, { context: 'view' })}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
