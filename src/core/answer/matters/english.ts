import { CURRENCIES, ENGLISH_MONTHS, SUM_IN_FIGURES } from '../../text';
import { holding, type Matter } from './matter';

const DAY = String.raw`(?:(?:the )?(?:\d{1,2}(?:st|nd|rd|th)?|first|last day) (?:day )?(?:of )?(?:${ENGLISH_MONTHS})|(?:${ENGLISH_MONTHS}) \d{1,2}(?!\d))\b`;
const SPAN = String.raw`(?:hours?|days?|weeks?|months?|years?|quarters?)\b`;
/** What a contract, or rules like one, may be called. */
const AGREEMENT = String.raw`(?:contract|agreement|lease|licen[cs]e|tenancy|charter|concession|policy|deed|arrangement|engagement|permission|permit|scheme|rules?|regulations?|byelaws?|order|ordinance|term|parties|it)`;
/** What stands before what a question is about: “does this supply”. */
const SUBJECT = String.raw` (?:on )?(?:(?:does|do|did|will|is|are|was|were|has|have|shall) )?(?:(?:the|this|that|these|our|its|my) )?(?:[\w-]+ )?`;
const WHEN = String.raw`^(?:and )?(?:when|since when|from when|until when|till when|how long|for how long|(?:from|on|since|as of|until|up to|by|to) (?:what|which) (?:date|day)|what is the)\b`;

/** Words that a security goes by. */
const SECURITY = String.raw`deposit\w*|security|bonds?\b|guarantee\b|surety|caution money|caution\b|retention|lodge[sd]?\b`;
/** A sum of money, or so many months’ rent. */
const SUM = String.raw`${SUM_IN_FIGURES}|(?:one|two|three|four|six|half)\b.{0,12}\b(?:months?|years?|quarters?|instal\w+)\b.{0,3}\b(?:rent|fees?)`;
const GIVEN_BACK = String.raw`return\w*|refund\w*|repa(?:y|ys|id|yment)\b|(?:pa(?:y|ys|id)|g[ia]ve[ns]?|hand(?:s|ed)?|has|gets?|receiv\w+)\b.*\bback\b|releas\w*|surrender\w*`;
const FEE = String.raw`fees?\b|rents?\b|prices?\b|charges?\b|rates?\b|royalt\w+|dues\b|tariffs?\b|remuneration|sums?\b`;
const MOVES = String.raw`review\w*|adjust\w*|chang\w*|up(?: to date)?\b|raise[ds]?\b|raising|rises?\b|increas\w*|index\w*|indices|revis\w*|adapt\w*|anew\b|into line\b|moves? with`;
const AT_TIMES = String.raw`years?\b|yearly|annual\w*|triennial\w*|months?\b|intervals?|anniversar\w+|every\b|each\b|once\b|from\b`;
const LIABLE = String.raw`liab\w+|answer(?:s|able)?\b|compensat\w+|damages\b|indemnit\w+|claims? against|owes?\b`;
const LIMITS = String.raw`limit\w*|restrict\w*|exceed\w*|(?:more|higher|greater|further) than|beyond\b|above\b|up to\b|cap(?:ped|s)?\b|at most|no further|maximum|ceiling|most\b|extent|how far`;

