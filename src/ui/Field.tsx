'use client';

import { useId, useState, type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes } from 'react';

export const fieldBox =
  'min-h-11 w-full rounded-sm border-2 border-ink-soft bg-sheet px-3 text-ink aria-invalid:border-stop disabled:opacity-50';

interface ShellProps {
  readonly label: string;
  /** Its name stands beside it already. */
  readonly hideLabel?: boolean;
  readonly hint?: ReactNode;
  readonly error?: string;
  readonly children: (ids: { id: string; describedBy: string | undefined }) => ReactNode;
}

/** A label above a control, what to know about it below, and what is wrong with it beside it. */
export function FieldShell({ label, hideLabel, hint, error, children }: ShellProps) {
  const id = useId();
  const noteId = `${id}-note`;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-sm text-ink-soft'}>
        {label}
      </label>
      {children({ id, describedBy: hint || error ? noteId : undefined })}
      {(hint || error) && (
        <div
          id={noteId}
          className={`mt-1 text-sm ${error ? 'font-semibold text-stop' : 'text-ink-soft'}`}
          role={error ? 'alert' : undefined}
        >
          {error ? `▲ ${error}` : hint}
        </div>
      )}
    </div>
  );
}

interface TextProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'id'> {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly error?: string;
}

export function TextField({ label, hint, error, ...rest }: TextProps) {
  return (
    <FieldShell label={label} hint={hint} error={error}>
      {({ id, describedBy }) => (
        <input
          id={id}
          aria-describedby={describedBy}
          aria-invalid={error ? true : undefined}
          className={fieldBox}
          autoComplete="off"
          {...rest}
        />
      )}
    </FieldShell>
  );
}

interface CommitProps {
  readonly label: string;
  readonly value: string;
  /** Called when the field is left or Enter is pressed, with what then stands there. */
  readonly onCommit: (value: string) => void;
  readonly hint?: ReactNode;
  readonly type?: 'text' | 'number';
  readonly min?: number;
  readonly max?: number;
}

/** A text that is kept at once, so it is handed over whole and not letter by letter. */
export function CommitField({ label, value, onCommit, hint, type = 'text', ...limits }: CommitProps) {
  const [text, setText] = useState(value);
  const [seen, setSeen] = useState(value);
  if (seen !== value) {
    setSeen(value);
    setText(value);
  }
  const commit = () => {
    if (text !== value) onCommit(text);
  };
  return (
    <TextField
      label={label}
      hint={hint}
      type={type}
      maxLength={120}
      {...limits}
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => event.key === 'Enter' && commit()}
    />
  );
}

interface SelectProps extends Omit<SelectHTMLAttributes<HTMLSelectElement>, 'id'> {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly error?: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

/** The platform's own list: the best one there is with gloves on a phone. */
export function SelectField({ label, hint, error, options, ...rest }: SelectProps) {
  return (
    <FieldShell label={label} hint={hint} error={error}>
      {({ id, describedBy }) => (
        <select
          id={id}
          aria-describedby={describedBy}
          aria-invalid={error ? true : undefined}
          className={fieldBox}
          {...rest}
        >
          {options.map(({ value, label: words }) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </select>
      )}
    </FieldShell>
  );
}
