'use client';

import { useState } from 'react';
import { Button } from '../Button';
import { fetched } from '../fetched';

const Glossary = fetched(() => import('./Glossary').then((loaded) => loaded.Glossary));

/** Opens the words of the trade. */
export function WordsButton() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Words of the trade</Button>
      {open && <Glossary onClose={() => setOpen(false)} />}
    </>
  );
}
