import { EaterBody, type EaterView, type NeedInput } from '@alterum/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { type SubmitHandler, useFieldArray, useForm, type UseFormReturn } from 'react-hook-form';
import { api, whyNot } from '../server/api';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { FormEnd } from '../ui/form-end';
import { useHousehold } from '../household/household-store';
import { NeedFields } from './need-fields';

interface EaterFormProps {
  /** Absent for somebody new. */
  readonly eater: EaterView | undefined;
  readonly close: () => void;
  readonly saved: (name: string) => void;
}

const resolver = classValidatorResolver(EaterBody);

/** Only the fields that belong to a need's kind are sent. */
function cleaned(need: NeedInput): NeedInput {
  const limit = need.gramsPerPortion === undefined ? {} : { gramsPerPortion: need.gramsPerPortion };
  if (need.kind === 'salt-limit') return { kind: need.kind, ...limit };
  if (need.kind === 'compound')
    return { kind: need.kind, ...(need.compound ? { compound: need.compound } : {}), ...limit };
  if (need.kind === 'rule') return { kind: need.kind, ...(need.rule ? { rule: need.rule } : {}) };
  const strictness = need.strictness ?? 'allergy';
  if (need.kind === 'ingredient')
    return { kind: need.kind, strictness, ...(need.ingredient ? { ingredient: need.ingredient } : {}) };
  return {
    kind: need.kind,
    strictness,
    traces: strictness === 'allergy' && (need.traces ?? false),
    ...(need.allergen ? { allergen: need.allergen } : {}),
  };
}

/** What a need of each kind begins with. */
const firstNeeds: readonly (readonly [label: string, need: NeedInput])[] = [
  ['Allergen', { kind: 'allergen', allergen: 'milk', strictness: 'allergy', traces: false }],
  ['Ingredient', { kind: 'ingredient', ingredient: '', strictness: 'dislike' }],
  ['Salt limit', { kind: 'salt-limit', gramsPerPortion: 1.5 }],
  ['Way of eating or rule', { kind: 'rule', rule: 'vegetarian' }],
  ['Threshold', { kind: 'compound', compound: 'fructans', gramsPerPortion: 0.3 }],
];

/** The needs one below the other, and one more of each kind. */
function Needs({ control, register, formState: { errors } }: UseFormReturn<EaterBody>) {
  const law = useHousehold((household) => household.law);
  const { fields, append, remove } = useFieldArray({ control, name: 'needs' });
  return (
    <>
      <h3 className="text-base">Needs</h3>
      <ul>
        {fields.map((entry, index) => (
          <NeedFields
            key={entry.id}
            index={index}
            law={law}
            control={control}
            register={register}
            errors={errors}
            remove={() => remove(index)}
          />
        ))}
      </ul>
      {fields.length === 0 && <p className="text-soft">Nothing to avoid so far.</p>}
      <div className="flex flex-wrap gap-2 py-3">
        {firstNeeds.map(([label, need]) => (
          <Button key={label} onClick={() => append({ ...need })}>
            <Plus size={16} aria-hidden /> {label}
          </Button>
        ))}
      </div>
    </>
  );
}

/** Somebody at the table: the name, and what they must avoid. */
export function EaterForm({ eater, close, saved }: EaterFormProps) {
  const [failure, setFailure] = useState<string>();
  const form = useForm<EaterBody>({
    resolver,
    defaultValues: {
      name: eater?.name ?? '',
      eatsTonight: eater?.eatsTonight ?? true,
      guest: eater?.guest ?? false,
      needs: (eater?.needs ?? []).map((need) => ({ ...need })),
    },
  });
  const { errors, isSubmitting, isDirty } = form.formState;
  const submit: SubmitHandler<EaterBody> = async (values) => {
    const body = { ...values, needs: (values.needs ?? []).map(cleaned) };
    try {
      if (eater) await api.updateEater(eater.id, { ...body, version: eater.version });
      else await api.createEater(body);
      saved(body.name.trim());
    } catch (error) {
      setFailure(whyNot(error));
    }
  };
  return (
    <Dialog
      title={eater ? `${eater.name} at the table` : 'Somebody new at the table'}
      description="What they must avoid, and how strictly. Labels and clinicians come before anything computed here."
      close={close}
      dirty={isDirty}
    >
      <form onSubmit={(event) => void form.handleSubmit(submit)(event)} noValidate>
        <label className="block pb-3">
          <span className="font-semibold">Name</span>
          <input
            {...form.register('name')}
            className="mt-1 block h-10 w-full rounded-lg border-2 border-hair bg-glaze px-3"
            aria-invalid={errors.name !== undefined}
          />
          {errors.name?.message && (
            <span role="alert" className="text-sm text-no">
              {errors.name.message}
            </span>
          )}
        </label>
        <label className="flex min-h-8 items-center gap-2 pb-2">
          <input type="checkbox" className="size-5 accent-(--rim)" {...form.register('guest')} /> a guest for
          one evening
        </label>
        <Needs {...form} />
        <FormEnd failure={failure} saving={isSubmitting} close={close} />
      </form>
    </Dialog>
  );
}
