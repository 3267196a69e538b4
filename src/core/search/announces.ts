/** Japanese provisions announce their items without a colon: 「次の行為をしてはならない。」 */
const JAPANESE =
  /次の(?:各号|各項|とおり|行為|事項|もの|書類|場合|者|いずれか|こと|点|手順|方法|項目)[^。]{0,40}。\s*$|次に掲げる[^。]{0,40}。\s*$|以下のとおり[^。]{0,20}。\s*$/;

/** True for a sentence that announces a list: "… shall pay:". */
export function announces(text: string): boolean {
  return /[:：]\s*$/.test(text) || JAPANESE.test(text);
}

/** What opens an item of a Japanese list: a number in characters and a space, or a middle dot. */
export const JAPANESE_ITEM = String.raw`(?:[一二三四五六七八九十]{1,3}[\s　]|・)`;

/** What opens the first item of a list. */
const FIRST_ITEM = new RegExp(String.raw`^\s*(?:\(?(?:a|i|1)[.)]\s|[•◦▪–—*-]\s|・|一[\s　])`, 'i');

/** True for a sentence that announces a list, or that breaks off where the first item follows: "damage caused by" before "(i) stranding,". */
export function announcesBefore(text: string, next: string | undefined): boolean {
  return announces(text) || (next !== undefined && /\p{L}\s*$/u.test(text) && FIRST_ITEM.test(next));
}
