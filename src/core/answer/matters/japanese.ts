import { within, type Matter } from './matter';

const DAY = String.raw`(?:\d{4}|令和\d+)年\d{1,2}月\d{1,2}日`;
const SPAN = '(?:[0-9０-９一二三四五六七八九十百]+ ?(?:日|か月|ヶ月|カ月|箇月|年|週間|時間))';
const AGREEMENT = '契約|規則|規程|約款|協定|期間|許可|免許|賃貸借';
const SECURITY = '保証金|敷金|担保|預り金';
const FEE = '料金|使用料|賃料|家賃|報酬|委託料|代金|対価|利用料';
const MOVES = '改定|見直|変更|調整|値上|引き上げ|増額';

/** What contracts settle: how it is asked in Japanese, and how their clauses tell it. */
export const JAPANESE_MATTERS: readonly Matter[] = [
  {
    name: 'begin',
    asked: new RegExp(
      `(?:${AGREEMENT})[^。]*(?:いつから|いつ(?:始ま|開始|発効|施行|効力))|いつから[^。]*(?:始ま|有効|契約|施行)`,
      'u',
    ),
    told: new RegExp(`${DAY}[^。]{0,6}(?:から|より)|(?:施行|発効|効力を生)`, 'u'),
    value: { behind: /^\s*(?:から|より|に(?:施行|発効|効力))/u },
    words: '期間 施行 発効 開始 始まる 契約期間 使用期間 有効',
  },
  {
    name: 'end',
    asked: new RegExp(`(?:${AGREEMENT})[^。]*(?:いつまで(?!に)|いつ(?:終わ|終了|満了|切れ))`, 'u'),
    told: new RegExp(
      `${DAY}まで(?!に)|${DAY}[^。]{0,8}(?:満了|終了)|期間[^。]{0,30}?(?:から|より)[^。]{0,10}年間`,
      'u',
    ),
    value: { behind: /^\s*(?:まで|に(?:終了|満了)|をもって)/u },
    words: '期間 満了 終了 まで 終わる 契約期間 使用期間',
  },
  {
    name: 'extension',
    asked: /更新|延長/u,
    told: /更新|延長|引き続き/u,
    words: '更新 延長 自動 申出 満了',
  },
  {
    name: 'termination at once',
    asked: within(['解除|打ち切', '直ちに|すぐ|催告|どのような場合|どんな場合|理由']),
    told: within(['解除', '直ちに|催告|滞納|違反|怠|破産|とき|場合']),
    words: '解除 直ちに 催告 滞納 違反 契約解除',
  },
  {
    name: 'notice',
    asked: within(['解約|解除|やめ|終了', '予告|前|何か月|いつまでに|期間']),
    told: within(['解約|解除|終了', '前|予告', SPAN]),
    words: '解約 予告 申し出 申出 前 通知 解除',
  },
  {
    name: 'payment',
    asked: within(['支払|払う|払い|請求', 'いつ|何日|期限|期日'], '遅'),
    told: within(['支払|払い?込|振り?込|納付|請求', 'まで|以内|日']),
    words: '支払 支払い 振り込む 払い込む 請求書 期限 以内 までに',
  },
  {
    name: 'late payment',
    asked: within(['遅延|延滞|遅れ|滞納', '利息|利率|損害金|いくら|何パーセント|どう']),
    told: within(['遅延|延滞|遅れ|滞納', 'パーセント|%|％|損害金|利息|分']),
    words: '遅延損害金 延滞 利息 遅れた 滞納 損害金',
  },
  {
    name: 'security returned',
    asked: within([SECURITY, '返|戻']),
    told: within([SECURITY, '返還|返す|返金|払い戻']),
    words: '保証金 敷金 返還 返す 明渡し',
  },
  {
    name: 'security',
    asked: within([SECURITY, 'いくら|何か月|金額|額']),
    told: within([SECURITY, '円|クラウン|ドル|ユーロ|ポンド|か月分|ヶ月分|カ月分|箇月分']),
    words: '保証金 敷金 預ける 担保 か月分',
  },
  {
    name: 'review',
    asked: within([FEE, MOVES, 'いつ|何年|どのくらい|頻度']),
    told: within([FEE, MOVES]),
    words: '改定 見直す 変更 年ごと 毎年 料金 使用料',
  },
  {
    name: 'insurance',
    asked: within(['保険', 'いくら|どの|どんな|必要|加入|金額']),
    told: /保険/u,
    words: '保険 賠償責任保険 加入 付保 保険金額',
  },
  {
    name: 'cap',
    asked: within(['賠償|責任|補償', '上限|限度|最大|いくらまで|どこまで']),
    told: within(['賠償|責任|補償', '上限|限度|超え|までとする']),
    words: '賠償 損害 上限 限度 責任 円を限度',
  },
  {
    name: 'subcontracting',
    asked: /再委託|下請|外注|他の業者|別の業者|又貸し|転貸/u,
    told: /再委託|下請|第三者に|転貸|他人に/u,
    words: '再委託 下請 第三者 承諾 転貸 使わせ',
  },
  {
    name: 'assignment',
    asked: within(['譲渡|譲る|移転|引き継', '契約|権利|地位|でき']),
    told: /譲渡|譲り渡|承継|移転|第三者に/u,
    words: '譲渡 第三者 承諾 権利 義務 承継 地位',
  },
  {
    name: 'disputes',
    asked: /裁判所|紛争|争い|もめ|仲裁/u,
    told: /裁判所|紛争|仲裁|管轄|協議/u,
    words: '裁判所 紛争 管轄 仲裁 協議 解決',
  },
  {
    name: 'law',
    asked: /準拠法|どの(?:国の)?法|何法/u,
    told: /準拠法|法律?に(?:準拠|従)|法を適用/u,
    words: '準拠法 準拠 法律 適用',
  },
  {
    name: 'confidence',
    asked: /秘密|守秘/u,
    told: /秘密|守秘|漏ら|漏えい/u,
    words: '秘密 守秘 保持 漏らし 義務 終了後',
  },
  {
    name: 'entry',
    asked: within(['立ち入|立入', '前|いつ|通知|でき']),
    told: /立ち入|立入|点検のため/u,
    words: '立ち入る 立入り 点検 通知 前日',
  },
  {
    name: 'records',
    asked: within(['記録|書類|帳簿|帳票|資料|日誌', '保存|保管|何年|いつまで']),
    told: within(['記録|書類|帳簿|帳票|資料|日誌', '保存|保管']),
    words: '記録 書類 帳簿 保存 保管 年間',
  },
  {
    name: 'defects',
    asked: within(['不具合|欠陥|瑕疵|不良|契約不適合', '通知|連絡|いつまで|何日|期間']),
    told: within(['不具合|欠陥|瑕疵|不良|契約不適合', '通知|申し出|連絡|以内']),
    words: '不具合 欠陥 瑕疵 通知 以内 検査 契約不適合',
  },
  {
    name: 'warranty',
    asked: within(['保証期間|無償で(?:修理|直)|保証は']),
    told: within(['保証|無償', SPAN]),
    words: '保証 保証期間 無償 修理 年間',
  },
];
