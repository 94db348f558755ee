/** What each of many gives; one that fails gives nothing here, and its own place says that it fails. */
export const eachThatCan = <T, R>(of: readonly T[], give: (one: T) => readonly R[]): R[] =>
  of.flatMap((one) => {
    try {
      return give(one);
    } catch {
      return [];
    }
  });
