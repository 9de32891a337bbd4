import { ScrubNumber } from '../ui/scrub-number';

interface NumberProps {
  readonly label: string;
  readonly unit: string;
  /** Unit of a bare number, where the words beside the field say more than that. */
  readonly readAs?: string;
  readonly value: number;
  readonly max: number;
  readonly min?: number;
  readonly step?: number;
  readonly onChange: (value: number, gesture: string) => void;
}

/** A number of the process with its unit. */
export function StripNumber({
  label,
  unit,
  readAs = unit,
  value,
  max,
  min = 0,
  step = 1,
  onChange,
}: NumberProps) {
  const text = String(Math.round(value * 10) / 10);
  return (
    <span className="whitespace-nowrap">
      <ScrubNumber
        label={label}
        value={value}
        text={text}
        spoken={`${text} ${unit}`}
        unit={readAs}
        min={min}
        max={max}
        step={() => step}
        onChange={onChange}
        className="h-6 w-[42px] pr-0.5 font-bold"
      />{' '}
      {unit}
    </span>
  );
}
