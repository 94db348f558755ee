'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import type { ReactNode } from 'react';

interface ListProps {
  readonly ids: readonly string[];
  /** Told where a row was and where it is to be. */
  readonly onMove: (from: number, to: number) => void;
  readonly children: ReactNode;
}

/** Rows that are put in another order by hand or keyboard. */
export function Sortable({ ids, onMove, children }: ListProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over?.id))];
    if (from >= 0 && to >= 0 && from !== to) onMove(from, to);
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

interface RowProps {
  readonly id: string;
  /** What the handle moves, for who cannot see it. */
  readonly label: string;
  readonly fixed?: boolean;
  readonly className: string;
  readonly children: ReactNode;
}

/** One of the rows, with its handle first. */
export function SortableRow({ id, label, fixed = false, className, children }: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id,
    disabled: fixed,
  });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`${className} ${isDragging ? 'relative z-10 bg-act-wash' : ''}`}
    >
      <button
        type="button"
        aria-label={label}
        disabled={fixed}
        className="flex size-11 cursor-grab touch-none items-center justify-center disabled:opacity-30"
        {...attributes}
        {...listeners}
      >
        <GripVertical aria-hidden className="size-5" />
      </button>
      {children}
    </li>
  );
}
