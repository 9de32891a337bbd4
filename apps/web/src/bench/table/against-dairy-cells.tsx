import { againstDairy, type ComparedFigure, type Report } from '@alterum/core';
import { findIngredient } from '../../household/house-larder';
import { useBenchPart } from '../../open-formula/bench-store';
import { figure } from '../../words/number-text';

const words: Readonly<
  Record<
    ComparedFigure,
    {
      readonly name: string;
      readonly unit: string;
      readonly digits: number;
      readonly better: 'more' | 'less' | 'neither';
    }
  >
> = {
  energyKcal: { name: 'Energy', unit: 'kcal', digits: 0, better: 'neither' },
  fat: { name: 'Fat', unit: 'g', digits: 1, better: 'neither' },
  saturatedFat: { name: 'Saturated fat', unit: 'g', digits: 1, better: 'less' },
  protein: { name: 'Protein', unit: 'g', digits: 1, better: 'more' },
  carbohydrate: { name: 'Carbohydrate', unit: 'g', digits: 1, better: 'neither' },
  salt: { name: 'Salt', unit: 'g', digits: 1, better: 'less' },
  calciumMg: { name: 'Calcium', unit: 'mg', digits: 0, better: 'more' },
  coins: { name: 'Cost', unit: 'coins', digits: 2, better: 'less' },
  kgCO2e: { name: 'Climate', unit: 'kg CO₂e', digits: 2, better: 'less' },
};
/** Differences smaller than this share are called even. */
const EVEN = 0.08;

function verdict(ours: number, dairy: number, better: 'more' | 'less' | 'neither'): string {
  const apart = ours - dairy;
  if (Math.abs(apart) <= EVEN * Math.max(ours, dairy)) return 'even';
  if (better === 'neither') return apart > 0 ? 'more' : 'less';
  return apart > 0 === (better === 'more') ? 'won' : 'lost';
}

/** A portion of this against as much of the dairy thing it replaces: what is won and what is lost. */
export function AgainstDairyCells({ report }: { readonly report: Report }) {
  const family = useBenchPart((bench) => bench.history.formula.family);
  const portions = useBenchPart((bench) => bench.history.formula.portions);
  const massG = useBenchPart((bench) => bench.outcome.prediction.massG);
  const against = againstDairy(family, { massG, report }, massG / portions, findIngredient);
  return (
    <>
      <table className="w-full text-[13px] leading-[1.22]">
        <caption className="sr-only">
          {figure(against.massG, 0)} g of this against {against.name}
        </caption>
        <thead>
          <tr className="text-left text-soft">
            <th scope="col" className="font-normal">
              {figure(against.massG, 0)} g each
            </th>
            <th scope="col" className="whitespace-nowrap text-right font-normal">
              this one
            </th>
            <th scope="col" className="pl-4 text-right font-normal">
              {against.name}
            </th>
            <th scope="col" className="w-12 text-right font-normal">
              <span className="sr-only">Won or lost</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {against.rows.map(({ figure: id, ours, dairy }) => {
            const { name, unit, digits, better } = words[id];
            const said = verdict(ours, dairy, better);
            return (
              <tr key={id} data-testid={`against-${id}`}>
                <th scope="row" className="text-left font-normal">
                  {name}
                </th>
                <td className="text-right font-bold">
                  {figure(ours, digits)} <span className="font-normal text-soft">{unit}</span>
                </td>
                <td className="text-right">{figure(dairy, digits)}</td>
                <td
                  className={`text-right font-semibold ${said === 'won' ? 'text-yes' : said === 'lost' ? 'text-no' : 'text-soft'}`}
                >
                  {said}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
