import type { Bay } from '../api/types';
import { useWritten } from '../units/conventions';
import classes from './Shed.module.css';

const DAYS = 14;

/** The days ahead, with the boats promised on each. */
export function WeekStrip({ today, jobs }: { today: string; jobs: Bay[] }) {
    const { day } = useWritten();
    const days = Array.from({ length: DAYS }, (_, ahead) => {
        const date = new Date(`${today}T12:00:00Z`);
        date.setUTCDate(date.getUTCDate() + ahead);
        return date.toISOString().slice(0, 10);
    });
    return (
        <section aria-label="The next two weeks">
            <ol className={classes.week}>
                {days.map((date) => (
                    <li key={date}>
                        {day(date)}
                        {jobs
                            .filter((job) => job.promised_on === date)
                            .map((job) => (
                                <span key={job.id} className={classes.due}>
                                    {job.boat.name}
                                </span>
                            ))}
                    </li>
                ))}
            </ol>
        </section>
    );
}
