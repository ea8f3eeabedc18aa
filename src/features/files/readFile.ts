import { readPlan } from '@/core/assess/readPlan';
import { readBackup, type Backup } from '@/core/formats/backup';
import { checkFile } from '@/core/formats/checkFile';
import { faultLine } from '@/core/kernel/schema/faults';
import { readLifeFile, type LifeFile } from '@/core/formats/lifeFile';
import { parseJson } from '@/core/kernel/schema/parseJson';
import type { Catalogue } from '@/core/model/catalogue';
import type { PlanFile } from '@/core/model/plan';

/** A file that can be taken in, or every reason why not. */
export type FileRead =
  | { readonly kind: 'backup'; readonly backup: Backup }
  | { readonly kind: 'plan'; readonly plan: PlanFile }
  | { readonly kind: 'life'; readonly life: LifeFile }
  | { readonly kind: 'refused'; readonly faults: readonly string[] };

/** Nobody's room is larger; a larger file is foreign. */
const LARGEST_BYTES = 64 * 1024 * 1024;

/** What is in a file, judged before anything is touched. */
export function readText(text: string, catalogue: Catalogue): FileRead {
  if (text.length > LARGEST_BYTES)
    return {
      kind: 'refused',
      faults: [`the file: expected at most 64 MB, found ${Math.round(text.length / 1024 / 1024)} MB`],
    };
  const parsed = parseJson(text);
  if (!parsed.ok) return { kind: 'refused', faults: parsed.faults.map(faultLine) };
  const checked = checkFile(parsed.value, catalogue);
  if (!checked.ok) return { kind: 'refused', faults: checked.faults.map(faultLine) };
  if (checked.value === 'lomvik') {
    const backup = readBackup(parsed.value, catalogue);
    return backup.ok
      ? { kind: 'backup', backup: backup.value }
      : { kind: 'refused', faults: backup.faults.map(faultLine) };
  }
  if (checked.value === 'lomvik-life') {
    const life = readLifeFile(parsed.value, catalogue);
    return life.ok
      ? { kind: 'life', life: life.value }
      : { kind: 'refused', faults: life.faults.map(faultLine) };
  }
  if (checked.value === 'lomvik-wishes')
    return {
      kind: 'refused',
      faults: [
        'format: expected a plan or a room backup; wishes are searched on the command line, with line-ups',
      ],
    };
  const plan = readPlan(parsed.value, catalogue);
  return plan.ok
    ? { kind: 'plan', plan: plan.value }
    : { kind: 'refused', faults: plan.faults.map(faultLine) };
}
