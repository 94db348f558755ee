'use client';

import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Command } from 'cmdk';
import { useOpenJobs } from '@/store/hooks';
import { stages } from '@/facts/job';
import { stageWords } from '@/words/line';
import { places } from './places';
import { useShopActions } from './undo';

const item = 'flex min-h-11 cursor-pointer items-center px-4 data-[selected=true]:bg-act-wash';
const heading =
  '[&_[cmdk-group-heading]]:px-4 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:text-ink-soft';

interface Props {
  readonly onClose: () => void;
  /** Shows the words of the trade. */
  readonly onWords: () => void;
}

export function CommandList({ onClose, onWords }: Props) {
  // Left without going anywhere, it gives the focus back to where it was.
  const [opener] = useState(() => document.activeElement);
  useEffect(
    () => () => {
      setTimeout(() => {
        if (document.activeElement === document.body && opener instanceof HTMLElement) opener.focus();
      });
    },
    [opener],
  );
  const router = useRouter();
  const jobs = useOpenJobs();
  const { undo, redo, switchUnits, switchTheme } = useShopActions();
  const run = (task: () => void) => () => {
    onClose();
    task();
  };
  return (
    <Command.Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      label="Command list"
      overlayClassName="fixed inset-0 z-40 bg-black/55"
      contentClassName="fixed left-1/2 top-[12vh] z-50 w-[min(36rem,94vw)] -translate-x-1/2 border-2 border-ink bg-sheet"
    >
      <Command.Input
        placeholder="Go to, or do"
        aria-label="Go to, or do"
        className="min-h-14 w-full border-b border-hairline bg-transparent px-4 text-lg"
      />
      <Command.List className="max-h-[55vh] overflow-y-auto pb-2">
        <Command.Empty className="px-4 py-6 text-ink-soft">Nothing by that name.</Command.Empty>
        <Command.Group heading="Do" className={heading}>
          <Command.Item className={item} onSelect={run(() => router.push('/new'))}>
            New job
          </Command.Item>
          <Command.Item className={item} onSelect={run(onWords)}>
            Words of the trade
          </Command.Item>
          <Command.Item className={item} onSelect={run(undo)}>
            Undo
          </Command.Item>
          <Command.Item className={item} onSelect={run(redo)}>
            Redo
          </Command.Item>
          <Command.Item className={item} onSelect={run(switchUnits)}>
            Switch units
          </Command.Item>
          <Command.Item className={item} onSelect={run(switchTheme)}>
            Switch theme
          </Command.Item>
        </Command.Group>
        <Command.Group heading="Jobs" className={heading}>
          {jobs.flatMap(({ job, current }) =>
            stages.map((stage) => (
              <Command.Item
                key={`${job.id}/${stage}`}
                value={`${job.name} ${stageWords[stage]}`}
                className={item}
                onSelect={run(() => router.push(`/job/${job.id}/${stage}`))}
              >
                {job.name}: {stageWords[stage]}
                {stage === current && <span className="ml-2 text-sm text-act">next</span>}
              </Command.Item>
            )),
          )}
        </Command.Group>
        <Command.Group heading="Shop" className={heading}>
          {places.map(({ href, name }) => (
            <Command.Item key={href} className={item} onSelect={run(() => router.push(href))}>
              {name}
            </Command.Item>
          ))}
        </Command.Group>
      </Command.List>
    </Command.Dialog>
  );
}
