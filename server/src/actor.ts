import type { Context } from 'hono';

/** Who asks: every resource takes it, and nothing is looked up without its team. */
export interface Actor {
  readonly team: string;
  readonly person: string;
  readonly role: 'owner' | 'coach' | 'assistant' | 'player';
}

/** What every handler behind the gate finds: the actor, and the name of the request. */
export interface Asked {
  Variables: { actor: Actor; requestId: string };
}

/** Makes the actor of a request, or null when it may ask nothing. The one place where that is decided. */
export type Actors = (c: Context) => Actor | null;

interface NodeEnv {
  readonly incoming?: { readonly socket?: { readonly remoteAddress?: string } };
}

const LOOPBACK = /^(127\.|::1$|::ffff:127\.)/;

/** Until there is sign-in: whoever sits at this machine is the owner of its one team, and nobody else is anybody. */
export const ownerOnLoopback =
  (team: string): Actors =>
  (c) => {
    const { incoming } = (c.env ?? {}) as NodeEnv;
    // Without a socket the request was made in this process.
    const address = incoming ? (incoming.socket?.remoteAddress ?? '') : '127.0.0.1';
    return LOOPBACK.test(address) ? { team, person: 'owner', role: 'owner' } : null;
  };
