import type { Teller } from '@corkscrew/core';
import { useTeller } from '../../team/teller.ts';
import { useDesk } from './store.ts';

/** Who says what is said of the play on the desk. */
export const useDeskTeller = (): Teller => useTeller(useDesk((s) => s.play));
