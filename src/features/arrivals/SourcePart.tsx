'use client';

import { SHOPS, takeShopStock } from '@/core/commands';
import { useMemo, useRef, useState } from 'react';
import { coverShops, readShopCsv, type ShopPlan, simulatedShops, type ToBuy } from '@/core/arrivals';
import { commonName, type ShopItem } from '@/core/model';
import type { Fault } from '@/core/kernel';
import { countedOf, countOf, dayName, everyOf, fixed, sayPurchase, shopQuestions } from '@/words/en';
import { useCatalogue, useRooms, useRoomState } from '@/session/react/RoomProvider';
import { useStandIns } from '@/session/react/useStandIns';
import { useWords } from '@/session/react/useWords';
import { useCommands } from '@/session/react/useCommands';
import { useListed, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { FaultList } from '@/ui/FaultList';
import { Empty, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';

const NO_ITEMS: readonly ShopItem[] = [];

/** What the keeper has read in from a file; simulated stock where that is wanted; else nothing. */
function useShopItems(isMadeUp: boolean): {
  readonly items: readonly ShopItem[];
  readonly own: boolean;
  readonly readOn: string;
} {
  const catalogue = useCatalogue();
  const document = useRoomState((state) => state.documents[SHOPS]);
  return useMemo(() => {
    const kept = document?.kind === 'shops' ? document.body : null;
    return kept
      ? { items: kept.items, own: true, readOn: kept.readOn }
      : {
          items: isMadeUp ? simulatedShops(catalogue, todayIso()) : NO_ITEMS,
          own: false,
          readOn: todayIso(),
        };
  }, [catalogue, document, isMadeUp]);
}

function Plan({ plan, wanted }: { readonly plan: ShopPlan; readonly wanted: readonly ToBuy[] }) {
  const words = useWords();
  const nameOf = (key: string): string => {
    const one = wanted.find((each) => each.key === key);
    return one ? countedOf(one.count, one.profile) : key;
  };
  return (
    <Section
      title={everyOf(plan.shops)}
      aside={`${countOf(plan.shops.length, 'quarantine')} · total ${fixed(plan.cost, 2)}`}
    >
      <Table
        caption={`What to buy where: ${everyOf(plan.shops)}`}
        heads={['Species', 'Shop', { name: 'In stock', figures: true }, { name: 'Cost', figures: true }]}
      >
        {plan.purchases.map((purchase) => {
          const { key, item, animals, cost } = purchase;
          const note = sayPurchase(purchase, words);
          return (
            <Row key={key}>
              <Cell>
                {nameOf(key)}
                {note && <span className="block text-[0.8125rem] text-lamp">{note}</span>}
              </Cell>
              <Cell>
                {item.shop}
                <span className="block text-[0.75rem] text-slate">
                  {countOf(item.days, 'day')} in shop
                  {item.soldAs === 'pair' ? `, sold in pairs: ${animals} fish` : ''}
                </span>
              </Cell>
              <Cell figures>{item.stock}</Cell>
              <Cell figures>{fixed(cost, 2)}</Cell>
            </Row>
          );
        })}
      </Table>
      {plan.missing.length > 0 && (
        <p className="mt-1 text-lamp">Not sold there: {everyOf(plan.missing.map(nameOf))}.</p>
      )}
    </Section>
  );
}

/** Reads shop stock from a file: the good rows are offered, the others named; nothing is taken in unasked. */
function StockFile({
  own,
  readOn,
  isMadeUp,
  onMadeUp,
}: {
  readonly own: boolean;
  readonly readOn: string;
  readonly isMadeUp: boolean;
  readonly onMadeUp: (isMadeUp: boolean) => void;
}) {
  const { name } = useRooms();
  const catalogue = useCatalogue();
  const { run } = useCommands();
  const input = useRef<HTMLInputElement>(null);
  const [offered, setOffered] = useState<{ items: readonly ShopItem[]; faults: readonly Fault[] } | null>(
    null,
  );
  const take = (items: readonly ShopItem[]): void => {
    void run(`Imported ${countOf(items.length, 'row')} of shop stock`, [takeShopStock(items, todayIso())]);
    setOffered(null);
  };
  return (
    <div>
      <p className="text-slate">
        {own
          ? `Stock from your file of ${dayName(readOn)}.`
          : isMadeUp
            ? 'Four made-up shops stand in for yours; their stock changes every week.'
            : 'No stock of your shops yet.'}{' '}
        <Button tone="quiet" onClick={() => input.current?.click()}>
          Read stock from CSV
        </Button>
        {own && (
          <Button tone="quiet" onClick={() => run('Shop stock removed', [takeShopStock(null, todayIso())])}>
            Remove this stock
          </Button>
        )}
        {!own && name !== 'demo' && (
          <Button tone="quiet" onClick={() => onMadeUp(!isMadeUp)}>
            {isMadeUp ? 'Without made-up shops' : 'Try with four made-up shops'}
          </Button>
        )}
      </p>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        className="sr-only"
        aria-label="A CSV file of shop stock"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void file.text().then((text) => setOffered(readShopCsv(text, catalogue)));
        }}
      />
      {offered && (
        <div className="mt-2 border-l-2 border-deep pl-3" role="status">
          <p>
            {countOf(offered.items.length, 'row')} can be read; {countOf(offered.faults.length, 'fault')}.
          </p>
          <FaultList faults={offered.faults} className="text-buoy" />
          <Button tone="main" disabled={offered.items.length === 0} onClick={() => take(offered.items)}>
            Import {countOf(offered.items.length, 'row')}
          </Button>{' '}
          <Button onClick={() => setOffered(null)}>Cancel</Button>
        </div>
      )}
    </div>
  );
}

