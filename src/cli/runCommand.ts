import { parseArgs, type ParseArgsConfig } from 'node:util';
import { assess, howManyInSteps, readPlan, toAnswer, triedFixesInSteps } from '@/core/assess';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { assumedInFile, faultLine, METRIC, sayingsFor, UK, US } from '@/words/en';
import { lineUps, readProblem, readWishes, solveProblem } from '@/core/lineups';
import { checkFile } from '@/core/formats';
import { atOnce, type Fault, type Outcome, parseJson, type UnitChoice } from '@/core/kernel';
import { experienceCommand, type ReadFile } from './experienceCommand';
import { livesAnswer, orderAnswer, rateAnswer, survivalAnswer } from './hierarchyCommands';
import { type Answer, failed, json, type Surroundings } from './answer';
import { mergeCommand, type RoomFile } from './mergeCommand';
import { findCommand, speciesCommand } from './speciesCommand';
import { sumsCommand } from './sumsCommand';
import { WATER_OPTIONS, waterCommand } from './waterCommand';

const USAGE = [
  'usage: npm run -s lomvik -- COMMAND',
  '  assess FILE [--today YYYY-MM-DD] [--units metric|us|uk] [--numbers]   a plan file in, an assessment out, each fix tried;',
  '                                     with --numbers also the fewest, comfortable and most of each species, and what binds',
  '  line-ups FILE [--problem]          wishes in, the best line-ups out, with proof',
  '  line-ups --solve-problem FILE      a reduced problem in, its best solutions out',
  '  species [NAME]                     the catalogue, or one profile',
  '  species NAME --text [--units metric|us|uk]   one profile in words',
  '  species --find TEXT                the species that a text may mean, best first, one identifier a line',
  '  order FILE.csv [--seed N]          contests (time,winner,loser[,weight]) in, hierarchy measures out',
  '  rate --before 12/90 --after 3/80   events/minutes in, their ratio with its interval out',
  '  survival FILE.csv                  lives (group,start,end,event) in, curves and log-rank test out',
  '  sums share K N | rate EVENTS HOURS | posterior-rate SHAPE RATE EVENTS HOURS | posterior-share A B K N',
  '                                     limits of what was counted, alone and with what was believed before',
  '  sums survival FILE.csv             lives (start,stop,event,group) in, one curve and the score test out',
  '  merge FILE FILE...                 files of one room, written to on several devices, as one file',
  '  experience check FILE...           experience files, whether they are valid',
  '  experience sum FILE... --species NAME [--with NAME]   what keepers lived through with it: shares and rates with limits',
  '  check FILE                         whether a Lomvik file is valid, and if not, where and why',
  '  water ammonia --t 25 --ph 8 --tan 1    share and mg/L of un-ionised ammonia',
  '  water oxygen --t 25 [--altitude 500]   oxygen at saturation',
  '  water mix --v 10 --add 5 --rounds 2 [--discard]   share of the difference that is left',
  '  water routine --rate 3 --fraction 0.5 --days 7 [--tap 5]   where a substance settles',
  'FILE may be - for standard input.',
];

const named = (path: string): string => (path === '-' ? 'standard input' : path);

function faultsOf(path: string, faults: readonly Fault[]): Answer {
  return failed(...faults.map((fault) => `${named(path)}: ${faultLine(fault)}`));
}

/** Units that answers can be worded in. */
const UNITS: Readonly<Record<string, UnitChoice>> = { metric: METRIC, us: US, uk: UK };

/** How answers are worded: in metric units where nothing else is asked for. */
const fileWords = ({ catalogue }: Surroundings, units: UnitChoice = METRIC) => ({
  ...sayingsFor(catalogue, units),
  assumedInFile,
});

type Loaded<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly answer: Answer };

function loadText(path: string, world: Surroundings): Loaded<string> {
  try {
    return { ok: true, value: world.readInput(path) };
  } catch (error) {
    return {
      ok: false,
      answer: failed(
        `${named(path)}: could not be read: ${error instanceof Error ? error.message : String(error)}`,
      ),
    };
  }
}

function load(path: string, world: Surroundings): Loaded<unknown> {
  const text = loadText(path, world);
  if (!text.ok) return text;
  const parsed = parseJson(text.value);
  return parsed.ok ? parsed : { ok: false, answer: faultsOf(path, parsed.faults) };
}

