import { briefOf, placeOnRail, type Rail, valueOnRail, type Wish, withWish } from '@alterum/core';
import { Slider } from 'radix-ui';
import { memo, type PointerEvent, useRef } from 'react';
import { take, useBench } from '../../open-formula/bench-store';
import { figure } from '../../words/number-text';

/** Finest step of an end, as a share of the rail; how near the ends may come. */
const STEP = 0.005,
  APART = 2,
  SAME = 1e-9;

let gestures = 0;

/** Gives one property another stretch in the brief of the open formula. */
export function pullStretch(rail: Rail, wish: Wish, low: number, high: number, gesture?: string): void {
  const formula = useBench.getState().bench?.history.formula;
  if (!formula) return;
  const { pinned: _pinned, ...rest } = wish;
  take({ step: 'set-brief', brief: withWish(briefOf(formula), rail.id, { ...rest, low, high }) }, gesture);
}

/** As narrow as can be, so that it stands exactly where the stretch ends; what is grabbed reaches to both sides of it. */
const end = 'group pointer-events-auto relative block h-6 w-px rounded-full';

function Grip() {
  return (
    <span className="absolute -left-2.5 inset-y-0 w-5 cursor-ew-resize">
      <span className="mx-auto block h-full w-1 rounded-full group-hover:bg-lit-edge" />
    </span>
  );
}

/** A finger that lands here may be scrolling; it changes the stretch with the buttons behind the rail’s name. */
const isFinger = (event: PointerEvent): boolean => event.pointerType === 'touch';

/** The lit range of a rail; each end is pulled by pointer or arrow keys. */
export default memo(function LitRange({ rail, wish }: { readonly rail: Rail; readonly wish: Wish }) {
  const gesture = useRef('');
  const ends = [placeOnRail(rail.scale, wish.low), placeOnRail(rail.scale, wish.high)] as const;
  const said = (value: number) => `${figure(value, rail.digits)} ${rail.unit}`;
  const pull = ([low = 0, high = 1]: readonly number[]) => {
    // Only the end that was pulled takes the rounding of the slider; the other stays exactly as it was written.
    const lowAt = Math.abs(low - ends[0]) < SAME ? wish.low : valueOnRail(rail.scale, low);
    const highAt = Math.abs(high - ends[1]) < SAME ? wish.high : valueOnRail(rail.scale, high);
    pullStretch(rail, wish, lowAt, highAt, gesture.current || `stretch-${rail.id}`);
  };
  return (
    <Slider.Root
      min={0}
      max={1}
      step={STEP}
      minStepsBetweenThumbs={APART}
      value={[...ends]}
      onValueChange={pull}
      onPointerDown={(event) => {
        if (isFinger(event)) return event.preventDefault();
        gesture.current = `stretch-${rail.id}-${gestures++}`;
      }}
      onPointerMove={(event) => isFinger(event) && event.preventDefault()}
      onPointerUp={(event) => isFinger(event) && event.preventDefault()}
      className="pointer-events-none absolute inset-0 flex items-center"
    >
      <Slider.Track className="absolute inset-0">
        <Slider.Range
          className={`absolute inset-y-[2px] rounded-full border-2 border-lit-edge bg-lit ${wish.pinned ? 'border-dashed' : ''}`}
        />
      </Slider.Track>
      <Slider.Thumb className={end} aria-label={`${rail.name}, least asked`} aria-valuetext={said(wish.low)}>
        <Grip />
      </Slider.Thumb>
      <Slider.Thumb className={end} aria-label={`${rail.name}, most asked`} aria-valuetext={said(wish.high)}>
        <Grip />
      </Slider.Thumb>
    </Slider.Root>
  );
});
