import {
  courtFor,
  findAction,
  frameById,
  joined,
  lineThrough,
  nextWords,
  type LineOf,
  type ScriptFix,
} from '@corkscrew/core';
import { Copy } from 'lucide-react';
import { EditorView } from '@codemirror/view';
import { useEffect, useRef, useState } from 'react';
import { prefer, usePreferences } from '../../../app/preferences.ts';
import { useRecords } from '../../../keeping/records.ts';
import { useWords } from '../../../team/words.ts';
import { Button } from '../../../ui/controls.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import { VerbGlyph, VERBS } from '../draw/VerbGlyph.tsx';
import { goToFrame, redo, undo, useDesk, usePick } from '../store.ts';
import { besideOf } from './beside.ts';
import { makeEditor, type Editor } from './editor.ts';
import { Box } from './look.ts';
import { say } from './shown.ts';
import { follow, openScript, typed, useScript } from './state.ts';

/** So long after the last key what may stand next is worked out (ms): a hand that writes does not wait for it. */
const REST = 60;
/** What is wrong with a line is told so long after the last key on it (ms). */
const PAUSE = 700;
const CHIPS = 7;

/** The play as it is written: what is written is drawn, what is drawn is written. */
export default function ScriptTab() {
  const { play, frameId, actionId } = usePick('play', 'frameId', 'actionId');
  const words = useWords();
  const written = useScript((s) => s.written);
  const of = useScript((s) => s.of);
  const box = useRef<HTMLDivElement>(null);
  const editor = useRef<Editor | null>(null);
  const next = useScript((s) => s.next);
  const hush = useScript((s) => s.writing);
  const open = written !== null && of?.id === play.id;

  useEffect(() => void openScript(words), [words, play.id]);
  useEffect(() => {
    if (open) follow(play, words);
  }, [open, play, words]);

  useEffect(() => {
    if (!open || !box.current) return undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let pause: ReturnType<typeof setTimeout> | undefined;
    const look = (): void => {
      const view = editor.current?.view;
      if (!view) return;
      const at = view.state.selection.main.head;
      useScript.setState({
        next: nextWords(view.state.doc.toString(), at, courtFor(useDesk.getState().play), wordsNow()),
      });
    };
    const suggest = (): void => {
      clearTimeout(timer);
      timer = setTimeout(look, REST);
    };
    const made = makeEditor(box.current, textNow(), {
      typed: (text, line) => {
        const before = useDesk.getState().play;
        useScript.setState({ writing: line });
        clearTimeout(pause);
        pause = setTimeout(() => useScript.setState({ writing: null }), PAUSE);
        typed(text, line);
        if (useDesk.getState().play !== before) made.forget();
        suggest();
      },
      caret: (line) => {
        if (useScript.getState().writing !== line) useScript.setState({ writing: null });
        light(useScript.getState().written?.says.get(line));
        suggest();
      },
      takeNext: () => {
        // Whoever writes fast takes what may stand behind his last letter, not behind the one before.
        look();
        return take(made, nextNow().words[0]);
      },
      takeMend: () => {
        const line = made.view.state.doc.lineAt(made.view.state.selection.main.head).number;
        const fault = useScript.getState().written?.faults.find((f) => f.line === line && f.fixes);
        if (!fault) return false;
        mend(made, fault.fixes![0]!);
        return true;
      },
      undo,
      redo,
    });
    editor.current = made;
    suggest();
    return () => {
      clearTimeout(timer);
      clearTimeout(pause);
      editor.current = null;
      made.view.destroy();
    };
  }, [open]);

  // What is in hand elsewhere is lit here.
  const lit = written ? lineFor(written.says, frameId, actionId) : null;
  useEffect(() => {
    const made = editor.current;
    if (!made || !written) return;
    made.show(textNow());
    made.view.dispatch({
      effects: say.of({
        ...{ written, beside: besideOf(play, written, frameId), lit, hush },
        take: (fix) => mend(made, fix),
      }),
    });
  }, [written, play, frameId, lit, hush]);
  useEffect(() => {
    const made = editor.current;
    if (!made || lit === null || made.view.hasFocus || lit > made.view.state.doc.lines) return;
    const at = made.view.state.doc.line(lit).from;
    made.view.dispatch({ effects: EditorView.scrollIntoView(at, { y: 'nearest' }) });
  }, [lit]);

  return (
    <Box>
      <div className="signs" aria-hidden="true">
        {VERBS.map((v) => (
          <span key={v} id={`sign-${v}`}>
            <VerbGlyph verb={v} />
          </span>
        ))}
        <span id="sign-theirs">
          <svg width="26" height="16">
            <path
              d="M8 3H18V9Q18 12 13 14Q8 12 8 9ZM6 3H20"
              fill="none"
              stroke="var(--def)"
              strokeWidth="1.5"
            />
          </svg>
        </span>
      </div>
      <div className="say">
        <p>Say it a line at a time. The court follows.</p>
        <WordsChoice />
      </div>
      <div className="text" ref={box} data-testid="script" />
      <div className="next" role="group" aria-label="Next">
        <span>Next</span>
        {next.words.slice(0, CHIPS).map((w, i) => (
          <button
            key={w}
            type="button"
            onClick={() => {
              if (editor.current) take(editor.current, w);
              editor.current?.view.focus();
            }}
          >
            {w.replace(/^, /, '')}
            {i === 0 && <kbd>Tab</kbd>}
          </button>
        ))}
      </div>
      <Foot />
    </Box>
  );

  function take(made: Editor, word: string | undefined): boolean {
    const { view } = made;
    const { head, empty } = view.state.selection.main;
    const line = view.state.doc.lineAt(head);
    if (!word || !empty || line.text.trim() === '' || head < line.to) return false;
    const from = Math.max(line.from, nextNow().from);
    if (from > head) return false;
    const before = view.state.sliceDoc(line.from, from).replace(word.startsWith(',') ? /\s+$/ : /$^/, '');
    const insert = joined(before, word).slice(before.length);
    const start = line.from + before.length;
    view.dispatch({
      changes: { from: start, to: head, insert },
      selection: { anchor: start + insert.length },
      userEvent: 'input.complete',
    });
    return true;
  }
}

