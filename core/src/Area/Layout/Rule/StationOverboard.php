<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class StationOverboard implements Rule
{
    /** m beyond the outline that a transom or a bow mount may reach */
    private const OVERHANG = 0.3;

    public function text(): RuleText
    {
        return new RuleText(
            'M07',
            [Level::Note],
            "a station lies outside the hull's outline",
            'a measure may have been taken or typed wrong',
            'computed',
            SourceKind::CommonPractice,
        );
    }

    public function check(SolvedBoat $solved): iterable
    {
        $outline = $solved->plan->boat->outline();
        if ($outline === null) {
            return;
        }
        foreach ($solved->plan->boat->stations as $station) {
            if ($outline->holds($station->at(), self::OVERHANG)) {
                continue;
            }
            yield new Finding($this->text(), Level::Note, "station:{$station->id}", "{$station->label()} lies outside the hull as it is drawn.",
                'Measure again: x forward from the transom, y to port of the middle; or mend the length and beam of the boat.', null, [
                    'x_m' => $station->x,
                    'y_m' => $station->y,
                ]);
        }
    }
}
