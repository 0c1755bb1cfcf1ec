import type { ScriptFault, ScriptFix, Verb, Written } from '@corkscrew/core';
import { RangeSetBuilder, StateEffect, StateField, type Extension, type Text } from '@codemirror/state';
import {
  Decoration,
  EditorView,
  gutter,
  GutterMarker,
  WidgetType,
  type DecorationSet,
} from '@codemirror/view';

/** What stands beside a line: what it is in a sign, and when it happens. */
export interface Beside {
  readonly sign: { readonly verb: Verb } | { readonly box: number; readonly here: boolean } | 'theirs' | null;
  readonly time: string;
}
interface Said {
  readonly written: Written;
  /** By the number of the line, from 1. */
  readonly beside: ReadonlyMap<number, Beside>;
  /** Lines that are lit: what is in hand on the court or the ladder. */
  readonly lit: number | null;
  /** A line that is being written: what is wrong with it is told once the hand rests. */
  readonly hush: number | null;
  readonly take: (fix: ScriptFix) => void;
}
/** What is known of the text after it was read. */
export const say = StateEffect.define<Said>();

interface Known {
  readonly said: Said | null;
  readonly marks: DecorationSet;
}
const field = StateField.define<Known>({
  create: () => ({ said: null, marks: Decoration.none }),
  update: (known, tr) => {
    const said = tr.effects.find((e) => e.is(say))?.value;
    if (said) return { said, marks: marksOf(said, tr.state.doc) };
    return tr.docChanged ? { ...known, marks: known.marks.map(tr.changes) } : known;
  },
  provide: (f) => EditorView.decorations.from(f, (k) => k.marks),
});

function marksOf({ written, lit, hush, take }: Said, doc: Text): DecorationSet {
  const all = written.marks
    .filter((m) => m.to <= doc.length && m.from < m.to)
    .map((m) => Decoration.mark({ class: `cm-${m.role}` }).range(m.from, m.to));
  const faults = written.faults.flatMap((fault, i) => {
    if (fault.line > doc.lines || fault.line === hush) return [];
    const line = doc.line(fault.line);
    const [from, to] = [Math.max(line.from, fault.from), Math.min(line.to, fault.to)];
    const widget = new FaultLine(fault, i === 0, take);
    return [
      ...(from < to ? [Decoration.mark({ class: 'cm-fault' }).range(from, to)] : []),
      Decoration.widget({ widget, block: true, side: 1 }).range(line.to),
    ];
  });
  const here =
    lit === null || lit > doc.lines ? [] : [Decoration.line({ class: 'cm-lit' }).range(doc.line(lit).from)];
  return Decoration.set([...all, ...faults, ...here], true);
}

/** What is wrong with a line, under it, with what would mend it. */
class FaultLine extends WidgetType {
  constructor(
    private readonly fault: ScriptFault,
    private readonly first: boolean,
    private readonly take: (fix: ScriptFix) => void,
  ) {
    super();
  }
  override eq(other: FaultLine): boolean {
    return JSON.stringify(other.fault) === JSON.stringify(this.fault) && other.first === this.first;
  }
  override toDOM(): HTMLElement {
    const box = document.createElement('div');
    box.className = 'cm-fault-line';
    const sentence = document.createElement('p');
    sentence.textContent = this.fault.sentence;
    box.append(document.createElement('i'), sentence);
    for (const fix of this.fault.fixes ?? []) {
      const button = document.createElement('button');
      button.type = 'button';
      button.textContent = fix.text.charAt(0).toUpperCase() + fix.text.slice(1);
      button.onclick = () => this.take(fix);
      box.append(button);
    }
    return box;
  }
}

class Sign extends GutterMarker {
  constructor(private readonly of: NonNullable<Beside['sign']>) {
    super();
  }
  override eq(other: Sign): boolean {
    return JSON.stringify(other.of) === JSON.stringify(this.of);
  }
  override toDOM(): Node {
    if (this.of === 'theirs' || 'verb' in this.of) {
      const use = document.createElement('span');
      use.className = 'cm-sign';
      use.dataset.sign = this.of === 'theirs' ? 'theirs' : this.of.verb;
      const drawn = document.getElementById(`sign-${use.dataset.sign}`)?.firstElementChild?.cloneNode(true);
      if (drawn) use.append(drawn);
      return use;
    }
    const box = document.createElement('b');
    box.className = 'cm-box';
    if (this.of.here) box.dataset.here = '';
    box.textContent = String(this.of.box);
    return box;
  }
}
class Time extends GutterMarker {
  constructor(private readonly time: string) {
    super();
  }
  override eq(other: Time): boolean {
    return other.time === this.time;
  }
  override toDOM(): Node {
    return document.createTextNode(this.time);
  }
}

const besides = (marker: (b: Beside) => GutterMarker | null) => (view: EditorView) => {
  const out = new RangeSetBuilder<GutterMarker>();
  const { said } = view.state.field(field);
  const { doc } = view.state;
  for (const [n, beside] of [...(said?.beside ?? [])].sort((a, b) => a[0] - b[0])) {
    const made = n <= doc.lines ? marker(beside) : null;
    if (made) out.add(doc.line(n).from, doc.line(n).from, made);
  }
  return out.finish();
};

/** Lines with what they say marked in them, what is wrong under them, and what goes with them beside them. */
export const shown: Extension = [
  field,
  gutter({ class: 'cm-signs', markers: besides((b) => (b.sign ? new Sign(b.sign) : null)) }),
  gutter({
    class: 'cm-times',
    side: 'after',
    markers: besides((b) => (b.time ? new Time(b.time) : null)),
  }),
];
