import { sayNoOrder, sayNoStrength } from '@/words/en';
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
      linearity: {
        ...linearity,
        ...(linearity.why === undefined ? {} : { why: sayNoOrder(linearity.why) }),
      },
      kendall,
      bradleyTerry: bradleyTerry.ok
        ? {
            strength: Object.fromEntries(ids.map((id, i) => [id, bradleyTerry.strength[i]])),
            tieParameter: bradleyTerry.tieParameter,
          }
        : { strength: null, why: sayNoStrength(bradleyTerry.why) },
    },
  };
}

/** `12/90`: events in minutes of watching. Null when it is none. */
function readWatched(text: string | undefined): Watched | null {
  const [, events, minutes] = /^(\d+)\/(\d+(?:\.\d+)?)$/.exec(text?.trim() ?? '') ?? [];
  return events !== undefined && Number(minutes) > 0
    ? { events: Number(events), minutes: Number(minutes) }
    : null;
}

const unreadWatch = (option: string, text: string | undefined): string =>
  `--${option}: needs events/minutes as in 12/90, whole events and minutes above 0. Found ${text === undefined ? 'nothing' : JSON.stringify(text)}.`;

/** Two rates compared, or what is wrong with the options. */
export function rateAnswer(
  before: string | undefined,
  after: string | undefined,
):
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly errors: readonly string[] } {
  const [first, second] = [readWatched(before), readWatched(after)];
  if (first && second) return { ok: true, value: rateRatio(first, second) };
  return {
    ok: false,
    errors: [
      ...(first ? [] : [unreadWatch('before', before)]),
      ...(second ? [] : [unreadWatch('after', after)]),
    ],
  };
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

/** One curve over all lives of a CSV, and the score test over its groups: lives may be known from some day on only. */
export function livesAnswer(text: string): Outcome<unknown> {
  const read = readSurvivalCsv(text, 'stop');
  if (!read.ok) return read;
  const { time, atRisk, events, survival } = kaplanMeier([...read.value.values()].flat());
  const test = logRank(read.value, 'breslow');
  return {
    ok: true,
    value: {
      curve: time.map((day, i) => ({
        time: day,
        atRisk: atRisk[i],
        events: events[i],
        survival: survival[i],
      })),
      logRank: test && { chiSquare: test.chiSquare, df: test.df, p: test.p },
    },
  };
}
