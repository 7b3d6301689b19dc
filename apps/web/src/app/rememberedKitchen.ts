const REMEMBERED = 'kestrel-ridge.kitchen';

/** The kitchen that this device opened last: another one that is opened elsewhere, whatever its name, does not take its place. */
export const rememberedKitchen = (): string | null => localStorage.getItem(REMEMBERED);
export const rememberKitchen = (id: string): void => localStorage.setItem(REMEMBERED, id);

/** From here on this device shows that kitchen: all that was fetched and tried belongs to the one before. */
export function showKitchen(id: string): void {
  rememberKitchen(id);
  location.assign('/');
}
