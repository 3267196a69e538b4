import { Button } from '@/ui';
import type { Session } from '../session';
import { bringDemo } from './demo';

/** What to do first. */
export function EmptyDesk({ session }: { session: Session }) {
  return (
    <div className="mx-auto flex max-w-[820px] flex-1 flex-col justify-center gap-4 px-8 pb-16">
      <h2 className="font-reading text-[30px] leading-[38px] font-semibold">
        Ask long documents. See each answer on its page.
      </h2>
      <p className="font-reading text-[17px] leading-[27px]">
        Bring in contracts, filings, regulations or reports as PDFs. Ask in plain words; the answer is made of quotes,
        and every quote is marked only after it was found on the page it is cited from. Keep what holds as a finding,
        and hand the findings on.
      </p>
      <div className="flex items-center gap-4 pt-1">
        <Button look="primary" className="px-4 py-2 text-[14px]" onClick={() => void bringDemo(session, false)}>
          Open the demo dossier
        </Button>
        <Button className="px-4 py-2 text-[14px]" onClick={() => void bringDemo(session, true)}>
          Open all 21 of its documents
        </Button>
        <span className="text-muted">
          Invented: a harbour town, its ferries and its berths. The first opens three documents. Or drop PDFs of your
          own anywhere.
        </span>
      </div>
      <p className="text-muted">
        Nothing leaves this computer unless you connect a model: documents, questions and findings are kept in this
        browser only.
      </p>
    </div>
  );
}
