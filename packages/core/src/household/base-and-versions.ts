import type { Eater } from './eater.js';
import { type EaterVerdict, type ServedLine, type Served, whoCanEat } from './who-can-eat.js';

/** One version made from a shared base: what only it holds. */
export interface Version {
  readonly name: string;
  readonly lines: readonly ServedLine[];
}

export interface VersionVerdict {
  readonly version: string;
  readonly people: readonly EaterVerdict[];
}

/**
 * Who can eat which version of one base. What went into the base before it was divided is in every version, so a version
 * never fits better than its base.
 */
export function judgeVersions(base: Served & { readonly name: string }, versions: readonly Version[], eaters: readonly Eater[]): readonly VersionVerdict[] {
  return versions.map(({ name, lines }) => {
    const whole: Served = {
      ...base,
      lines: [{ id: 'base', ingredient: undefined, named: base.name, inside: base.lines }, ...lines],
    };
    return { version: name, people: eaters.map((eater) => whoCanEat(eater, whole)) };
  });
} // prettier-ignore
