import { ChevronDown } from 'lucide-react';
import { memo, useDeferredValue, useState } from 'react';
import {
  type Brief,
  briefOf,
  briefOfFamily,
  type Family,
  familyNames,
  isUsualFor,
  type Rail,
  rails,
  standingOf,
} from '@alterum/core';
import { MenuOnDemand } from '../../ui/on-demand';
import { useBenchPart, useOutcome } from '../../open-formula/bench-store';
import { RailView } from './rail-view';
import { useWork } from '../../open-formula/work-store';
import { part } from '../../ui/part';

const BriefMenu = part(() => import('./brief-menu'));
const KeepBriefDialog = part(() => import('./keep-brief-dialog'));

/** The rails a cook balances first stand large; the rest of the usual ones smaller below; the others on demand. */
const isLarge = ({ place }: Rail): boolean => place === 'large';
const isUsual = ({ place }: Rail): boolean => place === 'large' || place === 'usual';
const usualCount = rails.filter(isUsual).length;

/** How a brief is called. */
const briefWords = (family: Family, brief: Brief | undefined): string =>
  brief === undefined || Object.keys(brief).length === 0
    ? 'as it is'
    : isUsualFor(family, brief)
      ? `usual for a ${familyNames[family]}`
      : 'as you set it';

/** What the formula has to be, and where briefs are kept and taken from. */
function BriefButton() {
  const family = useBenchPart((bench) => bench.history.formula.family);
  const brief = useBenchPart((bench) => bench.history.formula.brief);
  const said = briefWords(family, brief);
  const [keeping, setKeeping] = useState(false);
  const trigger = (
    <button
      type="button"
      aria-label={`Brief: ${said}`}
      className="tap-coarse flex min-w-0 items-center gap-1 rounded-md px-1 text-[13px] text-soft hover:bg-dip hover:text-ink"
    >
      <span
        className="inline-block h-2.5 w-5 shrink-0 rounded-full border-2 border-lit-edge bg-lit"
        aria-hidden
      />
      <span className="truncate" title={said}>
        {said}
      </span>
      <ChevronDown size={14} aria-hidden className="shrink-0" />
    </button>
  );
  return (
    <>
      <MenuOnDemand trigger={trigger} content={() => <BriefMenu keep={() => setKeeping(true)} />} />
      {keeping && <KeepBriefDialog close={() => setKeeping(false)} />}
    </>
  );
}

export const RailsPanel = memo(function RailsPanel() {
  const assessed = useOutcome();
  const ghost = useBenchPart((bench) => bench.ghost);
  const proposed = useWork((work) => work.proposed);
  // The smaller rails follow a moment after the large ones, so that those answer within the frame.
  const later = useDeferredValue(assessed),
    ghostLater = useDeferredValue(ghost);
  const family = useBenchPart((bench) => bench.history.formula.family);
  const ownBrief = useBenchPart((bench) => bench.history.formula.brief);
  const brief = briefOf({ brief: ownBrief });
  const [all, setAll] = useState(false);
  const usual = briefOfFamily(family);
  const shown = (rail: Rail) =>
    all || isUsual(rail) || (brief[rail.id] !== undefined && usual[rail.id] === undefined);
  const list = rails.filter(shown);
  const off = rails.filter((rail) => ['below', 'above'].includes(standingOf(brief, rail.id, later)));
  const shownWords = all ? `Usual ${usualCount}` : `All ${rails.length}`;
  return (
    <section
      className="plate plate-closed flex min-h-0 flex-col px-4 pb-1.5 pt-2"
      aria-label="Rails"
      data-testid="rails"
    >
      <div className="flex items-baseline justify-between gap-2 border-b border-hair pb-1">
        <h2 className="whitespace-nowrap text-lg">What it will be</h2>
        <button
          type="button"
          aria-expanded={all}
          aria-label={`${shownWords} properties${off.length > 0 ? `; off: ${off.map((rail) => rail.name.toLowerCase()).join(', ')}` : ''}`}
          onClick={() => setAll(!all)}
          className="tap-coarse mr-auto whitespace-nowrap rounded-md px-1 text-[13px] font-semibold text-soft underline-offset-4 hover:text-ink hover:underline"
        >
          {shownWords}
          {off.length > 0 && <span className="text-no"> · {off.length} off</span>}
        </button>
        <BriefButton />
      </div>
      {/* Where all are shown they are scrolled through, so that the plates beside them keep their height. */}
      <div className={`relative flex min-h-0 flex-1 flex-col ${all ? 'lg:min-h-[430px]' : ''}`}>
        <div
          className={`flex flex-1 flex-col justify-between ${all ? 'lg:absolute lg:inset-0 lg:overflow-y-auto lg:overflow-x-hidden' : ''}`}
        >
          {list.map((rail) => (
            <RailView
              key={rail.id}
              rail={rail}
              assessed={isLarge(rail) ? assessed : later}
              ghost={isLarge(rail) ? ghost : ghostLater}
              proposed={proposed}
              brief={brief}
              usual={usual[rail.id]}
              minor={!isLarge(rail)}
            />
          ))}
        </div>
      </div>
    </section>
  );
});
