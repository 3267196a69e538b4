/** The demo dossier's files, served from our own origin, by the folder they stand in on the shelf. */
export const FIRST_FILES = [
  'Concession agreement',
  'Annual filing 2025',
  'Passenger vessel safety regulation',
] as const;
export const FURTHER_FILES: Readonly<Record<string, readonly string[]>> = {
  '': [
    'Draft concession agreement',
    'Letter of amendment 2023',
    'Annual filing 2024',
    'Half-year report 2025',
    'Survey of Kittiwake 2025',
    'Shipyard notice 2025',
  ],
  'Berth leases': [
    'Lease Town Quay 1',
    'Lease Town Quay 2',
    'Lease Town Quay 3',
    'Lease North Basin 4',
    'Lease North Basin 5',
    'Lease North Basin 6',
    'Lease North Basin 7',
    'Lease South Basin 8',
    'Lease South Basin 9',
    'Lease South Basin 10',
    'Lease Carrick Slip 11',
    'Lease Carrick Slip 12',
  ],
};
