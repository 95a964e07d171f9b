// Notices at the foot of the screen; read out politely, troubles at once.
import { tr } from '@zanfirico/core/words';
import { X } from 'lucide-react';
import { useNotices } from '../stores/notices';

export function Notices() {
  const { notices, dismiss } = useNotices();
  return (
    <div
      className="toast toast-center no-print pointer-events-none z-40 items-center whitespace-normal"
      aria-live="polite"
    >
      {notices.map((n) => (
        <div
          key={n.key}
          role={n.tone === 'trouble' ? 'alert' : 'status'}
          className={`alert bg-base-100 border-l-4 pointer-events-auto flex max-w-2xl items-center gap-3 px-4 py-2 shadow-lg ${
            n.tone === 'trouble' ? 'border-error' : 'border-accent'
          }`}
        >
          <span>{n.text}</span>
          {n.action && (
            <button
              type="button"
              className="btn btn-sm btn-outline"
              onClick={() => {
                n.action?.run();
                dismiss(n.key);
              }}
            >
              {n.action.label}
            </button>
          )}
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={tr`Dismiss`}
            onClick={() => {
              dismiss(n.key);
            }}
          >
            <X className="size-4" />
          </button>
        </div>
      ))}
    </div>
  );
}
