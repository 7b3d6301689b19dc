/** "nuts" is found by "nuts", never by what stands within "peanuts": the first of a list is chosen by Enter. */
export const startsSo = (input: string, option: { readonly value?: string | number | null } | undefined): boolean =>
  `${option?.value ?? ''}`.startsWith(input.trim().toLowerCase());
