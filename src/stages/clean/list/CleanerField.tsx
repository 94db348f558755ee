'use client';

import { layerOf, withLayer } from '@/facts/job';
import { soaking, gunFamily, sealKinds, wettedMetals, type SealKind } from '@/core/care';
import { useStore } from '@/store/hooks';
import { Check } from '@/ui/Check';
import { CommitField, SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { metalWords, sealWords } from '@/words/care';

/** What it is cleaned with, what speaks against it, and what of the gun may lie in it. */
export function CleanerField() {
  const { view } = useJob();
  const store = useStore();
  const { work, job, clean } = view;
  const { rig } = clean;
  const { id, approach } = layerOf(work, clean.layerId);
  const named = approach.cleaner ?? clean.sheet.cleaner ?? '';
  const keep = (words: string) => {
    const own = words.trim();
    const cleaner = own && own !== clean.sheet.cleaner ? own : undefined;
    store.put(withLayer(job, id, { approach: { ...approach, cleaner } }), 'cleaner named');
  };
  const concerns = clean.sequence?.concerns ?? [];
  return (
    <section aria-label="Cleaner" className="space-y-3" data-cleaner>
      <div data-place="cleaner" tabIndex={-1}>
        <CommitField
          label="Cleaner the sheet names"
          value={named}
          onCommit={keep}
          hint={
            named
              ? 'The sheet outranks this list.'
              : `None named: ${clean.sequence ? `${clean.liquid}, a default` : 'nothing is guessed for it'}.`
          }
        />
      </div>
      {concerns.map(({ weight, says, instead }) => (
        <Notice key={says + instead} tone={weight}>
          {says} {instead}
          {weight === 'stop' && ' It was left out of the list.'}
        </Notice>
      ))}
      {rig && (
        <details>
          <summary className="flex min-h-11 items-center text-sm font-semibold">
            Seals, metals and soaking
          </summary>
          <div className="space-y-3 pb-2">
            <SelectField
              label="Seals of this gun"
              value={rig.seals ?? ''}
              onChange={(event) =>
                store.put(
                  { ...rig, seals: (event.target.value || undefined) as SealKind | undefined },
                  'seals',
                )
              }
              options={[
                { value: '', label: 'Not known' },
                ...sealKinds.map((value) => ({ value, label: sealWords[value] })),
              ]}
            />
            <fieldset>
              <legend className="text-sm text-ink-soft">Metals that get wet</legend>
              {wettedMetals.map((metal) => (
                <Check
                  key={metal}
                  label={metalWords[metal]}
                  checked={rig.wetted?.includes(metal) ?? false}
                  onChange={(on) =>
                    store.put(
                      {
                        ...rig,
                        wetted: wettedMetals.filter((each) =>
                          each === metal ? on : rig.wetted?.includes(each),
                        ),
                      },
                      'metals',
                    )
                  }
                />
              ))}
            </fieldset>
            <ul className="text-sm" data-soaking>
              {soaking(gunFamily(rig)).map(({ part, may, because }) => (
                <li key={part} className="border-b border-hairline py-1.5">
                  <b className={may ? 'text-good' : 'text-stop'}>{may ? '✓ may soak' : '■ never'}</b>{' '}
                  <b>{part}</b>
                  <span className="block text-ink-soft">{because}</span>
                </li>
              ))}
            </ul>
          </div>
        </details>
      )}
    </section>
  );
}
