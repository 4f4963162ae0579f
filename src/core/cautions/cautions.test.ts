import { describe, expect, it } from 'vitest';
import { cautionById, CAUTIONS } from './catalogue';
import { DEMAND_IDS, DEMANDS, type Asks, type Demand } from './demands';
import { closes, eases, ruleSentences, shortens, stopsAt, type Rule } from './rules';
import { closers, screen, screenOf, verdictOf, type Screening } from './screen';

const DAY = '2026-01-05';
const told = (...ids: string[]): Screening =>
  screen(
    ids.map((caution) => ({ caution })),
    DAY,
  );
/** A screening by one made-up caution with these rules. */
const by = (...rules: Rule[]): Screening => ({
  level: 'adapt',
  stopped: false,
  hurt: [],
  cautions: [{ id: 'x', name: 'X', level: 'adapt', ask: '', rules, message: '', reason: '', stop: '', see: '' }],
});
const ask = (asks: Asks): Asks => ({ 'head-low': -40, 'end-of-range': -6, ...asks });

describe('the catalogue', () => {
  it('has ids of its own, and says what to ask, to say, when to stop and whom to see', () => {
    expect(new Set(CAUTIONS.map((c) => c.id)).size).toBe(CAUTIONS.length);
    for (const c of CAUTIONS)
      for (const text of [c.ask, c.message, c.reason, c.stop, c.see]) expect(text.length, c.id).toBeGreaterThan(5);
  });
  it('never names a disease as a finding, only what was said', () => {
    for (const c of CAUTIONS)
      for (const text of [c.message, c.ask, c.reason]) expect(text, c.id).not.toMatch(/you have|suffer|diagnos/i);
  });
  it('shuts everything where somebody is to be seen now', () => {
    for (const c of CAUTIONS.filter((x) => x.level === 'refer-now')) expect(c.rules, c.id).toBe('all');
  });
  it('uses every demand, so that none is computed for nothing', () => {
    const used = new Set(CAUTIONS.flatMap((c) => (c.rules === 'all' ? [] : c.rules.map((r) => r.demand))));
    expect(DEMAND_IDS.filter((d) => !used.has(d))).toEqual([]);
  });
  it('has no rule twice, and none weaker than another of the same caution', () => {
    for (const c of CAUTIONS) {
      if (c.rules === 'all') continue;
      for (const a of c.rules)
        for (const b of c.rules)
          if (a !== b && a.demand === b.demand && a.does === b.does)
            expect.fail(`${c.id} says "${a.does} ${a.demand}" twice`);
    }
  });
});

/** What words of a caution promise, and one of these demands must be closed or stopped for it. */
const PROMISES: readonly [RegExp, readonly Demand[]][] = [
  [/no (strong )?twist|not? twisting|no strong twists/i, ['twist', 'knee-twist']],
  [/twisting through the foot|turned knee/i, ['knee-turned-loaded']],
  [/head below the heart/i, ['head-low']],
  [/weight on the head/i, ['weight-on-head']],
  [/weight on (the )?hands?\b/i, ['weight-on-hands']],
  [/no lying on the front|not on the belly/i, ['lying-on-front']],
  [/no lying flat on the back/i, ['lying-on-back']],
  [/side-lying and seated shapes only/i, ['not-seated-or-side']],
  [/no kneeling/i, ['kneeling']],
  [/deep or turned knee|bent or turned knee|knee bent/i, ['knee-bend', 'knee-bend-loaded', 'knee-twist']],
  [/on one leg/i, ['one-leg']],
  [/balancing/i, ['balance-alone']],
  [/no strong holds|no work against a load|no straining/i, ['strong-work']],
  [/legs held in the air/i, ['legs-held-up']],
  [/thighs pulled up/i, ['hip-flexor-work']],
  [/pressed into the belly/i, ['belly-pressed']],
  [/end of a range/i, ['end-of-range']],
  [/wide (legs|or)|wide legs/i, ['wide']],
  [/uneven/i, ['legs-uneven']],
  [/crossing/i, ['crossing', 'crossing-bent']],
  [/turning in/i, ['turning-in', 'turning-in-bent']],
  [/turning out/i, ['turning-out-straight']],
  [/90°/i, ['hip-bend']],
  [/shin not far over the foot/i, ['ankle-bent']],
  [/pointed foot/i, ['ankle-pointed']],
  [/heel raises/i, ['calf-work']],
  [/deep folds/i, ['hip-bend']],
  [/thigh (far )?behind/i, ['hip-behind']],
  [/no arching/i, ['low-back-arching']],
  [/no rounding|the back long/i, ['low-back-rounding']],
  [/upper back/i, ['chest-rounding']],
  [/back of the leg/i, ['back-of-leg']],
  [/outer hip/i, ['outer-hip-pressed']],
  [/head far back/i, ['neck-bend']],
  [/level [12]/i, ['demanding']],
  [/pressing the legs together/i, ['adductor-work']],
  [/lifting the leg out/i, ['abductor-work']],
  [/pushing hard with the knee/i, ['knee-work']],
  [/deep squat|deep standing bend/i, ['knee-bend-loaded']],
];

