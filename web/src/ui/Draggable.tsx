import {
  closestCenter,
  DndContext,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { ReactNode } from 'react';

export { arrayMove };

const APART_PX = 5;

/** A list whose rows can be dragged by their grips, with mouse or finger. */
export function Draggable(props: {
  name: string;
  ids: string[];
  onMove: (from: number, to: number) => void;
  children: ReactNode;
}) {
  const { name, ids, onMove, children } = props;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: APART_PX } }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id)
      onMove(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol aria-label={name}>{children}</ol>
      </SortableContext>
    </DndContext>
  );
}

/** What a row needs to be dragged, and its grip. The keys for moving are Alt and the arrows. */
export function useDrag(id: string) {
  const { setNodeRef, setActivatorNodeRef, listeners, transform, transition, isDragging } =
    useSortable({ id });
  return {
    row: {
      ref: setNodeRef,
      style: transform
        ? {
            transform: `translateY(${transform.y}px)`,
            transition: transition ?? undefined,
            zIndex: isDragging ? 2 : undefined,
            position: 'relative' as const,
          }
        : undefined,
    },
    grip: (
      <span ref={setActivatorNodeRef} className="grip" aria-hidden="true" {...listeners}>
        <svg className="glyph" viewBox="0 0 16 16">
          <path d="M6 4v.01M6 8v.01M6 12v.01M10 4v.01M10 8v.01M10 12v.01" />
        </svg>
      </span>
    ),
  };
}
