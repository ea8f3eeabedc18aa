'use client';

import { useMemo } from 'react';
import { LEAST_KEEPERS, type OutcomeSum } from '@/core/evidence';
import { useWords } from '@/session/react/useWords';
import { ForestPlot } from '@/ui/chart/ForestPlot';
import { Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { capital, outcomeName, percent, sayAmount, sayBornOut, sayRate, shareLimitsWords } from '@/words/en';
import type { Answer } from '@/workers/experienceWork';

const LIMITS_BY: Readonly<Record<OutcomeSum['by'], string>> = {
  'Clopper-Pearson': 'one tank a keeper: exact limits (Clopper and Pearson)',
  Garwood: 'exact limits (Garwood)',
  resampled: 'keepers with several tanks: limits by leaving out one keeper after the other',
};

/** How it went for those that are asked about: how much there is, shares with limits as a forest and as a table, contests an hour. */
export function AnswerPart({ answer: { sum } }: { readonly answer: Answer }) {
  const words = useWords();
  const told = useMemo(() => sum.outcomes.filter(({ of }) => of > 0), [sum]);
  const rows = useMemo(
    () =>
      told.flatMap(({ outcome, value, limits }) =>
        value === null || limits === null ? [] : [{ name: outcomeName(outcome), share: value, limits }],
      ),
    [told],
  );
  const trouble = told.find(({ outcome }) => outcome === 'trouble');
  const borne = trouble ? sayBornOut(trouble) : null;
  const ways = [...new Set(told.map(({ by }) => LIMITS_BY[by]))];
  return (
    <>
      <p className="text-[1.0625rem]">{capital(sayAmount(sum))}.</p>
      {sum.keepers < LEAST_KEEPERS && (
        <p className="text-slate">Few keepers: read the limits, not the shares.</p>
      )}
      {borne && (
        <p className="border-l-2 border-deep pl-3">
          “{capital(outcomeName('trouble'))}” is {borne}
        </p>
      )}
      <Section title="How it went">
        <div className="grid grid-cols-1 gap-x-6 xl:grid-cols-2">
          <ForestPlot label={`Shares of tanks with 95% limits, ${rows.length} outcomes`} rows={rows} />
          <div>
            <Table
              caption="Outcomes by tank"
              heads={[
                'What happened',
                { name: 'Tanks', figures: true },
                { name: 'Share', figures: true },
                { name: '95% limits', figures: true },
              ]}
            >
              {told.map(({ outcome, tanks, of, value, limits }) => (
                <Row key={outcome}>
                  <Cell>{outcomeName(outcome)}</Cell>
                  <Cell figures>
                    {tanks} of {of}
                  </Cell>
                  <Cell figures>{value === null ? '' : percent(value)}</Cell>
                  <Cell figures>{limits === null ? '' : shareLimitsWords(limits)}</Cell>
                </Row>
              ))}
            </Table>
            <p className="mt-1 text-[0.75rem] text-slate">
              {capital(outcomeName('trouble'))}: torn fins, bites, fights, losses to other fish, or separated.
              A tank counts once. What only watching shows is counted in tanks watched for half an hour or
              more. {capital(ways.join('; '))}.
            </p>
          </div>
        </div>
      </Section>
      <Section title="Contests">
        <ul>
          {sum.rates.map((rate) => (
            <li key={`${rate.from} ${rate.to}`} className="border-b border-line py-1">
              {rate.from === rate.to
                ? `Among ${words.many(rate.from)}`
                : `${capital(words.many(rate.from))} against ${words.many(rate.to)}`}
              : <span className="fig">{sayRate(rate)}</span>
            </li>
          ))}
        </ul>
      </Section>
    </>
  );
}
