/** An enamel bowl seen from above, filled with the predicted colour. */
export function Bowl({ hex, size = 46 }: { readonly hex: string; readonly size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 46 46"
      role="img"
      aria-label={`Predicted colour ${hex}`}
      className="shrink-0"
      data-testid="bowl"
    >
      <circle cx="23" cy="23" r="21" className="fill-glaze stroke-rim" strokeWidth="3.5" />
      <circle cx="23" cy="23" r="14" fill={hex} className="stroke-hair" strokeWidth="1" />
      <path
        d="M13 20a11 11 0 0 1 9-7.5"
        fill="none"
        stroke="#fff"
        strokeOpacity=".75"
        strokeWidth="2.5"
        strokeLinecap="round"
      />
    </svg>
  );
}
