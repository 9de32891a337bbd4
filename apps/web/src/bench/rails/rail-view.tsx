import {
  type Band,
  isEmpty,
  placeOnRail,
  type Assessed,
  type Rail,
  type Standing,
  standingOf,
  type Brief,
  type Wish,
  type WishRange,
  wordFor,
} from '@alterum/core';
import { memo } from 'react';
import { figure } from '../../words/number-text';
import { RailName } from './rail-name';
import { part } from '../../ui/part';

/** The lit range as long as its ends cannot be pulled yet. */
function StillStretch({ rail, wish }: { readonly rail: Rail; readonly wish: Wish }) {
  const place = (value: number) => placeOnRail(rail.scale, value);
  return (
    <div
      className="absolute inset-y-[2px] rounded-full border-2 border-lit-edge bg-lit"
      style={{ left: pct(place(wish.low)), width: pct(place(wish.high) - place(wish.low)) }}
    />
  );
}

/** Its ends can be pulled a moment after it stands. */
const LitRange = part(
  () => import('./lit-range'),
  ({ rail, wish }) => <StillStretch rail={rail} wish={wish} />,
);

interface RailViewProps {
  readonly rail: Rail;
  readonly assessed: Assessed;
  readonly ghost: Assessed | undefined;
  /** Where it would stand with the amounts that are proposed. */
  readonly proposed: Assessed | undefined;
  readonly brief: Brief;
  /** What its kind spans: for orientation, asked of nobody. */
  readonly usual: WishRange | undefined;
  readonly minor: boolean;
}

/** A ghost closer than this share of the rail hides behind the bead. */
const GHOST_APART = 0.006;
const pct = (place: number): string => `${(place * 100).toFixed(1)}%`;

const standingWords: Readonly<Record<Standing, string>> = {
  below: 'below the brief',
  above: 'above the brief',
  inside: 'in the brief',
  unlit: '',
};

/** The figure shown large: the word for thickness, the number for everything else. */
function Reading({
  rail,
  assessed,
  standing,
  minor,
}: {
  readonly rail: Rail;
  readonly assessed: Assessed;
  readonly standing: Standing;
  readonly minor: boolean;
}) {
  const { mid } = rail.value(assessed);
  const size = minor ? 'text-[15px]' : 'text-[22px] leading-6';
  const off = standing === 'below' || standing === 'above';
  return (
    <span className="flex items-baseline gap-2 whitespace-nowrap">
      {off && (
        <span className="text-[13px] font-semibold text-no" title={standingWords[standing]}>
          <span aria-hidden>{standing === 'below' ? '◂ ' : '▸ '}</span>
          <span aria-hidden>{standing}</span>
          <span className="sr-only">{standingWords[standing]}</span>
        </span>
      )}
      <output
        className={`font-display font-bold ${size} ${off ? 'text-no' : ''}`}
        aria-label={rail.name}
        data-testid={`figure-${rail.id}`}
      >
        {rail.id === 'thickness' ? assessed.prediction.thicknessClass : figure(mid, rail.digits)}
        {rail.id !== 'thickness' && <span className="text-[15px] font-semibold"> {rail.unit}</span>}
      </output>
    </span>
  );
}

interface BeadsProps {
  readonly rail: Rail;
  readonly band: Band;
  readonly ghost: Assessed | undefined;
  readonly proposed: Assessed | undefined;
  readonly minor: boolean;
}

/** The doubt, the ghost and the bead. */
function Beads({ rail, band, ghost, proposed, minor }: BeadsProps) {
  const place = (value: number) => placeOnRail(rail.scale, value);
  const at = place(band.mid),
    low = place(band.low),
    high = place(band.high);
  const placeOf = (other: Assessed | undefined) =>
    other && !isEmpty(other.prediction) ? place(rail.value(other).mid) : undefined;
  const before = placeOf(ghost),
    then = placeOf(proposed);
  const centred = `absolute top-1/2 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 ${minor ? 'size-3.5' : 'size-5'}`;
  return (
    <>
      <div
        className={`absolute top-1/2 -translate-y-1/2 rounded-full bg-doubt ${minor ? 'h-1.5' : 'h-2.5'}`}
        style={{ left: pct(low), width: pct(high - low), minWidth: 4 }}
      />
      {before !== undefined && Math.abs(before - at) > GHOST_APART && (
        <div
          className={`${centred} border-dashed border-soft`}
          style={{ left: pct(before) }}
          data-testid={`ghost-${rail.id}`}
        />
      )}
      <div
        className={`${centred} border-glaze bg-bead shadow-[0_0_0_1.5px_var(--bead)]`}
        style={{ left: pct(at) }}
        data-testid={`bead-${rail.id}`}
        data-place={at.toFixed(3)}
      />
      {then !== undefined && Math.abs(then - at) > GHOST_APART && (
        <div
          className={`${centred} rotate-45 rounded-[4px]! border-yolk bg-glaze shadow-[0_0_0_1.5px_var(--bead)]`}
          style={{ left: pct(then) }}
          data-testid={`proposed-${rail.id}`}
          data-place={then.toFixed(3)}
        />
      )}
    </>
  );
}

