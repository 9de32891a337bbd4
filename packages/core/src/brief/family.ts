/** What is being made; the nine kinds a dairy-free kitchen cooks. */
export const families = [
  'pouring-sauce',
  'stretchy-melt',
  'cream-sauce',
  'crumbly-curd',
  'tangy-spread',
  'dip',
  'butter-with-fat',
  'butter-without-fat',
  'baked-topping',
] as const;
export type Family = (typeof families)[number];

export const familyNames: Readonly<Record<Family, string>> = {
  'pouring-sauce': 'pouring cheese sauce',
  'stretchy-melt': 'stretchy melt',
  'cream-sauce': 'cream sauce',
  'crumbly-curd': 'soft crumbly curd',
  'tangy-spread': 'smooth tangy spread',
  dip: 'creamy dressing or dip',
  'butter-with-fat': 'butter substitute, with fat',
  'butter-without-fat': 'butter substitute without fat',
  'baked-topping': 'baked topping',
};
