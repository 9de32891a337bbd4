import { PopoverOnDemand } from '../../ui/on-demand';
import type { ShownFigure } from './figure-words';
import { part } from '../../ui/part';

const Causes = part(() => import('../rails/causes'), <p>Looking …</p>);

function Word({ figure }: { readonly figure: ShownFigure }) {
  return (
    <>
      <span className="flex items-center gap-1.5 font-bold">
        {figure.swatch && (
          <span
            className="inline-block size-4 shrink-0 rounded-full border-2 border-rim"
            style={{ background: figure.swatch }}
            aria-hidden
          />
        )}
        {figure.word}
      </span>
      <span className="block text-[12.5px] leading-4 text-soft">{figure.detail}</span>
    </>
  );
}

/** Figures in three columns; pressing one shows which lines made it, by which law and how sure. */
export function FigureCells({ figures }: { readonly figures: readonly ShownFigure[] }) {
  return (
    <ul className="grid grid-cols-3 gap-x-2 gap-y-1">
      {figures.map((figure) => {
        const { name, property } = figure;
        if (!property)
          return (
            <li key={name} className="px-1 leading-4.5">
              <span className="block text-[13px] leading-4 text-soft">{name}</span>
              <Word figure={figure} />
            </li>
          );
        const trigger = (
          <button
            type="button"
            className="block w-full rounded-md px-1 text-left leading-4.5 hover:bg-dip"
            aria-label={`${name}, ${figure.word}, ${figure.detail}: what made it`}
          >
            <span className="block text-[13px] leading-4 text-soft">{name}</span>
            <Word figure={figure} />
          </button>
        );
        return (
          <li key={name}>
            <PopoverOnDemand
              trigger={trigger}
              label={`What made ${name.toLowerCase()}`}
              side="left"
              content={() => (
                <Causes property={property} title={name} reading={`${figure.word}, ${figure.detail}`} />
              )}
            />
          </li>
        );
      })}
    </ul>
  );
}