describe('what a caution says it does', () => {
  it.each(CAUTIONS.filter((c) => c.rules !== 'all').map((c) => [c.id, c] as const))(
    '%s promises nothing that it does not lock',
    (_, c) => {
      const rules = c.rules as readonly Rule[];
      for (const [words, demands] of PROMISES) {
        if (!words.test(c.message)) continue;
        const locked = rules.some((r) => (r.does === 'closes' || r.does === 'stops') && demands.includes(r.demand));
        expect(locked, `“${c.message}” promises ${demands.join(' or ')}`).toBe(true);
      }
      const seconds = /(\d+) seconds/.exec(c.message)?.[1];
      if (seconds) expect(rules.some((r) => r.does === 'shortens' && r.hold_s <= Number(seconds))).toBe(true);
    },
  );
  it('tells every rule in its sentences', () => {
    for (const c of CAUTIONS) {
      const text = ruleSentences(c.rules).join(' ');
      if (c.rules === 'all') expect(text).toContain('Nothing');
      else
        for (const r of c.rules)
          expect(text.toLowerCase(), c.id).toContain(
            r.does === 'eases' ? `${Math.round(100 * r.share)} %` : DEMANDS[r.demand].words(r.over).toLowerCase(),
          );
    }
  });
});

describe('screening', () => {
  it('goes with nothing said', () => expect(told()).toMatchObject({ level: 'go', stopped: false }));
  it('takes the strictest of several', () => {
    expect(told('touch').level).toBe('note');
    expect(told('touch', 'knee-injury').level).toBe('adapt');
    expect(told('knee-injury', 'hip-replacement').level).toBe('refer-first');
    expect(told('touch', 'numb-saddle', 'knee-injury')).toMatchObject({ level: 'refer-now', stopped: true });
  });
  it('frees at once what is over or was lifted', () => {
    expect(screen([{ caution: 'recent-surgery', until: '2026-06-01' }], '2026-05-31').stopped).toBe(true);
    expect(screen([{ caution: 'recent-surgery', until: '2026-06-01' }], '2026-06-01').stopped).toBe(false);
    expect(screen([{ caution: 'recent-surgery', cleared: { by: 'surgeon', on: '2026-05-02' } }], DAY).level).toBe('go');
  });
  it('closes everything for a caution of a newer file', () => {
    const s = told('moon-sickness');
    expect(s).toMatchObject({ level: 'refer-first', stopped: true });
    expect(verdictOf(s, [ask({})])).toMatchObject({ state: 'closed', because: [{ caution: 'moon-sickness' }] });
  });
  it('knows what an age asks, unless somebody lifted it', () => {
    const of = (birthYear: number, ...cautions: Parameters<typeof screen>[0]) =>
      screenOf({ birthYear, cautions }, DAY).cautions.map((c) => c.id);
    expect(of(1980)).toEqual([]);
    expect(of(1961)).toEqual(['older-adult']);
    expect(of(1962)).toEqual([]);
    // Who turns 18 this year may still be 17.
    expect(of(2008)).toEqual(['young']);
    expect(of(2007)).toEqual([]);
    expect(of(1950, { caution: 'older-adult', cleared: { by: 'herself', on: DAY } })).toEqual([]);
    expect(of(1950, { caution: 'touch' })).toEqual(['touch', 'older-adult']);
  });
});

