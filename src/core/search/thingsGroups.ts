/**
 * Names of things, places and dealings in everyday English, and those that documents have for them: travel, buildings, machines, trade, law. They widen a search and
 * count for one another like those of `englishGroups.ts`.
 */
export const THINGS_GROUPS = `
grievance gripe complaint complaints
paper papers record records document documents
tracker tracking position
balance stability
tip incline heel
sailor seafarer seaman mariner
hold held detain detained detention
greenhouse carbon emission emissions dioxide
takeover acquisition control merger
merge merger amalgamate
swap exchange substitute trade
timetable schedule departures
poorest lowest smallest least
richest highest largest
yard drydock docking shipyard
lifeboat liferaft raft
lifejacket jacket vest buoyancy
horn whistle signal
radio vhf channel
track route course
log journal logbook diary
booklet manual handbook guide
leaflet notice poster brochure
sign board billboard signboard
ad advert advertisement advertising
newspaper publication gazette
website internet online web
email mail electronic
letter writing written post
call telephone phone
speak talk language
birth baby maternity
old senior elderly aged
coach instructor trainer teacher
course lecture class training
degree diploma certificate qualification
veto object objection
refuse decline reject deny
guarantee warrant warranty surety
collateral security pledge charge
downpayment deposit prepayment
advance prepayment upfront
payback repay repayment refund
claim demand
settlement settle agreement compromise
deal agreement contract bargain
treaty convention agreement
statute act law legislation
bylaw byelaw regulation rule ordinance
rulebook rules regulations
annex schedule appendix attachment
digit figure number
ratio proportion share
average mean
special particular specific
specified named stated listed described
evidence proof document prove
confirm verify certify
watch supervise oversee monitor
explosive explosives dangerous
flammable inflammable combustible
fuel diesel petrol gas oil
refuel bunker bunkering
tank container cistern
box crate container case
parcel package consignment
luggage baggage suitcase bag bags
disabled handicapped disability wheelchair
cat dog animal pet
tree plant shrub
grass lawn grounds garden
gate entrance entry door
stairs staircase steps
floor storey level
basement cellar
attic loft roof
garage parking car
driveway access path way
tow tug tugboat towing
salvage rescue wreck
sink founder sunk
collision crash accident
incident occurrence accident
encounter near-miss
wound injury injured
disease illness infection
medicine drug medication
trial pilot experiment test
proposal offer suggestion
bid tender offer quotation quote
bidder tenderer
visitor tourist guest
tourist passenger traveller
resident inhabitant citizen dweller
charity trust foundation nonprofit
receipt receipts voucher vouchers
toll charge tariff due dues
vat tax duty
deficit loss shortfall
perk benefit allowance
overtime extra additional
shift duty watch
rest break pause sleep
strike industrial lockout
union works-council labour
redundant redundancy layoff dismissal
severance compensation
takings revenue turnover income
invest investment capital expenditure
equipment plant gear tool tools machine
software program app application
update version upgrade release
bug fault glitch error
fail failure malfunction breakdown
restart start reboot
mount install fit attach
fasten secure tighten
loosen slacken slack
rope line cable chain
socket outlet plug
lamp light bulb torch
flare pyrotechnic rocket
ice snow frost freeze
flood flooding high-water inundation
disaster earthquake catastrophe
pandemic epidemic
war hostilities
riot unrest disturbance
quarter three-month
tracking device monitor
prolong extend renew extension renewal
neighbour adjoining adjacent neighbouring
hurry urgent urgently immediately
promptly soon immediately forthwith
helper assistant deputy
deputy substitute stand-in
spokesman representative
auditor accountant auditors
check audit audited
books accounts records
spot place location
corner edge
current electricity electric
restate correct revise adjust
tow towage manoeuvre
`;
