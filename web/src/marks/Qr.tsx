// An address as a picture a phone reads (ISO/IEC 18004): dark on light in either theme, with its quiet border.
import { create } from 'qrcode';
import { useMemo } from 'react';

/** Empty modules round it, as the standard asks. */
const QUIET = 4;

/** An address as a QR code. */
export function Qr({
  text,
  label,
  className = '',
}: {
  readonly text: string;
  readonly label: string;
  readonly className?: string;
}) {
  const { size, path } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    const dark: string[] = [];
    for (let y = 0; y < modules.size; y += 1)
      for (let x = 0; x < modules.size; x += 1)
        if (modules.get(y, x)) dark.push(`M${String(x + QUIET)} ${String(y + QUIET)}h1v1h-1z`);
    return { size: modules.size + 2 * QUIET, path: dark.join('') };
  }, [text]);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${String(size)} ${String(size)}`}
      shapeRendering="crispEdges"
      className={className}
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
