// Where one begins: the shelf; at the bench for a hand, before the walls for whoever only looks.
import { Navigate } from 'react-router';
import { useMe } from '../stores/me';

const FIRST = { lead: '/pieces', hand: '/bench', look: '/wall/boxes' } as const;

export function Home() {
  const me = useMe((s) => s.me);
  // Asked of the server; one that is away says nothing, and what is kept of the shelf is shown.
  const unknown = useMe((s) => s.unknown);
  if (!me && !unknown) return null;
  return <Navigate to={FIRST[me?.may ?? 'lead']} replace />;
}
