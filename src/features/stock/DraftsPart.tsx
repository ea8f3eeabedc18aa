'use client';

import { useWords } from '@/session/react/useWords';
import { copyList, describeList, goByList, newList, removeList } from '@/core/commands';
import { useMemo, useState } from 'react';
import { assess, type Assessment, fishIn, groupByCause, roomPlan, whatItAdds } from '@/core/assess';
import type { DocumentId } from '@/core/kernel';
import type { Finding } from '@/core/rules';
import { countedOf, everyOf } from '@/words/en';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useDrafts, useResidents, type DraftView, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { KeptText } from '@/ui/KeptText';
import { Empty, Section } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { Cell, Row, Table } from '@/ui/Table';
import { CauseLines } from './CauseLines';

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

/** Problems that only one of two lists has. */
function Differences({ of, findings }: { readonly of: Judged; readonly findings: readonly Finding[] }) {
  const groups = groupByCause(findings, fishIn(of.assessment.context.planned));
  return (
    <Section title={`Problems only in ${of.draft.body.name}`}>
      {groups.length === 0 ? <p className="text-slate">None.</p> : <CauseLines groups={groups} />}
    </Section>
  );
}

function Compare({ judged }: { readonly judged: readonly Judged[] }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const [left, setLeft] = useState(judged[0]?.draft.id ?? '');
  const [right, setRight] = useState(judged[1]?.draft.id ?? '');
  const one = judged.find((each) => each.draft.id === left) ?? judged[0];
  const two = judged.find((each) => each.draft.id === right) ?? judged[1];
  if (!one || !two) return null;
  const { brings, settles } = whatItAdds(one.assessment, two.assessment);
  const speciesLine = ({ draft }: Judged): string =>
    everyOf(
      draft.body.groups.flatMap(({ group }) => {
        const profile = catalogue.byId.get(group.species);
        return profile ? [countedOf(group.count, profile)] : [];
      }),
    ) || 'no new fish';
  const pick = (label: string, value: string, onPick: (id: DocumentId) => void) => (
    <SelectField label={label} value={value} onChange={(event) => onPick(event.target.value as DocumentId)}>
      {judged.map(({ draft }) => (
        <option key={draft.id} value={draft.id}>
          {draft.body.name}
        </option>
      ))}
    </SelectField>
  );
  return (
    <Section title="Two side by side">
      <div className="grid gap-6 sm:grid-cols-2">
        {(
          [
            [one, setLeft, 'This list'],
            [two, setRight, 'Compared with'],
          ] as const
        ).map(([judgedOne, set, label]) => (
          <div key={label} className="flex flex-col gap-2">
            {pick(label, judgedOne.draft.id, set)}
            <VerdictMark verdict={judgedOne.assessment.today} later={judgedOne.assessment.later} />
            <p>{speciesLine(judgedOne)}.</p>
            <p className="fig text-slate">
              {words.quantity('concentration', judgedOne.assessment.context.load.nitrateMgLWeek)} nitrate a
              week at full size
            </p>
          </div>
        ))}
        <Differences of={one} findings={settles} />
        <Differences of={two} findings={brings} />
      </div>
    </Section>
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
                  <span className="self-center pr-2 text-[13px] text-slate">active list</span>
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
      {judged.length > 1 && <Compare judged={judged} />}
    </div>
  );
}
