'use client';

import { WordsButton } from '@/ui/glossary/WordsButton';
import { Page } from '@/ui/Page';
import { usePart } from '@/ui/part';
import { Parts } from '@/ui/Parts';
import { fetched } from '@/ui/fetched';

const PanelDrill = fetched(() => import('./PanelDrill').then((found) => found.PanelDrill));
const SetupDrill = fetched(() => import('./SetupDrill').then((found) => found.SetupDrill));
const StreamDrill = fetched(() => import('./StreamDrill').then((found) => found.StreamDrill));
const CardDrill = fetched(() => import('./CardDrill').then((found) => found.CardDrill));

const FeltDrill = fetched(() => import('./FeltDrill').then((found) => found.FeltDrill));
const PourDrill = fetched(() => import('./PourDrill').then((found) => found.PourDrill));
const ListenDrill = fetched(() => import('./ListenDrill').then((found) => found.ListenDrill));
const Course = fetched(() => import('./Course').then((found) => found.Course));
const People = fetched(() => import('./People').then((found) => found.People));

const parts = {
  panel: 'Spray a panel',
  gun: 'Set up a gun',
  stream: 'Time a stream',
  card: 'Read a card',
  hand: 'Feel the hand',
  pour: 'Pour to a mark',
  listen: 'Listen',
  course: 'Course',
  people: 'People',
};
const says = {
  panel: 'Spray a panel with the pointer, a pen or a finger; no paint is wasted.',
  gun: 'A gun with a hidden trouble answers to what you do. Find it in as few cards as you can.',
  stream: 'Time a stream: start as the cup opens, stop at the first break.',
  card: 'Read cards by eye, and see what the reader measured.',
  hand: 'A panel in the air, felt by the phone on the gun: pace, tilt and swing, and the film it leaves.',
  pour: 'Pour to a mark by the live scale, and learn how long your hand goes on.',
  listen: 'Know every alarm by its sound.',
  course: 'A beginner’s way, step by step, each with its why.',
  people: 'Who works here, what each has shown, and what each is signed off for.',
};

/** Where the hand and the eye are trained. */
export function Practice() {
  const part = usePart(parts);
  return (
    <Page title="Practice" says={says[part]} tools={<WordsButton />}>
      <div className="mb-5 max-w-3xl">
        <Parts label="What to practise" part={part} parts={parts} />
      </div>
      {part === 'panel' && <PanelDrill />}
      {part === 'gun' && <SetupDrill />}
      {part === 'stream' && <StreamDrill />}
      {part === 'card' && <CardDrill />}
      {part === 'hand' && <FeltDrill />}
      {part === 'pour' && <PourDrill />}
      {part === 'listen' && <ListenDrill />}
      {part === 'course' && <Course />}
      {part === 'people' && <People />}
    </Page>
  );
}
