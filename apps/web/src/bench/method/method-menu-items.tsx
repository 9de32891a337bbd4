import { kindOf, type Operation } from '@alterum/core';
import { MenuItem } from '../../ui/menu';
import { OperationIcon } from './operation-icon';
import { potKinds } from './method-menu';

/** Every kind of work on the pot, to be added at the end. */
export default function MethodMenuItems({ add }: { readonly add: (kind: Operation['kind']) => void }) {
  return potKinds.map((kind) => (
    <MenuItem key={kind} onSelect={() => add(kind)}>
      <OperationIcon kind={kind} /> {kindOf(kind).name}
    </MenuItem>
  ));
}
