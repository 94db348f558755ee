'use client';

import { useSyncExternalStore } from 'react';
import { speechOf, withSpeech } from '@/facts/shop/speech';
import { spokenKinds, type SpokenKind } from '@/records';
import { useShop, useStore } from '@/store/hooks';
import { Button } from '../Button';
import { Check } from '../Check';
import { onVoices, say, sound, voiceHere } from './mouth';
import { motifs } from './sounds';

const kindWords: Record<SpokenKind, string> = {
  next: 'What comes next',
  pace: 'The pace, stroke by stroke',
  alarm: 'Alarms',
  answer: 'What a tap did',
};
const steps = [0, 0.25, 0.5, 0.8, 1] as const;
const stepWords = ['Off', 'Low', 'Half', 'Loud', 'Full'];

const hasVoice = () => voiceHere() !== undefined;

/** How whoever is at the bench is spoken to. It is theirs, and goes with their name. */
export function SpeechChoices() {
  const shop = useShop();
  const store = useStore();
  const speech = speechOf(shop);
  const voice = useSyncExternalStore(onVoices, hasVoice, () => false);
  const set = (said: Partial<typeof speech>) =>
    store.put(withSpeech(shop, { ...speech, ...said }), 'voice and sound');
  return (
    <fieldset className="space-y-1" data-speech>
      <legend className="text-sm text-ink-soft">
        Spoken {shop.operator ? `to ${shop.operator}` : 'to whoever is at the bench'}
      </legend>
      {!voice && (
        <p className="text-sm text-care">
          ▲ This device has no voice that works without a network. Tones and ticks sound all the same.
        </p>
      )}
      {spokenKinds.map((kind) => (
        <Check
          key={kind}
          label={kindWords[kind]}
          checked={speech.says.includes(kind)}
          onChange={(on) =>
            set({ says: spokenKinds.filter((each) => (each === kind ? on : speech.says.includes(each))) })
          }
        />
      ))}
      {speech.says.includes('next') && (
        <Check
          label="What comes next on every stage, not at the gun alone"
          checked={speech.everywhere === true}
          onChange={(on) => set({ everywhere: on || undefined })}
        />
      )}
      <Check label="The pace ticks" checked={speech.tick} onChange={(tick) => set({ tick })} />
      <div role="group" aria-label="How loud" className="flex flex-wrap gap-2 pt-1">
        {steps.map((volume, i) => (
          <Button
            key={volume}
            className="!px-3"
            aria-pressed={Math.abs(speech.volume - volume) < 0.05}
            onClick={() => set({ volume })}
          >
            {stepWords[i]}
          </Button>
        ))}
        <Button
          onClick={() => {
            sound('alarm', motifs.stir, speech.volume);
            say('answer', 'Face 2 done. 3 faces left.', { ...speech, says: [...spokenKinds] });
          }}
        >
          Try it
        </Button>
      </div>
    </fieldset>
  );
}
