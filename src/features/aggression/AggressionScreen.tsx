'use client';

import { Link } from '@/ui/Link';
import { useState, type ReactNode } from 'react';
import type { Pattern } from '@/core/aggression';
import type { Step } from '@/core/events';
import { useNames } from '@/session/react/useNames';
import { useWords } from '@/session/react/useWords';
import { useTank, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { NoTank } from '@/ui/NoTank';
import { PartNav } from '@/ui/PartNav';
import { usePart } from '@/ui/usePart';
import { Empty, Screen, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { capital, fixed, sayPattern, sayStep, sayStepWhy, termOf } from '@/words/en';
import { ApplySteps } from './ApplySteps';
import { EffectItem } from './EffectItem';
import { FloorEditor } from '@/session/floor/FloorEditor';
import { FloorStories } from './FloorStories';
import { useAggression, type Aggression as AggressionView } from './useAggression';

export function AggressionScreen() {
  const tank = useTank();
  return tank ? <AggressionOf key={tank.id} tank={tank} /> : <NoTank title="Aggression" />;
}

function PatternItem({ pattern }: { readonly pattern: Pattern }) {
  const { resident } = useNames();
  return (
    <li className="border-b border-line py-2">
      <p className="flex items-baseline justify-between gap-3">
        <strong className="text-[1rem]">{capital(termOf(pattern.name))}</strong>
        <span className={pattern.sure === 'clear' ? 'font-semibold text-deep' : 'text-slate'}>
          {termOf(pattern.sure)}
        </span>
      </p>
      <p>{sayPattern(pattern, resident)}</p>
    </li>
  );
}

function NextSteps({
  steps,
  onTake,
}: {
  readonly steps: AggressionView['steps'];
  readonly onTake: (step: Step) => void;
}) {
  const words = useWords();
  const { resident } = useNames();
  return (
    <ol>
      {steps.map((one, index) => (
        <li
          key={one.step}
          className={`grid grid-cols-[1.5rem_1fr_auto] gap-2 border-b border-line py-1.5 ${one.against === null ? '' : 'text-slate'}`}
        >
          <span className="fig text-slate">{one.against === null ? index + 1 : '–'}</span>
          <span>
            {sayStep(one, words, resident)}
            <span className="block text-[0.8125rem] text-slate">{sayStepWhy(one, words)}</span>
          </span>
          {one.against === null && (
            <Button
              className="self-start"
              aria-label={`Do this: ${termOf(one.step)}`}
              onClick={() => onTake(one.step)}
            >
              Do this
            </Button>
          )}
        </li>
      ))}
    </ol>
  );
}

/** A rate from fewer minutes of watching says nothing (from memory). */
const LEAST_MINUTES = 5;

const PARTS = [
  ['steps', 'Patterns and interventions'],
  ['sight', 'Floor and sight lines'],
] as const;

/** What to do about aggression: what the record shows, and who sees whom. */
function AggressionOf({ tank }: { readonly tank: TankView }) {
  const part = usePart(PARTS);
  const nav = (
    <PartNav
      label="Parts of Aggression"
      parts={PARTS}
      current={part}
      href={(id) => `/aggression?tank=${tank.id}${id === 'sight' ? '&part=sight' : ''}`}
    />
  );
  return part === 'sight' ? (
    <Screen title={`Aggression in ${tank.body.name}`}>
      {nav}
      <FloorEditor tank={tank} />
    </Screen>
  ) : (
    <StepsPart tank={tank} nav={nav} />
  );
}

/** Which pattern the numbers show, the next step to try, and whether the last step worked. */
function StepsPart({ tank, nav }: { readonly tank: TankView; readonly nav: ReactNode }) {
  const settle = useAggression(tank);
  const [chosen, setChosen] = useState<readonly Step[]>([]);
  const title = `Aggression in ${tank.body.name}`;
  if (!settle)
    return (
      <Screen title={title}>
        <p className="text-slate">Loading…</p>
      </Screen>
    );
  const { patterns, from, effects, steps, worked, guarding } = settle;
  const rate =
    from.minutes >= LEAST_MINUTES
      ? `${fixed((from.events / from.minutes) * 60, 1)} an hour`
      : 'too little for a rate';
  return (
    <Screen
      title={title}
      about={
        from.minutes > 0
          ? `${from.events} contests in ${Math.round(from.minutes)} minutes of watching ${from.sinceStep ? 'since the last intervention' : 'in the last 60 days'}: ${rate}.`
          : undefined
      }
      actions={
        <Link
          href={`/watch?tank=${tank.id}`}
          className="inline-flex min-h-7 max-desk:min-h-8 items-center border border-deep bg-deep px-2.5 text-[0.8125rem] font-medium text-on-deep"
        >
          Watch now
        </Link>
      }
    >
      {nav}
      <FloorStories tank={tank} since={effects[0]?.countsFrom ?? null} />
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
        <div className="flex flex-col gap-5">
          <Section title="Did it work?" aside="latest first">
            {effects.length === 0 ? (
              <Empty>No interventions yet. Watch before and after each.</Empty>
            ) : (
              <ol>
                {effects.map((effect) => (
                  <EffectItem key={effect.bundle.ids[0]} tank={tank} effect={effect} />
                ))}
              </ol>
            )}
          </Section>
          {worked.length > 0 && (
            <Section title="What worked in this room" aside="over all tanks">
              <Table
                caption="Interventions in this room and their effect"
                heads={[
                  'Intervention',
                  { name: 'Tried', figures: true },
                  { name: 'Helped', figures: true },
                  { name: 'Worse', figures: true },
                  { name: 'Unclear', figures: true },
                ]}
              >
                {worked.map((one) => (
                  <Row key={one.step}>
                    <Cell>
                      {termOf(one.step)}
                      {one.alwaysInBundle && <span className="text-slate"> (only with others)</span>}
                    </Cell>
                    <Cell figures>{one.tried}</Cell>
                    <Cell figures>{one.helped}</Cell>
                    <Cell figures>{one.worse}</Cell>
                    <Cell figures>{one.open}</Cell>
                  </Row>
                ))}
              </Table>
            </Section>
          )}
        </div>
        <div className="flex flex-col gap-5">
          <Section title="Patterns">
            {patterns.length === 0 ? (
              <Empty>
                {from.minutes === 0
                  ? 'No watches in the last 60 days. Ten minutes are enough to start; quiet minutes count.'
                  : 'No pattern stands out.'}
              </Empty>
            ) : (
              <ul>
                {patterns.map((pattern) => (
                  <PatternItem key={`${pattern.name}${pattern.who.join()}`} pattern={pattern} />
                ))}
              </ul>
            )}
          </Section>
          {steps.length > 0 && (
            <Section title="What to try, gentlest first" aside={guarding ? 'a pair is guarding' : undefined}>
              <NextSteps
                steps={steps}
                onTake={(step) => setChosen(chosen.includes(step) ? chosen : [...chosen, step])}
              />
            </Section>
          )}
          <Section title="Record an intervention" aside="one change at a time shows most">
            <ApplySteps tank={tank} chosen={chosen} onChosen={setChosen} />
          </Section>
        </div>
      </div>
    </Screen>
  );
}
