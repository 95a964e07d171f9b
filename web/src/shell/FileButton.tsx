// A button that asks for a file; the same file may be chosen again.
import { useRef, type ReactNode, type Ref } from 'react';

interface Asked {
  /** What the file is, for those who cannot see the button. */
  readonly label: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
  /** Several may be chosen at once: told one after another. */
  readonly multiple?: boolean;
}

/** Asks for a file when it is clicked from elsewhere; itself it is not seen. */
export function HiddenFile({
  label,
  accept,
  onFile,
  multiple = false,
  ref,
}: Asked & { readonly ref: Ref<HTMLInputElement> }) {
  return (
    <input
      ref={ref}
      type="file"
      accept={accept}
      multiple={multiple}
      className="hidden"
      aria-label={label}
      onChange={(e) => {
        const chosen = [...(e.target.files ?? [])];
        e.target.value = '';
        chosen.forEach(onFile);
      }}
    />
  );
}

export function FileButton({
  className,
  children,
  ...asked
}: Asked & { readonly className: string; readonly children: ReactNode }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} onClick={() => input.current?.click()}>
        {children}
      </button>
      <HiddenFile ref={input} {...asked} />
    </>
  );
}
