/** Linear sRGB, each channel a reflectance 0..1. */
export type Reflectance = readonly [number, number, number];
export type Lab = readonly [number, number, number];

/** D65 white point and sRGB primaries. @source IEC 61966-2-1. */
const WHITE = [0.95047, 1, 1.08883] as const;
/** Reflectance stays inside this range so that K/S is finite. */
const REFLECTANCE_RANGE = [0.008, 0.96] as const;

export function reflectanceFromLab([L, a, b]: Lab): Reflectance {
  const fy = (L + 16) / 116,
    fx = fy + a / 500,
    fz = fy - b / 200;
  const back = (t: number) => (t > 6 / 29 ? t * t * t : ((3 * 36) / 841) * (t - 4 / 29));
  const X = WHITE[0] * back(fx),
    Y = back(fy),
    Z = WHITE[2] * back(fz);
  return [
    3.2406 * X - 1.5372 * Y - 0.4986 * Z,
    -0.9689 * X + 1.8758 * Y + 0.0415 * Z,
    0.0557 * X - 0.204 * Y + 1.057 * Z,
  ];
}

export function labFromReflectance([r, g, b]: Reflectance): Lab {
  const X = (0.4124 * r + 0.3576 * g + 0.1805 * b) / WHITE[0];
  const Y = 0.2126 * r + 0.7152 * g + 0.0722 * b;
  const Z = (0.0193 * r + 0.1192 * g + 0.9505 * b) / WHITE[2];
  const f = (t: number) => (t > 0.008856 ? Math.cbrt(t) : 7.787 * t + 16 / 116);
  return [116 * f(Y) - 16, 500 * (f(X) - f(Y)), 200 * (f(Y) - f(Z))];
}

/** Absorption over scattering of each channel. @source Kubelka–Munk, opaque layer */
export function absorptionRatio(lab: Lab): Reflectance {
  const ratio = (reflectance: number) => {
    const R = Math.min(Math.max(reflectance, REFLECTANCE_RANGE[0]), REFLECTANCE_RANGE[1]);
    return ((1 - R) * (1 - R)) / (2 * R);
  };
  const [r, g, b] = reflectanceFromLab(lab);
  return [ratio(r), ratio(g), ratio(b)];
}

/** Reflectance of a mixture from its mean K/S. */
export const reflectanceFromRatio = (q: number): number => 1 + q - Math.sqrt(q * q + 2 * q);

const sRgb = (v: number): number => (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);

/** "#rrggbb" for a screen. */
export const hexOf = (reflectance: Reflectance): string =>
  `#${reflectance
    .map((v) =>
      Math.round(255 * Math.min(1, Math.max(0, sRgb(v))))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
