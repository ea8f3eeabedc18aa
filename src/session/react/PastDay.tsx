import { TextField } from '@/ui/Field';
import { todayIso } from '../today';

/** The day on which something was done: today, or an earlier one. */
export function PastDay({
  value,
  onChange,
  label = 'Day',
  wrap,
}: {
  readonly value: string;
  readonly onChange: (day: string) => void;
  /** What the day is of, where several stand on a screen. */
  readonly label?: string;
  readonly wrap?: string;
}) {
  return (
    <TextField
      label={label}
      type="date"
      max={todayIso()}
      value={value}
      {...(wrap && { wrap })}
      error={value > todayIso() ? 'Choose today or earlier.' : undefined}
      onChange={({ target }) => onChange(target.value || todayIso())}
    />
  );
}
