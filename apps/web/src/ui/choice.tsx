interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (value: T) => void;
  readonly className?: string;
}

/** A native choice: it works with every keyboard, thumb and screen reader as it is. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
  className = '',
}: ChoiceProps<T>) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.target.value as T)}
      className={`rounded-md bg-transparent py-0.5 font-semibold hover:bg-dip ${className}`}
    >
      {options.map((option) => (
        <option key={option.value} value={option.value} className="bg-glaze text-ink">
          {option.label}
        </option>
      ))}
    </select>
  );
}
