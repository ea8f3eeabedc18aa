'use client';

import { termOf } from '@/words/en';
import {
  useId,
  type InputHTMLAttributes,
  type ReactNode,
  type SelectHTMLAttributes,
  type TextareaHTMLAttributes,
} from 'react';
import { classes } from './classes';

export const INPUT =
  'min-h-8 w-full rounded-xs border border-edge bg-panel px-2 py-1 text-ink placeholder:text-slate aria-[invalid=true]:border-buoy';

interface FrameProps {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly error?: string | undefined;
  readonly className?: string | undefined;
  /** Read aloud, not shown: where the place says it. */
  readonly labelHidden?: boolean | undefined;
  readonly children: (ids: { readonly id: string; readonly describedBy: string | undefined }) => ReactNode;
}

/** A label over a control, with a hint or an error under it that is read with the control. */
export function Field({ label, hint, error, className, labelHidden = false, children }: FrameProps) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div className={classes('flex flex-col gap-0.5', className)}>
      <label htmlFor={id} className={labelHidden ? 'sr-only' : 'text-[0.75rem] font-medium text-slate'}>
        {label}
      </label>
      {children({ id, describedBy: note ? `${id}-note` : undefined })}
      {note && (
        <p
          id={`${id}-note`}
          role={error ? 'alert' : undefined}
          className={classes('text-[0.75rem]', error ? 'text-buoy' : 'text-slate')}
        >
          {note}
        </p>
      )}
    </div>
  );
}

interface Common {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly error?: string | undefined;
  readonly wrap?: string;
  readonly labelHidden?: boolean;
}

export function TextField({
  label,
  hint,
  error,
  wrap,
  labelHidden,
  ...input
}: Common & InputHTMLAttributes<HTMLInputElement>) {
  return (
    <Field label={label} hint={hint} error={error} className={wrap} labelHidden={labelHidden}>
      {({ id, describedBy }) => (
        <input
          id={id}
          aria-describedby={describedBy}
          aria-invalid={error ? true : undefined}
          className={INPUT}
          {...input}
        />
      )}
    </Field>
  );
}

export function SelectField({
  label,
  hint,
  error,
  wrap,
  labelHidden,
  children,
  ...select
}: Common & SelectHTMLAttributes<HTMLSelectElement>) {
  return (
    <Field label={label} hint={hint} error={error} className={wrap} labelHidden={labelHidden}>
      {({ id, describedBy }) => (
        <select
          id={id}
          aria-describedby={describedBy}
          aria-invalid={error ? true : undefined}
          className={INPUT}
          {...select}
        >
          {children}
        </select>
      )}
    </Field>
  );
}

/** Options from a list of plain words. */
export const options = (words: readonly string[]) =>
  words.map((word) => (
    <option key={word} value={word}>
      {termOf(word)}
    </option>
  ));

/** Several lines of text. */
export function AreaField({
  label,
  hint,
  error,
  wrap,
  labelHidden,
  ...area
}: Common & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return (
    <Field label={label} hint={hint} error={error} className={wrap} labelHidden={labelHidden}>
      {({ id, describedBy }) => (
        <textarea
          id={id}
          aria-describedby={describedBy}
          aria-invalid={error ? true : undefined}
          className={INPUT}
          {...area}
        />
      )}
    </Field>
  );
}
