import { LINES } from './lines';

/**
 * Names, from fine to coarse. A line is one line of action. Structures are the field's names for muscles and for what
 * is not muscle. An element is what the inference gives a tolerance of its own. A reportable group is what can honestly
 * be told apart from others by tests; findings and aims speak of groups.
 */
export type GroupId =
  | 'deep-hip-flexor'
  | 'rectus-femoris'
  | 'vasti'
  | 'lateral-hip'
  | 'hamstrings'
  | 'adductors'
  | 'gluteus-maximus'
  | 'deep-buttock'
  | 'calf'
  | 'joint-or-capsule'
  | 'nerve-like'
  | 'knee-joint'
  | 'ankle-joint'
  | 'instep';

interface Element {
  id: string;
  group: GroupId;
  /** Structures (architecture's ids) the element stands for. */
  structures: readonly string[];
  /** Strands (muscle lines or proxies) that can stop a movement for it. */
  strands: readonly string[];
  muscle: boolean;
}

const lines = (...structures: string[]) => LINES.filter((l) => structures.includes(l.structure)).map((l) => l.line);
const muscle = (id: string, group: GroupId, structures: string[], strands = lines(...structures)): Element => ({
  id,
  group,
  structures,
  strands,
  muscle: true,
});
const proxy = (id: string, group: GroupId, strands: string[] = [id]): Element => ({
  id,
  group,
  structures: [id],
  strands,
  muscle: false,
});

export const ELEMENTS: readonly Element[] = [
  muscle('deep-hip-flexor', 'deep-hip-flexor', ['psoas', 'iliacus']),
  muscle('rectus-femoris', 'rectus-femoris', ['rectus-femoris']),
  muscle('vasti', 'vasti', ['vasti']),
  muscle('tensor-fasciae-latae', 'lateral-hip', ['tensor-fasciae-latae']),
  muscle(
    'gluteals-front',
    'lateral-hip',
    ['gluteus-medius', 'gluteus-minimus'],
    ['gluteus-medius-anterior', ...lines('gluteus-minimus')],
  ),
  muscle('hamstrings', 'hamstrings', ['hamstrings']),
  muscle('adductors-short', 'adductors', ['adductors-short', 'pectineus']),
  muscle('adductor-magnus', 'adductors', ['adductor-magnus']),
  muscle('gracilis', 'adductors', ['gracilis']),
  muscle('gluteus-maximus', 'gluteus-maximus', ['gluteus-maximus']),
  muscle(
    'gluteus-medius-back',
    'deep-buttock',
    ['gluteus-medius'],
    ['gluteus-medius-middle', 'gluteus-medius-posterior'],
  ),
  muscle('piriformis', 'deep-buttock', ['piriformis']),
  muscle('deep-external-rotators', 'deep-buttock', ['deep-external-rotators']),
  muscle('gastrocnemius', 'calf', ['gastrocnemius']),
  muscle('soleus', 'calf', ['soleus']),
  proxy('hip-capsule-front', 'joint-or-capsule', ['hip-capsule-front', 'hip-capsule-lower']),
  proxy('hip-capsule-back', 'joint-or-capsule'),
  proxy('hip-bone', 'joint-or-capsule'),
  proxy('sciatic-nerve', 'nerve-like'),
  proxy('knee-joint', 'knee-joint'),
  proxy('ankle-joint', 'ankle-joint'),
  proxy('instep', 'instep'),
];

export const ELEMENT_IDS: readonly string[] = ELEMENTS.map((e) => e.id);
export const GROUPS: readonly GroupId[] = [
  'deep-hip-flexor',
  'rectus-femoris',
  'vasti',
  'lateral-hip',
  'adductors',
  'hamstrings',
  'gluteus-maximus',
  'deep-buttock',
  'calf',
  'joint-or-capsule',
  'nerve-like',
  'knee-joint',
  'ankle-joint',
  'instep',
];
/** Group index of each element, in the order of `ELEMENTS`. */
export const GROUP_OF: readonly number[] = ELEMENTS.map((e) => GROUPS.indexOf(e.group));

/** Elements that make up a group. */
export const membersOf = (group: GroupId): string[] => ELEMENTS.filter((e) => e.group === group).map((e) => e.id);
/** True where the group is muscle and can be an aim. */
export const isMuscleGroup = (group: GroupId): boolean => ELEMENTS.some((e) => e.group === group && e.muscle);

/** A group from a group, structure or element name, or null: lets callers name what they know. */
export function groupOf(name: string): GroupId | null {
  const direct = GROUPS.find((g) => g === name);
  if (direct) return direct;
  return ELEMENTS.find((e) => e.id === name || e.structures.includes(name))?.group ?? null;
}
