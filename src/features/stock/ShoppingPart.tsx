'use client';

import { useSayings } from '@/session/react/useSayings';
import { useState } from 'react';
import { toast } from 'sonner';
import { shoppingSum, stockCsv, stockMarkdown } from '@/core/formats';
import { commonName } from '@/core/model';
import { useDrafts, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { INPUT } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { saveText } from '@/session/saveFile';
import { sheetLines } from './sheetLines';
import type { StockLine, useStock } from './useStock';

const MOST_MONEY = 1e6;

/** A figure that is kept when the keeper leaves the field, and refused with words where it is none. */
function Amount({
  label,
  value,
  valid,
  onKeep,
}: {
  readonly label: string;
  readonly value: string;
  readonly valid: (text: string) => boolean;
  readonly onKeep: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? value;
  const wrong = typed !== null && !valid(typed);
  const leave = (): void => {
    if (typed !== null && valid(typed) && typed !== value) onKeep(typed);
    if (typed !== null && valid(typed)) setTyped(null);
  };
  return (
    <span className="inline-block w-20">
      <input
        aria-label={label}
        aria-invalid={wrong || undefined}
        inputMode="decimal"
        className={`${INPUT} fig text-right`}
        value={shown}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === 'Enter') leave();
          if (event.key === 'Escape') setTyped(null);
        }}
      />
    </span>
  );
}

const isPrice = (text: string): boolean => {
  const value = Number(text.replace(',', '.'));
  return text.trim() === '' || (Number.isFinite(value) && value >= 0 && value <= MOST_MONEY);
};
const isCount = (text: string): boolean => text.trim() === '' || /^[1-9]\d{0,3}$/.test(text.trim());

function BuyLine({ line, stock }: { readonly line: StockLine; readonly stock: ReturnType<typeof useStock> }) {
  const entry = line.listed;
  if (!entry) return null;
  const name = commonName(line.profile);
  const buy = entry.buy ?? line.count;
  return (
    <Row>
      <Cell>
        {name} <i className="text-[12px] text-slate">{line.profile.scientificName}</i>
      </Cell>
      <Cell figures>{line.count}</Cell>
      <Cell figures>
        <Amount
          label={`How many ${name} to buy`}
          value={String(buy)}
          valid={isCount}
          onKeep={(text) =>
            void stock.order(entry.key, { buy: text.trim() === '' ? undefined : Number(text) })
          }
        />
      </Cell>
      <Cell figures wide>
        {Math.max(0, buy - line.count) || '–'}
      </Cell>
      <Cell figures>
        <Amount
          label={`Price of one ${name}`}
          value={entry.price === undefined ? '' : String(entry.price)}
          valid={isPrice}
          onKeep={(text) =>
            void stock.order(entry.key, {
              price: text.trim() === '' ? undefined : Number(text.replace(',', '.')),
            })
          }
        />
      </Cell>
      <Cell figures>{entry.price === undefined ? '–' : (entry.price * buy).toFixed(2)}</Cell>
      <Cell wide>
        {line.profile.trade.mixedUpWith && (
          <span className="text-slate">{line.profile.trade.mixedUpWith}</span>
        )}
      </Cell>
    </Row>
  );
}

/** The shopping list, and the stock list to print and to share. */
export function ShoppingPart({
  tank,
  stock,
}: {
  readonly tank: TankView;
  readonly stock: ReturnType<typeof useStock>;
}) {
  const say = useSayings();
  const [main] = useDrafts(tank.id);
  const lines = sheetLines(stock.lines);
  const listed = stock.lines.filter((line) => line.listed);
  const { total, unpriced, surplus } = shoppingSum(lines);
  const note = main?.main ? (main.body.note ?? '') : '';
  const markdown = (): string =>
    stockMarkdown(`Stock list of ${tank.body.name}`, note, lines, stock.assessment, say);
  const file = tank.body.name.toLowerCase().replace(/[^a-z0-9]+/g, '-') || 'tank';
  const copy = (): void => {
    navigator.clipboard.writeText(markdown()).then(
      () => toast('Copied as Markdown'),
      () => toast.error('The browser did not allow copying. Save the file instead.'),
    );
  };
  return (
    <div className="flex max-w-[72rem] flex-col gap-5">
      <Section title="Shopping list" aside="prices in your own money">
        {listed.length === 0 ? (
          <Empty>No planned fish to buy.</Empty>
        ) : (
          <>
            <p className="mb-2 max-w-[84ch]">{say.inShort(stock.assessment)}</p>
            <Table
              caption="Shopping list"
              heads={[
                'Species',
                { name: 'Keep', figures: true },
                { name: 'Shopping list', figures: true },
                { name: 'Extra', figures: true, wide: true },
                { name: 'Price of one', figures: true },
                { name: 'Sum', figures: true },
                { name: 'Easily confused with', wide: true },
              ]}
            >
              {listed.map((line) => (
                <BuyLine key={line.key} line={line} stock={stock} />
              ))}
            </Table>
            <p className="mt-2">
              <strong className="fig">{total.toFixed(2)}</strong> in all
              {unpriced > 0 && <span className="text-slate">, {unpriced} without a price</span>}
              {surplus > 0 && <span>. {surplus} extra: find them a home before you buy</span>}.
            </p>
          </>
        )}
      </Section>
      <Section title="Print and share">
        <div className="no-print flex flex-wrap gap-2">
          <Button onClick={() => window.print()}>Print</Button>
          <Button onClick={() => saveText(`${file}-stock-list.md`, markdown(), 'text/markdown')}>
            Save as Markdown
          </Button>
          <Button onClick={copy}>Copy as Markdown</Button>
          <Button onClick={() => saveText(`${file}-stock-list.csv`, stockCsv(lines), 'text/csv')}>
            Save as CSV
          </Button>
        </div>
      </Section>
      <Caution>
        Never release fish into the wild. Some species are restricted: ask your local authority before buying,
        moving or rehoming them.
      </Caution>
    </div>
  );
}
