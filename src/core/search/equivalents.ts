import { stemWord, type Language } from '../text';

/**
 * Words that contracts, filings, regulations and technical reports use for one another. They widen a search: an equivalent never counts as much as the
 * word that was asked for.
 */
const GROUPS = `
end ending terminate termination expire expiry cease
transfer assign assignment novate
cap limit maximum ceiling exceed exceeding
smallest least minimum minimal lowest less
largest greatest maximum highest biggest most
yearly annual annually year
cost price charge fee fare
pay payment payable paid owe
penalty fine sanction
salary remuneration compensation pay wage wages
employee staff personnel worker workforce employ employed
buy purchase acquire acquisition
sell sale sold dispose disposal
begin start commence commencement
owner lessor landlord
tenant lessee
revenue turnover sales
profit earnings income
debt borrowings loan
allowed permitted permit allow
forbidden prohibited prohibit banned forbid
vessel ship boat
delete remove erase removal
error fault failure mistake defect
keep retain preserve store
change amend modify alter vary variation amendment alteration
inform notify tell notice notification
check verify inspect examine inspection verification
choose select choice selection
make create produce
repair mend fix maintenance
insurance insured cover
injury hurt harm injured
accident incident casualty
weight mass
help assist support
film movie cartoon
founded established
name called named
risk hazard danger
confidential secret confidentiality
dispute disagreement
court tribunal
law legislation statute
agreement contract
supplier vendor provider
customer client
delay late lateness
decrease fall decline reduce reduction drop
increase rise grow growth
permission consent approval authorisation authorization licence license
sum amount
damage loss
compulsory mandatory obligatory
optional voluntary
folder directory
picture image photo
computer machine system
memory RAM
program application software
person people
renew renewal extend extension
responsible accountable liable liability
explain describe
half 50
often interval frequency
speed velocity
`;

type Table = ReadonlyMap<string, readonly string[]>;

let table: Table | null = null;

function build(): Table {
  const found = new Map<string, string[]>();
  for (const line of GROUPS.trim().split('\n')) {
    const stems = [...new Set(line.split(' ').map((word) => stemWord(word.toLowerCase(), 'en')))];
    for (const stem of stems) {
      const others = stems.filter((other) => other !== stem);
      found.set(stem, [...new Set([...(found.get(stem) ?? []), ...others])]);
    }
  }
  return found;
}

/** Search terms that may stand for a term, none of them the term itself. English only. */
export function equivalentsOf(term: string, language: Language): readonly string[] {
  if (language !== 'en' && language !== 'und') return [];
  table ??= build();
  return table.get(term) ?? [];
}
