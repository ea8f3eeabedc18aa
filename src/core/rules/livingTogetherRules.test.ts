import { found, plan, severities, TANKS } from '@/testing/plans';

const one = (species: string, count = 1) => ({ species, count });
const big = TANKS.pond;

describe('breeding', () => {
  const pair = (breeding: boolean) => ({
    ...one('hemichromis-bimaculatus', 2),
    males: 1,
    females: 1,
    breeding,
  });
  const mates = one('hyphessobrycon-columbianus', 10);
  const guards = (file: ReturnType<typeof plan>) =>
    found(file, 'breeding')
      .filter((finding) => 'guarding' in finding.because)
      .map((finding) => finding.severity);
  it('F36, F88: a guarding pair takes half the tank', () => {
    expect(guards(plan(TANKS.us20long, [pair(true), mates]))).toEqual(['stop']);
    expect(guards(plan(big, [pair(true), mates]))).toEqual(['caution']);
  });
  it('says that a pair may form, from the month it can', () => {
    const [finding] = found(plan(big, [{ ...pair(false), lengthCm: 3 }, mates]), 'breeding').filter(
      (each) => 'guarding' in each.because,
    );
    expect(finding?.severity).toBe('note');
    expect(finding?.from).not.toBeNull();
  });
  it('F105: livebearers multiply, unless all are of one sex', () => {
    expect(severities(plan(big, [one('poecilia-reticulata', 6)]), 'breeding')).toEqual(['note']);
    expect(
      severities(plan(big, [{ ...one('poecilia-reticulata', 6), males: 6, females: 0 }]), 'breeding'),
    ).toEqual([]);
  });
});

describe('egg-eating', () => {
  const parents = (breeding: boolean) => ({ ...one('pelvicachromis-pulcher', 2), breeding });
  it('F66: night-active catfish empty a cave by morning', () =>
    expect(
      severities(
        plan(big, [parents(true), one('agamyxis-pectinifrons')]),
        'egg-eating',
        'agamyxis-pectinifrons',
      ),
    ).toEqual(['caution']));
  it('keeps silent where nothing breeds, and where the brood is carried', () => {
    expect(severities(plan(big, [parents(false), one('agamyxis-pectinifrons')]), 'egg-eating')).toEqual([]);
    expect(
      severities(
        plan(big, [{ ...one('aulonocara-baenschi', 5), breeding: true }, one('synodontis-lucipinnis', 5)]),
        'egg-eating',
      ),
    ).toEqual([]);
  });
});

describe('slime-grazing', () => {
  it('F69: disputed with discus, and said to be so', () => {
    const [finding] = found(
      plan(big, [one('symphysodon-aequifasciatus', 6), one('semaprochilodus-taeniurus')]),
      'slime-grazing',
    );
    expect(finding).toMatchObject({ contested: true, severity: 'caution', approach: 'avoid' });
    expect(finding?.fact).toEqual({ says: 'pair/may rasp' });
  });
  it('knows the Chinese algae eater from the day it matures', () => {
    const [finding] = found(
      plan(big, [one('pterophyllum-scalare', 6), { ...one('gyrinocheilus-aymonieri'), lengthCm: 4 }]),
      'slime-grazing',
    );
    expect(finding).toMatchObject({ contested: false, severity: 'stop' });
    expect(finding?.from).not.toBeNull();
  });
  it('leaves quick and small fish out of it', () =>
    expect(
      severities(plan(big, [one('danio-rerio', 10), one('gyrinocheilus-aymonieri')]), 'slime-grazing'),
    ).toEqual([]));
});

describe('out-eating', () => {
  it('F65: fast fish out-eat slow ones', () =>
    expect(
      severities(
        plan(big, [one('sphaerichthys-osphromenoides', 6), one('pethia-conchonius', 10)]),
        'out-eating',
      ),
    ).toEqual(['caution']));
  it('F111: bottom feeders can be reached past them', () =>
    expect(
      severities(plan(big, [one('corydoras-aeneus', 8), one('glossolepis-incisus', 8)]), 'out-eating'),
    ).toEqual(['note']));
  it('keeps silent among equals', () =>
    expect(
      severities(plan(big, [one('corydoras-aeneus', 8), one('paracheirodon-innesi', 12)]), 'out-eating'),
    ).toEqual([]));
});

describe('shyness', () => {
  const shy = one('danio-erythromicron', 10);
  it('F112: shy fish stay hidden in bold company and in a bare tank', () => {
    expect(severities(plan(big, [shy, one('pethia-conchonius', 8)]), 'shyness')).toEqual(['caution']);
    expect(severities(plan({ ...big, plants: 'none', hides: 0 }, [shy]), 'shyness')).toEqual(['caution']);
  });
  it('keeps silent among shy company and plants', () =>
    expect(
      severities(plan({ ...big, plants: 'dense' }, [shy, one('danio-margaritatus', 10)]), 'shyness'),
    ).toEqual([]));
});