/** Where to buy the planned species with the fewest quarantines, and what to ask before paying. */
export function SourcePart({ tank }: { readonly tank: TankView }) {
  const catalogue = useCatalogue();
  const listed = useListed(tank.id);
  const [isMadeUp, setIsMadeUp] = useStandIns('shops');
  const { items, own, readOn } = useShopItems(isMadeUp);
  const wanted = useMemo(
    () =>
      listed.flatMap((entry): ToBuy[] => {
        const profile = catalogue.byId.get(entry.group.species);
        return profile
          ? [
              {
                key: entry.key,
                profile,
                count: entry.buy ?? entry.group.count,
                males: entry.group.males ?? null,
                females: entry.group.females ?? null,
              },
            ]
          : [];
      }),
    [listed, catalogue],
  );
  const plans = useMemo(() => coverShops(wanted, items), [wanted, items]);
  return (
    <div className="flex flex-col gap-5">
      <StockFile own={own} readOn={readOn} isMadeUp={isMadeUp} onMadeUp={setIsMadeUp} />
      {wanted.length === 0 ? (
        <Empty>No fish planned for {tank.body.name}.</Empty>
      ) : items.length === 0 ? (
        <Empty>
          Read in the stock of your shops as CSV (shop, species, price, stock), and this says which of them
          cover the list with the fewest quarantines.
        </Empty>
      ) : plans.length === 0 ? (
        <Empty>
          No shop has enough of any planned species this week. Ask a club, a breeder or another keeper, or
          wait a week.
        </Empty>
      ) : (
        <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
          <div className="flex flex-col gap-5">
            {plans.map((plan) => (
              <Plan key={plan.shops.join()} plan={plan} wanted={wanted} />
            ))}
          </div>
          <Section title="What to ask and check" aside="before you pay">
            <p className="mb-2">
              Each shop is one more quarantine. Look for: eats in front of you, fins intact, belly full, back
              rounded, few scratches, active.
            </p>
            {wanted.map(({ key, profile }) => (
              <details key={key} className="border-b border-line py-1">
                <summary className="cursor-pointer font-medium">{commonName(profile)}</summary>
                <ul className="list-disc py-1 pl-5">
                  {shopQuestions(profile).map((question) => (
                    <li key={question}>{question}</li>
                  ))}
                </ul>
              </details>
            ))}
          </Section>
        </div>
      )}
    </div>
  );
}
