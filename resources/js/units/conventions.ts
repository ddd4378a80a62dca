import { createContext, use } from 'react';

/** How a shop writes money, days and times. */
export interface Conventions {
    /** ISO 4217 */
    currency: string;
    /** BCP 47; undefined: as the browser's own */
    locale: string | undefined;
    dateForm: 'locale' | 'iso';
}

export const AS_IT_COMES: Conventions = { currency: 'EUR', locale: undefined, dateForm: 'locale' };

export const ConventionsContext = createContext<Conventions>(AS_IT_COMES);

/** Writers of money and days as the shop has them. */
export function useWritten() {
    return written(use(ConventionsContext));
}

export function written({ currency, locale, dateForm }: Conventions) {
    const iso = (date: Date) => `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`;
    const day = (date: string) => {
        const at = new Date(`${date}T12:00:00`);
        return dateForm === 'iso' ? iso(at) : new Intl.DateTimeFormat(locale, { weekday: 'short', day: 'numeric', month: 'short' }).format(at);
    };
    return {
        day,
        promised: (date: string | null) => (date === null ? 'no day promised' : `promised ${day(date)}`),
        /** a day and a time */
        moment: (at: string) => {
            const date = new Date(at);
            const time = new Intl.DateTimeFormat(locale, { hour: '2-digit', minute: '2-digit' }).format(date);
            return dateForm === 'iso' ? `${iso(date)} ${time}` : new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' }).format(date);
        },
        /** an amount; whole above twenty, where the small change says nothing, and below it where there is none */
        money: (value: number | null | undefined, decimals = 2) => {
            if (value === null || value === undefined) {
                return '–';
            }
            const digits = value < 20 && !Number.isInteger(Number(value.toFixed(decimals))) ? decimals : 0;
            return new Intl.NumberFormat(locale, { style: 'currency', currency, minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value);
        },
    };
}
