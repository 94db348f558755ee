'use client';

import { useMemo, useState } from 'react';
import { permissionGroups, type PermissionGroup } from '@/core/permission';
import type { Skill } from '@/core/quality';
import { peopleSeen, signingOf, unlisted, type PersonSeen } from '@/facts/shop/people';
import { newId, type Person, type Shop } from '@/records';
import { isoNow, useNow } from '@/store/clock';
import { useRecords, useShop, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { CommitField, TextField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { amount } from '@/words/figures';
import { plural } from '@/words/line';
import { groupWords, shownSays, skillWords, trainedSays } from '@/words/people';
import { fullDay } from '@/words/dates';

/** Who works here: what each showed, what each is signed off for, and what each may leave out. */
export function People() {
  const shop = useShop();
  const store = useStore();
  const now = useNow();
  const jobs = useRecords('job');
  const rigs = useRecords('rig');
  const tries = useRecords('practice');
  const today = Math.floor(now / 86_400_000);
  const people = useMemo(
    () => peopleSeen(shop, jobs, rigs, tries, today * 86_400_000),
    [shop, jobs, rigs, tries, today],
  );
  const names = useMemo(() => unlisted(shop, jobs, tries), [shop, jobs, tries]);
  const [name, setName] = useState('');
  const wrong = people.some(({ person }) => person.name === name.trim())
    ? 'That name is listed already.'
    : undefined;
  const put = (next: readonly Person[], label: string) =>
    store.put({ ...shop, people: next.length > 0 ? [...next] : undefined }, label);
  const all = shop.people ?? [];
  const add = (said: string) => {
    if (!said.trim() || wrong) return;
    put([...all, { id: newId(), name: said.trim().slice(0, 120) }], 'person added');
    setName('');
  };
  const { parts, drills, panel, lasts } = signingOf(shop);
  return (
    <Panel title="People">
      <p className="mb-3 max-w-3xl text-sm">
        Signing off wants {parts} parts or mixes in a row inside their limits, {plural(drills, 'gun drill')}{' '}
        in a row, and <Printed figure={amount('share', panel)} digits={0} /> of the panel inside its film; it
        holds <Printed figure={amount('days', lasts / 86_400)} />. Settings has these numbers.
      </p>
      {people.length === 0 && (
        <p className="mb-3 max-w-3xl text-sm text-ink-soft">
          Nobody is listed. While nobody is, anybody may leave out what may be left out.
        </p>
      )}
      <ul className="max-w-4xl divide-y divide-hairline border-y border-hairline" data-people>
        {people.map((seen) => (
          <PersonRow
            key={seen.person.id}
            seen={seen}
            shop={shop}
            onChange={(next, label) =>
              put(
                all.map((each) => (each.id === next.id ? next : each)),
                label,
              )
            }
            onRemove={() =>
              put(
                all.filter(({ id }) => id !== seen.person.id),
                'person taken off the list',
              )
            }
          />
        ))}
      </ul>
      <form
        className="mt-4 flex max-w-xl flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          add(name);
        }}
      >
        <div className="min-w-48 flex-1">
          <TextField
            label="Name"
            value={name}
            maxLength={120}
            error={name.trim() ? wrong : undefined}
            onChange={(event) => setName(event.target.value)}
          />
        </div>
        <Button type="submit">Add</Button>
      </form>
      {names.length > 0 && (
        <p className="mt-3 flex flex-wrap items-center gap-2 text-sm">
          In the records:
          {names.slice(0, 12).map((each) => (
            <Button key={each} onClick={() => add(each)}>
              Add {each}
            </Button>
          ))}
        </p>
      )}
    </Panel>
  );
}

interface RowProps {
  readonly seen: PersonSeen;
  readonly shop: Shop;
  readonly onChange: (person: Person, label: string) => void;
  readonly onRemove: () => void;
}

function PersonRow({ seen: { person, skills, pace, jobs }, shop, onChange, onRemove }: RowProps) {
  const atBench = shop.operator === person.name;
  const signs = (skill: Skill, on: string) =>
    onChange(
      {
        ...person,
        signed: [...(person.signed ?? []), { what: skill, at: isoNow(), by: shop.operator, on }],
      },
      'signed off',
    );
  const rename = (name: string) => {
    if (!name.trim() || name.trim() === person.name) return;
    onChange(
      {
        ...person,
        name: name.trim(),
        formerly: [...new Set([...(person.formerly ?? []), person.name])].slice(-20),
      },
      'renamed',
    );
  };
  const may = (group: PermissionGroup) => person.waives === undefined || person.waives.includes(group);
  const allow = (group: PermissionGroup, on: boolean) =>
    onChange(
      {
        ...person,
        waives: permissionGroups.filter((each) => (each === group ? on : may(each))),
      },
      'what may be left out',
    );
  return (
    <li className="py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="font-bold">
          {person.name}
          {person.left ? ', no longer here' : atBench ? ', at the bench' : ''}
        </h3>
        <span className="text-sm text-ink-soft">
          {plural(jobs, 'job')}
          {pace && (
            <>
              ; coats take {pace.ratio.toFixed(2)} times their trigger time, from {plural(pace.coats, 'coat')}
            </>
          )}
        </span>
      </div>
      <ul className="mt-1 text-sm">
        {skills.map(({ skill, standing }) => (
          <li key={skill} className="flex flex-wrap items-center justify-between gap-x-4 py-1">
            <span className="min-w-0 flex-1 basis-72">
              <b>{skillWords[skill]}</b>: {trainedSays(standing)}
              {standing.shows.some(({ found }) => found > 0) && (
                <span className="block text-ink-soft">{standing.shows.map(shownSays).join('; ')}</span>
              )}
            </span>
            {standing.shows.every(({ met }) => met) && standing.state !== 'signed' && (
              <Button
                disabled={!shop.operator || atBench}
                onClick={() => signs(skill, standing.shows.map(shownSays).join('; '))}
              >
                Sign off
              </Button>
            )}
          </li>
        ))}
      </ul>
      {skills.some(({ standing }) => standing.state !== 'signed' && standing.shows.every(({ met }) => met)) &&
        (!shop.operator || atBench) && (
          <p className="text-sm text-care">▲ Somebody else at the bench signs: Settings says who is there.</p>
        )}
      <Fold title="Name, what may be left out, signatures" className="text-sm">
        <div className="grid gap-4 md:grid-cols-2">
          <div className="space-y-3">
            <CommitField
              label="Name"
              value={person.name}
              onCommit={rename}
              hint={person.formerly ? `Formerly ${person.formerly.join(', ')}` : undefined}
            />
            <Check
              label="Works here"
              checked={!person.left}
              onChange={(on) => onChange({ ...person, left: on ? undefined : isoNow() }, 'works here')}
            />
            <Button look="quiet" onClick={onRemove}>
              Take off the list
            </Button>
          </div>
          <fieldset>
            <legend className="text-ink-soft">May leave out, with a reason</legend>
            {permissionGroups.map((group) => (
              <Check
                key={group}
                label={groupWords[group]}
                checked={may(group)}
                onChange={(on) => allow(group, on)}
              />
            ))}
          </fieldset>
          {person.signed && (
            <ul className="col-span-full">
              {person.signed.map(({ what, at, by, on }) => (
                <li key={`${what}/${at}`} className="border-t border-hairline py-1">
                  {fullDay(Date.parse(at))}: {skillWords[what].toLowerCase()}, by {by}. {on}
                </li>
              ))}
            </ul>
          )}
        </div>
      </Fold>
    </li>
  );
}
