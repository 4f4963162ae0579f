import { say } from '@/core/languages/spoken';

/** Landmarks and limbs as a teacher says them; a side stands before them. */
const POINTS: Readonly<Record<string, string>> = {
  heel: 'heel',
  ball: 'ball of the foot',
  toe: 'toes',
  ankle: 'ankle',
  calf: 'calf',
  knee: 'knee',
  thigh: 'thigh',
  hip: 'outer hip',
  buttock: 'sitting bone',
  wrist: 'hand',
  elbow: 'elbow',
  shoulder: 'shoulder',
  waist: 'side waist',
  sacrum: 'sacrum',
  pubis: 'pubic bone',
  back: 'middle of the back',
  'back-high': 'shoulder blades',
  chest: 'chest',
  head: 'head',
  crown: 'crown of the head',
  neck: 'top of the trunk',
  pelvis: 'pelvis',
  shank: 'shin',
  foot: 'foot',
  forearm: 'forearm',
  'upper-arm': 'upper arm',
  belly: 'belly',
};

const NAMED = /^(.*)_(left|right)$/;
const bareWords = (name: string): string => say(POINTS[name] ?? name.replace(/[-_]/g, ' '));

/** A landmark or limb in words, with its real side where it has one: "right ball of the foot". */
export function pointWords(name: string): string {
  const [, bare, side] = NAMED.exec(name) ?? [];
  if (!bare) return bareWords(name);
  const point = bareWords(bare);
  return side === 'left' ? say('left {{point}}', { point }) : say('right {{point}}', { point });
}

/** The same of both sides alike. */
export const pointsWords = (name: string): string => {
  const bare = NAMED.exec(name)?.[1];
  return bare ? say('both: {{point}}', { point: bareWords(bare) }) : bareWords(name);
};

export const ON_WORDS: Readonly<Record<string, string>> = {
  floor: 'the floor',
  limb: 'their own body',
  blanket: 'a blanket',
  block: 'a block',
  bolster: 'a bolster',
  chair: 'a chair',
  wall: 'the wall',
  strap: 'a strap',
  post: 'a post',
};
