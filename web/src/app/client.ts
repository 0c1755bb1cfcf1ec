import { QueryClient } from '@tanstack/react-query';
import { ApiProblem } from './api.ts';

/** What the server said, as long as it is fresh: one for the app. */
export const client = new QueryClient({
  defaultOptions: {
    queries: { retry: (count, error) => !(error instanceof ApiProblem) && count < 2, staleTime: 2000 },
  },
});
