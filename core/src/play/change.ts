import type { PlayerId } from '../alignment/library.ts';
import type { CustomCourt } from '../court/rulesets.ts';
import type { Action, Defence, End, Frame, Level, Look, Place, Play, Read } from './document.ts';
import type { Numbers } from './operations.ts';

type FieldsOf<T> = T extends unknown ? keyof T : never;
type ValueOf<T, K extends PropertyKey> = T extends unknown ? (K extends keyof T ? T[K] : never) : never;

/** An action before it has an id. */
export type NewAction = Action extends infer A ? (A extends Action ? Omit<A, 'id'> : never) : never;
/** A part of an action that can be said by itself; what an action does and who it is stay. */
export type ActionField = Exclude<FieldsOf<Action>, 'id' | 'does'>;
export type ActionPatch = { [K in ActionField]?: ValueOf<Action, K> | undefined };

/** Everything a coach can do to a play: plain data, so that pointer, keyboard, import and drafts all speak it. */
export type Change =
  | { do: 'name'; name: string }
  | { do: 'call'; word?: string; signal?: string; figure?: string }
  | { do: 'series'; series: string }
  | { do: 'against'; against: string[] }
  | { do: 'situation'; situation: string[] }
  /** What a play is in the playbook; what is not said stays, an empty text or null takes it away. */
  | {
      do: 'about';
      option?: string;
      purpose?: string;
      status?: NonNullable<Play['status']> | null;
      origin?: NonNullable<Play['origin']> | null;
    }
  /** The plays it answers, by what the defence learnt of them. */
  | { do: 'counterTo'; counterTo: NonNullable<Play['counterTo']> }
  /** What numbers need as the coach has it, what usually goes wrong, what was changed: each list anew. */
  | { do: 'needs'; needs: NonNullable<Play['needs']> }
  | { do: 'errors'; errors: NonNullable<Play['errors']> }
  | { do: 'changes'; changes: NonNullable<Play['changes']> }
  | { do: 'notes'; notes: string }
  | { do: 'court'; court: Play['court']; customCourt?: CustomCourt }
  | { do: 'level'; level: Level; women?: boolean }
  | { do: 'alignment'; key: string; flipped?: boolean }
  | { do: 'place'; player: PlayerId; place: Place }
  | { do: 'ball'; player: PlayerId }
  | { do: 'throwIn'; from: NonNullable<Play['start']['throwIn']> | null }
  | { do: 'addAction'; frame: string; action: NewAction; at?: number }
  /** The whole action anew: known fields that are not said are gone. */
  | { do: 'setAction'; id: string; action: NewAction }
  /** Parts of an action: `set` is said anew, `unset` goes, everything else stays. */
  | { do: 'patchAction'; id: string; set?: ActionPatch; unset?: readonly ActionField[] }
  | { do: 'removeAction'; id: string }
  | { do: 'moveAction'; id: string; to: number }
  /**
   * A new frame after one: on the line, or as a further ending when `fork`. `after: null` puts it before
   * everything, or, when `fork`, adds an ending from the set.
   */
  | { do: 'addFrame'; after: string | null; fork?: boolean; read?: Read }
  | { do: 'duplicateFrame'; id: string }
  /** A frame of this or another play once more, behind one of this play. */
  | { do: 'pasteFrame'; after: string; frame: Frame }
  /** A whole frame as a further ending of one, or of the set: its read, its cues on its own actions and all. */
  | { do: 'pasteEnding'; after: string | null; frame: Frame }
  | { do: 'removeFrame'; id: string }
  /** A frame to another place on a line, behind one; `null` is before everything. */
  | { do: 'moveFrame'; id: string; after: string | null }
  /** What the defence is seen to do where an ending starts; none makes it the line as drawn. */
  | { do: 'read'; frame: string; read: Read | null }
  /** An ending to another place among those that start with it; the first is the play as drawn. */
  | { do: 'orderEnding'; id: string; to: number }
  /** A frame and everything that follows it. */
  | { do: 'removeEnding'; id: string }
  | { do: 'caption'; frame: string; title?: string; caption?: string }
  /** Silences a finding by its code and cause, with the coach's reason; no reason lets it speak again. */
  | { do: 'silence'; code: string; at: string; reason: string | null; ending?: string }
  /** The looks of a frame, in the coach's order; none, and they are read from the drawing again. */
  | { do: 'looks'; frame: string; looks: Look[] }
  /** Something they never do at a place of the play, in the coach's word; not any more when `never` is false. */
  | {
      do: 'never';
      at: { kind: string; by: PlayerId; user: PlayerId; depth: number };
      does: Read['does'];
      never: boolean;
    }
  /** Which play it is a version of; null: of none. */
  | { do: 'variantOf'; variantOf: NonNullable<Play['variantOf']> | null }
  /** How the line through a frame that ends one ends, or every line that does not say; null: nobody says. */
  | { do: 'end'; frame: string | null; end: End | null }
  /** The defences a play is looked at against; the first is the one by default. */
  | { do: 'defences'; defences: Defence[] }
  | { do: 'flip' }
  | { do: 'numbers'; to: Numbers }
  | { do: 'splice'; after: string; play: Play }
  | { do: 'copyLine'; from: string; after: string }
  /** The play as one of its own: another id, and its name with what tells it apart. */
  | { do: 'copy'; id: string; suffix?: string; name?: string };
