import { StripNumber } from './strip-number';
import { take, useBenchPart } from '../../open-formula/bench-store';

interface FieldProps {
  readonly name: string;
  readonly field: 'bakeMin' | 'ovenC' | 'layerMm' | 'keepWarmMin' | 'noodlesG';
  readonly unit: string;
  readonly readAs?: string;
  readonly min?: number;
  readonly max: number;
  readonly step?: number;
}

const fields: readonly FieldProps[] = [
  { name: 'Bake for', field: 'bakeMin', unit: 'min', max: 300, step: 5 },
  { name: 'Oven at', field: 'ovenC', unit: '°C', min: 60, max: 300, step: 10 },
  { name: 'Layer', field: 'layerMm', unit: 'mm thick', readAs: 'mm', min: 1, max: 150 },
  { name: 'Keep warm for', field: 'keepWarmMin', unit: 'min', max: 600, step: 5 },
  { name: 'Noodles in it', field: 'noodlesG', unit: 'g dry', readAs: 'g', max: 20_000, step: 50 },
];

/** Oven, lid, waiting and noodles: each takes water from the sauce after cooking. */
export default function AfterCooking() {
  const process = useBenchPart((bench) => bench.history.formula.process);
  const lost = useBenchPart(
    (bench) =>
      bench.outcome.prediction.evaporatedG -
      Math.min(process.evaporatedG, bench.outcome.prediction.evaporatedG),
  );
  const drunk = useBenchPart((bench) => bench.outcome.prediction.absorbedG);
  return (
    <div className="text-[15px]">
      <h3 className="text-base">Between pan and table</h3>
      <ul className="my-2 space-y-1.5">
        {fields.map(({ name, field, unit, readAs, min = 0, max, step }) => (
          <li key={field} className="grid grid-cols-[8.5rem_1fr] items-baseline">
            <span>{name}</span>
            <StripNumber
              label={name}
              unit={unit}
              value={process[field]}
              min={min}
              max={max}
              {...(step ? { step } : {})}
              {...(readAs ? { readAs } : {})}
              onChange={(value, gesture) =>
                take({ step: 'set-process', process: { [field]: value } }, gesture)
              }
            />
          </li>
        ))}
      </ul>
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          checked={process.covered}
          onChange={(event) => take({ step: 'set-process', process: { covered: event.target.checked } })}
          className="size-5 accent-rim"
        />
        covered with a lid or foil
      </label>
      <p className="mt-2 text-sm text-soft" role="status">
        {Math.round(lost)} g of water lost after cooking
        {drunk > 0.5 ? `, ${Math.round(drunk)} g drunk by noodles` : ''}. A thin open layer dries fastest;
        starch and nut creams set as they do, flax mucilage keeps them soft.
      </p>
    </div>
  );
}