/** What agreements settle, and the rules and licences that are like them: how it is asked in English, and how their clauses tell it. */
export const ENGLISH_MATTERS: readonly Matter[] = [
  {
    name: 'begin',
    asked: new RegExp(
      String.raw`${WHEN}(?!.*\bnot\b)${SUBJECT}${AGREEMENT}\b.*\b(?:starts?|begins?|began|commences?|(?:come|came|enter|entered) into (?:force|effect|operation)|(?:take|took) effect|in force|appl(?:y|ies)|effective|valid)\b|^what is the (?:start(?:ing)?|effective|commencement) date\b`,
      'i',
    ),
    told: new RegExp(
      String.raw`\b(?:takes?|took|comes?|came|enters?|entered|brought|be) (?:in(?:to)? )?(?:effect|force|operation)\b|\b(?:begins?|began|commences?|commenced|starts?|started|runs?|effective|in force|valid|applies|apply|dates)\b.{0,40}?\b(?:on|from|as of|is)\b.{0,12}?${DAY}|\bfrom ${DAY}.{0,12}(?:to|until|till|for)\b|\bfor (?:\w+ ){0,2}\w+ ${SPAN} from ${DAY}|\bfrom ${DAY} for\b|\bas (?:of|from) ${DAY}`,
      'i',
    ),
    value: { before: /\b(?:from|of|on|since|begins?)\s*(?:the )?$/i, behind: /^(?:\s*\d{4})?\s*(?:to|until|till)\b/i },
    words:
      'effect force operation begins commences starts term from until start begin began apply effective valid date performance',
  },
  {
    name: 'end',
    asked: new RegExp(
      String.raw`^(?:when|until when|till when|(?:on|until|up to|by) (?:what|which) (?:date|day))\b(?!.*\bnot\b)${SUBJECT}${AGREEMENT}\b.*\b(?:ends?|expires?|terminates?|concludes?|bound|over|runs?(?: out)?|lapses?|ceases?|valid)\s*\?*$|^what is the (?:(?:expiry|expiration|end(?:ing)?|termination) date|last day)\b`,
      'i',
    ),
    told: new RegExp(
      String.raw`\b(?:expir(?:es?|y|ation)|end(?:s|ing)?|lapses?|ceases?|concludes?|runs? out|last day|until|till|up to(?: and including)?)\b.{0,30}?${DAY}|\bfrom ${DAY}.{0,12}(?:to|until|till)\b|\bfor (?:an? )?(?:initial |fixed )?(?:period of |term of )?[\p{L}\d-]+ ${SPAN} (?:from|as of|beginning|starting)\b|\bfrom ${DAY}.{0,12}\bfor [\p{L}\d-]+ ${SPAN}|\bremains? in force\b`,
      'iu',
    ),
    value: { before: /\b(?:to|until|till|including|expires? on|ends? on|ending)\s*(?:the )?$/i },
    words: 'expires ends lapses until term end over stay run last cease concludes expiry date bound',
  },
  {
    name: 'break',
    asked: new RegExp(
      String.raw`^(?:when|how (?:early|soon)|(?:at|by|from) (?:what|which) (?:date|day|time|point))\b(?!.*\b(?:at once|immediate\w*|without notice|forthwith|data|files?|job|works?|insurer)\b).*\b(?:can|may|could|is|able|allowed|free|possible)\b.*\b(?:get out(?: of)?|leave|break|walk away|back out|pull out|quit|give up|(?:end|terminate|cancel)(?: (?:the|this|his|her|its|their|our|my))?|be (?:ended|terminated|cancelled|broken))\b(?: (?:the|this|its|their))?(?: (?:of )?${AGREEMENT})?(?: (?:early|first|at the earliest|ahead of time))?\s*\?*$`,
      'i',
    ),
    told: new RegExp(
      String.raw`\b(?:bring\w*|put\w*|brought) (?:it|the \w+|this \w+) to an end\b|\b(?:terminat\w+|determine[ds]?|end(?:ed|s)?|cancel\w*|break|broken|leave|quit|give (?:it |the \w+ )?up)\b[^.;]{0,80}?(?:${DAY}|\b(?:notice|anniversary|at any time|for the (?:close|end)|with effect from|after the)\b)`,
      'i',
    ),
    words: 'break terminate end leave quit cancel notice early first option get',
  },
  {
    name: 'extension',
    asked: new RegExp(
      String.raw`^(?!.*\b(?:notice|password|certificate|card)s?\b).*(?:\b${AGREEMENT}\b.*\b(?:extend(?:ed|s)?|extension|prolong(?:ed)?|renew(?:ed|al|s)?)\b|\b(?:renewal period|right to extend|(?:an|the|each) (?:extension|renewal)|options?\b.*\bend of the (?:term|lease|contract|agreement)\b))`,
      'i',
    ),
    told: /\b(?:extend\w*|extension|prolong\w*|renew\w*)\b|\b(?:fresh|new|further|another) (?:term|period|lease|licence)\b|\bfor (?:a |one )?(?:further|another) (?:period|term|\w+ (?:years?|months))|\bgoes on for\b/i,
    words:
      'extend extension prolonged prolongation renew renewed renewal option further another term period extended prolong automatically',
  },
  {
    name: 'notice',
    asked:
      /^(?!.*\b(?:enter|entry|entering|inspect\w*|visit\w*|access|com(?:e|ing) in)\b).*(?:\bnotice period\b|\bperiod (?:of notice|for (?:notice|cancel\w+|terminat\w+))\b|\bhow (?:much|long|far|many \w+)\b.*\bnotice\b|\bwhat notice\b|\bwith (?:what|how much) notice\b|\bhow (?:much|long|far|many \w+)\b.*\b(?:warning|in advance|beforehand|ahead)\b.*\b(?:end|terminate\w*|cancel\w*|leave|quit)\b)/i,
    told: holding(
      [
        String.raw`terminat\w*|end(?:ed)?\b|cancel\w*|leave\b|quit\b|withdraw\w*|determine\b|break\b|give .{0,40}\bup\b|given up\b|notice\b`,
        String.raw`notice\b|beforehand|in advance|ahead\b|before\b|after\b|warning|announced`,
        SPAN,
      ],
      String.raw`enter\w*|inspect\w*|visits?|access|come in|look at|premises if`,
    ),
    words:
      'notice terminate termination end cancel cancellation quit leave ahead months beforehand advance warning period needed given give',
  },
  {
    name: 'payment',
    asked:
      /^(?!.*\b(?:interest|late|deposit|security|rent|fine)\b).*(?:\b(?:invoices?|bills?|accounts?)\b.*\b(?:paid|pay|settled?|due|payable|met)\b|\b(?:settle|pay)\b.*\b(?:invoices?|bills?)\b|\b(?:payment terms|terms of payment|payment (?:deadline|period)|time for payment)\b|\bhow (?:soon|quickly) must\b.*\b(?:pay|be paid)\b|\bhow long\b.*\bha(?:s|ve) to pay\b|\bhow long\b.*\bto pay\b|\bwithin what (?:time|period)\b.*\b(?:pay|paid|settled)\b|\bwhen is (?:the )?payment due\b)/i,
    told: new RegExp(
      [
        holding([
          String.raw`invoic\w+|bills?\b|billed|dues\b|payment terms|time for payment`,
          String.raw`due\b|payable|pays?\b|paid\b|settled?\b|met\b|net\b|time for payment`,
          String.raw`days?\b|weeks?\b|months?\b|receipt\b|on (?:the|demand|signature|delivery|arrival|departure)\b|in advance|before\b`,
        ]).source,
        holding(
          [
            String.raw`payment\b|payable|pays?\b|paid\b|settled?\b|falls? due|transfers\b`,
            String.raw`within\b|in\b|later than|after\b|before\b|by\b|net\b|from\b`,
            String.raw`days?\b|weeks?\b|receipt\b`,
          ],
          String.raw`deposit|security|bond|guarantee|interest|insur\w*|terminate|cancel|withdraw|per cent|[$€£]|\b(?:${CURRENCIES})\b`,
        ).source,
      ].join('|'),
      'isu',
    ),
    words:
      'invoice invoices bill bills payable paid pay settled settle due receipt net payment terms deadline time transfers',
  },
  {
    name: 'late payment',
    asked:
      /^(?!.*\b(?:each of|both)\b)(?:.*\b(?:what|which|how (?:much|high)|happens?|rate|consequences?)\b.*(?:\binterest\b.*\b(?:late|overdue|default|arrears|unpaid)\b|\b(?:late|overdue|default|arrears|unpaid)\b.*\b(?:interest|sums?|amounts?|invoices?)\b|\bdefault interest\b|\blate payments?\b|\b(?:pays?|paid|paying) (?:too )?late\b|\barrears\b|\binvoice is overdue\b))/i,
    told: holding([
      String.raw`interest\b|per cent|surcharge|reminders?|added|charged?\b`,
      String.raw`late\b|later\b|tardy|arrears|overdue|default|unpaid|outstanding|after the due date|not (?:so |been )?(?:paid|made|arrived|received)|where (?:they|it|this) (?:are|is) not|fail(?:s|ure)? to pay`,
    ]),
    words:
      'interest late overdue arrears default unpaid surcharge reminder tardy payment payments pays paid pay rate charged owed sums consequences',
  },
  {
    name: 'security',
    asked:
      /^(?!.*\b(?:back|return\w*|refund\w*|repa(?:y|id)|releas\w*|keep|period|last|run|stands?)\b).*(?:\bhow (?:much|large|high|big)\b.*\b(?:deposit(?:ed)?|security|guarantee|bond|surety)\b|\b(?:what|which) (?:sum|amount|security|deposit)\b.*\b(?:deposit(?:ed)?|security|guarantee|bond|provides?|gives?|pays?)\b|\bamount of the (?:deposit|security|guarantee|bond)\b|\bhave to give security\b|\b(?:what|which) (?:security|deposit|guarantee|bond)\b.*\b(?:put up|lodged?|need(?:ed|s)?|required?|furnish(?:ed)?|leaves?|demand(?:ed|s)?|asked?)\b)/i,
    told: holding([`${SECURITY}|leaves\\b`, SUM]),
    words:
      'deposit security bond guarantee lodge surety caution large high amount provided held sum money give deposited',
  },
  {
    name: 'security returned',
    asked: holding([
      String.raw`deposit|security|bond|guarantee`,
      String.raw`back\b|return\w*|refund\w*|repa(?:y|id)\b|releas\w*|keep\b|kept\b|receives?\b`,
    ]),
    told: holding([`${SECURITY}|sum\\b`, GIVEN_BACK]),
    words:
      'deposit security bond guarantee returned refunded repaid repayment released surrendered back return refund repay get keep handed receives',
  },
  {
    name: 'review',
    asked: new RegExp(
      String.raw`^(?:how often|how frequently|when|at what intervals)\b${holding([FEE, MOVES], 'late|overdue|pay').source.slice(1)}`,
      'isu',
    ),
    told: holding([FEE, MOVES, AT_TIMES], String.raw`late|overdue|arrears|default`),
    words:
      'reviewed adjusted index revised anniversary intervals anew triennially raised line fee rent price charge change adjust review increase raise date often',
  },
  {
    name: 'insurance',
    asked:
      /\b(?:what|which|how much)\b.*\b(?:insurance|cover)\b.*\b(?:have|need\w*|required|take out|taken out|maintain|keep|carry)\b|\bfor (?:what|which|how much)\b.*\binsured?\b|\b(?:sum insured|what (?:amount of )?insurance|must the policy cover)\b|\bhow much must\b.*\binsured\b|^does\b.*\b(?:take out|need|have) (?:to )?.*\binsur\w+/i,
    told: holding([String.raw`insur\w+|(?:cover|policy)\b`], 'confiden\\w+'),
    words: 'insure insurance insured policy cover premium claims liability sum required minimum third harm taken',
  },
  {
    name: 'cap',
    asked: holding(
      [String.raw`liab\w+|damages?\b|compensat\w+|indemnit\w+|claims\b|claimed\b`, LIMITS],
      String.raw`insur\w+|cover|percentage|rise|rose|chang\w+|differ\w*`,
    ),
    told: holding([LIABLE, LIMITS], String.raw`insur\w+|cover|policy`),
    words:
      'liability liable limited capped damages damage compensation exceed answerable restricted claims limit maximum cap ceiling extent amount far pay',
  },
  {
    name: 'assignment',
    asked: new RegExp(
      String.raw`^(?:may|can|could|is|are|does|must|under what conditions)\b.*\b(?:${AGREEMENT}|rights?|assignment|assign)\b.*(?:\b(?:assign\w*|assignment|transfer(?:red|s|able)?|pass(?:ed)? on|hand(?:ed)? (?:on|over)|made? over|allowed)\b|\bto (?:an)?other\b)|^(?:may|can|could|is|are)\b.*\b(?:assign|transfer|hand|sell|pass|make|sign|give)\b.*\b(?:${AGREEMENT}|rights)\b|\bstep into the (?:contract|agreement|lease|licen[cs]e)\b`,
      'i',
    ),
    told: /\b(?:assign\w*|transfer\w*|pass(?:ed)? on|(?:hand|make)(?:ed)? .{0,40}\b(?:on|over)|made over|part with|personal to|succession|succeed\w*|dispose of|another (?:company|body|person|firm)|in favour of others)\b/i,
    words:
      'assign assignment transfer transferable transferred hand hands over another third party step consent personal assent succession dispose pass passed rights sell sold company someone',
  },
  {
    name: 'subletting',
    asked:
      /\b(?:sub|under)-?(?:let|lease|tenan)\w*|^(?:may|can|could|is|are|does|do)\b.*\b(?:let|rent|lease|hand|give|share)\b.*\b(?:to (?:others?|(?:some|any)one(?: else)?|(?:some|any)body(?: else)?|another|third|strangers?)|with (?:others?|someone|another))\b/i,
    told: /\b(?:sub|under)-?(?:let|leas|tenan)\w*|\bpart(?:ing)? with (?:the )?possession\b|\bshar(?:e|es|ing) (?:the )?(?:premises|occupation|possession)\b|\blet\b.*\bto (?:others|third)/i,
    words: 'sublet subletting underlet subtenant let share possession others consent third part',
  },
  {
    name: 'subcontracting',
    asked:
      /\bsub-?contract\w*|\bhire other (?:firms?|companies)\b|\bothers be (?:hired|used|employed|engaged)\b|\bwork be given to other\b|\b(?:do|perform|carry out) (?:the|its|all) (?:work|services?|tasks?) (?:it|him|her|them)sel(?:f|ves)\b|\boutsourc\w+|\bdelegate (?:tasks|work)\b/i,
    told: /\bsub-?(?:contract|let)\w*|\b(?:other|outside) (?:firms?|companies|contractors?)\b|\bthird part(?:y|ies)\b|\bown (?:people|staff|personnel|employees)\b|\bentrust\w*|\bin person\b|\bdelegat\w*|\bengages?\b.{0,30}\b(?:work|services?|tasks?)\b/i,
    words:
      'subcontract subcontractors subcontracting sublet third parties firms entrust person delegate outsource engages work tasks others hired given own itself',
  },
  {
    name: 'handover',
    asked:
      /^(?!.*\b(?:money|deposit|sums?|loan|funds?|fees?|security|guarantee|tickets?|deduct\w*|how (?:much|long|soon)|cost|pay)\b).*\b(?:what|which|how|in what)\b.*\b(?:mov(?:es?|ing) out|hand(?:s|ed|ing)? (?:it |them |the [\w-]+ )?back|give[ns]? (?:it |the [\w-]+ )?back|leav(?:es?|ing) the (?:premises|flat|house|shed|hall|shop|land|site|building)|at the end of the (?:lease|tenancy|term|hire|rental))\b/i,
    told: /\b(?:remov\w+|tak(?:e|es|en) away|yield\w* up|hand\w* (?:back|over)|vacat\w+|on leaving|mov(?:es?|ing) out|clear(?:s|ed)?\b|made good|make good|restor\w+|return(?:s|ed)?\b|g[ia]ve[ns]? (?:up|back)|end of the (?:lease|tenancy|term|hire))/i,
    words:
      'end leaving remove removed take away yield hand back over vacate clear cleaned good order condition restore machinery fixtures holes',
  },
  {
    name: 'exclusions',
    asked:
      /^(?:what|which)\b.*\b(?:(?:is|are|was|were) (?:not|n['’]t) (?:included|covered|insured|part of|owed|supplied|provided|contained)|(?:is|are) excluded|(?:does|do) not (?:include|cover|belong|form part))\b|^what does\b.*\bnot (?:cover|include|insure|extend to)\b/i,
    told: /\bnot (?:included|covered|insured|part of|owed|supplied|provided|extend|cover|include|apply)\b|\bexclud\w+|\bexclusive of\b|\bexcept\w*|\bother than\b|\bseparately\b|\bextra\b|\bdoes not\b/i,
    words: 'included excluded excludes covered except exclusive separately extra part',
  },
  {
    name: 'law',
    asked:
      /\b(?:which|what)(?: \w+[’']s)? law\b|\b(?:governing|applicable) law\b|\blegal system\b|\bcountry[’']s law\b|\blaw\b.*\b(?:governs?|applicable|agreed|chosen)\b/i,
    told: /\blaws? of (?:the )?\p{Lu}|\p{Lu}\p{L}+ law\b|\bgoverned by\b|\bconstrued\b|\b(?:applicable|governing) law\b/u,
    words: 'law laws governed construed accordance governing legal system country applicable agreed chosen fall apply',
  },
  {
    name: 'disputes',
    asked:
      /\bdisputes?\b|\bdisagreements?\b|\b(?:which|what) courts?\b|\bwhere\b.*\b(?:sue|claims? be brought)\b|\barbitrat\w+|\bjurisdiction\b/i,
    told: /\b(?:courts?|arbitrat\w+|jurisdiction|tribunal|mediat\w+|disputes?|quarrels?|actions are|actions? (?:shall|must|may) be)\b|\bdifferences?\b.*\b(?:settle\w*|laid|referred|decided|goes)\b/is,
    words:
      'disputes dispute courts court arbitration arbitrator jurisdiction tribunal difference quarrels mediator actions brought claims disagreements decided settled competent sue',
  },
  {
    name: 'confidence',
    asked: /\bconfiden\w+|\bsecre(?:t|cy)\b|\bkeep(?:ing)? silent\b|\bdisclos\w+/i,
    told: /\bconfiden\w+|\bsecre(?:ts?|cy)\b|\bsilent\b|\bdisclos\w+|\breveal\w*/i,
    words:
      'confidential confidentiality secret secrets secrecy disclose silent revealed protected information duty duties obligation confidence kept years',
  },
  {
    name: 'entry',
    asked:
      /^(?:how|what|when|with what|can|may)\b.*\b(?:notice|warning|early|far ahead|hours|may|can)\b.*\b(?:enter(?:ing)?|entry|inspect(?:ion)?|come in|visit)\b(?!.*\b(?:force|effect|website|data|agreement|contract)\b)/i,
    told: /\b(?:enter|entry|inspect\w*|look at|visits?|come in|access|examine|go over)\b/i,
    words:
      'enter entry inspect inspection inspections visit access examine warning look entering premises announced early ahead needed',
  },
  {
    name: 'termination at once',
    asked: new RegExp(
      String.raw`^(?:when\b.*\bends? .*\bearly\b|(?=.*\b(?:may|can|when|allows?|grounds?|case|possible|lead)\b)(?=.*\b(?:terminat\w+|cancel|cancelled|end|ended|withdraw|revoked?|give up)\b)(?=.*\b(?:${AGREEMENT}|landlord|tenant|supplier|contractor|owner|terminat\w+|ended)\b)(?=.*\b(?:immediate(?:ly)?|at once|without (?:notice|delay)|forthwith|summar\w+|grounds?|lead to)\b))`,
      'i',
    ),
    told: holding([
      String.raw`terminat\w+|cancel\w*|end\b|ending\b|withdraw\w*|revoke|rescind`,
      String.raw`at once|forthwith|without notice|immediate(?:ly)?|there and then|summar\w+|free to|entitles?|grounds?\b|may also|breach|owing|owes|insolvent|if\b|where\b|unpaid|behind\b`,
    ]),
    words:
      'terminate termination cancel immediate immediately forthwith breach notice revoke end ended once delay early grounds unpaid behind missed payments lead',
  },
  {
    name: 'force majeure',
    asked:
      /\bforce majeure\b|\bevents?\b.*\b(?:excuse|release)\b|\bnot (?:responsible|liable)\b.*\bdelay|\b(?:in|case of|event of) (?:an? )?(?:strike|storm|flood|war)\b|\bif (?:an? )?(?:strike|storm|flood|war|ice)\b/i,
    told: /\bforce majeure\b|\bbeyond\b.*\bcontrol\b|\b(?:storm|strike|war|flood|ice)s?\b/is,
    words:
      'force majeure strike storm war ice flood prevented prevents excused excuse release control events responsible performance delay duties case counts',
  },
  {
    name: 'delay',
    asked: new RegExp(
      String.raw`${holding([String.raw`days? of delay|for (?:each|every) day|being late|finish\w* late|late finish|misses the|delay\b`, String.raw`penalt\w+|damages|owe|cost\b|deducted|charged|what (?:does|must|is)|how (?:much|high)`], 'payments?|paid|interest|liable').source}|\\b(?:daily penalty|liquidated damages)\\b`,
      'isu',
    ),
    told: holding(
      [
        String.raw`delay\w*|late\b|misses|behind\b|overrun\w*`,
        String.raw`pays?\b|owes?\b|costs?\b|forfeits?|damages|penalt\w+|deducted|off the price|charged`,
        String.raw`\d`,
      ],
      String.raw`interest|arrears|overdue`,
    ),
    words:
      'delay late damages penalty forfeits day daily overrunning charged price deducted misses date owe pay cost finish high',
  },
  {
    name: 'hours',
    asked:
      /\b(?:opening|business|office|working) hours\b|\bat what (?:hours|times)\b.*\b(?:open|reached|available|staffed|answered)\b|^(?:when|until what time|from what time|at what time)\b.*\b(?:office|counter|desk)\b.*\b(?:open|close|staffed)\b|^when is (?:it staffed|somebody there)\b/i,
    told: /\b\d{1,2}(?:[.:]\d{2})?(?: ?[ap]\.?m\.?| o[’']clock)? (?:to|and|until|till|and closes at) \d{1,2}(?:[.:]\d{2})?(?: ?[ap]\.?m|[.:]\d{2}| o[’']clock| hours)?\b(?! ?(?:crowns|per cent|days|metres|years|months))|\b(?:round the clock|at all hours|day and night)\b/i,
    words: 'hours staffed weekdays open opens opening clock reached duty available answered service times calls',
  },
  {
    name: 'records',
    asked: new RegExp(
      String.raw`${holding([String.raw`records?\b|documents?\b|books?\b|vouchers?|files?\b|logs?\b|evidence`, String.raw`kept\b|keep\b|retain\w*|stor\w+|preserv\w*|destroy\w*|held\b`, String.raw`how long|how many (?:years|months)`]).source}|\\bretention period\\b`,
      'isu',
    ),
    told: holding([
      String.raw`records?\b|documents?\b|books?\b|papers?\b|vouchers?|files?\b|logs?\b|reports?\b|register\b|evidence|recordings?`,
      String.raw`keeps?\b|kept\b|retain\w*|preserv\w*|destroy\w*|stored?\b|held\b|thrown away`,
    ]),
    words:
      'records record kept retained preserved stored books documents papers log evidence held keep retention period destroyed thrown away',
  },
  {
    name: 'amendment',
    asked: holding(
      [
        String.raw`amend\w*|changed?\b|alter(?:ed|ations?)?\b|variations?|modif\w+|changes valid`,
        String.raw`contract|agreement|lease|in writing|oral\w*|by word of mouth|form\b`,
        String.raw`how\b|can\b|may\b|are\b|do\b|what (?:form|is needed)`,
      ],
      'price|rent|fee|since|between',
    ),
    told: holding([
      String.raw`writing|written|signed|oral\w*`,
      String.raw`chang\w+|amend\w*|alter\w*|varia\w+|varied|modif\w+|side agreements?`,
    ]),
    words:
      'changes change changed amend amendment amendments writing written signed altered variation oral orally valid form needed',
  },
  {
    name: 'defects',
    asked: holding([
      String.raw`defects?\b|faults?\b|complain\w*|object\b`,
      String.raw`report\w*|notif\w+|complain\w*|object\b|made\b|lapse|point out`,
      String.raw`how (?:soon|long|quickly|many days)|within what|when\b|by when|how late`,
    ]),
    told: holding([
      String.raw`defects?\b|faults?\b|damage\b|shortages?|complain\w*|object\w*|claims?\b|wrong with`,
      String.raw`notif\w+|report\w*|complain\w*|object\w*|lapse|made\b|accepted|claims?\b|point out`,
      String.raw`hours?\b|days?\b|weeks?\b|months?\b`,
    ]),
    words:
      'defects defect faults fault notified reported report complain complaints within delivery accepted objected object point wrong claims lapse made',
  },
  {
    name: 'warranty',
    asked:
      /\bwarranty\b|\bhow long\b.*\bwarrants?\b|\bguarantee period\b|\bhow long\b.*\bguarantees?\b(?!.*\b(?:deposit|held|back)\b)|\bguarantee\b.*\b(?:run out|expire)|\b(?:faults?|defects?|repairs?)\b.*\b(?:free|without charge)\b/i,
    told: holding(
      [
        String.raw`warrant\w*|guarantee\w*|puts? right|put right|makes? good|made good|remed(?:y|ied|ies)|repair\w*|replaced|stands by`,
        String.raw`${SPAN}|\d`,
      ],
      'deposit|security|bank',
    ),
    words:
      'warranty guarantee guarantees faults defects right good free charge repairs repaired last run period stands goods equipment',
  },
];
