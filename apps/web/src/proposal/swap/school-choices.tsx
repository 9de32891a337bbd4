import type { Schools } from '@alterum/core';
import { Choice } from '../../ui/choice';

const choices: readonly {
  readonly key: keyof Schools;
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}[] = [
  {
    key: 'nutritionalYeast',
    label: 'Nutritional yeast',
    options: [
      { value: 'any', label: 'with or without' },
      { value: 'without', label: 'without' },
    ],
  },
  {
    key: 'addedOil',
    label: 'Added oil',
    options: [
      { value: 'any', label: 'with or without' },
      { value: 'without', label: 'without' },
    ],
  },
  {
    key: 'made',
    label: 'Nuts and seeds',
    options: [
      { value: 'any', label: 'either way' },
      { value: 'soaked', label: 'soaked' },
      { value: 'boiled', label: 'boiled' },
    ],
  },
  {
    key: 'melt',
    label: 'Melt',
    options: [
      { value: 'any', label: 'either kind' },
      { value: 'starch-stretch', label: 'stretchy, by starch' },
      { value: 'soft-melt', label: 'soft' },
    ],
  },
];

/** The schools a swap holds to. */
export function SchoolChoices({
  schools,
  onChange,
}: {
  readonly schools: Schools;
  readonly onChange: (schools: Schools) => void;
}) {
  return (
    <details className="text-[13.5px]">
      <summary className="cursor-pointer font-semibold text-soft">
        Schools: yeast, oil, soaking, stretch
      </summary>
      <div className="mt-1 grid grid-cols-[auto_1fr] items-center gap-x-3">
        {choices.map(({ key, label, options }) => (
          <label key={key} className="contents">
            <span>{label}</span>
            <Choice
              label={label}
              value={schools[key]}
              options={options}
              onChange={(value) => onChange({ ...schools, [key]: value })}
            />
          </label>
        ))}
      </div>
    </details>
  );
}