describe('a verdict', () => {
  const way = [10, 40, 70, 100, 130].map((n) => ask({ 'hip-bend': n }));
  it('is open where nothing was told', () => expect(verdictOf(told(), way).state).toBe('open'));
  it('closes what comes there anywhere on its way', () => {
    expect(verdictOf(by(closes('hip-bend', 129)), way)).toMatchObject({
      state: 'closed',
      because: [{ demand: 'hip-bend', asked: 130, over: 129 }],
    });
    expect(verdictOf(by(closes('hip-bend', 130)), way).state).toBe('open');
  });
  it('stops before, and closes what begins beyond', () => {
    expect(verdictOf(by(stopsAt('hip-bend', 80)), way)).toMatchObject({ state: 'limited', depth: 0.5 });
    expect(verdictOf(by(stopsAt('hip-bend', 130)), way)).toMatchObject({ state: 'open', depth: 1 });
    expect(verdictOf(by(stopsAt('hip-bend', 5)), way).state).toBe('closed');
  });
  it('shortens and eases', () => {
    const near = [ask({ 'end-of-range': -3 }), ask({ 'end-of-range': 0 })];
    expect(verdictOf(by(shortens(30, 'end-of-range', -1), eases(0.65)), near)).toMatchObject({
      state: 'limited',
      hold_s: 30,
      share: 0.65,
      depth: 1,
    });
    expect(verdictOf(by(shortens(30, 'end-of-range', 1), eases(0.65, 1)), near).state).toBe('open');
  });
  it('takes the strictest of each', () => {
    const two = by(
      stopsAt('hip-bend', 110),
      stopsAt('hip-bend', 50),
      shortens(60, 'hip-bend', 0),
      shortens(20, 'hip-bend', 0),
    );
    expect(verdictOf(two, way)).toMatchObject({ depth: 0.25, hold_s: 20 });
    expect(verdictOf(by(stopsAt('hip-bend', 110), closes('hip-bend', 120)), way).state).toBe('closed');
  });
  it('lets a test go to its first light pull where a rule says so', () => {
    const s = by(closes('end-of-range', 0, 'limited'), closes('twist', 0, 'open'));
    const end = [ask({ 'end-of-range': 2, twist: 30 })];
    expect(verdictOf(s, end).state).toBe('closed');
    expect(verdictOf(s, end, 'test').state).toBe('limited');
    expect(verdictOf(by(closes('twist', 0, 'open')), end, 'test').state).toBe('open');
  });
  it('counts a number that is missing as nought, which is not free where nought is too much', () => {
    expect(verdictOf(by(closes('end-of-range', -1)), [{}]).state).toBe('closed');
  });
  it('names who closes it, and nobody else', () => {
    const s = told('knee-injury', 'neck');
    const v = verdictOf(s, [ask({ kneeling: 1 })]);
    expect(closers(s, v).map((c) => c.id)).toEqual(['knee-injury']);
    expect(closers(s, verdictOf(s, [ask({})]))).toEqual([]);
  });
  it('is asked by id', () => {
    expect(cautionById('knee-injury')?.level).toBe('adapt');
    expect(cautionById('hiccups')).toBeNull();
  });
});

describe('every demand', () => {
  it.each(DEMAND_IDS)('%s counts from its limit on, and not before', (demand) => {
    const { from } = DEMANDS[demand];
    const at = (n: number) => verdictOf(by(closes(demand)), [ask({ [demand]: n })]).state;
    expect(at(from + 0.5)).toBe('closed');
    expect(at(from)).toBe('open');
  });
});
