/**
 * Words in which people ask about dealings, money and works, and those that contracts, rules and reports have for them. They count for one another like those of
 * `englishGroups.ts`.
 */
export const DEALINGS_GROUPS = `
extra supplement surcharge
repeat repeated repetition repeatedly
audit inspect inspection
complain complaint complaints
issues issue hands
pub pubs inn tavern
commence runs effect
beer brewed brew
mud silt sediment spoil sludge dredgings
dig digging dredge dredging excavate excavation
dump dumped tip tipped deposit deposited discharge disposal
dump dispose landfill tip
pause suspend suspended interrupt interrupted halt
polluted pollution contaminated contamination
ashore landed land shore
equipment plant mobilisation mobilise mobilize
proceeds raised funds money
raise borrow issue
publish published appear appears printed announced
yield yielded return earned
earn yield gain
sit sat meet met convene
allocate apportion distribute share
buoy mooring moorings
boat craft yacht vessel dinghy
guest visitor visiting visitors guests
pet pets dog dogs animal animals
fee fees dues tariff toll charge
fare price ticket
rebate discount reduction allowance concession
deduct deducted withhold withheld retained less
retain retained hold held keep withheld
withdraw terminate termination rescind cancel
withdrawn terminated rescinded cancelled
lorry lorries truck trucks van vehicle vehicles
drill drills exercise exercises practice
entry entries registration registered entered enrolled
victuals meals meal food provisions catering
bunkers bunker fuel
hired hire chartered charter
instalment instalments amounts portions
sample samples core cores specimen specimens
handed returned surrendered
islander islanders resident residents inhabitants
motorbike motorcycle
plane aircraft aeroplane
dear dearer expensive costly
cheap cheaper inexpensive lower
free gratis complimentary
retire retired pensioner
pension annuity superannuation
hardship need distress
administrative administration management managing
property estate buildings
loud noise noisy decibels
bridge wheelhouse
tackle gear sinker chain
inspect inspected examine examined survey
valuer appraiser surveyor assessor
pledge mortgage charge encumber lien security
takeover acquires acquisition control
early prematurely premature
repay repaid redeem redeemed redemption repayment
lend lent advance advanced
lender bank creditor
default breach failure
ended ceased lapsed terminated expired
ban banned prohibited barred
fix fixed set settled determined
transfer assign assigned assignment novate
hand assign transfer pass
subcontract delegate
postpone deferred adjourn put
shorten curtail reduce reduced
bill invoice account statement
billed invoiced charged
owed due payable outstanding
overdue arrears unpaid late
instalment payment tranche
lump flat single
refund reimburse reimbursed repaid returned
insured covered cover
policyholder insured assured
excess deductible retention
payout indemnity settlement
theft stolen burglary robbery
forfeit lose lost forfeited
penalty forfeiture liquidated damages fine
threshold minimum floor
negotiate talks discussions
award awarded grant granted
licence permit permission authorisation
revoke withdrawn cancel cancelled
surveillance monitoring cctv
personal private
copyright intellectual
invent invention patent
faulty defective defect
repair remedy rectify
spare replacement
switch switched isolate isolator
warning alarm alert
overheat hot temperature
clean wipe rinse wash
leak leakage seep
rust corrosion corroded
crack cracked fracture
speed velocity knots
range reach distance
width wide breadth
depth deep draught draws
staff employees workforce personnel headcount
boss manager supervisor superintendent
auditor auditors audited
shareholder holders members
profit surplus earnings
costs expenses expenditure outlay
wages salaries pay remuneration
debt borrowings indebtedness liabilities
cash liquid
inventory stock stocks
customer client buyer purchaser
market demand
strike industrial action
injured hurt injuries
died killed death fatal
drown drowned
rescue rescued salvage
wind gale force
wave swell sea
tide tidal
school pupils
elderly pensioners seniors
seat seats berth
queue waiting
timetable schedule sailings
delay delayed late
complaint grievance objection
appeal review challenge
witness evidence
swear oath affirm
stamp sealed
deadline date latest
begin commence start effective
weekly week
`;
