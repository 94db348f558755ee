'use client';

import { useMemo, useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { fileName } from '@/exchange/filename';
import { jobViewOf, shelfOn } from '@/facts/records';
import { stockToBuy, toBuy, usualLead, type ToBuy } from '@/facts/shop/buying';
import { eachThatCan } from '@/facts/shop/eachthatcan';
import { kitOf, wearOf } from '@/facts/shop/wear';
import { newId, type Coating, type Shop } from '@/records';
import { isoNow, useNow } from '@/store/clock';
import { useRecords, useShop, useShopState, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { CommitField, SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { useUnits } from '@/ui/units';
import { leftSays, listText, packsSay } from '@/words/buying';
import { wearWords } from '@/words/care';
import { amount } from '@/words/figures';
import { plural } from '@/words/line';
import { money } from '@/words/money';

/** What the open jobs want, what the shelf has, and which packs cover the rest; parts and the store room besides. */
export function BuyPart() {
  const { records } = useShopState();
  const shop = useShop();
  const units = useUnits();
  const jobs = useRecords('job');
  const rigs = useRecords('rig');
  const sheets = useRecords('coating');
  const day = Math.floor(useNow() / 86_400_000) * 86_400_000;
  const paints = useMemo(() => {
    const now = Math.max(day, Date.parse(isoNow()));
    const views = eachThatCan(
      jobs.filter(({ closed }) => !closed),
      (job) => job.layers.flatMap(({ id }) => jobViewOf(records, job.id, now, { inHand: id }) ?? []),
    );
    return toBuy(views, shelfOn(records, now), sheets, new Date(now).toISOString().slice(0, 10));
  }, [records, jobs, sheets, day]);
  const parts = useMemo(
    () => kitOf(wearOf(rigs, jobs, day), rigs).filter(({ order }) => order),
    [rigs, jobs, day],
  );
  const stock = stockToBuy(shop);
  const save = () =>
    download(
      fileName('Shopping list', isoNow().slice(0, 10), 'txt'),
      listText(paints, stock, units),
      'text/plain',
    );
  return (
    <>
      <Panel
        title="To buy"
        tools={
          <Button disabled={paints.length + stock.length === 0} onClick={save}>
            Shopping list
          </Button>
        }
      >
        {paints.length + parts.length + stock.length === 0 && (
          <p className="text-sm text-good">✓ The shelf covers what the open jobs want.</p>
        )}
        <ul className="max-w-4xl divide-y divide-hairline border-y border-hairline" data-buy>
          {paints.map((each) => (
            <PaintRow key={`${each.sheet.id}/${each.component.id}`} buy={each} />
          ))}
          {parts.map(({ rig, row }) => (
            <li key={row.id} className="py-2 text-sm">
              <b>{wearWords[row.part]}</b> for {rig.name}: {row.stock} left.
            </li>
          ))}
          {stock.map(({ row, count }) => (
            <li key={row.id} className="py-2 text-sm">
              <b>{row.name}</b>: {count}, for {row.stock} left of {row.least} at least; there in{' '}
              {plural(row.lead ?? usualLead, 'day')}.
            </li>
          ))}
        </ul>
      </Panel>
      <StoreRoom shop={shop} />
    </>
  );
}

function PaintRow({ buy }: { readonly buy: ToBuy }) {
  const units = useUnits();
  const { sheet, component, need, have, short, jobs, cheapest, least, deadBy, lead } = buy;
  return (
    <li className="py-2 text-sm">
      <b>
        {sheet.name}, {component.name}
      </b>
      : <Printed figure={amount('volume', short)} /> short; wanted <Printed figure={amount('volume', need)} />{' '}
      by {jobs.map(({ name }) => name).join(', ')}, on the shelf <Printed figure={amount('volume', have)} />.
      There in {plural(lead, 'day')}.
      {isRefusal(cheapest) ? (
        <span className="block text-care">▲ {units.says(cheapest)}</span>
      ) : (
        <span className="block">
          <b>{packsSay(cheapest, units)}</b>: {leftSays(cheapest, deadBy, units)}.
          {least && (
            <>
              {' '}
              Least left: <b>{packsSay(least, units)}</b>, {leftSays(least, deadBy, units)}.
            </>
          )}
        </span>
      )}
      <Fold title="Sizes it is sold in" says={sizesSay(sheet, component.id)} className="text-sm">
        <Sizes sheet={sheet} componentId={component.id} />
      </Fold>
    </li>
  );
}

const sizesSay = ({ packs = [] }: Coating, componentId: string): string =>
  plural(packs.filter((pack) => pack.componentId === componentId).length, 'size');

function Sizes({ sheet, componentId }: { readonly sheet: Coating; readonly componentId: string }) {
  const store = useStore();
  const [volume, setVolume] = useState<number>();
  const [price, setPrice] = useState('');
  const packs = sheet.packs ?? [];
  const put = (next: NonNullable<Coating['packs']>) =>
    store.put({ ...sheet, packs: next.length > 0 ? next : undefined }, 'pack sizes');
  const cost = Number(price.replace(',', '.'));
  const wrong = price.trim() !== '' && !(cost >= 0) ? 'A number, nought or more.' : undefined;
  return (
    <div className="space-y-2">
      <ul className="flex flex-wrap gap-2">
        {packs.flatMap((pack, i) =>
          pack.componentId === componentId
            ? [
                <li key={i}>
                  <Button onClick={() => put(packs.filter((_each, k) => k !== i))}>
                    <Printed figure={amount('volume', pack.volume)} />
                    {pack.price === undefined ? '' : ` at ${money(pack.price)}`}, take out
                  </Button>
                </li>,
              ]
            : [],
        )}
      </ul>
      <div className="grid max-w-lg grid-cols-2 items-start gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <NumberField
          label="A pack holds"
          quantity="volume"
          value={volume}
          onChange={setVolume}
          expects={[1e-4, 0.03]}
        />
        <div>
          <CommitField label="Price of it" value={price} onCommit={setPrice} hint={wrong} />
        </div>
        <Button
          className="self-start sm:mt-6"
          disabled={!volume || volume <= 0 || wrong !== undefined}
          onClick={() => {
            if (!volume) return;
            put(
              [...packs, { componentId, volume, ...(price.trim() === '' ? {} : { price: cost }) }].slice(-40),
            );
            setVolume(undefined);
            setPrice('');
          }}
        >
          Add
        </Button>
      </div>
    </div>
  );
}

const usualStock = [
  'Gloves',
  'Masks and cartridges',
  'Filters',
  'Strainers',
  'Thinner',
  'Tape',
  'Tack cloths',
];

/** What is used up by all jobs together: how much there is, and from how few on to buy. */
function StoreRoom({ shop }: { readonly shop: Shop }) {
  const store = useStore();
  const rows = shop.stock ?? [];
  const put = (stock: NonNullable<Shop['stock']>) =>
    store.put({ ...shop, stock: stock.length > 0 ? stock : undefined }, 'store room');
  const change = (id: string, said: Partial<(typeof rows)[number]>) =>
    put(rows.map((row) => (row.id === id ? { ...row, ...said } : row)));
  const number = (text: string, then: (value: number) => void) => {
    const value = Number(text.replace(',', '.'));
    if (text.trim() !== '' && value >= 0 && value <= 1e5) then(value);
  };
  const left = usualStock.filter((name) => !rows.some((row) => row.name === name));
  return (
    <Panel title="Store room">
      <ul className="max-w-4xl divide-y divide-hairline border-y border-hairline" data-store-room>
        {rows.map((row) => (
          <li
            key={row.id}
            className="grid grid-cols-2 items-end gap-3 py-3 sm:grid-cols-[1fr_7rem_7rem_7rem_auto]"
          >
            <CommitField
              label="What"
              value={row.name}
              onCommit={(name) => name.trim() && change(row.id, { name: name.trim() })}
            />
            <CommitField
              label="There are"
              type="number"
              min={0}
              value={String(row.stock)}
              onCommit={(text) => number(text, (value) => change(row.id, { stock: value }))}
            />
            <CommitField
              label="Buy at"
              type="number"
              min={0}
              value={String(row.least)}
              onCommit={(text) => number(text, (value) => change(row.id, { least: value }))}
            />
            <CommitField
              label="Days to come"
              type="number"
              min={0}
              value={String(row.lead ?? usualLead)}
              onCommit={(text) => number(text, (value) => change(row.id, { lead: Math.min(value, 400) }))}
            />
            <Button look="quiet" onClick={() => put(rows.filter(({ id }) => id !== row.id))}>
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-3 max-w-xs">
        <SelectField
          label="Keep count of"
          value=""
          onChange={(event) =>
            event.target.value &&
            put([...rows, { id: newId(), name: event.target.value, stock: 0, least: 1 }])
          }
          options={[
            { value: '', label: 'Choose' },
            ...left.map((value) => ({ value, label: value })),
            { value: 'Something else', label: 'Something else' },
          ]}
        />
      </div>
    </Panel>
  );
}
