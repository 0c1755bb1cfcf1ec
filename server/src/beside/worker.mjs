// A process of its own: it is plain JavaScript until it has brought what reads TypeScript.
import { register } from 'tsx/esm/api';

register();
const { answer } = await import('./answer.ts');
process.on('message', (asked) => {
  try {
    process.send({ told: answer(asked) });
  } catch (error) {
    process.send({ told: null, fault: error.message });
  }
});
process.on('disconnect', () => process.exit());