/** A CSV file in, an answer out. */
function csvCommand(path: string, world: Surroundings, answer: (text: string) => Outcome<unknown>): Answer {
  const text = loadText(path, world);
  if (!text.ok) return text.answer;
  const given = answer(text.value);
  return given.ok ? json(given.value) : faultsOf(path, given.faults);
}

function orderCommand(path: string, seed: string | undefined, world: Surroundings): Answer {
  if (seed !== undefined && !/^\d{1,9}$/.test(seed))
    return failed(`--seed: needs a whole number from 0. Found ${JSON.stringify(seed)}.`);
  return csvCommand(path, world, (text) => orderAnswer(text, seed === undefined ? undefined : Number(seed)));
}

interface Asked {
  readonly today: string;
  readonly units: UnitChoice;
  /** Also how many of each species the tank carries. */
  readonly numbers: boolean;
}

function assessCommand(path: string, { today, units, numbers }: Asked, world: Surroundings): Answer {
  const loaded = load(path, world);
  if (!loaded.ok) return loaded.answer;
  const { catalogue } = world;
  const plan = readPlan(loaded.value, catalogue);
  if (!plan.ok) return faultsOf(path, plan.faults);
  const before = assess(plan.value, catalogue, today);
  const tried = atOnce(
    triedFixesInSteps({ plan: plan.value, before, catalogue, today, sizes: STANDARD_TANKS }),
  );
  const say = fileWords(world, units);
  const answer = toAnswer(before, say, tried);
  return json(
    numbers
      ? {
          ...answer,
          howMany: atOnce(howManyInSteps(plan.value, catalogue, today)).map(
            ({ binds, anyway, ...counts }) => ({
              ...counts,
              binds: binds && { rule: binds.rule, text: say.finding(binds) },
              anyway: anyway.map((finding) => ({ rule: finding.rule, text: say.finding(finding) })),
            }),
          ),
        }
      : answer,
  );
}

function lineUpsCommand(path: string, today: string, withProblem: boolean, world: Surroundings): Answer {
  const loaded = load(path, world);
  if (!loaded.ok) return loaded.answer;
  const wishes = readWishes(loaded.value, world.catalogue);
  if (!wishes.ok) return faultsOf(path, wishes.faults);
  const {
    problem,
    lineUps: found,
    proven,
    bound,
    searched,
    refused,
    leftOut,
  } = lineUps(wishes.value, world.catalogue, today);
  return json({
    lineUps: found.map(({ value, groups, assessment }) => ({
      value,
      groups,
      assessment: toAnswer(assessment, fileWords(world)),
    })),
    proven,
    bound,
    searched,
    refused,
    leftOut: leftOut(0).map(({ species, why }) => ({
      species,
      why: sayingsFor(world.catalogue, METRIC).finding(why),
    })),
    ...(withProblem ? { problem } : {}),
  });
}

/** Ten, as line-ups without a number of their own. */
const SOLUTIONS = 10;

function solveCommand(path: string, world: Surroundings): Answer {
  const loaded = load(path, world);
  if (!loaded.ok) return loaded.answer;
  const problem = readProblem(loaded.value);
  if (!problem.ok) return faultsOf(path, problem.faults);
  const { best, proven, searched } = solveProblem(problem.value, { best: SOLUTIONS });
  return json({ best, proven, searched });
}

function checkCommand(path: string, world: Surroundings): Answer {
  const loaded = load(path, world);
  if (!loaded.ok) return loaded.answer;
  const checked = checkFile(loaded.value, world.catalogue);
  return checked.ok
    ? { output: `${named(path)}: a valid ${checked.value} file\n`, errors: [] }
    : faultsOf(path, checked.faults);
}

/** Every file, read or not: what is wrong with one keeps no other from being read. */
const readFiles = (paths: readonly string[], world: Surroundings): readonly ReadFile[] =>
  paths.map((path) => {
    const loaded = load(path, world);
    return loaded.ok
      ? { path: named(path), ok: true, value: loaded.value }
      : { path: named(path), ok: false, errors: loaded.answer.errors };
  });

