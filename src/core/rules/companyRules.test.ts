import { found, plan, severities, TANKS } from '@/testing/plans';

/** Both ways: it fires where it must, and keeps silent where it must. Facts of the trade are tested beside the assessment. */

const big = TANKS.pond;
const neons = { species: 'paracheirodon-innesi', count: 10 } as const;

describe('temper', () => {
  const pair = (a: string, b: string, more = {}) =>
    found(
      plan(big, [
        { species: a, count: 1, ...more },
        { species: b, count: 10 },
      ]),
      'temper',
    );
  it('stops the rough with the gentle, and begins at maturity', () => {
    expect(pair('hemichromis-lifalili', 'corydoras-aeneus')[0]).toMatchObject({ severity: 'caution' });
    expect(pair('amatitlania-nigrofasciata', 'trichogaster-chuna')[0]).toMatchObject({
      severity: 'stop',
      from: null,
    });
    expect(pair('amatitlania-nigrofasciata', 'trichogaster-chuna', { lengthCm: 3 })[0]?.from).not.toBeNull();
  });
  it('F65, common practice: cautions of the restless with the slow', () =>
    expect(pair('puntigrus-tetrazona', 'trichogaster-chuna')[0]).toMatchObject({ severity: 'caution' }));
  it('lets the peaceful be', () => expect(pair('trichogaster-chuna', 'corydoras-aeneus')).toEqual([]));
  it('judges by today’s lengths, also between species of one temper (F54, common practice)', () => {
    const young = (cm: number) =>
      found(
        plan(TANKS.us125, [
          { species: 'maylandia-estherae', count: 1, lengthCm: 12 },
          { species: 'pseudotropheus-elegans', count: 6, lengthCm: cm },
        ]),
        'temper',
      ).map(({ severity, fact, from }) => [severity, fact.says, from]);
    expect(young(4)).toContainEqual(['caution', 'pair/grown among young', null]);
    expect(young(9)).toEqual([]);
  });
  it('goes easier on quick fish of open water', () =>
    expect(pair('amatitlania-nigrofasciata', 'danio-albolineatus')[0]).toMatchObject({
      severity: 'note',
    }));
});

describe('predation', () => {
  const pair = (eater: Record<string, unknown>, prey: Record<string, unknown>) =>
    found(
      plan(big, [
        { count: 1, species: 'x', ...eater },
        { count: 10, species: 'x', ...prey },
      ]),
      'predation',
    );
  it('begins in the month in which the mouth has grown', () => {
    const [finding] = pair(
      { species: 'pterophyllum-scalare', lengthCm: 4 },
      { species: 'paracheirodon-innesi' },
    );
    expect(finding?.severity).toBe('stop');
    expect(finding!.from! > '2026-11').toBe(true);
    expect(Number(finding?.because.ratioToday)).toBeGreaterThan(1.2);
  });
  it('is true today when it is true today', () =>
    expect(pair({ species: 'astronotus-ocellatus' }, { species: 'paracheirodon-innesi' })[0]).toMatchObject({
      severity: 'stop',
      from: null,
    }));
  it('ends when they part first', () => {
    expect(
      pair(
        { species: 'pterophyllum-scalare', lengthCm: 4, until: '2026-12' },
        { species: 'paracheirodon-innesi' },
      ),
    ).toEqual([]);
  });
  it('puts diet before the mouth: a large herbivore is no hunter', () =>
    expect(pair({ species: 'myloplus-rubripinnis' }, { species: 'boraras-brigittae' })).toEqual([]));
  it('knows snail eaters and shrimp eaters', () => {
    expect(pair({ species: 'botia-striata' }, { species: 'vittina-natalensis' })[0]?.severity).toBe('stop');
    expect(
      pair({ species: 'carinotetraodon-travancoricus' }, { species: 'neocaridina-davidi' })[0]?.severity,
    ).toBe('stop');
    expect(pair({ species: 'otocinclus-vittatus' }, { species: 'neocaridina-davidi' })).toEqual([]);
  });
  it('spares prey that outgrows the mouth before it opens wide enough', () => {
    expect(
      pair(
        { species: 'pterophyllum-scalare', lengthCm: 4 },
        { species: 'melanotaenia-boesemani', lengthCm: 5 },
      ),
    ).toEqual([]);
  });
});

describe('fin-nipping', () => {
  it('needs fins to nip, or somebody too slow to leave', () => {
    expect(
      severities(
        plan(big, [
          { species: 'puntigrus-tetrazona', count: 6 },
          { species: 'danio-rerio', count: 10 },
        ]),
        'fin-nipping',
      ),
    ).toEqual([]);
    expect(
      severities(
        plan(big, [
          { species: 'puntigrus-tetrazona', count: 6 },
          { species: 'poecilia-reticulata', count: 6 },
        ]),
        'fin-nipping',
      ),
    ).toEqual(['stop']);
  });
});

describe('look-alike', () => {
  it('takes two bearers of one pattern for rivals when either minds', () => {
    expect(
      severities(
        plan(big, [
          { species: 'epalzeorhynchos-bicolor', count: 1 },
          { species: 'crossocheilus-oblongus', count: 6 },
        ]),
        'look-alike',
      ),
    ).toEqual(['caution']);
    expect(
      severities(plan(big, [neons, { species: 'paracheirodon-axelrodi', count: 10 }]), 'look-alike'),
    ).toEqual([]);
  });
});
