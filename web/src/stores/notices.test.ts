// Notices: the plain ones go by themselves, trouble stays until it is put away, and never more than three.
import { useNotices } from './notices';

const texts = (): string[] => useNotices.getState().notices.map((n) => n.text);

describe('notices', () => {
  beforeEach(() => {
    jest.useFakeTimers();
    useNotices.setState({ notices: [] });
  });
  afterEach(() => {
    jest.useRealTimers();
  });
  it('what is only said goes after a while, trouble does not', () => {
    const { say, trouble } = useNotices.getState();
    say('Kept.');
    trouble('The server is not there.');
    jest.advanceTimersByTime(20_000);
    expect(texts()).toEqual(['The server is not there.']);
  });
  it('the oldest makes room for the fourth', () => {
    for (const text of ['a', 'b', 'c', 'd']) useNotices.getState().trouble(text);
    expect(texts()).toEqual(['b', 'c', 'd']);
  });
  it('one is put away by its key, its action with it', () => {
    const run = jest.fn();
    useNotices.getState().say('It is gone.', { label: 'Undo', run });
    const [notice] = useNotices.getState().notices;
    notice?.action?.run();
    expect(run).toHaveBeenCalledTimes(1);
    useNotices.getState().dismiss(notice?.key ?? -1);
    expect(texts()).toEqual([]);
  });
});
