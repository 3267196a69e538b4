/** Japanese provisions announce their items without a colon: 「次の行為をしてはならない。」 */
const JAPANESE =
  /次の(?:各号|各項|とおり|行為|事項|もの|書類|場合|者|いずれか)[^。]{0,40}。\s*$|次に掲げる[^。]{0,40}。\s*$|以下のとおり[^。]{0,20}。\s*$/;

/** True for a sentence that announces a list: "… shall pay:". */
export function announces(text: string): boolean {
  return /[:：]\s*$/.test(text) || JAPANESE.test(text);
}

/** What opens an item of a Japanese list: a number in characters and a space. */
export const JAPANESE_ITEM = String.raw`[一二三四五六七八九十]{1,3}[\s　]`;
