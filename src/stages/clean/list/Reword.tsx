'use client';

import { useState } from 'react';
import { useShop, useStore } from '@/store/hooks';
import type { CleanStep } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';

/** A step in the shop's own words. Its reason, its cautions and its place in the order stay. */
export function Reword({ step, onClose }: { readonly step: CleanStep; readonly onClose: () => void }) {
  const store = useStore();
  const shop = useShop();
  const [words, setWords] = useState(step.says);
  const { careWords = {} } = shop;
  const keep = () => {
    store.put({ ...shop, careWords: { ...careWords, [step.wordsKey]: words.trim() } }, 'step reworded');
    onClose();
  };
  const back = () => {
    store.put(
      {
        ...shop,
        careWords: Object.fromEntries(Object.entries(careWords).filter(([key]) => key !== step.wordsKey)),
      },
      'step as it was',
    );
    onClose();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title="This step in our words"
      says="Kept for this coating, gun and way of cleaning. Its cautions and its place in the order stay."
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (words.trim()) keep();
        }}
        className="space-y-4"
      >
        <TextField
          label="Words"
          value={words}
          maxLength={400}
          onChange={(event) => setWords(event.target.value)}
          error={words.trim() ? undefined : 'Say what is done in this step.'}
        />
        <div className="flex flex-wrap gap-3">
          <Button type="submit" look="main" disabled={!words.trim() || words.trim() === step.says}>
            Keep these words
          </Button>
          {step.reworded && (
            <Button className="min-h-16" onClick={back}>
              As it was
            </Button>
          )}
        </div>
      </form>
    </Dialog>
  );
}
