import type { ReactNode } from 'react';

interface Props {
  readonly form: {
    readonly onSubmit: (event: React.FormEvent) => void;
    readonly waiting: boolean;
    /** What is wrong with the whole of it, or with a part that has no field. */
    readonly said: string | null;
  };
  readonly label?: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** What is filled in and sent by Enter or a press. What is wrong stands at its field, or at the foot. */
export function Form({ form, label, className, children }: Props) {
  return (
    <form
      className={className}
      aria-label={label}
      aria-busy={form.waiting}
      onSubmit={form.onSubmit}
      noValidate
    >
      {children}
      {form.said && (
        <p role="alert" className="text-buoy">
          {form.said}
        </p>
      )}
    </form>
  );
}
