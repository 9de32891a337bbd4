/** How what was found stands under a field: the plate, and one thing on it. */
export const foundList = 'plate absolute top-full left-0 z-30 mt-1 w-full p-1 shadow-2xl';
export const foundItem =
  'flex min-h-8 items-center justify-between gap-3 rounded-md px-2 data-[selected=true]:bg-rim data-[selected=true]:text-on-rim [@media(pointer:coarse)]:min-h-11';
