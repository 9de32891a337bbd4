import type { PagePerson, PageStep, PageThing, RecipePage } from '@alterum/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { capital } from '../words/capital';
import { ShareRow } from './share-row';

/** Somebody at the table and what was found. */
export interface SheetPerson extends PagePerson {
  readonly sign: string;
  readonly ink: string;
}

interface SheetProps {
  readonly page: RecipePage;
  /** Absent where each pot has its own. */
  readonly people?: readonly SheetPerson[];
  /** Where it is changed. */
  readonly back: { readonly to: string; readonly words: string };
  /** For how many it is, to be changed. */
  readonly portions?: ReactNode;
  /** What could not be done as it was asked. */
  readonly trouble?: string | undefined;
}

const ofThing = ({ measure, made }: PageThing): string => [measure, made].filter(Boolean).join(', ');

/** What goes in, in both measures. */
function Things({ things }: { readonly things: readonly PageThing[] }) {
  return (
    <ul className="mb-3 columns-1 gap-x-8 md:columns-2 print:columns-2">
      {things.map((thing, i) => (
        <li
          key={i}
          className="grid break-inside-avoid grid-cols-[5.2rem_minmax(0,1fr)] gap-x-2 border-b border-hair py-0.5 print:py-0"
        >
          <b className="text-right whitespace-nowrap">
            {thing.weight ?? <span className="text-ask">how much?</span>}
          </b>
          <span className="wrap-anywhere">
            {thing.name} <span className="text-soft">{ofThing(thing)}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}

/** One step: when, what is done, what to look for, what can hurt. */
export function StepWords({ step }: { readonly step: Omit<PageStep, 'id'> }) {
  return (
    <>
      {step.when && <b className="text-ask">{capital(step.when)}: </b>}
      {step.sentence}
      {step.lookFor && <span className="text-soft"> {step.lookFor}</span>}
      {step.cautions.map((caution) => (
        <b key={caution} className="text-no">
          {' '}
          {caution}
        </b>
      ))}
    </>
  );
}

function Steps({ steps, label }: { readonly steps: readonly PageStep[]; readonly label: string }) {
  return (
    <ol aria-label={label} className="list-decimal space-y-1.5 pl-7 marker:font-bold print:space-y-0.5">
      {steps.map((step) => (
        <li key={step.id} id={step.id} className="scroll-mt-4 pl-1 target:bg-lit">
          <StepWords step={step} />
        </li>
      ))}
    </ol>
  );
}

function People({ people }: { readonly people: readonly SheetPerson[] }) {
  return (
    <section aria-label="Who can eat it">
      <h2 className="sr-only">Who can eat it</h2>
      <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-0.5">
        {people.map(({ name, verdict, reason, sign, ink }) => (
          <li key={name}>
            <b className={`${ink} print:text-black`}>
              <span aria-hidden>{sign}</span> {name}
            </b>
            : {verdict}
            {reason && ` (${reason})`}
          </li>
        ))}
        {people.length === 0 && (
          <li className="text-soft">Nobody is at the table: it was checked for nobody.</li>
        )}
      </ul>
    </section>
  );
}

const heading = 'mt-4 mb-1 text-xl print:mt-2 print:text-[13pt]';

/** The page itself, as it stands on paper. */
export function RecipeArticle({ page, people, portions, trouble }: Omit<SheetProps, 'back'>) {
  return (
    <article
      className="plate p-4 text-[17px] leading-snug sm:p-6 md:text-[19px] print:border-0 print:p-0 print:text-[10.5pt] print:leading-tight print:text-black"
      data-testid="recipe"
    >
      <h1 className="text-3xl wrap-anywhere print:text-[18pt]">{page.title}</h1>
      <div className="mt-1 flex flex-wrap items-center gap-x-2 gap-y-1 text-soft print:text-black">
        <span>
          {capital(page.kind)}
          {portions && ', for'}
        </span>{' '}
        {portions}
        {page.makes && <span>· {page.makes}</span>}
        <span>· served {page.served}</span>
      </div>
      {trouble && (
        <p role="status" className="font-semibold text-ask">
          {trouble}
        </p>
      )}
      {page.note.trim() !== '' && <p className="mt-2 whitespace-pre-line">{page.note}</p>}
      {people && <People people={people} />}
      {page.ahead.length > 0 && (
        <section aria-label="Make ready">
          <h2 className={heading}>Make ready</h2>
          <Steps steps={page.ahead} label="Make ready" />
        </section>
      )}
      {page.sections.map((section, i) => {
        const title = section.title === page.title ? 'What goes in' : section.title;
        return (
          <section key={i} aria-label={title}>
            <h2 className={heading}>{title}</h2>
            {section.note && <p className="text-soft">{section.note}</p>}
            <Things things={section.things} />
            {section.things.length === 0 && section.steps.length === 0 && (
              <p className="text-ask">Nothing is in it yet.</p>
            )}
            <Steps steps={section.steps} label={`Steps: ${title}`} />
          </section>
        );
      })}
      {page.keeps && (
        <section aria-label="How it keeps">
          <h2 className={heading}>How it keeps</h2>
          <p>{page.keeps}</p>
        </section>
      )}
      <section
        aria-label="Cautions"
        className="mt-4 border-t-2 border-rim pt-2 text-[15px] print:mt-2 print:text-[8.5pt]"
      >
        <h2 className="sr-only">Cautions</h2>
        <p>
          {page.cautions.join(' ')} Checked against what was entered, the labels that were read and generic
          tables, never against the packs in your hand: read the labels.
        </p>
      </section>
    </article>
  );
}

/** A page to cook from: read from the counter, printed on paper, copied, shared. */
export function RecipeSheet({ back, ...rest }: SheetProps) {
  const { page, people } = rest;
  return (
    <main className="mx-auto w-full max-w-4xl px-3 py-4 sm:px-5 print:max-w-none print:p-0">
      <div className="flex flex-wrap items-center gap-2 pb-3 print:hidden">
        <Link
          to={back.to}
          className="tap-coarse mr-auto inline-flex items-center font-semibold text-rim underline"
        >
          {back.words}
        </Link>
        <ShareRow page={page} people={people ?? []} />
      </div>
      <RecipeArticle {...rest} />
    </main>
  );
}
