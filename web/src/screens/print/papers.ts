import { PaperRowSchema, PreviewSchema, type PaperOrder, type PaperRow } from '@corkscrew/core';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { z } from 'zod';
import { call, send } from '../../app/api.ts';

const KEY = ['papers'];
/** While something is made it is asked for so often (ms). */
const ASK = 500;
const isOpen = (row: PaperRow): boolean => row.state === 'waiting' || row.state === 'working';

/** The pages of an order as they will be printed. */
export const usePreview = (order: PaperOrder, stamp: string) =>
  useQuery({
    queryKey: ['preview', order, stamp],
    queryFn: () => call(PreviewSchema, '/api/papers/preview', send('POST', order)),
    placeholderData: keepPreviousData,
    staleTime: 5 * 60_000,
    retry: 1,
  });

/** What was ordered lately, asked for again while some of it is made. */
export const usePapers = () =>
  useQuery({
    queryKey: KEY,
    queryFn: () => call(z.array(PaperRowSchema), '/api/papers'),
    refetchInterval: (query) => (query.state.data?.some(isOpen) ? ASK : false),
  });

const one = (id: string): string => `/api/papers/${encodeURIComponent(id)}`;
export const fileAt = (id: string): string => `${one(id)}/file`;

/** Orders, stops and throws away. */
export function usePrinting() {
  const client = useQueryClient();
  const again = { onSettled: () => client.invalidateQueries({ queryKey: KEY }) };
  return {
    order: useMutation({
      mutationFn: (order: PaperOrder) => call(PaperRowSchema, '/api/papers', send('POST', order)),
      ...again,
    }),
    cancel: useMutation({
      mutationFn: (id: string) => call(PaperRowSchema, `${one(id)}/cancel`, { method: 'POST' }),
      ...again,
    }),
    remove: useMutation({
      mutationFn: (id: string) => call(z.object({ ok: z.boolean() }), one(id), { method: 'DELETE' }),
      ...again,
    }),
  };
}