const nextNow = () => useScript.getState().next;
const wordsNow = () => useScript.getState().words;
const textNow = (): string => (useScript.getState().written?.lines ?? []).map((l) => l.text).join('\n');

function mend({ view }: Editor, { from, to, text }: ScriptFix): void {
  view.dispatch({
    changes: { from, to, insert: text },
    selection: { anchor: from + text.length },
    userEvent: 'input.mend',
  });
  view.focus();
}

/** What a line says is lit on the court, the ladder and the sheet. */
function light(of: LineOf | undefined): void {
  if (!of || !('frame' in of)) return;
  const { play, frameId, actionId } = useDesk.getState();
  if (!frameById(play, of.frame)) return;
  const action = 'action' in of && findAction(play, of.action) ? of.action : null;
  if (of.frame === frameId && action === actionId) return;
  if (of.frame !== frameId) goToFrame(of.frame);
  // On the way through an ending the whole of it is shown.
  const { branch } = useDesk.getState();
  if (!lineThrough(play, branch).some((f) => f.id === of.frame)) useDesk.setState({ branch: of.frame });
  useDesk.setState({ actionId: action });
}

function lineFor(says: ReadonlyMap<number, LineOf>, frame: string, action: string | null): number | null {
  for (const [line, of] of says)
    if (
      action === null ? of.is === 'frame' && of.frame === frame : of.is === 'action' && of.action === action
    )
      return line;
  return null;
}

/** The words the script is in: the trade's, or the team's own where it has any. */
function WordsChoice() {
  const ours = usePreferences((p) => p.ours);
  const { rows } = useRecords('words');
  if (!rows?.length) return null;
  return (
    <Segments role="group" aria-label="Words">
      <button type="button" aria-pressed={!ours} onClick={() => prefer({ ours: false })}>
        Plain words
      </button>
      <button type="button" aria-pressed={ours} onClick={() => prefer({ ours: true })}>
        Our words
      </button>
    </Segments>
  );
}

/** How much is written and what is to be mended. */
function Foot() {
  const written = useScript((s) => s.written);
  const [copied, setCopied] = useState(false);
  if (!written) return null;
  const lines = written.lines.filter((l) => l.text.trim() !== '').length;
  const bad = written.faults.length;
  return (
    <div className="foot">
      {bad > 0 && <i aria-hidden="true" />}
      <p role="status">
        <b>
          {lines} lines{bad > 0 && `, ${bad} to mend`}.
        </b>{' '}
        {bad > 0 ? 'Until then the court keeps what could be read last.' : copied ? 'Copied.' : ''}
      </p>
      <Button
        onPress={() => {
          void navigator.clipboard.writeText(textNow()).then(() => setCopied(true));
        }}
      >
        <Copy size={14} /> Copy
      </Button>
    </div>
  );
}
