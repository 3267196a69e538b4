import { ASKS_TIME } from './asksTime';
import { LENGTH_OF_A_THING } from './quantities';
import type { AnswerKind } from './types';

const YES_NO = /^(?:is|are|was|were|does|do|did|may|can|could|must|shall|should|has|have|had|will|would)\b/i;

/** Kinds of English questions by the way they are put, first match wins (a small taxonomy in the manner of Li and Roth 2002). */
export const ENGLISH_KINDS: readonly (readonly [RegExp, AnswerKind])[] = [
  [
    /^what (?:is|are) the (?:purpose|role|function|aim|meaning)s? of\b|^what (?:is|are) .{1,60} (?:used )?for\s*\?*$|^what (?:does|do) .{1,60} do\s*\?*$/i,
    'definition',
  ],
  [
    /^(?:please )?(?:list|name|enumerate|give all|which are all)\b|^(?:which|what) (?:kinds|types|sorts|categories|classes|forms) of\b|\bwhat are (?:all )?the\b.*\b(?:types|kinds|items|requirements|conditions|grounds|steps|categories|events|documents|options|reasons|ways|levels|values|fields|tasks|duties|functions|responsibilities|obligations|recommendations|findings|causes|exceptions|exclusions|consequences|sanctions|restrictions|prohibitions|prerequisites|parts|components|contents|rights|powers|risks|tools|materials|criteria|warnings|precautions)\b/i,
    'list',
  ],
  [
    /^what (?:is|was) (?:the |its )?(?:initial |fixed |full |remaining |original )?term of (?:the|this|its|each|an?) (?:\w+ )?(?:lease|agreement|contract|licen[cs]e|loan|tenancy|charter|concession|policy|appointment|bonds?|facility|notes)\b/i,
    'duration',
  ],
  [
    /\bhow much (?:[\w-]+ ){0,2}?(?:notice|warning|time|overtime|leave|holiday|vacation|rest)\b(?! pay)|\bhow much (?:longer|later|earlier|sooner)\b|^(?:after|for) (?:what|which) (?:length of )?time\b|\bhow (?:far|long) (?:in advance|ahead|before|beforehand)\b|\bhow (?:early|late) (?:is|are|was|were|must|should|shall|does|do|did)\b/i,
    'duration',
  ],
  [
    /^what (?:is|are|was|were) (?:.{2,60} made (?:out )?of|done|said|shown|written|printed|stored|sent|told|wrong|new|special|different|left)\b/i,
    'passage',
  ],
  [
    /^(?:what|which) range of (?:current|voltage|temperature|pressure|speed|frequenc|power|load|torque|flow|sizes?|values)/i,
    'number',
  ],
  [
    /^what (?:is|was) the (?:longest|shortest) (?:(?:time|period|stretch|spell)\b|(?:that )?(?:any(?:one|body)|some(?:one|body)|an?|the|you|one|i) .*\b(?:may|can|could|has|must|lasts?|works?|stays?)\b)/i,
    'duration',
  ],
  [/^when (?:may|can|could) .*\b(?:first|earliest|at the earliest|soonest)\b/i, 'date'],
  [/^how much (?:does|do|did) .{2,40} count\b/i, 'percentage'],
  [
    /^(?:what|which) (?:diameter|length|width|height|depth|thickness|weight|speed|capacity|power|voltage|temperature|pressure|floor area|distance|draught|clearance)\b(?! (?:limit|class|type|kind))/i,
    'number',
  ],
  // What may be done when is asked for conditions more than for a day.
  [
    /^when (?:may|can|could|might)\b|^when (?:do|does|is|are|must|should|would) .*\b(?:get an? (?:reduction|refund|discount|rebate)|lose|loses?|entitled|reduc\w+|forfeit\w*|liable|suspend\w*|interrupt\w*|refus\w+|withdrawn|revoked|destroyed|needed|necessary|obliged|stay (?:in|at|away|out)|remain in|be stopped|call off|called off)\b(?! by)/i,
    'passage',
  ],
  [
    /^when (?:do|does|did|is|are|was|were) .{2,60} (?:count|qualify|regarded|treated|considered|deemed|held)\b/i,
    'passage',
  ],
  [
    /\b(?:what percentage|what per cent|what proportion|what share of|what (?:is|was) the (?:interest )?(?:margin|spread) (?:over|above)|what (?:is|was) (?:the |its |their )?market share|what (?:is|was|were) (?:the |its |their )?(?:[\w-]+ ){1,3}ratio\b(?! of)|how many per ?cent|at which rate|what (?:interest )?rate|which (?:percentage|per cent|proportion|share of)|which (?:interest|tax|vat|discount|growth|inflation|vacancy|occupancy|commission) rate(?! (?:class|card|group|table|sheet|band)s?\b)|what interest(?: is| was| runs| accrues| must| does| applies)|what (?:is|was|are|were) (?:the |its |their )?(?:[\w-]+ )?(?:(?:interest|base|key|tax|growth|vacancy|discount|inflation) rates?|rates? of (?:interest|tax|return|growth|inflation|(?:the )?premium|commission|contribution|duty)))\b/i,
    'percentage',
  ],
  [
    /\b(?:how much|what (?:is|was|were|are|did|does) (?:[\w'’]+ ){0,7}?(?:amount|price|costs?|fees?|fares?|sum|revenue|income|profit|loss|penalt(?:y|ies)|fine|salary|charge|rent|deposit|payment|bonus|contribution|levy|tax|wages?|expenses?|expenditure|budget|compensation|balance|worth|value of|total|dividend|remuneration|cap|threshold|bond|debt|assets|cash flow|premium|discount|rebate|surcharge|supplement|allowance|refund|excess|turnover|sales|earnings|takings|proceeds)\b|what (?:amount|sum|price|fee|penalty|fine|dividend|deposit|rent|fare|charge|salary|compensation|reduction|discount|rebate|bonus|surcharge|supplement|refund)\b|what (?:must|does|do|did|shall|will|would|should) .*\b(?:pay|paid|cost|charged?|owed?|receive|earn|spend)\b|how (?:large|big|high|great|small) (?:is|are|was|were|must|may|can) (?:[\w-]+ ){0,4}?(?:amount|price|cost|fee|sum|penalt(?:y|ies)|fine|salary|rent|deposit|payment|bonus|levy|tax|budget|dividend|bond|debt|loan|premium|dues|charges?|fares?|excess|security|grant|subsid(?:y|ie)|award|prize|pension|reserve)s?\b|^what\b.*\b(?:is|was|are|were) (?:charged|payable|owed|due|paid|refunded|repaid|reimbursed|deducted|withheld|credited)\b|^what (?:is|are|was|were) (?:the |an? |its )?[\w' -]{3,40} (?:paid|charged|fined)\s*\?*$|^what (?:is|are|was|were) (?:spent|invested|earned|borrowed|raised|saved|written off) (?:on|in|by|for|from|with|during|each|every)\b|^what (?:does|do|did|will|would) .{2,60} (?:come|amount|run|add up) to\b|^what (?:is|was) the (?:most|least|highest|lowest|largest|smallest|maximum|minimum)\b.* (?:pay|paid|cost|owe|owed|charge|charged|receive|earn)\b)/i,
    'amount',
  ],
  [LENGTH_OF_A_THING, 'number'],
  [
    /\bhow long (?:is|are|was|(?:must|may|can|should)(?=.*\bbe\b))\b[^?]*\b(?:name|line|string|text|word|summary|synopsis|password|vessel|ship|boat|berth|quay|pier|bridge|cable|rope|hull|table|list|field)s?\b(?!.{0,30}\b(?:closed|open|valid|kept|held|allowed|take|last|laid up|out of service)\b)/i,
    'number',
  ],
  [
    /\b(?:how long|how often|how frequently|at what intervals?|how soon|how quickly|how fast (?:must|does|do|should|will|shall|is|are) .*\b(?:answer|respond|react|report|repair|restor|deliver|pay|paid|process|resolv|fix|repl|attend|handl|deal|start|beg[iu]n|worked on)\w*|what (?:notice|period|term|duration|time limit)|what (?:is|was|are) (?:the |its |their )?(?:[\w-]+ ){0,3}(?:period|duration|time limit|interval|lifetime)|within (?:what|which|how many)|(?:for|after) how many (?:days|months|years)|how many (?:holidays|(?:(?:more|fewer|less|additional|working|running|maintenance|free|spare|sick|rest|service) )?(?:days|weeks|months|years|hours|minutes|seconds)))\b/i,
    'duration',
  ],
  [
    /\b(?:how many|how (?:large|big|high|deep|wide|old|fast|far|heavy|tall|thick|thin|loud|noisy|hot|cold|warm|strong|steep|powerful|small|accurate|near|close)|(?:at|above|below|beyond|up to|from) (?:what|which) (?:[\w-]+ )?(?:level|height|depth|speed|temperature|pressure|weight|size|length|distance|voltage|load)|what (?:[\w-]+ )?(?:temperature|pressure|speed|voltage|pull|force|load|draught|depth|height|width|weight|capacity)|(?:what|which) power (?=does|do|has|have|is|are|can|may)|what (?:is|was|are|were) (?:the |its )?(?:[\w-]+ ){0,2}?(?:load|strength|speed|temperature|pressure|voltage|weight|height|width|depth|length|draught|capacity|area|wear|consumption|output|diameter|thickness|displacement|tonnage|wingspan|flow|frequency|resistance|torque|bandwidth|current(?=\?|$| of| that| through| drawn| in the (?:coil|circuit|cable|motor)))\b|what (?:is|was|are) the (?:[\w-]+ )?age\b|(?:at|to|from|until|over|under|above|below|beyond|up to) (?:what|which) age\b|what (?:number|(?:is|was|are|were) the (?:maximum|minimum|largest|smallest|default|limit|size|length|number)))(?!\p{L})/iu,
    'number',
  ],
  [ASKS_TIME, 'date'],
  [
    /\b(?:when|(?:what|which) (?:date|day|year|months?)|by what date|on which (?:date|day)|since when|until when)\b/i,
    'date',
  ],
  // How strong a current is, and how fast something swings; a frequency of inspections is told by an interval.
  [
    /^(?:at |on |to |from |up to |below |above )?(?:what|which) (?:[\w-]+ )?(?:current|frequency)(?= (?:can|could|do|does|flows?|has|is|may|must|should|was)\b)(?!.*\b(?:audit|check|clean|inspect|meeting|paid|report|review|servic|test)\w*)/i,
    'number',
  ],
  [
    /\bwhat (?:is|was|are|were) the names? of (?:the |its )?(?:[\w-]+ ){0,2}(?:master|captain|administrator|trainer|treasurer|warden|keeper|teacher|editor|supervisor|director|chair\w*|chief|officer|owner|tenant|landlord|lessor|lessee|auditor|surveyor|author|operator|manager|secretary|president|judge|arbitrator|minister|inspector|engineer|partner|signator\w+|holder|company|firm|bank|yard|agency|authority|body)s?\b/i,
    'party',
  ],
  [
    /\b(?:who|whom|whose|which (?:party|company|person|body|authority|firm|bank|yard|agency|office|court|organi[sz]ation|contractor|supplier|insurer|airline|laborator(?:y|ies)|diver|carrier|broker|auditor|surveyor|architect|manufacturer|publisher|lender|notary|hospital|universit(?:y|ies)|newspaper|shipyard)s?|by whom)\b/i,
    'party',
  ],
  [
    /^(?:what (?:is|are) (?:meant by |an? |the (?:meaning|definition) of )|what does .{1,60} (?:mean|stand for)|define\b|how is .{1,60} defined|what is ["“'])/iu,
    'definition',
  ],
  [
    /^(?:what|who) (?:counts|qualifies) as\b|^what (?:is|are) (?:considered|regarded|treated) (?:as |to be )?|^what constitutes\b/i,
    'definition',
  ],
  // What is forbidden, included or to be done is seldom one thing.
  [
    /^what (?:is|are|was|were) (?:[\w-]+ ){0,3}?(?:forbidden|prohibited|banned|allowed|permitted|included|covered|insured|excluded|exempt|exempted|supplied|provided|delivered|required|needed|handed over|checked|examined|inspected|tested|recommended)(?=\s*\??$|\s+(?:by|in|with|from|under|for|to|on|at|of|after|before|when|if|as|during|against)\b)/i,
    'list',
  ],
  [
    /^what (?:else )?(?:may|must|can|could|should|shall|has|have|is|are) .{1,60}? (?:do|contain|include|state|show|list)\b/i,
    'list',
  ],
  [/^what (?:is|are) [^,?]{1,40}\??$/i, 'definition'],
  [
    /^(?:(?:to|for|in|on|under|from|by|with|against|at) )?(?:which|what) (?:[\w-]+ )?(?!(?:is|was|does|has|this|business|process|basis|class|address|access|loss|gross|press)\b)[\w-]{3,}s (?:are|were|do|did|must|may|can|shall|should|will|have|count|apply|fall|need|lead|make|belong|belongs?)\b/i,
    'list',
  ],
  [
    /^(?:(?:to|for|in|on|under|from|by|with|against|at) (?:which|what) (?:[\w-]+ )?(?!(?:is|was|does|has|this|business|process|basis|class|address|access|loss|gross|press|days|months|years)\b)[\w-]{3,}s (?:does|is|has|was)|(?:which|what) (?!(?:is|was|does|has|this|business|process|basis|class|address|access|loss|gross|press|status|days|months|years)\b)[\w-]{3,}s does)\b/i,
    'list',
  ],
  [YES_NO, 'yes-no'],
  [
    /\b(?:where|in which (?:directory|place|section|clause|file)|which (?:directory|folder|section|clause|page))\b/i,
    'place',
  ],
];
