import type { CauseGroup, Told } from '@/core/assess';
import { sayFact } from './findings';
import { sayWaterOf } from './findings/water';
import { listed } from './names';
import type { Words } from './words';

/** Species of the worst findings of a group for which something holds. */
const named = (group: CauseGroup<Told>, is: (finding: Told) => boolean): readonly string[] => [
  ...new Set(
    group.findings
      .filter((finding) => finding.severity === group.severity && is(finding))
      .flatMap((finding) => finding.species),
  ),
];
const always = (): boolean => true;

/** What several findings of one cause say together; null where the worst of them says it best. */
function together(group: CauseGroup<Told>, words: Words): string | null {
  const { cause, findings } = group;
  const [first] = findings;
  const who = named(group, always);
  const names = listed(who.map(words.many));
  if (findings.length < 2 || who.length < 2) return null;
  switch (cause.kind) {
    case 'water': {
      const outside = named(group, ({ fact }) => fact.says === 'water/needs');
      return outside.length > 1 && first?.fact.says === 'water/needs'
        ? `${sayWaterOf(cause.measure, first.fact.tank, words)} is wrong for ${outside.length} species: ${listed(outside.map(words.many))}.`
        : null;
    }
    case 'tank size':
      return `this tank is too small for ${names}.`;
    case 'lid':
      return `no lid: ${names} ${findings.every(({ fact }) => fact.says === 'home/no lid' && fact.how === 'climbs') ? 'may climb out' : 'jump'}.`;
    case 'bottom':
      return `${names} need sand to sift.`;
    case 'handling':
      return first?.fact.says === 'care/sting'
        ? null
        : `${names} have spines that catch in nets: use a container.`;
    case 'law':
      return `${names} are restricted in some places: ask your local authority before buying, moving or rehoming them.`;
    case 'exit plan':
      return first?.severity === 'good'
        ? null
        : `${names} have no exit plan: who takes them back, and which tank is free tonight?`;
    case 'crossing':
      return `${names} can cross: do not raise or sell the young.`;
    default:
      return null;
  }
}

/** The headline of a group of findings, not yet with a capital. */
export const sayCause = (group: CauseGroup<Told>, words: Words): string =>
  together(group, words) ?? sayFact(group.findings[0] as Told, words);
