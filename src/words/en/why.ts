import type { QuantityKind } from '@/core/kernel';
import type { Words } from './words';

/** What the end of a name says of its figure. */
const ENDINGS: readonly (readonly [RegExp, QuantityKind | 'area', string])[] = [
  [/Cm2$/, 'area', ''],
  [/Cm$/, 'length', ''],
  [/MgLWeek$/, 'concentration', ' a week'],
  [/MgL$/, 'concentration', ''],
  [/C$/, 'temperature', ''],
  [/Dh$/, 'hardness', ''],
  [/Ppt$/, 'salinity', ''],
  [/Lph$/, 'flow', ''],
];

/** "judgedAtCm" as "judged at" */
const plainName = (name: string): string => name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

/** The figures that a finding rests on, each with its name, in the keeper's units. */
export const whyOf = (
  because: Readonly<Record<string, number | string | boolean>>,
  words: Words,
): readonly (readonly [string, string])[] =>
  Object.entries(because).map(([name, value]) => {
    const ending = ENDINGS.find(([end]) => end.test(name));
    if (!ending || typeof value !== 'number') return [plainName(name), String(value)];
    const [end, kind, after] = ending;
    const figure = kind === 'area' ? words.area(value) : words.quantity(kind, value);
    return [plainName(name.replace(end, '')), `${figure}${after}`];
  });
