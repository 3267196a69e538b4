import { SUM_IN_FIGURES } from '../../text';
import { holding, type Matter } from './matter';

const figure = (units: string): string => String.raw`\d[\d,.]*(?:\s|-)?(?:${units})\b`;
const LENGTH = String.raw`(?:kilo|centi|milli)?met(?:re|er)s?|mm|cm|m|km|feet|foot|ft|inches`;
const MASS = String.raw`(?:kilo)?grams?|kg|kilos?|tonnes?|tons|t|pounds|lbs?`;
const SPAN = String.raw`(?:minutes?|hours?|days?|weeks?|months?|years?)\b`;
/** A vessel, machine or part, as it is asked about. */
const OFTEN = String.raw`hours?\b|daily|weekly|monthly|yearly|annual\w*|every\b|each\b|once\b|twice\b|intervals?`;

/** A matter that is settled of one thing or another: it must be named, or be what the document is of. */
const ofThing = (name: string, asked: RegExp, told: RegExp, words: string): Matter => ({ name, asked, told, words, ofThing: true }); // prettier-ignore

/** What handbooks and surveys tell of machines and vessels: how it is asked in English, and how it is told. */
export const ENGLISH_THINGS: readonly Matter[] = [
  ofThing(
    'weight',
    /\bhow heavy\b|\bweigh(?:s|t)?\b|\bmass\b(?! of)/i,
    holding([figure(MASS)], 'gross tons|gross tonnage|tons gross'),
    'weight weighs weigh heavy mass lift',
  ),
  ofThing(
    'length',
    /^(?!.*\b(?:term|contract|lease|agreement|stay|course|notice|crack|cable|hose)\b)(?:what (?:is|was) (?:the |its |her )?(?:overall )?length|how long (?:is|was) (?:the |a |an )?(?:[\w-]+ )?(?:vessel|ship|boat|ferry|tug|barge|yacht|dredger)|what length)\s*\?*$/i,
    holding([figure(LENGTH), String.raw`long\b|length|measures?\b|overall|stem to stern`], 'crack|rope|chain'),
    'length long overall measures stem stern',
  ),
  ofThing(
    'draught',
    /\bdraught\b|\bhow deep (?:does|do|did) .*\b(?:lie|lies|sit|go|float)|\bwater\b.*\bdraws?\b/i,
    holding([figure(LENGTH), String.raw`draught|draws?\b|drawing`]),
    'draught draws draw deep lie water',
  ),
  ofThing(
    'beam',
    /\bbeam\b|\bbreadth\b|\bhow (?:wide|broad)\b|\bwhat (?:is|was) (?:the |its |her )?width\b/i,
    holding([figure(LENGTH), String.raw`beam|breadth|wide|width|broad`]),
    'beam breadth wide width broad',
  ),
  ofThing(
    'speed',
    /\bhow fast (?:may|can|does|do|will|did) .*\b(?:go|run|sail|move|drive|travel|turn|steam)\b|\b(?:top|maximum|what|which|permitted|highest|the) speed\b(?! of (?:rotation|light))/i,
    holding([
      figure(String.raw`knots?|km\/h|kph|mph|(?:kilo)?metres (?:an?|per) (?:hour|second|minute)|miles an hour`),
    ]),
    'speed fast knots limit exceed go top maximum',
  ),
  ofThing('tonnage', /\btonnage\b|\bgross tons\b/i, /\bgross\b|\btonnage\b/i, 'tonnage gross tons measures'),
  ofThing(
    'voltage',
    /\bvolt(?:s|age)\b|\belectrical supply\b|\bmains\b/i,
    holding([figure(String.raw`k?v|(?:kilo)?volts?`)]),
    'volts voltage supply mains electrical current motor power run connect',
  ),
  ofThing(
    'fuse',
    /\bfus(?:e|es|ed)\b/i,
    /\bfus(?:e|es|ed)\b/i,
    'fuse fuses fused amperes circuit size protect strong needed',
  ),
  ofThing(
    'pressure',
    /^(?!.*\b(?:falls?|drops?|lost|loss|chamber|vessel|tested)\b)(?:what|which|at what|to what|up to what|above (?:what|which)|how much)\b.*\bpressure\b/i,
    holding([figure(String.raw`bars?|(?:kilo|hecto|mega)?pascals?|k?pa|psi`)]),
    'pressure bar gauge maximum highest works exceeded dangerous take bear',
  ),
  ofThing(
    'power',
    /\bhow powerful\b|\bpower rating\b|\brated power\b|\bkilowatts\b|\bhorse ?power\b|\b(?:output|power) of the (?:\w+ )?(?:engine|motor)\b/i,
    holding([figure(String.raw`(?:kilo|mega)?watts?|kw|mw|hp|bhp|horse ?power`)]),
    'power powerful kilowatts output rating gives draws',
  ),
  ofThing(
    'noise',
    /\bhow (?:loud|noisy)\b|\bnoise\b|\bdecibels?\b/i,
    holding([figure(String.raw`decibels?|db(?:\(a\))?`)]),
    'noise loud sound level decibels',
  ),
  ofThing(
    'torque',
    /\btorque\b|\bnewton metres\b|\bhow tight(?:ly)?\b/i,
    holding([figure(String.raw`newton ?met(?:re|er)s?|nm`)]),
    'torque tight tightened tighten newton metres drawn',
  ),
  ofThing(
    'temperature',
    /\btemperatures?\b|\bhow (?:hot|warm|cold)\b/i,
    /\bdegrees?\b|°|\bfrost\b|\bfreez\w+/i,
    'temperature temperatures degrees hot cold warm ambient air range surroundings permitted',
  ),
  ofThing(
    'oil',
    /\b(?:what|which)(?: (?:kind|type|sort|grade) of)? (?:engine )?(?:oil|lubricant|grease)\b/i,
    /\b(?:oil|lubricant|grease)\b.*\b(?:grade|type|SAE|ISO|only|named?)\b|\bSAE ?\d|\b(?:fill|use)\b.*\bwith\b|\bSAE\b|\bISO VG\b/i,
    'oil lubricant grade SAE prescribed used fill kind grease',
  ),
  ofThing(
    'oil filling',
    /^(?!.*\b(?:burn\w*|consum\w*|used?|uses|spilt|spilled|leak\w*|import\w*|sold)\b).*\bhow (?:much|many litres of) (?:engine )?oil\b|\boil (?:capacity|filling)\b|\blitres of oil\b/i,
    holding([figure(String.raw`(?:milli)?lit(?:re|er)s?|l|ml`), String.raw`oil\b|sump\b|crankcase|it\b`], 'water|fuel'),
    'oil litres sump filling capacity holds pour fill',
  ),
  ofThing(
    'consumption',
    /\bhow (?:much|many litres of) (?:fuel|oil|diesel|gas|water)\b.*\b(?:burn\w*|consum\w*|used?|uses|need(?:s|ed)?)\b|\bconsumption\b.*\b(?:fuel|oil|load)\b|\bfuel consumption\b/i,
    holding([
      String.raw`consum\w+|burn\w*|uses\b|used\b|needs?\b|(?:per|an?) (?:hour|day)|\d ?(?:l|kg|g)\/h`,
      String.raw`\d`,
    ]),
    'consumption consumes burns uses fuel hour load full',
  ),
  ofThing(
    'oil change',
    /\b(?:how often|how frequently|when|intervals?|after (?:how many|what))\b.*\boil\b|\boil change interval\b/i,
    holding([String.raw`oil\b`, OFTEN]),
    'oil change changed renewed hours running every interval drain new due',
  ),
  ofThing(
    'cleaning',
    /\b(?:how often|how frequently|at what intervals|when)\b.*\b(?:clean\w*|wash\w*|rins\w+)\b/i,
    holding([String.raw`clean\w*|wash\w*|rins\w+|wip\w+`, OFTEN]),
    'clean cleaned cleaning wash washed rinsed week weekly',
  ),
  ofThing(
    'warming up',
    /\bwarm(?:ing)?[ -]?up\b|\bafter starting\b.*\bload/i,
    holding([String.raw`warm\w*|load\b`, SPAN]),
    'warm warming starting start load run wait minutes',
  ),
  ofThing(
    'life',
    /\b(?:service )?life\b(?! ?(?:jacket|raft|boat|sav|insur))|\bhow long (?:does|do|will) (?:the |a |an )?(?!.*\b(?:take|permit|licen|lease|contract|agreement|warranty|guarantee)\b)[\w -]+ last\b|\bhow many hours must\b.*\breplaced\b/i,
    holding([String.raw`life\b|last[s]?\b|lifetime`, String.raw`\d`], 'life jacket|life raft|warrant|guarantee|insur'),
    'life last lasts lifetime service hours end replaced built years',
  ),
  ofThing(
    'running hours',
    /\brunning hours\b|\bhours\b.*\b(?:run|running|worked)\b|\bhow long has the (?:engine|motor|machine)\b.*\brunning\b/i,
    holding([String.raw`hours\b`, String.raw`run\b|running|counter|worked|operat\w+`, String.raw`\d`], 'oil'),
    'running hours run engine counter running stood operating',
  ),
  ofThing(
    'clearance',
    /\bclearance\b|\bhow far from\b|\bdistance (?:to|from)\b|\bhow much (?:play|room|space)\b/i,
    holding([figure(LENGTH), String.raw`from\b|within\b|of\b|clearance|free\b|space|distance|away|play\b|apart`]),
    'clearance distance from free space walls wall away play bearing keep stand around minimum needed',
  ),
  ofThing(
    'value',
    /\b(?:what|how much)\b.*\bworth\b|\bvalued?\b(?=.*\?)(?!.*\b(?:when|date|who)\b)/i,
    holding([String.raw`worth\b|value[sd]?\b|valuation`, String.raw`\d`]),
    'worth value valued market valuation',
  ),
  ofThing(
    'cost of repair',
    /\brepairs?\b.*\bcosts?\b|\bcosts? of (?:the )?repairs?\b|\b(?:cost|money)\b.*\brepairs?\b/i,
    holding([
      String.raw`repair\w*|putting .* right|put right|work\b`,
      String.raw`\d`,
      String.raw`${SUM_IN_FIGURES}|cost`,
    ]),
    'repair repairs cost costs money needed estimated putting right',
  ),
  ofThing(
    'time of repair',
    /^(?!.*\blonger\b)(?:.*\brepairs?\b.*\btake\b|.*\bhow much time\b.*\b(?:repairs?|the work)\s*\?*$|.*\bduration of (?:the )?(?:repairs?|work)\b)/i,
    holding([String.raw`repair\w*|work\b|yard\b`, SPAN], 'year|hours|warrant|report'),
    'repairs work takes take weeks time duration needed allowed yard',
  ),
  ofThing(
    'storage',
    /^(?!.*\b(?:how long|how many|records?|papers?|documents?|data|files?|books?|agreements?)\b)(?:.*\bstored\b|.*\bstorage conditions\b)|^(?:where|how) .*\b(?:kept|keep|laid up) (?:in|over|during) (?:the )?winter\b/i,
    /\bstor\w*|\b(?:keep|kept|laid up)\b.*\b(?:dry|frost|winter|cool|dark|indoors?|room|store|shed)\b/i,
    'store stored storage keep kept dry frost winter room conditions cool dark indoors',
  ),
  {
    name: 'spare parts',
    asked:
      /\b(?:spare )?parts?\b.*\b(?:available|ordered|supplied|had|bought|get|order|kept)\b|\bspares\b|\bsuppl\w+\b.*\bparts\b/i,
    told: /\b(?:spare )?parts?\b.*\b(?:years?|months?|suppl\w+|had|kept|keeps|order\w*|available|from)\b|\bkeeps? (?:spare )?parts\b/i,
    words: 'spare parts spares supplied available keeps order ordered had years maker',
  },
  ofThing(
    'repair by whom',
    /^(?:who|by whom|which people)\b.*\b(?:repairs?|repaired|open(?:ed)?|service[ds]?|maintain(?:ed)?|install(?:ed)?)\b/i,
    /\b(?:repair\w*|open(?:s|ed)? the|servic\w+|maint\w+|install\w*)\b.*\b(?:only|by|to|may|must)\b|\b(?:only|fitters?|technicians?|engineers?|electricians?|specialists?|trained|qualified)\b.*\b(?:repair\w*|open|servic\w+|maint\w+|install\w*)\b/i,
    'repair repairs open opened serviced maintained fitters fitter trained technician qualified electrician only may leave',
  ),
  {
    name: 'overheating',
    asked: /\b(?:over-?heat\w*|too hot|temperature (?:lamp|alarm|warning))\b/i,
    told: /\bover-?heat\w*|\btoo hot\b|\bcool(?: down)?\b/i,
    words: 'overheats overheating overheat hot cool stop switch off lamp red wait',
  },
  {
    name: 'protection',
    asked: /\b(?:protective|safety) (?:equipment|gear|clothing|clothes)\b|\bwear\b|\bworn\b/i,
    told: /\bwear\w*|\bworn\b|\b(?:gloves|goggles|helmets?|ear (?:muffs|plugs|protection)|mask|boots|protective)\b/i,
    words: 'wear worn protective gear equipment clothing safety gloves goggles helmet mask boots',
  },
  ofThing(
    'survey',
    /^(?:when|on what date|on which day)\b(?!.*\b(?:next|again|due|should|must)\b).*\b(?:survey(?:ed)?|inspect(?:ed|ion)|on board|examined|visit(?:ed)?)\b/i,
    holding([String.raw`survey\w*|inspect\w*|on board|examin\w+|visit\w*`, String.raw`\d`], 'next|again|recommend'),
    'survey surveyed inspection inspected made went board date examined took place carried',
  ),
  ofThing(
    'next survey',
    /\b(?:next|again|following)\b.*\b(?:survey(?:ed)?|inspect(?:ed|ion)|examin\w+)\b|\b(?:survey(?:ed)?|inspect(?:ed|ion))\b.*\b(?:next|again)\b/i,
    holding([String.raw`survey\w*|inspect\w*|examin\w+`, 'next|again|another|due|recommend|repeated']),
    'next survey inspection due again another recommend inspected surveyed',
  ),
  ofThing(
    'surveyor',
    /^(?:who|which \w+)\b.*\b(?:survey(?:or|ed)?|inspect(?:ed|or)|carried out)\b/i,
    /\b[Ss]urveyor:|\b[Ii]nspector:|\bby \p{Lu}|\p{Lu}\p{Ll}+ (?:examined|surveyed|inspected)\b/u,
    'surveyor survey carried inspected examined inspector',
  ),
  ofThing(
    'client',
    /\bwho (?:ordered|commissioned|asked for|requested)\b|\bfor whom\b.*\bmade\b|\bwho is the client\b|\bon whose behalf\b/i,
    /\bordered by\b|\bmade for\b|\bclient\b|\bcommissioned\b|\bon behalf of\b|\binstructed by\b|\bat the request of\b|\basked (?:us )?to\b/i,
    'ordered client made commissioned behalf request report survey',
  ),
  ofThing(
    'built',
    /\b(?:when|what year|which year)\b.*\b(?:was|were|is|are) (?:the |this |she |it )?(?:[\w-]+ )?(?:built|launched|constructed|laid down)\b|\bhow old (?:is|was) (?:the |this )?(?:[\w-]+ )?(?:vessel|ship|boat|ferry|tug|barge|yacht|dredger)\b/i,
    /\b(?:built|building|construct\w+|launched|left the yard|keel|dat(?:es|ing)|erected|completed|put up)\b.{0,40}\b(?:1[89]|20)\d\d\b|\b(?:1[89]|20)\d\d\b.{0,30}\b(?:built|launched|constructed)\b/i,
    'built building launched year constructed old left yard keel',
  ),
];
