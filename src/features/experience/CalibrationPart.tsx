'use client';

import {
  type Calibration,
  brierOf,
  calibrationBy,
  calibrationOf,
  type Kept,
  SAID_CHANCE,
} from '@/core/evidence';
import { Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { capital, fixed, percent, predictedName, shareLimitsWords, termOf } from '@/words/en';

/** A row of how often warnings came true. */
function Share({ of, counted }: { readonly of: string; readonly counted: Calibration }) {
  const { made, settled, untold, happened, limits } = counted;
  return (
    <Row>
      <Cell>{of}</Cell>
      <Cell figures>{made}</Cell>
      <Cell figures>{settled}</Cell>
      <Cell figures wide>
        {untold}
      </Cell>
      <Cell figures>{settled === 0 ? '' : `${happened} (${percent(happened / settled)})`}</Cell>
      <Cell figures>{limits === null ? '' : shareLimitsWords(limits)}</Cell>
    </Row>
  );
}

const HEADS = [
  'Warning',
  { name: 'Made', figures: true },
  { name: 'Answered', figures: true },
  { name: 'Cannot tell', figures: true, wide: true },
  { name: 'Happened', figures: true },
  { name: '95% limits', figures: true },
] as const;

/** Too harsh or too soft: what the severities are taken to mean against what happened. Null where the limits hold it, or too little is settled. */
function leaning({
  severity,
  counted,
}: {
  readonly severity: 'stop' | 'caution';
  readonly counted: Calibration;
}) {
  const { limits } = counted;
  const said = SAID_CHANCE[severity];
  if (limits === null) return null;
  const word = severity === 'stop' ? 'Stops' : 'Cautions';
  if (limits[1] < said)
    return `${word} are too harsh in this room: at most ${percent(limits[1])} came true, ${percent(said)} expected.`;
  if (limits[0] > said)
    return `${word} are too soft in this room: at least ${percent(limits[0])} came true, ${percent(said)} expected.`;
  return null;
}

/** Where the rules were right in this room, by severity and by what they warned of. */
export function CalibrationPart({ kept }: { readonly kept: readonly Kept[] }) {
  const bySeverity = calibrationBy(kept, ({ severity }) => severity);
  const byOutcome = calibrationBy(kept, ({ outcome }) => outcome);
  const byRule = calibrationBy(kept, ({ rule }) => rule);
  const brier = brierOf(kept);
  const leanings = bySeverity.flatMap(
    (counted) => leaning({ severity: counted.of as 'stop', counted }) ?? [],
  );
  const nothing = calibrationOf(kept).settled === 0;
  return (
    <Section title="How often Lomvik was right here">
      {nothing ? (
        <p className="text-slate">No warning is answered with a yes or a no yet.</p>
      ) : (
        <>
          {leanings.map((line) => (
            <p key={line} className="border-l-2 border-deep pl-3">
              {line}
            </p>
          ))}
          <Table caption="Warnings and how they came out" heads={HEADS}>
            {bySeverity.map((counted) => (
              <Share key={counted.of} of={capital(termOf(counted.of))} counted={counted} />
            ))}
            {byOutcome.map((counted) => (
              <Share
                key={counted.of}
                of={capital(predictedName(counted.of as Kept['outcome']))}
                counted={counted}
              />
            ))}
          </Table>
          <details className="mt-1">
            <summary className="min-h-8 cursor-pointer text-deep">Rule by rule</summary>
            <Table caption="Rules and how they came out" heads={HEADS}>
              {byRule.map((counted) => (
                <Share key={counted.of} of={capital(counted.of.replace(/-/g, ' '))} counted={counted} />
              ))}
            </Table>
          </details>
          <p className="mt-1 text-[0.75rem] text-slate">
            A stop is taken to mean that it comes true in {percent(SAID_CHANCE.stop)} of cases, a caution in{' '}
            {percent(SAID_CHANCE.caution)} (from memory).
            {brier !== null &&
              ` Warnings that named a month: Brier score ${fixed(brier, 2)}; 0 is perfect, 0.25 is what a half said of everything comes to.`}{' '}
            Exact limits (Clopper and Pearson). A keeper who heeds a warning changes how it comes out.
          </p>
        </>
      )}
    </Section>
  );
}
