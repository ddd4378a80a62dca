<?php

declare(strict_types=1);

namespace App\WorkOrders;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Trip\Day;

/** The day strip as it is printed: phases, the charge of each bank by dashes, what gives out, and the hours; in black. */
final class DayStripPrint
{
    private const WIDTH = 1000.0;

    private const HEIGHT = 330.0;

    private const LEFT = 60.0;

    private const RIGHT = 800.0;

    private const PHASES = 40.0;

    private const TOP = 90.0;

    private const BOTTOM = 290.0;

    /** px that two names stand apart at the least */
    private const APART = 17.0;

    private const DASHES = ['', '10 5', '4 4', '14 4 3 4', '2 4'];

    /** h between two of its lines */
    private const EVERY = [0.25, 0.5, 1.0, 2.0, 4.0, 6.0, 12.0];

    /** @return string as an address that holds it all */
    public static function of(Day $day, Plan $plan, QuantityFormatter $words): string
    {
        $x = static fn (float $minute): float => self::LEFT + (self::RIGHT - self::LEFT) * $minute / max(1.0, 60 * $day->hours);
        $parts = [...self::hours($day, $plan, $words, $x), ...self::phases($plan, $words, $x), ...self::banks($day, $plan, $x)];
        $first = $day->firstOut();
        if ($first?->outAt !== null) {
            $parts[] = self::line($x($first->outAt), 12, $x($first->outAt), self::BOTTOM, 'stroke-width="3"');
            $parts[] = self::text($x($first->outAt) + 6, 18, "{$words->clock($plan->tripStart + $first->outAt)} {$first->device->label()} out", 'font-weight="bold"');
        }
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" width="'.self::WIDTH.'" height="'.self::HEIGHT.'" viewBox="0 0 '.self::WIDTH.' '.self::HEIGHT.'">'.implode('', $parts).'</svg>';

        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }

    /**
     * @param  \Closure(float): float  $x
     * @return list<string>
     */
    private static function hours(Day $day, Plan $plan, QuantityFormatter $words, \Closure $x): array
    {
        $parts = [];
        foreach ([1.0, 0.5, 0.0] as $share) {
            $y = self::height($share);
            $parts[] = self::line(self::LEFT, $y, self::RIGHT, $y, 'stroke-width="0.6"');
            $parts[] = self::text(self::LEFT - 8, $y + 5, (int) (100 * $share).' %', 'text-anchor="end"');
        }
        $every = array_values(array_filter(self::EVERY, static fn (float $hours): bool => $day->hours / $hours <= 9))[0] ?? 24.0;
        for ($at = ceil($plan->tripStart / 60 / $every) * $every * 60; $at <= $plan->tripStart + 60 * $day->hours + 0.1; $at += 60 * $every) {
            $parts[] = self::line($x($at - $plan->tripStart), self::TOP, $x($at - $plan->tripStart), self::BOTTOM, 'stroke-width="0.4"');
            $parts[] = self::text($x($at - $plan->tripStart), self::BOTTOM + 22, $words->clock($at), 'text-anchor="middle"');
        }

        return $parts;
    }

    /**
     * @param  \Closure(float): float  $x
     * @return list<string>
     */
    private static function phases(Plan $plan, QuantityFormatter $words, \Closure $x): array
    {
        [$parts, $begun] = [[], 0.0];
        foreach ($plan->trip ?? [] as $phase) {
            [$left, $right] = [$x($begun), $x($begun + 60 * $phase->hours)];
            $parts[] = sprintf('<rect x="%.1f" y="%.1f" width="%.1f" height="36" fill="%s" stroke="#000" stroke-width="1.4"/>', $left, self::PHASES, max(1.0, $right - $left), $phase->home ? '#ddd' : '#fff');
            if ($right - $left > 90) {
                $parts[] = self::text($left + 6, self::PHASES + 16, mb_substr($phase->name, 0, (int) (($right - $left) / 9)), 'font-weight="bold"');
                $parts[] = self::text($left + 6, self::PHASES + 31, $words->hours($phase->hours));
            }
            $begun += 60 * $phase->hours;
        }

        return $parts;
    }

    /**
     * @param  \Closure(float): float  $x
     * @return list<string>
     */
    private static function banks(Day $day, Plan $plan, \Closure $x): array
    {
        $parts = $ends = [];
        foreach (array_values($plan->banks) as $at => $bank) {
            foreach ($bank->batteries() as $battery) {
                $points = array_map(static fn (float $minute, float $charge): string => sprintf('%.1f,%.1f', $x($minute), self::height($charge)), $day->series->minutes, $day->series->charge[$battery->id]);
                $points[] = sprintf('%.1f,%.1f', $x(60 * $day->hours), self::height($day->batteries[$battery->id]->charge));
                $parts[] = '<polyline points="'.implode(' ', $points).'" fill="none" stroke="#000" stroke-width="2" stroke-dasharray="'.self::DASHES[$at % count(self::DASHES)].'"/>';
            }
            $ends[] = [$bank, min(array_map(static fn ($battery): float => $day->batteries[$battery->id]->charge, $bank->batteries()))];
        }
        usort($ends, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $free = 0.0;
        foreach ($ends as [$bank, $charge]) {
            $free = max(self::height($charge) + 5, $free + self::APART);
            $parts[] = self::text(self::RIGHT + 8, $free, self::named($bank).' '.round(100 * $charge).' %', 'font-weight="bold"');
        }

        return $parts;
    }

    private static function named(Bank $bank): string
    {
        return ucfirst((string) preg_replace('/^the /', '', $bank->label()));
    }

    private static function height(float $charge): float
    {
        return self::BOTTOM - (self::BOTTOM - self::TOP) * $charge;
    }

    private static function line(float $x1, float $y1, float $x2, float $y2, string $more): string
    {
        return sprintf('<line x1="%.1f" y1="%.1f" x2="%.1f" y2="%.1f" stroke="#000" %s/>', $x1, $y1, $x2, $y2, $more);
    }

    private static function text(float $x, float $y, string $words, string $more = ''): string
    {
        return sprintf('<text x="%.1f" y="%.1f" font-family="DejaVu Sans" font-size="13" %s>%s</text>', $x, $y, $more, htmlspecialchars($words, ENT_XML1));
    }
}
