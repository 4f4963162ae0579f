import { say as spoken } from '../languages/spoken';
import type { Say } from '../languages/as-written';
import { groupOf, type GroupId, type Side } from './index';

/** Names of the reportable groups: the field's term and a plain one beside it. */
export const GROUP_WORDS: Readonly<Record<GroupId, { name: string; plain: string }>> = {
  'deep-hip-flexor': { name: 'psoas and iliacus', plain: 'deep front of the hip' },
  'rectus-femoris': { name: 'rectus femoris', plain: 'front thigh, the part that crosses the hip' },
  vasti: { name: 'vasti', plain: 'front thigh, the part that only bends the knee' },
  'lateral-hip': { name: 'tensor fasciae latae', plain: 'outer front of the hip' },
  adductors: { name: 'adductors', plain: 'inner thigh' },
  hamstrings: { name: 'hamstrings', plain: 'back of the thigh' },
  'gluteus-maximus': { name: 'gluteus maximus', plain: 'large buttock muscle' },
  'deep-buttock': { name: 'piriformis and deep rotators', plain: 'deep buttock' },
  calf: { name: 'calf', plain: 'calf' },
  'joint-or-capsule': { name: 'joint or capsule', plain: 'the hip joint itself' },
  'nerve-like': { name: 'nerve-like pull', plain: 'a line that feels like a wire' },
  'knee-joint': { name: 'knee joint', plain: 'the knee itself' },
  'ankle-joint': { name: 'ankle joint', plain: 'the ankle itself' },
  instep: { name: 'instep', plain: 'top of the foot' },
};

/** Names of the muscles of a group that has more than one, by element: where one of them alone is short, it is told. */
export const MEMBER_WORDS: Readonly<Record<string, string>> = {
  'tensor-fasciae-latae': 'tensor fasciae latae',
  'gluteals-front': 'front of gluteus medius, with gluteus minimus',
  'adductors-short': 'short adductors',
  'adductor-magnus': 'adductor magnus',
  gracilis: 'gracilis',
  'gluteus-medius-back': 'back of gluteus medius',
  piriformis: 'piriformis',
  'deep-external-rotators': 'deep external rotators',
  gastrocnemius: 'gastrocnemius',
  soleus: 'soleus',
};

/** Triangle that points to the student's side; always shown with the word. */
export const SIDE_MARK: Readonly<Record<Side | 'both', string>> = { left: '◁', right: '▷', both: '◁▷' };

/** Name of a group told by its id or by one of its muscles; what nobody knows keeps its own name. */
export function groupName(group: string, say: Say = spoken): string {
  const id = groupOf(group);
  return id ? say(GROUP_WORDS[id].name) : group;
}