function mergeFiles(paths: readonly string[], world: Surroundings): Answer {
  const files: RoomFile[] = [];
  for (const path of paths) {
    const loaded = load(path, world);
    if (!loaded.ok) return loaded.answer;
    files.push({ path: named(path), value: loaded.value });
  }
  return mergeCommand(files, world);
}

const OPTIONS = {
  today: { type: 'string' },
  units: { type: 'string' },
  discard: { type: 'boolean' },
  problem: { type: 'boolean' },
  seed: { type: 'string' },
  find: { type: 'string' },
  species: { type: 'string' },
  with: { type: 'string' },
  text: { type: 'boolean' },
  numbers: { type: 'boolean' },
  before: { type: 'string' },
  after: { type: 'string' },
  'solve-problem': { type: 'string' },
  ...Object.fromEntries(WATER_OPTIONS.map((name) => [name, { type: 'string' as const }])),
} as const satisfies ParseArgsConfig['options'];

const DATE = /^\d{4}-\d{2}-\d{2}$/;

/** One command in, its output and its faults out. Pure but for `world`. */
export function runCommand(args: readonly string[], world: Surroundings): Answer {
  let parsed;
  try {
    parsed = parseArgs({ args: [...args], allowPositionals: true, options: OPTIONS });
  } catch (error) {
    return failed(error instanceof Error ? error.message : String(error), ...USAGE);
  }
  const [command, ...rest] = parsed.positionals;
  const today = parsed.values.today ?? world.today;
  if (!DATE.test(today))
    return failed(`--today: needs a date as YYYY-MM-DD. Found ${JSON.stringify(today)}.`);
  const units = UNITS[parsed.values.units ?? 'metric'];
  if (!units)
    return failed(`--units: needs one of metric, us, uk. Found ${JSON.stringify(parsed.values.units)}.`);
  const path = rest[0];
  switch (command) {
    case 'species':
      if (typeof parsed.values.find === 'string') return findCommand(parsed.values.find, world);
      if (parsed.values.text === true && rest.length === 0)
        return failed('species --text: needs a name. Found nothing.', ...USAGE);
      return speciesCommand(
        rest.length > 0 ? rest.join(' ') : undefined,
        world,
        parsed.values.text === true ? units : null,
      );
    case 'assess':
      return path === undefined
        ? failed('assess: needs a plan file. Found nothing.', ...USAGE)
        : assessCommand(path, { today, units, numbers: parsed.values.numbers === true }, world);
    case 'line-ups': {
      const solve = parsed.values['solve-problem'];
      if (typeof solve === 'string') return solveCommand(solve, world);
      return path === undefined
        ? failed('line-ups: needs a wishes file. Found nothing.', ...USAGE)
        : lineUpsCommand(path, today, parsed.values.problem === true, world);
    }
    case 'check':
      return path === undefined
        ? failed('check: needs a file. Found nothing.', ...USAGE)
        : checkCommand(path, world);
    case 'merge':
      return rest.length < 2
        ? failed(`merge: needs two files of a room or more. Found ${rest.length}.`, ...USAGE)
        : mergeFiles(rest, world);
    case 'order':
      return path === undefined
        ? failed('order: needs a CSV file of contests. Found nothing.', ...USAGE)
        : orderCommand(path, parsed.values.seed, world);
    case 'survival':
      return path === undefined
        ? failed('survival: needs a CSV file of lives. Found nothing.', ...USAGE)
        : csvCommand(path, world, survivalAnswer);
    case 'experience':
      return experienceCommand(path, readFiles(rest.slice(1), world), parsed.values, world);
    case 'sums':
      return sumsCommand(rest, (file) => csvCommand(file, world, livesAnswer));
    case 'rate': {
      const given = rateAnswer(parsed.values.before, parsed.values.after);
      return given.ok ? json(given.value) : failed(...given.errors, ...USAGE);
    }
    case 'water': {
      const {
        discard,
        today: _today,
        ...given
      } = parsed.values as Record<string, string | undefined> & {
        readonly discard?: boolean;
      };
      const answer = waterCommand(path, given, discard === true);
      return answer.ok ? json(answer.value) : failed(...answer.errors, ...USAGE);
    }
    default:
      return failed(
        command === undefined
          ? 'needs a command. Found nothing.'
          : `needs a command. Found ${JSON.stringify(command)}.`,
        ...USAGE,
      );
  }
}
