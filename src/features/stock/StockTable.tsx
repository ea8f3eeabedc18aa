'use client';

import { profileHref } from '@/ui/hrefs';
import dynamic from 'next/dynamic';
import { useWords } from '@/session/react/useWords';
import { Pencil, Trash2 } from 'lucide-react';
import { Link } from '@/ui/Link';
import { memo, useState } from 'react';
import { lengthAfterMonths, lengthBand } from '@/core/growth';
import { adultLengthCm, commonName, recountGroup, writeSexes } from '@/core/model';
import { OriginSelect, SexesField } from '@/session/react/OriginAndSexes';
import type { Wearer } from '@/core/plates';
import { FishPlate } from '@/ui/plates/FishPlate';
import { wearerOf } from '@/ui/plates/wearerOf';
import { Stepper } from '@/ui/Stepper';
import { manyOf } from '@/words/en';
import type { StockLine, useStock } from './useStock';

const GroupDialog = dynamic(() => import('./GroupDialog').then((file) => file.GroupDialog), { ssr: false });

type Stock = ReturnType<typeof useStock>;

const TOOL =
  'grid size-8 max-desk:size-11 max-desk:max-[22rem]:size-9 place-items-center text-slate hover:text-ink';

const sexCount = (residents: StockLine['residents'], sex: 'male' | 'female'): number =>
  residents.reduce(
    (sum, one) =>
      sum + (one.individual ? Number(one.sex === sex) : ((sex === 'male' ? one.males : one.females) ?? 0)),
    0,
  );

function Sexes({ line }: { readonly line: StockLine }) {
  const [males, females] = [sexCount(line.residents, 'male'), sexCount(line.residents, 'female')];
  if (males + females === 0) return <span className="text-slate">–</span>;
  return <span className="fig">{writeSexes({ males, females })}</span>;
}

/** Whose dress a line shows: that of its sex where all are of one. */
function wearerIn({ profile, lengthCm, listed, residents }: StockLine): Wearer | null {
  const males = listed ? listed.group.males : sexCount(residents, 'male');
  const females = listed ? listed.group.females : sexCount(residents, 'female');
  const sex = females === 0 && males ? 'male' : males === 0 && females ? 'female' : null;
  return wearerOf(profile, lengthCm, sex);
}

/** Length today, or on the date of the slider with the band that growth leaves open. */
function LengthThen({ line, months }: { readonly line: StockLine; readonly months: number }) {
  const words = useWords();
  const after = (later: number): number => lengthAfterMonths(line.profile, line.lengthCm, later);
  const [least, most] = lengthBand(after, months);
  return (
    <>
      {words.figure('length', after(months))}{' '}
      <span className="whitespace-nowrap text-slate">
        {months > 0 && most - least > 0.2
          ? `(${words.range('length', [least, most])})`
          : `of ${words.quantity('length', adultLengthCm(line.profile))}`}
      </span>
    </>
  );
}

