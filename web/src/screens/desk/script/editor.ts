import {
  history,
  historyKeymap,
  insertNewlineKeepIndent,
  redo,
  standardKeymap,
  undo,
  undoDepth,
  redoDepth,
} from '@codemirror/commands';
import { scriptParser } from '@corkscrew/core';
import { HighlightStyle, LRLanguage, syntaxHighlighting } from '@codemirror/language';
import { Annotation, Compartment, EditorState, type Extension } from '@codemirror/state';
import { EditorView, highlightActiveLine, keymap, lineNumbers } from '@codemirror/view';
import { styleTags, tags } from '@lezer/highlight';
import { shown } from './shown.ts';

/** What a change of the text comes from when no hand made it here. */
const fromOutside = Annotation.define<boolean>();

const language = LRLanguage.define({
  parser: scriptParser.configure({ props: [styleTags({ Comment: tags.comment, Text: tags.string })] }),
  languageData: { commentTokens: { line: '#' } },
});
const colours = HighlightStyle.define([
  { tag: tags.comment, color: 'var(--ink-3)' },
  { tag: tags.string, color: 'var(--ink-2)' },
]);

/** What the editor asks of whoever holds it. */
export interface EditorOwner {
  readonly typed: (text: string, line: number) => void;
  /** The caret went to a line (from 1) by the hand. */
  readonly caret: (line: number) => void;
  /** Takes what may stand next, or the mend of the line the caret is on. */
  readonly takeNext: () => boolean;
  readonly takeMend: () => boolean;
  readonly undo: () => void;
  readonly redo: () => void;
}

export interface Editor {
  readonly view: EditorView;
  /** Another text, put there as the least change, with the caret left where it is. */
  readonly show: (text: string) => void;
  /** Steps of writing that are drawn are the desk's to undo, and no longer the text's. */
  readonly forget: () => void;
}

export function makeEditor(parent: HTMLElement, text: string, owner: EditorOwner): Editor {
  const steps = new Compartment();
  const extensions: Extension[] = [
    language,
    syntaxHighlighting(colours),
    lineNumbers(),
    shown,
    highlightActiveLine(),
    EditorView.lineWrapping,
    EditorView.contentAttributes.of({ 'aria-label': 'Script', spellcheck: 'false', 'data-script': '' }),
    steps.of(history()),
    keymap.of([
      { key: 'Tab', run: owner.takeNext },
      { key: 'Enter', run: insertNewlineKeepIndent },
      { key: 'Mod-Enter', run: owner.takeMend },
      {
        key: 'Escape',
        run: (v) => {
          // A keyboard goes on from here: the next Tab leaves.
          v.setTabFocusMode(2000);
          return false;
        },
      },
      {
        key: 'Mod-z',
        run: (v) => {
          if (undoDepth(v.state) > 0) undo(v);
          else owner.undo();
          return true;
        },
      },
      ...['Mod-y', 'Mod-Shift-z'].map((key) => ({
        key,
        run: (v: EditorView) => {
          if (redoDepth(v.state) > 0) redo(v);
          else owner.redo();
          return true;
        },
      })),
      ...historyKeymap,
      ...standardKeymap,
    ]),
    EditorView.updateListener.of((u) => {
      const line = u.state.doc.lineAt(u.state.selection.main.head).number;
      const outside = u.transactions.some((t) => t.annotation(fromOutside));
      if (u.docChanged && !outside) owner.typed(u.state.doc.toString(), line);
      if (u.selectionSet && !outside) owner.caret(line);
    }),
  ];
  const view = new EditorView({ parent, state: EditorState.create({ doc: text, extensions }) });
  const forget = (): void => {
    view.dispatch({ effects: steps.reconfigure([]), annotations: fromOutside.of(true) });
    view.dispatch({ effects: steps.reconfigure(history()), annotations: fromOutside.of(true) });
  };
  return {
    view,
    show: (next) => {
      const now = view.state.doc.toString();
      if (now === next) return;
      const least = Math.min(now.length, next.length);
      let head = 0;
      while (head < least && now[head] === next[head]) head += 1;
      let tail = 0;
      while (tail < least - head && now[now.length - 1 - tail] === next[next.length - 1 - tail]) tail += 1;
      view.dispatch({
        changes: { from: head, to: now.length - tail, insert: next.slice(head, next.length - tail) },
        annotations: fromOutside.of(true),
      });
      forget();
    },
    forget,
  };
}
