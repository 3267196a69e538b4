/**
 * English words of one root whose stems differ: verbs, what is done, and who does it. One group a line; what stands for each other within it says the same in
 * another part of speech.
 */
export const ENGLISH_DERIVATIONS = `
apply application applicant
member membership
own owner ownership
partner partnership
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
redeliver redelivery
enter entry
sell sold sale seller
lose lost loss
grow grew grown growth
prove proof
choose chose chosen choice
respond response
provide provision provider
divide division
receive receipt
receive recipient
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
pay paid payment payer payee
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
guarantee guarantor
supervise supervisor supervision
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
withdraw withdrew withdrawn withdrawal
bear bore borne bearer
break broke broken breach
think thought
die death
live life
young younger youngest youth
strong stronger strongest strength
long longer longest length
wide wider widest width
deep deeper deepest depth
high higher highest height
broad broader broadest breadth
hot hotter hottest heat
weigh weight heavy heavier heaviest
draw drew drawn draught
true truth
safe safer safest safety
poor poorer poorest poverty
free freely freedom
big bigger biggest
large larger largest
small smaller smallest
low lower lowest
short shorter shortest
light lighter lightest
cold colder coldest
warm warmer warmest
cool cooler coolest
fast faster fastest
slow slower slowest
quick quicker quickest
early earlier earliest
late later latest
old older oldest
new newer newest
cheap cheaper cheapest
loud louder loudest
quiet quieter quietest
weak weaker weakest
thick thicker thickest thickness
thin thinner thinnest
hard harder hardest hardness
soft softer softest
near nearer nearest
close closer closest
far farther farthest further furthest
rich richer richest
good better best
bad worse worst
busy busier busiest
steep steeper steepest
narrow narrower narrowest
tall taller tallest
great greater greatest
few fewer fewest
little less least
much more most
arise arose arisen
become became
begin began begun beginning
bind bound
bring brought
build built
buy bought buyer
catch caught
come came
deal dealt
drive drove driven driver
fall fell fallen
feed fed
forbid forbade forbidden
forget forgot forgotten
forgive forgave forgiven
freeze froze frozen
get got
give gave given
go went gone
hear heard hearing
hide hid hidden
hold held holder
keep kept keeper
know knew known knowledge
lay laid
lead led leader
lend lent lender
make made maker
mean meant
meet met meeting
overcome overcame
overtake overtook overtaken
repay repaid repayment
withhold withheld
rise rose risen
run ran
say said
see seen
seek sought
send sent sender
shake shook shaken
show showed shown
shrink shrank shrunk
speak spoke spoken
spend spent
spring sprang sprung
stand stood
steal stole stolen
stick stuck
strike struck
swear swore sworn
sweep swept
swim swam swum
take took taken
teach taught teacher
tear tore torn
tell told
throw threw thrown
undergo underwent undergone
understand understood
undertake undertook undertaken
wear wore worn
win won winner
write wrote written
`;
