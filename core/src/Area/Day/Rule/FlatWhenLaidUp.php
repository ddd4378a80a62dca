<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Rule;

use Dinghy\Area\Day\Figure\LayUpFigures;
use Dinghy\File\Patch;
use Dinghy\LayUp\LayUp;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

/** B14 with what batteries lose by themselves, and what the cold takes: the drain alone would last, and does not. */
final readonly class FlatWhenLaidUp implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B14', [Level::Warn, Level::Note], 'standby draw that no switch stops, with what the batteries lose by themselves, brings the bank to its floor between trips (a decision), or over the winter (a note)',
            'the battery is flat before the next trip, and lead left flat is lost', 'computed; self-discharge by chemistry and cold is common practice', SourceKind::CommonPractice, isCloser: true);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $figures = $solved->figures(LayUpFigures::class);
        foreach ($figures->betweenTrips as $id => $layUp) {
            yield from $this->judge($solved, $layUp, Level::Warn) ?? $this->judge($solved, $figures->winter[$id], Level::Note) ?? [];
        }
    }

    /** @return list<Finding>|null null: it lasts, or would not with the switch either */
    private function judge(SolvedBoat $solved, LayUp $layUp, Level $level): ?array
    {
        $worst = $layUp->worst();
        $days = $layUp->daysToFloor();
        if ($worst === null || $days === null || $days >= $layUp->days) {
            return null;
        }
        $switch = $worst->feed === null ? "Fit a battery switch on {$layUp->bank->label()}." : "Fit a switch in {$solved->plan->called($solved->plan->feeds[$worst->feed])}.";
        $off = $layUp->daysToFloorSwitchedOff();

        return [new Finding($this->text(), $level, "bank:{$layUp->bank->id}",
            ucfirst("{$layUp->bank->label()}, full when left, is at its floor in ").QuantityFormatter::trim($days, 0)." days: {$worst->name} draws {$solved->words->amps($worst->amps)}, and the batteries lose charge by themselves.",
            $off === null ? $switch : "{$switch} Then it is ".QuantityFormatter::trim($off, 0).' days.',
            Patch::set($worst->feed === null ? "bank:{$layUp->bank->id}" : "feed:{$worst->feed}", ['switch' => true]),
            ['standby_a' => $layUp->amps(), 'days' => $days, 'layup_days' => $layUp->days])];
    }
}
