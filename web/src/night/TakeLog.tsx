// A button that takes a logger's table in.
import { tr } from '@zanfirico/core/words';
import { Upload } from 'lucide-react';
import { tooBig } from '../imports/tooBig';
import { FileButton } from '../shell/FileButton';
import { useNotices } from '../stores/notices';

/** A log larger than this holds a reading a second for months; bytes. */
const MOST_LOG = 12e6;

interface Props {
  readonly says: string;
  /** What the file is, for those who cannot see the button. */
  readonly label: string;
  readonly className: string;
  readonly onText: (text: string, name: string) => void;
}

export function TakeLog({ says, label, className, onText }: Props) {
  const { trouble } = useNotices.getState();
  return (
    <FileButton
      className={className}
      label={label}
      accept=".csv,.txt,.log,text/csv,text/plain"
      onFile={(chosen) => {
        const big = tooBig(chosen, MOST_LOG, tr`Have the logger write a reading a minute.`);
        if (big !== undefined) {
          trouble(big);
          return;
        }
        void chosen.text().then((text) => {
          onText(text, chosen.name);
        });
      }}
    >
      <Upload className="size-4" /> {says}
    </FileButton>
  );
}
