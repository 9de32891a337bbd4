/** How the curves of the four are drawn: told apart by dashes as well as by colour. */
export const curveLooks: readonly { readonly className: string; readonly strokeDasharray?: string }[] = [
  { className: 'stroke-bead' },
  { className: 'stroke-lit-edge', strokeDasharray: '9 4' },
  { className: 'stroke-yes', strokeDasharray: '2 4' },
  { className: 'stroke-no', strokeDasharray: '10 4 2 4' },
];

/** Their letters stand in these beads. */
export const beadLooks: readonly string[] = [
  'bg-bead text-glaze border-bead',
  'bg-yolk text-on-yolk border-lit-edge rounded-md!',
  'bg-glaze text-yes border-yes',
  'bg-glaze text-no border-no rounded-md!',
];
