import {
  readyOf,
  relatedOf,
  relationOf,
  trialOf,
  verdictOf,
  whole,
  type Defence,
  type OwnTeaching,
  type PaperOrder,
  type Play,
  type Ready,
  type Related,
  type Relation,
  type Trial,
  type Verdict,
} from '@corkscrew/core';
import type { PaperInput } from '@corkscrew/paper';
import { previewOf, type Previewed } from '../papers/preview.ts';

type Makes = OwnTeaching['makes'];

/** What is worked out beside the server, question by question, and what each is answered. */
export interface Questions {
  /** What a play has against its first defence. */
  verdict: [{ readonly play: Play; readonly makes: Makes }, Verdict | null];
  /** What of a play is compared with others. */
  related: [{ readonly play: Play }, Related];
  /** How one play hangs together with each of others; what was sent once is known by its content. */
  relations: [
    { readonly one: Sent; readonly others: readonly (Sent & { readonly id: string })[] },
    readonly { readonly id: string; readonly relation: Relation }[],
  ];
  /** A play against defences, one after the other, for as long as there is time (ms of processor). */
  trials: [
    {
      readonly play: Play;
      readonly makes: Makes;
      readonly against: readonly Defence[];
      readonly time: number;
    },
    readonly Trial[],
  ];
  /** The first pages of what may be printed. */
  preview: [{ readonly order: PaperOrder; readonly input: PaperInput; readonly isWhole: boolean }, Previewed];
}
export interface Sent {
  readonly content: string;
  readonly of?: Related | undefined;
}
export type Asked = { [K in keyof Questions]: { readonly ask: K } & Questions[K][0] }[keyof Questions];

/** Films of plays by their content, made once for as long as the process lives. */
const films = new Map<string, Ready>();
/** So many are kept: a large playbook. */
const FILMS = 600;

function filmFor({ content, of }: Sent): Ready {
  let film = films.get(content);
  if (!film) {
    if (!of) throw new Error('A play to compare was not sent.');
    film = readyOf(of);
    films.set(content, film);
    for (const old of films.keys()) if (films.size > FILMS) films.delete(old);
  }
  return film;
}

type Answer = Questions[keyof Questions][1];
/** Answers one question. Throws what the question's own work throws. */
export function answer(asked: Asked): Answer | Promise<Answer> {
  switch (asked.ask) {
    case 'verdict':
      return whole(verdictOf(asked.play, asked.makes));
    case 'related':
      return relatedOf(asked.play);
    case 'relations': {
      const one = filmFor(asked.one);
      return asked.others.flatMap(({ id, ...other }) => {
        const relation = relationOf(one, filmFor(other));
        return relation ? [{ id, relation }] : [];
      });
    }
    case 'trials': {
      const began = process.cpuUsage();
      const out: Trial[] = [];
      for (const defence of asked.against) {
        const { user, system } = process.cpuUsage(began);
        if ((user + system) / 1000 > asked.time) break;
        out.push(trialOf(asked.play, defence, asked.makes));
      }
      return out;
    }
    case 'preview':
      return previewOf(asked.order, asked.input, asked.isWhole);
  }
}
