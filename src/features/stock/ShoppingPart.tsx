'use client';

import { useSayings } from '@/session/react/useSayings';
import dynamic from 'next/dynamic';
import { Fragment, useId, useMemo, useState } from 'react';
import { toast } from '@/ui/toast';
import { roomPlan } from '@/core/assess';
import { tradersOf } from '@/core/departures';
import { byShop, shoppingSum, stockCsv, stockMarkdown } from '@/core/formats';
import { commonName } from '@/core/model';
import { useDrafts, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { KeptText } from '@/ui/KeptText';
import { NumberField } from '@/ui/NumberField';
import { Caution, Empty, Section } from '@/ui/Screen';
import { Cell, Row, STACKED, Table } from '@/ui/Table';
import { saveText } from '@/session/saveFile';
import { useHappenings } from '@/session/react/useNames';
import { useCatalogue } from '@/session/react/RoomProvider';
import { todayIso } from '@/session/today';
import { sheetLines } from './sheetLines';
import type { StockLine, useStock } from './useStock';
import { profileHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';
import { fixed } from '@/words/en';

const ShareDialog = dynamic(() => import('./ShareDialog').then((file) => file.ShareDialog), { ssr: false });

const MOST_MONEY = 1e6;

const MOST = 9999;
/** Figures in a table: the head of the column is the label. */
const AMOUNT = { labelHidden: true, letters: 'figures right', wrap: 'ml-auto w-24' } as const;

function BuyLine({
  line,
  stock,
  shops,
}: {
  readonly line: StockLine;
  readonly stock: ReturnType<typeof useStock>;
  /** Names of shops to choose from. */
  readonly shops: string;
}) {
  const entry = line.listed;
  if (!entry) return null;
  const name = commonName(line.profile);
  const buy = entry.buy ?? line.count;
  return (
    <Row className={STACKED}>
      <Cell>
        <FishName profile={line.profile} href={profileHref(line.profile.id)}>
          {name} <i className="text-[0.75rem] text-slate">{line.profile.scientificName}</i>
        </FishName>
      </Cell>
      <Cell figures>
        <span className="text-slate sm:hidden">keep </span>
        {line.count}
      </Cell>
      <Cell figures>
        <NumberField
          label={`How many ${name} to buy`}
          placeholder="buy"
          {...AMOUNT}
          value={buy}
          least={1}
          most={MOST}
          whole
          onKeep={(count) => stock.order(entry.key, { buy: count })}
        />
      </Cell>
      <Cell figures wide>
        {Math.max(0, buy - line.count) || '–'}
      </Cell>
      <Cell figures>
        <NumberField
          label={`Price of one ${name}`}
          placeholder="price"
          {...AMOUNT}
          value={entry.price}
          least={0}
          most={MOST_MONEY}
          onKeep={(price) => stock.order(entry.key, { price })}
        />
      </Cell>
      <Cell figures>{entry.price === undefined ? '–' : fixed(entry.price * buy, 2)}</Cell>
      <Cell>
        <KeptText
          label={`Shop for ${name}`}
          labelHidden
          wrap="min-w-28"
          list={shops}
          placeholder="shop"
          value={entry.shop ?? ''}
          onKeep={(shop) => stock.order(entry.key, { shop: shop === '' ? undefined : shop })}
        />
      </Cell>
      <Cell wide>
        {line.profile.trade.mixedUpWith && (
          <span className="text-slate">{line.profile.trade.mixedUpWith}</span>
        )}
      </Cell>
    </Row>
  );
}

/** What a shop's part of the list costs, as far as prices are known. */
function costOf(lines: readonly { readonly line: StockLine }[]): string {
  const { total, unpriced } = shoppingSum(sheetLines(lines.map(({ line }) => line)));
  if (unpriced === lines.length) return '';
  return unpriced > 0 ? `${fixed(total, 2)}, ${unpriced} without a price` : fixed(total, 2);
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
  const [isShared, setIsShared] = useState(false);
  const catalogue = useCatalogue();
  const [main] = useDrafts(tank.id);
  const lines = sheetLines(stock.lines);
  const listed = stock.lines.filter((line) => line.listed);
  const { total, unpriced, surplus } = shoppingSum(lines);
  const shops = useId();
  const happenings = useHappenings();
  const traders = useMemo(() => tradersOf(happenings ?? []), [happenings]);
  const groups = byShop(listed.map((line) => ({ line, shop: line.listed?.shop?.trim() ?? '' })));
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
              stacked
              heads={[
                'Species',
                { name: 'Keep', figures: true },
                { name: 'Buy', figures: true },
                { name: 'Extra', figures: true, wide: true },
                { name: 'Price of one', figures: true },
                { name: 'Sum', figures: true },
                'Shop',
                { name: 'Easily confused with', wide: true },
              ]}
            >
              {groups.map(({ shop, lines: bought }) => (
                <Fragment key={shop}>
                  {(groups.length > 1 || shop !== '') && (
                    <Row className="max-sm:block">
                      <th colSpan={8} scope="rowgroup" className="pt-3 pb-1 text-left font-semibold">
                        {shop === '' ? 'No shop yet' : shop}
                        <span className="fig font-normal text-slate"> {costOf(bought)}</span>
                      </th>
                    </Row>
                  )}
                  {bought.map(({ line }) => (
                    <BuyLine key={line.key} line={line} stock={stock} shops={shops} />
                  ))}
                </Fragment>
              ))}
            </Table>
            <datalist id={shops}>
              {[...new Set([...groups.map(({ shop }) => shop), ...traders])].filter(Boolean).map((name) => (
                <option key={name} value={name} />
              ))}
            </datalist>
            <p className="mt-2">
              {unpriced === listed.length ? (
                <span className="text-slate">No prices yet</span>
              ) : (
                <>
                  <strong className="fig">{fixed(total, 2)}</strong> in all
                  {unpriced > 0 && <span className="text-slate">, {unpriced} without a price</span>}
                </>
              )}
              {surplus > 0 && <span>. {surplus} extra: find them a home before you buy</span>}.
            </p>
          </>
        )}
      </Section>
      <Section title="Print and share" className="no-print">
        <div className="no-print flex flex-wrap gap-2">
          <Button onClick={() => window.print()}>Print</Button>
          <Button onClick={() => setIsShared(true)}>Link and code</Button>
          <Button onClick={() => saveText(`${file}-stock-list.md`, markdown(), 'text/markdown')}>
            Save as Markdown
          </Button>
          <Button onClick={copy}>Copy as Markdown</Button>
          <Button onClick={() => saveText(`${file}-stock-list.csv`, stockCsv(lines), 'text/csv')}>
            Save as CSV
          </Button>
        </div>
      </Section>
      {isShared && (
        <ShareDialog
          name={tank.body.name}
          plan={roomPlan(tank.body, stock.residents, stock.listed, catalogue, todayIso())}
          onClose={() => setIsShared(false)}
        />
      )}
      <Caution>
        Never release fish into the wild. Some species are restricted: ask your local authority before buying,
        moving or rehoming them.
      </Caution>
    </div>
  );
}
