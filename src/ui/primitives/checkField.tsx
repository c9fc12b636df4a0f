interface CheckFieldProps {
  checked: boolean;
  onChange: (on: boolean) => void;
  label: string;
  note: string;
}

/** A tick with what it means beneath. */
export function CheckField({ checked, onChange, label, note }: CheckFieldProps) {
  return (
    <label className="flex items-start gap-2.5">
      <input
        type="checkbox"
        className="mt-0.5 size-5 shrink-0 accent-[#0e3b34]"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>
        <span className="font-medium">{label}</span>
        <span className="block text-[13px] text-muted">{note}</span>
      </span>
    </label>
  );
}
