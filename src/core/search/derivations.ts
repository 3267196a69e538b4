/**
 * English words of one root whose stems differ: verbs, what is done, and who does it. One group a line; what stands for each other within it says the same in
 * another part of speech.
 */
export const ENGLISH_DERIVATIONS = `
apply application applicant
decide decision
extend extension
fail failure
depart departure
expire expiry expiration
permit permission
admit admission
suspend suspension
comply compliance
deliver delivery
enter entry
sell sale seller
lose loss
grow growth
prove proof
choose choice
respond response
provide provision provider
divide division
receive receipt recipient
maintain maintenance
retain retention
describe description
prescribe prescription
subscribe subscription
destroy destruction
produce production producer
reduce reduction
introduce introduction
liable liability
able ability
responsible responsibility
notify notification
certify certification certificate
classify classification
modify modification
verify verification
specify specification
identify identification
qualify qualification
ratify ratification
rectify rectification
multiply multiplication
publish publication publisher
distribute distribution distributor
contribute contribution contributor
license licence licensor licensee
lease lessor lessee
employ employer employee
pay payment payer payee
vary variation
evaluate evaluation valuation
inspect inspector
survey surveyor
audit auditor
operate operator operation
direct director
vote voter
invest investment investor
insure insurance insurer
govern governance government
exceed excess
succeed success successor
proceed procedure process
recede recession
concede concession
intend intention intent
expand expansion
include inclusion
exclude exclusion
conclude conclusion
collide collision
acquire acquisition
require requirement
repeat repetition
oppose opposition
dispose disposal disposition
propose proposal
refuse refusal
arrive arrival
approve approval
survive survival
withdraw withdrawal
bear bearer
break breach
think thought
die death
live life
young youth
strong strength
long length
wide width
deep depth
high height
broad breadth
hot heat
weigh weight
draw draught
true truth
safe safety
poor poverty
free freedom
`;
