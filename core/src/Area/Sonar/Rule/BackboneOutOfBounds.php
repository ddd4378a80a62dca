<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Network\Backbone;
use Dinghy\Network\BackboneNode;
use Dinghy\Network\Trunk;
use Dinghy\Network\TrunkCable;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class BackboneOutOfBounds extends SonarRule
{
    /** nodes */
    private const MOST_NODES = 50;

    /** m of light trunk */
    private const LONGEST_LIGHT_TRUNK = 100.0;

    /** m of one drop, and of all */
    private const LONGEST_DROP = 6.0;

    private const MOST_DROPS = 78.0;

    /** V at any node, and lost along the trunk */
    private const LEAST_VOLTS = 9.0;

    private const MOST_LOST = 1.5;

    private const NOISE = 1e-4;

    public function text(): RuleText
    {
        return new RuleText('N04', [Level::Stop, Level::Warn], 'an instrument backbone has other than two terminators or one power tap (decide: its power is parted by design), more than 50 nodes, more than 100 m of light trunk, a drop of more than 6 m, more than 78 m of drops, less than 9 V at a node or more than 1.5 V lost along its trunk',
            'talk on it is garbled, or instruments at its end go dark', 'NMEA 2000', SourceKind::FromMemory);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        foreach ($figures->trunks as $trunk) {
            yield from $this->ends($trunk->backbone);
            yield from $this->taps($trunk->backbone);
            yield from $this->sizes($solved, $trunk->backbone);
            yield from $this->volts($solved, $trunk);
        }
    }

    /** @return iterable<Finding> */
    private function ends(Backbone $backbone): iterable
    {
        $ends = $backbone->terminators;
        if (count($ends) === 2 && count(array_unique($ends)) === 2) {
            return;
        }
        $across = $backbone->ohmsAcross();
        yield new Finding($this->text(), Level::Stop, "backbone:{$backbone->id}",
            ucfirst($backbone->label()).(count($ends) === 2
                ? " has both terminators at its {$ends[0]}."
                : ' has '.count($ends).(count($ends) === 1 ? ' terminator' : ' terminators').': across the pair, without power, a meter shows '.($across === null ? 'no end to the ohms' : round($across).' Ω').' instead of 60 Ω.'),
            'Fit one terminator at each end.',
            Patch::set("backbone:{$backbone->id}", ['terminators' => ['start', 'end']]),
            ['terminators' => (float) count($ends)]);
    }

    /** @return iterable<Finding|Unchecked> */
    private function taps(Backbone $backbone): iterable
    {
        $taps = count($backbone->taps);
        $parted = $taps === 2 && $backbone->isolatedAt !== null;
        if ($taps === 1 && $backbone->isolatedAt === null) {
            return;
        }
        $volts = $backbone->taps[0]->volts ?? null;
        yield new Finding($this->text(), $parted ? Level::Warn : Level::Stop, "backbone:{$backbone->id}",
            ucfirst($backbone->label()).match (true) {
                $parted => ' has two power taps, its power parted between them.',
                $taps === 0 => ' has no power tap.',
                $taps === 1 => ' has one power tap and its power parted: behind the isolating tee there is none.',
                default => " has {$taps} power taps that feed each other.",
            },
            'Power it at one place.',
            static function () use ($backbone, $volts): iterable {
                yield new Remedy(
                    'Power it at one place.',
                    Patch::change("backbone:{$backbone->id}", ['power' => [self::tap($backbone->bestTap(), $volts)]], ['isolated_at_m']),
                );
            }, ['power_taps' => (float) $taps]);
    }

    /** @return iterable<Finding> */
    private function sizes(SolvedBoat $solved, Backbone $backbone): iterable
    {
        $on = "backbone:{$backbone->id}";
        $words = $solved->words;
        $name = ucfirst($backbone->label());
        if (count($backbone->nodes) > self::MOST_NODES) {
            yield new Finding($this->text(), Level::Stop, $on, "{$name} has ".count($backbone->nodes).' nodes; '.self::MOST_NODES.' is the most.',
                'Split it, with a bridge between.', null, ['nodes' => (float) count($backbone->nodes)]);
        }
        if ($backbone->cable === TrunkCable::Light && $backbone->length > self::LONGEST_LIGHT_TRUNK) {
            yield new Finding($this->text(), Level::Stop, $on, "{$name} has {$words->length($backbone->length)} of light trunk; {$words->length(self::LONGEST_LIGHT_TRUNK)} is the most.",
                'Lay heavy cable.', Patch::set($on, ['cable' => 'heavy']), ['trunk_m' => $backbone->length]);
        }
        foreach ($backbone->nodes as $node) {
            if ($node->drop > self::LONGEST_DROP) {
                $device = $solved->plan->devices[$node->device]->label();
                yield new Finding($this->text(), Level::Stop, $on, "The drop to {$device} is {$words->length($node->drop)} long; {$words->length(self::LONGEST_DROP)} is the most.",
                    'Lead the trunk nearer to it, and drop from there.',
                    Patch::set($on, ['nodes' => array_map(
                        static fn (BackboneNode $one): \stdClass => (object) [...(array) $one->written($backbone->cable), 'drop_m' => min($one->drop, self::LONGEST_DROP)],
                        $backbone->nodes,
                    )]), ['drop_m' => $node->drop]);
            }
        }
        if ($backbone->dropLength() > self::MOST_DROPS) {
            yield new Finding($this->text(), Level::Stop, $on, "{$name} has {$words->length($backbone->dropLength())} of drops in all; {$words->length(self::MOST_DROPS)} is the most.",
                'Lead the trunk past what hangs on it, or split it.', null, ['drops_m' => $backbone->dropLength()]);
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function volts(SolvedBoat $solved, Trunk $trunk): iterable
    {
        $backbone = $trunk->backbone;
        if ($backbone->taps === [] || $backbone->nodes === []) {
            return;
        }
        $worst = $trunk->worst();
        $least = $worst === null ? null : $trunk->at($worst);
        if ($worst === null || $least === null || $trunk->drop === null) {
            yield new Unchecked($this->text(), "backbone:{$backbone->id}", 'power');

            return;
        }
        $low = $least < self::LEAST_VOLTS - self::NOISE;
        if ($low || $trunk->drop > self::MOST_LOST + self::NOISE) {
            $device = $solved->plan->devices[$backbone->nodes[$worst]->device]->label();
            yield new Finding($this->text(), Level::Stop, "backbone:{$backbone->id}",
                $low ? ucfirst("{$device} gets {$solved->words->volts($least)} from {$backbone->label()}; it needs {$solved->words->volts(self::LEAST_VOLTS)}.")
                    : ucfirst("{$backbone->label()} loses {$solved->words->volts($trunk->drop)} along its trunk; {$solved->words->volts(self::MOST_LOST)} is the most."),
                'Power it nearer to the middle of its load, or lay heavy cable.',
                static fn (): iterable => self::stronger($solved, $backbone),
                ['volts_min' => $least, 'drop_v' => $trunk->drop]);
        }
    }

    /** @return iterable<Remedy> */
    private static function stronger(SolvedBoat $solved, Backbone $backbone): iterable
    {
        $volts = $backbone->taps[0]->volts;
        $at = $backbone->bestTap();
        $moved = Patch::change("backbone:{$backbone->id}", ['power' => [self::tap($at, $volts)]], ['isolated_at_m']);
        $heavy = Patch::set("backbone:{$backbone->id}", ['cable' => 'heavy']);
        $says = "Power it {$solved->words->length($at)} from its start.";
        yield new Remedy($says, $moved);
        yield new Remedy('Lay heavy cable.', $heavy);
        yield new Remedy("{$says} Lay heavy cable.", $moved->and($heavy));
    }

    private static function tap(float $at, ?float $volts): \stdClass
    {
        return (object) ['at_m' => $at, ...($volts === null ? [] : ['volts' => $volts])];
    }
}
