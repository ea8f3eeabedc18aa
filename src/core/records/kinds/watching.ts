import { addDays, faultOf, momentField, numberField, textField } from '../../kernel';
import { defineRecord, tank } from '../define';

/** A watch that runs, or is paused. */
export const watchingRecord = defineRecord(
  'watching',
  {
    tank: tank(),
    watch: textField(),
    startedOn: momentField(),
    /** Seconds already counted before the last pause. */
    countedSeconds: numberField(0, 1e7),
    /** When the clock last started; null while it is paused. */
    runningSince: momentField().nullable().optional().default(null),
  },
  {
    whole: true,
    sense: ({ startedOn, runningSince }, { now }) => {
      // Clocks of two machines may differ by hours, not by days.
      const latest = now === null ? null : addDays(now, 2);
      return (['startedOn', 'runningSince'] as const).flatMap((name) => {
        const said = { startedOn, runningSince }[name];
        return latest !== null && typeof said === 'string' && said.slice(0, 10) > latest
          ? [faultOf(name, { is: 'not in the future' }, said)]
          : [];
      });
    },
  },
);
