import { wishesOfBrief } from '@alterum/contract/convert';
import { briefOf } from '@alterum/core';
import { type FormEvent, useState } from 'react';
import { api, whyNot } from '../../server/api';
import { useNotices } from '../../notices/notices';
import { Dialog } from '../../ui/dialog';
import { FormEnd } from '../../ui/form-end';
import { useFormula } from '../../open-formula/bench-store';

const LONGEST = 80;

/** Keeps the brief of the open formula under a name, for any formula; a name that is there already is written over. */
export default function KeepBriefDialog({ close }: { readonly close: () => void }) {
  const formula = useFormula();
  const [name, setName] = useState(`${formula.name}: what it has to be`.slice(0, LONGEST));
  const [failure, setFailure] = useState<string>();
  const [saving, setSaving] = useState(false);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    setSaving(true);
    api.keepBrief({ name, wishes: wishesOfBrief(briefOf(formula)) }).then(
      (kept) => {
        useNotices.getState().show(`The brief is kept as “${kept.name}”, for any formula.`);
        close();
      },
      (error: unknown) => {
        setSaving(false);
        setFailure(whyNot(error));
      },
    );
  };
  return (
    <Dialog
      title="Keep this brief"
      description="Any formula can take it from the menu above its rails."
      close={close}
    >
      <form onSubmit={keep}>
        <label className="block">
          Name of the brief
          <input
            value={name}
            maxLength={LONGEST}
            onChange={(event) => setName(event.target.value)}
            className="mt-1 h-10 w-full rounded-lg border-2 border-rim bg-glaze px-3"
          />
        </label>
        <FormEnd failure={failure} saving={saving} close={close} />
      </form>
    </Dialog>
  );
}
