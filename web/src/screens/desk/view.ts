import { DESK, type Scale } from '@corkscrew/diagram';
import { useMemo } from 'react';
import { usePhone } from '../../app/size.ts';
import { usePreferences } from '../../app/preferences.ts';

const PHONE: Scale = { ...DESK, mark: 1.75, margin: 1.5 };

/** How the court is drawn on this device, and whether it is too small for the hand to draw on. */
export function useCourtScale(): { readonly scale: Scale; readonly idle: boolean } {
  const phone = usePhone();
  const down = usePreferences((p) => p.down);
  const mirrored = usePreferences((p) => p.mirrored);
  const scale = useMemo(
    () => ({ ...(phone ? PHONE : DESK), turn: { down, mirrored } }),
    [phone, down, mirrored],
  );
  return { scale, idle: phone };
}
