'use client';

import { useWords } from '@/session/react/useWords';
import { useState } from 'react';
import { NITRATE_BUDGET, NITRATE_EDGE } from '@/core/rules';
import { dayWords, sayNitrateMeasured, tenth } from '@/words/en';
import { type ChangeRoutine, nitrateCourse, steadyState } from '@/core/water';
import { todayIso } from '@/session/today';
import { SelectField } from '@/ui/Field';
import { Ledger, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { WaterChart } from './WaterChart';
import { READING_FIELDS, type Reading } from './waterFields';
import type { WaterLog } from '@/session/react/useWaterLog';

const AHEAD_DAYS = 28;
const OTHER: ChangeRoutine = { fraction: 0.25, everyDays: 3 };

const percent = (share: number): string => `${Math.round(share * 100)}%`;
const routineWords = ({ fraction, everyDays }: ChangeRoutine): string =>
  `${percent(fraction)} every ${everyDays} days`;

/** Nitrate: what it does, what is coming, what the routine has to be, and when the next wave can be afforded. */
export function OutlookPart({ log }: { readonly log: WaterLog }) {
  const [reading, setReading] = useState<Reading>('nitrateMgL');
  const words = useWords();
  const unit = words.unit('concentration');
  const { routine, outlook, perDay, tap, nowMgL, effects, waveUnmeasured } = log;
  const peak = (one: ChangeRoutine): string =>
    words.quantity('concentration', steadyState(one, perDay, tap).before);
  const ahead = nitrateCourse(nowMgL ?? tap, perDay, routine, tap, AHEAD_DAYS);
  const leaves = outlook.roomWeek - log.listAdds;
  return (
    <Section title="Nitrate, measured and forecast">
      <div className="mb-1 max-w-48">
        <SelectField
          label="Reading"
          value={reading}
          onChange={(event) => setReading(event.target.value as Reading)}
        >
          {READING_FIELDS.map(({ name, label }) => (
            <option key={name} value={name}>
              {label}
            </option>
          ))}
        </SelectField>
      </div>
      <WaterChart log={log} ahead={ahead} today={todayIso()} reading={reading} />
      <p className="mt-2">{sayNitrateMeasured(log, unit)}</p>
      {effects.map(({ on, effect }) => (
        <p key={on}>
          The fish of {dayWords(on)} changed it by{' '}
          <span className="fig">
            {tenth(effect.perDay * 7)} {unit} a week
          </span>{' '}
          (95% limits {tenth(effect.low * 7)} to {tenth(effect.high * 7)}).
        </p>
      ))}
      {waveUnmeasured && (
        <p className="text-slate">
          The effect of the fish of {dayWords(waveUnmeasured)} is not known yet: test nitrate three times
          before and after a wave.
        </p>
      )}
      <Ledger
        rows={[
          [`Peak with ${routineWords(routine)}`, peak(routine)],
          [`Peak with ${routineWords(OTHER)}`, peak(OTHER)],
          [
            `Smallest change that keeps nitrate under ${NITRATE_EDGE}, every ${routine.everyDays} days`,
            outlook.leastFraction === null ? 'no change does' : percent(outlook.leastFraction),
          ],
          [
            'If changes stop',
            outlook.missedDays === null
              ? 'it does not rise'
              : outlook.missedDays === 0
                ? `at ${NITRATE_EDGE} already`
                : `${NITRATE_EDGE} in ${Math.round(outlook.missedDays)} days`,
          ],
          [`Budget left of ${NITRATE_BUDGET} a week`, `${tenth(outlook.roomWeek)} ${unit}`],
        ]}
      />
      {log.listed > 0 && (
        <p className={`mt-2 ${leaves < 0 ? 'text-lamp' : ''}`}>
          Planned fish add about{' '}
          <span className="fig">
            {tenth(log.listAdds)} {unit} a week
          </span>{' '}
          at full size:{' '}
          {leaves >= 0
            ? 'within budget. Test again before and after each wave.'
            : `${tenth(-leaves)} over budget. Change more, plant more, or plan fewer fish.`}
        </p>
      )}
      {log.coming.length > 0 && (
        <Table
          caption="Can your routine carry these fish?"
          heads={[
            'Species',
            { name: 'Adds a week', figures: true },
            { name: 'Peak then', figures: true },
            'Room',
          ]}
        >
          {log.coming.map((one) => (
            <Row key={one.key}>
              <Cell>{one.key}</Cell>
              <Cell figures>{tenth(one.addsWeek)}</Cell>
              <Cell figures>{tenth(one.peakMgL)}</Cell>
              <Cell>
                {one.now ? (
                  'now'
                ) : (
                  <span className="text-lamp">
                    {one.leastFraction === null
                      ? `at no change every ${routine.everyDays} days`
                      : one.leastFraction > routine.fraction
                        ? `from ${percent(one.leastFraction)} a change`
                        : 'over the week’s budget'}
                  </span>
                )}
              </Cell>
            </Row>
          ))}
        </Table>
      )}
    </Section>
  );
}
