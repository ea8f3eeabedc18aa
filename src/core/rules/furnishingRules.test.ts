import { found, plan, severities, TANKS } from '@/testing/plans';
import type { PlanTank } from '../model/plan';

/** Both ways: each rule fires where it must, and keeps silent where it must. */

const big: PlanTank = TANKS.pond;
const one = (species: string, count = 1) => ({ species, count });

describe('flow', () => {
  const loaches = one('sewellia-lineolata', 5);
  it('misses a current for fish of rapids, and is content with a strong one', () => {
    expect(severities(plan({ ...TANKS.us40breeder, filterLph: 300 }, [loaches]), 'flow')).toEqual([
      'caution',
    ]);
    expect(severities(plan({ ...TANKS.us40breeder, filterLph: 2500 }, [loaches]), 'flow')).toEqual([]);
  });
  it('asks six real turnovers an hour for fish of rapids (from memory): five are too few, eight are enough', () => {
    const at = (filterLph: number) =>
      found(plan({ ...TANKS.us40breeder, filterLph }, [loaches]), 'flow')[0]?.because;
    const perLph = (at(100)?.turnoverPerHour as number) / 100;
    expect(at(5 / perLph)).toMatchObject({ needs: 6 });
    expect(at(8 / perLph)).toBeUndefined();
  });
  it('notes still-water fish in a strong stream', () =>
    expect(
      severities(plan({ ...TANKS.us20long, filterLph: 1500 }, [one('betta-splendens')]), 'flow'),
    ).toEqual(['note']));
  it('finds two species that one current cannot serve', () =>
    expect(found(plan(big, [loaches, one('betta-splendens')]), 'flow')[0]).toMatchObject({
      severity: 'caution',
      species: ['sewellia-lineolata', 'betta-splendens'],
    }));
});

describe('turnover', () => {
  const of = (filterLph: number | undefined) =>
    severities(plan({ ...TANKS.us75, filterLph }, [one('labidochromis-caeruleus', 12)]), 'turnover');
  it('falls short, runs low, is enough, is unknown', () => {
    expect(of(300)).toEqual(['caution']);
    expect(of(600)).toEqual(['note']);
    expect(of(2000)).toEqual([]);
    expect(of(undefined)).toEqual([]);
  });
});

describe('outgrows', () => {
  it('names the month a fish can no longer turn round', () => {
    const [finding] = found(
      plan(TANKS.us55, [{ ...one('phractocephalus-hemioliopterus'), lengthCm: 8 }]),
      'outgrows',
    );
    expect(finding).toMatchObject({ severity: 'stop' });
    expect(finding?.from).toMatch(/^20(27|28)-/);
    expect(Number(finding?.because.limitCm)).toBeLessThan(33);
  });
  it('counts height for tall fish', () =>
    expect(
      found(plan({ lengthCm: 120, widthCm: 60, heightCm: 25 }, [one('pterophyllum-altum', 6)]), 'outgrows')[0]
        ?.fact,
    ).toMatchObject({ says: 'growth/too big', by: 'height' }));
  it('keeps silent about fish that never get so large', () =>
    expect(severities(plan(TANKS.us20long, [one('paracheirodon-innesi', 10)]), 'outgrows')).toEqual([]));
  const stay = (nextTank?: string) =>
    plan(TANKS.us40breeder, [{ ...one('astronotus-ocellatus'), lengthCm: 5, until: '2027-03', nextTank }]);
  it('takes a stay that ends in time for a stay, and asks for the next tank', () => {
    expect(severities(stay(), 'outgrows')).toEqual(['caution']);
    expect(severities(stay('the six-foot tank'), 'outgrows')).toEqual(['note']);
    expect(found(stay('the six-foot tank'), 'outgrows')[0]?.fact).toMatchObject({
      nextTank: 'the six-foot tank',
    });
  });
  it('F108: a stay whose date slips past the limit is a stop', () =>
    expect(
      severities(
        plan(TANKS.us20long, [
          { ...one('astronotus-ocellatus'), lengthCm: 20, until: '2030-01', nextTank: 'x' },
        ]),
        'outgrows',
      ),
    ).toContain('stop'));
});

