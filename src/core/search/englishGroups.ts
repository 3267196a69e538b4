/**
 * Words that contracts, filings, regulations and technical reports use for one another. They widen a search: an equivalent never counts as much as the
 * word that was asked for.
 */
export const ENGLISH_GROUPS = `
end ending terminate termination expire expiry cease
cap limit maximum ceiling exceed exceeding
smallest least minimum minimal lowest less
largest greatest maximum highest biggest most
yearly annual annually year
cost price charge fee fare
pay payment payable paid owe
salary remuneration compensation pay wage wages
employee staff personnel worker workforce employ employed
buy purchase acquire acquisition
sell sale sold dispose disposal
begin start commence commencement
owner lessor landlord
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
inform notify tell notice notification announce
check verify inspect examine inspection verification
choose select choice selection
make create produce
repair mend fix maintenance
insurance insured cover
injury hurt harm injured
accident incident casualty
help assist support
film movie cartoon
name called named
risk hazard danger
delay late lateness
decrease fall decline reduce reduction drop
increase rise grow growth
permission consent approval authorisation authorization licence license
sum amount
compulsory mandatory obligatory optional voluntary
folder directory
picture image photo
computer machine system
memory RAM
person people
rent rental
responsible accountable liable liability
explain describe
half 50
often interval frequency
passenger traveller traveler rider
firm company business undertaking enterprise
complaint grievance complain
refund reimburse reimbursement repay repayment
cancel cancellation cancelled revoke withdraw withdrawal
extend extension prolong prolongation lengthen
power electricity electric
waste rubbish garbage refuse litter
car vehicle automobile
building premises house property
sublet underlet sublease sublessee
security deposit bond guarantee
peak busiest maximum
crew crewman seaman sailor
master captain skipper
wind storm gale weather
training instruction course
child children minor
illness sickness disease
death die dead fatal
doctor physician medical
holiday vacation leave
retire retirement pension
hire recruit recruitment appoint appointment
dismiss dismissal fire sack
director board executive
shareholder stockholder member investor
share stock equity
dividend distribution payout
asset property holding
liability obligation debt
expense cost expenditure outlay spending
budget forecast estimate
tax duty levy
interest rate
instalment installment
receipt proof
deliver delivery supply ship shipment
goods product merchandise
order purchase request
defect fault flaw deficiency
deadline limit period
monthly month
daily day
sign signature execute executed signed
party signatory
clause section article provision paragraph
breach violation infringement default
remedy cure rectify correct
binding enforceable
waive waiver
indemnify indemnity compensate
negligence carelessness fault
unforeseeable unforeseen majeure
jurisdiction venue forum
governing applicable
arbitration arbitrator
mediation conciliation
subsidiary affiliate
merger amalgamation takeover
bankrupt bankruptcy insolvent insolvency
trademark mark brand
copyright author authorship
source code
distribute distribution redistribute copy
modify modification derivative
user customer
password passphrase
install installation setup
uninstall deinstall remove removal
configure configuration settings setting
start launch run execute boot
stop halt quit shut shutdown
screen display monitor
printer print printing
disk drive
file document
page sheet
temperature heat thermal
pressure load
length long
height high tall
number count quantity
test trial examination
measure measurement gauge
emission pollution exhaust
energy fuel
water sea
train railway rail
airport airline flight
check audit review control
owner proprietor holder
borrower debtor
lawyer solicitor counsel attorney
sue litigation lawsuit proceedings
disclose disclosure reveal divulge
guarantor surety
subsidy grant aid funding
impairment writedown
depreciation amortisation amortization
capital funds
bonus incentive
surveyor inspector examiner
survey inspection inspect
leak spill discharge
broken damaged defective faulty
alarm warning signal
evacuate abandon abandonment
lifejacket lifevest
fire blaze
quay pier jetty wharf berth dock mooring
harbour harbor port
sailing crossing voyage trip journey departure
punctual punctuality
worth value
big large great
prolong extend renew lengthen
return refund repay
rules regulation regulations provisions
expert specialist assessor
vote ballot poll
backup copy
restore recover recovery
encrypt encryption cipher
login logon sign
account user
crash abort failure
option flag switch parameter argument
default standard preset
variable setting
command instruction
script program
library module package
compile build
repository archive
network internet
wireless wifi
host server machine
storage disk
bicycle bike cycle
disabled wheelchair mobility
infant baby child
pensioner senior elderly
student pupil
adult grown
cheap cheapest lowest
expensive dearest highest
instalments parts
quarterly quarter
half semester
spend spent expenditure
earn earned earnings
owe owed debt
grow grew increase
shrink shrank decrease
oversee supervise supervision monitor
approve approval authorise authorize
approve ratify ratification adopt adoption enact
reject refuse refusal deny
postpone defer delay
replace substitute replacement
prohibit ban bar
exempt exemption excluded exclude
apply applicable
obtain get acquire
provide supply furnish
require need must
record log register
report account statement
signal sign
protect safeguard secure
dangerous hazardous
clean cleaning cleanliness
full complete entire
try attempt
answer reply response
question query inquiry enquiry
letter correspondence
meeting session
committee panel commission council
mayor chair
town city municipality
island isle
winter summer season
fog visibility
tide water
`;
