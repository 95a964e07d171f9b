// The mark: two threads twisting round each other in clear glass.
export function TwistMark() {
  return (
    <svg viewBox="0 0 20 32" className="h-8 w-5" aria-hidden="true">
      <g fill="none" strokeWidth="2.6" strokeLinecap="round">
        <path d="M5 3c0 7 10 7 10 13S5 22 5 29" stroke="var(--color-primary)" />
        <path d="M15 3c0 7-10 7-10 13s10 6 10 13" stroke="var(--chalk)" />
      </g>
    </svg>
  );
}