const Line = memo(function Line({
  line,
  months,
  tank,
  change,
  remove,
  onLight,
  onEdit,
}: {
  readonly line: StockLine;
  readonly months: number;
  readonly tank: string;
  readonly change: Stock['change'];
  readonly remove: Stock['remove'];
  readonly onLight: (key: string | null) => void;
  readonly onEdit: (line: StockLine) => void;
}) {
  const name = commonName(line.profile);
  const listed = line.listed;
  const toGo = line.residents.reduce((sum, one) => sum + (one.toGo?.count ?? 0), 0);
  return (
    <tr
      className="relative border-b border-line hover:bg-panel"
      onPointerEnter={() => onLight(line.key)}
      onPointerLeave={() => onLight(null)}
    >
      <td className="py-1 pr-2">
        <span className="flex items-center gap-2">
          <span
            className="h-7 w-1 shrink-0"
            style={{
              background: listed ? `color-mix(in srgb, ${line.colour} 55%, transparent)` : line.colour,
            }}
            aria-hidden="true"
          />
          <FishPlate
            profile={line.profile}
            wearer={wearerIn(line)}
            className="h-6 w-10 max-[22rem]:hidden ample:h-8 ample:w-12"
          />
          <Link
            prefetch={false}
            href={profileHref(line.profile.id)}
            className="min-w-0 content-center font-medium hover:underline max-desk:inline-block max-desk:min-h-8 slim:[overflow-wrap:anywhere]"
          >
            {name}
          </Link>
        </span>
        <span className="fig block pl-4 text-[0.75rem] text-slate max-[22rem]:pl-1 ample:hidden">
          {listed ? 'planned' : 'in tank'}, <LengthThen line={line} months={months} />
          {!listed && sexCount(line.residents, 'male') + sexCount(line.residents, 'female') > 0 && (
            <>
              , <Sexes line={line} />
            </>
          )}
        </span>
        {listed && (
          <span className="block pl-4 max-[22rem]:pl-1">
            <OriginSelect
              label={`Origin of ${name}`}
              value={listed.group.origin ?? 'unknown'}
              onChange={(origin) => void change(listed.key, (group) => ({ ...group, origin }))}
            />
            <span className="ample:hidden">
              <SexesField name={name} group={listed.group} onChange={(how) => void change(listed.key, how)} />
            </span>
          </span>
        )}
      </td>
      <td className="whitespace-nowrap ample:pr-2">
        {listed ? (
          <Stepper
            value={listed.group.count}
            label={manyOf(line.profile)}
            onChange={(how) => change(listed.key, (group) => recountGroup(group, how(group.count)))}
          />
        ) : (
          <span className="fig pl-12 max-desk:pl-4">
            {line.count}
            {toGo > 0 && <span className="ml-2 text-[0.75rem] text-slate">{toGo} to go</span>}
          </span>
        )}
      </td>
      <td className="pr-2 whitespace-nowrap slim:hidden">
        {listed ? (
          <SexesField name={name} group={listed.group} onChange={(how) => void change(listed.key, how)} />
        ) : (
          <Sexes line={line} />
        )}
      </td>
      <td className="fig pr-2 text-[0.8125rem] whitespace-nowrap slim:hidden">
        <LengthThen line={line} months={months} />
      </td>
      <td className="hidden whitespace-nowrap text-slate 2xl:table-cell">{listed ? 'planned' : 'in tank'}</td>
      <td className="no-print text-right whitespace-nowrap">
        {listed ? (
          <>
            <Link
              prefetch={false}
              href={`/arrivals?tank=${tank}&bring=${listed.key}`}
              className="inline-flex min-h-6 max-desk:min-h-8 items-center text-[0.8125rem] text-deep underline-offset-2 hover:underline @max-[39rem]:flex @max-[39rem]:justify-end"
            >
              bring home
            </Link>
            <button
              type="button"
              className={`${TOOL} inline-grid`}
              aria-label={`Change ${name}`}
              onClick={() => onEdit(line)}
            >
              <Pencil size={13} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={`${TOOL} inline-grid`}
              aria-label={`Leave out ${name}`}
              onClick={() => void remove(listed.key, line.profile)}
            >
              <Trash2 size={13} aria-hidden="true" />
            </button>
          </>
        ) : (
          <Link
            prefetch={false}
            href={`/departures?tank=${tank}&species=${line.profile.id}`}
            className="inline-flex min-h-6 max-desk:min-h-8 items-center text-[0.8125rem] text-slate underline-offset-2 hover:underline"
          >
            rehome
          </Link>
        )}
      </td>
    </tr>
  );
});

/**
 * Who lives here and who is listed, line by line. Links are not fetched ahead: there are dozens of them, to pages that are
 * there already.
 */
export function StockTable({
  months,
  tank,
  stock,
  onLight,
}: {
  /** Months ahead of today that are shown. */
  readonly months: number;
  readonly tank: string;
  readonly stock: Stock;
  readonly onLight: (key: string | null) => void;
}) {
  const [editing, setEditing] = useState<StockLine | null>(null);
  const origins = [...new Set(stock.listed.map(({ group }) => group.origin ?? 'unknown'))];
  return (
    <>
      {stock.listed.length > 1 && (
        <p className="no-print -mb-1 text-right text-[0.75rem] text-slate">
          All planned:{' '}
          <OriginSelect
            label="Origin of all planned"
            value={origins[0] ?? 'unknown'}
            mixed={origins.length > 1}
            onChange={(origin) => stock.originOf(null, origin)}
          />
        </p>
      )}
      {/* Columns by the room that the table has, not by the screen. */}
      <div className="@container">
        <table className="w-full text-left">
          <thead className="text-[0.75rem] text-slate">
            <tr className="border-b border-line">
              <th className="py-1 font-medium">Species</th>
              <th className="font-medium desk:pl-9">Number</th>
              <th className="font-medium slim:hidden">Sexes</th>
              <th className="font-medium slim:hidden">{months > 0 ? 'Length then' : 'Length now'}</th>
              <th className="hidden font-medium 2xl:table-cell">State</th>
              <th className="no-print">
                <span className="sr-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {stock.lines.map((line) => (
              <Line
                key={line.key}
                line={line}
                months={months}
                tank={tank}
                change={stock.change}
                remove={stock.remove}
                onLight={onLight}
                onEdit={setEditing}
              />
            ))}
          </tbody>
        </table>
      </div>
      {editing?.listed && (
        <GroupDialog
          profile={editing.profile}
          group={editing.listed.group}
          draft={`${tank}.${editing.listed.key}`}
          onClose={() => setEditing(null)}
          onSave={(group) => stock.change(editing.listed?.key ?? '', () => group)}
        />
      )}
    </>
  );
}
