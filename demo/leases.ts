/** The twelve berth leases: one text, filled with what each tenant agreed; some say nothing of a matter that others settle. */
export interface Lease {
  readonly berth: string;
  readonly tenant: string;
  readonly signed: string;
  readonly date: string;
  readonly begins: string;
  readonly years: string;
  readonly renewal: string;
  readonly length: string;
  readonly rent: string;
  readonly instalments: string;
  readonly review: string;
  readonly deposit: string;
  readonly use: string;
  readonly vessel: string;
  readonly repairs: string;
  readonly cover: string;
  readonly assignment: string;
  readonly ending: string;
}

const RENEWAL = ' The Tenant may renew it once for the same time by notice given six months before it ends.';
const INDEX = 'It rises every April by the change in the Aldmere price index.';
const TENANT_REPAIRS =
  'The Tenant keeps fenders, ladders and moorings at the berth in repair; the Board keeps the quay wall.';
const BOARD_REPAIRS =
  'The Board keeps the quay wall, fenders and ladders in repair; the Tenant keeps its own moorings.';
const NO_ASSIGNMENT = 'The Tenant shall not assign the lease nor sublet the berth.';
const CONSENT =
  'The Tenant may assign the lease or sublet the berth with the written consent of the Board, which shall not be unreasonably withheld. A subtenant is bound by clauses 6 to 8.';
const THREE_MONTHS = 'Either party may end the lease by three months’ notice in writing.';
const BREACH =
  'The Board may end the lease by fourteen days’ notice if rent is unpaid for thirty days or another term is broken and not put right.';

const lease = (
  berth: string, tenant: string, signed: string, date: string, begins: string, years: string, length: string, rent: string, more: Partial<Lease> = {},
): Lease => ({
  berth, tenant, signed, date, begins, years, length, rent,
  renewal: '', instalments: 'four equal parts', review: INDEX, deposit: '800', use: 'one fishing vessel and her gear', vessel: length,
  repairs: TENANT_REPAIRS, cover: '500,000', assignment: NO_ASSIGNMENT, ending: `${THREE_MONTHS} ${BREACH}`, ...more,
}); // prettier-ignore

export const leases: readonly Lease[] = [
  lease('Town Quay 1', 'Merrowby Ferry Company plc', 'Sunniva Broch', '11 February 2019', '1 April 2019', 'eight years', '46', '38,400', { renewal: '', use: 'passenger vessels in service', deposit: '9,600', cover: '4,000,000', ending: `The lease ends when the concession agreement ends. ${BREACH}` }),
  lease('Town Quay 2', 'Merrowby Ferry Company plc', 'Sunniva Broch', '11 February 2019', '1 April 2019', 'eight years', '42', '34,900', { use: 'passenger vessels in service or laid up', deposit: '8,700', cover: '4,000,000', assignment: CONSENT, ending: `The lease ends when the concession agreement ends. ${BREACH}` }),
  lease('Town Quay 3', 'Aldmere Pilots’ Company', 'Corin Tarrow', '2 May 2021', '1 June 2021', 'five years', '18', '9,250', { renewal: RENEWAL, use: 'two pilot launches', deposit: '2,300', repairs: BOARD_REPAIRS }),
  lease('North Basin 4', 'Halse Brothers', 'Edric Halse', '17 March 2022', '1 April 2022', 'three years', '14', '3,200', { renewal: RENEWAL }),
  lease('North Basin 5', 'Ysolde Marr', 'Ysolde Marr', '17 March 2022', '1 April 2022', 'three years', '12', '2,850', { review: 'It stays the same for the whole term.', deposit: '700' }),
  lease('North Basin 6', 'Skerrow Shellfish Society', 'Bram Oddny', '9 January 2023', '1 February 2023', 'five years', '16', '3,900', { renewal: RENEWAL, assignment: CONSENT, use: 'two vessels and shellfish tanks', cover: '750,000' }),
  lease('North Basin 7', 'Tolver Chandlery', 'Ines Tolver', '9 January 2023', '1 February 2023', 'ten years', '20', '5,400', { use: 'a store barge', review: 'It is reviewed in the fifth year to the rent then usual in the harbour.', instalments: 'two equal parts', deposit: '1,350', ending: BREACH }),
  lease('South Basin 8', 'Great Holm Rowing Club', 'Perrin Ashdown', '30 June 2020', '1 July 2020', 'twenty years', '24', '480', { use: 'rowing boats and a landing float', review: 'It stays the same for the whole term.', instalments: 'one sum', deposit: '0', repairs: BOARD_REPAIRS, cover: '1,000,000' }),
  lease('South Basin 9', 'Lantern Cruises', 'Maud Selwick', '4 April 2024', '1 May 2024', 'two years', '28', '11,600', { use: 'one excursion vessel', vessel: '26', deposit: '2,900', cover: '3,000,000', assignment: CONSENT, ending: 'Either party may end the lease by six months’ notice in writing. ' + BREACH }),
  lease('South Basin 10', 'Merrowby Ferry Company plc', 'Sunniva Broch', '4 April 2024', '1 May 2024', 'three years', '38', '21,750', { renewal: RENEWAL, use: 'vessels laid up or under repair', deposit: '5,400', cover: '4,000,000' }),
  lease('Carrick Slip 11', 'Carrick Boatyard', 'Hale Dunmore', '12 October 2018', '1 January 2019', 'fifteen years', '52', '26,300', { use: 'vessels under repair', review: 'It rises by three per cent every January.', deposit: '13,000', cover: '5,000,000', assignment: CONSENT }),
  lease('Carrick Slip 12', 'Fenny Mooring Services', 'Lowen Carew', '20 August 2025', '1 October 2025', 'one year', '15', '4,100', { use: 'one workboat', ending: 'Either party may end the lease by one month’s notice in writing.' }),
]; // prettier-ignore
