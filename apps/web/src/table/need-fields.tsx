import type { EaterBody, Law } from '@alterum/contract';
import { compoundNames, compounds, ruleNames, rules, strictnesses, strictnessNames } from '@alterum/core';
import { Trash2 } from 'lucide-react';
import type { Control, FieldErrors, UseFormRegister } from 'react-hook-form';
import { useController, useWatch } from 'react-hook-form';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number-field';
import { AllergenOptions } from '../household/allergen-options';
import { IngredientField } from './ingredient-field';

interface NeedFieldsProps {
  readonly index: number;
  readonly law: Law;
  readonly control: Control<EaterBody>;
  readonly register: UseFormRegister<EaterBody>;
  readonly errors: FieldErrors<EaterBody>;
  readonly remove: () => void;
}

const field = 'h-10 min-w-0 rounded-lg border-2 border-hair bg-glaze px-2 hover:border-rim';

type OfNeed = Pick<NeedFieldsProps, 'index' | 'register'>;

function Strictness({ index, register }: OfNeed) {
  return (
    <select aria-label="How strict" {...register(`needs.${index}.strictness`)} className={field}>
      {strictnesses.map((strictness) => (
        <option key={strictness} value={strictness}>
          {strictnessNames[strictness]}
        </option>
      ))}
    </select>
  );
}

function AllergenNeed({
  index,
  register,
  law,
  isAllergy,
}: OfNeed & { readonly law: Law; readonly isAllergy: boolean }) {
  return (
    <>
      <select aria-label="Allergen" {...register(`needs.${index}.allergen`)} className={`${field} flex-1`}>
        <AllergenOptions law={law} />
      </select>
      <Strictness index={index} register={register} />
      {isAllergy && (
        <label className="flex items-center gap-1.5 text-sm">
          <input type="checkbox" className="size-5" {...register(`needs.${index}.traces`)} /> traces matter
        </label>
      )}
    </>
  );
}

interface IngredientNeedProps extends OfNeed {
  readonly control: Control<EaterBody>;
  /** What it is called, where it was put away. */
  readonly gone: string | undefined;
  readonly invalid: boolean;
}

/** Any ingredient of the larder, found by its name; what is chosen stays, though it is there no longer. */
function IngredientNeed({ index, register, control, gone, invalid }: IngredientNeedProps) {
  const { field: chosen } = useController({ control, name: `needs.${index}.ingredient` });
  return (
    <>
      <IngredientField
        label="Ingredient"
        value={chosen.value}
        onValue={chosen.onChange}
        gone={gone}
        invalid={invalid}
      />
      <Strictness index={index} register={register} />
    </>
  );
}

function RuleNeed({ index, register }: OfNeed) {
  return (
    <select aria-label="Rule" {...register(`needs.${index}.rule`)} className={`${field} flex-1`}>
      {rules.map((rule) => (
        <option key={rule} value={rule}>
          {ruleNames[rule]}
        </option>
      ))}
    </select>
  );
}

/** At most so much of something a portion: of salt, or of a compound that is chosen. */
function LimitNeed({
  index,
  register,
  control,
  ofCompound,
}: OfNeed & Pick<NeedFieldsProps, 'control'> & { readonly ofCompound: boolean }) {
  const limit = useController({ control, name: `needs.${index}.gramsPerPortion` });
  return (
    <label className="flex flex-1 items-center gap-2">
      At most
      <NumberField
        label={ofCompound ? 'Limit' : 'Salt limit'}
        value={limit.field.value}
        unit="g"
        live
        onValue={limit.field.onChange}
        className={`${field} w-20`}
      />
      {ofCompound ? (
        <>
          g{' '}
          <select aria-label="Compound" {...register(`needs.${index}.compound`)} className={field}>
            {compounds.map((compound) => (
              <option key={compound} value={compound}>
                {compoundNames[compound]}
              </option>
            ))}
          </select>{' '}
          a portion
        </>
      ) : (
        'g salt a portion'
      )}
    </label>
  );
}

/** One need in the form; its fields follow its kind. */
export function NeedFields({ index, law, control, register, errors, remove }: NeedFieldsProps) {
  const need = useWatch({ control, name: `needs.${index}` });
  const kind = need?.kind ?? 'allergen',
    of = { index, register };
  const trouble = Object.values(errors.needs?.[index] ?? {}).find(
    (error): error is { message: string } => typeof (error as { message?: unknown }).message === 'string',
  );
  return (
    <li className="border-t border-hair py-2 first:border-t-0">
      <div className="flex flex-wrap items-center gap-2">
        {kind === 'allergen' && <AllergenNeed {...of} law={law} isAllergy={need?.strictness === 'allergy'} />}
        {kind === 'ingredient' && (
          <IngredientNeed {...of} control={control} gone={need?.what?.name} invalid={trouble !== undefined} />
        )}
        {kind === 'rule' && <RuleNeed {...of} />}
        {(kind === 'salt-limit' || kind === 'compound') && (
          <LimitNeed {...of} control={control} ofCompound={kind === 'compound'} />
        )}
        <Button look="bare" aria-label={`Remove need ${index + 1}`} onClick={remove}>
          <Trash2 size={17} aria-hidden />
        </Button>
      </div>
      {trouble && (
        <p role="alert" className="text-sm text-no">
          {trouble.message}
        </p>
      )}
    </li>
  );
}
