'use client';

import { useMemo } from 'react';
import { fileName } from '@/exchange/filename';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { Picture } from '@/ui/Picture';
import { download } from '@/ui/download';
import { arrived } from '@/ui/fetched';
import { useJob } from '@/ui/job/context';
import { useUnits } from '@/ui/units';
import { customerPage } from '@/words/customer';

/** What the customer takes home: one page, as it will be printed. */
export function CustomerView() {
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      place="customer"
      title="Customer’s page"
      says="one page in plain words, with pictures and how to look after it"
      verb="Show"
    >
      <Written />
    </Fold>
  );
}

function Written() {
  const { view } = useJob();
  const units = useUnits();
  const store = useStore();
  const photos = useRecords('photo');
  const { logo } = view.shop;
  const page = useMemo(
    () => customerPage(view, photos, units),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is derived from the job and the shop
    [view.job, view.shop, photos, units],
  );
  const save = async () => {
    const writer = await arrived(import('@/exchange/customerpdf'));
    if (!writer) return;
    download(
      fileName(`${view.job.name} for the customer`, new Date(view.now).toISOString().slice(0, 10), 'pdf'),
      new Uint8Array(await writer.customerPdf(page, (id) => store.picture(id), logo)),
      'application/pdf',
    );
  };
  return (
    <>
      <Button className="mb-3" onClick={() => void save()}>
        Customer’s page as PDF
      </Button>
      <article
        className="max-w-3xl border border-hairline bg-[var(--label-paper)] p-6 text-[var(--label-ink)]"
        data-customer
      >
        {logo && (
          <img src={logo} alt={`Mark of ${view.shop.name || 'the shop'}`} className="float-right max-h-12" />
        )}
        <h2 className="text-2xl font-bold">{page.title}</h2>
        <p className="text-sm">{page.under}</p>
        {page.sections.map(({ title, lines }) => (
          <section key={title} className="mt-4">
            <h3 className="font-bold">{title}</h3>
            <ul className="list-disc pl-5 text-sm">
              {lines.map((line, i) => (
                <li key={i}>{line}</li>
              ))}
            </ul>
          </section>
        ))}
        {page.photos.length > 0 && (
          <div className="mt-4 flex flex-wrap gap-3">
            {page.photos.map(({ id, width, height, says }) => (
              <figure key={id} className="w-44">
                <Picture id={id} alt={says} width={width} height={height} />
                <figcaption className="text-xs">{says}</figcaption>
              </figure>
            ))}
          </div>
        )}
        <div className="mt-14 grid grid-cols-2 gap-8 text-xs">
          {page.signs.map((each) => (
            <p key={each} className="border-t border-current pt-1">
              {each}
            </p>
          ))}
        </div>
        <p className="mt-4 text-xs">{page.foot}</p>
      </article>
    </>
  );
}
