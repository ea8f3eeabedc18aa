'use client';

import { useMemo, useState } from 'react';
import { fishIn, groupByCause, type PairCell, pairMatrix } from '@/core/assess';
import { commonName, type SpeciesProfile } from '@/core/model';
import { SEVERITIES } from '@/core/rules';
import { classes } from '@/ui/classes';
import { Sideways } from '@/ui/Sideways';
import { FishPlate } from '@/ui/plates/FishPlate';
import { Empty, Section } from '@/ui/Screen';
import { SEVERITY_WORDS, SeverityMark } from '@/ui/SeverityMark';
import { CauseLines } from './CauseLines';
import type { useStock } from './useStock';

/** The first pair of the worst severity: that is what a keeper came to see. */
function worstPair(matrix: readonly (readonly PairCell[])[]): readonly [number, number] {
  for (const severity of SEVERITIES)
    for (const [i, row] of matrix.entries())
      for (const [j, cell] of row.entries()) if (i < j && cell.severity === severity) return [i, j];
  return [0, 0];
}

/** The compatibility chart: a square of marks, and the reasons of the pair that is looked at. */
export function CompatibilityPart({ stock }: { readonly stock: ReturnType<typeof useStock> }) {
  const { assessment, colours } = stock;
  const matrix = useMemo(() => pairMatrix(assessment), [assessment]);
  const [looked, setAt] = useState<readonly [number, number] | null>(null);
  const at = looked ?? worstPair(matrix);
  const profiles = assessment.context.planned.map((species) => species.profile);
  const names = profiles.map(commonName);
  if (names.length === 0) return <Empty>Add two species to compare them.</Empty>;
  const cell: PairCell | undefined = matrix[at[0]]?.[at[1]] ?? matrix[0]?.[0];
  const nameOf = (id: string): string =>
    names[assessment.context.planned.findIndex((species) => species.profile.id === id)] ?? id;
  const pairs = matrix
    .flatMap((row, i) =>
      row.flatMap((one, j) =>
        i < j && (one.severity === 'stop' || one.severity === 'caution')
          ? [{ i, j, severity: one.severity }]
          : [],
      ),
    )
    .sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <Sideways name="Compatibility">
        <table className="border-collapse">
          <caption className="sr-only">Compatibility, worst finding of each pair</caption>
          <thead>
            <tr>
              <th className="sr-only">Species</th>
              {names.map((name, at) => (
                <th key={name} scope="col" className="h-28 w-9 align-bottom text-[0.75rem] font-medium">
                  <FishPlate profile={profiles[at] as SpeciesProfile} detail="mark" className="h-6 w-9" />
                  <span className="block max-h-28 rotate-180 overflow-hidden py-1 whitespace-nowrap [writing-mode:vertical-rl]">
                    {name}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {matrix.map((row, i) => (
              <tr key={names[i]}>
                <th scope="row" className="max-w-44 truncate pr-2 text-left text-[0.8125rem] font-medium">
                  <span
                    className="mr-1.5 inline-block size-2.5"
                    style={{ background: colours.get(row[0]?.a ?? '') }}
                    aria-hidden="true"
                  />
                  <FishPlate
                    profile={profiles[i] as SpeciesProfile}
                    detail="mark"
                    className="mr-1.5 inline-block h-5 w-8 align-middle"
                  />
                  {names[i]}
                </th>
                {row.map((one, j) => (
                  <td key={names[j]} className={classes('border border-line p-0', i === j && 'bg-water')}>
                    <button
                      type="button"
                      className={classes(
                        'grid h-9 w-9 place-items-center',
                        at[0] === i && at[1] === j && 'outline-2 -outline-offset-2 outline-deep',
                      )}
                      aria-label={`${names[i]}${i === j ? ' by itself' : ` with ${names[j]}`}: ${one.severity ? SEVERITY_WORDS[one.severity] : 'no findings'}${one.contested ? ', contested' : ''}`}
                      onPointerEnter={() => setAt([i, j])}
                      onFocus={() => setAt([i, j])}
                      onClick={() => setAt([i, j])}
                    >
                      {one.severity ? (
                        <SeverityMark severity={one.severity} bare />
                      ) : (
                        <span aria-hidden="true" className="text-line">
                          ·
                        </span>
                      )}
                    </button>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
      <div className="border-l border-line pl-4">
        <div aria-live="polite" className="min-h-40">
          {cell && (
            <>
              <h2 className="mb-1 font-semibold">
                {cell.a === cell.b
                  ? `${nameOf(cell.a)}, by itself`
                  : `${nameOf(cell.a)} with ${nameOf(cell.b)}`}
              </h2>
              {cell.findings.length === 0 && <p className="text-slate">No findings.</p>}
              <CauseLines groups={groupByCause(cell.findings, fishIn(assessment.context.planned))} />
            </>
          )}
        </div>
        {pairs.length > 1 && (
          <Section title="Pairs with problems" aside="worst first" className="mt-4">
            <ul>
              {pairs.map(({ i, j, severity }) => (
                <li key={`${i} ${j}`} className="border-b border-line">
                  <button
                    type="button"
                    aria-pressed={at[0] === i && at[1] === j}
                    className="grid min-h-8 w-full grid-cols-[5rem_1fr] items-center text-left hover:bg-panel aria-pressed:font-semibold"
                    onClick={() => setAt([i, j])}
                  >
                    <SeverityMark severity={severity} />
                    {names[i]} with {names[j]}
                  </button>
                </li>
              ))}
            </ul>
          </Section>
        )}
      </div>
    </div>
  );
}
