import { railOf, type Shift } from '@alterum/core';
import { figure } from './number-text';

/** "stretch falls from 14 to 5 cm". */
export function shiftWords({ rail, from, to }: Shift): string {
  const { name, unit, digits } = railOf(rail);
  const verb = to < from ? 'falls' : 'rises';
  return `${name.toLowerCase()} ${verb} from ${figure(from, digits)} to ${figure(to, digits)} ${unit}`;
}
