'use client';

import type { Walk } from '@/facts/job';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { clockTime } from '@/words/clock';

/** When each face may be touched, and how: an estimate by the sheet and this room. */
export function Touching({ walk }: { readonly walk: Walk }) {
  const { now } = useJob().view;
  const next = walk.touch.find(({ handle }) => handle > now);
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      title="May it be touched?"
      says={
        next
          ? `${next.face.name} not before ${clockTime(next.finger > now ? next.finger : next.handle, now)}`
          : 'all of it may be handled'
      }
      verb="Show"
    >
      <table className="w-full max-w-xl text-left text-sm" data-touch>
        <thead>
          <tr className="border-b border-hairline">
            <th scope="col" className="py-1 pr-3">
              Face
            </th>
            <th scope="col" className="py-1 pr-3">
              With a finger, where it is not seen
            </th>
            <th scope="col" className="py-1">
              Handled, packed, polished
            </th>
          </tr>
        </thead>
        <tbody>
          {walk.touch.map(({ face, finger, handle, assumed }) => (
            <tr key={face.id} className="border-b border-hairline">
              <th scope="row" className="py-1.5 pr-3 font-semibold">
                {face.name}
              </th>
              <td className="py-1.5 pr-3">
                {finger > now ? `■ from ${clockTime(finger, now)}${assumed ? ', as is usual' : ''}` : '✓ now'}
              </td>
              <td className="py-1.5">{handle > now ? `■ from ${clockTime(handle, now)}` : '✓ now'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-xs text-ink-soft">
        Counted from each face’s last coat, by the sheet and the room as last read: an estimate. A finger is
        set on masking or an underside first.
      </p>
    </Fold>
  );
}
