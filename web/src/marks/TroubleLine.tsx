// What went wrong, where it went wrong, as a sentence: read out when it appears.
import type { ReactNode } from 'react';

interface Props {
  /** Its place on the page. */
  readonly className?: string;
  readonly children: ReactNode;
}

export const TroubleLine = ({ className = '', children }: Props) => (
  <p role="alert" className={`alert alert-error leading-snug ${className}`}>
    {children}
  </p>
);
