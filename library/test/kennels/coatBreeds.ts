/* A breed of each class of coat whose blades and programs are read from plans. */

/** One breed a class of coat, smooth last. */
export const COAT_BREEDS = [
  'Samoyed',
  'Bearded Collie',
  'Afghan Hound',
  'Poodle (Standard)',
  'Cavalier King Charles Spaniel',
  'Gordon Setter',
  'Airedale Terrier',
  'Dalmatian',
] as const;
