import { readContestsCsv, readSurvivalCsv } from '@/core/formats';
import type { Outcome } from '@/core/kernel';
import { hierarchyMeasures } from '@/core/hierarchy';
import { kaplanMeier, logRank, rateRatio, seededChance, type Watched, winTable } from '@/core/stats';

const SEED = 1;

/** Hierarchy measures of a CSV of contests. */
export function orderAnswer(text: string, seed = SEED): Outcome<unknown> {
  const read = readContestsCsv(text);
  if (!read.ok) return read;
  const { contests, unknownPairs, fish, steepness, linearity, kendall, bradleyTerry } = hierarchyMeasures(
    read.value,
    seededChance(seed),
  );
  const { ids } = winTable(read.value);
  return {
    ok: true,
    value: {
      contests,
      unknownPairs,
      fish,
      steepness: { value: steepness },
      linearity,
      kendall,
      bradleyTerry: bradleyTerry.ok
        ? { strength: Object.fromEntries(ids.map((id, i) => [id, bradleyTerry.strength[i]])) }
        : { strength: null, why: bradleyTerry.why },
    },
  };
}

/** `12/90`: events in minutes of watching. */
function readWatched(option: string, text: string | undefined): Outcome<Watched> {
  const [, events, minutes] = /^(\d+)\/(\d+(?:\.\d+)?)$/.exec(text?.trim() ?? '') ?? [];
  return events !== undefined && Number(minutes) > 0
    ? { ok: true, value: { events: Number(events), minutes: Number(minutes) } }
    : {
        ok: false,
        faults: [
          {
            path: `--${option}`,
            expected: 'events/minutes as in 12/90, whole events and minutes above 0',
            received: text === undefined ? 'nothing' : JSON.stringify(text),
          },
        ],
      };
}

/** Two rates compared. */
export function rateAnswer(before: string | undefined, after: string | undefined): Outcome<unknown> {
  const first = readWatched('before', before);
  const second = readWatched('after', after);
  if (first.ok && second.ok) return { ok: true, value: rateRatio(first.value, second.value) };
  return { ok: false, faults: [first, second].flatMap((one) => (one.ok ? [] : one.faults)) };
}

/** Curves of a CSV of lives, with the log-rank test over its groups. */
export function survivalAnswer(text: string): Outcome<unknown> {
  const read = readSurvivalCsv(text);
  if (!read.ok) return read;
  const curves = [...read.value].map(([name, spans]) => [name, kaplanMeier(spans)] as const);
  const test = logRank(read.value);
  return {
    ok: true,
    value: {
      groups: Object.fromEntries(curves.map(([name, { wipedOut: _w, ...curve }]) => [name, curve])),
      logRank: test && { chiSquare: test.chiSquare, df: test.df, p: test.p },
      warnings: curves.flatMap(([name, { wipedOut }]) =>
        wipedOut
          ? [`${name}: all that were there died before others came; the curve stays at 0 whatever follows`]
          : [],
      ),
    },
  };
}
