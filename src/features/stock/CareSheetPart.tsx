'use client';

import { careSheet } from '@/core/assess';
import { useTabState } from '@/session/react/useTabState';
import { useWords } from '@/session/react/useWords';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Empty, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { FishName } from '@/ui/plates/FishName';
import { capital, careFood, careHow, careParts, countedOf } from '@/words/en';
import type { useStock } from './useStock';

const NOBODY = { reach: '', from: '', until: '', note: '' };

/** What the person who feeds the fish while the keeper is away must know, on one sheet. */
export function CareSheetPart({
  tank,
  stock,
}: {
  readonly tank: TankView;
  readonly stock: ReturnType<typeof useStock>;
}) {
  const words = useWords();
  const [said, setSaid] = useTabState(`care.${tank.id}`, NOBODY);
  const { lines, assessment } = stock;
  if (lines.length === 0) return <Empty>No fish to care for yet.</Empty>;
  const sheet = careSheet(
    lines.map(({ profile, count, lengthCm, listed }) => ({
      profile,
      count,
      lengthCm,
      planned: listed !== null,
    })),
    assessment.context,
  );
  const field = (name: keyof typeof NOBODY, label: string, more = {}) => (
    <TextField
      label={label}
      value={said[name]}
      onChange={({ target }) => setSaid((before) => ({ ...before, [name]: target.value }))}
      {...more}
    />
  );
  return (
    <div className="flex max-w-[72rem] flex-col gap-4">
      <p className="no-print max-w-[84ch] text-slate">
        For the person who feeds the fish while you are away.{' '}
        <Button onClick={() => window.print()}>Print</Button>
      </p>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-[12rem_9rem_9rem_1fr] print:grid-cols-[12rem_9rem_9rem_1fr]">
        {field('reach', 'Reach me at', { placeholder: 'phone', inputMode: 'tel' })}
        {field('from', 'From', { type: 'date' })}
        {field('until', 'Until', { type: 'date' })}
        {field('note', 'Note', { placeholder: 'where food and net are' })}
      </div>
      <Table caption="What each is fed" heads={['Fish', 'Food', 'How']}>
        {sheet.fed.map((fish) => (
          <Row key={`${fish.profile.id}${fish.planned}`}>
            <Cell>
              <FishName profile={fish.profile}>
                <span className="print:whitespace-nowrap">
                  <strong>{countedOf(fish.count, fish.profile)}</strong>
                  {fish.planned && <span className="text-slate"> planned</span>}
                </span>
              </FishName>
            </Cell>
            <Cell>{capital(careFood(fish))}</Cell>
            <Cell>{capital(careHow(fish))}</Cell>
          </Row>
        ))}
      </Table>
      <div className="gap-x-8 sm:columns-2 print:columns-2">
        {careParts(sheet, words).map(({ title, lines: told }) => (
          <Section key={title} title={title} className="mb-3 break-inside-avoid">
            <ul className="flex list-disc flex-col gap-0.5 pl-4">
              {told.map((line) => (
                <li key={line} className="max-w-[70ch]">
                  {line}
                </li>
              ))}
            </ul>
          </Section>
        ))}
      </div>
    </div>
  );
}
