import clsx from 'clsx';
import type { ReactNode } from 'react';
import { Button } from './button';

export const LABEL_LOOK = 'mb-1 block text-[13px] font-medium text-muted';
export const FIELD_LOOK = 'h-11 rounded border border-grout bg-panel px-3';

interface TextFieldProps {
  label: string;
  value: string;
  maxLength: number;
  onChange: (value: string) => void;
  className?: string;
}

/** A line of text under its label. */
export const TextField = ({ label, value, maxLength, onChange, className = 'w-full max-w-sm' }: TextFieldProps) => (
  <label className="block">
    <span className={LABEL_LOOK}>{label}</span>
    <input
      className={clsx(FIELD_LOOK, className)}
      value={value}
      maxLength={maxLength}
      onChange={(event) => onChange(event.target.value)}
    />
  </label>
);

interface SearchFieldProps extends Omit<TextFieldProps, 'className'> {
  placeholder?: string;
}

/** Narrows what is listed below it. */
export const SearchField = ({ label, value, maxLength, placeholder, onChange }: SearchFieldProps) => (
  <label className="block">
    <span className={LABEL_LOOK}>{label}</span>
    <input
      type="search"
      className={clsx(FIELD_LOOK, 'w-full')}
      value={value}
      maxLength={maxLength}
      placeholder={placeholder}
      onChange={(event) => onChange(event.target.value)}
    />
  </label>
);

interface SelectFieldProps<T extends string> {
  label: string;
  value: T;
  options: readonly { value: T; name: string }[];
  onChange: (value: T) => void;
  className?: string;
  help?: ReactNode;
}

/** One of a few, under its label. */
export const SelectField = <T extends string>({
  label,
  value,
  options,
  onChange,
  className,
  help,
}: SelectFieldProps<T>) => (
  <label className="block">
    <span className={LABEL_LOOK}>{label}</span>
    <select
      className={clsx(FIELD_LOOK, className)}
      value={value}
      onChange={(event) => onChange(event.target.value as T)}
    >
      {options.map((one) => (
        <option key={one.value} value={one.value}>
          {one.name}
        </option>
      ))}
    </select>
    {help && <span className="mt-1 block text-[13px] text-muted">{help}</span>}
  </label>
);

interface TickProps {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: ReactNode;
}

/** Something that holds or does not, as large as a finger. */
export const Tick = ({ checked, onChange, children }: TickProps) => (
  <label className="flex min-h-11 cursor-pointer items-center gap-2 rounded border border-grout bg-panel px-3 text-[14px] has-checked:border-enamel has-checked:bg-enamel-tint">
    <input
      type="checkbox"
      className="size-5 accent-[#0e3b34]"
      checked={checked}
      onChange={(event) => onChange(event.target.checked)}
    />
    {children}
  </label>
);

export const Problem = ({ text }: { text: string | undefined }) =>
  text ? (
    <p role="alert" className="font-medium text-ox">
      {text}
    </p>
  ) : null;

interface FormEndProps {
  problem: string | undefined;
  busy: boolean;
  keep: string;
  onLeave: () => void;
}

/** What stands under every form: what is wrong, keep it, leave it. */
export const FormEnd = ({ problem, busy, keep, onLeave }: FormEndProps) => (
  <>
    <Problem text={problem} />
    <div className="flex gap-3">
      <Button type="submit" disabled={busy}>
        {keep}
      </Button>
      <Button look="quiet" onClick={onLeave}>
        Leave it
      </Button>
    </div>
  </>
);
