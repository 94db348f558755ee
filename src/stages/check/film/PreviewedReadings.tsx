import type { GaugeUnit } from '@/exchange/gaugewords';
import type { GaugePreview } from '@/exchange/readingscsv';
import { Check } from '@/ui/Check';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Printed } from '@/ui/Printed';
import { useUnits } from '@/ui/units';
import { amount, jobFigure } from '@/words/figures';
import { plural } from '@/words/line';

const shownRows = 6;

interface Props {
  readonly preview: GaugePreview;
  readonly withCopies: boolean;
  readonly unit: GaugeUnit | undefined;
  readonly onCopies: (take: boolean) => void;
  readonly onUnit: (unit: GaugeUnit) => void;
}

/** What a gauge’s table would add, with what is doubtful about it. */
export function PreviewedReadings({ preview, withCopies, unit, onCopies, onUnit }: Props) {
  const { view } = useJob();
  const units = useUnits();
  const { job } = view;
  const { spec } = view.check;
  return (
    <>
      {preview.meant && (
        <Notice tone="care">
          In {unit} these readings lie far from the{' '}
          <Printed
            figure={jobFigure(view, 'film.wanted-least', spec.min)}
            to={jobFigure(view, 'film.wanted-most', spec.max)}
          />{' '}
          of this part. Are they {preview.meant}?{' '}
          <button
            type="button"
            className="min-h-11 font-semibold text-act underline underline-offset-4"
            onClick={() => onUnit(preview.meant as GaugeUnit)}
          >
            Use {preview.meant}
          </button>
        </Notice>
      )}
      {preview.duplicates > 0 && (
        <Check
          label={`Take the ${plural(preview.duplicates, 'copy', 'copies')} of rows too`}
          checked={withCopies}
          onChange={onCopies}
        />
      )}
      <table className="w-full text-left text-sm">
        <thead className="text-ink-soft">
          <tr className="border-b border-hairline">
            <th className="py-1 font-normal">Row</th>
            <th className="font-normal">Face</th>
            <th className="font-normal">Spot</th>
            <th className="font-normal">Film</th>
          </tr>
        </thead>
        <tbody>
          {preview.readings.slice(0, shownRows).map(({ row, faceId, spot, film, duplicate }) => (
            <tr key={row} className="border-b border-hairline">
              <td className="py-1">{row}</td>
              <td>{job.part.faces.find(({ id }) => id === faceId)?.name}</td>
              <td>{spot + 1}</td>
              <td>
                <b>
                  <Printed
                    figure={amount('film', film)}
                    {...(units.system === 'metric' ? { digits: 1 } : { digits: 2 })}
                  />
                </b>
                {duplicate ? ' copy' : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {preview.readings.length > shownRows && (
        <p className="text-sm text-ink-soft">and {preview.readings.length - shownRows} more.</p>
      )}
      {preview.problems.length > 0 && (
        <details>
          <summary className="flex min-h-11 items-center font-semibold text-care">
            ▲ {plural(preview.problems.length, 'row is', 'rows are')} left out
          </summary>
          <ul className="text-sm">
            {preview.problems.slice(0, 40).map(({ row, says }) => (
              <li key={row}>
                Row {row}: {says}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
