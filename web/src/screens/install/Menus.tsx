import type { PlanHow } from '../../questions/kinds.ts';
import { Choices } from '../../ui/Choices.tsx';

/** Which menu of the bar is open, and at what. */
export type OpenMenu = { readonly at: Element; readonly is: 'plan' | 'new' } | null;
export type Fresh = 'practice' | 'game' | 'season' | 'calendar';

/** The two menus of the bar: how to plan, and what to put in. */
export function Menus({
  menu,
  onPlan,
  onNew,
  onClose,
}: {
  menu: OpenMenu;
  onPlan: (how: PlanHow) => void;
  onNew: (what: Fresh) => void;
  onClose: () => void;
}) {
  if (!menu) return null;
  const after =
    <T,>(act: (what: T) => void) =>
    (what: T): void => {
      onClose();
      act(what);
    };
  return menu.is === 'plan' ? (
    <Choices
      label="Plan"
      at={menu.at}
      choices={[
        { id: 'fill', words: 'Fill in what is missing' },
        { id: 'near', words: 'Mend it with few changes' },
        { id: 'anew', words: 'Plan all of it anew' },
      ]}
      onChoose={after(onPlan)}
      onClose={onClose}
    />
  ) : (
    <Choices
      label="New"
      at={menu.at}
      choices={[
        { id: 'practice', words: 'Practice' },
        { id: 'game', words: 'Game' },
        { id: 'season', words: 'Season and practice days' },
        { id: 'calendar', words: 'Calendar file' },
      ]}
      onChoose={after(onNew)}
      onClose={onClose}
    />
  );
}
