import { useEffect, type PointerEvent } from 'react';
import { useNavigate } from 'react-router';
import { commandFor } from '../../../app/keymap.ts';
import { printPath } from '../Head.tsx';
import { useDesk } from '../store.ts';
import { pasteText } from './clipboard.ts';
import { deskKey } from './keys.ts';

/** What speaks for itself: fields, menus, lists that are open, and what says so. */
const OWN_KEYS =
  'input, textarea, select, [contenteditable="true"], [role="menu"], [role="listbox"], [role="dialog"], [data-keys="own"]';
/** What the keys move through where nothing is being drawn. */
const WALKED = '[role="slider"], [role="grid"], [role="tablist"], [role="radiogroup"], [data-block]';

/** Whether a key is left to what has the focus. */
function isTheirs(e: KeyboardEvent): boolean {
  const on = e.target instanceof Element ? e.target : null;
  if (!on || on.closest(OWN_KEYS)) return true;
  const { pending, waiting } = useDesk.getState();
  if (pending || waiting) return false;
  if (e.key === 'Enter' || e.key === ' ')
    return on.closest('button, a, summary, [role="button"], [role="row"], [data-block], [data-tag]') !== null;
  if (on.closest('[data-block]') && commandFor(e, ['block'])) return true;
  return /^(Arrow|Home|End|Page)/.test(e.key) && on.closest(`${WALKED}, .handle`) !== null;
}

/** Keys live wherever the hand was last: they are heard before whatever has the focus, and left to it where it has a use for them. */
export function useDeskKeys(on: boolean): void {
  const navigate = useNavigate();
  useEffect(() => {
    if (!on) return undefined;
    const onKey = (e: KeyboardEvent) => {
      const anywhere = commandFor(e, ['desk']);
      if (anywhere === 'region' || anywhere === 'regionBack' || anywhere === 'print') {
        e.preventDefault();
        if (anywhere === 'print') void navigate(printPath(useDesk.getState().play.id));
        else moveRegion(anywhere === 'region' ? 1 : -1);
        return;
      }
      if (isTheirs(e) || !deskKey(e)) return;
      e.preventDefault();
      e.stopPropagation();
    };
    window.addEventListener('keydown', onKey, { capture: true });
    document.getElementById('court')?.focus({ preventScroll: true });
    return () => window.removeEventListener('keydown', onKey, { capture: true });
  }, [on, navigate]);
}

/** What is pasted goes into the play, wherever the hand was last; a field keeps what is pasted into it. */
export function usePaste(on: boolean): void {
  useEffect(() => {
    if (!on) return undefined;
    const onPaste = (e: ClipboardEvent) => {
      if (e.target instanceof Element && e.target.closest(OWN_KEYS)) return;
      if (pasteText(e.clipboardData?.getData('text/plain') ?? '')) e.preventDefault();
    };
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  }, [on]);
}

/**
 * After a button or a row was pressed by pointer the court has the focus again: the next Space or Enter is meant for
 * the play, and not for the button once more.
 */
export function backToCourt(e: PointerEvent): void {
  const pressed = (e.target as Element).closest('button, [role="row"], [role="slider"]');
  if (!pressed || pressed.matches('[aria-haspopup], [role="tab"]') || pressed.closest(OWN_KEYS)) return;
  setTimeout(() => {
    if (pressed.contains(document.activeElement) || document.activeElement === document.body)
      document.getElementById('court')?.focus({ preventScroll: true });
  });
}

const REGIONS = ['ladder', 'court', 'run', 'panel'];
function moveRegion(by: number): void {
  const at = REGIONS.findIndex((r) => document.getElementById(r)?.contains(document.activeElement));
  const next = document.getElementById(REGIONS[(at + by + REGIONS.length) % REGIONS.length]!);
  const target =
    next?.id === 'court'
      ? next
      : next?.querySelector<HTMLElement>('[aria-current], [aria-selected="true"], button, [tabindex="0"]');
  target?.focus();
}
