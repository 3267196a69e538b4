import { holding, type Matter } from './matter';

const SPAN = String.raw`(?:hours?|days?|weeks?|fortnight|months?|years?)\b`;
const RULES = String.raw`(?:rules?|regulations?|orders?|ordinance|byelaws?|act|law|provisions?|conditions)\b`;
/** What an authority grants. */
const PERMIT = String.raw`(?:permits?|licen[cs]es?|certificates?|permissions?|authori[sz]ations?|approvals?|passes|pass|cards?|registrations?|concessions?|exemptions?|entr(?:y|ies)|enrolments?)\b`;
const DECIDES = String.raw`decision\w*|decid\w+|determin\w+|process\w*|answer\w*|repl(?:y|ies|ied)|hear\b`;
const APPLIES = String.raw`appli\w+|appl(?:y|ies)\b|request\w*`;
const TAKES_BACK = String.raw`withdraw\w*|withdrawn|revok\w+|cancel\w*|tak(?:e|en) (?:back|away)|suspend\w*|los(?:e|es|ing|t)\b|forfeit\w*|lapse\w*`;
const ACCIDENT = String.raw`accidents?|incidents?|collisions?|injur\w+|casualt\w+|strandings?|groundings?|damage|spills?|mishaps?`;
const REPORTS = String.raw`report\w*|notif\w+|tell\b|tells|told|inform\w*|made known|known to|say so`;

