import { Minus, Plus } from 'lucide-react';
import { useSearchParams } from 'react-router';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number-field';

const LEAST = 0.25,
  MOST = 200;

/** Portions as the address says them; undefined where it says none, or none that can be. */
export function usePortionsAsked(): number | undefined {
  const [parameters] = useSearchParams();
  const asked = Number(parameters.get('portions') ?? NaN);
  return asked >= LEAST && asked <= MOST ? asked : undefined;
}

/** For how many the page is: it is worked out anew, and the formula stays as it is. */
export function PortionsControl({
  portions,
  written,
}: {
  readonly portions: number;
  readonly written: number;
}) {
  const [, setParameters] = useSearchParams();
  const set = (next: number) =>
    setParameters(next === written ? {} : { portions: String(next) }, {
      replace: true,
      preventScrollReset: true,
    });
  return (
    <span className="inline-flex items-center gap-1">
      <Button
        look="bare"
        className="px-1.5 print:hidden"
        aria-label="Fewer portions"
        disabled={portions <= LEAST}
        onClick={() => set(Math.max(LEAST, portions > 2 ? Math.ceil(portions) - 1 : portions - 0.25))}
      >
        <Minus size={18} aria-hidden />
      </Button>
      <NumberField
        label="Portions"
        value={portions}
        unit=""
        min={LEAST}
        max={MOST}
        onValue={(next) => next !== undefined && set(next)}
        className="tap-coarse h-9 w-14 rounded-lg border-2 border-hair bg-glaze px-2 text-right font-bold text-ink print:h-auto print:w-8 print:border-0 print:p-0"
      />
      <span className="text-ink">portions</span>
      <Button
        look="bare"
        className="px-1.5 print:hidden"
        aria-label="More portions"
        disabled={portions >= MOST}
        onClick={() => set(Math.min(MOST, portions >= 2 ? Math.floor(portions) + 1 : portions + 0.25))}
      >
        <Plus size={18} aria-hidden />
      </Button>
      {portions !== written && (
        <Button
          look="bare"
          className="text-[15px] text-rim underline print:hidden"
          onClick={() => set(written)}
        >
          as written: {written}
        </Button>
      )}
    </span>
  );
}
