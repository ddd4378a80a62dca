import { useEffect, useState } from 'react';

const TICK_MS = 1_000;

/** How long something has been pulled, pressed or left to set, since it was asked for. */
export function Timer() {
    const [since] = useState(() => Date.now());
    const [seconds, setSeconds] = useState(0);
    useEffect(() => {
        const timer = setInterval(() => setSeconds(Math.floor((Date.now() - since) / TICK_MS)), TICK_MS);
        return () => clearInterval(timer);
    }, [since]);
    return (
        <p role="timer" className="figure" style={{ fontSize: '2.5rem', margin: '8px 0' }}>
            {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
        </p>
    );
}
