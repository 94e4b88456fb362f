/**
 * A dog's coat and ways as most are: what a new dog's record begins with until somebody has looked.
 */
export const PLAIN_DOG = {
  density: 'normal',
  undercoat: 'light',
  coatChange: false,
  jacketLies: true,
  liesForWork: true,
  cooperation: 1,
  wholeBath: false,
  bathSkippedWhenClean: false,
  fringed: false,
} as const;
