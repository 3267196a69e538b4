import { CURRENCIES, SUM_IN_FIGURES } from '../../text';
import { holding, type Matter } from './matter';

const SUM = String.raw`\d[\d,.]*|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|million)\b`;
const HOW_MUCH = String.raw`(?:how (?:much|high|large|great|big)|what (?:was|were|is|are|did|does|do)|which)\b`;
const COMPANY = String.raw`(?:company|group|firm|business|society|association|yard|market|club|cooperative|bank|operator|works|foundation|trust|it|they|we)`;

/** What yearly reports and filings tell: how it is asked in English, and how their sentences tell it. */
export const ENGLISH_ACCOUNTS: readonly Matter[] = [
  {
    name: 'revenue',
    asked: new RegExp(
      String.raw`^(?!.*\b(?:per|each|from|of which|share|percentage|grow\w*|ris\w+|rose|chang\w+|expect\w*|forecast|next|by how|how much (?:less|more)|each of|both)\b)${HOW_MUCH}.*(?:\b(?:revenues?|turnover|(?:net |total )?sales|takings)\b|\b(?:take|took|taken|bring|brought) in(?: (?:in|during|over|last|altogether)\b.*)?\s*\?*$)`,
      'i',
    ),
    told: holding(
      [String.raw`revenues?|turnover|sales|takings|took\b|sold\b|brought in|income from`, SUM],
      String.raw`expect\w*|should|forecast|interest`,
    ),
    words: 'revenue revenues turnover sales net total takings took taken take income year came company brought sold',
  },
  {
    name: 'profit',
    asked: new RegExp(
      String.raw`^(?!.*\b(?:before|operating|gross|per|share|by how|how much (?:less|more)|chang\w+|rise|rose|claim\w*)\b)(?:${HOW_MUCH}.*\b(?:(?:net )?profit|net (?:income|result|earnings)|surplus|result for the year)\b|what did ${`(?:the )?${COMPANY}`} earn\b)`,
      'i',
    ),
    told: holding(
      [String.raw`profits?|surplus|net income|net result|earn(?:ed|ings)|left\b|result\b|gain\b|loss\b`, SUM],
      String.raw`per share|a share`,
    ),
    words: 'profit net surplus income earned earn result left year made company total loss',
  },
  {
    name: 'dividend',
    asked: /\bdividends?\b|\b(?:shareholders|members|owners)\b.*\b(?:get|receive|paid)\b.*\bshare\b/i,
    told: /\bdividends?\b|\b(?:shareholders|members|owners)\b.*\b(?:receive|get|paid)\b/i,
    words: 'dividend dividends share shares shareholders receive declared proposes proposed paid per distribution',
  },
  {
    name: 'staff',
    asked: new RegExp(
      String.raw`\bhow many (?:people|persons|employees|workers|staff|men and women)\b.*\b(?:employ\w*|works?|worked|have|has|had|payroll|there)\b(?!.*\b(?:hurt|injur\w+|hous\w+|sleep)\b)|\bhow (?:large|big|small) (?:is|was) (?:the |its )?(?:workforce|staff|payroll)\b|\b(?:head ?count|number of (?:employees|staff|workers))\b`,
      'i',
    ),
    told: new RegExp(
      String.raw`\b(?:${SUM})(?: \w+){0,2}? (?:employees|staff|workers|men and women|people (?:work\w*|were employed|are employed|on the payroll))\b|\bemploy(?:s|ed)\b.{0,24}?\b(?:${SUM})|\b(?:staff|workforce|head ?count|payroll|employees)\b.{0,24}?\b(?:of|was|were|is|numbered|to|at|totalled|:) ?(?:${SUM})`,
      'i',
    ),
    words:
      'employees employed employ staff workforce headcount payroll worked work workers people number numbered company large',
  },
  {
    name: 'debt',
    asked:
      /\bowe(?:s|d)?\b.*\b(?:banks?|lenders?|creditors?)\b|^(?!.*\b(?:by how|reduc\w+|ris\w+|rose|fell|chang\w+)\b)(?:how (?:much|high|large)|what (?:is|was|were|are) the (?:amount|total|level))\b.*\b(?:bank loans|loans|debts?|borrowings|indebted\w*)\b(?!.*\b(?:rate|repaid|due|fall|mature|until|when)\b)/i,
    told: holding([String.raw`loans?\b|debts?\b|owe[sd]?\b|borrow\w+|indebted\w*|credit\b|liabilit\w+`, SUM]),
    words: 'loan loans bank banks debt debts owed owes borrowings borrowed indebtedness amount lenders company stood',
  },
  {
    name: 'maturity',
    asked:
      /\b(?:when|until when|by when|what date)\b.*\b(?:loan|debt|bond|credit|facility|notes?)\b.*\b(?:repaid|due|mature\w*|runs?|paid back|end|expire)\b/i,
    told: /\b(?:loans?|debts?|bonds?|credit|facilit\w+|notes?|it)\b.*\b(?:due|repaid|repay\w*|matur\w+|runs?|paid back|until|ends?)\b.*\d|\bmatur\w+\b.*\d/i,
    words: 'loan bank repaid repayment due matures maturity falls runs until date mature',
  },
  {
    name: 'investment',
    asked:
      /\b(?:how much|what|how high)\b.*\b(?:invest(?:ed|ments?)|capital (?:expenditure|spending)|capex)\b|\b(?:spent|spend) on (?:new )?(?:equipment|machines?|machinery|plant|investments?)\b/i,
    told: holding([
      String.raw`invest\w*|capital (?:expenditure|spending)|(?:new )?(?:machines?|machinery|plant|equipment)\b`,
      SUM,
    ]),
    words: 'invested investment investments capital expenditure spent new machines plant equipment amounted capex',
  },
  {
    name: 'auditor',
    asked:
      /\b(?:who|which (?:firm|company))\b.*\b(?:audit(?:s|ed|ors?)|check(?:ed|s) the (?:accounts|books|financial statements)|examined the accounts)\b/i,
    told: /\baudit\w*|\bexamined the (?:accounts|books)|\btrue and fair\b/i,
    words: 'audited auditor auditors audit examined accounts checked statements financial books firm',
  },
  {
    name: 'chair',
    asked:
      /^who (?:is|was) (?:the |its )?(?:chair\w*|president|head of the (?:board|council|committee))\b|^who (?:chairs?|leads?|heads?|presides)\b.*\b(?:board|council|committee|directors)\b/i,
    told: /\bchair(?:s|ed|man|woman|person)?\b|\bled by\b|\bleads\b|\bheaded by\b|\bpresid\w+/i,
    words: 'chair chairs chairman chaired led leads heads headed president board presides',
  },
  {
    name: 'size of the board',
    asked:
      /\bhow many (?:members|directors|people)\b.*\b(?:board|council|committee|directors)\b|\bhow many directors\b|\bhow (?:big|large) is the (?:board|council|committee)\b/i,
    told: new RegExp(
      String.raw`\b(?:${SUM})(?: \w+)? (?:members|directors|trustees|people sit|persons sit)\b|\b(?:board|council|committee)\b.{0,40}?\b(?:consists?|composed|made up|comprises?|has|numbers?|of)\b(?: of)? (?:${SUM})\b`,
      'i',
    ),
    words: 'board council committee directors members seven five sit consists comprises has people big large',
  },
  {
    name: 'pay of the board',
    asked:
      /\b(?:board|directors?|members of the board|management)(?:['’]s?)?\b.*\b(?:paid|remuneration|receive[ds]?|fees|earn|compensat\w+)\b|\b(?:remuneration|fees|pay) of the (?:board|directors|management)\b/i,
    told: holding(
      [
        String.raw`board|directors?|management|members`,
        String.raw`paid|pay\b|remuneration|received?|fees|compensat\w+`,
        SUM,
      ],
      String.raw`dividend|share\b`,
    ),
    words: 'board directors members paid remuneration fees received receive together pay much money compensation',
  },
  {
    name: 'risk',
    asked:
      /\b(?:main|biggest|greatest|largest|most important|chief|principal|key)\b.*\brisks?\b|\brisks? (?:matters?|worr\w+) most\b/i,
    told: /\brisks?\b|\bworr\w+|\bthreat\w*|\bdanger\w*|\buncertain\w*|\bexposed\b/i,
    words: 'risk risks worries worry threat main greatest biggest uncertainty exposed danger',
  },
  {
    name: 'outlook',
    asked:
      /\b(?:expect\w*|forecast\w*|predict\w*|foresee\w*|outlook|anticipat\w+|plann?(?:ed|s))\b.*\b(?:20\d\d|next year|coming year|year ahead|future)\b|\bgrowth is expected\b|\boutlook\b/i,
    told: /\bexpect\w*|\bforecast\w*|\bshould\b|\bbeliev\w+|\banticipat\w+|\boutlook\b|\bwill\b.*\b(?:higher|lower|rise|fall|grow)\b|\bplan\w*/i,
    words:
      'expect expected forecast outlook coming next year grow growth rise believe anticipate higher lower future ahead',
  },
  {
    name: 'accidents',
    asked: /\bhow many\b.*\b(?:accidents?|injur\w+|hurt)\b/i,
    told: holding([String.raw`accidents?|injur\w+|hurt\b`, SUM]),
    words: 'accident accidents injured injuries hurt work employees report people happened',
  },
  {
    name: 'tax',
    asked:
      /\b(?:how much|what|how high)\b.*\b(?<!(?:before|after|of) )(?:income |corporation )?(?<!(?:before|after|of) )tax(?:es)?\b(?! rate)/i,
    told: holding([String.raw`tax(?:es|ation)?\b`, SUM], 'after tax|before tax'),
    words: 'tax taxes income taxation paid charge charged profit corporation',
  },
  {
    name: 'acquisition',
    asked:
      /\b(?:business|company|companies|firms?|shops?|yards?)\b.*\b(?:acquired|bought|purchased|taken over|buy|acquire|purchase)\b|\bacquisitions?\b/i,
    told: /\bbought\b|\bacqui\w+|\bpurchased\b|\btook over\b|\btaken over\b|\bbelong\w* to\b|\bmerge\w*/i,
    words: 'acquired acquisition acquisitions bought purchased takeover belonged belongs business company merged',
  },
  {
    name: 'general meeting',
    asked:
      /\b(?:when|what date|on which (?:day|date)|where)\b.*\b(?:general|annual|shareholders?['’]?|yearly)\b.*\bmeet(?:ing|s)?\b|\b(?:when|what date)\b.*\bshareholders meet\b/i,
    told: /\b(?:general|annual|yearly) meeting\b|\b(?:shareholders|members) meet\b/i,
    words: 'general annual meeting shareholders meet held date',
  },
  {
    name: 'founded',
    asked: new RegExp(
      String.raw`\b(?:when|what year|which year|since when)\b.*\b(?:founded|established|set up|started|formed|incorporated)\b|\bhow (?:long has|old is)\b.*\b${COMPANY}\b(?:.*\b(?:existed|been (?:around|in (?:business|existence)))\b|\s*\?*$)`,
      'i',
    ),
    told: /\b(?:founded|established|set up|formed|incorporated|began|goes back|dates from|since)\b.{0,60}\b(?:1[6-9]|20)\d\d\b|\b(?:1[6-9]|20)\d\d\b.{0,60}\b(?:founded|established|set up|formed|incorporated)\b/i,
    words: 'founded established set up formed incorporated since existed began year company worked started',
  },
  {
    name: 'emissions',
    asked: /\b(?:emit(?:s|ted)?|emissions?|carbon dioxide|co2|greenhouse)\b/i,
    told: /\b(?:emit(?:s|ted)?|emissions?|carbon dioxide|co2|greenhouse|carbon)\b/i,
    words: 'emissions emitted emit carbon dioxide co2 tonnes greenhouse gave off',
  },
  {
    name: 'wages',
    asked:
      /\b(?:spent|spend|paid|cost\w*|what|how (?:much|high))\b.*\b(?:wages|salaries|personnel costs?|staff costs?|payroll)\b/i,
    told: holding([String.raw`wages?\b|salar\w+|personnel|staff costs?|payroll`, SUM]),
    words: 'wages wage salaries personnel staff costs payroll bill paid spent cost',
  },
  {
    name: 'shares',
    asked: /\bhow many shares\b|\bnumber of shares\b/i,
    told: holding([String.raw`shares\b`, SUM], String.raw`dividend|[$€£]|\b(?:${CURRENCIES})\b`),
    words: 'shares share capital issued divided number',
  },
  {
    name: 'lawsuit',
    asked:
      /\blaw ?suits?\b|\bbeing sued\b|\b(?:pending|legal) (?:cases?|proceedings|disputes?|claims?|actions?)\b|\bclaimed in court\b|\blitigation\b/i,
    told: new RegExp(
      String.raw`\bsu(?:it|ed|es|ing)\b|\blaw ?suits?\b|\blitigation\b|\b(?:in|before) (?:the )?courts?\b|\bproceedings\b|\bclaims?\b.*(?:${SUM_IN_FIGURES})`,
      'iu',
    ),
    words:
      'lawsuit lawsuits suit sued sue court claims claimed claim pending proceedings litigation legal supplier company',
  },
];
