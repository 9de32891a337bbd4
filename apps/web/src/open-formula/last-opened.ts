const KEY = 'alterum.last-opened';

export const lastOpened = (): string | null => localStorage.getItem(KEY);
export const rememberOpened = (id: string): void => localStorage.setItem(KEY, id);
