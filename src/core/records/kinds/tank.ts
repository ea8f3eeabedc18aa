import { choiceField, numberField, textField, wordsField } from '../../kernel';
import {
  type PlanTank,
  planPracticeSchema,
  planRoutineSchema,
  planTankSchema,
  planWaterSchema,
  tankFaultsOf,
} from '../../model';
import { furnishTank } from '../../tank';
import { defineRecord } from '../define';

export const TANK_PURPOSES = ['display', 'grow-out', 'quarantine', 'hospital'] as const;

/** What every tank is called by. */
export const tankFields = {
  name: textField(),
  purpose: choiceField(TANK_PURPOSES),
};

/** A tank of the rack: its measures, its water, its routine and the keeper's practice. */
export const tankRecord = defineRecord(
  'tank',
  {
    ...tankFields,
    /** Its place among the tanks. */
    order: numberField(-1e6, 1e6),
    tank: planTankSchema,
    water: planWaterSchema,
    routine: planRoutineSchema,
    practice: planPracticeSchema,
    /** Words a keeper typed for a measure, by the name of the field, so that they come back as typed. */
    entered: wordsField().optional(),
  },
  {
    upcasts: [
      {
        from: 1,
        name: 'measures as typed are short texts; anything else that stood there is left out',
        up: ({ entered, ...body }) => ({
          ...body,
          ...(entered !== null && typeof entered === 'object' ? { entered: shortTexts(entered) } : {}),
        }),
      },
      {
        from: 2,
        name: 'what nobody typed and follows from the measures is left out, so that it follows them',
        up: (body) => ({ ...body, tank: withoutUsual(body.tank, body.entered) }),
      },
    ],
    sense: ({ tank }) => tankFaultsOf(tank),
  },
);

const LONGEST_TYPED = 200;
const shortTexts = (typed: object): Record<string, string> =>
  Object.fromEntries(
    Object.entries(typed).filter(
      (pair): pair is [string, string] => typeof pair[1] === 'string' && pair[1].length <= LONGEST_TYPED,
    ),
  );

/** What the tank dialog once wrote into every new tank. */
const ONCE_WRITTEN = ['glassMm', 'waterLineCm', 'substrateCm', 'hardscapeFraction', 'filterLph'] as const;

/** A tank without what follows from its measures anyway; what was typed stays, also where it is the usual. */
function withoutUsual(tank: unknown, entered: unknown): unknown {
  if (!planTankSchema.isValidSync(tank, { strict: true })) return tank;
  const typed = entered !== null && typeof entered === 'object' ? entered : {};
  const written = new Set<string>(ONCE_WRITTEN.filter((part) => !Object.hasOwn(typed, part)));
  const without = (left: (part: string) => boolean): PlanTank =>
    Object.fromEntries(Object.entries(tank).filter(([part]) => !left(part))) as PlanTank;
  const { furnished } = furnishTank(without((part) => written.has(part)));
  const usual = furnished as unknown as Readonly<Record<string, unknown>>;
  return without((part) => written.has(part) && tank[part as keyof PlanTank] === usual[part]);
}
