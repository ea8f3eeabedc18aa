import type { ReasonOfValue } from '@/core/model';
import { ORIGINS } from './origins';

/**
 * The reasons that stand beside the values of a shipped entry, those of the nearest level for each field.
 *
 * Empty for a species of the keeper's own, of which nobody says why.
 */
export function reasonsOf(id: string): readonly ReasonOfValue[] {
  const chain = [...(ORIGINS.entries[id] ?? [])].reverse();
  const seen = new Set<string>();
  const found: ReasonOfValue[] = [];
  for (const name of chain) {
    const level = ORIGINS.levels[name];
    for (const path of level?.sets ?? []) {
      const why = level?.why[path];
      if (!seen.has(path) && why !== undefined) found.push({ path, why, from: name === id ? '' : name });
      seen.add(path);
    }
  }
  return found;
}
