import { seededChance } from '../../numeric/chance.js';
import { EXACT } from '../plan.params.js';
import type { Evening } from '../task.js';
import { type Measure, measureOf, type Worth } from '../worth.js';
import { loosened } from './loosen.js';
import { neighbours } from './neighbours.js';
import { type FoundPlan, type PosedEvening, posed, type Proof, Prover } from './prove.js';

/** What is known of an evening: the best plan so far, if any, and whether none is better. */
export interface KnownPlan extends Omit<Proof, 'found'> {
  readonly found: FoundPlan | undefined;
}

/** Betters a plan a few tasks at a time, and looks in between for the proof that none is better. */
class BestPlan {
  /** How much has been looked at, in pairs of moments. */
  spent: number;
  private readonly evening: PosedEvening;
  private readonly measure: Measure;
  private readonly prover: Prover;
  private readonly chance = seededChance(EXACT.seed);
  private worth: Worth | undefined;
  /** How many tasks are placed anew at once: as many as can just be looked through. */
  private free: number = EXACT.free;

  constructor(
    evening: Evening,
    public found: FoundPlan | undefined,
  ) {
    this.evening = posed(evening);
    this.measure = measureOf(evening, 'asked');
    this.worth = found && this.measure(found.starts);
    this.prover = new Prover(this.evening, this.worth);
    this.spent = this.size * EXACT.beginning;
  }

  get isWhole(): boolean {
    return this.prover.isWhole;
  }

  /** Looks so many ways on for a proof. */
  prove(ways: number): void {
    const { prover } = this,
      before = prover.spent;
    for (let n = 0; n < ways && !prover.isWhole; n++) prover.look();
    this.spent += prover.spent - before;
    this.take(prover.proof().found);
  }

  /** Places some tasks anew, the others in their order. */
  better(): void {
    const { found, worth, evening } = this;
    if (!found || !worth) return;
    const free = neighbours(evening, found, this.chance, Math.round(this.free));
    const part = new Prover(loosened(evening, found, free), worth);
    for (let n = 0; n < EXACT.waysOfPart && !part.isWhole; n++) part.look();
    this.spent += part.spent + this.size * EXACT.loosening;
    this.free = part.isWhole
      ? Math.min(this.free + EXACT.change, EXACT.mostFree)
      : Math.max(this.free - EXACT.change, EXACT.leastFree);
    const better = part.proof().found;
    this.take(better);
    if (better && this.worth) this.prover.aim(this.worth);
  }

  known(): KnownPlan {
    const { whole, leastWaiting } = this.prover.proof();
    return { whole, leastWaiting, found: this.found };
  }

  private get size(): number {
    return this.evening.moments.weights.length ** 2;
  }

  private take(found: FoundPlan | undefined): void {
    if (!found || found === this.found) return;
    this.found = found;
    this.worth = this.measure(found.starts);
  }
}

/**
 * The best plan of an evening, from one that is known or from none: proved to be best where the evening is small, else as good as was found with a
 * bound of what is not looked at.
 * @param spend what it may look at, in pairs of moments   @param stop asked in between: true ends it
 */
export function* bestPlan(
  evening: Evening,
  from: FoundPlan | undefined,
  spend: number,
  stop: () => boolean = () => false,
): Generator<number, KnownPlan> {
  const search = new BestPlan(evening, from);
  search.prove(EXACT.waysFirst);
  for (let part = 1; !search.isWhole && search.spent < spend; part++) {
    yield search.spent / spend;
    if (stop()) break;
    if (search.found && part % EXACT.parts > 0) search.better();
    else search.prove(EXACT.ways);
  }
  return search.known();
}
