<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Rule;

use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Area\Day\Figure\Homecoming;
use Dinghy\Area\Day\Remedy\EarlierHome;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class TooLittleToGetHome implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B30', [Level::Stop], 'the day leaves too little charge for the phases marked as the way home, or to start the engine',
            'stuck far out', 'computed by the simulation of the day; 9.6 V while cranking is common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $day = $solved->figures(DayFigures::class)->day;
        if ($day === null) {
            return;
        }
        $home = new Homecoming($solved, $day, $solved->plan->trip ?? []);
        $clock = static fn (float $minutes): string => $solved->words->clock($solved->plan->tripStart + $minutes);
        foreach ($home->missing() as [$use, $until]) {
            $out = $use->outAt ?? 0.0;
            yield new Finding($this->text(), Level::Stop, $use->device->on(),
                "{$use->device->label()} gives out at {$clock($out)}, and the way home asks for it until {$clock($until)}.",
                'Turn home earlier, draw less, or carry more charge.', static fn (): iterable => EarlierHome::of($solved), ['minutes' => $out, 'needed_until_minutes' => $until]);
        }
        if ($home->isUntold()) {
            yield new Unchecked($this->text(), 'plan', 'boat.engine.cranking_a');
        }
        $weak = $home->weakStart();
        if ($weak !== null) {
            [$starter, $volts, $least, $minute] = $weak;
            yield new Finding($this->text(), Level::Stop, "battery:{$starter->id}",
                ucfirst("{$solved->called($starter)} would turn the engine at {$solved->words->volts($volts)} at {$clock($minute)}; it needs {$solved->words->volts($least)}."),
                'Keep what fishes off the starting battery, turn home earlier, or carry more charge in it.', static fn (): iterable => EarlierHome::of($solved), ['volts' => $volts, 'limit_v' => $least]);
        }
    }
}
