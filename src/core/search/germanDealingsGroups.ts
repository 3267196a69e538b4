/** Everyday German words and those that contracts, rules and reports have for them; they count for one another like those of `germanGroups.ts`. */
export const GERMAN_DEALINGS_GROUPS = `
vergüten vergütet bezahlt bezahlen entlohnt
dienstplan schichtplan einsatzplan
einspringen vertretung aushelfen
rufbereitschaft bereitschaft
chef leiter vorgesetzter leitung
mitarbeiter beschäftigte belegschaft personal
urlaub ferien freistellung
strafe bußgeld ordnungswidrigkeit geldbuße
gebühr entgelt abgabe
miete mietzins pacht pachtzins
hund hunde tier tiere
boot boote wasserfahrzeug
parken abstellen stellplatz
müll abfall unrat
schaden schäden beschädigung
haften haftung einstehen
unfall unglück
erlauben gestatten genehmigen zulassen
verbieten untersagen verboten unzulässig
schlüssel schlüsselübergabe
übergabe übergeben aushändigen
bezahlen entrichten begleichen zahlen
fällig zahlbar
mahnen mahnung
schlichten schlichtung vermitteln
abstimmen abstimmung beschluss
wählen wahl gewählt
vorsitz vorsitzender leitung
öffnen öffnungszeit geöffnet
enden endet ende
aushängen bekanntgeben aushang
tagt zusammentreten zusammentritt tritt
`;
