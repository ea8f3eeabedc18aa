import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { The, figure, span, the } from './words';

/** One gram a litre off is a caution, more is a stop (from memory). */
const LENIENT_PPT = 1;

const verdict = (away: number): 'stop' | 'caution' => (away > LENIENT_PPT ? 'stop' : 'caution');

/** Fresh water for brackish fish, salt for freshwater fish, and kinds that want different salt. */
export const waterSalinity: Rule = {
  name: 'water-salinity',
  judge: (context) => {
    const found: Finding[] = [];
    const { salinityPpt } = context.water;
    context.kinds.forEach((kind, i) => {
      const [low, high] = kind.range.salinityPpt;
      const away = salinityPpt < low ? low - salinityPpt : Math.max(0, salinityPpt - high);
      if (away > 0 && !context.water.assumed.has('salinityPpt')) {
        found.push(
          finding('water-salinity', {
            severity: verdict(away),
            species: [kind.profile.id],
            text: `${The(kind.profile)} lives at ${span([low, high], 'ppt')} of salt; this tank has ${figure(salinityPpt)}.`,
            because: { value: salinityPpt, lowest: low, highest: high },
            fixes: [
              {
                text: `Leave out ${the(kind.profile)}.`,
                edit: { kind: 'leave-out', species: kind.profile.id },
              },
            ],
          }),
        );
      }
      for (const other of context.kinds.slice(i + 1)) {
        const gap = Math.max(low, other.range.salinityPpt[0]) - Math.min(high, other.range.salinityPpt[1]);
        if (gap <= 0) continue;
        found.push(
          finding('water-salinity', {
            severity: verdict(gap),
            species: [kind.profile.id, other.profile.id],
            text: `${The(kind.profile)} and ${the(other.profile)} want different salt: ${span([low, high], 'ppt')} against ${span(other.range.salinityPpt, 'ppt')}.`,
            because: { gap },
            fixes: [kind, other].map((one) => ({
              text: `Leave out ${the(one.profile)}.`,
              edit: { kind: 'leave-out' as const, species: one.profile.id },
            })),
          }),
        );
      }
    });
    return found;
  },
};