describe('hybridising', () => {
  it('notes close kin that cross', () =>
    expect(
      severities(plan(big, [one('xiphophorus-hellerii', 6), one('xiphophorus-maculatus', 6)]), 'hybridising'),
    ).toEqual(['note']));
  it('not when one sex is missing from both, nor for kin that hardly breed in tanks', () => {
    const males = (species: string) => ({ ...one(species, 3), males: 3, females: 0 });
    expect(
      severities(plan(big, [males('xiphophorus-hellerii'), males('xiphophorus-maculatus')]), 'hybridising'),
    ).toEqual([]);
    expect(
      severities(plan(big, [one('hemigrammus-bleheri', 8), one('hyphessobrycon-amandae', 8)]), 'hybridising'),
    ).toEqual([]);
  });
});

describe('diet', () => {
  it('knows delicate grazers beside species that need rich food', () =>
    expect(
      severities(plan(big, [one('tropheus-moorii', 15), one('altolamprologus-calvus', 2)]), 'diet'),
    ).toEqual(['caution']));
  it('asks for wood and for snails', () => {
    expect(found(plan(big, [one('panaqolus-maccus')]), 'diet')[0]?.fact).toEqual({ says: 'food/wood' });
    expect(found(plan(big, [one('carinotetraodon-travancoricus')]), 'diet')[0]?.fact).toEqual({
      says: 'food/snails',
    });
  });
  it('keeps silent about those who eat alike', () =>
    expect(
      severities(plan(big, [one('tropheus-moorii', 15), one('simochromis-diagramma', 6)]), 'diet'),
    ).toEqual([]));
});

describe('settled-tank', () => {
  const residents = { ...one('maylandia-estherae', 12), since: '2026-01' };
  const newcomer = (count: number, lengthCm = 10) => ({ ...one('labidochromis-caeruleus', count), lengthCm });
  it('F86, F93: one newcomer into a settled rough tank is picked on by all', () =>
    expect(severities(plan(TANKS.us75, [residents, newcomer(1)]), 'settled-tank')).toEqual(['caution']));
  it('is milder for several at once, and for much smaller ones', () => {
    expect(severities(plan(TANKS.us75, [residents, newcomer(4)]), 'settled-tank')).toEqual(['note']);
    expect(severities(plan(TANKS.us75, [residents, newcomer(1, 3)]), 'settled-tank')).toEqual(['note']);
  });
  it('keeps silent while nothing has settled, and in gentle tanks', () => {
    expect(
      severities(plan(TANKS.us75, [{ ...residents, since: '2026-11' }, newcomer(1)]), 'settled-tank'),
    ).toEqual([]);
    expect(
      severities(
        plan(TANKS.us29, [
          { ...one('paracheirodon-innesi', 10), since: '2025-01' },
          one('corydoras-panda', 2),
        ]),
        'settled-tank',
      ),
    ).toEqual([]);
  });
});

describe('water-ph between natives of opposite waters', () => {
  const together = (a: string, b: string) =>
    severities(
      plan(big, [
        { ...one(a, 10), origin: 'tank-bred' },
        { ...one(b, 10), origin: 'tank-bred' },
      ]),
      'water-ph',
    );
  it('a sliver that captive lines share is no home for both', () =>
    expect(together('paracheirodon-axelrodi', 'labidochromis-caeruleus')).toContain('stop'));
  it('is no matter for species of neighbouring waters', () =>
    expect(together('paracheirodon-innesi', 'poecilia-reticulata')).not.toContain('stop'));
});

describe('way-out', () => {
  const oscar = (wayOut?: string) =>
    plan(TANKS.us180, [{ ...one('astronotus-ocellatus'), wayOut }, one('metynnis-argenteus', 6)]);
  it('says when none is arranged for a risky species, and what is when it is', () => {
    expect(severities(oscar(), 'way-out', 'astronotus-ocellatus')).toEqual(['note']);
    expect(found(oscar('the shop on the quay takes it'), 'way-out', 'astronotus-ocellatus')[0]).toMatchObject(
      {
        severity: 'good',
        fact: { says: 'care/exit plan', plan: 'the shop on the quay takes it' },
      },
    );
  });
  it('asks nothing of gentle species', () =>
    expect(
      severities(plan(big, [one('paracheirodon-innesi', 10), one('corydoras-panda', 6)]), 'way-out'),
    ).toEqual([]));
});