function Track({ rail, assessed, ghost, proposed, brief, usual, minor }: RailViewProps) {
  const band = rail.value(assessed),
    lit = brief[rail.id];
  const place = (value: number) => placeOnRail(rail.scale, value);
  return (
    <div className={`relative mx-2.5 ${minor ? 'h-4' : 'h-6'}`}>
      <div
        aria-hidden
        className={`absolute inset-x-[-10px] top-1/2 -translate-y-1/2 rounded-full bg-track ${minor ? 'h-2' : 'h-3'}`}
      />
      {rail.words.slice(1).map((entry) => (
        <div
          key={entry.word}
          className="absolute top-1/2 h-2 w-px -translate-y-1/2 bg-soft/50"
          style={{ left: pct(place(entry.from)) }}
        />
      ))}
      {lit && <LitRange rail={rail} wish={lit} />}
      {!lit && usual && (
        <div
          aria-hidden
          data-testid={`usual-${rail.id}`}
          title="what its kind spans"
          className="absolute top-1/2 h-2 -translate-y-1/2 rounded-full border border-lit-edge/60 bg-lit/40"
          style={{ left: pct(place(usual.low)), width: pct(place(usual.high) - place(usual.low)) }}
        />
      )}
      {!isEmpty(assessed.prediction) && (
        <div aria-hidden className="pointer-events-none absolute inset-0">
          <Beads rail={rail} band={band} ghost={ghost} proposed={proposed} minor={minor} />
        </div>
      )}
    </div>
  );
}

const Words = memo(function Words({ rail }: { readonly rail: Rail }) {
  const edges = [...rail.words.map((entry) => placeOnRail(rail.scale, entry.from)), 1];
  return (
    <div className="relative mx-2.5 h-4 text-[11.5px] leading-4 text-soft" aria-hidden>
      {rail.words.map((entry, i) => (
        <span
          key={entry.word}
          className="absolute -translate-x-1/2 whitespace-nowrap"
          style={{ left: pct(((edges[i] ?? 0) + (edges[i + 1] ?? 1)) / 2) }}
        >
          {entry.word}
        </span>
      ))}
    </div>
  );
});

function plainReading(rail: Rail, assessed: Assessed): string {
  const { mid, low, high } = rail.value(assessed);
  if (rail.id === 'thickness') return `${figure(mid, 0)} mPa·s`;
  return `${wordFor(rail, mid)}, ${figure(low, rail.digits)} to ${figure(high, rail.digits)}`;
}

/** One property: its rail, the lit range, the bead as wide as the doubt, and where it was before. */
export const RailView = memo(function RailView(props: RailViewProps) {
  const { rail, assessed, brief, minor } = props;
  const standing = standingOf(brief, rail.id, assessed),
    empty = isEmpty(assessed.prediction);
  return (
    <section aria-label={rail.name} data-testid={`rail-${rail.id}`} className={minor ? 'py-1' : 'py-1.5'}>
      <div className="flex items-baseline justify-between gap-3">
        <span className="flex min-w-0 items-baseline gap-2">
          <RailName rail={rail} minor={minor} />
          <span className="text-[13px] leading-4 text-soft">
            {empty ? 'nothing yet' : plainReading(rail, assessed)}
          </span>
        </span>
        {!empty && <Reading rail={rail} assessed={assessed} standing={standing} minor={minor} />}
      </div>
      <Track {...props} />
      {!minor && <Words rail={rail} />}
    </section>
  );
});
