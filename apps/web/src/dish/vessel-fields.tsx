import type { VesselView } from '@alterum/contract';
import type { NamedVessel } from '@alterum/core';
import { useState } from 'react';
import { sayFailure, useNotices } from '../notices/notices';
import { api } from '../server/api';
import { queries, read } from '../server/queries';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number-field';
import { changeDish } from './dish-store';

const field = 'tap-coarse h-9 w-14 rounded-lg border-2 border-hair bg-glaze px-2 text-right';
const NEW = '',
  LONGEST_NAME = 60;

const usual = { shape: 'rectangular', lengthCm: 30, widthCm: 22, depthCm: 6 } as const;

const same = (a: NamedVessel, b: NamedVessel): boolean =>
  a.shape === b.shape &&
  a.depthCm === b.depthCm &&
  (a.shape === 'round'
    ? b.shape === 'round' && a.diameterCm === b.diameterCm
    : b.shape === 'rectangular' && a.lengthCm === b.lengthCm && a.widthCm === b.widthCm);

const sizeText = (vessel: NamedVessel): string =>
  vessel.shape === 'round' ? `∅ ${vessel.diameterCm} cm` : `${vessel.lengthCm} × ${vessel.widthCm} cm`;

/** What a vessel measures, without what a shelf knows of it. */
function measured({ id: _, version: __, ...vessel }: VesselView): NamedVessel {
  return vessel;
}

function KeepVessel({
  vessel,
  kept,
}: {
  readonly vessel: NamedVessel;
  readonly kept: (all: readonly VesselView[]) => void;
}) {
  const [name, setName] = useState('');
  const keep = async () => {
    const { name: _, ...size } = vessel;
    await api.createVessel({ ...size, name: name.trim() });
    changeDish((dish) => ({ ...dish, vessel: { ...size, name: name.trim() } }));
    kept(await read({ ...queries.vessels, staleTime: 0 }));
    useNotices.getState().show(`“${name.trim()}” stands among the vessels of the house.`);
    setName('');
  };
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '') void keep().catch(sayFailure);
      }}
    >
      <input
        aria-label="Name of this vessel"
        placeholder="name it, to keep it"
        value={name}
        maxLength={LONGEST_NAME}
        onChange={(event) => setName(event.target.value)}
        className="tap-coarse h-9 w-44 rounded-lg border-2 border-hair bg-glaze px-2"
      />
      <Button type="submit" disabled={name.trim() === ''}>
        Keep the vessel
      </Button>
    </form>
  );
}

const set = (vessel: NamedVessel): void => changeDish((dish) => ({ ...dish, vessel }));
/** Of another size it is another vessel. */
const resize = ({ name: _, ...vessel }: NamedVessel): void => set(vessel);

interface MeasureProps {
  readonly label: string;
  readonly value: number;
  readonly write: (value: number) => NamedVessel;
  readonly least?: number;
  readonly most?: number;
}

/** One inner measure, cm. */
function Measure({ label, value, write, least = 2, most = 100 }: MeasureProps) {
  return (
    <NumberField
      label={label}
      value={value}
      unit="cm"
      min={least}
      max={most}
      onValue={(next) => next !== undefined && resize(write(next))}
      className={field}
    />
  );
}

/** The shape of a vessel and its inside. */
function Inside({ vessel }: { readonly vessel: NamedVessel }) {
  const { depthCm } = vessel;
  return (
    <>
      <Choice
        label="Shape"
        value={vessel.shape}
        options={[
          { value: 'rectangular', label: 'with corners' },
          { value: 'round', label: 'round' },
        ]}
        onChange={(shape) =>
          set(shape === 'round' ? { shape, diameterCm: 26, depthCm } : { ...usual, shape, depthCm })
        }
        className="tap-coarse h-9 border-2 border-hair bg-glaze px-1"
      />
      <span className="flex flex-wrap items-center gap-1.5">
        {vessel.shape === 'round' ? (
          <Measure
            label="Diameter"
            value={vessel.diameterCm}
            write={(diameterCm) => ({ shape: 'round', depthCm, diameterCm })}
          />
        ) : (
          <>
            <Measure label="Length" value={vessel.lengthCm} write={(lengthCm) => ({ ...vessel, lengthCm })} />{' '}
            × <Measure label="Width" value={vessel.widthCm} write={(widthCm) => ({ ...vessel, widthCm })} />
          </>
        )}
        cm,{' '}
        <Measure
          label="Depth"
          value={depthCm}
          write={(next) => ({ ...vessel, depthCm: next })}
          least={0.5}
          most={40}
        />{' '}
        cm deep
      </span>
    </>
  );
}

/** What the dish is made in: one of the house, or by its inside. */
export function VesselFields({
  vessel,
  vessels: at,
}: {
  readonly vessel: NamedVessel | undefined;
  readonly vessels: readonly VesselView[];
}) {
  const [vessels, setVessels] = useState(at);
  const standing = vessel && vessels.find((one) => same(measured(one), vessel));
  return (
    <div role="group" aria-label="Vessel" className="flex flex-wrap items-center gap-x-3 gap-y-2 text-sm">
      <select
        aria-label="Made in"
        value={standing?.id ?? NEW}
        onChange={(event) => {
          const one = vessels.find(({ id }) => id === event.target.value);
          set(one ? measured(one) : usual);
        }}
        className={`tap-coarse h-9 max-w-56 rounded-lg border-2 bg-glaze px-2 font-semibold ${vessel ? 'border-hair' : 'border-dashed border-ask text-ask'}`}
      >
        <option value={NEW}>{vessel ? (vessel.name ?? 'another vessel') : 'made in …'}</option>
        {vessels.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}, {sizeText(measured(one))}
          </option>
        ))}
      </select>
      {vessel ? <Inside vessel={vessel} /> : <Button onClick={() => set(usual)}>Describe one</Button>}
      {vessel && !standing && <KeepVessel vessel={vessel} kept={setVessels} />}
    </div>
  );
}
