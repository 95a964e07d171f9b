// Questions to workers as hooks: the newest counts, what was stopped stays stopped, failures are sentences.
import { act, renderHook, waitFor } from '@testing-library/react';
import { useNotices } from '../stores/notices';
import type { RunningWork } from './remote';
import { useAnswer } from './useAnswer';
import { useWork } from './useWork';

interface Later<T> {
  readonly promise: Promise<T>;
  readonly yes: (value: T) => void;
  readonly no: (error: Error) => void;
}
function later<T>(): Later<T> {
  const ends = {} as { yes: (value: T) => void; no: (error: Error) => void };
  const promise = new Promise<T>((yes, no) => {
    Object.assign(ends, { yes, no });
  });
  return {
    promise,
    yes: (value) => {
      ends.yes(value);
    },
    no: (error) => {
      ends.no(error);
    },
  };
}

describe('useAnswer', () => {
  it('is asked, then has its answer; without a question it stays asked', async () => {
    const answer = later<string>();
    const ask = () => answer.promise;
    const { result, rerender } = renderHook(
      ({ put }: { put: (() => Promise<string>) | undefined }) => useAnswer(put),
      { initialProps: { put: undefined as (() => Promise<string>) | undefined } },
    );
    expect(result.current).toEqual({ state: 'asked' });
    rerender({ put: ask });
    expect(result.current).toEqual({ state: 'asked' });
    answer.yes('42');
    await waitFor(() => {
      expect(result.current).toEqual({ state: 'here', value: '42' });
    });
  });
  it('drops the answer to a question that is no longer asked, whichever comes last', async () => {
    const [first, second] = [later<string>(), later<string>()];
    const [askFirst, askSecond] = [() => first.promise, () => second.promise];
    const { result, rerender } = renderHook(({ ask }) => useAnswer(ask), {
      initialProps: { ask: askFirst },
    });
    await act(() => new Promise((done) => setTimeout(done, 5)));
    rerender({ ask: askSecond });
    await act(() => new Promise((done) => setTimeout(done, 5)));
    second.yes('new');
    await waitFor(() => {
      expect(result.current).toEqual({ state: 'here', value: 'new' });
    });
    first.yes('old');
    await act(() => new Promise((done) => setTimeout(done, 5)));
    expect(result.current).toEqual({ state: 'here', value: 'new' });
  });
  it('says why there is no answer, and asks again when asked anew', async () => {
    const [bad, good] = [later<string>(), later<string>()];
    const [askBad, askGood] = [() => bad.promise, () => good.promise];
    const { result, rerender } = renderHook(({ ask }) => useAnswer(ask), {
      initialProps: { ask: askBad },
    });
    bad.no(new Error('0 mm cannot be annealed.'));
    await waitFor(() => {
      expect(result.current).toEqual({ state: 'failed', says: '0 mm cannot be annealed.' });
    });
    rerender({ ask: askGood });
    expect(result.current.state).toBe('asked');
  });
  it('puts no question that is withdrawn before it has stood so long', async () => {
    const put = jest.fn(() => Promise.resolve('x'));
    const { rerender, unmount } = renderHook(({ ask }) => useAnswer(ask, 30), {
      initialProps: { ask: () => put() },
    });
    rerender({ ask: () => put() });
    await act(() => new Promise((done) => setTimeout(done, 60)));
    expect(put).toHaveBeenCalledTimes(1);
    rerender({ ask: () => put() });
    unmount();
    await new Promise((done) => setTimeout(done, 60));
    expect(put).toHaveBeenCalledTimes(1);
  });
});

describe('useWork', () => {
  const start = (): {
    work: RunningWork<number>;
    stop: jest.Mock;
    done: Later<number | undefined>;
  } => {
    const done = later<number | undefined>();
    const stop = jest.fn(() => {
      done.yes(undefined);
    });
    return { work: { done: done.promise, stop }, stop, done };
  };
  it('is busy until it is done, and gives its result once', async () => {
    const { work, done } = start();
    const told = jest.fn();
    const { result } = renderHook(() => useWork<number>());
    act(() => {
      result.current.take(work, told);
    });
    expect(result.current.busy).toBe(true);
    done.yes(7);
    await waitFor(() => {
      expect(result.current.busy).toBe(false);
    });
    expect(told.mock.calls).toEqual([[7]]);
  });
  it('stopped it has no result, and its screen gone it is stopped', async () => {
    const first = start();
    const told = jest.fn();
    const { result, unmount } = renderHook(() => useWork<number>());
    act(() => {
      result.current.take(first.work, told);
    });
    act(() => {
      result.current.stop();
    });
    expect(first.stop).toHaveBeenCalled();
    expect(result.current.busy).toBe(false);
    const second = start();
    act(() => {
      result.current.take(second.work, told);
    });
    unmount();
    expect(second.stop).toHaveBeenCalled();
    await Promise.all([first.done.promise, second.done.promise]);
    expect(told).not.toHaveBeenCalled();
  });
  it('fallen it is told as trouble, and can be begun again', async () => {
    useNotices.setState({ notices: [] });
    const { work, done } = start();
    const { result } = renderHook(() => useWork<number>());
    act(() => {
      result.current.take(work, () => undefined);
    });
    done.no(new Error('The search fell over.'));
    await waitFor(() => {
      expect(result.current.busy).toBe(false);
    });
    expect(useNotices.getState().notices.map((n) => [n.tone, n.text])).toEqual([
      ['trouble', 'The search fell over.'],
    ]);
  });
});
