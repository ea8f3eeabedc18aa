import { nameWords, type SpeciesProfile } from '../model';
import { groupsOf } from './trade';

const kept = (family: string, more: object = {}): SpeciesProfile =>
  ({
    family,
    kin: 'other',
    company: { holds: 'none' },
    commonNames: ['a name'],
    ...more,
  }) as unknown as SpeciesProfile;

/** Families and what keepers call them together: common practice. */
describe('groups that keepers call by one word', () => {
  it.each<[string, SpeciesProfile, readonly string[]]>([
    ['a cichlid', kept('Cichlidae'), ['cichlid']],
    ['a mbuna', kept('Cichlidae', { kin: 'mbuna' }), ['cichlid', 'mbuna']],
    ['a hap', kept('Cichlidae', { kin: 'hap' }), ['cichlid', 'hap']],
    ['a peacock', kept('Cichlidae', { kin: 'aulonocara' }), ['cichlid', 'peacock']],
    ['an apisto', kept('Cichlidae', { kin: 'apistogramma' }), ['cichlid', 'apisto']],
    [
      'a shelldweller',
      kept('Cichlidae', { company: { holds: 'shell' } }),
      ['cichlid', 'shelldweller', 'shelly'],
    ],
    ['a goby in a shell', kept('Gobiidae', { company: { holds: 'shell' } }), []],
    ['a cory', kept('Callichthyidae', { kin: 'corydoras' }), ['cat', 'cory']],
    ['a hoplo, which is none', kept('Callichthyidae'), ['cat']],
    ['one called so elsewhere', kept('Doradidae', { kin: 'corydoras' }), ['cat']],
    ['killifish', kept('Nothobranchiidae'), ['killi']],
    ['killifish of Asia', kept('Aplocheilidae'), ['killi']],
    ['killifish of America', kept('Rivulidae'), ['killi']],
    ['a stingray', kept('Potamotrygonidae'), ['ray', 'stingray']],
    ['a rainbowfish', kept('Melanotaeniidae'), ['rainbow']],
    ['a blue-eye', kept('Pseudomugilidae'), ['rainbow']],
    ['a Madagascar rainbow', kept('Bedotiidae'), ['rainbow']],
    ['a Celebes rainbow', kept('Telmatherinidae'), ['rainbow']],
    ['a pleco', kept('Loricariidae', { commonNames: ['L001', 'common Pleco'] }), ['cat', 'pleco']],
    ['a bristlenose', kept('Loricariidae', { commonNames: ['bristlenose catfish'] }), ['cat', 'pleco']],
    ['a whiptail, which is none', kept('Loricariidae', { commonNames: ['whiptail catfish'] }), ['cat']],
    ['a shark called pleco', kept('Cyprinidae', { commonNames: ['pleco shark'] }), []],
    ['a livebearer', kept('Poeciliidae'), ['livebearer']],
    ['a goodeid', kept('Goodeidae'), ['livebearer']],
    ['a halfbeak', kept('Zenarchopteridae'), ['livebearer']],
    ['a talking catfish', kept('Doradidae'), ['cat']],
    ['a synodontis', kept('Mochokidae'), ['cat']],
    ['a pimelodid', kept('Pimelodidae'), ['cat']],
    ['a glass catfish', kept('Siluridae'), ['cat']],
    ['a tetra', kept('Acestrorhamphidae'), ['characin']],
    ['a Congo tetra', kept('Alestidae'), ['characin']],
    ['a black widow', kept('Characidae'), ['characin']],
    ['a pencilfish', kept('Lebiasinidae'), ['characin']],
    ['a piranha', kept('Serrasalmidae'), ['characin']],
    ['a family that only begins so', kept('Characidae incertae'), []],
    ['a gourami', kept('Osphronemidae'), ['labyrinth']],
    ['a gudgeon', kept('Eleotridae'), ['gudgeon']],
    ['a barb', kept('Cyprinidae'), []],
  ])('%s', (_name, profile, expected) =>
    expect([...groupsOf(profile)].sort()).toEqual(expected.flatMap(nameWords).sort()),
  );
});
