import { type DishShape, type Formula, gramsOf, type Line } from '@alterum/core';
import { findIngredient } from '../../household/house-larder';
import { Choice } from '../../ui/choice';
import { NumberField } from '../../ui/number-field';
import type { ScaleDraft, ScaleWay } from './scale-draft';

const wayOptions: readonly { readonly value: ScaleWay; readonly label: string }[] = [
  { value: 'portions', label: 'for so many portions' },
  { value: 'line', label: 'by what there is of one thing' },
  { value: 'mass', label: 'until so much comes out' },
  { value: 'dish', label: 'from one dish to another' },
];

const field = 'h-9 w-20 rounded-lg border-2 border-rim bg-glaze px-2 text-right';
const choice = 'tap-coarse h-9 min-w-0 flex-1 border-2 border-rim bg-glaze px-1';

interface FieldsProps {
  readonly draft: ScaleDraft;
  readonly formula: Formula;
  readonly change: (next: Partial<ScaleDraft>) => void;
}

const nameOf = ({ ingredient }: Line): string => findIngredient(ingredient)?.name ?? ingredient;

/** Lines whose weight is known: by another one nothing can be measured. */
export const weighable = ({ lines }: Formula): readonly Line[] =>
  lines.filter(({ amount, ingredient }) => {
    const found = findIngredient(ingredient);
    return amount && found && (gramsOf(amount, found.measures) ?? 0) > 0;
  });

function DishFields({
  label,
  dish,
  change,
}: {
  readonly label: string;
  readonly dish: DishShape;
  readonly change: (dish: DishShape) => void;
}) {
  const number = (name: string, value: number, set: (value: number) => DishShape) => (
    <NumberField
      label={`${label}: ${name}`}
      value={value}
      unit="cm"
      min={1}
      max={100}
      live
      onValue={(next) => change(set(next ?? NaN))}
      className={field}
    />
  );
  return (
    <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label={label}>
      <span className="w-8">{label}</span>
      <Choice
        label={`${label}: shape`}
        value={dish.shape}
        options={[
          { value: 'round', label: 'round' },
          { value: 'rectangular', label: 'with corners' },
        ]}
        onChange={(shape) =>
          change(
            shape === 'round' ? { shape, acrossCm: 24 } : { shape: 'rectangular', widthCm: 20, lengthCm: 30 },
          )
        }
        className={choice}
      />
      {dish.shape === 'round' ? (
        number('cm across', dish.acrossCm, (acrossCm) => ({ shape: 'round', acrossCm }))
      ) : (
        <>
          {number('cm wide', dish.widthCm, (widthCm) => ({ ...dish, widthCm }))} ×
          {number('cm long', dish.lengthCm, (lengthCm) => ({ ...dish, lengthCm }))}
        </>
      )}
      cm
    </div>
  );
}

function WayFields({ draft, formula, change }: FieldsProps) {
  const grams = (
    label: string,
    value: number | undefined,
    set: (value: number | undefined) => Partial<ScaleDraft>,
  ) => (
    <NumberField
      label={label}
      value={value}
      unit="g"
      min={0}
      live
      onValue={(next) => change(set(next))}
      className={field}
    />
  );
  switch (draft.way) {
    case 'portions':
      return (
        <>
          <NumberField
            label="Portions wanted"
            value={draft.portions}
            unit=""
            min={0.25}
            max={200}
            live
            onValue={(portions) => change({ portions })}
            className={field}
          />
          portions
        </>
      );
    case 'line':
      return (
        <>
          {grams('Grams there are', draft.lineG, (lineG) => ({ lineG }))} g of
          <Choice
            label="Of which line"
            value={draft.line ?? ''}
            options={weighable(formula).map((line) => ({ value: line.id, label: nameOf(line) }))}
            onChange={(line) => change({ line })}
            className={`${choice} max-w-full`}
          />
        </>
      );
    case 'mass':
      return <>{grams('Grams wanted', draft.massG, (massG) => ({ massG }))} g come out</>;
    case 'dish':
      return (
        <div className="flex flex-col gap-1.5">
          <DishFields label="from" dish={draft.from} change={(from) => change({ from })} />
          <DishFields label="to" dish={draft.to} change={(to) => change({ to })} />
        </div>
      );
  }
}

/** By what the batch is scaled, in what it is cooked, and how it is measured. */
export function ScaleFields(props: FieldsProps) {
  const { draft, change } = props;
  return (
    <div className="flex flex-col gap-1.5 py-2">
      <Choice
        label="Scale"
        value={draft.way}
        options={wayOptions}
        onChange={(way) => change({ way })}
        className={`${choice} flex-none`}
      />
      <div className="flex flex-wrap items-center gap-1.5">
        <WayFields {...props} />
      </div>
      <div className="flex items-center gap-1.5">
        <Choice
          label="Cooked in"
          value={draft.vessel}
          options={[
            { value: 'same', label: 'in the same pots' },
            { value: 'grown', label: 'in pots to match' },
          ]}
          onChange={(vessel) => change({ vessel })}
          className={choice}
        />
        <Choice
          label="Measured"
          value={draft.rounding}
          options={[
            { value: 'as-written', label: 'by spoonfuls' },
            { value: 'grams', label: 'on the scale' },
            { value: 'exact', label: 'to the digit' },
          ]}
          onChange={(rounding) => change({ rounding })}
          className={choice}
        />
      </div>
    </div>
  );
}
