import { TextField } from '@/ui/Field';
import { todayIso } from '../today';

/** The day on which something was done: today, or an earlier one. */
export function PastDay({
  value,
  onChange,
  wrap,
}: {
  readonly value: string;
  readonly onChange: (day: string) => void;
  readonly wrap?: string;
}) {
  return (
    <TextField
      label="Day"
      type="date"
      max={todayIso()}
      value={value}
      {...(wrap && { wrap })}
      error={value > todayIso() ? 'Choose today or earlier.' : undefined}
      onChange={({ target }) => onChange(target.value || todayIso())}
    />
  );
}
