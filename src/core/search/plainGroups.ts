/**
 * Words that people ask with and what contracts, filings, regulations, manuals and reports say instead: everyday words, and those of single trades. They widen a search
 * and count for one another like those of `englishGroups.ts`.
 */
export const PLAIN_GROUPS = `
mature maturity redeem redemption redeemable due
rule decide decision determine determination ruling
shop store retail premises outlet
household home dwelling residence
tenancy lease letting
occupier occupant tenant lessee
warning notice
hand surrender deliver
guest patron customer visitor
unusable unfit uninhabitable unsuitable
enter entry access
stay remain holdover overstay
post posted mail mailed
repossess reenter forfeiture forfeit
register registration enrol enroll enrolment
site location place position situated
size area extent surface
challenge appeal contest objection object
halt suspend suspension stay
earlier previous former prior preceding
supersede replace repeal repealed
papers documents certificate documentation
punish punishable punishment penalty sanction fine
lifted lift removed revoked
leakage leak leaks loss
covenant undertaking
pending outstanding contingent unresolved
lawsuit claim proceedings litigation
takeover acquisition acquire acquired
connected related affiliated
deficit shortfall gap
surplus excess
heavy weight weigh mass
loud noise noisy sound decibel
hot temperature warm heat
cold temperature cool chill
outlet drain discharge
fuse breaker
dirty soiled contaminated
bleach chlorine
spares spare parts
idle standby inactive
abandoned discontinued ceased
advise advice recommend recommendation recommendations suggest proposal
finance financed fund funded paid sponsor sponsored
uptime availability available
vendor provider supplier contractor seller
client customer buyer recipient
leave exit quit depart
abroad outside foreign overseas
hack hacked unauthorized unauthorised intrusion breach
secrecy confidentiality confidence secret
ceiling cap limit limited limitation
unlimited uncapped unrestricted
advertise advertising publicity promote promotion marketing
prevail prevails precedence override overrides supersede
conflict inconsistency inconsistent discrepancy contradiction differ
poor bad deficient unsatisfactory substandard
homeowner owner householder
sublet underlet sublease assign
furnish fit equip
alteration alter structural change modification
redecorate paint decorate decoration
neighbour neighbor adjoining adjacent
rubbish trash waste refuse
parking park car
flat apartment
factory plant works
staff employee personnel headcount workforce
boss manager head director chief
wage wages salary pay staff
pay remuneration salary emoluments compensation
auditor audit audited accountant
bank lender facility credit
overdraft facility borrowing
mortgage charge lien security encumbrance
stake shareholding holding interest ownership
subsidiaries subsidiary group
headquarters office seat registered
founded incorporated established
spin demerger disposal divestment divest
write-off written impairment
outlook forecast guidance expectation expect
strategy plan objective
rival competitor competition
supply supplies supplied serve serves served
demand consumption usage use
drought dry
explosion blast
earthquake quake seismic
poison toxic toxicity
chemical substance agent
rust corrosion corrode
crack fracture fissure
wear abrasion tear
tighten torque fasten
loosen release unscrew
screw bolt fastener
hose pipe tube
valve tap cock
lid cover hood panel
knob dial switch button key
lamp light indicator led
beep alarm buzzer signal
refill fill replenish top
drain empty discharge
rinse wash flush clean
lubricate grease oil lubrication
blocked clogged obstructed jammed
overheat overheating temperature
trip trips cut
reset restart reboot
measure measured measurement sample
sampling sample samples
accuracy accurate precision tolerance agree
uncertain uncertainty error
finding result conclusion
reason cause because due
study survey investigation research
scientist researcher author
lake water basin
pollution contamination contaminant pollutant
species kind type
ban prohibition forbidden
licensee licensed licence
permit licence license authorisation
inspector inspection official officer
authority agency office body
citizen person individual
applicant application apply
every each per
nightly night
underage minor child
spouse husband wife partner
heir successor
witness attest
notary notarised
stamp seal
oath affirmation
sanction embargo
export exported
import imported
customs duty tariff
tariff rate price
subscription fee
patient health medical
treatment therapy medicine
nurse carer
vaccine vaccination immunisation
allergy allergic
smoke smoking cigarette
alcohol drink intoxicated
weapon firearm gun
guard security patrol
theft stolen steal burglary
vandalism damage
keyboard key
mouse pointer
click press
window dialog
menu list
icon symbol
print output
output production produce produced yield
angling fishing fish angler
scan scanner
crash hang freeze
slow performance
hide conceal hidden
show display shown
sort order arrange
find search locate
connect connection attach
disconnect unplug detach
unpack extract
compress compressed archive
share sharing shared
sync synchronise synchronize
remote distant
local nearby
publish issue release
translate translation
rename name
merge combine consolidate
split divide separate
hire employ engage recruit
fire dismiss dismissal terminate
quit resign resignation leave
rent lease hire let
cheap low inexpensive
expensive high costly dear
earn salary wage wages remuneration paid
stop cease discontinue end terminate
make manufacture produce
built constructed erected construction
kids children child minors
arrive arrival reach enter
get receive obtain
give grant provide
take remove withdraw
lift raise hoist
close shut closure
small minor
empty unladen
necessary required needed
beginner candidate trainee apprentice novice
trainee candidate apprentice learner pupil
punishment penalty sanction caution suspension
bill invoice account dues
late overdue arrears delayed
outage unavailable unavailability downtime interruption
downtime maintenance outage
leak breach disclosure escape
confidentiality secrecy secret confidential
drink drunk alcohol drinking
finish complete done completion
worn wear abrasion
shifted moved displaced
loose free broke
last run continue remain survive
extra additional further beyond
mistake negligence error fault
hospital medical clinic
live reside dwell residence
send deliver dispatch
carry transport convey
storm gale gales
over exceed above
below under less
name appoint nominate
chair chairman chairwoman president presides
sits consists members
wait waiting detention demurrage
quarrel dispute mediation arbitration
court jurisdiction tribunal
ahead beforehand advance before
size dimensions
engine machine motor
smoke smoking tobacco
fire burning flame
weekend saturday sunday
insurer underwriter insurers
speed fast knots
colour paint painted
road street highway
owner own owned belongs
leave depart departure
`;
