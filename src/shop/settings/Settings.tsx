'use client';

import { useShop, useStore } from '@/store/hooks';
import { usualPotStep } from '@/facts/job';
import { speechOf } from '@/facts/shop/speech';
import { Choice } from '@/ui/Choice';
import { CommitField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import { Page } from '@/ui/Page';
import { Panel } from '@/ui/Panel';
import { SpeechChoices } from '@/ui/spoken/SpeechChoices';
import { useUnits } from '@/ui/units';
import { spokenKinds, usualCardLasts, usualRecheck, type Shop } from '@/records';
import { DamagedRecords } from './DamagedRecords';
import { Questions } from './Questions';
import { AlarmChoices } from './AlarmChoices';
import { Hours } from './Hours';
import { DatesAndMoney } from './DatesAndMoney';
import { SigningRules } from './SigningRules';
import { DataPanel } from './DataPanel';
import { OnThisDevice } from './OnThisDevice';
import { amount, written } from '@/words/figures';

export function Settings() {
  const shop = useShop();
  const store = useStore();
  const units = useUnits();
  const set = (part: Partial<Shop>) => store.put({ ...shop, ...part }, 'settings');
  return (
    <Page
      title="Settings"
      says="All records stay in this browser until you export them. There is no account and no server copy."
    >
      <div className="border-t border-hairline">
        <Panel title="Shop">
          <div className="grid max-w-3xl gap-4 sm:grid-cols-2">
            <CommitField label="Shop name" value={shop.name} onCommit={(name) => set({ name })} />
            <CommitField
              label="Who is at the bench"
              value={shop.operator}
              onCommit={(operator) => set({ operator })}
              hint="Written beside each entry from now on"
            />
            <Choice
              label="Units"
              value={shop.units}
              onChange={(next) => set({ units: next })}
              options={[
                { value: 'metric', label: 'Metric' },
                { value: 'us', label: 'US' },
              ]}
            />
            <Choice
              label="Theme"
              value={shop.theme}
              onChange={(next) => set({ theme: next })}
              options={[
                { value: 'bench', label: 'Bench, light' },
                { value: 'booth', label: 'Booth, dark' },
              ]}
            />
            <NumberField
              label="Smallest step of the scale"
              quantity="mass"
              value={shop.scaleStep}
              onChange={(scaleStep) => scaleStep && set({ scaleStep })}
              expects={[0.00001, 0.05]}
              digits={units.system === 'us' ? 2 : undefined}
              lazily
              hint={`Every addition and pour is rounded to it: ${written(amount('mass', shop.scaleStep), units, { digits: units.system === 'us' ? 3 : 2 })}`}
            />
            <NumberField
              label="Check each coating sheet again after"
              quantity="days"
              value={shop.recheckAfter ?? usualRecheck}
              onChange={(days) => days && set({ recheckAfter: Math.max(1, Math.round(days)) })}
              expects={[30, 1100]}
              lazily
            />
            <NumberField
              label="Marks of the graduated pot"
              quantity="dose"
              value={shop.potStep ?? usualPotStep}
              onChange={(potStep) => potStep && set({ potStep })}
              expects={[0.5e-6, 200e-6]}
              lazily
              hint="For thinning by a pot instead of a scale"
            />
            <NumberField
              label="Shift rule: stir every"
              quantity="duration"
              value={shop.intervals?.stir}
              onChange={(stir) => set({ intervals: { ...shop.intervals, stir } })}
              expects={[300, 14_400]}
              lazily
              hint="Where a sheet says nothing. Empty: no reminder"
            />
            <NumberField
              label="Shift rule: time the cup every"
              quantity="duration"
              value={shop.intervals?.retime}
              onChange={(retime) => set({ intervals: { ...shop.intervals, retime } })}
              expects={[600, 28_800]}
              lazily
              hint="Where a sheet says nothing. Empty: no reminder"
            />
            <NumberField
              label="Test card valid for"
              quantity="duration"
              value={shop.cardLasts ?? usualCardLasts}
              onChange={(cardLasts) => cardLasts && set({ cardLasts })}
              expects={[1800, 43_200]}
              lazily
              hint="A fresh one is asked for after that, and after any change, clean, refill or batch"
            />
            <Hours shop={shop} set={set} />
            <NumberField
              label="Altitude"
              quantity="length"
              value={shop.altitude}
              onChange={(altitude) => set({ altitude })}
              expects={[0, 3500]}
              lazily
              hint="High up a compressor delivers less"
            />
            <AlarmChoices shop={shop} set={set} />
            <div className="space-y-3">
              <Choice
                label="Timings a reading"
                value={shop.timings === 1 ? '1' : '2'}
                onChange={(next) => set({ timings: next === '1' ? 1 : 2 })}
                options={[
                  { value: '2', label: 'Two that agree' },
                  { value: '1', label: 'One, less certain' },
                ]}
              />
              <Fold
                title="Voice"
                says={`${speechOf(shop).says.length} of ${spokenKinds.length} kinds are spoken`}
                verb="Change"
              >
                <SpeechChoices />
              </Fold>
            </div>
          </div>
        </Panel>
        <DatesAndMoney shop={shop} set={set} />
        <SigningRules shop={shop} set={set} />
        <DataPanel />
        <OnThisDevice />
        <DamagedRecords />
        <Questions />
      </div>
    </Page>
  );
}
