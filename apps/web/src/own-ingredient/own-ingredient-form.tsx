import { OwnIngredientBody, type OwnIngredientView } from '@alterum/contract';
import { type AllergenId, allergenOf, allergensOn, larderTable, problemsOfLabel } from '@alterum/core';
import { useState } from 'react';
import {
  type Control,
  type FieldPath,
  type SubmitHandler,
  useController,
  useForm,
  type UseFormReturn,
} from 'react-hook-form';
import { api, ApiProblem } from '../server/api';
import { Dialog } from '../ui/dialog';
import { FormEnd } from '../ui/form-end';
import { NumberField } from '../ui/number-field';

/** What a read label gives the form to start from. */
export type Prefilled = Partial<Pick<OwnIngredientBody, 'contains' | 'askFor'>> & {
  readonly label?: OwnIngredientBody['label'];
  /** What was looked for and not found. */
  readonly name?: string;
};

interface OwnIngredientFormProps {
  /** Absent for a new one. */
  readonly own: OwnIngredientView | undefined;
  readonly prefilled: Prefilled | undefined;
  readonly close: () => void;
  readonly saved: (id: string) => void;
}

interface LabelRow {
  readonly field: keyof OwnIngredientBody['label'];
  readonly name: string;
  readonly unit: string;
  readonly needed: boolean;
}

const labelRows: readonly LabelRow[] = [
  { field: 'perG', name: 'The figures are for', unit: 'g', needed: true },
  { field: 'energyKcal', name: 'Energy', unit: 'kcal', needed: false },
  { field: 'fat', name: 'Fat', unit: 'g', needed: true },
  { field: 'saturatedFat', name: 'of which saturated', unit: 'g', needed: false },
  { field: 'carbohydrate', name: 'Carbohydrate', unit: 'g', needed: true },
  { field: 'sugars', name: 'of which sugars', unit: 'g', needed: false },
  { field: 'fibre', name: 'Fibre', unit: 'g', needed: false },
  { field: 'protein', name: 'Protein', unit: 'g', needed: true },
  { field: 'salt', name: 'Salt', unit: 'g', needed: true },
  { field: 'calciumMg', name: 'Calcium', unit: 'mg', needed: false },
];

/** What was left empty is not sent: empty is not zero. */
const cleaned = (values: OwnIngredientBody): OwnIngredientBody => {
  const given = (object: object) =>
    Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined && value !== ''));
  return { ...given(values), label: given(values.label) } as unknown as OwnIngredientBody;
};

const known: readonly AllergenId[] = [
  ...new Set([...allergensOn('eu'), ...allergensOn('us'), ...allergensOn('own')]),
];

type Form = UseFormReturn<OwnIngredientBody>;

/** What the fields begin with. */
const begun = (own: OwnIngredientView | undefined, prefilled: Prefilled | undefined): OwnIngredientBody =>
  own
    ? ({
        ...own,
        like: own.like ?? '',
        density: own.density ?? undefined,
        pricePerKg: own.pricePerKg ?? undefined,
        contains: [...own.contains],
        askFor: [...own.askFor],
      } as unknown as OwnIngredientBody)
    : ({
        name: prefilled?.name ?? '',
        like: '',
        label: { perG: 100, ...prefilled?.label },
        contains: prefilled?.contains ?? [],
        askFor: prefilled?.askFor ?? [],
      } as OwnIngredientBody);

const placing = (form: Form) => (field: string, message: string) =>
  form.setError(field as FieldPath<OwnIngredientBody>, { message });

/** What can be sent; nothing where something is missing, unread or contradicts itself, each said at its field. */
function checked(form: Form, values: OwnIngredientBody) {
  const place = placing(form),
    body = cleaned(values);
  const missing = labelRows.filter(({ field, needed }) => needed && body.label[field] === undefined);
  missing.forEach(({ field }) => place(`label.${field}`, 'Copy this from the label; 0 where it says none.'));
  if (body.name === undefined || body.name.trim() === '') place('name', 'Give the ingredient a name.');
  const unread = [
    ...labelRows.map(({ field }) => `label.${field}` as const),
    'density' as const,
    'pricePerKg' as const,
  ].filter((path) => Number.isNaN(form.getValues(path)));
  unread.forEach((path) => place(path, 'This number could not be read; look at it again.'));
  if (missing.length > 0 || unread.length > 0 || !body.name) return undefined;
  const problems = problemsOfLabel(body.label);
  problems.forEach(({ field, message }) => place(`label.${field}`, message));
  if (problems.length > 0) return undefined;
  const { name, like, role, label, contains, askFor, density, pricePerKg } = body;
  return {
    name,
    label,
    contains,
    askFor,
    ...(like ? { like } : {}),
    ...(role ? { role } : {}),
    ...(density === undefined ? {} : { density }),
    ...(pricePerKg === undefined ? {} : { pricePerKg }),
  };
}

