import { useRef } from 'react';
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
  // The file is named for the pages that were asked for, whatever is looked at by the time they are written.
  const name = useRef('');
  const { work, start, stop } = usePacketPdf((bytes) => {
    downloadBytes(new Uint8Array(bytes), name.current, 'application/pdf');
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
          name.current = jobFileName(job, `${order.reader}.pdf`);
          start(pages, { title: job.name, paper: order.paper, date: order.date });
        }}
      >
        PDF
      </button>
    </span>
  );
}
