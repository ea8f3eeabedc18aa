import { commonName, DEADLY, ROUGH } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { countOf, figure, plural } from '../wording';

/** Two males watch only each other; one, or three and more, is the practice for harem kinds. */
const RIVALS = 2;

function rivals(kind: PlannedKind, males: number, females: number): Finding {
  const { profile } = kind;
  const { femalesPerMale, ownKind } = profile.company;
  // With a full harem for each, two males of all but the deadliest kinds are a risk that some keepers take.
  const harems = ownKind.male < DEADLY && females >= RIVALS * (femalesPerMale ?? Infinity);
  return finding('sex-ratio', {
    severity: ownKind.male >= ROUGH && !harems ? 'stop' : 'caution',
    species: [profile.id],
    text: `Two male ${plural(commonName(profile))} watch only each other: keep one, or three and more.`,
    because: { males, females },
    fixes: [
      {
        text: `Keep one male and ${females + 1} females.`,
        edit: { kind: 'set-sexes', species: profile.id, males: 1, females: females + 1 },
      },
      { text: 'Keep three males or more, with females to match.' },
    ],
  });
}

function tooFewFemales(kind: PlannedKind, males: number, females: number, wanted: number): Finding {
  const { profile } = kind;
  const needed = Math.ceil(males * wanted);
  return finding('sex-ratio', {
    severity: profile.company.ownKind.male >= ROUGH ? 'caution' : 'note',
    species: [profile.id],
    text: `${males} male and ${females} female ${plural(commonName(profile))}: each male wants ${figure(wanted)} females or more, or the few are driven without rest.`,
    because: { males, females, femalesPerMale: wanted },
    fixes: [
      {
        text: `Keep ${needed} females to ${males === 1 ? 'the male' : `${males} males`}.`,
        edit: { kind: 'set-sexes', species: profile.id, males, females: needed },
      },
    ],
  });
}

function judgeKind(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  const { profile, count } = kind;
  const { femalesPerMale, mode, ownKind } = profile.company;
  if (femalesPerMale === null || count < 2 || mode === 'solitary') return [];
  const { males, females } = kind;
  if (males === null || females === null || males + females < count) {
    return ownKind.male >= ROUGH
      ? [
          finding('sex-ratio', {
            severity: 'note',
            species: [profile.id],
            text: `${countOf(count, profile)}, sexes not all known: the aim is one male to ${figure(femalesPerMale)} females, and never two males.`,
            because: { count, femalesPerMale },
          }),
        ]
      : [];
  }
  if (males === 0 || (females === 0 && context.males !== 'harem')) return [];
  if (males === RIVALS && (mode === 'harem' || ownKind.male >= ROUGH)) return [rivals(kind, males, females)];
  if (females < males * femalesPerMale) return [tooFewFemales(kind, males, females, femalesPerMale)];
  return [
    finding('sex-ratio', {
      severity: 'good',
      species: [profile.id],
      text: `${males} male and ${females} female ${plural(commonName(profile))} are a sound ratio.`,
      because: { males, females, femalesPerMale },
    }),
  ];
}

/** Males and females against the ratio of the kind; two rival males; sexes unknown. */
export const sexRatio: Rule = {
  name: 'sex-ratio',
  judge: (context) => judgedKinds(context).flatMap((kind) => judgeKind(kind, context)),
};