/** What rules, orders and licences settle: how it is asked in English, and how their clauses tell it. */
export const ENGLISH_RULES: readonly Matter[] = [
  {
    name: 'fine',
    asked:
      /^(?!.*\b(?:late|delay|contract|caps?|limit|total|yearly)\b).*(?:\b(?:what|how (?:much|high|large|big))\b.*\b(?:fines?|fined|penalt(?:y|ies)|punishments?)\b|\bwhat happens (?:to|if|when)\b.*\b(?:break|breaks|breach|contraven\w+|disobey\w*|violat\w+|ignor\w+|(?:fail|does not|do not|did not)\b.*\b(?:comply|obey|follow|keep))\b|\bwhat are the (?:sanctions|consequences|penalties)\b|\bhow are (?:offen[cd]\w+|breaches|violations)\b.*\bpunished\b)/i,
    told: holding([
      String.raw`fine[sd]?\b|penalt\w+|punish\w*|offen[cd]\w+|contraven\w+|pays?\b|liable\b|forfeits?|imprison\w*|prosecut\w+|summary conviction`,
      String.raw`fine[sd]?\b|penalt\w+|punish\w*|offen[cd]\w+|contraven\w+|breach\w*|breaks?\b|broken|whoever|who(?:soever)? .*\b(?:not|against)|convict\w+|violat\w+|infring\w+`,
    ]),
    words:
      'fine fines fined penalty punished punishment offence offender offenders contravenes contravention breach breaks breaking break liable conviction rules high maximum pay whoever',
  },
  {
    name: 'issuer',
    asked: new RegExp(
      String.raw`^(?:who|which (?:authority|body|office|agency|department)|by whom|where)\b.*(?:\b(?:issues?|issued|grants?|granted|gives?|given|appl(?:y|ies|ied)|obtain(?:ed)?|get|got|request(?:ed)?|approves?)\b.*\b${PERMIT}|\b${PERMIT}.*\b(?:issued|granted|given|appl(?:y|ied)|obtained|approved|come from)\b)`,
      'i',
    ),
    told: holding([
      PERMIT,
      String.raw`issue[sd]?\b|grant(?:s|ed)?\b|giv(?:es|en)\b|appl(?:y|ies|ied)\b|applications?\b|approv\w+|made to|from the|by the`,
    ]),
    words:
      'permit permits licence certificate issue issued issues grants granted application applications apply applied authority office',
  },
  {
    name: 'validity',
    asked: new RegExp(
      String.raw`^(?:for )?(?:how long|until when|when|how many (?:months|years))\b.*\b${PERMIT}.*\b(?:valid|good|lasts?|runs?|expires?|lapses?|hold|holds|renewed|in force)\b`,
      'i',
    ),
    told: holding([
      String.raw`${PERMIT}|it\b|they\b`,
      String.raw`valid\w*|laps\w+|expir\w+|good\b|runs?\b|in force|hold[s]?\b|renew\w*|ends?\b|last[s]?\b`,
      String.raw`${SPAN}|\d`,
    ]),
    words:
      'permit permits licence certificate valid validity lapse lapses expires expiry holds good runs years months long renewed',
  },
  {
    name: 'decision',
    asked: holding(
      [
        DECIDES,
        `${APPLIES}|decision`,
        String.raw`how (?:long|soon|quickly|many)|within (?:what|which|how)|by when|time limit`,
      ],
      String.raw`appeal\w*|object\w*|challeng\w+|against`,
    ),
    told: holding([DECIDES, SPAN], String.raw`appeal\w*|object(?:s|ed|ions?)?\b|disagree\w*|challeng\w+`),
    words: 'decides decided decision application applicants applicant answer hear weeks within arrival reply processed',
  },
  {
    name: 'appeal',
    asked:
      /\b(?:how (?:long|soon|many)|within|deadline|time limit|by when|until when|how much time)\b.*\bappeal(?:s|ed|ing)?\b|\b(?:object|objections?)\b.*\b(?:decision|order|refusal|within|how long|deadline)|\b(?:challenge|contest)\b.*\b(?:decision|order|refusal)\b/i,
    told: /\bappeal\w*|\bobject(?:s|ed|ions?)?\b|\bdisagree\w*|\bchalleng\w+|\bcontest\w*/i,
    words:
      'appeal appeals appealed object objection objections disagrees decision decisions challenge against days within deadline one',
  },
  {
    name: 'revocation',
    asked: new RegExp(
      String.raw`^(?:when|why|under what|in (?:what|which) (?:cases|circumstances)|for what|what (?:can|may|might|would|could|leads|causes)|on what grounds|how (?:can|may))\b${holding([PERMIT, TAKES_BACK], 'deposit|money').source.slice(1)}`,
      'isu',
    ),
    told: holding([TAKES_BACK, String.raw`${PERMIT}|it\b|they\b`], String.raw`invoice|deposit|rain\b`),
    words:
      'permit permits licence withdraw withdrawn revoked revoke taken back away suspended cancelled lose holder conditions someone circumstances',
  },
  {
    name: 'exemption',
    asked: new RegExp(
      String.raw`\bexempt\w*|\bexceptions?\b|^(?:to|for) (?:whom|what|which)\b.*\b${RULES}.*\bnot (?:apply|hold|count)\b|^(?:who|what|which) .*\b(?:not (?:covered|bound|subject)|outside)\b.*\b${RULES}`,
      'i',
    ),
    told: /\bexempt\w*|\bexcept\w*|\b(?:do|does|shall) not (?:apply|extend|hold|cover|bind)|\bneed not\b|\bother than\b|\boutside\b|\bnot (?:subject|bound|covered)\b|\bfree of\b/i,
    words: 'exempt exemption exemptions except excepted exceptions apply applies bound covered subject rules',
  },
  {
    name: 'repeal',
    asked:
      /\brepeal\w*|\b(?:earlier|previous|old|older|former)\b.*\b(?:rules?|regulations?|orders?|byelaws|version)\b.*\b(?:repeal\w*|replac\w+|ceas\w+|end\w*|lapse\w*)|\bwhat (?:do|does|did) (?:these|this|the)\b.*\breplace\b|\bwhich (?:rules|regulations?|orders?|byelaws)\b.*\b(?:ceases?|replaced|no longer)\b/i,
    told: /\brepeal\w*|\breplac\w+|\bceas\w+ to\b|\b(?:takes?|took|in) (?:the )?place of\b|\bsupersed\w+|\brevok\w+|\bno longer\b|\bis withdrawn\b/i,
    words: 'repeal repealed replace replaces replaced ceases supersedes place earlier order rules previous former',
  },
  {
    name: 'report',
    asked: holding([
      ACCIDENT,
      REPORTS,
      String.raw`how (?:soon|quickly|long)|within|deadline|by when|when\b|to whom|who\b|which|whom`,
    ]),
    told: holding([ACCIDENT, REPORTS]),
    words:
      'accident accidents collision collisions incident injury reported report notified notify tell told tells informed known hours authority',
  },
  {
    name: 'inspection',
    asked:
      /\b(?:how (?:often|frequently)|at what intervals?)\b.*\b(?:inspect\w*|survey\w*|examin\w+|tested|checked)\b/i,
    told: /\b(?:inspect\w*|survey\w*|examin\w+|shown|test(?:s|ed)?|check(?:s|ed)?)\b.*\b(?:every|each|once|twice|yearly|annual\w*|monthly|weekly|daily|intervals?|times)\b|\b(?:every|each|yearly|annual|monthly|weekly|daily)\b.*\b(?:inspect\w*|survey\w*|examin\w+|test(?:s|ed)?|check(?:s|ed)?)\b/i,
    words:
      'inspected inspection inspections survey examined shown tested checked every once years third intervals take place',
  },
  {
    name: 'most passengers',
    asked:
      /\bhow many (?:passengers|people|persons|guests)\b.*\b(?:may|can|carr\w+|allowed|admitted|taken|aboard)\b|\b(?:maximum|greatest|largest|permitted) number of (?:passengers|people|persons|guests)\b/i,
    told: /\b(?:passengers|people|persons|guests|places|seats)\b/i,
    words: 'passengers people persons carried carry carries number greatest maximum most boat taken aboard',
  },
  {
    name: 'access',
    asked:
      /\b(?:until|till|from|at|between|before|after) what times?\b.*\b(?:enter|come in|go in|stay|open|visit)|\bwhen\b.*\b(?:gates?|doors?|area|park|pool|beach|harbour)\b.*\bopen\b/i,
    told: /\b\d{1,2}[.:]\d{2}\b|\bo[’']clock\b|\b\d{1,2} ?[ap]\.?m\b|\b(?:noon|midnight|sunrise|sunset|dusk|dawn)\b/i,
    words: 'gates open enter entry allowed nobody may between before after hours time closed',
  },
  {
    name: 'age',
    asked:
      /\bhow old must\b|\b(?:minimum|lowest|least|required|what) age\b|\b(?:from|at|until|up to|under|below|to) what age\b|\bhow old (?:do|does|should|need)\b/i,
    told: /\b(?:age[ds]?|old|older|younger|minors?|adults?|grown-ups?)\b|\b(?:children|persons?|people|nobody|no one|anyone|those|youths?) (?:aged |of )?(?:under|over|below|above|from) (?:\d|[a-z]+(?:teen)?\b)|\bat least \d+\b|\b\d+ or (?:more|older|over)\b/i,
    words:
      'age aged old older younger children under over years nobody persons minimum must one someone somebody operator run use drive steer',
  },
];
