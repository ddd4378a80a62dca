<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\DepthFrom;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;
use Dinghy\Source\SourceKind;

final readonly class DepthOffsetMissing extends SonarRule
{
    /** m that a set offset may be out by: a finger's width */
    private const NEAR_ENOUGH = 0.02;

    public function text(): RuleText
    {
        return new RuleText('N10', [Level::Note], 'a screen reads depth from the transducer, and the owner wants it from the surface or the keel',
            'the keel finds the bottom first', 'computed from the plan', SourceKind::CommonPractice);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        $wanted = $figures->network->depthFrom;
        foreach ($figures->cabling->seen($figures->chains) as $screen => $seen) {
            $transducers = self::readBy($figures, $screen, $seen);
            if ($transducers === []) {
                continue;
            }
            if ($wanted === null) {
                yield new Unchecked($this->text(), 'plan', 'network.depth_from');

                return;
            }
            yield from $this->screen($solved, $figures, $screen, $transducers, $wanted);
        }
    }

    /**
     * @param  non-empty-list<Transducer>  $transducers  that it may read depth from
     * @return iterable<Finding|Unchecked>
     */
    private function screen(SolvedBoat $solved, SonarFigures $figures, string $screen, array $transducers, DepthFrom $wanted): iterable
    {
        $set = $figures->network->devices[$screen]->depthOffset;
        foreach ($transducers as $transducer) {
            $offset = $wanted->offsetOf($transducer);
            if ($offset === null) {
                yield new Unchecked($this->text(), "transducer:{$transducer->id}", $wanted->needs());

                return;
            }
            if (abs(($set ?? 0.0) - $offset) <= self::NEAR_ENOUGH) {
                return;
            }
        }
        $offset = $wanted->offsetOf($transducers[0]) ?? 0.0;
        $metres = ($offset < 0 ? '−' : '+').$solved->words->length(abs($offset));
        yield new Finding($this->text(), Level::Note, "device:{$screen}",
            "{$solved->plan->devices[$screen]->label()} is to show depth {$wanted->label()}, and ".($set === null ? 'has no offset set' : 'its offset is '.($set < 0 ? '−' : '+').$solved->words->length(abs($set))).'.',
            "Set its depth offset to {$metres}, and check it with a lead line.",
            Patch::set("device:{$screen}", ['depth_offset_m' => round($offset, 3)]),
            ['offset_m' => $offset, ...($set === null ? [] : ['set_m' => $set])]);
    }

    /**
     * @param  list<string>  $seen
     * @return list<Transducer> that a screen reads depth from: those that end at itself, be their plug still to be joined, else any that it sees
     */
    private static function readBy(SonarFigures $figures, string $screen, array $seen): array
    {
        $all = array_values(array_filter(
            array_map(static fn (string $id): Transducer => $figures->network->transducers[$id], $seen),
            static fn (Transducer $transducer): bool => in_array(SonarFunction::Depth, $figures->chains->shown($transducer), true),
        ));
        $own = array_values(array_filter(
            $figures->network->transducers,
            static fn (Transducer $transducer): bool => $transducer->device === $screen && in_array(SonarFunction::Depth, $transducer->functions, true),
        ));

        return $all === [] || $own === [] ? $all : $own;
    }
}
