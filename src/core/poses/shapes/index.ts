import type { ShapeSketch } from '../sketch';
import { AT_THE_WALL } from './at-the-wall';
import { BRIDGES } from './bridges';
import { CHAIR_FOLDS_AND_WORK } from './chair-folds-and-work';
import { CHAIR_HIPS } from './chair-hips';
import { CROSSED_SEATS } from './crossed-seats';
import { DEMANDING } from './demanding';
import { DESK_AND_WALL } from './desk-and-wall';
import { DRILLS } from './drills';
import { FOLDS_AND_DOGS } from './folds-and-dogs';
import { FOURS_BALANCES } from './fours-balances';
import { KNEELING } from './kneeling';
import { LIFTED_BACK_BENDS } from './lifted-back-bends';
import { LOW_LUNGES } from './low-lunges';
import { LYING_EASY } from './lying-easy';
import { LYING_HIPS } from './lying-hips';
import { LYING_LEG_STRETCHES } from './lying-leg-stretches';
import { LYING_ON_THE_SIDE } from './lying-on-the-side';
import { LYING_WORK } from './lying-work';
import { ON_ALL_FOURS_SHAPES } from './on-all-fours';
import { ON_ONE_FOOT } from './on-one-foot';
import { ON_THE_FRONT } from './on-the-front';
import { PLANKS } from './planks';
import { RESTFUL } from './restful';
import { REVOLVED } from './revolved';
import { SEATED_FOLDS } from './seated-folds';
import { SEATED_HIPS } from './seated-hips';
import { SPLITS } from './splits';
import { SQUATS_AND_CALVES } from './squats-and-calves';
import { STANDING_BALANCES } from './standing-balances';
import { STANDING_HIPS } from './standing-hips';
import { STEPS_AND_CIRCLES } from './steps-and-circles';
import { WARRIORS } from './warriors';
import { WIDE_AND_CROSSED } from './wide-and-crossed';

/** Every shape of the library as it was written. */
const ALL = [
  ...LYING_EASY,
  ...LYING_LEG_STRETCHES,
  ...LYING_HIPS,
  ...BRIDGES,
  ...LYING_WORK,
  ...ON_THE_FRONT,
  ...ON_ALL_FOURS_SHAPES,
  ...FOURS_BALANCES,
  ...PLANKS,
  ...LOW_LUNGES,
  ...KNEELING,
  ...SEATED_FOLDS,
  ...CROSSED_SEATS,
  ...SEATED_HIPS,
  ...CHAIR_HIPS,
  ...CHAIR_FOLDS_AND_WORK,
  ...FOLDS_AND_DOGS,
  ...WARRIORS,
  ...STANDING_BALANCES,
  ...SQUATS_AND_CALVES,
  ...WIDE_AND_CROSSED,
  ...STANDING_HIPS,
  ...DESK_AND_WALL,
  ...ON_ONE_FOOT,
  ...STEPS_AND_CIRCLES,
  ...REVOLVED,
  ...AT_THE_WALL,
  ...RESTFUL,
  ...DRILLS,
  ...LIFTED_BACK_BENDS,
  ...SPLITS,
  ...DEMANDING,
  ...LYING_ON_THE_SIDE,
] as const;
/** Names of the library's shapes. What a file or a teacher's own pose is called may be another: `shapeById` tells. */
export type PoseId = (typeof ALL)[number]['id'];
export const SKETCHES: readonly ShapeSketch<PoseId>[] = ALL;
