import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useJudged } from './useJudged';

/** A server that answers when it is told to, in any order. */
function slowServer() {
  const open: { state: number; answer: (text: string) => void; fail: () => void }[] = [];
  const ask = (state: number) =>
    new Promise<string>((resolve, reject) => {
      open.push({ state, answer: resolve, fail: () => reject(new Error('No lamp is that wide.')) });
    });
  return { open, ask };
}

function judged() {
  const server = slowServer();
  const { result } = renderHook(() => useJudged(server.ask));
  return {
    server,
    result,
    say: (state: number) => act(async () => void result.current.judge(state)),
    settle: (act_: () => void) =>
      act(async () => {
        act_();
        await Promise.resolve();
      }),
  };
}

describe('what changes faster than it is judged', () => {
  it('asks two at a time, and then only of the latest state', async () => {
    const { server, result, say, settle } = judged();
    for (const state of [1, 2, 3, 4, 5]) {
      await say(state);
    }
    expect(server.open.map((one) => one.state)).toEqual([1, 2]);
    await settle(() => server.open[0]?.answer('one'));
    expect(result.current.answer).toBe('one');
    expect(server.open.map((one) => one.state)).toEqual([1, 2, 5]);
  });

  it('passes over an answer that a later one has overtaken', async () => {
    const { server, result, say, settle } = judged();
    await say(1);
    await say(2);
    await settle(() => server.open[1]?.answer('two'));
    await settle(() => server.open[0]?.answer('one'));
    expect(result.current.answer).toBe('two');
  });

  it('keeps the last judgement beside a refusal, and loses both when it is dropped', async () => {
    const { server, result, say, settle } = judged();
    await say(1);
    await settle(() => server.open[0]?.answer('one'));
    await say(2);
    await settle(() => server.open[1]?.fail());
    expect(result.current).toMatchObject({ answer: 'one', problem: 'No lamp is that wide.' });
    act(() => result.current.drop());
    expect(result.current.answer).toBeUndefined();
    expect(result.current.problem).toBeUndefined();
  });

  it('does not show what was asked before it was dropped', async () => {
    const { server, result, say, settle } = judged();
    await say(1);
    act(() => result.current.drop());
    await settle(() => server.open[0]?.answer('one'));
    expect(result.current.answer).toBeUndefined();
    await say(2);
    await settle(() => server.open[1]?.answer('two'));
    expect(result.current.answer).toBe('two');
  });
});