/** Writes an ingredient down from the nutrition table of its pack; the engine takes the rest from the nearest kind. */
export default function OwnIngredientForm({ own, prefilled, close, saved }: OwnIngredientFormProps) {
  const [failure, setFailure] = useState<string>();
  const form = useForm<OwnIngredientBody>({ defaultValues: begun(own, prefilled) });
  const { isDirty } = form.formState;
  const submit: SubmitHandler<OwnIngredientBody> = async (values) => {
    const sent = checked(form, values);
    if (!sent) return;
    try {
      const view = own
        ? await api.updateOwnIngredient(own.id, { ...sent, version: own.version })
        : await api.createOwnIngredient(sent);
      saved(view.id);
    } catch (error) {
      const problem = error instanceof ApiProblem ? error.problem : undefined;
      problem?.errors?.forEach(({ field, message }) => placing(form)(field, message));
      setFailure(problem?.detail ?? (error as Error).message);
    }
  };
  return (
    <Dialog
      title={own ? own.name : 'An ingredient of your own'}
      description="Copy the nutrition table from the pack. What a label does not say is taken from the nearest kind, marked as guessed, and widens the bands."
      close={close}
      dirty={isDirty}
    >
      <form onSubmit={(event) => void form.handleSubmit(submit)(event)} noValidate>
        <NameAndKind form={form} />
        <NutritionTable form={form} />
        <div className="mt-3 grid gap-3 sm:grid-cols-2">
          <Allergens form={form} />
          <MoreFigures form={form} />
        </div>
        <FormEnd failure={failure} saving={form.formState.isSubmitting} close={close} />
      </form>
    </Dialog>
  );
}

interface PartProps {
  readonly form: Form;
}

function NameAndKind({ form }: PartProps) {
  const { name } = form.formState.errors;
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <label className="block">
        <span className="font-semibold">Name</span>
        <input
          {...form.register('name')}
          className="mt-1 block h-10 w-full rounded-lg border-2 border-hair bg-glaze px-3"
          aria-invalid={name !== undefined}
        />
        {name?.message && <Trouble text={name.message} />}
      </label>
      <label className="block">
        <span className="font-semibold">Most like</span>
        <select
          {...form.register('like')}
          className="mt-1 block h-10 w-full rounded-lg border-2 border-hair bg-glaze px-2"
        >
          <option value="">whatever is nearest</option>
          {[...larderTable]
            .sort((a, b) => a.name.localeCompare(b.name))
            .map(({ id, name: called }) => (
              <option key={id} value={id}>
                {called}
              </option>
            ))}
        </select>
      </label>
    </div>
  );
}

function NutritionTable({ form }: PartProps) {
  const { label } = form.formState.errors;
  return (
    <fieldset className="mt-3 rounded-lg border-2 border-hair p-3">
      <legend className="px-1 font-semibold">Nutrition table</legend>
      <div className="grid gap-x-6 gap-y-1.5 sm:grid-cols-2">
        {labelRows.map(({ field, name, unit, needed }) => (
          <label key={field} className="grid grid-cols-[1fr_5.5rem_2.4rem] items-center gap-2">
            <span>
              {name}
              {!needed && <span className="text-soft"> (if stated)</span>}
            </span>
            <FormNumber
              control={form.control}
              name={`label.${field}`}
              label={name}
              unit={unit}
              trouble={label?.[field]?.message}
            />
            <span className="col-start-3 row-start-1">{unit}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

const allergenFields = { contains: 'Contains', askFor: 'May contain, or ask' } as const;

const Allergens = ({ form }: PartProps) =>
  (['contains', 'askFor'] as const).map((field) => (
    <label key={field} className="block">
      <span className="font-semibold">{allergenFields[field]}</span>
      <select
        aria-label={allergenFields[field]}
        multiple
        {...form.register(field)}
        className="mt-1 block h-28 w-full rounded-lg border-2 border-hair bg-glaze p-1"
      >
        {known.map((id) => (
          <option key={id} value={id}>
            {allergenOf(id).name}
          </option>
        ))}
      </select>
    </label>
  ));

const moreFigures = [
  { name: 'density', called: 'One mL weighs', unit: 'g' },
  { name: 'pricePerKg', called: 'Price', unit: 'coins/kg' },
] as const;

const MoreFigures = ({ form }: PartProps) =>
  moreFigures.map(({ name, called, unit }) => (
    <label key={name} className="grid grid-cols-[1fr_5.5rem_4rem] items-center gap-2">
      <span>{called} (if known)</span>
      <FormNumber
        control={form.control}
        name={name}
        label={called}
        unit={unit}
        trouble={form.formState.errors[name]?.message}
      />
      <span className="col-start-3 row-start-1">{unit}</span>
    </label>
  ));

type NumberPath = `label.${LabelRow['field']}` | 'density' | 'pricePerKg';

interface FormNumberProps {
  readonly control: Control<OwnIngredientBody>;
  readonly name: NumberPath;
  readonly label: string;
  readonly unit: string;
  readonly trouble: string | undefined;
}

/** A number of the label; empty is not known. */
function FormNumber({ control, name, label, unit, trouble }: FormNumberProps) {
  const { field } = useController({ control, name });
  return (
    <NumberField
      label={label}
      value={field.value}
      unit={unit}
      min={0}
      optional
      live
      onValue={field.onChange}
      trouble={trouble}
      className="h-9 w-full rounded-lg border-2 border-hair bg-glaze px-2 text-right"
    />
  );
}

function Trouble({ text }: { readonly text: string }) {
  return (
    <span role="alert" className="text-sm text-no">
      {text}
    </span>
  );
}
