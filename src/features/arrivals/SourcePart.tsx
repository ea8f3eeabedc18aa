'use client';

import { SHOPS, takeShopStock } from '@/core/commands';
import { useMemo, useRef, useState } from 'react';
import { askFor, coverShops, readShopCsv, type ShopPlan, simulatedShops, type ToBuy } from '@/core/arrivals';
import { commonName, type ShopItem } from '@/core/model';
import { type Fault, faultLine } from '@/core/kernel';
import { countOf, list } from '@/core/wording';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useListed, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Empty, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { Claims } from './Claims';

const TOLD = 8;

/** Simulated stock, or what the keeper has read in from a file. */
function useShopItems(): {
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
      : { items: simulatedShops(catalogue, todayIso()), own: false, readOn: todayIso() };
  }, [catalogue, document]);
}

function Plan({ plan, wanted }: { readonly plan: ShopPlan; readonly wanted: readonly ToBuy[] }) {
  const nameOf = (key: string): string => {
    const one = wanted.find((each) => each.key === key);
    return one ? countOf(one.count, one.profile) : key;
  };
  return (
    <Section
      title={list(plan.shops)}
      aside={`${plan.shops.length === 1 ? 'one quarantine' : `${plan.shops.length} quarantines`} · ${plan.cost.toFixed(2)} in all`}
    >
      <Table
        caption={`What to buy where: ${list(plan.shops)}`}
        heads={['Kind', 'Shop', { name: 'There', figures: true }, { name: 'Cost', figures: true }]}
      >
        {plan.purchases.map(({ key, item, animals, cost, note }) => (
          <Row key={key}>
            <Cell>
              {nameOf(key)}
              {note && <span className="block text-[13px] text-lamp">{note}</span>}
            </Cell>
            <Cell>
              {item.shop}
              <span className="block text-[12px] text-slate">
                there {item.days} d{item.soldAs === 'pair' ? `, in pairs: ${animals} fish` : ''}
              </span>
            </Cell>
            <Cell figures>{item.stock}</Cell>
            <Cell figures>{cost.toFixed(2)}</Cell>
          </Row>
        ))}
      </Table>
      {plan.missing.length > 0 && (
        <p className="mt-1 text-lamp">Not to be had there: {list(plan.missing.map(nameOf))}.</p>
      )}
    </Section>
  );
}

/** Reads shop stock from a file: the good rows are offered, the others named; nothing is taken in unasked. */
function StockFile({ own, readOn }: { readonly own: boolean; readonly readOn: string }) {
  const catalogue = useCatalogue();
  const { run } = useCommands();
  const input = useRef<HTMLInputElement>(null);
  const [offered, setOffered] = useState<{ items: readonly ShopItem[]; faults: readonly Fault[] } | null>(
    null,
  );
  const take = (items: readonly ShopItem[]): void => {
    void run(`${items.length} items of shop stock read in`, [takeShopStock(items, todayIso())]);
    setOffered(null);
  };
  return (
    <div>
      <p className="text-slate">
        {own
          ? `Stock from your file of ${readOn}.`
          : 'Four made-up shops stand in for yours; their stock changes every week.'}{' '}
        <Button tone="quiet" onClick={() => input.current?.click()}>
          Read stock from CSV
        </Button>
        {own && (
          <Button
            tone="quiet"
            onClick={() => run('Back to the made-up shops', [takeShopStock(null, todayIso())])}
          >
            Back to the made-up shops
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
            {offered.items.length} rows can be read, {offered.faults.length} things cannot.
          </p>
          {offered.faults.slice(0, TOLD).map((fault) => (
            <p key={`${fault.path}${fault.received}`} className="text-[13px] text-buoy">
              {faultLine(fault)}
            </p>
          ))}
          {offered.faults.length > TOLD && (
            <p className="text-[13px]">And {offered.faults.length - TOLD} more.</p>
          )}
          <Button tone="main" disabled={offered.items.length === 0} onClick={() => take(offered.items)}>
            Take the {offered.items.length} rows
          </Button>{' '}
          <Button onClick={() => setOffered(null)}>Leave it</Button>
        </div>
      )}
    </div>
  );
}

/** Where the listed kinds are to be had with the fewest quarantines, and what to ask before the money is out. */
export function SourcePart({ tank }: { readonly tank: TankView }) {
  const catalogue = useCatalogue();
  const listed = useListed(tank.id);
  const { items, own, readOn } = useShopItems();
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
      <StockFile own={own} readOn={readOn} />
      {wanted.length === 0 ? (
        <Empty>
          Nothing is listed for {tank.body.name}. List what should come; the shops follow from it.
        </Empty>
      ) : plans.length === 0 ? (
        <Empty>
          No shop has enough of any listed kind this week. Ask a club, a breeder or another keeper, or wait a
          week.
        </Empty>
      ) : (
        <div className="grid gap-6 lg:grid-cols-2">
          <div className="flex flex-col gap-5">
            {plans.map((plan) => (
              <Plan key={plan.shops.join()} plan={plan} wanted={wanted} />
            ))}
          </div>
          <Section title="What to ask and look at" aside="before the money is out">
            <p className="mb-2">
              Each shop is one more quarantine. Look for: eats in front of you, fins whole, belly not sunken,
              back not thin, few scratches, active.
            </p>
            {wanted.map(({ key, profile }) => (
              <details key={key} className="border-b border-line py-1">
                <summary className="cursor-pointer font-medium">{commonName(profile)}</summary>
                <ul className="list-disc py-1 pl-5">
                  {askFor(profile).map((question) => (
                    <li key={question}>{question}</li>
                  ))}
                </ul>
              </details>
            ))}
          </Section>
        </div>
      )}
      <Claims tank={tank} />
    </div>
  );
}