describe('plants-eaten', () => {
  const of = (species: string, plants?: 'none' | 'some' | 'dense') =>
    severities(plan({ ...TANKS.us125, plants }, [one(species, 5)]), 'plants-eaten');
  it('F67: warns of plant eaters among plants, and only notes what nobody spoke of', () => {
    expect(of('heros-efasciatus', 'dense')).toEqual(['caution']);
    expect(of('metynnis-argenteus', 'some')).toEqual(['caution']);
    expect(of('heros-efasciatus')).toEqual(['note']);
  });
  it('keeps silent in a tank without plants, and about fish that leave them', () => {
    expect(of('heros-efasciatus', 'none')).toEqual([]);
    expect(of('paracheirodon-innesi', 'dense')).toEqual([]);
  });
});

describe('hides', () => {
  const shellies = one('neolamprologus-multifasciatus', 8);
  const of = (hides: PlanTank['hides'], group = shellies) =>
    severities(plan({ ...TANKS.us20long, hides }, [group]), 'hides');
  it('counts shells for shell dwellers', () => {
    expect(of({ shells: 0 })).toEqual(['caution']);
    expect(of({ shells: 6 })).toEqual(['note']);
    expect(of({ shells: 20 })).toEqual([]);
  });
  it('says nothing while nobody has said what there is', () => expect(of(undefined)).toEqual([]));
  it('F103: wants refuges in a rough tank, and names the other approach', () => {
    const [finding] = found(
      plan({ ...TANKS.us75, hides: 0 }, [one('maylandia-estherae', 12)]),
      'hides',
      'maylandia-estherae',
    ).filter((each) => each.contested);
    expect(finding).toMatchObject({ severity: 'caution', approach: 'more hides' });
  });
});

describe('light-hours', () => {
  const of = (lightHours: number | undefined, species: string, count: number) =>
    severities(plan({ ...TANKS.us75, lightHours }, [one(species, count)]), 'light-hours');
  it('F80: 7 or 8 hours in a rough tank, and more chasing from 10', () => {
    expect(of(8, 'maylandia-estherae', 12)).toEqual([]);
    expect(of(9, 'maylandia-estherae', 12)).toEqual(['note']);
    expect(of(11, 'maylandia-estherae', 12)).toEqual(['caution']);
  });
  it('is nobody’s business in a quiet tank below twelve hours', () => {
    expect(of(11, 'paracheirodon-innesi', 12)).toEqual([]);
    expect(of(14, 'paracheirodon-innesi', 12)).toEqual(['note']);
    expect(of(undefined, 'maylandia-estherae', 12)).toEqual([]);
  });
  it('is set with one press', () =>
    expect(
      found(plan({ ...TANKS.us75, lightHours: 12 }, [one('maylandia-estherae', 12)]), 'light-hours')[0]
        ?.fixes[0],
    ).toEqual({ edit: { kind: 'set-light', hours: 8 } }));
});

describe('layer-crowding', () => {
  it('finds the layer that is crowded, and leaves an easy list alone', () => {
    expect(severities(plan(TANKS.us20long, [one('corydoras-aeneus', 24)]), 'layer-crowding')).toContain(
      'caution',
    );
    expect(severities(plan(TANKS.us125, [one('paracheirodon-innesi', 12)]), 'layer-crowding')).toEqual([]);
  });
  it('notes a list that lives in one layer', () => {
    const bottom = ['corydoras-aeneus', 'pangio-kuhlii', 'botia-striata', 'panaqolus-maccus'].map((id) =>
      one(id, 6),
    );
    const said = found(plan(big, bottom), 'layer-crowding');
    expect(said).toEqual([
      expect.objectContaining({ severity: 'note', because: expect.objectContaining({ layer: 'bottom' }) }),
    ]);
    expect(found(plan(big, [...bottom, one('danio-rerio', 40)]), 'layer-crowding')).toEqual([]);
  });
});

describe('panic', () => {
  const dollars = one('metynnis-argenteus', 6);
  it('F102: wants a lane to dash along, and smooth decor', () => {
    expect(severities(plan(TANKS.us29, [dollars]), 'panic')).toEqual(['caution']);
    expect(severities(plan({ ...TANKS.us180, substrate: 'rock' }, [dollars]), 'panic')).toEqual(['caution']);
    expect(severities(plan(TANKS.us180, [dollars]), 'panic')).toEqual(['note']);
  });
  it('keeps silent about calm fish', () =>
    expect(severities(plan(TANKS.us29, [one('pterophyllum-scalare', 1)]), 'panic')).toEqual([]));
});
