// Which tab this is: a name of its own that outlives a reload, and who else is open.
const KEY = 'zanfirico.tab';
const lockOf = (tab: string): string => `${KEY}.${tab}`;

/**
 * A page that is left may hold its name a little longer than the page that comes after it needs it, ms. A reload has only the page
 * before it to wait for, so it waits longer: on a busy machine that page takes its time to go.
 */
const LEAVING_MS = 1500;
const RELOADED_MS = 15_000;

const patience = (): number => {
  const [how] = performance.getEntriesByType('navigation');
  return how && (how as PerformanceNavigationTiming).type === 'reload' ? RELOADED_MS : LEAVING_MS;
};

/** Holds a tab's name for as long as its page is there; false when another page holds it, and goes on holding it. */
const hold = (tab: string): Promise<boolean> =>
  new Promise((held) => {
    navigator.locks
      .request(lockOf(tab), { signal: AbortSignal.timeout(patience()) }, () => {
        held(true);
        return new Promise<void>(() => undefined);
      })
      .catch(() => {
        held(false);
      });
  });

// Browsers without locks or a storage have one tab as far as anybody can tell.
const locks = (): boolean => typeof navigator !== 'undefined' && 'locks' in navigator;

async function nameOf(): Promise<string> {
  let tab: string | null = null;
  try {
    tab = sessionStorage.getItem(KEY);
  } catch {
    // a name for this page alone
  }
  // A tab that was duplicated brings the name of the other along.
  if (tab === null || (locks() && !(await hold(tab)))) {
    tab = crypto.randomUUID();
    if (locks()) await hold(tab);
    try {
      sessionStorage.setItem(KEY, tab);
    } catch {
      // as above
    }
  }
  return tab;
}

let name: Promise<string> | undefined;

/** This tab's name. */
export const thisTab = (): Promise<string> => (name ??= nameOf());

/** The names of all tabs that are open. */
export async function openTabs(): Promise<ReadonlySet<string>> {
  if (!locks()) return new Set([await thisTab()]);
  const { held = [] } = await navigator.locks.query();
  return new Set(
    held.flatMap((l) => (l.name?.startsWith(`${KEY}.`) ? [l.name.slice(KEY.length + 1)] : [])),
  );
}
