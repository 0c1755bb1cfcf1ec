// A process of its own: it is plain JavaScript until it has brought what reads TypeScript.
import { register } from 'tsx/esm/api';

register();
const { answer } = await import('./answer.ts');
// Whoever asked may be gone by the time it is told.
const tell = (told) => process.send(told, () => undefined);
process.on('message', async (asked) => {
  try {
    tell({ told: await answer(asked) });
  } catch (error) {
    tell({ told: null, fault: error.message });
  }
});
process.on('disconnect', () => process.exit());
