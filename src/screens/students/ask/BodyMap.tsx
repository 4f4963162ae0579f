'use client';
import { say } from '@/core/languages/spoken';
import type { Build, Side } from '@/core/body';
import type { Complaint, Place } from '@/core/students/student';
import { PlaceMap } from '../../shell/PlaceMap';

/** The student's hips and legs from four sides: a tap on a ring says where it bothers, another takes it back. */
export function BodyMap({
  complaints,
  build,
  onToggle,
}: {
  complaints: readonly Complaint[];
  build?: Build;
  onToggle: (place: Place, side: Side) => void;
}) {
  return (
    <PlaceMap
      label={say('Where it bothers')}
      build={build}
      chosen={(place, side) => complaints.some((c) => c.place === place && (c.side === side || c.side === 'both'))}
      onChoose={onToggle}
    />
  );
}
