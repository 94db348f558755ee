'use client';

import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { newId, type Face } from '@/records';
import { useStore } from '@/store/hooks';
import { areaOf } from '@/facts/job';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { CommitField, SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { FreePlaces } from './FreePlaces';
import { PartFacts } from './PartFacts';
import { amount, jobFigure } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** The faces of the part: area comes from their dimensions, counted in faces. */
export function Faces() {
  const { view } = useJob();
  const store = useStore();
  const { job } = view;
  const { faces } = job.part;
  const [added, setAdded] = useState<string>();
  const add = () => {
    const id = newId();
    setAdded(id);
    change([...faces, { id, name: 'Face', width: 1, height: 1, count: 1, lies: 'upright' }]);
  };
  const change = (next: readonly Face[]) =>
    store.put({ ...job, part: { ...job.part, faces: [...next] } }, 'part changed');
  const set = (id: string, part: Partial<Face>) =>
    change(faces.map((face) => (face.id === id ? { ...face, ...part } : face)));
  const side = (id: string, name: 'width' | 'height') => (value: number | undefined) => {
    if (value !== undefined && value > 0) set(id, { [name]: value });
  };
  return (
    <Panel
      title={`Part: ${job.part.substrate}`}
      place="part"
      tools={
        <Button onClick={add}>
          <Plus aria-hidden className="size-4" /> Add a face
        </Button>
      }
    >
      <PartFacts />
      <ul className="divide-y divide-hairline border-y border-hairline">
        {faces.map((face) => (
          <li key={face.id}>
            <Fold
              open={face.id === added}
              title={
                <>
                  {face.name}{' '}
                  <Printed figure={jobFigure(view, 'face.area', areaOf([face]), { item: face.id })} />
                </>
              }
              says={<FaceSays face={face} />}
            >
              <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-[1.4fr_1fr_1fr_5rem_6.5rem_6.5rem_2.75rem]">
                <CommitField
                  label="Face"
                  value={face.name}
                  onCommit={(name) => name.trim() && set(face.id, { name: name.trim() })}
                />
                <NumberField
                  label="Width"
                  quantity="length"
                  value={face.width}
                  onChange={side(face.id, 'width')}
                  expects={expects.side}
                  lazily
                />
                <NumberField
                  label="Height"
                  quantity="length"
                  value={face.height}
                  onChange={side(face.id, 'height')}
                  expects={expects.side}
                  lazily
                />
                <CommitField
                  label="Count"
                  type="number"
                  min={1}
                  max={9999}
                  value={String(face.count)}
                  onCommit={(text) => {
                    const count = Math.floor(Number(text));
                    if (count >= 1 && count <= 9999) set(face.id, { count });
                  }}
                />
                <SelectField
                  label="Sides"
                  value={String(face.sides ?? 1)}
                  options={[
                    { value: '1', label: 'One' },
                    { value: '2', label: 'Both' },
                  ]}
                  onChange={(event) => set(face.id, { sides: event.target.value === '2' ? 2 : 1 })}
                />
                <CommitField
                  label="Shape"
                  type="number"
                  min={1}
                  max={10}
                  value={String(face.shape ?? 1)}
                  onCommit={(text) => {
                    const shape = Number(text);
                    if (shape >= 1 && shape <= 10) set(face.id, { shape });
                  }}
                />
                <button
                  type="button"
                  aria-label={`Remove ${face.name}`}
                  disabled={faces.length === 1}
                  className="flex size-11 items-center justify-center self-center disabled:opacity-30"
                  onClick={() => change(faces.filter(({ id }) => id !== face.id))}
                >
                  <Trash2 aria-hidden className="size-5" />
                </button>
                <FaceZone face={face} onSet={(part) => set(face.id, part)} />
              </div>
              <FreePlaces face={face} onSet={(part) => set(face.id, part)} />
              <p className="mt-2 text-sm text-ink-soft">
                Shape is the true surface over width × height: 1 flat, about 1.2 with mouldings, 1.5 and more
                with ribs.
              </p>
            </Fold>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

const surfaceWords: Record<NonNullable<Face['surface']>, string> = {
  flat: 'Flat',
  edge: 'With edges',
  'inside-corner': 'Inside corner',
  'outside-corner': 'Outside corner',
  round: 'Round bar',
  open: 'Open work',
};
const liesWords: Record<Face['lies'], string> = {
  upright: 'Upright',
  flat: 'Lies flat',
  overhead: 'Overhead',
};
const reachWords = { close: 'In reach', stretch: 'A stretch', steps: 'From steps' };
const optionsOf = (words: Record<string, string>) =>
  Object.entries(words).map(([value, label]) => ({ value, label }));

/** A face in a line: its size, how many, and what is not as usual. */
function FaceSays({ face }: { readonly face: Face }) {
  const { width, height, count, sides, shape, surface, reach, keepOff, lies } = face;
  const more = [
    count > 1 ? `${count} of them` : '',
    sides === 2 ? 'both sides' : '',
    liesWords[lies].toLowerCase(),
    surface && surface !== 'flat' ? surfaceWords[surface].toLowerCase() : '',
    shape && shape !== 1 ? `shape ${shape}` : '',
    reach && reach !== 'close' ? reachWords[reach].toLowerCase() : '',
    keepOff ? `keep off ${keepOff}` : '',
    face.free?.length ? `kept free: ${face.free.map(({ name }) => name.toLowerCase()).join(', ')}` : '',
  ].filter(Boolean);
  return (
    <>
      <Printed figure={amount('length', width)} /> × <Printed figure={amount('length', height)} />,{' '}
      {more.join(', ')}
    </>
  );
}

/** How a face lies, what is under the gun, how it is reached, and what must stay free. */
function FaceZone({ face, onSet }: { readonly face: Face; readonly onSet: (part: Partial<Face>) => void }) {
  return (
    <div className="col-span-full grid grid-cols-2 items-start gap-3 sm:grid-cols-[1fr_1fr_1fr_1.6fr]">
      <SelectField
        label="Lies"
        value={face.lies}
        options={optionsOf(liesWords)}
        onChange={(event) => onSet({ lies: event.target.value as Face['lies'] })}
      />
      <SelectField
        label="Under the gun"
        value={face.surface ?? 'flat'}
        options={optionsOf(surfaceWords)}
        onChange={(event) => onSet({ surface: event.target.value as Face['surface'] })}
      />
      <SelectField
        label="Reach"
        value={face.reach ?? 'close'}
        options={optionsOf(reachWords)}
        onChange={(event) => onSet({ reach: event.target.value as Face['reach'] })}
      />
      {face.keepOff !== undefined && (
        <CommitField
          label="Leave bare, along its outline"
          value={face.keepOff}
          onCommit={(keepOff) => onSet({ keepOff: keepOff.trim() || undefined })}
        />
      )}
    </div>
  );
}
