// Views of one thing, one at a time: tabs chosen by pointer or arrow keys, and the links between sheets that look like them.
import { useRef } from 'react';
import { NavLink } from 'react-router';

/** The id of a tab, for its panel's `aria-labelledby`. */
export const tabId = (panel: string, id: string): string => `${panel}-${id.replaceAll(' ', '-')}`;

interface TabsProps<T extends string> {
  /** What is chosen among, for screen readers. */
  readonly label: string;
  readonly tabs: readonly (readonly [id: T, name: string])[];
  readonly value: T;
  /** The id of the panel that shows the chosen one. */
  readonly panel: string;
  readonly onChange: (value: T) => void;
  readonly className?: string;
}

export function Tabs<T extends string>(props: TabsProps<T>) {
  const { label, tabs, value, panel, onChange, className = '' } = props;
  const strip = useRef<HTMLDivElement>(null);
  return (
    <div ref={strip} role="tablist" aria-label={label} className={`tabs tabs-border ${className}`}>
      {tabs.map(([id, name], i) => (
        <button
          key={id}
          type="button"
          role="tab"
          id={tabId(panel, id)}
          aria-selected={value === id}
          aria-controls={panel}
          tabIndex={value === id ? 0 : -1}
          className={`tab ${value === id ? 'tab-active' : ''}`}
          onClick={() => {
            onChange(id);
          }}
          onKeyDown={(e) => {
            const by = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
            const to = (i + by + tabs.length) % tabs.length;
            const next = tabs[to];
            if (by === 0 || !next) return;
            onChange(next[0]);
            strip.current?.querySelectorAll<HTMLElement>('[role="tab"]')[to]?.focus();
          }}
        >
          {name}
        </button>
      ))}
    </div>
  );
}

interface LinksProps {
  readonly label: string;
  readonly links: readonly { readonly to: string; readonly name: string; readonly end?: boolean }[];
  readonly className?: string;
}

/** Links between places or sheets, the open one marked. */
export function SheetLinks({ label, links, className = '' }: LinksProps) {
  return (
    <nav aria-label={label} className={`tabs tabs-border ${className}`}>
      {links.map(({ to, name, end }) => (
        <NavLink
          key={to}
          to={to}
          end={end ?? false}
          className={({ isActive }) => `tab text-lg ${isActive ? 'tab-active' : ''}`}
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
