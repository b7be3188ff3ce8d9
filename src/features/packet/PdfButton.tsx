import { jobFileName } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import type { PacketOrder } from '../../core/packet/packetOrder';
import type { PacketPage } from '../../core/paper/pageSchema';
import { usePacketPdf } from '../../store/packet/usePacketPdf';
import { downloadBytes } from '../../ui/files/download';
import classes from './packet.module.css';

interface PdfButtonProps {
  readonly job: Job;
  readonly order: PacketOrder;
  readonly pages: readonly PacketPage[];
}

/** The PDF of the pages that are shown: made in a worker, told page by page, stopped at will. */
export function PdfButton({ job, order, pages }: PdfButtonProps) {
  const { work, start, stop } = usePacketPdf((bytes) => {
    downloadBytes(new Uint8Array(bytes), jobFileName(job, `${order.reader}.pdf`), 'application/pdf');
  });
  return (
    <span className={classes['pdf']}>
      {work.state === 'running' && (
        <>
          <progress value={work.progress ?? 0} max={1} aria-label="Pages written" />
          <button type="button" className="act" onClick={stop}>
            Stop
          </button>
        </>
      )}
      <span role="status" className="second">
        {work.state === 'done' ? 'Written.' : work.state === 'failed' ? 'It could not be written.' : ''}
      </span>
      <button
        type="button"
        className="act"
        disabled={work.state === 'running'}
        onClick={() => {
          start(pages, { title: job.name, paper: order.paper, date: order.date });
        }}
      >
        PDF
      </button>
    </span>
  );
}
