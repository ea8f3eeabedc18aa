'use client';

import { Fragment, useCallback, useMemo } from 'react';
import { useSearchParams } from 'next/navigation';
import { type HowMany, offeredGroup, roomPlan } from '@/core/assess';
import { useCatalogue } from '@/session/react/RoomProvider';
import { StepsWait } from '@/session/react/StepsWait';
import { useInSteps } from '@/session/react/useInSteps';
import { useSayings } from '@/session/react/useSayings';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Empty } from '@/ui/Screen';
import { countOf } from '@/words/en';
import { Cell, Row, Table } from '@/ui/Table';
import { RoomyOrDense } from './RoomyOrDense';
import type { useStock } from './useStock';
import { profileHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';

const figure = (count: number | null): string => (count === null ? '–' : String(count));

/** For each species of a tank: the fewest, the comfortable and the most beside the rest, and what binds. */
export function HowManyPart({
  tank,
  stock,
}: {
  readonly tank: TankView;
  readonly stock: ReturnType<typeof useStock>;
}) {
  const catalogue = useCatalogue();
  const say = useSayings();
  const { residents, listed, assessment } = stock;
  const wanted = catalogue.byId.get(useSearchParams().get('species') ?? '') ?? null;
  const begin = useCallback(async () => {
    const { howManyInSteps } = await import('@/core/assess/howMany');
    const today = todayIso();
    const plan = roomPlan(tank.body, residents, listed, catalogue, today);
    const asked = wanted && !plan.groups.some(({ species }) => species === wanted.id) ? wanted : null;
    return howManyInSteps(
      asked ? { ...plan, groups: [...plan.groups, offeredGroup(asked)] } : plan,
      catalogue,
      today,
    );
  }, [tank.body, residents, listed, catalogue, wanted]);
  const counts = useInSteps(begin);
  const { last, current, failed } = counts;
  const now = useMemo(
    () => new Map(assessment.context.planned.map(({ profile, count }) => [profile.id, count])),
    [assessment],
  );
  if (now.size === 0 && !wanted)
    return <Empty>No fish yet. Add a species to see how many this tank carries.</Empty>;
  if (last === null || failed)
    return (
      <StepsWait of={counts}>
        <p role="status">Counting…</p>
      </StepsWait>
    );
  // What was asked for stands first.
  const inOrder = [...last].sort(
    (a, b) => Number(b.species === wanted?.id) - Number(a.species === wanted?.id),
  );
  const why = ({ binds, open, fewest }: HowMany): string => {
    if (open) return 'Nothing here sets a limit.';
    if (binds === null) return '';
    return `${fewest === null ? 'No number will do. ' : ''}${say.finding(binds)}`;
  };
  const anyway = ({ anyway: [first, ...more] }: HowMany): string =>
    first
      ? `${say.finding(first)}${more.length > 0 ? ` And ${countOf(more.length, 'more problem')}.` : ''}`
      : '';
  return (
    <div aria-busy={!current} className="flex flex-col gap-5">
      <RoomyOrDense tank={tank} stock={stock} />
      <div>
        <p className="mb-2 text-slate">
          How many of each species this tank, its floor and its routine carry beside the rest of the list. One
          more than the most brings what stands below.
        </p>
        <Table
          caption="How many"
          heads={[
            'Species',
            { name: 'Now', figures: true },
            { name: 'Fewest', figures: true },
            { name: 'Comfortable', figures: true },
            { name: 'Most', figures: true },
          ]}
        >
          {inOrder.map((answer) => {
            const profile = catalogue.byId.get(answer.species);
            return (
              profile && (
                <Fragment key={answer.species}>
                  <tr className="align-baseline">
                    <Cell>
                      <FishName profile={profile} href={profileHref(profile.id)} />
                    </Cell>
                    <Cell figures>{figure(now.get(answer.species) ?? null)}</Cell>
                    <Cell figures>{figure(answer.fewest)}</Cell>
                    <Cell figures>{figure(answer.comfortable)}</Cell>
                    <Cell figures>{answer.open ? `${answer.most ?? ''}+` : figure(answer.most)}</Cell>
                  </tr>
                  <Row>
                    <td colSpan={5} className="pb-2 text-[0.8125rem] text-slate">
                      {why(answer)}
                      {answer.anyway.length > 0 && (
                        <span className="block">At any number: {anyway(answer)}</span>
                      )}
                    </td>
                  </Row>
                </Fragment>
              )
            );
          })}
        </Table>
      </div>
    </div>
  );
}
