import {
  allergenOf,
  type FindingKind,
  type LabelFinding,
  type ListedIngredient,
  type ReadLabel,
} from '@alterum/core';
import { TeachWord } from './teach-word';

interface Mark {
  readonly start: number;
  readonly end: number;
  readonly look: string;
  readonly title: string;
}

const kindWords: Readonly<Record<FindingKind, string>> = {
  contains: 'contains',
  derived: 'made from',
  'may-contain': 'may contain',
};
const kindLooks: Readonly<Record<FindingKind, string>> = {
  contains: 'border-no text-no',
  derived: 'border-no text-no border-dashed',
  'may-contain': 'border-ask text-ask border-dotted',
};

/** Added sugar and oil matter to some households only; they are marked, but quietly. */
const isAdded = (allergen: LabelFinding['allergen']): boolean =>
  allergen === 'added-sugar' || allergen === 'added-oil';

/** One mark a stretch: the strongest finding there, else the note, else the question mark of what is not known. */
function marksOf({ findings, notes, unrecognised }: ReadLabel): readonly Mark[] {
  const marks = [
    ...findings.map(({ allergen, start, end, kind, because }) => ({
      start,
      end,
      look: isAdded(allergen)
        ? 'border-b-2 border-hair text-inherit'
        : `border-b-2 font-bold ${kindLooks[kind]}`,
      title: because,
    })),
    ...notes.map(({ start, end, text }) => ({
      start,
      end,
      look: 'border-b-2 border-hair text-soft',
      title: text,
    })),
    ...unrecognised.map(({ start, end }) => ({
      start,
      end,
      look: 'bg-lit! text-ink rounded px-0.5',
      title: 'not recognised',
    })),
  ].sort((a, b) => a.start - b.start || b.end - a.end);
  let last = 0;
  return marks.filter((mark) => {
    if (mark.start < last) return false;
    last = mark.end;
    return true;
  });
}

/** The label’s own text with every finding marked; what was not recognised is lit. */
export function MarkedLabel({ text, read }: { readonly text: string; readonly read: ReadLabel }) {
  const marks = marksOf(read);
  return (
    <p className="max-h-40 overflow-auto whitespace-pre-wrap" tabIndex={0} data-testid="marked-label">
      {marks.map((mark, i) => (
        <span key={mark.start}>
          {text.slice(marks[i - 1]?.end ?? 0, mark.start)}
          <mark className={`bg-transparent ${mark.look}`} title={mark.title}>
            {text.slice(mark.start, mark.end)}
          </mark>
        </span>
      ))}
      {text.slice(marks[marks.length - 1]?.end ?? 0)}
    </p>
  );
}

/** "tofu 97 % (water, soybeans)" as the reader understood it. */
const listedText = ({ name, percent, parts }: ListedIngredient): string =>
  `${name}${percent === undefined ? '' : ` ${percent} %`}${parts.length > 0 ? ` (${parts.map(listedText).join(', ')})` : ''}`;

/** One row an allergen, the strongest word for it first. */
function strongest(findings: readonly LabelFinding[]): readonly LabelFinding[] {
  const order: readonly FindingKind[] = ['contains', 'derived', 'may-contain'];
  const sorted = [...findings].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind));
  return sorted.filter(
    (finding, i) => sorted.findIndex(({ allergen }) => allergen === finding.allergen) === i,
  );
}

interface LabelFindingsProps {
  readonly text: string;
  readonly read: ReadLabel;
  /** A word was taught. */
  readonly taught: () => void;
}

/** Words that are offered to be taught at once. */
const TAUGHT_AT_ONCE = 12;

export function LabelFindings({ text, read, taught }: LabelFindingsProps) {
  const unknown = [...new Set(read.unrecognised.map((part) => text.slice(part.start, part.end)))];
  const found = strongest(read.findings).filter(({ allergen }) => !isAdded(allergen));
  return (
    <div className="mt-2 text-sm">
      <ul className="space-y-1" aria-label="Findings">
        {found.map((finding) => (
          <li key={finding.allergen} data-testid={`finding-${finding.allergen}`}>
            <b className={finding.kind === 'may-contain' ? 'text-ask' : 'text-no'}>
              {kindWords[finding.kind]} {allergenOf(finding.allergen).name}
            </b>{' '}
            <span className="text-soft">{finding.because}</span>
          </li>
        ))}
        {found.length === 0 && (
          <li>No allergen was found in these words. That is no promise: read the pack.</li>
        )}
      </ul>
      {read.unrecognised.length > 0 && (
        <div className="mt-1 space-y-1" role="group" aria-label="Not recognised">
          <p>
            Not recognised:{' '}
            {read.unrecognised
              .map(
                (part) => `“${text.slice(part.start, part.end)}”${part.emphasised ? ' (emphasised!)' : ''}`,
              )
              .join(', ')}
            . What is not taught is asked about.
          </p>
          {unknown.slice(0, TAUGHT_AT_ONCE).map((word) => (
            <TeachWord key={word} word={word} taught={taught} />
          ))}
        </div>
      )}
      {read.ingredients.some(({ percent, parts }) => percent !== undefined || parts.length > 0) && (
        <p className="mt-1" data-testid="listed">
          Listed: {read.ingredients.map(listedText).join('; ')}.
        </p>
      )}
      {read.nutrition && (
        <p className="mt-1">
          Nutrition table read, for {read.nutrition.perG} g: fat {read.nutrition.fat} g, carbohydrate{' '}
          {read.nutrition.carbohydrate} g, protein {read.nutrition.protein} g, salt {read.nutrition.salt} g.
        </p>
      )}
    </div>
  );
}
