import lines from './lines.module.css';

/** Boat, lead and socket in the order of the hand: what is joined first, what last. */
export function ShorePlug() {
    return (
        <svg viewBox="0 0 300 96" width="300" height="96" role="img" aria-label="Battery leads first, mains plug last; back the other way round" style={{ display: 'block', flex: 'none' }}>
            <rect x="6" y="30" width="62" height="42" rx="3" className={lines.box} strokeWidth="2" />
            <path d="M18 30v-8h12v8M44 30v-8h12v8" className={lines.line} strokeWidth="2" />
            <path d="M68 44H110M68 58H110" className={`${lines.line} ${lines.copper}`} strokeWidth="3" />
            <rect x="110" y="32" width="64" height="38" rx="3" className={lines.ground} strokeWidth="2" />
            <path d="M174 51c14 0 14 18 30 18s14-18 26-18" className={lines.line} strokeWidth="3" />
            <path d="M230 41h14v20h-14zM244 46h9M244 56h9" className={lines.line} strokeWidth="2" />
            <circle cx="278" cy="51" r="16" className={lines.box} strokeWidth="2" />
            <path d="M272 46v10M284 46v10" className={lines.line} strokeWidth="2.5" />
            <text x="89" y="24" textAnchor="middle" className={lines.figure} fontSize="17">
                1
            </text>
            <text x="254" y="24" textAnchor="middle" className={lines.figure} fontSize="17">
                2
            </text>
            <text x="89" y="90" textAnchor="middle" className={lines.words} fontSize="13">
                leads first
            </text>
            <text x="250" y="90" textAnchor="middle" className={lines.words} fontSize="13">
                plug last
            </text>
        </svg>
    );
}
