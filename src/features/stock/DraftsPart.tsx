'use client';

import { copyList, describeList, goByList, newList, removeList } from '@/core/commands';
import { useMemo } from 'react';
import { assess, type Assessment, roomPlan } from '@/core/assess';
import type { DocumentId } from '@/core/kernel';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useDrafts, useResidents, type DraftView, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { KeptText } from '@/ui/KeptText';
import { Empty, Section } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { Cell, Row, Table } from '@/ui/Table';
import { InAnotherTank } from './InAnotherTank';
import { SideBySide } from './SideBySide';

/** More lists than this are not read beside each other. */
const MOST_COLUMNS = 5;

interface Judged {
  readonly draft: DraftView;
  readonly assessment: Assessment;
}

function useJudged(tank: TankView, drafts: readonly DraftView[]): readonly Judged[] {
  const catalogue = useCatalogue();
  const residents = useResidents(tank.id);
  return useMemo(
    () =>
      drafts.map((draft) => ({
        draft,
        assessment: assess(
          roomPlan(tank.body, residents, draft.body.groups, catalogue, todayIso()),
          catalogue,
          todayIso(),
        ),
      })),
    [drafts, tank.body, residents, catalogue],
  );
}

/** Several draft lists for a tank: kept side by side, compared, one of them gone by. */
export function DraftsPart({ tank }: { readonly tank: TankView }) {
  const { session, run, keepTyped } = useCommands();
  const drafts = useDrafts(tank.id);
  const judged = useJudged(tank, drafts);
  const swap = (draft: DraftView) =>
    run(`${draft.body.name} is the active list`, ({ documents }) => goByList(documents, draft.id));
  const describe = async (label: string, id: DocumentId, how: { name?: string; note?: string }) =>
    keepTyped(label, ({ documents }) => describeList(documents, id, how));
  if (drafts.length === 0) return <Empty>Save this list to try another.</Empty>;
  return (
    <div className="flex max-w-[72rem] flex-col gap-5">
      <Table
        caption="Draft lists"
        heads={[
          'List and note',
          { name: 'Verdict' },
          { name: 'Groups', figures: true, wide: true },
          { name: 'Actions', hidden: true },
        ]}
      >
        {judged.map(({ draft, assessment }) => (
          <Row key={draft.id}>
            <Cell>
              <KeptText
                label={`Name of ${draft.body.name}`}
                labelHidden
                needed
                value={draft.body.name}
                onKeep={(name) => describe('List named', draft.id, { name })}
              />
              <KeptText
                placeholder="Note"
                label={`Note on ${draft.body.name}`}
                labelHidden
                value={draft.body.note ?? ''}
                onKeep={(note) => describe('Note kept', draft.id, { note })}
              />
            </Cell>
            <Cell>
              <VerdictMark verdict={assessment.today} later={assessment.later} small />
            </Cell>
            <Cell figures wide>
              {draft.body.groups.length}
            </Cell>
            <Cell>
              <span className="flex flex-wrap justify-end gap-1">
                {draft.main ? (
                  <span className="self-center pr-2 text-[0.8125rem] text-slate">active list</span>
                ) : (
                  <Button onClick={() => swap(draft)}>Make active</Button>
                )}
                <Button
                  onClick={() =>
                    run(`Copied ${draft.body.name}`, ({ documents }) =>
                      copyList(documents, draft.id, session.stamp),
                    )
                  }
                >
                  Copy
                </Button>
                {!draft.main && (
                  <Button
                    tone="quiet"
                    onClick={() => run(`Removed ${draft.body.name}`, [removeList(draft.id)])}
                  >
                    Remove
                  </Button>
                )}
              </span>
            </Cell>
          </Row>
        ))}
      </Table>
      <div>
        <Button
          onClick={() =>
            run('New list', ({ documents }) => [
              newList(documents, tank.id, { name: `List ${drafts.length + 1}`, groups: [] }, session.stamp),
            ])
          }
        >
          New list
        </Button>
      </div>
      {judged.length > 1 && (
        <Section title="Side by side" aside="problems by what they come from">
          <SideBySide
            columns={judged.slice(0, MOST_COLUMNS).map(({ draft, assessment }) => ({
              id: draft.id,
              name: draft.body.name,
              assessment,
            }))}
          />
          {judged.length > MOST_COLUMNS && (
            <p className="text-[0.8125rem] text-slate">
              The first {MOST_COLUMNS} of {judged.length} lists.
            </p>
          )}
        </Section>
      )}
      <InAnotherTank tank={tank} />
    </div>
  );
}
