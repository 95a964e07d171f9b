// The shell: the house's name, its six places, and how this person reads numbers.
import { tr } from '@zanfirico/core/words';
import { Moon, Sun } from 'lucide-react';
import { useEffect } from 'react';
import { Navigate, NavLink, Outlet, useLocation } from 'react-router';
import { Refused, sentenceOf } from '../api/client';
import { useDisplay } from '../stores/display';
import { useMe } from '../stores/me';
import { useNotices } from '../stores/notices';
import { useRack } from '../stores/theRack';
import { Away } from './Away';
import { Helpers } from './Helpers';
import { Notices } from './Notices';
import { LanguageMenu } from './LanguageMenu';
import { useOnPaper } from './paper';
import { PLACES, WALLS } from './places';
import { SheetLinks } from './Tabs';
import { TwistMark } from './TwistMark';
import { usePageTitle } from './usePageTitle';
import { UnitSwitch } from './UnitSwitch';
import { WhoIAm } from './WhoIAm';

const ASK_AGAIN_MS = 3000;

export function Shell() {
  const theme = useDisplay((s) => s.theme);
  // Another decimal sign: everything is written anew.
  const decimal = useDisplay((s) => s.units.decimal ?? '.');
  const setTheme = useDisplay((s) => s.setTheme);
  useEffect(() => {
    document.documentElement.dataset['theme'] = theme;
  }, [theme]);
  useOnPaper(theme);
  const loadRack = useRack((s) => s.load);
  const trouble = useNotices((s) => s.trouble);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const load = (): void => {
      loadRack().catch((error: unknown) => {
        // A server that does not answer is said by the place one is in; here it is only asked again.
        if (error instanceof Refused && error.status === 0) timer = setTimeout(load, ASK_AGAIN_MS);
        else trouble(sentenceOf(error));
      });
    };
    load();
    return () => {
      clearTimeout(timer);
    };
  }, [loadRack, trouble]);
  const loadMe = useMe((s) => s.load);
  useEffect(() => {
    // A server that does not say so lets its own machine do everything.
    loadMe().catch(() => undefined);
  }, [loadMe]);
  usePageTitle();
  const me = useMe((s) => s.me);
  const { pathname } = useLocation();
  const places = me?.may === 'look' ? WALLS : PLACES;
  const other = theme === 'soot' ? 'ash' : 'soot';
  return (
    <div className="flex min-h-dvh flex-col">
      <a
        href="#main"
        className="bg-primary text-primary-content sr-only z-50 px-3 py-2 focus:not-sr-only focus:absolute"
      >
        {tr`Skip to the work`}
      </a>
      <header className="no-print bg-base-100">
        <div className="flex items-center gap-x-2 px-2 py-1.5 sm:gap-x-6 sm:px-5 lg:flex-wrap">
          <NavLink
            to="/pieces"
            className="flex items-center gap-2"
            aria-label={tr`Zanfirico, to the pieces`}
          >
            <TwistMark />
            <span className="font-display hidden text-2xl font-semibold tracking-tight sm:inline">
              Zanfirico
            </span>
          </NavLink>
          <SheetLinks
            label={tr`Places`}
            links={places}
            className="font-display min-w-0 flex-nowrap overflow-x-auto"
          />
          <div className="ml-auto flex items-center gap-1">
            <WhoIAm me={me} />
            <Helpers />
            <div className="hidden lg:block">
              <UnitSwitch />
            </div>
            <div className="hidden sm:block">
              <LanguageMenu />
            </div>
            <button
              type="button"
              className="btn btn-ghost btn-sm btn-square"
              aria-label={tr`Light and dark: change to ${other === 'ash' ? 'light' : 'dark'}`}
              onClick={() => {
                setTheme(other);
              }}
            >
              {theme === 'soot' ? <Sun className="size-4" /> : <Moon className="size-4" />}
            </button>
          </div>
        </div>
        <div className="steel-edge" />
      </header>
      <Away />
      <main key={decimal} id="main" className="flex flex-1 flex-col">
        {me?.may === 'look' && !pathname.startsWith('/wall') ? (
          <Navigate to={WALLS[0].to} replace />
        ) : (
          <Outlet />
        )}
      </main>
      <Notices />
    </div>
  );
}
