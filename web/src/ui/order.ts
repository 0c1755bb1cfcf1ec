import { useDragAndDrop, type DragAndDropHooks } from 'react-aria-components';

/** A list whose rows are moved by hand or by keys: told from which place to which, once the row is taken out. */
export function useOrder(
  ids: readonly string[],
  onMove: (from: number, to: number) => void,
): DragAndDropHooks {
  const place = (of: unknown): number => ids.findIndex((id) => id === of);
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((k) => ({ 'text/plain': String(k) })),
    onReorder: (e) => {
      const from = place([...e.keys][0]);
      const to = place(e.target.key) + (e.target.dropPosition === 'after' ? 1 : 0);
      onMove(from, from < to ? to - 1 : to);
    },
  });
  return dragAndDropHooks;
}
