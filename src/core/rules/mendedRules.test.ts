import { plan, severities, TANKS } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';

/** Both ways: common practice, from memory. */
const said = (rule: string, groups: string, about?: string) =>
  severities(plan({ ...TANKS.us180 }, groupsOf(groups)), rule, about);

describe('cool water beside tropical', () => {
  it('is a stop on the one degree that both stand, and none among cool-water fish', () => {
    expect(said('water-temperature', '4 goldfish, 6 sterbai cory', 'corydoras-sterbai')).toContain('stop');
    expect(said('water-temperature', '4 goldfish, 4 dojo loach')).not.toContain('stop');
  });
});

describe('rock dwellers', () => {
  it('hound small fish and slow long fins, and leave armour alone', () => {
    expect(said('temper', '6 yellow lab, 10 neon tetra')).toContain('stop');
    expect(said('temper', '6 yellow lab, 3 angelfish')).toContain('stop');
    expect(said('temper', '6 yellow lab, 1 bristlenose pleco')).not.toContain('stop');
  });
});

describe('a killer', () => {
  it('is too rough for a gentle fish of any size, and not for a large one that hits back', () => {
    expect(said('temper', '6 auratus, 2 goldfish')).toContain('stop');
    expect(said('temper', '1 auratus, 1 oscar', 'astronotus-ocellatus')).not.toContain('stop');
  });
});

describe('claws', () => {
  it('catch what rests on the bottom, may catch what swims above, and leave the longer fish', () => {
    expect(said('predation', '1 red swamp crayfish, 6 panda cory')).toContain('stop');
    expect(said('predation', '1 red swamp crayfish, 8 zebra danio')).toEqual(['caution']);
    expect(said('predation', '1 red swamp crayfish, 1 oscar', 'procambarus-clarkii')).not.toContain(
      'caution',
    );
  });
});

describe('prey as long as the eater', () => {
  it('does not go down, however thin it is', () => {
    expect(said('predation', '1 Senegal bichir, 3 rope fish')).not.toContain('stop');
    expect(said('predation', '1 Senegal bichir, 10 neon tetra')).toContain('stop');
  });
});

describe('a couple', () => {
  it('holds one ground between them, where two of unknown sex may hold two', () => {
    expect(said('conspecific-aggression', '1+1 jewel cichlid')).not.toContain('stop');
    expect(severities(plan(TANKS.us55, groupsOf('2+2 convict cichlid')), 'conspecific-aggression')).toEqual([
      'stop',
    ]);
  });
});
