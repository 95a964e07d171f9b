// Fields of a form that is read while it is filled in.
import { act, renderHook } from '@testing-library/react';
import { useFields } from './useFields';

interface Reading {
  readonly by: 'one' | 'other';
  readonly seen: number | undefined;
  readonly error: number;
}
const UNREAD: Reading = { by: 'one', seen: undefined, error: 5 };

describe('useFields', () => {
  it('begins as it is told, and changes only what is set', () => {
    const { result } = renderHook(() => useFields(UNREAD));
    expect(result.current[0]).toEqual(UNREAD);
    act(() => {
      result.current[1]({ seen: 12 });
    });
    expect(result.current[0]).toEqual({ ...UNREAD, seen: 12 });
    act(() => {
      result.current[1]({ by: 'other', error: 0.5 });
    });
    expect(result.current[0]).toEqual({ by: 'other', seen: 12, error: 0.5 });
  });
  it('forgets what is set to nothing', () => {
    const { result } = renderHook(() => useFields(UNREAD));
    act(() => {
      result.current[1]({ seen: 12 });
    });
    act(() => {
      result.current[1]({ seen: undefined });
    });
    expect(result.current[0].seen).toBeUndefined();
  });
  it('two set in one turn are both kept', () => {
    const { result } = renderHook(() => useFields(UNREAD));
    act(() => {
      result.current[1]({ seen: 1 });
      result.current[1]({ error: 2 });
    });
    expect(result.current[0]).toEqual({ by: 'one', seen: 1, error: 2 });
  });
});
