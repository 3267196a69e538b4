/**
 * Words of everyday speech and those that documents of any kind use for the same: what is done, how things are, who and what takes part. They widen a search and
 * count for one another like those of `englishGroups.ts`.
 */
export const EVERYDAY_GROUPS = `
discard dispose throw scrap drop delete
ask request query apply
tell inform notify instruct advise
say state specify declare
think consider deem regard believe
treat regard consider deem
show display indicate demonstrate exhibit
fetch retrieve obtain download
send submit transmit dispatch forward
own possess hold belong
contain include comprise hold
include contain comprise consist
lead head direct chair
work operate function
break violate breach infringe contravene
follow comply observe adhere obey
meet satisfy fulfil fulfill comply
fulfil fulfill perform satisfy
join accede participate enrol
quarrel dispute litigation disagreement
disagreement dispute difference
contradict conflict inconsistent contrary
agree consent accept approve assent
agreement consent acceptance
settle resolve determine
promise undertake warrant commit covenant pledge
hurt injure harm damage wound
blame fault responsible liable
bear assume carry borne
become turn
convert transform translate
occur happen arise event
cause trigger result lead
avoid prevent escape
stop prevent hinder block
hinder prevent restrict obstruct
let allow permit enable
want wish desire request
lower reduce decrease
raise increase
double twice two
once single one
combine merge join link
mention refer cite
cite quote reference
write author compose draft wrote written
wrote written author authored
learn study train
teach instruct train
lose loss forfeit
safe secure safest security
risky dangerous unsafe
certain sure definite
likely probable probably expected
usual normal typical customary common ordinary default
rare seldom exceptional
odd unusual irregular
obsolete outdated old legacy deprecated
modern recent new contemporary current
newest latest recent current
current present existing
quick fast rapid prompt
simple easy straightforward
hard difficult
important essential significant material key
main principal primary chief major
extra additional further supplementary
spare reserve backup
same identical equal equivalent
whole entire complete total
portion part share percentage proportion
piece part component item
tool utility program instrument
device equipment appliance apparatus
gear equipment apparatus
object item thing
upper top
near close adjacent
inside within internal internally
internal inside private
outside external
outsider third
others third
newcomer beginner novice
programmer developer maintainer author
maker manufacturer producer vendor
judge court arbitrator tribunal
government state authority ministry public
country state nation jurisdiction territory
countries worldwide global world states
worldwide global world international
region area zone territory district
wording text language version
version edition release
chapter section part
figure image illustration diagram
chart graph diagram plot
note remark comment annotation
heading title header caption
abbreviation acronym short
example instance sample illustration
rule regulation provision requirement
condition requirement term provision
exception exempt exclusion except
restriction limitation constraint limit
duty obligation responsibility
right entitlement entitled
power authority competence
crime offence offense
wrong breach violation infringement
wrongdoing misconduct breach
offence violation breach contravention
jail prison imprisonment
aim goal objective intent purpose
method procedure process technique
stage phase step
result outcome effect consequence
effect impact influence consequence
benefit advantage
drawback disadvantage downside
problem issue difficulty trouble
solution remedy workaround
tip hint recommendation
choice option alternative
chance probability likelihood
majority most
elect election elected appoint
candidate nominee applicant
tenure term office
successor replacement
leader head chair president
deputy vice substitute
agenda items
minutes record
petition application request
paperwork documentation documents
copy duplicate reproduction replicate reproduce
undo revert reverse rollback
repeat retry again
save store write
permission rights privileges access
administrator root superuser admin
team group
message notification
website site web homepage
url address link
upload submit transfer
space capacity room storage
capacity volume
processor cpu
card adapter interface
cable wire cord
plug connector socket
battery accumulator
font typeface
character letter char
chars character
row line record
column field
blank empty whitespace
missing absent lacking omitted
zero null nil
separator delimiter divider
bracket parenthesis parentheses
distinct different separate unique
move transfer relocate
function routine method
plugin extension addon
patch fix update
harmless safe innocuous
valid effective force
invalid void unenforceable valid
reachable accessible available
stay remain last
continue remain persist
lifetime life duration
permanent perpetual forever irrevocable
forever perpetual permanent unlimited
temporary provisional interim
regular periodic routine
gradual step incremental
simultaneous concurrent parallel
automatic automatically itself
manual hand manually
voluntary optional free
willing agree prepared
intentional deliberate wilful willful
accidental unintentional inadvertent
honest faith good
fair reasonable equitable
obvious apparent evident clear
visible prominent conspicuous displayed
readable legible
exact precise accurate
approximate about roughly estimate
enough sufficient adequate
excessive undue unreasonable
unnecessary needless redundant
useless unusable
suitable appropriate fit proper
proper appropriate correct
correct right rectify
tailor customise customize adapt
adapt customise customize modify
customise customize configure
improve enhance improvement
worsen deteriorate
damage harm impair
ruin destroy damage
harm damage injury loss
compensate indemnify reimburse damages compensation
compensation damages indemnity
gift donation present
donate donation contribute
contributor contribution
reward bonus award prize
earn receive income
lend loan borrow
debt owe liability
money funds cash sum
price cost rate fee
account ledger
bookkeeping accounting accounts
midnight night
workday weekday working business
standby ready readiness
aboard board
fail reject
today current
shift move convey deliver
soon promptly early
early before advance
beforehand advance prior
afterwards after later subsequent
previously before formerly
finally last end
first initial original
next following subsequent
second next
wide width broad
thick thickness diameter
thin thickness
distance far kilometres miles
light lamp illumination
dark night
bright light
loud volume noise
quiet silence
empty blank vacant
crowded full
wet damp moist
strong strength
young age
elderly old age
sick ill illness
healthy health
pregnant pregnancy maternity
disability disabled impairment
blind vision sight
deaf hearing
death died deceased
born birth
marry marriage married
divorce separation
family relatives household
parent mother father guardian
guardian parent custodian
citizenship nationality
foreigner alien foreign
club association society
school education institution
university college academic
professor lecturer teacher
exam examination test
drawing design plan
map chart
sign notice symbol
pattern design
model type
brand trademark make
label tag mark
badge label
lock locked secure
lift elevator
toilet sanitary lavatory
room chamber compartment
fence barrier
route path course
journey travel trip
`;
