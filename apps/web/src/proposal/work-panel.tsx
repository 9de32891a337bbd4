import { X } from 'lucide-react';
import { Fragment, type ReactNode, useEffect, useRef } from 'react';
import { closeWork, useWork, type WorkKind } from '../open-formula/work-store';
import { part } from '../ui/part';

const BalancePanel = part(
  () => import('./balance/balance-panel'),
  <p className="py-3 text-soft">Getting ready …</p>,
);
const SwapPanel = part(() => import('./swap/swap-panel'), <p className="py-3 text-soft">Getting ready …</p>);
const TradePanel = part(
  () => import('./trade/trade-panel'),
  <p className="py-3 text-soft">Getting ready …</p>,
);
const ScalePanel = part(
  () => import('./scale/scale-panel'),
  <p className="py-3 text-soft">Getting ready …</p>,
);
const VersionsPanel = part(
  () => import('../versions/versions-panel'),
  <p className="py-3 text-soft">Getting ready …</p>,
);

const titles: Readonly<Record<WorkKind, string>> = {
  balance: 'Balance',
  swap: 'Swap',
  trade: 'Trade map',
  scale: 'Another size',
  versions: 'Versions',
};

const contents: Readonly<Record<WorkKind, () => ReactNode>> = {
  balance: () => <BalancePanel />,
  swap: () => <SwapPanel />,
  trade: () => <TradePanel />,
  scale: () => <ScalePanel />,
  versions: () => <VersionsPanel />,
};

/** The plate on which amounts are found; it stands where chart and table stood, so that pot and rails stay in sight. */
export default function WorkPanel({ kind }: { readonly kind: WorkKind }) {
  const asked = useWork(({ line, eater, wish }) => `${line ?? ''} ${eater ?? ''} ${wish ?? ''}`);
  const plate = useRef<HTMLElement>(null);
  useEffect(() => {
    // On a phone or an upright tablet the plate stands below everything else; bring it up whole.
    const narrow = window.matchMedia('(max-width: 1023px)').matches;
    plate.current?.scrollIntoView({ block: narrow ? 'start' : 'nearest' });
    plate.current?.focus({ preventScroll: true });
  }, [kind, asked]);
  return (
    <section
      ref={plate}
      tabIndex={-1}
      aria-label={titles[kind]}
      data-testid={`work-${kind}`}
      onKeyDown={(event) => event.key === 'Escape' && !event.defaultPrevented && closeWork()}
      className="plate plate-closed flex min-h-0 flex-1 flex-col px-3.5 pb-2 pt-1.5 outline-none max-md:min-h-[80vh] lg:absolute lg:inset-0"
    >
      <div className="flex items-center justify-between gap-2 border-b border-hair">
        <h2 className="text-lg">{titles[kind]}</h2>
        <button
          type="button"
          aria-label={`Close ${titles[kind].toLowerCase()}`}
          onClick={closeWork}
          className="tap-coarse grid size-8 place-items-center rounded-md hover:bg-dip"
        >
          <X size={17} aria-hidden />
        </button>
      </div>
      <div className="flex min-h-0 flex-1 flex-col overflow-y-auto overflow-x-hidden">
        <Fragment key={`${kind} ${asked}`}>{contents[kind]()}</Fragment>
      </div>
    </section>
  );
}
